import { IN_PER_FT, ROUNDING } from '../units'
import { type BoltStrength, boltStrength, type Nail, nailOf, nailStrength } from '../joints'
import type { TrussPlan } from '../layout'
import type { Building, Job } from '../model'
import { type Check, line, makeCheck, notChecked, sig } from '../result'
import { boardSize, boardValues, type DesignValues, type PostSize, postSize, specificGravity } from '../wood'
import { gravityLine, gravityOf, type RoofLoads, upliftOf } from './demands'
import type { SiteResults } from './siteResults'

/** Bolts or ties that hold the truss down on its post (NDS 2018 12.3, ASCE 7-16 2.4.1 (7)). */
export function tieChecks({
  truss,
  strength,
  head,
  rLb,
  heavy,
  bolts,
  up,
  lifted,
  double,
}: {
  readonly truss: {
    set: 'posts' | 'carriers'
    spaceIn: number
    firstIn: number
    seat: 'pocket' | 'notch' | 'face'
    plies: number
    blockNails: number
    heelDepthIn: number
    reaction: { gravityLb: number; upliftLb: number } | null
  }
  readonly strength: (duration: number) => BoltStrength
  readonly head: { stage: 'roof'; group: 'truss'; subjects: never[] }
  readonly rLb: number
  readonly heavy: number
  readonly bolts: { diameterIn: 0.5 | 0.625 | 0.75; count: number }
  readonly up: number[]
  readonly lifted: number
  readonly double: boolean
}): Check[] {
  const out: Check[] = []
  if (truss.seat === 'face') {
    const bolt = strength(1.15)
    out.push(
      makeCheck({
        ...head,
        id: 'truss-bolts',
        title: 'Trusses bolted to post faces',
        demand: rLb,
        capacity: bolt.groupLb,
        unit: 'lb',
        combination: 'D+S',
        place: `truss ${heavy + 1}`,
        governs:
          `${Math.round(rLb).toLocaleString('en-US')} lb hang on ${bolts.count} bolts of ${bolts.diameterIn} in. ` +
          'in single shear.',
        fix: 'Seat the truss in a pocket or notch so that wood carries it.',
        trace: () => bolt.trace,
      }),
    )
  }
  const bolted = strength(1.6)
  out.push(
    makeCheck({
      ...head,
      id: 'truss-uplift',
      title: 'Trusses held down',
      demand: Math.max(0, up[lifted]),
      capacity: bolted.groupLb,
      unit: 'lb',
      combination: '0.6D+0.6W',
      place: `truss ${lifted + 1}`,
      governs:
        up[lifted] <= 0
          ? 'Dead load alone holds the trusses down.'
          : `Wind lifts truss ${lifted + 1} by ${Math.round(up[lifted]).toLocaleString('en-US')} lb; ` +
            `${bolts.count} bolts of ${bolts.diameterIn} in. hold it${double ? ' in double shear' : ''}.`,
      fix: 'More or thicker bolts; keep the truss maker’s edge distances.',
      trace: () => bolted.trace,
    }),
  )
  return out
}
/** The nailed block that widens a truss seat (NDS 2018 12.3). */
export function blockCheck({
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
  readonly truss: {
    set: 'posts' | 'carriers'
    spaceIn: number
    firstIn: number
    seat: 'pocket' | 'notch' | 'face'
    plies: number
    blockNails: number
    heelDepthIn: number
    reaction: { gravityLb: number; upliftLb: number } | null
  }
  readonly heavy: number
}): Check {
  const share = (rLb * 1.5) / seatIn
  const one = nailStrength({
    nail: blockNail,
    sideIn: 1.5,
    mainIn: size.depthIn,
    gMain: values.gravity,
    gSide: values.gravity,
    duration: 1.15,
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
export function seatCheck({
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
      gravityLine(`Reaction of truss ${heavy + 1}`, reactions[heavy]),
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
/** Truss seats on posts or carriers: bearing of the truss, bolts against uplift, or bolts that carry all. */

/** Bolts through truss and post, for one load duration (NDS 2018 12.3). */
function trussBolts({
  bolts,
  double,
  truss,
  size,
  gPost,
  values,
  building,
}: {
  readonly bolts: { diameterIn: 0.5 | 0.625 | 0.75; count: number }
  readonly double: boolean
  readonly truss: {
    set: 'posts' | 'carriers'
    spaceIn: number
    firstIn: number
    seat: 'pocket' | 'notch' | 'face'
    plies: number
    blockNails: number
    heelDepthIn: number
    reaction: { gravityLb: number; upliftLb: number } | null
  }
  readonly size: PostSize
  readonly gPost: number
  readonly values: DesignValues
  readonly building: Building
}) {
  const strength = (duration: number) =>
    boltStrength({
      diameterIn: bolts.diameterIn,
      count: bolts.count,
      rows: 1,
      double,
      mainIn: double ? 1.5 * truss.plies : Math.max(1.5, size.widthIn - 1.5),
      sideIn: double ? 1.5 * Math.floor((size.plies - 1) / 2) : 1.5 * truss.plies,
      gMain: gPost,
      gSide: gPost,
      mainThetaDeg: double ? 90 : 0,
      sideThetaDeg: double ? 0 : 90,
      eaMain: values.ePsi * 8.25,
      eaSide: values.ePsi * 16.5,
      spacingIn: 4 * bolts.diameterIn,
      endIn: 4 * bolts.diameterIn,
      edgeIn: 1.5 * bolts.diameterIn,
      duration,
      wet: building.joints.wetPosts,
    })
  return strength
}

const ridgeSnow = ({ snow }: SiteResults): string =>
  snow.unbalanced
    ? `, ${sig(snow.unbalanced.leewardPsf + snow.unbalanced.surchargePsf)} psf by the ridge unbalanced`
    : ''

/** What the truss maker must be told: their design is not checked here. */
function trussOrder({
  results,
  up,
  lifted,
  plan,
  building,
}: {
  readonly results: SiteResults
  readonly up: number[]
  readonly lifted: number
  readonly plan: TrussPlan
  readonly building: Building
}): Check {
  return notChecked({
    id: 'trusses',
    title: 'The trusses themselves',
    stage: 'roof',
    why:
      `Their design is the truss maker’s. Give them: dead ${sig(results.dead.maxPsf)} psf, snow ` +
      `${sig(results.snow.psPsf)} psf balanced${ridgeSnow(results)}, ` +
      `net uplift ${sig(Math.max(0, up[lifted]))} lb at the worst seat, ${sig(plan.spaceIn)} in. ` +
      `apart${building.knee ? ', knee braces' : ''}.`,
    fix: 'Truss drawings, and their bracing sheets on site.',
  })
}

/** A typed reaction that is far from what the loads here make. */
function typedDiffers({
  plan,
  results,
  reactions,
  heavy,
  typed,
}: {
  readonly plan: TrussPlan
  readonly results: SiteResults
  readonly reactions: readonly RoofLoads[]
  readonly heavy: number
  readonly typed: { gravityLb: number; upliftLb: number }
}): Check[] {
  const out: Check[] = []
  const own =
    Math.max(
      ...plan.trusses.map((truss) => ((results.dead.maxPsf * 1 + results.snow.psPsf) * truss.tributaryIn) / IN_PER_FT),
    ) *
    (reactions[heavy].roofFt2 / Math.max(plan.trusses[heavy].tributaryIn / IN_PER_FT, ROUNDING))
  if (Math.abs(typed.gravityLb - own) > 0.1 * own)
    out.push(
      notChecked({
        id: 'truss-differs',
        title: 'Truss reaction differs from the loads here',
        stage: 'roof',
        why:
          `The drawing says ${Math.round(typed.gravityLb)} lb; balanced snow and dead load here make ` +
          `${Math.round(own)} lb.`,
        fix: 'Ask the truss maker which loads the drawing uses.',
      }),
    )
  return out
}

export function trussChecks(job: Job, plan: TrussPlan, reactions: readonly RoofLoads[], results: SiteResults): Check[] {
  const building = job.building
  const truss = building.roof.truss
  const size = postSize(building.post)
  const onCarriers = truss.set === 'carriers'
  const gravity = reactions.map((reaction) => gravityOf(reaction).gravityLb)
  const up = reactions.map(upliftOf)
  const [heavy, lifted] = [gravity.indexOf(Math.max(...gravity)), up.indexOf(Math.max(...up))]
  const supports = onCarriers ? building.roof.carrier : null
  const lumber = supports?.lumber ?? building.post.lumber
  const nominal = supports ? boardSize(supports.size).nominal : Number(size.nominal)
  const values = boardValues(lumber, nominal, building.grades)
  const out: Check[] = []
  const head = { stage: 'roof' as const, group: 'truss' as const, subjects: [] }
  const typed = truss.reaction
  if (typed) {
    out.push(...typedDiffers({ plan, results, reactions, heavy, typed }))
  }
  out.push(trussOrder({ results, up, lifted, plan, building }))
  if (!values)
    return [
      ...out,
      notChecked({
        id: 'truss-seat',
        title: 'Truss seats',
        stage: 'roof',
        why: `No design values are tabled for ${lumber}.`,
        fix: 'Choose a tabled grade, or enter the values off its stamp.',
      }),
    ]
  const rLb = gravity[heavy]
  // A block on the inner face lengthens the seat by its own thickness; its nails carry its share.
  const seatIn = size.depthIn + (truss.blockNails > 0 ? 1.5 : 0)
  const seatAreaIn2 = () => {
    if (!onCarriers && truss.seat === 'face') return null
    if (onCarriers) return 1.5 * truss.plies * 1.5 * building.roof.carrier.plies
    return 1.5 * truss.plies * seatIn
  }
  const bearing = seatAreaIn2()
  if (bearing !== null) {
    out.push(seatCheck({ head, onCarriers, rLb, bearing, values, heavy, reactions, lumber }))
    const blockNail = nailOf(building.joints.girt.nail)
    if (!onCarriers && truss.blockNails > 0 && blockNail) {
      out.push(blockCheck({ rLb, seatIn, blockNail, size, values, building, head, truss, heavy }))
    }
    if (onCarriers && building.roof.carrier.plies === 2 && building.roof.carrier.sides === 'both')
      out.push(
        notChecked({
          id: 'truss-share',
          title: 'Sharing between the two carriers',
          stage: 'roof',
          why: 'Each carrier takes half only if every truss seats on both. One that bears on one ply loads it double.',
          fix: 'Check every seat while setting, shim where one is low.',
        }),
      )
  }
  const bolts = building.joints.truss
  const gPost = specificGravity(building.post.lumber, building.grades)
  const double = truss.seat === 'pocket' && size.plies > 2
  const strength = trussBolts({ bolts, double, truss, size, gPost, values, building })
  if (!onCarriers) {
    out.push(...tieChecks({ truss, strength, head, rLb, heavy, bolts, up, lifted, double }))
  } else if (building.joints.rafterTieLb === null)
    out.push(
      notChecked({
        id: 'truss-ties',
        title: 'Ties of trusses to carriers',
        stage: 'roof',
        why:
          `Wind lifts the worst truss by ${Math.round(Math.max(0, up[lifted]))} lb; the rating of the ties is not ` +
          'entered.',
        fix: 'Enter the rated uplift of the ties.',
      }),
    )
  else
    out.push(
      makeCheck({
        ...head,
        id: 'truss-ties',
        title: 'Ties of trusses to carriers',
        demand: Math.max(0, up[lifted]),
        capacity: building.joints.rafterTieLb,
        unit: 'lb',
        combination: '0.6D+0.6W',
        place: `truss ${lifted + 1}`,
        governs:
          `Wind lifts truss ${lifted + 1} by ${Math.round(Math.max(0, up[lifted]))} lb; each tie is rated ` +
          `${building.joints.rafterTieLb} lb.`,
        fix: 'Stronger ties.',
        trace: () => [
          line({
            label: 'Rated tie',
            formula: 'typed',
            numbers: sig(building.joints.rafterTieLb ?? 0),
            value: building.joints.rafterTieLb ?? 0,
            unit: 'lb',
            clause: 'maker’s report',
          }),
        ],
      }),
    )
  return out
}
