import { demo } from '../testing/demos'
import { said, setUp } from '../testing/records'
import { measure } from '.'

const pier = demo('tansy')
const collar = demo('quillback')
const read = ({ job, d }: typeof pier, records: Parameters<typeof said>[0]) => {
  const { state, levels } = said(records)
  // What the office of a demo has typed is left out.
  return measure({ ...job, levels: { ...job.levels, readingsIn: {} } }, d, state, levels).asBuilt
}
const idsOf = ({ d }: typeof pier) => d.posts.map(({ id }) => id)
/** All alike but for one that reads five inches more. */
const oneOff = (ids: readonly string[], at: number) => Object.fromEntries(ids.map((id, i) => [id, i === at ? 57 : 52]))

const cases: readonly {
  readonly name: string
  readonly site: typeof pier
  readonly of: 'foot' | 'footing'
  readonly rod: boolean
  readonly foot: boolean
}[] = [
  { name: 'a bracket is rod and foot in one', site: pier, of: 'foot', rod: true, foot: true },
  { name: 'a stake is not the foot', site: collar, of: 'foot', rod: true, foot: false },
  { name: 'a pad is the foot', site: collar, of: 'footing', rod: false, foot: true },
]
test.each(cases)('a doubted reading is neither read nor unread: $name', ({ site, of, rod, foot }) => {
  const ids = idsOf(site)
  const built = read(site, setUp('s1', 0, 48, oneOff(ids, 4), undefined, of))
  expect(built.filter(({ rodAgain }) => rodAgain).map(({ id }) => id)).toEqual(rod ? [ids[4]] : [])
  expect(built.filter(({ footAgain }) => footAgain).map(({ id }) => id)).toEqual(foot ? [ids[4]] : [])
  if (rod) expect(built[4]).toMatchObject({ readingIn: null, upFromRodIn: null })
  if (foot) expect(built[4].measured).toBe(false)
})

test('a reading that may be of before or after a bump is to be read again, until it was read in a good set-up', () => {
  const ids = idsOf(pier)
  const bumped = setUp('s1', 0, 48, { [ids[0]]: 52, [ids[1]]: 52 }, 50)
  expect(read(pier, bumped).map(({ rodAgain }) => rodAgain)).toEqual(ids.map((_, i) => i < 2))
  const anew = read(pier, [...bumped, ...setUp('s2', 200, 48, { [ids[0]]: 52 })])
  expect(anew.map(({ rodAgain }) => rodAgain)).toEqual(ids.map((_, i) => i === 1))
})

test('a reading says from which set-up it is told: the first one with a benchmark, whichever laser has read', () => {
  const [first, second] = idsOf(pier)
  const records = [
    ...setUp('s1', 0, null, {}),
    ...setUp('s2', 10, 48, { [first]: 52 }),
    ...setUp('s3', 30, 50, { [second]: 54 }),
  ]
  const built = read(pier, records)
  expect(built.slice(0, 3).map(({ readingIn, rodAt }) => [readingIn, rodAt])).toEqual([
    [52, 2],
    [52, 2],
    [null, null],
  ])
})

test('what was never read, and what nothing ties, is not called read', () => {
  const ids = idsOf(pier)
  const untied = [...setUp('s1', 0, 48, { [ids[0]]: 52 }), ...setUp('s2', 30, null, { [ids[1]]: 52 })]
  expect(read(pier, untied).some(({ rodAgain, footAgain }) => rodAgain || footAgain)).toBe(false)
})

test('a card that asks for another reading does not read like one that was never read', () => {
  const ids = idsOf(pier)
  const all = oneOff(ids, 4)
  const others = Object.fromEntries(Object.entries(all).filter(([id]) => id !== ids[4]))
  const signature = (readings: Readonly<Record<string, number>>) =>
    read(pier, setUp('s1', 0, 48, readings))[4].signature
  expect(signature(all)).not.toBe(signature(others))
})
