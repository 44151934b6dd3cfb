import { statfs } from 'node:fs/promises'

/** Least room on the disk of the database for taking anything more, bytes: its log and a backup still fit. */
const LEAST_BYTES = Number(process.env.BURDOCK_LEAST_ROOM ?? 64 * 1024 * 1024)
/** How long an answer of the disk stands, ms. */
const STANDS_MS = 500
let asked = 0
let answer: Promise<boolean> = Promise.resolve(true)

async function look(folder: string): Promise<boolean> {
  try {
    const { bavail, bsize } = await statfs(folder)
    return bavail * bsize >= LEAST_BYTES
  } catch {
    // A folder that cannot be looked at is judged by what the database says itself.
    return true
  }
}

/** Whether there is room to write. A database on another machine has its own: it says so by its errors. */
export function roomToWrite(): Promise<boolean> {
  const folder = process.env.BURDOCK_DATADIR
  if (!folder) return Promise.resolve(true)
  const now = Date.now()
  if (now - asked > STANDS_MS) {
    asked = now
    answer = look(folder)
  }
  return answer
}
