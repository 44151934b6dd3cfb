import { FIGURES } from '@/core/pocket'
import { SAMPLES } from '@/core/testing/pocket'
import { batchLineOf, lineOf } from '@/formats/command'
import { FIGURE_CATALOG, figureList } from './command'

const batchLine = (text: string) => batchLineOf(FIGURE_CATALOG, text)
const figureLine = (name: string, text: () => string) => lineOf(FIGURE_CATALOG, name, text)

const of = (name: string, input: unknown) => figureLine(name, () => JSON.stringify(input))
test('an answer is exact, with what people read and its arithmetic beside', () =>
  expect(of('diagonal', { aIn: 10, bIn: 10 })).toMatchObject({
    ok: true,
    value: { diagonalIn: 10 * Math.SQRT2, shown: { diagonalIn: '14\u00a01/8″' }, trace: [{ formula: '√(a² + b²)' }] },
  }))
test.each([
  ['spiral', '{}', 'unknown-figure', ['name']],
  ['diagonal', '{"aIn":', 'not-json', []],
  ['diagonal', '{"aIn":"12","bIn":3}', 'wrong-type', ['aIn']],
  ['diagonal', '{"aIn":12}', 'missing', ['bIn']],
  ['diagonal', '{"aIn":0,"bIn":3}', 'too-small', ['aIn']],
  ['diagonal', '{"aIn":1e999,"bIn":3}', 'not-finite', ['aIn']],
  ['diagonal', '[]', 'wrong-type', []],
  ['between-fixed', '{"fixedIn":[3,1],"maxIn":9}', 'not-ascending', ['fixedIn', 1]],
])('%s of %s is refused', (name, text, code, path) => {
  const line = figureLine(name, () => text)
  expect(line).toMatchObject({ ok: false, issues: [{ code, path }] })
  if (!line.ok) expect(Object(line.issues[0])).toHaveProperty('says', expect.stringMatching(/\w.*\.$/))
})
test('an unknown name does not wait for input', () => {
  const never = () => {
    throw new Error('read')
  }
  expect(figureLine('spiral', never)).toMatchObject({ ok: false })
})
test.each([
  ['not JSON', 'x', 'not-json', []],
  ['nothing at all', 'null', 'unknown-figure', ['name']],
  ['no name', '{"input":{}}', 'unknown-figure', ['name']],
  ['a name that is no text', '{"name":5,"input":{}}', 'unknown-figure', ['name']],
  ['no input', '{"name":"diagonal"}', 'missing', []],
])('a line of a batch with %s', (_, text, code, path) =>
  expect(batchLine(text)).toMatchObject({ ok: false, issues: [{ code, path }] }),
)
test('every figure answers in a batch as by its name', () => {
  for (const { name } of FIGURES)
    expect(batchLine(JSON.stringify({ name, input: SAMPLES[name] }))).toEqual(of(name, SAMPLES[name]))
})
test('the list has every figure with a schema of both ends', () => {
  const list = figureList()
  expect(list).toHaveLength(FIGURES.length)
  expect(list[0]).toMatchObject({
    name: 'diagonal',
    title: 'Diagonal',
    input: { type: 'object', required: ['aIn', 'bIn'], additionalProperties: false },
    output: { properties: { diagonalIn: { type: 'number' } } },
  })
})
