import { swayCheck } from './bracing'
import {
  girtPieces,
  girtRows,
  onWall,
  purlinPlaces,
  type GirtPiece,
  type Grid,
  type PlacedOpening,
  type PostLayout,
  type TrussPlan,
} from '../layout'
import { nailOf, nailStrength } from '../joints'
import { SIDES, type Building, type Job, type Side } from '../model'
import { postSize, specificGravity } from '../wood'
import { beamMember, trussChecks } from './beams'
import { columnBasis, columnChecks } from './columns'
import { postDemands, trussReactions, type RoofLoads } from './demands'
import { lateralOf } from './frames'
import { sizeHoles, type HoleKind } from './holes'
import { rafterMember } from './leanTo'
import { mainPurlinLoads, purlinMember } from './purlins'
import { holeChecks } from './postChecks'
import { siteResults, type SiteResults } from './siteResults'
import { spanWorst } from './spanCheck'
import { girtAt, girtCases } from './wallChecks'
import { roofLivePsf } from '../loads'

/** A plan with its loads, for judging parts of it by themselves. */
export interface PartsOf {
  readonly job: Job
  readonly grid: Grid
  readonly layout: PostLayout
  readonly placed: readonly PlacedOpening[]
  readonly trusses: TrussPlan
  readonly r: SiteResults
  readonly reactions: readonly RoofLoads[]
}

/** Gathers what parts are judged with; null while the site is not complete. */
export function partsOf(
  job: Job,
  grid: Grid,
  layout: PostLayout,
  placed: readonly PlacedOpening[],
  trusses: TrussPlan,
): PartsOf | null {
  const { results } = siteResults(job, grid)
  return (
    results && {
      job,
      grid,
      layout,
      placed,
      trusses,
      r: results,
      reactions: trussReactions(job, grid, trusses, results),
    }
  )
}

const IGNORED = /^(pad|collar-fix|truss-uplift|truss-block|truss-bolts)-?/
/** Posts and holes of one choice of post: the worst ratio of what only a bigger post or hole can cure, and the holes it needs. NaN where something cannot be checked. */
export function postPart(
  p: PartsOf,
  job: Job,
): { readonly worst: number; readonly holes: readonly HoleKind[]; readonly unchecked: number } {
  const b = job.building
  const demands = postDemands(job, p.grid, p.layout, p.trusses, p.reactions, p.r)
  const first = lateralOf(job, p.grid, p.layout, demands, p.r)
  let lateral = first
  let holes = sizeHoles(job, p.layout.posts, demands, [first], p.r)
  if (b.school !== 'pier' && b.slab === 'none' && b.base.model === 'fixed') {
    lateral = lateralOf(job, p.grid, p.layout, demands, p.r, Math.max(...holes.map((h) => h.embedIn)) / 36)
    holes = sizeHoles(job, p.layout.posts, demands, [first, lateral], p.r)
  }
  const byId = new Map(p.layout.posts.map((q) => [q.id, q]))
  const basis = columnBasis(b, lateral, b.girts.maxGapIn)
  const checks = holes
    .flatMap((h) => [
      ...holeChecks(job, h, byId, demands, first, p.r),
      ...columnChecks(job, h, byId, demands, lateral, basis, {}),
    ])
    .concat(trussChecks(job, p.trusses, p.reactions, p.r))
  // The post and its bays decide how far the eave moves.
  const counted = [...checks, swayCheck(b, lateral)].filter((c) => !IGNORED.test(c.id) && c.state !== 'not-checked')
  return {
    worst: counted.reduce((m, c) => Math.max(m, c.ratio), 0),
    holes,
    unchecked: checks.filter((c) => c.state === 'not-checked').length,
  }
}

/** Rows and boards of some walls for one way of setting girts, to be judged with any lumber. */
export interface GirtLayout {
  readonly b: Building
  readonly sides: readonly Side[]
  readonly pieces: Readonly<Partial<Record<Side, readonly GirtPiece[]>>>
  readonly cases: ReturnType<typeof girtCases>
  readonly lengthsIn: readonly number[]
}

/** Lays girts out on some walls with what `b` says of them. */
export function girtPart(p: PartsOf, b: Building, sides: readonly Side[]): GirtLayout {
  const pieces: Partial<Record<Side, readonly GirtPiece[]>> = {}
  const cases: ReturnType<typeof girtCases> = []
  for (const side of sides) {
    const wb = onWall(b, side)
    const rows = girtRows(wb, p.grid, side, p.placed)
    const list = girtPieces(wb, rows, p.layout.posts)
    pieces[side] = list
    cases.push(...girtCases(wb, p.grid, rows, list, p.layout.posts, p.r.edgeZoneFt))
  }
  return { b, sides, pieces, cases, lengthsIn: sides.flatMap((s) => (pieces[s] ?? []).map((q) => q.lengthIn)) }
}

/** Worst ratio of a girt layout in one lumber, with its nails; NaN without tabled values. */
export function girtWorst(p: PartsOf, g: GirtLayout, lumber: string): number {
  const b = { ...g.b, girts: { ...g.b.girts, lumber } }
  const nail = nailOf(b.joints.girt.nail)
  const hold = nail
    ? nailStrength({
        nail,
        sideIn: 1.5,
        mainIn: postSize(b.post).depthIn,
        gMain: specificGravity(b.post.lumber, b.grades),
        gSide: specificGravity(lumber, b.grades),
        duration: 1.6,
        wet: b.joints.wetPosts,
        endGrain: b.girts.style === 'between',
      })
    : null
  const each = hold ? (b.girts.style === 'between' ? hold.lateralLb : hold.pullLb) : 0
  let worst = 0
  for (const c of g.cases) {
    const q = girtAt(b, p.r, c, c.spaceIn)
    if (!q) return NaN
    const pull = ((0.6 * Math.abs(q.outwardPsf) * c.spaceIn) / 12) * (c.spanIn / 12) * (c.spans === 2 ? 1.25 : 0.5)
    // Up to eight nails at a joint: more than that is another way of building.
    worst = Math.max(worst, q.ratios.worst, pull / Math.max(8 * each, 1e-9))
  }
  return worst
}

/** Worst ratio of the purlins of `b` on the main roof and on its lean-tos, strength and sag; NaN where it cannot be judged. */
export function purlinWorst(p: PartsOf, b: Building): number {
  const span = p.trusses.trusses.slice(1).reduce((m, t, i) => Math.max(m, t.xIn - p.trusses.trusses[i].xIn), 0)
  const loads = mainPurlinLoads(b, p.r, span, ['1', '2e', '2n', '2r', '3e', '3r'])
  if (!loads) return NaN
  const main = spanWorst(purlinMember(b, '', '', 'purlin', span, loads, ''))
  let worst = Math.max(main.strength, main.sag)
  const cos = Math.cos((loads.thetaDeg * Math.PI) / 180)
  if (b.joints.purlinTieLb !== null)
    worst = Math.max(
      worst,
      ((0.6 * Math.max(...loads.zones.map((z) => Math.abs(z.upPsf))) - 0.6 * loads.leastPsf * cos) *
        b.roof.purlins.spaceIn *
        span) /
        144 /
        b.joints.purlinTieLb,
    )
  for (const l of p.r.leanTos) {
    const space = l.leanTo.rafter.spaceIn ?? Math.max(...p.grid.baysIn)
    if (space <= 30) continue
    const snow = l.snow.reduce((m, c) => Math.max(m, c.uniformPsf + c.peakPsf), 0)
    const cn = b.skin.openRoofCn
    const wind = cn === null ? l.wind.downPsf : p.r.claddingQhPsf * 0.85 * cn
    const q = spanWorst(
      purlinMember(
        b,
        '',
        '',
        'lean-to',
        space,
        {
          thetaDeg: l.thetaDeg,
          deadPsf: p.r.dead.slopePsf,
          leastPsf: loads.leastPsf,
          snowPsf: snow,
          livePsf: roofLivePsf((space * b.roof.purlins.spaceIn) / 144, l.leanTo.pitchPer12),
          windInPsf: wind,
          zones: cn === null ? [] : [{ zone: 'open roof', upPsf: wind }],
        },
        '',
      ),
    )
    worst = Math.max(worst, q.strength, q.sag)
  }
  return worst
}

/** Board feet of purlins, inches: rows by length. */
export function purlinLengthIn(p: PartsOf, b: Building): number {
  const rows = 2 * purlinPlaces(b, p.grid).length
  return rows * (p.grid.lengthIn + 2 * b.gableOverhangIn)
}

/** Worst ratio of all carriers or headers of `b`; 0 where there are none. */
export function eaveBeamWorst(p: PartsOf, b: Building, kind: 'carrier' | 'header'): number {
  return p.trusses.beams
    .filter((q) => q.kind === kind && q.trusses.length > 0)
    .reduce((m, q) => {
      const w = spanWorst(beamMember(b, q, p.reactions))
      return Math.max(m, w.strength, w.sag)
    }, 0)
}

/** Worst ratio of the rafters of one lean-to of `b`. */
export function rafterWorst(p: PartsOf, b: Building, side: Side): number {
  const l = p.r.leanTos.find((q) => q.leanTo.side === side)
  const own = b.leanTos.find((q) => q.side === side)
  if (!l || !own) return 0
  const w = spanWorst(
    rafterMember(b, p.r, { ...l, leanTo: own }, '', (own.rafter.spaceIn ?? Math.max(...p.grid.baysIn)) / 12),
  )
  return Math.max(w.strength, w.sag)
}

/** Walls that have girts. */
export const girtedSides = (b: Building): Side[] => SIDES.filter((s) => !b.openSides.includes(s))
