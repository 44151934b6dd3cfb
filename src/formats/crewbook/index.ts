export { crewBook } from './book'
export { pdfDefinition } from './pdf'
export { escapeXml } from './svg'
export type { Block, CrewBook, Sheet } from './types'
