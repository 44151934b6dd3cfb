import { type Axis, clippedTo, crossingAt, type Edge, type Flat } from '@/core/geometry'

/** How a line or an area is drawn; what lies behind others is drawn lighter. */
export type Look =
  'wood' | 'far' | 'cut' | 'brace' | 'concrete' | 'gravel' | 'skin' | 'opening' | 'thin' | 'hidden' | 'chalk' | 'steel'

export type Shape =
  | { readonly as: 'area'; readonly points: readonly Flat[]; readonly look: Look }
  /** Pieces that are one body: where they meet no line is drawn. */
  | { readonly as: 'solid'; readonly pieces: readonly (readonly Flat[])[]; readonly look: Look }
  | { readonly as: 'line'; readonly from: Flat; readonly to: Flat; readonly look: Look }
  | { readonly as: 'circle'; readonly at: Flat; readonly radiusIn: number; readonly look: Look }
  | { readonly as: 'grade'; readonly fromIn: number; readonly toIn: number; readonly upIn: number }
  | {
      readonly as: 'name'
      readonly at: Flat
      readonly text: string
      readonly size?: number
      readonly bold?: boolean
      readonly anchor?: 'start' | 'middle' | 'end'
      /** Moved on the paper, points: to the right and down. */
      readonly by?: readonly [number, number]
      readonly turned?: boolean
      /** White behind it, so that no line strikes it through. */
      readonly plate?: boolean
      /** Room for it, inches: smaller type where it is too long. */
      readonly fitIn?: number
    }

/** A line of dimensions beside a drawing: from each place to the next, or running from the first. Inches. */
export interface Chain {
  readonly beside: 'below' | 'above' | 'left' | 'right'
  readonly placesIn: readonly number[]
  readonly as: 'gaps' | 'running'
  /** What the places are, where they have names. */
  readonly names?: readonly string[]
  /** Where running marks are hooked, inches; the first place where it is not said. */
  readonly hookIn?: number
  /** The drawing runs against its hook: marks grow to the left. */
  readonly backward?: boolean
}

/** What is drawn, in inches, up is positive; the box is what belongs to it without its dimensions. */
export interface Figure {
  readonly title: string
  readonly sub: string
  readonly box: { readonly x0: number; readonly x1: number; readonly y0: number; readonly y1: number }
  readonly shapes: readonly Shape[]
  readonly chains: readonly Chain[]
  /** Layers and parts named beside the drawing, each with a line to what it names. */
  readonly notes?: readonly { readonly at: Flat; readonly text: string }[]
  /** Smallest scale at which it can still be read, inches of paper to a foot. */
  readonly leastScale: number
  /** Drawn at the scales of site plans: so many feet to an inch. */
  readonly site?: boolean
  /** A plan may be parted across too, into bands. */
  readonly banded?: boolean
  /** Places at which a long drawing may be parted into lengths. */
  readonly stopsIn?: readonly number[]
}

export const area = (points: readonly Flat[], look: Look): Shape => ({ as: 'area', points, look })
export const solid = (pieces: readonly (readonly Flat[])[], look: Look): Shape => ({ as: 'solid', pieces, look })
export const line = (from: Flat, to: Flat, look: Look): Shape => ({ as: 'line', from, to, look })
export const box = ([x0, y0]: Flat, [x1, y1]: Flat, look: Look): Shape =>
  area(
    [
      [x0, y0],
      [x1, y0],
      [x1, y1],
      [x0, y1],
    ],
    look,
  )

/** What of a line lies between two places of one direction. */
function lineWithin([from, to]: Edge, axis: Axis, low: number, high: number): Edge | null {
  const [first, last] = from[axis] <= to[axis] ? [from, to] : [to, from]
  if (last[axis] < low || first[axis] > high) return null
  return [
    first[axis] < low ? crossingAt([first, last], axis, low) : first,
    last[axis] > high ? crossingAt([first, last], axis, high) : last,
  ]
}

/** What of a shape lies between two places of one direction; null where nothing does. */
function shapeWithin(shape: Shape, axis: Axis, low: number, high: number): Shape | null {
  switch (shape.as) {
    case 'area': {
      const points = clippedTo(shape.points, axis, low, high)
      return points.length < 3 ? null : { ...shape, points }
    }
    case 'solid': {
      const pieces = shape.pieces.map((piece) => clippedTo(piece, axis, low, high)).filter((piece) => piece.length > 2)
      return pieces.length === 0 ? null : { ...shape, pieces }
    }
    case 'line': {
      const part = lineWithin([shape.from, shape.to], axis, low, high)
      return part && { ...shape, from: part[0], to: part[1] }
    }
    case 'grade': {
      if (axis === 1) return shape
      const [fromIn, toIn] = [Math.max(low, shape.fromIn), Math.min(high, shape.toIn)]
      return toIn > fromIn ? { ...shape, fromIn, toIn } : null
    }
    default:
      return shape.at[axis] >= low && shape.at[axis] <= high ? shape : null
  }
}

export const shapesWithin = (shapes: readonly Shape[], axis: Axis, low: number, high: number): readonly Shape[] =>
  shapes.flatMap((shape) => shapeWithin(shape, axis, low, high) ?? [])

/** Which way the places of a chain go. */
export const axisOf = ({ beside }: Chain): Axis => (beside === 'below' || beside === 'above' ? 0 : 1)

/** The places of a chain between two; a space that goes on past them is drawn as far as it reaches. */
function placesWithin(chain: Chain, low: number, high: number): Chain {
  const { placesIn, as } = chain
  const keep = placesIn.map((at, i) => {
    const inside = at >= low && at <= high
    if (inside || as === 'running') return inside
    const [before, after] = [placesIn[i - 1] ?? at, placesIn[i + 1] ?? at]
    return (before > low && before < high) || (after > low && after < high)
  })
  return {
    ...chain,
    // Marks along the length run on from their hook; heights count from the grade line.
    ...(axisOf(chain) === 0 ? { hookIn: chain.hookIn ?? placesIn[0] } : {}),
    placesIn: placesIn.filter((_, i) => keep[i]),
    ...(chain.names ? { names: chain.names.filter((_, i) => keep[i]) } : {}),
  }
}

/** A chain beside a part of a drawing: only beside the part at its own edge where the drawing is parted across. */
function chainWithin(
  box: Figure['box'],
  chain: Chain,
  { axis, low, high }: { readonly axis: Axis; readonly low: number; readonly high: number },
): readonly Chain[] {
  if (axisOf(chain) === axis) return [placesWithin(chain, low, high)]
  if (chain.beside === 'below') return low <= box.y0 ? [chain] : []
  if (chain.beside === 'above') return high >= box.y1 ? [chain] : []
  return [chain]
}

/** A part of a drawing that is too large for its paper: a length of it, or a band across. */
export function within(figure: Figure, axis: Axis, low: number, high: number): Figure {
  const { box, shapes, chains, notes } = figure
  return {
    ...figure,
    box: axis === 0 ? { ...box, x0: low, x1: high } : { ...box, y0: low, y1: high },
    shapes: shapesWithin(shapes, axis, low, high),
    chains: chains.flatMap((chain) => chainWithin(box, chain, { axis, low, high })),
    ...(notes ? { notes: notes.filter(({ at }) => at[axis] >= low && at[axis] <= high) } : {}),
  }
}
