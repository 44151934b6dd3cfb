import { boardsAcross } from '@/core/pocket/boardsAcross'
import { length, number } from '../fields'
import { box, measure, type Scene, text } from '../scene/shapes'
import { sheet, type Worked } from '../sheet'

type Given = Parameters<typeof boardsAcross.solve>[0]
type Found = Extract<ReturnType<typeof boardsAcross.solve>, { ok: true }>['value']

const THICK_IN = 1.25

/** Where each board lies: its near edge and its width, inches; ripped boards last. */
function boardsOf({ depthIn, boardIn, gapIn, overLast }: Given, { count, way, sharedGapIn, ripIn, ripCount }: Found) {
  const rips = ripIn === null ? 0 : ripCount
  const wholes = count + (way === 'rip' ? 1 : 0) - rips
  const widths = [...Array<number>(Math.max(0, wholes)).fill(boardIn), ...Array<number>(rips).fill(ripIn ?? 0)]
  const shared = Math.min(overLast, widths.length - 1)
  let atIn = 0
  return widths.map((widthIn, k) => {
    const wide = sharedGapIn !== null && k >= widths.length - shared
    if (k > 0) atIn += wide ? (sharedGapIn ?? gapIn) : gapIn
    const placed = { atIn, widthIn, ripped: k >= wholes }
    atIn += widthIn
    return { ...placed, atIn: Math.min(placed.atIn, depthIn) }
  })
}

function outs({ found, say }: Worked<Given, Found>) {
  const left = { label: 'left over', text: say('leftIn') }
  const count = { label: 'whole boards fit', text: String(found.count) }
  if (found.way === 'share') return [{ label: 'each of the last gaps', text: say('sharedGapIn') }, count, left] as const
  if (found.way === 'rip')
    return [
      { label: `rip to, ${found.ripCount === 1 ? 'one board' : 'two boards'}`, text: say('ripIn') },
      count,
      left,
    ] as const
  return [count, left] as const
}

/** The last boards, as large as there is room. */
function lastBoards({ given, found, say, length: written }: Worked<Given, Found>): Scene {
  const boards = boardsOf(given, found).slice(-4)
  const startIn = boards[0]?.atIn ?? 0
  const last = boards[boards.length - 1]
  const before = boards[boards.length - 2]
  return [
    ...boards.map(({ atIn, widthIn, ripped }) =>
      box(ripped ? 'dark' : 'wood', [atIn - startIn, 0], [atIn - startIn + widthIn, THICK_IN]),
    ),
    ...(last
      ? [measure([last.atIn - startIn, 0], [last.atIn + last.widthIn - startIn, 0], written(last.widthIn), -12)]
      : []),
    ...(last && before
      ? [
          measure(
            [before.atIn + before.widthIn - startIn, THICK_IN],
            [last.atIn - startIn, THICK_IN],
            ['gap', found.way === 'share' ? say('sharedGapIn') : written(given.gapIn)],
            12,
          ),
        ]
      : []),
  ]
}

export default sheet({
  figure: boardsAcross,
  fields: {
    depthIn: length('depth to cover', 96.5),
    boardIn: length('width of a board', 5.5),
    gapIn: length('gap', 0.125),
    overLast: number('gaps that may share', 4),
    gapLimitIn: length('widest gap that passes', 0.25),
  },
  outs,
  stands: ({ given, found, length: written }) => [
    ...boardsOf(given, found).map(({ atIn, widthIn, ripped }) =>
      box(ripped ? 'dark' : 'wood', [atIn, 0], [atIn + widthIn, THICK_IN]),
    ),
    box('pale', [0, -7.25], [given.depthIn, 0]),
    text([given.depthIn / 2, -3.6], 'joist', { offPx: [0, 5] }),
    measure([0, -7.25], [given.depthIn, -7.25], written(given.depthIn), -12),
    measure([0, THICK_IN], [given.boardIn, THICK_IN], written(given.boardIn), 12),
  ],
  liesTitle: 'The last boards; dark is ripped',
  lies: lastBoards,
})
