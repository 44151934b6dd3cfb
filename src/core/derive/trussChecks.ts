import { type BoltStrength, boltStrength } from '../joints'
import type { TrussPlan } from '../layout'
import type { Building, Job } from '../model'
import { type Check, line, makeCheck, notChecked, sig, item } from '../result'
import { IN_PER_FT, ROUNDING } from '../units'
import { boardSize, boardValues, type DesignValues, type PostSize, postSize, specificGravity, DURATION } from '../wood'
import { gravityOf, type RoofLoads, upliftOf } from '../frame/demands'
import type { SiteResults } from '../frame/siteResults'
import { seatChecks } from './trussSeats'

/** Bolts or ties that hold the truss down on its post (NDS 2018 12.3, ASCE 7-16 2.4.1 (7)). */
function tieChecks({
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
  readonly truss: Building['roof']['truss']
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
  const bolted = strength(DURATION.wind)
  out.push(
    makeCheck({
      ...head,
      id: 'truss-uplift',
      title: 'Trusses held down',
      demand: Math.max(0, item(up, lifted)),
      capacity: bolted.groupLb,
      unit: 'lb',
      combination: '0.6D+0.6W',
      place: `truss ${lifted + 1}`,
      governs:
        item(up, lifted) <= 0
          ? 'Dead load alone holds the trusses down.'
          : `Wind lifts truss ${lifted + 1} by ${Math.round(item(up, lifted)).toLocaleString('en-US')} lb; ` +
            `${bolts.count} bolts of ${bolts.diameterIn} in. hold it${double ? ' in double shear' : ''}.`,
      fix: 'More or thicker bolts; keep the truss maker’s edge distances.',
      trace: () => bolted.trace,
    }),
  )
  return out
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
  readonly truss: Building['roof']['truss']
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
      `net uplift ${sig(Math.max(0, item(up, lifted)))} lb at the worst seat, ${sig(plan.spaceIn)} in. ` +
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
    (item(reactions, heavy).roofFt2 / Math.max(item(plan.trusses, heavy).tributaryIn / IN_PER_FT, ROUNDING))
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

/** The tie of each truss to its carrier against the hardest uplift (ASCE 7-16 2.4.1 (7)). */
function carrierTieCheck(tieLb: number | null, netUpLb: number, lifted: number): Check {
  const upLb = Math.max(0, netUpLb)
  if (tieLb === null)
    return notChecked({
      id: 'truss-ties',
      title: 'Ties of trusses to carriers',
      stage: 'roof',
      why: `Wind lifts the worst truss by ${Math.round(upLb)} lb; the rating of the ties is not entered.`,
      fix: 'Enter the rated uplift of the ties.',
    })
  return makeCheck({
    stage: 'roof',
    group: 'truss',
    subjects: [],
    id: 'truss-ties',
    title: 'Ties of trusses to carriers',
    demand: upLb,
    capacity: tieLb,
    unit: 'lb',
    combination: '0.6D+0.6W',
    place: `truss ${lifted + 1}`,
    governs: `Wind lifts truss ${lifted + 1} by ${Math.round(upLb)} lb; each tie is rated ${tieLb} lb.`,
    fix: 'Stronger ties.',
    trace: () => [
      line({
        label: 'Rated tie',
        formula: 'typed',
        numbers: sig(tieLb),
        value: tieLb,
        unit: 'lb',
        clause: 'maker’s report',
      }),
    ],
  })
}

export function trussChecks(job: Job, plan: TrussPlan, reactions: readonly RoofLoads[], results: SiteResults): Check[] {
  const building = job.building
  const truss = building.roof.truss
  const size = postSize(building.post)
  const onCarriers = truss.set === 'carriers'
  const gravity = reactions.map((reaction) => gravityOf(reaction).gravityLb)
  const up = reactions.map(upliftOf)
  // Where a load is not a number no index is found: the first truss stands for it, and its checks say so.
  const [heavy, lifted] = [gravity, up].map((lb) => Math.max(0, lb.indexOf(Math.max(...lb)))) as [number, number]
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
  const rLb = item(gravity, heavy)
  // A block on the inner face lengthens the seat by its own thickness; its nails carry its share.
  const seatIn = size.depthIn + (truss.blockNails > 0 ? 1.5 : 0)
  out.push(...seatChecks({ building, values, size, seatIn, reactions, gravity, heavy, lumber }))
  const bolts = building.joints.truss
  const gPost = specificGravity(building.post.lumber, building.grades)
  const double = truss.seat === 'pocket' && size.plies > 2
  const strength = trussBolts({ bolts, double, truss, size, gPost, values, building })
  if (!onCarriers) {
    out.push(...tieChecks({ truss, strength, head, rLb, heavy, bolts, up, lifted, double }))
  } else out.push(carrierTieCheck(building.joints.rafterTieLb, item(up, lifted), lifted))
  return out
}
