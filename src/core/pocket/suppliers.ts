import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { over } from './compare'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** Suppliers that are compared at most: every set of them is tried. */
const MOST_SUPPLIERS = 12

interface Supplier {
  readonly name: string
  readonly fee: number
  readonly prices: Readonly<Record<string, number>>
}
type Need = Readonly<Record<string, number>>

interface Single {
  readonly name: string
  readonly total: number
}
interface Split {
  readonly total: number
  readonly by: Readonly<Record<string, string>>
}

const priceOf = (supplier: Supplier, item: string): number | undefined =>
  Object.hasOwn(supplier.prices, item) ? supplier.prices[item] : undefined

/** The supplier that sells an item for the least, the first listed of equals. */
function cheapestFor(
  item: string,
  suppliers: readonly Supplier[],
): readonly [supplier: Supplier, price: number] | null {
  let best: readonly [Supplier, number] | null = null
  for (const supplier of suppliers) {
    const price = priceOf(supplier, item)
    if (price !== undefined && (best === null || over(best[1], price))) best = [supplier, price]
  }
  return best
}

/** Everything from one set of suppliers, each item where it is cheapest; fees of those used. Null where something lacks. */
function splitOver(need: Need, suppliers: readonly Supplier[]): Split | null {
  const used = new Set<Supplier>()
  const by: Record<string, string> = {}
  let goods = 0
  for (const [item, quantity] of Object.entries(need)) {
    const best = cheapestFor(item, suppliers)
    if (!best) return null
    goods += best[1] * quantity
    used.add(best[0])
    by[item] = best[0].name
  }
  return { total: [...used].reduce((sum, supplier) => sum + supplier.fee, goods), by }
}

/** Every set of suppliers, the empty one left out, those of the first listed before the others. */
const setsOf = (suppliers: readonly Supplier[]): Supplier[][] =>
  Array.from({ length: 2 ** suppliers.length - 1 }, (_, i) => suppliers.filter((_each, k) => ((i + 1) >> k) & 1))

/** The cheaper of two ways to buy, the first of equals. */
const cheaper = <T extends { readonly total: number }>(best: T | null, next: T | null): T | null =>
  next && (best === null || over(best.total, next.total)) ? next : best

/**
 * What is needed from one supplier or split among several, in the money of the prices: the cheapest that has all, and the
 * cheapest over every set with the fees of those used. The split is better only where it is cheaper.
 */
export const suppliers = figure({
  name: 'suppliers',
  input: z.strictObject({
    need: z.record(z.string(), positive('How many are needed')),
    suppliers: z
      .array(
        z.strictObject({
          name: z.string(),
          fee: zeroOrMore('Delivery, once'),
          prices: z.record(z.string(), zeroOrMore('Price of one')),
        }),
      )
      .check(z.minLength(1), z.maxLength(MOST_SUPPLIERS)),
  }),
  output: z.object({
    single: z.nullable(z.object({ name: z.string(), total: answer('Its total') })),
    split: z.object({ total: answer('Total with fees'), by: z.record(z.string(), z.string()) }),
    best: z.enum(['single', 'split']),
  }),
  solve: ({ need, suppliers }) => {
    const items = Object.keys(need)
    if (items.length === 0) return fail('too-few', ['need'], { minimum: 1 })
    const lacking = items.find((item) => !cheapestFor(item, suppliers))
    if (lacking !== undefined) return fail('nobody-has', ['need', lacking])
    const singles = suppliers.map((supplier): Single | null => {
      const all = splitOver(need, [supplier])
      return all && { name: supplier.name, total: all.total }
    })
    const single = singles.reduce<Single | null>(cheaper, null)
    const split = setsOf(suppliers)
      .map((set) => splitOver(need, set))
      .reduce<Split | null>(cheaper, null)
    if (!split) return fail('nobody-has', ['need'])
    return ok({ single, split, best: single && !over(single.total, split.total) ? 'single' : 'split' } as const)
  },
  arithmetic: ({ need, suppliers }, { single, split }) => {
    const sellerOf = (item: string) => suppliers.find((supplier) => supplier.name === split.by[item])
    const used = suppliers.filter((supplier) => Object.values(split.by).includes(supplier.name))
    const goods = Object.entries(need).map(([item, quantity]) => {
      const supplier = sellerOf(item)
      return `${num(quantity)} × ${num((supplier && priceOf(supplier, item)) ?? 0)}`
    })
    return [
      ...(single
        ? [
            step({
              label: `All from ${single.name}`,
              formula: 'goods + fee',
              numbers: '',
              value: single.total,
              unit: '$',
              clause: 'price list',
            }),
          ]
        : []),
      step({
        label: 'Split',
        formula: 'each where it is cheapest, with the fees of those used',
        numbers: [...goods, ...used.map((supplier) => num(supplier.fee))].join(' + '),
        value: split.total,
        unit: '$',
        clause: 'price list',
      }),
    ]
  },
})
