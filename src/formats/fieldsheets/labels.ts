import type { Job } from '@/core/model'
import { type CutStage, isLabelled, type Stick, stageOf } from '@/core/sticks'
import { mark, roomOn } from '../crewbook/paper'
import { fittedSize, svgOf, svgRect, svgText } from '../crewbook/svg'
import type { CrewBook } from '../crewbook/types'
import { chunk, linesOf } from '../plain'
import type { ShownDerived } from '../shown'
import { pieceWords, sheetNote } from '../words'
import { qrSvg } from './cards'
import { codeWords } from './codes'

/** Labels across a sheet, and the height of one, points. */
const ACROSS = 3
const HIGH = 74
/** The lines round the outermost labels lie on the edge of the drawing: half of them outside. */
const LINE_PT = 1
/** Room left of the words of a label, and the size of its name and length, points. */
const MARGIN = 6
const BIG = 15
/** A letter of the small words is so wide, points. */
const LETTER_PT = 3.7
/** Room that the title of a sheet takes, points. */
const TITLE_PT = 58

/** What the labels of pieces are printed with. */
export interface LabelsOf {
  readonly job: Job
  readonly derived: ShownDerived
  readonly sticks: readonly Stick[]
  readonly stage: CutStage | 'all'
  readonly date: string
  readonly revision: string
  /** Address of the job's field pages. */
  readonly page: string
}

/** One label: what the piece is, how long, from which board; its code opens the piece on a phone. */
function label(
  stick: Stick,
  { page, date, revision, derived, job }: LabelsOf,
  { x, y, wide }: { readonly x: number; readonly y: number; readonly wide: number },
): string {
  const beside = wide - HIGH - MARGIN
  const words = linesOf(
    pieceWords(stick, { wallNames: derived.wallNames, openings: job.building.openings }),
    Math.floor(beside / LETTER_PT),
  )
  const nameSize = fittedSize(stick.name, BIG, beside, true)
  return [
    svgRect({ x, y, wide, high: HIGH, width: 0.5 }),
    qrSvg(`${page}/piece/${encodeURIComponent(stick.id)}`, x + wide - HIGH + 3, y + 3, HIGH - 6),
    svgText(x + MARGIN, y + 17, stick.name, { size: nameSize, bold: true }),
    svgText(x + MARGIN, y + 34, mark(stick.cutLengthIn), { size: BIG, bold: true }),
    svgText(x + MARGIN, y + 45, `${stick.board.label}${stick.board.treated ? ' treated' : ''}`, { size: 9 }),
    ...words.slice(0, 2).map((line, i) => svgText(x + MARGIN, y + 54 + 8 * i, line, { size: 7.5 })),
    svgText(x + MARGIN, y + 71, `${date}, ${revision}`, { size: 6.5 }),
  ].join('')
}

/** Labels for the pieces of a job, to be cut apart and stapled on; posts have cards of their own. */
export function labelSheets(of: LabelsOf): CrewBook {
  const { job, derived, sticks, stage, date, revision } = of
  const room = roomOn(job.fieldwork.paper)
  const wide = Math.floor((room.wide - LINE_PT) / ACROSS)
  const down = Math.floor((room.high - TITLE_PT) / HIGH)
  const own = sticks.filter((stick) => isLabelled(stick) && (stage === 'all' || stageOf(stick) === stage))
  const pages = chunk(own, ACROSS * down)
  return {
    job: job.name,
    date,
    revision,
    what: 'piece labels',
    note: sheetNote(derived, job),
    sheets: pages.map((page, i) => {
      const height = Math.ceil(page.length / ACROSS) * HIGH + LINE_PT
      const drawn = page.map((stick, k) =>
        label(stick, of, {
          x: LINE_PT / 2 + (k % ACROSS) * wide,
          y: LINE_PT / 2 + Math.floor(k / ACROSS) * HIGH,
          wide,
        }),
      )
      return {
        title: `Piece labels, ${i + 1} of ${pages.length}`,
        sub: `cut apart and staple on; ${codeWords(of.page, 'the code opens the piece on a phone')}`,
        blocks: [{ kind: 'svg', svg: svgOf(room.wide, height, drawn), width: room.wide, height, alt: 'labels' }],
      }
    }),
  }
}
