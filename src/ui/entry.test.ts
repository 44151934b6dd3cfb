import fc from 'fast-check'
import { fail, issue, ok } from '@/core/result'
import { formatLength, parseLength } from '@/core/units'
import { type Entry, escaped, type Field, handedIn, RESTING, soFar, stepped, typed } from './entry'

/** A job of one length from 6 to 30 ft, and a field on it. */
function page(start = 168) {
  const job = { heelIn: start, taken: [] as number[] }
  const field = (): Field<number> => ({
    value: job.heelIn,
    format: (value) => formatLength(value),
    parse: parseLength,
    put: (value) => {
      if (value < 72 || value > 360) return [issue('too-large', ['heelIn'], { maximum: 360 })]
      job.heelIn = value
      job.taken.push(value)
      return []
    },
  })
  return { job, field }
}

describe('one entry', () => {
  test.each([
    ["7' 6", "7'6 is 90 in."],
    ["30'", 'a prefix of it is 3 in., another 30 in.'],
  ])('typing %s changes nothing until it is handed in (%s)', (text) => {
    const { job, field } = page()
    for (let i = 1; i <= text.length; i++) soFar(typed(text.slice(0, i)), field())
    expect(job).toEqual({ heelIn: 168, taken: [] })
    expect(handedIn(typed(text), field())).toEqual(RESTING)
    expect(job.taken).toHaveLength(1)
  })
  test('refused, the job is as before and the text stays with the reason', () => {
    const { job, field } = page()
    const entry = handedIn(typed("30'+2'"), field())
    expect(entry).toMatchObject({ kind: 'refused', text: "30'+2'", issues: [{ code: 'not-a-length' }] })
    expect(job.taken).toEqual([])
    expect(handedIn(typed("31'"), field())).toMatchObject({ kind: 'refused', issues: [{ code: 'too-large' }] })
    expect(job.heelIn).toBe(168)
  })
  test('escaped, the value from before the field was entered stands', () => {
    const { job, field } = page()
    expect(escaped()).toEqual(RESTING)
    expect(handedIn(escaped(), field())).toEqual(RESTING)
    expect(job.taken).toEqual([])
  })
  test('left without a word, nothing is handed in: what is shown rounded stays exact', () => {
    const { job, field } = page(150.63)
    handedIn(RESTING, field())
    expect(job.heelIn).toBe(150.63)
  })
  test('a step goes from the value, or from what is typed where that reads', () => {
    const { job, field } = page()
    expect(stepped(RESTING, field(), (value) => value + 1)).toEqual(RESTING)
    expect(job.heelIn).toBe(169)
    stepped(typed("20'"), field(), (value) => value + 1)
    expect(job.heelIn).toBe(241)
    stepped(typed('20 ells'), field(), (value) => value + 1)
    expect(job.heelIn).toBe(242)
    expect(stepped(typed("30'"), field(), (value) => value + 1)).toMatchObject({ kind: 'refused', text: '30′\u00a01″' })
    expect(job.heelIn).toBe(242)
  })
  test('a text handed in again after it was refused is judged anew', () => {
    const { job, field } = page()
    const refused = handedIn(typed('nothing'), field())
    expect(handedIn(refused, field())).toEqual(refused)
    expect(job.taken).toEqual([])
    const { field: other } = page()
    expect(handedIn(refused, { ...other(), parse: () => ok(100) })).toEqual(RESTING)
  })
  test('a change that is asked about elsewhere leaves nothing behind in the field', () => {
    const { field } = page()
    const asked = issue('recorded-post', [], { post: 'A3' })
    expect(handedIn(typed("15'"), { ...field(), put: () => [asked] })).toEqual(RESTING)
    expect(handedIn(typed("15'"), { ...field(), put: () => [asked, issue('too-large')] })).toMatchObject({
      kind: 'refused',
    })
  })
  test('while it is typed only the text itself is judged', () => {
    const { job, field } = page()
    expect(soFar(typed("99'"), field())).toEqual([])
    expect(soFar(typed('9 ells'), { parse: () => fail('not-a-length') })).toHaveLength(1)
    expect(job.taken).toEqual([])
  })
})

// Random hands: keys, half-typed and absurd texts, steps, escapes, leaving. The job is only ever what was handed in or
// stepped to and taken; refused and escaped entries leave it as it was, whatever went before.
type Act = { readonly kind: 'type'; readonly text: string } | { readonly kind: 'hand in' | 'escape' | 'up' | 'down' }
const text = fc.oneof(
  fc.integer({ min: -10, max: 400 }).map(String),
  fc.tuple(fc.nat(35), fc.nat(14)).map(([feet, inches]) => `${feet}' ${inches}"`),
  fc.constantFrom("7' 6", "30'+2'", '12\' 6 5/7"', '12 6', '12f6', "12,5'", '', '∞', 'NaN', '1e9', "-14'", "14'"),
  fc.string({ maxLength: 8 }),
)
const act: fc.Arbitrary<Act> = fc.oneof(
  text.map((text) => ({ kind: 'type' as const, text })),
  fc.constantFrom('hand in' as const, 'escape' as const, 'up' as const, 'down' as const).map((kind) => ({ kind })),
)
test('no sequence of refused or escaped input ever changes the job (property)', () => {
  fc.assert(
    fc.property(fc.array(act, { maxLength: 40 }), (acts) => {
      const { job, field } = page()
      let entry: Entry = RESTING
      for (const each of acts) {
        const before = job.heelIn
        const taken = job.taken.length
        switch (each.kind) {
          case 'type':
            entry = typed(each.text)
            soFar(entry, field())
            break
          case 'escape':
            entry = escaped()
            break
          case 'hand in':
            entry = handedIn(entry, field())
            break
          default:
            entry = stepped(entry, field(), (value) => value + (each.kind === 'up' ? 1 : -1))
        }
        if (each.kind === 'type' || each.kind === 'escape' || entry.kind === 'refused') {
          expect(job.heelIn).toBe(before)
          expect(job.taken).toHaveLength(taken)
        }
        expect(job.taken.length - taken).toBeLessThanOrEqual(1)
        expect(job.heelIn >= 72 && job.heelIn <= 360).toBe(true)
      }
    }),
    { numRuns: 400 },
  )
})
