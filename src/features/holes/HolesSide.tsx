'use client'
import { FT3_PER_YD3 } from '@/core/units'
import { kindName } from '@/formats/words/checks'
import { HOLE_WASTE } from '@/core/quantities'
import { LengthField, Measure, OptionalLengthField } from '@/ui'
import { CheckRow, sortChecks, useDoc, useJob } from '../job'

/** What sizes the picked kind of hole, its checks, and the concrete for all. */
export function HolesSide() {
  const { job, derived, edit, done } = useDoc()
  const picked = useJob((state) => state.picked.post)
  const post = derived.posts.find((post) => post.id === picked) ?? derived.posts[0]
  const hole = derived.holes.find((hole) => hole.kind === post.kind)
  const building = job.building
  const checks = sortChecks(
    derived.checks.filter(({ stage, key }) => stage === 'holes' && (key.place === post.kind || key.member === 'site')),
  )
  const takeoff = derived.takeoff
  const sizedWords = () => {
    if (derived.site === null) return 'Not sized: the site is not complete.'
    if (building.holeDiameterIn === null && checks.every((check) => check.state !== 'fails'))
      return 'The least concrete that holds.'
    return ''
  }
  return (
    <>
      <h2>{kindName(post.kind)}</h2>
      <p className="note mt-1 mb-2">
        {hole?.postIds.length} holes, <Measure inches={hole?.diameterIn ?? 0} feet={false} /> across,{' '}
        <Measure inches={hole?.depthIn ?? 0} /> deep to the bottom of the concrete
        {hole && hole.gravelIn > 0 && (
          <>
            , <Measure inches={hole.digIn} /> dug
          </>
        )}
        . {sizedWords()}
      </p>
      <OptionalLengthField
        label="Hole and pad across"
        name="holeDiameterIn"
        feet={false}
        empty="chosen"
        value={building.holeDiameterIn}
        onChange={(value, gesture) =>
          edit(
            'hole diameter',
            (job) => ({ ...job, building: { ...job.building, holeDiameterIn: value } }),
            `dia-${gesture}`,
          )
        }
        onDone={done}
        hint={
          building.holeDiameterIn === null
            ? 'Chosen from stock sizes; type one to fix it for all.'
            : 'The same for all; clear it to let Burdock choose.'
        }
      />
      <LengthField
        label="Least depth"
        name="minimumDepthIn"
        value={building.minimumDepthIn}
        onChange={(value, gesture) =>
          edit(
            'least depth',
            (job) => ({ ...job, building: { ...job.building, minimumDepthIn: value } }),
            `min-${gesture}`,
          )
        }
        onDone={done}
      />
      {building.school !== 'pier' && (
        <LengthField
          label="Pad thickness"
          name="padThicknessIn"
          feet={false}
          value={building.padThicknessIn}
          onChange={(value, gesture) =>
            edit(
              'pad thickness',
              (job) => ({ ...job, building: { ...job.building, padThicknessIn: value } }),
              `pad-${gesture}`,
            )
          }
          onDone={done}
        />
      )}
      <LengthField
        label="Gravel under it"
        name="gravelIn"
        feet={false}
        value={building.gravelIn}
        onChange={(value, gesture) =>
          edit('gravel', (job) => ({ ...job, building: { ...job.building, gravelIn: value } }), `gravel-${gesture}`)
        }
        onDone={done}
        hint={
          building.gravelIn > 0
            ? 'Dug besides the depth and tamped; it counts for nothing in bearing or frost.'
            : undefined
        }
      />
      <div className="rule" />
      <h2 className="mb-1">What holds</h2>
      {checks.map((check) => (
        <CheckRow key={check.id} check={check} />
      ))}
      <div className="rule" />
      <h2 className="mb-1">Concrete, all holes</h2>
      <table className="tb">
        <tbody>
          <tr>
            <td>Volume, {HOLE_WASTE * 100}% over-dig</td>
            <td className="n">{takeoff.concreteYd3.toFixed(2)} yd³</td>
          </tr>
          <tr>
            <td>80 lb bags</td>
            <td className="n">{takeoff.bags[80]}</td>
          </tr>
          <tr>
            <td>60 lb bags</td>
            <td className="n">{takeoff.bags[60]}</td>
          </tr>
          {takeoff.gravelYd3 > 0 && (
            <tr>
              <td>Gravel, loose</td>
              <td className="n">{takeoff.gravelYd3.toFixed(2)} yd³</td>
            </tr>
          )}
          <tr>
            <td>Backfill</td>
            <td className="n">{(takeoff.backfillFt3 / FT3_PER_YD3).toFixed(1)} yd³</td>
          </tr>
        </tbody>
      </table>
      <p className="note mt-1">Dry-set bags are no pad or collar: only mixed concrete counts.</p>
    </>
  )
}
