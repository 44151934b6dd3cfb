import { demo } from '@/core/testing/demos'
import { boundTo } from '@/core/testing/named'
import { record, said, setUp } from '@/core/testing/records'
import { measure } from '@/core/field'
import { traceOf } from './words/checks'
import { calcSheet } from './calcsheet'
import { crewBook } from './crewbook'
import { scheduleAsRead } from '@/core/derive'
import { holesToCsv, readingsToCsv, scheduleCsv } from './csv'
import { planDxf } from './dxf'
import { fieldSheets } from './fieldsheets'
import { recordText } from './words'

// Posts go by their names wherever people read. Identities are for links and files between machines: they look like
// p-1a2b3c and stand nowhere on paper but in the address of a card's page.
const IDENTITY = /(?<![/\w])p-[a-z0-9]{5,}/
const papers = (name: 'quillback' | 'tansy' | 'marl') => {
  const { job, d: derived } = demo(name)
  const records = boundTo(derived.posts, [
    ...setUp('s1', 0, 48, Object.fromEntries(derived.posts.map((post, i) => [post.name, 53 + (i % 3) / 8]))),
    record(200, { kind: 'hole', post: 'A2', depthIn: 60, setup: null, bottomReadingIn: null, found: 'rock', note: '' }),
    record(201, { kind: 'cut', post: 'A2', lengthIn: 100 }),
    record(202, { kind: 'gap', from: 'A1', to: 'A2', gapIn: 90 }),
  ])
  const { state, levels } = said(records)
  const measured = measure(job, derived, state, levels)
  const stamp = { date: 'today', revision: 'revision 1' }
  return {
    'crew book': crewBook(job, derived, { ...stamp, measured }),
    'field sheets': fieldSheets({ job, derived, state, levels, ...stamp, page: 'http://127.0.0.1/field/j' }),
    'calculation sheet': calcSheet(job, derived, stamp),
    'what checks say': derived.checks.map((check) => [
      check.title,
      check.governs,
      check.fix,
      traceOf(check, derived.wallNames),
    ]),
    'plan as DXF': planDxf(job, derived, 'in'),
    'schedule as CSV': scheduleCsv(job.name, scheduleAsRead(job, derived, measured)),
    'holes as CSV': holesToCsv(derived, state, measured.dugIn),
    'readings as CSV': readingsToCsv(state, levels, derived.names),
    'records in words': records.map(({ body }) => recordText(body, derived.names)),
    'whether sticks fit': measured.asBuilt.map((built) => built.fit?.say),
  }
}
describe.each(['quillback', 'tansy', 'marl'] as const)('no identity of a post stands on the papers of %s', (name) => {
  test.each(Object.entries(papers(name)))('%s', (_, paper) => {
    const text = JSON.stringify(paper)
    const leak = IDENTITY.exec(text)
    expect(leak && text.slice(Math.max(0, leak.index - 80), leak.index + 40)).toBeNull()
    expect(text.length).toBeGreaterThan(20)
  })
})
test('the look of an identity is what the papers are searched for', () => {
  const { d: derived } = demo('quillback')
  expect(derived.posts.every((post) => IDENTITY.test(`post ${post.id}`))).toBe(true)
})
