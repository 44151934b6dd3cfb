import { readFileSync } from 'node:fs'
import { z } from 'zod'
import { jobSchema } from '@/core/model'
import { designSchema } from '.'

test.each([
  ['burdock-job', jobSchema],
  ['burdock-design', designSchema],
] as const)('the schema of %s in docs/format is the one in force (npm run formats)', (name, schema) => {
  const written: unknown = JSON.parse(readFileSync(`docs/format/${name}.schema.json`, 'utf8'))
  const inForce: unknown = JSON.parse(JSON.stringify(z.toJSONSchema(schema, { unrepresentable: 'any' })))
  expect(written).toEqual(inForce)
})
