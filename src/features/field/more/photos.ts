import type { DBSchema } from 'idb'
import { PHOTO_MOST_BYTES } from '@/core/field'
import { storeOf, write } from '@/devices/store'
import { photoUrl } from '../photoUrl'

// Pictures are no records: a record names them, and they follow it to the office by themselves, when there is a signal.

interface KeptPhoto {
  readonly key: string
  readonly jobId: string
  readonly id: string
  readonly jpeg: ArrayBuffer
  readonly sent: boolean
}
interface Store extends DBSchema {
  photos: { key: string; value: KeptPhoto; indexes: { jobId: string } }
}
const store = storeOf<Store>('burdock-photos', 1, (db) => {
  db.createObjectStore('photos', { keyPath: 'key' }).createIndex('jobId', 'jobId')
})

const keyOf = (jobId: string, id: string): string => `${jobId}:${id}`

/** Longest side of a picture that is kept, and how good it is at first and at least. */
const LONGEST_PX = 1280
const QUALITIES = [0.8, 0.6, 0.4]

/**
 * A picture made small: drawn anew, so that nothing of what a camera writes beside it comes along, the place least of
 * all.
 */
export async function scaled(file: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(file)
  const scale = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(bitmap.width * scale)
  canvas.height = Math.round(bitmap.height * scale)
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  for (const quality of QUALITIES) {
    const jpeg = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', quality))
    if (jpeg && jpeg.size <= PHOTO_MOST_BYTES) return jpeg
  }
  throw new Error('The picture is too large')
}

const keep = (photo: KeptPhoto): Promise<void> => write(store, 'photos', (photos) => [photos.put(photo)])

/** Keeps a picture on this device, and sends it. */
export async function keepPhoto(jobId: string, id: string, photo: Blob): Promise<void> {
  const jpeg = await photo.arrayBuffer()
  await keep({ key: keyOf(jobId, id), jobId, id, jpeg, sent: false })
  void sendPhotos(jobId).catch(() => undefined)
}

/** A picture that is kept here, or where the office has it. */
export async function photoAt(jobId: string, id: string): Promise<Blob | string> {
  const kept = await (await store()).get('photos', keyOf(jobId, id)).catch(() => undefined)
  return kept ? new Blob([kept.jpeg], { type: 'image/jpeg' }) : photoUrl(jobId, id)
}

let sending: Promise<void> = Promise.resolve()
/** Sends what is kept here of a job and was not sent, one after another; what does not go is tried again the next time. */
export function sendPhotos(jobId: string): Promise<void> {
  sending = sending
    .catch(() => undefined)
    .then(async () => {
      const kept = await (await store()).getAllFromIndex('photos', 'jobId', jobId)
      for (const photo of kept.filter(({ sent }) => !sent)) {
        const reply = await fetch(photoUrl(jobId, photo.id), {
          method: 'PUT',
          headers: { 'content-type': 'image/jpeg' },
          body: photo.jpeg,
        })
        if (reply.ok) await keep({ ...photo, sent: true })
      }
    })
  return sending
}

/** How many pictures of a job wait here. */
export const photosWaiting = async (jobId: string): Promise<number> =>
  (await (await store()).getAllFromIndex('photos', 'jobId', jobId)).filter(({ sent }) => !sent).length
