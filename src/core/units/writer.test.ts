import fc from 'fast-check'
import {
  counted,
  dollars,
  fixed,
  formatLength,
  formatSigned,
  lengthEntry,
  NO_BREAK,
  numberScale,
  parseLength,
  quantity,
  steppedLength,
  UNIT_SYSTEMS,
  upTo,
} from '.'

const read = (text: string) => text.replaceAll(NO_BREAK, ' ')
const inches = (mm: number) => mm / 25.4

test.each([
  [150.625, '12′ 6 5/8″', '3,826 mm', '3.826 m'],
  [-0.375, '−0′ 0 3/8″', '−10 mm', '−0.010 m'],
  [0, '0′ 0″', '0 mm', '0.000 m'],
  [inches(14400), '47′ 2 15/16″', '14,400 mm', '14.400 m'],
  [0.01, '0′ 0″', '0 mm', '0.000 m'],
  [-0.01, '0′ 0″', '0 mm', '0.000 m'],
  [Infinity, '–', '–', '–'],
])('%d in. on each tape', (lengthIn, us, mm, m) => {
  expect(read(formatLength(lengthIn))).toBe(us)
  expect(read(formatLength(lengthIn, { system: 'mm' }))).toBe(mm)
  expect(read(formatLength(lengthIn, { system: 'm' }))).toBe(m)
})

test.each([
  [0.375, '+3/8″', '+10 mm'],
  [-1.5, '−1 1/2″', '−38 mm'],
  [0.001, '0″', '0 mm'],
])('a move of %d in.', (lengthIn, us, mm) => {
  expect(read(formatSigned(lengthIn))).toBe(us)
  expect(read(formatSigned(lengthIn, { system: 'mm' }))).toBe(mm)
})

describe('what was typed reads back as typed', () => {
  test.each([
    ['14,400 mm', '14,400 mm'],
    ['14400mm', '14,400 mm'],
    [`12.3'`, '12.3′'],
    [`12.5'`, '12′ 6″'],
    ['6.2', '6.2″'],
    [`12' 6 5/64"`, '12′ 6 5/64″'],
    [`-12' 6 1/32"`, '−12′ 6 1/32″'],
    ['3.2 m', '3,200 mm'],
    ['3.2005 m', '3,200.5 mm'],
  ])('%s on a tape of feet', (typed, shown) => {
    const value = parseLength(typed)
    expect(value.ok && read(lengthEntry(value.value))).toBe(shown)
  })
  test.each([
    ['3200', '3,200 mm'],
    [`1/2"`, '12.7 mm'],
    [`5/64"`, '2 mm'],
    ['2.5', '2.5 mm'],
    [`12' 6"`, '3,810 mm'],
  ])('%s on a tape of millimeters', (typed, shown) => {
    const value = parseLength(typed, 'mm')
    expect(value.ok && read(lengthEntry(value.value, 'mm'))).toBe(shown)
  })
  test('5.25 on a tape of meters', () => {
    const value = parseLength('5.25', 'm')
    expect(value.ok && read(lengthEntry(value.value, 'm'))).toBe('5.250 m')
  })
  test('tenths of a millimeter stay, typed on a metric tape', () => {
    fc.assert(
      fc.property(fc.integer({ min: -3_000_000, max: 3_000_000 }), fc.constantFrom('mm', 'm'), (tenths, system) => {
        const back = parseLength(lengthEntry(inches(tenths / 10), system), system)
        expect(back).toEqual({ ok: true, value: expect.closeTo(inches(tenths / 10), 9) })
      }),
    )
  })
  test('whatever a field shows of a typed length is read as that length, in every system', () => {
    const typed = fc.oneof(
      fc.integer({ min: -64 * 11000, max: 64 * 11000 }).map((parts) => parts / 64),
      fc.integer({ min: -250000, max: 250000 }).map(inches),
      fc.integer({ min: -900000, max: 900000 }).map((feet) => (feet / 1000) * 12),
      fc.integer({ min: -900000, max: 900000 }).map((thousandths) => thousandths / 1000),
    )
    fc.assert(
      fc.property(typed, fc.constantFrom(...UNIT_SYSTEMS), fc.boolean(), (lengthIn, system, feet) => {
        const back = parseLength(lengthEntry(lengthIn, system, feet), system)
        const tenthOfMm = 0.05 / 25.4 + 1e-9
        expect(back.ok && Math.abs(back.value - lengthIn)).toBeLessThanOrEqual(system === 'us' ? 1e-6 : tenthOfMm)
      }),
      { numRuns: 500 },
    )
  })
  test('nothing that is written breaks over a line', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -11000, max: 11000, noNaN: true }),
        fc.constantFrom(...UNIT_SYSTEMS),
        (v, system) => {
          expect(formatLength(v, { system }) + lengthEntry(v, system) + quantity(v, 'lb', { system })).not.toContain(
            ' ',
          )
        },
      ),
    )
  })
})

test.each([
  ['us', 144.03, 1, false, 144 + 1 / 16],
  ['us', 144, -1, true, 143],
  ['mm', inches(3200.4), 1, false, inches(3201)],
  ['m', inches(3200), -1, true, inches(3190)],
] as const)('a step on the %s tape from %d', (system, from, direction, big, to) =>
  expect(steppedLength(from, direction, big, system)).toBeCloseTo(to, 9),
)

test.each([
  [fixed(1240.5), '1,241'],
  [fixed(-1240.49), '−1,240'],
  [fixed(-0.2), '0'],
  [fixed(0.005, 2), '0.01'],
  [fixed(-3.14159, 2, { ascii: true }), '-3.14'],
  [fixed(NaN), '–'],
  [upTo(4, 2), '4'],
  [upTo(1240.5, 3), '1,240.5'],
  [upTo(100, 0), '100'],
  [dollars(-35.4), '−$35'],
  [dollars(1240.5, true), '$1,240.50'],
  [counted(1, 'board'), '1 board'],
  [counted(2400, 'post'), '2,400 posts'],
  [counted(0, 'ply', 'plies'), '0 plies'],
  [read(quantity(1240.4, 'lb')), '1,240 lb'],
  [quantity(6.25, 'deg'), '6.3°'],
  [quantity(25, 'psf', { short: true, ascii: true }), '25 psf'],
])('%s', (written, wanted) => expect(written).toBe(wanted))

// One of each kind, worked by hand from 1 lb = 4.4482216 N and 1 ft = 0.3048 m.
test.each([
  [1000, 'lb', '4.45 kN'],
  [100, 'weightLb', '45 kg'],
  [25, 'psf', '1.197 kPa'],
  [1000, 'psi', '6.89 MPa'],
  [100, 'plf', '1.46 kN/m'],
  [1000, 'lbFt', '1.36 kN·m'],
  [1000, 'ft2', '92.9 m²'],
  [1, 'in2', '645 mm²'],
  [1, 'ft3', '0.028 m³'],
  [1, 'yd3', '0.76 m³'],
  [115, 'mph', '51.4 m/s'],
  [10, 'ft', '3.05 m'],
] as const)('%d %s in SI', (value, kind, wanted) => expect(read(quantity(value, kind, { system: 'mm' }))).toBe(wanted))

// 1 psf = 0.0478803 kPa, 1 lb = 4.44822 N; an arrow key adds a hundredth of a kPa, a tenth of a kN.
test.each([
  ['psf', 'mm', 'kPa', 0.0478803, 0.01],
  ['lb', 'm', 'kN', 0.00444822, 0.1],
  ['mph', 'mm', 'm/s', 0.44704, 1],
  ['ft', 'm', 'm', 0.3048, 0.1],
  ['psf', 'us', 'psf', 1, 1],
  ['°', 'mm', '°', 1, 1],
  ['lb/in', 'mm', 'lb/in', 1, 1],
] as const)('a field in %s reads in %s as %s', (own, system, unit, times, step) => {
  const scale = numberScale(own, system)
  expect(scale.unit).toBe(unit)
  expect(scale.times).toBeCloseTo(times, 7)
  expect(scale.step).toBeCloseTo(step, 9)
})
