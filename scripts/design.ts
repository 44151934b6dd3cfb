// npm run -s design -- FILE [--units us|mm|m] : everything the core derives from a job file, as one JSON document on
// standard output; in inches and pounds unless other units are asked for.
import { readFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { checkJob, deriveJob } from '@/core/derive'
import { readJobText } from '@/core/files'
import type { Issue } from '@/core/result'
import { UNIT_SYSTEMS } from '@/core/units'
import { designOf, inUnits } from '@/formats/design'
import { issuePath, issueText } from '@/formats/words'

const refuse = (issues: readonly Issue[]): never => {
  for (const issue of issues) console.error(`${issuePath(issue) || 'file'}: ${issueText(issue)}`)
  process.exit(1)
}
const { positionals, values } = parseArgs({
  allowPositionals: true,
  strict: false,
  options: { units: { type: 'string', default: 'us' } },
})
const file = positionals[0]
const units = UNIT_SYSTEMS.find((system) => system === values.units)
if (!file || !units) {
  console.error(`usage: npm run -s design -- FILE [--units ${UNIT_SYSTEMS.join('|')}]`)
  process.exit(2)
}
let text = ''
try {
  text = readFileSync(file, 'utf8')
} catch {
  console.error(`cannot read ${file}`)
  process.exit(2)
}
const job = readJobText(text)
if (!job.ok) refuse(job.issues)
else {
  const contradictions = checkJob(job.value)
  if (contradictions.length) refuse(contradictions)
  const derived = deriveJob(job.value)
  if (derived.ok)
    process.stdout.write(`${JSON.stringify(inUnits(designOf(job.value, derived.value), units), null, 1)}\n`)
}
