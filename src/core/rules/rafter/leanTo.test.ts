import type { LeanToLoads } from '../../frame'
import type { Building, LeanTo } from '../../model'
import { barnJob } from '../../testing/barn'
import { sag as beamSag } from '../leanToBeam/sag'
import { strength as beamStrength } from '../leanToBeam/strength'
import { sag as purlinSag } from '../leanToPurlin/sag'
import { strength as purlinStrength } from '../leanToPurlin/strength'
import { uplift as purlinUplift } from '../leanToPurlin/uplift'
import { bolts as ledgerBolts } from '../ledger/bolts'
import { sag as ledgerSag } from '../ledger/sag'
import { strength as ledgerStrength } from '../ledger/strength'
import { bolts } from './bolts'
import { leanToCase } from './leanTo'
import { birdsMouth } from './member'
import { notch } from './notch'
import { sag } from './sag'
import { seat } from './seat'
import { strength } from './strength'
import { tie } from './tie'

const { building: barn } = barnJob()
const given = (
  leanTo: Partial<LeanTo> = {},
  change: { joints?: object; snowPsf?: number; upPsf?: number; cn?: number | null } = {},
) => {
  const own = {
    side: 'south',
    depthIn: 120,
    pitchPer12: 3,
    dropIn: 12,
    rafter: { plies: 1, size: '2x10', lumber: 'SP-No.2', spaceIn: 24 },
    ledger: { plies: 2, size: '2x10', lumber: 'SP-No.2' },
    beam: { plies: 2, size: '2x12', lumber: 'SP-No.1' },
    seatIn: 3.5,
    ...leanTo,
  } as LeanTo
  const snowPsf = change.snowPsf ?? 20
  const low = { governs: 'balanced', uniformPsf: snowPsf, peakPsf: 0, peakWidthFt: 0, trace: [] }
  const lean = {
    leanTo: own,
    thetaDeg: birdsMouth(3, 9.25, 3.5, 120).thetaDeg,
    snow: [low],
    governing: low,
    wallPlf: snowPsf * 5,
    outerPlf: snowPsf * 6,
    wind: { upPsf: change.upPsf ?? -20, downPsf: 10, trace: [] },
  } as unknown as LeanToLoads
  const building = {
    ...barn,
    joints: { ...barn.joints, ledger: { diameterIn: 0.625, count: 2 }, rafterTieLb: 600, ...change.joints },
    skin: { ...barn.skin, openRoofCn: change.cn ?? null },
    post: { ...barn.post, section: '3-2x6', lumber: 'SP-No.2' },
    roof: { ...barn.roof, purlins: { ...barn.roof.purlins, skinHolds: true, spaceIn: 24 } },
  } as Building
  const results = {
    dead: { maxPsf: 4, minPsf: 2, slopePsf: 3 },
    claddingQhPsf: 20,
    site: { dead: { by: 'total' } },
    snow: { psPsf: 20, pmPsf: 0, unbalanced: null },
    wind: { thetaDeg: 14 },
    enclosure: { class: 'enclosed' },
    roofCladding: null,
  } as never
  return leanToCase({ building, lean, results, bayIn: 96, wallSpanIn: 96 })
}

test('what a rafter brings to its ends: 2 ft of (plf + 4 psf·5 ft), and its uplift', () => {
  const each = given()
  // Wall (100 + 20)·2 = 240 lb, low end (120 + 20)·2 = 280 lb; up (0.6·20 − 0.6·2)·5·2 = 108 lb.
  expect([each.wallLb, each.lowLb, each.upLb].map((lb) => Math.round(lb * 1e6) / 1e6)).toEqual([240, 280, 108])
})
test('rafters hold close and fail wide apart or deep in snow', () => {
  const states = [
    given(),
    given({ rafter: { plies: 1, size: '2x10', lumber: 'SP-No.2', spaceIn: 96 } }, { snowPsf: 90 }),
  ]
  expect(states.map((each) => strength(each).state)).toEqual(['holds', 'fails'])
  expect(states.map((each) => sag(each)?.state)).toEqual(['holds', 'fails'])
})
// 3.5·sin 14.04° = 0.849 in. of 9.25/4 = 2.3125; the longest seat is 9.25/(4·sin 14.04°) = 9.535 in.
test('a level seat of 3.5 in. at 3:12 cuts 0.849 in. into a 2×10', () => {
  expect(notch(given()).demand).toBeCloseTo(0.84887, 4)
  expect(notch(given()).capacity).toBe(2.3125)
  expect([notch(given({ seatIn: 9.5 })).state, notch(given({ seatIn: 9.6 })).state]).toEqual(['close', 'fails'])
})
// 280 lb on a seat cut 3.5 in. long, of which the beam of two plies bears 3: 280/(1.5·3) = 62.2 psi of 565.
test('it presses its seat with 62.2 of 565 psi: no longer than the beam under it', () => {
  expect(seat(given())?.demand).toBeCloseTo(62.222, 3)
  expect(seat(given({}, { snowPsf: 300 }))?.state).toBe('fails')
  expect(seat(given({ rafter: { plies: 1, size: '2x10', lumber: 'own-none', spaceIn: 24 } }))).toBeNull()
})
test.each([
  [108, 'close'],
  [107, 'fails'],
  [null, 'not-checked'],
])('a tie rated %s lb against 108: %s', (rafterTieLb, state) =>
  expect(tie(given({}, { joints: { rafterTieLb } })).state).toBe(state),
)
describe('on a ledger, or bolted to the posts themselves', () => {
  const onPosts = (change: Parameters<typeof given>[1] = {}) =>
    given({ rafter: { plies: 2, size: '2x10', lumber: 'SP-No.2', spaceIn: null } }, change)
  test('each has its own checks and none of the other’s', () => {
    const [ledger, posts] = [given(), onPosts()]
    expect([ledgerStrength(posts), ledgerSag(posts), ledgerBolts(posts), beamStrength(posts), beamSag(posts)]).toEqual(
      Array(5).fill(null),
    )
    expect([bolts(ledger), ledgerStrength(ledger)?.state, beamStrength(ledger)?.state]).toEqual([
      null,
      'holds',
      'holds',
    ])
  })
  test('down under snow and up under wind: the worse ratio and its combination', () => {
    expect(bolts(onPosts())?.combination).toBe('D+S')
    expect(bolts(onPosts({ snowPsf: 0, upPsf: -200 }))?.combination).toBe('0.6D+0.6W')
    expect(bolts(onPosts({ snowPsf: 500 }))?.state).toBe('fails')
  })
  // 240 lb on 2 ft are 120 plf; 8 ft between posts: 960 lb at each.
  test('a post takes 8 ft of ledger: 960 lb', () => {
    expect(ledgerBolts(given())?.demand).toBeCloseTo(960, 6)
    expect(ledgerBolts(given({}, { snowPsf: 600 }))?.state).toBe('fails')
  })
  test('ledger and outer beam fail where the snow is deep', () => {
    const deep = given({}, { snowPsf: 600 })
    expect([ledgerStrength(deep)?.state, beamStrength(deep)?.state, beamSag(deep)?.state]).toEqual(
      Array(3).fill('fails'),
    )
    expect(ledgerSag(deep)?.ratio ?? 0).toBeGreaterThan(ledgerSag(given())?.ratio ?? 9)
  })
})
describe('boards over rafters wide apart are purlins', () => {
  const apart = (spaceIn: number, change: Parameters<typeof given>[1] = {}) =>
    given({ rafter: { plies: 2, size: '2x10', lumber: 'SP-No.2', spaceIn } }, change)
  test.each([
    [30, false],
    [31, true],
  ])('rafters %d in. apart: judged %s', (spaceIn, judged) => {
    expect([purlinStrength(apart(spaceIn)) !== null, purlinSag(apart(spaceIn)) !== null]).toEqual([judged, judged])
    expect(purlinUplift(apart(spaceIn)) !== null).toBe(judged)
  })
  test('their uplift needs the coefficient of an open roof', () => {
    expect(purlinUplift(apart(96))?.state).toBe('not-checked')
    expect(purlinUplift(apart(96, { cn: 1.2 }))).toBeNull()
  })
  test('deep snow on a long span fails', () => expect(purlinStrength(apart(120, { snowPsf: 90 }))?.state).toBe('fails'))
})

// A ledger of two plies is 3 in. of side member: its bolts hold as those of a joint of that thickness.
test('bolts of a ledger reckon with all its plies', () => {
  const bolt = (plies: number) => {
    const check = ledgerBolts(given({ ledger: { plies, size: '2x10', lumber: 'SP-No.2' } }))
    return check?.facts.held.bolt
  }
  const side = (plies: number) => bolt(plies)?.trace[0]?.label ?? ''
  expect(side(1)).toContain('1.5')
  expect(side(2)).toMatch(/and 3\sin\./)
})
