import { layOutGrid, placePosts } from '../layout'
import { barnJob } from '../testing/barn'
import { braceLines } from './braceLines'

const { building: barn } = barnJob()
const building = { ...barn, bracing: { ...barn.bracing, walls: 'x-boards' as const, baysPerWall: 2 } }
const grid = layOutGrid(building)
if (!grid.ok) throw new Error('barn')
const { posts } = placePosts(building, grid.value)
// A trusted roof gives each end wall half of 4,000 lb, and each eave wall half of 1,000.
const lateral = { relied: 'roof trusted', row: { loadLb: [1000, 2000, 1000] }, alongLb: 1000 } as never
const linesOf = (change: object = {}) =>
  braceLines({ ...building, bracing: { ...building.bracing, ...change } }, grid.value, lateral, posts)

test('a brace of an end wall spans one space of its posts', () => {
  const west = linesOf().find(({ side }) => side === 'west')
  const spaces = posts.filter((post) => post.side === 'west' && post.kind === 'gable').length + 1
  const bayIn = grid.value.widthIn / spaces
  const heightIn = building.heelIn - building.skirt.topIn
  expect(west).toMatchObject({ shearLb: 2000, bays: 2, heightIn })
  expect(west?.bayIn).toBeCloseTo(bayIn, 9)
  // 2,000 lb in two bays, along a line that rises heightIn over bayIn: its pull, and the lift on its post.
  const slope = Math.hypot(bayIn, heightIn)
  expect(west?.lengthIn).toBeCloseTo(slope, 9)
  expect(west?.forceLb).toBeCloseTo((1000 * slope) / bayIn, 6)
  expect(west?.coupleLb).toBeCloseTo((1000 * heightIn) / bayIn, 6)
})
test('a brace of an eave wall spans the narrowest bay; each wall takes half of the wind along', () =>
  expect(linesOf().find(({ side }) => side === 'south')).toMatchObject({
    shearLb: 500,
    bayIn: Math.min(...grid.value.baysIn),
  }))
test.each(['skin', 'none'] as const)('%s: no brace', (walls) => expect(linesOf({ walls })).toEqual([]))

// Names run along their wall: the first two and the last two posts of a wall stand beside its corners.
test.each(['west', 'south'] as const)('the %s wall is braced beside both its corners', (side) => {
  const own = posts.filter((post) => post.side === side && post.kind !== 'lean-to')
  const corners = posts.filter(
    (post) => post.kind === 'corner' && (side === 'west' ? post.line === 1 : post.side === 'south'),
  )
  const along = side === 'west' ? ('y' as const) : ('x' as const)
  const row = [...new Set([...own, ...corners])].sort((one, other) => one[along] - other[along]).map(({ name }) => name)
  const between = linesOf().find((each) => each.side === side)?.between ?? ''
  expect(between).toContain(row.slice(0, 2).join('–'))
  expect(between).toContain(row.slice(-2).join('–'))
})
test('a wall has no more braced bays than spaces between its posts: its shear is shared among those', () => {
  const spaces = posts.filter((post) => post.side === 'west' && post.kind === 'gable').length + 1
  const [west, south] = (['west', 'south'] as const).map((side) =>
    linesOf({ baysPerWall: 10 }).find((line) => line.side === side),
  )
  expect([west?.bays, south?.bays]).toEqual([spaces, grid.value.baysIn.length])
  expect(west?.coupleLb).toBeCloseTo(((2000 / spaces) * (west?.heightIn ?? NaN)) / (west?.bayIn ?? NaN), 6)
})
