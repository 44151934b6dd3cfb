import { BoltStrength, boltStrength, Nail, nailOf, nailStrength } from '../joints'
import type { EaveBeam, TrussPlan } from '../layout'
import type { Building, Job } from '../model'
import { line, makeCheck, notChecked, sig, type Check } from '../result'
import { uniform, type SpanLoads } from '../statics'
import { boardSize, boardValues, PostSize, DesignValues, postSize, specificGravity, weightPlf } from '../wood'
import { gravityLine, gravityOf, upliftOf, type RoofLoads } from './demands'
import type { SiteResults } from './siteResults'
import { spanChecks, type SpanCase, type SpanMember } from './spanCheck'

const LABEL = { carrier: 'Truss carriers', header: 'Headers over left-out posts' } as const
/** A door binds when its header sags more than this, inches (practice, register C26). */
export const HEADER_SAG_IN = 0.375

/** Loads at the trusses of one beam for one factor set, lb; its own weight with the dead load. */
function loadsOf(
  beam: EaveBeam,
  reactions: readonly RoofLoads[],
  pick: (loads: RoofLoads) => number,
  ownPlf: number,
): SpanLoads {
  return {
    lengthIn: beam.spanIn,
    points: beam.trusses.map(({ truss, atIn }) => ({
      atIn,
      lb: pick(reactions[truss.number - 1]),
      name: `T${truss.number}`,
    })),
    lines: ownPlf ? [uniform(beam.spanIn, ownPlf)] : [],
  }
}

/**
 * The member a carrier or header is, with every combination at the trusses' real places. Trusses hold its top edge
 * where they stand; under uplift the lower edge is free over the span.
 */
export function beamMember(building: Building, beam: EaveBeam, reactions: readonly RoofLoads[]): SpanMember {
  const spec = building.roof[beam.kind]
  const own = spec.plies * weightPlf(spec.lumber, boardSize(spec.size).areaIn2, 19, building.grades)
  const stops = [0, ...beam.trusses.map((truss) => truss.atIn), beam.spanIn]
  const luIn = stops.slice(1).reduce((most, value, i) => Math.max(most, value - stops[i]), 0)
  const make = ({
    name,
    duration,
    pick,
    ownFactor,
    lu,
  }: {
    name: string
    duration: number
    pick: (loads: RoofLoads) => number
    ownFactor: number
    lu: number
  }): SpanCase => ({ name, duration, luIn: lu, loads: loadsOf(beam, reactions, pick, own * ownFactor) })
  return {
    id: beam.kind,
    title: `${LABEL[beam.kind]}, ${beam.id}`,
    stage: 'roof',
    group: 'beam',
    subjects: [beam.from.id, beam.to.id],
    plies: spec.plies,
    size: spec.size,
    lumber: spec.lumber,
    own: building.grades,
    flat: false,
    spaceIn: 99,
    shortcut: building.edgeShortcut,
    together: spec.sides === 'both' ? spec.plies / 2 : spec.plies,
    cases: [
      make({ name: 'D', duration: 0.9, pick: (loads) => loads.deadLb, ownFactor: 1, lu: luIn }),
      make({ name: 'D+S', duration: 1.15, pick: (loads) => loads.deadLb + loads.snowLb, ownFactor: 1, lu: luIn }),
      make({ name: 'D+Lr', duration: 1.25, pick: (loads) => loads.deadLb + loads.liveLb, ownFactor: 1, lu: luIn }),
      make({
        name: 'D+0.75S+0.75(0.6W)',
        duration: 1.6,
        pick: (loads) => loads.deadLb + 0.75 * Math.max(loads.snowLb, loads.liveLb) + 0.45 * loads.windDownLb,
        ownFactor: 1,
        lu: luIn,
      }),
      make({ name: '0.6D+0.6W', duration: 1.6, pick: (loads) => -upliftOf(loads), ownFactor: 0.6, lu: beam.spanIn }),
    ],
    sags: [
      {
        name: 'D+S',
        over: 240,
        loads: loadsOf(beam, reactions, (loads) => loads.deadLb + Math.max(loads.snowLb, loads.liveLb), own),
        ...(beam.kind === 'header' ? { mostIn: HEADER_SAG_IN } : {}),
      },
    ],
    fix:
      beam.kind === 'header'
        ? 'A deeper header, more plies, or a narrower door.'
        : 'Deeper boards, more plies, a better grade, or posts closer together.',
  }
}

/** End reaction of a beam under its worst gravity, and its net uplift at one end, lb. */
function endLoads(
  beam: EaveBeam,
  reactions: readonly RoofLoads[],
): { readonly gravityLb: number; readonly upliftLb: number } {
  const share = (pick: (loads: RoofLoads) => number) => {
    const right = beam.trusses.reduce(
      (sum, { truss, atIn }) => sum + (pick(reactions[truss.number - 1]) * atIn) / beam.spanIn,
      0,
    )
    const total = beam.trusses.reduce((sum, { truss }) => sum + pick(reactions[truss.number - 1]), 0)
    return Math.max(right, total - right)
  }
  return {
    gravityLb: share((loads) => gravityOf(loads).gravityLb),
    upliftLb: share((loads) => Math.max(0, upliftOf(loads))),
  }
}

/** Where a beam meets its post: bolts through the faces, or the seat of a notch; uplift is always on the bolts. */
function seatChecks({
  building,
  kind,
  worst,
  shared,
  reactions,
}: {
  building: Building
  kind: 'carrier' | 'header'
  worst: EaveBeam
  shared: boolean
  reactions: readonly RoofLoads[]
}): Check[] {
  const spec = building.roof[kind]
  const size = postSize(building.post)
  const values = boardValues(spec.lumber, boardSize(spec.size).nominal, building.grades)
  const end = endLoads(worst, reactions)
  const ends = shared ? 2 : 1 // a middle post takes the ends of two bays
  const both = spec.sides === 'both'
  const carrier = building.joints.carrier
  const gravity = specificGravity(spec.lumber, building.grades)
  const perSide = both ? spec.plies / 2 : spec.plies
  const faceBolted = building.roof.truss.seat === 'face'
  const strength = (duration: number) =>
    boltStrength({
      diameterIn: carrier.diameterIn,
      count: carrier.count,
      rows: carrier.count > 2 ? 2 : 1,
      double: both,
      mainIn: size.depthIn,
      sideIn: 1.5 * perSide,
      gMain: specificGravity(building.post.lumber, building.grades),
      gSide: gravity,
      mainThetaDeg: 0,
      sideThetaDeg: 90,
      eaMain: (values?.ePsi ?? 1.4e6) * size.areaIn2,
      eaSide: (values?.ePsi ?? 1.4e6) * boardSize(spec.size).areaIn2 * spec.plies,
      spacingIn: 4 * carrier.diameterIn,
      endIn: 7 * carrier.diameterIn,
      edgeIn: 1.5 * carrier.diameterIn,
      duration,
      wet: building.joints.wetPosts,
    })
  const head = { stage: 'roof' as const, group: 'joint' as const, subjects: [worst.from.id, worst.to.id] }
  const name = kind === 'carrier' ? 'Carriers' : 'Headers'
  const out: Check[] = []
  const down = end.gravityLb * ends
  if (faceBolted) {
    const bolt = strength(1.15)
    out.push(
      bolt.problem
        ? notChecked({
            id: `${kind}-bolts`,
            title: `${name} bolted to posts`,
            stage: 'roof',
            why: `Cannot be counted: ${bolt.problem}.`,
            fix: 'Wider spacing or smaller bolts.',
          })
        : makeCheck({
            ...head,
            id: `${kind}-bolts`,
            title: `${name} bolted to posts`,
            demand: down,
            capacity: bolt.groupLb,
            unit: 'lb',
            combination: 'D+S',
            place: 'at a post',
            governs:
              `${Math.round(down).toLocaleString('en-US')} lb hang on ${carrier.count} bolts of ` +
              `${carrier.diameterIn} in.`,
            fix: 'More or thicker bolts, or seat the beam in a notch so that wood carries it.',
            trace: () => bolt.trace,
          }),
    )
  } else if (values) {
    const area = 1.5 * Math.min(spec.plies, size.plies > 1 ? size.plies - 1 : 1) * size.depthIn
    out.push(
      makeCheck({
        ...head,
        id: `${kind}-seat`,
        title: `${name} on their seats`,
        demand: down / area,
        capacity: values.fcPerp,
        unit: 'psi',
        combination: 'D+S',
        place: 'at a post',
        governs: `${Math.round(down).toLocaleString('en-US')} lb press the beam on a notch of ${sig(area)} in².`,
        fix: 'A wider seat, a bearing block, or a denser wood.',
        trace: () => [
          line({
            label: 'Bearing',
            formula: 'R/(b·lb)',
            numbers: `${sig(down)}/${sig(area)}`,
            value: down / area,
            unit: 'psi',
            clause: 'NDS 2018 3.10.2',
          }),
          line({
            label: 'Allowed',
            formula: 'Fc⊥',
            numbers: sig(values.fcPerp),
            value: values.fcPerp,
            unit: 'psi',
            clause: values.table,
          }),
        ],
      }),
    )
  }
  if (end.upliftLb > 0) {
    const bolt = strength(1.6)
    const up = end.upliftLb * ends
    out.push(
      makeCheck({
        ...head,
        id: `${kind}-uplift`,
        title: `${name} held down`,
        demand: up,
        capacity: bolt.groupLb,
        unit: 'lb',
        combination: '0.6D+0.6W',
        place: 'at a post',
        governs:
          `Wind lifts the beam ${Math.round(up).toLocaleString('en-US')} lb off a post; ${carrier.count} bolts ` +
          'hold it.',
        fix: 'More or thicker bolts.',
        trace: () => bolt.trace,
      }),
    )
  }
  return out
}

/** Carriers and headers: the hardest worked of each, by real truss places, and their joints to the posts. */
export function beamChecks(job: Job, plan: TrussPlan, reactions: readonly RoofLoads[]): Check[] {
  const building = job.building
  return (['carrier', 'header'] as const).flatMap((kind) => {
    const beams = plan.beams.filter((beam) => beam.kind === kind && beam.trusses.length > 0)
    if (beams.length === 0) return []
    const weight = (beam: EaveBeam) =>
      beam.trusses.reduce(
        (least, { truss, atIn }) =>
          least + gravityOf(reactions[truss.number - 1]).gravityLb * Math.min(atIn, beam.spanIn - atIn),
        0,
      )
    const worst = beams.reduce((best, beam) => (weight(beam) > weight(best) ? beam : best))
    const out = spanChecks(beamMember(building, worst, reactions))
    if (out[0].state === 'not-checked') return out
    return [...out, ...seatChecks({ building, kind, worst, shared: kind === 'carrier', reactions })]
  })
}

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
    const own =
      Math.max(
        ...plan.trusses.map((truss) => ((results.dead.maxPsf * 1 + results.snow.psPsf) * truss.tributaryIn) / 12),
      ) *
      (reactions[heavy].roofFt2 / Math.max(plan.trusses[heavy].tributaryIn / 12, 1e-9))
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
  }
  out.push(
    notChecked({
      id: 'trusses',
      title: 'The trusses themselves',
      stage: 'roof',
      why:
        `Their design is the truss maker’s. Give them: dead ${sig(results.dead.maxPsf)} psf, snow ` +
        `${sig(results.snow.psPsf)} psf ` +
        `balanced${results.snow.unbalanced ? `, ${sig(results.snow.unbalanced.leewardPsf + results.snow.unbalanced.surchargePsf)} psf by the ridge ` + 'unbalanced' : ''}, ` +
        `net uplift ${sig(Math.max(0, up[lifted]))} lb at the worst seat, ${sig(plan.spaceIn)} in. ` +
        `apart${building.knee ? ', knee braces' : ''}.`,
      fix: 'Truss drawings, and their bracing sheets on site.',
    }),
  )
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
