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

const dim = (x: number) => formatLength(x, { ascii: false })

/** Snow on one post, by what brings it. */
function snowLine(
  k: HoleKind,
  d: PostDemand,
  r: SiteResults,
  p: Post | undefined,
  outerPlf: number,
  typed: boolean,
): TraceLine {
  const say = (formula: string, numbers: string) => line('Snow', formula, numbers, d.snowLb, 'lb', 'ASCE 7-16 ch. 7')
  if (k.kind === 'lean-to') return say('lean-to, outer line × length', `${sig(outerPlf)} × ${sig(d.eaveFt)}`)
  if (p && !isEave(p.side))
    return say('snow by the ridge × area', `${sig(d.snowLb / Math.max(d.roofFt2, 1e-9))} × ${sig(d.roofFt2)}`)
  if (typed) return say('reaction of the truss drawing less dead load, lean-to with it', sig(d.snowLb))
  const rest = d.snowLb - r.eaveSnowPlf * d.eaveFt
  return Math.abs(rest) < 1
    ? say('eave line × length', `${sig(r.eaveSnowPlf)} × ${sig(d.eaveFt)}`)
    : say('eave line × length + lean-to', `${sig(r.eaveSnowPlf)} × ${sig(d.eaveFt)} + ${sig(rest)}`)
}

/** Frost, sideways, bearing, pad and uplift checks of one kind of post. */
export function holeChecks(
  job: Job,
  k: HoleKind,
  posts: ReadonlyMap<string, Post>,
  demands: Readonly<Record<string, PostDemand>>,
  lateral: Lateral,
  r: SiteResults,
): Check[] {
  const b = job.building
  const out: Check[] = []
  const title = kindName(k.kind)
  const subject = k.postIds
  out.push(
    makeCheck({
      id: `frost-${k.kind}`,
      title: `${title}: frost`,
      stage: 'holes',
      group: 'ground',
      subjects: subject,
      demand: Math.max(r.site.frostIn, LEAST_DEPTH_IN),
      capacity: k.depthIn,
      unit: 'in',
      combination: 'frost',
      place: 'bottom of the concrete',
      governs: `The hole is ${dim(k.depthIn)} deep; frost reaches ${dim(r.site.frostIn)}.`,
      fix: 'Dig below the frost line.',
      trace: () => [
        line(
          'Depth asked for',
          'frost depth, 12 in. at least',
          `max(${sig(r.site.frostIn)}, ${LEAST_DEPTH_IN})`,
          Math.max(r.site.frostIn, LEAST_DEPTH_IN),
          'in',
          'IBC 2021 1809.4, 1809.5',
        ),
        line('Depth to the bottom of the concrete', 'd', sig(k.depthIn), k.depthIn, 'in', 'as planned'),
      ],
    }),
  )
  const l = k.lateral
  const lateralPost = k.governing.lateral
  const windless = subject.every((id) => lateral.cases[id]?.every((c) => Math.abs(c.shearLb) < 1e-6))
  if (job.site.groundSlopePer12 > STEEPEST_PER12)
    out.push(
      notChecked(
        `slope-${k.kind}`,
        `${title}: slope`,
        'holes',
        'The ground falls more than 1 in 3: the setbacks of IBC 1808.7 and the lateral values on slopes are not sized here.',
        'Take these to an engineer.',
        subject,
      ),
    )
  if (windless && subject.length) {
    /* nothing pushes on these posts */
  } else if (!l || lateralPost === null) {
    const why =
      b.school === 'pier' && lateral.relied === 'frames alone' && !b.knee
        ? 'A post that turns on its bracket cannot stand without a roof diaphragm or knee braces.'
        : `The wind on these posts is not computed. ${lateral.why}`
    out.push(
      notChecked(
        `lateral-${k.kind}`,
        `${title}: sideways in the ground`,
        'holes',
        why,
        'Rely on a checked roof diaphragm, add knee braces, or take these to an engineer.',
        subject,
      ),
    )
  } else {
    const has = (b.school === 'pier' ? k.depthIn : k.embedIn) / 12
    const pinned = b.school === 'pier'
    const c = l.actions
    const sloped = job.site.groundSlopePer12 > 0
    const trace = (): TraceLine[] => [
      ...r.wind.trace,
      line(
        `Wind on the post, ${c.name}`,
        '0.6·p × width',
        `${sig(c.windPsf)} × ${sig(c.widthFt)}`,
        c.plf,
        'plf',
        'ASCE 7-16 2.4.1 (5)',
      ),
      c.moveIn === 0
        ? line('Movement of its top', 'held by the roof', '0', 0, 'in', lateral.relied)
        : line(
            'Movement of its top',
            lateral.relied === 'roof checked' ? 'K·D = R, all frames and the roof solved together' : 'R/k of its frame',
            sig(c.moveIn),
            c.moveIn,
            'in',
            'statics',
            lateral.relied === 'roof checked' ? 'C18' : undefined,
          ),
      line('Shear at grade', 'held post × w + k·Δ', actionNumbers(c, 'shearLb'), l.load.shearLb, 'lb', 'statics'),
      line(
        'Moment at grade',
        'held post × w + k·H·Δ',
        actionNumbers(c, 'momentFtLb'),
        l.load.momentFtLb,
        'ft-lb',
        'statics',
        'C17',
      ),
      line(
        'Lateral soil value',
        job.site.doubleLateral ? "S'·2" : "S'",
        `${sig(r.soil.lateralPsfPerFt)}${job.site.doubleLateral ? ' × 2' : ''}`,
        l.load.lateralPsfPerFt,
        'psf/ft',
        `${r.soil.source}${job.site.doubleLateral ? '; IBC 2021 1806.3.4' : ''}`,
      ),
      line(
        'Width on the soil',
        pinned ? 'b = pier' : 'b = 1.414·face',
        pinned ? `${sig(k.diameterIn)}/12` : `1.414 × ${sig((l.load.bFt * 12) / 1.414)}/12`,
        l.load.bFt,
        'ft',
        'IBC 2021 1807.3.2.1',
        'C20',
      ),
      ...(Number.isFinite(l.depthFreeFt) ? freeDepthTrace(l.load) : []),
      ...slabDepthTrace(l.load, l.depthSlabFt),
      line(
        `Depth taken, ${l.constrained ? '' : 'not '}held at grade`,
        'the deeper of the two',
        sig(l.neededFt),
        l.neededFt,
        'ft',
        'IBC 2021 1807.3.2',
      ),
      ...(sloped
        ? [
            line(
              'On falling ground',
              'd/(1 − slope)',
              `${sig(l.neededFt)}/(1 − ${sig(job.site.groundSlopePer12)}/12)`,
              l.slopedFt,
              'ft',
              'lowest ground within the depth',
            ),
          ]
        : []),
    ]
    const needFt = l.slopedFt
    const other = l.constrained
      ? `Not held at grade it would need ${Number.isFinite(l.depthFreeFt) ? dim(l.depthFreeFt * 12) : 'more than 30 ft'}.`
      : `A tied slab at grade would cut it to ${dim(l.depthSlabFt * 12)}.`
    out.push(
      makeCheck({
        id: `lateral-${k.kind}`,
        title: `${title}: sideways in the ground`,
        stage: 'holes',
        group: 'ground',
        subjects: [lateralPost, ...subject.filter((s) => s !== lateralPost)],
        combination: 'D+0.6W',
        place: 'at grade',
        demand: Number.isFinite(needFt) ? needFt : 30,
        capacity: has,
        unit: 'ft',
        governs: `${c.name[0].toUpperCase()}${c.name.slice(1)} on ${lateralPost} asks for ${Number.isFinite(needFt) ? dim(needFt * 12) : 'over 30 ft'} in the ground, ${l.constrained ? 'held at grade by the slab' : 'not held at grade'}; it has ${dim(has * 12)}.`,
        fix: l.constrained
          ? 'Go deeper, or fill the hole with concrete.'
          : `Go deeper, or tie a slab to the posts. ${other}`,
        trace,
      }),
    )
  }
  const br = demands[k.governing.bearing]
  const lean = r.leanTos.find((q) => q.leanTo.side === posts.get(k.governing.bearing)?.side)
  const leanSnow = lean !== undefined && (k.kind === 'lean-to' || br.snowLb > r.eaveSnowPlf * br.eaveFt + 1)
  out.push(
    makeCheck({
      id: `bearing-${k.kind}`,
      title: `${title}: ${b.school === 'pier' ? 'pier' : 'pad'} on the soil`,
      stage: 'holes',
      group: 'ground',
      subjects: [k.governing.bearing, ...subject.filter((s) => s !== k.governing.bearing)],
      demand: k.bearing.loadLb + k.bearing.padLb,
      capacity: k.bearing.capacityLb,
      unit: 'lb',
      combination: br.gravityCase,
      place: `under ${k.governing.bearing}`,
      governs: `${br.gravityCase} on ${k.governing.bearing} presses a ${k.diameterIn}″ circle of soil.`,
      fix: 'A wider pad, or a soil report that allows more.',
      trace: () => [
        ...r.snow.trace,
        ...r.dead.trace,
        line(
          'Dead',
          'D = psf·area',
          `${sig(r.dead.maxPsf)} × ${sig(br.roofFt2)}`,
          br.deadLb,
          'lb',
          'ASCE 7-16 3.1',
          'C09',
        ),
        ...(leanSnow ? (lean?.governing.trace ?? []) : []),
        snowLine(k, br, r, posts.get(k.governing.bearing), lean?.outerPlf ?? 0, b.roof.truss.reaction !== null),
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
          `${sig(k.bearing.loadLb)} + ${sig(k.bearing.padLb)}`,
          k.bearing.loadLb + k.bearing.padLb,
          'lb',
          'NDS Supp. 3.1.3',
        ),
        line(
          'What the soil takes',
          'q·π·D²/4',
          `${sig(r.soil.bearingPsf)} × π × ${sig(k.diameterIn / 12)}²/4`,
          k.bearing.capacityLb,
          'lb',
          r.soil.source,
        ),
      ],
    }),
  )
  const pad = k.pad
  if (pad) {
    if (Number.isNaN(pad.bending))
      out.push(
        notChecked(
          `pad-${k.kind}`,
          `${title}: pad thickness`,
          'holes',
          `A plain concrete pad under 8″ is outside ACI 318-14 14.3.2.1; this one is ${dim(b.padThicknessIn)}.`,
          'Make the pad 8″ thick, or use a precast pad with its maker’s rated load.',
          subject,
        ),
      )
    else
      out.push(
        makeCheck({
          id: `pad-${k.kind}`,
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
          governs: `The pad ${pad.worst === pad.bending ? 'bends beyond the post' : pad.worst === pad.punching ? 'is punched by the post' : 'shears beside the post'}; plain concrete of 2,500 psi, ${dim(pad.effectiveIn)} counted.`,
          fix: 'A thicker pad.',
          trace: () => [
            line(
              'Thickness counted',
              'h = t − 2',
              `${sig(b.padThicknessIn)} − 2`,
              pad.effectiveIn,
              'in',
              'ACI 318-14 14.5.1.7',
            ),
            line(
              'Pressure from below, factored',
              'qu = 1.6·P/(π·R²)',
              `1.6 × ${sig(k.bearing.loadLb)}/(π × ${sig(k.diameterIn / 2)}²)`,
              pad.quPsi,
              'psi',
              'ACI 318-14 5.3',
            ),
            line(
              'Bending beyond the face',
              'Mu = qu·(⅔·(R²−x²)^1.5 − x·segment beyond x)',
              `${sig(pad.quPsi)} × (2/3 × (${sig(k.diameterIn / 2)}² − ${sig(pad.faceXIn)}²)^1.5 − ${sig(pad.faceXIn)} × ${sig(pad.faceSegmentIn2)})`,
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
    const u = demands[k.governing.uplift]
    const p = posts.get(k.governing.uplift)
    const postWeight = (u.postWeightPlf * ((p?.heightIn ?? 0) + k.embedIn)) / 12
    const hold = () =>
      b.school === 'pier'
        ? pierUpliftLb(k.diameterIn, (k.depthIn + b.bracketIn) / 12).trace()
        : b.school === 'collar'
          ? collarUpliftLb({
              diameterIn: k.diameterIn,
              heightIn: Math.min(b.collarHeightIn, k.embedIn),
              topFt: Math.max(0, k.embedIn - b.collarHeightIn) / 12,
              postAreaFt2: postSize(b.post).areaIn2 / 144,
              postWeightLb: postWeight,
              coneDeg: b.coneAngleDeg,
            }).trace()
          : b.cleat
            ? cleatUpliftLb({
                ...b.cleat,
                topFt: Math.max(0, k.embedIn - 1.5) / 12,
                postAreaFt2: postSize(b.post).areaIn2 / 144,
                postWeightLb: postWeight,
                coneDeg: b.coneAngleDeg,
              }).trace()
            : [
                line(
                  'The post’s own weight',
                  '0.6·post',
                  `0.6 × ${sig(postWeight)}`,
                  k.uplift.capacityLb,
                  'lb',
                  'ASCE 7-16 2.4.1 (7)',
                ),
              ]
    out.push(
      makeCheck({
        id: `uplift-${k.kind}`,
        title: `${title}: uplift`,
        stage: 'holes',
        group: 'ground',
        subjects: [k.governing.uplift, ...subject.filter((s) => s !== k.governing.uplift)],
        demand: Math.max(0, k.uplift.demandLb),
        capacity: k.uplift.capacityLb,
        unit: 'lb',
        combination: '0.6D+0.6W',
        place: `foot of ${k.governing.uplift}`,
        governs:
          k.uplift.demandLb <= 0
            ? 'Dead load alone holds these posts down.'
            : `Wind lifts ${k.governing.uplift} by ${Math.round(k.uplift.demandLb).toLocaleString('en-US')} lb net of the dead load.`,
        fix:
          b.school === 'pad'
            ? b.cleat
              ? 'Longer or wider cleats, deeper.'
              : 'A pad that is not fixed to the post holds nothing down: cast a collar, or bolt cleats to its foot.'
            : b.school === 'collar'
              ? 'A wider or higher collar, deeper; tamped backfill lets the soil cone spread.'
              : 'A wider or deeper pier.',
        trace: () => [
          line(
            'Wind on the roof',
            'W = p·area, p the mean over its area',
            `${sig(u.windUpLb / Math.max(u.roofFt2, 1e-9))} × ${sig(u.roofFt2)}`,
            u.windUpLb,
            'lb',
            'ASCE 7-16 27.3',
            k.kind === 'lean-to' ? 'C14' : undefined,
          ),
          line(
            'Net uplift',
            'T = 0.6·W − 0.6·D',
            `0.6 × ${sig(u.windUpLb)} − 0.6 × ${sig(u.deadMinLb)}`,
            u.upliftLb,
            'lb',
            'ASCE 7-16 2.4.1 (7)',
          ),
          ...hold(),
        ],
      }),
    )
  }
  if (b.school !== 'pier' && (b.school === 'collar' || b.cleat) && k.uplift.demandLb > 0) {
    // Bars or bolts through the post bear on concrete (7,500 psi) or on cleats; the pull runs along the post's grain.
    const j = b.joints.collar
    const g = specificGravity(b.post.lumber, b.grades)
    const concrete = b.school === 'collar'
    const z = yieldLimit({
      dIn: j.diameterIn,
      lmIn: postSize(b.post).depthIn,
      lsIn: concrete ? 4 : 1.5,
      femPsi: bearingStrengthPsi(g, j.diameterIn, 0),
      fesPsi: concrete ? 7500 : bearingStrengthPsi(g, j.diameterIn, 90),
      fybPsi: BOLT_YIELD_PSI,
      thetaDeg: concrete ? 0 : 90,
      double: true,
    })
    const cap = z.zLb * 1.6 * 0.7 * j.count
    out.push(
      makeCheck({
        id: `collar-fix-${k.kind}`,
        title: `${title}: ${concrete ? 'collar' : 'cleats'} fixed to the post`,
        stage: 'holes',
        group: 'joint',
        subjects: [k.governing.uplift, ...subject.filter((s) => s !== k.governing.uplift)],
        demand: k.uplift.demandLb,
        capacity: cap,
        unit: 'lb',
        combination: '0.6D+0.6W',
        place: 'below grade',
        governs: `${j.count} bars or bolts of ${j.diameterIn} in. through the post carry its uplift into the ${concrete ? 'concrete' : 'cleats'}.`,
        fix: 'More or thicker bars through the post.',
        trace: () => [
          yieldLine('One bar', z, `${j.diameterIn} in. through ${sig(postSize(b.post).depthIn)} in.`),
          line(
            'All, in wet wood',
            'n·Z·CD·CM',
            `${j.count} × ${sig(z.zLb)} × 1.6 × 0.7`,
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
