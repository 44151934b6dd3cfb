import { measuredSticks, scheduleAsRead } from '@/core/derive'
import { columnGroups, measure, plannedFootIn } from '@/core/field'
import { demo } from '@/core/testing/demos'
import { boundTo, idNamed } from '@/core/testing/named'
import { said, setUp } from '@/core/testing/records'
import { formatLength, parseLength } from '@/core/units'
import { crewBook, escapeXml, type Sheet } from './crewbook'
import { scheduleCsv } from './csv'
import { fieldSheets } from './fieldsheets'

// A foot that was read changes the length of that post: on every paper, or the saw follows the one that did not hear of it.

const feet = (lengthIn: number | null | undefined): string => formatLength(lengthIn ?? NaN, { ascii: true })

/** The rods of one set-up, each foot a little lower than the one before. */
const readAt = (name: 'quillback' | 'tansy' | 'marl') => {
  const { job, d: derived } = demo(name)
  const few = derived.posts.slice(0, 6)
  const feet = Object.fromEntries(few.map((post, i) => [post.name, 53 + i / 8]))
  const footings = Object.fromEntries(few.map((post, i) => [post.name, 110 + i / 4]))
  const records = [...setUp('s1', 0, 48, feet, 48), ...setUp('s2', 200, 48, footings, 48, 'footing')]
  const { state, levels } = said(boundTo(derived.posts, records))
  const measured = measure(job, derived, state, levels)
  const stamp = { date: 'today', revision: '1' }
  return {
    job,
    derived,
    measured,
    book: crewBook(job, derived, { ...stamp, measured }).sheets,
    field: fieldSheets({ job, derived, state, levels, measured, ...stamp, page: 'http://127.0.0.1/field/j' }).sheets,
    rows: scheduleAsRead(job, derived, measured),
  }
}

const rowsUnder = (sheets: readonly Sheet[], title: RegExp, head: string): readonly (readonly string[])[] =>
  sheets
    .filter((sheet) => title.test(sheet.title))
    .flatMap(({ blocks }) => blocks)
    .flatMap((block) => (block.kind === 'table' && block.head.includes(head) ? block.rows : []))

describe.each(['quillback', 'tansy', 'marl'] as const)('%s, some feet read', (name) => {
  const { job, derived, measured, book, field, rows } = readAt(name)
  // Posts that are cut where they stand are bought and marked with what is sawn off there.
  const inPlace = job.fieldwork.levelSchool === 'cut-to-laser'
  const cards = field.filter(({ title }) => title.startsWith('Card')).map((sheet) => JSON.stringify(sheet))

  test('some feet were read, and their posts are not as long as planned', () => {
    const read = rows.filter(({ footRead }) => footRead)
    expect(read.length).toBeGreaterThan(3)
    expect(read.some((row) => row.totalIn !== derived.schedule.find(({ id }) => id === row.id)?.totalIn)).toBe(true)
  })
  test('the schedule of the crew book has the cut and the stock that each post is sawn to', () => {
    const { sticks } = measuredSticks(job, derived, measured)
    const printed = rowsUnder(book, /^Post schedule/, 'length')
    expect(printed).toHaveLength(derived.posts.length)
    for (const [post, , , , , , , length, stock, foot] of printed) {
      const id = idNamed(derived.posts, post)
      const own = sticks.filter((stick) => stick.of === id && (stick.kind === 'ply' || stick.kind === 'post'))
      const row = rows.find((each) => each.id === id)
      expect(Math.max(...own.map(({ buyLengthIn }) => buyLengthIn ?? 0))).toBe(row?.stockIn)
      expect(foot).toBe(row?.footRead ? 'read' : 'planned')
      expect([length, stock]).toEqual([feet(row?.totalIn), feet(row?.stockIn)])
    }
  })
  test('a pole sheet, a card and a column sheet say the same cut', () => {
    for (const [post, , , cut, foot] of rowsUnder(book, /posts: |grade marks/, 'rod reads')) {
      const row = rows.find((each) => each.id === idNamed(derived.posts, post))
      expect([cut, foot]).toEqual([feet(row?.totalIn), row?.footRead ? 'as read' : 'as planned'])
      if (inPlace) continue
      expect(cards.some((card) => card.includes(`>${post}</text>`) && card.includes(`>${escapeXml(cut)}</text>`))).toBe(
        true,
      )
    }
    const footIn = (id: string) =>
      plannedFootIn(job, derived.holes, derived.posts.find((post) => post.id === id)?.kind ?? 'eave')
    const groups = columnGroups(job, derived.columns, measured, footIn).flatMap(({ posts }) => posts)
    for (const post of groups) {
      const row = rows.find(({ id }) => id === post.id)
      expect([post.seatIn, post.lengthIn]).toEqual([row?.seatIn, row?.totalIn])
    }
  })
  test('what is sawn is sawn from the feet as read, and the spreadsheet says so too', () => {
    const sawnIn = rowsUnder(book, /^Pieces to cut/, 'which').map(([, length]) => {
      const parsed = parseLength(length)
      return parsed.ok ? parsed.value : NaN
    })
    // Boards are sawn to the sixteenth above.
    const near = (lengthIn: number, wantedIn: number) => Math.abs(lengthIn - wantedIn) < 1 / 16 + 1e-9
    for (const row of rows.filter(({ footRead }) => footRead)) {
      const own = measuredSticks(job, derived, measured).sticks.filter(({ of }) => of === row.id)
      const boards = own.filter(({ board }) => board.size !== null)
      const allowedIn = inPlace ? [0, job.buying.cutInPlaceIn - job.buying.spareIn] : [0]
      for (const { cutLengthIn } of boards)
        expect(sawnIn.some((lengthIn) => allowedIn.some((more) => near(lengthIn, cutLengthIn + more)))).toBe(true)
    }
    expect(
      scheduleCsv('j', rows)
        .split('\r\n')
        .filter((line) => line.endsWith(',read')),
    ).toHaveLength(rows.filter(({ footRead }) => footRead).length)
  })
})
