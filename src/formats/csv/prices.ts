import Papa from 'papaparse'
import { PRICE_LIST } from '@/core/quantities'
import { toCsv } from './csv'

/** The whole price list as CSV: item, unit, price (the job's own where it has one). */
export const pricesToCsv = (own: Readonly<Record<string, number>>): string =>
  toCsv(PRICE_LIST.map((row) => ({ item: row.item, unit: row.unit, price: own[row.item] ?? row.price })))

export interface PricesRead {
  readonly prices: Readonly<Record<string, number>>
  readonly problems: readonly string[]
}
const MOST_ROWS = 5000

/**
 * Prices from CSV with columns item and price. Rows that cannot be used are refused one by one, each with its number
 * and reason; prices equal to
 * the shipped ones are left out. Nothing is taken from a file without both columns.
 */
export function pricesFromCsv(text: string): PricesRead {
  const read = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (header) => header.trim().toLowerCase(),
  })
  const fields = read.meta.fields ?? []
  if (!fields.includes('item') || !fields.includes('price'))
    return { prices: {}, problems: ['A price list needs the columns “item” and “price” in its first row.'] }
  const known = new Map(PRICE_LIST.map((row) => [row.item, row.price]))
  const prices: Record<string, number> = {}
  const problems: string[] = []
  read.data.slice(0, MOST_ROWS).forEach((row, i) => {
    const item = (row.item ?? '').trim().replace(/^'/, '')
    const typed = (row.price ?? '').trim().replace(/^\$/, '').replace(/,/g, '')
    const price = Number(typed)
    const at = `Row ${i + 2}`
    if (!known.has(item)) problems.push(`${at}: “${item.slice(0, 40)}” is not on the list.`)
    else if (typed === '' || !Number.isFinite(price))
      problems.push(`${at}: “${(row.price ?? '').slice(0, 20)}” is not a price.`)
    else if (price < 0 || price > 100000) problems.push(`${at}: ${price} is out of range; 0 to 100,000 is accepted.`)
    else if (known.get(item) !== price) prices[item] = price
  })
  if (read.data.length > MOST_ROWS) problems.push(`Only the first ${MOST_ROWS} rows were read.`)
  return { prices, problems }
}
