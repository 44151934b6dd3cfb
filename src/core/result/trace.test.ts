import { line, shownRatio, sig, written } from '.'

// A ratio is rounded up: what is over 1 never reads as 1.00, however little.
test.each([
  [0, '0.00'],
  [0.5, '0.50'],
  [0.991, '1.00'],
  [1, '1.00'],
  [1 + 1e-12, '1.00'],
  [1.001, '1.01'],
  [1.0049, '1.01'],
  [12.34, '12.34'],
])('ratio %d reads %s', (ratio, text) => expect(shownRatio(ratio)).toBe(text))

test.each([
  [1234.5678, '1235'],
  [0.00012346, '0.0001235'],
  [-0.42007, '-0.4201'],
  [12345.6, '12346'],
  [0, '0'],
  [Infinity, '–'],
])('%d in a trace: %s', (value, text) => expect(sig(value)).toBe(text))

test('numbers stand beside a formula only where they say more than the result', () => {
  const given = { label: 'a', formula: 'b + c', value: 3, unit: 'lb', clause: '' }
  expect(written(line({ ...given, numbers: '1 + 2' }))).toBe('b + c = 1 + 2')
  expect(written(line({ ...given, numbers: '3' }))).toBe('b + c')
  expect(written(line({ ...given, numbers: '' }))).toBe('b + c')
})
