import 'server-only'
import { PHOTO_MOST_BYTES } from '@/core/field'
import { fail, ok, type Result } from '@/core/result'
import { db, write } from '../db/client'
import { revisionOf } from '../repositories/jobs'
import { addPhoto, countPhotos, photoOf } from '../repositories/photos'

/** Pictures that a job may have. */
const MOST_PHOTOS = 2000
/** How every JPEG begins. */
const JPEG = Buffer.from([0xff, 0xd8, 0xff])
const NAME = /^[A-Za-z0-9_-]{1,40}$/

/** Keeps a picture that a note names: a small JPEG. Null where there is no such job. */
export async function keepPhoto(job: string, id: string, jpeg: Buffer): Promise<Result<null> | null> {
  if (!NAME.test(id)) return fail('not-a-choice', ['photo'])
  if (jpeg.length > PHOTO_MOST_BYTES) return fail('file-too-large', ['photo'], { maximum: PHOTO_MOST_BYTES })
  if (!jpeg.subarray(0, JPEG.length).equals(JPEG)) return fail('not-a-picture', ['photo'])
  if ((await revisionOf(db(), job)) === null) return null
  if ((await countPhotos(db(), job)) >= MOST_PHOTOS) return fail('too-many', ['photo'], { maximum: MOST_PHOTOS })
  await write((trx) => addPhoto(trx, { job, id, jpeg, now: new Date() }))
  return ok(null)
}

/** A picture of a job; null where there is none. */
export const readPhoto = (job: string, id: string): Promise<Buffer | null> => photoOf(db(), job, id)
