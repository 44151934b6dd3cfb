import { barnJob } from '../../testing/barn'
import { interlayer } from './interlayer'
import { lamination } from './lamination'

const { building } = barnJob()
const withNails = (change: object, post: object = {}) => ({
  building: {
    ...building,
    post: { ...building.post, section: '3-2x6' as const, ...post },
    joints: { ...building.joints, lamination: { ...building.joints.lamination, ...change } },
  },
})

test('nails that reach 3/4 of the last ply and keep every distance: all rules kept', () =>
  expect(lamination(withNails({ nail: '30d-common', through: false, rows: 2 }))?.facts.plan.total).toBeGreaterThan(0))
test('each broken rule is named, and a broken rule is never close', () => {
  const check = lamination(withNails({ endIn: 0.5 }))
  expect(check?.state).toBe('fails')
  expect(check?.facts.broken.map((rule) => rule.rule)).toContain('(c) end distance')
})
test('the ratio is nothing or more than one: kept or broken', () => {
  for (const endIn of [0.5, 1, 2, 2.25, 2.5, 3, 4]) {
    const ratio = lamination(withNails({ endIn }))?.ratio ?? -1
    expect(ratio === 0 || ratio > 1).toBe(true)
  }
})
test('a solid post has nothing to nail', () => expect(lamination(withNails({}, { section: '6x6' }))).toBeNull())

describe('what EP559 asks between two plies', () => {
  const passes = interlayer(withNails({ interfacePlf: 1 }, { ep559: true }))?.capacity ?? 0
  test.each([
    [0.5, 'holds'],
    [1, 'close'],
    [1.001, 'fails'],
  ])('%d of what the nails pass: %s', (share, state) =>
    expect(interlayer(withNails({ interfacePlf: passes * share }, { ep559: true }))?.state).toBe(state),
  )
  test('not entered: not checked', () =>
    expect(interlayer(withNails({ interfacePlf: null }, { ep559: true }))?.state).toBe('not-checked'))
  test('without EP559’s factors there is nothing to ask', () =>
    expect(interlayer(withNails({ interfacePlf: 100 }, { ep559: false }))).toBeNull())
})
