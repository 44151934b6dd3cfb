'use client'
import { useContext, useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Modal from 'react-bootstrap/Modal'
import { checkJob } from '@/core/derive'
import { type ClashChoice, settleClash } from '@/core/model'
import { issueText } from '@/formats/words'
import { api, dropDraft, JobContext, type Edit, type StoredJob } from '../job'
import { dayTime } from '@/ui'

const shown = (value: unknown) => {
  const text = typeof value === 'string' ? value : JSON.stringify(value)
  if (text === undefined) return '–'
  if (text.length > 46) return `${text.slice(0, 44)}…`
  return text
}

export function HistoryDialog({
  id,
  show,
  onHide,
}: {
  readonly id: string
  readonly show: boolean
  readonly onHide: () => void
}) {
  const [edits, setEdits] = useState<readonly Edit[] | 'away' | null>(null)
  useEffect(() => {
    if (show) void api.history(id).then((reply) => setEdits(reply.kind === 'ok' ? reply.value : 'away'))
  }, [id, show])
  return (
    <Modal show={show} onHide={onHide} size="lg" centered scrollable aria-labelledby="history-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="history-title">
          History of edits
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        {edits === null && <p className="note">Asking the server.</p>}
        {edits === 'away' && <p className="note">The server is away. The history comes back with it.</p>}
        {Array.isArray(edits) && (
          <table className="tb">
            <thead>
              <tr>
                <th>rev.</th>
                <th>when</th>
                <th>who</th>
                <th>what</th>
                <th>values</th>
              </tr>
            </thead>
            <tbody>
              {edits.map((edit: Edit) => (
                <tr key={edit.revision}>
                  <td>{edit.revision}</td>
                  <td>{dayTime(edit.at)}</td>
                  <td>{edit.who}</td>
                  <td>{edit.label}</td>
                  <td style={{ whiteSpace: 'normal' }}>
                    {edit.changes.slice(0, 3).map((change) => (
                      <div key={change.path} className="note">
                        {change.path}: {shown(change.before)} → {shown(change.after)}
                      </div>
                    ))}
                    {edit.changes.length > 3 && <div className="note">and {edit.changes.length - 3} more</div>}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Modal.Body>
    </Modal>
  )
}

/** Two windows changed one job: nothing is written until someone chooses, and nothing is dropped. */
export function ClashDialog({ current, onClose }: { readonly current: StoredJob; readonly onClose: () => void }) {
  const store = useContext(JobContext)
  const [said, setSaid] = useState('')
  if (!store) return null
  const state = store.getState()
  const mine = state.history.present
  const { doc: both, conflicts } = settleClash({ base: state.base, mine, theirs: current.doc }, 'keep both')
  const problems = checkJob(both)
  const settle = (choice: ClashChoice) => {
    state.settle(current, choice)
    onClose()
  }
  const copy = async () => {
    const reply = await api.import({ ...mine, name: `${mine.name} (my changes)`.slice(0, 120) })
    if (reply.kind !== 'ok') {
      setSaid('The server did not take the copy; your changes are still here.')
      return
    }
    settle('take theirs')
    await dropDraft(state.id)
  }
  return (
    <Modal show onHide={onClose} centered aria-labelledby="clash-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="clash-title">
          This job was changed elsewhere
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>
          Revision {current.revision} was saved in another window while you worked from {state.revision}. Your changes
          are kept in this browser until you choose.
        </p>
        {conflicts.length > 0 && (
          <>
            <p className="note mb-1">Both changed these; keeping both keeps yours:</p>
            <ul className="note">
              {conflicts.slice(0, 6).map((conflict) => (
                <li key={conflict.path.join('.')}>
                  {conflict.path.join('.')}: yours {shown(conflict.mine)}, theirs {shown(conflict.theirs)}
                </li>
              ))}
            </ul>
          </>
        )}
        {problems.length > 0 && <div className="caution">The two do not fit together: {issueText(problems[0])}</div>}
        {said && (
          <div className="caution" role="alert">
            {said}
          </div>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="light" onClick={() => void copy()}>
          Save mine as a copy
        </Button>
        <Button variant="light" onClick={() => settle('take theirs')}>
          Take theirs
        </Button>
        <Button disabled={problems.length > 0} onClick={() => settle('keep both')}>
          Keep both
        </Button>
      </Modal.Footer>
    </Modal>
  )
}
