import { execFileSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { By, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { anew, BASE, desk } from './testing/desk'
import { call } from './testing/office'

// Drawings, the lot, the state of every piece, its label and its page on the phone; what is printed is what the PDF is.
let driver: WebDriver
let at: ReturnType<typeof desk>
let url = ''
const folder = mkdtempSync(path.join(os.tmpdir(), 'burdock-drawings-'))
const STAMP = { date: 'Nov 27, 2026', revision: 'revision 1' }
const read = (name: string) => JSON.parse(readFileSync(name, 'utf8')) as { fieldwork: object }
const DEMO = read('demo/quillback-hill.json')
/** The building of 96 posts. */
const LARGE = read('scripts/bench/barn-60x200.json')

const post = (to: string, body: unknown) => anew(() => call(to, 'POST', body))
async function paper(to: string, body: object): Promise<string> {
  const response = await post(to, body)
  expect(response.status).toBe(200)
  const file = path.join(folder, 'paper.pdf')
  writeFileSync(file, Buffer.from(await response.arrayBuffer()))
  return file
}
const info = (file: string) => execFileSync('pdfinfo', [file], { encoding: 'utf8' })

beforeAll(async () => {
  const browser = await openBrowser()
  driver = browser.driver
  at = desk(driver, browser.downloads)
  const made = (await (await post('/api/jobs', { import: { ...DEMO, name: 'Quillback drawn' } })).json()) as {
    id: string
  }
  url = `${BASE}/jobs/${made.id}`
})
afterAll(async () => {
  await driver.quit()
  rmSync(folder, { recursive: true })
})
const press = async (text: string) => (await at.byText('button', text)).click()
const fill = async (label: string, text: string) => {
  const field = await at.find(`input[aria-label="${label}"]`)
  await field.click()
  await field.sendKeys(text, '\t')
}
/** Picks from a list. */
const choose = async (label: string, text: string) =>
  (await at.find(`select[aria-label="${label}"]`)).findElement(By.xpath(`option[.='${text}']`)).click()

describe('papers', () => {
  const field = { records: [], page: `${BASE}/field/x` }
  const labels = { stage: 'walls', page: `${BASE}/field/x` }
  test.each([
    ['letter', LARGE, 792, 612],
    ['a4', { ...LARGE, fieldwork: { ...LARGE.fieldwork, paper: 'a4' } }, 841.89, 595.28],
  ])(
    'of the large building on %s: every page is one',
    async (_, doc, long, short) => {
      for (const [to, more, lies] of [
        ['/api/drawings', {}, true],
        ['/api/crew-book', {}, false],
        ['/api/field-sheets', field, false],
        ['/api/calc-sheet', {}, false],
        ['/api/piece-labels', labels, false],
        ['/api/cut-list', { records: [], stage: 'all' }, false],
        ['/api/pole-strips', { post: 'building' }, false],
      ] as const) {
        const file = await paper(to, { doc, ...STAMP, ...more })
        const [wide, high] = lies ? [long, short] : [short, long]
        const size = /Page size:\s+([\d.]+) x ([\d.]+)/.exec(info(file))?.slice(1).map(Number) ?? []
        expect([to, Math.abs(size[0] - wide) < 1, Math.abs(size[1] - high) < 1]).toEqual([to, true, true])
        const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8', maxBuffer: 1 << 27 })
        const pages = text.split('\f').slice(0, -1)
        // No page is empty but for its head and foot.
        for (const page of pages) expect(page.trim().split('\n').length).toBeGreaterThan(3)
      }
    },
    180_000,
  )
  test('names in other letters, the language and the title are in the file', async () => {
    const name = 'Ωδείο Жито Łąka'
    const file = await paper('/api/drawings', { doc: { ...DEMO, name }, ...STAMP })
    expect(execFileSync('pdftotext', [file, '-'], { encoding: 'utf8' })).toContain(name)
    expect(info(file)).toMatch(/Title:\s+Ωδείο Жито Łąka: drawings/)
    expect(readFileSync(file).toString('latin1')).toMatch(/\/Lang \(en-US\)/)
    expect(execFileSync('pdffonts', [file], { encoding: 'utf8' })).not.toMatch(/ no +no +no /)
  })
})

describe('the office', () => {
  test('drawings are sheets on screen; Print prints the pages of the PDF, byte for byte', async () => {
    await driver.get(`${url}?stage=book`)
    await press('Drawings')
    await at.waitText('.work', /Foundation plan[\s\S]*running marks from the string/)
    expect((await driver.findElements(By.css('.sheetpage.lying img'))).length).toBeGreaterThan(12)
    expect(await at.faults()).toEqual([])
    // What goes to the viewer is looked at on its way.
    await driver.executeScript(
      `window.print = () => { window.printedPage = true }
       const own = URL.createObjectURL
       URL.createObjectURL = (blob) => {
         void blob.arrayBuffer().then((bytes) => { window.taken = [...(window.taken ?? []), bytes] })
         return own.call(URL, blob)
       }`,
    )
    await press('Print')
    await at.find('iframe.printframe')
    const printed = await driver.executeAsyncScript<string>(
      `const done = arguments[arguments.length - 1]
       const wait = () => window.taken ? crypto.subtle.digest('SHA-256', window.taken[0]).then((sum) =>
         done([...new Uint8Array(sum)].map((byte) => byte.toString(16).padStart(2, '0')).join(''))) : setTimeout(wait, 50)
       wait()`,
    )
    await press('Download PDF')
    const file = await at.file('drawings.pdf')
    expect(printed).toBe(createHash('sha256').update(file).digest('hex'))
    expect(await driver.executeScript('return window.printedPage ?? false')).toBe(false)
  })

  test('a lot: corners, a set-back that is not kept, a well; all of it undone', async () => {
    await driver.get(`${url}?stage=site&view=lot`)
    await at.waitText('table[aria-label="Corners of the lot"]', /lane|kept/)
    await fill('set-back from line 1', "80'")
    await at.waitText('table[aria-label="Corners of the lot"]', /not kept/)
    await press('Well, drain field, building')
    await fill('what thing 3 is', 'shed')
    await at.waitText('.work', /kept/)
    expect(await at.faults()).toEqual([])
    await fill('corner 1 east', 'far')
    await at.waitText('.work', /not a length|is not/)
    await at.saved()
  })

  test('girts of a wall are cut; a deeper board says which do not serve, and what new boards cost', async () => {
    await driver.get(`${url}?stage=posts&view=built&tab=pieces`)
    await at.waitText('.work', /pieces\. What is cut keeps its length/)
    await choose('state of all South: girts', 'cut')
    await at.waitText('section[aria-label="South: girts"]', /43 cut/)
    expect(await at.faults()).toEqual([])
    await press('Cut list')
    await at.waitText('.work', /not yet cut/)
    const pieces = Number(/(\d+) pieces not yet cut/.exec(await at.text('.work'))?.[1])
    await driver.get(`${url}?stage=walls`)
    await at.byText('label', 'Size')
    await (await driver.findElement(By.xpath("//label[.='Size']/following-sibling::select/option[.='2×4']"))).click()
    await at.saved()
    await driver.get(`${url}?stage=posts&view=built&tab=pieces`)
    await at.waitText('.work', /cut before the plan changed do not serve any more: new boards for \$\d/)
    await press('South: girts')
    await at.waitText('table[aria-label^="South: girts"]', /wants another board, \$\d+/)
    await press('Cut list')
    await at.waitText('.work', /not yet cut/)
    expect(Number(/(\d+) pieces not yet cut/.exec(await at.text('.work'))?.[1])).toBeGreaterThan(pieces)
  })

  test('labels: the code of one opens its piece on a phone; what is said there stands in the office', async () => {
    await driver.get(`${url}?stage=posts&view=cut`)
    await (await at.find('.work select')).findElement(By.xpath("option[.='Roof']")).click()
    await press('Piece labels')
    const file = path.join(folder, 'labels.pdf')
    writeFileSync(file, await at.file('labels.pdf'))
    expect(execFileSync('pdftotext', [file, '-'], { encoding: 'utf8' })).toMatch(/Piece labels, 1 of[\s\S]*purlins/)
    await driver.get(`${url.replace('/jobs/', '/field/')}/piece/${encodeURIComponent('fascia-south-1')}`)
    await at.waitText('.fmain', /fascia: 2×6[\s\S]*state: planned/)
    await press('Cut as said')
    await at.waitText('.fmain', /Fits[\s\S]*state: cut/)
    // A tap that follows at once is the same tap of a stiff glove.
    await driver.sleep(420)
    await press('Now set')
    await at.waitText('.fmain', /state: set/)
    await driver.sleep(420)
    await press('Undo set')
    await at.waitText('.fmain', /state: cut/)
    await at.waitText('.fhead', /Sent/)
    await driver.get(`${url}?stage=posts&view=built&tab=pieces`)
    await at.waitText('section[aria-label="South: fascia"]', /1 cut/)
    await driver.get(`${url.replace('/jobs/', '/field/')}/piece/girt-up-G9-1`)
    await at.waitText('.fmain', /no longer in the plan/)
  })
})
