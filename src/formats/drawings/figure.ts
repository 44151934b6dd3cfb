import { clippedTo, type Flat } from '@/core/geometry'

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

/** What of a line lies between two places. */
function lineWithin(from: Flat, to: Flat, x0: number, x1: number): readonly [Flat, Flat] | null {
  const [low, high] = from[0] <= to[0] ? [from, to] : [to, from]
  if (high[0] < x0 || low[0] > x1) return null
  const wide = high[0] - low[0]
  const at = (x: number): Flat => [x, wide === 0 ? low[1] : low[1] + ((high[1] - low[1]) * (x - low[0])) / wide]
  return [low[0] < x0 ? at(x0) : low, high[0] > x1 ? at(x1) : high]
}

/** What of a shape lies between two places; null where nothing does. */
function shapeWithin(shape: Shape, x0: number, x1: number): Shape | null {
  switch (shape.as) {
    case 'area': {
      const points = clippedTo(shape.points, x0, x1)
      return points.length < 3 ? null : { ...shape, points }
    }
    case 'solid': {
      const pieces = shape.pieces.map((piece) => clippedTo(piece, x0, x1)).filter((piece) => piece.length > 2)
      return pieces.length === 0 ? null : { ...shape, pieces }
    }
    case 'line': {
      const part = lineWithin(shape.from, shape.to, x0, x1)
      return part && { ...shape, from: part[0], to: part[1] }
    }
    case 'grade': {
      const [fromIn, toIn] = [Math.max(x0, shape.fromIn), Math.min(x1, shape.toIn)]
      return toIn > fromIn ? { ...shape, fromIn, toIn } : null
    }
    default:
      return shape.at[0] >= x0 && shape.at[0] <= x1 ? shape : null
  }
}

/** The places of a chain within a length; a space that goes on past it is drawn as far as it reaches. */
function chainWithin(chain: Chain, x0: number, x1: number): Chain {
  if (chain.beside === 'left' || chain.beside === 'right') return chain
  const { placesIn, as } = chain
  const keep = placesIn.map((at, i) => {
    const inside = at >= x0 && at <= x1
    if (inside || as === 'running') return inside
    const [before, after] = [placesIn[i - 1] ?? at, placesIn[i + 1] ?? at]
    return (before > x0 && before < x1) || (after > x0 && after < x1)
  })
  return {
    ...chain,
    hookIn: chain.hookIn ?? placesIn[0],
    placesIn: placesIn.filter((_, i) => keep[i]),
    ...(chain.names ? { names: chain.names.filter((_, i) => keep[i]) } : {}),
  }
}

/** One length of a long drawing. */
export function within(figure: Figure, x0: number, x1: number): Figure {
  return {
    ...figure,
    box: { ...figure.box, x0, x1 },
    shapes: figure.shapes.flatMap((shape) => shapeWithin(shape, x0, x1) ?? []),
    chains: figure.chains.map((chain) => chainWithin(chain, x0, x1)),
    ...(figure.notes ? { notes: figure.notes.filter(({ at }) => at[0] >= x0 && at[0] <= x1) } : {}),
  }
}

const swap = ([right, up]: Flat): Flat => [up, right]

/** A shape turned over its diagonal: what is parted to the right is parted upward. */
function turned(shape: Shape): Shape {
  switch (shape.as) {
    case 'area':
      return { ...shape, points: shape.points.map(swap) }
    case 'solid':
      return { ...shape, pieces: shape.pieces.map((piece) => piece.map(swap)) }
    case 'line':
      return { ...shape, from: swap(shape.from), to: swap(shape.to) }
    case 'grade':
      return shape
    default:
      return { ...shape, at: swap(shape.at) }
  }
}

/** One band of a plan that is too high for its paper; dimensions of the length stay with the lowest and highest one. */
export function bandOf(figure: Figure, y0: number, y1: number): Figure {
  const { box } = figure
  const chains = figure.chains.flatMap((chain): readonly Chain[] => {
    if (chain.beside === 'below') return y0 <= box.y0 ? [chain] : []
    if (chain.beside === 'above') return y1 >= box.y1 ? [chain] : []
    const level = chainWithin({ ...chain, beside: 'below' }, y0, y1)
    return [{ ...level, beside: chain.beside, ...(chain.hookIn === undefined ? { hookIn: undefined } : {}) }]
  })
  return {
    ...figure,
    box: { ...box, y0, y1 },
    shapes: figure.shapes.flatMap((shape) => {
      const part = shapeWithin(turned(shape), y0, y1)
      return part ? [turned(part)] : []
    }),
    chains,
  }
}
