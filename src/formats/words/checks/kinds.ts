import type { PostKind } from '@/core/layout'

const POSTS: Readonly<Record<PostKind, string>> = {
  corner: 'Corner posts',
  eave: 'Eave posts',
  gable: 'Gable posts',
  jamb: 'Jamb posts',
  'lean-to': 'Lean-to posts',
}

/** Plural name of a kind of post, as cards and checks write it. */
export const kindName = (kind: string): string => POSTS[kind as PostKind]
