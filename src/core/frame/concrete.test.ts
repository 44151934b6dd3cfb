import { concreteIn } from './concrete'

const building = { bracketIn: 6, padThicknessIn: 8, collarHeightIn: 18 }

test.each([
  ['pad', [[73, 81]]],
  [
    'collar',
    [
      [73, 81],
      [55, 73],
    ],
  ],
  ['pier', [[-6, 81]]],
] as const)('%s: the concrete lies under the foot, around it, or reaches up to the bracket', (school, bodies) => {
  const hole = { depthIn: 81, embedIn: school === 'pier' ? 0 : 73 }
  expect(concreteIn({ ...building, school }, hole)).toEqual(bodies)
})
