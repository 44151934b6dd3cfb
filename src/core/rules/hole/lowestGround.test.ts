import type { LateralNeed } from '../../frame'
import { lowestGround } from './lowestGround'

const spot = (lowestIn: number, inside = true) => ({ groundIn: 0, lowestIn, inside })
const given = (lowest: readonly number[], change: { frostIn?: number | null; neededFt?: number | null } = {}) => ({
  hole: {
    kind: 'eave' as const,
    postIds: lowest.map((_, i) => `A${i + 1}`),
    depthIn: 60,
    lateral: change.neededFt === undefined ? null : ({ neededFt: change.neededFt } as LateralNeed),
  },
  names: Object.fromEntries(lowest.map((_, i) => [`A${i + 1}`, `A${i + 1}`])),
  ground: Object.fromEntries(lowest.map((lowestIn, i) => [`A${i + 1}`, spot(lowestIn)])),
  frostIn: change.frostIn === undefined ? 42 : change.frostIn,
  padIn: 12,
})

test('the lowest post governs: 60 − 10 = 50 in. kept of 42 asked, 0.84', () =>
  expect(lowestGround(given([-2, -10, 3]))).toMatchObject({
    subjects: ['A2'],
    demand: 42,
    capacity: 50,
    ratio: 0.84,
    state: 'holds',
  }))
test.each([
  ['higher ground counts for nothing', [12], {}, 60],
  ['lower ground is taken off', [-6], {}, 54],
] as const)('%s', (_, lowest, change, capacity) => expect(lowestGround(given(lowest, change)).capacity).toBe(capacity))
test.each([
  ['just frost', [-18], {}, 'close'],
  ['a sixteenth under', [-18.0625], {}, 'fails'],
  ['the wind asks for 4.5 ft and the pad: 66 in.', [0], { neededFt: 4.5 }, 'fails'],
  ['the wind asks for 4 ft and the pad: 60 in., all there is', [0], { neededFt: 4 }, 'close'],
  [
    'no depth is enough for the wind: all that is planned is needed, on lower ground it fails',
    [-3],
    { neededFt: null },
    'fails',
  ],
  ['ground below the bottom of the hole leaves nothing', [-80], {}, 'cannot-stand'],
] as const)('%s', (_, lowest, change, state) => expect(lowestGround(given(lowest, change)).state).toBe(state))
test('without a frost depth it is not checked', () =>
  expect(lowestGround(given([0], { frostIn: null }))).toMatchObject({
    state: 'not-checked',
    facts: { kind: 'no frost depth' },
  }))
