import { shownOf } from '@/formats/shown'
import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, readdirSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import readXlsxFile from 'read-excel-file/node'
import { By, type WebDriver } from 'selenium-webdriver'
import { deriveJob } from '@/core/derive'
import { foldRecords, tieLevels } from '@/core/field'
import { parseJob } from '@/core/files'
import { crewBook } from '@/formats/crewbook'
import { fieldSheets } from '@/formats/fieldsheets'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { anew, BASE, desk } from './testing/desk'
import { call } from './testing/office'

// What the office does with the field's records, and what comes out on paper and in files.
let driver: WebDriver
let at: ReturnType<typeof desk>
let url = ''
const doc = JSON.parse(readFileSync('demo/quillback-hill.json', 'utf8')) as { name: string }
const post = (to: string, body: unknown) => anew(() => call(to, 'POST', body))

beforeAll(async () => {
  const browser = await openBrowser()
  driver = browser.driver
  at = desk(driver, browser.downloads)
  url =
    `${BASE}/jobs/` +
    `${((await (await post('/api/jobs', { import: { ...doc, name: 'Quillback sheets' } })).json()) as { id: string }).id}`
})
afterAll(() => driver.quit())

const press = async (text: string) => (await at.byText('button', text)).click()
const fill = async (label: string, text: string) => {
  const el = await at.find(`input[aria-label="${label}"]`)
  await el.click()
  await el.sendKeys(text, '\t')
}

const STAMP = { date: 'Nov 25, 2026', revision: 'revision 1' }

describe('the pole at full size, measured on the page as printed', () => {
  const dpi = 144
  let pages: { width: number; height: number; at: (x: number, y: number) => number }[] = []
  beforeAll(async () => {
    const dir = mkdtempSync(path.join(os.tmpdir(), 'burdock-strips-'))
    writeFileSync(
      `${dir}/s.pdf`,
      Buffer.from(await (await post('/api/pole-strips', { doc, ...STAMP, post: 'A1' })).arrayBuffer()),
    )
    execFileSync('pdftoppm', ['-r', String(dpi), '-gray', `${dir}/s.pdf`, `${dir}/p`])
    pages = readdirSync(dir)
      .filter((text) => text.endsWith('.pgm'))
      .sort()
      .map((text) => {
        const data = readFileSync(`${dir}/${text}`)
        const [, w, h] = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(data.subarray(0, 40).toString('latin1')) ?? []
        const [width, height] = [Number(w), Number(h)]
        const start = data.length - width * height
        return { width, height, at: (x, y) => data[start + y * width + x] }
      })
  })
  const darkRun = (n: number, value: (i: number) => number) => {
    let best = 0
    let run = 0
    for (let i = 0; i < n; i++) {
      run = value(i) < 128 ? run + 1 : 0
      best = Math.max(best, run)
    }
    return best
  }
  test('letter pages; the scale of six inches is six inches on each', () => {
    expect(pages.length).toBeGreaterThan(3)
    for (const page of pages) {
      expect([page.width, page.height]).toEqual([8.5 * dpi, 11 * dpi])
      const longest = Math.max(
        ...Array.from({ length: 40 }, (_, k) =>
          darkRun(page.width, (x) => page.at(x, Math.round((60 + 9.5 * 72 + 10 + k * 0.5) * (dpi / 72)))),
        ),
      )
      expect(Math.abs(longest - 6 * dpi)).toBeLessThanOrEqual(2)
    }
  })
  test('the frame of a strip is nine and a half inches tall to a hundredth and a bit', () => {
    const page = pages[0]
    const tallest = Math.max(
      ...Array.from({ length: 8 }, (_, k) =>
        darkRun(page.height, (y) => page.at(Math.round(36 * (dpi / 72)) - 3 + k, y)),
      ),
    )
    expect(Math.abs(tallest - 9.5 * dpi)).toBeLessThanOrEqual(3)
  })
})

describe.each(['quillback-hill', 'tansy-hollow', 'marl-road'])('%s on paper', (name) => {
  const own = JSON.parse(readFileSync(`demo/${name}.json`, 'utf8')) as unknown
  const stamp = STAMP
  test.each<[string, string, object]>([
    ['crew book', '/api/crew-book', {}],
    ['field sheets', '/api/field-sheets', { records: [], page: `${BASE}/field/x` }],
    ['field sheets, two cards each', '/api/field-sheets', { records: [], page: `${BASE}/field/x`, perSheet: 2 }],
  ])('%s: every sheet fits its page, none runs over onto an empty one', async (_, url_, more) => {
    const dir = mkdtempSync(path.join(os.tmpdir(), 'burdock-pages-'))
    writeFileSync(`${dir}/b.pdf`, Buffer.from(await (await post(url_, { doc: own, ...stamp, ...more })).arrayBuffer()))
    const job = parseJob(own)
    const result = job.ok ? deriveJob(job.value) : job
    if (!job.ok || !result.ok) throw new Error(name)
    const state = foldRecords([])
    const book = url_.endsWith('crew-book')
      ? crewBook(job.value, shownOf(result.value), stamp)
      : fieldSheets({
          job: job.value,
          derived: shownOf(result.value),
          state,
          levels: tieLevels(state),
          ...stamp,
          page: `${BASE}/field/x`,
          ...('perSheet' in more ? { perSheet: 2 as const } : {}),
        })
    const pages = execFileSync('pdftotext', ['-layout', `${dir}/b.pdf`, '-'], { encoding: 'utf8' })
      .split('\f')
      .slice(0, -1)
    expect(
      pages.map((page) =>
        page
          .trim()
          .split('\n')
          .find((text) => book.sheets.some((sheet) => text.trim() === sheet.title))
          ?.trim(),
      ),
    ).toEqual(book.sheets.map((sheet) => sheet.title))
  })
})

test('one pole for a wall, one for the building: the wall’s marks alone, or every wall’s under its letter', async () => {
  const dir = mkdtempSync(path.join(os.tmpdir(), 'burdock-poles-'))
  const text = async (pole: string) => {
    writeFileSync(
      `${dir}/p.pdf`,
      Buffer.from(await (await post('/api/pole-strips', { doc, ...STAMP, post: pole })).arrayBuffer()),
    )
    return execFileSync('pdftotext', [`${dir}/p.pdf`, '-'], { encoding: 'utf8' })
  }
  const [wall, building] = [await text('wall-south'), await text('building')]
  expect(wall).toMatch(/south wall, strip 1\b[\s\S]*G1 top/)
  expect(wall).not.toMatch(/G1 top, /)
  expect(building).toMatch(/whole building, strip 1[\s\S]*G\d top, [NSEW]/)
})

describe('the office', () => {
  test('cut list: the solver answers in the browser, and says what no plan can beat', async () => {
    await driver.get(`${url}?stage=posts`)
    await press('Cut list')
    await at.waitText(
      '.work',
      /boards, \$[\d,]+[\s\S]*No plan costs under \$[\d,]+, and none does with fewer than \d+ boards/,
    )
    const [, bought, bound] = /(\d+) boards, \$[\s\S]*fewer than (\d+) boards/.exec(await at.text('.work')) ?? []
    expect(Number(bought) - Number(bound)).toBeLessThanOrEqual(1)
  })
  test('boards that lie there are cut first, a length of the yard is left out, and the workbook says what the page does', async () => {
    await press('Add boards')
    await at.waitText('.work', /First from what lies there/)
    await (await at.find('[aria-label="Lengths that the yard sells, feet"] button:nth-of-type(9)')).click()
    await at.waitText('.work', /No plan costs under/)
    await driver.wait(async () => !/24′/.test(await at.text('section[aria-label^="2×6 SP-No.2"] table')), 15000)
    const [, boards] = /(\d+) boards, \$/.exec(await at.text('section[aria-label^="2×6 SP-No.2"]')) ?? []
    await press('Cut list as XLSX')
    const sheets = await readXlsxFile(await at.file('.xlsx'))
    expect(sheets.map(({ sheet }) => sheet)).toEqual(['Boards', 'Pieces', 'Saw list'])
    const own = sheets[0].data.filter(([board]) => board === '2×6 SP-No.2')
    expect(sheets[0].data.filter((row) => row[2] === 'lies there')).toHaveLength(1)
    expect(own.filter((row) => row[2] === 'yard').reduce((sum, row) => sum + Number(row[1]), 0)).toBe(Number(boards))
    await press('Saw list as CSV')
    const lines = (await at.file('.csv')).toString('utf8').trim().split('\r\n')
    expect(lines).toHaveLength(sheets[2].data.length)
  })
  test('build card: plies, nails and the order of work', async () => {
    await (await driver.findElement(By.xpath("//span[contains(@class,'seg')]/button[text()='Build']"))).click()
    await at.waitText('.work', /Foot to seat[\s\S]*Pocket for the truss[\s\S]*Nails, [\s\S]*Columns of nails/)
  })
  test('a hole dug too shallow is judged for its own post, with what would make it hold', async () => {
    await driver.get(`${url}?stage=holes`)
    await press('Log')
    await fill('depth of A3 as dug', '47')
    await at.waitText('.work', /shallower than planned, and it does not hold[\s\S]*frost reaches 4′ 0″/)
    await fill('depth of A4 as dug', '0')
    await at.waitText('.work', /Too small/)
    await (await at.find('select[aria-label="found in A5"], select[aria-label="found in A6"]')).sendKeys('water')
    await at.waitText('.work', /no pad until it is drained/)
  })
  test('concrete by truck and by bag', async () => {
    await press('Concrete')
    const bags = Number(await at.text('[data-order="bags"]'))
    expect(bags).toBeGreaterThan(100)
    await (await driver.findElement(By.xpath("//select[option[text()='by truck']]/option[text()='by truck']"))).click()
    await at.waitText('[data-order="truck"]', /^\d+\.(00|25|50|75) yd³$/)
    const yards = Number.parseFloat(await at.text('[data-order="truck"]'))
    // Five spare bags of 0.6 ft³ less, a quarter yard of rounding more.
    expect(Math.abs(yards * 27 - (bags - 5) * 0.6)).toBeLessThan(0.25 * 27 + 0.6)
  })
  test('spot heights from a file, looked at first; a stump in a hole, its ways round, one taken with its reason', async () => {
    await driver.get(`${url}?stage=site`)
    await press('Ground')
    await at.waitText('.work', /Three spot heights make a surface/)
    const file = path.join(mkdtempSync(path.join(os.tmpdir(), 'burdock-csv-')), 'spots.csv')
    writeFileSync(
      file,
      "spot,east,north,height\nP1,-10',-10',2\nP2,\"80'\",-120,-3 1/2\nP3,0,50',4\nP4,80',50',low\nP5,80',50',0\n",
    )
    await (await driver.findElement(By.css('input[aria-label="Spots file"]'))).sendKeys(file)
    await at.waitText('.move', /4 spots to take[\s\S]*Row 5: height “low” is not a length/)
    await press('Take them')
    await at.waitText('table[aria-label="Earthwork"]', /Cut under the building[\s\S]*yd³/)
    expect((await driver.findElements(By.css('g[aria-label^="contour"]'))).length).toBeGreaterThan(2)
    await press('Add what is in the way')
    await at.waitText('.work', /In the hole of A3/)
    await (await at.find('input[aria-label="reason for obstruction 1"]')).sendKeys('old oak')
    await (await at.byText('li[.//b[contains(.,"Grind")]]//button', 'Take it')).click()
    await at.waitText('.work', /Decided: Grind or cut the stump out, old oak/)
    await at.saved()
  })
  test('field sheets: printing remembers every card; a new reading names the ones to print again', async () => {
    await driver.get(`${url}?stage=book`)
    await press('Field sheets')
    await at.waitText('.work', /Cards A1 to A4|field sheets/i)
    await press('Download PDF')
    const file = path.join(mkdtempSync(path.join(os.tmpdir(), 'burdock-pdf-')), 'f.pdf')
    writeFileSync(file, await at.file('field sheets.pdf'))
    const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' })
    for (const part of ['Hole schedule', 'Rod log', 'Concrete order', 'page 1 of', 'rod reads', 'crown'])
      expect(text).toContain(part)
    await at.stage('Posts')
    await at.find('input[name="rod-A2"]')
    expect(await driver.findElements(By.css('.reprint'))).toHaveLength(0)
    await at.type('rod-A2', '53 1/2')
    await at.waitText('.reprint', /1 card changed: reprint A2/)
  })
  test('the plan leaves as DXF in inches', async () => {
    await at.stage('Crew book').catch(async () => driver.get(`${url}?stage=book`))
    await press('Plan as DXF, inches')
    const dxf = (await at.file('inches.dxf')).toString('utf8')
    expect(dxf).toMatch(/\$INSUNITS\s+70\s+1\s/)
    expect(dxf.trimEnd()).toMatch(/EOF$/)
  })
})

test.each<[string, string, unknown, RegExp]>([
  ['a post that is not there', '/api/pole-strips', { doc, ...STAMP, post: 'Z9' }, /no-such-post/],
  ['a wall that is not there', '/api/pole-strips', { doc, ...STAMP, post: 'wall-up' }, /no-such-post/],
  ['no post', '/api/pole-strips', { doc, ...STAMP }, /post/],
  [
    'a page that is a script',
    '/api/field-sheets',
    { doc, date: '', revision: '', records: [], page: 'javascript:alert(1)' },
    /page/,
  ],
  [
    'records that are none',
    '/api/field-sheets',
    { doc, date: '', revision: '', records: [{ id: 1 }], page: 'http://127.0.0.1/field/x' },
    /id/,
  ],
  [
    'no job',
    '/api/field-sheets',
    { doc: {}, date: '', revision: '', records: [], page: 'http://127.0.0.1/field/x' },
    /format/,
  ],
])('%s is refused in words', async (_, to, body, says) => {
  const response = await post(to, body)
  expect(response.status).toBe(422)
  expect(JSON.stringify(await response.json())).toMatch(says)
})
