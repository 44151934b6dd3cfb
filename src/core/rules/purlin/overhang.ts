import type { Building } from '../../model'
import { isWorse, type Use } from '../../result'
import { uniform } from '../../statics'
import { IN_PER_FT, radians } from '../../units'
import { DURATION } from '../../wood'
import { cannot, judgedUse } from '../check'
import { judgeSpan, type SpanCase, type SpanJudged, type SpanMember } from '../span/member'
import { netUpPlf } from './loads'
import { type PurlinLoads, purlinBoard, WORKER_LB } from './member'

/** What purlins that run on past the end trusses are judged by. */
export interface OverhangGiven {
  readonly building: Pick<Building, 'roof' | 'grades' | 'edgeShortcut' | 'gableOverhangIn'>
  /** Loads by the rakes. */
  readonly loads: PurlinLoads
  /** Suction on the overhang, its soffit with it, psf at strength level. */
  readonly upPsf: number
}

export type OverhangFacts =
  | { readonly kind: 'lookouts' }
  | { readonly kind: 'no values'; readonly lumber: string; readonly size: string }
  | {
      readonly kind: 'worked'
      readonly spanCase: SpanCase
      readonly judged: SpanJudged
      readonly flat: boolean
      readonly outIn: number
    }

/**
 * A cantilever as half of a simple span of twice its length: the same moment w·L²/2 + P·L at its root and the same
 * shear w·L + P there. `workerLb` stands at its end.
 */
function caseOf(
  { building, loads }: OverhangGiven,
  {
    name,
    duration,
    plf,
    workerLb = 0,
    luIn,
  }: {
    readonly name: string
    readonly duration: number
    readonly plf: number
    readonly workerLb?: number
    readonly luIn: number
  },
): SpanCase {
  const lengthIn = 2 * building.gableOverhangIn
  const { purlins } = building.roof
  const slope = Math.tan(radians(loads.thetaDeg))
  const loadsOf = (share: number) => ({
    lengthIn,
    points: workerLb ? [{ atIn: lengthIn / 2, lb: 2 * workerLb * share, name: 'worker' }] : [],
    lines: [uniform(lengthIn, plf * share, name)],
  })
  return {
    name,
    duration,
    luIn,
    loads: loadsOf(1),
    ...(purlins.skinHolds || plf < 0 ? {} : { weak: loadsOf(slope) }),
  }
}

/** Every combination on the overhang. Gravity works its lower edge, which nothing holds; suction the one that a skin may. */
function casesOf(given: OverhangGiven): SpanCase[] {
  const { building, loads, upPsf } = given
  const { purlins } = building.roof
  const cos = Math.cos(radians(loads.thetaDeg))
  const down = (planPsf: number, windPsf: number) =>
    ((loads.deadPsf * cos + planPsf * cos * cos + windPsf) * purlins.spaceIn) / IN_PER_FT
  const luIn = purlins.style === 'flat' ? 0 : building.gableOverhangIn
  return [
    caseOf(given, { name: 'D+S', duration: DURATION.snow, plf: down(loads.snowPsf, 0), luIn }),
    caseOf(given, { name: 'D+Lr', duration: 1.25, plf: down(loads.livePsf, 0), luIn }),
    caseOf(given, {
      name: 'D+0.75S+0.75(0.6W)',
      duration: DURATION.wind,
      plf: down(0.75 * loads.snowPsf, 0.45 * loads.windInPsf),
      luIn,
    }),
    caseOf(given, { name: 'D and a worker', duration: 1.25, plf: down(0, 0), workerLb: WORKER_LB * cos, luIn }),
    caseOf(given, {
      name: '0.6D+0.6W',
      duration: DURATION.wind,
      plf: -netUpPlf(building, loads, upPsf),
      luIn: purlins.skinHolds ? 0 : luIn,
    }),
  ]
}

/** The hardest combination on a gable overhang; null without tabled values. */
function hardest(given: OverhangGiven): SpanJudged | null {
  const cases = casesOf(given)
  const member: SpanMember = { ...purlinBoard(given.building), cases, sags: [] }
  const all = cases.flatMap((spanCase) => judgeSpan(member, spanCase) ?? [])
  return all.reduce<SpanJudged | null>(
    (worst, each) => (worst === null || isWorse(each.use, worst.use) ? each : worst),
    null,
  )
}

/** Whether purlins run on over the end trusses; purlins between trusses end there. */
const runsOn = ({ building }: OverhangGiven): boolean => building.roof.purlins.style !== 'between'

/** Use of a gable overhang, for the search: 0 without one, null where it cannot be judged. */
export function overhangUse(given: OverhangGiven): Use | null {
  if (given.building.gableOverhangIn <= 0 || !runsOn(given)) return 0
  return hardest(given)?.use ?? null
}

/**
 * Purlins that run on past the end trusses and carry the gable overhang as cantilevers, in bending and shear at the
 * end truss (NDS 2018 3.3, 3.4; wind with the soffit's, ASCE 7-16 30.9). Null without an overhang; not checked where
 * purlins end at the truss, as its lookouts are not known here.
 */
export function overhang(given: OverhangGiven) {
  const { building } = given
  if (building.gableOverhangIn <= 0) return null
  const name = { member: 'purlin', rule: 'overhang', place: '', id: 'purlin-overhang', stage: 'roof' } as const
  if (!runsOn(given)) {
    const facts: OverhangFacts = { kind: 'lookouts' }
    return cannot({ ...name, facts })
  }
  const judged = hardest(given)
  const { size, lumber } = building.roof.purlins
  if (!judged) {
    const facts: OverhangFacts = { kind: 'no values', lumber, size }
    return cannot({ ...name, facts })
  }
  const facts: OverhangFacts = {
    kind: 'worked',
    spanCase: judged.spanCase,
    judged,
    flat: building.roof.purlins.style === 'flat',
    outIn: building.gableOverhangIn,
  }
  return judgedUse({ ...name, group: 'purlin', use: judged.use, combination: judged.spanCase.name, facts })
}
