import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { suppliers } from './suppliers'

const yard = { name: 'Yard', fee: 50, prices: { board: 8, bag: 6 } }
const mill = { name: 'Mill', fee: 20, prices: { board: 5 } }
const pit = { name: 'Pit', fee: 30, prices: { bag: 4 } }
const need = { board: 10, bag: 20 }
// Yard alone 80 + 120 + 50 = 250; Mill and Pit 50 + 80 + 50 = 180.
test('two fees are cheaper than one dear yard', () =>
  expect(answerOf(suppliers, { need, suppliers: [yard, mill, pit] })).toEqual({
    single: { name: 'Yard', total: 250 },
    split: { total: 180, by: { board: 'Mill', bag: 'Pit' } },
    best: 'split',
  }))
test('nobody has all: there is no single', () =>
  expect(answerOf(suppliers, { need, suppliers: [mill, pit] })).toMatchObject({ single: null, best: 'split' }))
test('a fee that eats the saving: one is best, and the split is the same one', () =>
  expect(answerOf(suppliers, { need: { bag: 1 }, suppliers: [{ ...yard, fee: 0 }, pit] })).toMatchObject({
    single: { name: 'Yard', total: 6 },
    split: { total: 6, by: { bag: 'Yard' } },
    best: 'single',
  }))
test('of two as cheap the first listed', () =>
  expect(
    answerOf(suppliers, {
      need: { bag: 2 },
      suppliers: [
        { ...pit, name: 'One' },
        { ...pit, name: 'Two' },
      ],
    }),
  ).toMatchObject({
    single: { name: 'One' },
    split: { by: { bag: 'One' } },
  }))
test.each([
  [{ need: { nail: 1 }, suppliers: [yard] }, ['nobody-has need.nail']],
  [{ need: {}, suppliers: [yard] }, ['too-few need']],
  [{ need, suppliers: [] }, ['too-few suppliers']],
  [{ need: { board: 0 }, suppliers: [yard] }, ['too-small need.board']],
  [{ need, suppliers: [{ ...yard, fee: -1 }] }, ['too-small suppliers.0.fee']],
])('%j is refused', (given, want) => expect(refusalOf(suppliers, given)).toEqual(want))
test('by trying every way to give every item to somebody, none is cheaper', () => {
  const price = fc.option(fc.integer({ min: 0, max: 20 }), { nil: undefined })
  fc.assert(
    fc.property(
      fc.array(fc.record({ fee: fc.integer({ min: 0, max: 30 }), a: price, b: price, c: price }), {
        minLength: 1,
        maxLength: 4,
      }),
      (list) => {
        const items = ['a', 'b', 'c'] as const
        const sellers = list.map(({ fee, ...prices }, i) => ({
          name: `S${i}`,
          fee,
          prices: Object.fromEntries(
            items.flatMap((each) => (prices[each] === undefined ? [] : [[each, prices[each]]])),
          ),
        }))
        const given = { need: { a: 2, b: 1, c: 3 }, suppliers: sellers }
        let least = Infinity
        for (let way = 0; way < sellers.length ** 3; way++) {
          const who = items.map((_, i) => sellers[Math.floor(way / sellers.length ** i) % sellers.length])
          const goods = items.map((each, i) => (who[i].prices[each] ?? Infinity) * given.need[each])
          least = Math.min(
            least,
            goods.reduce((sum, cost) => sum + cost, 0) + [...new Set(who)].reduce((sum, each) => sum + each.fee, 0),
          )
        }
        if (!Number.isFinite(least)) expect(refusalOf(suppliers, given)).toHaveLength(1)
        else expect(answerOf(suppliers, given).split.total).toBeCloseTo(least, 9)
      },
    ),
  )
})
