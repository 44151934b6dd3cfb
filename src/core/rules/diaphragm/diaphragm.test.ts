import type { FrameRow, Lateral } from '../../frame'
import { chord } from './chord'
import { proportions } from './proportions'
import { shear } from './shear'
import { slopeOf } from './shape'
import { sway } from './sway'

type Relied = Lateral['relied']
const row = (change: Partial<FrameRow> = {}) =>
  ({
    loadLb: [1000, 2000, 1000],
    moveIn: [0.2, 0.7, 0.2],
    frameLbIn: [100, 100, 100],
    bayLbIn: [9000, 9000],
    eavePlf: 250,
    result: { bayShearLb: [-1500, 1600] },
    ...change,
  }) as unknown as FrameRow
const lateral = (relied: Relied, change: Partial<FrameRow> = {}) => ({
  relied,
  lacks: null,
  knee: false,
  row: row(change),
})
const skin = { roofAllowPlf: 100, roofStiffnessLbPerIn: 3000 } as never
const grid = { widthIn: 480, lengthIn: 768, baysIn: [96, 96] }

describe('shear along the slopes, ASABE EP484', () => {
  const building = { pitchPer12: 4, skin, diaphragm: 'checked' as const }
  // One slope of 20 ft at 4:12 is 20·√(1 + 1/9) = 21.08 ft, cos 0.9487: 1,600/2/0.9487/21.08 = 40 plf.
  test('1,600 lb in the end bay: 40 of 100 plf on each slope', () => {
    expect(slopeOf(building, grid).slopeFt).toBeCloseTo(21.0819, 4)
    const check = shear({ building, grid, lateral: lateral('roof checked'), endWallLb: 0 })
    expect(check?.demand).toBeCloseTo(40, 6)
    expect(check?.state).toBe('holds')
  })
  test.each([
    [4000, 'close'],
    [4001, 'fails'],
  ])('a bay shear of %d lb: %s', (lb, state) =>
    expect(
      shear({
        building,
        grid,
        lateral: lateral('roof checked', { result: { bayShearLb: [lb] } as never }),
        endWallLb: 0,
      })?.state,
    ).toBe(state),
  )
  test.each([
    ['roof trusted', 'trusted'],
    ['frames alone', 'not counted'],
  ] as const)('%s: not computed, and says so', (relied, kind) =>
    expect(shear({ building, grid, lateral: lateral(relied), endWallLb: 4000 })).toMatchObject({
      state: 'not-checked',
      facts: { kind },
    }),
  )
  test('a trusted roof must pass 4,000 lb as 100 plf on each slope', () =>
    expect(shear({ building, grid, lateral: lateral('roof trusted'), endWallLb: 4000 })?.facts).toMatchObject({
      slopePlf: expect.closeTo(100, 6),
      endWallLb: 4000,
    }))
})

describe('the eave girt as chord: w·L²/(8·B)', () => {
  const girts = { size: '2x6', lumber: 'SP-No.2', walls: {} }
  const building = { girts, grades: [], skin } as never
  // 250·64²/(8·40) = 3,200 lb; 600·1.6·8.25 = 7,920 lb.
  test('3,200 of 7,920 lb', () => {
    const check = chord({ building, grid, lateral: lateral('roof checked') })
    expect([check?.demand, check?.capacity]).toEqual([3200, 7920])
    expect(check?.state).toBe('holds')
  })
  // The girts of one eave wall are smaller: 675·1.6·5.25 = 5,670 lb.
  test('the weaker of the two eave walls counts', () => {
    const walls = { north: { size: '2x4', lumber: 'SP-No.2' } }
    const uneven = { girts: { ...girts, walls }, grades: [], skin } as never
    const check = chord({ building: uneven, grid, lateral: lateral('roof checked') })
    expect(check?.capacity).toBeCloseTo(5670, 6)
  })
  test('2.5 times the load fails', () =>
    expect(chord({ building, grid, lateral: lateral('roof checked', { eavePlf: 625 }) })?.state).toBe('fails'))
  test.each(['frames alone', 'roof trusted'] as const)('%s: no chord', (relied) =>
    expect(chord({ building, grid, lateral: lateral(relied) })).toBeNull(),
  )
})

describe('proportions', () => {
  const long = (lengthIn: number, relied: Relied = 'roof checked') =>
    proportions({ building: { skin }, grid: { lengthIn, widthIn: 480 }, lateral: lateral(relied) })
  test.each([960, 1920])('%d in. by 480 is not too long', (lengthIn) => expect(long(lengthIn)).toBeNull())
  test('past four times as long as wide the sharing is not relied on', () =>
    expect(long(1921)).toMatchObject({ state: 'not-checked' }))
  test('frames alone share nothing', () => expect(long(4800, 'frames alone')).toBeNull())
})

describe('sway against what doors and finishes allow', () => {
  const building = (swayOver: number | null) => ({ heelIn: 168, bracing: { swayOver } as never })
  test('0.7 in. of 168/120 = 1.4: the line that moves most is named', () =>
    expect(sway({ building: building(120), lateral: lateral('roof checked') })).toMatchObject({
      demand: 0.7,
      capacity: 1.4,
      state: 'holds',
      facts: { line: 2, loadLb: 2000 },
    }))
  test.each([
    [240, 'close'],
    [241, 'fails'],
    [null, 'not-checked'],
  ])('height over %s: %s', (over, state) =>
    expect(sway({ building: building(over), lateral: lateral('roof checked') }).state).toBe(state),
  )
  test.each([
    ['a trusted roof has no figure', lateral('roof trusted'), 'not-checked', 'trusted'],
    [
      'frames of which one has nothing to stand by',
      lateral('frames alone', { moveIn: [0, null, 0] }),
      'cannot-stand',
      'does not stand',
    ],
  ])('%s: %#', (_, each, state, kind) =>
    expect(sway({ building: building(120), lateral: each })).toMatchObject({ state, facts: { kind } }),
  )
})
