import { IN_PER_FT, IN2_PER_FT2, ROUNDING } from '../units'
import { cleatUpliftLb, collarUpliftLb, pierUpliftLb } from '../ground'
import { bearingStrengthPsi, BOLT_YIELD_PSI, yieldLimit, yieldLine } from '../joints'
import type { Post } from '../layout'
import type { Building } from '../model'
import { type Check, line, makeCheck, sig, entryOf } from '../result'
import { postSize, specificGravity, DURATION } from '../wood'
import type { PostDemand } from '../frame/demands'
import type { HoleKind } from '../frame/holes'

/** Bars or bolts that pass the uplift from the post into its collar or cleats (NDS 2018 12.3). */
export function fixingCheck({
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
  const cap = limit.zLb * DURATION.wind * 0.7 * collar.count
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
export function upliftCheck({
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
  const demand = entryOf(demands, hole.governing.uplift)
  const post = posts.get(hole.governing.uplift)
  const postWeight = (demand.postWeightPlf * ((post?.heightIn ?? 0) + hole.embedIn)) / IN_PER_FT
  const hold = () => {
    if (building.school === 'pier')
      return pierUpliftLb(hole.diameterIn, (hole.depthIn + building.bracketIn) / IN_PER_FT).trace()
    if (building.school === 'collar')
      return collarUpliftLb({
        diameterIn: hole.diameterIn,
        heightIn: Math.min(building.collarHeightIn, hole.embedIn),
        topFt: Math.max(0, hole.embedIn - building.collarHeightIn) / IN_PER_FT,
        postAreaFt2: postSize(building.post).areaIn2 / IN2_PER_FT2,
        postWeightLb: postWeight,
        coneDeg: building.coneAngleDeg,
      }).trace()
    if (building.cleat)
      return cleatUpliftLb({
        ...building.cleat,
        topFt: Math.max(0, hole.embedIn - 1.5) / IN_PER_FT,
        postAreaFt2: postSize(building.post).areaIn2 / IN2_PER_FT2,
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
        numbers: `${sig(demand.windUpLb / Math.max(demand.roofFt2, ROUNDING))} × ${sig(demand.roofFt2)}`,
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
