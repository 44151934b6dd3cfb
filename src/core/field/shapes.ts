import { z } from 'zod'

/** A name that a device gives to what it makes. */
export const key = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/)
/** A post’s identity. Phones and printed codes from before posts had one send its name, which the server reads. */
export const post = key.describe('A post, by its identity')
export const length = (max: number) => z.number().min(0).max(max)
