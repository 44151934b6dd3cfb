import { item } from '../result'
import type { Building, Side } from '../model'
import { boardSize } from '../wood'
import { type Grid } from './grid'
import { isEave, type PlacedOpening } from './openings'
import { rowsBetween } from './rowSearch'
import { rafterHeightIn } from './laying'
import { toSixteenths, SAME_IN, PITCH_RUN_IN } from '../units'
import { onWall } from './wallGirts'

type Landing = 'heel' | 'sill' | 'head' | null

/** One row of girts on a wall: its top edge above the grade line, what it lands on, and where it runs from and to. */
export interface GirtRow {
  readonly id: string
  readonly topIn: number
  readonly landing: Landing
  readonly spaceBelowIn: number
  readonly tributaryIn: number
  readonly segments: readonly { readonly fromIn: number; readonly toIn: number }[]
  readonly fromIn: number
  readonly toIn: number
}

/** A sill or head that no row can land on: a block between posts or bucks takes it. */
export interface Block {
  readonly openingId: string
  readonly at: 'sill' | 'head'
  readonly topIn: number
}

export interface WallRows {
  readonly side: Side
  readonly rows: readonly GirtRow[]
  readonly blocks: readonly Block[]
  readonly widestIn: number
}

/** Height of a girt's face, inches: its width laid flat on the posts, its thickness set between them. */
export const girtFaceIn = (building: Building): number =>
  building.girts.style !== 'between' ? boardSize(building.girts.size).dIn : boardSize(building.girts.size).bIn

/** Height of the face of a wall's girts, inches: as the building has them, or as that wall has its own. */
export const girtFaceOnIn = (building: Building, side: Side): number => girtFaceIn(onWall(building, side))

interface Anchor {
  readonly topIn: number
  readonly landing: Landing
  readonly openingId: string
  readonly rank: number
}

function anchorsOf(
  building: Building,
  placed: readonly PlacedOpening[],
  baseIn: number,
  topIn: number,
): { readonly kept: Anchor[]; readonly blocks: Block[] } {
  const face = girtFaceIn(building)
  const wanted: Anchor[] = placed.flatMap((placed): Anchor[] => [
    { topIn: placed.headIn + face, landing: 'head', openingId: placed.opening.id, rank: 1 },
    ...(placed.sillIn > 0
      ? [{ topIn: placed.sillIn, landing: 'sill' as const, openingId: placed.opening.id, rank: 0 }]
      : []),
  ])
  const kept: Anchor[] = [{ topIn, landing: 'heel', openingId: '', rank: -1 }]
  const blocks: Block[] = []
  for (const anchor of wanted.sort((one, other) => one.rank - other.rank || one.topIn - other.topIn)) {
    const same = kept.some((k) => toSixteenths(k.topIn) === toSixteenths(anchor.topIn))
    if (same) continue
    const landing = anchor.landing as 'sill' | 'head'
    // Two boards cannot share a place: the second landing becomes a block. So does one that the skirt or the heel row
    // already covers.
    const clash =
      !building.girts.meetOpenings ||
      anchor.topIn - face < baseIn - SAME_IN ||
      anchor.topIn > topIn - face + SAME_IN ||
      kept.some((k) => Math.abs(k.topIn - anchor.topIn) < face - SAME_IN)
    if (clash) blocks.push({ openingId: anchor.openingId, at: landing, topIn: anchor.topIn })
    else kept.push(anchor)
  }
  return { kept: kept.sort((one, other) => one.topIn - other.topIn), blocks }
}

/**
 * Where a row at one height may run: between the wall's ends (narrowing under a gable rake), less the openings it would
 * cross.
 */
function segmentsAt({
  building,
  grid,
  side,
  placed,
  topIn,
  faceIn,
}: {
  building: Building
  grid: Grid
  side: Side
  placed: readonly PlacedOpening[]
  topIn: number
  faceIn: number
}): { readonly fromIn: number; readonly toIn: number; readonly segments: { fromIn: number; toIn: number }[] } {
  const wall = isEave(side) ? grid.lengthIn : grid.widthIn
  const inset = isEave(side) ? 0 : Math.max(0, ((topIn - building.heelIn) * PITCH_RUN_IN) / building.pitchPer12)
  let parts = [{ fromIn: inset, toIn: wall - inset }]
  for (const placedOpening of placed) {
    if (placedOpening.headIn <= topIn - faceIn + SAME_IN || placedOpening.sillIn >= topIn - SAME_IN) continue
    parts = parts.flatMap((part) =>
      placedOpening.toIn <= part.fromIn || placedOpening.fromIn >= part.toIn
        ? [part]
        : [
            { fromIn: part.fromIn, toIn: placedOpening.fromIn },
            { fromIn: placedOpening.toIn, toIn: part.toIn },
          ].filter((span) => span.toIn - span.fromIn > 1),
    )
  }
  return { fromIn: inset, toIn: wall - inset, segments: parts }
}

/**
 * Girt rows of one wall with the fewest boards: rows stand on every sill, over every head and at the heel; between two
 * of these the
 * space is divided equally under the maximum gap (top edge to top edge, the skirt's top being the first). Two landings
 * nearer than one
 * board's face cannot both be rows; the later one becomes a block. Gable walls go on above the heel to the rake.
 */
export function girtRows(building: Building, grid: Grid, side: Side, all: readonly PlacedOpening[]): WallRows {
  const placed = all.filter((placed) => placed.opening.side === side)
  const face = girtFaceIn(building)
  const base = building.skirt.depthIn > 0 ? building.skirt.topIn : 0
  const { kept, blocks } = anchorsOf(building, placed, base, building.heelIn)
  const limits = { maxGapIn: building.girts.maxGapIn }
  // Boards that would stand in each other leave no gap between them.
  const apart = (fromIn: number, toIn: number): readonly number[] => {
    const rows = rowsBetween(fromIn, toIn, limits)?.slice(0, -1) ?? []
    if ((toIn - fromIn) / (rows.length + 1) >= face) return rows
    const most = Math.max(1, Math.floor((toIn - fromIn) / face))
    return Array.from({ length: most - 1 }, (_, i) => fromIn + ((toIn - fromIn) * (i + 1)) / most)
  }
  const tops: { topIn: number; landing: Landing }[] = []
  let from = base
  for (const anchor of kept) {
    for (const topIn of apart(from, anchor.topIn)) tops.push({ topIn, landing: null })
    tops.push({ topIn: anchor.topIn, landing: anchor.landing })
    from = anchor.topIn
  }
  if (!isEave(side)) {
    const peak = rafterHeightIn(building, grid.widthIn / 2)
    for (const topIn of apart(building.heelIn, peak)) tops.push({ topIn, landing: null })
  }
  const rows = tops.map((top, i): GirtRow => {
    const below = top.topIn - (i > 0 ? item(tops, i - 1).topIn : base)
    const above = i < tops.length - 1 ? item(tops, i + 1).topIn - top.topIn : 0
    return {
      id: `G${i + 1}`,
      topIn: top.topIn,
      landing: top.landing,
      spaceBelowIn: below,
      tributaryIn: (below + above) / 2,
      ...segmentsAt({ building, grid, side, placed, topIn: top.topIn, faceIn: face }),
    }
  })
  return { side, rows, blocks, widestIn: rows.reduce((most, row) => Math.max(most, row.spaceBelowIn), 0) }
}
