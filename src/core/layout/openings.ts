import type { Building, Corner, Opening, Side } from '../model'
import { issue, type Issue } from '../result'
import { postSize } from '../wood'
import type { Grid } from './grid'

/** An opening on its wall: edges along the wall from its low (west or south) string corner, sill and head above the grade line. */
export interface PlacedOpening {
  readonly opening: Opening
  readonly fromIn: number
  readonly toIn: number
  readonly sillIn: number
  readonly headIn: number
  readonly framed: boolean
}

const LOW_CORNER: Readonly<Record<Side, Corner>> = { south: 'SW', north: 'NW', west: 'SW', east: 'SE' }
const HIGH_CORNER: Readonly<Record<Side, Corner>> = { south: 'SE', north: 'NE', west: 'NW', east: 'NE' }

/** The two corners that end a wall, low end first. */
export const cornersOf = (side: Side): readonly [Corner, Corner] => [LOW_CORNER[side], HIGH_CORNER[side]]

/** Whether a side is an eave wall (its length runs along x). */
export const isEave = (side: Side): boolean => side === 'south' || side === 'north'

/** Length of a wall between string corners. */
export const wallLengthIn = (grid: Grid, side: Side): number => (isEave(side) ? grid.lengthIn : grid.widthIn)

/** How much of a wall's end the corner post takes up: its width on an eave wall, its depth on a gable wall. */
export const cornerTakesIn = (b: Building, side: Side): number =>
  isEave(side) ? postSize(b.post).widthIn : postSize(b.post).depthIn

/** Overhead and sliding doors get posts of their own at the jambs; walk doors and windows hang in bucks between posts. */
export const needsJambs = (kind: Opening['kind']): boolean => kind === 'overhead' || kind === 'slider'

/** Places one opening on its wall from its named corner. */
export function placeOpening(o: Opening, grid: Grid): PlacedOpening {
  const low = o.corner === LOW_CORNER[o.side]
  const fromIn = low ? o.positionIn : wallLengthIn(grid, o.side) - o.positionIn - o.widthIn
  return {
    opening: o,
    fromIn,
    toIn: fromIn + o.widthIn,
    sillIn: o.sillIn,
    headIn: o.sillIn + o.heightIn,
    framed: needsJambs(o.kind),
  }
}

/** Moves an opening so that its low edge stands at `fromIn`, keeping its named corner. */
export const positionFor = (o: Opening, grid: Grid, fromIn: number): number =>
  o.corner === LOW_CORNER[o.side] ? fromIn : wallLengthIn(grid, o.side) - fromIn - o.widthIn

const overlap = (a0: number, a1: number, b0: number, b1: number): boolean =>
  Math.min(a1, b1) - Math.max(a0, b0) > 1 / 32

/** Contradictions of the openings with their walls and with each other. Every issue names the field that holds it. */
export function checkOpenings(b: Building, grid: Grid): Issue[] {
  const t = postSize(b.post).widthIn
  const placed = b.openings.map((o) => placeOpening(o, grid))
  const found: Issue[] = []
  placed.forEach((p, i) => {
    const o = p.opening
    const at = (field: string) => ['building', 'openings', i, field] as const
    const wall = wallLengthIn(grid, o.side)
    const takes = cornerTakesIn(b, o.side)
    if (b.openings.findIndex((q) => q.id === o.id) !== i) found.push(issue('duplicate-id', at('id'), { id: o.id }))
    const room = wall - 2 * takes
    if (o.widthIn > room + 1e-6) {
      found.push(issue('opening-wider-than-wall', at('widthIn'), { widthIn: o.widthIn, roomIn: room }))
      return
    }
    if (!cornersOf(o.side).includes(o.corner)) {
      found.push(issue('corner-not-on-wall', at('corner'), { choices: cornersOf(o.side).join(', ') }))
      return
    }
    if (p.fromIn < -1e-6 || p.toIn > wall + 1e-6) {
      found.push(issue('opening-past-corner', at('positionIn'), { mostIn: wall - o.widthIn }))
      return
    }
    if (o.kind !== 'window' && o.sillIn > 0) found.push(issue('sill-needs-window', at('sillIn')))
    if (p.headIn > b.heelIn + 1e-6)
      found.push(issue('opening-over-heel', at('heightIn'), { mostIn: b.heelIn - o.sillIn }))
    // A jamb post needs room beside the corner post, unless the corner post itself is the jamb.
    const need = p.framed ? takes + t : takes
    for (const gap of [p.fromIn, wall - p.toIn]) {
      if (gap < need - 1e-6 && !(p.framed && Math.abs(gap - takes) < 1 / 32)) {
        found.push(
          issue('opening-too-near-corner', at('positionIn'), { leastIn: need, mostIn: wall - need - o.widthIn }),
        )
        break
      }
    }
    placed.slice(0, i).forEach((q) => {
      if (q.opening.side !== o.side) return
      const side = (x: PlacedOpening) => (x.framed ? t : 0)
      const gap = Math.max(side(p), side(q))
      const stacked = !p.framed && !q.framed && !overlap(p.sillIn, p.headIn, q.sillIn, q.headIn)
      if (!stacked && overlap(p.fromIn - gap, p.toIn + gap, q.fromIn, q.toIn))
        found.push(
          issue('openings-overlap', at('positionIn'), {
            other: q.opening.name || q.opening.kind,
            otherFromIn: q.fromIn,
            otherToIn: q.toIn,
          }),
        )
    })
  })
  return found
}
