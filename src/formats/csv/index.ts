export { scheduleCsv, toCsv } from './csv'
export { pricesFromCsv, pricesToCsv } from './prices'

export { holesToCsv, readingsFromCsv, spotsFromCsv, readingsToCsv } from './readings'
export type { ReadingRow } from './readings'
