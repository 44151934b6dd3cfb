import type { PostName } from '@/core/layout'

/** The first names of a list of posts, and how many more there are. */
export function someNames(posts: readonly PostName[], most: number, between = ' '): string {
  const names = posts.map(({ name }) => name)
  const rest = names.length - most
  return rest > 0 ? `${names.slice(0, most).join(between)} and ${rest} more` : names.join(between)
}
