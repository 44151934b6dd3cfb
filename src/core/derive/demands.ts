import { alongWall, isEave, tributaryIn, wallPosts, type Grid, type Post, type PostLayout } from '../layout'
import { effectiveAreaFt2, roofLivePsf, wallPressures } from '../loads'
import type { Job, Side } from '../model'
import { postSize, weightPlf } from '../wood'
import type { SiteResults } from './siteResults'

/** What one post takes: areas, vertical loads at its top by kind (lb, strength-level wind), and the width of wall whose wind it holds. */
export interface PostDemand {
  readonly roofFt2: number; readonly eaveFt: number; readonly wallFt: number; readonly wallSide: Side
  readonly deadLb: number; readonly deadMinLb: number; readonly snowLb: number; readonly liveLb: number; readonly windDownLb: number; readonly windUpLb: number
  /** Largest service gravity load at the top and the combination that gives it. */
  readonly gravityLb: number; readonly gravityCase: 'D+S' | 'D+Lr' | 'D+0.75S+0.45W'
  /** Net uplift 0.6D + 0.6W at the top, lb; negative when dead load holds it down. */
  readonly upliftLb: number
  /** Service wind on the post, pounds per foot of height, main system; null where it is not computed (open lean-to). */
  readonly windPlf: number | null
  readonly claddingPlf: number | null
  readonly postWeightPlf: number
}

/** Trusses at each numbered line that bear on a post of an eave row: its own, and shares of those whose post a door leaves out. */
function trussShares(layout: PostLayout, grid: Grid, side: 'south' | 'north'): Map<string, { line: number; share: number }[]> {
  const row = wallPosts(layout.posts, side)
  const shares = new Map<string, { line: number; share: number }[]>(row.map((p) => [p.id, []]))
  grid.centresIn.forEach((x, line) => {
    const own = row.find((p) => p.line === line + 1)
    if (own) { shares.get(own.id)?.push({ line, share: 1 }); return }
    const after = row.findIndex((p) => p.x >= x)
    const [left, right] = [row[after - 1], row[after]]
    if (!left || !right) return
    const t = (x - left.x) / (right.x - left.x) // header as a simple beam: lever rule
    shares.get(left.id)?.push({ line, share: 1 - t })
    shares.get(right.id)?.push({ line, share: t })
  })
  return shares
}

/** Demands of every post, by id. Corner posts take the worse of their two walls; gable posts count the end truss's strip besides the corners (safe). */
export function postDemands(job: Job, grid: Grid, layout: PostLayout, r: SiteResults): Record<string, PostDemand> {
  const b = job.building
  const s = r.site
  const halfFt = grid.widthIn / 24 + b.eaveOverhangIn / 12
  const last = grid.centresIn.length - 1
  const tribFt = (line: number) => {
    const half = (k: number) => (k >= 0 && k < grid.baysIn.length ? grid.baysIn[k] / 24 : b.gableOverhangIn / 12)
    return half(line - 1) + half(line)
  }
  const lengthFt = grid.lengthIn / 12
  const upliftPsf = grid.centresIn.map((x, line) => {
    const near = Math.max(0, Math.min(x / 12, lengthFt - x / 12) - tribFt(line) / 2)
    return r.wind.internalPsf - Math.min(r.wind.roofWindwardAPsf, r.wind.roofLeewardPsf, r.wind.roofAlongPsf(line === 0 || line === last ? 0 : near))
  })
  const downPsf = Math.max(0, r.wind.roofWindwardBPsf + r.wind.internalPsf)
  const shares = { south: trussShares(layout, grid, 'south'), north: trussShares(layout, grid, 'north') }
  const weight = weightPlf(b.post.lumber, postSize(b.post.section).areaIn2)
  const wallPsf = Math.max(r.wind.windwardPsf, -r.wind.leewardPsf, -r.wind.leewardAlongPsf, -r.wind.sidePsf) + r.wind.internalPsf

  const demand = (p: Post): PostDemand => {
    let roofFt2 = 0, eaveFt = 0, snowLb = 0, windUpLb = 0, deadExtra = 0, liveExtra = 0
    const leanHere = b.leanTo && (b.leanTo.side === p.side) ? b.leanTo : null
    const leanDepth = leanHere ? leanHere.depthIn / 12 : 0
    if (p.kind === 'lean-to' && p.line !== null && leanHere) {
      eaveFt = tribFt(p.line - 1)
      const run = leanDepth / 2 + b.eaveOverhangIn / 12
      roofFt2 = eaveFt * run
      snowLb = (r.lowRoof?.outerPlf ?? 0) * eaveFt
    } else if (isEave(p.side)) {
      for (const { line, share } of shares[p.side as 'south' | 'north'].get(p.id) ?? []) {
        const f = tribFt(line) * share
        eaveFt += f
        roofFt2 += f * halfFt
        windUpLb += upliftPsf[line] * f * halfFt
      }
      snowLb = r.eaveSnowPlf * eaveFt
      if (leanHere) {
        snowLb += (r.lowRoof?.wallPlf ?? 0) * eaveFt
        deadExtra = (s.deadMaxPsf * leanDepth * eaveFt) / 2
        liveExtra = (roofLivePsf((leanDepth * eaveFt) / 2, leanHere.pitchPer12) * leanDepth * eaveFt) / 2
      }
    } else {
      const line = p.side === 'west' ? 0 : last
      eaveFt = tribFt(line)
      roofFt2 = (eaveFt * tributaryIn(layout.posts, p.side, p.id)) / 12
      snowLb = Math.max(r.snow.psPsf + (r.snow.unbalanced?.surchargePsf ?? 0), r.snow.pmPsf) * roofFt2
      windUpLb = upliftPsf[line] * roofFt2
    }
    const deadLb = s.deadMaxPsf * roofFt2 + deadExtra
    const deadMinLb = s.deadMinPsf * roofFt2
    const liveLb = roofLivePsf(roofFt2, p.kind === 'lean-to' && leanHere ? leanHere.pitchPer12 : b.pitchPer12) * roofFt2 + liveExtra
    const windDownLb = downPsf * roofFt2
    const cases = [
      { gravityCase: 'D+S' as const, gravityLb: deadLb + snowLb }, { gravityCase: 'D+Lr' as const, gravityLb: deadLb + liveLb },
      { gravityCase: 'D+0.75S+0.45W' as const, gravityLb: deadLb + 0.75 * Math.max(snowLb, liveLb) + 0.45 * windDownLb },
    ]
    const worst = cases.reduce((a, c) => (c.gravityLb > a.gravityLb ? c : a))
    const sides: Side[] = p.kind === 'corner' ? [p.side, p.line === 1 ? 'west' : 'east'] : [p.side]
    const [wallIn, wallSide] = sides.map((side) => [tributaryIn(layout.posts, side, p.id), side] as const).reduce((a, c) => (c[0] > a[0] ? c : a))
    const wallFt = wallIn / 12
    const leanTo = p.kind === 'lean-to'
    const heightFt = p.heightIn / 12
    const zone5 = sides.some((side) => { const at = alongWall(p, side).atIn / 12; const wall = (isEave(side) ? grid.lengthIn : grid.widthIn) / 12; return Math.min(at, wall - at) - wallFt / 2 < r.edgeZoneFt })
    const cladding = wallPressures(r.claddingQhPsf, effectiveAreaFt2(heightFt, wallFt), zone5 ? 5 : 4, r.flatRoof)
    return {
      roofFt2, eaveFt, wallFt, wallSide, deadLb, deadMinLb, snowLb, liveLb, windDownLb, windUpLb, ...worst,
      upliftLb: leanTo ? 0 : 0.6 * windUpLb - 0.6 * deadMinLb,
      windPlf: leanTo ? null : 0.6 * wallPsf * wallFt,
      claddingPlf: leanTo ? null : 0.6 * Math.max(cladding.inwardPsf, -cladding.outwardPsf) * wallFt,
      postWeightPlf: weight,
    }
  }
  return Object.fromEntries(layout.posts.map((p) => [p.id, demand(p)]))
}
