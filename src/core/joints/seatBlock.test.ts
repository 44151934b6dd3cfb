import { seatBlockIn } from './seatBlock'

// Two rows: of twelve nails six in each. 0.177·(2·10 + 5·15) = 16.8 in.; of three, two in the longer row: 0.177·35 = 6.2.
test.each([
  [12, 0.177, 17],
  [3, 0.177, 7],
  [1, 0.131, 3],
])('%s nails of %s in.: %s in.', (nails, diameterIn, lengthIn) => expect(seatBlockIn(nails, diameterIn)).toBe(lengthIn))
