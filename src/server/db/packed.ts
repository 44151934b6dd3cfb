import { deflateSync, inflateSync } from 'node:zlib'

/** A JSON value as it is kept in a binary column. */
export const pack = (value: unknown): Buffer => deflateSync(JSON.stringify(value))

/** What was kept. */
export const unpack = (kept: Buffer): unknown => JSON.parse(inflateSync(kept).toString('utf8'))
