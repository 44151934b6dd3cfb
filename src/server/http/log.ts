import pino, { type Logger } from 'pino'

/** One logger a process, for the server's own file and for the routes that Next bundles apart. */
const holder = globalThis as { burdockLog?: Logger }

/** The server's log: one JSON line an event, on standard output. Never a document, never SQL. */
export const log = (): Logger =>
  (holder.burdockLog ??= pino({
    level: process.env.BURDOCK_LOG ?? 'info',
    base: null,
    redact: ['req.headers.cookie', 'req.headers.authorization'],
    timestamp: pino.stdTimeFunctions.isoTime,
  }))

/** What may be said of an error in a log: its kind and where it was raised. Its message may hold SQL or a document. */
export function faultFacts(error: unknown): Readonly<Record<string, unknown>> {
  if (!(error instanceof Error)) return { name: typeof error }
  const { code, errno, sqlState } = error as Error & { code?: unknown; errno?: unknown; sqlState?: unknown }
  const frames = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line))
  return { name: error.name, code, errno, sqlState, at: frames.slice(0, 6).map((line) => line.trim()) }
}
