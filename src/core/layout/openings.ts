import { SAME_IN, HALF_MARK_IN } from '../units'
import type { Building, Corner, Opening, Side } from '../model'
import { issue, type Issue } from '../result'
import { postSize } from '../wood'
import type { Grid } from './grid'

/**
 * An opening on its wall: edges along the wall from its low (west or south) string corner, sill and head above the
 * grade line.
 */
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
export const isEave = (side: Side): side is 'south' | 'north' => side === 'south' || side === 'north'

/** Length of a wall between string corners. */
export const wallLengthIn = (grid: Grid, side: Side): number => (isEave(side) ? grid.lengthIn : grid.widthIn)

/** How much of a wall's end the corner post takes up: its width on an eave wall, its depth on a gable wall. */
export const cornerTakesIn = (building: Building, side: Side): number =>
  isEave(side) ? postSize(building.post).widthIn : postSize(building.post).depthIn

/**
 * Overhead and sliding doors get posts of their own at the jambs; walk doors and windows hang in bucks between posts.
 */
export const needsJambs = (kind: Opening['kind']): boolean => kind === 'overhead' || kind === 'slider'

/** Places one opening on its wall from its named corner. */
export function placeOpening(opening: Opening, grid: Grid): PlacedOpening {
  const low = opening.corner === LOW_CORNER[opening.side]
  const fromIn = low ? opening.positionIn : wallLengthIn(grid, opening.side) - opening.positionIn - opening.widthIn
  return {
    opening,
    fromIn,
    toIn: fromIn + opening.widthIn,
    sillIn: opening.sillIn,
    headIn: opening.sillIn + opening.heightIn,
    framed: needsJambs(opening.kind),
  }
}

/** Moves an opening so that its low edge stands at `fromIn`, keeping its named corner. */
export const positionFor = (opening: Opening, grid: Grid, fromIn: number): number =>
  opening.corner === LOW_CORNER[opening.side] ? fromIn : wallLengthIn(grid, opening.side) - fromIn - opening.widthIn

const overlap = (a0: number, a1: number, b0: number, b1: number): boolean =>
  Math.min(a1, b1) - Math.max(a0, b0) > HALF_MARK_IN

/** Contradictions of the openings with their walls and with each other. Every issue names the field that holds it. */
export function checkOpenings(building: Building, grid: Grid): Issue[] {
  const widthIn = postSize(building.post).widthIn
  const placed = building.openings.map((opening) => placeOpening(opening, grid))
  const found: Issue[] = []
  placed.forEach((placedOpening, i) => {
    const opening = placedOpening.opening
    const at = (field: string) => ['building', 'openings', i, field] as const
    const wall = wallLengthIn(grid, opening.side)
    const takes = cornerTakesIn(building, opening.side)
    if (building.openings.findIndex((ownOpening) => ownOpening.id === opening.id) !== i)
      found.push(issue('duplicate-id', at('id'), { id: opening.id }))
    const room = wall - 2 * takes
    if (opening.widthIn > room + SAME_IN) {
      found.push(issue('opening-wider-than-wall', at('widthIn'), { widthIn: opening.widthIn, roomIn: room }))
      return
    }
    if (!cornersOf(opening.side).includes(opening.corner)) {
      found.push(issue('corner-not-on-wall', at('corner'), { choices: cornersOf(opening.side).join(', ') }))
      return
    }
    if (placedOpening.fromIn < -SAME_IN || placedOpening.toIn > wall + SAME_IN) {
      found.push(issue('opening-past-corner', at('positionIn'), { mostIn: wall - opening.widthIn }))
      return
    }
    if (opening.kind !== 'window' && opening.sillIn > 0) found.push(issue('sill-needs-window', at('sillIn')))
    if (placedOpening.headIn > building.heelIn + SAME_IN)
      found.push(issue('opening-over-heel', at('heightIn'), { mostIn: building.heelIn - opening.sillIn }))
    // A jamb post needs room beside the corner post, unless the corner post itself is the jamb.
    const need = placedOpening.framed ? takes + widthIn : takes
    for (const gap of [placedOpening.fromIn, wall - placedOpening.toIn]) {
      if (gap < need - SAME_IN && !(placedOpening.framed && Math.abs(gap - takes) < HALF_MARK_IN)) {
        found.push(
          issue('opening-too-near-corner', at('positionIn'), { leastIn: need, mostIn: wall - need - opening.widthIn }),
        )
        break
      }
    }
    placed.slice(0, i).forEach((placed) => {
      if (placed.opening.side !== opening.side) return
      const side = (placed: PlacedOpening) => (placed.framed ? widthIn : 0)
      const gap = Math.max(side(placedOpening), side(placed))
      const stacked =
        !placedOpening.framed &&
        !placed.framed &&
        !overlap(placedOpening.sillIn, placedOpening.headIn, placed.sillIn, placed.headIn)
      if (!stacked && overlap(placedOpening.fromIn - gap, placedOpening.toIn + gap, placed.fromIn, placed.toIn))
        found.push(
          issue('openings-overlap', at('positionIn'), {
            other: placed.opening.name || placed.opening.kind,
            otherFromIn: placed.fromIn,
            otherToIn: placed.toIn,
          }),
        )
    })
  })
  return found
}
