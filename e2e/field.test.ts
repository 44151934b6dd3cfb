import { readFileSync } from 'node:fs'
import { By, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { BASE, desk, PATIENCE } from './testing/desk'

// A morning with the laser on a phone, through the real pages: a set-up, a slip of the eye, a bump, again, cut, set, no server for a while.
let driver: WebDriver
let at: ReturnType<typeof desk>
let id = ''

beforeAll(async () => {
  const browser = await openBrowser({ width: 412, height: 892 })
  driver = browser.driver
  at = desk(driver, browser.downloads)
  const doc = JSON.parse(readFileSync('demo/tansy-hollow.json', 'utf8')) as { name: string }
  id = (
    (await (
      await fetch(`${BASE}/api/jobs`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ import: { ...doc, name: 'Tansy by phone' } }),
      })
    ).json()) as { id: string }
  ).id
})
afterAll(() => driver.quit())

/** A tap that enters is its own only some time after the last: a glove taps twice. */
const rest = () => driver.sleep(420)
const tap = async (text: string) => {
  const el = await driver.wait(
    async () => {
      for (const element of await driver.findElements(By.css('.field button')))
        if (
          (await element.getText()).replace(/\s+/g, ' ').trim() === text ||
          (await element.getAttribute('aria-label')) === text
        )
          return element
      return null
    },
    PATIENCE,
    `no key ${text}`,
  )
  if (el) {
    await driver.executeScript('arguments[0].scrollIntoView({block:"center",behavior:"instant"})', el)
    const enters = 'return arguments[0].closest(".acts, .kept, .slot, .fok, .fwarn, .found") !== null'
    if (await driver.executeScript(enters, el)) await rest()
    await el.click()
  }
}
/** The post that is asked for; engines put the space before its sign or not. */
const chip = async () => /^[A-Z]+\d+/.exec(await at.text('.chips button[aria-pressed="true"]'))?.[0] ?? ''
const read = async (whole: string, part: string) => {
  await tap(whole)
  await tap(part)
}
const keep = async () => (await at.find('.field .acts .main')).click()
const main = (has: RegExp) => at.waitText('.field', has)
const sent = async () =>
  (
    (await (await fetch(`${BASE}/api/jobs/${id}/records?after=0`)).json()) as {
      records: { record: { id: string; body: Record<string, unknown> } }[]
    }
  ).records.map((record) => record.record)

const enter = async (part: string) => {
  await read('53', part)
  await keep()
  await rest()
}

test('a set-up on a benchmark, then reading after reading, each read back as it is called', async () => {
  await driver.get(`${BASE}/field/${id}/read`)
  const place = await at.find('.who input')
  await place.sendKeys('gate post')
  await tap('Read a benchmark')
  await rest()
  await read('52', '1/2')
  await tap('Start this set-up')
  await rest()
  const first = await chip()
  await read('53', '3/8')
  await main(/four foot five and three eighths/)
  await keep()
  await main(new RegExp(`${first} kept`))
  expect(await chip()).not.toBe(first)
  await rest()
  for (const part of ['3/8', '5/16', '7/16', '3/8']) await enter(part)
  await main(/5 readings/)
})

test('5/8 read for 3/8 is named before it is kept, and read again', async () => {
  const post = await chip()
  await read('53', '5/8')
  await main(/1\/4″ off where the plan has it[\s\S]*3\/8 and 5\/8 look alike: it may be 53 3\/8/)
  await tap('Read again')
  await rest()
  await enter('3/8')
  await main(new RegExp(`${post} kept[\\s\\S]*6 readings`))
})

test('undo takes the last one back and asks for that post again', async () => {
  const post = (await at.text('.kept')).split(' ')[0]
  await tap('Undo')
  await main(/5 readings/)
  expect(await chip()).toBe(post)
  await rest()
  await enter('1/4')
  await main(/6 readings/)
})

test('back on the benchmark it misses by a quarter: what was read since may be of before or after, and is read again', async () => {
  await tap('Check back')
  await rest()
  await read('52', '3/4')
  await main(/Benchmark reads 52 3\/4/)
  await keep()
  await main(/Bumped by 1\/4″: 6 to read again/)
  await tap('Back')
  await main(/gate post was bumped by 1\/4″[\s\S]*6 readings may be of before or after/)
  await at.waitText('.next', /Next reading\s*A1/)
  // It was read: the list does not say that it was not.
  await at.waitText('.plist li', /A1[\s\S]*read again/)
})

test('a new set-up, the same posts again: now they count', async () => {
  await at.find('.next')
  await (await at.find('.next button')).click()
  await tap('New set-up')
  await rest()
  await tap('Read a benchmark')
  await rest()
  await read('51', '1/2')
  await tap('Start this set-up')
  await rest()
  for (const part of ['3/8', '1/4', '1/8']) {
    const before = await chip()
    await tap('52')
    await tap(part)
    await keep()
    await main(new RegExp(`${before} kept`))
    await rest()
  }
  await driver.wait(
    async () => (await sent()).filter((record) => record.body.kind === 'reading').length === 10,
    PATIENCE,
  )
})

/** Gives a lead's reason for what is held. */
const goOn = async (reason: string) => {
  await (await at.find('.hold .reason input')).sendKeys(reason)
  await rest()
  await tap('Go on all the same')
  await rest()
}

test('no hole before buried lines are marked, no step out of order without a lead’s reason', async () => {
  await driver.get(`${BASE}/field/${id}/post/A1`)
  await main(/rod at set-up 1[\s\S]*Cut this post[\s\S]*Hold: not hole dug yet[\s\S]*buried lines marked first/)
  // What the paper card says is cut and bored at its head.
  await main(
    /At its head\s+notch 1 1\/2.+ outside, 1 1\/2.+ inside; 2 1\/2.+ left behind it\s+4 bolts, .+ above the seat/,
  )
  await tap('Enter the marking')
  await (await at.find('input[placeholder="of the locator"]')).sendKeys('ticket 4471')
  await rest()
  await tap('Lines are marked')
  await main(/reference ticket 4471/)
  await driver.get(`${BASE}/field/${id}/post/A1`)
  await tap('Now hole dug')
  await at.waitText('.plan3', /hole dug/)
  await main(/Hold: not footing ready yet[\s\S]*no depth is kept/)
  await goOn('taped at 48 with the inspector')
  await tap('Now footing ready')
  await at.waitText('.plan3', /footing ready/)
})

test('the card gives this post its own cut; cut as said, and not set before its concrete is', async () => {
  await rest()
  await tap('Cut as said')
  await main(/A1 fits/)
  await main(/Hold: not set yet[\s\S]*not entered as poured/)
  await at.waitText('.fhead', /Sent/)
  const cut = (await sent()).find((record) => record.body.kind === 'cut')
  expect((Number(cut?.body.lengthIn) * 16) % 1).toBe(0)
})

test('without a server entries wait on the phone, are counted, and go in order when it is back', async () => {
  await fetch(`${process.env.BURDOCK_DOOR}/stop`)
  try {
    await goOn('it stood before we had phones')
    await at.waitText('.fhead', /Offline\s*1 kept here/)
    await tap('Hole of A1')
    await main(/string to bottom/)
    await tap('Rock')
    await at.waitText('.fhead', /Offline\s*2 kept here/)
  } finally {
    await fetch(`${process.env.BURDOCK_DOOR}/start`)
  }
  await at.waitText('.fhead', /Sent/)
  const list = await sent()
  expect(list.slice(-2).map((record) => record.body.kind)).toEqual(['override', 'hole'])
  expect(new Set(list.map((record) => record.id)).size).toBe(list.length)
})

test('a hole read with the rod on its bottom: so deep from the string, and the reading is kept as it was said', async () => {
  await driver.get(`${BASE}/field/${id}/hole/A2`)
  await main(/string to bottom/)
  await tap('Tape from the string')
  // The second set-up reads an inch less than the first; the grade line reads 51 7/8 in the first: 126 + 1 - 51 7/8.
  await tap('126')
  await tap('0')
  await main(/So deep from the string: 6′ 3 1\/8″/)
  await tap('Keep this reading')
  await driver.wait(
    async () => (await sent()).some((record) => record.body.kind === 'hole' && record.body.bottomReadingIn !== null),
    PATIENCE,
  )
  const hole = (await sent()).find((record) => record.body.kind === 'hole' && record.body.bottomReadingIn !== null)
  expect(hole?.body).toMatchObject({ depthIn: null, bottomReadingIn: 126 })
  // The page was opened by a name; the record is of the post that bears it.
  expect(hole?.body.post).toMatch(/^p-/)
  await main(/Deep enough|shallower than planned/)
})

test('what was found in a hole is judged in a place of its own: no key moves, and what helps stands under them', async () => {
  const places = () =>
    driver.executeScript<string[]>(`return [...document.querySelectorAll('.field .readpage button, .found button')]
      .filter((key) => !key.closest('.verdict'))
      .map((key) => [key.textContent, Math.round(key.offsetTop), Math.round(key.offsetLeft)].join(' '))`)
  await driver.get(`${BASE}/field/${id}/hole/A2`)
  await main(/Deep enough|shallower than planned/)
  const before = await places()
  for (const [found, said, help] of [
    ['Frozen', /do not pour on it/, /until it is thawed/],
    ['Water', /no pad until it is drained/, /Call the engineer/],
    ['Soft', /dig to firm ground/, /Call the engineer/],
    ['Clay', /Deep enough|shallower/, /it heaves and holds water/],
    ['Rock', /Deep enough|shallower/, /a clean level face/],
  ] as const) {
    await tap(found)
    await at.waitText('.verdict', said)
    await at.waitText('.helps', help)
    expect(await places()).toEqual(before)
    expect(
      await driver.executeScript(
        "const { scrollHeight, clientHeight } = document.querySelector('.verdict'); return scrollHeight <= clientHeight",
      ),
    ).toBe(true)
  }
})

test('the desk makes a guest’s card: its address opens the one post, until it is taken back', async () => {
  const [post] = (
    (await (await fetch(`${BASE}/api/jobs/${id}/plan`)).json()) as {
      plan: { derived: { posts: { id: string; name: string }[] } }
    }
  ).plan.derived.posts
  const beside = `${BASE}/jobs/${id}?stage=posts&post=${post.id}`
  const press = async (text: string) => {
    const key = await at.byText('button', text)
    await driver.executeScript(
      'arguments[0].scrollIntoView({block:"center",behavior:"instant"}); arguments[0].click()',
      key,
    )
  }
  await driver.get(beside)
  await press('Make a card')
  const input = await at.find('input[aria-label="Address of the guest’s card"]')
  const address = (await input.getAttribute('value')) ?? ''
  expect(address).toMatch(/\/guest\/[A-Za-z0-9_-]{43}$/)
  await driver.executeScript('window.print = () => { window.prints = document.body.dataset.prints }')
  await press('Print it')
  expect(await driver.executeScript('return [window.prints, document.body.dataset.prints ?? null]')).toEqual([
    'card',
    null,
  ])
  const paper = await driver.executeScript<string>("return document.querySelector('.guestpaper').textContent")
  expect(paper).toContain(`Post ${post.name}`)
  expect(paper).toContain(address)
  await driver.get(address)
  const said = await at.text('main')
  expect(said).toMatch(new RegExp(`Post ${post.name}[\\s\\S]*Tansy by phone[\\s\\S]*Marks from its own bottom`))
  expect(await driver.findElements(By.css('a, button, input'))).toEqual([])
  await driver.get(beside)
  await press('Take it back')
  await driver.wait(async () => !/stands until/.test(await at.text('body')), PATIENCE)
  await driver.get(address)
  expect(await at.text('main')).toContain('This card opens nothing')
})

test('keys are large enough for a thumb in a glove and nothing runs off the side', async () => {
  for (const view of ['', '/read', '/hole/A1', '/post/A1']) {
    await driver.get(`${BASE}/field/${id}${view}`)
    await at.find('.fmain button')
    const small = await driver.executeScript<string[]>(
      `return [...document.querySelectorAll('.field button')].filter((b) => b.offsetParent && (b.offsetHeight < ` +
        `48 || b.offsetWidth < 44)).map((b) => b.textContent + ' ' + b.offsetWidth + 'x' + b.offsetHeight)`,
    )
    expect(small).toEqual([])
    expect(
      await driver.executeScript<boolean>('return document.documentElement.scrollWidth <= Math.max(412, innerWidth)'),
    ).toBe(true)
  }
})

test('a set-up that nothing ties to the others says so before and while it is read; a late look at the benchmark ties it', async () => {
  await driver.get(`${BASE}/field/${id}/read`)
  await tap('New set-up')
  await main(/without it this set-up is not tied to them and moves no mark/)
  await tap('Start this set-up')
  await main(/not tied[\s\S]*Not tied to the first set-up: this moves no mark/)
  await rest()
  await enter('1/2')
  await tap('Back')
  await main(/1 reading from a place without a name moves no mark: nothing ties that set-up to the first/)
  await (await at.find('.next button')).click()
  await main(/Not tied to the first set-up/)
  await tap('Read it')
  await rest()
  await read('53', '1/2')
  await keep()
  await main(/Benchmark reads 53 1\/2″: the set-up has it now/)
  const tied = (await at.text('.field')).includes('Not tied')
  expect(tied).toBe(false)
  await main(/Check back/)
  await tap('Back')
  await at.find('.next')
  expect(await at.text('.field')).not.toMatch(/moves no mark/)
})

describe('records at the server', () => {
  const url = () => `${BASE}/api/jobs/${id}/records`
  const post = (records: unknown, after = 0, to = url()) =>
    fetch(to, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ after, records }),
    })
  const one = {
    id: 'twice1',
    at: '2026-05-04T12:00:00Z',
    device: 'phone-2',
    who: 'mate',
    body: { kind: 'state', post: 'A2', state: 'planned' },
  }
  test('sent twice it counts once; with another text it is turned away, and stays as first sent', async () => {
    await post([one])
    const other = { ...one, body: { kind: 'cut', post: 'A2', lengthIn: 100 } }
    const told = (await (await post([one, other])).json()) as {
      refused: { id: string; issues: { code: string }[] }[]
    }
    expect(told.refused).toMatchObject([{ id: 'twice1', issues: [{ code: 'id-taken' }] }])
    const has = (await sent()).filter((record) => record.id === 'twice1')
    expect(has).toHaveLength(1)
    expect(has[0].body.state).toBe('planned')
  })
  test('an answer holds only what came after', async () => {
    const r = (await (await post([])).json()) as { last: number; records: unknown[] }
    expect(r.records.length).toBeGreaterThan(5)
    expect(
      ((await (await post([{ ...one, id: 'later1' }], r.last)).json()) as { records: unknown[] }).records,
    ).toHaveLength(1)
  })
  test.each<[string, unknown, RegExp]>([
    [
      'a reading off the rod',
      [{ ...one, id: 'bad1', body: { kind: 'reading', setup: 's', target: 'A1', of: 'foot', inches: 999 } }],
      /inches/,
    ],
    ['an id with a space', [{ ...one, id: 'bad 9' }], /id/],
    ['markup for a post', [{ ...one, id: 'bad2', body: { kind: 'state', post: '<img>', state: 'set' } }], /post/],
  ])('%s is refused with its place, and nothing of it is kept', async (_, records, says) => {
    const before = (await sent()).length
    const told = (await (await post(records)).json()) as { refused: unknown[] }
    expect(told.refused).toHaveLength(1)
    expect(JSON.stringify(told.refused)).toMatch(says)
    expect((await sent()).length).toBe(before)
  })
  test('what is no list is refused as a whole', async () => expect((await post('A1 53')).status).toBe(422))
  test.each([
    ['no-such-job', 404],
    ['0123456789abcdef01234567', 404],
  ])('a job that is not there (%s): %i', async (job, status) => {
    expect((await post([one], 0, `${BASE}/api/jobs/${job}/records`)).status).toBe(status)
  })
})
