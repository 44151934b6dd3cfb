import { SHEETS } from './sheets'
import type { Sheet } from './sheet'
import { acted, opened } from './useFigure'

let sheet: Sheet
beforeAll(async () => {
  sheet = (await SHEETS['girt-cut']()).default
})
const cut = (open: ReturnType<typeof opened>) => open.shown?.outs[0].text.replaceAll('\u00a0', ' ')

test('opened by itself it shows its samples, and says so', () => {
  const open = opened(sheet, null, 'us')
  expect([open.sample, cut(open)]).toEqual([true, '7′ 6 9/16″'])
})
test('opened with what is given it shows that', () => {
  const open = opened(sheet, { gapIn: 100, playIn: 0.25 }, 'us')
  expect([open.sample, cut(open), open.given]).toEqual([false, '8′ 3 3/4″', { gapIn: 100, playIn: 0.25 }])
})
test('what does not read leaves the drawing as it was, says why, and stays as it was typed', () => {
  const open = opened(sheet, null, 'us')
  const broken = acted(sheet, open, { kind: 'type', key: 'gapIn', text: `7' 6 1/` })
  expect([broken.typed.gapIn, broken.given, broken.shown]).toEqual([`7' 6 1/`, null, open.shown])
  expect(broken.issues[0]).toMatchObject({ path: ['gapIn'] })
  const mended = acted(sheet, broken, { kind: 'type', key: 'gapIn', text: `7' 6 1/2` })
  expect([mended.issues, cut(mended)]).toEqual([[], '7′ 6 3/8″'])
})
test('what contradicts itself names the field that is wrong', () => {
  const open = acted(sheet, opened(sheet, null, 'us'), { kind: 'type', key: 'playIn', text: `10'` })
  expect(open.issues[0]?.path[0]).toBe('playIn')
})
test('the samples come back', () => {
  const typed = acted(sheet, opened(sheet, null, 'us'), { kind: 'type', key: 'gapIn', text: '50' })
  const back = acted(sheet, typed, { kind: 'samples' })
  expect([typed.sample, back.sample, cut(back)]).toEqual([false, true, '7′ 6 9/16″'])
})
