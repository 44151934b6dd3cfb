'use client'
import { Archive, ArchiveRestore, Copy, Pencil, Plus, Upload } from 'lucide-react'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { type Dispatch, type RefObject, type SetStateAction, useEffect, useMemo, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { checkJob, planJob } from '@/core/derive'
import { MAX_FILE_CHARS, readJobText } from '@/core/files'
import { type Building } from '@/core/model'
import type { Issue } from '@/core/result'
import { formatLength } from '@/core/units'
import { issuePath, issueText } from '@/formats/words'
import { BurrSign, dayShort } from '@/ui'
import { api, type Reply, type StoredJob } from '../job'
import { NameDialog } from './NameDialog'

/** A small plan of a job, straight from its posts. */
function MiniPlan({ job }: { readonly job: StoredJob }) {
  const drawn = useMemo(() => {
    const result = planJob(job.doc)
    return result.ok ? result.value : null
  }, [job.doc])
  if (!drawn) return <div className="pic" />
  const leans = job.doc.building.leanTos
  const depth = (side: string) => leans.find((lean) => lean.side === side)?.depthIn ?? 0
  const [y0, y1] = [-depth('south'), drawn.grid.widthIn + depth('north')]
  const scale = Math.min(300 / drawn.grid.lengthIn, 112 / (y1 - y0))
  const ox = (340 - drawn.grid.lengthIn * scale) / 2
  const oy = 75 + ((y1 + y0) / 2) * scale
  return (
    <svg className="pic" viewBox="0 0 340 150" width="100%" aria-hidden>
      <rect
        x={ox}
        y={oy - drawn.grid.widthIn * scale}
        width={drawn.grid.lengthIn * scale}
        height={drawn.grid.widthIn * scale}
        fill="var(--sheet)"
      />
      {drawn.strings.map((stringLine) => {
        const alongY = stringLine.from.y === stringLine.to.y
        return (
          <line
            key={stringLine.id}
            x1={ox + stringLine.from.x * scale - (alongY ? 14 : 0)}
            x2={ox + stringLine.to.x * scale + (alongY ? 14 : 0)}
            y1={oy - (alongY ? stringLine.from.y : y0) * scale + (alongY ? 0 : 14)}
            y2={oy - (alongY ? stringLine.to.y : y1) * scale - (alongY ? 0 : 14)}
            stroke="var(--chalk)"
            strokeWidth={1.4}
          />
        )
      })}
      {drawn.posts.map((post) => (
        <rect
          key={post.id}
          x={ox + post.x * scale - 2.5}
          y={oy - post.y * scale - 2.5}
          width={5}
          height={5}
          fill="var(--lumber-3)"
          stroke="var(--ink)"
          strokeWidth={0.8}
        />
      ))}
    </svg>
  )
}

const AWAY = 'The server is away. Nothing was changed; try again in a moment.'

/** A job in the yard. */
function JobCard({
  stored,
  building,
  setAsk,
  settle,
}: {
  readonly stored: StoredJob
  readonly building: Building
  readonly setAsk: Dispatch<
    SetStateAction<{ readonly kind: 'new' } | { readonly kind: 'rename'; readonly job: StoredJob } | null>
  >
  readonly settle: (reply: Reply<StoredJob>, what: string) => Promise<StoredJob | null>
}) {
  return (
    <article className="jobcard">
      <Link className="open" href={`/jobs/${stored.id}`}>
        <MiniPlan job={stored} />
        <div className="txt">
          <h2>{stored.doc.name}</h2>
          <div className="note">
            {formatLength(building.widthIn)} × {formatLength(building.lengthIn)}, heel {formatLength(building.heelIn)},{' '}
            {Number(building.pitchPer12.toFixed(2))}:12
          </div>
          <div className="lab">
            revision {stored.revision}, {dayShort(stored.updatedAt)}
          </div>
        </div>
      </Link>
      <div className="acts">
        <button
          type="button"
          className="icb"
          aria-label={`Rename ${stored.doc.name}`}
          title="Rename"
          onClick={() => {
            setAsk({ kind: 'rename', job: stored })
          }}
        >
          <Pencil size={16} />
        </button>
        <button
          type="button"
          className="icb"
          aria-label={`Copy ${stored.doc.name}`}
          title="Copy"
          onClick={() => void api.duplicate(stored.id).then((reply) => settle(reply, 'The copy'))}
        >
          <Copy size={16} />
        </button>
        <button
          type="button"
          className="icb"
          aria-label={`${stored.archived ? 'Take out' : 'Put away'} ${stored.doc.name}`}
          title={stored.archived ? 'Take out again' : 'Put away'}
          onClick={() => void api.archive(stored.id, !stored.archived).then((reply) => settle(reply, 'That'))}
        >
          {stored.archived ? <ArchiveRestore size={16} /> : <Archive size={16} />}
        </button>
      </div>
    </article>
  )
}

/** The jobs on the server; while it is away, it is asked every few seconds. */
function useJobs(initial: readonly StoredJob[] | null) {
  const [jobs, setJobs] = useState<readonly StoredJob[] | null>(initial)
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
function troubleOf(reply: Exclude<Reply<StoredJob>, { kind: 'ok' }>, what: string) {
  switch (reply.kind) {
    case 'refused':
      return { title: `${what} was refused`, issues: reply.issues }
    case 'gone':
      return { title: 'That job is no longer there.', issues: [] }
    default:
      return { title: AWAY, issues: [] }
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

/** The yard's head: new jobs, jobs from files. */
function YardHead({
  file,
  setAsk,
  read,
}: {
  readonly file: RefObject<HTMLInputElement | null>
  readonly setAsk: Dispatch<
    SetStateAction<{ readonly kind: 'new' } | { readonly kind: 'rename'; readonly job: StoredJob } | null>
  >
  readonly read: (file: File | undefined) => Promise<void>
}) {
  return (
    <header>
      <BurrSign size={52} />
      <div>
        <h1>Burdock</h1>
        <div className="note">post-frame buildings, from the strings to the marks</div>
      </div>
      <span className="spacer" />
      <Button variant="light" onClick={() => file.current?.click()}>
        <Upload size={16} />
        Import a job file
      </Button>
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
    </header>
  )
}

/** What went wrong, that the server is away, and jobs that are put away. */
function YardNotes({
  said,
  jobs,
  many,
  archived,
  setArchived,
  shown,
}: {
  readonly said: { readonly title: string; readonly issues: readonly Issue[] } | null
  readonly jobs: readonly StoredJob[] | null
  readonly many: number
  readonly archived: boolean
  readonly setArchived: Dispatch<SetStateAction<boolean>>
  readonly shown: StoredJob[]
}) {
  return (
    <>
      {said && <Trouble title={said.title} issues={said.issues} />}
      {jobs === null && (
        <div className="caution" role="status">
          <b>The server is away.</b> The jobs come back with it; Burdock asks every few seconds.
        </div>
      )}
      {(many > 0 || archived) && (
        <p>
          <button type="button" className="btn btn-light btn-sm" onClick={() => setArchived(!archived)}>
            {archived ? 'Jobs at work' : `Put away: ${many}`}
          </button>
        </p>
      )}
      {jobs !== null && shown.length === 0 && (
        <p className="note">{archived ? 'Nothing is put away.' : 'No jobs yet. Make one; it takes a name.'}</p>
      )}
    </>
  )
}

/** All jobs: open, make, import, rename, copy, put away. */
export function JobYard({ initial }: { readonly initial: readonly StoredJob[] | null }) {
  const router = useRouter()
  const { jobs, refresh } = useJobs(initial)
  const [archived, setArchived] = useState(false)
  const [ask, setAsk] = useState<
    { readonly kind: 'new' } | { readonly kind: 'rename'; readonly job: StoredJob } | null
  >(null)
  const [said, setSaid] = useState<{ readonly title: string; readonly issues: readonly Issue[] } | null>(null)
  const file = useRef<HTMLInputElement>(null)

  const settle = async (reply: Reply<StoredJob>, what: string): Promise<StoredJob | null> => {
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
  const shown = jobs?.filter((job) => job.archived === archived) ?? []
  const many = jobs?.filter((job) => job.archived).length ?? 0
  return (
    <main className="yard">
      <YardHead file={file} setAsk={setAsk} read={read} />
      <YardNotes said={said} jobs={jobs} many={many} archived={archived} setArchived={setArchived} shown={shown} />
      <div className="cards">
        {shown.map((stored) => {
          const building = stored.doc.building
          return (
            <JobCard
              key={stored.id}
              stored={stored}
              building={building}

              setAsk={setAsk}
              settle={settle}
            />
          )
        })}
      </div>
      {ask && (
        <NameDialog
          title={ask.kind === 'rename' ? 'Rename the job' : 'New job'}
          action={ask.kind === 'rename' ? 'Rename' : 'Make it'}
          name={ask.kind === 'rename' ? ask.job.doc.name : ''}
          onName={submit}
          onHide={() => setAsk(null)}
        />
      )}
    </main>
  )
}
