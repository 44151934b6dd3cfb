import { STEEPEST_PER12 } from '../../frame'
import { cannot } from '../check'

/** Ground between the spot heights that is too steep for what is sized here (IBC 2021 1808.7). */
export function steepGround({ steepestPer12 }: { readonly steepestPer12: number }) {
  if (!(steepestPer12 > STEEPEST_PER12)) return null
  return cannot({
    member: 'hole',
    rule: 'steepGround',
    place: '',
    id: 'ground-steep',
    stage: 'holes',
    facts: { steepestPer12 },
  })
}
