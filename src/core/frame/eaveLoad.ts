import { type Grid, type Post, tributariesIn, wallPosts } from '../layout'
import type { Building, Side } from '../model'
import type { PostUnit } from '../statics'
import { IN_PER_FT, radians } from '../units'
import { riseOf } from './frameRow'
import { bareWindPsf, service } from './lateralCase'
import type { ReliedOn } from './reliance'
import { type LeanToLoads, type SiteResults, wallAreaFt2 } from './siteResults'

/** Share of the wind on a wall that its posts bring to the roof where no post could be solved: all that turn freely. */
const PINNED_SHARE = 1 / 2

/** Least wind on the walls and the roof of an enclosed building, psf at strength level (ASCE 7-16 27.1.5). */
const LEAST_WALL_PSF = 16
const LEAST_ROOF_PSF = 8

/** What the loads that come to the main roof are worked out from. */
export interface EaveOf {
  readonly building: Building
  readonly grid: Grid
  readonly posts: readonly Post[]
  readonly units: Readonly<Record<string, PostUnit>>
  readonly results: SiteResults
  readonly relied: ReliedOn
}

/**
 * What a lean-to pushes the main eave with, plf at service level: the level part of the wind on its roof, with what its
 * outer posts bring to their tops. Where no roof holds those they stand by themselves and keep half of it.
 */
function leanToPlf({ grid, posts, units, results, relied }: EaveOf, lean: LeanToLoads): number {
  const { leanTo, wind, thetaDeg } = lean
  const roofPlf = service(Math.abs(wind.upPsf) * (leanTo.depthIn / IN_PER_FT) * Math.sin(radians(thetaDeg)))
  if (relied === 'frames alone') return roofPlf / 2
  const outer = posts.filter((post) => post.kind === 'lean-to' && post.side === leanTo.side)
  const topsLb = outer.reduce(
    (sum, post) => sum + (units[post.id]?.held.topLb ?? 0) * bareWindPsf(results) * (post.sizeX / IN_PER_FT),
    0,
  )
  return roofPlf + topsLb / (grid.lengthIn / IN_PER_FT)
}

/** Height of wall whose wind the solved posts of the eaves bring to their tops, ft. */
function heldFt({ building, posts, units }: EaveOf): number {
  const tops = (['south', 'north'] as const).flatMap((side) =>
    wallPosts(posts, side).flatMap((post) => units[post.id]?.held.topLb ?? []),
  )
  return tops.length > 0 ? Math.max(...tops) : (PINNED_SHARE * building.heelIn) / IN_PER_FT
}

/**
 * Load of the eave under wind across the ridge, plf at service level: what the solved posts of both walls bring to
 * their tops, the main roof and the lean-tos, never less than ASCE 7-16 27.1.5 asks for.
 */
export function eaveLoadPlf(of: EaveOf): number {
  const { building, grid, results } = of
  const { wind } = results
  const riseFt = riseOf(building, grid)
  const roofPsf = results.openRoof
    ? Math.max(Math.abs(results.openRoof.upPsf), results.openRoof.downPsf)
    : Math.max(0, wind.roofWindwardBPsf - wind.roofLeewardPsf)
  // External pressures push the frame downwind; the internal ones cancel.
  const shut = (side: 'south' | 'north') => (building.openSides.includes(side) ? 0 : 1)
  const held = heldFt(of)
  const wallPsf = Math.max(
    shut('south') * wind.windwardPsf - shut('north') * wind.leewardPsf,
    shut('north') * wind.windwardPsf - shut('south') * wind.leewardPsf,
  )
  const perFt = service(held * wallPsf + roofPsf * riseFt)
  const leastPerFt = service(held * LEAST_WALL_PSF + riseFt * LEAST_ROOF_PSF)
  return Math.max(perFt, leastPerFt) + results.leanTos.reduce((sum, lean) => sum + leanToPlf(of, lean), 0)
}

/** Area of a gable wall whose wind the solved posts bring to the roof, ft²; half of the wall where none was solved. */
function heldFt2({ building, grid, posts, units }: EaveOf, side: 'west' | 'east'): number {
  if (building.openSides.includes(side)) return 0
  const widths = tributariesIn(posts, side, grid)
  const solved = wallPosts(posts, side).flatMap((post) => {
    const unit = units[post.id]
    return unit ? [(unit.held.topLb * (widths.get(post.id) ?? 0)) / IN_PER_FT] : []
  })
  if (solved.length === 0) return PINNED_SHARE * wallAreaFt2(building, grid, side)
  return solved.reduce((sum, ft2) => sum + ft2, 0)
}

/** Wind on a gable end that the roof must carry to the eave walls, lb at service level. */
export function alongLb(of: EaveOf): number {
  const { wind } = of.results
  const psf = Math.max(wind.windwardPsf - wind.leewardAlongPsf, LEAST_WALL_PSF)
  const ends: readonly (Side & ('west' | 'east'))[] = ['west', 'east']
  return service(psf) * Math.max(...ends.map((side) => heldFt2(of, side)))
}
