import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces'
import type { Block, CrewBook } from './types'

function content(block: Block): Content {
  switch (block.kind) {
    case 'text':
      return { text: block.text, bold: block.strong ?? false, fontSize: block.strong ? 13 : 11, margin: [0, 6, 0, 2] }
    case 'caution':
      return { table: { widths: ['*'], body: [[{ text: block.text, fontSize: 10.5 }]] }, margin: [0, 6, 0, 4] }
    case 'box':
      return {
        table: {
          widths: ['*'],
          heights: [block.heightPt],
          body: [[{ text: block.text, fontSize: 9.5, color: '#444' }]],
        },
        margin: [0, 6, 0, 4],
      }
    case 'svg':
      return { svg: block.svg, width: Math.min(block.width, 530), alignment: 'center', margin: [0, 2, 0, 4] }
    case 'table': {
      const cell = (text: string, i: number, head: boolean): TableCell => {
        const fontSize = () => {
          if (head) return 9.5
          if (block.big.includes(i)) return 13
          return 11
        }
        return {
          text,
          alignment: block.right.includes(i) ? 'right' : 'left',
          fontSize: fontSize(),
          bold: !head && block.big.includes(i),
          noWrap: !head && text.length < 26,
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
          widths: block.head.map((_, i) => (i === block.head.length - 1 ? '*' : 'auto')),
          body: [
            block.head.map((text, i) => cell(text, i, true)),
            ...block.rows.map((row) => row.map((text, i) => cell(text, i, false))),
          ],
        },
      }
    }
  }
}

/** The crew book as a pdfmake document: US letter, black on white; job, date, revision and page on every sheet. */
export function pdfDefinition(book: CrewBook): TDocumentDefinitions {
  return {
    pageSize: 'LETTER',
    pageMargins: [38, 62, 38, 44],
    defaultStyle: { font: 'Atkinson', fontSize: 11, color: '#000' },
    info: { title: `${book.job}: crew book`, producer: 'Burdock', creator: 'Burdock' },
    header: {
      margin: [38, 24, 38, 0],
      columns: [
        { text: book.job, bold: true, fontSize: 12 },
        { text: `${book.date}   ${book.revision}`, alignment: 'right', fontSize: 10.5 },
      ],
    },
    footer: (page: number, pages: number): Content => ({
      margin: [38, 10, 38, 0],
      columns: [
        { text: book.note, fontSize: 8, width: '*' },
        { text: `page ${page} of ${pages}`, alignment: 'right', bold: true, fontSize: 11, width: 90 },
      ],
    }),
    content: book.sheets.flatMap((sheet, i): Content[] => [
      { text: sheet.title, fontSize: 19, bold: true, ...(i > 0 ? { pageBreak: 'before' as const } : {}) },
      { text: sheet.sub, fontSize: 10.5, margin: [0, 0, 0, 4] },
      ...sheet.blocks.map(content),
    ]),
  }
}
