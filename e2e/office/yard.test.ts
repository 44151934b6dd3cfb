import { X509Certificate } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs'
import https from 'node:https'
import os from 'node:os'
import path from 'node:path'
import { yardCertificate } from '../../scripts/lib/authority.mjs'
import { freePort } from '../../scripts/lib/ports.mjs'
import { freshSite } from '../../scripts/lib/site.mjs'
import { yardOf } from '../../scripts/lib/yard.mjs'

// A server that is asked from beyond its machine: over TLS with an authority of its own, and by nobody without an account.
const folder = mkdtempSync(path.join(os.tmpdir(), 'burdock-yard-'))
const NAME = 'yard.test'
const CODE = 'AB12 CD34 EF56'
let site: Awaited<ReturnType<typeof freshSite>>
let files: Awaited<ReturnType<typeof yardCertificate>>
let [tlsPort, helpPort] = [0, 0]
beforeAll(async () => {
  files = await yardCertificate(folder, [NAME, '10.77.0.1'])
  tlsPort = await freePort()
  helpPort = await freePort()
  site = await freshSite({
    servers: 1,
    env: {
      PUBLIC_URL: `https://${NAME}:${tlsPort}`,
      BURDOCK_TLS_PORT: String(tlsPort),
      BURDOCK_TLS_HOST: '127.0.0.1',
      BURDOCK_TLS_CERT: files.cert,
      BURDOCK_TLS_KEY: files.key,
      BURDOCK_AUTHORITY: files.authority,
      BURDOCK_HELP_PORT: String(helpPort),
      BURDOCK_SETUP_CODE: CODE,
    },
  })
}, 240_000)
afterAll(async () => {
  await site.stop()
  rmSync(folder, { recursive: true })
})

interface Said {
  readonly status: number
  readonly headers: Readonly<Record<string, string | string[] | undefined>>
  readonly text: string
}

/** Asks the yard as a phone does, which knows its authority or does not. */
const ask = (
  to: string,
  body?: unknown,
  { ca = true, more = {} }: { ca?: boolean; more?: object } = {},
): Promise<Said> =>
  new Promise((resolve, reject) => {
    const request = https.request(
      {
        host: '127.0.0.1',
        port: tlsPort,
        servername: NAME,
        path: to,
        method: body === undefined ? 'GET' : 'POST',
        agent: false,
        headers: {
          host: `${NAME}:${tlsPort}`,
          ...(body === undefined ? { accept: 'text/html' } : { 'content-type': 'application/json' }),
          ...more,
        },
        ...(ca ? { ca: readFileSync(files.authority) } : {}),
      },
      (response) => {
        let text = ''
        response.on('data', (part: Buffer) => (text += part.toString()))
        response.on('end', () => resolve({ status: response.statusCode ?? 0, headers: response.headers, text }))
      },
    )
    request.on('error', reject)
    request.end(body === undefined ? undefined : JSON.stringify(body))
  })
const cookiesOf = ({ headers }: Said) => [headers['set-cookie'] ?? []].flat()

test('the authority is made once; the certificate again for other names, by the same; its keys are its owner’s alone', async () => {
  const certificate = () => new X509Certificate(readFileSync(files.cert))
  const authority = new X509Certificate(readFileSync(files.authority))
  expect(authority.ca).toBe(true)
  expect(certificate().ca).toBe(false)
  expect(certificate().verify(authority.publicKey)).toBe(true)
  expect([certificate().checkHost(NAME), certificate().checkIP('10.77.0.1')]).toEqual([NAME, '10.77.0.1'])
  expect(certificate().checkHost('other.test')).toBeUndefined()
  const days = (Date.parse(certificate().validTo) - Date.now()) / 86_400_000
  expect([days > 390, days < 398]).toEqual([true, true])
  for (const file of [files.authorityKey, files.key]) expect(statSync(file).mode & 0o777).toBe(0o600)
  const before = readFileSync(files.cert, 'utf8')
  await yardCertificate(folder, [NAME])
  expect(readFileSync(files.cert, 'utf8')).toBe(before)
  const elsewhere = mkdtempSync(path.join(os.tmpdir(), 'burdock-yard-'))
  try {
    const other = await yardCertificate(elsewhere, [NAME])
    const first = readFileSync(other.authority, 'utf8')
    await yardCertificate(elsewhere, [NAME, 'second.test'])
    expect(readFileSync(other.authority, 'utf8')).toBe(first)
    expect(new X509Certificate(readFileSync(other.cert)).checkHost('second.test')).toBe('second.test')
  } finally {
    rmSync(elsewhere, { recursive: true })
  }
})

test('behind a proxy too the start prints the code that the first account asks for', async () => {
  const printed: string[] = []
  const write = jest.spyOn(process.stdout, 'write').mockImplementation((text) => printed.push(String(text)) > 0)
  const before = process.env.PUBLIC_URL
  try {
    process.env.PUBLIC_URL = 'https://yard.example/'
    const yard = await yardOf(folder, false)
    yard?.tell(false)
    expect(yard?.env).toMatchObject({ PUBLIC_URL: 'https://yard.example' })
    expect(printed.join(' ')).toContain(yard?.env.BURDOCK_SETUP_CODE)
    process.env.PUBLIC_URL = 'yard.example'
    await expect(yardOf(folder, false)).rejects.toThrow(/should be like https/)
  } finally {
    write.mockRestore()
    if (before === undefined) delete process.env.PUBLIC_URL
    else process.env.PUBLIC_URL = before
  }
})

test('who knows the authority gets in to where one signs in, and no further; who does not, not at all', async () => {
  await expect(ask('/sign-in', undefined, { ca: false })).rejects.toThrow(/certificate/)
  expect((await ask('/sign-in')).status).toBe(200)
  for (const page of ['/', '/field', '/pocket', '/people']) {
    const { status, headers } = await ask(page)
    expect([page, status, headers.location]).toEqual([page, 302, `/sign-in?to=${encodeURIComponent(page)}`])
  }
  for (const route of ['/api/jobs', '/api/backup', '/api/people']) expect((await ask(route)).status).toBe(401)
  // From the machine itself it is the same: an office that others reach is open to nobody.
  expect((await fetch(`${site.servers()[0].base}/api/jobs`)).status).toBe(401)
})

test('only whoever sees the code makes the owner’s account; its cookies go over TLS alone', async () => {
  const shown = { name: 'Juniper', secret: 'three blue gates', label: 'desk' }
  for (const code of ['', 'AB12CD34EF57', '%'])
    expect((await ask('/api/owner', { ...shown, code })).text).toContain('setup-code')
  const made = await ask('/api/owner', { ...shown, code: CODE.toLowerCase().replaceAll(' ', '-') })
  expect(made.status).toBe(200)
  expect(cookiesOf(made)).toHaveLength(2)
  for (const line of cookiesOf(made)) expect(line).toMatch(/; Secure/)
  const cookie = cookiesOf(made)
    .map((line) => line.split(';')[0])
    .join('; ')
  expect((await ask('/people', undefined, { more: { cookie } })).status).toBe(200)
  // On the machine itself, without TLS, a browser would not send a cookie that asks for it.
  const signedIn = await fetch(`${site.servers()[0].base}/api/sign-in`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(shown),
  })
  expect(signedIn.headers.getSetCookie()).toHaveLength(2)
  for (const line of signedIn.headers.getSetCookie()) expect(line).not.toMatch(/Secure/)
})

test('a phone takes the certificate over a plain line, and nothing else is to be had there', async () => {
  const help = `http://127.0.0.1:${helpPort}`
  const taken = await fetch(`${help}/burdock-yard.crt`)
  expect(taken.headers.get('content-type')).toBe('application/x-x509-ca-cert')
  expect(await taken.text()).toBe(readFileSync(files.authority, 'utf8'))
  for (const page of ['/', '/api/jobs', '/tls/authority.key', '/..%2fauthority.key']) {
    const text = await (await fetch(`${help}${page}`)).text()
    expect(text).toContain('Take the certificate')
    expect(text).toContain(`https://${NAME}:${tlsPort}`)
    expect(text).not.toContain('PRIVATE KEY')
  }
  expect((await fetch(help, { method: 'POST', body: 'x' })).status).toBe(405)
})
