import type { Building, Side } from '../model'
import { boardSize } from '../wood'
import { equalSpaces, type Grid } from './grid'
import { isEave, type PlacedOpening } from './openings'
import { rafterHeightIn } from './posts'
import { toSixteenths } from '../units'

export type Landing = 'heel' | 'sill' | 'head' | null

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
export const girtFaceIn = (b: Building): number =>
  b.girts.style !== 'between' ? boardSize(b.girts.size).dIn : boardSize(b.girts.size).bIn

interface Anchor {
  readonly topIn: number
  readonly landing: Landing
  readonly openingId: string
  readonly rank: number
}

function anchorsOf(
  b: Building,
  placed: readonly PlacedOpening[],
  baseIn: number,
  topIn: number,
): { readonly kept: Anchor[]; readonly blocks: Block[] } {
  const face = girtFaceIn(b)
  const wanted: Anchor[] = placed.flatMap((p): Anchor[] => [
    { topIn: p.headIn + face, landing: 'head', openingId: p.opening.id, rank: 1 },
    ...(p.sillIn > 0 ? [{ topIn: p.sillIn, landing: 'sill' as const, openingId: p.opening.id, rank: 0 }] : []),
  ])
  const kept: Anchor[] = [{ topIn, landing: 'heel', openingId: '', rank: -1 }]
  const blocks: Block[] = []
  for (const a of wanted.sort((p, q) => p.rank - q.rank || p.topIn - q.topIn)) {
    const same = kept.some((k) => toSixteenths(k.topIn) === toSixteenths(a.topIn))
    if (same) continue
    const landing = a.landing as 'sill' | 'head'
    // Two boards cannot share a place: the second landing becomes a block. So does one that the skirt or the heel row already covers.
    const clash =
      !b.girts.meetOpenings ||
      a.topIn - face < baseIn - 1e-6 ||
      a.topIn > topIn - face + 1e-6 ||
      kept.some((k) => Math.abs(k.topIn - a.topIn) < face - 1e-6)
    if (clash) blocks.push({ openingId: a.openingId, at: landing, topIn: a.topIn })
    else kept.push(a)
  }
  return { kept: kept.sort((p, q) => p.topIn - q.topIn), blocks }
}

/** Where a row at one height may run: between the wall's ends (narrowing under a gable rake), less the openings it would cross. */
function segmentsAt(
  b: Building,
  grid: Grid,
  side: Side,
  placed: readonly PlacedOpening[],
  topIn: number,
  faceIn: number,
): { readonly fromIn: number; readonly toIn: number; readonly segments: { fromIn: number; toIn: number }[] } {
  const wall = isEave(side) ? grid.lengthIn : grid.widthIn
  const inset = isEave(side) ? 0 : Math.max(0, ((topIn - b.heelIn) * 12) / b.pitchPer12)
  let parts = [{ fromIn: inset, toIn: wall - inset }]
  for (const p of placed) {
    if (p.headIn <= topIn - faceIn + 1e-6 || p.sillIn >= topIn - 1e-6) continue
    parts = parts.flatMap((s) =>
      p.toIn <= s.fromIn || p.fromIn >= s.toIn
        ? [s]
        : [
            { fromIn: s.fromIn, toIn: p.fromIn },
            { fromIn: p.toIn, toIn: s.toIn },
          ].filter((q) => q.toIn - q.fromIn > 1),
    )
  }
  return { fromIn: inset, toIn: wall - inset, segments: parts }
}

/**
 * Girt rows of one wall with the fewest boards: rows stand on every sill, over every head and at the heel; between two of these the
 * space is divided equally under the maximum gap (top edge to top edge, the skirt's top being the first). Two landings nearer than one
 * board's face cannot both be rows; the later one becomes a block. Gable walls go on above the heel to the rake.
 */
export function girtRows(b: Building, grid: Grid, side: Side, all: readonly PlacedOpening[]): WallRows {
  const placed = all.filter((p) => p.opening.side === side)
  const face = girtFaceIn(b)
  const base = b.skirt.depthIn > 0 ? b.skirt.topIn : 0
  const { kept, blocks } = anchorsOf(b, placed, base, b.heelIn)
  const tops: { topIn: number; landing: Landing }[] = []
  let from = base
  for (const a of kept) {
    const n = equalSpaces(a.topIn - from, b.girts.maxGapIn)
    for (let k = 1; k < n.count; k++) tops.push({ topIn: from + n.spaceIn * k, landing: null })
    tops.push({ topIn: a.topIn, landing: a.landing })
    from = a.topIn
  }
  if (!isEave(side)) {
    const peak = rafterHeightIn(b, grid.widthIn / 2)
    const n = equalSpaces(peak - b.heelIn, b.girts.maxGapIn)
    for (let k = 1; k < n.count; k++) tops.push({ topIn: b.heelIn + n.spaceIn * k, landing: null })
  }
  const rows = tops.map((t, i): GirtRow => {
    const below = t.topIn - (i > 0 ? tops[i - 1].topIn : base)
    const above = i < tops.length - 1 ? tops[i + 1].topIn - t.topIn : 0
    return {
      id: `G${i + 1}`,
      topIn: t.topIn,
      landing: t.landing,
      spaceBelowIn: below,
      tributaryIn: (below + above) / 2,
      ...segmentsAt(b, grid, side, placed, t.topIn, face),
    }
  })
  return { side, rows, blocks, widestIn: rows.reduce((m, r) => Math.max(m, r.spaceBelowIn), 0) }
}
