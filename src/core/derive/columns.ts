import { type Post } from '../layout'
import type { Building, Job } from '../model'
import { type Check, notChecked, entryOf } from '../result'
import { postSize } from '../wood'
import { type ColumnBasis } from '../rules/post/basis'
import { type ColumnResult, columnWorst } from '../rules/post/strength'
import type { PostDemand } from '../frame/demands'
import type { Lateral } from '../frame/lateral'
import type { HoleKind } from '../frame/holes'
import { type LateralCase } from '../frame/lateralCase'
import type { Bent } from '../drawn/postDiagram'
import { kindName } from './postNames'
import { sagCheck, shearCheck, slenderCheck, workingCheck } from './postWorking'

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
    const demand = entryOf(demands, post.id)
    const cs = entryOf(lateral.cases, post.id)
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
    for (const lateralCase of entryOf(lateral.cases, post.id))
      if (!most || Math.abs(lateralCase.shearLb) > Math.abs(most.lateralCase.shearLb)) most = { post, lateralCase }
  if (!most) return out
  const hardest = most
  out.push(shearCheck({ hardest, pier, hole, basis, common, name, standing }))
  const sags = own.filter((post) => entryOf(demands, post.id).claddingPlf > 0)
  if (sags.length) {
    out.push(sagCheck({ sags, demands, pier, basis, common, hole, name, building }))
  }
  return out
}
