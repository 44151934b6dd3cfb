import { readFileSync } from 'node:fs'
import { deriveJob } from '.'
import { readJobText } from '../files'
import type { Building, Job } from '../model'
import { expectNear } from '../testing/near'

// A whole building by a separate calculation: a shop of 40 × 72 × 16 ft on piers, a door of 12 × 14 ft where a post is
// left out, and a lean-to over it whose rafters stand at the posts. No formula of the core is used; feet and pounds.
const [LENGTH, WIDTH, HEEL, BRACKET, BAY] = [72, 40, 16, 0.5, 9]

function shop(change: Partial<Building> = {}): Job {
  const read = readJobText(readFileSync('demo/quillback-hill.json', 'utf8'))
  if (!read.ok) throw new Error('no demo job')
  const job = read.value
  const { building } = job
  const [leanTo] = building.leanTos
  if (!leanTo) throw new Error('no lean-to')
  return {
    ...job,
    building: {
      ...building,
      lengthIn: LENGTH * 12,
      widthIn: WIDTH * 12,
      heelIn: HEEL * 12,
      pitchPer12: 4,
      school: 'pier',
      slab: 'none',
      posts: [],
      givenUp: [],
      leanTos: [{ ...leanTo, side: 'south' }],
      openings: [
        {
          id: 'door',
          kind: 'overhead',
          name: 'door',
          side: 'south',
          corner: 'SW',
          positionIn: 360,
          widthIn: 144,
          heightIn: 168,
          sillIn: 0,
          weightLb: null,
        },
      ],
      ...change,
    },
  }
}

const derivedOf = (job: Job) => {
  const result = deriveJob(job)
  if (!result.ok) throw new Error(JSON.stringify(result.issues))
  return result.value
}
const derived = derivedOf(shop())
const check = (id: string) => {
  const found = derived.checks.find((each) => each.id === id)
  if (!found) throw new Error(`no check ${id}`)
  return found
}
const demand = (name: string) => {
  const post = derived.posts.find((each) => each.name === name)
  const found = post && derived.demands?.[post.id]
  if (!found) throw new Error(`no post ${name}`)
  return found
}

// Loads.
const cos = 3 / Math.sqrt(10)
const meanFt = HEEL + WIDTH / 12
const qh = 0.00256 * 2.01 * (meanFt / 900) ** (2 / 9.5) * 0.85 * Math.exp(-0.0000362 * 900) * 115 ** 2
const snow = 0.7 * 1.2 * 40 * ((70 - (Math.atan(1 / 3) * 180) / Math.PI) / 55)
const pcf = (gravity: number) => ((62.4 * gravity) / (1 + gravity * 0.009 * 19)) * 1.19
const dead = (0.9 + (pcf(0.42) * 8.25) / 144 / 2) / cos + 1.5 + 1.5
const over = WIDTH / 2 + 1
const leanSnow = 33.6 + (0.4 * 33.6 * over) / 15

describe('loads of the shop', () => {
  test('wind and snow', () => {
    expectNear(derived.site?.wind.qhPsf, qh, 1e-6)
    expectNear(derived.site?.snow.psPsf, snow, 1e-6)
    expectNear(derived.site?.dead.maxPsf, dead, 1e-3)
  })
  test.each(['A3', 'A4', 'A6'])(
    '%s, at the door or away from it, holds a bay of roof and the rafter at its line',
    (name) => {
      expectNear(demand(name).deadLb, dead * BAY * (over + 5), 1e-3)
      expectNear(demand(name).snowLb, snow * BAY * over + leanSnow * BAY * 5, 1e-3)
    },
  )
  test.each(['J1', 'J2'])('%s holds half of what the header carries: a truss and a rafter', (name) => {
    expectNear(demand(name).deadLb, (dead * BAY * (over + 5)) / 2, 1e-3)
    expectNear(demand(name).snowLb, (snow * BAY * over + leanSnow * BAY * 5) / 2, 1e-3)
    expect(demand(name).hanging).toBeNull()
  })
  test('the lean-to is held in full at its wall, overhangs included', () => {
    const wall = derived.posts.filter(({ name }) => /^(A|J)/.test(name))
    const all = wall.reduce((sum, { name }) => sum + demand(name).snowLb, 0)
    const main = derived.reactions.reduce((sum, { snowLb }) => sum + snowLb, 0)
    expectNear(all - main, leanSnow * 5 * (LENGTH + 2), 1e-3)
  })
  // Suction by the ridge wind, 0.9 as far as the roof is high; the soffit of the eave, 0.8; inside 0.18.
  test('truss 3 is lifted', () =>
    expectNear(derived.reactions[2]?.windUpLb, qh * (0.9 * 0.85 + 0.18) * BAY * over + qh * 0.8 * 0.85 * BAY, 1e-3))
})

// The row: posts that turn freely bring half of their wind to the eave; one roof between two end walls.
const clear = HEEL - BRACKET
const leePsf = qh * 0.85 * 0.5
const wallPlf = 0.6 * (qh * 0.85 * 0.8 + leePsf) * (clear / 2)
const eavePlf = derived.lateral?.row.eavePlf ?? NaN

describe('the row of frames', () => {
  test('walls and roof push the eave, the lean-to besides', () => {
    const rise = WIDTH / 6
    const { roofWindwardBPsf = NaN, roofLeewardPsf = NaN } = derived.site?.wind ?? {}
    const roofPlf = 0.6 * (roofWindwardBPsf - roofLeewardPsf) * rise
    const leanAngle = Math.atan(2 / 12)
    const upPsf = -(derived.site?.leanTos[0]?.wind.upPsf ?? NaN)
    const leanPlf = 0.6 * upPsf * 10 * Math.sin(leanAngle)
    // Nine bare posts of 4.5 in. and a force coefficient of 2 bring half of their wind up.
    const outerFt = HEEL - 1 - 20 / 12
    const barePlf = (9 * 0.6 * qh * 0.85 * 2 * (4.5 / 12) * ((outerFt - BRACKET) / 2)) / LENGTH
    expectNear(eavePlf, wallPlf + roofPlf + leanPlf + barePlf, 2e-3)
  })
  test('each end wall takes half of it, less nothing: no post has a stiffness', () => {
    expectNear(check('wall-shear-east').demand, (eavePlf * LENGTH) / 2 / WIDTH, 1e-6)
    expectNear(check('diaphragm').demand, (eavePlf * (LENGTH - BAY)) / 2 / WIDTH, 1e-6)
    expectNear(check('chord').demand, (eavePlf * LENGTH ** 2) / (8 * WIDTH), 1e-6)
  })
  test('the middle moves by the end wall and four bays of roof', () => {
    const bayLbIn = (2 * 9000 * (WIDTH / 2 / cos) * cos ** 2) / BAY
    const wallLbIn = (9000 * WIDTH) / HEEL
    const shears = [7, 5, 3, 1].map((halves) => (eavePlf * BAY * halves) / 2)
    const moveIn = (eavePlf * LENGTH) / 2 / wallLbIn + shears.reduce((sum, lb) => sum + lb / bayLbIn, 0)
    expectNear(check('sway').demand, moveIn, 1e-6)
  })
})

describe('members of the shop', () => {
  test('header: truss, rafter and its own weight at mid-span; its free edge half as long', () => {
    const spanFt = 148.5 / 12
    const ownPlf = (4 * 1.5 * 11.25 * pcf(0.55)) / 144
    const momentFtLb =
      ((dead + snow) * BAY * over + (dead + leanSnow) * BAY * 5) * (spanFt / 4) + (ownPlf * spanFt ** 2) / 8
    const rb2 = (2.06 * 74.25 * 11.25) / 3 ** 2
    const star = 2100 * 1.15
    const alpha = (1.2 * 910000) / rb2 / star
    const cl = (1 + alpha) / 1.9 - Math.sqrt(((1 + alpha) / 1.9) ** 2 - alpha / 0.95)
    expectNear(check('header').ratio, (12 * momentFtLb) / (4 * 31.6406) / (star * cl), 2e-3)
  })
  test('post A3: pushed, and bent over its weak axis by the rafter beside it', () => {
    const areaIn2 = 3 * 1.5 * 7.25
    const hangsLb = (dead + leanSnow) * BAY * 5
    const topLb = (dead + snow) * BAY * over + hangsLb
    const fc = (topLb + (areaIn2 * pcf(0.55) * HEEL) / 144) / areaIn2
    const fb2 = (12 * hangsLb * (4.5 / 12)) / (3 * 7.25 * 1.5 ** 2 * (1 / 6))
    const star = 1500 * 1.15
    const ce1 = (0.822 * 580000) / ((clear * 12) / 7.25) ** 2
    const half = (1 + ce1 / star) / 1.6
    const cp = half - Math.sqrt(half ** 2 - ce1 / star / 0.8)
    const ratio = (fc / (star * cp)) ** 2 + fb2 / (1250 * 1.15 * 1.15) / (1 - fc / 22355)
    expectNear(check('column-eave').ratio, ratio, 2e-3)
  })
  test('the middle gable post under cladding wind', () => {
    const tall = HEEL + WIDTH / 6
    const log = Math.log10((tall * Math.max(10, tall / 3)) / 10) / Math.log10(50)
    const plf = 0.6 * qh * (1.1 - 0.3 * log + 0.18) * 10
    const fb = (12 * plf * (tall - BRACKET) ** 2) / 8 / (3 * 13.1406)
    expectNear(check('column-gable').ratio, fb / (1250 * 1.6 * 1.15 * 0.99735), 2e-3)
  })
})

describe('piers of the shop', () => {
  const areaFt2 = (Math.PI * 3 ** 2) / 4
  const holeFt = 5.5 + BRACKET
  test('bearing under A3: roof, post and pier', () => {
    const topLb = (dead + snow) * BAY * over + (dead + leanSnow) * BAY * 5
    const postLb = (3 * 1.5 * 7.25 * pcf(0.55) * HEEL) / 144
    expectNear(check('bearing-eave').ratio, (topLb + postLb + areaFt2 * holeFt * 145) / (3000 * areaFt2), 1e-3)
  })
  test('uplift of A3', () => {
    const upLb = qh * (0.9 * 0.85 + 0.18) * BAY * over + qh * 0.8 * 0.85 * BAY
    const leanLb = -(derived.site?.leanTos[0]?.wind.upPsf ?? NaN) * BAY * 5
    const netLb = 0.6 * (upLb + leanLb) - 0.6 * 3 * BAY * (over + 5)
    expectNear(check('uplift-eave').ratio, netLb / (0.6 * areaFt2 * holeFt * 145), 1e-3)
  })
  test('sideways at A3, by stepping down the hole', () => {
    const shearLb = 0.6 * qh * (0.85 * 0.8 + 0.18) * BAY * (clear / 2)
    const short = (d: number) => {
      const a = (2.34 * shearLb) / (((400 * d) / 3) * 3)
      return 0.5 * a * (1 + Math.sqrt(1 + (4.36 * BRACKET) / a)) > d
    }
    let d = 0.1
    while (short(d)) d += 0.0005
    expectNear(check('lateral-eave').demand, d, 1e-3)
  })
  test('the corner is lifted by roof, lean-to and end wall together', () => {
    const pull = ((eavePlf * LENGTH) / 2 / WIDTH) * HEEL
    const corner = demand('A1')
    expectNear(check('uplift-corner').demand, pull + 0.6 * corner.windUpLb - 0.6 * 3 * 5.5 * (over + 5), 1e-3)
  })
  test('at the other end the wall presses the corner down, with snow on the roof', () => {
    const push = ((eavePlf * LENGTH) / 2 / WIDTH) * HEEL
    const [deadLb, snowLb] = [dead * 5.5 * (over + 5), 5.5 * (snow * over + leanSnow * 5)]
    const topLb = deadLb + 0.75 * snowLb + 0.75 * (0.6 * demand('A1').windDownLb + push)
    const postLb = (3 * 1.5 * 7.25 * pcf(0.55) * HEEL) / 144
    expectNear(check('bearing-corner').demand, topLb + postLb + areaFt2 * 8.5 * 145, 1e-3)
  })
  test('the jamb of the door would stand in the hole of its neighbor', () => {
    expect(check('holes-apart').state).toBe('fails')
    expect(check('holes-apart').capacity).toBe(33.75)
  })
  test('nothing that the brackets are rated for is known, and nothing of them passes', () =>
    expect(['pier-uplift', 'pier-anchor', 'pier-across', 'pier-along'].map((id) => check(id).state)).toEqual(
      Array.from({ length: 4 }, () => 'not-checked'),
    ))
})

// A ledger hangs on every post of the wall, on jambs too: half of each space.
test('with a ledger the jambs hold their share of the lean-to themselves', () => {
  const [leanTo] = shop().building.leanTos
  if (!leanTo) throw new Error('no lean-to')
  const withLedger = derivedOf(shop({ leanTos: [{ ...leanTo, rafter: { ...leanTo.rafter, spaceIn: 24 } }] }))
  const jamb = withLedger.posts.find(({ name }) => name === 'J1')
  const hanging = withLedger.demands?.[jamb?.id ?? '']?.hanging
  expectNear(hanging?.roofFt2, ((33.75 + 148.5) / 2 / 12) * 5, 1e-6)
})

// A door of 600 lb: half on the post at either edge; at mid-span of the header all of it; never counted against uplift.
test('a typed door weight works its jambs and its header, and holds nothing down', () => {
  const { openings } = shop().building
  const heavy = derivedOf(shop({ openings: openings.map((each) => ({ ...each, weightLb: 600 })) }))
  const jamb = (of: typeof derived) => of.demands?.[of.posts.find(({ name }) => name === 'J1')?.id ?? '']
  expectNear((jamb(heavy)?.deadLb ?? NaN) - (jamb(derived)?.deadLb ?? NaN), 300, 1e-6)
  expect(jamb(heavy)?.upliftLb).toBe(jamb(derived)?.upliftLb)
  const ratio = (of: typeof derived) => of.checks.find(({ id }) => id === 'header')?.ratio ?? NaN
  const momentFtLb = (600 * 148.5) / 12 / 4
  expectNear(ratio(heavy) - ratio(derived), (12 * momentFtLb) / (4 * 31.6406) / 2334.3, 2e-3)
})

// End walls of crossed boards: bays·E·A·(b/L)²/L, a quarter of it left by the slip of their nails.
test('an end wall of boards is as stiff as its boards and the slip of their nails let it', () => {
  const { bracing } = shop().building
  const boarded = derivedOf(shop({ bracing: { ...bracing, walls: 'x-boards', size: '2x6', baysPerWall: 2 } }))
  const lengthIn = Math.hypot(120, 192)
  const boardsLbIn = (2 * 1.6e6 * 8.25 * (120 / lengthIn) ** 2) / lengthIn
  expectNear(boarded.lateral?.row.wallLbIn[0], boardsLbIn / 4, 1e-6)
})

// Wider overhangs lift by their own suction and by 0.8·0.85·qh under them.
test.each([0, 12, 24, 36])('an eave that hangs out %d in. lifts truss 3 by roof and soffit', (eaveOverhangIn) => {
  const out = eaveOverhangIn / 12
  const upLb = derivedOf(shop({ eaveOverhangIn })).reactions[2]?.windUpLb
  expectNear(upLb, qh * (0.9 * 0.85 + 0.18) * BAY * (WIDTH / 2 + out) + qh * 0.8 * 0.85 * BAY * out, 1e-3)
})
