import fc from 'fast-check'
import {
  best345,
  fitSquare,
  girtFaceIn,
  girtRows,
  hookedMarks,
  layOutGrid,
  batterBoards,
  layOutStrings,
  moveLine,
  placeOpening,
  placePosts,
  purlinPlaces,
  slopeLengthIn,
  snapTo,
  withLength,
} from '.'
import { standsIn } from './laying'
import { checkOpenings, cornerTakesIn } from './openings'
import { SIDES, type Building } from '../model'
import { postSize } from '../wood'
import { barnJob, opening } from '../testing/barn'
import { expectNear } from '../testing/near'

const lay = (building: Building) => {
  const result = layOutGrid(building)
  if (!result.ok) throw new Error(result.issues[0].code)
  return {
    grid: result.value,
    ...placePosts(building, result.value),
    placed: building.openings.map((opening) => placeOpening(opening, result.value)),
  }
}
const barn = (change: Partial<Building> = {}) => barnJob(change).building

describe('bays', () => {
  test('between end post centres: (768 − 4.5)/8', () =>
    expectNear(lay(barn({ bays: { mode: 'count', count: 8 }, baysFrom: 'centres' })).grid.baysIn[0], 95.4375, 1e-9))
  test('to the outside of girt, strings stand 1½ in. inside', () =>
    expect(lay(barn({ dimensionTo: 'girt' })).grid).toMatchObject({ lengthIn: 765, widthIn: 477 }))
  test('doubled girts set them in by twice as much; a wall that has its own only by those', () => {
    const { girts } = barn()
    const between = { style: 'between' as const, size: girts.size, lumber: girts.lumber, maxGapIn: girts.maxGapIn }
    const doubled = { ...girts, style: 'flat' as const, plies: 2, walls: { west: between } }
    const { grid } = lay(barn({ dimensionTo: 'girt', girts: doubled }))
    expect(grid).toMatchObject({ lengthIn: 768 - 3, widthIn: 480 - 6 })
  })
  test('bays by hand must close', () => {
    const result = layOutGrid(barn({ bays: { mode: 'hand', spacingsIn: [400, 300] } }))
    expect(result.ok ? '' : result.issues[0]).toMatchObject({
      code: 'bays-do-not-close',
      facts: { sumIn: 700, totalIn: 768 },
    })
  })
  test('whatever the count, bays add up to the building', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20 }), (count) =>
        expectNear(
          lay(barn({ bays: { mode: 'count', count } })).grid.baysIn.reduce((sum, bayIn) => sum + bayIn, 0),
          768,
          1e-12,
        ),
      ),
    ))
  test('moving a line or the length keeps hand-set bays closed', () => {
    const { grid } = lay(barn())
    expect(moveLine(grid, 3, 7)).toMatchObject({ spacingsIn: [96, 103, 89, 96, 96, 96, 96, 96] })
    expect(layOutGrid(withLength({ ...barn(), bays: moveLine(grid, 3, 7) }, 800)).ok).toBe(true)
  })
  test('the largest 3-4-5', () => {
    expect(best345(768, 480)).toEqual({ k: 13, alongIn: 624, acrossIn: 468, diagonalIn: 780 })
    // Under three feet the unit is in inches; the leg of four lies along whichever room is longer.
    expect(best345(30, 30)).toEqual({ k: 7 / 12, alongIn: 28, acrossIn: 21, diagonalIn: 35 })
    expect(best345(120, 200)).toEqual({ k: 40 / 12 - 4 / 12, alongIn: 108, acrossIn: 144, diagonalIn: 180 })
    expect(best345(3, 3)).toBeNull()
  })
  test('snapping takes a named place before a whole inch', () => {
    expect(snapTo(99.4, [{ atIn: 100.25, name: 'x' }], 1, 1)).toEqual({ atIn: 100.25, to: 'x' })
    expect(snapTo(95.4, [{ atIn: 100.25, name: 'x' }], 1, 1)).toEqual({ atIn: 95, to: null })
  })
})

describe('posts and openings', () => {
  const slider = opening({ kind: 'slider', positionIn: 330, widthIn: 120 })
  test('a sliding door leaves out the post in its way and adds a jamb post at each edge', () => {
    const l = lay(barn({ openings: [slider] }))
    expect(l.omitted.map((omitted) => omitted.name)).toEqual(['A5'])
    expect(l.posts.filter((post) => post.kind === 'jamb').map((post) => [post.name, post.atIn])).toEqual([
      ['J1', 327.75],
      ['J2', 452.25],
    ])
  })
  test.each<[string, string[], string[]]>([
    ['an eave post', ['south-line-4'], ['A4']],
    ['two, one of them of no row any more', ['south-line-4', 'south-line-40'], ['A4']],
    ['a corner stays', ['south-corner-low'], []],
    ['a gable post stays', ['west-inner-1'], []],
    ['a name from other bays', ['A99', 'x'], []],
  ])('bridged: %s', (_, bridged, gone) => {
    const l = lay(barn({ bridged }))
    expect(l.omitted.map((omitted) => [omitted.name, omitted.openingId])).toEqual(gone.map((name) => [name, null]))
    expect(l.posts.some((post) => gone.includes(post.name))).toBe(false)
    expect(l.issues).toEqual([])
  })
  test('a gable door takes its nearest posts as jambs', () => {
    const l = lay(
      barn({
        gableMaxIn: 162,
        openings: [
          opening({ kind: 'overhead', side: 'east', corner: 'SE', positionIn: 168, widthIn: 144, heightIn: 120 }),
        ],
      }),
    )
    expect(l.posts.filter((post) => post.side === 'east').map((post) => [post.name, post.kind, post.atIn])).toEqual([
      ['B9', 'jamb', 165.75],
      ['C9', 'jamb', 314.25],
    ])
  })
  test.each([
    [
      'wider than its wall',
      { kind: 'slider' as const, side: 'west' as const, widthIn: 476 },
      'opening-wider-than-wall',
    ],
    ['past the far corner', { positionIn: 740 }, 'opening-past-corner'],
    ['over the heel', { sillIn: 140 }, 'opening-over-heel'],
    ['on a post', { positionIn: 80 }, 'post-in-opening'],
    ['from a corner of another wall', { corner: 'NE' as const }, 'corner-not-on-wall'],
    ['too near the corner', { positionIn: 1 }, 'opening-too-near-corner'],
    ['a door with a sill', { kind: 'walk' as const, sillIn: 10, positionIn: 120 }, 'sill-needs-window'],
  ])('refused: %s', (_n, change, code) =>
    expect(
      lay(barn({ openings: [opening({ positionIn: 120, ...change })] })).issues.map((issue) => issue.code),
    ).toContain(code),
  )
  // Beside the corner post there is room for a jamb, or the corner post is the jamb: to half a mark of the tape.
  test.each([
    ['on the corner post', 0, false],
    ['a hair off it', 1 / 64, false],
    ['a mark off it', 1 / 16, true],
    ['an inch off it', 1, true],
    ['with room for a jamb', postSize(barn().post).widthIn, false],
  ])('a framed door %s', (_, offIn, refused) => {
    const building = barn()
    const positionIn = cornerTakesIn(building, 'south') + offIn
    const door = opening({ kind: 'slider', corner: 'SW', positionIn, widthIn: 100 })
    const codes = lay(barn({ openings: [door] })).issues.map((issue) => issue.code)
    expect(codes.includes('opening-too-near-corner')).toBe(refused)
  })
  test('overlapping openings are refused where the second was typed', () =>
    expect(
      lay(barn({ openings: [opening({ id: 'a', positionIn: 110 }), opening({ id: 'b', positionIn: 130 })] })).issues[0],
    ).toMatchObject({ code: 'openings-overlap', path: ['building', 'openings', 1, 'positionIn'] }))
  test('gable posts reach the rafter underside: heel + slope × distance', () =>
    expectNear(
      lay(barn({ gableMaxIn: 192 })).posts.find((post) => post.name === 'B1')?.heightIn ?? 0,
      168 + 160 / 3,
      1e-9,
    ))
  test('no wall space over the gable maximum is left, doors excepted', () =>
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 200 }), (gableMaxIn) => {
        const row = [
          0,
          ...lay(barn({ gableMaxIn }))
            .posts.filter((post) => post.side === 'west')
            .map((post) => post.atIn),
          480,
        ]
        expect(Math.max(...row.slice(1).map((x, i) => x - row[i]))).toBeLessThanOrEqual(gableMaxIn + 1e-9)
      }),
    ))
})

describe('strings and the square', () => {
  const building = barn()
  const l = lay(building)
  const strings = layOutStrings({ building, grid: l.grid, posts: l.posts, placed: l.placed, rows: l.rows })
  test('marks from either hook are the same places', () => {
    const [low, high, post] = [
      hookedMarks(strings[0], 'low', null),
      hookedMarks(strings[0], 'high', null),
      hookedMarks(strings[0], 'low', 'south-line-3'),
    ]
    low.marks.forEach((mark, i) => {
      expectNear(mark.fromHookIn + high.marks[i].fromHookIn, 768, 1e-12)
      expectNear(mark.fromHookIn - post.marks[i].fromHookIn, 192, 1e-12)
    })
    expect(low.marks.find((mark) => mark.name === 'A1')?.shownIn).toBe(2.25)
  })
  test('batter boards stand outside the corners by what strings run past, past the lean-to where there is one', () => {
    const boards = batterBoards(strings, 43)
    const of = (string: string) => boards.filter((board) => board.string === string).map((board) => board.at)
    expect(of('south')).toEqual([
      { x: -43, y: 0 },
      { x: 811, y: 0 },
    ])
    expect(of('west')).toEqual([
      { x: 0, y: -43 },
      { x: 0, y: 523 },
    ])
    const withLean = [
      ...strings,
      { ...strings[0], id: 'lean-north' as const, from: { x: 0, y: 600 }, to: { x: 768, y: 600 } },
    ]
    expect(
      batterBoards(withLean, 43)
        .filter(({ string }) => string === 'west')
        .map(({ at }) => at.y),
    ).toEqual([-43, 643])
  })
  // Hand example: AB 480, BC 768.125, CD 480.25, DA 768, AC 906.5, BD 905.
  const m = { southIn: 480, eastIn: 768.125, northIn: 480.25, westIn: 768, risingIn: 906.5, fallingIn: 905 }
  test('least squares of six measures', () => {
    const result = fitSquare(m, 480, 768, 'hold-south')
    if (!result.ok) throw new Error('no fit')
    expectNear(result.value.corners.SE.x, 479.9917, 1e-6)
    expectNear(result.value.corners.NE.x, 481.432, 1e-6)
    expectNear(result.value.corners.NW.y, 767.9859, 1e-6)
    expectNear(result.value.sigmaIn ?? 0, 0.03112, 1e-3)
    expectNear(result.value.residuals.risingIn ?? 0, -0.01557, 1e-3)
    expectNear(result.value.moves.find((move) => move.corner === 'NE')?.dxIn ?? 0, -1.432, 1e-3)
  })
  test('least total move', () => {
    const result = fitSquare(m, 480, 768, 'least-move')
    if (!result.ok) throw new Error('no fit')
    expectNear(result.value.moves[0].dxIn, 0.1948, 1e-3)
    expectNear(result.value.moves[2].dyIn, -0.3734, 1e-3)
    expectNear(result.value.largestMoveIn, 0.4917, 1e-3)
  })
  test.each([
    [{ ...m, southIn: null, northIn: null }, 'too-few-measures'],
    [{ ...m, risingIn: 5 }, 'triangle-cannot-close'],
  ])('refused %#', (x, code) => {
    const result = fitSquare(x, 480, 768, 'hold-south')
    expect(result.ok ? 'ok' : result.issues[0].code).toBe(code)
  })
  test('the moves make the wanted rectangle, whatever was measured', () =>
    fc.assert(
      fc.property(
        fc.tuple(...Array.from({ length: 5 }, () => fc.double({ min: -4, max: 4, noNaN: true }))),
        fc.constantFrom('hold-south' as const, 'least-move' as const),
        ([x1, x2, y2, x3, y3], mode) => {
          const c = {
            SW: { x: 0, y: 0 },
            SE: { x: 756 + x1, y: 0 },
            NE: { x: 756 + x2, y: 432 + y2 },
            NW: { x: x3, y: 432 + y3 },
          }
          const d = (p: { x: number; y: number }, q: { x: number; y: number }) => Math.hypot(p.x - q.x, p.y - q.y)
          const result = fitSquare(
            {
              southIn: d(c.SW, c.SE),
              eastIn: d(c.SE, c.NE),
              northIn: d(c.NE, c.NW),
              westIn: d(c.NW, c.SW),
              risingIn: d(c.SW, c.NE),
              fallingIn: d(c.SE, c.NW),
            },
            756,
            432,
            mode,
          )
          if (!result.ok) throw new Error('no fit')
          const t = Object.fromEntries(
            result.value.moves.map((move) => [
              move.corner,
              { x: c[move.corner].x + move.dxIn, y: c[move.corner].y + move.dyIn },
            ]),
          ) as typeof c
          for (const [p, q, want] of [
            ['SW', 'SE', 756],
            ['SE', 'NE', 432],
            ['NE', 'NW', 756],
            ['NW', 'SW', 432],
            ['SW', 'NE', Math.hypot(756, 432)],
            ['SE', 'NW', Math.hypot(756, 432)],
          ] as const)
            expectNear(d(t[p], t[q]), want, 1e-7)
        },
      ),
      { numRuns: 60 },
    ))
})

describe('girt rows', () => {
  test('rows land on sills and over heads, and never leave more than the widest space', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 14, max: 40 }),
        fc.integer({ min: 24, max: 60 }),
        fc.integer({ min: 20, max: 60 }),
        (maxGapIn, sillIn, heightIn) => {
          const building = barn({
            girts: { ...barn().girts, maxGapIn },
            openings: [opening({ positionIn: 120, sillIn, heightIn })],
          })
          const l = lay(building)
          for (const side of SIDES) {
            const wallRows = girtRows(building, l.grid, side, l.placed)
            expect(wallRows.widestIn).toBeLessThanOrEqual(maxGapIn + 1e-9)
            expectNear(
              wallRows.rows.reduce((sum, row) => sum + row.spaceBelowIn, 0),
              wallRows.rows[wallRows.rows.length - 1].topIn - building.skirt.topIn,
              1e-9,
            )
            if (side === 'south')
              for (const [top, at] of [
                [sillIn, 'sill'],
                [sillIn + heightIn + 5.5, 'head'],
              ] as const)
                expect(
                  wallRows.rows.some((row) => Math.abs(row.topIn - top) < 1e-9) ||
                    wallRows.blocks.some((block) => block.at === at),
                ).toBe(true)
          }
        },
      ),
    ))
  // The board of a sill lies under it: it may touch the skirt or the row under the heel, not lie in them.
  test.each([
    ['that touches the skirt', 0, true],
    ['a mark into the skirt', -1 / 16, false],
    ['an inch above it', 1, true],
  ])('a sill row %s', (_, upIn, isRow) => {
    const building = barn({ skirt: { topIn: 8, depthIn: 9.25 } as Building['skirt'] })
    const sillIn = 8 + girtFaceIn(building) + upIn
    const window = opening({ kind: 'window', positionIn: 120, sillIn, heightIn: 36 })
    const withWindow = { ...building, openings: [window] }
    const { rows, blocks } = girtRows(withWindow, lay(withWindow).grid, 'south', lay(withWindow).placed)
    expect(rows.some(({ landing }) => landing === 'sill')).toBe(isRow)
    expect(blocks.some(({ at }) => at === 'sill')).toBe(!isRow)
  })
})

describe('rows, boards and posts by hand', () => {
  // 40 ft wide at 4:12 with 12 in. of overhang: (240 + 12)/cos 18.43° = 265.63 in.; 3 in. off the eave, 6 off the ridge.
  test('purlins run from 3 in. above the eave to 6 in. below the ridge', () => {
    const building = barn({ eaveOverhangIn: 12 })
    const places = purlinPlaces(slopeLengthIn(building, lay(building).grid), 24)
    expect(places[0]).toBe(3)
    expectNear(places.at(-1) ?? 0, (252 * Math.hypot(12, 4)) / 12 - 6, 1e-9)
  })
  test('a line that a kept post holds stands there to the last digit', () => {
    const own = barn()
    const building = {
      ...own,
      posts: [
        {
          id: 'p1',
          string: 'south',
          place: 'line-3',
          keptName: null,
          formerNames: [],
          pinned: { atIn: 200.123456789, framed: true },
        },
      ],
    } as unknown as Building
    const grid = layOutGrid(building)
    expect(grid.ok && grid.value.centresIn).toContain(200.123456789)
  })
  test('an opening that is in the way is named as it is named, or as what it is', () => {
    const clash = (name: string) => {
      const one = opening({ id: 'a', name, kind: 'overhead', positionIn: 200, widthIn: 96, heightIn: 96, sillIn: 0 })
      const other = opening({
        id: 'b',
        name: 'other',
        kind: 'overhead',
        positionIn: 220,
        widthIn: 96,
        heightIn: 96,
        sillIn: 0,
      })
      const building = barn({ openings: [one, other] })
      const grid = layOutGrid(building)
      const issues = grid.ok ? placePosts(building, grid.value).issues : []
      const all = [...issues, ...checkOpenings(building, lay(building).grid)]
      return all.find(({ code }) => code === 'openings-overlap')?.facts.other
    }
    expect([clash('hay door'), clash('')]).toEqual(['hay door', 'overhead'])
  })
})

test('bays that would be under two feet are refused, with how many there may be', () => {
  const result = layOutGrid(barn({ lengthIn: 240, bays: { mode: 'count', count: 40 } }))
  expect(result.ok ? null : result.issues[0]).toMatchObject({ code: 'too-many-bays', facts: { most: 10 } })
})
test.each([
  ['clear before it', -2.5, false],
  ['into it by half an inch', -1.75, true],
  ['in the middle', 24, true],
  ['clear behind it', 50.5, false],
])('a post of 4.5 in. %s of an opening of 48: it stands in it %p', (_, offIn, stands) =>
  expect(standsIn({ widthIn: 4.5 } as never, 100 + offIn, { fromIn: 100, toIn: 148 } as never)).toBe(stands),
)
