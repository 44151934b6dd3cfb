import {
  cleatUpliftLb,
  collarUpliftLb,
  CONCRETE_FC_PSI,
  freeDepthTrace,
  LEAST_DEPTH_IN,
  type PadRatios,
  pierUpliftLb,
  slabDepthTrace,
} from '../ground'
import { bearingStrengthPsi, BOLT_YIELD_PSI, yieldLimit, yieldLine } from '../joints'
import { isEave, type Post } from '../layout'
import type { Building, Job } from '../model'
import { line, makeCheck, notChecked, sig, type Check, type TraceLine } from '../result'
import { formatLength } from '../units'
import { postSize, specificGravity } from '../wood'
import { gravityLine, type PostDemand } from './demands'
import type { Lateral } from './frames'
import { LateralNeed, STEEPEST_PER12, type HoleKind } from './holes'
import { actionNumbers } from './lateralCase'
import { kindName } from './postNames'
import type { SiteResults } from './siteResults'

const dim = (lengthIn: number) => formatLength(lengthIn, { ascii: false })

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
      `${sig(demand.snowLb / Math.max(demand.roofFt2, 1e-9))} × ${sig(demand.roofFt2)}`,
    )
  if (typed) return say('reaction of the truss drawing less dead load, lean-to with it', sig(demand.snowLb))
  const rest = demand.snowLb - results.eaveSnowPlf * demand.eaveFt
  return Math.abs(rest) < 1
    ? say('eave line × length', `${sig(results.eaveSnowPlf)} × ${sig(demand.eaveFt)}`)
    : say('eave line × length + lean-to', `${sig(results.eaveSnowPlf)} × ${sig(demand.eaveFt)} + ${sig(rest)}`)
}

/** Bars or bolts that pass the uplift from the post into its collar or cleats (NDS 2018 12.3). */
function fixingCheck({
  building,
  hole,
  title,
  subject,
}: {
  readonly building: Building
  readonly hole: HoleKind
  readonly title: string
  readonly subject: readonly string[]
}): Check {
  // Bars or bolts through the post bear on concrete (7,500 psi) or on cleats; the pull runs along the post's grain.
  const collar = building.joints.collar
  const gravity = specificGravity(building.post.lumber, building.grades)
  const concrete = building.school === 'collar'
  const limit = yieldLimit({
    dIn: collar.diameterIn,
    lmIn: postSize(building.post).depthIn,
    lsIn: concrete ? 4 : 1.5,
    femPsi: bearingStrengthPsi(gravity, collar.diameterIn, 0),
    fesPsi: concrete ? 7500 : bearingStrengthPsi(gravity, collar.diameterIn, 90),
    fybPsi: BOLT_YIELD_PSI,
    thetaDeg: concrete ? 0 : 90,
    double: true,
  })
  const cap = limit.zLb * 1.6 * 0.7 * collar.count
  return makeCheck({
    id: `collar-fix-${hole.kind}`,
    title: `${title}: ${concrete ? 'collar' : 'cleats'} fixed to the post`,
    stage: 'holes',
    group: 'joint',
    subjects: [hole.governing.uplift, ...subject.filter((text) => text !== hole.governing.uplift)],
    demand: hole.uplift.demandLb,
    capacity: cap,
    unit: 'lb',
    combination: '0.6D+0.6W',
    place: 'below grade',
    governs:
      `${collar.count} bars or bolts of ${collar.diameterIn} in. through the post carry its uplift into the ` +
      `${concrete ? 'concrete' : 'cleats'}.`,
    fix: 'More or thicker bars through the post.',
    trace: () => [
      yieldLine('One bar', limit, `${collar.diameterIn} in. through ${sig(postSize(building.post).depthIn)} in.`),
      line({
        label: 'All, in wet wood',
        formula: 'n·Z·CD·CM',
        numbers: `${collar.count} × ${sig(limit.zLb)} × 1.6 × 0.7`,
        value: cap,
        unit: 'lb',
        clause: 'NDS 2018 Table 11.3.3',
      }),
    ],
  })
}

/** What holds the post down against net uplift (ASCE 7-16 2.4.1 (7)). */
function upliftCheck({
  demands,
  hole,
  posts,
  building,
  title,
  subject,
}: {
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly hole: HoleKind
  readonly posts: ReadonlyMap<string, Post>
  readonly building: Building
  readonly title: string
  readonly subject: readonly string[]
}): Check {
  const demand = demands[hole.governing.uplift]
  const post = posts.get(hole.governing.uplift)
  const postWeight = (demand.postWeightPlf * ((post?.heightIn ?? 0) + hole.embedIn)) / 12
  const hold = () => {
    if (building.school === 'pier')
      return pierUpliftLb(hole.diameterIn, (hole.depthIn + building.bracketIn) / 12).trace()
    if (building.school === 'collar')
      return collarUpliftLb({
        diameterIn: hole.diameterIn,
        heightIn: Math.min(building.collarHeightIn, hole.embedIn),
        topFt: Math.max(0, hole.embedIn - building.collarHeightIn) / 12,
        postAreaFt2: postSize(building.post).areaIn2 / 144,
        postWeightLb: postWeight,
        coneDeg: building.coneAngleDeg,
      }).trace()
    if (building.cleat)
      return cleatUpliftLb({
        ...building.cleat,
        topFt: Math.max(0, hole.embedIn - 1.5) / 12,
        postAreaFt2: postSize(building.post).areaIn2 / 144,
        postWeightLb: postWeight,
        coneDeg: building.coneAngleDeg,
      }).trace()
    return [
      line({
        label: 'The post’s own weight',
        formula: '0.6·post',
        numbers: `0.6 × ${sig(postWeight)}`,
        value: hole.uplift.capacityLb,
        unit: 'lb',
        clause: 'ASCE 7-16 2.4.1 (7)',
      }),
    ]
  }
  const upliftFix = () => {
    if (building.school === 'pad') {
      if (building.cleat) return 'Longer or wider cleats, deeper.'
      return 'A pad that is not fixed to the post holds nothing down: cast a collar, or bolt cleats to its foot.'
    }
    if (building.school === 'collar')
      return 'A wider or higher collar, deeper; tamped backfill lets the soil cone spread.'
    return 'A wider or deeper pier.'
  }
  return makeCheck({
    id: `uplift-${hole.kind}`,
    title: `${title}: uplift`,
    stage: 'holes',
    group: 'ground',
    subjects: [hole.governing.uplift, ...subject.filter((text) => text !== hole.governing.uplift)],
    demand: Math.max(0, hole.uplift.demandLb),
    capacity: hole.uplift.capacityLb,
    unit: 'lb',
    combination: '0.6D+0.6W',
    place: `foot of ${hole.governing.uplift}`,
    governs:
      hole.uplift.demandLb <= 0
        ? 'Dead load alone holds these posts down.'
        : `Wind lifts ${hole.governing.uplift} by ${Math.round(hole.uplift.demandLb).toLocaleString('en-US')} ` +
          'lb net of the dead load.',
    fix: upliftFix(),
    trace: () => [
      line({
        label: 'Wind on the roof',
        formula: 'W = p·area, p the mean over its area',
        numbers: `${sig(demand.windUpLb / Math.max(demand.roofFt2, 1e-9))} × ${sig(demand.roofFt2)}`,
        value: demand.windUpLb,
        unit: 'lb',
        clause: 'ASCE 7-16 27.3',
        verify: hole.kind === 'lean-to' ? 'C14' : undefined,
      }),
      line({
        label: 'Net uplift',
        formula: 'T = 0.6·W − 0.6·D',
        numbers: `0.6 × ${sig(demand.windUpLb)} − 0.6 × ${sig(demand.deadMinLb)}`,
        value: demand.upliftLb,
        unit: 'lb',
        clause: 'ASCE 7-16 2.4.1 (7)',
      }),
      ...hold(),
    ],
  })
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
        why: `A plain concrete pad under 8″ is outside ACI 318-14 14.3.2.1; this one is ${dim(building.padThicknessIn)}.`,
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
        governs: `The pad ${padFailure(pad).how}; plain concrete of 2,500 psi, ${dim(pad.effectiveIn)} counted.`,
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
        numbers: `${sig(br.liveLb / Math.max(br.roofFt2, 1e-9))} × ${sig(br.roofFt2)}`,
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
        numbers: `${sig(results.soil.bearingPsf)} × π × ${sig(hole.diameterIn / 12)}²/4`,
        value: hole.bearing.capacityLb,
        unit: 'lb',
        clause: results.soil.source,
      }),
    ],
  })
}

/** Depth in the ground against what the wind on the posts asks for (IBC 2021 1807.3.2). */
function lateralCheck({
  building,
  hole,
  lateralNeed,
  job,
  results,
  lateral,
  title,
  lateralPost,
  subject,
}: {
  readonly building: Building
  readonly hole: HoleKind
  readonly lateralNeed: LateralNeed
  readonly job: Job
  readonly results: SiteResults
  readonly lateral: Lateral
  readonly title: string
  readonly lateralPost: string
  readonly subject: readonly string[]
}): Check {
  const has = (building.school === 'pier' ? hole.depthIn : hole.embedIn) / 12
  const pinned = building.school === 'pier'
  const actions = lateralNeed.actions
  const sloped = job.site.groundSlopePer12 > 0
  const trace = (): TraceLine[] => [
    ...results.wind.trace,
    line({
      label: `Wind on the post, ${actions.name}`,
      formula: '0.6·p × width',
      numbers: `${sig(actions.windPsf)} × ${sig(actions.widthFt)}`,
      value: actions.plf,
      unit: 'plf',
      clause: 'ASCE 7-16 2.4.1 (5)',
    }),
    actions.moveIn === 0
      ? line({
          label: 'Movement of its top',
          formula: 'held by the roof',
          numbers: '0',
          value: 0,
          unit: 'in',
          clause: lateral.relied,
        })
      : line({
          label: 'Movement of its top',
          formula:
            lateral.relied === 'roof checked' ? 'K·D = R, all frames and the roof solved together' : 'R/k of its frame',
          numbers: sig(actions.moveIn),
          value: actions.moveIn,
          unit: 'in',
          clause: 'statics',
          verify: lateral.relied === 'roof checked' ? 'C18' : undefined,
        }),
    line({
      label: 'Shear at grade',
      formula: 'held post × w + k·Δ',
      numbers: actionNumbers(actions, 'shearLb'),
      value: lateralNeed.load.shearLb,
      unit: 'lb',
      clause: 'statics',
    }),
    line({
      label: 'Moment at grade',
      formula: 'held post × w + k·H·Δ',
      numbers: actionNumbers(actions, 'momentFtLb'),
      value: lateralNeed.load.momentFtLb,
      unit: 'ft-lb',
      clause: 'statics',
      verify: 'C17',
    }),
    line({
      label: 'Lateral soil value',
      formula: job.site.doubleLateral ? "S'·2" : "S'",
      numbers: `${sig(results.soil.lateralPsfPerFt)}${job.site.doubleLateral ? ' × 2' : ''}`,
      value: lateralNeed.load.lateralPsfPerFt,
      unit: 'psf/ft',
      clause: `${results.soil.source}${job.site.doubleLateral ? '; IBC 2021 1806.3.4' : ''}`,
    }),
    line({
      label: 'Width on the soil',
      formula: pinned ? 'b = pier' : 'b = 1.414·face',
      numbers: pinned ? `${sig(hole.diameterIn)}/12` : `1.414 × ${sig((lateralNeed.load.bFt * 12) / 1.414)}/12`,
      value: lateralNeed.load.bFt,
      unit: 'ft',
      clause: 'IBC 2021 1807.3.2.1',
      verify: 'C20',
    }),
    ...(Number.isFinite(lateralNeed.depthFreeFt) ? freeDepthTrace(lateralNeed.load) : []),
    ...slabDepthTrace(lateralNeed.load, lateralNeed.depthSlabFt),
    line({
      label: `Depth taken, ${lateralNeed.constrained ? '' : 'not '}held at grade`,
      formula: 'the deeper of the two',
      numbers: sig(lateralNeed.neededFt),
      value: lateralNeed.neededFt,
      unit: 'ft',
      clause: 'IBC 2021 1807.3.2',
    }),
    ...(sloped
      ? [
          line({
            label: 'On falling ground',
            formula: 'd/(1 − slope)',
            numbers: `${sig(lateralNeed.neededFt)}/(1 − ${sig(job.site.groundSlopePer12)}/12)`,
            value: lateralNeed.slopedFt,
            unit: 'ft',
            clause: 'lowest ground within the depth',
          }),
        ]
      : []),
  ]
  const needFt = lateralNeed.slopedFt
  const other = lateralNeed.constrained
    ? 'Not held at grade it would need ' +
      `${Number.isFinite(lateralNeed.depthFreeFt) ? dim(lateralNeed.depthFreeFt * 12) : 'more than 30 ft'}.`
    : `A tied slab at grade would cut it to ${dim(lateralNeed.depthSlabFt * 12)}.`
  return makeCheck({
    id: `lateral-${hole.kind}`,
    title: `${title}: sideways in the ground`,
    stage: 'holes',
    group: 'ground',
    subjects: [lateralPost, ...subject.filter((text) => text !== lateralPost)],
    combination: 'D+0.6W',
    place: 'at grade',
    demand: Number.isFinite(needFt) ? needFt : 30,
    capacity: has,
    unit: 'ft',
    governs:
      `${actions.name[0].toUpperCase()}${actions.name.slice(1)} on ${lateralPost} asks for ` +
      `${Number.isFinite(needFt) ? dim(needFt * 12) : 'over 30 ft'} in the ground, ` +
      `${lateralNeed.constrained ? 'held at grade by the slab' : 'not held at grade'}; it has ${dim(has * 12)}.`,
    fix: lateralNeed.constrained
      ? 'Go deeper, or fill the hole with concrete.'
      : `Go deeper, or tie a slab to the posts. ${other}`,
    trace,
  })
}

/** Why the posts cannot be judged sideways in the ground. */
function lateralUnknown({
  building,
  lateral,
  hole,
  title,
  subject,
}: {
  readonly building: Building
  readonly lateral: Lateral
  readonly hole: HoleKind
  readonly title: string
  readonly subject: readonly string[]
}): Check {
  const why =
    building.school === 'pier' && lateral.relied === 'frames alone' && !building.knee
      ? 'A post that turns on its bracket cannot stand without a roof diaphragm or knee braces.'
      : `The wind on these posts is not computed. ${lateral.why}`
  return notChecked({
    id: `lateral-${hole.kind}`,
    title: `${title}: sideways in the ground`,
    stage: 'holes',
    why,
    fix: 'Rely on a checked roof diaphragm, add knee braces, or take these to an engineer.',
    subjects: subject,
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
    governs: `The hole is ${dim(hole.depthIn)} deep; frost reaches ${dim(results.site.frostIn)}.`,
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
  const windless = subject.every((id) => lateral.cases[id]?.every((lateral) => Math.abs(lateral.shearLb) < 1e-6))
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
  const br = demands[hole.governing.bearing]
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
