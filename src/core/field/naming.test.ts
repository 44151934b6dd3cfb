import type { Building } from '../model'
import { foldBare } from './fold'
import { bearersOf, bindRecord, bindWhatCan, postOf } from './naming'
import { recordedPosts } from './recordedPosts'
import type { FieldRecord, RecordBody } from './recordShape'
import { withEnvelope } from './envelope'

const names = { 'p-1': 'A1', 'p-2': 'A2', 'p-3': 'J1', 'p-4': 'K1' }
const identity = (id: string, formerNames: string[]) => ({ id, formerNames }) as Building['posts'][number]
// Before identities p-3 (a jamb) and p-4 (row J, now K) both bore J1; p-9 was given up and bore A3.
const building = {
  posts: [identity('p-1', ['A1']), identity('p-2', ['A2', 'A7']), identity('p-3', ['J1']), identity('p-4', ['J1'])],
  givenUp: [{ id: 'p-9', name: 'A3', formerNames: ['A3'], xIn: 0, yIn: 0, reason: 'r' }],
} satisfies Pick<Building, 'posts' | 'givenUp'>
const bearers = bearersOf(building, names)
const known = new Set([...Object.keys(names), 'p-9'])
const record = (body: RecordBody, id = 'r'): FieldRecord =>
  withEnvelope({ id, at: '2026-05-04T08:00:00Z', device: 'd', who: '', body })

test.each([
  ['an identity', 'p-2', 'p-2'],
  ['a name that one post bore', 'A1', 'p-1'],
  ['a name of an earlier revision', 'A7', 'p-2'],
  ['a name of a post given up since', 'A3', 'p-9'],
  ['a name that came later', 'K1', 'p-4'],
  ['an identity of a post that went without a word', 'p-gone', 'p-gone'],
])('read: %s', (_, text, id) => expect(postOf(text, known, bearers)).toEqual({ ok: true, value: id }))
test.each([
  ['two posts bore it', 'J1', 'name-of-two'],
  ['nobody did', 'Z9', 'no-such-post'],
])('refused: %s', (_, text, code) =>
  expect(postOf(text, known, bearers)).toMatchObject({ ok: false, issues: [{ code, facts: { post: text } }] }),
)

test.each<[RecordBody, RecordBody]>([
  [
    { kind: 'state', post: 'A1', state: 'set' },
    { kind: 'state', post: 'p-1', state: 'set' },
  ],
  [
    { kind: 'reading', setup: 's', target: 'A2', of: 'foot', inches: 50 },
    { kind: 'reading', setup: 's', target: 'p-2', of: 'foot', inches: 50 },
  ],
  [
    { kind: 'reading', setup: 's', target: 'spot-3', of: 'ground', inches: 50 },
    { kind: 'reading', setup: 's', target: 'spot-3', of: 'ground', inches: 50 },
  ],
  [
    { kind: 'gap', from: 'A1', to: 'A2', gapIn: 90 },
    { kind: 'gap', from: 'p-1', to: 'p-2', gapIn: 90 },
  ],
  [
    { kind: 'print', cards: { A1: 'x', 'p-2': 'y' } },
    { kind: 'print', cards: { 'p-1': 'x', 'p-2': 'y' } },
  ],
  [
    { kind: 'void', record: 'A1' },
    { kind: 'void', record: 'A1' },
  ],
])('bound: %j', (body, to) => expect(bindRecord(record(body), known, bearers)).toEqual({ ok: true, value: record(to) }))

test('a record with one post that nobody can tell is refused whole, every such post named', () => {
  const got = bindRecord(record({ kind: 'gap', from: 'J1', to: 'Z9', gapIn: 90 }, 'r7'), known, bearers)
  expect(got).toMatchObject({
    ok: false,
    issues: [
      { code: 'name-of-two', path: ['records', 'r7'] },
      { code: 'no-such-post', path: ['records', 'r7'] },
    ],
  })
})
test('of records kept since before, what can be bound is; the rest stays readable', () =>
  expect(bindWhatCan(record({ kind: 'gap', from: 'J1', to: 'A1', gapIn: 90 }), known, bearers).body).toMatchObject({
    from: 'J1',
    to: 'p-1',
  }))

test('recorded: what was not taken back, printed cards, office readings', () => {
  const state = foldBare([
    record({ kind: 'state', post: 'p-1', state: 'hole dug' }, 'r1'),
    record({ kind: 'state', post: 'p-2', state: 'hole dug' }, 'r2'),
    record({ kind: 'void', record: 'r2' }, 'r3'),
    record({ kind: 'print', cards: { 'p-3': 'x' } }, 'r4'),
    record({ kind: 'reading', setup: 's', target: 'spot-1', of: 'ground', inches: 40 }, 'r5'),
  ])
  expect([...recordedPosts(state, { 'p-4': 52 })].sort()).toEqual(['p-1', 'p-3', 'p-4'])
})
