import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import type { PaperName } from '@/core/model'
import { dayOf } from '../crewbook'
import { PAPER_SIZES } from '../crewbook/paper'
import type { StripPage } from './strips'

/** Pages of 1:1 strips as a pdfmake document: no margin, no fitting, one point is one point. */
export function stripsPdf(
  name: string,
  pages: readonly StripPage[],
  { date, paper }: { readonly date: string; readonly paper: PaperName },
): TDocumentDefinitions {
  const { size, shortPt } = PAPER_SIZES[paper]
  return {
    pageSize: size,
    pageMargins: [0, 0, 0, 0],
    language: 'en-US',
    displayTitle: true,
    defaultStyle: { font: 'Atkinson' },
    info: { title: `${name}: story pole 1:1`, producer: 'Burdock', creator: 'Burdock', creationDate: dayOf(date) },
    content: pages.map((page, i) => ({
      svg: page.svg,
      width: shortPt,
      absolutePosition: { x: 0, y: 0 },
      ...(i > 0 ? { pageBreak: 'before' as const } : {}),
    })),
  }
}
