import { pliesNails } from './plies'

// IBC 2021 Table 2304.10.2: both edges at 24 in., and three at each end and each joint.
test.each([
  // 20 ft: 11 places along each edge, two ends.
  [240, 0, 28],
  // The same with a joint in each ply.
  [240, 2, 34],
  // 9 ft: 0, 24, 48, 72 and 96.
  [108, 0, 16],
])('%s in. with %s joints: %s nails', (lengthIn, joints, nails) => expect(pliesNails(lengthIn, joints)).toBe(nails))
