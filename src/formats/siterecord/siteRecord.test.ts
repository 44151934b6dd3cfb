import { type FieldRecord, measure } from '@/core/field'
import { demo } from '@/core/testing/demos'
import { record, said } from '@/core/testing/records'
import { siteRecord } from '.'

const { job, d: derived } = demo('tansy')
const [a, b] = derived.posts.map(({ id }) => id)
const records: FieldRecord[] = [
  record(0, { kind: 'lines', reference: 'ticket 4471', marked: '2026-05-03' }),
  record(1, { kind: 'setup', setup: 's1', place: 'corner', benchmarkIn: 48 }),
  record(2, { kind: 'reading', setup: 's1', target: a, of: 'foot', inches: 53.375 }),
  record(3, { kind: 'state', post: a, state: 'hole dug' }),
  record(4, { kind: 'state', post: b, state: 'hole dug' }),
  record(5, {
    kind: 'sign',
    inspection: 'footing',
    posts: [a],
    passed: true,
    seen: 'clean bottom',
    name: 'the inspector',
  }),
  record(6, { kind: 'override', post: b, state: 'footing ready', reason: 'poured by hand' }),
  record(7, { kind: 'void', record: 'r4-phone-1' }),
]
const { state, levels } = said(records)
const measured = measure(job, derived, state, levels)
const book = siteRecord({ job, derived: derived as never, state, measured, date: '5/4/2026', revision: 'r1' })
const rowsOf = (title: RegExp) =>
  book.sheets
    .filter((sheet) => title.test(sheet.title))
    .flatMap(({ blocks }) => blocks.flatMap((block) => (block.kind === 'table' ? block.rows : [])))
const textOf = (title: RegExp) =>
  book.sheets
    .filter((sheet) => title.test(sheet.title))
    .flatMap(({ blocks }) => blocks.flatMap((block) => (block.kind === 'text' ? [block.text] : [])))
    .join(' ')

test('every value that was entered stands in it with who, when and from what; what was taken back is marked', () => {
  const rows = rowsOf(/What was entered/)
  expect(rows).toHaveLength(records.length - 1)
  expect(rows[2]).toEqual(['2026-05-04 08:02', expect.stringMatching(/reads 53\s3\/8/), 'crew', 's1, phone-1'])
  expect(rows[4][1]).toMatch(/hole dug \(taken back\)$/)
})
test('one sheet for each inspection, with what was seen and who signed', () => {
  expect(book.sheets.filter(({ title }) => title.startsWith('Inspection'))).toHaveLength(4)
  const [row] = rowsOf(/Footings/)
  expect(row.slice(1, 5)).toEqual(['the inspector', 'passed', derived.names[a], 'clean bottom'])
  expect(textOf(/Footings/)).toMatch(/No post waits/)
})
test('buried lines and steps out of order stand first; every post has its line', () => {
  expect(textOf(/The site/)).toMatch(/ticket 4471/)
  expect(rowsOf(/The site/)[0]).toEqual(expect.arrayContaining([derived.names[b], 'footing ready', 'poured by hand']))
  expect(rowsOf(/Posts as built/)).toHaveLength(derived.posts.length)
  expect(rowsOf(/Posts as built/)[0]).toEqual(expect.arrayContaining(['hole dug', 'footing']))
})
test('a practice copy says so at its foot', () => {
  const practice = siteRecord({
    ...{ state, measured, date: '', revision: '' },
    derived: derived as never,
    job: { ...job, practice: true },
  })
  expect(practice.note).toMatch(/^PRACTICE COPY/)
  expect(book.note).not.toMatch(/PRACTICE/)
})
