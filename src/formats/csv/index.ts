export { scheduleCsv, toCsv } from './csv'
