import type { Building, LeanTo, Side } from '../model'
import { entryOf, issue } from '../result'
import { PITCH_RUN_IN, HALF_MARK_IN } from '../units'
import { layEaveWall } from './eaveWall'
import { layGableWall } from './gableWall'
import type { Grid } from './grid'
import { type Laying, startLaying } from './laying'
import { checkOpenings, cornerTakesIn, isEave, wallLengthIn } from './openings'
import type { Post, PostLayout } from './post'
import { rowLetter } from './rowLetter'

/** Least height a lean-to may end at, inches. */
const LEAST_LEAN_TO_IN = 72

/** Height of a lean-to’s outer posts above the grade line, to the rafter underside. */
const leanToHeightIn = (building: Building, leanTo: LeanTo): number =>
  building.heelIn - leanTo.dropIn - (leanTo.depthIn * leanTo.pitchPer12) / PITCH_RUN_IN

/** Names of the rows across the building: eaves, and lean-tos outside them. */
function rowNames(building: Building, grid: Grid): Record<string, string> {
  const rows: Record<string, string> = { south: 'A', north: rowLetter(grid.gableIn.length + 1) }
  for (const { side } of building.leanTos)
    rows[`lean-${side}`] = side === 'north' ? rowLetter(grid.gableIn.length + 2) : 'S'
  return rows
}

/** A lean-to’s outer posts, one at each numbered line. */
function layLeanTo(laying: Laying, leanTo: LeanTo, index: number): void {
  const { building, grid, widthIn, depthIn, issues } = laying
  if (building.leanTos.findIndex((other) => other.side === leanTo.side) !== index) {
    issues.push(issue('lean-to-twice', ['building', 'leanTos', index, 'side'], { side: leanTo.side }))
    return
  }
  const heightIn = leanToHeightIn(building, leanTo)
  if (heightIn < LEAST_LEAN_TO_IN)
    issues.push(
      issue('lean-to-too-low', ['building', 'leanTos', index, 'dropIn'], { heightIn, leastIn: LEAST_LEAN_TO_IN }),
    )
  const y = leanTo.side === 'north' ? grid.widthIn + leanTo.depthIn - depthIn / 2 : -leanTo.depthIn + depthIn / 2
  const row = entryOf(laying.rows, `lean-${leanTo.side}`)
  for (const [i, at] of grid.centresIn.entries())
    laying.posts.push({
      id: `${row}${i + 1}`,
      kind: 'lean-to',
      side: leanTo.side,
      row,
      line: i + 1,
      atIn: at,
      x: at,
      y,
      sizeX: widthIn,
      sizeY: depthIn,
      openingId: null,
      movedIn: 0,
      heightIn,
      longPointIn: heightIn,
    })
}

/** Where a post that stands too near another is put right: its own shift, or the opening that brought it there. */
function whereMoved(building: Building, post: Post, before: Post | null) {
  if (building.gableShiftsIn[post.id]) return ['building', 'gableShiftsIn', post.id]
  const openingId = post.openingId ?? before?.openingId
  const index = building.openings.findIndex((opening) => opening.id === openingId)
  return ['building', 'openings', Math.max(0, index), 'positionIn']
}

/** Refuses posts of a wall that stand in each other or in the corner posts. */
function refuseCollisions({ building, grid, widthIn, posts, issues }: Laying, side: Side): void {
  const takes = cornerTakesIn(building, side)
  const wallIn = wallLengthIn(grid, side)
  const onWall = posts
    .filter((post) => post.side === side && post.kind !== 'lean-to')
    .sort((one, other) => one.atIn - other.atIn)
  for (const [i, post] of onWall.entries()) {
    const before = onWall[i - 1] ?? null
    const inBefore = before !== null && post.atIn - before.atIn < widthIn - HALF_MARK_IN
    const inCorner =
      !isEave(side) &&
      (post.atIn - widthIn / 2 < takes - HALF_MARK_IN || post.atIn + widthIn / 2 > wallIn - takes + HALF_MARK_IN)
    if (inBefore || inCorner)
      issues.push(
        issue('posts-collide', whereMoved(building, post, before), {
          post: post.id,
          other: before?.id ?? 'the corner post',
        }),
      )
  }
}

/** Places every post, wall by wall, then the lean-tos; says what cannot stand together. */
export function placePosts(building: Building, grid: Grid): PostLayout {
  const laying = startLaying(building, grid, rowNames(building, grid))
  laying.issues.push(...checkOpenings(building, grid))
  layEaveWall(laying, 'south')
  layGableWall(laying, 'east')
  layEaveWall(laying, 'north')
  layGableWall(laying, 'west')
  for (const [i, leanTo] of building.leanTos.entries()) layLeanTo(laying, leanTo, i)
  for (const side of ['south', 'east', 'north', 'west'] as const) refuseCollisions(laying, side)
  const { posts, omitted, issues, rows } = laying
  return { posts, omitted, issues, rows }
}
