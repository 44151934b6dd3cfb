import { customAlphabet } from 'nanoid'

const letters = customAlphabet('0123456789abcdefghijklmnopqrstuvwxyz', 12)

/** A new identity of a post: made once, never used again. 36¹² of them; two are never alike in the life of a job. */
export const newPostId = (): string => `p-${letters()}`
