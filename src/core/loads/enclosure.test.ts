import type { Side } from '../model'
import { judgeEnclosure, type WallArea } from './enclosure'

const SIDES: readonly Side[] = ['south', 'east', 'north', 'west']
/** Four walls with so much open in each, and one size. */
const walls = (openFt2: readonly number[], grossFt2 = 400): WallArea[] =>
  SIDES.map((side, i) => ({ side, grossFt2, openFt2: openFt2[i] }))

// ASCE 7-16 26.2. A windward wall of 400 ft² against three others of 400 and a roof of 1,000: Agi = 2,200.
test.each([
  ['shut', [0, 0, 0, 0], 'enclosed'],
  ['one door', [100, 0, 0, 0], 'partially'],
  ['under 4 ft²', [4, 0, 0, 0], 'enclosed'],
  ['just over 4 ft²', [4.01, 0, 0, 0], 'partially'],
  ['1.1 times the rest', [110, 100, 0, 0], 'enclosed'],
  ['more than 1.1 times the rest', [111, 100, 0, 0], 'partially'],
  // 440/2200 = 0.20 in the others; a little more and they let out what comes in.
  ['a fifth of the rest open', [500, 440, 0, 0], 'partially'],
  ['more than a fifth of the rest open', [500, 441, 0, 0], 'enclosed'],
  ['every wall at 80 %', [320, 320, 320, 320], 'open'],
  ['one wall just under 80 %', [320, 320, 320, 319], 'enclosed'],
])('%s: %s', (_, openFt2, want) => expect(judgeEnclosure(walls(openFt2), 1000).class).toBe(want))
test('a small wall: 1 % of it is less than 4 ft²', () =>
  expect(judgeEnclosure(walls([3, 0, 0, 0], 200), 500).class).toBe('partially'))
