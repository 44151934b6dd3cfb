import { inWords } from './inWords'
import quillback from '../../../demo/quillback-hill.json'
import marl from '../../../demo/marl-road.json'
import tansy from '../../../demo/tansy-hollow.json'
import { deriveJob, fieldPlan } from '../derive'
import { parseJob } from '../files'

const raw = { quillback, marl, tansy }
/** A shipped job and what follows from it. */
export function demo(name: keyof typeof raw) {
  const job = parseJob(raw[name])
  if (!job.ok) throw new Error(`${name}: ${JSON.stringify(job.issues)}`)
  const result = deriveJob(job.value)
  if (!result.ok) throw new Error(`${name}: ${JSON.stringify(result.issues)}`)
  return { job: job.value, d: inWords(result.value) }
}

/** A shipped job as phones have it. */
export function demoOnPhone(name: keyof typeof raw) {
  const { job } = demo(name)
  const result = deriveJob(job)
  if (!result.ok) throw new Error(`${name}: ${JSON.stringify(result.issues)}`)
  return fieldPlan(job, result.value)
}
