import type { CutRequest } from '@/core/columns'

// The solver is a file that has to be fetched: a phone loses its signal, a proxy its patience.
const request: CutRequest = {
  demands: [{ lengthIn: 90, count: 4 }],
  stock: [{ lengthIn: 192, price: 10 }],
  kerfIn: 0.125,
}
/** The plan with a solver whose loading fails so many times, and how often it was asked for. */
async function planned(failures: number, plans = 1) {
  let asked = 0
  const real = jest.requireActual<{ default: () => Promise<unknown> }>('highs')
  jest.resetModules()
  jest.doMock('highs', () => ({
    __esModule: true,
    default: (options: unknown) => {
      asked += 1
      if (asked <= failures) return Promise.reject(new Error('not loaded'))
      const load = (typeof real === 'function' ? real : real.default) as (options: unknown) => Promise<unknown>
      return load(options)
    },
  }))
  const { planCuts } = await import('./cutting')
  let plan = await planCuts(request)
  for (let i = 1; i < plans; i++) plan = await planCuts(request)
  return { plan, asked }
}

test('a solver that loads at the second asking proves the plan', async () => {
  const { plan, asked } = await planned(1)
  expect(asked).toBe(2)
  expect(plan).toMatchObject({ count: 2, price: 20, proved: true, solverAbsent: false })
})
test('one that never loads is asked for three times, and its absence is said', async () => {
  const { plan, asked } = await planned(Infinity)
  expect(asked).toBe(3)
  expect(plan).toMatchObject({ count: 2, price: 20, proved: false, solverAbsent: true })
})
test('the next plan asks for it again', async () => {
  const { plan, asked } = await planned(3, 2)
  expect(asked).toBe(4)
  expect(plan).toMatchObject({ proved: true, solverAbsent: false })
})
