import { type Job, type Side, SIDES } from '@/core/model'
import { roomOn } from '../crewbook/paper'
import { sheetsFrom, type SheetsOf } from '../crewbook/sheetsOf'
import { svgMoved, svgOf, svgText } from '../crewbook/svg'
import type { Block, Sheet, UndatedBook } from '../crewbook/types'
import { chunk, linesOf } from '../plain'
import type { ShownDerived } from '../shown'
import { sheetNote } from '../words'
import { details } from './details'
import { bodiesOf, drawn, type Room } from './draw'
import type { Figure } from './figure'
import { foundationPlan, holeTable } from './foundation'
import { keyPlan } from './keyPlan'
import { roofPlan } from './roof'
import { section } from './section'
import { sitePlan, siteTables } from './sitePlan'
import { bracing, elevation, framing, openingList } from './walls'

/** Room that the title of a sheet takes, with two lines under it, points. */
const TITLE_PT = 54
/** Room that a list takes under a drawing: its head, and each of its rows, points. */
const LIST_PT = 92
const ROW_PT = 18
/** Height between two drawings on one sheet, points. */
const BETWEEN = 8

/** Drawings on as few sheets as hold them, in their order. */
function packed(title: string, sub: string, blocks: readonly Block[], room: Room): readonly Sheet[] {
  const pages: Block[][] = []
  let left = 0
  for (const block of blocks) {
    const high = block.kind === 'svg' ? block.height + BETWEEN : 0
    if (pages.length === 0 || high > left) {
      pages.push([])
      left = room.high
    }
    pages[pages.length - 1].push(block)
    left -= high
  }
  return pages.map((own, i) => ({
    title: pages.length > 1 ? `${title}, ${i + 1} of ${pages.length}` : title,
    sub,
    blocks: own,
  }))
}

const sheetsOf = (figure: Figure, room: Room): readonly Sheet[] =>
  packed(figure.title, figure.sub, drawn(figure, room), room)

/** The elevation of a wall, and its openings under it where they have room. */
function elevationSheets(of: SheetsOf, side: Side, room: Room): readonly Sheet[] {
  const sheets = sheetsOf(elevation(of, side), room)
  const list = openingList(of, side)
  const count = of.derived.placed.filter(({ opening }) => opening.side === side).length
  const last = sheets[sheets.length - 1]
  if (!last || count === 0) return sheets
  const used = last.blocks.reduce((sum, block) => sum + (block.kind === 'svg' ? block.height + BETWEEN : 0), 0)
  if (used + ROW_PT * (count + 2) <= room.high)
    return [...sheets.slice(0, -1), { ...last, blocks: [...last.blocks, ...list] }]
  return [
    ...sheets,
    { title: `${of.derived.wallNames[side]}: openings`, sub: 'by their numbers on the elevation', blocks: list },
  ]
}

/** Room over a detail for its words, points, and letters that a line of them takes. */
const WORDS_PT = 52
const LINE_LETTERS = 74

/** A detail with its words over it, for half a sheet. */
function halfSheet(
  figure: Figure,
  wide: number,
  high: number,
): { readonly strokes: readonly string[]; readonly height: number } {
  const [body] = bodiesOf(figure, { wide, high: high - WORDS_PT })
  const words = linesOf(figure.sub, LINE_LETTERS).map((text, i) => svgText(4, 30 + 11 * i, text, { size: 9 }))
  return {
    strokes: [svgText(4, 16, figure.title, { size: 13, bold: true }), ...words, svgMoved(body.strokes, 0, WORDS_PT)],
    height: WORDS_PT + body.height,
  }
}

/** The site plan, and its distances on a sheet of their own; without a lot it is said what is missing. */
function siteSheets(of: SheetsOf, room: Room): readonly Sheet[] {
  const plan = sitePlan(of)
  if (!plan) return []
  return [
    ...sheetsOf(plan.figure, room),
    {
      title: 'Site plan: distances',
      sub: 'as typed, along the ground plan; a survey decides',
      blocks: siteTables(plan.lot),
    },
  ]
}

/** Details two beside each other. */
function detailSheets(of: SheetsOf, room: Room): readonly Sheet[] {
  const { figures, absent } = details(of)
  const wide = Math.floor(room.wide / 2) - 6
  const rest: readonly Block[] =
    absent.length > 0 ? [{ kind: 'text', text: `Not in this building: ${absent.join(', ')}.` }] : []
  const pages = chunk(figures, 2)
  return pages.map((own, i): Sheet => {
    const halves = own.map((figure) => halfSheet(figure, wide, room.high - (i === pages.length - 1 ? 30 : 0)))
    const height = Math.max(...halves.map((half) => half.height))
    const body = halves.map(({ strokes }, k) => svgMoved(strokes, k * (wide + 12), 0))
    return {
      title: pages.length > 1 ? `Details, ${i + 1} of ${pages.length}` : 'Details',
      sub: 'joints drawn from the sticks that meet there, skin off',
      blocks: [
        {
          kind: 'svg',
          svg: svgOf(room.wide, height, body),
          width: room.wide,
          height,
          alt: own.map(({ title }) => title).join(', '),
        },
        ...(i === pages.length - 1 ? rest : []),
      ],
    }
  })
}

/** The drawings of a building, to scale, for a crew, a customer and the building department. */
export function drawingSet(job: Job, derived: ShownDerived): UndatedBook {
  const of = sheetsFrom(job, derived)
  const whole = roomOn(job.fieldwork.paper, true)
  const room = { wide: whole.wide, high: whole.high - TITLE_PT }
  const braces = SIDES.flatMap((side) => bracing(of, side) ?? [])
  return {
    job: job.name,
    what: 'drawings',
    note: sheetNote(derived, job),
    landscape: true,
    sheets: [
      ...siteSheets(of, room),
      ...sheetsOf(keyPlan(of), { ...room, high: room.high - LIST_PT - ROW_PT * derived.holes.length }),
      {
        title: 'Holes',
        sub: 'what is dug and cast, by the letters on the foundation plan',
        blocks: [holeTable(of)],
        follows: true,
      },
      ...sheetsOf(foundationPlan(of), room),
      ...SIDES.flatMap((side) => elevationSheets(of, side, room)),
      ...SIDES.flatMap((side) => sheetsOf(framing(of, side), room)),
      ...sheetsOf(section(of), room),
      ...sheetsOf(roofPlan(of), room),
      ...braces.flatMap((figure) => sheetsOf(figure, room)),
      ...detailSheets(of, room),
    ],
  }
}
