import type { LateralCase } from '../../frame'
import type { Post } from '../../layout'
import { boardValues, postSize } from '../../wood'
import type { ColumnBasis } from './basis'
import { shear } from './shear'
import type { WorkedPosts } from './worked'

const size = postSize({ section: '3-2x6' })
const values = boardValues('SP-No.2', 6, [])
const worked = (ids: readonly string[]): WorkedPosts =>
  ({
    kind: 'worked',
    basis: { size, values, wet: true, lengthIn: () => 168 } as unknown as ColumnBasis,
    own: ids.map((id) => ({ id }) as Post),
    hardest: { id: 'A2' } as Post,
    result: {},
    ratios: {},
  }) as unknown as WorkedPosts
const lateralCase = (shearLb: number, momentFtLb: number) => ({ shearLb, momentFtLb }) as LateralCase
const given = (shearLb: number, momentFtLb: number, school: 'pad' | 'pier' = 'pad', embedIn = 48) => ({
  hole: { kind: 'eave' as const, postIds: ['A2', 'A3'], embedIn },
  building: { school },
  lateral: { cases: { A2: [lateralCase(100, 100)], A3: [lateralCase(-shearLb, momentFtLb)] } },
  worked: worked(['A2', 'A3']),
})

// 4·M/(3·d) = 4·3000/(3·4) = 1,000 lb, more than V 900: fv = 1.5·1000/24.75 = 60.61; Fv' = 175·1.6·0.97 = 271.6.
test('the soil’s reverse shear rules over V: 60.61 of 271.6 psi', () => {
  const check = shear(given(900, 3000))
  expect(check?.demand).toBeCloseTo(60.606, 3)
  expect(check?.capacity).toBeCloseTo(271.6, 6)
  expect(check).toMatchObject({ state: 'holds', facts: { post: { id: 'A3' }, shearLb: 1000, inGroundFt: 4 } })
})
test.each([
  ['V where it is more', given(1200, 3000), 1200],
  ['V alone on a pier', given(900, 3000, 'pier'), 900],
  ['V alone where nothing is in the ground', given(900, 3000, 'pad', 0), 900],
])('%s', (_, each, shearLb) => expect(shear(each)?.facts.shearLb).toBe(shearLb))
test.each([
  [4400, 'close'],
  [4500, 'fails'],
])('%d lb: %s (limit 271.6·24.75/1.5 = 4,481)', (shearLb, state) => expect(shear(given(shearLb, 0))?.state).toBe(state))
test('posts that were not worked through have no such check', () =>
  expect(shear({ ...given(1, 1), worked: { kind: 'no wind' } })).toBeNull())
