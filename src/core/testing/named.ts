import { bearersOf, bindWhatCan, type FieldRecord } from '../field'
import type { PostName } from '../layout'

/** The identity of the post that people call so. */
export function idNamed(posts: readonly PostName[], name: string): string {
  const post = posts.find((each) => each.name === name)
  if (!post) throw new Error(`no post is called ${name}`)
  return post.id
}

/** Records that name posts as people do, bound to the posts that bear the names. */
export function boundTo(posts: readonly PostName[], records: readonly FieldRecord[]): FieldRecord[] {
  const names = Object.fromEntries(posts.map(({ id, name }) => [id, name]))
  const bearers = bearersOf({ posts: [], givenUp: [] }, names)
  return records.map((record) => bindWhatCan(record, new Set(Object.keys(names)), bearers))
}
