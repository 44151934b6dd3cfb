import { answerOf } from '../testing/pocket'
import { pull } from './pull'

// 144 up, 108 across: a line of 180; a link of 1.5 moves 1.5·180/108 = 2.5; a wedge of 3: 2·9/108 = 1/6.
test('144 up and 108 across', () => {
  const found = answerOf(pull, { upIn: 144, acrossIn: 108, linkIn: 1.5, wedgeIn: 3 })
  expect(found.lineIn).toBeCloseTo(180, 9)
  expect(found.linkMovesIn).toBeCloseTo(2.5, 9)
  expect(found.wedgeMovesIn).toBeCloseTo(1 / 6, 9)
})
test('by geometry: a line shortened by a little lets the top over by about as much as is said', () => {
  const byIn = 0.01
  const { lineIn, linkMovesIn } = answerOf(pull, { upIn: 144, acrossIn: 108, linkIn: byIn, wedgeIn: 0 })
  const acrossIn = Math.sqrt((lineIn - byIn) ** 2 - 144 ** 2)
  expect((108 - acrossIn) / linkMovesIn).toBeCloseTo(1, 3)
})
test('by geometry: a wedge in the middle takes up what the bent line is longer by', () => {
  const { lineIn, wedgeMovesIn } = answerOf(pull, { upIn: 144, acrossIn: 108, linkIn: 0, wedgeIn: 2 })
  const takenIn = 2 * Math.hypot(lineIn / 2, 2) - lineIn
  expect((takenIn * lineIn) / 108 / wedgeMovesIn).toBeCloseTo(1, 3)
})
test('no link and no wedge move nothing', () =>
  expect(answerOf(pull, { upIn: 10, acrossIn: 10, linkIn: 0, wedgeIn: 0 })).toMatchObject({
    linkMovesIn: 0,
    wedgeMovesIn: 0,
  }))
