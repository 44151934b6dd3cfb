'use client'
import { useContext, useEffect, useMemo, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Modal from 'react-bootstrap/Modal'
import { checkJob } from '@/core/derive'
import { type ClashChoice, type Conflict, type Job, settleClash } from '@/core/model'
import { cutText, type Issue } from '@/core/result'
import { changesInWords, issueText } from '@/formats/words'
import { api, dropDraft, JobContext, useJob, type Edit, type StoredJob } from '../job'
import { dayTime } from '@/ui'

/** A place where two windows changed one value differently, in words. */
function conflictWords({ path, mine, theirs }: Conflict, job: Job): string {
  const [words] = changesInWords([{ path: path.join('.'), before: mine, after: theirs }], job)
  return words
    ? `${words.what}: yours ${words.before}, theirs ${words.after}`
    : 'the same place, in ways that read alike'
}

/** What an edit changed, as people read it; three values at most. */
function EditValues({ edit }: { readonly edit: Edit }) {
  const job = useJob((state) => state.history.present)
  const words = useMemo(() => changesInWords(edit.changes, job), [edit, job])
  return (
    <>
      {words.slice(0, 3).map(({ what, before, after }, i) => (
        <div key={i} className="note">
          {what}: {before} → {after}
        </div>
      ))}
      {words.length > 3 && <div className="note">and {words.length - 3} more</div>}
    </>
  )
}

/** Every revision with what it changed, newest first; any of them can be brought back, as an edit like any other. */
function Edits({ edits, onDone }: { readonly edits: readonly Edit[]; readonly onDone: () => void }) {
  const id = useJob((state) => state.id)
  const edit = useJob((state) => state.edit)
  const [said, setSaid] = useState<readonly string[]>([])
  const restore = async (revision: number) => {
    const reply = await api.revision(id, revision)
    if (reply.kind === 'refused') return setSaid(reply.issues.map(issueText))
    if (reply.kind !== 'ok') return setSaid(['The server is away. Nothing was changed.'])
    const issues = edit(`back to revision ${revision}`, () => reply.value)
    // A change that touches recorded posts is asked about in its own dialog.
    if (issues.every(({ code }) => code === 'recorded-post')) onDone()
    else setSaid(issues.map(issueText))
  }
  return (
    <>
      {said.length > 0 && (
        <div className="caution mb-2" role="alert">
          {said.slice(0, 4).map((text) => (
            <div key={text}>{text}</div>
          ))}
        </div>
      )}
      <table className="tb" aria-label="Edits">
        <thead>
          <tr>
            <th>rev.</th>
            <th>when</th>
            <th>who</th>
            <th>what</th>
            <th>values</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {edits.map((each, i) => (
            <tr key={each.revision}>
              <td>{each.revision}</td>
              <td>{dayTime(each.at)}</td>
              <td>{each.who}</td>
              <td>{each.label}</td>
              <td style={{ whiteSpace: 'normal' }}>
                <EditValues edit={each} />
              </td>
              <td>
                {i > 0 && (
                  <button
                    type="button"
                    className="btn btn-light btn-sm"
                    aria-label={`Bring revision ${each.revision} back`}
                    onClick={() => void restore(each.revision)}
                  >
                    Bring back
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  )
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
        {edits !== null && edits !== 'away' && <Edits edits={edits} onDone={onHide} />}
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
    const reply = await api.import({ ...mine, name: cutText(`${mine.name} (my changes)`, 120) })
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
                <li key={conflict.path.join('.')}>{conflictWords(conflict, mine)}</li>
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

/** Why the server did not take the last edits, and what to do: they are kept here meanwhile. */
export function RefusedDialog({
  issues,
  onClose,
}: {
  readonly issues: readonly Issue[]
  readonly onClose: () => void
}) {
  return (
    <Modal show onHide={onClose} aria-labelledby="refused-title">
      <Modal.Header closeButton closeLabel="Close">
        <h2 id="refused-title">Not saved</h2>
      </Modal.Header>
      <Modal.Body>
        <p>The server refused the last edits. They are kept in this browser.</p>
        <ul>
          {issues.map((issue, i) => (
            <li key={i}>{issueText(issue)}</li>
          ))}
        </ul>
        <p className="mb-0">Change what the reasons name, or undo it: the next edit is sent at once.</p>
      </Modal.Body>
    </Modal>
  )
}
