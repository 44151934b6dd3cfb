import type { Hold, RecordBody } from '@/core/field'
import { holdSaid, recordText, sideWords, squaringSaid } from '.'

test.each<[Hold, RegExp]>([
  [{ why: 'lines' }, /buried lines marked first/],
  [{ why: 'depth' }, /Measure the hole first/],
  [{ why: 'stop', say: 'Water' }, /^Water$/],
  [{ why: 'inspection', of: 'footing' }, /Not passed yet: footings, before the pour/],
  [{ why: 'pour' }, /not entered as poured/],
  [{ why: 'cure', what: 'stand a post on it', inHours: 6.2 }, /too young to stand a post on it. In about 7 h/],
  [{ why: 'cure', what: 'stand a post on it', inHours: null }, /warmer weather/],
  [{ why: 'order', after: 'set' }, /not set yet/],
])('%j is said', (hold, says) => expect(holdSaid(hold)).toMatch(says))

const WALLS = { south: 'South wall', north: 'North wall', west: 'West wall', east: 'East wall' }
/** A building turned by a quarter. */
const TURNED = { south: 'East wall', north: 'West wall', west: 'South wall', east: 'North wall' }
const wantedIn = { southIn: 1, northIn: 1, westIn: 1, eastIn: 1, risingIn: 1, fallingIn: 1 }
test('a slide is said after the sides, and none where there is nothing to slide', () => {
  const slide = { byIn: 0.875, to: 'west' as const }
  expect(squaringSaid({ wantedIn, sides: [], slide }, WALLS)).toEqual(['Slide the north string 7/8″ to the west.'])
  expect(squaringSaid({ wantedIn, sides: [{ side: 'eastIn', byIn: -0.5 }], slide }, WALLS)).toEqual([
    'The east string is 1/2″ too short.',
    'Then slide the north string 7/8″ to the west.',
  ])
  expect(squaringSaid({ wantedIn, sides: [], slide: { byIn: 1 / 64, to: 'east' } }, WALLS)).toEqual([])
  expect(squaringSaid({ wantedIn, sides: [], slide }, TURNED)).toEqual(['Slide the west string 7/8″ to the south.'])
  expect(sideWords('risingIn', WALLS)).toBe('diagonal south-west to north-east')
  expect(sideWords('fallingIn', TURNED)).toBe('diagonal east-north to west-south')
})

test.each<[RecordBody, string]>([
  [{ kind: 'square', side: 'risingIn', inches: 906.5 }, 'diagonal that rises to the right: 75′ 6 1/2″'],
  [
    { kind: 'stand', post: 'p', offStringIn: 0.375, leanIn: null, alongIn: -0.25, overIn: 96 },
    'A1 stands: 3/8″ off its string, −1/4″ leaning along',
  ],
  [{ kind: 'span', from: 'p', to: 'q', spanIn: 288 }, 'A1 to D1 at the top: 24′ 0″'],
  [{ kind: 'delivered', what: 'truss heel', item: 'truss', inches: 5.5 }, 'truss, truss heel: 5 1/2″'],
  [{ kind: 'temps', day: '2026-05-04', lowF: 40, highF: 60 }, 'May 4, 2026: 40 to 60 °F'],
  [{ kind: 'note', post: 'p', text: 'bark', photos: [] }, 'note on A1: bark'],
  [{ kind: 'note', post: null, text: 'bark', photos: [] }, 'note: bark'],
  [{ kind: 'here', day: '2026-05-04', names: ['one', 'two'] }, 'here on May 4, 2026: one, two'],
  [{ kind: 'short', item: '2×6', quantity: 3 }, 'short: 3 × 2×6'],
  [{ kind: 'lines', reference: '4471', marked: '2026-05-04' }, 'buried lines marked May 4, 2026, reference 4471'],
  [{ kind: 'override', post: 'p', state: 'set', reason: 'old' }, 'A1 may be set out of order: old'],
  [
    { kind: 'sign', inspection: 'footing', posts: ['p'], passed: false, seen: 'mud', name: 'one' },
    'footing not passed by one: mud',
  ],
  [{ kind: 'keep', reading: 'r', reason: 'stone under it' }, 'a reading kept: stone under it'],
])('%j in words: %s', (body, says) => expect(recordText(body, { p: 'A1', q: 'D1' }).replace(/\u00a0/g, ' ')).toBe(says))
