import { readFileSync } from 'node:fs'
import Ajv2020 from 'ajv/dist/2020'
import { deriveJob } from '@/core/derive'
import { parseJob } from '@/core/files'
import { barnJob } from '@/core/testing/barn'
import type { Job } from '@/core/model'
import { designOf } from '.'

const read = (file: string): unknown => JSON.parse(readFileSync(file, 'utf8'))

/** A shipped job as it is stored. */
function shipped(name: string): Job {
  const job = parseJob(read(`demo/${name}.json`))
  if (!job.ok) throw new Error(name)
  return job.value
}

const validate = new Ajv2020({ strict: false, allErrors: true }).compile(
  read('docs/format/burdock-design.schema.json') as object,
)

// By a validator of others, against the schema as it is published.
test.each([
  ['quillback-hill', () => shipped('quillback-hill')],
  ['tansy-hollow', () => shipped('tansy-hollow')],
  ['marl-road', () => shipped('marl-road')],
  ['a barn without a site', () => ({ ...barnJob(), site: { ...barnJob().site, windMph: null } })],
])('%s: the design document is what its schema says', (_, job) => {
  const derived = deriveJob(job())
  if (!derived.ok) throw new Error('no design')
  const design: unknown = JSON.parse(JSON.stringify(designOf(job(), derived.value)))
  validate(design)
  expect(validate.errors ?? []).toEqual([])
  expect((design as { sticks: unknown[] }).sticks.length).toBeGreaterThan(100)
})
test('a document that lacks its sticks is refused', () => {
  const derived = deriveJob(barnJob())
  if (!derived.ok) throw new Error('barn')
  const { sticks: _sticks, ...design } = designOf(barnJob(), derived.value)
  expect(validate(JSON.parse(JSON.stringify(design)))).toBe(false)
})
