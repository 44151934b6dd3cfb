import fc from 'fast-check'
import { clippedTo, type Flat, hullOf, insideOf, nearestOn, outerEdges, turnOf } from './flat'

const SQUARE: readonly Flat[] = [
  [0, 0],
  [4, 0],
  [4, 4],
  [0, 4],
]
const moved = (points: readonly Flat[], right: number, up: number): readonly Flat[] =>
  points.map(([x, y]): Flat => [x + right, y + up])
const lengthOf = (edges: ReturnType<typeof outerEdges>): number =>
  edges.reduce((sum, [a, b]) => sum + Math.hypot(b[0] - a[0], b[1] - a[1]), 0)

const flats = fc.array(fc.tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: -50, max: 50 })), {
  minLength: 3,
  maxLength: 20,
})

test('a hull goes round counterclockwise, holds every point, and is its own hull', () =>
  fc.assert(
    fc.property(flats, (points) => {
      const hull = hullOf(points)
      if (hull.length < 3) return
      expect(turnOf(hull)).toBeGreaterThan(0)
      expect(hullOf(hull)).toEqual(hull)
      for (const [x, y] of points)
        hull.forEach(([ax, ay], i) => {
          const [bx, by] = hull[(i + 1) % hull.length]
          expect((bx - ax) * (y - ay) - (by - ay) * (x - ax)).toBeGreaterThanOrEqual(0)
        })
    }),
  ))

test('two parts of a polygon on both sides of a place are all of it', () =>
  fc.assert(
    fc.property(flats, fc.integer({ min: -40, max: 40 }), (points, at) => {
      const hull = hullOf(points)
      if (hull.length < 3) return
      for (const axis of [0, 1] as const) {
        const [before, beyond] = [clippedTo(hull, axis, -1e4, at), clippedTo(hull, axis, at, 1e4)]
        expect(turnOf(before) + turnOf(beyond)).toBeCloseTo(turnOf(hull), 6)
      }
    }),
  ))

test.each<[string, readonly (readonly Flat[])[], number]>([
  ['one piece', [SQUARE], 16],
  ['two beside each other are one body', [SQUARE, moved(SQUARE, 4, 0)], 24],
  ['one higher than the other', [SQUARE, moved(SQUARE, 4, 2)], 28],
  ['two apart', [SQUARE, moved(SQUARE, 9, 0)], 32],
  ['one behind the other hides nothing', [SQUARE, SQUARE], 32],
])('outer edges: %s', (_, pieces, long) => expect(lengthOf(outerEdges(pieces))).toBeCloseTo(long, 6))

test.each<[Flat, Flat]>([
  [
    [2, 3],
    [2, 0],
  ],
  [
    [-3, 4],
    [0, 0],
  ],
  [
    [9, 1],
    [4, 0],
  ],
])('nearest to %j on the lower edge of the square is %j', (at, nearest) =>
  expect(nearestOn([SQUARE[0], SQUARE[1]], at)).toEqual(nearest),
)

test.each<[Flat, boolean]>([
  [[2, 2], true],
  [[5, 2], false],
  [[-1, 4.5], false],
  [[3.9, 0.1], true],
])('%j inside the square: %s', (at, inside) => expect(insideOf(SQUARE, at)).toBe(inside))
