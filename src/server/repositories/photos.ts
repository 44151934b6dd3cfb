import type { Knex } from 'knex'

/** Keeps a picture of a job; one that is there stays as it is. */
export async function addPhoto(
  db: Knex,
  { job, id, jpeg, now }: { readonly job: string; readonly id: string; readonly jpeg: Buffer; readonly now: Date },
): Promise<void> {
  await db('photos').insert({ job_id: job, id, at: now, jpeg }).onConflict(['job_id', 'id']).ignore()
}

/** How many pictures a job has. */
export async function countPhotos(db: Knex, job: string): Promise<number> {
  const row = await db('photos').where({ job_id: job }).count({ count: '*' }).first()
  return Number(row?.count ?? 0)
}

/** A picture of a job; null where it has none of that name. */
export async function photoOf(db: Knex, job: string, id: string): Promise<Buffer | null> {
  const row = await db('photos').where({ job_id: job, id }).first()
  return row ? row.jpeg : null
}
