import { FIGURES } from '@/core/pocket'
import { FIGURE_GROUPS, FIGURE_WORDS } from './catalog'
import { shownAnswer } from './shown'

const plain = (value: unknown) => (JSON.stringify(value) ?? '').replaceAll('\u00a0', ' ')
// 54.4375 and a hair less than the next sixteenth: a mark goes to the nearest, what must go in goes down.
test.each([
  ['diagonal', { diagonalIn: 54.49 }, { diagonalIn: '4′ 6 1/2″' }],
  [
    'brace-45',
    { longEdgeIn: 54.49, legIn: 38.53, limitedBy: 'post' },
    { longEdgeIn: '4′ 6 7/16″', legIn: '38 1/2″', limitedBy: 'post' },
  ],
  [
    'knee-brace',
    { sawnOutAtLeastIn: 30.6271, sawnOutAtMostIn: 30.6271 },
    { sawnOutAtLeastIn: '30 11/16″', sawnOutAtMostIn: '30 5/8″' },
  ],
  ['girt-cut', { cutIn: 90.5625 }, { cutIn: '7′ 6 9/16″' }],
  ['gin', { hangLb: 600, momentLbFt: 1200.4 }, { hangLb: '600 lb', momentLbFt: '1,200 lb-ft' }],
  ['rod-marks', { highId: 'A1', upIn: { A1: 4, B1: 5.5 } }, { highId: 'A1', upIn: { A1: '4″', B1: '5 1/2″' } }],
  ['panels', { startRipIn: null, short: false, sheets: 11 }, { startRipIn: null, short: false, sheets: '11' }],
] as const)('%s: %j', (figure, answer, want) => expect(plain(shownAnswer(figure, answer))).toBe(JSON.stringify(want)))
test('down and to the nearest in millimeters too', () => {
  expect(plain(shownAnswer('brace-45', { longEdgeIn: 999.9 / 25.4 }, 'mm'))).toBe('{"longEdgeIn":"999 mm"}')
  expect(plain(shownAnswer('diagonal', { diagonalIn: 999.9 / 25.4 }, 'mm'))).toBe('{"diagonalIn":"1,000 mm"}')
})
test('every figure has its words, and lies in a group in the order of the list', () => {
  const groups = FIGURES.map((figure) => FIGURE_GROUPS.indexOf(FIGURE_WORDS[figure.name].group))
  expect(groups).toEqual([...groups].sort((one, other) => one - other))
  expect(new Set(Object.values(FIGURE_WORDS).map(({ title }) => title)).size).toBe(FIGURES.length)
  const finding = (said: string) => FIGURES.filter((figure) => FIGURE_WORDS[figure.name].sayings.includes(said))
  expect(finding('split the difference')).toHaveLength(7)
  expect(finding('how long a brace').map((figure) => figure.name)).toContain('knee-brace')
})
