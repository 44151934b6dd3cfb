import { type Grid, type Post, sharesOfLine, wallPosts } from '../layout'
import type { Building, LeanTo } from '../model'
import { item } from '../result'
import { IN_PER_FT, SAME_IN } from '../units'

/** Feet of a lean-to's roof along its wall that one post holds: what hangs on it, and what a beam brings to it. */
export interface LeanToFeet {
  readonly hungFt: number
  readonly byBeamFt: number
}

const NOTHING: LeanToFeet = { hungFt: 0, byBeamFt: 0 }

/** A ledger hangs on every post of the wall: half of each space, at the ends all that is left of the roof. */
function byLedger(row: readonly Post[], lengthIn: number, overhangIn: number): Map<string, LeanToFeet> {
  const shares = sharesOfLine(
    row.map(({ x }) => x),
    -overhangIn,
    lengthIn + overhangIn,
  )
  return new Map(row.map(({ id }, i) => [id, { hungFt: item(shares, i) / IN_PER_FT, byBeamFt: 0 }]))
}

/** A rafter at each line hangs on the post that stands there, or on the beam between the two beside it. */
function byRafters(row: readonly Post[], grid: Grid, overhangIn: number): Map<string, LeanToFeet> {
  const held = new Map<string, LeanToFeet>()
  const give = (id: string, { hungFt, byBeamFt }: LeanToFeet): void => {
    const before = held.get(id) ?? NOTHING
    held.set(id, { hungFt: before.hungFt + hungFt, byBeamFt: before.byBeamFt + byBeamFt })
  }
  grid.centresIn.forEach((xIn, line) => {
    const half = (bay: number) => (grid.baysIn[bay] === undefined ? overhangIn : item(grid.baysIn, bay) / 2)
    const feet = (half(line - 1) + half(line)) / IN_PER_FT
    const on = row.find((post) => Math.abs(post.x - xIn) <= post.sizeX / 2 + SAME_IN)
    if (on) {
      give(on.id, { hungFt: feet, byBeamFt: 0 })
      return
    }
    const after = row.findIndex((post) => post.x > xIn)
    const [low, high] = [item(row, after - 1), item(row, after)]
    const share = (xIn - low.x) / (high.x - low.x)
    give(low.id, { hungFt: 0, byBeamFt: feet * (1 - share) })
    give(high.id, { hungFt: 0, byBeamFt: feet * share })
  })
  return held
}

/**
 * Feet of a lean-to's roof that each post of its wall holds, by id: together all of that roof, overhangs included. A
 * post that is not in it holds nothing.
 */
export function leanToFeet(
  building: Pick<Building, 'gableOverhangIn'>,
  grid: Grid,
  posts: readonly Post[],
  leanTo: LeanTo,
): ReadonlyMap<string, LeanToFeet> {
  const row = wallPosts(posts, leanTo.side)
  return leanTo.rafter.spaceIn === null
    ? byRafters(row, grid, building.gableOverhangIn)
    : byLedger(row, grid.lengthIn, building.gableOverhangIn)
}
