'use client'
import { Flag } from 'lucide-react'
import { useState } from 'react'
import { FailSign, HoldSign, LengthField, Measure, OptionalLengthField, Segments } from '@/ui'
import { useLog, useMeasured } from '../field'
import { useDoc, useJob } from '../job'
import { StoryPole } from './StoryPole'

/** Rod readings to the left, the picked post's story pole to the right. */
export function Readings() {
  const { job, derived: d, edit, done } = useDoc()
  const picked = useJob((s) => s.picked.post)
  const pick = useJob((s) => s.pick)
  const id = d.posts.some((p) => p.id === picked) ? picked : d.posts[0].id
  const { rods: r, office } = useMeasured(job, d)
  const levels = useLog((s) => s.levels)
  const add = useLog((s) => s.add)
  const [poleFor, setPoleFor] = useState<'post' | 'wall' | 'building'>('post')
  const post = d.posts.find((p) => p.id === id)
  const side = post && post.kind !== 'lean-to' ? post.side : null
  const locked = useLog((s) => s.state.gradeLockedIn)
  const put = (post: string) => (v: number | null, g: string) =>
    edit(
      `reading at ${post}`,
      (j) => {
        const readingsIn = { ...j.levels.readingsIn }
        if (v === null) delete readingsIn[post]
        else readingsIn[post] = v
        return { ...j, levels: { ...j.levels, readingsIn } }
      },
      `rod-${post}-${g}`,
    )
  return (
    <>
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
        {r.benchmarkPost === null ? (
          <span className="note" style={{ whiteSpace: 'normal' }}>
            No reading yet. Read the rod at each hole bottom, bracket or stake with one laser set-up; type it as 53 3/8.
          </span>
        ) : (
          <>
            <div>
              <div className="lab" style={{ color: 'var(--ink-2)' }}>
                high point {r.benchmarkPost}
              </div>
              <b style={{ fontSize: 23 }}>
                <Measure inches={r.benchmarkReadingIn ?? 0} feet={false} stacked />
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
                  onChange={(v, g) =>
                    edit('cover', (j) => ({ ...j, levels: { ...j.levels, coverIn: v } }), `cover-${g}`)
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
                <Measure inches={r.gradeReadingIn ?? 0} feet={false} stacked />
              </b>
            </div>
            <button
              type="button"
              className="btn btn-light btn-sm"
              aria-pressed={locked !== null}
              onClick={() => add({ kind: 'grade', gradeReadingIn: locked === null ? r.gradeReadingIn : null })}
            >
              {locked === null ? 'Lock' : 'Unlock'}
            </button>
          </>
        )}
      </div>
      {office.state !== 'alone' && office.count > 0 && (
        <div className="position-absolute note" style={{ left: 18, top: 110, width: 'min(50%, 396px)' }}>
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
              onChange={(v, g) =>
                edit('office benchmark', (j) => ({ ...j, levels: { ...j.levels, benchmarkIn: v } }), `office-bm-${g}`)
              }
              onDone={done}
            />
          </div>
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
            {d.posts.map((p) => {
              const m = r.offsets[p.id]
              return (
                <tr
                  key={p.id}
                  className={p.id === id ? 'sel' : m?.suspect ? 'warn' : p.id === r.benchmarkPost ? 'high' : 'pick'}
                  onClick={() => pick({ post: p.id, wall: p.side })}
                >
                  <td>
                    <button type="button" className="id" aria-pressed={p.id === id}>
                      {p.id}
                    </button>
                  </td>
                  <td className="n" style={{ whiteSpace: 'normal', color: 'var(--ink)' }}>
                    {levels.current[p.id] ? (
                      <span title="Read by phone. Take it back under Set-ups to type another.">
                        <Measure inches={m?.readingIn ?? 0} feet={false} />
                      </span>
                    ) : (
                      <OptionalLengthField
                        bare
                        label={p.id}
                        ariaLabel={`rod reading at ${p.id}`}
                        name={`rod-${p.id}`}
                        feet={false}
                        value={job.levels.readingsIn[p.id] ?? null}
                        onChange={put(p.id)}
                        onDone={done}
                      />
                    )}
                  </td>
                  <td className="n" style={{ fontWeight: 700, fontSize: 15 }}>
                    {m ? <Measure inches={m.upToGradeIn} feet={false} /> : ''}
                  </td>
                  <td
                    className="lab"
                    style={{ color: 'inherit' }}
                    title={
                      m?.off === 'plan'
                        ? `${Math.round(Math.abs(m.offPlanIn ?? 0))} in. from where the plan has it: read it again`
                        : levels.current[p.id]
                          ? `read ${new Date(levels.current[p.id].at).toLocaleString('en-US')} by ${levels.current[p.id].who || levels.current[p.id].device}`
                          : 'typed here'
                    }
                  >
                    {!m ? (
                      'not read'
                    ) : p.id === r.benchmarkPost ? (
                      <>
                        <Flag size={13} className="me-1" />
                        high point
                      </>
                    ) : m.suspect ? (
                      <b style={{ color: p.id === id ? '#fff' : 'var(--keel-ink)' }}>
                        <span className="d-inline-block me-1">
                          <FailSign size={12} />
                        </span>
                        {m.off === 'plan' ? 'off the plan' : 'read again'}
                      </b>
                    ) : (
                      <>
                        <span className="d-inline-block me-1">
                          <HoldSign size={12} />
                        </span>
                        to mark
                      </>
                    )}
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
            { value: 'wall', label: side ? d.wallNames[side] : 'Its wall' },
            { value: 'building', label: 'Building' },
          ]}
          onChange={setPoleFor}
        />
      </div>
      <div className="position-absolute" style={{ left: 'min(54%, 434px)', right: 8, top: 80, bottom: 4 }}>
        <StoryPole
          of={poleFor === 'building' ? 'building' : poleFor === 'wall' && side ? `wall-${side}` : (id ?? '')}
        />
      </div>
    </>
  )
}
