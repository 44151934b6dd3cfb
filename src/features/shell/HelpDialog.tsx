'use client'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import Tab from 'react-bootstrap/Tab'
import Tabs from 'react-bootstrap/Tabs'
import { GLOSSARY } from '@/formats/words'

const KEYS: readonly (readonly [string, string])[] = [
  ['1 … 8', 'stages from the ground up'],
  ['9', 'what holds'],
  ['0', 'crew book'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['← →', 'tape: mark to mark'],
  ['↑ ↓ in a length', 'a sixteenth; with Shift an inch'],
  ['Arrows on a post or door', 'an inch; with Shift a sixteenth'],
  ['Drag with Alt', 'no snap'],
  ['Esc in a field', 'back to the model’s value'],
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

/** What the keys do, and what the words mean. */
export function HelpDialog({ show, onHide }: { readonly show: boolean; readonly onHide: () => void }) {
  return (
    <Modal show={show} onHide={onHide} size="lg" centered scrollable aria-labelledby="help-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="help-title">
          Help
        </Modal.Title>
      </Modal.Header>
      <Modal.Body style={{ minHeight: 420 }}>
        <Tabs defaultActiveKey="keys" className="mb-2">
          <Tab eventKey="keys" title="Keys">
            <HelpTable rows={KEYS} name="Keys" />
          </Tab>
          <Tab eventKey="terms" title="Terms">
            <Terms />
          </Tab>
        </Tabs>
      </Modal.Body>
    </Modal>
  )
}
