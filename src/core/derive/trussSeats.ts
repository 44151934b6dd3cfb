import { DURATION } from '../wood'
import { type Nail, nailOf, nailStrength } from '../joints'
import type { Building } from '../model'
import { type Check, line, makeCheck, notChecked, sig, item } from '../result'
import type { DesignValues, PostSize } from '../wood'
import { gravityLine, type RoofLoads } from '../frame/demands'

/** The nailed block that widens a truss seat (NDS 2018 12.3). */
function blockCheck({
  rLb,
  seatIn,
  blockNail,
  size,
  values,
  building,
  head,
  truss,
  heavy,
}: {
  readonly rLb: number
  readonly seatIn: number
  readonly blockNail: Nail
  readonly size: PostSize
  readonly values: DesignValues
  readonly building: Building
  readonly head: { stage: 'roof'; group: 'truss'; subjects: never[] }
  readonly truss: Building['roof']['truss']
  readonly heavy: number
}): Check {
  const share = (rLb * 1.5) / seatIn
  const one = nailStrength({
    nail: blockNail,
    sideIn: 1.5,
    mainIn: size.depthIn,
    gMain: values.gravity,
    gSide: values.gravity,
    duration: DURATION.snow,
    wet: building.joints.wetPosts,
  })
  return makeCheck({
    ...head,
    group: 'joint',
    id: 'truss-block',
    title: 'Bearing blocks under the trusses',
    demand: share,
    capacity: one.lateralLb * truss.blockNails,
    unit: 'lb',
    combination: 'D+S',
    place: `truss ${heavy + 1}`,
    governs:
      `The block takes ${Math.round(share)} lb of the seat; ${truss.blockNails} ${blockNail.name} hold it to ` +
      'the post.',
    fix: 'More nails in the block.',
    trace: () => [
      line({
        label: 'Share of the block',
        formula: 'R·1.5/seat',
        numbers: `${sig(rLb)} × 1.5/${sig(seatIn)}`,
        value: share,
        unit: 'lb',
        clause: 'statics',
      }),
      ...one.trace.slice(0, 2),
      line({
        label: 'All nails of the block',
        formula: "n·Z'",
        numbers: `${truss.blockNails} × ${sig(one.lateralLb)}`,
        value: one.lateralLb * truss.blockNails,
        unit: 'lb',
        clause: 'NDS 2018 12.3',
      }),
    ],
  })
}

/** Truss on its seat, across the grain of what it rests on (NDS 2018 3.10). */
function seatCheck({
  head,
  onCarriers,
  rLb,
  bearing,
  values,
  heavy,
  reactions,
  lumber,
}: {
  readonly head: { stage: 'roof'; group: 'truss'; subjects: never[] }
  readonly onCarriers: boolean
  readonly rLb: number
  readonly bearing: number
  readonly values: DesignValues
  readonly heavy: number
  readonly reactions: readonly RoofLoads[]
  readonly lumber: string
}): Check {
  return makeCheck({
    ...head,
    id: 'truss-seat',
    title: onCarriers ? 'Trusses on the carriers' : 'Trusses on their seats',
    demand: rLb / bearing,
    capacity: values.fcPerp,
    unit: 'psi',
    combination: 'D+S',
    place: `truss ${heavy + 1}`,
    governs: `${Math.round(rLb).toLocaleString('en-US')} lb of truss ${heavy + 1} press on ${sig(bearing)} in².`,
    fix: 'A bearing block, a two-ply truss, a rated seat, or closer trusses.',
    trace: () => [
      gravityLine(`Reaction of truss ${heavy + 1}`, item(reactions, heavy)),
      line({
        label: 'Bearing',
        formula: onCarriers ? 'R/(1.5·plies × 1.5·plies)' : 'R/(1.5·plies·seat)',
        numbers: `${sig(rLb)}/${sig(bearing)}`,
        value: rLb / bearing,
        unit: 'psi',
        clause: 'NDS 2018 3.10.2',
      }),
      line({
        label: `Allowed across the grain, ${lumber}`,
        formula: 'Fc⊥; the truss chord is taken as the same species',
        numbers: sig(values.fcPerp),
        value: values.fcPerp,
        unit: 'psi',
        clause: values.table,
        verify: values.verify,
      }),
    ],
  })
}

/** Truss seats: crushing across the grain, the block that widens them, and two carriers that share one truss. */
export function seatChecks({
  building,
  values,
  size,
  seatIn,
  reactions,
  gravity,
  heavy,
  lumber,
}: {
  readonly building: Building
  readonly values: DesignValues
  readonly size: PostSize
  readonly seatIn: number
  readonly reactions: readonly RoofLoads[]
  readonly gravity: readonly number[]
  readonly heavy: number
  readonly lumber: string
}): Check[] {
  const { truss, carrier } = building.roof
  const onCarriers = truss.set === 'carriers'
  if (!onCarriers && truss.seat === 'face') return []
  const head = { stage: 'roof' as const, group: 'truss' as const, subjects: [] }
  const rLb = item(gravity, heavy)
  const bearing = 1.5 * truss.plies * (onCarriers ? 1.5 * carrier.plies : seatIn)
  const out: Check[] = [seatCheck({ head, onCarriers, rLb, bearing, values, heavy, reactions, lumber })]
  const blockNail = nailOf(building.joints.girt.nail)
  if (!onCarriers && truss.blockNails > 0 && blockNail)
    out.push(blockCheck({ rLb, seatIn, blockNail, size, values, building, head, truss, heavy }))
  if (onCarriers && carrier.plies === 2 && carrier.sides === 'both')
    out.push(
      notChecked({
        id: 'truss-share',
        title: 'Sharing between the two carriers',
        stage: 'roof',
        why: 'Each carrier takes half only if every truss seats on both. One that bears on one ply loads it double.',
        fix: 'Check every seat while setting, shim where one is low.',
      }),
    )
  return out
}
