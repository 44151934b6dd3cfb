'use client'
import { DIG_CAUTION, KIND } from '@/formats/words'
import { Measure, Segments, useWriter } from '@/ui'
import { PlanView } from '../drawing'
import { useDoc, useJob, useView } from '../job'
import { Concrete } from './Concrete'
import { HoleLog } from './HoleLog'
import { HoleSection } from './HoleSection'

const VIEWS = [
  { value: 'schedule', label: 'Schedule' },
  { value: 'plan', label: 'Plan' },
  { value: 'log', label: 'Log' },
  { value: 'concrete', label: 'Concrete' },
] as const

/**
 * Hole schedule beside a section through the picked post's hole; the plan of holes; the log as dug; the concrete to
 * order.
 */
export function HolesMain() {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked)
  const pick = useJob((state) => state.pick)
  const [view, setView] = useView('holes', 'view', ['schedule', 'plan', 'log', 'concrete'])
  const post = derived.posts.find((post) => post.id === picked.post) ?? derived.posts[0]
  const hole = derived.holes.find((hole) => hole.kind === post.kind)
  const building = job.building
  const { length } = useWriter()
  const inch = (value: number) => length(value, false)
  const inHole = [
    building.school === 'pier' ? 'A pier of concrete' : `A pad ${inch(building.padThicknessIn)} thick`,
    ...(building.school === 'collar' ? [`a collar ${inch(building.collarHeightIn)} high on it`] : []),
    ...(building.cleat
      ? [`cleats ${inch(building.cleat.widthIn)} × ${inch(building.cleat.lengthIn)} on the foot`]
      : []),
    ...(building.gravelIn > 0 ? [`${inch(building.gravelIn)} of gravel under it`] : []),
  ].join(', ')
  return (
    <>
      <div className="wh">
        <h2>Holes</h2>
        <p>one size for each kind of post</p>
        <span className="spacer" />
        <Segments label="View" value={view} choices={VIEWS} onChange={setView} />
      </div>
      {view === 'plan' && <PlanView layers={{ holes: true }} editable={false} />}
      {view === 'log' && <HoleLog />}
      {view === 'concrete' && <Concrete />}
      {view === 'schedule' && (
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
                  {derived.ground && <th className="n">from ground</th>}
                  {building.school !== 'pier' && <th className="n">foot at</th>}
                </tr>
              </thead>
              <tbody>
                {derived.schedule.map((row) => (
                  <tr
                    key={row.id}
                    className={row.id === post.id ? 'sel' : 'pick'}
                    onClick={() => pick({ post: row.id })}
                  >
                    <td>
                      <button type="button" className="id" aria-pressed={row.id === post.id}>
                        {row.name}
                      </button>
                    </td>
                    <td>{KIND[row.kind]}</td>
                    <td className="n">
                      <Measure inches={row.holeDiameterIn} feet={false} />
                    </td>
                    <td className="n">
                      <Measure inches={row.holeIn} />
                    </td>
                    {derived.ground && (
                      <td className="n" style={{ fontWeight: 500 }}>
                        <Measure inches={row.holeIn + (derived.ground[row.id]?.groundIn ?? 0)} />
                      </td>
                    )}
                    {building.school !== 'pier' && (
                      <td className="n" style={{ fontWeight: 500 }}>
                        <Measure inches={row.embedIn} />
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
