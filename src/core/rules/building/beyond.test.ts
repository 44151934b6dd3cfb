import { beyond } from './beyond'

const given = (change: object = {}, relied: 'roof checked' | 'frames alone' = 'roof checked') => ({
  building: { openings: [], pitchPer12: 4, leanTos: [], school: 'collar' as const, gableMaxIn: 96, ...change },
  site: { groundSnowPsf: 30 },
  lateral: { relied, row: { loadLb: [1000, 2000, 1000] } } as never,
  results: { dead: { maxPsf: 5 }, snow: { pfPsf: 20 } } as never,
  shaken: { roofFt2: 1000, wallFt2: 1000 },
})
const door = { kind: 'overhead', weightLb: null }
const items = (...args: Parameters<typeof given>) => beyond(given(...args)).facts.items

test('what is not checked is named, and never counts as holding', () =>
  expect(beyond(given())).toMatchObject({
    state: 'not-checked',
    facts: {
      items: [
        'gable post to truss',
        'chord splices',
        'diaphragm connections',
        'truss bracing',
        'ice at eaves',
        'special wind regions',
        'earthquake',
        'ground-line treatment',
      ],
    },
  }))
test.each([
  ['a door of unknown weight', { openings: [door] }, 'door weight', true],
  ['a door whose weight is typed', { openings: [{ ...door, weightLb: 300 }] }, 'door weight', false],
  ['a low slope', { leanTos: [{ pitchPer12: 0.25 }] }, 'ponding', true],
  ['a steeper one', { leanTos: [{ pitchPer12: 0.5 }] }, 'ponding', false],
  ['posts on brackets', { school: 'pier' }, 'ground-line treatment', false],
] as const)('%s', (_, change, item, named) => expect(items(change).includes(item)).toBe(named))
test('frames alone have no diaphragm to connect', () =>
  expect(items({}, 'frames alone')).not.toContain('diaphragm connections'))
// 1,000 ft² at 5 psf and half of 1,000 ft² of wall at 3: 6,500 lb; 4,000/(0.7·6,500) = 0.879. Snow over 30 psf counts a fifth.
test('wind governs up to the seismic coefficient that is said', () => {
  expect(beyond(given()).facts.coefficient).toBeCloseTo(4000 / (0.7 * 6500), 6)
  const snowy = { ...given(), results: { dead: { maxPsf: 5 }, snow: { pfPsf: 40 } } as never }
  expect(beyond(snowy).facts.coefficient).toBeCloseTo(4000 / (0.7 * 14500), 6)
})
