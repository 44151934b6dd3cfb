import { cannot, judged } from '../check'
import { mostOf, type PierCase } from './case'

/** Brackets against shear square to their wall, lb: a rated value. Null where nothing pushes on the posts. */
export function across({ pier, posts }: PierCase) {
  const { post, acrossLb: demandLb } = mostOf(posts, (each) => each.acrossLb)
  if (demandLb <= 0) return null
  const ratedLb = pier.acrossLb
  const name = {
    member: 'pier',
    rule: 'across',
    place: '',
    id: 'pier-across',
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
