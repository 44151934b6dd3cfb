import { standingsOf } from '../layout'
import { type Job, newJob } from '../model'
import { liveOn } from './lives'
import { parseJob } from './readJob'

type Raw = Record<string, unknown>
/** A file of version 5: names are identities, nothing else is. */
function file(change: Raw = {}, levels: Raw = {}, rest: Raw = {}): Raw {
  const { posts: _posts, givenUp: _givenUp, ...building } = newJob('old').building
  const job = newJob('old')
  return {
    ...job,
    version: 5,
    building: { ...building, lengthIn: 768, widthIn: 480, bays: { mode: 'count', count: 8 }, ...change },
    levels: { ...job.levels, ...levels },
    ...rest,
  }
}
const read = (raw: Raw): Job => {
  const job = parseJob(raw)
  if (!job.ok) throw new Error(JSON.stringify(job.issues))
  return job.value
}
const nameOf = (job: Job) => {
  const posts = standingsOf(job.building)?.posts ?? []
  return new Map(posts.map((post) => [post.id, post.name]))
}
const named = (job: Job, name: string) => [...nameOf(job)].find(([, own]) => own === name)?.[0] ?? 'none'
const door = {
  id: 'op-1',
  kind: 'overhead',
  name: '',
  side: 'south',
  corner: 'SW',
  positionIn: 150,
  widthIn: 96,
  heightIn: 96,
  sillIn: 0,
}

describe('a file of before', () => {
  test('every post gets an identity, the same for everyone who reads it, under the name it had', () => {
    const [one, other] = [read(file()), read(file())]
    expect(one).toEqual(other)
    expect(new Set(one.building.posts.map(({ id }) => id)).size).toBe(one.building.posts.length)
    expect([...nameOf(one).values()].slice(0, 3)).toEqual(['A1', 'A2', 'A3'])
    expect(one.building.posts.find(({ id }) => id === named(one, 'A3'))?.formerNames).toEqual(['A3'])
  })
  test('what was kept by name goes by identity: readings, shifts, bridges, the hook', () => {
    const job = read(
      file(
        { gableShiftsIn: { C1: 6 }, bridged: ['A3'] },
        { readingsIn: { A1: 50, C1: 51 } },
        { strings: { ...newJob('x').strings, hookPost: 'A5' } },
      ),
    )
    expect(job.building.gableShiftsIn).toEqual({ [named(job, 'C1')]: 6 })
    expect(job.levels.readingsIn).toEqual({ [named(job, 'A1')]: 50, [named(job, 'C1')]: 51 })
    expect(job.strings.hookPost).toBe(named(job, 'A5'))
    const standings = standingsOf(job.building)
    expect(standings?.omitted.map(({ name }) => name)).toEqual(['A3'])
    expect(standings?.posts.find(({ name }) => name === 'C1')?.movedIn).toBe(6)
  })
  test('where two posts bore one name (row J and a jamb) each gets its own, and its readings are said to be nobody’s', () => {
    // 80 ft with gable posts every 8 ft: the tenth row was J, as the jambs of the door are.
    const job = read(
      file({ widthIn: 960, gableMaxIn: 96, openings: [door] }, { readingsIn: { J1: 50, J9: 49, I1: 52 } }),
    )
    const names = [...nameOf(job).values()]
    expect(new Set(names).size).toBe(names.length)
    const bearers = job.building.posts.filter(({ formerNames }) => formerNames.includes('J1'))
    expect(bearers.map(({ string, place }) => `${string} ${place}`).sort()).toEqual([
      'south jamb-op-1-low',
      'west inner-9',
    ])
    expect(bearers.map(({ keptName }) => keptName)).toEqual([null, null])
    // J9 was the one post of row J at the east end: it keeps the name that is on its paper.
    expect(
      Object.keys(job.levels.readingsIn)
        .map((id) => nameOf(job).get(id))
        .sort(),
    ).toEqual(['I1', 'J9'])
    expect(job.note).toContain('J1 50')
  })
  test('a file that is no job is refused at its own fields, not at those of the identities', () => {
    const job = parseJob({ ...file(), building: { ...(file().building as Raw), widthIn: 'wide' } })
    expect(job.ok ? [] : job.issues.map((issue) => issue.path.join('.'))).toEqual(['building.widthIn'])
  })
})

describe('a history of before', () => {
  const eight = read(file())
  const six = read(file({ bays: { mode: 'count', count: 6 } }))
  const nobody = () => new Set<string>()
  test('without records a post follows its place in the layout', () => {
    const [first, second] = liveOn([eight, six], nobody)
    expect(named(second, 'A3')).toBe(named(first, 'A3'))
    expect(second.building.givenUp).toEqual([])
  })
  test('a recorded post goes only where it stood: another stands in its place, and it is given up with a word', () => {
    const id = named(eight, 'A3')
    const [, second] = liveOn([eight, six], () => new Set([id]))
    expect(named(second, 'A3')).not.toBe(id)
    expect(second.building.givenUp).toMatchObject([{ id, name: 'A3', formerNames: ['A3'], xIn: 192 }])
    // Printed codes of A3 could mean either: both bore the name.
    expect(second.building.posts.filter(({ formerNames }) => formerNames.includes('A3'))).toHaveLength(1)
  })
  test('a recorded post that stands where it stood under another name is the same, by both names', () => {
    const id = named(eight, 'A5')
    const four = read(file({ bays: { mode: 'count', count: 4 } }, { readingsIn: { A3: 44 } }))
    const [, second] = liveOn([eight, four], () => new Set([id]))
    expect(nameOf(second).get(id)).toBe('A3')
    expect(second.building.posts.find((post) => post.id === id)?.formerNames).toEqual(['A5', 'A3'])
    expect(second.levels.readingsIn).toEqual({ [id]: 44 })
  })
})
