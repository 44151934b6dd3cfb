'use client'
import { fails } from '@/core/rules/check'
import { FT3_PER_YD3 } from '@/core/units'
import { kindName } from '@/formats/words/checks'
import { HOLE_WASTE } from '@/core/quantities'
import { LengthField, Measure, OptionalLengthField, Quantity } from '@/ui'
import { CheckRow, sortChecks, useDoc, useJob } from '../job'

type LengthKey = 'minimumDepthIn' | 'padThicknessIn' | 'gravelIn'

/** A length of the building that holes go by. */
function HoleLength({
  at,
  label,
  edit: name,
  feet,
  hint,
}: {
  readonly at: LengthKey
  readonly label: string
  readonly edit: string
  readonly feet?: boolean
  readonly hint?: string
}) {
  const { job, edit, done } = useDoc()
  return (
    <LengthField
      label={label}
      name={at}
      feet={feet}
      value={job.building[at]}
      onChange={(value, gesture) =>
        edit(name, (job) => ({ ...job, building: { ...job.building, [at]: value } }), `${at}-${gesture}`)
      }
      onDone={done}
      hint={hint}
    />
  )
}

/** What sizes holes: their width, depth, pad and gravel. */
function HoleFields() {
  const { job, edit, done } = useDoc()
  const { building } = job
  return (
    <>
      <OptionalLengthField
        label="Hole and pad across"
        name="holeDiameterIn"
        feet={false}
        empty="chosen"
        value={building.holeDiameterIn}
        onChange={(holeDiameterIn, gesture) =>
          edit('hole diameter', (job) => ({ ...job, building: { ...job.building, holeDiameterIn } }), `dia-${gesture}`)
        }
        onDone={done}
        hint={
          building.holeDiameterIn === null
            ? 'Chosen from stock sizes; type one to fix it for all.'
            : 'The same for all; clear it to let Burdock choose.'
        }
      />
      <HoleLength at="minimumDepthIn" label="Least depth" edit="least depth" />
      {building.school !== 'pier' && (
        <HoleLength at="padThicknessIn" label="Pad thickness" edit="pad thickness" feet={false} />
      )}
      <HoleLength
        at="gravelIn"
        label="Gravel under it"
        edit="gravel"
        feet={false}
        hint={
          building.gravelIn > 0
            ? 'Dug besides the depth and tamped; it counts for nothing in bearing or frost.'
            : undefined
        }
      />
    </>
  )
}

/** Concrete, gravel and backfill for all holes. */
function ConcreteTable() {
  const { takeoff } = useDoc().derived
  return (
    <table className="tb">
      <tbody>
        <tr>
          <td>Volume, {HOLE_WASTE * 100}% over-dig</td>
          <td className="n">
            <Quantity value={takeoff.concreteYd3} kind="yd3" />
          </td>
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
            <td className="n">
              <Quantity value={takeoff.gravelYd3} kind="yd3" />
            </td>
          </tr>
        )}
        <tr>
          <td>Backfill</td>
          <td className="n">
            <Quantity value={takeoff.backfillFt3 / FT3_PER_YD3} kind="yd3" decimals={1} />
          </td>
        </tr>
      </tbody>
    </table>
  )
}

/** What sizes the picked kind of hole, its checks, and the concrete for all. */
export function HolesSide() {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked.post)
  const post = derived.posts.find((post) => post.id === picked) ?? derived.posts[0]
  const hole = derived.holes.find((hole) => hole.kind === post.kind)
  const checks = sortChecks(
    derived.checks.filter(({ stage, key }) => stage === 'holes' && (key.place === post.kind || key.member === 'site')),
  )
  const least = job.building.holeDiameterIn === null && checks.every((check) => !fails(check))
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
        . {derived.site === null && 'Not sized: the site is not complete.'}
        {derived.site !== null && least && 'The least concrete that holds.'}
      </p>
      <HoleFields />
      <div className="rule" />
      <h2 className="mb-1">What holds</h2>
      {checks.map((check) => (
        <CheckRow key={check.id} check={check} />
      ))}
      <div className="rule" />
      <h2 className="mb-1">Concrete, all holes</h2>
      <ConcreteTable />
      <p className="note mt-1">Dry-set bags are no pad or collar: only mixed concrete counts.</p>
    </>
  )
}
