import fc from 'fast-check'
import { deriveJob, jobSticks, planJob } from '../derive'
import type { Building, Job, LeanTo } from '../model'
import { newLeanToParts } from '../model'
import { barnJob } from '../testing/barn'
import { expectNear } from '../testing/near'
import { formatLength } from '../units'
import { riseBetween } from './braces'
import { flashingGap, leanToPurlinPlaces } from './leanToPurlins'
import { rafterNumbers } from './leanToRoof'
import type { Stick } from './stick'

function sticksOf(job: Job): readonly Stick[] {
  const derived = deriveJob(job)
  if (!derived.ok) throw new Error(JSON.stringify(derived.issues))
  return jobSticks(job, derived.value).sticks
}
const inWords = (lengthIn: number): string => formatLength(lengthIn, { ascii: true })

describe('braces between posts', () => {
  // Clear 6 ft 3 in., rise of an edge 7 ft 1 1/2 in., 2×6: the ends of the board take 8.34 in. of the height themselves.
  test('the rise of an edge is the height less what its plumb end takes', () => {
    const endIn = (5.5 * Math.hypot(75, 85.5)) / 75
    expectNear(riseBetween(75, 85.5 + endIn, 5.5) ?? 0, 85.5, 1e-9)
  })
  test('for any bay and height rise and end make up the height', () =>
    fc.assert(
      fc.property(fc.integer({ min: 12, max: 240 }), fc.integer({ min: 14, max: 300 }), (clearIn, highIn) => {
        const riseIn = riseBetween(clearIn, highIn, 5.5)
        if (riseIn !== null) expectNear(riseIn + 5.5 * Math.hypot(1, riseIn / clearIn), highIn, 1e-9)
      }),
    ))
  test('a bay narrower than the board takes none', () => expect(riseBetween(5, 100, 5.5)).toBeNull())
  test('edge 9 ft 5 3/4 in., tip to tip 10 ft 0 in.: a 10 ft board is too short, 12 ft are bought', () => {
    // Posts 4 1/2 in. wide 79 1/2 in. apart leave 75; the skirt's top and the heel are as far apart as the brace is high.
    const highIn = 85.5 + (5.5 * Math.hypot(75, 85.5)) / 75
    const { building } = barnJob()
    const job = barnJob({
      lengthIn: 79.5 * 8 + 4.5,
      bays: { mode: 'count', count: 8 },
      baysFrom: 'centres',
      heelIn: 7.25 + highIn,
      skirt: { topIn: 7.25, depthIn: 9.25 },
      bracing: { ...building.bracing, walls: 'x-boards', size: '2x6', baysPerWall: 1 },
    })
    const brace = sticksOf(job).find(({ kind, place }) => kind === 'brace' && place.side === 'south')
    if (!brace) throw new Error('no brace')
    expect(inWords(brace.cutLengthIn)).toBe(`10' 0"`)
    expect(inWords(brace.cutLengthIn - Math.abs(brace.ends[0].backIn))).toBe(`9' 5 3/4"`)
    expect(brace.buyLengthIn).toBe(144)
    // The plumb cut is as far off square as the brace is off level: 48.74°.
    expectNear((Math.atan(Math.abs(brace.ends[0].backIn) / 5.5) * 180) / Math.PI, 48.74, 1e-3)
  })
})

describe('rafters of a lean-to', () => {
  const leanTo: LeanTo = {
    ...newLeanToParts(),
    side: 'north',
    depthIn: 120,
    pitchPer12: 2.5,
    dropIn: 24,
    rafter: { plies: 1, size: '2x8', lumber: 'SP-No.2', spaceIn: 36 },
    ledger: { plies: 1, size: '2x10', lumber: 'SP-No.1' },
    beam: { plies: 2, size: '2x10', lumber: 'SP-No.1' },
    seatIn: 3,
  }
  function roofOf(change: Partial<Building> = {}) {
    const { building } = barnJob()
    const roof = { ...building.roof, truss: { ...building.roof.truss, seat: 'notch' as const } }
    const job = barnJob({ leanTos: [leanTo], eaveOverhangIn: 18, roof, ...change })
    const plan = planJob(job)
    if (!plan.ok) throw new Error(JSON.stringify(plan.issues))
    const [own] = plan.value.structure.leanTos
    return { job, own, sticks: sticksOf(job) }
  }
  // 10 ft 0 in. to the outer face of the beam less a ledger of 1 1/2 in. at 2.5:12, and a tail of 18 in.
  test('body 10 ft 1 1/16 in., tail 1 ft 6 3/8 in., 11 ft 7 7/16 in. in all', () => {
    const { own } = roofOf()
    const numbers = rafterNumbers(own, own.rafters[3])
    expect([numbers.bodyIn, numbers.tailIn, numbers.edgeIn].map(inWords)).toEqual([
      `10' 1 1/16"`,
      `1' 6 3/8"`,
      `11' 7 7/16"`,
    ])
    // Seat 3 in.: 3·sin 11.77° = 0.612 deep, 3·tan = 0.625 plumb.
    expectNear(numbers.notchIn, 0.612, 1e-3)
    expectNear(numbers.heelIn, 0.625, 1e-9)
  })
  test('the stick is longer by its plumb ends, and is bought longer still', () => {
    const { own, sticks } = roofOf()
    const rafter = sticks.find(({ kind }) => kind === 'rafter')
    const { edgeIn } = rafterNumbers(own, own.rafters[3])
    expectNear(rafter?.cutLengthIn ?? 0, edgeIn + (7.25 * 2.5) / 12, 1e-9)
    expect(rafter?.buyLengthIn).toBe(144)
  })
  test('22 alike on 756 in. at 36 in.: on centre from the one end, the last flush with the other', () => {
    const { building } = barnJob()
    const { own } = roofOf({ lengthIn: 756, bays: building.bays })
    expect(own.rafters).toHaveLength(22)
    expect(own.rafters[1].atIn - own.rafters[0].atIn).toBe(36)
    expect(own.rafters.at(-1)?.atIn).toBe(755.25)
  })
  test('the beam sits a beam depth under its top, which carries the rafters', () => {
    const { own } = roofOf()
    // Heel 168 less 24 of drop less 10 ft at 2.5:12, 25 in.: 119; a 2×10 sits at 109 3/4.
    expect(own.seatUpIn).toBe(119)
    expect(own.beam?.layers[0].topUpIn).toBe(119)
  })
  test('the top row of purlins leaves the flashing its screws', () => {
    const { own } = roofOf()
    const places = leanToPurlinPlaces(own)
    const slopeIn = (120 + 18) / Math.cos(own.angle)
    const { clearIn, legIn } = flashingGap(own)
    expectNear((places.at(-1) ?? 0) + 1.5 + clearIn, slopeIn, 1e-9)
    // Three inches for the driver from the skin on girts of 1 1/2, to the middle of the purlin and an inch of edge.
    expectNear(clearIn, 3 + 1.5 / Math.cos(own.angle), 1e-9)
    expectNear(legIn, 3 + 0.75 + 1, 1e-9)
  })
})

test('knee braces are as long as from heel to heel, sawn plumb and level', () => {
  const job = barnJob({
    knee: { downIn: 36, outIn: 48, size: '2x6', lumber: 'SP-No.2', plies: 1, trussDesigned: true },
  })
  const knee = sticksOf(job).find(({ kind }) => kind === 'knee')
  // 3-4-5: 60 in.; back 5.5·36/48 at the post and 5.5·48/36 at the truss.
  expect(knee?.cutLengthIn).toBeCloseTo(60, 9)
  expect(knee?.ends.map(({ backIn }) => Math.abs(backIn))).toEqual([5.5 * 0.75, (5.5 * 48) / 36])
})
test('girts under the rake are sawn to it, their long point below', () => {
  const girt = sticksOf(barnJob()).find(
    ({ kind, place, ends }) => kind === 'girt' && place.side === 'west' && ends[0].cut === 'bevel',
  )
  // 5 1/2 in. of board at 4:12 runs 16 1/2 in. back; the lower edge is the long one.
  expect(girt?.ends[0].backIn).toBeCloseTo(-16.5, 9)
})
