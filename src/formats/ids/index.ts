import { customAlphabet } from 'nanoid'

const letters = customAlphabet('0123456789abcdefghijklmnopqrstuvwxyz', 12)

/** A new identity of a post: made once, never used again. 36¹² of them; two are never alike in the life of a job. */
export const newPostId = (): string => `p-${letters()}`

const hex = customAlphabet('0123456789abcdef', 24)

/** A name that no other device, record, window or save will have. Made without what browsers keep for secure pages. */
export const newId = (letters = 24): string => hex(letters)
