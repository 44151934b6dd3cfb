import type { Knex } from 'knex'
import { THROUGH } from '@/core/people'
import { jsonOf } from '../db/json'
import { pack, unpack } from '../db/packed'

/** What stands where a name was erased. */
export const NAMELESS = 'someone'

/** Letters that mean something in LIKE stand for themselves. */
const literal = (name: string): string => name.replaceAll(/[\\%_]/g, String.raw`\$&`)

/** A name taken out of who has made something, alone, or beside somebody else who sent it. */
const outOf = (who: string, name: string): string =>
  who
    .split(THROUGH)
    .map((each) => (each === name ? NAMELESS : each))
    .join(THROUGH)

interface Named {
  readonly job_id: string
  readonly id: string
  readonly who: string
}

/** Takes a name out of who has made the records of a job; `person` sent the rest of them. */
async function outOfRecords(trx: Knex, person: string, name: string): Promise<void> {
  const among: readonly Named[] = await trx('records')
    .where('who', 'like', `${literal(name)}${THROUGH}%`)
    .orWhere('who', 'like', `%${THROUGH}${literal(name)}`)
    .select('job_id', 'id', 'who')
  for (const { job_id, id, who } of among)
    await trx('records')
      .where({ job_id, id })
      .update({ who: outOf(who, name) })
  await trx('records').where({ who: name }).update({ who: NAMELESS })
  await trx('records').where({ person_id: person }).whereNot('who', 'like', `%${THROUGH}%`).update({ who: NAMELESS })
}

/** What a record says of who was there and who has signed. */
interface Naming {
  readonly kind: string
  readonly name?: string
  readonly names?: readonly string[]
}

function nameless(body: Naming, name: string): Naming {
  if (body.kind === 'sign' && body.name === name) return { ...body, name: NAMELESS }
  if (body.kind === 'here' && body.names) {
    const names = body.names.map((each) => (each === name ? NAMELESS : each))
    return { ...body, names: [...new Set(names)] }
  }
  return body
}

/** Takes a name out of the lists of who was on site and from under what was signed. */
async function outOfBodies(trx: Knex, name: string): Promise<void> {
  const rows: readonly { job_id: string; id: string; body: unknown }[] = await trx('records')
    .whereRaw("JSON_VALUE(body, '$.kind') IN ('here', 'sign')")
    .select('job_id', 'id', 'body')
  for (const { job_id, id, body } of rows) {
    const said = jsonOf(body) as Naming
    const now = nameless(said, name)
    if (JSON.stringify(now) !== JSON.stringify(said))
      await trx('records')
        .where({ job_id, id })
        .update({ body: JSON.stringify(now) })
  }
}

const withoutName = (record: unknown, name: string): unknown =>
  typeof record === 'object' && record !== null && 'who' in record && record.who === name
    ? { ...record, who: NAMELESS }
    : record

/** Takes a name out of entries that a phone has left and nobody has looked at yet. */
async function outOfLeft(trx: Knex, name: string): Promise<void> {
  const lots: readonly { id: string; who: string; records: Buffer }[] = await trx('left_entries')
    .where('who', 'like', `%${literal(name)}%`)
    .select('id', 'who', 'records')
  for (const { id, who, records } of lots) {
    const names = who.split(', ').map((each) => (each === name ? NAMELESS : each))
    const left = (unpack(records) as readonly unknown[]).map((record) => withoutName(record, name))
    await trx('left_entries')
      .where({ id })
      .update({ who: names.join(', '), records: pack(left) })
  }
}

/** Takes a person's name out of the work of all jobs, whoever sent it; what was done stays. */
export async function takeNameOut(trx: Knex, person: string, name: string): Promise<void> {
  await trx('edits').where({ person_id: person }).update({ who: NAMELESS })
  await trx('phones').where({ person_id: person }).orWhere({ who: name }).update({ who: NAMELESS })
  await outOfRecords(trx, person, name)
  await outOfBodies(trx, name)
  await outOfLeft(trx, name)
}
