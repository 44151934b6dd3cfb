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
import { birdsMouth } from '@/core/derive'
import { boardSize } from '@/core/wood'
import { CEILING, PURLIN_RUN, PURLIN_STYLE, TRUSS_SEAT, TRUSS_SET } from '@/formats/words'
import { ChoiceField, LengthField, Measure, NumberField, OptionalLengthField, ToggleField } from '@/ui'
import { useDoc, usePart, useSubPart } from '../job'

export const boards = BOARD_SIZES.map((value) => ({ value, label: value.replace('x', '×') }))
export const lumberChoices = (b: Building) => [
  ...LUMBERS.map((value) => ({ value: value as string, label: value as string })),
  ...b.grades.map((g) => ({ value: g.id, label: g.name })),
]
const nails = NAILS.map((n) => ({ value: n.id, label: n.name }))
const BOLTS = [
  { value: '0.5', label: '1/2″' },
  { value: '0.625', label: '5/8″' },
  { value: '0.75', label: '3/4″' },
] as const

/** Trusses, and the carriers and headers that hold those between posts. */
export function TrussFields() {
  const { job, derived: d, done, edit } = useDoc()
  const [t, put] = useSubPart('roof', 'truss')
  const beam = (kind: 'carrier' | 'header', name: string) => {
    const s = job.building.roof[kind]
    const set =
      <K extends keyof typeof s>(key: K) =>
      (v: (typeof s)[K]) =>
        edit(`${kind}`, (j) => ({
          ...j,
          building: { ...j.building, roof: { ...j.building.roof, [kind]: { ...j.building.roof[kind], [key]: v } } },
        }))
    return (
      <section className="grp" aria-label={name}>
        <h3>{name}</h3>
        <ChoiceField
          label="Plies"
          value={String(s.plies) as '2'}
          choices={(['2', '3', '4'] as const).map((value) => ({ value: value as '2', label: value }))}
          onChange={(v) => set('plies')(Number(v))}
        />
        <ChoiceField label="Size" value={s.size} choices={boards} onChange={set('size')} />
        <ChoiceField label="Lumber" value={s.lumber} choices={lumberChoices(job.building)} onChange={set('lumber')} />
        <ChoiceField
          label="On the post"
          value={s.sides}
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
      <section className="grp" aria-label="Trusses">
        <ChoiceField
          wide
          label="Trusses"
          name="trussSet"
          value={t.set}
          choices={TRUSS_SETS.map((value) => ({ value, label: TRUSS_SET[value] }))}
          onChange={put('set', 'trusses')}
        />
        {t.set === 'carriers' && (
          <>
            <LengthField
              label="Truss spacing"
              name="trussSpaceIn"
              value={t.spaceIn}
              onChange={put('spaceIn', 'truss spacing')}
              onDone={done}
            />
            <LengthField
              label="First from string 1"
              value={t.firstIn}
              onChange={put('firstIn', 'first truss')}
              onDone={done}
            />
          </>
        )}
        <ChoiceField
          wide
          label="Seat"
          name="trussSeat"
          value={t.seat}
          choices={TRUSS_SEATS.map((value) => ({ value, label: TRUSS_SEAT[value] }))}
          onChange={put('seat', 'truss seat')}
        />
        <ChoiceField
          label="Plies of a truss"
          value={String(t.plies) as '1'}
          choices={
            [
              { value: '1', label: 'one' },
              { value: '2', label: 'two' },
            ] as { value: '1'; label: string }[]
          }
          onChange={(v) => put('plies', 'truss plies')(Number(v))}
        />
        {t.set === 'posts' && (
          <NumberField
            label="Nails in a bearing block"
            whole
            value={t.blockNails}
            onChange={put('blockNails', 'bearing block')}
            onDone={done}
            hint="0: no block."
          />
        )}
        <ToggleField
          label="Use the truss drawing’s reactions"
          value={t.reaction !== null}
          onChange={(v) =>
            put(
              'reaction',
              'truss reactions',
            )(
              v
                ? { gravityLb: Math.round(Math.max(500, ...d.reactions.map((q) => q.deadLb + q.snowLb))), upliftLb: 0 }
                : null,
            )
          }
        />
        {t.reaction && (
          <>
            <NumberField
              label="Gravity"
              unit="lb"
              value={t.reaction.gravityLb}
              onChange={(v, g) => put('reaction', 'truss gravity')(t.reaction && { ...t.reaction, gravityLb: v }, g)}
              onDone={done}
            />
            <NumberField
              label="Uplift"
              unit="lb"
              value={t.reaction.upliftLb}
              onChange={(v, g) => put('reaction', 'truss uplift')(t.reaction && { ...t.reaction, upliftLb: v }, g)}
              onDone={done}
            />
          </>
        )}
      </section>
      {t.set === 'carriers' && beam('carrier', 'Carriers')}
      {d.omitted.length > 0 && beam('header', `Header over ${d.omitted.map((o) => o.id).join(', ')}`)}
    </>
  )
}

/** Purlins of the main roof; a lean-to with wide rafters takes the same. */
export function PurlinFields() {
  const { job, done } = useDoc()
  const [p, put] = useSubPart('roof', 'purlins')
  const [roof, setRoof] = usePart('roof')
  return (
    <section className="grp" aria-label="Purlins">
      <ChoiceField
        wide
        label="Set"
        name="purlinStyle"
        value={p.style}
        choices={PURLIN_STYLES.map((value) => ({ value, label: PURLIN_STYLE[value] }))}
        onChange={put('style', 'purlins')}
      />
      <ChoiceField
        label="Size"
        name="purlinSize"
        value={p.size}
        choices={boards}
        onChange={put('size', 'purlin size')}
      />
      <ChoiceField
        label="Lumber"
        value={p.lumber}
        choices={lumberChoices(job.building)}
        onChange={put('lumber', 'purlin lumber')}
      />
      <LengthField
        label="Spacing at most"
        name="purlinSpaceIn"
        feet={false}
        value={p.spaceIn}
        onChange={put('spaceIn', 'purlin spacing')}
        onDone={done}
      />
      <ChoiceField
        label="Run"
        value={p.run}
        choices={PURLIN_RUNS.map((value) => ({ value, label: PURLIN_RUN[value] }))}
        onChange={put('run', 'purlin run')}
      />
      <ToggleField
        label="Screwed skin holds them"
        hint="Off: they bend both ways on the slope."
        value={p.skinHolds}
        onChange={(v) => put('skinHolds', 'purlins held by skin')(v)}
      />
      <ToggleField
        label="Blocked at mid-span"
        hint="Against rolling under uplift."
        value={p.blocked}
        onChange={(v) => put('blocked', 'blocked purlins')(v)}
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

/** Rafters, ledger and beam of each lean-to, with the cuts of the bird's mouth. */
export function LeanToFields() {
  const { job, derived: d, done, edit } = useDoc()
  const b = job.building
  if (b.leanTos.length === 0) return <p className="note">No lean-to. Add one under Building, Shape.</p>
  return (
    <>
      {b.leanTos.map((l) => {
        const put = (change: Partial<LeanTo>, label: string, g?: string) =>
          edit(
            label,
            (j) => ({
              ...j,
              building: {
                ...j.building,
                leanTos: j.building.leanTos.map((q) => (q.side === l.side ? { ...q, ...change } : q)),
              },
            }),
            g && `lean-${l.side}-${label}-${g}`,
          )
        const built = (key: 'ledger' | 'beam', name: string) => (
          <>
            <ChoiceField
              label={`${name} plies`}
              value={String(l[key].plies) as '1'}
              choices={(['1', '2', '3', '4'] as const).map((value) => ({ value: value as '1', label: value }))}
              onChange={(v) => put({ [key]: { ...l[key], plies: Number(v) } }, name)}
            />
            <ChoiceField
              label={`${name} size`}
              value={l[key].size}
              choices={boards}
              onChange={(v) => put({ [key]: { ...l[key], size: v } }, name)}
            />
          </>
        )
        const bm = birdsMouth(l.pitchPer12, boardSize(l.rafter.size).dIn, l.seatIn, l.depthIn)
        return (
          <section className="grp" key={l.side} aria-label={`${d.wallNames[l.side]} lean-to`}>
            <h3>{d.wallNames[l.side].replace(' wall', '')} lean-to</h3>
            <ChoiceField
              label="Rafter plies"
              value={String(l.rafter.plies) as '1'}
              choices={(['1', '2', '3'] as const).map((value) => ({ value: value as '1', label: value }))}
              onChange={(v) => put({ rafter: { ...l.rafter, plies: Number(v) } }, 'rafter plies')}
            />
            <ChoiceField
              label="Rafter size"
              value={l.rafter.size}
              choices={boards}
              onChange={(v: BoardName) => put({ rafter: { ...l.rafter, size: v } }, 'rafter size')}
            />
            <ChoiceField
              label="Rafter lumber"
              value={l.rafter.lumber}
              choices={lumberChoices(b)}
              onChange={(v) => put({ rafter: { ...l.rafter, lumber: v } }, 'rafter lumber')}
            />
            <OptionalLengthField
              label="Rafter spacing"
              feet={false}
              empty="at posts"
              value={l.rafter.spaceIn}
              onChange={(v, g) => put({ rafter: { ...l.rafter, spaceIn: v } }, 'rafter spacing', g)}
              onDone={done}
              hint="Empty: one at each post."
            />
            <LengthField
              label="Level seat at the low end"
              feet={false}
              value={l.seatIn}
              onChange={(v, g) => put({ seatIn: v }, 'seat', g)}
              onDone={done}
            />
            {l.rafter.spaceIn !== null && (
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
      })}
    </>
  )
}

/** What fixes what: nails, bolts, ties, screws and the nails that laminate the posts; and the joint list with counts. */
export function JointFields() {
  const { job, derived: d, done } = useDoc()
  const b = job.building
  const [j, put] = usePart('joints')
  const [skin, putSkin] = usePart('skin')
  const nail = (key: 'girt' | 'purlin', name: string) => (
    <>
      <ChoiceField
        wide
        label={name}
        value={j[key].nail}
        choices={nails}
        onChange={(v) => put(key, name)({ ...j[key], nail: v })}
      />
      <NumberField
        label="Nails at each"
        whole
        value={j[key].count}
        onChange={(v, g) => put(key, name)({ ...j[key], count: v }, g)}
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
          onChange={(v) => put(key, name)({ ...j[key], diameterIn: Number(v) as 0.5 })}
        />
        <span style={{ width: 46 }}>
          <NumberField
            bare
            label={name}
            ariaLabel={`${name}, count`}
            whole
            value={j[key].count}
            onChange={(v, g) => put(key, name)({ ...j[key], count: v }, g)}
            onDone={done}
          />
        </span>
      </span>
    </div>
  )
  const l = j.lamination
  return (
    <>
      <section className="grp" aria-label="Nails and bolts">
        <ToggleField
          label="Posts are wet when nailed"
          hint="Fresh treated wood dries: nails keep a quarter of their pull."
          value={j.wetPosts}
          onChange={(v) => put('wetPosts', 'wet posts')(v)}
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
      <section className="grp" aria-label="Lamination">
        <h3>Laminating the posts</h3>
        <ChoiceField
          wide
          label="Nail"
          value={l.nail}
          choices={nails}
          onChange={(v) => put('lamination', 'lamination nail')({ ...l, nail: v })}
        />
        <NumberField
          label="Rows"
          whole
          value={l.rows}
          onChange={(v, g) => put('lamination', 'nail rows')({ ...l, rows: v }, g)}
          onDone={done}
        />
        <LengthField
          label="Spacing"
          feet={false}
          value={l.spacingIn}
          onChange={(v, g) => put('lamination', 'nail spacing')({ ...l, spacingIn: v }, g)}
          onDone={done}
        />
        <LengthField
          label="Row to edge"
          feet={false}
          value={l.edgeIn}
          onChange={(v, g) => put('lamination', 'nail edge')({ ...l, edgeIn: v }, g)}
          onDone={done}
        />
        <LengthField
          label="First from the end"
          feet={false}
          value={l.endIn}
          onChange={(v, g) => put('lamination', 'nail end')({ ...l, endIn: v }, g)}
          onDone={done}
        />
        <ToggleField
          label="Each nail passes every ply"
          value={l.through}
          onChange={(v) => put('lamination', 'through nails')({ ...l, through: v })}
        />
        {b.post.ep559 && (
          <NumberField
            label="EP559 interlayer shear"
            unit="plf"
            value={l.interfacePlf}
            placeholder="from EP559"
            onChange={(v, g) => put('lamination', 'interlayer shear')({ ...l, interfacePlf: v }, g)}
            onDone={done}
          />
        )}
      </section>
      <h3 className="mb-1">Joint list</h3>
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
          {d.takeoff.joints.map((q) => (
            <tr key={q.joint}>
              <td style={{ whiteSpace: 'normal' }}>{q.joint}</td>
              <td style={{ whiteSpace: 'normal' }}>{q.fastener}</td>
              <td className="n">{q.each}</td>
              <td className="n">{q.total.toLocaleString('en-US')}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  )
}
