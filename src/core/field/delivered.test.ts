import { demo } from '../testing/demos'
import { deliveredOff } from '.'
import type { Delivered } from './kinds'

const { building } = demo('quillback').job
const heelIn = building.roof.truss.heelDepthIn
const SPAN_IN = 432

test.each<[Delivered, string, number, number, boolean]>([
  // what, of which, as it came; planned, whether it is off
  ['truss heel', 'truss', heelIn + 1 / 8, heelIn, false],
  ['truss heel', 'truss', heelIn + 1 / 4, heelIn, true],
  ['truss span', 'truss', 431.5, SPAN_IN, false],
  ['truss span', 'truss', 431, SPAN_IN, true],
  // Dressed widths and thickness of PS 20.
  ['board width', '2×6 girts', 5.375, 5.5, false],
  ['board width', '2 x 10', 9, 9.25, true],
  ['board thickness', 'wet 2X8', 1.5625, 1.5, false],
  ['board thickness', '2x8', 1.625, 1.5, true],
])('%s of %s as %d: planned %d, off %s', (what, item, inches, plannedIn, isOff) => {
  const off = deliveredOff({ what, item, inches }, building, SPAN_IN)
  expect(off).toEqual({ plannedIn, offIn: inches - plannedIn, isOff })
})
test.each(['board', '2×3 lath', 'a 12 ft one'])('a board called “%s” is held against nothing', (item) => {
  expect(deliveredOff({ what: 'board width', item, inches: 5.5 }, building, SPAN_IN)).toBeNull()
})
