import fc from 'fast-check'
import { formatLength, lengthParts, parseLength, parseNumber, runningMarks, toSixteenths } from '.'

describe('reading lengths as people write them', () => {
  test.each([
    [`12' 6 5/8"`, 150.625],
    [`12′ 6 5/8″`, 150.625],
    [`12'-6 5/8"`, 150.625],
    [`12' 6-5/8"`, 150.625],
    ['12-6-10', 150.625],
    ['12-6', 150],
    ['150 5/8', 150.625],
    [`150 5/8"`, 150.625],
    [`12.5'`, 150],
    ['12.5 ft', 150],
    ['12 ft 6 in', 150],
    [`12'`, 144],
    [`12' 6`, 150],
    [`12'6`, 150],
    ['5/8', 0.625],
    ['6.25', 6.25],
    ['3.2 m', 3200 / 25.4],
    ['320cm', 3200 / 25.4],
    ['3200 mm', 3200 / 25.4],
    ['-3/8', -0.375],
    ['−1 1/2″', -1.5],
    ['12½', 12.5],
    [`0' 7 1/4"`, 7.25],
    ['36 feet', 432],
    ['0', 0],
  ])('%s', (text, wanted) => expect(parseLength(text)).toEqual({ ok: true, value: expect.closeTo(wanted, 10) }))

  test.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['abc', 'not-a-length'],
    ['NaN', 'not-a-length'],
    ['1/0', 'not-a-length'],
    ['1e9', 'not-a-length'],
    ['Infinity', 'not-a-length'],
    [`12' 14"`, 'inches-over-foot'],
    ['12-13', 'inches-over-foot'],
    ['12-6-16', 'sixteenths-over-inch'],
    ['40 psf', 'wrong-unit'],
    [`2000'`, 'too-large'],
    ['<b>12</b>', 'not-a-length'],
    [`12' 6" 3`, 'not-a-length'],
    ['1 2 3', 'not-a-length'],
    [`12' 6 5/7"`, 'not-on-a-tape'],
    ['5/3', 'not-on-a-tape'],
    ['6 1/128', 'not-on-a-tape'],
    ['12 6', 'not-a-length'],
    ['12f6', 'not-a-length'],
    [`12,5'`, 'not-a-length'],
  ])('refuses %s', (text, code) => {
    const result = parseLength(text)
    expect(result.ok ? 'ok' : result.issues[0].code).toBe(code)
  })

  test('a formatted length parses back to the same sixteenth, with feet or without, plain or with primes', () => {
    fc.assert(
      fc.property(fc.integer({ min: -190000, max: 190000 }), fc.boolean(), fc.boolean(), (n, feet, ascii) => {
        const back = parseLength(formatLength(n / 16, { feet, ascii }))
        expect(back).toEqual({ ok: true, value: n / 16 })
      }),
    )
  })
  test('parsing never throws and never gives a number that is not finite', () => {
    fc.assert(
      fc.property(fc.string(), (s) => {
        const result = parseLength(s)
        if (result.ok) expect(Number.isFinite(result.value)).toBe(true)
      }),
    )
  })
})

describe('writing lengths', () => {
  test.each([
    [150.625, `12′\u00a06\u00a05/8″`],
    [0, `0′\u00a00″`],
    [11.98, `1′\u00a00″`],
    [0.03, `0′\u00a00″`],
    [0.03125, `0′\u00a00\u00a01/16″`],
    [-0.375, `−0′\u00a00\u00a03/8″`],
    [NaN, '–'],
  ])('%d', (v, text) => expect(formatLength(v)).toBe(text))
  test.each([
    [0.375, '3/8″'],
    [18.5625, '18\u00a09/16″'],
    [20, '20″'],
    [222.6875, '222\u00a011/16″'],
  ])('%d in inches alone', (v, text) => expect(formatLength(v, { feet: false })).toBe(text))
  test('carries and lowest terms', () =>
    expect(lengthParts(143.99)).toEqual({ negative: false, feet: 12, inches: 0, numerator: 0, denominator: 1 }))
  test('half a sixteenth goes away from zero both ways', () =>
    expect([toSixteenths(1 / 32), toSixteenths(-1 / 32)]).toEqual([1, -1]))
})

describe('running dimensions', () => {
  test('64 ft in seven bays: cumulative marks are rounded once and spaces are their differences', () => {
    const marks = runningMarks(Array.from({ length: 7 }, (_, i) => (768 * (i + 1)) / 7))
    expect(marks.map((mark) => mark.shownIn)).toEqual([109.6875, 219.4375, 329.125, 438.875, 548.5625, 658.3125, 768])
    expect(marks.map((mark) => mark.spaceIn)).toEqual([109.6875, 109.75, 109.6875, 109.75, 109.6875, 109.75, 109.6875])
  })
  test('shown spaces always add up to the shown total', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 1, max: 300, noNaN: true }), { minLength: 1, maxLength: 40 }), (spaces) => {
        let at = 0
        const marks = runningMarks(spaces.map((space) => (at += space)))
        expect(marks.reduce((sum, mark) => sum + mark.spaceIn, 0)).toBe(marks[marks.length - 1].shownIn)
      }),
    )
  })
})

test.each([
  ['115', 'mph', 115],
  ['1,200', 'psf', 1200],
  ['37.5 psf', 'psf', 37.5],
  ['−4', '', -4],
])('number %s', (t, unit, v) => expect(parseNumber(t, unit)).toEqual({ ok: true, value: v }))
test.each([
  ['', 'empty'],
  ['abc', 'not-a-number'],
  ['NaN', 'not-a-number'],
  ['40 kPa', 'wrong-unit'],
  ['1e5', 'wrong-unit'],
])('number refuses %s', (t, code) => {
  const result = parseNumber(t, 'psf')
  expect(result.ok ? 'ok' : result.issues[0].code).toBe(code)
})
