import { sawnOf, type Stick } from '@/core/sticks'
import { fixed, NO_BREAK, quantity } from '@/core/units'
import { mark, table } from './paper'
import { deg, type SheetsOf, stock, strapsIn } from './sheetsOf'
import { svgLine, svgOf, svgText } from './svg'
import type { Block, Sheet } from './types'

/** A saw that tilts no further needs the cut laid out with a square. */
const SAW_LIMIT_DEG = 50
const sawWords = (cutDeg: number): string =>
  cutDeg > SAW_LIMIT_DEG ? `past ${SAW_LIMIT_DEG} degrees: mark and cut by hand` : ''

/** A short board is drawn no higher than this, points. */
const MOST_HIGH = 56

/** A board with both ends sawn, to scale: the edge that is measured along is drawn thick. */
function sawnSvg(stick: Stick): Block {
  const width = 500
  const { lower, upper, lowerEdgeIn, tipToTipIn } = sawnOf(stick)
  const scale = Math.min(470 / tipToTipIn, MOST_HIGH / stick.board.depthIn)
  const high = Math.max(14, stick.board.depthIn * scale)
  const [low, top] = [high + 4, 4]
  const height = low + 24
  const at = (alongIn: number) => (width - tipToTipIn * scale) / 2 + alongIn * scale
  const outline = `M${at(lower[0])} ${low}L${at(upper[0])} ${top}L${at(upper[1])} ${top}L${at(lower[1])} ${low}Z`
  return {
    kind: 'svg',
    svg: svgOf(width, height, [
      `<path d="${outline}" fill="#f4f4f4" stroke="#000" stroke-width="1"/>`,
      svgLine({ x1: at(lower[0]), y1: low, x2: at(lower[1]), y2: low, kind: 'ochre' }),
      svgText((at(lower[0]) + at(lower[1])) / 2, low + 17, `lower edge ${mark(lowerEdgeIn)}`, {
        size: 11,
        bold: true,
        anchor: 'middle',
      }),
    ]),
    width,
    height,
    alt: `${stick.name}, lower edge ${mark(lowerEdgeIn)}`,
  }
}

/** Which way a brace rises, as one sees it from outside. */
function handOf(stick: Stick): string {
  const { side } = stick.place
  const rightward = side === 'south' || side === 'east' ? 1 : -1
  const along =
    side === 'south' || side === 'north' ? stick.at.to[0] - stick.at.from[0] : stick.at.to[1] - stick.at.from[1]
  const right = along * rightward > 0
  return `rises to the ${right ? 'right' : 'left'}`
}

/** Wall braces: every one with its bay, its edge, both cuts, its hand and what it is cut from. */
export function braceSheet({ derived, sticks, job }: SheetsOf): Sheet[] {
  const braces = sticks.sticks.filter(({ kind }) => kind === 'brace')
  const [first] = braces
  if (!first) return []
  const { nails, nail } = job.building.bracing
  const rows = braces.map((stick) => {
    const cutDeg = sawnOf(stick).offSquareDeg[0]
    return [
      `${derived.wallNames[stick.place.side as 'south'].replace(' wall', '')} ${stick.name}`,
      stick.ends.map(({ on }) => derived.names[on ?? ''] ?? '').join(' to '),
      mark(sawnOf(stick).lowerEdgeIn),
      mark(stick.cutLengthIn),
      fixed(cutDeg, 1),
      handOf(stick),
      stock(stick),
    ]
  })
  const steep = braces.some((stick) => sawnOf(stick).offSquareDeg[0] > SAW_LIMIT_DEG)
  return [
    {
      title: 'Bracing',
      sub: `${first.board.label} ${first.board.lumber}; seen from outside; ${nails} ${nail} at each end`,
      blocks: [
        sawnSvg(first),
        {
          kind: 'text',
          strong: true,
          text:
            'Both ends plumb, the same cut at both, laid out on the face that lies up: outside face up, lower edge toward ' +
            'you.',
        },
        table(
          ['brace', 'between', 'lower edge', 'tip to tip', 'off square', 'hand', 'cut from'],
          rows,
          [2, 3, 4, 6],
          [2],
        ),
        ...(steep ? [{ kind: 'caution' as const, text: `Cuts are ${sawWords(90)}.` }] : []),
        {
          kind: 'text',
          text:
            'Those that rise to the high end of a wall lie flush outside, their mirrors flush inside. Set each with its ' +
            'mirror before leaving the site: wind turns.',
        },
      ],
    },
  ]
}

/** Straps of the walls, bay by bay: where each begins and ends, and how long it is. */
export function strapSheet(of: SheetsOf): Sheet[] {
  const bays = strapsIn(of)
  if (bays.length === 0) return []
  const { wallNames, names } = of.derived
  const { strapLb } = of.job.building.bracing
  const rated = strapLb === null ? 'straps; ' : `straps, each rated for ${quantity(strapLb, 'lb')}; `
  return [
    {
      title: 'Bracing',
      sub: `${rated}two cross in every bay, from the foot of one post to the head of the other`,
      blocks: [
        table(
          ['wall', 'bay', 'low end up', 'high end up', 'length, middle to middle of the posts'],
          bays.map(({ side, posts, lowUpIn, highUpIn, lengthIn }) => [
            wallNames[side].replace(' wall', ''),
            posts.map((id) => names[id] ?? '').join(' to '),
            mark(lowUpIn),
            mark(highUpIn),
            `2 of ${mark(lengthIn)}`.replaceAll(' ', NO_BREAK),
          ]),
          [2, 3, 4],
          [4],
        ),
        {
          kind: 'text',
          text:
            'Heights are above the grade line. Fix both ends as the maker of the strap asks, and draw each tight with its ' +
            'mirror before leaving the site: wind turns.',
        },
      ],
    },
  ]
}

/** Knee braces: long and short edge, a plumb and a level cut. */
export function kneeSheet({ sticks, job }: SheetsOf): Sheet[] {
  const knees = sticks.sticks.filter(({ kind }) => kind === 'knee')
  const [first] = knees
  const { knee } = job.building
  if (!first || !knee) return []
  const sawn = sawnOf(first)
  return [
    {
      title: 'Knee braces',
      sub: `${knees.length} of ${first.board.label} ${first.board.lumber}, ${mark(knee.downIn)} down the post and ${mark(knee.outIn)} out`,
      blocks: [
        sawnSvg(first),
        table(
          ['', ''],
          [
            ['long edge, heel to heel', mark(first.cutLengthIn)],
            ['short edge', mark(sawn.upperEdgeIn)],
            ['cut at the post, plumb', `${deg(sawn.offSquareDeg[0])} off square ${sawWords(sawn.offSquareDeg[0])}`],
            ['cut at the truss, level', `${deg(sawn.offSquareDeg[1])} off square ${sawWords(sawn.offSquareDeg[1])}`],
            ['cut from', stock(first)],
          ],
          [1],
          [1],
        ),
        {
          kind: 'caution',
          text: 'Knee braces push and pull on the truss: only where its maker has designed for them.',
        },
      ],
    },
  ]
}
