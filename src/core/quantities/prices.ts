import { BOARD_SIZES, LUMBERS, type BoardName, type Lumber } from '../model'

/** One line of the price list: what, its unit and its price in dollars. */
export interface PriceRow {
  readonly item: string
  readonly unit: string
  readonly price: number
}

// An invented list: round figures in proportion to each other, no supplier's prices.
const PER_FOOT: Readonly<Record<BoardName, number>> = {
  '2x4': 0.56,
  '2x6': 0.86,
  '2x8': 1.18,
  '2x10': 1.62,
  '2x12': 2.12,
}
const OVER_NO2: readonly (readonly [RegExp, number])[] = [
  [/SS$|2400f/, 1.6],
  [/2100f|Dense/, 1.42],
  [/1650f|&Btr/, 1.24],
  [/No\.1$/, 1.22],
  [/No\.3|Stud/, 0.82],
]
const OVER_PINE: readonly (readonly [RegExp, number])[] = [
  [/^SPF/, 0.94],
  [/^DF/, 1.06],
  [/^HF/, 0.97],
]
const factorOf = (table: typeof OVER_NO2, lumber: Lumber): number =>
  table.find(([pattern]) => pattern.test(lumber))?.[1] ?? 1
const gradeFactor = (lumber: Lumber): number => factorOf(OVER_NO2, lumber) * factorOf(OVER_PINE, lumber)
const EACH: readonly PriceRow[] = [
  { item: 'treated, over dry', unit: 'factor', price: 1.38 },
  { item: 'solid 6x6', unit: 'ft', price: 4.9 },
  { item: 'glue-laminated column', unit: 'in² · ft', price: 0.31 },
  { item: 'own grade, over No.2', unit: 'factor', price: 1.3 },
  { item: 'concrete 80 lb', unit: 'bag', price: 6.4 },
  { item: 'concrete 60 lb', unit: 'bag', price: 5.2 },
  { item: 'ready-mix', unit: 'yd³', price: 188 },
  { item: 'hole dug', unit: 'ft', price: 9 },
  { item: 'gravel', unit: 'yd³', price: 48 },
  { item: 'truss', unit: 'ft of span', price: 5.6 },
  { item: 'common nail', unit: 'each', price: 0.05 },
  { item: 'ring-shank nail', unit: 'each', price: 0.09 },
  { item: 'bolt 1/2', unit: 'each', price: 2.1 },
  { item: 'bolt 5/8', unit: 'each', price: 3.2 },
  { item: 'bolt 3/4', unit: 'each', price: 4.6 },
  { item: 'screw', unit: 'each', price: 0.08 },
  { item: 'tie', unit: 'each', price: 3.4 },
  { item: 'hanger', unit: 'each', price: 6.2 },
  { item: 'reinforcing bar', unit: 'ft', price: 0.95 },
  { item: 'post bracket', unit: 'each', price: 46 },
  { item: 'strap', unit: 'each', price: 14 },
  { item: 'bay of labour', unit: 'each', price: 210 },
]

/** Price key of a board: size and lumber, per foot. */
const boardItem = (size: BoardName, lumber: Lumber): string => `${size} ${lumber}`

/** The shipped list: every board of every tabled lumber, and the rest. */
export const PRICE_LIST: readonly PriceRow[] = [
  ...LUMBERS.flatMap((lumber) =>
    BOARD_SIZES.map((size) => ({
      item: boardItem(size, lumber),
      unit: 'ft',
      price: Math.round(PER_FOOT[size] * gradeFactor(lumber) * 100) / 100,
    })),
  ),
  ...EACH,
]
const SHIPPED = new Map(PRICE_LIST.map((row) => [row.item, row.price]))

/** Prices of a job: its own where it has them, the shipped list otherwise. */
export interface Prices {
  readonly of: (item: string) => number
  readonly board: (size: BoardName, lumber: Lumber, treated?: boolean) => number
}

/** A price book over the job's own prices. Grades of the user's own are priced over No.2 of the same size. */
export function priceBook(own: Readonly<Record<string, number>>): Prices {
  const of = (item: string): number => own[item] ?? SHIPPED.get(item) ?? 0
  return {
    of,
    board: (size, lumber, treated = false) => {
      const key = boardItem(size, lumber)
      const price = own[key] ?? SHIPPED.get(key) ?? of(boardItem(size, 'SP-No.2')) * of('own grade, over No.2')
      return price * (treated ? of('treated, over dry') : 1)
    },
  }
}
