import fc from 'fast-check'
import { EigenvalueDecomposition, Matrix } from 'ml-matrix'
import { leaningLength, swayingKe, swayingLength } from './sway'

const ENDS = { held: 0.8, free: 2.1 }

test.each([
  ['nothing holds it', 0, 2],
  ['held still', 1e9, 0.6992],
  // c 3: tan α = α − α³/3 at α 2.2034 (tan −1.3626 = 2.2034 − 3.5660).
  ['held as stiffly as it is itself', 1, Math.PI / 2.2034],
])('%s: K %d', (_, spring, want) => expect(swayingLength(spring)).toBeCloseTo(want, 3))

/**
 * Effective length by another way: a chain of rigid links with a spring in each joint for the bending, which buckles
 * under the smallest eigenvalue of its stiffness.
 */
function chainLength(springOverColumn: number, links = 120): number {
  // E·I and length 1: a joint turns with 1/h, the top spring of 3 times the ratio pushes back over h times every turn.
  const h = 1 / links
  const spring = 3 * springOverColumn * h * h
  const stiffness = Matrix.zeros(links, links)
  for (let i = 0; i < links; i++)
    for (let j = 0; j < links; j++) {
      const own = i === j ? (i === links - 1 ? 1 : 2) / h : 0
      const next = Math.abs(i - j) === 1 ? -1 / h : 0
      stiffness.set(i, j, own + next + spring)
    }
  const least = Math.min(...new EigenvalueDecomposition(stiffness, { assumeSymmetric: true }).realEigenvalues)
  return Math.PI / Math.sqrt(least / h)
}
test.each([0, 0.05, 0.5, 1, 4, 20, 500])('a top held %d times as stiffly: K as a chain of links buckles', (spring) =>
  expect(Math.abs(chainLength(spring) / swayingLength(spring) - 1)).toBeLessThan(0.01),
)

test('the root satisfies tan α = α − α³/c over the whole range', () =>
  fc.assert(
    fc.property(fc.double({ min: -4, max: 6, noNaN: true }), (power) => {
      const spring = 10 ** power
      const turn = Math.PI / swayingLength(spring)
      const c = 3 * spring
      expect(Math.sin(turn)).toBeCloseTo((turn - turn ** 3 / c) * Math.cos(turn), 4)
    }),
  ))
test('Ke goes from the one end to the other without a step, and never eases as the frame keeps more', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 1e-6, noNaN: true }),
      (share, bit) => {
        const [now, more] = [swayingKe(share, ENDS), swayingKe(Math.min(1, share + bit), ENDS)]
        expect(now).toBeGreaterThanOrEqual(ENDS.held - 1e-6)
        expect(now).toBeLessThanOrEqual(ENDS.free + 1e-9)
        expect(more - now).toBeGreaterThanOrEqual(-1e-9)
        expect(more - now).toBeLessThan(1e-4)
      },
    ),
  ))
test.each([
  [0, 0.8],
  [1, 2.1],
  // A fifth: c 12, α 3.352, K 0.9372: 0.8 + 1.3·(0.9372 − 0.6992)/1.3008.
  [0.2, 1.0379],
  [0.2001, 1.0381],
])('a frame that keeps %d of its load: Ke %d', (share, want) => expect(swayingKe(share, ENDS)).toBeCloseTo(want, 3))
test('a post that turns at both ends leans once its spring holds less than it buckles under', () => {
  // π²·1e7/100² = 9,870 lb; 98.7 lb/in over 100 in. holds just that.
  expect(leaningLength(1e7, 1000, 100)).toBe(1)
  expect(leaningLength(1e7, 98.696, 100)).toBeCloseTo(1, 4)
  expect(leaningLength(1e7, 98.696 / 4, 100)).toBeCloseTo(2, 4)
})
