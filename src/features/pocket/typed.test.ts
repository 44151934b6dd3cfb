import fc from 'fast-check'
import type { Field } from './fields'
import { choice, length, lengths, number, optional, share } from './fields'
import { fits, goodsOf, readTyped, typedIn, typedOf } from './typed'

const FIELDS: Readonly<Record<string, Field>> = {
  runIn: length('run', 120),
  spareIn: optional(length('spare', Number.NaN)),
  rowsIn: lengths('rows', 'row', [0, 96]),
  wasteShare: share('waste', 0.1),
  windMph: number('wind', 40, 'mph'),
  leaves: choice('leaves', 2, [
    [1, '1'],
    [2, '2'],
  ]),
  tempsF: { kind: 'hours', label: 'hours', sample: '60×2 41' },
  readingsIn: { kind: 'named-lengths', label: 'rods', sample: { A1: 50 } },
  need: { kind: 'counts', label: 'need', sample: { board: 3 } },
  suppliers: { kind: 'prices', label: 'who', sample: [{ name: 'yard', fee: 5, prices: { board: 2 } }] },
}
const SAMPLE = {
  runIn: 120,
  rowsIn: [0, 96],
  wasteShare: 0.1,
  windMph: 40,
  leaves: 2,
  tempsF: [60, 60, 41],
  readingsIn: { A1: 50 },
  need: { board: 3 },
  suppliers: [{ name: 'yard', fee: 5, prices: { board: 2 } }],
}
const samples = typedOf(FIELDS, null, 'us')
const read = (change: object) => readTyped(FIELDS, { ...samples, ...change }, 'us')

test('samples read as what they are; what may stay empty and is empty is left out', () =>
  expect(readTyped(FIELDS, samples, 'us')).toEqual({ ok: true, value: SAMPLE }))
test.each(['us', 'mm', 'm'] as const)('what is given reads back as given, in %s', (system) => {
  const back = readTyped(FIELDS, typedOf(FIELDS, SAMPLE, system), system)
  expect(back).toMatchObject({
    ok: true,
    value: {
      ...SAMPLE,
      runIn: expect.closeTo(120, 2),
      rowsIn: [0, expect.closeTo(96, 2)],
      windMph: expect.closeTo(40, 3),
    },
  })
})
test('lengths that are typed in feet stand in millimeters after the units are changed, and back', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 20_000 }), (sixteenths) => {
      const typed = typedOf(FIELDS, { ...SAMPLE, runIn: sixteenths / 16 }, 'us')
      const there = typedIn(FIELDS, typed, 'us', 'mm')
      const back = readTyped(FIELDS, typedIn(FIELDS, there, 'mm', 'us'), 'us')
      expect(back.ok && Math.abs(Number(back.value.runIn) - sixteenths / 16)).toBeLessThan(0.003)
    }),
  )
})
test.each<[string, object, string, readonly (string | number)[]]>([
  ['a text', { runIn: 'abc' }, 'not-a-length', ['runIn']],
  ['nothing where something is wanted', { runIn: ' ' }, 'empty', ['runIn']],
  ['a length in another unit', { windMph: '40 psf' }, 'wrong-unit', ['windMph']],
  ['the third of a row, which is one too far', { rowsIn: ['0', '96', 'x'] }, 'not-a-length', ['rowsIn', 2]],
  ['an hour in words', { tempsF: '60 warm' }, 'not-a-number', ['tempsF']],
  ['more hours than anybody waits', { tempsF: '60×99999' }, 'too-large', ['tempsF']],
  ['a reading of no post', { readingsIn: [['', '50']] }, 'missing', ['readingsIn', 0]],
  [
    'two posts of one name',
    {
      readingsIn: [
        ['A1', '50'],
        ['A1', '51'],
      ],
    },
    'duplicate-name',
    ['readingsIn', 0],
  ],
  ['a fee in words', { suppliers: [{ name: 'y', fee: 'much', prices: [] }] }, 'not-a-number', ['suppliers', 0]],
])('%s is refused where it stands', (_, change, code, path) => {
  const result = read(change)
  expect(result.ok ? null : result.issues[0]).toMatchObject({ code, path })
})
test('rows that are empty are no rows', () => {
  expect(read({ rowsIn: ['0', '', '96'] })).toMatchObject({ ok: true, value: { rowsIn: [0, 96] } })
  expect(
    read({
      need: [
        ['board', '3'],
        ['', ''],
      ],
    }),
  ).toMatchObject({ ok: true, value: { need: { board: 3 } } })
})
test('a price that nobody typed is no price, not a free one', () =>
  expect(read({ suppliers: [{ name: 'pit', fee: '', prices: [''] }] })).toMatchObject({
    ok: true,
    value: { suppliers: [{ name: 'pit', fee: 0, prices: {} }] },
  }))
test.each<[string, unknown, boolean]>([
  ['what was typed', samples, true],
  ['nothing', null, false],
  ['one field less', { ...samples, runIn: undefined }, false],
  ['a list where a text stands', { ...samples, runIn: ['1'] }, false],
  ['numbers in a list of texts', { ...samples, rowsIn: [0, 96] }, false],
  ['a pair of three', { ...samples, need: [['a', 'b', 'c']] }, false],
  ['a supplier without prices', { ...samples, suppliers: [{ name: 'x' }] }, false],
])('kept from another time: %s fits %p', (_, kept, want) => expect(fits(FIELDS, kept)).toBe(want))
test('a row of goods that is emptied takes no price of another: the next keeps its own', () => {
  const typed = {
    ...samples,
    need: [
      ['', ''],
      ['bag', '2'],
    ],
    suppliers: [{ name: 'pit', fee: '1', prices: ['11', '5'] }],
  } as const
  expect(goodsOf(FIELDS, typed)).toEqual(['', 'bag'])
  expect(readTyped(FIELDS, typed, 'us')).toMatchObject({
    ok: true,
    value: { need: { bag: 2 }, suppliers: [{ name: 'pit', fee: 1, prices: { bag: 5 } }] },
  })
})
