import fc from 'fast-check'
import { cutText, wellFormed } from './text'

const HAMMER = '\u{1F528}'
test.each([
  ['a text that is whole', `ledge ${HAMMER}`, `ledge ${HAMMER}`],
  ['a first half at the end', `ledge ${HAMMER}`.slice(0, -1), 'ledge \uFFFD'],
  ['a second half at the start', HAMMER.slice(1), '\uFFFD'],
  ['halves the wrong way round', '\uDD28\uD83D', '\uFFFD\uFFFD'],
])('%s', (_, text, expected) => expect(wellFormed(text)).toBe(expected))

test.each([
  ['short enough', 'ab', 3, 'ab'],
  ['between letters', 'abcd', 3, 'abc'],
  ['inside an emoji', `ab${HAMMER}c`, 3, 'ab'],
  ['behind an emoji', `a${HAMMER}c`, 3, `a${HAMMER}`],
])('cut %s', (_, text, most, expected) => expect(cutText(text, most)).toBe(expected))

test('any text is well formed after, and one that was stays as it is', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary' }), fc.nat(12), (text, most) => {
      const halves = text.slice(0, most)
      // It throws at half a character.
      expect(() => encodeURIComponent(wellFormed(halves))).not.toThrow()
      expect(() => encodeURIComponent(cutText(wellFormed(text), most))).not.toThrow()
      expect(wellFormed(wellFormed(text))).toBe(wellFormed(text))
    }),
  )
})
