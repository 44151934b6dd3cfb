import type { Post } from '../layout'

/** Every so many posts one is read twice, where not all are. */
const EVERY = 5

/**
 * Posts of which a second reading is asked for, in the order of the way back: the high point, corners and every fifth, or
 * all; none that is unread, or was read twice alike.
 */
export function secondsWanted(
  order: readonly string[],
  {
    posts,
    highPost,
    isRead,
    confirmed,
    rule,
  }: {
    readonly posts: readonly Pick<Post, 'id' | 'kind'>[]
    readonly highPost: string | null
    readonly isRead: (id: string) => boolean
    readonly confirmed: ReadonlySet<string>
    readonly rule: 'some' | 'all'
  },
): readonly string[] {
  const corners = new Set(posts.flatMap(({ id, kind }) => (kind === 'corner' ? [id] : [])))
  const isAsked = (id: string, i: number) =>
    rule === 'all' || id === highPost || corners.has(id) || (i + 1) % EVERY === 0
  return order.filter((id, i) => isAsked(id, i) && isRead(id) && !confirmed.has(id)).reverse()
}
