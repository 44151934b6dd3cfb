export { scheduleCsv, toCsv } from './csv'
export { pricesFromCsv, pricesToCsv } from './prices'
export type { PricesRead } from './prices'
