import { cannot, judged } from '../check'
import { mostOf, type PierCase } from './case'

/** Brackets against shear in the plane of their wall, lb: a rated value. Null where no wall takes any. */
export function along({ pier, posts }: PierCase) {
  const { post, alongLb: demandLb } = mostOf(posts, (each) => each.alongLb)
  if (demandLb <= 0) return null
  const ratedLb = pier.alongLb
  const name = {
    member: 'pier',
    rule: 'along',
    place: '',
    id: 'pier-along',
    stage: 'holes',
    subjects: [post.id],
  } as const
  const facts = { post, demandLb, ratedLb, count: posts.length }
  if (ratedLb === null) return cannot({ ...name, facts })
  return judged({
    ...name,
    group: 'joint',
    demand: demandLb,
    capacity: ratedLb,
    unit: 'lb',
    combination: '0.6W',
    facts,
  })
}
