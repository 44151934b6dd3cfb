import { answerOf } from '../testing/pocket'
import { brace45 } from './brace45'

test.each([
  [30, 40, 30, 'post', 42.4264],
  [40, 30, 30, 'middle', 42.4264],
  [36, 36, 36, 'post', 50.9117],
])('%d down, %d out: legs of %d, held by the %s', (downIn, outLimitIn, legIn, limitedBy, edge) => {
  const found = answerOf(brace45, { downIn, outLimitIn })
  expect(found).toMatchObject({ legIn, limitedBy })
  expect(found.longEdgeIn).toBeCloseTo(edge, 4)
  expect(found.longEdgeIn).toBeCloseTo(Math.hypot(legIn, legIn), 9)
})
