// npm run -s design -- FILE : everything the core derives from a job file, as one JSON document on standard output.
import { readFileSync } from 'node:fs'
import { checkJob, deriveJob } from '@/core/derive'
import { readJobText } from '@/core/files'
import type { Issue } from '@/core/result'
import { designOf } from '@/formats/design'
import { issuePath, issueText } from '@/formats/words'

const refuse = (issues: readonly Issue[]): never => {
  for (const issue of issues) console.error(`${issuePath(issue) || 'file'}: ${issueText(issue)}`)
  process.exit(1)
}
const file = process.argv[2]
if (!file) {
  console.error('usage: npm run -s design -- FILE')
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
  if (derived.ok) process.stdout.write(`${JSON.stringify(designOf(job.value, derived.value), null, 1)}\n`)
}
