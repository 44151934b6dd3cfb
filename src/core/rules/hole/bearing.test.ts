import type { PostDemand } from '../../frame'
import type { Post, PostKind } from '../../layout'
import { bearing } from './bearing'

const demand = (change: Partial<PostDemand> = {}) =>
  ({ gravityCase: 'D+S', gravityLb: 4000, snowLb: 2400, roofFt2: 160, eaveFt: 8, deadLb: 800, ...change }) as PostDemand
const post = (side: 'south' | 'west') => ({ id: 'A2', side }) as Post
const given = (
  loadLb: number,
  kind: PostKind = 'eave',
  side: 'south' | 'west' = 'south',
  own = demand(),
  reaction: object | null = null,
) => ({
  hole: {
    kind,
    postIds: ['A1', 'A2'],
    diameterIn: 24,
    bearing: { loadLb, padLb: 300, capacityLb: 2000 * Math.PI },
    governing: { lateral: null, bearing: { id: 'A2', name: 'A2' }, uplift: { id: 'A1', name: 'A1' } },
  },
  posts: new Map([['A2', post(side)]]),
  demand: own,
  building: { school: 'pad', roof: { truss: { reaction } } } as never,
  results: {
    eaveSnowPlf: 300,
    leanTos: [],
    snow: { trace: [] },
    dead: { trace: [], maxPsf: 5 },
    soil: { bearingPsf: 2000, source: 's' },
  } as never,
})

test('5,000 + 300 lb on a 24 in. circle of 2,000 psf soil: 5,300/6,283 = 0.8435', () => {
  const check = bearing(given(5000))
  expect(check.ratio).toBeCloseTo(0.84352, 4)
  expect(check).toMatchObject({ state: 'holds', combination: 'D+S', subjects: ['A2', 'A1'] })
})
test.each([
  [2000 * Math.PI - 300, 'close'],
  [2000 * Math.PI - 299, 'fails'],
])('%d lb with its pad: %s', (loadLb, state) => expect(bearing(given(loadLb)).state).toBe(state))
test.each([
  ['300 plf × 8 ft is all of it', given(1), { kind: 'eave line', plf: 300, restLb: 0 }],
  ['600 lb more come from a lean-to', given(1, 'eave', 'south', demand({ snowLb: 3000 })), { restLb: 600 }],
  ['a gable post stands under the ridge’s snow', given(1, 'gable', 'west'), { kind: 'by the ridge' }],
  ['a typed reaction brings its own', given(1, 'eave', 'south', demand(), {}), { kind: 'truss drawing' }],
  ['a lean-to post has its outer line', given(1, 'lean-to'), { kind: 'lean-to line' }],
])('snow: %s', (_, each, want) => expect(bearing(each).facts.snow).toMatchObject(want))
// A lean-to's snow is shown where the post carries more than its eave line: over 300 plf × 8 ft = 2,400 lb.
test.each([
  [2400, []],
  [2401, []],
  [2401.05, ['drift']],
])('beside a lean-to, %d lb of snow: its arithmetic is %j', (snowLb, want) => {
  const from = given(1, 'eave', 'south', demand({ snowLb }))
  const leanTos = [{ leanTo: { side: 'south' }, governing: { trace: ['drift'] } }]
  const check = bearing({ ...from, results: { ...(from.results as object), leanTos } as never })
  expect(check.facts.leanSnowTrace).toEqual(want)
})
