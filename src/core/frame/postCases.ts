import { isEave, type Post } from '../layout'
import { ratioOfUse, usedOf } from '../result'
import { combine, type PostUnit } from '../statics'
import { IN_PER_FT, radians } from '../units'
import type { PostDemand } from './demands'
import { bareWindPsf, GCPI_LABEL, type LateralCase, service } from './lateralCase'
import type { SiteResults } from './siteResults'

/** One post and all that its lateral cases are made from. */
export interface PostInWind {
  readonly post: Post
  readonly unit: PostUnit
  readonly demand: PostDemand
  readonly results: SiteResults
  /** No roof holds its top. */
  readonly freeTop: boolean
}

/** One lateral case of a post: a pressure over a width, and how far its top moves. */
const lateralCase = (
  { unit }: PostInWind,
  { name, windPsf, widthFt }: { readonly name: string; readonly windPsf: number; readonly widthFt: number },
  moveIn: number,
): LateralCase => {
  const plf = windPsf * widthFt
  return { name, plf, moveIn, windPsf, widthFt, unit, ...combine(unit.held, plf, unit.perInch, moveIn) }
}

/** The wind cases of a post; null where it has nothing to stand by. */
type Cases = readonly LateralCase[] | null

/** How far a top that nothing holds moves, inches, under wind along the post and a force at its head; null: it falls. */
function freeMoveIn({ unit, freeTop }: PostInWind, plf: number, headLb = 0): number | null {
  if (!freeTop) return 0
  return ratioOfUse(usedOf(unit.held.topLb * plf + headLb, unit.stiffnessLbIn))
}

/**
 * A post under the outer edge of a lean-to: wind on the bare post and the sideways part of the roof's pressure at its
 * head.
 */
function leanToCases(of: PostInWind): Cases {
  const { post, demand, results } = of
  const lean = results.leanTos.find(({ leanTo }) => leanTo.side === post.side)
  if (!lean) return null
  const windPsf = bareWindPsf(results)
  const widthFt = post.sizeX / IN_PER_FT
  const headLb = service(Math.abs(lean.wind.upPsf) * demand.roofFt2 * Math.sin(radians(lean.thetaDeg)))
  const move = freeMoveIn(of, windPsf * widthFt, headLb)
  return move === null ? null : [lateralCase(of, { name: 'wind on the post', windPsf, widthFt }, move)]
}

/** A post of an eave wall: wind from both sides moves it with its frame; wind along the ridge does not. */
function eaveCases(of: PostInWind, moveIn: number | null): Cases {
  if (moveIn === null) return null
  const { wind } = of.results
  const widthFt = of.demand.eaveWallFt
  const inward = service(wind.windwardPsf + wind.internalPsf)
  const outward = service(-wind.leewardPsf + wind.internalPsf)
  const along = service(Math.abs(wind.sidePsf) + wind.internalPsf)
  return [
    lateralCase(of, { name: `wind in, inside ${GCPI_LABEL.low}`, windPsf: inward, widthFt }, moveIn),
    lateralCase(of, { name: `wind out behind, inside ${GCPI_LABEL.high}`, windPsf: outward, widthFt }, moveIn),
    lateralCase(of, { name: 'wind along the ridge', windPsf: along, widthFt }, 0),
  ]
}

/** A post of a gable wall. Without a roof that holds it, it stands free: it moves until its top carries nothing. */
function gableCases(of: PostInWind): Cases {
  const { wind } = of.results
  const widthFt = of.demand.gableWallFt
  const windPsf = service(Math.max(wind.windwardPsf, -wind.leewardAlongPsf, Math.abs(wind.sidePsf)) + wind.internalPsf)
  const move = freeMoveIn(of, windPsf * widthFt)
  return move === null ? null : [lateralCase(of, { name: 'wind on the gable', windPsf, widthFt }, move)]
}

/** Hardest pull or push of a knee brace on this post, lb; 0 without one. */
export function kneeForceLb(unit: PostUnit, cases: readonly LateralCase[]): number {
  const knee = unit as PostUnit & { readonly heldBraceLb?: number; readonly perInchBraceLb?: number }
  if (knee.heldBraceLb === undefined) return 0
  const held = knee.heldBraceLb
  const perInch = knee.perInchBraceLb ?? 0
  return Math.max(...cases.map((lateral) => Math.abs(held * lateral.plf) + Math.abs(perInch * lateral.moveIn)))
}

/** The lateral cases of a post, by what wall it stands in; null where nothing holds it up sideways. */
export function casesOf(of: PostInWind, moveAt: (xIn: number) => number | null): Cases {
  if (of.post.kind === 'lean-to') return leanToCases(of)
  if (isEave(of.post.side)) return eaveCases(of, moveAt(of.post.x))
  return gableCases(of)
}
