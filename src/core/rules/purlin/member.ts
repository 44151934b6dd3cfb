import { DEAD_AGAINST_WIND, WIND_ASD } from '../../loads'
import type { Building, Ceiling } from '../../model'
import { type SpanLoads, uniform } from '../../statics'
import { IN_PER_FT, radians } from '../../units'
import { DURATION } from '../../wood'
import type { SpanCase, SpanMember } from '../span/member'

/**
 * Sag limits of roof members by ceiling, span over: live and total, IBC 2021 Table 1604.3; formed metal roofing L/150
 * without a ceiling (note a).
 */
export const roofLimits = (ceiling: Ceiling): { readonly live: number; readonly total: number } => {
  if (ceiling === 'none') return { live: 150, total: 120 }
  if (ceiling === 'other') return { live: 240, total: 180 }
  return { live: 360, total: 240 }
}

/** Weight of a roof worker, lb, IBC 2021 Table 1607.1. */
export const WORKER_LB = 300
/**
 * Loads of one purlin by name, psf: dead of the slope, snow and live of plan, wind square to the roof at strength
 * level.
 */
export interface PurlinLoads {
  readonly thetaDeg: number
  readonly deadPsf: number
  readonly leastPsf: number
  readonly snowPsf: number
  readonly livePsf: number
  readonly windInPsf: number
  readonly zones: readonly { readonly zone: string; readonly upPsf: number }[]
}

/** A purlin on its span, and the loads that come onto it from a slope. */
interface OnSlope {
  readonly purlins: Building['roof']['purlins']
  readonly loads: PurlinLoads
  readonly spanIn: number
  readonly spaceFt: number
  readonly sin: number
  readonly cos: number
}

const spanLoads = ({ spanIn }: OnSlope, plf: number, name: string, workerLb = 0): SpanLoads => ({
  lengthIn: spanIn,
  points: workerLb ? [{ atIn: spanIn / 2, lb: workerLb, name: 'worker' }] : [],
  lines: plf ? [uniform(spanIn, plf, name)] : [],
})

/** Load square to the slope, plf, from dead load of the slope, load of plan and wind, psf. */
const squarePlf = ({ cos, spaceFt }: OnSlope, deadPsf: number, planPsf: number, windPsf: number): number =>
  (deadPsf * cos + planPsf * cos * cos + windPsf) * spaceFt
/** Load down the slope, plf. */
const alongPlf = ({ sin, cos, spaceFt }: OnSlope, deadPsf: number, planPsf: number): number =>
  (deadPsf * sin + planPsf * sin * cos) * spaceFt

/** One gravity combination; where the skin does not hold the top edges the purlin bends down the slope too. */
function gravityCase(
  of: OnSlope,
  name: string,
  { duration, planPsf, windPsf, what }: { duration: number; planPsf: number; windPsf: number; what: string },
): SpanCase {
  const { purlins, loads, spanIn, cos, spaceFt } = of
  const { deadPsf } = loads
  const plf = squarePlf(of, deadPsf, planPsf, windPsf)
  return {
    name,
    duration,
    luIn: purlins.skinHolds ? 0 : spanIn,
    loads: spanLoads(of, plf, what),
    ...(purlins.skinHolds ? {} : { weak: spanLoads(of, alongPlf(of, deadPsf, planPsf), what) }),
    origin: { kind: 'slope', deadPsf, planPsf, windPsf, cos, spaceFt, plf },
  }
}

/** A worker at mid-span with the dead load. */
function workerCase(of: OnSlope): SpanCase {
  const { purlins, loads, spanIn, sin, cos } = of
  return {
    name: 'D and a worker',
    duration: 1.25,
    luIn: purlins.skinHolds ? 0 : spanIn,
    loads: spanLoads(of, squarePlf(of, loads.deadPsf, 0, 0), 'dead', WORKER_LB * cos),
    ...(purlins.skinHolds ? {} : { weak: spanLoads(of, alongPlf(of, loads.deadPsf, 0), 'dead', WORKER_LB * sin) }),
  }
}

/** Free length of the lower edge under uplift, inches: flat boards cannot buckle, blocks halve it. */
function freeUnderUpliftIn({ purlins, spanIn }: OnSlope): number {
  if (purlins.style === 'flat') return 0
  return purlins.blocked ? spanIn / 2 : spanIn
}

function upliftCase(of: OnSlope, { zone, upPsf }: PurlinLoads['zones'][number]): SpanCase {
  const { loads, cos, spaceFt } = of
  const { leastPsf } = loads
  const plf = (WIND_ASD * Math.abs(upPsf) - DEAD_AGAINST_WIND * leastPsf * cos) * spaceFt
  return {
    name: '0.6D+0.6W',
    duration: DURATION.wind,
    place: `zone ${zone}`,
    luIn: freeUnderUpliftIn(of),
    loads: spanLoads(of, -plf, `wind up, zone ${zone}`),
    origin: { kind: 'uplift', zone, upPsf: Math.abs(upPsf), leastPsf, cos, spaceFt, plf },
  }
}

/** The board a purlin is, wherever it spans. */
export const purlinBoard = ({ roof, grades, edgeShortcut }: Pick<Building, 'roof' | 'grades' | 'edgeShortcut'>) => ({
  plies: 1,
  size: roof.purlins.size,
  lumber: roof.purlins.lumber,
  own: grades,
  flat: roof.purlins.style === 'flat',
  spaceIn: roof.purlins.spaceIn,
  shortcut: edgeShortcut,
})

/** The member a purlin is, with all its combinations. `spanIn` between trusses or rafters; spacing on the slope. */
export function purlinMember(
  building: Pick<Building, 'roof' | 'grades' | 'edgeShortcut'>,
  spanIn: number,
  loads: PurlinLoads,
): SpanMember {
  const { purlins } = building.roof
  const theta = radians(loads.thetaDeg)
  const of: OnSlope = {
    purlins,
    loads,
    spanIn,
    spaceFt: purlins.spaceIn / IN_PER_FT,
    sin: Math.sin(theta),
    cos: Math.cos(theta),
  }
  const { snowPsf, livePsf, windInPsf, deadPsf } = loads
  const limit = roofLimits(building.roof.ceiling)
  const planPsf = Math.max(snowPsf, livePsf)
  // Two spans of a full-length board sag 0.42 as much as one; laps are not counted on.
  const run = purlins.run === 'two-span' ? 0.415 : 1
  return {
    ...purlinBoard(building),
    cases: [
      gravityCase(of, 'D+S', { duration: DURATION.snow, planPsf: snowPsf, windPsf: 0, what: 'snow' }),
      gravityCase(of, 'D+Lr', { duration: 1.25, planPsf: livePsf, windPsf: 0, what: 'roof live' }),
      gravityCase(of, 'D+0.6W', {
        duration: DURATION.wind,
        planPsf: 0,
        windPsf: WIND_ASD * windInPsf,
        what: 'wind',
      }),
      gravityCase(of, 'D+0.75S+0.75(0.6W)', {
        duration: DURATION.wind,
        planPsf: 0.75 * snowPsf,
        windPsf: 0.45 * windInPsf,
        what: 'snow and wind',
      }),
      workerCase(of),
      ...loads.zones.map((zone) => upliftCase(of, zone)),
    ],
    sags: [
      { name: 'snow', over: limit.live, loads: spanLoads(of, squarePlf(of, 0, planPsf, 0) * run, 'snow') },
      {
        name: 'D+S',
        over: limit.total,
        loads: spanLoads(of, squarePlf(of, deadPsf, planPsf, 0) * run, 'snow and dead'),
      },
    ],
  }
}
