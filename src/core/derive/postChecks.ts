import {
  cleatUpliftLb,
  collarUpliftLb,
  CONCRETE_FC_PSI,
  freeDepthTrace,
  LEAST_DEPTH_IN,
  pierUpliftLb,
  slabDepthTrace,
} from '../ground'
import { bearingStrengthPsi, BOLT_YIELD_PSI, yieldLimit, yieldLine } from '../joints'
import { isEave, type Post } from '../layout'
import type { Job } from '../model'
import { line, makeCheck, notChecked, sig, type Check, type TraceLine } from '../result'
import { formatLength } from '../units'
import { postSize, specificGravity } from '../wood'
import { gravityLine, type PostDemand } from './demands'
import type { Lateral } from './frames'
import { STEEPEST_PER12, type HoleKind } from './holes'
import { actionNumbers } from './lateralCase'
import { kindName } from './postNames'
import type { SiteResults } from './siteResults'

const dim = (lengthIn: number) => formatLength(lengthIn, { ascii: false })

/** Snow on one post, by what brings it. */
function snowLine(
  hole: HoleKind,
  demand: PostDemand,
  results: SiteResults,
  post: Post | undefined,
  outerPlf: number,
  typed: boolean,
): TraceLine {
  const say = (formula: string, numbers: string) =>
    line('Snow', formula, numbers, demand.snowLb, 'lb', 'ASCE 7-16 ch. 7')
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

/** Frost, sideways, bearing, pad and uplift checks of one kind of post. */
export function holeChecks(
  job: Job,
  hole: HoleKind,
  posts: ReadonlyMap<string, Post>,
  demands: Readonly<Record<string, PostDemand>>,
  lateral: Lateral,
  results: SiteResults,
): Check[] {
  const building = job.building
  const out: Check[] = []
  const title = kindName(hole.kind)
  const subject = hole.postIds
  out.push(
    makeCheck({
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
        line(
          'Depth asked for',
          'frost depth, 12 in. at least',
          `max(${sig(results.site.frostIn)}, ${LEAST_DEPTH_IN})`,
          Math.max(results.site.frostIn, LEAST_DEPTH_IN),
          'in',
          'IBC 2021 1809.4, 1809.5',
        ),
        line('Depth to the bottom of the concrete', 'd', sig(hole.depthIn), hole.depthIn, 'in', 'as planned'),
      ],
    }),
  )
  const lateralNeed = hole.lateral
  const lateralPost = hole.governing.lateral
  const windless = subject.every((id) => lateral.cases[id]?.every((lateral) => Math.abs(lateral.shearLb) < 1e-6))
  if (job.site.groundSlopePer12 > STEEPEST_PER12)
    out.push(
      notChecked(
        `slope-${hole.kind}`,
        `${title}: slope`,
        'holes',
        'The ground falls more than 1 in 3: the setbacks of IBC 1808.7 and the lateral values on slopes are not ' +
          'sized here.',
        'Take these to an engineer.',
        subject,
      ),
    )
  if (windless && subject.length) {
    /* nothing pushes on these posts */
  } else if (!lateralNeed || lateralPost === null) {
    const why =
      building.school === 'pier' && lateral.relied === 'frames alone' && !building.knee
        ? 'A post that turns on its bracket cannot stand without a roof diaphragm or knee braces.'
        : `The wind on these posts is not computed. ${lateral.why}`
    out.push(
      notChecked(
        `lateral-${hole.kind}`,
        `${title}: sideways in the ground`,
        'holes',
        why,
        'Rely on a checked roof diaphragm, add knee braces, or take these to an engineer.',
        subject,
      ),
    )
  } else {
    const has = (building.school === 'pier' ? hole.depthIn : hole.embedIn) / 12
    const pinned = building.school === 'pier'
    const actions = lateralNeed.actions
    const sloped = job.site.groundSlopePer12 > 0
    const trace = (): TraceLine[] => [
      ...results.wind.trace,
      line(
        `Wind on the post, ${actions.name}`,
        '0.6·p × width',
        `${sig(actions.windPsf)} × ${sig(actions.widthFt)}`,
        actions.plf,
        'plf',
        'ASCE 7-16 2.4.1 (5)',
      ),
      actions.moveIn === 0
        ? line('Movement of its top', 'held by the roof', '0', 0, 'in', lateral.relied)
        : line(
            'Movement of its top',
            lateral.relied === 'roof checked' ? 'K·D = R, all frames and the roof solved together' : 'R/k of its frame',
            sig(actions.moveIn),
            actions.moveIn,
            'in',
            'statics',
            lateral.relied === 'roof checked' ? 'C18' : undefined,
          ),
      line(
        'Shear at grade',
        'held post × w + k·Δ',
        actionNumbers(actions, 'shearLb'),
        lateralNeed.load.shearLb,
        'lb',
        'statics',
      ),
      line(
        'Moment at grade',
        'held post × w + k·H·Δ',
        actionNumbers(actions, 'momentFtLb'),
        lateralNeed.load.momentFtLb,
        'ft-lb',
        'statics',
        'C17',
      ),
      line(
        'Lateral soil value',
        job.site.doubleLateral ? "S'·2" : "S'",
        `${sig(results.soil.lateralPsfPerFt)}${job.site.doubleLateral ? ' × 2' : ''}`,
        lateralNeed.load.lateralPsfPerFt,
        'psf/ft',
        `${results.soil.source}${job.site.doubleLateral ? '; IBC 2021 1806.3.4' : ''}`,
      ),
      line(
        'Width on the soil',
        pinned ? 'b = pier' : 'b = 1.414·face',
        pinned ? `${sig(hole.diameterIn)}/12` : `1.414 × ${sig((lateralNeed.load.bFt * 12) / 1.414)}/12`,
        lateralNeed.load.bFt,
        'ft',
        'IBC 2021 1807.3.2.1',
        'C20',
      ),
      ...(Number.isFinite(lateralNeed.depthFreeFt) ? freeDepthTrace(lateralNeed.load) : []),
      ...slabDepthTrace(lateralNeed.load, lateralNeed.depthSlabFt),
      line(
        `Depth taken, ${lateralNeed.constrained ? '' : 'not '}held at grade`,
        'the deeper of the two',
        sig(lateralNeed.neededFt),
        lateralNeed.neededFt,
        'ft',
        'IBC 2021 1807.3.2',
      ),
      ...(sloped
        ? [
            line(
              'On falling ground',
              'd/(1 − slope)',
              `${sig(lateralNeed.neededFt)}/(1 − ${sig(job.site.groundSlopePer12)}/12)`,
              lateralNeed.slopedFt,
              'ft',
              'lowest ground within the depth',
            ),
          ]
        : []),
    ]
    const needFt = lateralNeed.slopedFt
    const other = lateralNeed.constrained
      ? 'Not held at grade it would need ' +
        `${Number.isFinite(lateralNeed.depthFreeFt) ? dim(lateralNeed.depthFreeFt * 12) : 'more than 30 ft'}.`
      : `A tied slab at grade would cut it to ${dim(lateralNeed.depthSlabFt * 12)}.`
    out.push(
      makeCheck({
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
      }),
    )
  }
  const br = demands[hole.governing.bearing]
  const lean = results.leanTos.find((leanTo) => leanTo.leanTo.side === posts.get(hole.governing.bearing)?.side)
  const leanSnow = lean !== undefined && (hole.kind === 'lean-to' || br.snowLb > results.eaveSnowPlf * br.eaveFt + 1)
  out.push(
    makeCheck({
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
        line(
          'Dead',
          'D = psf·area',
          `${sig(results.dead.maxPsf)} × ${sig(br.roofFt2)}`,
          br.deadLb,
          'lb',
          'ASCE 7-16 3.1',
          'C09',
        ),
        ...(leanSnow ? (lean?.governing.trace ?? []) : []),
        snowLine(
          hole,
          br,
          results,
          posts.get(hole.governing.bearing),
          lean?.outerPlf ?? 0,
          building.roof.truss.reaction !== null,
        ),
        line(
          'Roof live',
          'Lr × area',
          `${sig(br.liveLb / Math.max(br.roofFt2, 1e-9))} × ${sig(br.roofFt2)}`,
          br.liveLb,
          'lb',
          'ASCE 7-16 4.8.2',
          'C10',
        ),
        gravityLine('Worst at the top', br),
        line(
          'With the post and the concrete',
          'P + post + pad',
          `${sig(hole.bearing.loadLb)} + ${sig(hole.bearing.padLb)}`,
          hole.bearing.loadLb + hole.bearing.padLb,
          'lb',
          'NDS Supp. 3.1.3',
        ),
        line(
          'What the soil takes',
          'q·π·D²/4',
          `${sig(results.soil.bearingPsf)} × π × ${sig(hole.diameterIn / 12)}²/4`,
          hole.bearing.capacityLb,
          'lb',
          results.soil.source,
        ),
      ],
    }),
  )
  const pad = hole.pad
  if (pad) {
    if (Number.isNaN(pad.bending))
      out.push(
        notChecked(
          `pad-${hole.kind}`,
          `${title}: pad thickness`,
          'holes',
          `A plain concrete pad under 8″ is outside ACI 318-14 14.3.2.1; this one is ${dim(building.padThicknessIn)}.`,
          'Make the pad 8″ thick, or use a precast pad with its maker’s rated load.',
          subject,
        ),
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
          place:
            pad.worst === pad.bending
              ? 'at the face of the post'
              : pad.worst === pad.punching
                ? 'half the thickness from the post'
                : 'the thickness from the post',
          governs:
            'The pad ' +
            `${pad.worst === pad.bending ? 'bends beyond the post' : pad.worst === pad.punching ? 'is punched by the post' : 'shears beside the post'}; ` +
            `plain concrete of 2,500 psi, ${dim(pad.effectiveIn)} counted.`,
          fix: 'A thicker pad.',
          trace: () => [
            line(
              'Thickness counted',
              'h = t − 2',
              `${sig(building.padThicknessIn)} − 2`,
              pad.effectiveIn,
              'in',
              'ACI 318-14 14.5.1.7',
            ),
            line(
              'Pressure from below, factored',
              'qu = 1.6·P/(π·R²)',
              `1.6 × ${sig(hole.bearing.loadLb)}/(π × ${sig(hole.diameterIn / 2)}²)`,
              pad.quPsi,
              'psi',
              'ACI 318-14 5.3',
            ),
            line(
              'Bending beyond the face',
              'Mu = qu·(⅔·(R²−x²)^1.5 − x·segment beyond x)',
              `${sig(pad.quPsi)} × (2/3 × (${sig(hole.diameterIn / 2)}² − ${sig(pad.faceXIn)}²)^1.5 − ` +
                `${sig(pad.faceXIn)} × ${sig(pad.faceSegmentIn2)})`,
              pad.muInLb,
              'in-lb',
              'ACI 318-14 ch. 14',
            ),
            line(
              'Bending strength',
              'φ·5·√fc·c·h²/6',
              `0.6 × 5 × √${CONCRETE_FC_PSI} × ${sig(pad.chordIn)} × ${sig(pad.effectiveIn)}²/6`,
              pad.phiMnInLb,
              'in-lb',
              'ACI 318-14 14.5.2',
            ),
            line('Bending', 'Mu/φMn', `${sig(pad.muInLb)}/${sig(pad.phiMnInLb)}`, pad.bending, '', 'ACI 318-14 14.5.1'),
            line(
              'Shear, one way, h from the face',
              'Vu/φVn',
              `${sig(pad.shearVuLb)}/${sig(pad.shearVnLb)}`,
              pad.shear,
              '',
              'ACI 318-14 14.5.5.1 (a)',
            ),
            line(
              'Punching, half of h from the post',
              'Vu/φVn',
              `${sig(pad.punchVuLb)}/${sig(pad.punchVnLb)}`,
              pad.punching,
              '',
              'ACI 318-14 14.5.5.1 (b)',
            ),
          ],
        }),
      )
  }
  {
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
        line(
          'The post’s own weight',
          '0.6·post',
          `0.6 × ${sig(postWeight)}`,
          hole.uplift.capacityLb,
          'lb',
          'ASCE 7-16 2.4.1 (7)',
        ),
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
    out.push(
      makeCheck({
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
          line(
            'Wind on the roof',
            'W = p·area, p the mean over its area',
            `${sig(demand.windUpLb / Math.max(demand.roofFt2, 1e-9))} × ${sig(demand.roofFt2)}`,
            demand.windUpLb,
            'lb',
            'ASCE 7-16 27.3',
            hole.kind === 'lean-to' ? 'C14' : undefined,
          ),
          line(
            'Net uplift',
            'T = 0.6·W − 0.6·D',
            `0.6 × ${sig(demand.windUpLb)} − 0.6 × ${sig(demand.deadMinLb)}`,
            demand.upliftLb,
            'lb',
            'ASCE 7-16 2.4.1 (7)',
          ),
          ...hold(),
        ],
      }),
    )
  }
  if (building.school !== 'pier' && (building.school === 'collar' || building.cleat) && hole.uplift.demandLb > 0) {
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
    out.push(
      makeCheck({
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
          line(
            'All, in wet wood',
            'n·Z·CD·CM',
            `${collar.count} × ${sig(limit.zLb)} × 1.6 × 0.7`,
            cap,
            'lb',
            'NDS 2018 Table 11.3.3',
          ),
        ],
      }),
    )
  }
  return out
}
