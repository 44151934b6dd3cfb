import { recordText } from './recordText'

test.each([
  [{ kind: 'reading', setup: 's', target: 'A1', of: 'foot', inches: 60.5 }, 'A1 reads 60 1/2″'],
  [{ kind: 'reading', setup: 's', target: 'A1', of: 'footing', inches: 60 }, 'A1 reads 60″ on the pad'],
  [{ kind: 'check', setup: 's', benchmarkIn: 52 }, 'checked back: 52″'],
  [
    { kind: 'hole', post: 'B2', depthIn: null, setup: null, bottomReadingIn: null, found: 'rock', note: '' },
    'hole B2: –, rock',
  ],
  [{ kind: 'cut', post: 'A1', lengthIn: null }, 'A1 cut at –'],
  [{ kind: 'grade', gradeReadingIn: null }, 'grade line unlocked'],
  [{ kind: 'void', record: 'r1' }, 'undo'],
] as const)('a record in words: %j', (body, words) => expect(recordText(body)).toBe(words))

test('a kind that no record has is a bug, and said', () =>
  expect(() => recordText({ kind: 'wish' } as never)).toThrow('not a member'))
