'use client'
import { Flag } from 'lucide-react'
import { useState } from 'react'
import { FailSign, HoldSign, LengthField, Measure, OptionalLengthField, Segments } from '@/ui'
import { useLog, useMeasured } from '../field'
import { type JobState, useDoc, useJob } from '../job'
import { StoryPole } from './StoryPole'
import type { OfficeReadings, RecordBody, FieldRecord } from '@/core/field'
import type { RodLog } from '@/core/marks'
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
  return (
    <>
      <div>
        <div className="lab" style={{ color: 'var(--ink-2)' }}>
          high point {rods.benchmarkPost}
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

/** Rod readings to the left, the picked post's story pole to the right. */
export function Readings() {
  const { job, derived, edit, done } = useDoc()
  const picked = useJob((state) => state.picked.post)
  const pick = useJob((state) => state.pick)
  const id = derived.posts.some((post) => post.id === picked) ? picked : derived.posts[0].id
  const { rods, office } = useMeasured(job, derived)
  const levels = useLog((log) => log.levels)
  const add = useLog((log) => log.add)
  const [poleFor, setPoleFor] = useState<'post' | 'wall' | 'building'>('post')
  const post = derived.posts.find((post) => post.id === id)
  const side = post && post.kind !== 'lean-to' ? post.side : null
  const locked = useLog((log) => log.state.gradeLockedIn)
  const put = (post: string) => (value: number | null, gesture: string) =>
    edit(
      `reading at ${post}`,
      (job) => {
        const readingsIn = { ...job.levels.readingsIn }
        if (value === null) delete readingsIn[post]
        else readingsIn[post] = value
        return { ...job, levels: { ...job.levels, readingsIn } }
      },
      `rod-${post}-${gesture}`,
    )
  const poleChoice = () => {
    if (poleFor === 'building') return 'building'
    if (poleFor === 'wall' && side) return `wall-${side}`
    return id ?? ''
  }
  return (
    <>
      <GradeBar rods={rods} job={job} edit={edit} done={done} locked={locked} add={add} />
      {office.state !== 'alone' && office.count > 0 && (
        <div className="position-absolute note" style={{ left: 18, top: 110, width: 'min(50%, 396px)' }}>
          <BenchmarkField office={office} job={job} edit={edit} done={done} />
        </div>
      )}
      <div
        className="scroll"
        style={{
          left: 18,
          top: office.state !== 'alone' && office.count > 0 ? 150 : 114,
          bottom: 8,
          width: 'min(50%, 396px)',
        }}
      >
        <table className="tb">
          <thead>
            <tr>
              <th>post</th>
              <th className="n">reading</th>
              <th className="n">up to grade line</th>
              <th>mark</th>
            </tr>
          </thead>
          <tbody>
            {derived.posts.map((post) => {
              const offset = rods.offsets[post.id]
              const stateWords = () => {
                if (!offset) return 'not read'
                if (post.id === rods.benchmarkPost)
                  return (
                    <>
                      <Flag size={13} className="me-1" />
                      high point
                    </>
                  )
                if (offset.suspect)
                  return (
                    <b style={{ color: post.id === id ? '#fff' : 'var(--keel-ink)' }}>
                      <span className="d-inline-block me-1">
                        <FailSign size={12} />
                      </span>
                      {offset.off === 'plan' ? 'off the plan' : 'read again'}
                    </b>
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
              const readBy = () => {
                if (offset?.off === 'plan')
                  return `${Math.round(Math.abs(offset.offPlanIn ?? 0))} in. from where the plan has it: read it again`
                if (levels.current[post.id])
                  return (
                    `read ${new Date(levels.current[post.id].at).toLocaleString('en-US')} by ` +
                    `${levels.current[post.id].who || levels.current[post.id].device}`
                  )
                return 'typed here'
              }
              const rowClass = () => {
                if (post.id === id) return 'sel'
                if (offset?.suspect) return 'warn'
                if (post.id === rods.benchmarkPost) return 'high'
                return 'pick'
              }
              return (
                <tr key={post.id} className={rowClass()} onClick={() => pick({ post: post.id, wall: post.side })}>
                  <td>
                    <button type="button" className="id" aria-pressed={post.id === id}>
                      {post.id}
                    </button>
                  </td>
                  <td className="n" style={{ whiteSpace: 'normal', color: 'var(--ink)' }}>
                    {levels.current[post.id] ? (
                      <span title="Read by phone. Take it back under Set-ups to type another.">
                        <Measure inches={offset?.readingIn ?? 0} feet={false} />
                      </span>
                    ) : (
                      <OptionalLengthField
                        bare
                        label={post.id}
                        ariaLabel={`rod reading at ${post.id}`}
                        name={`rod-${post.id}`}
                        feet={false}
                        value={job.levels.readingsIn[post.id] ?? null}
                        onChange={put(post.id)}
                        onDone={done}
                      />
                    )}
                  </td>
                  <td className="n" style={{ fontWeight: 700, fontSize: 15 }}>
                    {offset ? <Measure inches={offset.upToGradeIn} feet={false} /> : ''}
                  </td>
                  <td className="lab" style={{ color: 'inherit' }} title={readBy()}>
                    {stateWords()}
                  </td>
                </tr>
              )
            })}
          </tbody>
        </table>
      </div>
      <div className="position-absolute" style={{ left: 'min(54%, 434px)', top: 44 }}>
        <Segments
          label="Pole of"
          value={poleFor}
          choices={[
            { value: 'post', label: 'This post' },
            { value: 'wall', label: side ? derived.wallNames[side] : 'Its wall' },
            { value: 'building', label: 'Building' },
          ]}
          onChange={setPoleFor}
        />
      </div>
      <div className="position-absolute" style={{ left: 'min(54%, 434px)', right: 8, top: 80, bottom: 4 }}>
        <StoryPole of={poleChoice()} />
      </div>
    </>
  )
}
