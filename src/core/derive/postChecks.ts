import { CONCRETE_FC_PSI, LEAST_DEPTH_IN, type PadRatios } from '../ground'
import { isEave, type Post } from '../layout'
import type { Building, Job } from '../model'
import { type Check, line, makeCheck, notChecked, sig, type TraceLine, entryOf } from '../result'
import { formatLength, ROUNDING, IN_PER_FT, NEGLIGIBLE } from '../units'
import { gravityLine, type PostDemand } from '../frame/demands'
import type { Lateral } from '../frame/lateral'
import { type HoleKind, STEEPEST_PER12 } from '../frame/holes'
import { lateralCheck, lateralUnknown } from './lateralChecks'
import { kindName } from './postNames'
import type { SiteResults } from '../frame/siteResults'
import { fixingCheck, upliftCheck } from './upliftChecks'

/** Where a pad gives first, and how it is said. */
function padFailure(pad: PadRatios): { readonly place: string; readonly how: string } {
  if (pad.worst === pad.bending) return { place: 'at the face of the post', how: 'bends beyond the post' }
  if (pad.worst === pad.punching) return { place: 'half the thickness from the post', how: 'is punched by the post' }
  return { place: 'the thickness from the post', how: 'shears beside the post' }
}

/** Snow on one post, by what brings it. */
function snowLine({
  hole,
  demand,
  results,
  post,
  outerPlf,
  typed,
}: {
  hole: HoleKind
  demand: PostDemand
  results: SiteResults
  post: Post | undefined
  outerPlf: number
  typed: boolean
}): TraceLine {
  const say = (formula: string, numbers: string) =>
    line({ label: 'Snow', formula, numbers, value: demand.snowLb, unit: 'lb', clause: 'ASCE 7-16 ch. 7' })
  if (hole.kind === 'lean-to') return say('lean-to, outer line × length', `${sig(outerPlf)} × ${sig(demand.eaveFt)}`)
  if (post && !isEave(post.side))
    return say(
      'snow by the ridge × area',
      `${sig(demand.snowLb / Math.max(demand.roofFt2, ROUNDING))} × ${sig(demand.roofFt2)}`,
    )
  if (typed) return say('reaction of the truss drawing less dead load, lean-to with it', sig(demand.snowLb))
  const rest = demand.snowLb - results.eaveSnowPlf * demand.eaveFt
  return Math.abs(rest) < 1
    ? say('eave line × length', `${sig(results.eaveSnowPlf)} × ${sig(demand.eaveFt)}`)
    : say('eave line × length + lean-to', `${sig(results.eaveSnowPlf)} × ${sig(demand.eaveFt)} + ${sig(rest)}`)
}

/** A plain concrete pad in bending, shear and punching (ACI 318-14 ch. 14). */
function padCheck({
  pad,
  hole,
  title,
  building,
  subject,
  br,
}: {
  readonly pad: PadRatios
  readonly hole: HoleKind
  readonly title: string
  readonly building: Building
  readonly subject: readonly string[]
  readonly br: PostDemand
}): Check[] {
  const out: Check[] = []
  if (Number.isNaN(pad.bending))
    out.push(
      notChecked({
        id: `pad-${hole.kind}`,
        title: `${title}: pad thickness`,
        stage: 'holes',
        why: `A plain concrete pad under 8″ is outside ACI 318-14 14.3.2.1; this one is ${formatLength(building.padThicknessIn)}.`,
        fix: 'Make the pad 8″ thick, or use a precast pad with its maker’s rated load.',
        subjects: subject,
      }),
    )
  else
    out.push(
      makeCheck({
        id: `pad-${hole.kind}`,
        title: `${title}: pad thickness`,
        stage: 'holes',
        group: 'ground',
        subjects: subject,
        demand: pad.worst,
        capacity: 1,
        unit: '',
        combination: `1.6·(${br.gravityCase})`,
        place: padFailure(pad).place,
        governs: `The pad ${padFailure(pad).how}; plain concrete of 2,500 psi, ${formatLength(pad.effectiveIn)} counted.`,
        fix: 'A thicker pad.',
        trace: () => [
          line({
            label: 'Thickness counted',
            formula: 'h = t − 2',
            numbers: `${sig(building.padThicknessIn)} − 2`,
            value: pad.effectiveIn,
            unit: 'in',
            clause: 'ACI 318-14 14.5.1.7',
          }),
          line({
            label: 'Pressure from below, factored',
            formula: 'qu = 1.6·P/(π·R²)',
            numbers: `1.6 × ${sig(hole.bearing.loadLb)}/(π × ${sig(hole.diameterIn / 2)}²)`,
            value: pad.quPsi,
            unit: 'psi',
            clause: 'ACI 318-14 5.3',
          }),
          line({
            label: 'Bending beyond the face',
            formula: 'Mu = qu·(⅔·(R²−x²)^1.5 − x·segment beyond x)',
            numbers:
              `${sig(pad.quPsi)} × (2/3 × (${sig(hole.diameterIn / 2)}² − ${sig(pad.faceXIn)}²)^1.5 − ` +
              `${sig(pad.faceXIn)} × ${sig(pad.faceSegmentIn2)})`,
            value: pad.muInLb,
            unit: 'in-lb',
            clause: 'ACI 318-14 ch. 14',
          }),
          line({
            label: 'Bending strength',
            formula: 'φ·5·√fc·c·h²/6',
            numbers: `0.6 × 5 × √${CONCRETE_FC_PSI} × ${sig(pad.chordIn)} × ${sig(pad.effectiveIn)}²/6`,
            value: pad.phiMnInLb,
            unit: 'in-lb',
            clause: 'ACI 318-14 14.5.2',
          }),
          line({
            label: 'Bending',
            formula: 'Mu/φMn',
            numbers: `${sig(pad.muInLb)}/${sig(pad.phiMnInLb)}`,
            value: pad.bending,
            unit: '',
            clause: 'ACI 318-14 14.5.1',
          }),
          line({
            label: 'Shear, one way, h from the face',
            formula: 'Vu/φVn',
            numbers: `${sig(pad.shearVuLb)}/${sig(pad.shearVnLb)}`,
            value: pad.shear,
            unit: '',
            clause: 'ACI 318-14 14.5.5.1 (a)',
          }),
          line({
            label: 'Punching, half of h from the post',
            formula: 'Vu/φVn',
            numbers: `${sig(pad.punchVuLb)}/${sig(pad.punchVnLb)}`,
            value: pad.punching,
            unit: '',
            clause: 'ACI 318-14 14.5.5.1 (b)',
          }),
        ],
      }),
    )
  return out
}

/** The pad or pier on the soil under the heaviest roof load (IBC 2021 1806). */
function bearingCheck({
  results,
  posts,
  hole,
  br,
  title,
  building,
  subject,
}: {
  readonly results: SiteResults
  readonly posts: ReadonlyMap<string, Post>
  readonly hole: HoleKind
  readonly br: PostDemand
  readonly title: string
  readonly building: Building
  readonly subject: readonly string[]
}): Check {
  const lean = results.leanTos.find((leanTo) => leanTo.leanTo.side === posts.get(hole.governing.bearing)?.side)
  const leanSnow = lean !== undefined && (hole.kind === 'lean-to' || br.snowLb > results.eaveSnowPlf * br.eaveFt + 1)
  return makeCheck({
    id: `bearing-${hole.kind}`,
    title: `${title}: ${building.school === 'pier' ? 'pier' : 'pad'} on the soil`,
    stage: 'holes',
    group: 'ground',
    subjects: [hole.governing.bearing, ...subject.filter((text) => text !== hole.governing.bearing)],
    demand: hole.bearing.loadLb + hole.bearing.padLb,
    capacity: hole.bearing.capacityLb,
    unit: 'lb',
    combination: br.gravityCase,
    place: `under ${hole.governing.bearing}`,
    governs: `${br.gravityCase} on ${hole.governing.bearing} presses a ${hole.diameterIn}″ circle of soil.`,
    fix: 'A wider pad, or a soil report that allows more.',
    trace: () => [
      ...results.snow.trace,
      ...results.dead.trace,
      line({
        label: 'Dead',
        formula: 'D = psf·area',
        numbers: `${sig(results.dead.maxPsf)} × ${sig(br.roofFt2)}`,
        value: br.deadLb,
        unit: 'lb',
        clause: 'ASCE 7-16 3.1',
        verify: 'C09',
      }),
      ...(leanSnow ? (lean?.governing.trace ?? []) : []),
      snowLine({
        hole,
        demand: br,
        results,
        post: posts.get(hole.governing.bearing),
        outerPlf: lean?.outerPlf ?? 0,
        typed: building.roof.truss.reaction !== null,
      }),
      line({
        label: 'Roof live',
        formula: 'Lr × area',
        numbers: `${sig(br.liveLb / Math.max(br.roofFt2, ROUNDING))} × ${sig(br.roofFt2)}`,
        value: br.liveLb,
        unit: 'lb',
        clause: 'ASCE 7-16 4.8.2',
        verify: 'C10',
      }),
      gravityLine('Worst at the top', br),
      line({
        label: 'With the post and the concrete',
        formula: 'P + post + pad',
        numbers: `${sig(hole.bearing.loadLb)} + ${sig(hole.bearing.padLb)}`,
        value: hole.bearing.loadLb + hole.bearing.padLb,
        unit: 'lb',
        clause: 'NDS Supp. 3.1.3',
      }),
      line({
        label: 'What the soil takes',
        formula: 'q·π·D²/4',
        numbers: `${sig(results.soil.bearingPsf)} × π × ${sig(hole.diameterIn / IN_PER_FT)}²/4`,
        value: hole.bearing.capacityLb,
        unit: 'lb',
        clause: results.soil.source,
      }),
    ],
  })
}

/** The bottom of the concrete below frost (IBC 2021 1809.4, 1809.5). */
function frostCheck({
  hole,
  title,
  subject,
  results,
}: {
  readonly hole: HoleKind
  readonly title: string
  readonly subject: readonly string[]
  readonly results: SiteResults
}): Check {
  return makeCheck({
    id: `frost-${hole.kind}`,
    title: `${title}: frost`,
    stage: 'holes',
    group: 'ground',
    subjects: subject,
    demand: Math.max(results.site.frostIn, LEAST_DEPTH_IN),
    capacity: hole.depthIn,
    unit: 'in',
    combination: 'frost',
    place: 'bottom of the concrete',
    governs: `The hole is ${formatLength(hole.depthIn)} deep; frost reaches ${formatLength(results.site.frostIn)}.`,
    fix: 'Dig below the frost line.',
    trace: () => [
      line({
        label: 'Depth asked for',
        formula: 'frost depth, 12 in. at least',
        numbers: `max(${sig(results.site.frostIn)}, ${LEAST_DEPTH_IN})`,
        value: Math.max(results.site.frostIn, LEAST_DEPTH_IN),
        unit: 'in',
        clause: 'IBC 2021 1809.4, 1809.5',
      }),
      line({
        label: 'Depth to the bottom of the concrete',
        formula: 'd',
        numbers: sig(hole.depthIn),
        value: hole.depthIn,
        unit: 'in',
        clause: 'as planned',
      }),
    ],
  })
}

/** Frost, sideways, bearing, pad and uplift checks of one kind of post. */
export function holeChecks({
  job,
  hole,
  posts,
  demands,
  lateral,
  results,
}: {
  job: Job
  hole: HoleKind
  posts: ReadonlyMap<string, Post>
  demands: Readonly<Record<string, PostDemand>>
  lateral: Lateral
  results: SiteResults
}): Check[] {
  const building = job.building
  const out: Check[] = []
  const title = kindName(hole.kind)
  const subject = hole.postIds
  out.push(frostCheck({ hole, title, subject, results }))
  const lateralNeed = hole.lateral
  const lateralPost = hole.governing.lateral
  const windless = subject.every((id) => lateral.cases[id]?.every((lateral) => Math.abs(lateral.shearLb) < NEGLIGIBLE))
  if (job.site.groundSlopePer12 > STEEPEST_PER12)
    out.push(
      notChecked({
        id: `slope-${hole.kind}`,
        title: `${title}: slope`,
        stage: 'holes',
        why:
          'The ground falls more than 1 in 3: the setbacks of IBC 1808.7 and the lateral values on slopes are not ' +
          'sized here.',
        fix: 'Take these to an engineer.',
        subjects: subject,
      }),
    )
  if (windless && subject.length) {
    /* nothing pushes on these posts */
  } else if (!lateralNeed || lateralPost === null) {
    out.push(lateralUnknown({ building, lateral, hole, title, subject }))
  } else {
    out.push(lateralCheck({ building, hole, lateralNeed, job, results, lateral, title, lateralPost, subject }))
  }
  const br = entryOf(demands, hole.governing.bearing)
  out.push(bearingCheck({ results, posts, hole, br, title, building, subject }))
  const pad = hole.pad
  if (pad) {
    out.push(...padCheck({ pad, hole, title, building, subject, br }))
  }
  out.push(upliftCheck({ demands, hole, posts, building, title, subject }))
  if (building.school !== 'pier' && (building.school === 'collar' || building.cleat) && hole.uplift.demandLb > 0) {
    out.push(fixingCheck({ building, hole, title, subject }))
  }
  return out
}
