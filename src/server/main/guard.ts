import type { IncomingMessage } from 'node:http'

/** Where this server may be asked: by which hosts, and from pages of which origins. */
export interface Addresses {
  readonly hosts: ReadonlySet<string>
  readonly origins: ReadonlySet<string>
}

const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]']

/** Whether a server is asked from beyond its own machine: by the address that it listens on, or by its public one. */
export function isBeyond(hostname: string, publicUrl: string | undefined): boolean {
  const names = [hostname, ...(publicUrl ? [new URL(publicUrl).hostname] : [])]
  return names.some((name) => ![...LOOPBACK, '::1'].includes(name))
}

/** The addresses of a server on loopback and, where it has one, its public address. */
export function addressesOf(port: number, publicUrl: string | undefined): Addresses {
  const own = LOOPBACK.map((name) => `${name}:${port}`)
  const open = publicUrl ? new URL(publicUrl) : null
  return {
    hosts: new Set([...own, ...(open ? [open.host] : [])]),
    origins: new Set([...own.map((host) => `http://${host}`), ...(open ? [open.origin] : [])]),
  }
}

/** What is wrong with a request before anybody reads it. */
export type Wrong = 'host' | 'origin' | 'address'

const READS = ['GET', 'HEAD', 'OPTIONS']

/** Whether the address can be read: half a percent sign is no address. */
function reads(url: string): boolean {
  try {
    decodeURIComponent(url)
    return url.startsWith('/')
  } catch {
    return false
  }
}

/**
 * A name that somebody made point at this machine is not this server (DNS rebinding); a page of another origin may not
 * write here, whatever the browser lets it send. A program that is no browser says neither origin nor site.
 */
export function wrongWith(
  request: Pick<IncomingMessage, 'headers' | 'method' | 'url'>,
  { hosts, origins }: Addresses,
): Wrong | null {
  const { host, origin } = request.headers
  if (host === undefined || !hosts.has(host.toLowerCase())) return 'host'
  if (!reads(request.url ?? '')) return 'address'
  if (READS.includes(request.method ?? 'GET')) return null
  if (origin !== undefined) return origins.has(origin.toLowerCase()) ? null : 'origin'
  const site = request.headers['sec-fetch-site']
  return site === undefined || site === 'same-origin' || site === 'none' ? null : 'origin'
}
