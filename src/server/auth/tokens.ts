import 'server-only'
import { createHash, randomBytes } from 'node:crypto'
import { customAlphabet, nanoid } from 'nanoid'

/** Bytes of a token: nobody finds one by trying. */
const TOKEN_BYTES = 32

/** A token that a browser keeps; the database keeps its hash alone. */
export const newToken = (): string => randomBytes(TOKEN_BYTES).toString('base64url')

/** What the database keeps of a token or a code. Both are too long to be found from it. */
export const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex')

export const newRowId = (): string => nanoid(16)

/** Letters that are not taken for each other when a code is read aloud. */
const code = customAlphabet('ABCDEFGHJKLMNPQRSTUVWXYZ23456789', 12)

/** The code of an invitation: sixty bits, read aloud or opened as a link. */
export const newCode = (): string => code()

/** A code as it was typed: letters large, what stands between them left out. */
export const readCode = (typed: string): string => typed.toUpperCase().replace(/[^A-Z0-9]/g, '')
