import type { EaveBeam } from '../../layout'
import { gravityOf, type RoofLoads, upliftOf } from '../../frame'
import type { Building } from '../../model'
import { item } from '../../result'
import { type SpanLoads, uniform } from '../../statics'
import { boardSize, DURATION, weightPlf } from '../../wood'
import type { SpanCase, SpanMember } from '../span/member'

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
export function beamMember(
  building: Pick<Building, 'roof' | 'grades' | 'edgeShortcut'>,
  beam: EaveBeam,
  reactions: readonly RoofLoads[],
): SpanMember {
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
  }
}

/** End reaction of a beam under its worst gravity, and its net uplift at one end, lb. */
export function endLoads(
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

/** The beam of a kind that its trusses bend hardest; null where none of the kind carries a truss. */
export function hardestBeam(
  beams: readonly EaveBeam[],
  kind: EaveBeam['kind'],
  reactions: readonly RoofLoads[],
): EaveBeam | null {
  const own = beams.filter((beam) => beam.kind === kind && beam.trusses.length > 0)
  const weight = (beam: EaveBeam) =>
    beam.trusses.reduce(
      (sum, { truss, atIn }) =>
        sum + gravityOf(item(reactions, truss.number - 1)).gravityLb * Math.min(atIn, beam.spanIn - atIn),
      0,
    )
  return own.reduce<EaveBeam | null>((best, beam) => (!best || weight(beam) > weight(best) ? beam : best), null)
}
