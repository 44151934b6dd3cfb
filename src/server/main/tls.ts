import { readFileSync } from 'node:fs'

/** What the yard's server proves itself with; null where it is not asked over TLS by itself. */
export interface Tls {
  readonly port: number
  readonly cert: Buffer
  readonly key: Buffer
}

/** TLS as the start script has set it: a port, and files of a certificate and its key. */
export function tlsOf(env: NodeJS.ProcessEnv): Tls | null {
  const { BURDOCK_TLS_PORT: port, BURDOCK_TLS_CERT: cert, BURDOCK_TLS_KEY: key } = env
  if (!port || !cert || !key) return null
  return { port: Number(port), cert: readFileSync(cert), key: readFileSync(key) }
}
