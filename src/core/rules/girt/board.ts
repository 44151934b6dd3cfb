import { alongWall, type Grid, isEave, type Post, wallPosts, type WallRows } from '../../layout'
import { effectiveAreaFt2, wallPressures, WIND_ASD } from '../../loads'
import type { Building, GirtStyle, Side } from '../../model'
import { item, stands, type TraceLine, type Use, worseOf } from '../../result'
import { IN_PER_FT, ROUNDING, SAME_IN } from '../../units'
import type { WallBoardCut } from '../../sticks'
import { type GirtRatios, girtRatios, SHARING_IN } from '../../wood'
import type { SiteResults } from '../../frame'

/**
 * One way a board of a wall spans: its longest space between posts, whether it crosses a post, its wind zone and the
 * width of wall it carries.
 */
export interface GirtCase {
  readonly spanIn: number
  readonly spans: 1 | 2
  readonly zone: 4 | 5
  readonly spaceIn: number
  readonly row: string
}

/** A space between posts under this is never the one that governs, inches. */
const SHORT_IN = 12

/** What a board between posts spans besides its own length: half a post at each end, inches. */
const POST_BETWEEN_IN = 4

/** Boards between posts span from centre to centre (safe); flat ones from their own ends over the posts they cross. */
function spanOf(piece: WallBoardCut, postsIn: readonly number[], style: GirtStyle) {
  if (style === 'between') return { spanIn: piece.toIn - piece.fromIn + POST_BETWEEN_IN, spans: 1 as const }
  const crossed = postsIn.filter((atIn) => atIn > piece.fromIn + 1 && atIn < piece.toIn - 1)
  const stops = [piece.fromIn, ...crossed, piece.toIn]
  const spanIn = Math.max(0, ...stops.slice(1).map((atIn, i) => atIn - item(stops, i)))
  return { spanIn, spans: crossed.length > 0 ? (2 as const) : (1 as const) }
}

/**
 * The ways the boards of one wall span, each kept once at its widest tributary space. A board partly in zone 5 takes
 * zone 5 for its whole length.
 */
export function girtCases({
  building,
  grid,
  wall,
  pieces,
  posts,
  edgeFt,
}: {
  readonly building: Building
  readonly grid: Grid
  readonly wall: WallRows
  readonly pieces: readonly WallBoardCut[]
  readonly posts: readonly Post[]
  readonly edgeFt: number
}): GirtCase[] {
  const side: Side = wall.side
  const row = wallPosts(posts, side).map((post) => alongWall(post, side).atIn)
  const length = isEave(side) ? grid.lengthIn : grid.widthIn
  const edgeIn = edgeFt * IN_PER_FT
  const space = new Map(wall.rows.map((row) => [row.id, row.tributaryIn]))
  const kept = new Map<number, GirtCase>()
  for (const piece of pieces) {
    if (piece.inside) continue
    const { spanIn, spans } = spanOf(piece, row, building.girts.style)
    if (spanIn <= SHORT_IN) continue
    const zone = piece.fromIn < edgeIn - SAME_IN || piece.toIn > length - edgeIn + SAME_IN ? 5 : 4
    const spaceIn = space.get(piece.row) ?? 0
    const key = Math.round(spanIn / SAME_IN) * 4 + (spans - 1) * 2 + (zone - 4)
    const has = kept.get(key)
    if (!has || spaceIn > has.spaceIn) kept.set(key, { spanIn, spans, zone, spaceIn, row: piece.row })
  }
  return [...kept.values()]
}

/** What a girt does in one case at one spacing, and the pressures it comes from, psf. */
export interface GirtAt {
  readonly ratios: GirtRatios
  readonly areaFt2: number
  readonly pressures: ReturnType<typeof wallPressures>
  readonly strengthTrace: () => readonly TraceLine[]
}

/** What girts are judged with: their size and lumber, and the wind on the wall. */
export type GirtSpec = Pick<Building, 'girts' | 'grades' | 'wallFinish'>
export type WallWind = Pick<SiteResults, 'claddingQhPsf' | 'flatRoof' | 'wind'>

/** Wind on a girt in one case at one spacing: the area it goes by, and the pressures. */
export function girtWind(results: WallWind, girtCase: GirtCase, spaceIn: number) {
  const areaFt2 = effectiveAreaFt2(girtCase.spanIn / IN_PER_FT, spaceIn / IN_PER_FT)
  const pressures = wallPressures({
    qhPsf: results.claddingQhPsf,
    areaFt2,
    zone: girtCase.zone,
    flatRoof: results.flatRoof,
    gcpi: results.wind.gcpi,
  })
  return { areaFt2, pressures }
}

/** Ratios of a girt in one case at one spacing; null where no values are tabled for its lumber. */
export function girtAt(building: GirtSpec, results: WallWind, girtCase: GirtCase, spaceIn: number): GirtAt | null {
  const { areaFt2, pressures } = girtWind(results, girtCase, spaceIn)
  const girt = girtRatios(
    {
      style: building.girts.style,
      size: building.girts.size,
      lumber: building.girts.lumber,
      spans: girtCase.spans,
      plies: building.girts.plies,
      own: building.grades,
      finish: building.wallFinish,
    },
    { spanIn: girtCase.spanIn, spaceIn, inwardPsf: pressures.inwardPsf, outwardPsf: pressures.outwardPsf },
  )
  return girt && { ratios: girt.ratios, areaFt2, pressures, strengthTrace: girt.trace }
}

/** Pull at a post from suction on a board, lb: the middle support of a two-span board takes 1.25·w·L, an end half. */
export const pullShare = ({ spans }: Pick<GirtCase, 'spans'>): number => (spans === 2 ? 1.25 : 0.5)
export const pullAtPostLb = (girtCase: GirtCase, outwardPsf: number): number =>
  ((WIND_ASD * Math.abs(outwardPsf) * girtCase.spaceIn) / IN_PER_FT) *
  (girtCase.spanIn / IN_PER_FT) *
  pullShare(girtCase)

/** Whether a girt holds; one without tabled values does not. */
const holdsAt = (girt: GirtAt | null): boolean =>
  girt !== null && stands(girt.ratios.worst) && girt.ratios.worst <= 1 + ROUNDING

/**
 * Largest spacing at which every case holds, inches, by bisection between 6 and 60 in.; 0 where not even 6 in. holds.
 */
export function widestGapIn(building: GirtSpec, results: WallWind, cases: readonly GirtCase[]): number {
  // A longer span in the same zone and run is always worse: only the longest of each is tried.
  const hardest = new Map<string, GirtCase>()
  for (const girtCase of cases) {
    const k = `${girtCase.spans}|${girtCase.zone}`
    const hard = hardest.get(k)
    if (!hard || girtCase.spanIn > hard.spanIn) hardest.set(k, girtCase)
  }
  const holds = (spaceIn: number) =>
    [...hardest.values()].every((girtCase) => holdsAt(girtAt(building, results, girtCase, spaceIn)))
  if (!holds(6)) return 0
  // Load sharing ends at 24 in.: the answer past it is a branch of its own, so each side is searched apart.
  let [lo, hi] = holds(SHARING_IN) ? [SHARING_IN, 60] : [6, SHARING_IN]
  if (holds(hi)) return hi
  for (let i = 0; i < 16; i++) {
    const mid = (lo + hi) / 2
    if (holds(mid)) lo = mid
    else hi = mid
  }
  return lo
}

/** Worst ratio of a wall's girts, without their arithmetic; null where no values are tabled. */
export function wallWorst(building: GirtSpec, results: WallWind, cases: readonly GirtCase[]): Use | null {
  return cases.reduce<Use | null>((worst, girtCase) => {
    const girt = girtAt(building, results, girtCase, girtCase.spaceIn)
    return girt && worst !== null ? worseOf(worst, girt.ratios.worst) : null
  }, 0)
}
