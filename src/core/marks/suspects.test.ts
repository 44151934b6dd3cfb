import fc from 'fast-check'
import { isUpsideDown, meantFor } from './confusions'
import { planeThrough, spreadOf } from './robust'
import { suspectsOf, type ReadSite } from './suspects'

const row = (letter: string, count: number) => Array.from({ length: count }, (_, i) => `${letter}${i + 1}`)
const rows = [row('A', 8), row('B', 8)]
const neighbors = Object.fromEntries(
  rows.flatMap((ids) => ids.map((id, i) => [id, [ids[i - 1], ids[i + 1]].filter((other) => other !== undefined)])),
)
/** Brackets all alike, and stakes on ground that falls 2 in. from post to post. */
const brackets: ReadSite = { neighbors, rows, plannedUpIn: Object.fromEntries(rows.flat().map((id) => [id, -6])) }
const fall = (id: string) => 2 * Number(id.slice(1))
const slope: ReadSite = { neighbors, rows, plannedUpIn: Object.fromEntries(rows.flat().map((id) => [id, fall(id)])) }
const kindsOf = (readings: Record<string, number>, site: ReadSite, sure?: readonly string[]) =>
  Object.fromEntries(
    Object.entries(suspectsOf(readings, site, sure ? { sure: new Set(sure) } : {})).map(([id, { kind }]) => [id, kind]),
  )
const level = Object.fromEntries(rows.flat().map((id, i) => [id, 52.375 + ((i % 3) - 1) / 16]))
const sloped = Object.fromEntries(rows.flat().map((id, i) => [id, 40 + fall(id) + ((i % 3) - 1) / 16]))

describe('what a number may have been meant as', () => {
  test.each([
    [52.375, 'three-five-eighths', 52.625],
    [52.625, 'three-five-eighths', 52.375],
    [52.25, 'two-five', 55.25],
    [52.25, 'two-five', 22.25],
    [58, 'five-eight', 55],
    [58, 'five-eight', 88],
    [41.5, 'one-seven', 47.5],
    [52.4375, 'tenths', 52.7],
  ])('%f may be %s: %f', (readingIn, confusion, inches) =>
    expect(meantFor(readingIn)).toContainEqual({ confusion, inches: expect.closeTo(inches, 9) as number }),
  )
  test.each([
    [40, []],
    [43, []],
    [60.9375, []],
  ])('%f is taken for nothing else', (readingIn, none) => expect(meantFor(readingIn)).toEqual(none))
  test.each([
    [44, 52, true],
    [44, 52.2, false],
    [20, 40, false],
    [68, 76, true],
  ])('%f where %f is expected: upside down %p', (reading, expected, is) =>
    expect(isUpsideDown(reading, expected, 1 / 8)).toBe(is),
  )
})

describe('spread and plane', () => {
  test('1.4826 times the median distance from the median: of 1 to 9 it is 2 × 1.4826', () =>
    expect(spreadOf([1, 2, 3, 4, 5, 6, 7, 8, 9])).toBeCloseTo(2 * 1.4826, 9))
  test('it is what sorting every distance gives, or the deviation of the tame where that is larger (property)', () => {
    const middle = (list: readonly number[]) => {
      const sorted = [...list].sort((one, other) => one - other)
      const at = (sorted.length - 1) / 2
      return (sorted[Math.floor(at)] + sorted[Math.ceil(at)]) / 2
    }
    fc.assert(
      fc.property(fc.array(fc.double({ min: -50, max: 50, noNaN: true }), { minLength: 1, maxLength: 12 }), (list) => {
        const off = list.map((value) => value - middle(list))
        let spread = 1.4826 * middle(off.map(Math.abs))
        for (const _ of [1, 2]) {
          const tame = off.filter((value) => Math.abs(value) <= 3 * spread)
          const squares = tame.reduce((sum, value) => sum + value ** 2, 0)
          if (tame.length > 1) spread = Math.max(spread, Math.sqrt(squares / (tame.length - 1)) / 0.9867)
        }
        expect(spreadOf(list)).toBeCloseTo(spread, 6)
      }),
    )
  })
  test('a few wild values do not move it (property)', () => {
    const tame = Array.from({ length: 21 }, (_, i) => (i - 10) / 10)
    fc.assert(
      fc.property(fc.double({ min: 40, max: 1e4, noNaN: true }), (wild) => {
        expect(spreadOf([...tame, wild, -wild])).toBeLessThan(1.25 * spreadOf(tame))
      }),
    )
  })
  test('a plane goes through its points whatever one of them does (property)', () => {
    const slope = fc.double({ min: -0.1, max: 0.1, noNaN: true })
    fc.assert(
      fc.property(slope, slope, fc.double({ min: 5, max: 50, noNaN: true }), (a, b, wild) => {
        const points = [0, 100, 200, 300].flatMap((x) =>
          [0, 150, 300].map((y) => ({ x, y, z: a * x + b * y + (x === 100 && y === 150 ? wild : 0) })),
        )
        expect(planeThrough(points)({ x: 250, y: 40 })).toBeCloseTo(a * 250 + b * 40, 0)
      }),
    )
  })
  test('points in one line have a plane that is level across', () => {
    const line = [0, 1, 2, 3, 4].map((k) => ({ x: 100 * k, y: 0, z: 2 * k }))
    expect(planeThrough(line)({ x: 250, y: 900 })).toBeCloseTo(5, 2)
  })
})

describe('readings that do not agree', () => {
  test('good ones are let be, on level brackets and on a slope', () => {
    expect(suspectsOf(level, brackets)).toEqual({})
    expect(suspectsOf(sloped, slope)).toEqual({})
  })
  test('over 2.5 spreads is suspect, and what it is off is said', () => {
    expect(suspectsOf({ ...level, A4: 53.5 }, brackets).A4).toMatchObject({
      kind: 'off',
      readingIn: 53.5,
      offIn: 1.125,
      against: 'plan',
      spreadIn: 1 / 8,
    })
    expect(suspectsOf({ ...level, A4: 52.375 + 5 / 16 }, brackets)).toEqual({})
  })
  test('off by just what a confusion makes is suspect over 1.5 spreads, and named', () => {
    // 5/8 where 3/8 stood is a quarter inch: two spreads. So is 52 1/8, which is no confusion.
    expect(suspectsOf({ ...level, A4: 52.625 }, brackets).A4).toMatchObject({
      confusion: 'three-five-eighths',
      meantIn: 52.375,
    })
    expect(suspectsOf({ ...level, A4: 52.125 }, brackets)).toEqual({})
  })
  // From a laser 3 1/4 in. higher 55 5/8 stood where the first one has 52 3/8.
  test('a number is mistaken on the rod as it was read, whichever laser that was', () => {
    const setUps = { A4: 'second' }
    const movedIn = { A4: -3.25 }
    expect(suspectsOf({ ...level, A4: 55.375 - 3.25 }, brackets, { setUps, movedIn }).A4).toMatchObject({
      confusion: 'three-five-eighths',
      readingIn: 52.125,
      rodIn: 55.375,
      meantIn: 55.625,
    })
    // 55 7/8 is no confusion there, though the same place reads 52 5/8 from the first.
    expect(suspectsOf({ ...level, A4: 55.875 - 3.25 }, brackets, { setUps, movedIn })).toEqual({})
  })
  test('the height of the laser changes nothing of what is doubted, nor of what is said of it', () => {
    const rods = (suspects: ReturnType<typeof suspectsOf>) =>
      Object.entries(suspects).map(([id, each]) => [id, each.kind, each.rodIn, 'meantIn' in each ? each.meantIn : null])
    fc.assert(
      fc.property(
        fc.constantFrom(...rows.flat()),
        fc.integer({ min: -64, max: 64 }),
        fc.integer({ min: -320, max: 320 }),
        (id, wrong, higher) => {
          const read = { ...level, [id]: (level[id] ?? 0) + wrong / 16 }
          const byIn = higher / 16
          const moved = Object.fromEntries(Object.entries(read).map(([each, inches]) => [each, inches - byIn]))
          const movedIn = Object.fromEntries(Object.keys(read).map((each) => [each, -byIn]))
          expect(rods(suspectsOf(moved, brackets, { movedIn }))).toEqual(rods(suspectsOf(read, brackets)))
        },
      ),
    )
  })
  test.each([
    [55.375, 'two-five'],
    [43.625, 'upside-down'],
  ])('%f where 52 3/8 stood is named: %s', (readingIn, confusion) =>
    expect(suspectsOf({ ...level, B3: readingIn }, brackets).B3).toMatchObject({ confusion }),
  )
  test('several wild ones are all found: the worst does not hide the others', () => {
    const wild = { ...level, A2: 57.375, A5: 49, B7: 60 }
    expect(Object.keys(suspectsOf(wild, brackets)).sort()).toEqual(['A2', 'A5', 'B7'])
  })
  test('the rod next door, two exchanged, a row shifted, a row from its other end', () => {
    expect(kindsOf({ ...sloped, A4: sloped.A5 }, slope)).toEqual({ A4: 'next-door' })
    expect(kindsOf({ ...sloped, A4: sloped.A5, A5: sloped.A4 }, slope)).toEqual({ A4: 'swapped', A5: 'swapped' })
    const late = Object.fromEntries(rows[0].map((id, i) => [id, sloped[rows[0][i + 1] ?? ''] ?? 58]))
    expect(new Set(Object.values(kindsOf({ ...sloped, ...late }, slope)))).toEqual(new Set(['shifted']))
    const mirrored = Object.fromEntries(rows[0].map((id, i) => [id, sloped[rows[0][7 - i] ?? ''] ?? 0]))
    const doubts = kindsOf({ ...sloped, ...mirrored }, slope)
    expect(rows[0].every((id) => doubts[id] === 'mirror')).toBe(true)
    expect(rows[1].some((id) => id in doubts)).toBe(false)
  })
  test('what was read twice, or kept by a lead, is not doubted; a row with two of them is in order', () => {
    expect(kindsOf({ ...level, A4: 53.5 }, brackets, ['A4'])).toEqual({})
    const late = Object.fromEntries(rows[0].map((id, i) => [id, sloped[rows[0][i + 1] ?? ''] ?? 58]))
    // Then it is the other row that is out of order.
    expect(Object.keys(kindsOf({ ...sloped, ...late }, slope, ['A1', 'A8']))).toEqual(rows[1])
  })
  test('each set-up has a spread of its own', () => {
    // One laser reads lumpy stakes, the other smooth brackets: 3/4 off is nothing there and suspect here.
    const lumpy = Object.fromEntries(rows[0].map((id, i) => [id, 52 + ([-1, 0.6, 0.2, -0.4, 1, -0.8, 0.5, 0][i] ?? 0)]))
    const smooth = Object.fromEntries(rows[1].map((id) => [id, 52]))
    const setUps = Object.fromEntries(rows.flat().map((id) => [id, id.charAt(0)]))
    const readings = { ...lumpy, ...smooth, B4: 52.75 }
    expect(Object.keys(suspectsOf(readings, brackets, { setUps }))).toEqual(['B4'])
  })
  // Eight of the other set-up lie off by so much to either side, seven of this one not at all: the middle of the fifteen
  // is off by that, so all spread by 1.4826 of it, times 15/14 for the one height that was fitted.
  test.each([
    ['0.2: all spread by 0.318, not three times the 1/8 of this set-up', 0.2, []],
    ['0.3: all spread by 0.477, and the set-up keeps to its own', 0.3, ['B4']],
  ])(
    'a set-up that happens to lie smooth takes the spread of all, up to three times its own (%s)',
    (_, lumpIn, doubted) => {
      const lumps = Object.fromEntries(rows[0].map((id, i) => [id, 52 + (i % 2 ? lumpIn : -lumpIn)]))
      const smooth = Object.fromEntries(rows[1].map((id) => [id, 52]))
      const setUps = Object.fromEntries(rows.flat().map((id) => [id, id.charAt(0)]))
      const readings = { ...lumps, ...smooth, B4: 52.4 }
      expect(Object.keys(suspectsOf(readings, brackets, { setUps }))).toEqual(doubted)
    },
  )
  test('the laser standing higher or lower changes no judgment (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: -400, max: 400 }), (n) => {
        const moved = Object.fromEntries(
          Object.entries({ ...level, A4: 50 }).map(([id, value]) => [id, value + n / 16]),
        )
        expect(Object.keys(suspectsOf(moved, brackets))).toEqual(['A4'])
      }),
    )
  })
})
