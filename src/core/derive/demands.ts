import { alongWall, isEave, tributariesIn, type Grid, type Post, type PostLayout, type TrussPlan } from '../layout'
import { effectiveAreaFt2, roofAlongPsf, roofLivePsf, wallPressures } from '../loads'
import { SIDES, type Job, type LeanTo, type Side } from '../model'
import { line, sig, type TraceLine } from '../result'
import { postSize, weightPlf } from '../wood'
import type { SiteResults } from './siteResults'

export type GravityCase = 'D+S' | 'D+Lr' | 'D+0.75S+0.45W'
/** Roof loads at one point of the eave, lb: dead, least dead, snow, roof live, wind down and wind up at strength level. */
export interface RoofLoads {
  readonly roofFt2: number
  readonly deadLb: number
  readonly deadMinLb: number
  readonly snowLb: number
  readonly liveLb: number
  readonly windDownLb: number
  readonly windUpLb: number
}

/** What one post takes: areas, vertical loads at its top by kind (lb, strength-level wind), and the width of wall whose wind it holds. */
export interface PostDemand extends RoofLoads {
  readonly eaveFt: number
  readonly wallFt: number
  readonly wallSide: Side
  /** Width of the eave wall and of the gable wall that the post holds, ft; 0 where it holds none. */
  readonly eaveWallFt: number
  readonly gableWallFt: number
  /** Largest service gravity load at the top and the combination that gives it. */
  readonly gravityLb: number
  readonly gravityCase: GravityCase
  /** Net uplift 0.6D + 0.6W at the top, lb; negative when dead load holds it down. */
  readonly upliftLb: number
  /** Service cladding wind on the post by itself, pounds per foot of height; 0 where it stands in no wall. */
  readonly claddingPlf: number
  readonly postWeightPlf: number
}

const NONE: RoofLoads = { roofFt2: 0, deadLb: 0, deadMinLb: 0, snowLb: 0, liveLb: 0, windDownLb: 0, windUpLb: 0 }
const sum = (a: RoofLoads, b: RoofLoads, f: number): RoofLoads => ({
  roofFt2: a.roofFt2 + b.roofFt2 * f,
  deadLb: a.deadLb + b.deadLb * f,
  deadMinLb: a.deadMinLb + b.deadMinLb * f,
  snowLb: a.snowLb + b.snowLb * f,
  liveLb: a.liveLb + b.liveLb * f,
  windDownLb: a.windDownLb + b.windDownLb * f,
  windUpLb: a.windUpLb + b.windUpLb * f,
})

/** Largest service gravity of a set of roof loads and its combination. */
export function gravityOf(l: RoofLoads): { readonly gravityLb: number; readonly gravityCase: GravityCase } {
  const snow = l.deadLb + l.snowLb,
    live = l.deadLb + l.liveLb,
    both = l.deadLb + 0.75 * Math.max(l.snowLb, l.liveLb) + 0.45 * l.windDownLb
  if (both > snow && both > live) return { gravityLb: both, gravityCase: 'D+0.75S+0.45W' }
  return live > snow ? { gravityLb: live, gravityCase: 'D+Lr' } : { gravityLb: snow, gravityCase: 'D+S' }
}

/** The gravity combination that rules, written out, ASCE 7-16 2.4.1. */
export function gravityLine(label: string, l: RoofLoads): TraceLine {
  const { gravityLb, gravityCase } = gravityOf(l)
  const [formula, numbers] =
    gravityCase === 'D+S'
      ? ['D + S', `${sig(l.deadLb)} + ${sig(l.snowLb)}`]
      : gravityCase === 'D+Lr'
        ? ['D + Lr', `${sig(l.deadLb)} + ${sig(l.liveLb)}`]
        : [
            'D + 0.75·the more of S and Lr + 0.45·W',
            `${sig(l.deadLb)} + 0.75 × max(${sig(l.snowLb)}, ${sig(l.liveLb)}) + 0.45 × ${sig(l.windDownLb)}`,
          ]
  return line(label, formula, numbers, gravityLb, 'lb', 'ASCE 7-16 2.4.1')
}

/** Net service uplift of a set of roof loads, lb: 0.6W − 0.6D, ASCE 7-16 2.4.1 (7). */
export const upliftOf = (l: RoofLoads): number => 0.6 * l.windUpLb - 0.6 * l.deadMinLb

/** Reaction of each truss at one eave, by truss order, lb. A truss drawing's own reactions replace the computed gravity and uplift. */
export function trussReactions(job: Job, grid: Grid, plan: TrussPlan, r: SiteResults): RoofLoads[] {
  const b = job.building
  const halfFt = grid.widthIn / 24 + b.eaveOverhangIn / 12
  const lengthFt = grid.lengthIn / 12
  const typed = b.roof.truss.reaction
  return plan.trusses.map((t): RoofLoads => {
    const tribFt = t.tributaryIn / 12
    const roofFt2 = tribFt * halfFt
    const near = t.end ? 0 : Math.max(0, Math.min(t.xIn / 12, lengthFt - t.xIn / 12) - tribFt / 2)
    const upPsf = r.openRoof
      ? -r.openRoof.upPsf
      : r.wind.internalPsf - Math.min(r.wind.roofWindwardAPsf, r.wind.roofLeewardPsf, roofAlongPsf(r.wind, near))
    const downPsf = r.openRoof ? r.openRoof.downPsf : Math.max(0, r.wind.roofWindwardBPsf + r.wind.internalPsf)
    const deadLb = r.dead.maxPsf * roofFt2
    const deadMinLb = r.dead.minPsf * roofFt2
    if (typed)
      return {
        roofFt2,
        deadLb,
        deadMinLb,
        snowLb: Math.max(0, typed.gravityLb - deadLb),
        liveLb: 0,
        windDownLb: downPsf * roofFt2,
        windUpLb: (typed.upliftLb + 0.6 * deadMinLb) / 0.6,
      }
    return {
      roofFt2,
      deadLb,
      deadMinLb,
      snowLb: r.eaveSnowPlf * tribFt,
      liveLb: roofLivePsf(roofFt2, b.pitchPer12) * roofFt2,
      windDownLb: downPsf * roofFt2,
      windUpLb: Math.max(0, upPsf) * roofFt2,
    }
  })
}

/** Roof loads that a lean-to brings to its wall or to its outer line over `eaveFt` of its length. */
export function leanToRoofLoads(
  r: SiteResults,
  l: LeanTo,
  overhangFt: number,
  eaveFt: number,
  at: 'wall' | 'outer',
): RoofLoads {
  const loads = r.leanTos.find((q) => q.leanTo === l)
  if (!loads) return NONE
  const depth = l.depthIn / 12
  const roofFt2 = eaveFt * (depth / 2 + (at === 'outer' ? overhangFt : 0))
  const live = roofLivePsf(roofFt2, l.pitchPer12)
  return {
    roofFt2,
    deadLb: r.dead.maxPsf * roofFt2,
    deadMinLb: r.dead.minPsf * roofFt2,
    snowLb: (at === 'wall' ? loads.wallPlf : loads.outerPlf) * eaveFt,
    liveLb: live * roofFt2,
    windDownLb: loads.wind.downPsf * roofFt2,
    windUpLb: -loads.wind.upPsf * roofFt2,
  }
}

/** Demands of every post, by id. Corner posts hold both their walls; gable posts count the end truss's strip besides the corners (safe). */
export function postDemands(
  job: Job,
  grid: Grid,
  layout: PostLayout,
  plan: TrussPlan,
  reactions: readonly RoofLoads[],
  r: SiteResults,
): Record<string, PostDemand> {
  const b = job.building
  const last = grid.centresIn.length - 1
  const tribFt = (line: number) => {
    const half = (k: number) => (k >= 0 && k < grid.baysIn.length ? grid.baysIn[k] / 24 : b.gableOverhangIn / 12)
    return half(line - 1) + half(line)
  }
  const onEave = new Map<string, { loads: RoofLoads; feet: number }>()
  for (const side of ['south', 'north'] as const) {
    for (const rest of plan.rests[side]) {
      const loads = reactions[rest.truss.n - 1]
      const give = (id: string, share: number) => {
        const has = onEave.get(id) ?? { loads: NONE, feet: 0 }
        onEave.set(id, { loads: sum(has.loads, loads, share), feet: has.feet + (rest.truss.tributaryIn / 12) * share })
      }
      if (rest.post) give(rest.post.id, 1)
      else if (rest.between) {
        give(rest.between[0].id, rest.share[0])
        give(rest.between[1].id, rest.share[1])
      }
    }
  }
  const weight = weightPlf(b.post.lumber, postSize(b.post).areaIn2, 19, b.grades)
  const widths = Object.fromEntries(SIDES.map((s) => [s, tributariesIn(layout.posts, s)])) as Record<
    Side,
    ReadonlyMap<string, number>
  >
  const tributaryIn = (p: Post, side: Side) => widths[side].get(p.id) ?? 0
  const sideFt = (p: Post, side: Side) => (b.openSides.includes(side) ? 0 : tributaryIn(p, side) / 12)

  const demand = (p: Post): PostDemand => {
    const lean = b.leanTos.find((l) => l.side === p.side)
    const overhangFt = b.eaveOverhangIn / 12
    let loads: RoofLoads = NONE
    let eaveFt = 0
    if (p.kind === 'lean-to' && p.line !== null && lean) {
      eaveFt = tribFt(p.line - 1)
      loads = leanToRoofLoads(r, lean, overhangFt, eaveFt, 'outer')
    } else if (isEave(p.side)) {
      const own = onEave.get(p.id)
      loads = own?.loads ?? NONE
      eaveFt = own?.feet ?? 0
      if (lean) loads = sum(loads, leanToRoofLoads(r, lean, overhangFt, tributaryIn(p, p.side) / 12, 'wall'), 1)
    } else {
      const line = p.side === 'west' ? 0 : last
      eaveFt = tribFt(line)
      const roofFt2 = (eaveFt * tributaryIn(p, p.side)) / 12
      const end = reactions[p.side === 'west' ? 0 : reactions.length - 1]
      const psf = (lb: number) => (lb / Math.max(end.roofFt2, 1e-9)) * roofFt2
      const snowPsf = Math.max(r.snow.psPsf + (r.snow.unbalanced?.surchargePsf ?? 0), r.snow.pmPsf)
      loads = {
        roofFt2,
        deadLb: r.dead.maxPsf * roofFt2,
        deadMinLb: r.dead.minPsf * roofFt2,
        snowLb: snowPsf * roofFt2,
        liveLb: roofLivePsf(roofFt2, b.pitchPer12) * roofFt2,
        windDownLb: psf(end.windDownLb),
        windUpLb: psf(end.windUpLb),
      }
    }
    const gableSide: Side = p.line === 1 ? 'west' : 'east'
    const eaveWallFt = isEave(p.side) && p.kind !== 'lean-to' ? sideFt(p, p.side) : 0
    const gableWallFt = p.kind === 'corner' ? sideFt(p, gableSide) : !isEave(p.side) ? sideFt(p, p.side) : 0
    const [wallFt, wallSide] =
      p.kind === 'corner' && gableWallFt > eaveWallFt
        ? [gableWallFt, gableSide]
        : isEave(p.side)
          ? [eaveWallFt, p.side]
          : [gableWallFt, p.side]
    const heightFt = p.heightIn / 12
    const zone5 = (p.kind === 'corner' ? [p.side, gableSide] : [p.side]).some((side) => {
      const at = alongWall(p, side).atIn / 12
      const wall = (isEave(side) ? grid.lengthIn : grid.widthIn) / 12
      return Math.min(at, wall - at) - wallFt / 2 < r.edgeZoneFt
    })
    const own = p.kind === 'corner' ? eaveWallFt : wallFt
    const cladding = wallPressures(
      r.claddingQhPsf,
      effectiveAreaFt2(heightFt, Math.max(own, 0.1)),
      zone5 ? 5 : 4,
      r.flatRoof,
      r.wind.gcpi,
    )
    const { roofFt2, deadLb, deadMinLb, snowLb, liveLb, windDownLb, windUpLb } = loads
    const { gravityLb, gravityCase } = gravityOf(loads)
    // Written out: a spread here costs several times the arithmetic.
    return {
      roofFt2,
      deadLb,
      deadMinLb,
      snowLb,
      liveLb,
      windDownLb,
      windUpLb,
      eaveFt,
      wallFt,
      wallSide,
      eaveWallFt,
      gableWallFt,
      gravityLb,
      gravityCase,
      upliftLb: upliftOf(loads),
      claddingPlf: p.kind === 'lean-to' ? 0 : 0.6 * Math.max(cladding.inwardPsf, -cladding.outwardPsf) * own,
      postWeightPlf: weight,
    }
  }
  return Object.fromEntries(layout.posts.map((p) => [p.id, demand(p)]))
}
