import type { SiteResults } from '../../frame'
import { barnJob } from '../../testing/barn'
import { mainPurlinLoads } from './loads'

const { building: barn } = barnJob()
const results = (change: object) =>
  ({
    snow: { psPsf: 20, pmPsf: 25, unbalanced: null },
    wind: { thetaDeg: 18 },
    dead: { slopePsf: 3, minPsf: 2 },
    site: { dead: { by: 'typed' } },
    enclosure: { class: 'enclosed' },
    claddingQhPsf: 20,
    roofCladding: { inwardPsf: 12, zonePsf: { '1': -20, '3r': -50 } },
    ...change,
  }) as unknown as SiteResults
const building = (openRoofCn: number | null) => ({ ...barn, skin: { ...barn.skin, openRoofCn } })

// An open roof, ASCE 7-16 30.7: p = qh·G·CN = 20·0.85·1.2 = 20.4 psf, both ways.
test('an open roof takes the coefficient that was typed, through the gust factor', () =>
  expect(mainPurlinLoads(building(1.2), results({ enclosure: { class: 'open' } }), 96, ['1'])).toMatchObject({
    windInPsf: 20.4,
    zones: [{ zone: 'open roof', upPsf: 20.4 }],
  }))
test('without one its wind is not known', () =>
  expect(mainPurlinLoads(building(null), results({ enclosure: { class: 'open' } }), 96, ['1'])).toBeNull())
test('a roof over walls takes its zones', () =>
  expect(mainPurlinLoads(building(null), results({}), 96, ['1', '3r'])).toMatchObject({
    snowPsf: 25,
    leastPsf: 1.5,
    windInPsf: 12,
    zones: [
      { zone: '1', upPsf: -20 },
      { zone: '3r', upPsf: -50 },
    ],
  }))
test.each([
  [{ psPsf: 20, pmPsf: 0, unbalanced: { leewardPsf: 22, surchargePsf: 8 } }, 30],
  [{ psPsf: 20, pmPsf: 0, unbalanced: null }, 20],
])('snow %j: %d psf', (snow, want) =>
  expect(mainPurlinLoads(building(null), results({ snow }), 96, [])?.snowPsf).toBe(want),
)
