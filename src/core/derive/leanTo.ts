import { boltStrength } from '../joints'
import { wallPosts, type Grid, type PostLayout } from '../layout'
import { roofLivePsf, type LowRoofSnow } from '../loads'
import type { Building, Job, LeanTo } from '../model'
import { line, makeCheck, notChecked, sig, type Check, type LineLoad } from '../result'
import { uniform, type SpanLoads } from '../statics'
import { boardSize, boardValues, notchedShearLb, postSize, specificGravity, weightPlf } from '../wood'
import { mainPurlinLoads, purlinMember, roofLimits } from './purlins'
import type { LeanToLoads, SiteResults } from './siteResults'
import { spanChecks, type SpanCase, type SpanMember } from './spanCheck'

/** Cuts of a lean-to rafter on its low seat, inches and degrees: bird's mouth of level seat `a`, its depth square to the rafter, heel cut and what is left above. */
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
  const t = Math.atan(pitchPer12 / 12)
  const deg = (t * 180) / Math.PI
  return {
    thetaDeg: deg,
    seatIn,
    notchIn: seatIn * Math.sin(t),
    mostSeatIn: dIn / (4 * Math.sin(t)),
    heelCutIn: seatIn * Math.tan(t),
    aboveIn: dIn / Math.cos(t) - seatIn * Math.tan(t),
    plumbDeg: deg,
    levelDeg: 90 - deg,
    lengthIn: runIn / Math.cos(t),
  }
}

/** Snow of one case on a rafter with `tribFt` of roof, lb/in along its run from the wall: uniform and the drift triangle cut at the eave. */
function snowLines(c: LowRoofSnow, depthIn: number, tribFt: number, share: number): LineLoad[] {
  const lines: LineLoad[] = [uniform(depthIn, c.uniformPsf * tribFt * share, 'snow')]
  const w = c.peakWidthFt * 12
  if (c.peakPsf > 0 && w > 0) {
    const at = (x: number) => (c.peakPsf * Math.max(0, 1 - x / w) * tribFt * share) / 12
    lines.push({
      fromIn: 0,
      toIn: Math.min(w, depthIn),
      startLbIn: at(0),
      endLbIn: at(Math.min(w, depthIn)),
      name: 'drift',
    })
  }
  return lines
}

/** The rafter as a member on its plan run: every snow case, roof live, wind down and up. */
export function rafterMember(b: Building, r: SiteResults, l: LeanToLoads, name: string, tribFt: number): SpanMember {
  const { rafter, depthIn, seatIn, pitchPer12 } = l.leanTo
  const size = boardSize(rafter.size)
  const own = rafter.plies * weightPlf(rafter.lumber, size.areaIn2, 19, b.grades)
  const cos = Math.cos((l.thetaDeg * Math.PI) / 180)
  const dead = (r.dead.slopePsf * tribFt + own) / cos
  // Pressure acts on the slope's length, square to it: as a load on the run it weighs (slope/run)² for the moment.
  const wind = (psf: number) => (psf * tribFt) / cos ** 2
  const loads = (lines: LineLoad[]): SpanLoads => ({ lengthIn: depthIn, points: [], lines })
  const held = b.roof.purlins.skinHolds ? 0 : b.roof.purlins.spaceIn
  const live = roofLivePsf((depthIn / 12) * tribFt, pitchPer12) * tribFt
  const cases: SpanCase[] = [
    ...l.snow.map((c): SpanCase => ({
      name: `D+S, ${c.governs}`,
      duration: 1.15,
      luIn: held,
      loads: loads([uniform(depthIn, dead, 'dead'), ...snowLines(c, depthIn, tribFt, 1)]),
      trace: () => c.trace,
    })),
    { name: 'D+Lr', duration: 1.25, luIn: held, loads: loads([uniform(depthIn, dead + live, 'roof live')]) },
    {
      name: 'D+0.6W',
      duration: 1.6,
      luIn: held,
      loads: loads([uniform(depthIn, dead + 0.6 * wind(l.wind.downPsf), 'wind down')]),
      verify: 'C14',
    },
    ...l.snow.map((c): SpanCase => ({
      name: `D+0.75S+0.75(0.6W), ${c.governs}`,
      duration: 1.6,
      luIn: held,
      loads: loads([
        uniform(depthIn, dead + 0.45 * wind(l.wind.downPsf), 'dead and wind'),
        ...snowLines(c, depthIn, tribFt, 0.75),
      ]),
      verify: 'C14',
    })),
    {
      name: '0.6D+0.6W',
      duration: 1.6,
      luIn: depthIn,
      loads: loads([uniform(depthIn, 0.6 * wind(l.wind.upPsf) + 0.6 * dead, 'wind up')]),
      verify: 'C14',
      trace: () => l.wind.trace,
    },
  ]
  const bm = birdsMouth(pitchPer12, size.dIn, seatIn, depthIn)
  const left = size.dIn - bm.notchIn
  const worst = l.snow.reduce((a, c) => (c.peakPsf + c.uniformPsf > a.peakPsf + a.uniformPsf ? c : a))
  const limit = roofLimits(b.roof.ceiling)
  return {
    id: `rafter-${l.leanTo.side}`,
    title: `${name} rafters`,
    stage: 'roof',
    group: 'lean-to',
    subjects: [],
    plies: rafter.plies,
    size: rafter.size,
    lumber: rafter.lumber,
    own: b.grades,
    flat: false,
    spaceIn: rafter.spaceIn ?? 99,
    shortcut: b.edgeShortcut,
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

/** Rafters, purlins, ledger or bolts, beam, seats and ties of one open lean-to. */
export function leanToChecks(
  job: Job,
  grid: Grid,
  layout: PostLayout,
  r: SiteResults,
  l: LeanToLoads,
  wallName: string,
): Check[] {
  const b = job.building
  const t: LeanTo = l.leanTo
  const name = `${wallName.replace(' wall', '')} lean-to`
  const bayIn = Math.max(...grid.baysIn)
  const spaceIn = t.rafter.spaceIn ?? bayIn
  const tribFt = spaceIn / 12
  const member = rafterMember(b, r, l, name, tribFt)
  const out: Check[] = [...spanChecks(member)]
  const head = { stage: 'roof' as const, subjects: [] as string[] }
  const size = boardSize(t.rafter.size)
  const v = boardValues(t.rafter.lumber, size.nominal, b.grades)
  const bm = birdsMouth(t.pitchPer12, size.dIn, t.seatIn, t.depthIn)
  out.push(
    makeCheck({
      ...head,
      group: 'lean-to',
      id: `seat-${t.side}`,
      title: `${name}: bird’s mouth`,
      demand: bm.notchIn,
      capacity: size.dIn / 4,
      unit: 'in',
      place: 'low end',
      combination: 'detailing',
      governs: `A level seat of ${sig(t.seatIn)} in. cuts ${sig(bm.notchIn)} in. into the rafter; a quarter of its depth is the most.`,
      fix: 'A shorter seat, or a deeper rafter.',
      trace: () => [
        line('Notch', 'a·sinθ', `${sig(t.seatIn)} × sin(${sig(bm.thetaDeg)}°)`, bm.notchIn, 'in', 'NDS 2018 4.4.3'),
        line(
          'Longest seat',
          'd/(4·sinθ)',
          `${sig(size.dIn)}/(4 × sin(${sig(bm.thetaDeg)}°))`,
          bm.mostSeatIn,
          'in',
          'NDS 2018 4.4.3',
        ),
      ],
    }),
  )
  const down = (at: 'wallPlf' | 'outerPlf') => (l[at] + (r.dead.maxPsf * t.depthIn) / 24) * tribFt
  const gLb = down('outerPlf')
  if (v)
    out.push(
      makeCheck({
        ...head,
        group: 'lean-to',
        id: `bearing-seat-${t.side}`,
        title: `${name}: rafters on their low seat`,
        demand: gLb / (1.5 * t.rafter.plies * t.seatIn),
        capacity: v.fcPerp,
        unit: 'psi',
        combination: 'D+S',
        place: 'low end',
        governs: `${Math.round(gLb).toLocaleString('en-US')} lb press each rafter on its seat.`,
        fix: 'A longer seat within a quarter of the depth, or more plies.',
        trace: () => [
          line(
            'Bearing',
            'R/(b·a)',
            `${sig(gLb)}/(${sig(1.5 * t.rafter.plies)} × ${sig(t.seatIn)})`,
            gLb / (1.5 * t.rafter.plies * t.seatIn),
            'psi',
            'NDS 2018 3.10.2',
          ),
          line('Allowed', 'Fc⊥', sig(v.fcPerp), v.fcPerp, 'psi', v.table),
        ],
      }),
    )
  // High end: on a ledger that spans between wall posts, or bolted to the posts themselves.
  const wLb = down('wallPlf')
  const post = postSize(b.post)
  const bolts = b.joints.ledger
  const e = v?.e ?? 1.4e6
  const bolt = (duration: number, plies: number, double: boolean) =>
    boltStrength({
      diameterIn: bolts.diameterIn,
      count: bolts.count,
      rows: 1,
      double,
      mainIn: post.depthIn,
      sideIn: 1.5 * plies,
      gMain: specificGravity(b.post.lumber, b.grades),
      gSide: specificGravity(t.rafter.lumber, b.grades),
      mainThetaDeg: 0,
      sideThetaDeg: 90,
      eaMain: e * post.areaIn2,
      eaSide: e * size.areaIn2 * plies,
      spacingIn: 4 * bolts.diameterIn,
      endIn: 7 * bolts.diameterIn,
      edgeIn: 1.5 * bolts.diameterIn,
      duration,
      wet: b.joints.wetPosts,
    })
  const upPlf = -0.6 * l.wind.upPsf * (t.depthIn / 24) - 0.6 * r.dead.minPsf * (t.depthIn / 24)
  const uLb = Math.max(0, upPlf * tribFt)
  if (t.rafter.spaceIn === null) {
    const double = t.rafter.plies === 2
    const [s, u] = [bolt(1.15, double ? 1 : t.rafter.plies, double), bolt(1.6, double ? 1 : t.rafter.plies, double)]
    out.push(
      makeCheck({
        ...head,
        group: 'joint',
        id: `ledger-${t.side}`,
        title: `${name}: rafters bolted to wall posts`,
        demand: Math.max(wLb / s.groupLb, uLb / u.groupLb),
        capacity: 1,
        unit: '',
        combination: wLb / s.groupLb > uLb / u.groupLb ? 'D+S' : '0.6D+0.6W',
        place: 'at the wall',
        governs: `${Math.round(wLb).toLocaleString('en-US')} lb down and ${Math.round(uLb).toLocaleString('en-US')} lb up on ${bolts.count} bolts of ${bolts.diameterIn} in.`,
        fix: 'More or thicker bolts, or a bearing block under the rafter.',
        trace: () => s.trace,
      }),
    )
  } else {
    const posts = wallPosts(layout.posts, t.side)
    const spanIn = posts.slice(1).reduce((m, p, i) => Math.max(m, p.x - posts[i].x), 0)
    out.push(...builtUp(b, r, l, `ledger-${t.side}`, `${name}: ledger`, t.ledger, spanIn, l.wallPlf, upPlf))
    const s = bolt(1.15, t.ledger.plies, false)
    const rLb = (wLb / tribFt) * (spanIn / 12)
    out.push(
      makeCheck({
        ...head,
        group: 'joint',
        id: `ledger-bolts-${t.side}`,
        title: `${name}: ledger bolted to posts`,
        demand: rLb,
        capacity: s.groupLb,
        unit: 'lb',
        combination: 'D+S',
        place: 'at a wall post',
        governs: `${Math.round(rLb).toLocaleString('en-US')} lb of ledger on ${bolts.count} bolts at each post.`,
        fix: 'More or thicker bolts, or a bearing block under the ledger.',
        trace: () => s.trace,
      }),
    )
  }
  if (t.rafter.spaceIn !== null)
    out.push(
      ...builtUp(b, r, l, `lean-beam-${t.side}`, `${name}: beam on the outer posts`, t.beam, bayIn, l.outerPlf, upPlf),
    )
  const tie = b.joints.rafterTieLb
  out.push(
    tie === null
      ? notChecked(
          `tie-${t.side}`,
          `${name}: rafter ties`,
          'roof',
          `Wind lifts each rafter by ${Math.round(uLb)} lb at its end; the rating of the ties is not entered.`,
          'Enter the rated uplift of the ties; toe-nails are not counted.',
        )
      : makeCheck({
          ...head,
          group: 'joint',
          id: `tie-${t.side}`,
          title: `${name}: rafter ties`,
          demand: uLb,
          capacity: tie,
          unit: 'lb',
          combination: '0.6D+0.6W',
          place: 'low end',
          governs: `Wind lifts each rafter by ${Math.round(uLb)} lb; each tie is rated ${tie} lb.`,
          fix: 'Stronger ties, or two.',
          trace: () => [...l.wind.trace, line('Rated tie', 'typed', sig(tie), tie, 'lb', 'maker’s report')],
        }),
  )
  const snow = l.snow.reduce((a, c) => (c.peakPsf + c.uniformPsf > a.peakPsf + a.uniformPsf ? c : a))
  if (spaceIn > 30) {
    const cn = b.skin.openRoofCn
    const up = cn === null ? [] : [{ zone: 'open roof', upPsf: r.claddingQhPsf * 0.85 * cn }]
    const base = {
      thetaDeg: l.thetaDeg,
      deadPsf: r.dead.slopePsf,
      leastPsf: mainPurlinLoads(b, r, spaceIn, ['1'])?.leastPsf ?? 0,
      snowPsf: snow.uniformPsf + snow.peakPsf,
      livePsf: roofLivePsf((spaceIn * b.roof.purlins.spaceIn) / 144, t.pitchPer12),
      windInPsf: cn === null ? l.wind.downPsf : r.claddingQhPsf * 0.85 * cn,
      zones: up,
    }
    out.push(
      ...spanChecks(
        purlinMember(
          b,
          `lean-purlins-${t.side}`,
          `${name}: purlins`,
          'lean-to',
          spaceIn,
          base,
          `Closer rows by the wall, where ${snow.governs} snow lies deepest, or a deeper purlin.`,
        ),
      ),
    )
    if (cn === null)
      out.push(
        notChecked(
          `lean-purlins-up-${t.side}`,
          `${name}: purlins under uplift`,
          'roof',
          'Cladding wind on an open roof is not in the table here: its coefficient CN has not been entered.',
          'Enter CN from the standard, or take these to an engineer.',
        ),
      )
  }
  return out
}

/** A ledger or lean-to beam under the rafters' load spread along it. */
function builtUp(
  b: Building,
  r: SiteResults,
  l: LeanToLoads,
  id: string,
  title: string,
  spec: LeanTo['beam'],
  spanIn: number,
  snowPlf: number,
  upPlf: number,
): Check[] {
  const dead =
    (r.dead.maxPsf * l.leanTo.depthIn) / 24 +
    spec.plies * weightPlf(spec.lumber, boardSize(spec.size).areaIn2, 19, b.grades)
  const live = (roofLivePsf((spanIn * l.leanTo.depthIn) / 288, l.leanTo.pitchPer12) * l.leanTo.depthIn) / 24
  const lu = l.leanTo.rafter.spaceIn ?? spanIn
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
    own: b.grades,
    flat: false,
    spaceIn: 99,
    shortcut: b.edgeShortcut,
    fix: 'Deeper boards, more plies, or posts closer together.',
    cases: [
      { name: 'D+S', duration: 1.15, luIn: lu, loads: load(dead + snowPlf, 'snow') },
      { name: 'D+Lr', duration: 1.25, luIn: lu, loads: load(dead + live, 'roof live') },
      { name: '0.6D+0.6W', duration: 1.6, luIn: spanIn, loads: load(-Math.max(0, upPlf), 'wind up'), verify: 'C14' },
    ],
    sags: [{ name: 'D+S', over: 240, loads: load(dead + Math.max(snowPlf, live), 'snow') }],
  })
}
