import { readFileSync } from 'node:fs'
import { type FieldRecord, withEnvelope, type RecordBody } from '@/core/field'
import type { Issue } from '@/core/result'
import { BASE } from './desk'

/** The office by its interface for programs: what a phone or another desk sends. */
export const call = (to: string, method = 'GET', body?: unknown): Promise<Response> =>
  fetch(`${BASE}${to}`, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  })

export const demoDoc = (name: string) =>
  JSON.parse(readFileSync(`demo/${name}.json`, 'utf8')) as Record<string, unknown> & {
    building: Record<string, unknown> & { posts: { id: string }[] }
  }

/** A job of its own for a test; its id. */
export async function newJob(name: string, doc = demoDoc('marl-road')): Promise<string> {
  const made = await call('/api/jobs', 'POST', { import: { ...doc, name } })
  if (!made.ok) throw new Error(`${made.status} ${await made.text()}`)
  return ((await made.json()) as { id: string }).id
}

export interface Told {
  readonly records: readonly { readonly seq: number; readonly record: FieldRecord; readonly receivedAt: string }[]
  readonly last: number
  readonly more: boolean
  readonly revision: number
  readonly refused: readonly { readonly id: string; readonly issues: readonly Issue[] }[]
}

/** Sends records as a phone does. */
export const sendRecords = async (job: string, records: readonly unknown[], after = 0): Promise<Told> =>
  (await (await call(`/api/jobs/${job}/records`, 'POST', { after, records })).json()) as Told

/** All records after one, page by page, as a reader draws them. */
export async function readAfter(job: string, from: number): Promise<Told['records']> {
  const all: Told['records'][number][] = []
  for (let after = from; ;) {
    const told = (await (await call(`/api/jobs/${job}/records?after=${after}`)).json()) as Told
    all.push(...told.records)
    after = told.last
    if (!told.more) return all
  }
}

export const note = (
  id: string,
  body: RecordBody = { kind: 'state', post: 'A1', state: 'planned' },
  device = 'phone',
) => withEnvelope({ id, at: '2026-05-04T12:00:00Z', device, who: 'mate', body })
