// npm start -- --site : how the server is reached from beyond this machine. From HOST, PUBLIC_URL, BURDOCK_TLS_PORT and the
// user's own certificate, or from what this machine says of itself.
import { randomBytes } from 'node:crypto'
import { existsSync } from 'node:fs'
import os from 'node:os'
import { yardCertificate } from './authority.mjs'
import { say } from './say.mjs'

const SITE_PORT = 3443
const HELP_PORT = 3080

/** The first address of this machine in its own network; the machine's name where it has none. */
function ownAddress() {
  const all = Object.values(os.networkInterfaces()).flat()
  return all.find((each) => each && !each.internal && each.family === 'IPv4')?.address ?? os.hostname()
}

/** A port that a variable names, or the usual one. */
function portOf(name, usual) {
  const port = Number(process.env[name] ?? usual)
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Error(`${name} should be a number from 1 to 65535, not “${process.env[name]}”`)
  return port
}

/** A public address that somebody typed. */
function addressOf(text) {
  const url = URL.canParse(text) ? new URL(text) : null
  if (!url || !/^https?:$/.test(url.protocol) || url.pathname !== '/')
    throw new Error(`PUBLIC_URL should be like https://yard.example:3443, not “${text}”`)
  return url
}

/** The user's own certificate, by two files; null where none is named. */
function ownCertificate() {
  const { BURDOCK_CERT: cert, BURDOCK_KEY: key } = process.env
  if (!cert && !key) return null
  for (const file of [cert, key])
    if (!file || !existsSync(file))
      throw new Error('BURDOCK_CERT and BURDOCK_KEY should both name a file that is there')
  return { cert, key }
}

/** Three groups of four letters, shown where Burdock was started: whoever sits there makes the owner's account. */
const setupCode = () =>
  randomBytes(6)
    .toString('hex')
    .toUpperCase()
    .replace(/(.{4})(?=.)/g, '$1 ')

/**
 * What the server is told of the site, and what is said of it; null without `--site`. Behind a proxy of one's own, which
 * has the certificate, PUBLIC_URL and BURDOCK_PROXY=1 are enough, without `--site`.
 */
export async function yardOf(folder, wanted) {
  if (!wanted) return process.env.PUBLIC_URL ? proxied(addressOf(process.env.PUBLIC_URL)) : null
  const port = portOf('BURDOCK_TLS_PORT', SITE_PORT)
  const helpPort = portOf('BURDOCK_HELP_PORT', HELP_PORT)
  const url = addressOf(process.env.PUBLIC_URL ?? `https://${ownAddress()}:${port}`)
  const names = [...new Set([url.hostname, ownAddress(), os.hostname()])]
  const own = ownCertificate()
  const made = own ? null : await yardCertificate(folder, names)
  const env = {
    PUBLIC_URL: url.origin,
    BURDOCK_TLS_PORT: String(port),
    BURDOCK_TLS_HOST: process.env.HOST ?? '0.0.0.0',
    BURDOCK_TLS_CERT: (own ?? made).cert,
    BURDOCK_TLS_KEY: (own ?? made).key,
    BURDOCK_SETUP_CODE: setupCode(),
    ...(made ? { BURDOCK_AUTHORITY: made.authority, BURDOCK_HELP_PORT: String(helpPort) } : {}),
  }
  return { env, tell: telling(env, made && `http://${url.hostname}:${helpPort}`) }
}

/** What a server behind a proxy of one's own is told, which has the certificate. */
function proxied(url) {
  const env = { PUBLIC_URL: url.origin, BURDOCK_SETUP_CODE: setupCode() }
  return { env, tell: telling(env, null) }
}

/** Says where the site is, where a phone takes its certificate, and the code of the first account while there is none. */
const telling =
  ({ PUBLIC_URL, BURDOCK_SETUP_CODE }, help) =>
  (hasOwner) => {
    say(`for phones and other machines: ${PUBLIC_URL}`)
    if (help) say(`a phone takes its certificate once from ${help}`)
    if (!hasOwner) say(`nobody has an account yet: make the owner’s there, with the code ${BURDOCK_SETUP_CODE}`)
  }
