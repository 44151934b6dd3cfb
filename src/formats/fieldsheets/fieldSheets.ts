import { fixed, quantity, stated } from '@/core/units'
import type { ColumnCard } from '@/core/sticks'
import { kindName } from '../words/checks'
import type { ShownDerived as Derived } from '../shown'
import {
  cardCode,
  type ColumnGroup,
  columnGroups,
  foldRecords,
  measure,
  plannedFootIn,
  tieLevels,
  type FieldState,
  type Levels,
  type Measured,
  type Said,
} from '@/core/field'
import type { Job } from '@/core/model'
import { entryOf } from '@/core/result'
import { concreteOrder } from '@/core/quantities'
import type { Block, CrewBook, Sheet } from '../crewbook'
import { FOUND_WORDS, KIND, sheetNote, DIG_CAUTION, restOfNames, SETUP_STATE, someNames } from '../words'
import { cardSheets, type CardsASheet } from './cards'
import { codeWords } from './codes'
import { inches, mark, table } from '../crewbook/paper'
import { chunk, plain } from '../plain'

const ROWS = 27

export interface FieldSheetsOf {
  readonly job: Job
  readonly derived: Derived
  readonly state: FieldState
  readonly levels: Levels
  readonly date: string
  readonly revision: string
  /** Where the field pages are served, for the codes: `https://host/field/ID`. */ readonly page: string
  /** The posts as built, where they have been worked out already. */ readonly measured?: Measured
  readonly perSheet?: CardsASheet
}

/** What every printed card says, by post: kept with the print, so that a later change is known. */
export const printedCards = (measured: Measured): Record<string, string> =>
  Object.fromEntries(measured.asBuilt.map((built) => [built.id, built.signature]))

const postsOf = (sheets: FieldSheetsOf, measured: Measured) => {
  const by = new Map(sheets.derived.posts.map((post) => [post.id, post]))
  return measured.asBuilt.flatMap((post) => {
    const other = by.get(post.id)
    return other
      ? [
          {
            post,
            column: entryOf(sheets.derived.columns, post.id),
            stringIn: measured.stringIn[post.id] ?? 0,
            url: `${sheets.page}/post/${post.id}?card=${cardCode(post.signature)}`,
            wallNames: sheets.derived.wallNames,
            printed: [sheets.date, sheets.revision].filter(Boolean).join(', '),
          },
        ]
      : []
  })
}

/** What lies in and under a hole besides the post, in few words. */
function inHole(building: Job['building']): string {
  const parts = [
    building.school === 'pier' ? 'pier' : `pad ${inches(building.padThicknessIn)}`,
    ...(building.school === 'collar' ? [`collar ${inches(building.collarHeightIn)}`] : []),
    ...(building.cleat ? [`cleats ${inches(building.cleat.widthIn)} x ${inches(building.cleat.lengthIn)}`] : []),
    ...(building.gravelIn > 0 ? [`gravel ${inches(building.gravelIn)} under it`] : []),
  ]
  return plain(parts.join(', '))
}

/** What was found in a hole, where it was looked at. */
const foundIn = (log: Said<'hole'> | undefined): string => (log ? FOUND_WORDS[log.body.found].toLowerCase() : '')

function holeSheets(sheets: FieldSheetsOf, measured: Measured): Sheet[] {
  const log = sheets.state.holes
  const rows = sheets.derived.schedule.map((row) => [
    row.name,
    KIND[row.kind],
    inches(row.holeDiameterIn),
    mark(row.holeIn),
    sheets.derived.ground?.[row.id] ? mark(row.holeIn + sheets.derived.ground[row.id].groundIn) : '',
    mark(row.embedIn),
    measured.dugIn[row.id] != null ? mark(measured.dugIn[row.id] ?? 0) : '',
    foundIn(log[row.id]),
    sheets.state.pours[row.id]?.at(-1) ? `${sheets.state.pours[row.id].at(-1)?.body.bags} bags` : '',
  ])
  return chunk(rows, ROWS).map((part) => ({
    title: 'Hole schedule',
    sub: `from the string at the grade line to the bottom that is dug; ${inHole(sheets.job.building)}`,
    blocks: [
      table(
        ['post', 'kind', 'across', 'from string', 'from ground', 'foot at', 'as dug', 'found', 'poured'],
        part,
        [2, 3, 4, 5, 6],
        [0, 3],
      ),
      { kind: 'caution', text: plain(DIG_CAUTION) },
    ],
  }))
}

function rodSheets(sheets: FieldSheetsOf, measured: Measured, blank: boolean): Sheet[] {
  const rows = sheets.derived.posts.map((post) => {
    const reading = sheets.levels.current[post.id]
    const offset = measured.rods.offsets[post.id]
    const suspect = measured.rods.suspects[post.id]
    const leveled = suspect ? 'read again' : ''
    const readingCell = () => {
      if (reading) return inches(reading.rawIn)
      if (suspect) return inches(suspect.readingIn)
      if (offset) return inches(offset.readingIn)
      return ''
    }
    return blank
      ? [post.name, '', '', '', '']
      : [
          post.name,
          reading?.setup ?? (offset ? 'office' : ''),
          readingCell(),
          offset ? inches(offset.readingIn) : leveled,
          offset ? inches(offset.upToGradeIn) : '',
        ]
  })
  const subtitle = () => {
    if (blank) return 'set-up ______  place ________________  benchmark reads ________  back to it ________'
    const { benchmarkPost, gradeReadingIn } = measured.rods
    if (benchmarkPost)
      return `high point ${sheets.derived.names[benchmarkPost]}; grade line reads ${inches(gradeReadingIn ?? 0)}`
    return 'nothing read yet'
  }
  const note = subtitle()
  return chunk(rows, ROWS).map((part) => ({
    title: blank ? 'Rod log, to fill in' : 'Rod log',
    sub: note,
    blocks: [
      table(['post', 'set-up', blank ? 'reading' : 'as read', 'leveled', 'up to grade line'], part, [2, 3, 4], [0, 4]),
      {
        kind: 'text',
        text:
          'A higher reading is a lower point. Read the benchmark again after every ten posts and before the laser is ' +
          'moved: over 1/8" off, read again what was read since it was last right.',
      },
    ],
  }))
}

function setupSheet(sheets: FieldSheetsOf): Sheet[] {
  if (sheets.levels.setups.length === 0) return []
  return [
    {
      title: 'Set-ups',
      sub: 'each tied to the first by the benchmark',
      blocks: [
        table(
          ['set-up', 'place', 'read', 'benchmark', 'closing', 'state'],
          sheets.levels.setups.map((setup) => [
            setup.setup,
            setup.place,
            String(setup.count),
            setup.benchmarkIn === null ? '' : inches(setup.benchmarkIn),
            setup.closingIn === null ? '' : inches(setup.closingIn),
            SETUP_STATE[setup.state],
          ]),
          [2, 3, 4],
          [0],
        ),
      ],
    },
  ]
}

/** Lengths of the posts of a kind whose feet were read: each from its own foot. */
function ownLengths({ posts }: ColumnGroup): Block[] {
  return [
    { kind: 'text', strong: true, text: 'Each post from its own foot, as it was read' },
    table(
      ['post', 'foot to seat', 'cut', ''],
      posts.map((post) => [post.name, mark(post.seatIn), mark(post.lengthIn), post.measured ? 'read' : 'as planned']),
      [1, 2],
      [2],
    ),
  ]
}

/** What is cut into a column for its beam and its truss. */
const notchRows = ({ notches, tongueIn, trussNotch }: ColumnCard): string[][] => [
  ...(trussNotch
    ? [
        [
          `notch for the truss, ${inches(trussNotch.depthIn)} deep in one side; the post’s card says which`,
          `${mark(trussNotch.fromFootIn)} to ${mark(trussNotch.toFootIn)}`,
        ],
      ]
    : []),
  ...notches.map((notch) => [
    `notch in the ${notch.face} face, ${inches(notch.depthIn)} deep`,
    `${mark(notch.fromFootIn)} to ${mark(notch.toFootIn)}`,
  ]),
  ...(tongueIn === null ? [] : [['left behind the notches', inches(tongueIn)]]),
]

/** Names that the title of a build sheet has room for. */
const TITLE_NAMES = 8

function buildSheet(group: ColumnGroup): Sheet {
  const { card, alike } = group
  const dim = (lengthIn: number): string => mark(lengthIn)
  return {
    title: 'Column: ' + someNames(card.posts, TITLE_NAMES),
    sub:
      `${card.label}; foot to seat ${dim(card.seatIn)}, cut ${dim(card.lengthIn)}; ` +
      `about ${quantity(card.weightLb, 'weightLb')} wet`,
    blocks: [
      ...restOfNames(card.posts, TITLE_NAMES).map((text): Block => ({ kind: 'text', text })),
      table(
        ['ply', 'board from the foot up', 'cut', 'from', 'wood', 'crown'],
        card.plies.flatMap((ply) =>
          ply.pieces.map((piece) => [
            ply.name,
            `${dim(piece.fromIn)} to ${dim(piece.toIn)}`,
            dim(piece.lengthIn),
            piece.stockIn === null ? 'special' : dim(piece.stockIn),
            piece.treated ? 'treated' : 'dry',
            ply.crown,
          ]),
        ),
        [1, 2, 3],
        [2],
      ),
      table(
        ['', ''],
        [
          ['top of the highest ply', dim(card.lengthIn)],
          ...(card.pocketIn > 0 ? [['pocket for the truss', dim(card.pocketIn)]] : []),
          ...notchRows(card),
          ...(card.bevelDeg > 0 ? [['top cut', `${fixed(card.bevelDeg, 1)} degrees, ${inches(card.bevelIn)}`]] : []),
          ['treated up to', dim(card.treatedToIn)],
          ...(card.nails ? [['nails', `${card.nails.total}, ${card.nails.nailsPerFace} a face`]] : []),
          ...card.bolts.map((bolt) => [
            `${bolt.what}, ${inches(bolt.aboveSeatIn)} above the seat`,
            dim(bolt.fromFootIn),
          ]),
        ],
        [1],
        [1],
      ),
      ...(alike ? [] : ownLengths(group)),
      ...(card.nails
        ? [
            {
              kind: 'text' as const,
              strong: true,
              text:
                `Template stick: ${card.nails.columns} columns of ${card.nails.rowsIn.length} at ` +
                `${inches(card.nails.spacingIn)}; odd ones from this face`,
            },
            { kind: 'text' as const, text: card.nails.marksIn.map((markIn) => mark(markIn)).join('   ') },
          ]
        : []),
      ...card.problems.map((problem): Block => ({ kind: 'caution', text: plain(problem) })),
      // One block: on paper they stand close together, and the sheet stays one page.
      { kind: 'text', text: card.steps.map((step, i) => plain(`${i + 1}. ${step}`)).join('\n') },
    ],
  }
}

type Planned = Pick<FieldSheetsOf, 'job' | 'derived'>
/** How far under the grade line the plan has the foot of each post, inches. */
function plannedFeet({ job, derived }: Planned): (id: string) => number {
  const kinds = new Map(derived.posts.map((post) => [post.id, post.kind]))
  return (id) => plannedFootIn(job, derived.holes, kinds.get(id) ?? 'eave')
}

/** Build sheets: one for each kind of column. */
const buildSheets = (of: FieldSheetsOf, measured: Measured): Sheet[] =>
  columnGroups(of.job, of.derived.columns, measured, plannedFeet(of)).map(buildSheet)

const AS_PLANNED: Block = {
  kind: 'text',
  strong: true,
  text: 'As planned. What each post is cut to from its own foot stands on its card.',
}

/** The same as the plan has them, for phones: no reading changes these, and a post's card there is from its foot as read. */
export function plannedBuildSheets(job: Job, derived: Derived): Sheet[] {
  const footIn = plannedFeet({ job, derived })
  const unread = foldRecords([])
  const { asBuilt } = measure(job, derived, unread, tieLevels(unread))
  const planned = asBuilt.map((built) => ({ ...built, footToGradeIn: footIn(built.id) }))
  return columnGroups(job, derived.columns, { asBuilt: planned }, footIn)
    .map((group) => buildSheet({ ...group, alike: true }))
    .map((sheet) => ({ ...sheet, blocks: [AS_PLANNED, ...sheet.blocks] }))
}

function concreteSheet(sheets: FieldSheetsOf): Sheet {
  const takeoff = sheets.derived.takeoff
  const concrete = sheets.job.fieldwork.concrete
  const order = concreteOrder(
    takeoff.concreteFt3,
    sheets.derived.holes.reduce((sum, hole) => sum + hole.postIds.length, 0),
    concrete,
  )
  return {
    title: 'Concrete order',
    sub: concrete.by === 'truck' ? 'by truck' : `in ${stated(concrete.bagLb, 'weightLb')} bags`,
    blocks: [
      table(
        ['holes', 'count', 'each, net', 'all, net'],
        sheets.derived.holes.map((hole) => [
          `${kindName(hole.kind)}, ${inches(hole.diameterIn)} across`,
          String(hole.postIds.length),
          quantity(hole.volumes.concreteFt3, 'ft3'),
          quantity(hole.volumes.concreteFt3 * hole.postIds.length, 'ft3', { decimals: 1 }),
        ]),
        [1, 2, 3],
      ),
      table(
        ['order', ''],
        [
          ['with 10% over-dig', quantity(order.yd3, 'yd3')],
          ...(concrete.by === 'truck'
            ? [['truck', quantity(order.truckYd3, 'yd3')]]
            : [
                [`bags, ${order.spareBags} of them spare`, String(order.bagsInAll)],
                [`loads of ${order.bagsALoad}`, String(order.loads)],
                ['weigh', quantity(order.bagsWeighLb, 'weightLb')],
              ]),
        ],
        [1],
        [1],
      ),
      ...order.say.map((text): Block => ({ kind: 'text', text: plain(text) })),
    ],
  }
}

/**
 * The sheets of the work on site: cards of single posts, two or four to a sheet, hole schedule, rod logs, set-ups,
 * columns to build, concrete.
 */
export function fieldSheets(sheets: FieldSheetsOf): CrewBook {
  const measured = sheets.measured ?? measure(sheets.job, sheets.derived, sheets.state, sheets.levels)
  const perSheet = sheets.perSheet ?? 4
  const cards = cardSheets(sheets.job, postsOf(sheets, measured), perSheet).map(({ names, ...drawing }): Sheet => ({
    title: names.length > 1 ? `Cards ${names[0]} to ${names[names.length - 1]}` : `Card ${names[0]}`,
    sub: `cut apart; ${codeWords(sheets.page, 'the code opens the page of the post, which says when a card has grown old')}`,
    blocks: [{ kind: 'svg', ...drawing, alt: `cards of ${names.join(', ')}` }],
  }))
  return {
    job: sheets.job.name,
    date: sheets.date,
    revision: sheets.revision,
    what: 'field sheets',
    note: sheetNote(sheets.derived, sheets.job),
    sheets: [
      ...cards,
      ...holeSheets(sheets, measured),
      ...rodSheets(sheets, measured, false),
      ...setupSheet(sheets),
      ...rodSheets(sheets, measured, true),
      ...buildSheets(sheets, measured),
      concreteSheet(sheets),
    ],
  }
}
