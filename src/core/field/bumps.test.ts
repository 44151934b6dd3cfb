import { record, said, setUp } from '../testing/records'
import { CHECK_MINUTES, CHECK_READINGS, checkDue, secondsWanted } from '.'

const reading = (minute: number, target: string, inches: number, second = false) =>
  record(minute, {
    kind: 'reading',
    setup: 's1',
    target,
    of: 'foot',
    inches,
    ...(second ? { second: true as const } : {}),
  })
const check = (minute: number, benchmarkIn: number) => record(minute, { kind: 'check', setup: 's1', benchmarkIn })
const begin = record(0, { kind: 'setup', setup: 's1', place: 'corner', benchmarkIn: 48 })
const inches = (levels: ReturnType<typeof said>['levels']) =>
  Object.fromEntries(Object.entries(levels.current).map(([id, { inches: at }]) => [id, at]))

describe('a bump, placed in time', () => {
  test('what was read before the last good check stands; what lies between is read again', () => {
    const { levels } = said([
      begin,
      reading(1, 'A', 53),
      check(2, 48),
      reading(3, 'B', 53),
      reading(4, 'C', 53),
      check(5, 48.5),
    ])
    expect(inches(levels)).toEqual({ A: 53 })
    expect(levels.unused.map(({ why }) => why)).toEqual(['bumped', 'bumped'])
    expect(levels.setups[0]).toMatchObject({ state: 'bumped', closingIn: 0.5 })
    expect(levels.setups[0].bumps).toMatchObject([{ byIn: 0.5, corrected: 0, again: 2 }])
  })
  test('a place that was read on both sides of it says when: what came after is corrected', () => {
    const log = [
      begin,
      reading(1, 'A', 53),
      reading(2, 'B', 53),
      reading(3, 'C', 53.5),
      reading(4, 'A', 53.5, true),
      check(5, 48.5),
    ]
    const { levels } = said(log)
    // A read the same half inch more that the benchmark did: the bump came between. C was read in between.
    expect(levels.setups[0].bumps).toMatchObject([{ corrected: 1, again: 2 }])
    expect(inches(levels)).toEqual({ A: 53 })
    const sooner = said([...log.slice(0, 4), reading(4, 'B', 53.5, true), check(5, 48.5)])
    expect(sooner.levels.setups[0].bumps).toMatchObject([{ corrected: 1, again: 1 }])
    expect(inches(sooner.levels)).toEqual({ A: 53, B: 53 })
  })
  test('a place read before the last good check places it too', () => {
    const { levels } = said([
      begin,
      reading(1, 'A', 53),
      check(2, 48),
      reading(3, 'A', 53.5, true),
      reading(4, 'B', 54),
      check(5, 48.5),
    ])
    expect(levels.setups[0].bumps).toMatchObject([{ corrected: 2, again: 0 }])
    expect(inches(levels)).toEqual({ A: 53, B: 53.5 })
  })
  test('after the check the set-up goes on from where the laser stands now', () => {
    const { levels } = said([begin, reading(1, 'A', 53), check(2, 48.5), reading(3, 'B', 53.5), check(4, 48.5)])
    expect(inches(levels)).toEqual({ B: 53 })
  })
  test('a check that reads a sixteenth otherwise is the reading of it, and corrects nothing', () =>
    expect(
      inches(said([begin, reading(1, 'A', 53), check(2, 48.0625), reading(3, 'B', 53), check(4, 48)]).levels),
    ).toEqual({
      A: 53,
      B: 53,
    }))
})

describe('when a laser is checked back', () => {
  const due = (records: Parameters<typeof said>[0], minutes: number) => {
    const { state } = said(records)
    return checkDue(state, state.setups[0], Date.parse(state.setups[0].at) + 60_000 * minutes)
  }
  const read = (count: number) => Array.from({ length: count }, (_, i) => reading(1 + i, `P${i}`, 53))
  test.each([
    [CHECK_READINGS - 1, 12, null],
    [CHECK_READINGS, 12, CHECK_READINGS],
    [1, CHECK_MINUTES - 1, null],
    [1, CHECK_MINUTES, 1],
    [0, 600, null],
  ])('%i readings in %i minutes: due after %p', (count, minutes, after) =>
    expect(due([begin, ...read(count)], minutes)?.readings ?? null).toBe(after),
  )
  test('a check begins the count anew; a set-up without a benchmark has none', () => {
    expect(due([begin, ...read(10), check(30, 48), reading(31, 'Q', 53)], 32)).toBeNull()
    expect(due(setUp('s1', 0, null, { A: 1 }), 600)).toBeNull()
  })
})

describe('second readings', () => {
  const twice = (first: number, second: number, third?: number) => {
    const log = [begin, reading(1, 'A', first), reading(2, 'A', second, true)]
    const { levels } = said(third === undefined ? log : [...log, reading(3, 'A', third, true)])
    return {
      in: levels.current.A?.inches ?? null,
      sure: levels.confirmed.feet.has('A'),
      against: levels.disputes.feet.A,
    }
  }
  test.each([
    [53, 53, undefined, 53, true],
    [53, 53.0625, undefined, 53, true],
    [53, 53.125, undefined, null, false],
    [53, 53.125, 53.125, 53.125, true],
    [53, 53.125, 53, 53, true],
    [53, 53.25, 54, null, false],
  ])('%f, then %f, then %p: %p stands, sure %p', (first, second, third, stands, sure) => {
    const judged = twice(first, second, third)
    expect([judged.in, judged.sure, judged.against !== undefined]).toEqual([stands, sure, stands === null])
  })
  test('reading it again the first way settles it too', () => {
    const { levels } = said([begin, reading(1, 'A', 53), reading(2, 'A', 53.25, true), reading(3, 'A', 53.25)])
    expect(levels.current.A.inches).toBe(53.25)
  })
  test('asked for at the high point, corners and every fifth, on the way back; all where the job says so', () => {
    const order = ['A', 'B', 'C', 'D', 'E', 'F', 'G']
    const of = (rule: 'some' | 'all', confirmed: readonly string[] = []) =>
      secondsWanted(order, {
        posts: order.map((id) => ({ id, kind: id === 'A' || id === 'G' ? ('corner' as const) : ('eave' as const) })),
        highPost: 'C',
        isRead: (id) => id !== 'G',
        confirmed: new Set(confirmed),
        rule,
      })
    expect(of('some')).toEqual(['E', 'C', 'A'])
    expect(of('some', ['E'])).toEqual(['C', 'A'])
    expect(of('all')).toEqual(['F', 'E', 'D', 'C', 'B', 'A'])
  })
})
