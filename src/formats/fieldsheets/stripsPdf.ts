import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import { PAGE, type StripPage } from './strips'

/** Pages of 1:1 strips as a pdfmake document: no margin, no fitting, one point is one point. */
export function stripsPdf(name: string, pages: readonly StripPage[]): TDocumentDefinitions {
  return {
    pageSize: 'LETTER',
    pageMargins: [0, 0, 0, 0],
    defaultStyle: { font: 'Atkinson' },
    info: { title: `${name}: story pole 1:1`, producer: 'Burdock', creator: 'Burdock' },
    content: pages.map((page, i) => ({
      svg: page.svg,
      width: PAGE.widthPt,
      absolutePosition: { x: 0, y: 0 },
      ...(i > 0 ? { pageBreak: 'before' as const } : {}),
    })),
  }
}
