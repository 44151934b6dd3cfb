import fc from 'fast-check'
import {
  contourLines,
  contourStepIn,
  earthwork,
  fitWall,
  layAddition,
  lowestNear,
  packLedger,
  surfaceOf,
  type Spot,
} from '.'

const spot = (id: string, xIn: number, yIn: number, heightIn: number): Spot => ({ id, xIn, yIn, heightIn })
/** A square of spots on the plane z = a + bx + cy. */
const plane = ({ a, b, c, n = 4, side = 1200 }: { a: number; b: number; c: number; n?: number; side?: number }) =>
  surfaceOf(
    Array.from({ length: n * n }, (_, k) => {
      const [x, y] = [((k % n) * side) / (n - 1), (Math.floor(k / n) * side) / (n - 1)]
      return spot(`p${k}`, x, y, a + b * x + c * y)
    }),
  )
const box = { x0: 0, y0: 0, x1: 1200, y1: 1200 }

describe('surface between spot heights', () => {
  test('on a plane every place is on the plane, and the slope is its slope (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 20, noNaN: true }),
        fc.double({ min: -0.05, max: 0.05, noNaN: true }),
        fc.double({ min: -0.05, max: 0.05, noNaN: true }),
        fc.double({ min: 0, max: 1200, noNaN: true }),
        fc.double({ min: 0, max: 1200, noNaN: true }),
        (a, b, c, x, y) => {
          const surface = plane({ a, b, c })
          expect(surface?.at(x, y).heightIn).toBeCloseTo(a + b * x + c * y, 6)
          expect(surface?.at(x, y).inside).toBe(true)
          expect(surface?.steepestPer12).toBeCloseTo(Math.hypot(b, c) * 12, 6)
        },
      ),
    )
  })
  test('spots in any order make the same ground at every spot', () => {
    const spots = [
      spot('a', 0, 0, 3),
      spot('b', 100, 0, 5),
      spot('c', 0, 100, -2),
      spot('d', 90, 80, 0),
      spot('e', 40, 50, 7),
    ]
    fc.assert(
      fc.property(fc.shuffledSubarray(spots, { minLength: 5 }), (mixed) => {
        const surface = surfaceOf(mixed)
        for (const spot of spots) expect(surface?.at(spot.xIn, spot.yIn).heightIn).toBeCloseTo(spot.heightIn, 9)
      }),
    )
  })
  test.each<[string, readonly Spot[]]>([
    ['none', []],
    ['two', [spot('a', 0, 0, 1), spot('b', 9, 9, 1)]],
    ['three on a line', [spot('a', 0, 0, 1), spot('b', 9, 9, 1), spot('c', 20, 20, 4)]],
    ['the same place three times', [spot('a', 1, 1, 1), spot('b', 1, 1, 2), spot('c', 1, 1, 3)]],
  ])('%s: no surface', (_, spots) => {
    expect(surfaceOf(spots)).toBeNull()
  })
  test('outside the spots the nearest edge is taken and said', () => {
    const surface = surfaceOf([spot('a', 0, 0, 0), spot('b', 100, 0, 10), spot('c', 0, 100, 0)])
    expect(surface?.at(50, -40)).toEqual({ heightIn: 5, inside: false })
    expect(surface?.at(-30, -30)).toEqual({ heightIn: 0, inside: false })
    expect(surface?.at(200, 0).heightIn).toBeCloseTo(10, 9)
  })
  test('a hollow beside a post is found wherever it lies within reach', () => {
    const spots = [
      spot('a', 0, 0, 0),
      spot('b', 400, 0, 0),
      spot('c', 400, 400, 0),
      spot('d', 0, 400, 0),
      spot('low', 230, 200, -9),
    ]
    const surface = surfaceOf(spots)
    if (!surface) throw new Error('no surface')
    expect(lowestNear(surface, 200, 200, 60)).toBe(-9)
    expect(lowestNear(surface, 200, 200, 20)).toBeGreaterThan(-9)
    expect(lowestNear(surface, 200, 200, 20)).toBeLessThan(surface.at(200, 200).heightIn)
  })
})

describe('earthwork: closed forms on planes', () => {
  test.each<[string, number, number, number, number, number]>([
    ['six inches too high everywhere: 100 × 100 ft × 0.5 ft', 6, 0, 0, 5000, 0],
    ['three inches too low', -3, 0, 0, 0, 2500],
    // A plane through the middle, ±5 in. at the ends: each half a wedge of 1/2 · 50 ft · 5/12 ft · 100 ft.
    ['falling ten inches across, level in the middle', -5, 10 / 1200, 0, 1041.6667, 1041.6667],
  ])('%s', (_, a, b, c, cut, fill) => {
    const surface = plane({ a, b, c })
    const w = surface && earthwork(surface, box, 0)
    expect(w?.cutFt3).toBeCloseTo(cut, 1)
    expect(w?.fillFt3).toBeCloseTo(fill, 1)
    expect(w?.guessed).toBe(0)
  })
  test('raising the pad by an inch moves one inch of earth from cut to fill (property)', () => {
    const surface = plane({ a: 2, b: 0.004, c: -0.003 })
    if (!surface) throw new Error('no surface')
    fc.assert(
      fc.property(fc.double({ min: -10, max: 10, noNaN: true }), (pad) => {
        const [p, q] = [earthwork(surface, box, pad), earthwork(surface, box, pad + 1)]
        expect(p.cutFt3 - p.fillFt3 - (q.cutFt3 - q.fillFt3)).toBeCloseTo(10000 / 12, 4)
      }),
    )
  })
  test('what lies outside the spots is told', () => {
    const surface = plane({ a: 0, b: 0, c: 0, n: 4, side: 600 })
    expect(surface && earthwork(surface, box, 0).guessed).toBeCloseTo(0.75, 1)
  })
})

describe('contours', () => {
  test.each([
    [0.5, 1],
    [12, 1],
    [13, 2],
    [30, 3],
    [100, 12],
    [2000, 96],
  ])('a range of %f in. steps by %f', (range, step) => {
    expect(contourStepIn(range)).toBe(step)
  })
  test('on a plane falling to the east every contour is a straight north-south line at its own place', () => {
    const surface = plane({ a: 0, b: -12 / 1200, c: 0 })
    const lines = surface ? contourLines(surface, box, 3) : []
    expect(lines.map((line) => line.heightIn).filter((h) => h < -0.5)).toEqual([-9, -6, -3])
    for (const line of lines.filter((line) => line.heightIn < -0.5)) {
      expect(line.runs.length).toBe(1)
      for (const [x] of line.runs[0]) expect(Math.abs(x - -line.heightIn * 100)).toBeLessThan(11)
    }
  })
  test('level ground has none', () => {
    const surface = plane({ a: 4, b: 0, c: 0 })
    expect(surface && contourLines(surface, box, 1).flatMap((line) => line.runs)).toEqual([])
  })
})

describe('an old wall', () => {
  test('least squares by hand: offsets 0, 1, 1, 2 at 0, 10, 20, 30', () => {
    // Sxx = 500, Sxy = 30: b = 0.06, a = 1 - 0.06 · 15 = 0.1; strays -0.1, 0.3, -0.3, 0.1.
    const wallLine = fitWall([0, 1, 1, 2].map((offIn, i) => ({ atIn: i * 10, offIn })))
    expect(wallLine?.perIn).toBeCloseTo(0.06, 12)
    expect(wallLine?.atZeroIn).toBeCloseTo(0.1, 12)
    expect(wallLine?.worstIn).toBeCloseTo(0.3, 12)
    expect(wallLine?.touchIn).toBeCloseTo(-0.2, 12)
  })
  test('packing is never negative, is nought where the wall is proudest, and the row runs straight (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -32, max: 32 }), { minLength: 2, maxLength: 12 }), (v) => {
        const offsets = v.map((n, i) => ({ atIn: i * 96, offIn: n / 16 }))
        const p = packLedger(
          offsets,
          offsets.map((offset) => offset.atIn),
          120,
        )
        if (!p) throw new Error('no line')
        expect(Math.min(...p.list.map((packing) => packing.packIn))).toBeCloseTo(0, 6)
        const square = Math.cos(Math.atan(p.line.perIn))
        // Wall offset less the tape to the row lies on one straight line.
        const row = p.list.map((packing, i) => offsets[i].offIn - packing.fromWallIn / square)
        row.forEach((r, i) => expect(r).toBeCloseTo(row[0] + p.line.perIn * offsets[i].atIn, 6))
      }),
    )
  })
  test.each<[string, { atIn: number; offIn: number }[]]>([
    ['none', []],
    ['one', [{ atIn: 0, offIn: 1 }]],
    [
      'two at one place',
      [
        { atIn: 5, offIn: 1 },
        { atIn: 5, offIn: 2 },
      ],
    ],
  ])('%s: no line', (_, o) => {
    expect(fitWall(o)).toBeNull()
    expect(packLedger(o, [0], 10)).toBeNull()
  })
  describe('what is built on to it', () => {
    const work = {
      linesIn: [0, 108, 216],
      rows: [
        { row: 'A', yIn: 0 },
        { row: 'B', yIn: 120 },
        { row: 'C', yIn: 240 },
      ],
      lengthIn: 320,
      leanDepthIn: 96,
    }
    const addition = { kind: 'lean-to' as const, end: 'west' as const, clearIn: 1, lengthIn: 180, depthIn: 72, bays: 3 }
    const hollow = [
      { atIn: 0, offIn: 0 },
      { atIn: 120, offIn: 1 },
      { atIn: 240, offIn: 0 },
    ]
    test.each<['lean-to' | 'porch' | 'wing', (readonly [string, number])[], number, number]>([
      [
        'lean-to',
        [
          ['1', 0],
          ['2', 108],
          ['3', 216],
        ],
        96,
        Math.hypot(216, 96),
      ],
      [
        'porch',
        [
          ['1', 0],
          ['2', 60],
          ['3', 120],
          ['4', 180],
        ],
        72,
        Math.hypot(180, 72),
      ],
      [
        'wing',
        [
          ['A', 0],
          ['B', 120],
          ['C', 240],
        ],
        1,
        400,
      ],
    ])('%s: its own stations, its own line, and the diagonal that shows it square', (kind, stations, off, diagonal) => {
      const additionPlan = layAddition({ addition: { ...addition, kind }, oldWall: hollow }, work)
      expect(additionPlan?.list.map((station) => [station.name, station.atIn])).toEqual(stations)
      expect([additionPlan?.offIn, additionPlan?.turnIn10Ft]).toEqual([off, 0])
      expect(additionPlan?.diagonalIn).toBeCloseTo(diagonal, 9)
      // The wall is proudest at its ends: nothing is packed there, and the tape from it is the depth or gap alone.
      expect(additionPlan?.list[0].packIn).toBeCloseTo(0, 9)
      expect(additionPlan?.list[0].fromWallIn).toBeCloseTo(off, 9)
    })
    test('a wing’s rows square to a wall that turns 1 in 100 are as long along it as they are apart', () => {
      const additionPlan = layAddition(
        {
          addition: { ...addition, kind: 'wing' },
          oldWall: [
            { atIn: 0, offIn: 0 },
            { atIn: 200, offIn: 2 },
          ],
        },
        work,
      )
      expect(additionPlan?.turnIn10Ft).toBeCloseTo(1.2, 9)
      expect(additionPlan?.alongIn).toBeCloseTo(240 * Math.hypot(1, 0.01), 9)
      for (const station of additionPlan?.list ?? []) expect(station.packIn).toBeCloseTo(0, 9)
    })
    test('without a line there is no plan', () => {
      expect(layAddition({ addition, oldWall: [{ atIn: 0, offIn: 1 }] }, work)).toBeNull()
    })
  })
  test('between and past the offsets the wall goes on as measured', () => {
    const p = packLedger(
      [
        { atIn: 0, offIn: 0 },
        { atIn: 100, offIn: 0 },
        { atIn: 50, offIn: 1 },
      ],
      [25, 75, 200],
      96,
    )
    expect(p?.list.map((packing) => packing.packIn - p.list[0].packIn)).toEqual([0, 0, -0.5])
  })
})

test('contours of a part of the ground are those of the whole, inside it', () => {
  const surface = plane({ a: 0, b: -0.01, c: 0 })
  if (!surface) throw new Error('no surface')
  const part = { x0: 600, y0: 300, x1: 1200, y1: 900 }
  const lines = contourLines(surface, part, 3).filter((line) => Math.abs(line.heightIn + 9) < 2)
  expect(lines.map((line) => line.heightIn)).toEqual([-9])
  for (const [x, y] of lines[0].runs[0]) {
    expect(Math.abs(x - 900)).toBeLessThan(11)
    expect([y >= part.y0 - 11, y <= part.y1 + 11]).toEqual([true, true])
  }
  const ys = lines[0].runs[0].map(([, y]) => y)
  expect(Math.max(...ys) - Math.min(...ys)).toBeGreaterThan(570)
})

test('before its first offset and past its last a wall goes on by its best line; between two it runs straight', () => {
  const offsets = [0, 1, 1, 2].map((offIn, i) => ({ atIn: i * 10, offIn }))
  const packed = packLedger(offsets, [-10, 0, 5, 30, 40], 100)
  if (!packed) throw new Error('no line')
  // The best line is 0.1 + 0.06·x; the wall at each place: −0.6, 0, 0.5, 2, 2.6. Its proudest place off that line is x = 20.
  const off = [-10, 0, 5, 30, 40].map((atIn, i) => [-0.6, 0, 0.5, 2, 2.6][i] - 0.06 * atIn)
  const packs = packed.list.map(({ packIn }) => packIn)
  packs.slice(1).forEach((packIn, i) => expect(packIn - packs[0]).toBeCloseTo(off[i + 1] - off[0], 2))
})
