import { recordText } from './recordText'

const names = { 'p-1': 'A1', 'p-2': 'B2' }

test.each([
  [{ kind: 'gap', from: 'p-1', to: 'p-2', gapIn: 91.5 }, 'A1 to B2: 91\u00a01/2″'],
  [{ kind: 'reading', setup: 's', target: 'spot-7', of: 'ground', inches: 50 }, '7 reads 50″'],
  [{ kind: 'state', post: 'Z9', state: 'set' }, 'Z9 set'],
  [{ kind: 'reading', setup: 's', target: 'p-1', of: 'foot', inches: 60.5 }, 'A1 reads 60\u00a01/2″'],
  [{ kind: 'reading', setup: 's', target: 'p-1', of: 'footing', inches: 60 }, 'A1 reads 60″ on the pad'],
  [{ kind: 'check', setup: 's', benchmarkIn: 52 }, 'checked back: 52″'],
  [
    { kind: 'hole', post: 'p-2', depthIn: null, setup: null, bottomReadingIn: null, found: 'rock', note: '' },
    'hole B2: –, rock',
  ],
  [{ kind: 'cut', post: 'p-1', lengthIn: null }, 'A1 cut at –'],
  [{ kind: 'grade', gradeReadingIn: null }, 'grade line unlocked'],
  [{ kind: 'void', record: 'r1' }, 'undo'],
] as const)('a record in words: %j', (body, words) => expect(recordText(body, names)).toBe(words))

test('a kind that no record has is a bug, and said', () =>
  expect(() => recordText({ kind: 'wish' } as never, names)).toThrow('not a member'))
