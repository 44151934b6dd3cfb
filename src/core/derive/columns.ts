import { IN_PER_FT } from '../units'
import { type Post } from '../layout'
import type { Building, Job } from '../model'
import { type Check, type Diagram, line, makeCheck, notChecked, sig } from '../result'
import { postSize, wetFactors } from '../wood'
import { type ColumnBasis, type ColumnResult, columnWorst, seatMomentFtLb } from './columnStrength'
import { columnTrace } from './columnTrace'
import type { PostDemand } from './demands'
import type { Lateral } from './frames'
import type { HoleKind } from './holes'
import { type LateralCase, momentAtFtLb } from './lateralCase'
import { kindName } from './postNames'

/** What bends a post, for drawing: its wind, and its shear and moment at grade. */
type Bent = Pick<LateralCase, 'plf' | 'shearLb' | 'momentFtLb'>

/**
 * Cladding wind by itself on a post held at its top: 5/8 and 1/8 of w·H and w·H² at grade, or half of w·H where it
 * turns on a bracket.
 */
const cladBent = (plf: number, heightFt: number, pinned: boolean): Bent => ({
  plf,
  shearLb: (pinned ? 0.5 : 0.625) * plf * heightFt,
  momentFtLb: pinned ? 0 : (plf * heightFt ** 2) / 8,
})

/** Shear and moment along a post for drawing, from grade or its bracket up. */
function postDiagram(bent: Bent, heightIn: number, capacityInLb: number | null): Diagram {
  const steps = 32
  const places = Array.from({ length: steps + 1 }, (_, i) => (heightIn * i) / steps)
  return {
    lengthIn: heightIn,
    x: places,
    upright: true,
    capacityInLb,
    shearLb: places.map((place) => bent.shearLb - (bent.plf * place) / IN_PER_FT),
    momentInLb: places.map((place) => IN_PER_FT * momentAtFtLb(bent, place / IN_PER_FT)),
    deflectionIn: places.map(() => 0),
    points: [],
    lines: [
      { fromIn: 0, toIn: heightIn, startLbIn: bent.plf / IN_PER_FT, endLbIn: bent.plf / IN_PER_FT, name: 'wind' },
    ],
    supportsIn: [0, heightIn],
  }
}

/** How far wind on the cladding sags the post (IBC 2021 Table 1604.3). */
function sagCheck({
  sags,
  demands,
  pier,
  basis,
  common,
  hole,
  name,
  building,
}: {
  readonly sags: Post[]
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly pier: boolean
  readonly basis: ColumnBasis
  readonly common: { stage: 'posts'; group: 'column'; subjects: string[] }
  readonly hole: HoleKind
  readonly name: string
  readonly building: Building
}): Check {
  const most = sags.reduce((best, sag) =>
    demands[sag.id].claddingPlf * sag.heightIn ** 4 > demands[best.id].claddingPlf * best.heightIn ** 4 ? sag : best,
  )
  const lbPerIn = (demands[most.id].claddingPlf * 0.42) / 0.6 / IN_PER_FT
  const sag = pier
    ? (5 * lbPerIn * basis.lengthIn(most) ** 4) / (384 * basis.values.ePsi * basis.size.iIn4)
    : (lbPerIn * most.heightIn ** 4) / (185 * basis.values.ePsi * basis.size.iIn4)
  return makeCheck({
    ...common,
    subjects: [most.id, ...hole.postIds.filter((postId) => postId !== most.id)],
    id: `sag-${hole.kind}`,
    title: `${name}: sag under wind`,
    demand: sag,
    capacity: most.heightIn / building.postSag,
    unit: 'in',
    combination: '0.42·W',
    place: 'at mid-height',
    governs: `Cladding wind bends ${most.id} ${sig(sag)} in.; its height over ${building.postSag} is allowed.`,
    fix: 'A deeper section.',
    diagram: () =>
      postDiagram(
        cladBent(demands[most.id].claddingPlf, basis.lengthIn(most) / IN_PER_FT, pier),
        basis.lengthIn(most),
        null,
      ),
    trace: () => [
      line({
        label: 'Sag under 0.42·p',
        formula: pier ? '5·w·H⁴/(384·E·I)' : 'w·H⁴/(185·E·I)',
        numbers: pier
          ? `5 × ${sig(lbPerIn)} × ${sig(basis.lengthIn(most))}⁴/(384 × ${sig(basis.values.ePsi)} × ` +
            `${sig(basis.size.iIn4)})`
          : `${sig(lbPerIn)} × ${sig(most.heightIn)}⁴/(185 × ${sig(basis.values.ePsi)} × ${sig(basis.size.iIn4)})`,
        value: sag,
        unit: 'in',
        clause: 'IBC 2021 Table 1604.3 note f',
      }),
    ],
  })
}

/** Shear at and below grade: the soil gives back up to 4·M/(3·d) (NDS 2018 3.4.2). */
function shearCheck({
  hardest,
  pier,
  hole,
  basis,
  common,
  name,
  standing,
}: {
  readonly hardest: { readonly post: Post; readonly lateralCase: LateralCase }
  readonly pier: boolean
  readonly hole: HoleKind
  readonly basis: ColumnBasis
  readonly common: { stage: 'posts'; group: 'column'; subjects: string[] }
  readonly name: string
  readonly standing: (bent: Bent) => Bent
}): Check {
  const shearPsi = Math.max(
    Math.abs(hardest.lateralCase.shearLb),
    pier || hole.embedIn <= 0 ? 0 : (4 * Math.abs(hardest.lateralCase.momentFtLb)) / (3 * (hole.embedIn / IN_PER_FT)),
  )
  const fv = (1.5 * shearPsi) / basis.size.areaIn2
  const fvAllowed = basis.values.fv * 1.6 * wetFactors(basis.values, basis.wet).fv
  return makeCheck({
    ...common,
    id: `shear-${hole.kind}`,
    title: `${name}: shear`,
    demand: fv,
    capacity: fvAllowed,
    unit: 'psi',
    combination: 'D+0.6W',
    place: 'at or below grade',
    governs: `Wind shears ${hardest.post.id} with ${Math.round(shearPsi).toLocaleString('en-US')} lb at or below grade.`,
    fix: 'A larger section.',
    diagram: () => postDiagram(standing(hardest.lateralCase), basis.lengthIn(hardest.post), null),
    trace: () => [
      pier || hole.embedIn <= 0
        ? line({
            label: 'Largest shear',
            formula: 'V',
            numbers: sig(Math.abs(hardest.lateralCase.shearLb)),
            value: shearPsi,
            unit: 'lb',
            clause: 'statics',
          })
        : line({
            label: 'Largest shear',
            formula: 'the more of V and 4·M/(3·d)',
            numbers:
              `max(${sig(Math.abs(hardest.lateralCase.shearLb))}, 4 × ` +
              `${sig(Math.abs(hardest.lateralCase.momentFtLb))}/(3 × ${sig(hole.embedIn / IN_PER_FT)}))`,
            value: shearPsi,
            unit: 'lb',
            clause: 'statics',
          }),
      line({
        label: 'Shear stress',
        formula: 'fv = 1.5·V/A',
        numbers: `1.5 × ${sig(shearPsi)}/${sig(basis.size.areaIn2)}`,
        value: fv,
        unit: 'psi',
        clause: 'NDS 2018 3.4.2',
      }),
      line({
        label: 'Allowed',
        formula: "Fv' = Fv·CD·CM",
        numbers: `${sig(basis.values.fv)} × 1.6 × ${wetFactors(basis.values, basis.wet).fv}`,
        value: fvAllowed,
        unit: 'psi',
        clause: basis.values.table,
        verify: basis.values.verify,
      }),
    ],
  })
}

/** Axial load and bending together at the worst place of the post (NDS 2018 3.9). */
function workingCheck({
  common,
  id,
  title,
  result,
  other,
  fix,
  basis,
  building,
  demands,
  standing,
  pier,
}: {
  readonly common: { stage: 'posts'; group: 'column'; subjects: string[] }
  readonly id: string
  readonly title: string
  readonly result: ColumnResult
  readonly other: Post
  readonly fix:
    | 'Without a roof diaphragm these posts stand alone: a much deeper section, knee braces, or a checked diaphragm.'
    | 'A deeper ply, a fourth ply, a better grade, or posts closer together.'
  readonly basis: ColumnBasis
  readonly building: Building
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly standing: (bent: Bent) => Bent
  readonly pier: boolean
}): Check {
  return makeCheck({
    ...common,
    id,
    title,
    demand: Number.isFinite(result.ratio) ? result.ratio : 9.99,
    capacity: 1,
    unit: '',
    combination: result.axial.name,
    place: result.section,
    governs:
      `${result.axial.name}${result.lateralCase ? ` with ${result.lateralCase.name}` : ''} works ${other.id} ` +
      `hardest, ${result.section}.`,
    fix,
    trace: () => columnTrace(basis, result, other, seatMomentFtLb(building, other, demands[other.id].gravityLb)),
    diagram: () => {
      if (result.lateralCase)
        return postDiagram(standing(result.lateralCase), basis.lengthIn(other), result.fbAllowed * basis.size.sIn3)
      if (result.clad > 0)
        return postDiagram(
          cladBent(result.clad, other.heightIn / IN_PER_FT, pier),
          other.heightIn,
          result.fbAllowed * basis.size.sIn3,
        )
      return null
    },
  })
}

/** A post past the slenderness limit of NDS 2018 3.7.1.4. */
function slenderCheck({
  common,
  id,
  title,
  strong,
  other,
  fix,
  basis,
}: {
  readonly common: { stage: 'posts'; group: 'column'; subjects: string[] }
  readonly id: string
  readonly title: string
  readonly strong: number
  readonly other: Post
  readonly fix:
    | 'Without a roof diaphragm these posts stand alone: a much deeper section, knee braces, or a checked diaphragm.'
    | 'A deeper ply, a fourth ply, a better grade, or posts closer together.'
  readonly basis: ColumnBasis
}): Check {
  return makeCheck({
    ...common,
    id,
    title,
    demand: strong,
    capacity: 50,
    unit: 'le/d',
    governs: `${other.id} is too slender: le/d ${sig(strong)} passes the limit of 50.`,
    fix,
    combination: 'any',
    place: 'whole height',
    trace: () => [
      line({
        label: 'Slenderness',
        formula: 'Ke·H/d',
        numbers: `${basis.keOf(other)} × ${sig(basis.lengthIn(other))}/${sig(basis.size.depthIn)}`,
        value: strong,
        unit: '',
        clause: 'NDS 2018 3.7.1.4',
        verify: 'C07',
      }),
    ],
  })
}

/** The post of this kind that its loads work hardest; the ratio of each is written down. */
function worstColumn({
  building,
  own,
  demands,
  lateral,
  job,
  basis,
  hole,
  ratios,
}: {
  readonly building: Building
  readonly own: Post[]
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly lateral: Lateral
  readonly job: Job
  readonly basis: ColumnBasis
  readonly hole: HoleKind
  readonly ratios: Record<string, number>
}) {
  const constrained = building.slab === 'tied'
  const done = new Map<string, ColumnResult>()
  let worst: ColumnResult | null = null
  for (const post of own) {
    const demand = demands[post.id]
    const cs = lateral.cases[post.id]
    const key = [
      post.heightIn,
      Math.round(demand.gravityLb),
      Math.round(demand.upliftLb),
      Math.round(demand.claddingPlf * 10),
      ...cs.flatMap((lateral) => [Math.round(lateral.momentFtLb), Math.round(lateral.fieldMomentFtLb)]),
    ].join('|')
    let columnResult = done.get(key)
    if (!columnResult) {
      columnResult = columnWorst({ job, basis, post, demand, cases: cs, embedIn: hole.embedIn, constrained })
      done.set(key, columnResult)
    }
    ratios[post.id] = columnResult.ratio
    if (!worst || !(columnResult.ratio <= worst.ratio)) worst = { ...columnResult, postId: post.id }
  }
  return worst
}

/** Strength, shear and sag of the posts of one kind; every post is worked through and the hardest worked governs. */
export function columnChecks({
  job,
  hole,
  posts,
  demands,
  lateral,
  basis,
  ratios,
}: {
  job: Job
  hole: HoleKind
  posts: ReadonlyMap<string, Post>
  demands: Readonly<Record<string, PostDemand>>
  lateral: Lateral
  basis: ColumnBasis | null
  ratios: Record<string, number>
}): Check[] {
  const building = job.building
  const name = kindName(hole.kind)
  const id = `column-${hole.kind}`
  const title = `${name}: bending and load`
  if (!basis || !lateral.values)
    return [
      notChecked({
        id,
        title,
        stage: 'posts',
        why: `No design values are tabled for ${building.post.lumber} in a ${postSize(building.post).label}.`,
        fix: 'Choose a tabled grade, or enter the values off its stamp.',
        subjects: hole.postIds,
      }),
    ]
  const own = hole.postIds.flatMap((postId) => {
    const post = posts.get(postId)
    return post ? [post] : []
  })
  if (own.some((post) => !lateral.cases[post.id]))
    return [
      notChecked({
        id,
        title,
        stage: 'posts',
        why: `The wind on these posts is not computed, so their bending is not either. ${lateral.why}`,
        fix:
          building.school === 'pier'
            ? 'A post that turns on its bracket cannot stand without a roof diaphragm or knee braces.'
            : 'Take these to an engineer.',
        subjects: hole.postIds,
      }),
    ]
  const worst = worstColumn({ building, own, demands, lateral, job, basis, hole, ratios })
  if (!worst) return []
  const result: ColumnResult = worst
  const other = posts.get(result.postId) as Post
  const strong = (basis.keOf(other) * basis.lengthIn(other)) / basis.size.depthIn
  const subjects = [other.id, ...hole.postIds.filter((postId) => postId !== other.id)]
  const free = lateral.relied === 'frames alone'
  const fix = free
    ? 'Without a roof diaphragm these posts stand alone: a much deeper section, knee braces, or a checked diaphragm.'
    : 'A deeper ply, a fourth ply, a better grade, or posts closer together.'
  const common = { stage: 'posts' as const, group: 'column' as const, subjects }
  // A post on a bracket is drawn from its bracket up: nothing bends it there.
  const pier = building.school === 'pier'
  const standing = (bent: Bent): Bent => (pier ? { ...bent, momentFtLb: 0 } : bent)
  const out: Check[] = []
  if (strong > 50) {
    out.push(slenderCheck({ common, id, title, strong, other, fix, basis }))
  } else {
    out.push(workingCheck({ common, id, title, result, other, fix, basis, building, demands, standing, pier }))
  }
  // Shear at and below grade: the soil gives back up to 4M/3d (constrained) or the reverse shear under the turning
  // point.
  let most: { readonly post: Post; readonly lateralCase: LateralCase } | null = null
  for (const post of own)
    for (const lateralCase of lateral.cases[post.id])
      if (!most || Math.abs(lateralCase.shearLb) > Math.abs(most.lateralCase.shearLb)) most = { post, lateralCase }
  if (!most) return out
  const hardest = most
  out.push(shearCheck({ hardest, pier, hole, basis, common, name, standing }))
  const sags = own.filter((post) => demands[post.id].claddingPlf > 0)
  if (sags.length) {
    out.push(sagCheck({ sags, demands, pier, basis, common, hole, name, building }))
  }
  return out
}
