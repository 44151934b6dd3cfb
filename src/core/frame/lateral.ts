import { type Grid, isEave, type Post, type PostLayout } from '../layout'
import type { Job } from '../model'
import { entryOf, item } from '../result'
import type { PostUnit } from '../statics'
import { type DesignValues, postValues } from '../wood'
import type { PostDemand } from './demands'
import { alongLb, eaveLoadPlf } from './eaveLoad'
import { type FrameRow, frameRow, frameShares } from './frameRow'
import type { LateralCase } from './lateralCase'
import { casesOf, kneeForceLb, type PostInWind } from './postCases'
import { postUnits } from './postUnits'
import { type Reliance, relianceOf } from './reliance'
import type { SiteResults } from './siteResults'

/** Lateral cases of the posts, and the hardest of what they bring. */
interface PostsInWind {
  /** Lateral cases of each post, by id. Empty where nothing blows on it; missing where it cannot be computed. */
  readonly cases: Readonly<Record<string, readonly LateralCase[]>>
  /** Posts that nothing holds up sideways, by id: they cannot stand. */
  readonly falling: readonly string[]
  /** Hardest wind on each post of all its cases, lb a foot of height. */
  readonly windPlf: Readonly<Record<string, number>>
  readonly kneeLb: number
}

export interface Lateral extends Reliance, PostsInWind {
  readonly row: FrameRow
  readonly units: Readonly<Record<string, PostUnit>>
  readonly values: DesignValues | null
  readonly fixityFt: number
  /**
   * Wind on a gable end that the roof must carry to the eave walls, lb at service level, and how much of it each eave
   * wall takes.
   */
  readonly alongLb: number
}

/** The wind cases of every post of a frame that moves so far at each place along it, inches; null where nothing holds. */
function postsInWind({
  posts,
  units,
  demands,
  results,
  freeTop,
  moveAt,
}: {
  readonly posts: readonly Post[]
  readonly units: Readonly<Record<string, PostUnit>>
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly results: SiteResults
  readonly freeTop: boolean
  readonly moveAt: (xIn: number) => number | null
}): PostsInWind {
  const cases: Record<string, readonly LateralCase[]> = {}
  const falling: string[] = []
  const windPlf: Record<string, number> = {}
  let kneeLb = 0
  for (const post of posts) {
    const unit = units[post.id]
    if (!unit) continue
    const of: PostInWind = { post, unit, demand: entryOf(demands, post.id), results, freeTop }
    const found = casesOf(of, moveAt)
    if (!found) {
      falling.push(post.id)
      continue
    }
    cases[post.id] = found
    windPlf[post.id] = found.reduce((most, lateral) => Math.max(most, lateral.plf), 0)
    if (isEave(post.side) && post.kind !== 'lean-to') kneeLb = Math.max(kneeLb, kneeForceLb(unit, found))
  }
  return { cases, falling, windPlf, kneeLb }
}

/** How far the eave moves at a place along it, inches; null where nothing holds a line beside it. */
function moveOf(row: FrameRow, grid: Grid, xIn: number): number | null {
  let moved = 0
  for (const [line, share] of frameShares(grid, xIn)) {
    const move = item(row.moveIn, line)
    if (share === 0) continue
    if (move === null) return null
    moved += move * share
  }
  return moved
}

/**
 * Lateral analysis of every post. Across the ridge: each post as a held post plus its share of the frame's movement;
 * the movement is nothing (roof trusted), that of the frame by itself, or that of all frames joined by the roof
 * diaphragm. Along the ridge: gable posts held by the roof, or free. `fixityFt` is where embedded posts are fixed below
 * grade: the envelope of register C17 runs it at 0 and at a third of the depth.
 */
export function lateralOf({
  job,
  grid,
  layout,
  demands,
  results,
  fixityFt = 0,
}: {
  job: Job
  grid: Grid
  layout: PostLayout
  demands: Readonly<Record<string, PostDemand>>
  results: SiteResults
  fixityFt?: number
}): Lateral {
  const { building } = job
  const { posts } = layout
  const values = postValues(building)
  const stands = relianceOf(building, grid)
  const { relied } = stands
  const units = postUnits(job, posts, fixityFt, values)
  const eave = { building, grid, posts, units, results, relied }
  const row = frameRow({ building, grid, posts, units, values, relied, eavePlf: eaveLoadPlf(eave) })
  return {
    ...stands,
    ...postsInWind({
      posts,
      units,
      demands,
      results,
      freeTop: relied === 'frames alone',
      moveAt: (xIn) => moveOf(row, grid, xIn),
    }),
    row,
    units,
    values,
    fixityFt,
    alongLb: alongLb(eave),
  }
}
