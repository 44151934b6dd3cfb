'use client'
import { useState } from 'react'
import { DIG_CAUTION, KIND } from '@/formats/words'
import { formatLength } from '@/core/units'
import { Measure, Segments } from '@/ui'
import { PlanView } from '../drawing'
import { useDoc, useJob } from '../job'
import { Concrete } from './Concrete'
import { HoleLog } from './HoleLog'
import { HoleSection } from './HoleSection'

const VIEWS = [
  { value: 'schedule', label: 'Schedule' },
  { value: 'plan', label: 'Plan' },
  { value: 'log', label: 'Log' },
  { value: 'concrete', label: 'Concrete' },
] as const

/** Hole schedule beside a section through the picked post's hole; the plan of holes; the log as dug; the concrete to order. */
export function HolesMain() {
  const { job, derived: d } = useDoc()
  const picked = useJob((s) => s.picked)
  const pick = useJob((s) => s.pick)
  const [view, setView] = useState<(typeof VIEWS)[number]['value']>('schedule')
  const post = d.posts.find((p) => p.id === picked.post) ?? d.posts[0]
  const hole = d.holes.find((h) => h.kind === post.kind)
  const b = job.building
  const inch = (v: number) => formatLength(v, { feet: false })
  const inHole = [
    b.school === 'pier' ? 'A pier of concrete' : `A pad ${inch(b.padThicknessIn)} thick`,
    ...(b.school === 'collar' ? [`a collar ${inch(b.collarHeightIn)} high on it`] : []),
    ...(b.cleat ? [`cleats ${inch(b.cleat.widthIn)} × ${inch(b.cleat.lengthIn)} on the foot`] : []),
    ...(b.gravelIn > 0 ? [`${inch(b.gravelIn)} of gravel under it`] : []),
  ].join(', ')
  return (
    <>
      <div className="wh">
        <h2>Holes</h2>
        <p>one size for each kind of post</p>
        <span className="spacer" />
        <Segments label="View" value={view} choices={VIEWS} onChange={setView} />
      </div>
      {view === 'plan' ? (
        <PlanView layers={{ holes: true }} editable={false} />
      ) : view === 'log' ? (
        <HoleLog />
      ) : view === 'concrete' ? (
        <Concrete />
      ) : (
        <>
          <div className="scroll" style={{ left: 18, top: 46, bottom: 12, width: 'min(52%, 440px)' }}>
            <p className="note mb-1">{inHole}. Depths are from the string at the grade line.</p>
            <table className="tb">
              <thead>
                <tr>
                  <th>post</th>
                  <th>kind</th>
                  <th className="n">across</th>
                  <th className="n">from string</th>
                  {d.ground && <th className="n">from ground</th>}
                  {b.school !== 'pier' && <th className="n">foot at</th>}
                </tr>
              </thead>
              <tbody>
                {d.schedule.map((r) => (
                  <tr key={r.id} className={r.id === post.id ? 'sel' : 'pick'} onClick={() => pick({ post: r.id })}>
                    <td>
                      <button type="button" className="id" aria-pressed={r.id === post.id}>
                        {r.id}
                      </button>
                    </td>
                    <td>{KIND[r.kind]}</td>
                    <td className="n">
                      <Measure inches={r.holeDiameterIn} feet={false} />
                    </td>
                    <td className="n">
                      <Measure inches={r.holeIn} />
                    </td>
                    {d.ground && (
                      <td className="n" style={{ fontWeight: 500 }}>
                        <Measure inches={r.holeIn + (d.ground[r.id]?.groundIn ?? 0)} />
                      </td>
                    )}
                    {b.school !== 'pier' && (
                      <td className="n" style={{ fontWeight: 500 }}>
                        <Measure inches={r.embedIn} />
                      </td>
                    )}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <div className="position-absolute" style={{ left: 'min(56%, 486px)', right: 10, top: 46, bottom: 58 }}>
            {hole && <HoleSection post={post} hole={hole} />}
          </div>
          <div className="caution position-absolute" style={{ left: 'min(56%, 486px)', right: 14, bottom: 4 }}>
            {DIG_CAUTION}
          </div>
        </>
      )}
    </>
  )
}
