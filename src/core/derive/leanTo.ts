import { BoltStrength, boltStrength } from '../joints'
import { wallPosts, type Grid, type PostLayout } from '../layout'
import { roofLivePsf, type LowRoofSnow } from '../loads'
import type { Building, Job, LeanTo } from '../model'
import { line, makeCheck, notChecked, sig, type Check, type LineLoad } from '../result'
import { uniform, type SpanLoads } from '../statics'
import { BoardSize, boardSize, boardValues, notchedShearLb, postSize, specificGravity, weightPlf } from '../wood'
import { mainPurlinLoads, purlinMember, roofLimits } from './purlins'
import type { LeanToLoads, SiteResults } from './siteResults'
import { spanChecks, type SpanCase, type SpanMember } from './spanCheck'

/**
 * Cuts of a lean-to rafter on its low seat, inches and degrees: bird's mouth of level seat `a`, its depth square to the
 * rafter, heel cut and what is left above.
 */
export interface BirdsMouth {
  readonly thetaDeg: number
  readonly seatIn: number
  readonly notchIn: number
  readonly mostSeatIn: number
  readonly heelCutIn: number
  readonly aboveIn: number
  readonly plumbDeg: number
  readonly levelDeg: number
  readonly lengthIn: number
}

/** Bird's mouth of a rafter `dIn` deep over a run, NDS 4.4.3 limit of a quarter of the depth. */
export function birdsMouth(pitchPer12: number, dIn: number, seatIn: number, runIn: number): BirdsMouth {
  const theta = Math.atan(pitchPer12 / 12)
  const deg = (theta * 180) / Math.PI
  return {
    thetaDeg: deg,
    seatIn,
    notchIn: seatIn * Math.sin(theta),
    mostSeatIn: dIn / (4 * Math.sin(theta)),
    heelCutIn: seatIn * Math.tan(theta),
    aboveIn: dIn / Math.cos(theta) - seatIn * Math.tan(theta),
    plumbDeg: deg,
    levelDeg: 90 - deg,
    lengthIn: runIn / Math.cos(theta),
  }
}

/**
 * Snow of one case on a rafter with `tribFt` of roof, lb/in along its run from the wall: uniform and the drift triangle
 * cut at the eave.
 */
function snowLines(low: LowRoofSnow, depthIn: number, tribFt: number, share: number): LineLoad[] {
  const lines: LineLoad[] = [uniform(depthIn, low.uniformPsf * tribFt * share, 'snow')]
  const driftIn = low.peakWidthFt * 12
  if (low.peakPsf > 0 && driftIn > 0) {
    const at = (fromWallIn: number) => (low.peakPsf * Math.max(0, 1 - fromWallIn / driftIn) * tribFt * share) / 12
    lines.push({
      fromIn: 0,
      toIn: Math.min(driftIn, depthIn),
      startLbIn: at(0),
      endLbIn: at(Math.min(driftIn, depthIn)),
      name: 'drift',
    })
  }
  return lines
}

/** The rafter as a member on its plan run: every snow case, roof live, wind down and up. */
export function rafterMember({
  building,
  results,
  lean,
  name,
  tribFt,
}: {
  building: Building
  results: SiteResults
  lean: LeanToLoads
  name: string
  tribFt: number
}): SpanMember {
  const { rafter, depthIn, seatIn, pitchPer12 } = lean.leanTo
  const size = boardSize(rafter.size)
  const own = rafter.plies * weightPlf(rafter.lumber, size.areaIn2, 19, building.grades)
  const cos = Math.cos((lean.thetaDeg * Math.PI) / 180)
  const dead = (results.dead.slopePsf * tribFt + own) / cos
  // Pressure acts on the slope's length, square to it: as a load on the run it weighs (slope/run)² for the moment.
  const wind = (psf: number) => (psf * tribFt) / cos ** 2
  const loads = (lines: LineLoad[]): SpanLoads => ({ lengthIn: depthIn, points: [], lines })
  const held = building.roof.purlins.skinHolds ? 0 : building.roof.purlins.spaceIn
  const live = roofLivePsf((depthIn / 12) * tribFt, pitchPer12) * tribFt
  const cases: SpanCase[] = [
    ...lean.snow.map((low): SpanCase => ({
      name: `D+S, ${low.governs}`,
      duration: 1.15,
      luIn: held,
      loads: loads([uniform(depthIn, dead, 'dead'), ...snowLines(low, depthIn, tribFt, 1)]),
      trace: () => low.trace,
    })),
    { name: 'D+Lr', duration: 1.25, luIn: held, loads: loads([uniform(depthIn, dead + live, 'roof live')]) },
    {
      name: 'D+0.6W',
      duration: 1.6,
      luIn: held,
      loads: loads([uniform(depthIn, dead + 0.6 * wind(lean.wind.downPsf), 'wind down')]),
      verify: 'C14',
    },
    ...lean.snow.map((low): SpanCase => ({
      name: `D+0.75S+0.75(0.6W), ${low.governs}`,
      duration: 1.6,
      luIn: held,
      loads: loads([
        uniform(depthIn, dead + 0.45 * wind(lean.wind.downPsf), 'dead and wind'),
        ...snowLines(low, depthIn, tribFt, 0.75),
      ]),
      verify: 'C14',
    })),
    {
      name: '0.6D+0.6W',
      duration: 1.6,
      luIn: depthIn,
      loads: loads([uniform(depthIn, 0.6 * wind(lean.wind.upPsf) + 0.6 * dead, 'wind up')]),
      verify: 'C14',
      trace: () => lean.wind.trace,
    },
  ]
  const bm = birdsMouth(pitchPer12, size.dIn, seatIn, depthIn)
  const left = size.dIn - bm.notchIn
  const worst = lean.snow.reduce((best, low) =>
    low.peakPsf + low.uniformPsf > best.peakPsf + best.uniformPsf ? low : best,
  )
  const limit = roofLimits(building.roof.ceiling)
  return {
    id: `rafter-${lean.leanTo.side}`,
    title: `${name} rafters`,
    stage: 'roof',
    group: 'lean-to',
    subjects: [],
    plies: rafter.plies,
    size: rafter.size,
    lumber: rafter.lumber,
    own: building.grades,
    flat: false,
    spaceIn: rafter.spaceIn ?? 99,
    shortcut: building.edgeShortcut,
    // The seat notches the tension side at the end: (2/3)·(dn/d)²·dn against (2/3)·d (NDS 3.4.3.2).
    notchShare: notchedShearLb(1, 1, size.dIn, left) / notchedShearLb(1, 1, size.dIn, size.dIn),
    cases,
    fix: 'Deeper or doubled rafters, a better grade, or rafters closer together.',
    sags: [
      { name: 'snow', over: limit.live, loads: loads(snowLines(worst, depthIn, tribFt, 1)) },
      {
        name: 'D+S',
        over: limit.total,
        loads: loads([uniform(depthIn, dead, 'dead'), ...snowLines(worst, depthIn, tribFt, 1)]),
      },
    ],
  }
}

/** Boards over the rafters of a lean-to wider spaced than 30 in. */
function leanPurlinChecks({
  building,
  results,
  lean,
  spaceIn,
  snow,
  leanTo,
  name,
}: {
  readonly building: Building
  readonly results: SiteResults
  readonly lean: LeanToLoads
  readonly spaceIn: number
  readonly snow: LowRoofSnow
  readonly leanTo: LeanTo
  readonly name: string
}): Check[] {
  const out: Check[] = []
  const cn = building.skin.openRoofCn
  const up = cn === null ? [] : [{ zone: 'open roof', upPsf: results.claddingQhPsf * 0.85 * cn }]
  const base = {
    thetaDeg: lean.thetaDeg,
    deadPsf: results.dead.slopePsf,
    leastPsf: mainPurlinLoads(building, results, spaceIn, ['1'])?.leastPsf ?? 0,
    snowPsf: snow.uniformPsf + snow.peakPsf,
    livePsf: roofLivePsf((spaceIn * building.roof.purlins.spaceIn) / 144, leanTo.pitchPer12),
    windInPsf: cn === null ? lean.wind.downPsf : results.claddingQhPsf * 0.85 * cn,
    zones: up,
  }
  out.push(
    ...spanChecks(
      purlinMember({
        building,
        id: `lean-purlins-${leanTo.side}`,
        title: `${name}: purlins`,
        group: 'lean-to',
        spanIn: spaceIn,
        purlinLoads: base,
        fix: `Closer rows by the wall, where ${snow.governs} snow lies deepest, or a deeper purlin.`,
      }),
    ),
  )
  if (cn === null)
    out.push(
      notChecked({
        id: `lean-purlins-up-${leanTo.side}`,
        title: `${name}: purlins under uplift`,
        stage: 'roof',
        why: 'Cladding wind on an open roof is not in the table here: its coefficient CN has not been entered.',
        fix: 'Enter CN from the standard, or take these to an engineer.',
      }),
    )
  return out
}

/** The tie that holds a rafter down on its beam (ASCE 7-16 2.4.1 (7)). */
function rafterTieCheck({
  tie,
  leanTo,
  name,
  uLb,
  head,
  lean,
}: {
  readonly tie: number | null
  readonly leanTo: LeanTo
  readonly name: string
  readonly uLb: number
  readonly head: { stage: 'roof'; subjects: string[] }
  readonly lean: LeanToLoads
}): Check {
  return tie === null
    ? notChecked({
        id: `tie-${leanTo.side}`,
        title: `${name}: rafter ties`,
        stage: 'roof',
        why: `Wind lifts each rafter by ${Math.round(uLb)} lb at its end; the rating of the ties is not entered.`,
        fix: 'Enter the rated uplift of the ties; toe-nails are not counted.',
      })
    : makeCheck({
        ...head,
        group: 'joint',
        id: `tie-${leanTo.side}`,
        title: `${name}: rafter ties`,
        demand: uLb,
        capacity: tie,
        unit: 'lb',
        combination: '0.6D+0.6W',
        place: 'low end',
        governs: `Wind lifts each rafter by ${Math.round(uLb)} lb; each tie is rated ${tie} lb.`,
        fix: 'Stronger ties, or two.',
        trace: () => [
          ...lean.wind.trace,
          line({
            label: 'Rated tie',
            formula: 'typed',
            numbers: sig(tie),
            value: tie,
            unit: 'lb',
            clause: 'maker’s report',
          }),
        ],
      })
}

/** A ledger over the bays between wall posts, bolted to them. */
function ledgerChecks({
  layout,
  leanTo,
  building,
  results,
  lean,
  name,
  upPlf,
  bolt,
  wLb,
  tribFt,
  head,
  bolts,
}: {
  readonly layout: PostLayout
  readonly leanTo: LeanTo
  readonly building: Building
  readonly results: SiteResults
  readonly lean: LeanToLoads
  readonly name: string
  readonly upPlf: number
  readonly bolt: (duration: number, plies: number, double: boolean) => BoltStrength
  readonly wLb: number
  readonly tribFt: number
  readonly head: { stage: 'roof'; subjects: string[] }
  readonly bolts: { diameterIn: 0.5 | 0.625 | 0.75; count: number }
}): Check[] {
  const out: Check[] = []
  const posts = wallPosts(layout.posts, leanTo.side)
  const spanIn = posts.slice(1).reduce((most, post, i) => Math.max(most, post.x - posts[i].x), 0)
  out.push(
    ...builtUp({
      building,
      results,
      lean,
      id: `ledger-${leanTo.side}`,
      title: `${name}: ledger`,
      spec: leanTo.ledger,
      spanIn,
      snowPlf: lean.wallPlf,
      upPlf,
    }),
  )
  const strength = bolt(1.15, leanTo.ledger.plies, false)
  const rLb = (wLb / tribFt) * (spanIn / 12)
  out.push(
    makeCheck({
      ...head,
      group: 'joint',
      id: `ledger-bolts-${leanTo.side}`,
      title: `${name}: ledger bolted to posts`,
      demand: rLb,
      capacity: strength.groupLb,
      unit: 'lb',
      combination: 'D+S',
      place: 'at a wall post',
      governs: `${Math.round(rLb).toLocaleString('en-US')} lb of ledger on ${bolts.count} bolts at each post.`,
      fix: 'More or thicker bolts, or a bearing block under the ledger.',
      trace: () => strength.trace,
    }),
  )
  return out
}

/** Each rafter bolted to its post: down under snow, up under wind. */
function ledgerPostChecks({
  leanTo,
  bolt,
  head,
  name,
  wLb,
  uLb,
  bolts,
}: {
  readonly leanTo: LeanTo
  readonly bolt: (duration: number, plies: number, double: boolean) => BoltStrength
  readonly head: { stage: 'roof'; subjects: string[] }
  readonly name: string
  readonly wLb: number
  readonly uLb: number
  readonly bolts: { diameterIn: 0.5 | 0.625 | 0.75; count: number }
}): Check {
  const double = leanTo.rafter.plies === 2
  const [strength, upBolts] = [
    bolt(1.15, double ? 1 : leanTo.rafter.plies, double),
    bolt(1.6, double ? 1 : leanTo.rafter.plies, double),
  ]
  return makeCheck({
    ...head,
    group: 'joint',
    id: `ledger-${leanTo.side}`,
    title: `${name}: rafters bolted to wall posts`,
    demand: Math.max(wLb / strength.groupLb, uLb / upBolts.groupLb),
    capacity: 1,
    unit: '',
    combination: wLb / strength.groupLb > uLb / upBolts.groupLb ? 'D+S' : '0.6D+0.6W',
    place: 'at the wall',
    governs:
      `${Math.round(wLb).toLocaleString('en-US')} lb down and ${Math.round(uLb).toLocaleString('en-US')} lb up ` +
      `on ${bolts.count} bolts of ${bolts.diameterIn} in.`,
    fix: 'More or thicker bolts, or a bearing block under the rafter.',
    trace: () => strength.trace,
  })
}

/** The rafter's bird's mouth on its beam (NDS 2018 3.10). */
function seatCheck({
  head,
  leanTo,
  name,
  bm,
  size,
}: {
  readonly head: { stage: 'roof'; subjects: string[] }
  readonly leanTo: LeanTo
  readonly name: string
  readonly bm: BirdsMouth
  readonly size: BoardSize
}): Check {
  return makeCheck({
    ...head,
    group: 'lean-to',
    id: `seat-${leanTo.side}`,
    title: `${name}: bird’s mouth`,
    demand: bm.notchIn,
    capacity: size.dIn / 4,
    unit: 'in',
    place: 'low end',
    combination: 'detailing',
    governs:
      `A level seat of ${sig(leanTo.seatIn)} in. cuts ${sig(bm.notchIn)} in. into the rafter; a quarter of its ` +
      'depth is the most.',
    fix: 'A shorter seat, or a deeper rafter.',
    trace: () => [
      line({
        label: 'Notch',
        formula: 'a·sinθ',
        numbers: `${sig(leanTo.seatIn)} × sin(${sig(bm.thetaDeg)}°)`,
        value: bm.notchIn,
        unit: 'in',
        clause: 'NDS 2018 4.4.3',
      }),
      line({
        label: 'Longest seat',
        formula: 'd/(4·sinθ)',
        numbers: `${sig(size.dIn)}/(4 × sin(${sig(bm.thetaDeg)}°))`,
        value: bm.mostSeatIn,
        unit: 'in',
        clause: 'NDS 2018 4.4.3',
      }),
    ],
  })
}

/** Rafters, purlins, ledger or bolts, beam, seats and ties of one open lean-to. */
export function leanToChecks({
  job,
  grid,
  layout,
  results,
  lean,
  wallName,
}: {
  job: Job
  grid: Grid
  layout: PostLayout
  results: SiteResults
  lean: LeanToLoads
  wallName: string
}): Check[] {
  const building = job.building
  const leanTo: LeanTo = lean.leanTo
  const name = `${wallName.replace(' wall', '')} lean-to`
  const bayIn = Math.max(...grid.baysIn)
  const spaceIn = leanTo.rafter.spaceIn ?? bayIn
  const tribFt = spaceIn / 12
  const member = rafterMember({ building, results, lean, name, tribFt })
  const out: Check[] = [...spanChecks(member)]
  const head = { stage: 'roof' as const, subjects: [] as string[] }
  const size = boardSize(leanTo.rafter.size)
  const values = boardValues(leanTo.rafter.lumber, size.nominal, building.grades)
  const bm = birdsMouth(leanTo.pitchPer12, size.dIn, leanTo.seatIn, leanTo.depthIn)
  out.push(seatCheck({ head, leanTo, name, bm, size }))
  const down = (at: 'wallPlf' | 'outerPlf') => (lean[at] + (results.dead.maxPsf * leanTo.depthIn) / 24) * tribFt
  const gLb = down('outerPlf')
  if (values)
    out.push(
      makeCheck({
        ...head,
        group: 'lean-to',
        id: `bearing-seat-${leanTo.side}`,
        title: `${name}: rafters on their low seat`,
        demand: gLb / (1.5 * leanTo.rafter.plies * leanTo.seatIn),
        capacity: values.fcPerp,
        unit: 'psi',
        combination: 'D+S',
        place: 'low end',
        governs: `${Math.round(gLb).toLocaleString('en-US')} lb press each rafter on its seat.`,
        fix: 'A longer seat within a quarter of the depth, or more plies.',
        trace: () => [
          line({
            label: 'Bearing',
            formula: 'R/(b·a)',
            numbers: `${sig(gLb)}/(${sig(1.5 * leanTo.rafter.plies)} × ${sig(leanTo.seatIn)})`,
            value: gLb / (1.5 * leanTo.rafter.plies * leanTo.seatIn),
            unit: 'psi',
            clause: 'NDS 2018 3.10.2',
          }),
          line({
            label: 'Allowed',
            formula: 'Fc⊥',
            numbers: sig(values.fcPerp),
            value: values.fcPerp,
            unit: 'psi',
            clause: values.table,
          }),
        ],
      }),
    )
  // High end: on a ledger that spans between wall posts, or bolted to the posts themselves.
  const wLb = down('wallPlf')
  const post = postSize(building.post)
  const bolts = building.joints.ledger
  const ePsi = values?.ePsi ?? 1.4e6
  const bolt = (duration: number, plies: number, double: boolean) =>
    boltStrength({
      diameterIn: bolts.diameterIn,
      count: bolts.count,
      rows: 1,
      double,
      mainIn: post.depthIn,
      sideIn: 1.5 * plies,
      gMain: specificGravity(building.post.lumber, building.grades),
      gSide: specificGravity(leanTo.rafter.lumber, building.grades),
      mainThetaDeg: 0,
      sideThetaDeg: 90,
      eaMain: ePsi * post.areaIn2,
      eaSide: ePsi * size.areaIn2 * plies,
      spacingIn: 4 * bolts.diameterIn,
      endIn: 7 * bolts.diameterIn,
      edgeIn: 1.5 * bolts.diameterIn,
      duration,
      wet: building.joints.wetPosts,
    })
  const upPlf = -0.6 * lean.wind.upPsf * (leanTo.depthIn / 24) - 0.6 * results.dead.minPsf * (leanTo.depthIn / 24)
  const uLb = Math.max(0, upPlf * tribFt)
  if (leanTo.rafter.spaceIn === null) {
    out.push(ledgerPostChecks({ leanTo, bolt, head, name, wLb, uLb, bolts }))
  } else {
    out.push(...ledgerChecks({ layout, leanTo, building, results, lean, name, upPlf, bolt, wLb, tribFt, head, bolts }))
  }
  if (leanTo.rafter.spaceIn !== null)
    out.push(
      ...builtUp({
        building,
        results,
        lean,
        id: `lean-beam-${leanTo.side}`,
        title: `${name}: beam on the outer posts`,
        spec: leanTo.beam,
        spanIn: bayIn,
        snowPlf: lean.outerPlf,
        upPlf,
      }),
    )
  const tie = building.joints.rafterTieLb
  out.push(rafterTieCheck({ tie, leanTo, name, uLb, head, lean }))
  const snow = lean.snow.reduce((best, low) =>
    low.peakPsf + low.uniformPsf > best.peakPsf + best.uniformPsf ? low : best,
  )
  if (spaceIn > 30) {
    out.push(...leanPurlinChecks({ building, results, lean, spaceIn, snow, leanTo, name }))
  }
  return out
}

/** A ledger or lean-to beam under the rafters' load spread along it. */
function builtUp({
  building,
  results,
  lean,
  id,
  title,
  spec,
  spanIn,
  snowPlf,
  upPlf,
}: {
  building: Building
  results: SiteResults
  lean: LeanToLoads
  id: string
  title: string
  spec: LeanTo['beam']
  spanIn: number
  snowPlf: number
  upPlf: number
}): Check[] {
  const dead =
    (results.dead.maxPsf * lean.leanTo.depthIn) / 24 +
    spec.plies * weightPlf(spec.lumber, boardSize(spec.size).areaIn2, 19, building.grades)
  const live = (roofLivePsf((spanIn * lean.leanTo.depthIn) / 288, lean.leanTo.pitchPer12) * lean.leanTo.depthIn) / 24
  const lu = lean.leanTo.rafter.spaceIn ?? spanIn
  const load = (plf: number, name: string): SpanLoads => ({
    lengthIn: spanIn,
    points: [],
    lines: [uniform(spanIn, plf, name)],
  })
  return spanChecks({
    id,
    title,
    stage: 'roof',
    group: 'lean-to',
    subjects: [],
    plies: spec.plies,
    size: spec.size,
    lumber: spec.lumber,
    own: building.grades,
    flat: false,
    spaceIn: 99,
    shortcut: building.edgeShortcut,
    fix: 'Deeper boards, more plies, or posts closer together.',
    cases: [
      { name: 'D+S', duration: 1.15, luIn: lu, loads: load(dead + snowPlf, 'snow') },
      { name: 'D+Lr', duration: 1.25, luIn: lu, loads: load(dead + live, 'roof live') },
      { name: '0.6D+0.6W', duration: 1.6, luIn: spanIn, loads: load(-Math.max(0, upPlf), 'wind up'), verify: 'C14' },
    ],
    sags: [{ name: 'D+S', over: 240, loads: load(dead + Math.max(snowPlf, live), 'snow') }],
  })
}
