import type { BeamLoads } from '../../frame'
import { boltStrength, type BoltStrength, crossingPlace, LEAST_FV_PSI, type Splitting, splittingLb } from '../../joints'
import type { EaveBeam } from '../../layout'
import type { Building } from '../../model'
import { firstOf, item } from '../../result'
import { boardSize, boardValues, PLY_IN, postSize, specificGravity } from '../../wood'
import type { SpanMember } from '../span/member'
import { type EndLoad, endsOf } from './member'

/** A carrier or header with what it carries, as the member that it is. */
export interface LoadedBeam {
  readonly loads: BeamLoads
  readonly span: SpanMember
}

/** What the joint of carriers or headers to one post passes: the hardest push down and the hardest pull up, lb. */
export interface BeamJoint {
  readonly kind: EaveBeam['kind']
  readonly building: Pick<Building, 'roof' | 'post' | 'joints' | 'grades'>
  readonly down: JointLoad
  readonly up: JointLoad
}

/** A load of a joint, the post that it comes to, and its combination. */
interface JointLoad extends EndLoad {
  /** The larger of what the ends of two beams bring, lb. */
  readonly endLb: number
  readonly post: { readonly id: string; readonly name: string }
}

const NOTHING = { lb: 0, endLb: 0, duration: 1, name: '' } as const

type SummedEnd = EndLoad & Pick<JointLoad, 'endLb'>

/** An end of a beam with what another brought to the same post before. */
const added = (end: EndLoad, before: SummedEnd | null): SummedEnd => ({
  ...end,
  lb: end.lb + (before?.lb ?? 0),
  endLb: before && Math.abs(before.endLb) > Math.abs(end.lb) ? before.endLb : end.lb,
})

/** What the ends of all beams that meet at each post bring to it, combination by combination. */
function endsByPost(beams: readonly LoadedBeam[]) {
  const sums = new Map<string, { readonly post: EaveBeam['from']; readonly ends: readonly SummedEnd[] }>()
  for (const { loads, span } of beams)
    endsOf(loads, span).forEach(([postId, ends], end) => {
      const post = end === 0 ? loads.beam.from : loads.beam.to
      const before = sums.get(postId)?.ends
      sums.set(postId, {
        post,
        ends: ends.map((each, i) => added(each, before ? item(before, i) : null)),
      })
    })
  return [...sums.values()]
}

/** The hardest worked joint of some beams of one kind: pushed by what asks most of its duration, pulled likewise. */
export function beamJoint(
  kind: EaveBeam['kind'],
  building: BeamJoint['building'],
  beams: readonly LoadedBeam[],
): BeamJoint {
  const first = firstOf(beams).loads.beam.from
  const all = endsByPost(beams).flatMap(({ post, ends }) => ends.map((end): JointLoad => ({ ...end, post })))
  const most = (asks: (load: JointLoad) => number): JointLoad =>
    all.reduce<JointLoad>((best, load) => (asks(load) > asks(best) ? load : best), { ...NOTHING, post: first })
  return {
    kind,
    building,
    down: most(({ lb, duration }) => lb / duration),
    up: most(({ lb, duration }) => -lb / duration),
  }
}

/** Stiffness of a wood without tabled values, psi: only weighs how bolts of a group share their load. */
const SOME_E_PSI = 1.4e6

/** Bolts of a joint, with what the beam takes across its grain at them. */
export interface BeamBolts {
  readonly bolt: BoltStrength
  readonly splitting: Splitting
  /** What both together hold of the joint's load, lb. */
  readonly capacityLb: number
}

/**
 * The bolts of the joint under one of its loads (NDS 2018 12.3), and the end of the harder worked beam across its grain
 * (3.4.3.3).
 */
export function beamBolts({ kind, building }: Pick<BeamJoint, 'kind' | 'building'>, load: JointLoad): BeamBolts {
  const spec = building.roof[kind]
  const board = boardSize(spec.size)
  const size = postSize(building.post)
  const values = boardValues(spec.lumber, board.nominal, building.grades)
  const both = spec.sides === 'both'
  const { diameterIn, count } = building.joints.carrier
  const { duration } = load
  const ePsi = values?.ePsi ?? SOME_E_PSI
  const rows = count > 2 ? 2 : 1
  const place = crossingPlace(diameterIn, Math.ceil(count / rows), board.dIn)
  const bolt = boltStrength({
    diameterIn,
    count,
    rows,
    double: both,
    mainIn: size.depthIn,
    sideIn: PLY_IN * (both ? spec.plies / 2 : spec.plies),
    gMain: specificGravity(building.post.lumber, building.grades),
    gSide: specificGravity(spec.lumber, building.grades),
    mainThetaDeg: 0,
    sideThetaDeg: 90,
    eaMain: ePsi * size.areaIn2,
    eaSide: ePsi * board.areaIn2 * spec.plies,
    spacingIn: 4 * diameterIn,
    place,
    duration,
    wet: building.joints.wetPosts,
  })
  const splitting = {
    fvPsi: values?.fv ?? LEAST_FV_PSI,
    duration,
    bIn: PLY_IN * spec.plies,
    dIn: board.dIn,
    deIn: load.lb > 0 ? place.deDownIn : place.deUpIn,
  }
  const ends = load.endLb === 0 ? 1 : load.lb / load.endLb
  return { bolt, splitting, capacityLb: Math.min(bolt.groupLb, splittingLb(splitting) * ends) }
}
