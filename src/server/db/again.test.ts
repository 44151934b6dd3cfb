import { again } from './again'

const deadlock = Object.assign(new Error('deadlock'), { errno: 1213 })
/** Work that fails so many times before it goes through, and how it was tried. */
async function tried(failures: number, error: Error = deadlock) {
  const pauses: number[] = []
  let calls = 0
  const work = () => {
    calls += 1
    return calls <= failures ? Promise.reject(error) : Promise.resolve('done')
  }
  const wait = (ms: number) => {
    pauses.push(ms)
    return Promise.resolve()
  }
  const came = await again(work, wait).catch((raised: unknown) => raised)
  return { came, calls, pauses }
}

test.each([0, 1, 5])('after %i deadlocks it goes through', async (failures) => {
  const { came, calls, pauses } = await tried(failures)
  expect([came, calls, pauses.length]).toEqual(['done', failures + 1, failures])
})
test('it is not tried for ever', async () => {
  const { came, calls } = await tried(Infinity)
  expect([came, calls]).toEqual([deadlock, 6])
})
test('what will not go through the second time either is not tried again', async () => {
  const other = Object.assign(new Error('a constraint'), { errno: 4025 })
  expect(await tried(1, other)).toMatchObject({ came: other, calls: 1, pauses: [] })
})
test('each pause is about twice the one before', async () => {
  const { pauses } = await tried(5)
  pauses.forEach((ms, k) => {
    expect(ms).toBeGreaterThanOrEqual(15 * 2 ** (k + 1) * 0.5)
    expect(ms).toBeLessThanOrEqual(15 * 2 ** (k + 1) * 1.5)
  })
})
