import { shear } from './shear'

const given = (shearLb: number, feet: number, allow: number | null = 100, walls: 'skin' | 'none' = 'skin') => ({
  place: 'west',
  shearLb,
  strips: feet > 0 ? [{ fromIn: 0, toIn: feet * 12, share: 1 }] : [],
  heightIn: 168,
  building: { bracing: { walls }, skin: { wallAllowPlf: allow } } as never,
})

test('3,000 lb over 40 ft of skin: 75 of 100 plf', () =>
  expect(shear(given(3000, 40))).toMatchObject({ demand: 75, capacity: 100, ratio: 0.75, state: 'holds' }))
test.each([
  ['at its limit', given(4000, 40), 'close'],
  ['over it', given(4001, 40), 'fails'],
  ['no skin at all to carry it', given(3000, 0), 'cannot-stand'],
  ['no tested strength entered', given(3000, 40, null), 'not-checked'],
  ['no braces drawn and the skin not counted', given(3000, 40, 100, 'none'), 'cannot-stand'],
])('%s', (_, each, state) => expect(shear(each).state).toBe(state))
