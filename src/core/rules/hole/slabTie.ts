import type { HoleKind, Lateral, LateralCase } from '../../frame'
import { slabForceLb } from '../../ground'
import type { PostName } from '../../layout'
import type { Building } from '../../model'
import { IN_PER_FT, NEGLIGIBLE } from '../../units'
import { cannot, firstAmong, judged } from '../check'

/** What the slab gives back to one post under one wind case, lb. */
const forceOf = ({ shearLb, momentFtLb }: LateralCase, depthFt: number): number =>
  slabForceLb({ shearLb: Math.abs(shearLb), momentFtLb: Math.abs(momentFtLb) }, depthFt)

/**
 * The tie that lets a slab hold a post at grade, lb: the whole level reaction there, V + 4·M/(3·d), square to the wall,
 * against its rating. Null where no slab is counted on, and where nothing pushes on these posts. A slab that only bears
 * against the posts helps one way only.
 */
export function slabTie({
  hole,
  lateral,
  names,
  building,
}: {
  readonly hole: Pick<HoleKind, 'kind' | 'postIds' | 'depthIn' | 'embedIn'>
  readonly lateral: Pick<Lateral, 'cases'>
  readonly names: ReadonlyMap<string, PostName>
  readonly building: Pick<Building, 'school' | 'slab' | 'slabTieLb'>
}) {
  if (building.slab !== 'tied') return null
  const depthFt = (building.school === 'pier' ? hole.depthIn : hole.embedIn) / IN_PER_FT
  const pulls = hole.postIds.flatMap((postId) =>
    (lateral.cases[postId] ?? []).map((wind) => ({ postId, wind, forceLb: forceOf(wind, depthFt) })),
  )
  const [first, ...rest] = pulls
  if (!first) return null
  const { postId, wind, forceLb } = rest.reduce((most, each) => (each.forceLb > most.forceLb ? each : most), first)
  if (forceLb < NEGLIGIBLE) return null
  const ratedLb = building.slabTieLb
  const name = {
    member: 'hole',
    rule: 'slabTie',
    place: hole.kind,
    id: `slab-tie-${hole.kind}`,
    stage: 'holes',
    subjects: firstAmong(postId, hole.postIds),
  } as const
  const facts = { post: names.get(postId)?.name ?? postId, wind, depthFt, forceLb, ratedLb }
  if (ratedLb === null) return cannot({ ...name, facts })
  return judged({
    ...name,
    group: 'ground',
    demand: forceLb,
    capacity: ratedLb,
    unit: 'lb',
    combination: '0.6W',
    facts,
  })
}
