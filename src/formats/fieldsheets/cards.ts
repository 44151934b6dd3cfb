import { create } from 'qrcode'
import type { PostAsBuilt } from '@/core/field'
import { schoolSteps } from '@/core/marks'
import type { Job } from '@/core/model'
import { svgLine, svgOf, svgRect, svgText } from '../crewbook/svg'
import { inches, mark } from '../crewbook/paper'

/** Dark runs of a code, in whole modules: the same for as long as the address is, so each is worked out once. */
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
      path += `M${from} ${row}h${column + 1 - from}v1h${from - column - 1}z`
    }
  const made = { modules: modules.size, path }
  if (codes.size >= MOST_CODES) codes.clear()
  codes.set(text, made)
  return made
}

/** A QR code as SVG squares, `size` points wide at (x, y), with its quiet zone of four modules. */
export function qrSvg(text: string, x: number, y: number, size: number): string {
  const { modules, path } = codeOf(text)
  const scale = size / (modules + 8)
  return (
    `<rect x="${x}" y="${y}" width="${size}" height="${size}" fill="#fff"/><path d="${path}" ` +
    `transform="translate(${(x + 4 * scale).toFixed(3)} ${(y + 4 * scale).toFixed(3)}) scale(${scale.toFixed(5)})" ` +
    'fill="#000"/>'
  )
}

export interface CardFacts {
  readonly post: PostAsBuilt
  readonly heightIn: number
  readonly longPointIn: number
  readonly stringIn: number
  readonly url: string
}

// Two cards and their gap under a sheet's title must fit a letter page, or the whole drawing goes to the next one.
const [CARD_W, CARD_H] = [258, 310]
/** Most marks that fit a card of four to a sheet. */
export const CARD_MARKS = 13

/**
 * One post's own card: id, reading, what to do with it by the crew's school, every mark from its own bottom and from
 * the heel with its crayon, cut line, code of its page.
 */
function card(job: Job, cardFacts: CardFacts, x: number, y: number): string {
  const post = cardFacts.post
  const crayon = job.fieldwork.crayons
  const steps = schoolSteps(job.fieldwork.levelSchool, job.fieldwork.laserLineIn, {
    footToGradeIn: post.footToGradeIn,
    heightIn: cardFacts.heightIn,
    longPointIn: cardFacts.longPointIn,
    stringIn: cardFacts.stringIn,
  })
  const body = [
    svgRect({ x, y, wide: CARD_W, high: CARD_H, fill: 'none', width: 1 }),
    svgText(x + 8, y + 32, post.id, { size: 30, bold: true }),
    qrSvg(cardFacts.url, x + CARD_W - 72, y + 3, 68),
  ]
  body.push(
    svgText(x + 66, y + 16, post.readingIn === null ? 'rod not read' : `rod reads ${inches(post.readingIn)}`, {
      size: 11,
      bold: post.readingIn !== null,
    }),
    svgText(
      x + 66,
      y + 30,
      post.upFromRodIn === null
        ? post.state
        : `${post.upFromRodIn >= 0 ? 'up' : 'down'} ${inches(Math.abs(post.upFromRodIn))} to grade`,
      { size: 10.5, bold: true },
    ),
  )
  body.push(
    svgText(x + 8, y + 52, post.measured ? 'foot as read' : 'foot as planned, not read', {
      size: 9,
      bold: !post.measured,
    }),
  )
  steps.forEach((step, i) =>
    body.push(
      svgText(x + 8, y + 84 + i * 16, step.say, { size: 10.5 }),
      svgText(x + CARD_W - 10, y + 84 + i * 16, mark(step.inches), { size: 14, bold: true, anchor: 'end' }),
    ),
  )
  const top = y + 84 + steps.length * 16
  body.push(
    svgLine({ x1: x + 6, y1: top - 9, x2: x + CARD_W - 6, y2: top - 9, kind: 'plain' }),
    svgText(x + 92, top + 2, 'from bottom', { size: 9, anchor: 'end' }),
    svgText(x + 156, top + 2, 'from heel', { size: 9, anchor: 'end' }),
    svgText(x + 163, top + 2, 'mark, crayon', { size: 9 }),
  )
  const marks = [...post.marks].sort((one, other) => other.upIn - one.upIn)
  const step = Math.min(15, (y + CARD_H - top - 22) / Math.max(1, Math.min(marks.length, CARD_MARKS)))
  marks.slice(0, CARD_MARKS).forEach((own, i) => {
    const at = top + 15 + i * step
    body.push(
      svgText(x + 92, at, mark(own.fromBottomIn), { size: 12, bold: true, anchor: 'end' }),
      svgText(x + 156, at, mark(own.fromHeelIn), { size: 10.5, anchor: 'end' }),
      svgText(x + 163, at, `${own.name.length > 13 ? `${own.name.slice(0, 12)}.` : own.name}, ${crayon[own.kind]}`, {
        size: 8.5,
      }),
    )
  })
  const more = marks.length > CARD_MARKS ? `${marks.length - CARD_MARKS} more marks on its page; ` : ''
  body.push(
    svgText(
      x + 8,
      y + CARD_H - 5,
      post.cutIn !== null
        ? `cut at ${mark(post.cutIn)}: ` +
            `${post.fit === null || post.fit.kind === 'fits' ? 'fits' : `${inches(Math.abs(post.fit.byIn))} ${post.fit.kind}, see its page`}`
        : `${more}girt marks are the ${job.fieldwork.boardEdge} of the board`,
      { size: 8.5, bold: post.fit !== null && post.fit.kind !== 'fits' },
    ),
  )
  return body.join('')
}

/** Cards to a letter sheet: four to cut apart, or two for old eyes and wet weather. */
export type CardsASheet = 2 | 4
const WIDE = CARD_W * 2 + 12
/** Most marks that fit a card of two to a sheet. */
export const WIDE_CARD_MARKS = 15

/** The same card half a sheet wide: what to do on the left, marks on the right, all of it a third larger. */
function wideCard(job: Job, cardFacts: CardFacts, x: number, y: number): string {
  const post = cardFacts.post
  const crayon = job.fieldwork.crayons
  const steps = schoolSteps(job.fieldwork.levelSchool, job.fieldwork.laserLineIn, {
    footToGradeIn: post.footToGradeIn,
    heightIn: cardFacts.heightIn,
    longPointIn: cardFacts.longPointIn,
    stringIn: cardFacts.stringIn,
  })
  const mid = x + 246
  const body = [
    svgRect({ x, y, wide: WIDE, high: CARD_H, fill: 'none', width: 1 }),
    svgText(x + 10, y + 46, post.id, { size: 44, bold: true }),
    qrSvg(cardFacts.url, x + WIDE - 92, y + 4, 88),
  ]
  body.push(
    svgText(x + 118, y + 26, post.readingIn === null ? 'rod not read' : `rod reads ${inches(post.readingIn)}`, {
      size: 15,
      bold: post.readingIn !== null,
    }),
    svgText(
      x + 118,
      y + 46,
      post.upFromRodIn === null
        ? post.state
        : `${post.upFromRodIn >= 0 ? 'up' : 'down'} ${inches(Math.abs(post.upFromRodIn))} to grade`,
      { size: 14, bold: true },
    ),
    svgText(x + 10, y + 72, post.measured ? 'foot as read' : 'foot as planned, not read', {
      size: 12,
      bold: !post.measured,
    }),
  )
  steps.forEach((step, i) =>
    body.push(
      svgText(x + 10, y + 116 + i * 44, step.say, { size: 13 }),
      svgText(mid - 16, y + 136 + i * 44, mark(step.inches), { size: 22, bold: true, anchor: 'end' }),
    ),
  )
  body.push(
    svgLine({ x1: mid, y1: y + 96, x2: mid, y2: y + CARD_H - 26, kind: 'plain' }),
    svgText(mid + 100, y + 92, 'from bottom', { size: 10, anchor: 'end' }),
    svgText(mid + 164, y + 92, 'from heel', { size: 10, anchor: 'end' }),
    svgText(mid + 171, y + 92, 'mark, crayon', { size: 10 }),
  )
  const marks = [...post.marks].sort((one, other) => other.upIn - one.upIn)
  const step = Math.min(21, (CARD_H - 128) / Math.max(1, Math.min(marks.length, WIDE_CARD_MARKS)))
  marks.slice(0, WIDE_CARD_MARKS).forEach((own, i) => {
    const at = y + 112 + i * step
    body.push(
      svgText(mid + 100, at, mark(own.fromBottomIn), { size: Math.min(16, step * 0.95), bold: true, anchor: 'end' }),
      svgText(mid + 164, at, mark(own.fromHeelIn), { size: 12, anchor: 'end' }),
      svgText(mid + 171, at, `${own.name.length > 13 ? `${own.name.slice(0, 12)}.` : own.name}, ${crayon[own.kind]}`, {
        size: 10,
      }),
    )
  })
  const more = marks.length > WIDE_CARD_MARKS ? `${marks.length - WIDE_CARD_MARKS} more marks on its page; ` : ''
  body.push(
    svgText(
      x + 10,
      y + CARD_H - 8,
      post.cutIn !== null
        ? `cut at ${mark(post.cutIn)}: ` +
            `${post.fit === null || post.fit.kind === 'fits' ? 'fits' : `${inches(Math.abs(post.fit.byIn))} ${post.fit.kind}, see its page`}`
        : `${more}girt marks are the ${job.fieldwork.boardEdge} of the board`,
      { size: 11, bold: post.fit !== null && post.fit.kind !== 'fits' },
    ),
  )
  return body.join('')
}

/** Cards of the posts of one sheet as one drawing. */
export function cardsSvg(
  job: Job,
  cards: readonly CardFacts[],
  perSheet: CardsASheet = 4,
): { readonly svg: string; readonly width: number; readonly height: number } {
  if (perSheet === 2)
    return {
      svg: svgOf(
        WIDE,
        cards.length > 1 ? CARD_H * 2 + 12 : CARD_H,
        cards.map((card, i) => wideCard(job, card, 0, i * (CARD_H + 12))),
      ),
      width: WIDE,
      height: cards.length > 1 ? CARD_H * 2 + 12 : CARD_H,
    }
  const height = cards.length > 2 ? CARD_H * 2 + 12 : CARD_H
  return {
    svg: svgOf(
      CARD_W * 2 + 12,
      height,
      cards.map((cardFacts, i) => card(job, cardFacts, (i % 2) * (CARD_W + 12), Math.floor(i / 2) * (CARD_H + 12))),
    ),
    width: CARD_W * 2 + 12,
    height,
  }
}
