import { type Flat, outerEdges } from '@/core/geometry'
import { inches } from '../crewbook/paper'
import {
  svgCircle,
  svgLine,
  svgOf,
  svgPolygon,
  svgRect,
  svgText,
  svgWave,
  textWide,
  fittedSize,
  type AreaKind,
} from '../crewbook/svg'
import type { Block } from '../crewbook/types'
import { acrossPt, chainStrokes, type OnPaper } from './chains'
import { type Chain, type Figure, type Look, type Shape, within } from './figure'
import { pointsOf, scaleFor, scaleWords } from './scales'

/** A drawing on its paper. */
export type SvgBlock = Extract<Block, { kind: 'svg' }>

/** Room that a drawing has on its sheet, points. */
export interface Room {
  readonly wide: number
  readonly high: number
}

const EDGE = 12
/** Smallest type, points. */
const LEAST_SIZE = 5.5
const NOTES_PT = 168
/** Room for the scale under a drawing. */
const SCALE_PT = 22

const AREAS: Readonly<Record<Look, AreaKind>> = {
  wood: { fill: '#fff', width: 0.6 },
  far: { fill: '#f4f4f4', width: 0.35 },
  cut: { fill: '#bbb', width: 1.1 },
  brace: { fill: '#d4d4d4', width: 1.6 },
  concrete: { fill: '#e2e2e2', width: 0.7 },
  gravel: { fill: '#f0f0f0', width: 0.5, dash: '1 2' },
  skin: { fill: '#fafafa', width: 1.5 },
  opening: { fill: '#fff', width: 1.4 },
  thin: { fill: 'none', width: 0.5 },
  hidden: { fill: 'none', width: 0.6, dash: '4 3' },
  chalk: { fill: 'none', width: 1.1, dash: '11 4' },
  steel: { fill: '#888', width: 0.8 },
}
const LINES: Readonly<Partial<Record<Look, 'plain' | 'chalk' | 'keel' | 'ochre' | 'fine' | 'hair' | 'hidden'>>> = {
  chalk: 'chalk',
  skin: 'keel',
  brace: 'ochre',
  thin: 'hair',
  hidden: 'hidden',
}

function strokesOf(shape: Shape, on: OnPaper): readonly string[] {
  const { xAt, yAt, scale } = on
  switch (shape.as) {
    case 'area':
      return [
        svgPolygon(
          shape.points.map(([right, up]) => [xAt(right), yAt(up)]),
          AREAS[shape.look],
        ),
      ]
    case 'solid': {
      const at = ([right, up]: Flat): readonly [number, number] => [xAt(right), yAt(up)]
      const { fill, width } = AREAS[shape.look]
      return [
        ...shape.pieces.map((piece) => svgPolygon(piece.map(at), { fill, width: 0 })),
        ...outerEdges(shape.pieces).map(([from, to]) => {
          const [[x1, y1], [x2, y2]] = [at(from), at(to)]
          return svgLine({ x1, y1, x2, y2, width })
        }),
      ]
    }
    case 'line':
      return [
        svgLine({
          x1: xAt(shape.from[0]),
          y1: yAt(shape.from[1]),
          x2: xAt(shape.to[0]),
          y2: yAt(shape.to[1]),
          kind: LINES[shape.look] ?? 'plain',
        }),
      ]
    case 'circle':
      return [svgCircle(xAt(shape.at[0]), yAt(shape.at[1]), shape.radiusIn * scale)]
    case 'grade':
      return [svgWave(xAt(shape.fromIn), xAt(shape.toIn), yAt(shape.upIn))]
    case 'name':
      return nameStrokes(shape, on)
  }
}

function nameStrokes(shape: Extract<Shape, { as: 'name' }>, { xAt, yAt, scale }: OnPaper): readonly string[] {
  const { at, text, bold = false, anchor = 'middle', by = [0, 0], turned, fitIn = Infinity, plate } = shape
  const wanted = shape.size ?? 9
  const size = Math.max(LEAST_SIZE, fittedSize(text, wanted, fitIn * scale, bold))
  const [x, y] = [xAt(at[0]) + by[0], yAt(at[1]) + by[1]]
  const wide = textWide(text, size) + 3
  return [
    ...(plate ? [svgPolygon(plateOf(x - wide / 2, y - size, wide, size + 3), { fill: '#fff', width: 0 })] : []),
    svgText(x, y, text, { size, bold, anchor, ...(turned ? { rotate: -90 } : {}) }),
  ]
}

const plateOf = (x: number, y: number, wide: number, high: number): readonly (readonly [number, number])[] => [
  [x, y],
  [x + wide, y],
  [x + wide, y + high],
  [x, y + high],
]

const sideOf = (chains: readonly Chain[], beside: Chain['beside']): number =>
  chains.filter((chain) => chain.beside === beside).reduce((sum, chain) => sum + acrossPt(chain), 0)

/** Room around a drawing for its dimensions and the names of its layers. */
function marginsOf({ chains, notes }: Figure) {
  return {
    left: EDGE + sideOf(chains, 'left'),
    right: EDGE + sideOf(chains, 'right') + (notes?.length ? NOTES_PT : 0),
    top: EDGE + sideOf(chains, 'above'),
    bottom: EDGE + sideOf(chains, 'below') + SCALE_PT,
  }
}

/** What the layers are, in a column at the right, each with a line to it. */
function noteStrokes({ notes = [], chains }: Figure, on: OnPaper): readonly string[] {
  const x = on.right + sideOf(chains, 'right') + 26
  const sorted = [...notes].sort((one, other) => on.yAt(one.at[1]) - on.yAt(other.at[1]))
  let last = on.top - 20
  return sorted.flatMap(({ at, text }) => {
    const y = Math.max(on.yAt(at[1]), last + 14)
    last = y
    return [
      svgLine({ x1: on.xAt(at[0]), y1: on.yAt(at[1]), x2: x - 8, y2: y - 3, kind: 'hair' }),
      svgRect({ x: on.xAt(at[0]) - 1.5, y: on.yAt(at[1]) - 1.5, wide: 3, high: 3, fill: '#000', width: 0 }),
      svgText(x - 5, y, text, { size: 9 }),
    ]
  })
}

/** A bar of so many feet at the scale of the drawing, to be checked with a rule. */
function scaleBar(scale: number, site: boolean, width: number, y: number): readonly string[] {
  const feet = [1, 2, 5, 10, 20, 50].find((each) => each * 12 * pointsOf(scale) >= 60) ?? 100
  const long = feet * 12 * pointsOf(scale)
  const words = `${scaleWords(scale, site)} at 100%`
  const from = width - EDGE - long
  return [
    svgRect({ x: from, y, wide: long, high: 4, fill: '#000', width: 0.4 }),
    svgText(from - 6, y + 5, `${words}; the bar is ${feet === 1 ? inches(12) : `${feet} feet`}`, {
      size: 8.5,
      anchor: 'end',
    }),
  ]
}

/** A drawing before it is closed: its strokes, and what it is called. */
interface Body {
  readonly strokes: readonly string[]
  readonly height: number
  readonly alt: string
}

/** One drawing at one scale. */
function drawing(figure: Figure, scale: number, room: Room): Body {
  const margins = marginsOf(figure)
  const { x0, x1, y0, y1 } = figure.box
  const points = pointsOf(scale)
  const width = room.wide
  const inside = (x1 - x0) * points
  const left = margins.left + Math.max(0, (width - margins.left - margins.right - inside) / 2)
  const top = margins.top
  const bottom = top + (y1 - y0) * points
  const height = Math.ceil(bottom + margins.bottom)
  const on: OnPaper = {
    scale: points,
    xAt: (rightIn) => left + (rightIn - x0) * points,
    yAt: (upIn) => bottom - (upIn - y0) * points,
    left,
    right: left + inside,
    top,
    bottom,
  }
  return {
    strokes: [
      ...figure.shapes.flatMap((shape) => strokesOf(shape, on)),
      ...chainStrokes(figure.chains, on),
      ...noteStrokes(figure, on),
      ...scaleBar(scale, figure.site ?? false, width, height - 12),
    ],
    height,
    alt: `${figure.title}, ${scaleWords(scale, figure.site)}`,
  }
}

/** A stretch parted near some stops, no part longer than what its paper holds. */
function partsOf(
  from: number,
  to: number,
  mostIn: number,
  stopsIn: readonly number[],
): readonly (readonly [number, number])[] {
  const count = Math.ceil((to - from) / mostIn)
  const evenly = Array.from({ length: count - 1 }, (_, i) => from + ((to - from) * (i + 1)) / count)
  const near = evenly.map((wanted) =>
    stopsIn.reduce((best, at) => (Math.abs(at - wanted) < Math.abs(best - wanted) ? at : best), Infinity),
  )
  const slackIn = mostIn - (to - from) / count
  const stops = near.map((at, i) => (Math.abs(at - evenly[i]) <= slackIn / 2 ? at : evenly[i]))
  const all = [from, ...stops, to]
  return all.slice(1).map((end, i) => [all[i], end] as const)
}

/** A drawing to scale: in one piece where it can be read so, in lengths where it is long, in bands where it is high too. */
export function bodiesOf(figure: Figure, room: Room): readonly Body[] {
  const margins = marginsOf(figure)
  const { x0, x1, y0, y1 } = figure.box
  const inside = { wide: room.wide - margins.left - margins.right, high: room.high - margins.top - margins.bottom }
  const whole = scaleFor({ wideIn: x1 - x0, highIn: y1 - y0 }, inside, figure.site)
  if (whole >= figure.leastScale) return [drawing(figure, whole, room)]
  const scale = figure.banded
    ? figure.leastScale
    : Math.min(figure.leastScale, scaleFor({ wideIn: 1, highIn: y1 - y0 }, inside))
  const lengths = partsOf(x0, x1, inside.wide / pointsOf(scale), figure.stopsIn ?? [])
  const bands = figure.banded ? [...partsOf(y0, y1, inside.high / pointsOf(scale), [])].reverse() : [[y0, y1] as const]
  return bands.flatMap(([low, high]) => {
    const band = bands.length > 1 ? within(figure, 1, low, high) : figure
    return lengths.map(([from, to]) => drawing(within(band, 0, from, to), scale, room))
  })
}

/** The same as drawings by themselves. */
export const drawn = (figure: Figure, room: Room): readonly SvgBlock[] =>
  bodiesOf(figure, room).map(({ strokes, height, alt }) => ({
    kind: 'svg',
    svg: svgOf(room.wide, height, strokes),
    width: room.wide,
    height,
    alt,
  }))
