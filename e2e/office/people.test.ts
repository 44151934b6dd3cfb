import { readFileSync } from 'node:fs'
import { type Role, ROLES, secretKindOf } from '@/core/people'
import { freshSite } from '../../scripts/lib/site.mjs'
import { note } from '../testing/office'

// An office of its own: once it has an owner, everybody signs in.
let site: Awaited<ReturnType<typeof freshSite>>
let job = ''
beforeAll(async () => {
  site = await freshSite()
  job = ((await (await fetch(`${site.base}/api/jobs`)).json()) as { id: string }[])[0].id
}, 240_000)
afterAll(() => site.stop())

/** A browser: it keeps its cookies, and says that it takes pages. */
function browser() {
  const jar = new Map<string, string>()
  const ask = async (path: string, method = 'GET', body?: unknown, more: Record<string, string> = {}) => {
    const response = await fetch(`${site.base}${path}`, {
      method,
      redirect: 'manual',
      headers: {
        ...(body === undefined ? { accept: 'text/html' } : { 'content-type': 'application/json' }),
        cookie: [...jar].map(([name, value]) => `${name}=${value}`).join('; '),
        ...more,
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    })
    for (const line of response.headers.getSetCookie()) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(line) ?? []
      if (/Max-Age=0/.test(line)) jar.delete(name)
      else jar.set(name, value)
    }
    return response
  }
  return { ask, jar }
}
type Browser = ReturnType<typeof browser>
const codesOf = async (response: Response) =>
  ((await response.json()) as { issues?: { code: string }[] }).issues?.map(({ code }) => code)
const SECRETS = { password: 'three blue gates', pin: '493817' }
const owner = browser()
const at: Partial<Record<Role, Browser>> = { owner }
const asOf = (role: Role) => at[role] ?? owner

/** Somebody invited by the owner, on a browser of their own. */
async function invited(name: string, role: Role): Promise<Browser> {
  const made = (await (await owner.ask('/api/invitations', 'POST', { name, role })).json()) as { code: string }
  const own = browser()
  const shown = { code: made.code.toLowerCase(), secret: SECRETS[secretKindOf(role)], label: `phone of ${name}` }
  expect((await own.ask('/api/join', 'POST', shown)).status).toBe(200)
  return own
}

test('until an owner’s account is made nobody signs in; then everybody does, whichever server is asked', async () => {
  expect((await browser().ask('/')).status).toBe(200)
  expect(await (await browser().ask('/api/me')).json()).toEqual({ kind: 'open', owned: false })
  const shown = { name: 'Juniper', secret: 'short', code: '', label: 'desk' }
  expect(await codesOf(await owner.ask('/api/owner', 'POST', shown))).toEqual(['password-short'])
  const made = await owner.ask('/api/owner', 'POST', { ...shown, secret: SECRETS.password })
  expect([made.status, await made.json()]).toEqual([200, { home: '/' }])
  // The other server asks the database now and then whether there is an owner.
  await new Promise((resolve) => setTimeout(resolve, 2500))
  for (let i = 0; i < 4; i++) {
    const page = await browser().ask(`/jobs/${job}`)
    expect([page.status, page.headers.get('location')]).toEqual([302, `/sign-in?to=%2Fjobs%2F${job}`])
    expect((await browser().ask('/api/jobs', 'GET')).status).toBe(401)
    expect((await owner.ask('/api/jobs')).status).toBe(200)
  }
  expect(await codesOf(await browser().ask('/api/owner', 'POST', { ...shown, secret: SECRETS.password }))).toEqual([
    'owner-there',
  ])
})

test('cookies that no script reads and no other site sends; the database has no token and no secret', async () => {
  const made = await browser().ask('/api/sign-in', 'POST', { name: 'Juniper', secret: SECRETS.password, label: 'x' })
  const lines = made.headers.getSetCookie()
  expect(lines).toHaveLength(2)
  for (const line of lines)
    expect(line).toMatch(/; HttpOnly; SameSite=Lax|; SameSite=Lax; HttpOnly|HttpOnly.*SameSite=Lax/)
  const { default: knex } = await import('knex')
  const db = knex({ client: 'mysql2', connection: site.database })
  try {
    const tables = ['people', 'sessions', 'devices', 'invitations', 'happenings'] as const
    const all = JSON.stringify(await Promise.all(tables.map((name) => db.select('*').from(name))))
    for (const line of lines) expect(all).not.toContain((/=([^;]+)/.exec(line) ?? [])[1])
    expect(all).not.toContain(SECRETS.password)
    expect(all).toContain('$argon2id$')
  } finally {
    await db.destroy()
  }
})

test('people come in by invitation, once, each to the pages of their role', async () => {
  for (const role of ROLES.filter((each) => each !== 'owner')) at[role] = await invited(`the ${role}`, role)
  const pages: readonly (readonly [string, readonly Role[]])[] = [
    ['/people', ['owner']],
    ['/api/people', ['owner']],
    ['/api/audit', ['owner']],
    ['/api/backup', ['owner']],
    [`/jobs/${job}`, ['owner', 'office']],
    [`/api/jobs/${job}/history`, ['owner', 'office']],
    ['/field', ROLES],
    [`/field/${job}`, ROLES],
    [`/api/jobs/${job}`, ['owner', 'office', 'lead']],
    [`/api/jobs/${job}/plan`, ROLES],
    ['/pocket', ROLES],
  ]
  for (const [page, roles] of pages)
    for (const role of ROLES) {
      const { status } = await asOf(role).ask(page)
      const away = page.startsWith('/api') ? 403 : 302
      expect([page, role, status]).toEqual([page, role, roles.includes(role) ? 200 : away])
    }
})

test('an invitation works once, and a number only on a phone that is known', async () => {
  const made = (await (await owner.ask('/api/invitations', 'POST', { name: 'Wren', role: 'crew' })).json()) as {
    code: string
  }
  const phone = browser()
  const join = { code: made.code, label: 'phone' }
  expect(await codesOf(await phone.ask('/api/join', 'POST', { ...join, secret: '123456' }))).toEqual(['pin-easy'])
  expect((await phone.ask('/api/join', 'POST', { ...join, secret: SECRETS.pin })).status).toBe(200)
  expect(await codesOf(await browser().ask('/api/join', 'POST', { ...join, secret: SECRETS.pin }))).toEqual([
    'invitation-over',
  ])
  await phone.ask('/api/sign-out', 'POST', {})
  expect((await phone.ask('/field')).status).toBe(302)
  const shown = { name: 'Wren', secret: SECRETS.pin, label: '' }
  expect((await phone.ask('/api/sign-in', 'POST', shown)).status).toBe(200)
  expect(await codesOf(await browser().ask('/api/sign-in', 'POST', shown))).toEqual(['phone-not-known'])
})

const REASONS = ['hole dug', 'footing ready', 'set', 'braced', 'inspected'] as const
test('every edit and record says who; an inspector only looks, and only a lead takes back what others said', async () => {
  const of = (id: string, body: Parameters<typeof note>[1]) => ({ ...note(id, body, 'd'), who: 'x' })
  const send = async (role: Role, records: readonly unknown[]) =>
    (await (await asOf(role).ask(`/api/jobs/${job}/records`, 'POST', { after: 0, records })).json()) as {
      refused: { id: string; issues: { code: string }[] }[]
    }
  const refused = async (role: Role, records: readonly unknown[]) =>
    (await send(role, records)).refused.map(({ id, issues }) => [id, issues[0].code])
  expect(await refused('crew', [of('p1', { kind: 'state', post: 'A1', state: 'planned' })])).toEqual([])
  expect(await refused('inspector', [of('p2', { kind: 'state', post: 'A1', state: 'set' })])).toEqual([
    ['p2', 'not-your-part'],
  ])
  expect(
    await refused(
      'lead',
      REASONS.map((state, k) => of(`r-${k}`, { kind: 'override', post: 'A1', state, reason: 'a test' })),
    ),
  ).toEqual([])
  expect(await refused('inspector', [of('p3', { kind: 'state', post: 'A1', state: 'inspected' })])).toEqual([])
  expect(await refused('crew', [of('p4', { kind: 'void', record: 'p3' })])).toEqual([['p4', 'not-yours']])
  expect(await refused('crew', [of('p5', { kind: 'void', record: 'p1' })])).toEqual([])
  expect(await refused('lead', [of('p6', { kind: 'void', record: 'p3' })])).toEqual([])
  const named = await asOf('office').ask(`/api/jobs/${job}`, 'PATCH', { name: 'By the office' })
  expect(named.status).toBe(200)
  const history = (await (await owner.ask(`/api/jobs/${job}/history`)).json()) as { who: string }[]
  expect(history[0].who).toBe('the office')
})

test('tokens of another’s making, and what a browser says of itself, open nothing', async () => {
  const forged = Buffer.from(JSON.stringify({ kind: 'person', id: 'x', name: 'x', role: 'owner' })).toString(
    'base64url',
  )
  const tries: readonly Record<string, string>[] = [
    { 'x-burdock-visitor': forged },
    { cookie: 'burdock=AAAA' },
    { cookie: `burdock=${'a'.repeat(43)}` },
    { cookie: 'burdock=%00; burdock-device=x' },
    { authorization: 'Bearer x' },
  ]
  for (const more of tries) expect((await browser().ask('/api/people', 'GET', undefined, more)).status).toBe(401)
  // A page of another site, with the cookies of somebody who is signed in.
  const cross = await owner.ask(
    '/api/invitations',
    'POST',
    { name: 'X', role: 'owner' },
    { origin: 'https://other.test' },
  )
  expect(cross.status).toBe(403)
})

test('an invitation waits in a list until it is taken; taken back, made anew, or with the access ended it opens nothing', async () => {
  const invite = async (wanted: object) =>
    ((await (await owner.ask('/api/invitations', 'POST', wanted)).json()) as { code: string }).code
  const waiting = async () =>
    (await (await owner.ask('/api/invitations')).json()) as { id: string; name: string; role: Role }[]
  const reads = async (code: string) => (await browser().ask(`/api/invitations/${code}`)).status
  for (const role of ROLES.filter((each) => each !== 'owner'))
    expect([role, (await asOf(role).ask('/api/invitations')).status]).toEqual([role, 403])
  const first = await invite({ name: 'Tansy', role: 'lead' })
  const second = await invite({ name: 'Tansy', role: 'crew' })
  expect([await reads(first), await reads(second)]).toEqual([422, 200])
  const [open] = (await waiting()).filter(({ name }) => name === 'Tansy')
  expect(open).toMatchObject({ role: 'crew' })
  expect(JSON.stringify(await waiting())).not.toContain(second)
  expect((await asOf('office').ask(`/api/invitations/${open.id}`, 'DELETE', {})).status).toBe(403)
  expect((await owner.ask(`/api/invitations/${open.id}`, 'DELETE', {})).status).toBe(200)
  expect(await reads(second)).toBe(422)
  expect((await waiting()).filter(({ name }) => name === 'Tansy')).toEqual([])
  expect(await codesOf(await owner.ask(`/api/invitations/${open.id}`, 'DELETE', {}))).toEqual(['invitation-over'])
  const phone = await invited('Yarrow', 'crew')
  const people = (await (await owner.ask('/api/people')).json()) as { id: string; name: string }[]
  const yarrow = people.find(({ name }) => name === 'Yarrow')
  const back = await invite({ person: yarrow?.id })
  expect((await owner.ask(`/api/people/${yarrow?.id}`, 'DELETE', {})).status).toBe(200)
  expect([(await phone.ask('/field')).status, await reads(back)]).toEqual([302, 422])
})

test('a lost phone is out at once, so is somebody whose access has ended; the last owner stays', async () => {
  const phone = await invited('Rowan', 'lead')
  const list = async () =>
    (await (await owner.ask('/api/people')).json()) as { id: string; name: string; on: { device: string }[] }[]
  const rowan = (await list()).find(({ name }) => name === 'Rowan')
  expect((await phone.ask('/field')).status).toBe(200)
  expect((await owner.ask(`/api/devices/${rowan?.on[0].device}`, 'DELETE', {})).status).toBe(200)
  expect((await phone.ask('/field')).status).toBe(302)
  expect(
    (await phone.ask('/api/sign-in', 'POST', { name: 'Rowan', secret: SECRETS.password, label: 'b' })).status,
  ).toBe(200)
  expect((await phone.ask('/field')).status).toBe(200)
  expect((await owner.ask(`/api/people/${rowan?.id}`, 'DELETE', {})).status).toBe(200)
  expect((await phone.ask(`/api/jobs/${job}`)).status).toBe(401)
  const juniper = (await list()).find(({ name }) => name === 'Juniper')
  expect(await codesOf(await owner.ask(`/api/people/${juniper?.id}`, 'DELETE', {}))).toEqual(['last-owner'])
})

test('a guest’s card opens one post to whoever has its address, until its day or until it is taken back', async () => {
  const doc = (await (await owner.ask(`/api/jobs/${job}`)).json()) as { doc: { building: { posts: { id: string }[] } } }
  const [post, other] = doc.doc.building.posts
  const at = `/api/jobs/${job}/guests`
  const until = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString()
  const make = (who: Browser, id: string, days: number) => who.ask(at, 'POST', { post: id, until: until(days) })
  expect((await make(asOf('crew'), post.id, 7)).status).toBe(403)
  expect(await codesOf(await make(owner, post.id, -1))).toEqual(['guest-until'])
  expect(await codesOf(await make(owner, post.id, 400))).toEqual(['guest-until'])
  expect(await codesOf(await make(owner, 'p-nobody-here', 7))).toEqual(['no-such-post'])
  const made = await make(asOf('lead'), post.id, 7)
  const { token } = (await made.json()) as { token: string }
  expect([made.status, token.length]).toEqual([201, 43])

  const guest = browser()
  const read = async () => (await guest.ask(`/guest/${token}`)).text()
  const plan = (await (await owner.ask(`/api/jobs/${job}/plan`)).json()) as {
    plan: { derived: { names: Record<string, string> } }
  }
  const names = plan.plan.derived.names
  const page = await read()
  expect(page).toContain(`Post ${names[post.id]}`)
  expect([page.includes(post.id), page.includes(other.id), page.includes(`Post ${names[other.id]}`)]).toEqual([
    false,
    false,
    false,
  ])
  // Its hole is as deep as somebody has said; one that nobody has spoken of, as the plan has it.
  const undugPost = Object.keys(names).find((id) => names[id] === 'E8') ?? ''
  const undug = (await (await make(owner, undugPost, 7)).json()) as { token: string }
  const pages = [page, await (await guest.ask(`/guest/${undug.token}`)).text()]
  const holes = pages.map((html) =>
    /Its hole (was dug|is to be) ([^ ]+\s[^ ]+) deep/.exec(html.replaceAll(/<[^>]*>/g, '')),
  )
  expect(holes.map((said) => [said?.[1], said?.[2].replace(/\s/, ' ')])).toEqual([
    ['was dug', '6′ 6″'],
    ['is to be', '6′ 3″'],
  ])
  // It opens nothing else, and another one opens nothing.
  for (const path of [`/field/${job}`, `/api/jobs/${job}/plan`, `/api/jobs/${job}/records`, at])
    expect((await guest.ask(path)).status).not.toBe(200)
  expect(await (await browser().ask(`/guest/${token.slice(1)}x`)).text()).toContain('This card opens nothing')
  expect(readFileSync(site.log, 'utf8')).not.toContain(token)

  const cards = (await (await owner.ask(at)).json()) as { id: string; post: string }[]
  const card = cards.filter((each) => each.post === post.id)[0]
  expect((await asOf('crew').ask(`${at}/${card.id}`, 'DELETE', {})).status).toBe(403)
  expect((await owner.ask(`${at}/${card.id}`, 'DELETE', {})).status).toBe(200)
  expect(await read()).toContain('This card opens nothing')
  expect((await owner.ask(`${at}/${card.id}`, 'DELETE', {})).status).toBe(404)
  // One whose time runs out.
  const brief = (await (await owner.ask(at, 'POST', { post: post.id, until: until(2 / 86_400) })).json()) as {
    token: string
  }
  await new Promise((resolve) => setTimeout(resolve, 2200))
  expect(await (await guest.ask(`/guest/${brief.token}`)).text()).toContain('This card opens nothing')
  const audit = await (await owner.ask('/api/audit')).text()
  expect([audit.includes('guest card made'), audit.includes('guest card taken back')]).toEqual([true, true])
})

test('a phone that was signed out leaves its entries, and they count only once the office takes them', async () => {
  const phone = await invited('Sorrel', 'crew')
  const list = (await (await owner.ask('/api/people')).json()) as { id: string; name: string }[]
  await owner.ask(`/api/people/${list.find(({ name }) => name === 'Sorrel')?.id}`, 'DELETE', {})
  const at = `/api/jobs/${job}/left`
  const leaves = (who: Browser, id: string) => who.ask(at, 'POST', { records: [note(id)] })
  expect((await phone.ask(`/api/jobs/${job}/records`, 'POST', { after: 0, records: [note('left-1')] })).status).toBe(
    401,
  )
  expect((await leaves(phone, 'left-1')).status).toBe(201)
  expect((await leaves(phone, 'left-2')).status).toBe(201)
  expect((await leaves(browser(), 'left-3')).status).toBe(401)
  const forged = await phone.ask(at, 'POST', { records: [note('left-3')] }, { cookie: 'burdock-device=guessed' })
  expect(forged.status).toBe(401)
  expect((await phone.ask(at)).status).not.toBe(200)
  const lots = async () => (await (await owner.ask(at)).json()) as { id: string; phone: string; count: number }[]
  const [first, second] = await lots()
  expect([first, second]).toMatchObject([
    { phone: 'phone of Sorrel', count: 1 },
    { phone: 'phone of Sorrel', count: 1 },
  ])
  expect((await asOf('crew').ask(`${at}/${first.id}`, 'POST', { take: true })).status).toBe(403)
  expect(await (await owner.ask(`${at}/${first.id}`, 'POST', { take: true })).json()).toEqual({ taken: 1 })
  expect(await (await owner.ask(`${at}/${second.id}`, 'POST', { take: false })).json()).toEqual({ taken: 0 })
  expect((await owner.ask(`${at}/${second.id}`, 'POST', { take: true })).status).toBe(404)
  expect(await lots()).toEqual([])
  const told = await (await owner.ask(`/api/jobs/${job}/records?after=0`)).text()
  expect([told.includes('left-1'), told.includes('left-2'), told.includes('left-3')]).toEqual([true, false, false])
  const audit = await (await owner.ask('/api/audit')).text()
  expect([audit.includes('left entries taken'), audit.includes('left entries refused')]).toEqual([true, true])
  for (let i = 0; i < 20; i++) expect((await leaves(phone, `many-${i}`)).status).toBe(201)
  expect((await leaves(phone, 'many-21')).status).toBe(503)
})

test('what is held of a person is handed over, and their name is erased; what they did stays', async () => {
  const people = (await (await owner.ask('/api/people')).json()) as { id: string; name: string }[]
  const crew = people.find(({ name }) => name === 'the crew')
  const data = (await (await owner.ask(`/api/people/${crew?.id}/data`)).json()) as { records: { id: string }[] }
  expect(data.records.map(({ id }) => id).sort()).toEqual(['p1', 'p5'])
  // Their name stands in what others have sent too: who was on site, who signed, what a phone of theirs had kept.
  const others = [
    note('n-here', { kind: 'here', day: '2026-05-04', names: ['Wren', 'the crew'] }),
    note('n-sign', {
      kind: 'sign',
      inspection: 'footing',
      posts: ['A1'],
      passed: true,
      seen: 'depth',
      name: 'the crew',
    }),
    { ...note('n-kept'), who: 'the crew' },
  ]
  const sent = await (await owner.ask(`/api/jobs/${job}/records`, 'POST', { after: 0, records: others })).json()
  expect(sent).toMatchObject({ refused: [] })
  const whoOf = async () => {
    const said = (await (await owner.ask(`/api/jobs/${job}/records?after=0`)).json()) as {
      records: { record: { id: string; who: string } }[]
    }
    return (id: string) => said.records.find(({ record }) => record.id === id)?.record.who
  }
  const before = await whoOf()
  expect(['p1', 'n-here', 'n-kept'].map(before)).toEqual([
    'x, through the crew',
    'mate, through Juniper',
    'the crew, through Juniper',
  ])
  expect((await owner.ask(`/api/people/${crew?.id}/name`, 'DELETE', {})).status).toBe(200)
  const after = await whoOf()
  expect(['p1', 'n-here', 'n-kept'].map(after)).toEqual([
    'x, through someone',
    'mate, through Juniper',
    'someone, through Juniper',
  ])
  const all = await (await owner.ask(`/api/jobs/${job}/records?after=0`)).text()
  expect([all.includes('the crew'), all.includes('["Wren","someone"]')]).toEqual([false, true])
  const audit = await (await owner.ask('/api/audit')).text()
  expect(audit).not.toContain('the crew')
})

test('guessing ends after a few tries of one name, and the right password waits with the wrong ones', async () => {
  const guess = (secret: string) => browser().ask('/api/sign-in', 'POST', { name: 'the lead', secret, label: '' })
  const codes: (string | undefined)[] = []
  for (let i = 0; i < 12; i++) codes.push((await codesOf(await guess(`guess number ${i}`)))?.[0])
  expect(codes.slice(0, 10)).toEqual(Array.from({ length: 10 }, () => 'sign-in-failed'))
  expect(codes.slice(10)).toEqual(['too-many-tries', 'too-many-tries'])
  expect(await codesOf(await guess(SECRETS.password))).toEqual(['too-many-tries'])
  // Somebody else is not kept out by it.
  const other = await browser().ask('/api/sign-in', 'POST', { name: 'the office', secret: SECRETS.password, label: '' })
  expect(other.status).toBe(200)
})
