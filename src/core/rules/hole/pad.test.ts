import { padRatios } from '../../ground'
import { expectNear } from '../../testing/near'
import { pad } from './pad'

const given = (thicknessIn: number, loadLb = 6000) => ({
  hole: {
    kind: 'eave' as const,
    postIds: ['A2'],
    diameterIn: 24,
    bearing: { loadLb, padLb: 0, capacityLb: 9000 },
    pad: padRatios({ loadLb, diameterIn: 24, thicknessIn, faceIn: 4.5, depthIn: 5.5 }),
  },
  building: { padThicknessIn: thicknessIn },
  demand: { gravityCase: 'D+S' as const },
})

// By hand, 12 in. thick, 6,000 lb: h 10, R 12, x 2.25, qu 9600/(π·144) = 21.22 psi; beyond the face
// 21.22·(2/3·138.94^1.5 − 2.25·172.5) = 14,930 in-lb; φMn 0.6·5·50·23.57·100/6 = 58,940: 0.2533.
test('a 12 in. pad under 6,000 lb bends at 0.2533 of what it can (ACI 318-19 ch. 14)', () => {
  const check = pad(given(12))
  expectNear(check?.ratio ?? 0, 0.2533, 1e-3)
  expect(check).toMatchObject({ state: 'holds', combination: '1.6·(D+S)' })
})
test.each([
  [8, 6000, 'holds'],
  [8, 9000, 'fails'],
] as const)('%d in. thick under %d lb %s', (thicknessIn, loadLb, state) =>
  expect(pad(given(thicknessIn, loadLb))?.state).toBe(state),
)
test('under 8 in. plain concrete is outside the code: not checked, never holding (14.3.2.1)', () =>
  expect(pad(given(7.9))).toMatchObject({ state: 'not-checked', facts: { kind: 'too thin' } }))
test('a pier has no pad', () => expect(pad({ ...given(12), hole: { ...given(12).hole, pad: null } })).toBeNull())
