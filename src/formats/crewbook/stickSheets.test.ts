import { deriveJob, jobSticks, jobStructure } from '@/core/derive'
import type { Job } from '@/core/model'
import { isPurlinBlock, sawnOf } from '@/core/sticks'
import { demo } from '@/core/testing/demos'
import { barnJob } from '@/core/testing/barn'
import { parseLength } from '@/core/units'
import { shownOf } from '../shown'
import { mark } from './paper'
import { crewBook, siteSheets } from './book'
import { stickSheets } from './stickSheets'
import type { Sheet } from './types'
import { wallSheets } from './wallSheet'

function sheetsFor(job: Job) {
  const derived = deriveJob(job)
  if (!derived.ok) throw new Error(JSON.stringify(derived.issues))
  const shown = shownOf(derived.value)
  const structure = jobStructure(job, shown)
  const sticks = jobSticks(job, shown, { structure })
  return { job, shown, sticks, sheets: stickSheets({ job, derived: shown, structure, sticks }) }
}
const rowsOf = (sheet: Sheet | undefined): (readonly string[])[] =>
  (sheet?.blocks ?? []).flatMap((block) => (block.kind === 'table' ? block.rows : []))
const titled = (sheets: readonly Sheet[], title: RegExp): Sheet | undefined =>
  sheets.find((sheet) => title.test(sheet.title))
const braced = (change: object = {}): Job => {
  const { building } = barnJob()
  return barnJob({ bracing: { ...building.bracing, walls: 'x-boards', size: '2x6', baysPerWall: 2 }, ...change })
}

test('every brace has its line, with its lower edge, tip to tip, cut, hand and stock', () => {
  const { sticks, sheets } = sheetsFor(braced())
  const braces = sticks.sticks.filter(({ kind }) => kind === 'brace')
  const rows = rowsOf(titled(sheets, /^Bracing$/))
  expect(rows).toHaveLength(braces.length)
  expect(braces.length).toBeGreaterThanOrEqual(8)
  for (const [i, stick] of braces.entries()) {
    const { lowerEdgeIn, tipToTipIn, offSquareDeg } = sawnOf(stick)
    expect(rows[i].slice(2, 5)).toEqual([mark(lowerEdgeIn), mark(tipToTipIn), offSquareDeg[0].toFixed(1)])
    expect(rows[i][6]).toBe(mark(stick.buyLengthIn ?? 0))
  }
})
// Of the two of a bay one rises each way. South from outside: east is to the right; north from outside it is to the left.
test('the hand of a brace is that seen from outside', () => {
  const { sticks, sheets } = sheetsFor(braced())
  const rows = rowsOf(titled(sheets, /^Bracing$/))
  const hands = sticks.sticks
    .filter(({ kind }) => kind === 'brace')
    .map(({ place, at }, i) => ({ side: place.side, eastward: at.to[0] > at.from[0], hand: rows[i][5] }))
  for (const { side, eastward, hand } of hands.filter(({ side }) => side === 'south' || side === 'north'))
    expect(hand).toBe(`rises to the ${(side === 'south') === eastward ? 'right' : 'left'}`)
})
test('steep braces are past the saw, and it is said', () => {
  const { sheets } = sheetsFor(braced())
  // Bays of 8 ft under a heel of 14: about 60 degrees.
  expect(JSON.stringify(titled(sheets, /^Bracing$/))).toMatch(/mark and cut by hand/)
})
test('without boards in the walls there is no sheet for them', () =>
  expect(titled(sheetsFor(barnJob()).sheets, /^Bracing$/)).toBeUndefined())
test('knee braces 3 ft down and 4 ft out: 5 ft heel to heel', () => {
  const knee = { downIn: 36, outIn: 48, size: '2x6', lumber: 'SP-No.2', plies: 1, trussDesigned: true } as const
  const rows = rowsOf(titled(sheetsFor(barnJob({ knee })).sheets, /^Knee braces$/))
  // Short edge 60 − 5.5·(36/48 + 48/36) = 48.54; cuts 36.9 degrees at the post, 53.1 at the truss.
  expect(rows.map((row) => row[1].replace(/ past.*/, ''))).toEqual([
    `5' 0"`,
    `4' 0 9/16"`,
    '36.9 degrees off square ',
    '53.1 degrees off square',
    `8' 0"`,
  ])
})
test.each(['quillback', 'marl'] as const)(
  '%s: rafters of the lean-to with their seat, template and purlin rows',
  (name) => {
    const { sheets } = sheetsFor(demo(name).job)
    const sheet = titled(sheets, /lean-to: rafters$/)
    expect(sheet?.blocks.some((block) => block.kind === 'svg' && /full size/.test(block.alt))).toBe(true)
    expect(JSON.stringify(sheet).includes('flashing')).toBe(name === 'quillback')
  },
)
// The template is traced from the paper: 72 points are one inch.
test('the template of a bird’s mouth is drawn at full size', () => {
  const { job, sheets } = sheetsFor(demo('quillback').job)
  const [leanTo] = job.building.leanTos
  const svg = titled(sheets, /lean-to: rafters$/)?.blocks.find((block) => block.kind === 'svg')
  const points = /d="M10 [\d.]+L([\d.]+) ([\d.]+)L([\d.]+) ([\d.]+)L([\d.]+)/.exec(svg?.kind === 'svg' ? svg.svg : '')
  const [x0, y0, x1, y1] = (points ?? []).slice(1).map(Number)
  expect(Math.hypot(x1 - x0, y0 - y1) / 72).toBeCloseTo(leanTo.seatIn, 6)
  expect((y0 - y1) / (x1 - x0)).toBeCloseTo(leanTo.pitchPer12 / 12, 6)
})
test('carriers sit a carrier’s depth under the heel, and say so', () => {
  const { sheets } = sheetsFor(demo('tansy').job)
  const sheet = titled(sheets, /^Carriers/)
  expect(JSON.stringify(sheet)).toContain(`Seat 9' 0 3/4\\" above the grade line, top 10' 0\\"`)
})
// Trusses stand 4 ft on centre from the middle of the first post, 2 1/4 in. in; board 1.2 begins at the middle of A2.
test('each board of a carrier is marked where trusses stand on it, from its own end', () => {
  const { job, shown, sheets } = sheetsFor(demo('tansy').job)
  const rows = rowsOf(titled(sheets, /^Carriers/)).filter(
    ([board, marks]) => /^carrier 1\.2/.test(board) && /T/.test(marks),
  )
  const { x } = shown.posts.find(({ name }) => name === 'A2') ?? { x: NaN }
  const on = shown.trusses.trusses.filter(({ xIn }) => xIn > x && xIn < job.building.lengthIn - x)
  expect(rows.map((row) => row[1].replaceAll('\u00a0', ' ').split('   '))).toEqual(
    Array(2).fill(on.map(({ number, xIn }) => `T${number} at ${mark(xIn - x)}`)),
  )
  expect(on).toHaveLength(5)
})
// Rafters of two plies stand 2 ft on centre from the end, the first flush with it: its middle lies 1 1/2 in. in.
test('a ledger has its height, its bolts, its boards and the rafters that hang on them', () => {
  const { sheets, sticks } = sheetsFor(demo('marl').job)
  const sheet = titled(sheets, /ledgers$/)
  const text = JSON.stringify(sheet).replaceAll('\u00a0', ' ')
  const [ledger] = sticks.sticks.filter(({ kind }) => kind === 'ledger')
  expect(text).toContain(`top ${JSON.stringify(mark(ledger.at.from[2] + 9.25 / 2)).slice(1, -1)}`)
  const marks = rowsOf(sheet).find(([board, own]) => /^ledger 2\.1/.test(board) && /R/.test(own))?.[1] ?? ''
  const read = marks.replaceAll('\u00a0', ' ').split('   ')
  expect(read.slice(0, 3)).toEqual([`R1 at 0' 1 1/2"`, `R2 at 2' 1 1/2"`, `R3 at 4' 1 1/2"`])
})
// Rows 24 in. apart along the slope, boards of 1 1/2 in.: 22 1/2 in. between them where the spaces are whole.
test('blocks between purlins are told with their lengths, as many as there are sticks', () => {
  const { job, shown, sticks } = sheetsFor(demo('quillback').job)
  const sheet = titled(crewBook(job, shown, { date: '', revision: '' }).sheets, /^Purlin rows$/)
  const text = JSON.stringify(sheet).replaceAll('\u00a0', ' ')
  const counts = [...text.matchAll(/(\d+) of \d/g)].map(([, count]) => Number(count))
  const blocks = sticks.sticks.filter(isPurlinBlock)
  expect(counts.reduce((sum, count) => sum + count, 0)).toBe(blocks.length)
  // Seven spaces between eight trusses or rafters: ten between the eleven rows of each slope, six between the lean-to’s seven.
  expect(blocks).toHaveLength(7 * (10 + 10 + 6))
  const { roof } = job.building
  const open = {
    ...job,
    building: { ...job.building, roof: { ...roof, purlins: { ...roof.purlins, blocked: false } } },
  }
  expect(sheetsFor(open).sticks.sticks.filter(isPurlinBlock)).toEqual([])
})
test('the truss order counts the trusses, and the lean-to side has no tail', () => {
  const { shown, sheets } = sheetsFor(demo('quillback').job)
  const rows = rowsOf(titled(sheets, /^Truss order$/))
  expect(rows[0][1]).toMatch(new RegExp(`^${shown.trusses.trusses.length},`))
  expect(rows.find(([what]) => /^overhang/.test(what))?.[1]).toBe(`12", 0"`)
})

test.each(['quillback', 'tansy', 'marl'] as const)(
  '%s: the boards of a girt sheet are the sticks of its wall',
  (name) => {
    const { job, shown, sticks } = sheetsFor(demo(name).job)
    for (const side of ['south', 'east', 'north', 'west'] as const) {
      if (job.building.openSides.includes(side)) continue
      const sheets = wallSheets(job, shown, side)
      const own = sticks.sticks.filter(({ kind, place }) => kind === 'girt' && place.side === side)
      const lengths = rowsOf(sheets.at(-1)).flatMap((row) => row[3].split('   '))
      expect(lengths.sort()).toEqual(own.map(({ cutLengthIn }) => mark(cutLengthIn)).sort())
      expect(JSON.stringify(sheets)).toContain(`Cut ${own.length}`)
    }
  },
)
test('a wall of 200 ft is drawn in lengths that read, which begin and end on posts', () => {
  const { job, shown } = sheetsFor(barnJob({ lengthIn: 2400, bays: { mode: 'max', maxIn: 120 } }))
  const drawings = wallSheets(job, shown, 'south').flatMap(({ blocks }) => blocks.filter(({ kind }) => kind === 'svg'))
  expect(drawings).toHaveLength(6)
  const posts = new Set(shown.posts.filter(({ side }) => side === 'south').map(({ atIn }) => mark(atIn)))
  const ends = drawings.flatMap((block) => (block.kind === 'svg' ? [/, (.*) to (.*)$/.exec(block.alt) ?? []] : []))
  for (const [, from, to] of ends) {
    expect(from === `0' 0"` || posts.has(from)).toBe(true)
    expect(to === `200' 0"` || posts.has(to)).toBe(true)
  }
})

test.each(['quillback', 'tansy', 'marl'] as const)(
  'phones have the sheets of %s that no reading changes: as in the book, but for what is traced from paper',
  (name) => {
    const { job } = demo(name)
    const { shown } = sheetsFor(job)
    const book = crewBook(job, shown, { date: '', revision: '' })
    const sheets = siteSheets(job, shown)
    const ofPosts = /posts: |^Post schedule|^Pieces to cut|to order$|^Concrete/
    expect(sheets.map(({ title }) => title)).toEqual(
      book.sheets.map(({ title }) => title).filter((title) => !ofPosts.test(title)),
    )
    for (const sheet of sheets) {
      const printed = book.sheets.find(({ title, sub, blocks }) => {
        const shared = sheet.blocks.every((block) => JSON.stringify(blocks).includes(JSON.stringify(block)))
        return title === sheet.title && sub === sheet.sub && shared
      })
      expect(printed).toBeDefined()
    }
    expect(JSON.stringify(sheets)).not.toMatch(/full size/)
  },
)

test.each(['quillback', 'tansy', 'marl', 'barn'] as const)('in a list no two sheets of %s read alike', (which) => {
  const { job, shown } = sheetsFor(which === 'barn' ? braced() : demo(which).job)
  const lines = siteSheets(job, shown).map(({ title, sub }) => `${title}: ${sub}`)
  expect(lines.filter((line, k) => lines.indexOf(line) !== k)).toEqual([])
})

// Two straps a bay cross from the foot of one post to the head of the other: √(bay² + height²) between their middles.
test('straps have their sheet: every bay with its heights and its length, as many as are bought', () => {
  const { shown, sheets, sticks } = sheetsFor(demo('tansy').job)
  const rows = rowsOf(titled(sheets, /^Bracing$/))
  const bought = sticks.joins.filter(({ kind }) => kind === 'strap to post').reduce((sum, { count }) => sum + count, 0)
  expect(rows.length * 2).toBe(bought)
  expect(bought).toBeGreaterThan(0)
  for (const [, bay, low, high, length] of rows) {
    const [a, b] = bay.split(' to ').map((name) => shown.posts.find((post) => post.name === name))
    const alongIn = Math.hypot((a?.x ?? 0) - (b?.x ?? 0), (a?.y ?? 0) - (b?.y ?? 0))
    const [fromIn, toIn, lengthIn] = [low, high, length.replaceAll('\u00a0', ' ').replace('2 of ', '')].map((text) => {
      const read = parseLength(text)
      if (!read.ok) throw new Error(text)
      return read.value
    })
    // Heights stand there to the sixteenth.
    expect(Math.abs(lengthIn - Math.hypot(alongIn, toIn - fromIn))).toBeLessThan(1 / 10)
  }
})

// A buck stands beside the rough opening, its middle half its thickness outside of it, up to the next girt over the head.
test('what else stands in a wall is told with its length and place: skirts, bucks, tracks', () => {
  const { job, shown, sticks } = sheetsFor(demo('quillback').job)
  const sheet = titled(crewBook(job, shown, { date: '', revision: '' }).sheets, /^South wall: boards in order$/)
  const rows = rowsOf(sheet).filter(([piece]) => /^(skirt|buck|block|track)/.test(piece))
  const own = sticks.sticks.filter(
    ({ kind, place }) => place.side === 'south' && ['skirt', 'buck', 'track board'].includes(kind),
  )
  expect(rows.map(([, length]) => length).sort()).toEqual(own.map(({ cutLengthIn }) => mark(cutLengthIn)).sort())
  const [door] = job.building.openings.filter(({ name }) => name === 'south walk door')
  const buck = rows.find(([piece, , where]) => /^buck/.test(piece) && where.startsWith('south walk door'))
  expect(buck?.[2]).toContain(`middle at ${mark(door.positionIn - 0.75)}`)
  const over = shown.walls.south.rows.find(({ topIn }) => topIn > door.heightIn)
  expect(buck?.[2]).toMatch(new RegExp(`from 0' 0" up to ${mark(over?.topIn ?? 0)}$`))
})
