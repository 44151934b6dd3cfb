import { inches, mark } from '../crewbook/paper'
import { svgLine, svgText, textWide } from '../crewbook/svg'
import { axisOf, type Chain } from './figure'

/** A drawing on its paper: where its inches lie, points. */
export interface OnPaper {
  readonly scale: number
  readonly xAt: (rightIn: number) => number
  readonly yAt: (upIn: number) => number
  readonly left: number
  readonly right: number
  readonly top: number
  readonly bottom: number
}

const SIZE = 9.5
/** Room that heights take beside a drawing, points. */
const UPRIGHT_PT = 76
/** From the drawing to the first letter of such a text, points. */
const LEADER_PT = 20

/** What stands at each place of a line beside a drawing: its name and its height. */
const heightWords = ({ placesIn, names, hookIn = 0 }: Chain): readonly string[] =>
  placesIn.map((at, i) => [names?.[i], mark(at - hookIn)].filter(Boolean).join(' '))

/** Room that a line of dimensions takes beside a drawing, points. */
export function acrossPt(chain: Chain): number {
  if (axisOf(chain) === 1)
    return Math.max(UPRIGHT_PT, ...heightWords(chain).map((text) => LEADER_PT + textWide(text, SIZE)))
  return chain.as === 'running' && chain.names ? 50 : 34
}

/** Spaces under this are said in inches alone. */
const INCHES_UNDER_IN = 24
const spaceWords = (lengthIn: number): string => (lengthIn < INCHES_UNDER_IN ? inches(lengthIn) : mark(lengthIn))

/** Where a line of dimensions lies: which way is away from the drawing, and how far lines reach back to it. */
interface Beside {
  readonly on: OnPaper
  readonly at: number
  readonly away: 1 | -1
  readonly reach: number
}

/** Slash at a place of a dimension line. */
const slash = (x: number, y: number): string => svgLine({ x1: x - 3, y1: y + 3, x2: x + 3, y2: y - 3 })

/** Texts along a line, each on the first of some rows where it has room. */
function rowsFor(texts: readonly { readonly x: number; readonly text: string }[], most: number): readonly number[] {
  const ends: number[] = Array.from({ length: most }, () => -Infinity)
  return texts.map(({ x, text }) => {
    const half = textWide(text, SIZE) / 2 + 2
    const free = ends.findIndex((end) => x - half >= end)
    const row = free < 0 ? most - 1 : free
    ends[row] = x + half
    return row
  })
}

/** Rows of texts under a line of spaces: as many as plies and notches of one post ask for. */
const GAP_ROWS = 5

/** Spaces between places, level. Text that is longer than its space steps out of the line. */
function levelGaps({ placesIn }: Chain, { on, at: y, away, reach }: Beside): readonly string[] {
  const xs = placesIn.map(on.xAt)
  if (xs.length < 2) return []
  const clamp = (x: number) => Math.min(on.right, Math.max(on.left, x))
  const texts = xs.slice(1).map((x, i) => ({
    x: (clamp(xs[i]) + clamp(x)) / 2,
    text: spaceWords(placesIn[i + 1] - placesIn[i]),
    fits: textWide(spaceWords(placesIn[i + 1] - placesIn[i]), SIZE) + 4 < Math.abs(clamp(x) - clamp(xs[i])),
  }))
  const out = rowsFor(
    texts.filter(({ fits }) => !fits),
    GAP_ROWS,
  )
  let k = 0
  return [
    svgLine({ x1: clamp(xs[0]), y1: y, x2: clamp(xs[xs.length - 1]), y2: y }),
    ...xs.flatMap((x) => (x < on.left - 1 || x > on.right + 1 ? [] : [slash(x, y), leader(x, reach, x, y + 4 * away)])),
    ...texts.flatMap(({ x, text, fits }) => {
      const row = fits ? -1 : out[k++]
      const base = fits ? y - 3 : y + away * (11 + 10 * row) + (away > 0 ? 0 : 5)
      return [svgText(x, base, text, { size: SIZE, bold: true, anchor: 'middle' })]
    }),
  ]
}

const leader = (x1: number, y1: number, x2: number, y2: number): string => svgLine({ x1, y1, x2, y2, kind: 'hair' })

/** Running marks from their hook, level, with what stands there. */
function levelRunning(chain: Chain, { on, at: y, away, reach }: Beside): readonly string[] {
  const { placesIn, names, backward } = chain
  const hook = chain.hookIn ?? placesIn[0] ?? 0
  const texts = placesIn.map((at, i) => ({
    x: on.xAt(at),
    text: mark((at - hook) * (backward ? -1 : 1)),
    name: names?.[i] ?? '',
  }))
  const order = texts.map((_, i) => i).sort((one, other) => texts[one].x - texts[other].x)
  const rows = rowsFor(
    order.map((i) => texts[i]),
    2,
  )
  return order.flatMap((i, k) => {
    const { x, text, name } = texts[i]
    const base = y + away * (names ? 19 : 10) * rows[k] + (away > 0 ? 9 : 0)
    return [
      leader(x, reach, x, away > 0 ? base - 8 : base + 2),
      svgText(x, base, text, { size: SIZE, bold: true, anchor: 'middle' }),
      ...(name ? [svgText(x, base + (away > 0 ? 9 : -9), name, { size: 8, anchor: 'middle' })] : []),
    ]
  })
}

/** Places for texts one above the other, none nearer to the next than a line. */
function spread(wanted: readonly number[], apart: number): readonly number[] {
  const order = wanted.map((_, i) => i).sort((one, other) => wanted[one] - wanted[other])
  const at: number[] = [...wanted]
  order.forEach((i, k) => {
    if (k > 0) at[i] = Math.max(wanted[i], at[order[k - 1]] + apart)
  })
  return at
}

/** Heights beside a drawing: each above the grade line, or from one to the next. */
function upright(chain: Chain, { on, at: x, away, reach }: Beside): readonly string[] {
  const { placesIn, as } = chain
  const ys = placesIn.map(on.yAt)
  const anchor = away > 0 ? 'start' : 'end'
  if (as === 'gaps') {
    const middles = ys.slice(1).map((y, i) => (y + ys[i]) / 2)
    const at = spread(middles, 11)
    return [
      svgLine({ x1: x, y1: Math.min(...ys), x2: x, y2: Math.max(...ys) }),
      ...ys.flatMap((y) => [slash(x, y), leader(reach, y, x + 4 * away, y)]),
      ...at.map((y, i) =>
        svgText(x + 6 * away, y + 3, spaceWords(placesIn[i + 1] - placesIn[i]), { size: SIZE, bold: true, anchor }),
      ),
    ]
  }
  const at = spread(ys, 11)
  const words = heightWords(chain)
  return ys.flatMap((y, i) => [
    leader(reach, y, x - 12 * away, y),
    leader(x - 12 * away, y, x, at[i]),
    svgText(x + 2 * away, at[i] + 3, words[i], { size: SIZE, bold: true, anchor }),
  ])
}

/** Every line of dimensions of a drawing, each outside the one before. */
export function chainStrokes(chains: readonly Chain[], on: OnPaper): readonly string[] {
  const used = { below: 0, above: 0, left: 0, right: 0 }
  return chains.flatMap((chain) => {
    if (chain.placesIn.length === 0) return []
    const off = used[chain.beside]
    used[chain.beside] += acrossPt(chain)
    const away = chain.beside === 'below' || chain.beside === 'right' ? 1 : -1
    if (axisOf(chain) === 1) {
      const edge = chain.beside === 'right' ? on.right : on.left
      return upright(chain, { on, at: edge + away * (14 + off), away, reach: edge })
    }
    const edge = chain.beside === 'below' ? on.bottom : on.top
    const y = edge + away * (14 + off)
    // What stands between the drawing and a further line is not struck through.
    const reach = off === 0 ? edge : y - away * 5
    const beside: Beside = { on, at: y, away, reach }
    return chain.as === 'gaps' ? levelGaps(chain, beside) : levelRunning(chain, beside)
  })
}
