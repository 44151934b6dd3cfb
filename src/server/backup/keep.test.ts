import { copyName, outdated } from './keep'

const MS_PER_DAY = 86_400_000
/** Copies of so many nights up to one, newest last. */
const nights = (last: string, count: number) =>
  Array.from({ length: count }, (_, i) => copyName(new Date(Date.parse(last) - (count - 1 - i) * MS_PER_DAY)))
const stays = (names: readonly string[]) => {
  const gone = new Set(outdated(names))
  return names.filter((name) => !gone.has(name)).map((name) => name.slice(8, 18))
}

test('the copy of a day is named by it', () =>
  expect(copyName(new Date('2026-11-27T03:00:00Z'))).toBe('burdock-2026-11-27.zip'))

test('a week of nights all stay', () => expect(stays(nights('2026-11-27', 7))).toHaveLength(7))

test('of two years of nights: 7 days, the Sundays of 4 weeks, the last nights of 12 months', () =>
  // 27 November 2026 is a Friday: its week began on Monday the 23rd, the weeks before it end on Sundays.
  expect(stays(nights('2026-11-27', 730))).toEqual([
    '2025-12-31',
    '2026-01-31',
    '2026-02-28',
    '2026-03-31',
    '2026-04-30',
    '2026-05-31',
    '2026-06-30',
    '2026-07-31',
    '2026-08-31',
    '2026-09-30',
    '2026-10-31',
    '2026-11-08',
    '2026-11-15',
    '2026-11-21',
    '2026-11-22',
    '2026-11-23',
    '2026-11-24',
    '2026-11-25',
    '2026-11-26',
    '2026-11-27',
  ]))

test('night after night, what stays is what would stay if all had been kept', () => {
  let kept: string[] = []
  const all = nights('2026-11-27', 500)
  all.forEach((name, i) => {
    kept.push(name)
    const gone = new Set(outdated(kept))
    kept = kept.filter((each) => !gone.has(each))
    if (i % 50 === 0) expect(kept.map((each) => each.slice(8, 18))).toEqual(stays(all.slice(0, i + 1)))
  })
})

test('a machine that was off keeps its old copies', () =>
  expect(outdated(['burdock-2024-03-01.zip', 'burdock-2026-11-27.zip'])).toEqual([]))

test('other files are left alone', () =>
  expect(outdated(['before the move.zip', 'burdock-2026-11.zip', ...nights('2026-11-27', 1)])).toEqual([]))
