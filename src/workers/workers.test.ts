import { deriveJob } from '@/core/derive'
import { changesOf, withChanges, type Changes } from '@/core/result'
import { demo } from '@/core/testing/demos'
import { handlers } from './inProcess'
import { planCuts } from './cutting'

const still = { aborted: false }
const quiet = () => undefined

describe('calls by name say what the core says', () => {
  const { job, d: derived } = demo('quillback')
  test('judge: the same checks, without arithmetic that cannot cross', async () => {
    const told = await handlers.judge(job, still, quiet)
    expect(told?.ok).toBe(true)
    if (!told?.ok) return
    expect(told.value.checks.map((check) => [check.id, check.state, check.ratio])).toEqual(
      derived.checks.map((check) => [check.id, check.state, check.ratio]),
    )
    expect(() => structuredClone(told.value)).not.toThrow()
    expect(told.value.checks.every((check) => !('trace' in check))).toBe(true)
  })
  test(
    'a dragged door: each judgement sent as what differs from the one before says the same as the whole, and says ' +
      'less',
    async () => {
      let [sent, heard]: unknown[] = [undefined, undefined]
      for (const by of [0, 1, 2, 2, -30, 0]) {
        const next = {
          ...job,
          building: {
            ...job.building,
            openings: job.building.openings.map((opening, i) =>
              i === 0 ? { ...opening, positionIn: opening.positionIn + by } : opening,
            ),
          },
        }
        const whole = await handlers.judge(next, still, quiet)
        const changes: unknown = structuredClone(changesOf(sent, whole))
        heard = withChanges(heard, changes as Changes)
        expect(heard).toEqual(whole)
        if (sent !== undefined) expect(JSON.stringify(changes).length).toBeLessThan(JSON.stringify(whole).length)
        sent = whole
      }
    },
  )
  test('explain: the arithmetic of each check, nothing for one that is not there', async () => {
    for (const check of derived.checks.slice(0, 12))
      expect((await handlers.explain({ job, checkId: check.id }, still, quiet))?.trace).toEqual(check.trace())
    expect(await handlers.explain({ job, checkId: 'no-such' }, still, quiet)).toBeNull()
  })
  test('a building that contradicts itself is told, not thrown', async () => {
    const broken = { ...job, building: { ...job.building, bays: { mode: 'hand' as const, spacingsIn: [100, 100] } } }
    const told = await handlers.judge(broken, still, quiet)
    expect(told?.ok === false && told.issues[0].code).toBe('bays-do-not-close')
    expect(await handlers.ways(broken, still, quiet)).toEqual([])
  })
  test('fixes: each one is a building that can be laid out, and its cost is that building’s', async () => {
    const close = derived.checks.filter((check) => check.state === 'close')
    const all = (
      await Promise.all(close.map((check) => handlers.fixes({ job, checkId: check.id }, still, quiet)))
    ).flatMap((fixes) => fixes?.fixes ?? [])
    expect(all.length).toBeGreaterThan(0)
    for (const fix of all.slice(0, 3)) {
      const after = deriveJob(fix.job)
      expect(after.ok && after.value.takeoff.totalCost).toBeCloseTo(fix.cost, 6)
    }
  })
  test('size: tells how far it is, and stops when it is called off', async () => {
    const off = { aborted: false }
    let seen = 0
    const told = await handlers.size(job, off, (progress) => {
      seen++
      expect(progress.done).toBeLessThanOrEqual(progress.of)
      if (seen === 3) off.aborted = true
    })
    expect(told).toBeNull()
    expect(seen).toBeGreaterThanOrEqual(3)
  })
})

describe('cutting plans by the solver', () => {
  const stock = [96, 120, 144, 168, 192].map((lengthIn) => ({ lengthIn, price: lengthIn / 12 }))
  /** The cheapest set of boards by trying every split of a few pieces. */
  function brute(pieces: readonly number[]): number {
    if (pieces.length === 0) return 0
    const [first, ...rest] = pieces
    let best = Infinity
    for (let mask = 0; mask < 1 << rest.length; mask++) {
      const with_ = [first, ...rest.filter((_, i) => mask & (1 << i))]
      const long = with_.reduce((sum, value) => sum + value, 0) + (with_.length - 1) * 0.125
      const board = stock.find((s) => s.lengthIn >= long - 1e-9)
      if (board) best = Math.min(best, board.price + brute(rest.filter((_, i) => !(mask & (1 << i)))))
    }
    return best
  }
  test.each([
    [[90, 90, 50]],
    [[48, 48, 48, 48]],
    [[100, 60, 60, 40, 30]],
    [[191.5, 12]],
    [[63.9, 63.9, 63.9]],
    [[64, 64, 64]],
    [[120, 71.9, 71.8, 48, 24, 24]],
    [[30, 30, 30, 30, 30, 30, 30]],
    [[95, 96, 97]],
  ])('%j costs what trying everything costs', async (lengths) => {
    const demands = [...new Set(lengths)].map((lengthIn) => ({
      lengthIn,
      count: lengths.filter((length) => length === lengthIn).length,
    }))
    const plan = await planCuts({ demands, stock, kerfIn: 0.125 })
    expect(plan?.price).toBeCloseTo(brute(lengths), 6)
    expect(plan?.proved).toBe(true)
    expect(plan?.priceBound).toBeLessThanOrEqual(brute(lengths) + 1e-6)
    expect(plan?.priceBound).toBeGreaterThan(0.7 * brute(lengths))
    const cut = new Map<number, number>()
    for (const board of plan?.boards ?? [])
      board.pattern.takes.forEach((take, i) =>
        cut.set(demands[i].lengthIn, (cut.get(demands[i].lengthIn) ?? 0) + take * board.count),
      )
    for (const demand of demands) expect(cut.get(demand.lengthIn)).toBe(demand.count)
  })
  test.each(['quillback', 'tansy', 'marl'] as const)(
    '%s: never over one board above what no plan can beat',
    async (name) => {
      const { d: derived } = demo(name)
      const lengths = derived.schedule
        .filter((row) => row.totalIn <= 288)
        .map((row) => Math.ceil(row.totalIn * 16) / 16)
      const demands = [...new Set(lengths)].map((lengthIn) => ({
        lengthIn,
        count: 3 * lengths.filter((length) => length === lengthIn).length,
      }))
      const plan = await planCuts({
        demands,
        stock: [144, 168, 192, 216, 240, 264, 288].map((lengthIn) => ({ lengthIn, price: 1 })),
        kerfIn: 0.125,
      })
      expect((plan?.count ?? Infinity) - (plan?.lowerBound ?? 0)).toBeLessThanOrEqual(1)
    },
  )
  test('a piece longer than every board has no plan; no pieces need no boards', async () => {
    expect(await planCuts({ demands: [{ lengthIn: 193, count: 1 }], stock, kerfIn: 0.125 })).toBeNull()
    expect((await planCuts({ demands: [], stock, kerfIn: 0.125 }))?.count ?? 0).toBe(0)
  })
})
