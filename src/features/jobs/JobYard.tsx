'use client'
import { pocketAddress } from '@/formats/pocket/address'
import { ArchiveRestore, Calculator, Download, Plus, Upload } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { type Dispatch, type ReactNode, type RefObject, type SetStateAction, useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Dropdown from 'react-bootstrap/Dropdown'
import Form from 'react-bootstrap/Form'
import { checkJob } from '@/core/derive'
import { MAX_FILE_CHARS, readJobText } from '@/core/files'
import type { Issue } from '@/core/result'
import { issuePath, issueText } from '@/formats/words'
import { BurrSign, Segments } from '@/ui'
import { api, type JobSummary, type Reply, type RestoreReport, TROUBLE_WORDS } from '../job'
import { JobCard, type Settle } from './JobCard'
import { NameDialog } from './NameDialog'
import { RestoreDialog } from './RestoreDialog'
import { type Shelf, shelfOf, shownJobs, type Sort, SORTS } from './yardList'

/** The jobs on the server; while it is away, it is asked every few seconds. */
function useJobs(initial: readonly JobSummary[] | null) {
  const [jobs, setJobs] = useState<readonly JobSummary[] | null>(initial)
  useEffect(() => {
    if (jobs !== null) return
    const timeout = setInterval(
      () =>
        void api.list().then((reply) => {
          if (reply.kind === 'ok') setJobs(reply.value)
        }),
      2500,
    )
    return () => clearInterval(timeout)
  }, [jobs])
  const refresh = async () => {
    const reply = await api.list()
    if (reply.kind === 'ok') setJobs(reply.value)
  }
  return { jobs, refresh }
}

/** Why the server did not do it, in words. */
function troubleOf(reply: Exclude<Reply<unknown>, { kind: 'ok' }>, what: string) {
  switch (reply.kind) {
    case 'refused':
      return { title: `${what} was refused`, issues: reply.issues }
    case 'gone':
      return { title: 'That job is no longer there.', issues: [] }
    case 'unreadable':
      return { title: 'What is stored of that job cannot be read. Nothing was changed.', issues: reply.issues }
    case 'clash':
      return { title: 'Others are changing that job. Nothing was changed; try again in a moment.', issues: [] }
    default:
      return { title: `Nothing was changed: ${TROUBLE_WORDS[reply.kind]}. Try again in a moment.`, issues: [] }
  }
}

/** What went wrong, and where. */
function Trouble({ title, issues }: { readonly title: string; readonly issues: readonly Issue[] }) {
  return (
    <div className="caution mb-3" role="alert">
      <b>{title}</b>
      {issues.slice(0, 8).map((issue, k) => (
        <div key={k}>
          {issuePath(issue) && <code style={{ color: 'var(--ink)' }}>{issuePath(issue)}</code>} {issueText(issue)}
        </div>
      ))}
      {issues.length > 8 && <div>and {issues.length - 8} more</div>}
    </div>
  )
}

/** Who looks at the yard: their own corner of its head, and whether everything that is kept is theirs to take along. */
interface Standing {
  readonly me: ReactNode
  readonly owns: boolean
}

/** The yard's head: new jobs, jobs from files. */
function YardHead({
  file,
  setAsk,
  read,
  restore,
  restoring,
  me,
  owns,
}: Standing & {
  readonly restore: (file: File) => Promise<void>
  readonly restoring: boolean
  readonly file: RefObject<HTMLInputElement | null>
  readonly setAsk: Dispatch<
    SetStateAction<{ readonly kind: 'new' } | { readonly kind: 'rename'; readonly job: JobSummary } | null>
  >
  readonly read: (file: File | undefined) => Promise<void>
}) {
  const zip = useRef<HTMLInputElement>(null)
  return (
    <header>
      <BurrSign size={52} />
      <div>
        <h1>Burdock</h1>
        <div className="note">post-frame buildings, from the strings to the marks</div>
      </div>
      <span className="spacer" />
      <Button variant="light" href={pocketAddress('')}>
        <Calculator size={16} />
        Pocket
      </Button>
      <Button variant="light" onClick={() => file.current?.click()}>
        <Upload size={16} />
        Import a job file
      </Button>
      {owns && (
        <Dropdown align="end">
          <Dropdown.Toggle variant="light">Backup</Dropdown.Toggle>
          <Dropdown.Menu>
            <Dropdown.Item className="d-flex gap-2 align-items-center" href="/api/backup" download>
              <Download size={16} /> Take a backup of everything
            </Dropdown.Item>
            <Dropdown.Item
              className="d-flex gap-2 align-items-center"
              onClick={() => zip.current?.click()}
              disabled={restoring}
            >
              <ArchiveRestore size={16} /> {restoring ? 'Restoring' : 'Restore a backup'}
            </Dropdown.Item>
          </Dropdown.Menu>
        </Dropdown>
      )}
      {me}
      <Button
        onClick={() => {
          setAsk({ kind: 'new' })
        }}
      >
        <Plus size={17} />
        New job
      </Button>
      <input
        ref={file}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label="Job file"
        onChange={(event) => {
          void read(event.target.files?.[0])
          event.target.value = ''
        }}
      />
      <input
        ref={zip}
        type="file"
        accept=".zip,application/zip"
        hidden
        aria-label="Backup file"
        onChange={(event) => {
          const chosen = event.target.files?.[0]
          if (chosen) void restore(chosen)
          event.target.value = ''
        }}
      />
    </header>
  )
}

const SHELVES: readonly { readonly value: Shelf; readonly label: string; readonly empty: string }[] = [
  { value: 'work', label: 'At work', empty: 'No jobs yet. Make one; it takes a name.' },
  { value: 'away', label: 'Put away', empty: 'Nothing is put away.' },
  { value: 'thrown', label: 'Thrown away', empty: 'Nothing is thrown away.' },
]
const SORT_WORDS: Readonly<Record<Sort, string>> = { changed: 'last changed', made: 'newest', name: 'name' }

/** What is looked at in the yard. */
interface Looking {
  readonly shelf: Shelf
  readonly find: string
  readonly sort: Sort
}

/** Which jobs are shown, and in which order. */
function YardTools({
  jobs,
  looking,
  onLook,
}: {
  readonly jobs: readonly JobSummary[]
  readonly looking: Looking
  readonly onLook: (change: Partial<Looking>) => void
}) {
  const count = (shelf: Shelf) => jobs.filter((job) => shelfOf(job) === shelf).length
  return (
    <div className="d-flex gap-2 align-items-center flex-wrap mb-3">
      <Form.Control
        type="search"
        style={{ maxWidth: 260 }}
        aria-label="Find a job"
        placeholder="Find a job"
        value={looking.find}
        onChange={(event) => onLook({ find: event.target.value })}
      />
      <Form.Select
        style={{ maxWidth: 190 }}
        aria-label="Order of jobs"
        value={looking.sort}
        onChange={(event) => onLook({ sort: SORTS.find((sort) => sort === event.target.value) ?? 'changed' })}
      >
        {SORTS.map((sort) => (
          <option key={sort} value={sort}>
            by {SORT_WORDS[sort]}
          </option>
        ))}
      </Form.Select>
      <Segments
        label="Jobs"
        value={looking.shelf}
        choices={SHELVES.map(({ value, label }) => ({ value, label: `${label} ${count(value)}` }))}
        onChange={(shelf) => onLook({ shelf })}
      />
    </div>
  )
}

/** What went wrong, that the server is away, and that there is nothing to show. */
function YardNotes({
  said,
  away,
  empty,
}: {
  readonly said: { readonly title: string; readonly issues: readonly Issue[] } | null
  readonly away: boolean
  readonly empty: string | null
}) {
  return (
    <>
      {said && <Trouble title={said.title} issues={said.issues} />}
      {away && (
        <div className="caution" role="status">
          <b>The server is away.</b> The jobs come back with it; Burdock asks every few seconds.
        </div>
      )}
      {empty !== null && <p className="note">{empty}</p>}
    </>
  )
}

/** What a backup brought, or that it is being put in. */
function Restored({
  restored,
  onHide,
}: {
  readonly restored: RestoreReport | 'working' | null
  readonly onHide: () => void
}) {
  if (restored === null) return null
  if (restored !== 'working') return <RestoreDialog report={restored} onHide={onHide} />
  return (
    <p className="note mt-2" role="status">
      Restoring the backup
    </p>
  )
}

/** Cards shown at first, and with each asking for more. */
const CARDS = 60

/** All jobs: find, open, make, import, rename, copy, put away, throw away and bring back. */
export function JobYard({ initial, ...standing }: Standing & { readonly initial: readonly JobSummary[] | null }) {
  const router = useRouter()
  const { jobs, refresh } = useJobs(initial)
  const [looking, setLooking] = useState<Looking>({ shelf: 'work', find: '', sort: 'changed' })
  const [ask, setAsk] = useState<
    { readonly kind: 'new' } | { readonly kind: 'rename'; readonly job: JobSummary } | null
  >(null)
  const [said, setSaid] = useState<{ readonly title: string; readonly issues: readonly Issue[] } | null>(null)
  const [most, setMost] = useState(CARDS)
  const [restored, setRestored] = useState<RestoreReport | 'working' | null>(null)
  const file = useRef<HTMLInputElement>(null)

  const settle: Settle = async (reply, what) => {
    if (reply.kind === 'ok') {
      setSaid(null)
      await refresh()
      return reply.value
    }
    setSaid(troubleOf(reply, what))
    return null
  }
  const submit = async (name: string) => {
    if (!ask) return
    const reply = ask.kind === 'new' ? await api.create(name) : await api.rename(ask.job.id, name)
    const made = await settle(reply, 'The name')
    if (made) {
      setAsk(null)
      if (ask.kind === 'new') router.push(`/jobs/${made.id}?stage=site`)
    }
  }
  const read = async (file: File | undefined) => {
    if (!file) return
    if (file.size > MAX_FILE_CHARS) {
      setSaid({ title: `“${file.name}” was refused`, issues: [{ code: 'file-too-large', path: [], facts: {} }] })
      return
    }
    const parsed = readJobText(await file.text())
    const issues = parsed.ok ? checkJob(parsed.value) : parsed.issues
    if (!parsed.ok || issues.length) {
      setSaid({ title: `“${file.name}” was refused`, issues })
      return
    }
    const made = await settle(await api.import(parsed.value), `“${file.name}”`)
    if (made) router.push(`/jobs/${made.id}?stage=building`)
  }
  const restore = async (file: File) => {
    setRestored('working')
    const reply = await api.restore(file)
    setRestored(reply.kind === 'ok' ? reply.value : null)
    if (reply.kind === 'ok') await refresh()
    setSaid(reply.kind === 'ok' ? null : troubleOf(reply, `“${file.name}”`))
  }
  const shown = shownJobs(jobs ?? [], looking)
  const nothing =
    looking.find === '' ? SHELVES.find(({ value }) => value === looking.shelf)?.empty : 'No job is called so.'
  return (
    <main className="yard">
      <YardHead
        file={file}
        setAsk={setAsk}
        read={read}
        restore={restore}
        restoring={restored === 'working'}
        {...standing}
      />
      {jobs && <YardTools jobs={jobs} looking={looking} onLook={(change) => setLooking({ ...looking, ...change })} />}
      <YardNotes said={said} away={jobs === null} empty={jobs && shown.length === 0 ? (nothing ?? '') : null} />
      <div className="cards">
        {shown.slice(0, most).map((stored) => (
          <JobCard key={stored.id} stored={stored} setAsk={setAsk} settle={settle} />
        ))}
      </div>
      {shown.length > most && (
        <Button variant="light" className="mt-3" onClick={() => setMost(most + CARDS)}>
          {shown.length - most} more
        </Button>
      )}
      <Restored restored={restored} onHide={() => setRestored(null)} />
      {ask && (
        <NameDialog
          title={ask.kind === 'rename' ? 'Rename the job' : 'New job'}
          action={ask.kind === 'rename' ? 'Rename' : 'Make it'}
          name={ask.kind === 'rename' ? ask.job.name : ''}
          onName={submit}
          onHide={() => setAsk(null)}
        />
      )}
    </main>
  )
}
