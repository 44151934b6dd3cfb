import { answerOf } from '../testing/pocket'
import { jack } from './jack'

test('96 ft² at 25 psf, twice over: 2,400 and 4,800 lb; the foot goes as the top leans', () =>
  expect(answerOf(jack, { areaFt2: 96, loadPsf: 25, factor: 2, leanIn: -1.25 })).toEqual({
    loadLb: 2400,
    jackLb: 4800,
    footMovesIn: -1.25,
  }))
