import fc from 'fast-check'
import type { Post } from '../layout'
import { record, said, setUp } from '../testing/records'
import {
  cureClock,
  foldRecords,
  gapsInSequence,
  girtFromGap,
  plannedGapIn,
  judgeHole,
  judgeStick,
  parseRecords,
  type HoleNeed,
  type RecordBody,
  type WeatherHour,
} from '.'
import { rodLog } from '../marks'

const bodyOk: readonly RecordBody[] = [
  { kind: 'setup', setup: 's1', place: 'south-east corner', benchmarkIn: 48.5 },
  { kind: 'check', setup: 's1', benchmarkIn: 48.5625 },
  { kind: 'reading', setup: 's1', target: 'A1', of: 'foot', inches: 53.375 },
  { kind: 'reading', setup: 's1', target: 'spot-12', of: 'ground', inches: 0 },
  { kind: 'grade', gradeReadingIn: null },
  { kind: 'hole', post: 'D4', depthIn: 62, setup: null, bottomReadingIn: null, found: 'rock', note: 'ledge' },
  { kind: 'pour', post: 'D4', bags: 8, bagLb: 80, poured: '2026-05-04T12:00:00Z' },
  { kind: 'state', post: 'D4', state: 'braced' },
  { kind: 'cut', post: 'D4', lengthIn: 200 },
  { kind: 'gap', from: 'A1', to: 'A2', gapIn: 103.5 },
  { kind: 'print', cards: { A1: 'x' } },
  { kind: 'void', record: 'r1' },
]

describe('records at the door', () => {
  test.each(bodyOk)('%j passes and comes back the same', (body) => {
    const earlier = [record(0, body)]
    expect(parseRecords(JSON.parse(JSON.stringify(earlier)))).toEqual({ ok: true, value: earlier })
  })
  const good = record(0, bodyOk[2])
  test.each<[string, unknown, string]>([
    ['a reading under the rod', [{ ...good, body: { ...bodyOk[2], inches: -0.0625 } }], 'inches'],
    ['a reading over the rod', [{ ...good, body: { ...bodyOk[2], inches: 300.0625 } }], 'inches'],
    ['letters for a reading', [{ ...good, body: { ...bodyOk[2], inches: '53 3/8' } }], 'inches'],
    ['no number', [{ ...good, body: { ...bodyOk[2], inches: null } }], 'inches'],
    ['a post with a space in it', [{ ...good, body: { ...bodyOk[2], target: 'A 1' } }], 'target'],
    ['markup for a post', [{ ...good, body: { ...bodyOk[2], target: '<b>A1</b>' } }], 'target'],
    ['an id with a space', [{ ...good, id: 'r 1' }], 'id'],
    ['a day that is none', [{ ...good, at: '2026-02-30T00:00:00Z' }], 'at'],
    ['no device', [{ ...good, device: '' }], 'device'],
    [
      'a hole deeper than a well',
      [
        record(0, {
          kind: 'hole',
          post: 'A1',
          depthIn: 241,
          setup: null,
          bottomReadingIn: null,
          found: 'rock',
          note: '',
        }),
      ],
      'depthIn',
    ],
    ['something found that no list has', [{ ...good, body: { ...bodyOk[5], found: 'gold' } }], 'found'],
    ['a bag of no size', [{ ...good, body: { ...bodyOk[6], bagLb: 70 } }], 'bagLb'],
    ['a state that does not exist', [{ ...good, body: { kind: 'state', post: 'A1', state: 'done' } }], 'state'],
    ['a field too many', [{ ...good, color: 'red' }], '0'],
    ['something that never happens', [{ ...good, body: { kind: 'dance' } }], 'kind'],
    ['no list', good, ''],
    ['text', 'A1 53 3/8', ''],
  ])('%s is refused where it stands', (_, value, field) => {
    const result = parseRecords(value)
    expect(result.ok).toBe(false)
    if (!result.ok) expect(result.issues.map((issue) => issue.path.join('.')).join(' ')).toContain(field)
  })
})

describe('putting records together', () => {
  const all = [
    ...setUp('s1', 0, 48, { A1: 53, A2: 53.5, A3: 52.75 }, 48),
    record(200, { kind: 'state', post: 'A1', state: 'cut' }),
    record(201, { kind: 'cut', post: 'A1', lengthIn: 200 }),
    record(202, { kind: 'void', record: 'r2-phone-1' }),
    record(203, { kind: 'state', post: 'A1', state: 'set' }),
  ]
  test('any order, and any of them twice, say the same (property)', () => {
    const want = said(all)
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: all.length }), fc.subarray(all), (mixed, twice) => {
        expect(said([...mixed, ...twice])).toEqual(want)
      }),
    )
  })
  test('an undo takes one record back; an undo of the undo brings it again; undone states fall to the one before', () => {
    expect(said(all).levels.current.A2).toBeUndefined()
    expect(said([...all, record(210, { kind: 'void', record: 'r202-phone-1' })]).levels.current.A2.inches).toBe(53.5)
    expect(said([...all, record(211, { kind: 'void', record: 'r203-phone-1' })]).state.states.A1).toBe('cut')
    expect(said([...all, record(212, { kind: 'void', record: 'r201-phone-1' })]).state.cuts.A1).toBeUndefined()
  })
  test.each([
    [53, 53.125, 0],
    [53, 53.1875, 1],
    [53, 52.8125, 1],
    [53, 53, 0],
  ])('two phones read %f and %f on one rod: %i to settle', (a, b, n) => {
    const at = (v: number, m: number, phone: string) =>
      record(m, { kind: 'reading', setup: 's1', target: 'B1', of: 'foot', inches: v }, phone)
    const { levels } = said([...setUp('s1', 0, 48, {}), at(a, 5, 'phone-1'), at(b, 6, 'phone-2')])
    expect(levels.contests).toHaveLength(n)
    // What stood stays until somebody chooses.
    expect(levels.current.B1.inches).toBe(n > 0 ? a : b)
    expect(said([...setUp('s1', 0, 48, {}), at(a, 5, 'phone-1'), at(b, 6, 'phone-1')]).levels.contests).toEqual([])
  })
  test.each([
    [13, 1],
    [11, 0],
    [25, 1],
    [-120, 0],
    [0, 0],
  ])('a phone whose clock is %i h ahead of the server raises %i trouble; waiting for a signal is none', (hours, n) => {
    const earlier = record(0, { kind: 'state', post: 'A1', state: 'set' })
    expect(
      foldRecords([
        { record: earlier, receivedAt: new Date(Date.parse(earlier.at) - hours * 3600000).toISOString() },
      ]).troubles.filter((trouble) => trouble.kind === 'clock'),
    ).toHaveLength(n)
  })
  test('a reading of a set-up nobody started is kept, named and not used', () => {
    const { state, levels } = said([
      record(1, { kind: 'reading', setup: 'ghost', target: 'A1', of: 'foot', inches: 50 }),
    ])
    expect(state.troubles.map((trouble) => trouble.kind)).toEqual(['no-setup'])
    expect(levels.current).toEqual({})
    expect(levels.unused.map((u) => [u.reading.body.target, u.why])).toEqual([['A1', 'no-setup']])
  })
})

describe('levels: HI = BM + BS, higher reading is lower point', () => {
  const near = { P1: ['P2'], P2: ['P1', 'P3'], P3: ['P2', 'P4'], P4: ['P3'] }
  test('hand-worked rod log: BM 100.00, BS 5.25 ft, pads 9.42 9.10 9.55 9.31, floor 100.50, seat 114.50 ft', () => {
    const feet = { P1: 9.42, P2: 9.1, P3: 9.55, P4: 9.31 }
    const { levels } = said(
      setUp('s1', 0, 5.25 * 12, Object.fromEntries(Object.entries(feet).map(([key, value]) => [key, value * 12]))),
    )
    const rods = rodLog(
      {
        coverIn: 4.35 * 12,
        readingsIn: Object.fromEntries(
          Object.values(levels.current).map((reading) => [reading.target, reading.inches]),
        ),
      },
      { neighbors: near },
    )
    expect(rods.benchmarkPost).toBe('P2')
    expect((rods.gradeReadingIn ?? 0) / 12).toBeCloseTo(4.75, 9)
    const lengths = Object.keys(feet).map((key) => rods.offsets[key].upToGradeIn / 12 + 14)
    ;[18.67, 18.35, 18.8, 18.56].forEach((want, i) => expect(lengths[i]).toBeCloseTo(want, 9))
    ;[0.32, 0, 0.45, 0.21].forEach((want, i) => expect(lengths[i] - 18.35).toBeCloseTo(want, 9))
  })
  test('moving the laser by any amount changes no mark (property)', () => {
    const sixteenths = (lo: number, hi: number) => fc.integer({ min: lo * 16, max: hi * 16 }).map((n) => n / 16)
    fc.assert(
      fc.property(fc.array(sixteenths(40, 70), { minLength: 4, maxLength: 4 }), sixteenths(-30, 100), (v, by) => {
        const marks = (shift: number) => {
          const { levels } = said(
            setUp('s1', 0, 48 + shift, { P1: v[0] + shift, P2: v[1] + shift, P3: v[2] + shift, P4: v[3] + shift }),
          )
          return rodLog(
            {
              coverIn: 1.25,
              readingsIn: Object.fromEntries(
                Object.values(levels.current).map((reading) => [reading.target, reading.inches]),
              ),
            },
            { neighbors: near },
          )
        }
        const [a, b] = [marks(0), marks(by)]
        expect(Object.keys(b.offsets)).toEqual(Object.keys(a.offsets))
        for (const key of Object.keys(a.offsets))
          expect(b.offsets[key].upToGradeIn).toBeCloseTo(a.offsets[key].upToGradeIn, 9)
      }),
    )
  })
  test('two set-ups tie by the benchmark: a laser 7 3/4 in. higher reads 7 3/4 more of everything', () => {
    const { levels } = said([
      ...setUp('s1', 0, 48.25, { P1: 53, P2: 52 }),
      ...setUp('s2', 100, 56, { P3: 61, P2: 59.75 }),
    ])
    expect(levels.setups.map((setup) => [setup.shiftIn, setup.state])).toEqual([
      [0, 'open'],
      [-7.75, 'open'],
    ])
    expect(levels.current.P3.inches).toBeCloseTo(53.25, 12)
    expect(levels.current.P2.inches).toBeCloseTo(52, 12)
    expect(levels.current.P2.setup).toBe('s2')
  })
  test.each<[number, string, number]>([
    [0, 'closed', 4],
    [1 / 16, 'closed', 4],
    [1 / 8, 'closed', 4],
    [-1 / 8, 'closed', 4],
    [3 / 16, 'bumped', 0],
    [-3 / 16, 'bumped', 0],
    [4, 'bumped', 0],
  ])('back on the benchmark it misses by %f: %s, %i readings used', (miss, state, used) => {
    const { levels } = said(setUp('s1', 0, 48, { P1: 53, P2: 53, P3: 53, P4: 53 }, 48 + miss))
    expect(levels.setups[0].state).toBe(state)
    expect(Object.keys(levels.current)).toHaveLength(used)
    expect(levels.unused).toHaveLength(4 - used)
  })
  test('a closing error of 1/8 over three readings is spread 1/32, 2/32, 3/32', () => {
    const { levels } = said(setUp('s1', 0, 48, { P1: 53, P2: 53, P3: 53 }, 48.125))
    ;['P1', 'P2', 'P3'].forEach((text, i) => expect(levels.current[text].inches).toBeCloseTo(53 - (i + 1) / 32, 12))
  })
  test.each<[string, number | null, number | null, string]>([
    ['neither has one', null, null, 'untied'],
    ['only the first has one', 48, null, 'untied'],
    ['both have one', 48, 50, 'open'],
  ])('a second set-up where %s stands %s', (_, a, b, state) => {
    const { levels } = said([...setUp('s1', 0, a, { P1: 53 }), ...setUp('s2', 100, b, { P2: 55 })])
    expect(levels.setups[1].state).toBe(state)
    expect('P2' in levels.current).toBe(state === 'open')
  })
  test('a set-up that reads its benchmark late is tied by it, and later looks are held against that one', () => {
    const late = (minute: number, benchmarkIn: number) => record(minute, { kind: 'check', setup: 's2', benchmarkIn })
    const log = [...setUp('s1', 0, 48.25, { P1: 53 }), ...setUp('s2', 100, null, { P2: 61, P3: 60 })]
    const { levels } = said([...log, late(120, 56)])
    expect(levels.setups.map((setup) => [setup.benchmarkIn, setup.shiftIn, setup.state])).toEqual([
      [48.25, 0, 'open'],
      [56, -7.75, 'open'],
    ])
    expect([levels.current.P2.inches, levels.current.P3.inches]).toEqual([53.25, 52.25])
    const after = record(121, { kind: 'reading', setup: 's2', target: 'P4', of: 'foot', inches: 60.5 })
    const bumped = said([...log, late(120, 56), after, late(130, 58)]).levels
    expect([bumped.setups[1].state, bumped.setups[1].closingIn]).toEqual(['bumped', 2])
    // What was read before the first look had no bump in it; what came between the looks may be of before or after.
    expect([Object.keys(bumped.current).sort(), bumped.unused.map(({ why }) => why)]).toEqual([
      ['P1', 'P2', 'P3'],
      ['bumped'],
    ])
    expect(said([...log, late(120, 56), late(130, 56)]).levels.setups[1].state).toBe('closed')
  })
  test('a set-up without a benchmark is still good alone; statistics name highest, lowest and spread', () => {
    const { levels } = said(setUp('s1', 0, null, { P1: 53, P2: 51.5, P3: 54.25 }))
    const setup = levels.setups[0]
    expect([setup.state, setup.highest?.body.target, setup.lowest?.body.target, setup.spreadIn]).toEqual([
      'open',
      'P2',
      'P3',
      2.75,
    ])
  })
  test('pads and ground are kept apart from feet', () => {
    const { levels } = said([
      ...setUp('s1', 0, 48, { A1: 53 }),
      record(20, { kind: 'reading', setup: 's1', target: 'A1', of: 'footing', inches: 121 }),
      record(21, { kind: 'reading', setup: 's1', target: 'spot-1', of: 'ground', inches: 55 }),
    ])
    expect([levels.current.A1.inches, levels.footings.A1.inches, levels.grounds['spot-1'].inches]).toEqual([
      53, 121, 55,
    ])
  })
})

describe('sticks, gaps and girts', () => {
  test.each<[number, number, string, RegExp]>([
    [200, 200, 'fits', /fits/],
    [200.0625, 200, 'fits', /fits/],
    [199.9375, 200, 'fits', /fits/],
    [200.125, 200, 'long', /1\/8″ long: trim/],
    [199.5, 200, 'short', /1\/2″ short: block the seat/],
    [198.5, 200, 'short', /1\u00a01\/2″ short: block/],
    [198.4375, 200, 'short', /replace it, or raise its footing/],
    [203, 200, 'long', /3″ long/],
  ])('cut at %f where %f is needed: %s', (cut, need, kind, say) => {
    const stickFit = judgeStick('C3', cut, need)
    expect(stickFit.kind).toBe(kind)
    expect(stickFit.say).toMatch(say)
    expect(stickFit.say).toContain('C3')
  })
  test.each<[number | null, number, number, boolean]>([
    [null, 103.5, 103.375, false],
    [103.1875, 103.5, 103.0625, true],
    [103.22, 103.5, 103.0625, true],
    [104, 103.5, 103.875, true],
  ])('gap %p, plan %f: a girt of %f', (gap, plan, want, measured) => {
    const { state } = said(gap === null ? [] : [record(1, { kind: 'gap', from: 'A2', to: 'A1', gapIn: gap })])
    expect(girtFromGap({ state, from: 'A1', to: 'A2', plannedIn: plan, playIn: 1 / 8 })).toEqual({
      lengthIn: want,
      measured,
    })
  })
  test.each([
    ['along the building: 96 less two halves of 4.5', { x: 96, y: 0 }, 91.5],
    ['across it: 120 less two halves of 7.25', { x: 0, y: 120 }, 112.75],
    ['posts that touch', { x: 4, y: 0 }, 0],
  ])('planned gap %s', (_, place, want) => {
    const post = { x: 0, y: 0, sizeX: 4.5, sizeY: 7.25 } as Post
    expect(plannedGapIn(post, { ...post, ...place })).toBe(want)
  })
  test('a post passed over between two that were read is named; ends not yet reached are not', () => {
    const { levels } = said(setUp('s1', 0, 48, { A2: 53, A5: 53 }))
    expect(
      gapsInSequence(
        [
          ['A1', 'A2', 'A3', 'A4', 'A5', 'A6'],
          ['D1', 'D2'],
        ],
        levels,
      ),
    ).toEqual(['A3', 'A4'])
  })
})

describe('holes as dug', () => {
  const need: HoleNeed = {
    depthIn: 68,
    frostIn: 48,
    lateralIn: 60,
    upliftIn: 64,
    padIn: 10,
    bearingRatio: 0.8,
    diameterIn: 24,
  }
  const log = (found: 'nothing' | 'rock' | 'root' | 'water' | 'soft' | 'frost' | 'clay') => ({
    id: 'h',
    at: '',
    clock: '',
    device: '',
    who: '',
    body: { kind: 'hole' as const, post: 'A1', depthIn: null, setup: null, bottomReadingIn: null, found, note: '' },
  })
  test.each<[number | null, 'nothing' | 'rock' | 'root' | 'water' | 'soft' | 'frost' | 'clay', string, number, RegExp]>(
    [
      [68, 'nothing', 'holds', 0, /Deep enough/],
      [72, 'nothing', 'holds', 0, /Deep enough/],
      [66, 'nothing', 'holds', 0, /2″ shallower than planned; it still holds/],
      [64, 'rock', 'holds', 0, /Rock/],
      [62, 'nothing', 'shallow', 1, /does not hold/],
      [55, 'rock', 'shallow', 2, /Rock/],
      [40, 'nothing', 'shallow', 3, /does not hold/],
      [68, 'water', 'stop', 0, /drained/],
      [68, 'soft', 'stop', 0, /firm ground/],
      [80, 'frost', 'stop', 0, /Frozen/],
      [68, 'clay', 'holds', 0, /Clay/],
      [null, 'root', 'holds', 0, /Root/],
    ],
  )('%p in. deep, found %s: %s with %i remedies', (depth, found, state, remedies, say) => {
    const holeVerdict = judgeHole(need, log(found), depth)
    expect([holeVerdict.state, holeVerdict.remedies.length]).toEqual([state, remedies])
    expect([holeVerdict.say, holeVerdict.note].join(' ')).toMatch(say)
  })
  test('each cure names what it is for', () => {
    const { remedies } = judgeHole(need, log('nothing'), 40)
    expect(remedies.join('\n')).toMatch(
      /8″ deeper: frost reaches 4′\u00a00″[\s\S]*sideways it needs 5′\u00a00″[\s\S]*uplift it needs 5′\u00a04″: a collar 28″/,
    )
  })
})

describe('cure clock: hours weighed by (T - 14)/(65 - 14), none at or under 14 °F', () => {
  const poured = '2026-05-04T12:00:00Z'
  const hours = (n: number, tempF: number, rainIn = 0): WeatherHour[] =>
    Array.from({ length: n }, (_, i) => ({
      at: new Date(Date.parse(poured) + i * 3600000).toISOString(),
      tempF,
      rainIn,
      windMph: 5,
      light: true,
    }))
  const after = (h: number) => new Date(Date.parse(poured) + h * 3600000).toISOString()
  test.each<[number, number, number, string | undefined]>([
    [23, 65, 23, undefined],
    [24, 65, 24, 'stand a post on it'],
    [48, 65, 48, 'backfill and brace lightly'],
    [168, 65, 168, 'set trusses'],
    [672, 65, 672, 'full load'],
    [24, 39.5, 12, undefined],
    [24, 90, 31.2, 'stand a post on it'],
    [100, 14, 0, undefined],
    [24, 30, (24 * 16) / 51, undefined],
    [100, 0, 0, undefined],
    [30, 45, (30 * 31) / 51, undefined],
  ])('%i h at %f °F count as %f h: %p', (h, t, mature, may) => {
    const c = cureClock(poured, after(h), hours(h + 1, t), 60)
    expect(c.matureHours).toBeCloseTo(mature, 6)
    expect(c.may.at(-1)).toBe(may)
  })
  test('what comes next, and when; never where it gains nothing', () => {
    expect(cureClock(poured, after(24), hours(30, 65), 60).next).toEqual({
      what: 'backfill and brace lightly',
      inHours: 24,
    })
    expect(cureClock(poured, after(5), hours(30, 10), 60).next?.inHours).toBe(Infinity)
    expect(cureClock(poured, after(900), hours(901, 65), 60).next).toBeNull()
  })
  test.each<[number, number, RegExp | null]>([
    [35, 0, /Under 40/],
    [65, 0.1, /washed-out/],
    [65, 0, null],
  ])('at %f °F with %f in. of rain each hour', (t, rain, says) => {
    const c = cureClock(poured, after(8), hours(9, t, rain), 60).cautions.join(' ')
    if (says) expect(c).toMatch(says)
    else expect(c).toBe('')
  })
})

describe('cure clock, by the hour', () => {
  const poured = '2026-05-04T12:00:00Z'
  const at = (h: number) => new Date(Date.parse(poured) + h * 3600000).toISOString()
  const hour = (h: number, tempF: number, rainIn = 0): WeatherHour => ({
    at: at(h),
    tempF,
    rainIn,
    windMph: 5,
    light: true,
  })
  test('the hour that runs counts as far as it has run', () =>
    expect(cureClock(poured, at(2.5), [hour(0, 65), hour(1, 65), hour(2, 65)], 65).matureHours).toBeCloseTo(2.5, 9))
  test('at a whole hour the next one has not begun: it is not counted among the cold ones', () =>
    expect(cureClock(poured, at(2), [hour(0, 65), hour(1, 65), hour(2, 30)], 65).cautions).toEqual([]))
  test('hours nobody knows the weather of count as the guess', () =>
    expect(cureClock(poured, at(4), [hour(0, 65)], 39.5).matureHours).toBeCloseTo(1 + 3 * 0.5, 9))
  test('rain counts in the first six hours, and no later', () => {
    const rainAt = (h: number) =>
      cureClock(
        poured,
        at(9),
        Array.from({ length: 9 }, (_, k) => hour(k, 65, k === h ? 1 : 0)),
        65,
      )
    expect([0, 5, 6, 8].map((h) => rainAt(h).cautions.length)).toEqual([1, 1, 0, 0])
  })
})
