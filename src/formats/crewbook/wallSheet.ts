import type { ShownDerived as Derived } from '../shown'
import { alongWall, girtFaceOnIn, isEave, onWall, rafterHeightIn, wallLengthIn, wallPosts } from '@/core/layout'
import type { Job, Side } from '@/core/model'
import { OPENING } from '../words'
import { inches, mark, table } from './paper'
import { svgLine, svgOf, svgRect, svgText, svgWave, textWide } from './svg'
import type { Block, Sheet } from './types'

type Board = Derived['walls'][Side]['pieces'][number]
type Post = Derived['posts'][number]

/** Longest part of a wall that still reads at arm's length on one drawing, inches. */
const LONGEST_PART_IN = 432
const WIDTH = 519
/** Room beside a drawing for the heights of its rows. */
const BESIDE = 104
const HIGHEST = 300
/** Running marks under a wall: their size, and the row below for one that has no room beside its neighbor, points. */
const MARK_SIZE = 10.5
const MARK_ROW = 12

/** A part of a wall, from one place along it to another. */
interface Part {
  readonly fromIn: number
  readonly toIn: number
}

/** A wall in parts that begin and end on its posts, none longer than reads well. */
function partsOf(lengthIn: number, posts: readonly Post[], side: Side): readonly Part[] {
  const count = Math.ceil(lengthIn / LONGEST_PART_IN)
  const places = posts.map((post) => alongWall(post, side).atIn)
  const stops = Array.from({ length: count - 1 }, (_, i) => {
    const wanted = (lengthIn * (i + 1)) / count
    return places.reduce((best, at) => (Math.abs(at - wanted) < Math.abs(best - wanted) ? at : best), 0)
  })
  const all = [0, ...stops.filter((at) => at > 0 && at < lengthIn), lengthIn]
  return all.slice(1).map((toIn, i) => ({ fromIn: all[i] ?? 0, toIn }))
}

/** One part of a wall as it is drawn from outside. */
interface Drawn extends Part {
  readonly job: Job
  readonly derived: Derived
  readonly side: Side
  readonly scale: number
  readonly high: number
  readonly xAt: (atIn: number) => number
  readonly yAt: (upIn: number) => number
}

function drawnOf(job: Job, derived: Derived, side: Side, part: Part): Drawn {
  const { building } = job
  const peak = isEave(side) ? building.heelIn : rafterHeightIn(building, derived.grid.widthIn / 2)
  const scale = Math.min((WIDTH - BESIDE - 12) / (part.toIn - part.fromIn), HIGHEST / peak)
  // From outside the north and west walls run to the left.
  const flip = side === 'north' || side === 'west'
  const xAt = (atIn: number) => BESIDE + (flip ? part.toIn - atIn : atIn - part.fromIn) * scale
  const yAt = (upIn: number) => 14 + (peak - upIn) * scale
  return { job, derived, side, ...part, scale, high: Math.ceil(peak * scale + 62), xAt, yAt }
}

/** A rectangle of the wall, as much of it as lies in the part. */
function box(
  { fromIn, toIn, xAt, yAt, scale }: Drawn,
  at: { readonly from: number; readonly to: number; readonly topIn: number; readonly highIn: number },
  look: { readonly fill: string; readonly width: number },
): string[] {
  const [low, high] = [Math.max(fromIn, at.from), Math.min(toIn, at.to)]
  if (high <= low) return []
  return [
    svgRect({
      x: Math.min(xAt(low), xAt(high)),
      y: yAt(at.topIn),
      wide: (high - low) * scale,
      high: at.highIn * scale,
      ...look,
    }),
  ]
}

/** Text on white, so that what it stands on does not strike it through. */
const onWhite = (x: number, y: number, text: string, size: number): string[] => [
  svgRect({
    x: x - textWide(text, size) / 2 - 1,
    y: y - size,
    wide: textWide(text, size) + 2,
    high: size + 2.5,
    fill: '#fff',
    width: 0,
  }),
  svgText(x, y, text, { size, bold: true, anchor: 'middle' }),
]

/** Posts of a part with their places on it, and the row of running marks that each has room in. */
function postsOn({ derived, side, fromIn, toIn, xAt }: Drawn) {
  const shown = wallPosts(derived.posts, side)
    .map((post) => ({ post, ...alongWall(post, side) }))
    .filter(({ atIn, halfIn }) => atIn >= fromIn - halfIn && atIn <= toIn + halfIn)
    .map((each) => ({ ...each, x: xAt(Math.min(toIn, Math.max(fromIn, each.atIn))) }))
    .sort((one, other) => one.x - other.x)
  let end = -Infinity
  return shown.map((each) => {
    const half = textWide(mark(each.atIn), MARK_SIZE) / 2
    const middle = Math.min(WIDTH - half, each.x)
    const isClear = middle - half > end + 2
    end = isClear ? middle + half : end
    return { ...each, middle, row: isClear ? 0 : 1 }
  })
}

const postParts = (drawn: Drawn): string[] =>
  postsOn(drawn).flatMap(({ post, atIn, halfIn, x, middle, row }) => {
    const base = drawn.yAt(0)
    return [
      ...box(
        drawn,
        { from: atIn - halfIn, to: atIn + halfIn, topIn: post.heightIn, highIn: post.heightIn },
        { fill: '#f0f0f0', width: 0.6 },
      ),
      svgText(x, base + 17, post.name, { size: 10, bold: true, anchor: 'middle' }),
      svgText(middle, base + 33 + row * MARK_ROW, mark(atIn), { size: MARK_SIZE, bold: true, anchor: 'middle' }),
      svgLine({ x1: x, y1: base + 20, x2: x, y2: base + 23, kind: 'plain' }),
    ]
  })

/** A board with its length, and a bar where it is joined to the next on a post. */
function boardParts(drawn: Drawn, board: Board, topIn: number, faceIn: number): string[] {
  const { xAt, yAt, scale, fromIn, toIn } = drawn
  const [low, high] = [Math.max(fromIn, board.fromIn), Math.min(toIn, board.toIn)]
  if (high <= low) return []
  const size = 9
  const words = mark(board.lengthIn)
  const middle = (xAt(low) + xAt(high)) / 2
  const fits = textWide(words, size) + 6 < (high - low) * scale
  const ends = [board.fromIn, board.toIn].filter((at) => at > fromIn && at < toIn)
  return [
    ...box(
      drawn,
      { from: low, to: high, topIn, highIn: Math.max(faceIn, 2 / scale) },
      { fill: board.inside ? '#e4e4e4' : '#fff', width: 1.1 },
    ),
    ...ends.map((at) =>
      svgRect({ x: xAt(at) - 1.2, y: yAt(topIn) - 1.5, wide: 2.4, high: faceIn * scale + 3, fill: '#000', width: 0.3 }),
    ),
    ...(fits ? onWhite(middle, yAt(topIn) + Math.max(7.5, (faceIn * scale) / 2 + 3), words, size) : []),
  ]
}

/** Rows of a wall with their boards and their heights; names step aside where rows are close. */
function rowParts(drawn: Drawn): string[] {
  const { derived, side, job, yAt } = drawn
  const faceIn = girtFaceOnIn(job.building, side)
  let last = Infinity
  return derived.walls[side].rows.flatMap((row) => {
    const own = derived.walls[side].pieces.filter((piece) => piece.row === row.id)
    const y = Math.min(yAt(row.topIn) + 4, last - 11)
    last = y
    return [
      ...own.flatMap((board) => boardParts(drawn, board, row.topIn, faceIn)),
      svgText(20, y, row.id, { size: 9.5, anchor: 'end' }),
      svgText(BESIDE - 8, y, mark(row.topIn), { size: 10.5, bold: true, anchor: 'end' }),
    ]
  })
}

/** Openings with both their sizes, and where they are from the hook. */
const openingParts = (drawn: Drawn): string[] =>
  drawn.derived.placed
    .filter(({ opening }) => opening.side === drawn.side)
    .flatMap(({ opening, fromIn, toIn, headIn, sillIn }) => {
      if (toIn <= drawn.fromIn || fromIn >= drawn.toIn) return []
      const x = (drawn.xAt(fromIn) + drawn.xAt(toIn)) / 2
      const y = (drawn.yAt(headIn) + drawn.yAt(sillIn)) / 2
      const say = [
        (opening.name || OPENING[opening.kind]).slice(0, 16),
        `${inches(opening.widthIn)} x ${inches(opening.heightIn)}`,
        `from ${mark(fromIn)}`,
        ...(sillIn > 0 ? [`sill ${mark(sillIn)}`] : []),
      ]
      const lines = say.slice(0, Math.max(1, Math.floor(((headIn - sillIn) * drawn.scale) / 10)))
      return [
        ...box(drawn, { from: fromIn, to: toIn, topIn: headIn, highIn: headIn - sillIn }, { fill: '#fff', width: 1.3 }),
        ...lines.map((line, i) =>
          svgText(x, y + (i - (lines.length - 1) / 2) * 10 + 3, line, { size: 8.5, anchor: 'middle' }),
        ),
      ]
    })

/** One part of a wall from outside, skin off. */
function partSvg(drawn: Drawn): Block {
  const { job, side, derived, yAt, fromIn, toIn } = drawn
  const { skirt } = job.building
  const body = [
    ...postParts(drawn),
    ...rowParts(drawn),
    ...(skirt.depthIn > 0
      ? [
          ...box(
            drawn,
            { from: fromIn, to: toIn, topIn: skirt.topIn, highIn: Math.min(skirt.depthIn, skirt.topIn) },
            { fill: '#ddd', width: 0.6 },
          ),
          svgText(BESIDE - 8, yAt(skirt.topIn) + 4, inches(skirt.topIn), { size: 9, anchor: 'end' }),
        ]
      : []),
    ...openingParts(drawn),
    svgWave(BESIDE - 10, WIDTH - 2, yAt(0)),
    svgText(4, yAt(0) + 33, 'from hook', { size: 8.5 }),
  ]
  return {
    kind: 'svg',
    svg: svgOf(WIDTH, drawn.high, body),
    width: WIDTH,
    height: drawn.high,
    alt: `${derived.walls[side].name}, ${mark(fromIn)} to ${mark(toIn)}`,
  }
}

/** Boards of a wall by length, longest first. */
function cutWords(boards: readonly Board[], plies: number): string {
  const counts = new Map<string, { readonly inches: number; count: number }>()
  for (const { lengthIn } of boards) {
    const words = mark(lengthIn)
    const has = counts.get(words) ?? { inches: lengthIn, count: 0 }
    counts.set(words, has)
    has.count += plies
  }
  return [...counts]
    .sort((one, other) => other[1].inches - one[1].inches)
    .map(([words, { count }]) => `${count} of ${words}`.replaceAll(' ', '\u00a0'))
    .join('    ')
}

/** The rows of a wall, top row first, each with its boards in order from the hook. */
const boardRows = ({ walls }: Derived, side: Side): string[][] =>
  [...walls[side].rows].reverse().map((row) => {
    const own = walls[side].pieces.filter((piece) => piece.row === row.id)
    return [
      row.id,
      mark(row.topIn),
      row.landing ?? '',
      own.map((board) => `${mark(board.lengthIn)}${board.inside ? ' inside' : ''}`).join('   '),
    ]
  })

/** How the boards of a wall lie, in words. */
const LIES = {
  flat: 'flat on the posts',
  between: 'set in between the posts',
  both: 'flat outside, and between the posts',
} as const

/** Under the rake boards are sawn along it: how far back, and where the long point is. */
function rakeBlock(job: Job, side: Side): Block[] {
  if (isEave(side)) return []
  const { girts, pitchPer12 } = onWall(job.building, side)
  const backIn = (girtFaceOnIn(job.building, side) * 12) / pitchPer12
  return [
    {
      kind: 'text',
      text:
        `Above the heel the outer ends follow the rake: lengths are to the long point, ` +
        `which is the lower ${girts.style === 'between' ? 'face' : 'edge'}; the upper one stands ${inches(backIn)} back.`,
    },
  ]
}

/** The girts of one wall: drawn in lengths that read at arm's length, and every board in order. */
export function wallSheets(job: Job, derived: Derived, side: Side): Sheet[] {
  const wall = derived.walls[side]
  const { girts } = onWall(job.building, side)
  const lengthIn = wallLengthIn(derived.grid, side)
  const parts = partsOf(lengthIn, wallPosts(derived.posts, side), side)
  const drawings = parts.map((part) => partSvg(drawnOf(job, derived, side, part)))
  const sub =
    `${girts.size.replace('x', '×')} ${girts.lumber}, ${LIES[girts.style]}; heights are the top of the board, lengths from ` +
    'the hook at the low corner; seen from outside, skin off'
  const pages: Block[][] = []
  for (let i = 0; i < drawings.length; i += 2) pages.push(drawings.slice(i, i + 2))
  return [
    ...pages.map((blocks, i): Sheet => ({
      title: `${wall.name}: girts${pages.length > 1 ? `, ${i + 1} of ${pages.length}` : ''}`,
      sub,
      blocks: [
        ...blocks,
        ...(i === pages.length - 1
          ? [
              { kind: 'text' as const, strong: true, text: `Cut ${wall.pieces.length * girtPlies(job)}` },
              { kind: 'text' as const, text: cutWords(wall.pieces, girtPlies(job)) },
              ...rakeBlock(job, side),
            ]
          : []),
      ],
    })),
    {
      title: `${wall.name}: boards in order`,
      sub: 'each row from the hook; a bar on the drawing is where two meet on a post',
      blocks: [table(['row', 'top', 'lands on', 'boards'], boardRows(derived, side), [1], [1])],
    },
  ]
}

const girtPlies = ({ building }: Job): number => building.girts.plies
