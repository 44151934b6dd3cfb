import { readFileSync } from 'node:fs'

/** Parts that were not as they must be. */
let failed = 0
export const wrongParts = () => failed

export const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms))
export const seconds = (ms) => `${(ms / 1000).toFixed(1)} s`
const those = (word, list) => {
  const met = Object.entries(list).filter(([, is]) => is)
  return met.length > 0 ? `  ${word}: ${met.map(([what]) => what).join(', ')}` : ''
}

/**
 * One line a part. What is not so is said as a fault; what took longer than it may is said too, but on a machine that does
 * other things beside it proves nothing.
 */
export const line = (name, text, faults, slow = {}) => {
  const wrong = those('WRONG', faults)
  if (wrong !== '') failed += 1
  console.log(`${name.padEnd(9)} ${text}${wrong}${those('SLOW', slow)}`)
}

export const JSON_TYPE = { 'content-type': 'application/json' }
export const send = (url, method, body) =>
  fetch(url, { method, headers: JSON_TYPE, body: body === undefined ? undefined : JSON.stringify(body) })
const doc = (name) => JSON.parse(readFileSync(`demo/${name}.json`, 'utf8'))
export async function newJob(base, name) {
  const made = await send(`${base}/api/jobs`, 'POST', { import: { ...doc('marl-road'), name } })
  return (await made.json()).id
}
export const record = (id, device) => ({
  id,
  at: new Date().toISOString(),
  device,
  who: 'mate',
  body: { kind: 'state', post: 'A1', state: 'planned' },
})
/** All records of a job by the cursor. */
export async function readAll(base, job) {
  const all = []
  for (let after = 0; ;) {
    const told = await (await fetch(`${base}/api/jobs/${job}/records?after=${after}`)).json()
    all.push(...told.records)
    after = told.last
    if (!told.more) return all
  }
}
/** Sends until it is taken, as a phone does; says how often it had to. */
export async function sendUntilTaken(base, job, records, patienceMs = 60_000) {
  const end = Date.now() + patienceMs
  for (let tries = 1; Date.now() < end; tries++) {
    try {
      const reply = await send(`${base}/api/jobs/${job}/records`, 'POST', { after: 1e9, records })
      if (reply.ok) return { taken: true, tries, refused: (await reply.json()).refused }
      const after = Number(reply.headers.get('retry-after'))
      await wait(Math.min(5, after || 0.5) * 1000 * (0.5 + Math.random()))
    } catch {
      await wait(150 + Math.random() * 300)
    }
  }
  return { taken: false, tries: 0, refused: [] }
}
