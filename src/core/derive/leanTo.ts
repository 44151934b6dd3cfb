import { IN_PER_FT, IN2_PER_FT2 } from '../units'
import { boltStrength } from '../joints'
import { type Grid, type PostLayout } from '../layout'
import { type LowRoofSnow, roofLivePsf, WIND_ASD, DEAD_AGAINST_WIND } from '../loads'
import type { Building, Job, LeanTo } from '../model'
import { type Check, line, makeCheck, notChecked, sig } from '../result'
import { type BoardSize, boardSize, boardValues, postSize, specificGravity } from '../wood'
import { builtUp } from './builtUp'
import { ledgerChecks, ledgerPostChecks } from './ledgers'
import { purlinMember } from './purlinMember'
import { mainPurlinLoads } from './purlins'
import { birdsMouth, type BirdsMouth, rafterMember } from './rafters'
import type { LeanToLoads, SiteResults } from '../frame/siteResults'
import { spanChecks } from './spanCheck'

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
    livePsf: roofLivePsf((spaceIn * building.roof.purlins.spaceIn) / IN2_PER_FT2, leanTo.pitchPer12),
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
  const tribFt = spaceIn / IN_PER_FT
  const member = rafterMember({ building, results, lean, name, tribFt })
  const out: Check[] = [...spanChecks(member)]
  const head = { stage: 'roof' as const, subjects: [] as string[] }
  const size = boardSize(leanTo.rafter.size)
  const values = boardValues(leanTo.rafter.lumber, size.nominal, building.grades)
  const bm = birdsMouth(leanTo.pitchPer12, size.dIn, leanTo.seatIn, leanTo.depthIn)
  out.push(seatCheck({ head, leanTo, name, bm, size }))
  const down = (at: 'wallPlf' | 'outerPlf') =>
    (lean[at] + (results.dead.maxPsf * leanTo.depthIn) / 2 / IN_PER_FT) * tribFt
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
  const upPlf =
    -WIND_ASD * lean.wind.upPsf * (leanTo.depthIn / 2 / IN_PER_FT) -
    DEAD_AGAINST_WIND * results.dead.minPsf * (leanTo.depthIn / 2 / IN_PER_FT)
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
