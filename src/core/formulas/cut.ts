import * as z from 'zod/mini'
import { proveCuts } from '../columns'
import { answer, positive, whole, zeroOrMore } from '../pocket/fields'
import { fail, item, ok } from '../result'
import { formula, orElse } from './formula'

const solve = formula({
  name: 'cutstock.solve',
  clause: 'integer programme',
  formula: 'least price of whole boards that give every piece, a saw cut between pieces',
  input: z.strictObject({
    lengths: z.array(positive('Length of a piece, inches')).check(z.minLength(1), z.maxLength(60)),
    demand: z.array(whole(0, 'How many of it')).check(z.minLength(1), z.maxLength(60)),
    stocks: z
      .array(z.tuple([positive('Length of a board, inches'), zeroOrMore('Its price')]))
      .check(z.minLength(1), z.maxLength(30)),
    kerf: orElse(zeroOrMore('Saw cut, inches'), 0.125),
  }),
  output: z.object({
    cost: answer('Price of the plan'),
    lp_bound: answer('Price that no plan is under'),
    proved: z.boolean(),
    boards: z.array(z.object({ stock_in: z.number(), count: z.number(), pieces: z.array(z.number()) })),
  }),
  solve: (given, solver) => {
    if (given.demand.length !== given.lengths.length)
      return fail('unlike-count', ['demand'], { wanted: given.lengths.length })
    const longest = Math.max(...given.stocks.map(([lengthIn]) => lengthIn))
    const tooLong = given.lengths.findIndex((lengthIn) => lengthIn > longest)
    if (tooLong >= 0) return fail('too-large', ['lengths', tooLong], { maximum: longest })
    const demands = given.lengths.map((lengthIn, i) => ({ lengthIn, count: item(given.demand, i) }))
    const plan = proveCuts(
      {
        demands: demands.filter(({ count }) => count > 0),
        stock: given.stocks.map(([lengthIn, price]) => ({ lengthIn, price })),
        kerfIn: given.kerf,
      },
      solver,
    )
    if (!plan) return fail('too-large', ['lengths'], { maximum: longest })
    return ok({
      cost: plan.price,
      lp_bound: plan.priceBound,
      proved: plan.proved,
      boards: plan.boards.map(({ pattern, count }) => ({
        stock_in: pattern.stockIn,
        count,
        pieces: [...pattern.takes],
      })),
    })
  },
})

/** Cutting from stock. */
export const CUT = [solve] as const
