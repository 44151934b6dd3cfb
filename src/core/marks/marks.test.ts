import { barnJob, opening } from '../testing/barn'
import { planJob } from '../derive'
import fc from 'fast-check'
import { deriveJob } from '../derive'
import { poleOf } from '../drawn'
import { girtFaceOnIn, hookedMarks } from '../layout'
import { demo } from '../testing/demos'
import { formatLength, roundIn } from '../units'
import { blockNames, rodLog, FEW_APART_IN, sharedPole, stringHeightAt, stringRows, type PoleMark } from '.'

const near = { A1: ['A2'], A2: ['A1', 'A3'], A3: ['A2', 'A4'], A4: ['A3'] }

describe('rod log', () => {
  test.each<[Record<string, number>, number, number | null, string | null, Record<string, number>]>([
    [{}, 1.25, null, null, {}],
    [{ A1: 53 }, 1.25, null, 'A1', { A1: 1.25 }],
    [{ A1: 53.75, A2: 53.25, A3: 52.9375 }, 1.25, null, 'A3', { A1: 2.0625, A2: 1.5625, A3: 1.25 }],
    [{ A1: 53, A2: 53 }, 0, null, 'A1', { A1: 0, A2: 0 }],
    [{ A1: 53, A2: 51 }, 1.25, 51.75, 'A2', { A1: 1.25, A2: -0.75 }],
    [{ A1: 53, Z9: 40 }, 1, null, 'A1', { A1: 1 }],
  ])('%j with cover %f, locked %p: high point %p', (readingsIn, coverIn, locked, post, up) => {
    const r = rodLog({ coverIn, readingsIn }, { neighbors: near }, { gradeLockedIn: locked })
    expect(r.benchmarkPost).toBe(post)
    expect(Object.fromEntries(Object.entries(r.offsets).map(([key, rodMark]) => [key, rodMark.upToGradeIn]))).toEqual(
      up,
    )
  })
  test.each([
    [FEW_APART_IN, false],
    [FEW_APART_IN + 1 / 16, true],
    [-FEW_APART_IN, false],
    [-FEW_APART_IN - 1 / 16, true],
    [3, false],
  ])('a reading %f off both its neighbors: read again %p', (by, again) => {
    expect(
      'A2' in rodLog({ coverIn: 1, readingsIn: { A1: 53, A2: 53 + by, A3: 53 } }, { neighbors: near }).suspects,
    ).toBe(again)
  })
  test('with one neighbor read nobody is blamed', () => {
    expect(rodLog({ coverIn: 1, readingsIn: { A1: 53, A2: 60 } }, { neighbors: near }).suspects).toEqual({})
  })
  test('more cover lifts every mark by as much (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 160 }), (n) => {
        const readingsIn = { A1: 53, A2: 52.5, A3: 54.0625 }
        const at = (coverIn: number) => rodLog({ coverIn, readingsIn }, { neighbors: near })
        const [a, b] = [at(1), at(1 + n / 16)]
        for (const key of Object.keys(readingsIn))
          expect(b.offsets[key].upToGradeIn - a.offsets[key].upToGradeIn).toBeCloseTo(n / 16, 12)
      }),
    )
  })
})

describe('readings against the plan', () => {
  const plan = { A1: 2, A2: 4, A3: 6, A4: 8, A5: 10 }
  const lonely = Object.fromEntries(Object.keys(plan).map((key) => [key, [] as string[]]))
  const read = (change: Partial<typeof plan> = {}, by = 50, plannedUpIn: Record<string, number> = plan) =>
    rodLog(
      {
        coverIn: 1,
        readingsIn: Object.fromEntries(Object.entries({ ...plan, ...change }).map(([key, value]) => [key, value + by])),
      },
      { neighbors: lonely, plannedUpIn },
    )
  test('the whole plan standing higher or the laser moved blames nobody (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3000 }), (n) => {
        expect(read({}, n / 16).suspects).toEqual({})
      }),
    )
  })
  test('it says what the rod should read where it has not stood yet, wherever the laser is (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3000 }), fc.integer({ min: -40, max: 40 }), (n, err) => {
        const log = read({ A2: plan.A2 + err / 8 }, n / 16, { ...plan, A6: 12 })
        expect(log.planReadsIn.A6).toBeCloseTo(12 + n / 16, 9)
      }),
    )
    const three = { coverIn: 1, readingsIn: { A1: 52, A2: 54, A3: 56 } }
    expect(rodLog(three, { neighbors: lonely, plannedUpIn: plan }).planReadsIn).toEqual({})
  })
  test('a reading that is doubted moves no mark and is no high point', () => {
    const log = read({ A3: -6 })
    expect(Object.keys(log.suspects)).toEqual(['A3'])
    expect(log.benchmarkPost).toBe('A1')
    expect(log.offsets).toEqual(Object.fromEntries(Object.entries(read().offsets).filter(([id]) => id !== 'A3')))
    expect(log.read).toBe(5)
  })
})

describe('one pole for several posts', () => {
  const mark = (key: string, kind: PoleMark['kind'], upIn: number, name = key): PoleMark => ({
    key,
    kind,
    name,
    upIn,
    downIn: 999 - upIn,
    face: null,
  })
  const south = [
    mark('grade', 'grade', 0),
    mark('G1', 'girt', 24),
    mark('G2', 'girt', 48),
    mark('top', 'heel', 144, 'heel'),
  ]
  const west = [
    mark('grade', 'grade', 0),
    mark('G1', 'girt', 24.01),
    mark('G2', 'girt', 50),
    mark('heel', 'heel', 144, 'heel'),
    mark('top', 'rafter', 200, 'rafter underside'),
  ]
  test(
    'a mark that all share stands once and plain; one that only some have says whose; tops cut to the pitch stay ' +
      'off',
    () => {
      expect(
        sharedPole(
          [
            { of: 'S', marks: south },
            { of: 'W', marks: west },
          ],
          144,
        ).map((mark) => [mark.name, mark.upIn, mark.downIn]),
      ).toEqual([
        ['grade', 0, 144],
        ['G1', 24, 120],
        ['G2, S', 48, 96],
        ['G2, W', 50, 94],
        ['heel', 144, 0],
      ])
    },
  )
  test('posts of one wall are one layer: nothing needs a name', () => {
    expect(
      sharedPole(
        [
          { of: 'S', marks: south },
          { of: 'S', marks: south.slice(0, 3) },
        ],
        144,
      ).map((mark) => mark.name),
    ).toEqual(['grade', 'G1', 'G2', 'heel'])
  })
  test('two names at one height stand together; two kinds stay apart', () => {
    expect(
      sharedPole(
        [
          { of: 'S', marks: [mark('G3', 'girt', 60), mark('w', 'sill', 60, 'window sill')] },
          { of: 'N', marks: [mark('G4', 'girt', 60)] },
        ],
        144,
      ).map((mark) => [mark.kind, mark.name]),
    ).toEqual([
      ['girt', 'G3, S; G4, N'],
      ['sill', 'window sill, S'],
    ])
  })
  test.each(['quillback', 'tansy', 'marl'] as const)(
    '%s: the building’s pole holds every mark of every post up to the heel, to the sixteenth, and no other',
    (name) => {
      const { job, d: derived } = demo(name)
      const at = (list: readonly PoleMark[]) =>
        new Set(
          list
            .filter((mark) => mark.kind !== 'rafter' && mark.upIn <= job.building.heelIn + 1 / 32)
            .map((mark) => Math.round(mark.upIn * 16)),
        )
      const all = poleOf(derived, job.building.heelIn, 'building')
      const openings = derived.placed.flatMap(({ sillIn, headIn }) => (sillIn > 0 ? [sillIn, headIn] : [headIn]))
      const walls = [
        ...derived.posts.filter((post) => post.kind !== 'lean-to').flatMap((post) => [...at(derived.poles[post.id])]),
        ...openings.map((upIn) => Math.round(upIn * 16)),
      ]
      expect(at(all?.marks ?? [])).toEqual(new Set([...new Set(walls)].sort((one, other) => one - other)))
      for (const side of ['south', 'east', 'north', 'west'] as const)
        for (const mark of poleOf(derived, job.building.heelIn, `wall-${side}`)?.marks ?? [])
          expect(mark.upIn + mark.downIn).toBeCloseTo(job.building.heelIn, 9)
      expect(poleOf(derived, 144, 'A1')?.marks).toBe(derived.poles.A1)
      expect(poleOf(derived, 144, 'wall-up')).toBeNull()
    },
  )
})

describe('level strings as a made-up ground plane', () => {
  const rows = [
    { row: 'A', yIn: 0 },
    { row: 'D', yIn: 432 },
    { row: 'B', yIn: 144 },
  ]
  test.each<['south' | 'north', number, number, Record<string, number>]>([
    ['south', 12, 0, { A: 12, B: 12, D: 12 }],
    ['south', 12, 4, { A: 12, B: 8, D: 4 }],
    ['north', 12, 4, { D: 12, B: 8, A: 4 }],
    ['south', -3, -2.5, { A: -3, B: -0.5, D: 2 }],
  ])('from the %s at %f, each %f lower', (from, heightIn, dropPerRowIn, want) => {
    expect(
      Object.fromEntries(stringRows({ heightIn, dropPerRowIn, from }, rows).map((row) => [row.row, row.heightIn])),
    ).toEqual(want)
  })
  const made = stringRows({ heightIn: 12, dropPerRowIn: 4, from: 'south' }, rows)
  test.each([
    [0, 12],
    [144, 8],
    [72, 10],
    [288, 6],
    [432, 4],
    [-50, 12],
    [900, 4],
  ])('at %f in. across the plane stands at %f', (y, h) => {
    expect(stringHeightAt(made, y)).toBeCloseTo(h, 12)
  })
  test('without a string it is the grade line', () => {
    expect(stringHeightAt([], 100)).toBe(0)
  })
})

describe.each(['quillback', 'tansy', 'marl'] as const)('story poles of %s', (name) => {
  const { job, d: derived } = demo(name)
  test('each has grade line and top, once; no girt above its own post; sills under their heads', () => {
    for (const post of derived.posts) {
      const pole = derived.poles[post.id]
      expect(pole.filter((mark) => mark.key === 'grade')).toHaveLength(1)
      expect(pole.filter((mark) => mark.key === 'top')).toEqual([
        expect.objectContaining({ upIn: post.heightIn, downIn: 0 }),
      ])
      expect(new Set(pole.map((mark) => mark.key)).size).toBe(pole.length)
      for (const mark of pole) expect(mark.upIn).toBeLessThanOrEqual(post.heightIn + 1e-9)
    }
    for (const placed of derived.placed) expect(placed.headIn).toBeGreaterThan(placed.sillIn)
  })
  test('girts stand at one height on every post of a wall, so that the row runs level', () => {
    for (const side of ['south', 'north', 'east', 'west'] as const) {
      const at = new Map<string, number>()
      for (const post of derived.posts.filter((post) => post.side === side && post.kind !== 'lean-to'))
        for (const mark of derived.poles[post.id].filter((mark) => mark.kind === 'girt')) {
          expect(mark.upIn).toBeCloseTo(at.get(mark.key) ?? mark.upIn, 9)
          at.set(mark.key, mark.upIn)
        }
      for (const row of derived.walls[side].rows.filter((row) => at.has(row.id)))
        expect(at.get(row.id)).toBeCloseTo(row.topIn, 9)
    }
  })
  test('marked by the bottom of the board every girt mark stands one face lower, and nothing else moves', () => {
    const low = deriveJob({ ...job, fieldwork: { ...job.fieldwork, boardEdge: 'bottom' } })
    if (!low.ok) throw new Error('bottom')
    for (const post of derived.posts)
      derived.poles[post.id].forEach((mark) => {
        // What both walls of a corner have at one height by the one edge they may have at two by the other.
        const alike = (other: PoleMark) =>
          other.kind === mark.kind &&
          (mark.kind === 'girt'
            ? other.row === mark.row && [null, mark.face ?? post.side].includes(other.face)
            : other.key === mark.key)
        const poleMark = low.value.poles[post.id].find(alike)
        expect(poleMark?.upIn).toBeCloseTo(
          mark.upIn - (mark.kind === 'girt' ? girtFaceOnIn(job.building, mark.face ?? post.side) : 0),
          9,
        )
        if (mark.kind === 'girt') expect(poleMark?.name).toMatch(/bottom$/)
      })
  })
  test('a string read from either end adds up to its length; from a post it runs both ways; each mark is rounded once', () => {
    for (const stringLine of derived.strings) {
      const [low, high] = [hookedMarks(stringLine, 'low', null), hookedMarks(stringLine, 'high', null)]
      stringLine.marks.forEach((_, i) => {
        expect(low.marks[i].fromHookIn + high.marks[i].fromHookIn).toBeCloseTo(stringLine.lengthIn, 9)
        expect(low.marks[i].shownIn).toBe(roundIn(low.marks[i].fromHookIn))
      })
      const post = stringLine.marks.find((mark) => mark.kind === 'post')
      if (!post) continue
      const both = hookedMarks(stringLine, 'low', post.key)
      expect(both.marks.some((mark) => mark.fromHookIn < 0) && both.marks.some((mark) => mark.fromHookIn > 0)).toBe(
        true,
      )
      expect(both.note).toContain(post.name)
    }
  })
  test('the job’s own cover and posts are what the log is made of', () => {
    expect(Object.keys({ ...derived.rods.offsets, ...derived.rods.suspects }).sort()).toEqual(
      Object.keys(job.levels.readingsIn)
        .filter((id) => derived.posts.some((post) => post.id === id))
        .sort(),
    )
    for (const [id, rodMark] of Object.entries(derived.rods.offsets))
      expect(formatLength(rodMark.readingIn)).toBe(formatLength(job.levels.readingsIn[id]))
  })
})

test('sills and heads stand on the pole of their wall, each height once, and on posts that are their jambs', () => {
  const window = opening({
    kind: 'window',
    side: 'south',
    corner: 'SW',
    positionIn: 30,
    widthIn: 36,
    sillIn: 40,
    heightIn: 36,
  })
  const twin = { ...window, id: 'op-twin', positionIn: 130 }
  const high = { ...window, id: 'op-high', positionIn: 320, sillIn: 100, heightIn: 60 }
  const result = planJob(barnJob({ openings: [window, twin, high] }))
  if (!result.ok) throw new Error(JSON.stringify(result.issues))
  const edges = (marks: readonly PoleMark[]) =>
    marks.filter(({ kind }) => kind === 'sill' || kind === 'head').map(({ kind, upIn }) => [kind, upIn])
  expect(edges(poleOf(result.value, 168, 'wall-south')?.marks ?? [])).toEqual([
    ['sill', 40],
    ['head', 76],
    ['sill', 100],
    ['head', 160],
  ])
  expect(edges(poleOf(result.value, 168, 'wall-north')?.marks ?? [])).toEqual([])
  // The windows hang between posts: none of these is a jamb.
  for (const marks of Object.values(result.value.poles)) expect(edges(marks)).toEqual([])
})
test('a post at the edge of a door carries its head; those further off do not', () => {
  const door = opening({ kind: 'slider', positionIn: 300, widthIn: 144, heightIn: 120 })
  const result = planJob(barnJob({ openings: [door] }))
  if (!result.ok) throw new Error(JSON.stringify(result.issues))
  const withHead = result.value.posts.filter(({ id }) =>
    result.value.poles[id].some(({ kind, upIn }) => kind === 'head' && upIn === 120),
  )
  expect(withHead.map(({ kind, side }) => [kind, side])).toEqual([
    ['jamb', 'south'],
    ['jamb', 'south'],
  ])
})
test('a row that a door interrupts has no mark on a post beside which it does not run', () => {
  const door = opening({ kind: 'slider', positionIn: 300, widthIn: 144, heightIn: 120 })
  const result = planJob(barnJob({ openings: [door] }))
  if (!result.ok) throw new Error(JSON.stringify(result.issues))
  for (const post of result.value.posts.filter(({ side, kind }) => side === 'south' && kind !== 'corner'))
    for (const { key, kind } of result.value.poles[post.id]) {
      const row = result.value.plannedWalls.south.rows.find(({ id }) => id === key)
      const runs = row?.segments.some(
        ({ fromIn, toIn }) => fromIn < post.atIn + post.sizeX / 2 && toIn > post.atIn - post.sizeX / 2,
      )
      if (kind === 'girt') expect(runs).toBe(true)
    }
})
test('a corner post carries the rows of both its walls, each on its own face', () => {
  const { building } = barnJob()
  const { size, lumber } = building.girts
  const walls = { west: { style: 'flat' as const, size, lumber, maxGapIn: 20 } }
  const result = planJob(barnJob({ girts: { ...building.girts, maxGapIn: 24, walls } }))
  if (!result.ok) throw new Error(JSON.stringify(result.issues))
  const corner = result.value.posts.find(({ name }) => name === 'A1')
  const rows = (face: 'south' | 'west') =>
    (result.value.poles[corner?.id ?? ''] ?? []).filter((mark) => mark.face === face).map(({ upIn }) => upIn)
  const own = (side: 'south' | 'west') =>
    result.value.plannedWalls[side].rows.map(({ topIn }) => topIn).filter((topIn) => topIn < 168)
  expect(rows('south')).toEqual(own('south'))
  expect(rows('west')).toEqual(own('west'))
  expect(own('south')).not.toEqual(own('west'))
})

test('the skirt has a mark where there is one, and none where it has no depth or lies at the line', () => {
  const marks = (topIn: number, depthIn: number) => {
    const plan = deriveJob(barnJob({ skirt: { ...barnJob().building.skirt, topIn, depthIn } }))
    return plan.ok && Object.values(plan.value.poles)[0].some(({ kind }) => kind === 'skirt')
  }
  expect([marks(8, 9.25), marks(8, 0), marks(0, 9.25)]).toEqual([true, false, false])
})
test('a block is named after its opening, or what it is', () => {
  const window = (name: string) => opening({ id: 'w', kind: 'window', name })
  const named = (name: string) =>
    blockNames([{ openingId: 'w', at: 'sill' }] as never, [{ opening: window(name) }] as never)
  expect([named('wash room'), named('')]).toEqual([['wash room sill'], ['window sill']])
})
