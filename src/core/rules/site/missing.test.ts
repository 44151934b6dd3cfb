import { issue } from '../../result'
import { missing } from './missing'

test('a stage waits for what is not entered, by field', () =>
  expect(
    missing({ stage: 'holes', issues: [issue('missing', ['site', 'frostIn']), issue('missing', ['site', 'soil'])] }),
  ).toMatchObject({ id: 'site-holes', stage: 'holes', state: 'not-checked', facts: { fields: ['frostIn', 'soil'] } }))
