import fc from 'fast-check'
import { feetInWords, formatLength, inchesInWords, numberInWords, parseLength } from '.'

test.each<[number, string]>([
  [0, 'zero'],
  [7, 'seven'],
  [13, 'thirteen'],
  [20, 'twenty'],
  [21, 'twenty-one'],
  [99, 'ninety-nine'],
  [100, 'one hundred'],
  [101, 'one hundred one'],
  [212, 'two hundred twelve'],
  [999, 'nine hundred ninety-nine'],
])('%i is said %s', (n, s) => {
  expect(numberInWords(n)).toBe(s)
})
test.each<[number, string]>([
  [53.375, 'fifty-three and three eighths'],
  [53, 'fifty-three'],
  [0.5, 'a half'],
  [0.0625, 'one sixteenth'],
  [0, 'zero'],
  [52.9375, 'fifty-two and fifteen sixteenths'],
  [1.25, 'one and one quarter'],
  [2.75, 'two and three quarters'],
  [120.125, 'one hundred twenty and one eighth'],
  [-1.5, 'minus one and a half'],
  [53.3751, 'fifty-three and three eighths'],
  [52.99, 'fifty-three'],
])('%f in. is read back: %s', (v, s) => {
  expect(inchesInWords(v)).toBe(s)
})
test('figures say what words say: every sixteenth comes back from its figures (property)', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 300 * 16 }), (n) => {
      const back = parseLength(formatLength(n / 16, { feet: false }))
      expect(back).toEqual({ ok: true, value: n / 16 })
      expect(inchesInWords(n / 16)).toMatch(/^[a-z -]+$/)
    }),
  )
})
test.each([
  [53.375, 'four foot five and three eighths'],
  [48, 'four foot'],
  [48.5, 'four foot and a half'],
  [11.25, 'eleven and one quarter'],
  [-13, 'minus one foot one'],
  [212, 'seventeen foot eight'],
])('%f in. is called across a site: %s', (v, s) => expect(feetInWords(v)).toBe(s))
