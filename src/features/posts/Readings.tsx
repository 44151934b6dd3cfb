'use client'
import { Flag } from 'lucide-react'
import { useState } from 'react'
import { FailSign, HoldSign, LengthField, Measure, OptionalLengthField, Segments, dayTime } from '@/ui'
import { useLog, useMeasured } from '../field'
import { suspicionSaid } from '@/formats/words'
import { type JobState, useDoc, useJob } from '../job'
import { StoryPole } from './StoryPole'
import type { FieldRecord, Levels, OfficeReadings, RecordBody } from '@/core/field'
import type { RodLog } from '@/core/marks'
import type { Post } from '@/core/layout'
import type { Job } from '@/core/model'

/** The benchmark of the office's readings. */
function BenchmarkField({
  office,
  job,
  edit,
  done,
}: {
  readonly office: OfficeReadings
  readonly job: Job
  readonly edit: JobState['edit']
  readonly done: () => void
}) {
  return (
    <div className="f" style={{ margin: 0 }}>
      <label style={{ fontSize: 13 }}>
        {office.state === 'tied'
          ? `${office.count} typed here; their rod on the benchmark`
          : `${office.count} typed here are not used: what did the rod read on the benchmark?`}
      </label>
      <OptionalLengthField
        bare
        label="benchmark"
        ariaLabel="benchmark reading of the readings typed here"
        name="officeBenchmark"
        feet={false}
        empty="not read"
        value={job.levels.benchmarkIn}
        onChange={(value, gesture) =>
          edit(
            'office benchmark',
            (job) => ({ ...job, levels: { ...job.levels, benchmarkIn: value } }),
            `office-bm-${gesture}`,
          )
        }
        onDone={done}
      />
    </div>
  )
}

/** The grade line that the readings give. */
function GradeSummary({
  rods,
  job,
  edit,
  done,
  locked,
  add,
}: {
  readonly rods: RodLog
  readonly job: Job
  readonly edit: JobState['edit']
  readonly done: () => void
  readonly locked: number | null
  readonly add: (body: RecordBody, at?: string) => FieldRecord
}) {
  const { names } = useDoc().derived
  return (
    <>
      <div>
        <div className="lab" style={{ color: 'var(--ink-2)' }}>
          high point {names[rods.benchmarkPost ?? '']}
        </div>
        <b style={{ fontSize: 23 }}>
          <Measure inches={rods.benchmarkReadingIn ?? 0} feet={false} stacked />
        </b>
      </div>
      <span style={{ fontSize: 22 }}>−</span>
      <div style={{ width: 92 }}>
        <div className="lab" style={{ color: 'var(--ink-2)' }}>
          cover
        </div>
        <div className="f" style={{ display: 'block', margin: 0 }}>
          <LengthField
            bare
            label="cover"
            ariaLabel="grade line above the high point"
            name="coverIn"
            feet={false}
            value={job.levels.coverIn}
            onChange={(value, gesture) =>
              edit('cover', (job) => ({ ...job, levels: { ...job.levels, coverIn: value } }), `cover-${gesture}`)
            }
            onDone={done}
          />
        </div>
      </div>
      <span style={{ fontSize: 22 }}>=</span>
      <div>
        <div className="lab" style={{ color: 'var(--ink-2)' }}>
          grade line<span className="only-wide"> reads</span>
        </div>
        <b style={{ fontSize: 23 }}>
          <Measure inches={rods.gradeReadingIn ?? 0} feet={false} stacked />
        </b>
      </div>
      <button
        type="button"
        className="btn btn-light btn-sm"
        aria-pressed={locked !== null}
        onClick={() => add({ kind: 'grade', gradeReadingIn: locked === null ? rods.gradeReadingIn : null })}
      >
        {locked === null ? 'Lock' : 'Unlock'}
      </button>
    </>
  )
}

/** The grade line that the readings give, and its cover. */
function GradeBar({
  rods,
  job,
  edit,
  done,
  locked,
  add,
}: {
  readonly rods: RodLog
  readonly job: Job
  readonly edit: JobState['edit']
  readonly done: () => void
  readonly locked: number | null
  readonly add: (body: RecordBody, at?: string) => FieldRecord
}) {
  return (
    <div
      className="position-absolute"
      style={{
        left: 18,
        top: 44,
        width: 'min(50%, 396px)',
        background: 'var(--grade-wash)',
        border: '1.5px solid var(--grade)',
        borderRadius: 4,
        padding: '7px 10px',
        whiteSpace: 'nowrap',
        display: 'flex',
        alignItems: 'center',
        justifyContent: 'space-between',
        minHeight: 62,
      }}
    >
      {rods.benchmarkPost === null ? (
        <span className="note" style={{ whiteSpace: 'normal' }}>
          No reading yet. Read the rod at each hole bottom, bracket or stake with one laser set-up; type it as 53 3/8.
        </span>
      ) : (
        <GradeSummary rods={rods} job={job} edit={edit} done={done} locked={locked} add={add} />
      )}
    </div>
  )
}

type Offset = RodLog['offsets'][string]
type Suspect = RodLog['suspects'][string]

/** What a post's reading says: not read, the high point, to be read again, or to mark. */
function ReadingState({
  offset,
  suspect,
  high,
  on,
}: {
  readonly offset: Offset | undefined
  readonly suspect: Suspect | undefined
  readonly high: boolean
  readonly on: boolean
}) {
  if (suspect)
    return (
      <b style={{ color: on ? '#fff' : 'var(--keel-ink)' }}>
        <span className="d-inline-block me-1">
          <FailSign size={12} />
        </span>
        {suspect.kind === 'disputed' ? 'read a third time' : 'read again'}
      </b>
    )
  if (!offset) return 'not read'
  if (high)
    return (
      <>
        <Flag size={13} className="me-1" />
        high point
      </>
    )
  return (
    <>
      <span className="d-inline-block me-1">
        <HoldSign size={12} />
      </span>
      to mark
    </>
  )
}

/** Who read a post and when. */
function readBy(reading: Levels['current'][string] | undefined): string {
  return reading ? `read ${dayTime(reading.at)} by ${reading.who || reading.device}` : 'typed here'
}

function rowClass(suspect: Suspect | undefined, high: boolean, on: boolean): string {
  if (on) return 'sel'
  if (suspect) return 'warn'
  return high ? 'high' : 'pick'
}

/** Sets or clears an office reading. */
function withReading(job: Job, postId: string, inches: number | null): Job {
  const { [postId]: _before, ...others } = job.levels.readingsIn
  const readingsIn = inches === null ? others : { ...job.levels.readingsIn, [postId]: inches }
  return { ...job, levels: { ...job.levels, readingsIn } }
}

/** One post's reading, how far it is up to the grade line, and what to do with it. */
function ReadingRow({ post, rods, on }: { readonly post: Post; readonly rods: RodLog; readonly on: boolean }) {
  const { job, derived, edit, done } = useDoc()
  const pick = useJob((state) => state.pick)
  const phoned = useLog((log) => log.levels.current[post.id] ?? log.levels.disputes.feet[post.id]?.first)
  const offset = rods.offsets[post.id] as Offset | undefined
  const suspect = rods.suspects[post.id] as Suspect | undefined
  const doubt = suspect && suspicionSaid(post.id, suspect, derived.names)
  const high = post.id === rods.benchmarkPost
  return (
    <tr className={rowClass(suspect, high, on)} onClick={() => pick({ post: post.id, wall: post.side })}>
      <td>
        <button type="button" className="id" aria-pressed={on}>
          {post.name}
        </button>
      </td>
      <td className="n" style={{ whiteSpace: 'normal', color: 'var(--ink)' }}>
        {phoned ? (
          <span title="Read by phone. Take it back under Set-ups to type another.">
            <Measure inches={suspect?.readingIn ?? offset?.readingIn ?? 0} feet={false} />
          </span>
        ) : (
          <OptionalLengthField
            bare
            label={post.name}
            ariaLabel={`rod reading at ${post.name}`}
            name={`rod-${post.name}`}
            feet={false}
            value={job.levels.readingsIn[post.id] ?? null}
            onChange={(value, gesture) =>
              edit(`reading at ${post.name}`, (job) => withReading(job, post.id, value), `rod-${post.id}-${gesture}`)
            }
            onDone={done}
          />
        )}
      </td>
      <td className="n" style={{ fontWeight: 700, fontSize: 15 }}>
        {offset ? <Measure inches={offset.upToGradeIn} feet={false} /> : ''}
      </td>
      <td
        className="lab"
        style={{ color: 'inherit' }}
        title={doubt ? `${doubt.title}. ${doubt.say} ${doubt.until}` : readBy(phoned)}
      >
        <ReadingState offset={offset} suspect={suspect} high={high} on={on} />
      </td>
    </tr>
  )
}

/** All posts with their readings. */
const ReadingTable = ({ rods, picked }: { readonly rods: RodLog; readonly picked: string | null }) => (
  <table className="tb" aria-label="Rod readings">
    <thead>
      <tr>
        <th>post</th>
        <th className="n">reading</th>
        <th className="n">up to grade line</th>
        <th>mark</th>
      </tr>
    </thead>
    <tbody>
      {useDoc().derived.posts.map((post) => (
        <ReadingRow key={post.id} post={post} rods={rods} on={post.id === picked} />
      ))}
    </tbody>
  </table>
)

/** The story pole of the picked post, of its wall, or of the building. */
function Poles({ postId }: { readonly postId: string }) {
  const { derived } = useDoc()
  const [of, setOf] = useState<'post' | 'wall' | 'building'>('post')
  const post = derived.posts.find((post) => post.id === postId)
  const side = post && post.kind !== 'lean-to' ? post.side : null
  const poleOf = () => {
    if (of === 'building') return 'building'
    return of === 'wall' && side ? `wall-${side}` : postId
  }
  return (
    <>
      <div className="position-absolute" style={{ left: 'min(54%, 434px)', top: 44 }}>
        <Segments
          label="Pole of"
          value={of}
          choices={[
            { value: 'post', label: 'This post' },
            { value: 'wall', label: side ? derived.wallNames[side] : 'Its wall' },
            { value: 'building', label: 'Building' },
          ]}
          onChange={setOf}
        />
      </div>
      <div className="position-absolute" style={{ left: 'min(54%, 434px)', right: 8, top: 80, bottom: 4 }}>
        <StoryPole of={poleOf()} />
      </div>
    </>
  )
}

/** Rod readings to the left, the picked post's story pole to the right. */
export function Readings() {
  const { job, derived, edit, done } = useDoc()
  const picked = useJob((state) => state.picked.post)
  const { rods, office } = useMeasured(job, derived)
  const add = useLog((log) => log.add)
  const locked = useLog((log) => log.state.gradeLockedIn)
  const postId = derived.posts.find((post) => post.id === picked)?.id ?? derived.posts[0].id
  const asksBenchmark = office.state !== 'alone' && office.count > 0
  const column = { left: 18, width: 'min(50%, 396px)' }
  return (
    <>
      <GradeBar rods={rods} job={job} edit={edit} done={done} locked={locked} add={add} />
      {asksBenchmark && (
        <div className="position-absolute note" style={{ ...column, top: 110 }}>
          <BenchmarkField office={office} job={job} edit={edit} done={done} />
        </div>
      )}
      <div className="scroll" style={{ ...column, top: asksBenchmark ? 150 : 114, bottom: 8 }}>
        <ReadingTable rods={rods} picked={postId} />
      </div>
      <Poles postId={postId} />
    </>
  )
}
