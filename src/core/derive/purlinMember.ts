import { DEAD_AGAINST_WIND, WIND_ASD } from '../loads'
import { DURATION } from '../wood'
import { IN_PER_FT, radians } from '../units'
import type { Building, Ceiling } from '../model'
import { line, sig } from '../result'
import { type SpanLoads, uniform } from '../statics'
import type { SpanCase, SpanMember } from './spanCheck'

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
const WORKER_LB = 300
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

/** Load cases of a purlin: gravity and uplift in every zone, on both axes of the slope. */
function purlinCases({
  gravity,
  purlinLoads,
  edge,
  span,
  normal,
  cos,
  purlins,
  along,
  sin,
  flat,
  spanIn,
  spaceFt,
}: {
  readonly gravity: ({
    name,
    duration,
    plan,
    wind,
    what,
  }: {
    name: string
    duration: number
    plan: number
    wind: number
    what: string
  }) => SpanCase
  readonly purlinLoads: PurlinLoads
  readonly edge: number
  readonly span: (plf: number, name: string, point?: number) => SpanLoads
  readonly normal: (dead: number, plan: number, wind: number) => number
  readonly cos: number
  readonly purlins: Building['roof']['purlins']
  readonly along: (dead: number, plan: number) => number
  readonly sin: number
  readonly flat: boolean
  readonly spanIn: number
  readonly spaceFt: number
}) {
  const cases: SpanCase[] = [
    gravity({ name: 'D+S', duration: DURATION.snow, plan: purlinLoads.snowPsf, wind: 0, what: 'snow' }),
    gravity({ name: 'D+Lr', duration: 1.25, plan: purlinLoads.livePsf, wind: 0, what: 'roof live' }),
    gravity({ name: 'D+0.6W', duration: DURATION.wind, plan: 0, wind: WIND_ASD * purlinLoads.windInPsf, what: 'wind' }),
    gravity({
      name: 'D+0.75S+0.75(0.6W)',
      duration: DURATION.wind,
      plan: 0.75 * purlinLoads.snowPsf,
      wind: 0.45 * purlinLoads.windInPsf,
      what: 'snow and wind',
    }),
    {
      name: 'D and a worker',
      duration: 1.25,
      luIn: edge,
      loads: span(normal(purlinLoads.deadPsf, 0, 0), 'dead', WORKER_LB * cos),
      ...(purlins.skinHolds ? {} : { weak: span(along(purlinLoads.deadPsf, 0), 'dead', WORKER_LB * sin) }),
    },
    ...purlinLoads.zones.map(({ zone, upPsf }): SpanCase => {
      const unbracedIn = () => {
        if (flat) return 0
        if (purlins.blocked) return spanIn / 2
        return spanIn
      }
      return {
        name: '0.6D+0.6W',
        duration: DURATION.wind,
        place: `zone ${zone}`,
        luIn: unbracedIn(),
        loads: span((-0.6 * Math.abs(upPsf) + 0.6 * purlinLoads.leastPsf * cos) * spaceFt, `wind up, zone ${zone}`),
        trace: () => [
          line({
            label: `Wind up, zone ${zone}`,
            formula: 'w = (0.6·p − 0.6·D·cosθ)·s',
            numbers: `(0.6 × ${sig(Math.abs(upPsf))} − 0.6 × ${sig(purlinLoads.leastPsf)} × ${sig(cos)}) × ${sig(spaceFt)}`,
            value: (WIND_ASD * Math.abs(upPsf) - DEAD_AGAINST_WIND * purlinLoads.leastPsf * cos) * spaceFt,
            unit: 'plf',
            clause: 'ASCE 7-16 Fig. 30.3-2',
          }),
        ],
      }
    }),
  ]
  return cases
}

/** The member a purlin is, with all its combinations. `spanIn` between trusses or rafters; spacing on the slope. */
export function purlinMember({
  building,
  id,
  title,
  group,
  spanIn,
  purlinLoads,
  fix,
  subjects = [],
}: {
  building: Building
  id: string
  title: string
  group: 'purlin' | 'lean-to'
  spanIn: number
  purlinLoads: PurlinLoads
  fix: string
  subjects?: readonly string[]
}): SpanMember {
  const purlins = building.roof.purlins
  const spaceFt = purlins.spaceIn / IN_PER_FT
  const theta = radians(purlinLoads.thetaDeg)
  const [sin, cos] = [Math.sin(theta), Math.cos(theta)]
  const flat = purlins.style === 'flat'
  const span = (plf: number, name: string, point = 0): SpanLoads => ({
    lengthIn: spanIn,
    points: point ? [{ atIn: spanIn / 2, lb: point, name: 'worker' }] : [],
    lines: plf ? [uniform(spanIn, plf, name)] : [],
  })
  const normal = (dead: number, plan: number, wind: number) => (dead * cos + plan * cos * cos + wind) * spaceFt
  const along = (dead: number, plan: number) => (dead * sin + plan * sin * cos) * spaceFt
  const edge = purlins.skinHolds ? 0 : spanIn
  const gravity = ({
    name,
    duration,
    plan,
    wind,
    what,
  }: {
    name: string
    duration: number
    plan: number
    wind: number
    what: string
  }): SpanCase => ({
    name,
    duration,
    luIn: edge,
    loads: span(normal(purlinLoads.deadPsf, plan, wind), what),
    ...(purlins.skinHolds ? {} : { weak: span(along(purlinLoads.deadPsf, plan), what) }),
    trace: () => [
      line({
        label: 'Square to the slope',
        formula: 'w = (D·cosθ + S·cos²θ + W)·s',
        numbers:
          `(${sig(purlinLoads.deadPsf)} × ${sig(cos)} + ${sig(plan)} × ${sig(cos * cos)} + ${sig(wind)}) × ` +
          `${sig(spaceFt)}`,
        value: normal(purlinLoads.deadPsf, plan, wind),
        unit: 'plf',
        clause: 'statics',
      }),
    ],
  })
  const cases = purlinCases({
    gravity,
    purlinLoads,
    edge,
    span,
    normal,
    cos,
    purlins,
    along,
    sin,
    flat,
    spanIn,
    spaceFt,
  })
  const limit = roofLimits(building.roof.ceiling)
  // Two spans of a full-length board sag 0.42 as much as one; laps are not counted on.
  const run = purlins.run === 'two-span' ? 0.415 : 1
  return {
    id,
    title,
    stage: 'roof',
    group,
    subjects,
    plies: 1,
    size: purlins.size,
    lumber: purlins.lumber,
    own: building.grades,
    flat,
    spaceIn: purlins.spaceIn,
    shortcut: building.edgeShortcut,
    cases,
    fix,
    sags: [
      {
        name: 'snow',
        over: limit.live,
        loads: span(normal(0, Math.max(purlinLoads.snowPsf, purlinLoads.livePsf), 0) * run, 'snow'),
      },
      {
        name: 'D+S',
        over: limit.total,
        loads: span(
          normal(purlinLoads.deadPsf, Math.max(purlinLoads.snowPsf, purlinLoads.livePsf), 0) * run,
          'snow and dead',
        ),
      },
    ],
  }
}
