import fc from 'fast-check'
import { answerOf } from '../testing/pocket'
import { eaveLine } from './eaveLine'

test('offs, what to act on, the first, and one bow', () =>
  expect(answerOf(eaveLine, { standoffIn: 1.5, readingsIn: [1.5, 2, 2.25, 2, 1.25], actIn: 0.25 })).toEqual({
    offsIn: [0, 0.5, 0.75, 0.5, -0.25],
    act: [false, true, true, true, false],
    firstIndex: 2,
    bows: [{ fromIndex: 1, toIndex: 3, sign: 1 }],
  }))
test.each([
  ['nothing read', [], -1, []],
  ['nothing to act on', [0.25, -0.25], -1, []],
  ['the first of equals, whatever its sign', [0, -0.5, 0.5], 1, []],
  ['two are no bow', [0.5, 0.5, 0, 0], 0, []],
  ['one at just half the limit ends it', [0.2, 0.2, 0.125, 0.2], -1, []],
  [
    'a bow may run to the end, and another way begin beside it',
    [0.2, 0.2, 0.2, -0.2, -0.2, -0.2],
    -1,
    [
      { fromIndex: 0, toIndex: 2, sign: 1 },
      { fromIndex: 3, toIndex: 5, sign: -1 },
    ],
  ],
])('%s', (_, offs, firstIndex, bows) =>
  expect(answerOf(eaveLine, { standoffIn: 2, readingsIn: offs.map((off) => off + 2), actIn: 0.25 })).toMatchObject({
    firstIndex,
    bows,
  }),
)
test('by trying every stretch: bows are the longest ones of one side, three places or more', () =>
  fc.assert(
    fc.property(fc.array(fc.constantFrom(-0.5, -0.125, 0, 0.125, 0.25, 0.5), { maxLength: 12 }), (offs) => {
      const { bows } = answerOf(eaveLine, { standoffIn: 0, readingsIn: offs, actIn: 0.25 })
      const out = (i: number, sign: number) => (offs[i] ?? 0) * sign > 0.125
      const want = offs.flatMap((_, from) =>
        [1, -1].flatMap((sign) => {
          let to = from
          while (out(to, sign)) to++
          return out(from - 1, sign) || to - from < 3 ? [] : [{ fromIndex: from, toIndex: to - 1, sign }]
        }),
      )
      expect(bows).toEqual(want)
    }),
  ))
