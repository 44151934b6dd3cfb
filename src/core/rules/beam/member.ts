import { type BeamLoads, type RoofLoads, upliftOf } from '../../frame'
import { DEAD_AGAINST_WIND } from '../../loads'
import type { Building } from '../../model'
import { item } from '../../result'
import { spanForces, type SpanLoads, uniform } from '../../statics'
import { boardSize, DURATION, weightPlf } from '../../wood'
import type { SpanCase, SpanMember } from '../span/member'

/** A door binds when its header sags more than this, inches (practice, register C26). */
const HEADER_SAG_IN = 0.375

/** No other board stands near enough to share a load, inches. */
const ALONE_IN = 99

/** Share of the strength-level wind that comes with three quarters of the snow (ASCE 7-16 2.4.1 (6)). */
const WIND_WITH_SNOW = 0.45
const WITH_WIND = 0.75

/** Loads of one beam for one factor set, lb; its own weight with the dead load. */
function loadsOf({ beam, points, perFt }: BeamLoads, pick: (loads: RoofLoads) => number, ownPlf: number): SpanLoads {
  const leanToPlf = perFt ? pick(perFt) : 0
  return {
    lengthIn: beam.spanIn,
    points: points.map(({ atIn, loads, name }) => ({ atIn, lb: pick(loads), name })),
    lines: [
      ...(ownPlf === 0 ? [] : [uniform(beam.spanIn, ownPlf)]),
      ...(leanToPlf === 0 ? [] : [uniform(beam.spanIn, leanToPlf, 'lean-to')]),
    ],
  }
}

/** Longest free length of the top edge, inches: trusses hold it where they stand. */
function topFreeIn({ beam, points }: BeamLoads): number {
  const held = points.filter(({ holdsTop }) => holdsTop).map(({ atIn }) => atIn)
  const stops = [0, ...held, beam.spanIn].sort((one, other) => one - other)
  return stops.slice(1).reduce((most, value, i) => Math.max(most, value - item(stops, i)), 0)
}

/** Combinations that a beam is judged under: what each counts of a roof, and of the beam's own weight. */
interface BeamCombination {
  readonly name: string
  readonly duration: number
  readonly pick: (loads: RoofLoads) => number
  readonly own: number
}

const GRAVITY: readonly BeamCombination[] = [
  { name: 'D', duration: DURATION.dead, pick: ({ deadLb }) => deadLb, own: 1 },
  { name: 'D+S', duration: DURATION.snow, pick: ({ deadLb, snowLb }) => deadLb + snowLb, own: 1 },
  { name: 'D+Lr', duration: DURATION.roofLive, pick: ({ deadLb, liveLb }) => deadLb + liveLb, own: 1 },
  {
    name: 'D+0.75S+0.75(0.6W)',
    duration: DURATION.wind,
    pick: ({ deadLb, snowLb, liveLb, windDownLb }) =>
      deadLb + WITH_WIND * Math.max(snowLb, liveLb) + WIND_WITH_SNOW * windDownLb,
    own: 1,
  },
]
const UPLIFT: BeamCombination = {
  name: '0.6D+0.6W',
  duration: DURATION.wind,
  pick: (loads) => -upliftOf(loads),
  own: DEAD_AGAINST_WIND,
}

/**
 * The member a carrier or header is, with every combination of its trusses and its lean-to at their real places. Trusses
 * hold its top edge where they stand; under uplift the lower edge is free over the span.
 */
export function beamMember(building: Pick<Building, 'roof' | 'grades' | 'edgeShortcut'>, loads: BeamLoads): SpanMember {
  const { beam } = loads
  const spec = building.roof[beam.kind]
  const ownPlf = spec.plies * weightPlf(spec.lumber, boardSize(spec.size).areaIn2, 19, building.grades)
  const luIn = topFreeIn(loads)
  const make = ({ name, duration, pick, own }: BeamCombination, lu: number): SpanCase => ({
    name,
    duration,
    luIn: lu,
    loads: loadsOf(loads, pick, ownPlf * own),
  })
  return {
    plies: spec.plies,
    size: spec.size,
    lumber: spec.lumber,
    own: building.grades,
    flat: false,
    spaceIn: ALONE_IN,
    shortcut: building.edgeShortcut,
    together: spec.sides === 'both' ? spec.plies / 2 : spec.plies,
    cases: [...GRAVITY.map((combination) => make(combination, luIn)), make(UPLIFT, beam.spanIn)],
    sags: [
      {
        name: 'D+S',
        over: 240,
        loads: loadsOf(loads, ({ deadLb, snowLb, liveLb }) => deadLb + Math.max(snowLb, liveLb), ownPlf),
        ...(beam.kind === 'header' ? { mostIn: HEADER_SAG_IN } : {}),
      },
    ],
  }
}

/** What the ends of beams bring to one post under one combination, lb: down positive, up negative. */
export interface EndLoad {
  readonly lb: number
  readonly name: string
  readonly duration: number
}

/** Both ends of a beam under every combination it is judged under, by the post that takes them. */
export function endsOf(
  { beam }: BeamLoads,
  member: SpanMember,
): readonly (readonly [postId: string, ends: EndLoad[]])[] {
  const forces = member.cases.map(({ name, duration, loads }) => ({ name, duration, ...spanForces(loads) }))
  const at = (lb: 'leftLb' | 'rightLb') =>
    forces.map((each) => ({ lb: each[lb], name: each.name, duration: each.duration }))
  return [
    [beam.from.id, at('leftLb')],
    [beam.to.id, at('rightLb')],
  ]
}
