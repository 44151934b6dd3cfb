import { type JoinKind, type Stick, stickMarks } from '@/core/sticks'
import { counted, NO_BREAK } from '@/core/units'
import { inches, mark, table } from './paper'
import { type SheetsOf, stock } from './sheetsOf'
import type { Block, Sheet } from './types'

/** What stands on a beam or hangs on a ledger: where it does is marked before the beam is up. */
const STANDS: readonly JoinKind[] = ['truss to carrier', 'rafter to carrier', 'rafter to header', 'rafter to ledger']
/** What holds a beam or a ledger to its posts. */
const HELD: readonly JoinKind[] = ['carrier to post', 'header to post', 'ledger to post']

/** Boards of beams and ledgers by what they are of, each with what is marked on it. */
interface Marked {
  readonly stick: Stick
  readonly marks: string
}

/** A rafter is marked once for all its plies. */
const wholeName = ({ kind, name }: Stick): string => (kind === 'rafter' ? name.replace(/\..*/, '') : name)

function markedBoards({ sticks }: SheetsOf): (of: string) => readonly Marked[] {
  const names = new Map(sticks.sticks.map((stick) => [stick.id, wholeName(stick)]))
  const marks = stickMarks({ sticks: sticks.sticks, joins: sticks.joins.filter(({ kind }) => STANDS.includes(kind)) })
  return (of) =>
    sticks.sticks
      .filter((stick) => stick.of === of)
      .map((stick) => ({
        stick,
        marks: (marks.get(stick.id) ?? [])
          .map(({ meets, atIn }) => `${names.get(meets) ?? ''}${NO_BREAK}at${NO_BREAK}${mark(atIn)}`)
          .join('   '),
      }))
}

/** The bolts of a beam or a ledger at one of its posts, as the joints say them. */
function boltsOf({ sticks }: SheetsOf, of: string): string {
  const ids = new Set(sticks.sticks.filter((stick) => stick.of === of).map(({ id }) => id))
  const held = sticks.joins.find(({ kind, stick }) => HELD.includes(kind) && ids.has(stick))
  return held?.fastener.by === 'bolt'
    ? `${counted(held.count, 'bolt')} ${inches(held.fastener.diameterIn)} by ${inches(held.fastener.lengthIn)} at each post`
    : ''
}

/** The post of its row that an end of a board lies on, or comes nearest to. */
function postAt({ derived }: SheetsOf, { place }: Stick, [x]: Stick['at']['from']): string {
  const row = derived.posts.filter(({ side, kind }) => side === place.side && (kind === 'lean-to') === isLeanTo(place))
  const nearest = row.reduce<(typeof row)[number] | null>(
    (best, post) => (best && Math.abs(best.x - x) <= Math.abs(post.x - x) ? best : post),
    null,
  )
  return nearest?.name ?? ''
}

/** A beam of a lean-to stands in its own row of posts; a ledger in that of its wall. */
const isLeanTo = ({ part, row }: Stick['place']): boolean => part !== 'main' && row?.startsWith('ledger') !== true

/** Boards with their lengths, where they are joined, and what stands on them. */
function boardTables(of: SheetsOf, boards: readonly Marked[], what: string): Block[] {
  const lengths = table(
    ['board', 'length', 'from', 'joins'],
    boards.map(({ stick }) => [
      stick.name,
      mark(stick.cutLengthIn),
      stock(stick),
      [stick.at.from, stick.at.to].map((end) => postAt(of, stick, end)).join(' to '),
    ]),
    [1, 2],
    [1],
  )
  const marked = boards.filter(({ marks }) => marks !== '')
  if (marked.length === 0) return [lengths]
  return [
    lengths,
    table(
      ['mark on', `${what}, middle of each, hook at the first end of the board`],
      marked.map(({ stick, marks }) => [stick.name, marks]),
    ),
  ]
}

/** Carriers and headers: where they sit, how they lie, every ply with its joints, what is marked on it, crown up. */
function beamBlocks(of: SheetsOf, boardsOf: (of: string) => readonly Marked[]): Block[] {
  return of.structure.beams.flatMap((beam): Block[] => {
    const names = beam.posts.map(({ post }) => post.name)
    const seat = mark(beam.topUpIn - beam.deepIn)
    const depth = (plies: number) => inches(plies * 1.5)
    const { faces } = beam
    const how =
      faces.let === 'in'
        ? [
            ...(faces.outside > 0 ? [`notch ${depth(faces.outside)} deep in the outside face`] : []),
            ...(faces.inside > 0 ? [`notch ${depth(faces.inside)} deep in the inside face`] : []),
          ].join(', ')
        : `bolted on: ${faces.outside} plies outside, ${faces.inside} inside`
    return [
      {
        kind: 'text',
        strong: true,
        text:
          `${beam.kind === 'carrier' ? 'Carrier' : 'Header'} ${names[0]} to ${names[names.length - 1]}: ` +
          `${beam.spec.plies} plies of ${beam.spec.size.replace('x', '×')} ${beam.spec.lumber}, crown up`,
      },
      {
        kind: 'text',
        text: `Seat ${seat} above the grade line, top ${mark(beam.topUpIn)}; ${how}; ${boltsOf(of, beam.id)}.`,
      },
      ...boardTables(of, boardsOf(beam.id), beam.part === 'main' ? 'trusses and rafters' : 'rafters'),
    ]
  })
}

/** The ledger of each lean-to whose rafters hang on one: its height, its bolts, its boards and the rafters on it. */
function ledgerBlocks(of: SheetsOf, boardsOf: (of: string) => readonly Marked[]): Block[] {
  return of.structure.leanTos.flatMap(({ leanTo, part }): Block[] => {
    const boards = boardsOf(`ledger-${part}`)
    const [first] = boards
    if (!first) return []
    const { at, board } = first.stick
    const [lowIn, topIn] = [at.from[2] - board.depthIn / 2, at.from[2] + board.depthIn / 2]
    const { plies, size, lumber } = leanTo.ledger
    const made = `${plies > 1 ? `${plies} plies of ` : ''}${size.replace('x', '×')} ${lumber}`
    return [
      {
        kind: 'text',
        strong: true,
        text: `Ledger on the ${of.derived.wallNames[leanTo.side].toLowerCase()}: ${made}, crown up`,
      },
      {
        kind: 'text',
        text: `Lower edge ${mark(lowIn)} above the grade line, top ${mark(topIn)}; ${boltsOf(of, `ledger-${part}`)}.`,
      },
      ...boardTables(of, boards, 'rafters'),
    ]
  })
}

/** Carriers, headers and ledgers of the whole job. */
export function beamSheet(of: SheetsOf): Sheet[] {
  const boardsOf = markedBoards(of)
  const ledgers = ledgerBlocks(of, boardsOf)
  const blocks = [...beamBlocks(of, boardsOf), ...ledgers]
  if (blocks.length === 0) return []
  return [
    {
      title: ledgers.length > 0 ? 'Carriers, headers and ledgers' : 'Carriers and headers',
      sub: 'joints of the plies fall on posts, those of neighbors on other posts; plies nailed to each other first',
      blocks,
    },
  ]
}
