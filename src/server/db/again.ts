import { worthAgain } from './faults'

const MOST_TRIES = 6
const FIRST_PAUSE_MS = 15

const pause = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms))

/**
 * Work that is done again from the start where the database says that it may go through then: a deadlock, a lock that was
 * not given, a write that another node of a cluster was first with. A bounded number of times, a little later each time,
 * and not all at one moment.
 */
export async function again<T>(work: () => Promise<T>, wait: (ms: number) => Promise<void> = pause): Promise<T> {
  for (let tries = 1; ; tries++) {
    try {
      return await work()
    } catch (error) {
      if (tries >= MOST_TRIES || !worthAgain(error)) throw error
      await wait(FIRST_PAUSE_MS * 2 ** tries * (0.5 + Math.random()))
    }
  }
}
