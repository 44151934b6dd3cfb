'use client'
import { NAILS } from '@/core/joints'
import {
  BOARD_SIZES,
  BUILT_UP_SIDES,
  CEILINGS,
  PURLIN_RUNS,
  PURLIN_STYLES,
  TRUSS_SEATS,
  TRUSS_SETS,
  type BoardName,
  type Building,
  type LeanTo,
} from '@/core/model'
import { LUMBERS } from '@/core/model'
import { birdsMouth, type ShownDerived } from '@/core/derive'
import { boardSize } from '@/core/wood'
import { CEILING, PURLIN_RUN, PURLIN_STYLE, TRUSS_SEAT, TRUSS_SET } from '@/formats/words'
import { ChoiceField, LengthField, Measure, NumberField, OptionalLengthField, ToggleField } from '@/ui'
import { type PutPart, useDoc, usePart, useSubPart } from '../job'
import type { Issue } from '@/core/result'
import type { JSX } from 'react/jsx-runtime'
import type { BirdsMouth } from '../../core/derive/rafters'

export const boards = BOARD_SIZES.map((value) => ({ value, label: value.replace('x', '×') }))
export const lumberChoices = (building: Building) => [
  ...LUMBERS.map((value) => ({ value, label: value })),
  ...building.grades.map((grade) => ({ value: grade.id, label: grade.name })),
]
const nails = NAILS.map((nail) => ({ value: nail.id, label: nail.name }))
const BOLTS = [
  { value: '0.5', label: '1/2″' },
  { value: '0.625', label: '5/8″' },
  { value: '0.75', label: '3/4″' },
] as const

/** Trusses: where they sit, how far apart, their drawing's reactions. */
function TrussSection({
  truss,
  put,
  done,
  derived,
}: {
  readonly truss: Building['roof']['truss']
  readonly put: PutPart<Building['roof']['truss']>
  readonly done: () => void
  readonly derived: ShownDerived
}) {
  return (
    <section className="grp" aria-label="Trusses">
      <ChoiceField
        wide
        label="Trusses"
        name="trussSet"
        value={truss.set}
        choices={TRUSS_SETS.map((value) => ({ value, label: TRUSS_SET[value] }))}
        onChange={put('set', 'trusses')}
      />
      {truss.set === 'carriers' && (
        <>
          <LengthField
            label="Truss spacing"
            name="trussSpaceIn"
            value={truss.spaceIn}
            onChange={put('spaceIn', 'truss spacing')}
            onDone={done}
          />
          <LengthField
            label="First from string 1"
            value={truss.firstIn}
            onChange={put('firstIn', 'first truss')}
            onDone={done}
          />
        </>
      )}
      <ChoiceField
        wide
        label="Seat"
        name="trussSeat"
        value={truss.seat}
        choices={TRUSS_SEATS.map((value) => ({ value, label: TRUSS_SEAT[value] }))}
        onChange={put('seat', 'truss seat')}
      />
      <ChoiceField
        label="Plies of a truss"
        value={String(truss.plies) as '1'}
        choices={
          [
            { value: '1', label: 'one' },
            { value: '2', label: 'two' },
          ] as { value: '1'; label: string }[]
        }
        onChange={(value) => put('plies', 'truss plies')(Number(value))}
      />
      {truss.set === 'posts' && (
        <NumberField
          label="Nails in a bearing block"
          whole
          value={truss.blockNails}
          onChange={put('blockNails', 'bearing block')}
          onDone={done}
          hint="0: no block."
        />
      )}
      <ToggleField
        label="Use the truss drawing’s reactions"
        value={truss.reaction !== null}
        onChange={(value) =>
          put(
            'reaction',
            'truss reactions',
          )(
            value
              ? {
                  gravityLb: Math.round(
                    Math.max(500, ...derived.reactions.map((reaction) => reaction.deadLb + reaction.snowLb)),
                  ),
                  upliftLb: 0,
                }
              : null,
          )
        }
      />
      {truss.reaction && (
        <>
          <NumberField
            label="Gravity"
            unit="lb"
            value={truss.reaction.gravityLb}
            onChange={(value, gesture) =>
              put('reaction', 'truss gravity')(truss.reaction && { ...truss.reaction, gravityLb: value }, gesture)
            }
            onDone={done}
          />
          <NumberField
            label="Uplift"
            unit="lb"
            value={truss.reaction.upliftLb}
            onChange={(value, gesture) =>
              put('reaction', 'truss uplift')(truss.reaction && { ...truss.reaction, upliftLb: value }, gesture)
            }
            onDone={done}
          />
        </>
      )}
    </section>
  )
}

/** Trusses, and the carriers and headers that hold those between posts. */
export function TrussFields() {
  const { job, derived, done, edit } = useDoc()
  const [truss, put] = useSubPart('roof', 'truss')
  const beam = (kind: 'carrier' | 'header', name: string) => {
    const spec = job.building.roof[kind]
    const set =
      <K extends keyof typeof spec>(key: K) =>
      (value: (typeof spec)[K]) =>
        edit(`${kind}`, (job) => ({
          ...job,
          building: {
            ...job.building,
            roof: { ...job.building.roof, [kind]: { ...job.building.roof[kind], [key]: value } },
          },
        }))
    return (
      <section className="grp" aria-label={name}>
        <h3>{name}</h3>
        <ChoiceField
          label="Plies"
          value={String(spec.plies) as '2'}
          choices={(['2', '3', '4'] as const).map((value) => ({ value: value as '2', label: value }))}
          onChange={(value) => set('plies')(Number(value))}
        />
        <ChoiceField label="Size" value={spec.size} choices={boards} onChange={set('size')} />
        <ChoiceField
          label="Lumber"
          value={spec.lumber}
          choices={lumberChoices(job.building)}
          onChange={set('lumber')}
        />
        <ChoiceField
          label="On the post"
          value={spec.sides}
          choices={BUILT_UP_SIDES.map((value) => ({
            value,
            label: value === 'both' ? 'both faces' : 'one face, or notched',
          }))}
          onChange={set('sides')}
        />
      </section>
    )
  }
  return (
    <>
      <TrussSection truss={truss} put={put} done={done} derived={derived} />
      {truss.set === 'carriers' && beam('carrier', 'Carriers')}
      {derived.omitted.length > 0 &&
        beam('header', `Header over ${derived.omitted.map((omitted) => omitted.id).join(', ')}`)}
    </>
  )
}

/** Purlins of the main roof; a lean-to with wide rafters takes the same. */
export function PurlinFields() {
  const { job, done } = useDoc()
  const [purlins, put] = useSubPart('roof', 'purlins')
  const [roof, setRoof] = usePart('roof')
  return (
    <section className="grp" aria-label="Purlins">
      <ChoiceField
        wide
        label="Set"
        name="purlinStyle"
        value={purlins.style}
        choices={PURLIN_STYLES.map((value) => ({ value, label: PURLIN_STYLE[value] }))}
        onChange={put('style', 'purlins')}
      />
      <ChoiceField
        label="Size"
        name="purlinSize"
        value={purlins.size}
        choices={boards}
        onChange={put('size', 'purlin size')}
      />
      <ChoiceField
        label="Lumber"
        value={purlins.lumber}
        choices={lumberChoices(job.building)}
        onChange={put('lumber', 'purlin lumber')}
      />
      <LengthField
        label="Spacing at most"
        name="purlinSpaceIn"
        feet={false}
        value={purlins.spaceIn}
        onChange={put('spaceIn', 'purlin spacing')}
        onDone={done}
      />
      <ChoiceField
        label="Run"
        value={purlins.run}
        choices={PURLIN_RUNS.map((value) => ({ value, label: PURLIN_RUN[value] }))}
        onChange={put('run', 'purlin run')}
      />
      <ToggleField
        label="Screwed skin holds them"
        hint="Off: they bend both ways on the slope."
        value={purlins.skinHolds}
        onChange={(value) => put('skinHolds', 'purlins held by skin')(value)}
      />
      <ToggleField
        label="Blocked at mid-span"
        hint="Against rolling under uplift."
        value={purlins.blocked}
        onChange={(value) => put('blocked', 'blocked purlins')(value)}
      />
      <ChoiceField
        label="Ceiling"
        value={roof.ceiling}
        choices={CEILINGS.map((value) => ({ value, label: CEILING[value] }))}
        onChange={setRoof('ceiling', 'ceiling')}
      />
    </section>
  )
}

/** Rafter, beam and ledger of one lean-to. */
function LeanToSection({
  leanTo,
  derived,
  put,
  building,
  done,
  built,
  bm,
}: {
  readonly leanTo: LeanTo
  readonly derived: ShownDerived
  readonly put: (change: Partial<LeanTo>, label: string, gesture?: string) => readonly Issue[]
  readonly building: Building
  readonly done: () => void
  readonly built: (key: 'ledger' | 'beam', name: string) => JSX.Element
  readonly bm: BirdsMouth
}) {
  return (
    <section className="grp" aria-label={`${derived.wallNames[leanTo.side]} lean-to`}>
      <h3>{derived.wallNames[leanTo.side].replace(' wall', '')} lean-to</h3>
      <ChoiceField
        label="Rafter plies"
        value={String(leanTo.rafter.plies) as '1'}
        choices={(['1', '2', '3'] as const).map((value) => ({ value: value as '1', label: value }))}
        onChange={(value) => put({ rafter: { ...leanTo.rafter, plies: Number(value) } }, 'rafter plies')}
      />
      <ChoiceField
        label="Rafter size"
        value={leanTo.rafter.size}
        choices={boards}
        onChange={(value: BoardName) => put({ rafter: { ...leanTo.rafter, size: value } }, 'rafter size')}
      />
      <ChoiceField
        label="Rafter lumber"
        value={leanTo.rafter.lumber}
        choices={lumberChoices(building)}
        onChange={(value) => put({ rafter: { ...leanTo.rafter, lumber: value } }, 'rafter lumber')}
      />
      <OptionalLengthField
        label="Rafter spacing"
        feet={false}
        empty="at posts"
        value={leanTo.rafter.spaceIn}
        onChange={(value, gesture) => put({ rafter: { ...leanTo.rafter, spaceIn: value } }, 'rafter spacing', gesture)}
        onDone={done}
        hint="Empty: one at each post."
      />
      <LengthField
        label="Level seat at the low end"
        feet={false}
        value={leanTo.seatIn}
        onChange={(value, gesture) => put({ seatIn: value }, 'seat', gesture)}
        onDone={done}
      />
      {leanTo.rafter.spaceIn !== null && (
        <>
          {built('ledger', 'Ledger')}
          {built('beam', 'Beam')}
        </>
      )}
      <table className="tb mt-1">
        <tbody>
          <tr>
            <td>Rafter, wall to outer post</td>
            <td className="n">
              <Measure inches={bm.lengthIn} />
            </td>
          </tr>
          <tr>
            <td>Plumb cut from square, level cut</td>
            <td className="n">
              {bm.plumbDeg.toFixed(1)}°, {bm.levelDeg.toFixed(1)}°
            </td>
          </tr>
          <tr>
            <td>Heel cut, left above it</td>
            <td className="n">
              <Measure inches={bm.heelCutIn} feet={false} />, <Measure inches={bm.aboveIn} feet={false} />
            </td>
          </tr>
          <tr>
            <td>Longest seat allowed</td>
            <td className="n">
              <Measure inches={Math.min(bm.mostSeatIn, 99)} feet={false} />
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  )
}

/** Rafters, ledger and beam of each lean-to, with the cuts of the bird's mouth. */
export function LeanToFields() {
  const { job, derived, done, edit } = useDoc()
  const building = job.building
  if (building.leanTos.length === 0) return <p className="note">No lean-to. Add one under Building, Shape.</p>
  return (
    <>
      {building.leanTos.map((leanTo) => {
        const put = (change: Partial<LeanTo>, label: string, gesture?: string) =>
          edit(
            label,
            (job) => ({
              ...job,
              building: {
                ...job.building,
                leanTos: job.building.leanTos.map((each) =>
                  each.side === leanTo.side ? { ...each, ...change } : each,
                ),
              },
            }),
            gesture && `lean-${leanTo.side}-${label}-${gesture}`,
          )
        const built = (key: 'ledger' | 'beam', name: string) => (
          <>
            <ChoiceField
              label={`${name} plies`}
              value={String(leanTo[key].plies) as '1'}
              choices={(['1', '2', '3', '4'] as const).map((value) => ({ value: value as '1', label: value }))}
              onChange={(value) => put({ [key]: { ...leanTo[key], plies: Number(value) } }, name)}
            />
            <ChoiceField
              label={`${name} size`}
              value={leanTo[key].size}
              choices={boards}
              onChange={(value) => put({ [key]: { ...leanTo[key], size: value } }, name)}
            />
          </>
        )
        const bm = birdsMouth(leanTo.pitchPer12, boardSize(leanTo.rafter.size).dIn, leanTo.seatIn, leanTo.depthIn)
        return (
          <LeanToSection
            key={leanTo.side}
            leanTo={leanTo}
            derived={derived}
            put={put}
            building={building}
            done={done}
            built={built}
            bm={bm}
          />
        )
      })}
    </>
  )
}

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
            <td className="n">{joint.total.toLocaleString('en-US')}</td>
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
        <NumberField
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
      {nail('girt', 'Girt nails')}
      {nail('purlin', 'Purlin nails')}
      {bolt('truss', 'Truss bolts')}
      {bolt('carrier', 'Carrier bolts')}
      {bolt('ledger', 'Lean-to bolts')}
      {bolt('collar', 'Collar bars')}
      <NumberField
        label="Rafter or truss tie"
        unit="lb"
        value={j.rafterTieLb}
        placeholder="rating"
        onChange={put('rafterTieLb', 'rafter tie')}
        onDone={done}
      />
      <NumberField
        label="Purlin tie or hanger"
        unit="lb"
        value={j.purlinTieLb}
        placeholder="none"
        onChange={put('purlinTieLb', 'purlin tie')}
        onDone={done}
      />
      <NumberField
        label="Sheet over a screw"
        unit="lb"
        value={skin.pullOverLb}
        placeholder="maker’s"
        onChange={putSkin('pullOverLb', 'pull-over')}
        onDone={done}
      />
      <NumberField
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
