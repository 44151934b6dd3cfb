import { NO_RATINGS } from '../../model'
import { expectNear } from '../../testing/near'
import { across } from './across'
import { along } from './along'
import { anchor } from './anchor'
import type { OnBracket, PierCase } from './case'
import { steel } from './steel'
import { uplift } from './uplift'

const post = (id: string, change: Partial<OnBracket> = {}): OnBracket => ({
  post: { id, name: id },
  upLb: 0,
  strengthUpLb: 0,
  acrossLb: 0,
  alongLb: 0,
  ...change,
})
const given = (pier: Partial<PierCase['pier']>, ...posts: OnBracket[]): PierCase => ({
  pier: { ...NO_RATINGS, ...pier },
  posts: [post('calm'), ...posts],
})
const worked = post('A3', { upLb: 2000, strengthUpLb: 3000, acrossLb: 900, alongLb: 400 })

test.each([
  ['uplift', uplift, 'upliftLb', 2000],
  ['anchor', anchor, 'anchorLb', 2000],
  ['across', across, 'acrossLb', 900],
  ['along', along, 'alongLb', 400],
] as const)(
  '%s: without a rating it is not checked, with one the hardest worked bracket is judged',
  (_, rule, key, lb) => {
    expect(rule(given({}, worked))).toMatchObject({ state: 'not-checked', facts: { demandLb: lb, count: 2 } })
    expect(rule(given({ [key]: lb }, worked))).toMatchObject({ state: 'close', demand: lb, subjects: ['A3'] })
    expect(rule(given({ [key]: lb - 1 }, worked))?.state).toBe('fails')
    expect(rule(given({ [key]: lb }))).toBeNull()
  },
)
// Two no. 4 bars: 2·0.1963 = 0.3927 in²; 0.9·0.3927·60,000 = 21,206 lb.
test('bars of a pulled pier: φ·As·fy; without any, plain concrete is never counted on', () => {
  const check = steel(given({ bars: 2, bar: 4 }, worked))
  expectNear(check?.capacity, 21206, 1e-3)
  expect(check).toMatchObject({ demand: 3000, state: 'holds' })
  expect(steel(given({}, worked))?.state).toBe('not-checked')
  expect(steel(given({}, post('A3', { strengthUpLb: -1 })))).toBeNull()
})
