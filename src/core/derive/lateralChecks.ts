import { freeDepthTrace, slabDepthTrace } from '../ground'
import type { Building, Job } from '../model'
import { type Check, line, makeCheck, notChecked, sig, type TraceLine } from '../result'
import { formatLength, IN_PER_FT } from '../units'
import type { Lateral } from '../frame/lateral'
import type { HoleKind, LateralNeed } from '../frame/holes'
import { actionNumbers } from '../frame/lateralCase'
import type { SiteResults } from '../frame/siteResults'

/** Depth in the ground against what the wind on the posts asks for (IBC 2021 1807.3.2). */
export function lateralCheck({
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
  const has = (building.school === 'pier' ? hole.depthIn : hole.embedIn) / IN_PER_FT
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
      numbers: pinned ? `${sig(hole.diameterIn)}/12` : `1.414 × ${sig((lateralNeed.load.bFt * IN_PER_FT) / 1.414)}/12`,
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
      `${Number.isFinite(lateralNeed.depthFreeFt) ? formatLength(lateralNeed.depthFreeFt * IN_PER_FT) : 'more than 30 ft'}.`
    : `A tied slab at grade would cut it to ${formatLength(lateralNeed.depthSlabFt * IN_PER_FT)}.`
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
      `${actions.name.charAt(0).toUpperCase()}${actions.name.slice(1)} on ${lateralPost} asks for ` +
      `${Number.isFinite(needFt) ? formatLength(needFt * IN_PER_FT) : 'over 30 ft'} in the ground, ` +
      `${lateralNeed.constrained ? 'held at grade by the slab' : 'not held at grade'}; it has ${formatLength(has * IN_PER_FT)}.`,
    fix: lateralNeed.constrained
      ? 'Go deeper, or fill the hole with concrete.'
      : `Go deeper, or tie a slab to the posts. ${other}`,
    trace,
  })
}

/** Why the posts cannot be judged sideways in the ground. */
export function lateralUnknown({
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
