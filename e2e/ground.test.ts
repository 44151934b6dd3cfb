import { readFileSync } from 'node:fs'
import { By, Key, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { BASE, desk, PATIENCE } from './testing/desk'

// What the ground, an old wall and the crew's own way of carrying heights do to the plan, through the real pages.
let driver: WebDriver
let at: ReturnType<typeof desk>
interface Doc {
  name: string
  building: Record<string, unknown>
  ground: Record<string, unknown>
  levels: Record<string, unknown>
}
const demo = (name: string) => JSON.parse(readFileSync(`demo/${name}.json`, 'utf8')) as Doc
const send = (url: string, body: unknown) =>
  fetch(`${BASE}${url}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
const open = async (doc: Doc, stage: string): Promise<string> => {
  const { id } = (await (await send('/api/jobs', { import: doc })).json()) as { id: string }
  await driver.get(`${BASE}/jobs/${id}?stage=${stage}`)
  await at.find('.desk')
  return id
}
const press = async (text: string) => {
  const el = await driver.wait(
    async () => {
      for (const element of await driver.findElements(By.css('button')))
        if ((await element.getText()).trim() === text) return element
      return null
    },
    PATIENCE,
    `no button ${text}`,
  )
  if (el) {
    await driver.executeScript('arguments[0].scrollIntoView({block:"center",behavior:"instant"})', el)
    await el.click()
  }
}
const table = async (label: string): Promise<string[][]> =>
  (await driver.executeScript(
    'return [...document.querySelectorAll(`table[aria-label="${arguments[0]}"] tbody tr`)].map((r) => [...r.children].map((c) => c.textContent.replace(/\\s/g, " ").trim()))',
    label,
  )) as string[][]

beforeAll(async () => {
  const browser = await openBrowser()
  driver = browser.driver
  at = desk(driver, browser.downloads)
})
afterAll(() => driver.quit())

test('a stump in a hole: the post is left out and bridged with one press, the why is kept, and the post can be put back', async () => {
  const doc = demo('tansy-hollow')
  await open(
    {
      ...doc,
      name: 'Stump',
      ground: {
        ...doc.ground,
        obstructions: [{ id: 'ob-1', kind: 'stump', xIn: 240, yIn: 3, radiusIn: 12, clearIn: 4, decided: '', why: '' }],
      },
    },
    'site',
  )
  await press('Ground')
  await driver.wait(
    async () => /Leave A3 out and bridge it/.test(await at.text('main')),
    PATIENCE,
    'no bridge was offered',
  )
  await at.waitText('.polecol', /14 holes/)
  await (await at.find('input[aria-label="reason for obstruction 1"]')).sendKeys('ash tree, roots everywhere')
  await driver.executeScript(
    '[...document.querySelectorAll("li")].find((l) => l.textContent.includes("Leave A3 out")).querySelector("button").click()',
  )
  await at.waitText('.polecol', /13 holes/)
  await at.waitText('main', /No hole comes near it[\s\S]*Leave A3 out and bridge it, ash tree, roots everywhere/)
  await at.stage('Building')
  await (await at.byText('button', 'Openings')).click()
  await press('Put A3 back')
  await at.waitText('.polecol', /14 holes/)
  await driver.executeScript('document.activeElement.blur()')
  await at.hold([Key.CONTROL], 'z')
  await at.waitText('.polecol', /13 holes/)
})

test('a spot that is typed lower lowers the ground beside a post: its check follows at once', async () => {
  await open({ ...demo('tansy-hollow'), name: 'Gully' }, 'site')
  await press('Ground')
  const fails = async () => Number(/(\d+) fail/.exec(await at.text('.tally'))?.[1] ?? 0)
  const before = await fails()
  const row = await at.find('input[aria-label="S1 height"]')
  await row.click()
  await row.sendKeys(Key.chord(Key.CONTROL, 'a'), '-60', Key.TAB)
  await driver.wait(async () => (await fails()) > before, PATIENCE, 'no check followed the ground')
  await at.stage('Holes')
  await at.waitText('main', /from ground/)
})

test('level strings that fall: each row a drop lower, the seat as much further from its string; cards follow the leveling', async () => {
  await open({ ...demo('tansy-hollow'), name: 'Strings' }, 'strings')
  await press('Level strings')
  await at.type('stringHeight', '12')
  await at.type('stringDrop', '4')
  const rows = await driver.wait(
    async () => {
      const t = await table('Posts from their strings')
      return t.some((r) => r[0] === 'D1' && r[1] === '0″') ? t : null
    },
    PATIENCE,
    'rows never fell',
  )
  // Rows A to D stand 12, 8, 4 and 0 above grade; the heel is 10 ft up.
  for (const [post, above, seat] of [
    ['A1', '12″', '9′ 0″'],
    ['D1', '0″', '10′ 0″'],
  ]) {
    const row = rows?.find((row) => row[0] === post)
    expect([row?.[1], row?.[4]]).toEqual([above, seat])
  }
  await press('Carry heights by level strings')
  await at.waitText('main', /Cards are printed this way/)
})

test('an old wall: a porch has its own bays, a wing its rows; the diagonal shows each square', async () => {
  await open({ ...demo('marl-road'), name: 'Old wall' }, 'strings')
  await press('Old wall')
  await press('Porch')
  await at.type('porchBays', '4')
  await driver.wait(async () => (await table('Packing list')).length === 5, PATIENCE, 'never five lines')
  await at.type('porchLength', "16'")
  await at.waitText('main', /both diagonals of 16′ 0″ by 8′ 0″ read 17′ 10 11\/16″/)
  await press('Wing')
  const names = (await table('Packing list')).map((r) => r[0])
  expect(names).toEqual(['A', 'B'])
  await at.waitText('main', /1\/2″ clear where the wall is proudest/)
})

test('gravel is dug besides; the sway that is allowed is checked', async () => {
  await open({ ...demo('quillback-hill'), name: 'Gravel' }, 'holes')
  const deep = async () =>
    (await driver.executeScript(
      'return document.querySelector("main table tbody tr").children[3].textContent.replace(/\\s/g, " ")',
    )) as string
  const before = await deep()
  await at.type('gravelIn', '6')
  await at.waitText('main', /6″ of gravel under it/)
  const inches = (t: string) => {
    const match = /(\d+)′ (\d+)/.exec(t)
    return Number(match?.[1]) * 12 + Number(match?.[2])
  }
  await driver.wait(
    async () => inches(await deep()) - inches(before) === 6,
    PATIENCE,
    'the hole never grew by its gravel',
  )
  await at.stage('Bracing')
  await at.type('swayOver', '600')
  await at.waitText('.side', /Sway of the eave under wind[\s\S]*its height over 600 is allowed/)
  await at.waitText('.tally', /fail/)
})

test('readings typed in the office wait for their benchmark beside a phone’s, then shift into its frame', async () => {
  const doc = demo('tansy-hollow')
  const id = await open(
    { ...doc, name: 'Two lasers', levels: { coverIn: 1.25, readingsIn: { A1: 60, A2: 61 }, benchmarkIn: null } },
    'posts',
  )
  await at.waitText('.polecol', /2\/14 read/)
  const at_ = (n: number, body: object) => ({
    id: `two-${n}`,
    at: `2026-05-04T08:0${n}:00Z`,
    device: 'phone',
    who: '',
    body,
  })
  expect(
    (
      await send(`/api/jobs/${id}/records`, {
        after: 0,
        records: [
          at_(1, { kind: 'setup', setup: 's1', place: '', benchmarkIn: 48 }),
          at_(2, { kind: 'reading', setup: 's1', target: 'A3', of: 'foot', inches: 53 }),
        ],
      })
    ).ok,
  ).toBe(true)
  await driver.navigate().refresh()
  await at.waitText('main', /2 typed here are not used: what did the rod read on the benchmark/)
  await at.waitText('.polecol', /1\/14 read/)
  await at.type('officeBenchmark', '55')
  await at.waitText('.polecol', /3\/14 read/)
  // 55 there is 48 here: 60 becomes 53, beside A3's own 53.
  await at.waitText('main', /high point A[13]/)
})
