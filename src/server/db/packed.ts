import { deflateSync } from 'node:zlib'

/** A JSON value as it is kept in a binary column. */
export const pack = (value: unknown): Buffer => deflateSync(JSON.stringify(value))
