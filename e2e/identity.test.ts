import { readFileSync } from 'node:fs'
import { By, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { BASE, desk, PATIENCE } from './testing/desk'

// A hole is dug by a phone that knows posts by name; then the office changes the bays. Nothing that stands moves unless
// somebody says so, and a post that is given up takes no entry any more.
let driver: WebDriver
let at: ReturnType<typeof desk>
let id = ''
type Stored = { id: string; revision: number; doc: { building: Building } }
interface Building {
  posts: { id: string; keptName: string | null; pinned: unknown }[]
  givenUp: { id: string; name: string; reason: string }[]
  bays: object
}
const call = async (to: string, method = 'GET', body?: unknown) =>
  fetch(`${BASE}${to}`, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  })
const stored = async () => (await (await call(`/api/jobs/${id}`)).json()) as Stored
const digs = (post: string, record: string) => ({
  id: record,
  at: '2026-05-04T12:00:00Z',
  device: 'phone',
  who: 'mate',
  body: { kind: 'hole', post, depthIn: 60, setup: null, bottomReadingIn: null, found: 'rock', note: '' },
})
const send = async (records: unknown) =>
  (await (await call(`/api/jobs/${id}/records`, 'POST', { after: 0, records })).json()) as {
    records: { record: { id: string; body: { post: string } } }[]
    refused: { id: string; issues: { code: string }[] }[]
  }
const press = async (text: string) => (await at.byText('button', text)).click()
const dialog = (has: RegExp) => at.waitText('[role=dialog]', has)
const closed = () =>
  driver.wait(async () => (await driver.findElements(By.css('[role=dialog]'))).length === 0, PATIENCE, 'dialog stays')
/** Where a post stands in the plan, by what its mark is called. */
const placeOf = async (name: string) => {
  const [mark] = await driver.findElements(By.css(`[aria-label="post ${name}"]`))
  return mark ? mark.getRect() : null
}
const setBays = async (count: string) => at.type('bayCount', count)

beforeAll(async () => {
  const browser = await openBrowser()
  driver = browser.driver
  at = desk(driver, browser.downloads)
  const doc = JSON.parse(readFileSync('demo/quillback-hill.json', 'utf8')) as {
    building: object
    levels: object
  }
  const building = { ...doc.building, bays: { mode: 'count', count: 6 }, openings: [], leanTos: [] }
  const made = await call('/api/jobs', 'POST', {
    import: { ...doc, name: 'Quillback identities', building, levels: { ...doc.levels, readingsIn: {} } },
  })
  id = ((await made.json()) as { id: string }).id
})
afterAll(() => driver.quit())

test('records that name posts are bound to them; one that nobody can tell is turned away alone', async () => {
  const answer = await send([digs('A3', 'dug-a3'), digs('Z9', 'dug-z9')])
  const { doc } = await stored()
  expect(answer.refused).toMatchObject([{ id: 'dug-z9', issues: [{ code: 'no-such-post' }] }])
  expect(answer.records).toHaveLength(1)
  expect(doc.building.posts.map((post) => post.id)).toContain(answer.records[0].record.body.post)
})
test('other bays: asked post by post before anything is taken, and left as it was on a no', async () => {
  await driver.get(`${BASE}/jobs/${id}?stage=building`)
  await at.find('.desk')
  await setBays('5')
  await dialog(/A3 has a record on site[\s\S]*would move 4′ 2/)
  expect(await at.faults()).toEqual([])
  await press('Leave the plan as it is')
  await closed()
  expect((await stored()).revision).toBe(1)
})
test('kept: it stands where it stood, the rest of its row is spaced about it', async () => {
  const before = await placeOf('A3')
  await setBays('5')
  await dialog(/stays where it stands/)
  await press('Make the change')
  await closed()
  expect(await placeOf('A3')).toEqual(before)
  await at.waitText('#details', /Kept where they stand[\s\S]*Let A3 go back/)
  await at.saved()
  const { doc } = await stored()
  expect(doc.building.bays).toEqual({ mode: 'count', count: 5 })
  expect(doc.building.posts.filter((post) => post.pinned !== null)).toHaveLength(1)
})
test('an edit from elsewhere that moves it without a word is refused, with the post named', async () => {
  const { revision, doc } = await stored()
  const posts = doc.building.posts.map((post) => ({ ...post, pinned: null }))
  const put = await call(`/api/jobs/${id}`, 'PUT', {
    baseRevision: revision,
    label: 'x',
    doc: { ...doc, building: { ...doc.building, posts } },
  })
  expect(put.status).toBe(422)
  expect(await put.json()).toMatchObject({ issues: [{ code: 'recorded-post', facts: { post: 'A3' } }] })
})
test('what the server refuses is said behind the bar, and can be put away', async () => {
  await driver.get(`${BASE}/jobs/${id}?stage=building`)
  await at.find('.desk')
  await driver.executeScript(
    `const ask = window.fetch
    const no = JSON.stringify({ issues: [{ code: 'recorded-post', path: [], facts: { post: 'A3' } }] })
    window.fetch = (to, how) => how?.method === 'PUT'
      ? Promise.resolve(new Response(no, { status: 422, headers: { 'content-type': 'application/json' } }))
      : ask(to, how)`,
  )
  await at.type('pitchPer12', '5')
  await press('Not saved: why')
  await dialog(/The server refused the last edits[\s\S]*A3/)
  expect(await at.faults()).toEqual([])
  await at.press('[role=dialog] [aria-label=Close]')
  await closed()
  await driver.navigate().refresh()
  await at.find('.desk')
  await at.saved()
  await at.type('pitchPer12', '4')
  await at.saved()
})
test('a post that was moved and then read, both before the server heard of it, is taken', async () => {
  const copy = (await (await call(`/api/jobs/${id}/duplicate`, 'POST', {})).json()) as Stored
  const { revision, doc } = (await (await call(`/api/jobs/${copy.id}`)).json()) as Stored
  const posts = doc.building.posts.map((post) => ({ ...post, pinned: null }))
  const building = { ...doc.building, posts }
  const readingsIn = Object.fromEntries(posts.map((post) => [post.id, 52]))
  const save = (baseRevision: number, changed: object) =>
    call(`/api/jobs/${copy.id}`, 'PUT', { baseRevision, label: 'x', doc: { ...doc, ...changed } })
  const levels = { ...(doc as unknown as { levels: object }).levels, readingsIn }
  expect((await save(revision, { building, levels })).status).toBe(200)
})
test('given up: a reason is asked for, stands in the plan, and undo brings the post back', async () => {
  const before = await placeOf('A3')
  await press('Let A3 go back')
  await dialog(/A3 has a record/)
  await press('Give all up')
  expect(await (await at.byText('button', 'Make the change')).isEnabled()).toBe(false)
  const reason = await at.find('#give-reason')
  expect(await at.faults()).toEqual([])
  await reason.sendKeys('the owner wants equal bays')
  await press('Make the change')
  await closed()
  await at.saved()
  expect((await stored()).doc.building.givenUp).toMatchObject([{ name: 'A3', reason: 'the owner wants equal bays' }])
  await at.hold(['\uE009'], 'z')
  await at.waitText('#details', /Let A3 go back/)
  expect(await placeOf('A3')).toEqual(before)
  await at.hold(['\uE009', '\uE008'], 'z')
  await at.saved()
})
test.each([
  ['by the name of before', 'A3b', /This page is of no one post[\s\S]*no post A3b/],
  ['that nobody knows', 'Z9', /This page is of no one post[\s\S]*no post Z9/],
])('a code %s: said, and no entry is taken', async (_, code, says) => {
  await driver.get(`${BASE}/field/${id}/hole/${code}`)
  await at.waitText('.field', says)
  expect(await driver.findElements(By.css('.field .keypad, .field .keys'))).toHaveLength(0)
})
test('the page of a post that is no more shows what was recorded of it and takes no entry', async () => {
  const [gone] = (await stored()).doc.building.givenUp
  await driver.get(`${BASE}/field/${id}/post/${gone.id}`)
  await at.waitText('.field', /A3 is no longer in the plan[\s\S]*the owner wants equal bays[\s\S]*hole A3: 5′ 0″, rock/)
  expect(await driver.findElements(By.css('.field .keypad, .field .keys'))).toHaveLength(0)
})
