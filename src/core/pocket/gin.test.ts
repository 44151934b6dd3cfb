import { answerOf } from '../testing/pocket'
import { gin } from './gin'

// 600 lb on 24 in.: 1,200 lb-ft, and 600·24/36 = 400 lb at fixings 36 in. apart.
test('300 lb twice over on an arm of 24 in.', () =>
  expect(answerOf(gin, { loadLb: 300, factor: 2, armIn: 24, fixingsIn: 36 })).toEqual({
    hangLb: 600,
    momentLbFt: 1200,
    coupleLb: 400,
  }))
test('the couple of the fixings is the moment', () => {
  const { momentLbFt, coupleLb } = answerOf(gin, { loadLb: 271, factor: 1.7, armIn: 31, fixingsIn: 29 })
  expect((coupleLb * 29) / 12).toBeCloseTo(momentLbFt, 9)
})
