import { concreteOrder, looseSpoilFt3, type ConcreteSettings } from '.'

const mixer: ConcreteSettings = { by: 'mixer', bagLb: 80, mixerFt3: 3.5, plantMinYd3: 1, spareEvery: 6 }
/** Hand example: hole 24 in. × 5 ft with pad 8 and collar 12 takes 5.064 ft³; eighteen of them. */
const NET = 5.064 * 18

describe(
  'concrete by the way it is mixed (yields 0.30 0.375 0.45 0.60 ft³ a bag, 10 % over-dig, rounded up once on the ' +
    'total)',
  () => {
    test.each<[string, Partial<ConcreteSettings>, number, number, number, number]>([
      ['80 lb in a mixer', {}, 168, 3, 5, 34],
      ['60 lb', { bagLb: 60 }, 223, 3, 7, 32],
      ['50 lb', { bagLb: 50 }, 268, 3, 9, 30],
      ['40 lb', { bagLb: 40 }, 335, 3, 11, 31],
      ['80 lb in a tub', { by: 'hand' }, 168, 3, 2, 84],
      ['40 lb in a tub', { by: 'hand', bagLb: 40 }, 335, 3, 4, 84],
      ['no spares', { spareEvery: 0 }, 168, 0, 5, 34],
      ['a spare a hole', { spareEvery: 1 }, 168, 18, 5, 34],
      ['a spare for twenty', { spareEvery: 20 }, 168, 1, 5, 34],
      ['a mixer of one bag', { mixerFt3: 0.6 }, 168, 3, 1, 168],
      ['a mixer too small', { mixerFt3: 0.5 }, 168, 3, 0, 0],
    ])('%s: %#', (_, change, bags, spare, each, loads) => {
      const order = concreteOrder(NET, 18, { ...mixer, ...change })
      expect([order.bags, order.spareBags, order.bagsALoad, order.loads]).toEqual([bags, spare, each, loads])
      expect(order.bagsInAll).toBe(bags + spare)
      expect(order.bagsWeighLb).toBe((bags + spare) * (change.bagLb ?? 80))
      if (each === 0) expect(order.say[0]).toMatch(/smaller bags or a larger mixer/)
    })
    test.each<[number, number, number, boolean]>([
      [NET, 1, 3.75, false],
      [NET, 4, 3.75, true],
      [27 / 1.1, 1, 1, false],
      [0.1, 1, 0.25, true],
      [0, 1, 0, false],
    ])('a truck for %f ft³ with a smallest load of %f: %f yd³', (net, least, yd, under) => {
      const order = concreteOrder(net, 18, { ...mixer, by: 'truck', plantMinYd3: least })
      expect([order.truckYd3, order.underMinimum, order.bags, order.loads, order.spareBags]).toEqual([
        yd,
        under,
        0,
        0,
        0,
      ])
      expect(order.say.some((text) => text.includes('short-load'))).toBe(under)
    })
    test('volume with over-dig: 5.571 ft³ a hole, 3.714 yd³ in all', () => {
      expect(concreteOrder(5.064, 1, mixer).withWasteFt3).toBeCloseTo(5.5704, 4)
      expect(concreteOrder(NET, 18, mixer).yd3).toBeCloseTo(3.714, 3)
    })
    test('nothing to pour orders nothing; dry-set is refused in words every time', () => {
      expect(concreteOrder(0, 0, mixer)).toMatchObject({ bags: 0, spareBags: 0, loads: 0, bagsInAll: 0 })
      for (const by of ['mixer', 'truck', 'hand'] as const)
        expect(concreteOrder(NET, 18, { ...mixer, by }).say.join(' ')).toMatch(/set dry .*no pad, collar or pier/)
    })
    test.each([
      [100, 60, 50],
      [100, 100, 0],
      [50, 60, 0],
    ])('%i ft³ augered, %i put back: %f ft³ loose over', (hole, back, loose) => {
      expect(looseSpoilFt3(hole, back)).toBe(loose)
    })
  },
)

test.each([
  [{}, 0],
  [{ mixerFt3: 0.5 }, 1],
  [{ by: 'truck' as const }, 0],
])('a bag that is more than a load is said, and only then: %j', (change, count) => {
  const { say } = concreteOrder(NET, 18, { ...mixer, ...change })
  expect(say.filter((words) => words.includes('more than a load'))).toHaveLength(count)
})
