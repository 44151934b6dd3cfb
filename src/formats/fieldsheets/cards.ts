import { create } from 'qrcode'
import type { PostAsBuilt } from '@/core/field'
import { levelSteps } from '@/core/marks'
import type { Job } from '@/core/model'
import type { Column } from '@/core/sticks'
import { svgLine, svgOf, svgRect, svgText } from '../crewbook/svg'
import { inches, mark } from '../crewbook/paper'

/**
 * Dark runs of a code, in whole modules, as strokes through their middles: the same for as long as the address is, so each
 * is worked out once.
 */
const codes = new Map<string, { readonly modules: number; readonly path: string }>()
const MOST_CODES = 2000

function codeOf(text: string): { readonly modules: number; readonly path: string } {
  const has = codes.get(text)
  if (has) return has
  const { modules } = create(text, { errorCorrectionLevel: 'M' })
  let path = ''
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++) {
      if (!modules.get(row, column)) continue
      const from = column
      while (column + 1 < modules.size && modules.get(row, column + 1)) column++
      path += `M${from} ${row}h${column + 1 - from}`
    }
  const made = { modules: modules.size, path }
  if (codes.size >= MOST_CODES) codes.clear()
  codes.set(text, made)
  return made
}

/** Squares of a code must meet: finer than other places of a drawing. */
const fine = (points: number): number => Math.round(points * 1e5) / 1e5

/** A QR code as SVG squares, `size` points wide at (x, y), with its quiet zone of four modules. */
export function qrSvg(text: string, x: number, y: number, size: number): string {
  const { modules, path } = codeOf(text)
  const scale = size / (modules + 8)
  return (
    `<rect x="${x}" y="${y}" width="${size}" height="${size}" fill="#fff"/><path d="${path}" ` +
    `transform="translate(${fine(x + 4 * scale)} ${fine(y + 4.5 * scale)}) scale(${fine(scale)})" ` +
    'fill="none" stroke="#000" stroke-width="1"/>'
  )
}

export interface CardFacts {
  readonly post: PostAsBuilt
  readonly column: Pick<Column, 'seatUpIn' | 'topUpIn'>
  readonly stringIn: number
  readonly url: string
}

// Two cards and their gap under a sheet's title must fit a letter page, or the whole drawing goes to the next one.
const [CARD_W, CARD_H, GAP] = [258, 310, 12]
const WIDE = CARD_W * 2 + GAP
/** Most marks that fit a card of four to a sheet. */
export const CARD_MARKS = 13
/** Most marks that fit a card of two to a sheet. */
export const WIDE_CARD_MARKS = 15
/** Longest name of a mark that fits its column. */
const NAME_LETTERS = 13

/** A place on a card, points from its corner (or from the corner of its table of marks), and the size of what stands there. */
interface Place {
  readonly x: number
  readonly y: number
  readonly size: number
}

/** How one size of card is laid out. All numbers are points. */
interface CardLook {
  readonly wide: number
  readonly most: number
  readonly id: Place
  readonly code: Place
  readonly reading: Place
  readonly toGrade: Place
  readonly foot: Place
  /** The steps of the crew's school: their words, their figures (from the step's own line), and from step to step. */
  readonly steps: { readonly x: number; readonly y: number; readonly size: number; readonly each: number }
  readonly figures: { readonly x: number; readonly down: number; readonly size: number }
  /** Columns of the table of marks, from its left edge. */
  readonly columns: { readonly bottom: number; readonly heel: number; readonly name: number; readonly headSize: number }
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
  most: CARD_MARKS,
  id: { x: 8, y: 32, size: 30 },
  code: { x: CARD_W - 72, y: 3, size: 68 },
  reading: { x: 66, y: 16, size: 11 },
  toGrade: { x: 66, y: 30, size: 10.5 },
  foot: { x: 8, y: 52, size: 9 },
  steps: { x: 8, y: 84, size: 10.5, each: 16 },
  figures: { x: CARD_W - 10, down: 0, size: 14 },
  columns: { bottom: 92, heel: 156, name: 163, headSize: 9 },
  rows: { first: 13, most: 15, room: CARD_H - 20 },
  sizes: { bottom: 12, heel: 10.5, name: 8.5 },
  last: { x: 8, y: CARD_H - 5, size: 8.5 },
  table: (steps) => ({ x: 0, y: 86 + steps * 16 }),
  rule: ({ y }) => ({ x1: 6, y1: y - 11, x2: CARD_W - 6, y2: y - 11 }),
}

/** Two to a sheet, for old eyes and wet weather: what to do on the left, marks on the right, all a third larger. */
const WIDE_CARD: CardLook = {
  wide: WIDE,
  most: WIDE_CARD_MARKS,
  id: { x: 10, y: 46, size: 44 },
  code: { x: WIDE - 92, y: 4, size: 88 },
  reading: { x: 118, y: 26, size: 15 },
  toGrade: { x: 118, y: 46, size: 14 },
  foot: { x: 10, y: 72, size: 12 },
  steps: { x: 10, y: 116, size: 13, each: 44 },
  figures: { x: 230, down: 20, size: 22 },
  columns: { bottom: 100, heel: 164, name: 171, headSize: 10 },
  rows: { first: 20, most: 21, room: CARD_H - 36 },
  sizes: { bottom: 16, heel: 12, name: 10 },
  last: { x: 10, y: CARD_H - 8, size: 11 },
  table: () => ({ x: 246, y: 92 }),
  rule: ({ x, y }) => ({ x1: x, y1: y + 4, x2: x, y2: CARD_H - 26 }),
}

const readingWords = ({ readingIn }: PostAsBuilt): string =>
  readingIn === null ? 'rod not read' : `rod reads ${inches(readingIn)}`

const toGradeWords = ({ upFromRodIn, state }: PostAsBuilt): string =>
  upFromRodIn === null ? state : `${upFromRodIn >= 0 ? 'up' : 'down'} ${inches(Math.abs(upFromRodIn))} to grade`

const shortName = (name: string): string => (name.length > NAME_LETTERS ? `${name.slice(0, NAME_LETTERS - 1)}.` : name)

/** The line at the foot of a card: what was cut and whether it fits, or how its marks are meant. */
function footWords(job: Job, { cutIn, fit }: PostAsBuilt, left: number): string {
  if (cutIn !== null) {
    const fits = fit === null || fit.kind === 'fits'
    return `cut at ${mark(cutIn)}: ${fits ? 'fits' : `${inches(Math.abs(fit.byIn))} ${fit.kind}, see its page`}`
  }
  const more = left > 0 ? `${left} more marks on its page; ` : ''
  return `${more}girt marks are the ${job.fieldwork.boardEdge} of the board`
}

/** Heads of the table of marks. */
function tableHeads({ columns }: CardLook, x: number, y: number): string[] {
  const head = { size: columns.headSize }
  return [
    svgText(x + columns.bottom, y, 'from bottom', { ...head, anchor: 'end' }),
    svgText(x + columns.heel, y, 'from heel', { ...head, anchor: 'end' }),
    svgText(x + columns.name, y, 'mark, crayon', head),
  ]
}

/**
 * One post's own card: id, reading, what to do with it by the crew's way of leveling, every mark from its own bottom and from
 * the heel with its crayon, cut line, code of its page.
 */
function card(
  job: Job,
  cardFacts: CardFacts,
  look: CardLook,
  corner: { readonly x: number; readonly y: number },
): string {
  const { x, y } = corner
  const { post } = cardFacts
  const steps = levelSteps(job.fieldwork.levelSchool, job.fieldwork.laserLineIn, {
    footToGradeIn: post.footToGradeIn,
    seatUpIn: cardFacts.column.seatUpIn,
    topUpIn: cardFacts.column.topUpIn,
    setLongIn: job.buying.cutInPlaceIn,
    stringIn: cardFacts.stringIn,
  })
  const say = (place: Place, words: string, bold = false): string =>
    svgText(x + place.x, y + place.y, words, { size: place.size, bold })
  const from = look.table(steps.length)
  const marks = [...post.marks].sort((one, other) => other.upIn - one.upIn)
  const rule = look.rule(from)
  const shown = marks.slice(0, look.most)
  const step = Math.min(look.rows.most, (look.rows.room - from.y) / Math.max(1, shown.length))
  const bad = post.fit !== null && post.fit.kind !== 'fits'
  return [
    svgRect({ x, y, wide: look.wide, high: CARD_H, fill: 'none', width: 1 }),
    say(look.id, post.name, true),
    qrSvg(cardFacts.url, x + look.code.x, y + look.code.y, look.code.size),
    say(look.reading, readingWords(post), post.readingIn !== null),
    say(look.toGrade, toGradeWords(post), true),
    say(look.foot, post.measured ? 'foot as read' : 'foot as planned, not read', !post.measured),
    ...steps.flatMap(({ say: words, inches: lengthIn }, i) => {
      const at = y + look.steps.y + i * look.steps.each
      const figures = { size: look.figures.size, bold: true, anchor: 'end' } as const
      return [
        svgText(x + look.steps.x, at, words, { size: look.steps.size }),
        svgText(x + look.figures.x, at + look.figures.down, mark(lengthIn), figures),
      ]
    }),
    svgLine({ x1: x + rule.x1, y1: y + rule.y1, x2: x + rule.x2, y2: y + rule.y2, kind: 'plain' }),
    ...tableHeads(look, x + from.x, y + from.y),
    ...shown.flatMap((own, i) => {
      const at = y + from.y + look.rows.first + i * step
      const left = x + from.x
      const size = look === WIDE_CARD ? Math.min(look.sizes.bottom, step * 0.95) : look.sizes.bottom
      return [
        svgText(left + look.columns.bottom, at, mark(own.fromBottomIn), { size, bold: true, anchor: 'end' }),
        svgText(left + look.columns.heel, at, mark(own.fromHeelIn), { size: look.sizes.heel, anchor: 'end' }),
        svgText(left + look.columns.name, at, `${shortName(own.name)}, ${job.fieldwork.crayons[own.kind]}`, {
          size: look.sizes.name,
        }),
      ]
    }),
    say(look.last, footWords(job, post, marks.length - look.most), bad),
  ].join('')
}

/** Cards to a letter sheet: four to cut apart, or two for old eyes and wet weather. */
export type CardsASheet = 2 | 4

/** Cards of the posts of one sheet as one drawing. */
export function cardsSvg(
  job: Job,
  cards: readonly CardFacts[],
  perSheet: CardsASheet = 4,
): { readonly svg: string; readonly width: number; readonly height: number } {
  const look = perSheet === 2 ? WIDE_CARD : SMALL_CARD
  const across = perSheet === 2 ? 1 : 2
  const height = cards.length > across ? CARD_H * 2 + GAP : CARD_H
  const drawn = cards.map((facts, i) =>
    card(job, facts, look, { x: (i % across) * (CARD_W + GAP), y: Math.floor(i / across) * (CARD_H + GAP) }),
  )
  return { svg: svgOf(WIDE, height, drawn), width: WIDE, height }
}
