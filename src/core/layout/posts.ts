import type { Building, LeanTo, Side } from '../model'
import { issue, type Issue, entryOf } from '../result'
import { PITCH_RUN_IN } from '../units'
import { postSize } from '../wood'
import { clearPosts, fillWide, type Slot } from './gableSlots'
import type { Grid } from './grid'
import { checkOpenings, cornerTakesIn, isEave, type PlacedOpening, placeOpening, wallLengthIn } from './openings'
import type { OmittedPost, Post, PostLayout } from './post'

/** A gable post within this distance of a jamb moves to become the jamb. */
const JAMB_REACH_IN = 24
/** Least height a lean-to may end at, inches. */
const LEAST_LEAN_TO_IN = 72

const letter = (i: number): string =>
  i < 26 ? String.fromCharCode(65 + i) : `${letter(Math.floor(i / 26) - 1)}${letter(i % 26)}`

/** Roof height over a point `fromEaveIn` inside the nearer string, inches above the grade line. */
export const rafterHeightIn = (building: Building, fromEaveIn: number): number =>
  building.heelIn + (fromEaveIn * building.pitchPer12) / PITCH_RUN_IN

/** Height of a lean-to’s outer posts above the grade line, to the rafter underside. */
const leanToHeightIn = (building: Building, leanTo: LeanTo): number =>
  building.heelIn - leanTo.dropIn - (leanTo.depthIn * leanTo.pitchPer12) / PITCH_RUN_IN

/**
 * Places every post. Eave rows: one at each numbered line; a door with jambs leaves out the posts in its way (a header
 * carries their
 * trusses) and adds a jamb post at each edge; a walk door or window may not meet a post. Gable walls: posts at equal
 * spaces; the post
 * nearest a jamb (within 24 in.) becomes the jamb, those in the door are left out, those in a walk door or window step
 * to its nearer
 * edge, and a space left over the maximum gets a post of its own.
 */
export function placePosts(building: Building, grid: Grid): PostLayout {
  const size = postSize(building.post)
  const widthIn = size.widthIn
  const issues: Issue[] = [...checkOpenings(building, grid)]
  const placed = building.openings.map((opening) => placeOpening(opening, grid))
  const omitted: OmittedPost[] = []
  const northRow = letter(grid.gableIn.length + 1)
  const rows: Record<string, string> = { south: 'A', north: northRow }
  for (const leanTo of building.leanTos)
    rows[`lean-${leanTo.side}`] = leanTo.side === 'north' ? letter(grid.gableIn.length + 2) : 'S'
  const last = grid.centresIn.length
  const made = { jambs: 0, extras: 0 }
  const posts: Post[] = []

  const point = (side: Side, at: number) =>
    isEave(side)
      ? {
          x: at,
          y: side === 'south' ? size.depthIn / 2 : grid.widthIn - size.depthIn / 2,
          sizeX: widthIn,
          sizeY: size.depthIn,
        }
      : {
          x: side === 'west' ? size.depthIn / 2 : grid.lengthIn - size.depthIn / 2,
          y: at,
          sizeX: size.depthIn,
          sizeY: widthIn,
        }
  const add = (side: Side, slot: Slot) => {
    const at = point(side, slot.at)
    const inside = Math.min(slot.at, grid.widthIn - slot.at)
    const heightIn = isEave(side) ? building.heelIn : rafterHeightIn(building, inside)
    const longPointIn = isEave(side)
      ? building.heelIn
      : rafterHeightIn(building, Math.min(grid.widthIn / 2, inside + widthIn / 2))
    posts.push({
      id: slot.id,
      kind: slot.kind,
      side,
      row: slot.row,
      line: slot.line,
      atIn: slot.at,
      ...at,
      openingId: slot.openingId,
      movedIn: slot.at - slot.nominal,
      heightIn,
      longPointIn,
    })
  }
  const hits = (at: number, placed: PlacedOpening, clear = 0) =>
    at + widthIn / 2 > placed.fromIn - clear + 1 / 32 && at - widthIn / 2 < placed.toIn + clear - 1 / 32
  const omit = (side: Side, slot: Slot, openingId: string | null) => {
    const { x, y } = point(side, slot.at)
    omitted.push({ id: slot.id, side, atIn: slot.at, x, y, openingId })
  }

  const eaveWall = (side: 'south' | 'north') => {
    const row = entryOf(rows, side)
    let slots: Slot[] = grid.centresIn.map((at, i) => ({
      id: `${row}${i + 1}`,
      nominal: at,
      at,
      kind: i === 0 || i === last - 1 ? 'corner' : 'eave',
      openingId: null,
      line: i + 1,
      row,
    }))
    // A post bridged on purpose; a name that no eave post has (the bays have changed since) leaves nothing out.
    for (const slot of slots.filter((slot) => slot.kind === 'eave' && building.bridged.includes(slot.id)))
      omit(side, slot, null)
    slots = slots.filter((slot) => !(slot.kind === 'eave' && building.bridged.includes(slot.id)))
    for (const placedOpening of placed.filter((placed) => placed.opening.side === side)) {
      if (!placedOpening.framed) {
        const hit = slots.find((slot) => slot.kind !== 'corner' && hits(slot.at, placedOpening))
        if (hit)
          issues.push(
            issue(
              'post-in-opening',
              ['building', 'openings', building.openings.indexOf(placedOpening.opening), 'positionIn'],
              {
                post: hit.id,
                beforeIn: hit.at - widthIn / 2 - placedOpening.opening.widthIn,
                afterIn: hit.at + widthIn / 2,
              },
            ),
          )
        continue
      }
      for (const [edge, target] of [
        [placedOpening.fromIn, placedOpening.fromIn - widthIn / 2],
        [placedOpening.toIn, placedOpening.toIn + widthIn / 2],
      ] as const) {
        const same = slots.find((slot) => Math.abs(slot.at - target) < 1 / 32)
        if (same) {
          if (same.kind === 'eave') {
            same.kind = 'jamb'
            same.openingId = placedOpening.opening.id
          }
          continue
        }
        // The corner post is the jamb
        if (Math.abs(edge - widthIn) < 1 / 32 || Math.abs(grid.lengthIn - edge - widthIn) < 1 / 32) continue
        slots.push({
          id: `J${++made.jambs}`,
          nominal: target,
          at: target,
          kind: 'jamb',
          openingId: placedOpening.opening.id,
          line: null,
          row,
        })
      }
      for (const slot of slots.filter((slot) => slot.kind === 'eave' && hits(slot.at, placedOpening, widthIn)))
        omit(side, slot, placedOpening.opening.id)
      slots = slots.filter((slot) => !(slot.kind === 'eave' && hits(slot.at, placedOpening, widthIn)))
    }
    slots.sort((one, other) => one.at - other.at).forEach((slot) => add(side, slot))
  }

  const gableWall = (side: 'west' | 'east') => {
    const line = side === 'west' ? 1 : last
    let slots: Slot[] = grid.gableIn.map((nominal, i) => {
      const id = `${letter(i + 1)}${line}`
      return {
        id,
        nominal,
        at: nominal + (building.gableShiftsIn[id] ?? 0),
        kind: 'gable',
        openingId: null,
        line,
        row: letter(i + 1),
      }
    })
    const takes = cornerTakesIn(building, side)
    const mine = placed.filter((placed) => placed.opening.side === side).sort((one, other) => one.fromIn - other.fromIn)
    for (const placed of mine) {
      const index = building.openings.indexOf(placed.opening)
      if (!placed.framed) {
        clearPosts({ slots, hits, placed, building, issues, widthIn, index })
        continue
      }
      for (const target of [placed.fromIn - widthIn / 2, placed.toIn + widthIn / 2]) {
        if (target < takes || target > grid.widthIn - takes) continue // the corner post is the jamb
        const near = slots
          .filter((slot) => slot.kind === 'gable' && Math.abs(slot.at - target) <= JAMB_REACH_IN)
          .sort((one, other) => Math.abs(one.at - target) - Math.abs(other.at - target))[0]
        if (near) {
          near.at = target
          near.kind = 'jamb'
          near.openingId = placed.opening.id
        } else
          slots.push({
            id: `J${++made.jambs}`,
            nominal: target,
            at: target,
            kind: 'jamb',
            openingId: placed.opening.id,
            line,
            row: 'J',
          })
      }
      for (const slot of slots.filter((slot) => slot.kind === 'gable' && hits(slot.at, placed, widthIn)))
        omit(side, slot, placed.opening.id)
      slots = slots.filter((slot) => !(slot.kind === 'gable' && hits(slot.at, placed, widthIn)))
    }
    // A space that moving or omitting has left over the maximum gets posts of its own, door openings excepted.
    fillWide({ slots, grid, building, widthIn, mine, made, line })
    slots.sort((one, other) => one.at - other.at)
    slots.forEach((slot) => {
      const placed = mine.find((placed) => !placed.framed && slot.id.startsWith('X') && hits(slot.at, placed))
      if (placed) slot.at = placed.fromIn - widthIn / 2
    })
    slots.forEach((slot) => add(side, slot))
  }

  eaveWall('south')
  gableWall('east')
  eaveWall('north')
  gableWall('west')
  building.leanTos.forEach((leanTo, k) => {
    const y =
      leanTo.side === 'north' ? grid.widthIn + leanTo.depthIn - size.depthIn / 2 : -leanTo.depthIn + size.depthIn / 2
    const heightIn = leanToHeightIn(building, leanTo)
    const row = entryOf(rows, `lean-${leanTo.side}`)
    if (building.leanTos.findIndex((ownLeanTo) => ownLeanTo.side === leanTo.side) !== k) {
      issues.push(issue('lean-to-twice', ['building', 'leanTos', k, 'side'], { side: leanTo.side }))
      return
    }
    if (heightIn < LEAST_LEAN_TO_IN)
      issues.push(
        issue('lean-to-too-low', ['building', 'leanTos', k, 'dropIn'], { heightIn, leastIn: LEAST_LEAN_TO_IN }),
      )
    grid.centresIn.forEach((at, i) =>
      posts.push({
        id: `${row}${i + 1}`,
        kind: 'lean-to',
        side: leanTo.side,
        row,
        line: i + 1,
        atIn: at,
        x: at,
        y,
        sizeX: widthIn,
        sizeY: size.depthIn,
        openingId: null,
        movedIn: 0,
        heightIn,
        longPointIn: heightIn,
      }),
    )
  })
  for (const side of ['south', 'east', 'north', 'west'] as const) {
    const takes = cornerTakesIn(building, side)
    const onWall = posts
      .filter((post) => post.side === side && post.kind !== 'lean-to')
      .sort((one, other) => one.atIn - other.atIn)
    const wall = wallLengthIn(grid, side)
    onWall.forEach((post, i) => {
      const before = i > 0 ? onWall[i - 1] : null
      const tooNear =
        (before && post.atIn - before.atIn < widthIn - 1 / 32) ||
        (!isEave(side) && (post.atIn - widthIn / 2 < takes - 1 / 32 || post.atIn + widthIn / 2 > wall - takes + 1 / 32))
      if (tooNear)
        issues.push(
          issue(
            'posts-collide',
            building.gableShiftsIn[post.id]
              ? ['building', 'gableShiftsIn', post.id]
              : [
                  'building',
                  'openings',
                  Math.max(
                    0,
                    building.openings.findIndex((opening) => opening.id === (post.openingId ?? before?.openingId)),
                  ),
                  'positionIn',
                ],
            { post: post.id, other: before?.id ?? 'the corner post' },
          ),
        )
    })
  }
  return { posts, omitted, issues, rows }
}
