import type { Building, LeanTo, Side } from '../model'
import { entryOf, issue, item } from '../result'
import { topUnder } from '../pocket/postTops'
import { HALF_MARK_IN } from '../units'
import { layEaveWall } from './eaveWall'
import { layGableWall } from './gableWall'
import { type Grid, LEAST_SPACE_IN, spacesBetween } from './grid'
import { keptOn, type Laying, startLaying } from './laying'
import { linePlace } from './naming'
import { checkOpenings, cornerTakesIn, isEave, wallLengthIn } from './openings'
import type { Post, PostLayout } from './post'
import { rowLetter } from './rowLetter'

/** Widest bay that is taken where the rule of spacing names none, inches. */
const MOST_BAY_IN = 240
/** Steepest lean-to: 30 degrees, the steepest open single slope that ASCE 7-16 Fig. 27.3-4 is known for here. */
const MOST_LEAN_TO_PER12 = 6.92
/** Least height a lean-to may end at, inches. */
const LEAST_LEAN_TO_IN = 72

/** Height of a lean-to’s outer posts above the grade line, to the rafter underside. */
const leanToHeightIn = (building: Building, leanTo: LeanTo): number =>
  topUnder(building.heelIn - leanTo.dropIn, leanTo.pitchPer12, leanTo.depthIn)

/** Posts between the eave rows of one gable wall, before openings: those kept where they stood, and equal spaces. */
const innerCount = (building: Building, grid: Grid, side: 'west' | 'east'): number => {
  const kept = keptOn(building, side).map(({ atIn }) => atIn)
  return spacesBetween(kept, grid.widthIn, building.gableMaxIn).length
}

/** Names of the rows across the building: eaves, and lean-tos outside them. */
function rowNames(building: Building, grid: Grid): Record<string, string> {
  const inner = Math.max(...(['west', 'east'] as const).map((side) => innerCount(building, grid, side)))
  const rows: Record<string, string> = { south: 'A', north: rowLetter(inner + 1) }
  for (let k = 1; k <= inner; k++) rows[`inner-${k}`] = rowLetter(k)
  for (const { side } of building.leanTos) rows[`lean-${side}`] = side === 'north' ? rowLetter(inner + 2) : 'S'
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
  if (leanTo.pitchPer12 > MOST_LEAN_TO_PER12)
    issues.push(issue('lean-to-too-steep', ['building', 'leanTos', index, 'pitchPer12'], { most: MOST_LEAN_TO_PER12 }))
  const y = leanTo.side === 'north' ? grid.widthIn + leanTo.depthIn - depthIn / 2 : -leanTo.depthIn + depthIn / 2
  const string = `lean-${leanTo.side}` as const
  const letter = entryOf(laying.rows, string)
  for (const [i, at] of grid.centresIn.entries()) {
    const place = linePlace(i, grid.centresIn.length - 1)
    const { id, name } = laying.naming.lettered({ string, place }, letter, i + 1)
    laying.posts.push({
      id,
      name,
      string,
      place,
      kind: 'lean-to',
      side: leanTo.side,
      row: string,
      line: i + 1,
      atIn: at,
      x: at,
      y,
      sizeX: widthIn,
      sizeY: depthIn,
      openingId: null,
      movedIn: 0,
      pinned: grid.pinnedIn.includes(at),
      heightIn,
    })
  }
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
          post: post.name,
          other: before?.name ?? 'the corner post',
        }),
      )
  }
}

/** The widest bay that a rule of spacing allows, inches: its own where it has one, or the widest that is taken at all. */
const widestBayIn = ({ bays }: Building): number => (bays.mode === 'max' ? bays.maxIn : MOST_BAY_IN)

/**
 * Spaces that posts kept where they stood have left too wide or too narrow, each with both its posts; and kept posts
 * that nothing in the layout lets stand where they were.
 */
function refuseKept({ building, posts, issues }: Laying): void {
  for (const [index, { string, pinned, keptName, id }] of building.posts.entries()) {
    if (!pinned) continue
    const at = ['building', 'posts', index, 'pinned'] as const
    const row = posts.filter((post) => post.string === string).sort((one, other) => one.atIn - other.atIn)
    const own = row.findIndex((post) => Math.abs(post.atIn - pinned.atIn) < HALF_MARK_IN)
    if (own < 0) {
      issues.push(issue('post-cannot-stay', at, { post: keptName ?? id }))
      continue
    }
    const post = item(row, own)
    const widestIn = isEave(post.side) ? widestBayIn(building) : building.gableMaxIn
    for (const other of [row[own - 1], row[own + 1]]) {
      if (!other || other.openingId !== null || post.openingId !== null) continue
      const spaceIn = Math.abs(other.atIn - post.atIn)
      const facts = { post: post.name, other: other.name, spaceIn, widestIn, leastIn: LEAST_SPACE_IN }
      if (spaceIn > widestIn + HALF_MARK_IN) issues.push(issue('kept-too-wide', at, facts))
      if (spaceIn < LEAST_SPACE_IN - HALF_MARK_IN) issues.push(issue('kept-too-narrow', at, facts))
    }
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
  refuseKept(laying)
  const { posts, omitted, issues, rows } = laying
  return { posts, omitted, issues, rows }
}
