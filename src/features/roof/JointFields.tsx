'use client'
import { fixed } from '@/core/units'
import type { JSX } from 'react/jsx-runtime'
import type { ShownDerived } from '@/formats/shown'
import type { Building } from '@/core/model'
import { ChoiceField, LengthField, NumberField, OptionalNumberField, ToggleField } from '@/ui'
import { type PutPart, useDoc, usePart } from '../job'
import { BOLTS, nails } from './Fields'

/** All joints with what they take. */
function JointTable({ derived }: { readonly derived: ShownDerived }) {
  return (
    <table className="tb">
      <thead>
        <tr>
          <th>joint</th>
          <th>with</th>
          <th className="n">each</th>
          <th className="n">in all</th>
        </tr>
      </thead>
      <tbody>
        {derived.takeoff.joints.map((joint) => (
          <tr key={joint.joint}>
            <td style={{ whiteSpace: 'normal' }}>{joint.joint}</td>
            <td style={{ whiteSpace: 'normal' }}>{joint.fastener}</td>
            <td className="n">{joint.each}</td>
            <td className="n">{fixed(joint.total)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** How the plies are nailed together. */
function LaminationFields({
  lamination,
  put,
  done,
  building,
}: {
  readonly lamination: Building['joints']['lamination']
  readonly put: PutPart<Building['joints']>
  readonly done: () => void
  readonly building: Building
}) {
  return (
    <section className="grp" aria-label="Lamination">
      <h3>Laminating the posts</h3>
      <ChoiceField
        wide
        label="Nail"
        value={lamination.nail}
        choices={nails}
        onChange={(value) => put('lamination', 'lamination nail')({ ...lamination, nail: value })}
      />
      <NumberField
        label="Rows"
        whole
        value={lamination.rows}
        onChange={(value, gesture) => put('lamination', 'nail rows')({ ...lamination, rows: value }, gesture)}
        onDone={done}
      />
      <LengthField
        label="Spacing"
        feet={false}
        value={lamination.spacingIn}
        onChange={(value, gesture) => put('lamination', 'nail spacing')({ ...lamination, spacingIn: value }, gesture)}
        onDone={done}
      />
      <LengthField
        label="Row to edge"
        feet={false}
        value={lamination.edgeIn}
        onChange={(value, gesture) => put('lamination', 'nail edge')({ ...lamination, edgeIn: value }, gesture)}
        onDone={done}
      />
      <LengthField
        label="First from the end"
        feet={false}
        value={lamination.endIn}
        onChange={(value, gesture) => put('lamination', 'nail end')({ ...lamination, endIn: value }, gesture)}
        onDone={done}
      />
      <ToggleField
        label="Each nail passes every ply"
        value={lamination.through}
        onChange={(value) => put('lamination', 'through nails')({ ...lamination, through: value })}
      />
      {building.post.ep559 && (
        <OptionalNumberField
          label="EP559 interlayer shear"
          unit="plf"
          value={lamination.interfacePlf}
          placeholder="from EP559"
          onChange={(value, gesture) =>
            put('lamination', 'interlayer shear')({ ...lamination, interfacePlf: value }, gesture)
          }
          onDone={done}
        />
      )}
    </section>
  )
}

/** Nails and bolts of the joints. */
function NailFields({
  j,
  put,
  nail,
  bolt,
  done,
  skin,
  putSkin,
}: {
  readonly j: Building['joints']
  readonly put: PutPart<Building['joints']>
  readonly nail: (key: 'girt' | 'purlin', name: string) => JSX.Element
  readonly bolt: (key: 'truss' | 'carrier' | 'ledger' | 'collar', name: string) => JSX.Element
  readonly done: () => void
  readonly skin: Building['skin']
  readonly putSkin: PutPart<Building['skin']>
}) {
  return (
    <section className="grp" aria-label="Nails and bolts">
      <ToggleField
        label="Posts are wet when nailed"
        hint="Fresh treated wood dries: nails keep a quarter of their pull."
        value={j.wetPosts}
        onChange={(value) => put('wetPosts', 'wet posts')(value)}
      />
      <ToggleField
        label="Ring-shank nails are hardened"
        hint="As their box says: hardened ones keep all of their pull in wet wood."
        value={j.hardenedRing}
        onChange={(value) => put('hardenedRing', 'hardened nails')(value)}
      />
      {nail('girt', 'Girt nails')}
      {nail('purlin', 'Purlin nails')}
      {bolt('truss', 'Truss bolts')}
      {bolt('carrier', 'Carrier bolts')}
      {bolt('ledger', 'Lean-to bolts')}
      {bolt('collar', 'Collar bars')}
      <OptionalNumberField
        label="Truss tie"
        name="trussTieLb"
        unit="lb"
        value={j.trussTieLb}
        placeholder="none: bolts"
        onChange={put('trussTieLb', 'truss tie')}
        onDone={done}
      />
      <OptionalNumberField
        label="Rafter tie"
        unit="lb"
        value={j.rafterTieLb}
        placeholder="rating"
        onChange={put('rafterTieLb', 'rafter tie')}
        onDone={done}
      />
      <OptionalNumberField
        label="Purlin tie or hanger"
        unit="lb"
        value={j.purlinTieLb}
        placeholder="none"
        onChange={put('purlinTieLb', 'purlin tie')}
        onDone={done}
      />
      <OptionalNumberField
        label="Sheet over a screw"
        unit="lb"
        value={skin.pullOverLb}
        placeholder="maker’s"
        onChange={putSkin('pullOverLb', 'pull-over')}
        onDone={done}
      />
      <OptionalNumberField
        label="Open roof cladding CN"
        value={skin.openRoofCn}
        placeholder="from standard"
        onChange={putSkin('openRoofCn', 'open roof CN')}
        onDone={done}
      />
    </section>
  )
}

/**
 * What fixes what: nails, bolts, ties, screws and the nails that laminate the posts; and the joint list with counts.
 */
export function JointFields() {
  const { job, derived, done } = useDoc()
  const building = job.building
  const [j, put] = usePart('joints')
  const [skin, putSkin] = usePart('skin')
  const nail = (key: 'girt' | 'purlin', name: string) => (
    <>
      <ChoiceField
        wide
        label={name}
        value={j[key].nail}
        choices={nails}
        onChange={(value) => put(key, name)({ ...j[key], nail: value })}
      />
      <NumberField
        label="Nails at each"
        whole
        value={j[key].count}
        onChange={(value, gesture) => put(key, name)({ ...j[key], count: value }, gesture)}
        onDone={done}
      />
    </>
  )
  const bolt = (key: 'truss' | 'carrier' | 'ledger' | 'collar', name: string) => (
    <div className="f">
      <span className="lab2">{name}</span>
      <span className="d-flex gap-1">
        <ChoiceField
          bare
          label={name}
          ariaLabel={`${name} bolt`}
          value={String(j[key].diameterIn) as '0.5'}
          choices={BOLTS as unknown as { value: '0.5'; label: string }[]}
          onChange={(value) => put(key, name)({ ...j[key], diameterIn: Number(value) as 0.5 })}
        />
        <span style={{ width: 46 }}>
          <NumberField
            bare
            label={name}
            ariaLabel={`${name}, count`}
            whole
            value={j[key].count}
            onChange={(value, gesture) => put(key, name)({ ...j[key], count: value }, gesture)}
            onDone={done}
          />
        </span>
      </span>
    </div>
  )
  const lamination = j.lamination
  return (
    <>
      <NailFields j={j} put={put} nail={nail} bolt={bolt} done={done} skin={skin} putSkin={putSkin} />
      <LaminationFields lamination={lamination} put={put} done={done} building={building} />
      <h3 className="mb-1">Joint list</h3>
      <JointTable derived={derived} />
    </>
  )
}
