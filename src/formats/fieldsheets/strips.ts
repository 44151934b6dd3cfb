import type { PoleMark } from '@/core/marks'
import type { PaperName } from '@/core/model'
import { cutText } from '@/core/result'
import { formatLength, ROUNDING } from '@/core/units'
import { PAPER_SIZES } from '../crewbook/paper'
import { svgLine, svgOf, svgRect, svgText } from '../crewbook/svg'

/** A page of strips: drawings in points, 72 to the inch, true to scale when printed at 100 %. */
export interface StripPage {
  readonly svg: string
  readonly strips: readonly { readonly fromIn: number; readonly toIn: number }[]
}

/** Length of pole on one strip and the overlap by which the next is glued on, inches; strips on one sheet. */
export const STRIP_IN = 9.5
export const OVERLAP_IN = 0.5
export const STRIPS_A_PAGE = 4
const [TOP, LEFT, WIDE, GAP] = [60, 36, 118, 22]
/** Letters of the job's name that a strip has room for. */
const JOB_LETTERS = 26

/** Length of a tick on the strip's edge, points: whole inches, halves, quarters. */
function tickLength(quarter: number): number {
  if (quarter % 4 === 0) return 14
  return quarter % 2 === 0 ? 9 : 5
}

/** Length that is checked with a tape, across and up, inches. */
const CHECKED_IN = 6

/** What is said of a pole on each of its strips. */
interface StripsOf {
  readonly job: string
  readonly date: string
  readonly revision: string
  readonly paper: PaperName
}

/** A length up the sheet beside the first strip: a printer may stretch paper one way only. */
function uprightCheck(): readonly string[] {
  const [x, low] = [LEFT + WIDE + GAP / 2, TOP + STRIP_IN * 72]
  const high = low - CHECKED_IN * 72
  return [
    svgRect({ x: x - 2, y: high, wide: 4, high: CHECKED_IN * 72, fill: '#000', width: 0.5 }),
    svgText(x - 5, low - 6, 'six inches up at 100%: check with a tape', { size: 7.5, rotate: -90 }),
  ]
}

/**
 * A story pole at 1:1: four strips to a sheet side by side, each 9 1/2 in. of pole, half an inch of it
 * again on the next.
 * Marks in inches above the pole's zero, from 0 to `lengthIn`; the job's name stands over each strip's own. A scale of
 * six inches on every sheet is checked with a tape before use.
 */
export function poleStrips(
  name: string,
  marks: readonly Pick<PoleMark, 'key' | 'name' | 'upIn'>[],
  lengthIn: number,
  { job, date, revision, paper }: StripsOf,
): StripPage[] {
  const { shortPt, longPt } = PAPER_SIZES[paper]
  const step = STRIP_IN - OVERLAP_IN
  const count = Math.max(1, Math.ceil((lengthIn - OVERLAP_IN) / step - ROUNDING))
  const strips = Array.from({ length: count }, (_, i) => ({ fromIn: i * step, toIn: i * step + STRIP_IN }))
  return Array.from({ length: Math.ceil(count / STRIPS_A_PAGE) }, (_, page): StripPage => {
    const own = strips.slice(page * STRIPS_A_PAGE, (page + 1) * STRIPS_A_PAGE)
    const body: string[] = []
    own.forEach((strip, k) => {
      const x = LEFT + k * (WIDE + GAP)
      const yAt = (up: number) => TOP + (strip.toIn - up) * 72
      body.push(
        svgRect({ x, y: TOP, wide: WIDE, high: STRIP_IN * 72, fill: 'none', width: 0.8 }),
        svgText(x + 2, TOP - 29, cutText(job, JOB_LETTERS), { size: 8 }),
        svgText(x + 2, TOP - 19, `${date}, ${revision}`, { size: 7 }),
        svgText(x + 2, TOP - 6, `${name}, strip ${page * STRIPS_A_PAGE + k + 1} of ${count}`, { size: 10, bold: true }),
      )
      for (let quarter = Math.ceil(strip.fromIn * 4); quarter <= strip.toIn * 4; quarter++) {
        const upIn = quarter / 4
        const y = yAt(upIn)
        body.push(svgLine({ x1: x, y1: y, x2: x + tickLength(quarter), y2: y, kind: 'plain' }))
        if (quarter % 4 === 0 && upIn > strip.fromIn && upIn < strip.toIn)
          body.push(svgText(x + 17, y + 3, formatLength(upIn, { ascii: true }), { size: 7.5 }))
      }
      for (const at of [strip.fromIn + OVERLAP_IN, strip.toIn - OVERLAP_IN])
        if (at > OVERLAP_IN && at < lengthIn)
          body.push(svgLine({ x1: x, y1: yAt(at), x2: x + WIDE, y2: yAt(at), kind: 'fine' }))
      marks.forEach((mark, i) => {
        if (mark.upIn < strip.fromIn - ROUNDING || mark.upIn > strip.toIn + ROUNDING) return
        const y = yAt(mark.upIn)
        const end = x + WIDE - 3
        const length = formatLength(mark.upIn, { ascii: true })
        const room = (other: (typeof marks)[number] | undefined) =>
          other ? Math.abs(other.upIn - mark.upIn) * 72 : Infinity
        const below = room(marks[i - 1])
        const above = room(marks[i + 1])
        body.push(svgLine({ x1: x, y1: y, x2: x + WIDE, y2: y, kind: 'keel' }))
        // Name over the line and length under it where both have room; on one line beside a near neighbor, on the side
        // away from it.
        if (Math.min(below, above) >= 24)
          body.push(
            svgText(end, y - 3, mark.name, { size: 9, anchor: 'end' }),
            svgText(end, y + 10, length, { size: 9, bold: true, anchor: 'end' }),
          )
        else
          body.push(
            svgText(end, above >= 9 || above >= below ? y - 2 : y + 7.5, `${mark.name}  ${length}`, {
              size: 7.5,
              bold: true,
              anchor: 'end',
            }),
          )
      })
    })
    body.push(
      svgRect({ x: LEFT, y: TOP + STRIP_IN * 72 + 14, wide: 6 * 72, high: 7, fill: '#000', width: 0.5 }),
      ...uprightCheck(),
      svgText(LEFT + 6 * 72 + 8, TOP + STRIP_IN * 72 + 22, 'six inches across at 100%', { size: 7.5 }),
    )
    return { svg: svgOf(shortPt, longPt, body), strips: own }
  })
}
