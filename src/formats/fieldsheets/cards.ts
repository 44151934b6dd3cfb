import { type PostAsBuilt, writePlaceIn } from '@/core/field'
import { levelSteps } from '@/core/marks'
import type { Job, Side } from '@/core/model'
import { buyingOf, type Column, columnHead, sawnLongIn } from '@/core/sticks'
import { fittedSize, svgLine, svgOf, svgRect, svgText, textWide } from '../crewbook/svg'
import { inches, mark } from '../crewbook/paper'
import { chunk } from '../plain'
import { qrCode } from '../qr'
import { headWords, rodAtSaid, rodSaid, unreadSaid } from '../words'

/** Squares of a code must meet: finer than other places of a drawing. */
const fine = (points: number): number => Math.round(points * 1e5) / 1e5

/** A QR code as SVG squares, `size` points wide at (x, y), with its quiet zone of four modules. */
export function qrSvg(text: string, x: number, y: number, size: number): string {
  const { modules, path } = qrCode(text)
  const scale = size / (modules + 8)
  return (
    `<rect x="${x}" y="${y}" width="${size}" height="${size}" fill="#fff"/><path d="${path}" ` +
    `transform="translate(${fine(x + 4 * scale)} ${fine(y + 4.5 * scale)}) scale(${fine(scale)})" ` +
    'fill="none" stroke="#000" stroke-width="1"/>'
  )
}

export interface CardFacts {
  readonly post: PostAsBuilt
  readonly column: Column
  readonly wallNames: Readonly<Record<Side, string>>
  /** When it was printed, and from which revision. */
  readonly printed: string
  readonly stringIn: number
  readonly url: string
}

// Two cards and their gap under a sheet's title must fit a letter page, or the whole drawing goes to the next one.
const [CARD_W, CARD_H, GAP] = [258, 310, 12]
const WIDE = CARD_W * 2 + GAP

/** A place on a card, points from its corner (or from the corner of its table of marks), and the size of what stands there. */
interface Place {
  readonly x: number
  readonly y: number
  readonly size: number
}

/** How one size of card is laid out. All numbers are points. */
interface CardLook {
  readonly wide: number
  readonly id: Place
  readonly code: Place
  readonly reading: Place
  readonly toGrade: Place
  readonly rodAt: Place
  readonly foot: Place
  /** The steps of the crew's school: their words, their figures (from the step's own line), and from step to step. */
  readonly steps: { readonly x: number; readonly y: number; readonly size: number; readonly each: number }
  readonly figures: { readonly x: number; readonly down: number; readonly size: number }
  /** Of two tables side by side: where the figures end, from the left edge of each, their size, and how wide each is. */
  readonly half: { readonly bottom: number; readonly size: number; readonly wide: number }
  /** What is cut and bored at the head: its size, and how much room it has. */
  readonly heads: { readonly size: number; readonly room: number }
  /** Columns of the table of marks, from its left edge; `wide` is all of it. */
  readonly columns: {
    readonly bottom: number
    readonly heel: number
    readonly name: number
    readonly wide: number
    readonly headSize: number
  }
  readonly rows: { readonly first: number; readonly most: number; readonly room: number }
  readonly sizes: { readonly bottom: number; readonly heel: number; readonly name: number }
  readonly last: Place
  /** Where the table of marks begins, after so many steps. */
  readonly table: (steps: number) => { readonly x: number; readonly y: number }
  /** The stroke that sets the marks apart. */
  readonly rule: (table: { readonly x: number; readonly y: number }) => {
    readonly x1: number
    readonly y1: number
    readonly x2: number
    readonly y2: number
  }
}

/** Four to a sheet, to cut apart: what to do above, marks below. */
const SMALL_CARD: CardLook = {
  wide: CARD_W,
  id: { x: 8, y: 32, size: 30 },
  code: { x: CARD_W - 72, y: 3, size: 68 },
  reading: { x: 66, y: 16, size: 11 },
  toGrade: { x: 66, y: 30, size: 10.5 },
  rodAt: { x: 66, y: 41, size: 8.5 },
  foot: { x: 8, y: 52, size: 9 },
  steps: { x: 8, y: 84, size: 10.5, each: 16 },
  figures: { x: CARD_W - 10, down: 0, size: 14 },
  heads: { size: 8.5, room: CARD_W - 12 },
  half: { bottom: 76, size: 10.5, wide: CARD_W / 2 },
  columns: { bottom: 92, heel: 156, name: 163, wide: CARD_W, headSize: 9 },
  rows: { first: 13, most: 15, room: CARD_H - 20 },
  sizes: { bottom: 12, heel: 10.5, name: 8.5 },
  last: { x: 8, y: CARD_H - 5, size: 8.5 },
  table: (steps) => ({ x: 0, y: 86 + steps * 16 }),
  rule: ({ y }) => ({ x1: 6, y1: y - 11, x2: CARD_W - 6, y2: y - 11 }),
}

/** Two to a sheet, for old eyes and wet weather: what to do on the left, marks on the right, all a third larger. */
const WIDE_CARD: CardLook = {
  wide: WIDE,
  id: { x: 10, y: 46, size: 44 },
  code: { x: WIDE - 84, y: 4, size: 80 },
  reading: { x: 118, y: 26, size: 15 },
  toGrade: { x: 118, y: 46, size: 14 },
  rodAt: { x: 118, y: 61, size: 11 },
  foot: { x: 10, y: 72, size: 12 },
  steps: { x: 10, y: 116, size: 13, each: 44 },
  figures: { x: 230, down: 20, size: 22 },
  heads: { size: 9.5, room: 230 },
  half: { bottom: 92, size: 13, wide: (WIDE - 246) / 2 },
  columns: { bottom: 108, heel: 176, name: 183, wide: WIDE - 246, headSize: 10 },
  rows: { first: 20, most: 21, room: CARD_H - 36 },
  sizes: { bottom: 16, heel: 12, name: 10 },
  last: { x: 10, y: CARD_H - 8, size: 11 },
  table: () => ({ x: 246, y: 98 }),
  rule: ({ x, y }) => ({ x1: x, y1: y + 4, x2: x, y2: CARD_H - 26 }),
}

const readingWords = (post: PostAsBuilt): string =>
  post.readingIn === null ? rodSaid(post) : `${rodSaid(post)} ${inches(post.readingIn)}`

const footReadWords = ({ measured, footAgain }: PostAsBuilt): string =>
  measured ? 'foot as read' : `foot as planned, ${unreadSaid(footAgain)}`

const toGradeWords = ({ upFromRodIn, state }: PostAsBuilt): string =>
  upFromRodIn === null ? state : `${upFromRodIn >= 0 ? 'up' : 'down'} ${inches(Math.abs(upFromRodIn))} to grade`

/** The line at the foot of a card: what was cut and whether it fits, or how its marks are meant. */
function footWords(job: Job, { cutIn, fit }: PostAsBuilt): string {
  if (cutIn !== null) {
    const fits = fit === null || fit.kind === 'fits'
    return `cut at ${mark(cutIn)}: ${fits ? 'fits' : `${inches(Math.abs(fit.byIn))} ${fit.kind}, see its page`}`
  }
  return `girt marks are the ${job.fieldwork.boardEdge} of the board`
}

type OwnMark = PostAsBuilt['marks'][number]

/** Marks of one table of a card: of the whole post, or of one face of a corner. */
interface MarkTable {
  readonly head: string | null
  readonly marks: readonly OwnMark[]
}

/** The marks of a post from its top down; those of a corner apart for each of its two faces. */
function tablesOf({ post, wallNames }: CardFacts): readonly MarkTable[] {
  const marks = [...post.marks].sort((one, other) => other.upIn - one.upIn)
  const faces = [...new Set(marks.flatMap(({ face }) => face ?? []))]
  if (faces.length < 2) return [{ head: null, marks }]
  return faces.map((face) => ({
    head: wallNames[face].toLowerCase(),
    marks: marks.filter((each) => each.face === null || each.face === face),
  }))
}

/** Least space from mark to mark on a card, points. */
const LEAST_ROW = 10

/** A card of a post, or one of several where its marks do not all fit on one. */
interface CardPage {
  readonly facts: CardFacts
  readonly tables: readonly MarkTable[]
  readonly page: number
  readonly pages: number
}

/** Where the number of a post is written, so that it can be read until the end. */
function writeWords({ facts: { post }, page, pages }: CardPage): string {
  const at = writePlaceIn(post)
  const where =
    at === null
      ? `write ${post.name} on its top: no room between soil and seat`
      : `write ${post.name} inside, ${mark(at)} from the foot`
  return pages > 1 ? `card ${page} of ${pages}; ${where}` : where
}

/** Where the marks of a card begin, after its steps and what is cut at its head. */
function tableTop(job: Job, facts: CardFacts, look: CardLook) {
  const steps = stepsOf(job, facts)
  const heads = headWords(columnHead(job.building, facts.column), facts.wallNames, inches)
  const from = look.table(steps.length)
  return { steps, heads, from: look === SMALL_CARD ? { x: from.x, y: from.y + heads.length * HEAD_ROW } : from }
}
const HEAD_ROW = 10

const stepsOf = (job: Job, { post, column, stringIn }: CardFacts) =>
  levelSteps(job.fieldwork.levelSchool, job.fieldwork.laserLineIn, {
    footToGradeIn: post.footToGradeIn,
    seatUpIn: column.seatUpIn,
    topUpIn: column.topUpIn,
    setLongIn: sawnLongIn(buyingOf(job)),
    stringIn,
  })

/** The cards of one post: as many as its marks need, none of them left off. */
function pagesOf(job: Job, facts: CardFacts, look: CardLook): readonly CardPage[] {
  const tables = tablesOf(facts)
  const { from } = tableTop(job, facts, look)
  const fit = Math.max(1, Math.floor((look.rows.room - from.y - look.rows.first) / LEAST_ROW) + 1)
  const pages = Math.max(1, ...tables.map(({ marks }) => Math.ceil(marks.length / fit)))
  return Array.from({ length: pages }, (_, page) => ({
    facts,
    page: page + 1,
    pages,
    tables: tables.map(({ head, marks }) => ({ head, marks: marks.slice(page * fit, (page + 1) * fit) })),
  }))
}

/** One table of marks: from the foot, from the heel where there is room, and each with its crayon. */
function markTable(
  job: Job,
  table: MarkTable,
  look: CardLook,
  at: { readonly x: number; readonly y: number; readonly half: boolean; readonly room: number },
): string[] {
  const { columns, half, rows, sizes } = look
  const head = { size: columns.headSize }
  const step = Math.min(rows.most, at.room / Math.max(1, table.marks.length))
  const bottom = at.x + (at.half ? half.bottom : columns.bottom)
  const name = at.x + (at.half ? half.bottom + 4 : columns.name)
  const nameRoom = at.x + (at.half ? half.wide : columns.wide) - name - 3
  const most = at.half ? half.size : sizes.bottom
  const nameHead = at.half ? 'from bottom' : 'mark, crayon'
  return [
    svgText(bottom, at.y, at.half ? (table.head ?? '') : 'from bottom', { ...head, anchor: 'end' }),
    ...(at.half ? [] : [svgText(at.x + columns.heel, at.y, 'from heel', { ...head, anchor: 'end' as const })]),
    svgText(name, at.y, nameHead, { size: fittedSize(nameHead, head.size, nameRoom) }),
    ...table.marks.flatMap((own, i) => {
      const y = at.y + rows.first + i * step
      const size = Math.min(most, step * 0.95)
      const words = at.half ? own.name : `${own.name}, ${job.fieldwork.crayons[own.kind]}`
      return [
        svgText(bottom, y, mark(own.fromBottomIn), { size, bold: true, anchor: 'end' }),
        ...(at.half
          ? []
          : [
              svgText(at.x + columns.heel, y, mark(own.fromHeelIn), {
                size: Math.min(sizes.heel, step),
                anchor: 'end' as const,
              }),
            ]),
        svgText(name, y, words, { size: fittedSize(words, Math.min(sizes.name, step), nameRoom) }),
      ]
    }),
  ]
}

/**
 * One post's own card: id, reading, what to do with it by the crew's way of leveling, what is cut at its head, every mark
 * from its own bottom with its crayon, cut line, code of its page, the day and revision that it was printed.
 */
function card(job: Job, paper: CardPage, look: CardLook, corner: { readonly x: number; readonly y: number }): string {
  const { x, y } = corner
  const { facts, tables } = paper
  const { post } = facts
  const write = writeWords(paper)
  const { steps, heads, from } = tableTop(job, facts, look)
  const say = (place: Place, words: string, bold = false): string =>
    svgText(x + place.x, y + place.y, words, { size: place.size, bold })
  const rule = look.rule(from)
  const bad = post.fit !== null && post.fit.kind !== 'fits'
  const headsFrom = look === SMALL_CARD ? look.steps.y + (steps.length - 1) * look.steps.each + 11 : WIDE_HEADS_Y
  const half = tables.length > 1
  const last = footWords(job, post)
  const lastRoom = look.wide - look.last.x - 12 - textWide(facts.printed, PRINTED_SIZE)
  return [
    // Within the card: half of a line on its edge would lie outside the drawing.
    svgRect({ x: x + 0.5, y: y + 0.5, wide: look.wide - 1, high: CARD_H - 1, fill: 'none', width: 1 }),
    say(look.id, post.name, true),
    qrSvg(facts.url, x + look.code.x, y + look.code.y, look.code.size),
    say(look.reading, readingWords(post), post.readingIn !== null),
    say(look.toGrade, toGradeWords(post), true),
    say(look.rodAt, rodAtSaid(post)),
    say(look.foot, footReadWords(post), !post.measured),
    svgText(x + look.id.x, y + look.foot.y + WRITE_ROW, write, {
      size: fittedSize(write, WRITE_SIZE, look.code.x - look.id.x - 4),
    }),
    ...steps.flatMap(({ say: words, inches: lengthIn }, i) => {
      const at = y + look.steps.y + i * look.steps.each
      const figures = { size: look.figures.size, bold: true, anchor: 'end' } as const
      return [
        svgText(x + look.steps.x, at, words, { size: look.steps.size }),
        svgText(x + look.figures.x, at + look.figures.down, mark(lengthIn), figures),
      ]
    }),
    ...heads.map((words, i) =>
      svgText(x + look.steps.x, y + headsFrom + i * HEAD_ROW, words, {
        size: fittedSize(words, look.heads.size, look.heads.room),
      }),
    ),
    svgLine({ x1: x + rule.x1, y1: y + rule.y1, x2: x + rule.x2, y2: y + rule.y2, kind: 'plain' }),
    ...tables.flatMap((table, i) =>
      markTable(job, table, look, {
        x: x + from.x + i * look.half.wide,
        y: y + from.y,
        half,
        room: look.rows.room - from.y - look.rows.first + LEAST_ROW,
      }),
    ),
    svgText(x + look.last.x, y + look.last.y, last, {
      size: fittedSize(last, look.last.size, lastRoom, bad),
      bold: bad,
    }),
    svgText(x + look.wide - 6, y + look.last.y, facts.printed, { size: PRINTED_SIZE, anchor: 'end' }),
  ].join('')
}
/** How large it stands when a card was printed. */
const PRINTED_SIZE = 7.5
/** How far under the foot’s words it stands where the number is written, and how large. */
const WRITE_ROW = 12
const WRITE_SIZE = 8.5
/** Where a wide card says what is cut at its head: under the last of its steps. */
const WIDE_HEADS_Y = 258

/** Cards to a letter sheet: four to cut apart, or two for old eyes and wet weather. */
export type CardsASheet = 2 | 4

/** One drawing of cards, and whose they are. */
export interface CardsDrawing {
  readonly svg: string
  readonly width: number
  readonly height: number
  readonly names: readonly string[]
}

/** The cards of some posts, sheet by sheet. */
export function cardSheets(job: Job, cards: readonly CardFacts[], perSheet: CardsASheet = 4): readonly CardsDrawing[] {
  const look = perSheet === 2 ? WIDE_CARD : SMALL_CARD
  const across = perSheet === 2 ? 1 : 2
  const pages = cards.flatMap((facts) => pagesOf(job, facts, look))
  return chunk(pages, perSheet).map((own) => {
    const height = own.length > across ? CARD_H * 2 + GAP : CARD_H
    const drawn = own.map((page, i) =>
      card(job, page, look, { x: (i % across) * (CARD_W + GAP), y: Math.floor(i / across) * (CARD_H + GAP) }),
    )
    return { svg: svgOf(WIDE, height, drawn), width: WIDE, height, names: own.map(({ facts }) => facts.post.name) }
  })
}
