import fc from 'fast-check'
import {
  clearPlace,
  isEave,
  layOutGrid,
  moveOpening,
  movePost,
  openingPlaces,
  placeOpening,
  placePosts,
  rowPlaces,
  tributariesIn,
  trussPlan,
  wallLengthIn,
} from '.'
import { SIDES, type Building } from '../model'
import { barnJob, opening } from '../testing/barn'

// Moving what stands, and what each post and truss takes of the walls and the roof: sums that must close whatever is
// moved.
const lay = (building: Building) => {
  const result = layOutGrid(building)
  if (!result.ok) throw new Error(result.issues[0].code)
  return { grid: result.value, layout: placePosts(building, result.value) }
}
const barn = (change: Partial<Building> = {}) => barnJob(change).building
const sixteenth = (lo: number, hi: number) => fc.integer({ min: lo * 16, max: hi * 16 }).map((n) => n / 16)
const corners = { south: ['SW', 'SE'], north: ['NW', 'NE'], west: ['SW', 'NW'], east: ['SE', 'NE'] } as const

describe('moving an opening', () => {
  const { grid } = lay(barn())
  test('from either corner of any wall the place asked for is the place it takes, and it keeps its corner (property)', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SIDES), fc.boolean(), sixteenth(20, 300), (side, far, fromIn) => {
        const ownOpening = opening({ id: 'a', side, corner: corners[side][far ? 1 : 0], positionIn: 40 })
        const [moved] = moveOpening(barn({ openings: [ownOpening] }), grid, 'a', fromIn).openings
        expect(placeOpening(moved, grid).fromIn).toBeCloseTo(fromIn, 9)
        expect([moved.corner, moved.widthIn]).toEqual([ownOpening.corner, ownOpening.widthIn])
      }),
    )
  })
  test('others stay, and one that is not there moves nothing', () => {
    const building = barn({ openings: [opening({ id: 'a', positionIn: 20 }), opening({ id: 'b', positionIn: 300 })] })
    expect(moveOpening(building, grid, 'a', 100).openings[1]).toBe(building.openings[1])
    expect(moveOpening(building, grid, 'zz', 100)).toEqual(building)
  })
  test.each(SIDES)('places to snap to on the %s wall lie within it, the middle among them', (side) => {
    const ownOpening = opening({ side, corner: corners[side][0], widthIn: 48 })
    const wall = wallLengthIn(grid, side)
    const places = openingPlaces(grid, ownOpening, 4.5)
    for (const place of places) {
      expect(place.atIn).toBeGreaterThanOrEqual(0)
      expect(place.atIn + 48).toBeLessThanOrEqual(wall)
    }
    expect(places.find((place) => place.name === 'middle of the wall')?.atIn).toBe((wall - 48) / 2)
  })
  test('a clear place is clear of what is there; a full wall has none', () => {
    const ok = (building: Building) => placePosts(building, grid).issues.length === 0
    const otherBarn = barn({ openings: [opening({ id: 'a', positionIn: 12, widthIn: 70 })] })
    const place = clearPlace(otherBarn, grid, opening({ id: 'b', widthIn: 60 }), ok)
    expect(place && placeOpening(place, grid).fromIn).toBeGreaterThan(82)
    expect(clearPlace(otherBarn, grid, opening({ id: 'b', widthIn: 700 }), ok)).toBeNull()
  })
})

describe('moving a post', () => {
  test(
    'an eave line takes its neighbors’ bays, their sum stays; a gable post goes alone; others do not move ' +
      '(property)',
    () => {
      const building = barn()
      const { grid, layout } = lay(building)
      fc.assert(
        fc.property(fc.constantFrom(...layout.posts), sixteenth(-24, 24), (post, by) => {
          const moved = movePost(building, grid, post, by)
          const own = post.kind === 'eave' || post.kind === 'gable'
          expect(moved !== null).toBe(own)
          if (!moved) return
          const after = lay(moved).layout.posts
          const changed = after
            .filter(
              (post) => Math.abs(post.atIn - (layout.posts.find((other) => other.id === post.id)?.atIn ?? NaN)) > 1e-6,
            )
            .map((post) => post.id)
          const together = () => {
            if (by === 0) return []
            if (post.kind === 'gable') return [post.id]
            return layout.posts
              .filter((other) => other.line === post.line && isEave(other.side))
              .map((post) => post.id)
              .sort()
          }
          expect(changed.sort()).toEqual(together())
          expect(after.find((other) => other.id === post.id)?.atIn).toBeCloseTo(post.atIn + by, 6)
        }),
        { numRuns: 60 },
      )
    },
  )
})

describe('what each takes', () => {
  const shapes: [string, Partial<Building>][] = [
    ['plain', {}],
    ['with a sliding door', { openings: [opening({ kind: 'slider', positionIn: 330, widthIn: 144 })] }],
    ['with a bridged post', { bridged: ['A4'] }],
    [
      'with an overhead door in the gable',
      {
        openings: [
          opening({ kind: 'overhead', side: 'east', corner: 'SE', positionIn: 150, widthIn: 144, heightIn: 120 }),
        ],
      },
    ],
  ]
  test.each(shapes)('%s: the widths of wall that posts hold add up to the wall', (_, change) => {
    const { layout, grid } = lay(barn(change))
    for (const side of SIDES) {
      expect([...tributariesIn(layout.posts, side, grid).values()].reduce((sum, value) => sum + value, 0)).toBeCloseTo(
        wallLengthIn(grid, side),
        6,
      )
    }
  })
  test.each(
    shapes.flatMap(
      ([n, partial]) =>
        [
          ['posts', n, partial],
          ['carriers', n, partial],
        ] as const,
    ),
  )('trusses on %s, %s: they carry the whole roof, and each rests whole', (set, _, change) => {
    const building = barn({ ...change, roof: { ...barn().roof, truss: { ...barn().roof.truss, set, spaceIn: 48 } } })
    const { grid, layout } = lay(building)
    const plan = trussPlan(building, grid, layout)
    expect(plan.trusses.reduce((sum, truss) => sum + truss.tributaryIn, 0)).toBeCloseTo(
      grid.lengthIn + 2 * building.gableOverhangIn,
      6,
    )
    for (const side of ['south', 'north'] as const) {
      expect(plan.rests[side]).toHaveLength(plan.trusses.length)
      for (const rest of plan.rests[side]) {
        expect(rest.share[0] + rest.share[1]).toBeCloseTo(1, 12)
        // The lever rule: the truss's place is the mean of the posts' places by their shares.
        if (rest.between)
          expect(rest.between[0].x * rest.share[0] + rest.between[1].x * rest.share[1]).toBeCloseTo(rest.truss.xIn, 6)
      }
      const carried = plan.beams.filter((beam) => beam.side === side).flatMap((beam) => beam.trusses)
      expect(carried).toHaveLength(plan.rests[side].filter((rest) => rest.between).length)
    }
    const left = new Set(layout.omitted.map((omitted) => omitted.side).filter(isEave))
    expect(new Set(plan.beams.filter((beam) => beam.kind === 'header').map((beam) => beam.side))).toEqual(left)
  })
  test('rows across: letters in order, outer rows on their strings', () => {
    const building = barn({
      leanTos: [
        {
          side: 'north',
          depthIn: 120,
          pitchPer12: 2,
          dropIn: 12,
          rafter: { plies: 2, size: '2x8', lumber: 'SP-No.1', spaceIn: null },
          ledger: { plies: 1, size: '2x10', lumber: 'SP-No.1' },
          beam: { plies: 2, size: '2x10', lumber: 'SP-No.1' },
          seatIn: 3.5,
        },
      ],
    })
    const { grid, layout } = lay(building)
    const rows = rowPlaces(layout.posts, grid.widthIn, () => 120)
    const letters = rows.map((row) => layout.rows[row.row])
    expect(letters).toEqual([...letters].sort())
    expect([rows[0], rows.at(-2), rows.at(-1)].map((r) => r?.yIn)).toEqual([0, 480, 600])
  })
})
