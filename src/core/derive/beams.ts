import { boltStrength } from '../joints'
import type { EaveBeam, TrussPlan } from '../layout'
import type { Building, Job } from '../model'
import { type Check, line, makeCheck, notChecked, sig, item, firstOf } from '../result'
import { type SpanLoads, uniform } from '../statics'
import { boardSize, boardValues, postSize, specificGravity, weightPlf, DURATION } from '../wood'
import { gravityOf, type RoofLoads, upliftOf } from '../frame/demands'
import { type SpanCase, spanChecks, type SpanMember } from './spanCheck'

const LABEL = { carrier: 'Truss carriers', header: 'Headers over left-out posts' } as const
/** A door binds when its header sags more than this, inches (practice, register C26). */
const HEADER_SAG_IN = 0.375

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
      lb: pick(item(reactions, truss.number - 1)),
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
  const luIn = stops.slice(1).reduce((most, value, i) => Math.max(most, value - item(stops, i)), 0)
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
      make({
        name: 'D+S',
        duration: DURATION.snow,
        pick: (loads) => loads.deadLb + loads.snowLb,
        ownFactor: 1,
        lu: luIn,
      }),
      make({ name: 'D+Lr', duration: 1.25, pick: (loads) => loads.deadLb + loads.liveLb, ownFactor: 1, lu: luIn }),
      make({
        name: 'D+0.75S+0.75(0.6W)',
        duration: DURATION.wind,
        pick: (loads) => loads.deadLb + 0.75 * Math.max(loads.snowLb, loads.liveLb) + 0.45 * loads.windDownLb,
        ownFactor: 1,
        lu: luIn,
      }),
      make({
        name: '0.6D+0.6W',
        duration: DURATION.wind,
        pick: (loads) => -upliftOf(loads),
        ownFactor: 0.6,
        lu: beam.spanIn,
      }),
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
      (sum, { truss, atIn }) => sum + (pick(item(reactions, truss.number - 1)) * atIn) / beam.spanIn,
      0,
    )
    const total = beam.trusses.reduce((sum, { truss }) => sum + pick(item(reactions, truss.number - 1)), 0)
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
    const bolt = strength(DURATION.wind)
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
          least + gravityOf(item(reactions, truss.number - 1)).gravityLb * Math.min(atIn, beam.spanIn - atIn),
        0,
      )
    const worst = beams.reduce((best, beam) => (weight(beam) > weight(best) ? beam : best))
    const out = spanChecks(beamMember(building, worst, reactions))
    if (firstOf(out).state === 'not-checked') return out
    return [...out, ...seatChecks({ building, kind, worst, shared: kind === 'carrier', reactions })]
  })
}
