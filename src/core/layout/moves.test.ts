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
  wallPosts,
} from '.'
import { SIDES, type Building } from '../model'
import { barnJob, opening } from '../testing/barn'

// Moving what stands, and what each post and truss takes of the walls and the roof: sums that must close whatever is moved.
const lay = (b: Building) => {
  const g = layOutGrid(b)
  if (!g.ok) throw new Error(g.issues[0].code)
  return { grid: g.value, layout: placePosts(b, g.value) }
}
const barn = (change: Partial<Building> = {}) => barnJob(change).building
const sixteenth = (lo: number, hi: number) => fc.integer({ min: lo * 16, max: hi * 16 }).map((n) => n / 16)
const corners = { south: ['SW', 'SE'], north: ['NW', 'NE'], west: ['SW', 'NW'], east: ['SE', 'NE'] } as const

describe('moving an opening', () => {
  const { grid } = lay(barn())
  test('from either corner of any wall the place asked for is the place it takes, and it keeps its corner (property)', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SIDES), fc.boolean(), sixteenth(20, 300), (side, far, fromIn) => {
        const o = opening({ id: 'a', side, corner: corners[side][far ? 1 : 0], positionIn: 40 })
        const [moved] = moveOpening(barn({ openings: [o] }), grid, 'a', fromIn).openings
        expect(placeOpening(moved, grid).fromIn).toBeCloseTo(fromIn, 9)
        expect([moved.corner, moved.widthIn]).toEqual([o.corner, o.widthIn])
      }),
    )
  })
  test('others stay, and one that is not there moves nothing', () => {
    const b = barn({ openings: [opening({ id: 'a', positionIn: 20 }), opening({ id: 'b', positionIn: 300 })] })
    expect(moveOpening(b, grid, 'a', 100).openings[1]).toBe(b.openings[1])
    expect(moveOpening(b, grid, 'zz', 100)).toEqual(b)
  })
  test.each(SIDES)('places to snap to on the %s wall lie within it, the middle among them', (side) => {
    const o = opening({ side, corner: corners[side][0], widthIn: 48 })
    const wall = wallLengthIn(grid, side)
    const places = openingPlaces(grid, o, 4.5)
    for (const p of places) {
      expect(p.atIn).toBeGreaterThanOrEqual(0)
      expect(p.atIn + 48).toBeLessThanOrEqual(wall)
    }
    expect(places.find((p) => p.name === 'middle of the wall')?.atIn).toBe((wall - 48) / 2)
  })
  test('a clear place is clear of what is there; a full wall has none', () => {
    const ok = (b: Building) => placePosts(b, grid).issues.length === 0
    const b = barn({ openings: [opening({ id: 'a', positionIn: 12, widthIn: 70 })] })
    const place = clearPlace(b, grid, opening({ id: 'b', widthIn: 60 }), ok)
    expect(place && placeOpening(place, grid).fromIn).toBeGreaterThan(82)
    expect(clearPlace(b, grid, opening({ id: 'b', widthIn: 700 }), ok)).toBeNull()
  })
})

describe('moving a post', () => {
  test('an eave line takes its neighbours’ bays, their sum stays; a gable post goes alone; others do not move (property)', () => {
    const b = barn()
    const { grid, layout } = lay(b)
    fc.assert(
      fc.property(fc.constantFrom(...layout.posts), sixteenth(-24, 24), (p, by) => {
        const moved = movePost(b, grid, p, by)
        const own = p.kind === 'eave' || p.kind === 'gable'
        expect(moved !== null).toBe(own)
        if (!moved) return
        const after = lay(moved).layout.posts
        const changed = after
          .filter((q) => Math.abs(q.atIn - (layout.posts.find((r) => r.id === q.id)?.atIn ?? NaN)) > 1e-6)
          .map((q) => q.id)
        expect(changed.sort()).toEqual(
          by === 0
            ? []
            : p.kind === 'gable'
              ? [p.id]
              : layout.posts
                  .filter((q) => q.line === p.line && isEave(q.side))
                  .map((q) => q.id)
                  .sort(),
        )
        expect(after.find((q) => q.id === p.id)?.atIn).toBeCloseTo(p.atIn + by, 6)
      }),
      { numRuns: 60 },
    )
  })
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
  test.each(shapes)('%s: the widths of wall that posts hold add up to the wall between its end posts', (_, change) => {
    const { layout } = lay(barn(change))
    for (const side of SIDES) {
      const row = wallPosts(layout.posts, side).map((p) => (isEave(side) ? p.x : p.y))
      expect([...tributariesIn(layout.posts, side).values()].reduce((t, v) => t + v, 0)).toBeCloseTo(
        row[row.length - 1] - row[0],
        6,
      )
    }
  })
  test.each(
    shapes.flatMap(
      ([n, c]) =>
        [
          ['posts', n, c],
          ['carriers', n, c],
        ] as const,
    ),
  )('trusses on %s, %s: they carry the whole roof, and each rests whole', (set, _, change) => {
    const b = barn({ ...change, roof: { ...barn().roof, truss: { ...barn().roof.truss, set, spaceIn: 48 } } })
    const { grid, layout } = lay(b)
    const plan = trussPlan(b, grid, layout)
    expect(plan.trusses.reduce((t, q) => t + q.tributaryIn, 0)).toBeCloseTo(grid.lengthIn + 2 * b.gableOverhangIn, 6)
    for (const side of ['south', 'north'] as const) {
      expect(plan.rests[side]).toHaveLength(plan.trusses.length)
      for (const r of plan.rests[side]) {
        expect(r.share[0] + r.share[1]).toBeCloseTo(1, 12)
        // The lever rule: the truss's place is the mean of the posts' places by their shares.
        if (r.between) expect(r.between[0].x * r.share[0] + r.between[1].x * r.share[1]).toBeCloseTo(r.truss.xIn, 6)
      }
      const carried = plan.beams.filter((q) => q.side === side).flatMap((q) => q.trusses)
      expect(carried).toHaveLength(plan.rests[side].filter((r) => r.between).length)
    }
    const left = new Set(layout.omitted.map((o) => o.side).filter(isEave))
    expect(new Set(plan.beams.filter((q) => q.kind === 'header').map((q) => q.side))).toEqual(left)
  })
  test('rows across: letters in order, outer rows on their strings', () => {
    const b = barn({
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
    const { grid, layout } = lay(b)
    const rows = rowPlaces(layout.posts, layout.rows, grid.widthIn, () => 120)
    expect(rows.map((r) => r.row)).toEqual([...rows.map((r) => r.row)].sort())
    expect([rows[0], rows.at(-2), rows.at(-1)].map((r) => r?.yIn)).toEqual([0, 480, 600])
  })
})
