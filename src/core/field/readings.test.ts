import fc from 'fast-check'
import { holeNeed } from '../frame'
import { levelSteps } from '../marks'
import { demo } from '../testing/demos'
import { record, said, setUp, twice } from '../testing/records'
import { roundIn, toSixteenths } from '../units'
import { changedSincePrint, footDifferences, holeDepthIn, judgeHole, measure, plannedFootIn, readCount } from '.'

const pier = demo('tansy')
const collar = demo('quillback')
const readAll = ({
  ids,
  at,
  of = 'foot',
  minute = 0,
  setup = 's1',
}: {
  ids: readonly string[]
  at: (i: number) => number
  of?: 'foot' | 'footing'
  minute?: number
  setup?: string
}) => setUp(setup, minute, 48, Object.fromEntries(ids.map((id, i) => [id, at(i)])), undefined, of)
const uneven = (i: number) => 52 + ((i * 37) % 23) / 16

describe('brackets on piers: the rod stands on the foot', () => {
  const ids = pier.d.posts.map((post) => post.id)
  // Read twice, so that nothing is doubted: what a suspect reading does is judged where suspects are.
  const run = (records: Parameters<typeof said>[0]) => {
    const { state, levels } = said(twice(records))
    return { state, ...measure(pier.job, pier.d, state, levels) }
  }
  test('marks of all posts lie in one plane to the sixteenth, whatever the ground does (property)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 40 * 16, max: 70 * 16 }), { minLength: ids.length, maxLength: ids.length }),
        (v) => {
          const { asBuilt } = run(readAll({ ids, at: (i) => v[i] / 16 }))
          const planes = new Map<string, number>()
          for (const built of asBuilt)
            for (const mark of built.marks) {
              // What a rod would read at the mark: where the foot reads, less the mark's height on the stick as cut to
              // the sixteenth.
              const rod = toSixteenths((built.readingIn ?? 0) - roundIn(mark.fromBottomIn))
              const k = `${mark.kind} ${mark.upIn}`
              expect(Math.abs(rod - (planes.get(k) ?? rod))).toBeLessThanOrEqual(1)
              planes.set(k, planes.get(k) ?? rod)
            }
        },
      ),
      { numRuns: 40 },
    )
  })
  test('the lowest foot takes the longest post; the highest has the cover under the grade line', () => {
    const { asBuilt, rods } = run(readAll({ ids, at: uneven }))
    const eave = asBuilt.filter((built) => pier.d.posts.find((post) => post.id === built.id)?.kind === 'eave')
    const low = eave.reduce((best, built) => ((built.readingIn ?? 0) > (best.readingIn ?? 0) ? built : best))
    expect(low.needIn).toBe(
      Math.max(
        ...eave
          .filter(
            (built) =>
              pier.d.posts.find((post) => post.id === built.id)?.side ===
              pier.d.posts.find((post) => post.id === low.id)?.side,
          )
          .map((built) => built.needIn),
      ),
    )
    expect(rods.offsets[rods.benchmarkPost ?? ''].upToGradeIn).toBeCloseTo(pier.job.levels.coverIn, 12)
  })
  test('a stick once cut stays; a later reading says what to do with it, and the others follow', () => {
    const first = readAll({ ids, at: () => 53 })
    const before = run(first)
    const need = before.asBuilt[0].needIn
    const cut = [
      record(300, { kind: 'grade', gradeReadingIn: before.rods.gradeReadingIn }),
      record(301, { kind: 'state', post: ids[0], state: 'cut' }),
      record(302, { kind: 'cut', post: ids[0], lengthIn: need }),
    ]
    const after = run([
      ...first,
      ...cut,
      record(400, { kind: 'reading', setup: 's1', target: ids[0], of: 'foot', inches: 53.5 }),
      record(401, { kind: 'reading', setup: 's1', target: ids[1], of: 'foot', inches: 54 }),
    ])
    expect(after.asBuilt[0]).toMatchObject({ cutIn: need, locked: true, fit: { kind: 'short' } })
    expect(after.asBuilt[0].fit?.say).toMatch(/1\/2″ short: block/)
    expect(after.asBuilt[1].needIn - before.asBuilt[1].needIn).toBeCloseTo(1, 12)
    expect(after.asBuilt[2].needIn).toBe(before.asBuilt[2].needIn)
  })
  test('a locked grade line stands when a higher point is read later', () => {
    const first = readAll({ ids, at: () => 53 })
    const locked = [...first, record(300, { kind: 'grade', gradeReadingIn: 51.75 })]
    const higher = record(301, { kind: 'reading', setup: 's1', target: ids[3], of: 'foot', inches: 50 })
    expect(run([...first, higher]).asBuilt[0].needIn).not.toBe(run(first).asBuilt[0].needIn)
    expect(run([...locked, higher]).asBuilt[0].needIn).toBe(run(locked).asBuilt[0].needIn)
    expect(run([...locked, higher]).rods.offsets[ids[3]].upToGradeIn).toBe(-1.75)
  })
  test('cards that read otherwise since the print are named, and only those', () => {
    const first = readAll({ ids, at: () => 53 })
    const grade = record(300, { kind: 'grade', gradeReadingIn: 51.75 })
    const cards = Object.fromEntries(run([...first, grade]).asBuilt.map((built) => [built.id, built.signature]))
    const print = record(301, { kind: 'print', cards })
    const same = run([...first, grade, print])
    expect(changedSincePrint(same.asBuilt, same.state)).toMatchObject({ changed: [], added: [], gone: [] })
    const moved = run([
      ...first,
      grade,
      print,
      ...[1, 4].map((k) =>
        record(310 + k, { kind: 'reading', setup: 's1', target: ids[k], of: 'foot', inches: 53.0625 }),
      ),
    ])
    expect(changedSincePrint(moved.asBuilt, moved.state)?.changed).toEqual([ids[1], ids[4]])
    expect(changedSincePrint(moved.asBuilt.slice(1), moved.state)?.gone).toEqual([ids[0]])
    expect(changedSincePrint(run(first).asBuilt, run(first).state)).toBeNull()
  })
  test('differences along a row: plan, built and by how much', () => {
    const { asBuilt } = run(setUp('s1', 0, 48, { [ids[0]]: 53, [ids[1]]: 54 }))
    const [difference, b, c] = footDifferences(asBuilt.slice(0, 3), (id) =>
      plannedFootIn(pier.job, pier.d.holes, pier.d.posts.find((post) => post.id === id)?.kind ?? 'eave'),
    )
    expect([difference.planIn, difference.builtIn, difference.byIn]).toEqual([6, -1.25, -7.25])
    expect([b.builtIn, b.byIn]).toEqual([-2.25, -8.25])
    expect([c.builtIn, c.byIn]).toEqual([null, null])
  })
})

describe('embedded posts: a stake is not the foot', () => {
  const office = { ...collar.job, levels: { ...collar.job.levels, readingsIn: {} } }
  const eaves = collar.d.posts.filter((post) => post.kind === 'eave').map((post) => post.id)
  const embed = collar.d.holes.find((hole) => hole.kind === 'eave')?.embedIn ?? 0
  const run = (records: Parameters<typeof said>[0]) => {
    const { state, levels } = said(twice(records))
    return measure(office, collar.d, state, levels)
  }
  test('stakes give the way up to the grade line and leave the stick as planned', () => {
    const { asBuilt } = run(readAll({ ids: eaves, at: uneven }))
    for (const built of asBuilt.filter((built) => eaves.includes(built.id))) {
      expect(built.footToGradeIn).toBe(embed)
      expect(built.measured).toBe(false)
      expect(built.upFromRodIn).toBeCloseTo((built.readingIn ?? 0) - (52 - office.levels.coverIn), 12)
    }
  })
  test('a pad read 2 1/2 in. lower than planned makes its own stick 2 1/2 longer, and no other', () => {
    const stakes = readAll({ ids: eaves, at: () => 52 })
    const pad = record(500, {
      kind: 'reading',
      setup: 's1',
      target: eaves[2],
      of: 'footing',
      inches: 52 - office.levels.coverIn + embed + 2.5,
    })
    const [before, after] = [run(stakes).asBuilt, run([...stakes, pad]).asBuilt]
    before.forEach((built, i) => expect(after[i].needIn - built.needIn).toBeCloseTo(built.id === eaves[2] ? 2.5 : 0, 9))
    expect(after.find((built) => built.id === eaves[2])?.measured).toBe(true)
  })
  test('every hole as planned holds for its own post; without frost, loads and collar nothing is asked of it', () => {
    for (const post of collar.d.posts) {
      const need = holeNeed(collar.d, office, post.id)
      expect(need).not.toBeNull()
      if (!need) continue
      expect(
        judgeHole(
          need,
          {
            id: 'h',
            at: '',
            clock: '',
            device: '',
            who: '',
            body: {
              kind: 'hole',
              post: post.id,
              depthIn: need.depthIn,
              setup: null,
              bottomReadingIn: null,
              found: 'nothing',
              note: '',
            },
          },
          need.depthIn,
        ).state,
      ).toBe('holds')
      expect(
        judgeHole(
          need,
          {
            id: 'h',
            at: '',
            clock: '',
            device: '',
            who: '',
            body: {
              kind: 'hole',
              post: post.id,
              depthIn: 47,
              setup: null,
              bottomReadingIn: null,
              found: 'nothing',
              note: '',
            },
          },
          47,
        ).remedies[0],
      ).toMatch(/1″ deeper: frost reaches 4′\u00a00″/)
    }
    expect(holeNeed(collar.d, office, 'Z9')).toBeNull()
  })
})

describe('three ways of leveling carry one height to three sets of numbers', () => {
  const postHeights: Parameters<typeof levelSteps>[2] = {
    footToGradeIn: 68,
    seatUpIn: 144,
    topUpIn: 146,
    setLongIn: 6,
  }
  test.each<
    ['high-pier' | 'cut-to-laser' | 'level-strings', number, typeof postHeights, readonly (readonly [string, number])[]]
  >([
    [
      'high-pier',
      48,
      postHeights,
      [
        ['grade', 68],
        ['seat', 212],
        ['cut', 214],
      ],
    ],
    [
      'high-pier',
      48,
      { ...postHeights, footToGradeIn: -6 },
      [
        ['grade', 6],
        ['seat', 138],
        ['cut', 140],
      ],
    ],
    [
      'cut-to-laser',
      48,
      postHeights,
      [
        ['line', 48],
        ['seat', 96],
        ['rough', 220],
      ],
    ],
    [
      'cut-to-laser',
      160,
      postHeights,
      [
        ['line', 160],
        ['seat', 16],
        ['rough', 220],
      ],
    ],
    [
      'level-strings',
      48,
      postHeights,
      [
        ['down', 68],
        ['seat', 144],
        ['cut', 214],
      ],
    ],
    [
      'level-strings',
      48,
      { ...postHeights, footToGradeIn: -6 },
      [
        ['down', 6],
        ['seat', 144],
        ['cut', 140],
      ],
    ],
    [
      'level-strings',
      48,
      { ...postHeights, stringIn: 10 },
      [
        ['down', 78],
        ['grade', 10],
        ['seat', 134],
        ['cut', 214],
      ],
    ],
    [
      'level-strings',
      48,
      { ...postHeights, stringIn: -4 },
      [
        ['down', 64],
        ['grade', 4],
        ['seat', 148],
        ['cut', 214],
      ],
    ],
    [
      'level-strings',
      48,
      { ...postHeights, stringIn: 150 },
      [
        ['down', 218],
        ['grade', 150],
        ['seat', 6],
        ['cut', 214],
      ],
    ],
  ])('%s, laser line at %i', (school, line, postHeights, want) => {
    expect(levelSteps(school, line, postHeights).map((step) => [step.key, step.inches])).toEqual(want)
  })
  test('words follow the sign: a bracket over the grade line, a laser line over the seat', () => {
    expect(levelSteps('high-pier', 48, { ...postHeights, footToGradeIn: -6 })[0].say).toMatch(/under the foot/)
    expect(levelSteps('high-pier', 48, { ...postHeights, footToGradeIn: 0 })[0].say).toMatch(/up to the grade line/)
    expect(levelSteps('level-strings', 48, { ...postHeights, footToGradeIn: -6 })[0].say).toMatch(/up to the foot/)
    expect(levelSteps('cut-to-laser', 160, postHeights)[1].say).toMatch(/down from the laser line/)
  })
})

describe('readings typed in the office', () => {
  const ids = pier.d.posts.map((post) => post.id)
  const run = (benchmarkIn: number | null, records: Parameters<typeof said>[0]) => {
    const { state, levels } = said(records)
    return measure(
      { ...pier.job, levels: { coverIn: 1.25, readingsIn: { [ids[0]]: 60, [ids[1]]: 61 }, benchmarkIn } },
      pier.d,
      state,
      levels,
    )
  }
  test('alone they are their own frame', () => {
    const measured = run(null, [])
    expect(measured.office).toEqual({ count: 2, state: 'alone', shiftIn: 0 })
    expect(measured.rods.offsets[ids[1]].upToGradeIn).toBe(2.25)
  })
  test('beside a phone’s, without a benchmark of their own, they are kept but not used', () => {
    const measured = run(null, setUp('s1', 0, 48, { [ids[2]]: 53 }))
    expect(measured.office.state).toBe('untied')
    expect(Object.keys(measured.rods.offsets)).toEqual([ids[2]])
  })
  test('tied by the benchmark they shift into the phone’s frame: 55 there is 48 here, so 60 is 53', () => {
    const measured = run(55, setUp('s1', 0, 48, { [ids[2]]: 53 }))
    expect(measured.office).toEqual({ count: 2, state: 'tied', shiftIn: -7 })
    expect([ids[0], ids[1], ids[2]].map((id) => measured.rods.offsets[id].readingIn)).toEqual([53, 54, 53])
  })
  test.each<[number | null, ReturnType<typeof setUp>]>([
    [null, []],
    [null, setUp('s1', 0, 48, { [ids[2]]: 53 })],
    [55, setUp('s1', 0, 48, { [ids[2]]: 53, [ids[0]]: 54, 'spot-S1': 60 })],
    [55, setUp('s1', 0, null, { [ids[2]]: 53 })],
  ])('benchmark %p: the quick count is that of the log', (bm, records) => {
    const { levels } = said(records)
    const job = {
      ...pier.job,
      levels: { coverIn: 1.25, readingsIn: { [ids[0]]: 60, [ids[1]]: 61, Z9: 1 }, benchmarkIn: bm },
    }
    expect(readCount(job, pier.d.posts, levels)).toBe(measure(job, pier.d, said(records).state, levels).rods.read)
  })
  test('a phone without a benchmark ties nothing', () => {
    expect(run(55, setUp('s1', 0, null, { [ids[2]]: 53 })).office.state).toBe('untied')
  })
  test('moving the office’s laser changes no mark once it is tied (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 640 }), (n) => {
        const by = n / 16
        const { state, levels } = said(setUp('s1', 0, 48, { [ids[2]]: 53 }))
        const measured = measure(
          {
            ...pier.job,
            levels: { coverIn: 1.25, readingsIn: { [ids[0]]: 60 + by, [ids[1]]: 61 + by }, benchmarkIn: 55 + by },
          },
          pier.d,
          state,
          levels,
        )
        expect(measured.asBuilt[0].needIn).toBeCloseTo(
          run(55, setUp('s1', 0, 48, { [ids[2]]: 53 })).asBuilt[0].needIn,
          9,
        )
      }),
    )
  })
})

describe('a hole read with the rod on its bottom', () => {
  const hole = (depthIn: number | null, setup: string | null, bottomReadingIn: number | null) => ({
    id: 'h',
    at: '',
    clock: '',
    device: '',
    who: '',
    body: { kind: 'hole' as const, post: 'A1', depthIn, setup, bottomReadingIn, found: 'nothing' as const, note: '' },
  })
  const { levels } = said([
    ...setUp('s1', 0, 48, { A1: 53 }),
    ...setUp('s2', 100, 50, { A2: 55 }),
    ...setUp('s3', 200, 49, { A3: 55 }, 49.5),
    ...setUp('s4', 300, null, { A4: 55 }),
  ])
  test.each<[string, ReturnType<typeof hole>, number | null, number | null]>([
    ['a tape goes before the rod', hole(60, 's1', 999), 51.75, 60],
    ['120 less the grade line at 51 3/4', hole(null, 's1', 120), 51.75, 68.25],
    ['a later set-up is brought to the first: 122 there is 120 here', hole(null, 's2', 122), 51.75, 68.25],
    ['a refused set-up says nothing', hole(null, 's3', 120), 51.75, null],
    ['nor one that is not tied', hole(null, 's4', 120), 51.75, null],
    ['nor one that nobody knows', hole(null, 's9', 120), 51.75, null],
    ['nor without a grade line', hole(null, 's1', 120), null, null],
    ['nor without a reading', hole(null, 's1', null), 51.75, null],
  ])('%s', (_, log, grade, want) => {
    expect(holeDepthIn(log, levels, grade)).toBe(want)
  })
  test('bumping the laser between two set-ups changes no depth (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: -160, max: 160 }), (n) => {
        const levels = said([...setUp('s1', 0, 48, { A1: 53 }), ...setUp('s2', 100, 48 + n / 16, { A2: 55 })]).levels
        expect(holeDepthIn(hole(null, 's2', 120 + n / 16), levels, 51.75)).toBeCloseTo(68.25, 9)
      }),
    )
  })
})

describe('level strings carried to posts', () => {
  const job = {
    ...pier.job,
    fieldwork: {
      ...pier.job.fieldwork,
      levelSchool: 'level-strings' as const,
      strings: { heightIn: 10, dropPerRowIn: 2, from: 'south' as const },
    },
  }
  const measured = measure(job, pier.d, said([]).state, said([]).levels)
  test('every post of a row has its row’s string; rows fall one after another', () => {
    for (const post of pier.d.posts) {
      const row = measured.strings.find((row) => row.row === post.row)
      if (row) expect(measured.stringIn[post.id]).toBe(row.heightIn)
    }
    expect(measured.strings.map((row) => row.heightIn)).toEqual(measured.strings.map((_, k) => 10 - 2 * k))
    expect(measured.strings[0].row).toBe('south')
  })
  test('a higher string makes every card anew, its own stick no longer', () => {
    const up = measure(
      { ...job, fieldwork: { ...job.fieldwork, strings: { ...job.fieldwork.strings, heightIn: 11 } } },
      pier.d,
      said([]).state,
      said([]).levels,
    )
    measured.asBuilt.forEach((built, i) => {
      expect(up.asBuilt[i].signature).not.toBe(built.signature)
      expect(up.asBuilt[i].needIn).toBe(built.needIn)
    })
  })
})

test('a card prints its mark above the ground: where only that has moved, it reads otherwise', () => {
  const ids = collar.d.posts.map((post) => post.id)
  const run = (records: Parameters<typeof said>[0]) => {
    const { state, levels } = said(twice(records))
    return measure(collar.job, collar.d, state, levels).asBuilt[0].signature
  }
  // Before anything is read the card prints what the plan says; then its own reading, to the sixteenth.
  const second = (inches: number) => run(readAll({ ids, at: (i) => (i === 0 ? inches : 50) }))
  const rodOf = (signature: string) => Number(/ r(-?\d+)/.exec(signature)?.[1])
  expect(rodOf(second(53.0625)) - rodOf(second(53))).toBe(1)
})
