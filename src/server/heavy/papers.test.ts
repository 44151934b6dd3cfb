import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { deriveJob, jobSticks } from '@/core/derive'
import { readJobText } from '@/core/files'
import { foldBare, measure, tieLevels } from '@/core/field'
import type { Job } from '@/core/model'
import { buyingOf, cutGroups, sawnOf } from '@/core/sticks'
import { parseLength, roundIn } from '@/core/units'
import { barnJob } from '@/core/testing/barn'
import { designOf } from '@/formats/design'
import { MARGINS, roomOn } from '@/formats/crewbook/paper'
import { bookPdf } from './books'
import { cutListPdf } from './cutList'
import { fieldSheetsPdf, labelsPdf, stripsOf } from './fieldSheets'

// What a crew, an office and a saw have in their hands must say the same: the texts of three PDFs, the phone, the design
// document, the cut list and the order are read and compared number by number.

const folder = mkdtempSync(path.join(os.tmpdir(), 'burdock-papers-'))
afterAll(() => rmSync(folder, { recursive: true }))
const dated = { date: '2026-11-27', revision: 'revision 1' }

/** The text of a PDF line by line, heads and feet of pages left out. */
function linesOf(pdf: Uint8Array): readonly string[] {
  const file = path.join(folder, 'paper.pdf')
  writeFileSync(file, pdf)
  const raw = execFileSync('pdftotext', ['-raw', file, '-'], { encoding: 'utf8', maxBuffer: 1 << 27 })
  return raw
    .replace(/[\f\u00a0]/g, (sign) => (sign === '\f' ? '' : ' '))
    .split('\n')
    .filter((line) => !/2026-11-27 revision 1$|page \d+ of \d+$/.test(line))
}

async function made(pdf: ReturnType<typeof bookPdf>): Promise<Uint8Array> {
  const result = await pdf
  if (!result.ok) throw new Error(JSON.stringify(result.issues))
  return result.value
}

const demoJob = (name: string): Job => {
  const job = readJobText(readFileSync(`demo/${name}.json`, 'utf8'))
  if (!job.ok) throw new Error(name)
  return job.value
}
/** The building of 96 posts, on paper of the other size. */
const large = (): Job => {
  const job = barnJob({
    lengthIn: 2400,
    widthIn: 720,
    bays: { mode: 'count', count: 25 },
    bracing: { ...barnJob().building.bracing, walls: 'x-boards' },
    leanTos: [],
  })
  return { ...job, fieldwork: { ...job.fieldwork, paper: 'a4' } }
}

/** A length as it stands in a text, inches. */
const inchesOf = (text: string): number => {
  const length = parseLength(text)
  if (!length.ok) throw new Error(`no length: ${text}`)
  return length.value
}
/** Lengths in a line of text, in their order. */
const LENGTH = /(?:\d+' )?\d*(?: ?\d+\/\d+)?"/g
const lengthsIn = (line: string): number[] => (line.match(LENGTH) ?? []).map((text) => inchesOf(text.trim()))

const jobs: readonly (readonly [string, () => Job])[] = [
  ['Quillback', () => demoJob('quillback-hill')],
  ['Marl', () => demoJob('marl-road')],
  ['Tansy', () => demoJob('tansy-hollow')],
  ['the large building on A4', large],
]

/** A bar that goes on from row to row. */
interface Bar {
  readonly x: number
  readonly long: number
  readonly rows: number
}

/** Black bars of a page as printed: how long and how thick, inches. */
function barsOn(file: string, page: number): readonly (readonly [number, number])[] {
  const dpi = 144
  const at = ['-r', String(dpi), '-gray', '-f', String(page), '-l', String(page)]
  const data = execFileSync('pdftoppm', [...at, file], { maxBuffer: 1 << 28 })
  const [, w, h] = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(data.subarray(0, 40).toString('latin1')) ?? []
  const [width, height] = [Number(w), Number(h)]
  const from = data.length - width * height
  const bars: [number, number][] = []
  let before: Bar | null = null as Bar | null
  for (let y = 0; y < height; y++) {
    let [best, start, run] = [0, 0, 0]
    for (let x = 0; x <= width; x++) {
      const dark = x < width && data[from + y * width + x] < 128
      if (dark) run++
      else {
        if (run > best) [best, start] = [run, x - run]
        run = 0
      }
    }
    const same: boolean = before !== null && Math.abs(before.x - start) < 2 && Math.abs(before.long - best) < 2
    if (before !== null && !same) bars.push([before.long / dpi, before.rows / dpi])
    before = same && before !== null ? { ...before, rows: before.rows + 1 } : { x: start, long: best, rows: 1 }
  }
  return bars
}

/** A word as it is printed: from and to across its page, from its top and from its bottom, points. */
interface PrintedWord {
  readonly text: string
  readonly left: number
  readonly right: number
  readonly top: number
  readonly bottom: number
  /** How near it comes to the edge of the paper. */
  readonly edge: number
}
function wordsOn(pdf: Uint8Array): readonly PrintedWord[] {
  const file = path.join(folder, 'words.pdf')
  writeFileSync(file, pdf)
  const raw = execFileSync('pdftotext', ['-bbox', file, '-'], { encoding: 'utf8', maxBuffer: 1 << 28 })
  let [wide, high] = [0, 0]
  return raw.split('\n').flatMap((line): readonly PrintedWord[] => {
    const page = /<page width="([\d.]+)" height="([\d.]+)"/.exec(line)
    if (page) [wide, high] = [Number(page[1]), Number(page[2])]
    const word = /<word xMin="(\S+)" yMin="(\S+)" xMax="(\S+)" yMax="(\S+)">(.*)<\/word>/.exec(line)
    if (!word) return []
    const [left, top, right, low] = word.slice(1, 5).map(Number)
    const bottom = high - low
    return [{ text: word[5], left, right, top, bottom, edge: Math.min(left, top, wide - right, bottom) }]
  })
}

/** How the file tells things apart, which is nothing for people. */
const OWN_NAME =
  /\bop-[\w-]+|\w+-line-\d|\b(?:lean|carrier|header|ledger|girts?|roof|wall)-(?:lean|south|north|west|east)\b|\btruss-\d/

/** Room that a printer leaves white at the edges of paper, points. */
const PRINTABLE_PT = 12
/** Room of the title over labels, and of the code at the right of each, points. */
const HEAD_PT = 50
const CODE_PT = 71

test.each([
  ['quillback-hill', 'letter', 'posts'],
  ['tansy-hollow', 'a4', 'all'],
] as const)(
  'labels and strips of %s on %s: no word runs over the edge of the paper or into a code',
  async (name, paper, stage) => {
    const job = demoJob(name)
    const own = { ...job, fieldwork: { ...job.fieldwork, paper } }
    const strips = wordsOn(await made(stripsOf(own, 'A1', dated)))
    const labels = wordsOn(
      await made(labelsPdf(own, { stage, page: 'https://yard.example/field/long-enough-a-name', ...dated })),
    )
    for (const words of [strips, labels]) {
      expect(words.length).toBeGreaterThan(100)
      expect(words.filter(({ edge }) => edge < PRINTABLE_PT)).toEqual([])
      expect(words.filter(({ text }) => OWN_NAME.test(text))).toEqual([])
    }
    const wide = Math.floor((roomOn(paper).wide - 1) / 3)
    const onLabels = labels.filter(({ top, bottom }) => top > MARGINS.top + HEAD_PT && bottom > MARGINS.bottom)
    expect(onLabels.length).toBeGreaterThan(100)
    const intoCode = onLabels.filter(({ left, right }) => {
      const column = Math.floor((left - MARGINS.left) / wide)
      return right > MARGINS.left + (column + 1) * wide - CODE_PT
    })
    expect(intoCode.map(({ text }) => text)).toEqual([])
  },
  60_000,
)

test.each([
  ['marl-road', 'letter'],
  ['marl-road', 'a4'],
  ['quillback-hill', 'a4'],
] as const)(
  'the bird’s mouth of %s is at full size on %s: its two inches are two inches',
  async (name, paper) => {
    const job = demoJob(name)
    const book = { ...job, fieldwork: { ...job.fieldwork, paper } }
    const file = path.join(folder, 'mouth.pdf')
    writeFileSync(file, await made(bookPdf({ kind: 'crew-book', job: book, records: [], dated })))
    const pages = execFileSync('pdftotext', [file, '-'], { encoding: 'utf8', maxBuffer: 1 << 27 }).split('\f')
    const page = pages.findIndex((text) => text.includes('at full size')) + 1
    expect(page).toBeGreaterThan(0)
    const thick = barsOn(file, page).filter(([, rows]) => rows > 0.05 && rows < 0.2)
    expect(thick.some(([long]) => Math.abs(long - 2) < 0.015)).toBe(true)
  },
  60_000,
)

describe.each(jobs)('%s', (_, jobFor) => {
  const job = jobFor()
  const derived = deriveJob(job)
  if (!derived.ok) throw new Error(JSON.stringify(derived.issues))
  const { posts, holes } = derived.value
  const { sticks } = jobSticks(job, derived.value)
  const design = designOf(job, derived.value)
  const state = foldBare([])
  const phone = measure(job, derived.value, state, tieLevels(state)).asBuilt
  let [book, field, drawings]: (readonly string[])[] = [[], [], []]
  let pdf: Uint8Array = new Uint8Array()
  beforeAll(async () => {
    pdf = await made(bookPdf({ kind: 'crew-book', job, records: [], dated }))
    book = linesOf(pdf)
    field = linesOf(await made(fieldSheetsPdf(job, [], { ...dated, page: 'http://127.0.0.1:3000/field/j' })))
    drawings = linesOf(await made(bookPdf({ kind: 'drawings', job, records: [], dated })))
  }, 120_000)

  test('the same day makes the same file, to the byte', async () => {
    expect(Buffer.compare(pdf, await made(bookPdf({ kind: 'crew-book', job, records: [], dated })))).toBe(0)
  }, 60_000)

  test('a post is cut at one length: card, schedule, phone, design', () => {
    for (const [i, post] of posts.entries()) {
      const need = roundIn(phone.find(({ id }) => id === post.id)?.needIn ?? NaN)
      const start = field.findIndex((line, k) => line === post.name && /^(rod |card )/.test(field[k + 1] ?? ''))
      const card = field.slice(start, start + 12).find((line) => /^cut |rough length/.test(line)) ?? ''
      const [said] = lengthsIn(card)
      const row = book.find((line) => new RegExp(`^${post.name} (corner|eave|gable|jamb|lean-to) `).test(line))
      // Two of its place, height, in the ground, hole, deep, then its length.
      expect([post.name, lengthsIn(row ?? '')[6]]).toEqual([post.name, need])
      // Posts that are cut in place stand longer until then, by what the user allows less what a board has for its ends.
      const long = card.startsWith('cut ') ? 0 : job.buying.cutInPlaceIn - job.buying.spareIn
      expect([post.name, said]).toEqual([post.name, need + long])
      expect(roundIn(design.posts[i].totalIn)).toBe(need)
    }
  })

  test('a hole is dug as deep on the schedule and on the foundation plan, and as wide', () => {
    for (const hole of holes) {
      const words = drawings.filter((line) => /^H\d /.test(line))
      const own = words.filter((line) => lengthsIn(line)[1] === roundIn(hole.digIn))
      expect(own.some((line) => lengthsIn(line)[0] === roundIn(hole.diameterIn))).toBe(true)
      const post = posts.find(({ kind }) => kind === hole.kind)
      const row = book.find((line) => line.startsWith(`${post?.name ?? ''} `) && line.includes(' , '))
      expect(lengthsIn(row ?? '').slice(4, 6)).toEqual([roundIn(hole.diameterIn), roundIn(hole.digIn)])
    }
  })

  test('pieces to cut are those of the design, board by board and length by length', () => {
    const groups = cutGroups(sticks, buyingOf(job))
    for (const group of groups) {
      const printed = book.filter((line) => line.startsWith(`${group.label} `))
      for (const piece of group.pieces) {
        const row = printed.find((line) => {
          const after = line.slice(group.label.length)
          const [long] = lengthsIn(after)
          const count = /" (\d+) /.exec(after)?.[1]
          return long === piece.lengthIn && Number(count) === piece.count
        })
        expect([group.label, piece.lengthIn, piece.count, row !== undefined]).toEqual([
          group.label,
          piece.lengthIn,
          piece.count,
          true,
        ])
      }
    }
    const counted = groups.reduce((sum, { pieces }) => sum + pieces.reduce((all, { count }) => all + count, 0), 0)
    expect(counted).toBe(design.sticks.filter(({ board }) => board.size !== null).length)
  })

  test('the printed cut list cuts every piece once', async () => {
    const cuts = linesOf(await made(cutListPdf(job, [], { stage: 'all', ...dated })))
    const counts = new Map<number, number>()
    for (const line of cuts)
      for (const [, many, long] of line.matchAll(/(\d+) x ((?:\d+' )?\d*(?: ?\d+\/\d+)?")/g)) {
        const boards = Number(/^(\d+) /.exec(line)?.[1] ?? NaN)
        const lengthIn = inchesOf(long)
        counts.set(lengthIn, (counts.get(lengthIn) ?? 0) + boards * Number(many))
      }
    const wanted = new Map<number, number>()
    for (const { lengthIn, count } of cutGroups(sticks, buyingOf(job)).flatMap(({ pieces }) => pieces))
      if (lengthIn + job.buying.spareIn <= Math.max(...job.buying.stockIn))
        wanted.set(lengthIn, (wanted.get(lengthIn) ?? 0) + count)
    expect([...counts].sort()).toEqual([...wanted].sort())
  }, 60_000)

  test('every piece that is cut is in the order, kind by kind', () => {
    const ordered = derived.value.takeoff.lumber.reduce((sum, { count }) => sum + count, 0)
    const rows = book.slice(book.findIndex((line) => line === 'Lumber to order'))
    for (const line of derived.value.takeoff.lumber) {
      const row = rows.find(
        (text) => text.startsWith(`${line.what} `) && lengthsIn(text.slice(line.what.length))[0] === line.stockIn,
      )
      if (line.stockIn !== null) expect([line.what, row?.includes(` ${line.count} `)]).toEqual([line.what, true])
    }
    expect(ordered).toBe(
      design.sticks.filter(
        ({ buyLengthIn, board, kind }) => buyLengthIn !== null || (board.size === null && kind === 'post'),
      ).length,
    )
  })

  test('every brace has one length on its sheet, its drawing and in the design', () => {
    for (const brace of sticks.filter(({ kind }) => kind === 'brace')) {
      const edge = roundIn(sawnOf(brace).lowerEdgeIn)
      const row = book.find(
        (line) => line.includes(`${brace.name} `) && line.includes(' to ') && lengthsIn(line)[0] === edge,
      )
      expect([brace.id, row === undefined]).toEqual([brace.id, false])
      expect(drawings.some((line) => line.startsWith(brace.name) && lengthsIn(line)[0] === edge)).toBe(true)
    }
  })

  test('nothing is called as the file calls it', () =>
    expect([...book, ...field, ...drawings].filter((line) => OWN_NAME.test(line))).toEqual([]))
  test('no number is broken by the end of a line', () => {
    // Words before it: a number that stands alone is turned along its line.
    for (const line of [...book, ...field]) expect(line).not.toMatch(/[a-z,;:"] \d+'$|\d+ \d+\/$|No\.$/)
  })
})
