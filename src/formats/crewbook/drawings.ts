import type { ShownDerived as Derived } from '../shown'
import { isEave } from '@/core/layout'
import type { Job, Side } from '@/core/model'
import { mark } from './paper'
import { acrossIn } from './sheetsOf'
import { svgCircle, svgLine, svgOf, svgRect, svgText, textWide } from './svg'

/** A drawing on paper with its size, points. */
interface Drawing {
  readonly svg: string
  readonly width: number
  readonly height: number
}

/** Width of a drawing and the greatest height of the plan on its sheet, points. */
const SHEET_WIDTH = 519
const PLAN_HEIGHT = 330
/** Length of a batter board as drawn, inches. */
const BATTER_BOARD_IN = 28

/** The plan on paper: its extent with what the strings run past, its scale, and where a point of it lies. */
interface PlanOnPaper {
  readonly derived: Derived
  readonly y0: number
  readonly y1: number
  readonly past: number
  readonly scale: number
  readonly height: number
  readonly xAt: (x: number) => number
  readonly yAt: (y: number) => number
}

function planOnPaper(job: Job, derived: Derived): PlanOnPaper {
  const { lengthIn } = derived.grid
  const [y0, y1] = acrossIn({ job, derived })
  const past = job.strings.runPastIn
  const [wideIn, highIn] = [lengthIn + 2 * past, y1 - y0 + 2 * past]
  const scale = Math.min((SHEET_WIDTH - 76) / wideIn, PLAN_HEIGHT / highIn)
  const left = 52 + (SHEET_WIDTH - 76 - wideIn * scale) / 2
  return {
    derived,
    y0,
    y1,
    past,
    scale,
    height: Math.ceil(highIn * scale + 62),
    xAt: (x) => left + (x + past) * scale,
    yAt: (y) => 22 + (y1 + past - y) * scale,
  }
}

/** The diagonals of the strings, each named near its end with its length. */
const diagonalLines = ({ derived, xAt, yAt }: PlanOnPaper): string[] =>
  derived.diagonals
    .filter((diagonal) => diagonal.of === 'strings')
    .flatMap(({ from, to, name, lengthIn }) => {
      const along = 0.3
      return [
        svgLine({ x1: xAt(from.x), y1: yAt(from.y), x2: xAt(to.x), y2: yAt(to.y), kind: 'fine' }),
        svgText(
          xAt(from.x + (to.x - from.x) * along),
          yAt(from.y + (to.y - from.y) * along) - 5,
          `${name}  ${mark(lengthIn)}`,
          { size: 11, bold: true, anchor: 'middle' },
        ),
      ]
    })

/** The strings, past the building on both ends, each with its name. */
const stringLines = ({ derived, xAt, yAt, past, y0, y1 }: PlanOnPaper): string[] =>
  derived.strings.flatMap(({ side, from, label }) => {
    if (isEave(side)) {
      const y = yAt(from.y)
      return [
        svgLine({ x1: xAt(-past), y1: y, x2: xAt(derived.grid.lengthIn + past), y2: y, kind: 'chalk' }),
        svgText(xAt(-past) - 8, y + 5, label, { size: 15, bold: true, anchor: 'end' }),
      ]
    }
    const x = xAt(from.x)
    return [
      svgLine({ x1: x, y1: yAt(y0 - past), x2: x, y2: yAt(y1 + past), kind: 'chalk' }),
      svgText(x, yAt(y0 - past) + 18, label, { size: 15, bold: true, anchor: 'middle' }),
    ]
  })

const batterBoards = ({ derived, xAt, yAt, scale }: PlanOnPaper): string[] =>
  derived.batterBoards.map(({ across, at }) => {
    const long = BATTER_BOARD_IN * scale
    const [wide, high] = across === 'y' ? [3, long] : [long, 3]
    return svgRect({ x: xAt(at.x) - wide / 2, y: yAt(at.y) - high / 2, wide, high, fill: '#fff' })
  })

/** Where a post's name stands from its centre, on the inside of its wall. */
const NAME_AT: Readonly<Record<Side, { dx: number; dy: number; anchor: 'start' | 'middle' | 'end' }>> = {
  south: { dx: 0, dy: -8, anchor: 'middle' },
  north: { dx: 0, dy: 15, anchor: 'middle' },
  west: { dx: 9, dy: 4, anchor: 'start' },
  east: { dx: -9, dy: 4, anchor: 'end' },
}

const NAME_SIZE = 8.5

/** Posts whose names have no room beside that of the post before them in their row: theirs stand one line further in. */
function crowded({ derived, xAt }: PlanOnPaper): ReadonlySet<string> {
  const out = new Set<string>()
  for (const side of ['south', 'north'] as const) {
    let end = -Infinity
    const row = derived.posts.filter((post) => post.side === side && post.kind !== 'lean-to')
    for (const post of [...row].sort((one, other) => one.x - other.x)) {
      const half = textWide(post.name, NAME_SIZE) / 2
      if (xAt(post.x) - half > end) end = xAt(post.x) + half
      else out.add(post.id)
    }
  }
  return out
}

/** The posts with their holes and names. */
function postsInHoles(plan: PlanOnPaper): string[] {
  const { derived, xAt, yAt, scale } = plan
  const further = crowded(plan)
  return derived.posts.flatMap((post) => {
    const [x, y] = [xAt(post.x), yAt(post.y)]
    const hole = derived.holes.find((hole) => hole.kind === post.kind)
    const [wide, high] = [Math.max(4, post.sizeX * scale), Math.max(4, post.sizeY * scale)]
    const { dx, dy, anchor } = NAME_AT[post.side]
    return [
      ...(hole ? [svgCircle(x, y, (hole.diameterIn / 2) * scale)] : []),
      svgRect({
        x: x - Math.max(2, (post.sizeX * scale) / 2),
        y: y - Math.max(2, (post.sizeY * scale) / 2),
        wide,
        high,
        fill: '#000',
      }),
      svgText(x + dx, y + dy + (further.has(post.id) ? Math.sign(dy) * NAME_SIZE : 0), post.name, {
        size: NAME_SIZE,
        anchor,
      }),
    ]
  })
}

/** Openings as gaps in the walls, and the names of posts left out. */
function gapsInWalls({ derived, xAt, yAt, scale }: PlanOnPaper): string[] {
  const { lengthIn, widthIn } = derived.grid
  const base: Readonly<Record<Side, number>> = {
    south: yAt(0),
    north: yAt(widthIn),
    west: xAt(0),
    east: xAt(lengthIn),
  }
  const openings = derived.placed.map(({ opening, fromIn, toIn }) => {
    const across = base[opening.side] - 2.5
    const long = (toIn - fromIn) * scale
    return isEave(opening.side)
      ? svgRect({ x: xAt(fromIn), y: across, wide: long, high: 5, fill: '#fff', width: 0.8 })
      : svgRect({ x: across, y: yAt(toIn), wide: 5, high: long, fill: '#fff', width: 0.8 })
  })
  const missing = derived.omitted.map((omitted) =>
    svgText(xAt(omitted.x), yAt(omitted.y) + 4, `no ${omitted.name}`, { size: 8.5, anchor: 'middle' }),
  )
  return [...openings, ...missing]
}

/** Plan for the strings sheet: strings run past, posts, holes, doors, diagonals, names. */
export function planSvg(job: Job, derived: Derived): Drawing {
  const plan = planOnPaper(job, derived)
  const { lengthIn, widthIn } = derived.grid
  const body = [
    ...diagonalLines(plan),
    ...stringLines(plan),
    ...batterBoards(plan),
    ...postsInHoles(plan),
    ...gapsInWalls(plan),
    svgText(plan.xAt(lengthIn / 2), 13, mark(lengthIn), { size: 13, bold: true, anchor: 'middle' }),
    svgText(plan.xAt(-plan.past) - 26, plan.yAt(widthIn / 2), mark(widthIn), {
      size: 13,
      bold: true,
      anchor: 'middle',
      rotate: -90,
    }),
  ]
  return { svg: svgOf(SHEET_WIDTH, plan.height, body), width: SHEET_WIDTH, height: plan.height }
}
