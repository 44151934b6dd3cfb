// npm run formats : writes the JSON Schemas of the job and design documents into docs/format/.
import { mkdirSync, writeFileSync } from 'node:fs'
import { z } from 'zod'
import { jobSchema } from '@/core/model'
import { designSchema } from '@/formats/design'

mkdirSync('docs/format', { recursive: true })
for (const [name, schema] of [
  ['burdock-job', jobSchema],
  ['burdock-design', designSchema],
] as const) {
  writeFileSync(
    `docs/format/${name}.schema.json`,
    `${JSON.stringify(z.toJSONSchema(schema, { unrepresentable: 'any' }), null, 2)}\n`,
  )
  console.log(`docs/format/${name}.schema.json`)
}
