import { ratioOfUse } from '../result'
import { HALF_MARK_IN } from '../units'
import { girtRows, onWall, type WallRows } from '../layout'
import type { Building, Job, Side } from '../model'
import type { Derived } from '../derive'
import { girtCases, wallWorst } from '../rules/girt/board'
import { boardsOf, wallBoards, wallOf } from '../sticks'

/** Another way to set the rows of one wall: what it would need. */
export interface WallAlternative {
  readonly key: 'landing' | 'even' | 'widest'
  readonly rows: number
  readonly widestIn: number
  readonly blocks: number
  readonly pieces: number
  readonly worst: number | null
  readonly maxGapIn: number
  readonly meetOpenings: boolean
}

/** Ways to set the rows of one wall: on its sills and heads, even with blocks, and at the widest gap that holds. */
export function wallAlternatives(
  job: Job,
  derived: Pick<Derived, 'grid' | 'placed' | 'posts' | 'site' | 'walls'>,
  side: Side,
): WallAlternative[] {
  const wb = onWall(job.building, side)
  const make = (key: WallAlternative['key'], maxGapIn: number, meetOpenings: boolean): WallAlternative => {
    const other: Building = { ...wb, girts: { ...wb.girts, maxGapIn, meetOpenings } }
    const rows: WallRows = girtRows(other, derived.grid, side, derived.placed)
    const pieces = wallBoards(wallOf({ ...derived, building: other, boards: boardsOf(other), side, rows, rooms: [] }))
    const worst = derived.site
      ? wallWorst(
          other,
          derived.site,
          girtCases({
            building: other,
            grid: derived.grid,
            wall: rows,
            pieces,
            posts: derived.posts,
            edgeFt: derived.site.edgeZoneFt,
          }),
        )
      : null
    return {
      key,
      rows: rows.rows.length,
      widestIn: rows.widestIn,
      blocks: rows.blocks.length,
      pieces: pieces.length,
      worst: worst === null ? null : ratioOfUse(worst),
      maxGapIn,
      meetOpenings,
    }
  }
  const gap = wb.girts.maxGapIn
  const holds = derived.walls[side].widestHoldsIn
  const widest = holds !== null && holds >= 8 ? Math.floor(holds * 16) / 16 : null
  return [
    make('landing', gap, true),
    ...(derived.placed.some((placed) => placed.opening.side === side) ? [make('even', gap, false)] : []),
    ...(widest !== null && Math.abs(widest - gap) > HALF_MARK_IN ? [make('widest', widest, true)] : []),
  ]
}
