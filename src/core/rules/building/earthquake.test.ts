import { earthquake } from './earthquake'

test('a quiet site has nothing to say', () => expect(earthquake({ highSeismic: false })).toBeNull())
test('high seismic is not computed, and never reads as holding', () =>
  expect(earthquake({ highSeismic: true })).toMatchObject({ id: 'seismic', state: 'not-checked', ratio: null }))
