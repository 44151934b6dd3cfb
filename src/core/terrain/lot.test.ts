import { lotOf } from './lot'

const corner = (xIn: number, yIn: number, setbackIn: number | null = null) => ({
  id: `c${xIn}-${yIn}`,
  xIn,
  yIn,
  line: '',
  setbackIn,
})
const SQUARE_LOT = [corner(-120, -240, 240), corner(600, -240), corner(600, 480, 300), corner(-120, 480)]
const WALLS = { x0: 0, x1: 360, y0: 0, y1: 240 }
const EAVES = { x0: -12, x1: 372, y0: -12, y1: 252 }

// South 20 ft off, east 20 ft, north 20 ft, west 10 ft; the roof a foot nearer. The lot is 60 ft square.
test('a square lot by hand', () => {
  const lot = lotOf({ corners: SQUARE_LOT, things: [] }, WALLS, EAVES)
  expect(lot?.lines.map(({ wall, eave, holds, lengthIn }) => [wall.lengthIn, eave.lengthIn, holds, lengthIn])).toEqual([
    [240, 228, true, 720],
    [240, 228, null, 720],
    [240, 228, false, 720],
    [120, 108, null, 720],
  ])
  expect(lot?.areaFt2).toBeCloseTo(3600, 9)
  expect(lot?.outside).toBe(false)
})
// 3-4-5: the well lies 180 past the east wall and 240 past the north one.
test('a well off a corner is the long side of a triangle away', () => {
  const things = [{ id: 't', name: 'well', xIn: 540, yIn: 480, clearIn: 301 }]
  expect(lotOf({ corners: SQUARE_LOT, things }, WALLS, EAVES)?.things[0]).toMatchObject({
    wall: { lengthIn: 300, from: [360, 240] },
    holds: false,
  })
})
// A line at 45 degrees through (480, 0) and (0, 480): the corner (360, 240) is 60 + 60 short of it along x, times cos 45.
test('a line that runs aslant is met square', () => {
  const corners = [corner(-900, -900), corner(1380, -900), corner(-900, 1380)]
  const lot = lotOf({ corners, things: [] }, { x0: 0, x1: 120, y0: 0, y1: 120 }, { x0: 0, x1: 120, y0: 0, y1: 120 })
  expect(lot?.lines[1].wall.lengthIn).toBeCloseTo((480 - 240) * Math.SQRT1_2, 9)
})
test('a roof over the line is outside, and its distance is none', () => {
  const corners = [corner(6, -240), corner(600, -240), corner(600, 480), corner(6, 480)]
  const lot = lotOf({ corners, things: [] }, { ...WALLS, x0: 8 }, EAVES)
  expect(lot?.outside).toBe(true)
})
test.each([0, 1, 2])('%i corners are no lot', (count) =>
  expect(lotOf({ corners: SQUARE_LOT.slice(0, count), things: [] }, WALLS, EAVES)).toBeNull(),
)
