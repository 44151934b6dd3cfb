'use client'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import Tab from 'react-bootstrap/Tab'
import Tabs from 'react-bootstrap/Tabs'
import { tapeMarks } from '@/core/units'
import { pocketAddress } from '@/formats/pocket/address'
import { GLOSSARY, STAGE_HELP } from '@/formats/words'
import { useUnits } from '@/ui'
import { STAGE_NAMES, useJob } from '../job'

const an = (word: string): string => (word.startsWith('i') ? `an ${word}` : `a ${word}`)
/** What the keys do, by the tape that steps are taken on. */
const keysFor = ({ small, big }: ReturnType<typeof tapeMarks>): readonly (readonly [string, string])[] => [
  ['1 … 8', 'stages from the ground up'],
  ['9', 'what holds'],
  ['0', 'crew book'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['← →', 'tape: mark to mark'],
  ['↑ ↓ in a length', `${an(small)}; with Shift ${an(big)}`],
  ['Arrows on a post or door', `${an(big)}; with Shift ${an(small)}`],
  ['Drag with Alt', 'no snap'],
  ['Enter or Tab in a field', 'takes what was typed'],
  ['Esc in a field', 'gives up what was typed'],
  ['← → on a tab', 'the next tab'],
  ['Delete', 'takes the picked opening out'],
  ['?', 'this sheet'],
]

/** Two columns: what is asked about, and what it is. */
function HelpTable({ rows, name }: { readonly rows: readonly (readonly [string, string])[]; readonly name: string }) {
  return (
    <table className="tb" aria-label={name}>
      <tbody>
        {rows.map(([what, says]) => (
          <tr key={what}>
            <td style={{ fontWeight: 650, width: 210, verticalAlign: 'top' }}>{what}</td>
            <td style={{ whiteSpace: 'normal' }}>{says}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** The words of the trade as the program uses them, one sentence each. */
function Terms() {
  const [find, setFind] = useState('')
  const wanted = find.trim().toLowerCase()
  const begins = GLOSSARY.filter(({ term }) => term.toLowerCase().startsWith(wanted))
  const holds = GLOSSARY.filter(
    (each) => !begins.includes(each) && `${each.term} ${each.says}`.toLowerCase().includes(wanted),
  )
  const rows = [...begins, ...holds].map(({ term, says }) => [term, says] as const)
  return (
    <>
      <Form.Control
        className="mb-2"
        type="search"
        aria-label="Find a term"
        placeholder="Find a term"
        value={find}
        onChange={(event) => setFind(event.target.value)}
      />
      {rows.length > 0 ? (
        <HelpTable rows={rows} name="Terms" />
      ) : (
        <p className="note" role="status">
          No term has “{find.trim()}” in it.
        </p>
      )}
    </>
  )
}

/** What to do at the stage at hand, and its words. */
function ThisStage() {
  const stage = useJob((state) => state.stage)
  const { steps, terms } = STAGE_HELP[stage]
  const rows = GLOSSARY.filter(({ term }) => terms.includes(term)).map(({ term, says }) => [term, says] as const)
  return (
    <>
      <ol className="ps-3">
        {steps.map((step) => (
          <li key={step} className="mb-1">
            {step}
          </li>
        ))}
      </ol>
      <HelpTable rows={rows} name={`Words of ${STAGE_NAMES[stage]}`} />
    </>
  )
}

/** What to do next, what the keys do, and what the words mean. */
export function HelpDialog({ show, onHide }: { readonly show: boolean; readonly onHide: () => void }) {
  const stage = useJob((state) => state.stage)
  const units = useUnits()
  return (
    <Modal show={show} onHide={onHide} size="lg" centered scrollable aria-labelledby="help-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="help-title">
          Help
        </Modal.Title>
      </Modal.Header>
      <Modal.Body style={{ minHeight: 420 }}>
        <Tabs defaultActiveKey="stage" className="mb-2">
          <Tab eventKey="stage" title={STAGE_NAMES[stage]}>
            <ThisStage />
          </Tab>
          <Tab eventKey="keys" title="Keys">
            <HelpTable rows={keysFor(tapeMarks(units))} name="Keys" />
          </Tab>
          <Tab eventKey="terms" title="Terms">
            <Terms />
          </Tab>
        </Tabs>
        <p className="note mt-3 mb-0">
          Something with no job behind it, a gate or a stair? Every figure by itself is in{' '}
          <a href={pocketAddress('')}>the pocket</a>.
        </p>
      </Modal.Body>
    </Modal>
  )
}
