import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces'
import type { PaperName } from '@/core/model'
import { unbroken } from '../plain'
import { runsOf } from './faces'
import { MARGINS, PAPER_SIZES, roomOn } from './paper'
import type { Block, CrewBook } from './types'

/** A text in the faces that have its letters. */
function inFaces(text: string): string | { text: string; font: string }[] {
  const runs = runsOf(text)
  return runs.length === 1 && runs[0].face === 'Atkinson'
    ? text
    : runs.map((run) => ({ text: run.text, font: run.face }))
}

function content(block: Block, under: string, wide: number): Content {
  switch (block.kind) {
    case 'text':
      return {
        text: inFaces(unbroken(block.text)),
        bold: block.strong ?? false,
        fontSize: block.strong ? 13 : 11,
        margin: [0, 6, 0, 2],
        ...(block.outline ? { outline: true, outlineParentId: under } : {}),
      }
    case 'caution':
      return {
        table: { widths: ['*'], body: [[{ text: inFaces(unbroken(block.text)), fontSize: 10.5 }]] },
        margin: [0, 6, 0, 4],
      }
    case 'box':
      return {
        table: {
          widths: ['*'],
          dontBreakRows: true,
          heights: [block.heightPt],
          body: [[{ text: inFaces(block.text), fontSize: 9.5, color: '#444' }]],
        },
        margin: [0, 6, 0, 4],
      }
    case 'svg':
      return { svg: block.svg, width: Math.min(block.width, wide), alignment: 'center', margin: [0, 2, 0, 4] }
    case 'table': {
      const cell = (text: string, i: number, head: boolean): TableCell => {
        const fontSize = () => {
          if (head) return 9.5
          if (block.big.includes(i)) return 13
          return block.tight ? 9.5 : 11
        }
        return {
          text: inFaces(unbroken(text)),
          alignment: block.right.includes(i) ? 'right' : 'left',
          fontSize: fontSize(),
          bold: !head && block.big.includes(i),
          noWrap: !head && text.length < UNWRAPPED_LETTERS,
        }
      }
      return {
        margin: [0, 4, 0, 4],
        layout: {
          hLineWidth: (i: number) => {
            if (i === 1) return 1.3
            if (i === 0) return 0
            return 0.4
          },
          vLineWidth: () => 0,
          paddingTop: () => 1.4,
          paddingBottom: () => 1.2,
          paddingLeft: () => 4,
          paddingRight: () => 4,
        },
        table: {
          headerRows: 1,
          keepWithHeaderRows: 1,
          widths: block.head.map((_, i) => (i === block.head.length - 1 && !block.tight ? '*' : 'auto')),
          body: [
            block.head.map((text, i) => cell(text, i, true)),
            ...block.rows.map((row) => row.map((text, i) => cell(text, i, false))),
          ],
        },
      }
    }
  }
}

/** Cells no longer than this stay on one line. */
const UNWRAPPED_LETTERS = 34

/** Rows of a table that is kept whole under its heading. */
const SHORT_TABLE = 8
/** The same of a sheet that follows another on its page. */
const SHORT_SHEET = 16

/** A named heading stands with what follows it, up to its table, and with the table where that is short. */
function kept(blocks: readonly Block[], under: string, wide: number): Content[] {
  const out: Content[] = []
  let i = 0
  while (i < blocks.length) {
    const together = togetherAt(blocks, i)
    const stack = blocks.slice(i, i + together).map((block) => content(block, under, wide))
    out.push(...(together > 1 ? [{ stack, unbreakable: true }] : stack))
    i += together
  }
  return out
}

/** How many blocks from one on are not to be parted by the end of a page. */
function togetherAt(blocks: readonly Block[], from: number): number {
  const first = blocks[from]
  if (!(first?.kind === 'text' && first.outline)) return 1
  const rest = blocks.slice(from + 1)
  const end = rest.findIndex((block) => block.kind !== 'text' || block.outline)
  const texts = end < 0 ? rest.length : end
  const next = rest[texts]
  return 1 + texts + (next?.kind === 'table' && next.rows.length <= SHORT_TABLE ? 1 : 0)
}

/** A sheet with its name in the outline of the file and in the contents. */
function sheetContent(sheet: CrewBook['sheets'][number], i: number, wide: number): Content[] {
  const id = `sheet-${i}`
  const content: Content[] = [
    {
      text: inFaces(sheet.title),
      fontSize: 19,
      bold: true,
      id,
      outline: true,
      outlineText: sheet.title,
      outlineExpanded: false,
      tocItem: true,
      ...(i > 0 && !sheet.follows ? { pageBreak: 'before' as const } : {}),
      ...(sheet.follows ? { margin: [0, 14, 0, 0] as [number, number, number, number] } : {}),
    },
    { text: inFaces(unbroken(sheet.sub)), fontSize: 10.5, margin: [0, 0, 0, 4] },
    ...kept(sheet.blocks, id, wide),
  ]
  // What goes on under another keeps its heading on the page of its table.
  const [first] = sheet.blocks
  const short = first?.kind === 'table' && first.rows.length <= SHORT_SHEET
  return sheet.follows && short ? [{ stack: content, unbreakable: true }] : content
}

/** What the file holds, sheet by sheet with its page. */
const CONTENTS: Content = {
  pageBreak: 'before',
  toc: { title: { text: 'Contents', fontSize: 13, bold: true, margin: [0, 10, 0, 2] } },
}

/** The middle of a day: the same paper of one day is the same file, to the byte. A day that nobody can read is the first of all. */
export function dayOf(date: string): Date {
  const at = Date.parse(`${date} 12:00 UTC`)
  return new Date(Number.isNaN(at) ? 0 : at)
}

/** A book as a pdfmake document: black on white; job, date, revision and page on every sheet. */
export function pdfDefinition(book: CrewBook, paper: PaperName = 'letter'): TDocumentDefinitions {
  const { left, top, bottom } = MARGINS
  const { wide } = roomOn(paper, book.landscape)
  return {
    pageSize: PAPER_SIZES[paper].size,
    pageOrientation: book.landscape ? 'landscape' : 'portrait',
    pageMargins: [left, top, left, bottom],
    language: 'en-US',
    displayTitle: true,
    defaultStyle: { font: 'Atkinson', fontSize: 11, color: '#000' },
    info: {
      title: `${book.job}: ${book.what}`,
      producer: 'Burdock',
      creator: 'Burdock',
      creationDate: dayOf(book.date),
    },
    header: {
      margin: [left, 24, left, 0],
      columns: [
        { text: inFaces(book.job), bold: true, fontSize: 12 },
        { text: `${book.date}   ${book.revision}`, alignment: 'right', fontSize: 10.5 },
      ],
    },
    footer: (page: number, pages: number): Content => ({
      margin: [left, 10, left, 0],
      columns: [
        { text: book.note, fontSize: 8, width: '*' },
        { text: `page ${page} of ${pages}`, alignment: 'right', bold: true, fontSize: 11, width: 90 },
      ],
    }),
    content: book.sheets.flatMap((sheet, i) => [
      ...sheetContent(sheet, i, wide),
      ...(i === 0 && book.contents ? [CONTENTS] : []),
    ]),
  }
}
