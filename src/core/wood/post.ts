import type { Building, OwnGrade } from '../model'
import { boardValues, type DesignValues, glulamValues, timberValues, treated } from './lumber'
import { postSize } from './sections'

/** What posts are made of. */
export interface PostWood {
  readonly post: Building['post']
  readonly grades: readonly OwnGrade[]
}

/**
 * Design values of the posts' wood, less what incising takes where it is treated and incised; null where none are
 * tabled, and for glue-laminated posts where none were entered.
 */
export function postValues({ post, grades }: PostWood): DesignValues | null {
  const size = postSize(post)
  const whole = () => {
    if (size.wood === 'glulam') return glulamValues(post.lumber, grades)
    if (size.wood === 'solid') return timberValues(post.lumber, grades)
    return boardValues(post.lumber, Number(size.nominal), grades)
  }
  const values = whole()
  return values && treated(values, post.incised)
}
