import fc from 'fast-check'
import type { RoofLoads } from '../../frame'
import type { TrussPlan } from '../../layout'
import type { Building } from '../../model'
import { barnJob } from '../../testing/barn'
import { block } from './block'
import { bolts } from './bolts'
import { order } from './order'
import { reaction } from './reaction'
import { seat } from './seat'
import { seatTrusses } from './seated'
import { share } from './share'
import { ties } from './ties'
import { uplift } from './uplift'

const { building: barn } = barnJob()
const loads = (change: Partial<RoofLoads> = {}): RoofLoads => ({
  roofFt2: 160,
  deadLb: 800,
  deadMinLb: 480,
  snowLb: 3200,
  liveLb: 2000,
  windDownLb: 0,
  windUpLb: 3000,
  ...change,
})
/** Trusses over posts, 8 ft apart; those of `ends` are end trusses. */
function plan(count: number, ends: readonly number[] = []): TrussPlan {
  const trusses = Array.from({ length: count }, (_, i) => ({
    number: i + 1,
    xIn: i * 96,
    tributaryIn: 96,
    end: ends.includes(i),
  }))
  const row = trusses.map((truss) => ({ truss, post: { x: truss.xIn }, between: null, share: [1, 0] }))
  return { trusses, rests: { south: row, north: row }, beams: [], spaceIn: 96 } as unknown as TrussPlan
}
const seated = (
  truss: Partial<Building['roof']['truss']> = {},
  change: { joints?: object; carrier?: object; post?: object; reactions?: readonly RoofLoads[]; ends?: number[] } = {},
) => {
  const reactions = change.reactions ?? [loads(), loads({ snowLb: 3700, windUpLb: 2000 }), loads()]
  const building = {
    ...barn,
    post: { ...barn.post, section: '3-2x6', lumber: 'SP-No.2', ...change.post },
    joints: { ...barn.joints, ...change.joints },
    roof: {
      ...barn.roof,
      truss: { ...barn.roof.truss, set: 'posts', seat: 'pocket', plies: 1, blockNails: 0, reaction: null, ...truss },
      carrier: { ...barn.roof.carrier, plies: 2, sides: 'both', size: '2x12', lumber: 'SP-No.2', ...change.carrier },
    },
  } as Building
  return { seated: seatTrusses(building, plan(reactions.length, change.ends), reactions) }
}
const site = { dead: { maxPsf: 5 }, snow: { psPsf: 20, unbalanced: null } } as never

test('the heaviest truss and the most lifted one are found apart', () =>
  // D+S 800 + 3,700 = 4,500 lb at truss 2; 0.6·3,000 − 0.6·480 = 1,512 lb at truss 1.
  expect(seated().seated).toMatchObject({ heavy: 1, downLb: 4500, lifted: 0, netUpLb: 1512 }))
// 4,500/(1.5·5.5) = 545.5 of 565 psi.
test('4,500 lb on a seat of 1.5 × 5.5 in.: 545.5 of 565 psi', () => {
  const check = seat(seated())
  expect(check?.demand).toBeCloseTo(545.45, 2)
  expect([check?.capacity, check?.state]).toEqual([565, 'close'])
})
test.each([
  ['a block lengthens the seat by 1.5 in.', { blockNails: 12 }, 4500 / (1.5 * 7), 'holds'],
  ['two plies widen it', { plies: 2 }, 4500 / (3 * 5.5), 'holds'],
  ['on carriers it is their width', { set: 'carriers' }, 4500 / (1.5 * 3), 'fails'],
] as const)('%s', (_, truss, psi, state) => {
  const check = seat(seated(truss as object))
  expect(check?.demand).toBeCloseTo(psi, 6)
  expect(check?.state).toBe(state)
})
test('bolted to a face it has no seat, and without values it is not checked', () => {
  expect(seat(seated({ seat: 'face' }))).toBeNull()
  expect(seat(seated({}, { post: { lumber: 'own-none' } }))?.state).toBe('not-checked')
})
test('the block takes its share of the seat: 4,500·1.5/7 = 964.3 lb', () => {
  const nailed = (blockNails: number) =>
    block(seated({ blockNails }, { joints: { girt: { nail: '16d-common', count: 3 } } }))
  expect(nailed(12)?.demand).toBeCloseTo(964.29, 2)
  expect(nailed(24)?.capacity).toBeCloseTo(2 * (nailed(12)?.capacity ?? 0), 6)
  expect([nailed(2)?.state, nailed(0)]).toEqual(['fails', null])
})
// The end truss has no block: 4,100/(1.5·5.5) = 497.0 psi there, more than 4,500/(1.5·7) = 428.6 inside.
test('an end truss without a block governs where it presses harder; the block is judged by the heaviest that has one', () => {
  const reactions = [loads({ snowLb: 3300 }), loads({ snowLb: 3700 }), loads()]
  const check = seat(seated({ blockNails: 12 }, { reactions, ends: [0, 2] }))
  expect(check?.demand).toBeCloseTo(4100 / (1.5 * 5.5), 6)
  expect(check?.facts).toMatchObject({ number: 1 })
  const nailed = block(seated({ blockNails: 12 }, { reactions, ends: [0, 2] }))
  expect(nailed?.demand).toBeCloseTo((4500 * 1.5) / 7, 6)
  expect(nailed?.facts).toMatchObject({ number: 2 })
  expect(block(seated({ blockNails: 12 }, { reactions, ends: [0, 1, 2] }))).toBeNull()
})
test('held down by bolts against 1,512 lb; dead load alone needs none', () => {
  const joints = { truss: { diameterIn: 0.625, count: 2 } }
  const check = uplift(seated({}, { joints }))
  expect(check).toMatchObject({ demand: 1512, facts: { number: 1, double: true } })
  const heavy = uplift(seated({}, { joints, reactions: [loads({ windUpLb: 100 })] }))
  expect([heavy?.demand, heavy?.state]).toEqual([0, 'holds'])
  const one = uplift(
    seated({}, { joints: { truss: { diameterIn: 0.5, count: 1 } }, reactions: [loads({ windUpLb: 20000 })] }),
  )
  expect(one?.state).toBe('fails')
})
// Two 1/2 in. bolts above one another in a heel of 6 in.: the upper at most 1.75 in. (3.5 D) under the end of the plies, so
// the lower 2.25 in. up. Heel at de 4.25: (2/3·175·1.6·1.5·4.25)·(4.25/6)² = 597.1 lb; bolts 2·544·1.6·0.5 = 870 lb.
test('a low heel splits before its bolts give', () => {
  const facts = uplift(seated({ heelDepthIn: 6 }, { joints: { truss: { diameterIn: 0.5, count: 2 } } }))
  expect(facts?.capacity).toBeCloseTo(597.1, 1)
  expect(facts?.facts).toMatchObject({ held: { stands: { beside: 1, aboveSeatIn: 2.25 } } })
})
test('a rated tie holds by itself, and not together with the bolts', () =>
  expect(uplift(seated({}, { joints: { trussTieLb: 1600 } }))).toMatchObject({ capacity: 1600, state: 'close' }))
test('no place for the bolts: they hold nothing', () =>
  expect(uplift(seated({ heelDepthIn: 3 }, { joints: { truss: { diameterIn: 0.75, count: 2 } } }))?.state).toBe(
    'cannot-stand',
  ))
test('a deeper heel never holds less', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: 12, max: 120 }),
      fc.constantFrom(0.5, 0.625, 0.75),
      fc.integer({ min: 1, max: 6 }),
      (quarters, diameterIn, count) => {
        const holds = (heelDepthIn: number) =>
          uplift(seated({ heelDepthIn }, { joints: { truss: { diameterIn, count } } }))?.capacity ?? -1
        expect(holds((quarters + 1) / 4)).toBeGreaterThanOrEqual(holds(quarters / 4) - 1e-9)
      },
    ),
  ))
test('bolts at a face carry the reaction itself; in a pocket wood does', () => {
  expect(bolts(seated({ seat: 'face' }))?.demand).toBe(4500)
  expect(bolts(seated())).toBeNull()
})
test.each([
  [1512, 'close'],
  [1511, 'fails'],
  [null, 'not-checked'],
])('a tie to the carrier rated %s lb: %s', (trussTieLb, state) =>
  expect(ties(seated({ set: 'carriers' }, { joints: { trussTieLb } }))?.state).toBe(state),
)
test('ties are for carriers, sharing is for two of them on both faces', () => {
  expect(ties(seated())).toBeNull()
  expect(share(seated({ set: 'carriers' }))?.state).toBe('not-checked')
  expect([share(seated()), share(seated({ set: 'carriers' }, { carrier: { sides: 'one' } }))]).toEqual([null, null])
})
test('the trusses themselves are never checked here; the maker is told the loads', () =>
  expect(order({ ...seated(), results: site })).toMatchObject({
    state: 'not-checked',
    facts: { deadPsf: 5, snowPsf: 20, netUpLb: 1512, spaceIn: 96 },
  }))
// (5 + 20)·8 ft = 200 plf on 160/8 = 20 ft of roof: 4,000 lb.
test.each([
  [4000, false],
  [4400, false],
  [4401, true],
  [3599, true],
])('a typed reaction of %d lb against 4,000: asked about: %s', (gravityLb, asks) =>
  expect(reaction({ ...seated({ reaction: { gravityLb, upliftLb: 0 } }), results: site }) !== null).toBe(asks),
)
test('trusses that carry unlike widths: the heaviest counts, by what it carries itself', () => {
  const { seated: alike } = seated({ reaction: { gravityLb: 4000, upliftLb: 0 } })
  const trusses = alike.plan.trusses.map((truss, i) => ({ ...truss, tributaryIn: i === alike.heavy ? 96 : 48 }))
  const unlike = { ...alike, plan: { ...alike.plan, trusses } }
  expect(reaction({ seated: unlike, results: site })).toBeNull()
})
