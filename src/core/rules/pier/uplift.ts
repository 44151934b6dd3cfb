import { cannot, judged } from '../check'
import { mostOf, type PierCase } from './case'

/** Brackets against what lifts their posts, lb: a rated value. Null where nothing lifts them. */
export function uplift({ pier, posts }: PierCase) {
  const { post, upLb } = mostOf(posts, (each) => each.upLb)
  if (upLb <= 0) return null
  const ratedLb = pier.upliftLb
  const name = {
    member: 'pier',
    rule: 'uplift',
    place: '',
    id: 'pier-uplift',
    stage: 'holes',
    subjects: [post.id],
  } as const
  const facts = { post, demandLb: upLb, ratedLb, count: posts.length }
  if (ratedLb === null) return cannot({ ...name, facts })
  return judged({
    ...name,
    group: 'joint',
    demand: upLb,
    capacity: ratedLb,
    unit: 'lb',
    combination: '0.6D+0.6W',
    facts,
  })
}
