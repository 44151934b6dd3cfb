import { Button, Modal } from 'react-bootstrap'
import { issueText } from '@/formats/words'
import { dayTime } from '@/ui'
import type { RestoreReport } from '../job'

const OUTCOMES: Readonly<Record<RestoreReport['jobs'][number]['outcome'], string>> = {
  added: 'added',
  there: 'was here already, the same',
  'newer-here': 'was here already and has gone on since: left as it is',
  'brought-forward': 'was here at an earlier revision: brought forward',
  beside: 'another job has its place by now: added beside it',
}

/** What a backup brought, job by job. */
export function RestoreDialog({ report, onHide }: { readonly report: RestoreReport; readonly onHide: () => void }) {
  return (
    <Modal show onHide={onHide} centered aria-labelledby="restored-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="restored-title">
          Restored
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p className="note">From the backup of {dayTime(report.made)}. Nothing that was here is lost.</p>
        <ul className="restored">
          {report.jobs.map((job, k) => (
            <li key={k}>
              <b>{job.name}</b> {OUTCOMES[job.outcome]}
              {job.recordsAdded > 0 && `, ${job.recordsAdded} records of the site added`}
              {job.refused.map((each, i) => (
                <div key={i} className="note">
                  Record {each.id} was not taken: {each.issues.map(issueText).join(' ')}
                </div>
              ))}
            </li>
          ))}
        </ul>
      </Modal.Body>
      <Modal.Footer>
        <Button onClick={onHide}>Done</Button>
      </Modal.Footer>
    </Modal>
  )
}
