import { cannot, judged } from '../check'
import { mostOf, type PierCase } from './case'

/**
 * Anchors of the brackets in the concrete against what lifts their posts, lb: a rated value (ACI 318-19 chapter 17).
 * Null where nothing lifts them.
 */
export function anchor({ pier, posts }: PierCase) {
  const { post, upLb } = mostOf(posts, (each) => each.upLb)
  if (upLb <= 0) return null
  const ratedLb = pier.anchorLb
  const name = {
    member: 'pier',
    rule: 'anchor',
    place: '',
    id: 'pier-anchor',
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
