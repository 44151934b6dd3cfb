import { fails } from '@/core/rules/check'
import type { ShownDerived as Derived, ShownDerived } from '../shown'
import { measuredSticks, scheduleAsRead } from '@/core/derive'
import type { Measured } from '@/core/field'
import { hookedMarks } from '@/core/layout'
import { type Job, SIDES } from '@/core/model'
import { counted, FT3_PER_YD3, NO_BREAK, quantity, roundIn, runningMarks, stated } from '@/core/units'
import { chunk, plain } from '../plain'
import { DIG_CAUTION, OVERLAP_WORDS, sheetNote, someNames } from '../words'
import { planSvg } from './drawings'
import { stickSheets } from './stickSheets'
import { sheetsFrom, type SheetsOf } from './sheetsOf'
import { buyingOf, cutGroups, isPurlinBlock, type Stick } from '@/core/sticks'
import { wallPieces } from './wallPieces'
import { wallSheets } from './wallSheet'
import { inches, mark, ROWS, table } from './paper'
import { cardSheets, scheduleSheets } from './postSheets'
import type { Block, CrewBook, Sheet } from './types'

function stringsSheets(job: Job, derived: Derived): Sheet[] {
  const plan = planSvg(job, derived)
  const first: Sheet = {
    title: 'Strings',
    sub: 'plan, strings on the outside face of the posts',
    blocks: [
      { kind: 'svg', ...plan, alt: 'plan of strings and posts' },
      { kind: 'caution', text: plain(DIG_CAUTION) },
      table(
        ['to tape', 'between', 'should read', 'measured'],
        [
          ...derived.diagonals.map((diagonal) => [diagonal.name, diagonal.of, mark(diagonal.lengthIn), '']),
          ...(derived.triangle
            ? [
                [
                  '3-4-5',
                  `${mark(derived.triangle.alongIn)} along, ${mark(derived.triangle.acrossIn)} across`,
                  mark(derived.triangle.diagonalIn),
                  '',
                ],
              ]
            : []),
        ],
        [2],
        [2],
      ),
    ],
  }
  const lists = derived.strings.map((stringLine) => {
    const run = hookedMarks(stringLine, job.strings.hook, job.strings.hookPost)
    const own = run.marks
      .filter((mark) => mark.kind !== 'face' && mark.kind !== 'edge')
      .sort((one, other) => one.fromHookIn - other.fromHookIn)
    const face = (key: string) => run.marks.find((mark) => mark.key === key)?.fromHookIn ?? 0
    const rows = own.map((hooked, i) => {
      const [low, high] = [face(`${hooked.key}-low`), face(`${hooked.key}-high`)]
      return [
        hooked.name,
        mark(Math.min(low, high)),
        mark(hooked.fromHookIn),
        mark(Math.max(low, high)),
        i > 0 ? mark(hooked.shownIn - roundIn(own[i - 1].fromHookIn)) : '',
      ]
    })
    return { name: stringLine.name, note: run.note, rows }
  })
  const sheets: { rows: number; names: Set<string>; blocks: Block[] }[] = []
  for (const list of lists) {
    for (const part of chunk(list.rows, ROWS - 2)) {
      const blocks: Block[] = [
        {
          kind: 'text',
          strong: true,
          text: `${list.name[0].toUpperCase()}${list.name.slice(1)}, hook on ${list.note}`,
        },
        table(['post', 'near face', 'center', 'far face', 'space'], part, [1, 2, 3, 4], [0, 2]),
      ]
      const last = sheets.at(-1)
      if (last && last.rows + part.length + 4 <= ROWS) {
        last.blocks.push(...blocks)
        last.names.add(list.name)
        last.rows += part.length + 4
      } else sheets.push({ rows: part.length + 4, names: new Set([list.name]), blocks })
    }
  }
  return [
    first,
    ...sheets.map((sheet): Sheet => ({
      title: 'Running marks',
      sub: `${[...sheet.names].join(', ')}: each rounded once from the hook`,
      blocks: sheet.blocks,
    })),
  ]
}

/** The sheets of every wall: its girts, and on the last of them what else stands in it. */
const girtSheets = (of: SheetsOf): Sheet[] =>
  SIDES.filter((side) => !of.job.building.openSides.includes(side)).flatMap((side) => {
    const sheets = wallSheets(of.job, of.derived, side)
    return sheets.map((sheet, i) =>
      i === sheets.length - 1 ? { ...sheet, blocks: [...sheet.blocks, ...wallPieces(of, side)] } : sheet,
    )
  })

/** Rows of purlins of the main slopes; both alike are said once. */
function purlinBlocks({ slopes, wallNames }: Derived): Block[] {
  const alike = slopes.south.placesIn.join() === slopes.north.placesIn.join()
  return (alike ? (['south'] as const) : (['south', 'north'] as const)).flatMap((side): Block[] => {
    const rows = runningMarks(slopes[side].placesIn)
    const which = alike ? '' : `, ${wallNames[side].replace(' wall', '').toLowerCase()} slope`
    return [
      { kind: 'text', strong: true, text: `Purlin rows${which}, hook at the eave edge of the slope, low edge of each` },
      table(
        ['row', 'up the slope', 'space'],
        rows.map((row, i) => [`P${i + 1}`, mark(row.shownIn), i ? inches(row.spaceIn) : '']),
        [1, 2],
        [0, 1],
      ),
    ]
  })
}

/** Blocks that keep purlins from rolling, by their length. */
function blocksBetween({ sticks }: SheetsOf['sticks']): Block[] {
  const lengths = sticks.filter(isPurlinBlock).map(({ cutLengthIn }) => mark(cutLengthIn))
  if (lengths.length === 0) return []
  const counts = [...new Set(lengths)].map((words) => `${lengths.filter((each) => each === words).length} of ${words}`)
  return [
    {
      kind: 'text',
      text:
        'Blocks against rolling, at the middle of every space between trusses or rafters, from each row to the next: ' +
        `${counts.map((words) => words.replaceAll(' ', NO_BREAK)).join('   ')}.`,
    },
  ]
}

/** Trusses, purlin rows, lean-to rafters and joints: what the roof crew marks and fixes. */
function roofSheets({ job, derived, sticks }: SheetsOf): Sheet[] {
  const building = job.building
  return [
    {
      title: 'Roof',
      sub:
        `${derived.trusses.trusses.length} trusses; purlins ${building.roof.purlins.size.replace('x', '×')} ` +
        `${building.roof.purlins.lumber}`,
      blocks: [
        table(
          ['truss', 'from string 1', 'carried by'],
          derived.trusses.rests.south.map((rest) => {
            const restName = () => {
              if (rest.post) return `post ${rest.post.name}`
              if (rest.between) return `beam ${rest.between[0].name} to ${rest.between[1].name}`
              return ''
            }
            return [`T${rest.truss.number}`, mark(rest.truss.xIn), restName()]
          }),
          [1],
          [0, 1],
        ),
      ],
    },
    {
      title: 'Purlin rows',
      sub: 'one row of purlins along each mark',
      blocks: [...purlinBlocks(derived), ...blocksBetween(sticks)],
    },
    {
      title: 'Joints',
      sub: 'nails, bolts and ties with counts',
      blocks: [
        table(
          ['joint', 'with', 'each', 'joints', 'in all'],
          derived.takeoff.joints.map((joint) => [
            joint.joint,
            joint.fastener,
            String(joint.each),
            String(joint.joints),
            String(joint.total),
          ]),
          [2, 3, 4],
          [2],
        ),
        {
          kind: 'caution',
          text:
            'Brace the first truss to the ground both ways before the second is set. Nobody under a hanging truss. ' +
            'Temporary braces stay until the permanent bracing and the skin are on.',
        },
      ],
    },
  ]
}

/** What stands in one place by the plan: to be settled before anything is cut. */
function settleSheet({ sticks }: SheetsOf): Sheet[] {
  const kinds = [...new Set(sticks.overlaps.map(({ kind }) => kind))]
  if (kinds.length === 0) return []
  return [
    {
      title: 'Settle before cutting',
      sub: 'where the plan gives two pieces one place',
      blocks: kinds.map((kind) => ({ kind: 'caution', text: OVERLAP_WORDS[kind] })),
    },
  ]
}

/** Rows of plain size that a sheet takes. */
const PLAIN_ROWS = 28

/** One table over as many sheets as it needs. */
const tableSheets = (
  of: Pick<Sheet, 'title' | 'sub'>,
  head: readonly string[],
  rows: readonly (readonly string[])[],
  right: readonly number[],
): Sheet[] => chunk(rows, PLAIN_ROWS).map((part) => ({ ...of, blocks: [table(head, part, right)] }))

/** Boards by the length they are bought in; nails by the box, and what else is bought by the piece. */
function orderSheets({ takeoff }: Derived): Sheet[] {
  const lumber = takeoff.lumber.map((line) => [
    line.what,
    line.stockIn === null ? 'order special' : mark(line.stockIn),
    String(line.count),
    String(line.boards),
    line.spare > 0 ? String(line.spare) : '',
    String(line.boards + line.spare),
  ])
  const hardware = takeoff.hardware.map((line) => [
    line.what,
    String(line.needed),
    line.spare > 0 ? String(line.spare) : '',
    line.boxes === null ? String(line.order) : counted(line.boxes, 'box', 'boxes'),
    line.pounds === null ? '' : quantity(line.pounds, 'lb'),
  ])
  return [
    ...tableSheets(
      {
        title: 'Lumber to order',
        sub: 'pieces of one length share a board, others do not; the cut list of the desk takes fewer',
      },
      ['what', 'length', 'pieces', 'boards', 'to spare', 'order'],
      lumber,
      [1, 2, 3, 4, 5],
    ),
    ...tableSheets(
      { title: 'Hardware to order', sub: 'counted joint by joint, with what is bought to spare' },
      ['what', 'needed', 'to spare', 'order', 'weight'],
      hardware,
      [1, 2, 3, 4],
    ),
  ]
}

/** A piece named with its wall or slope, by its letter as on the tapes: walls have rows of the same names. */
const withSide = ({ name, place: { side } }: Stick) => ({
  name: side === null ? name : `${name} ${side.charAt(0).toUpperCase()}`,
})

/** Every length that is sawn, board by board. */
function cutSheets({ job, derived, sticks: planned }: SheetsOf, measured: Measured | null): Sheet[] {
  const { sticks } = measured ? measuredSticks(job, derived, measured) : planned
  const rows = cutGroups(sticks, buyingOf(job)).flatMap(({ label, pieces }) =>
    pieces.map(({ lengthIn, count, sticks: own }) => [
      label,
      mark(lengthIn),
      String(count),
      someNames(own.map(withSide), 3, ', '),
    ]),
  )
  return tableSheets(
    {
      title: 'Pieces to cut',
      sub: `posts ${measured ? 'from their feet as read' : 'as planned'}; what is sawn already is left in`,
    },
    ['board', 'length', 'pieces', 'which'],
    rows,
    [1, 2],
  )
}

function concreteSheet(derived: Derived): Sheet {
  const takeoff = derived.takeoff
  return {
    title: 'Concrete and earth',
    sub: 'bags are rounded up once, on the total',
    blocks: [
      table(
        ['concrete', '', 'amount'],
        [
          ['all holes, net', '', quantity(takeoff.concreteFt3, 'ft3', { decimals: 1 })],
          [`with ${takeoff.wastePct}% over-dig`, '', quantity(takeoff.concreteYd3, 'yd3')],
          ...([80, 60, 50, 40] as const).map((lb) => [
            `or in ${stated(lb, 'weightLb')} bags`,
            '',
            `${takeoff.bags[lb]} bags`,
          ]),
          ...(takeoff.gravelYd3 > 0 ? [['gravel, loose', '', quantity(takeoff.gravelYd3, 'yd3')]] : []),
          ...(takeoff.barFt > 0 ? [['upright bars of the piers', '', quantity(takeoff.barFt, 'ft')]] : []),
          ['backfill', '', quantity(takeoff.backfillFt3 / FT3_PER_YD3, 'yd3', { decimals: 1 })],
          ['earth left over, loose', '', quantity(takeoff.spoilFt3 / FT3_PER_YD3, 'yd3', { decimals: 1 })],
        ],
        [2],
        [2],
      ),
      ...(derived.tally.fails ? [{ kind: 'caution' as const, text: failWords(derived) }] : []),
      {
        kind: 'caution',
        text: `${derived.tally.notChecked} things are not checked here: ${derived.checks
          .filter((check) => check.state === 'not-checked')
          .map((check) => check.title.toLowerCase())
          .join('; ')}.`,
      },
    ],
  }
}

/** Which checks fail, and that nothing is ordered before they are settled. */
const failWords = ({ tally, checks }: ShownDerived): string => {
  const titles = checks.filter(fails).map((check) => check.title)
  const say = tally.fails > 1 ? `${tally.fails} checks of this building fail` : '1 check of this building fails'
  return `${say}: do not order before they are settled. ${titles.join('; ')}.`
}

interface Stamp {
  readonly date: string
  readonly revision: string
}

/**
 * Of the crew book what no reading changes, for phones: strings, girts, roof, carriers, rafters and braces. Posts are left
 * out: their cards on a phone are from their feet as read.
 */
export function siteSheets(job: Job, derived: Derived): Sheet[] {
  const of = sheetsFrom(job, derived)
  const sheets = [
    ...stringsSheets(job, derived),
    ...girtSheets(of),
    ...roofSheets(of),
    ...settleSheet(of),
    ...stickSheets(of),
  ]
  return sheets.map((sheet) => ({ ...sheet, blocks: sheet.blocks.filter(isOnScreen) }))
}
const isOnScreen = (block: Block): boolean => !('paperOnly' in block && block.paperOnly)

/**
 * The crew book of a derived job. `date` and `revision` are printed on every sheet; `measured` is what was read on site,
 * by the office and the phones together; without it the book is the plan's, with the office's rods.
 */
export function crewBook(
  job: Job,
  derived: Derived,
  { date, revision, measured = null }: Stamp & { readonly measured?: Measured | null },
): CrewBook {
  const of = sheetsFrom(job, derived)
  const asRead = scheduleAsRead(job, derived, measured ?? { asBuilt: [] })
  return {
    job: job.name,
    date,
    revision,
    what: 'crew book',
    note: sheetNote(derived, job),
    sheets: [
      ...stringsSheets(job, derived),
      ...scheduleSheets(derived, asRead),
      ...cardSheets(job, derived, measured?.rods ?? derived.rods, asRead),
      ...girtSheets(of),
      ...roofSheets(of),
      ...settleSheet(of),
      ...stickSheets(of),
      ...cutSheets(of, measured),
      ...orderSheets(derived),
      concreteSheet(derived),
    ],
  }
}
