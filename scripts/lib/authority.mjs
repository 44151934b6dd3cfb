// A yard's own authority and the certificate of its server: made once in the data folder, the certificate again when it
// runs out or the yard is reached by other names. The authority's key never leaves the folder.
import { X509Certificate } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { isIP } from 'node:net'
import path from 'node:path'

const DAY_MS = 86_400_000
const AUTHORITY_DAYS = 10 * 365
/** Phones take no certificate that lasts longer than this. */
const SERVER_DAYS = 397
/** One that ends sooner is made anew at a start. */
const LEAST_DAYS = 30

const EC = { keyType: 'ec', curve: 'P-256', algorithm: 'sha256' }
const daysFrom = (days) => new Date(Date.now() + days * DAY_MS)
const secret = (file, text) => writeFileSync(file, text, { mode: 0o600 })

async function makeAuthority(files, generate) {
  const made = await generate([{ name: 'commonName', value: 'Burdock, this yard' }], {
    ...EC,
    notBeforeDate: daysFrom(-1),
    notAfterDate: daysFrom(AUTHORITY_DAYS),
    extensions: [
      { name: 'basicConstraints', cA: true, critical: true },
      { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true },
    ],
  })
  secret(files.authorityKey, made.private)
  writeFileSync(files.authority, made.cert)
}

/** Whether a certificate still stands: for all these names, signed by this authority, and for long enough. */
function stands(cert, authority, names) {
  const own = new X509Certificate(cert)
  const fits = names.every((name) => (isIP(name) ? own.checkIP(name) : own.checkHost(name)) !== undefined)
  const left = (Date.parse(own.validTo) - Date.now()) / DAY_MS
  return fits && left > LEAST_DAYS && own.verify(new X509Certificate(authority).publicKey)
}

/** The files of a yard's certificate for some names, made where they are missing or do not stand any more. */
export async function yardCertificate(folder, names) {
  const { generate } = await import('selfsigned')
  const own = path.join(folder, 'tls')
  mkdirSync(own, { recursive: true, mode: 0o700 })
  const at = (name) => path.join(own, name)
  const files = {
    authority: at('authority.crt'),
    authorityKey: at('authority.key'),
    cert: at('yard.crt'),
    key: at('yard.key'),
  }
  if (!existsSync(files.authority) || !existsSync(files.authorityKey)) await makeAuthority(files, generate)
  const authority = readFileSync(files.authority, 'utf8')
  if (existsSync(files.cert) && stands(readFileSync(files.cert), authority, names)) return files
  const made = await generate([{ name: 'commonName', value: names[0] }], {
    ...EC,
    notBeforeDate: daysFrom(-1),
    notAfterDate: daysFrom(SERVER_DAYS),
    ca: { cert: authority, key: readFileSync(files.authorityKey, 'utf8') },
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: names.map((name) => (isIP(name) ? { type: 7, ip: name } : { type: 2, value: name })),
      },
    ],
  })
  secret(files.key, made.private)
  writeFileSync(files.cert, made.cert)
  return files
}
