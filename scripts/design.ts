// npm run -s design -- FILE [--units us|mm|m] [--records FILE] : everything the core derives from a job file, as one JSON
// document on standard output; in inches and pounds unless other units are asked for. With the records of the site, each
// stick says how far it has come.
import { readFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { checkJob, deriveJob } from '@/core/derive'
import { bearersOf, bindWhatCan, foldBare, parseRecords } from '@/core/field'
import { readJobText } from '@/core/files'
import type { Job } from '@/core/model'
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
  options: { units: { type: 'string', default: 'us' }, records: { type: 'string' } },
})
const file = positionals[0]
const units = UNIT_SYSTEMS.find((system) => system === values.units)
if (!file || !units) {
  console.error(`usage: npm run -s design -- FILE [--units ${UNIT_SYSTEMS.join('|')}] [--records FILE]`)
  process.exit(2)
}
/** A file that was named, or the end of it all. */
function textOf(name: string): string {
  try {
    return readFileSync(name, 'utf8')
  } catch {
    console.error(`cannot read ${name}`)
    return process.exit(2)
  }
}
/** What was said on site: nothing, or what the file of records says. */
function fieldOf(job: Job, names: Readonly<Record<string, string>>) {
  if (typeof values.records !== 'string') return foldBare([])
  const records = parseRecords(JSON.parse(textOf(values.records)))
  if (!records.ok) return refuse(records.issues)
  const [known, bearers] = [new Set(Object.keys(names)), bearersOf(job.building, names)]
  return foldBare(records.value.map((record) => bindWhatCan(record, known, bearers)))
}
const job = readJobText(textOf(file))
if (!job.ok) refuse(job.issues)
else {
  const contradictions = checkJob(job.value)
  if (contradictions.length) refuse(contradictions)
  const derived = deriveJob(job.value)
  if (derived.ok) {
    const design = designOf(job.value, derived.value, fieldOf(job.value, derived.value.names))
    process.stdout.write(`${JSON.stringify(inUnits(design, units), null, 1)}\n`)
  }
}
