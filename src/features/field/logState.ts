import { dequal } from 'dequal/lite'
import type { StoreApi } from 'zustand'
import {
  type FieldRecord,
  type FieldState,
  foldRecords,
  isAhead,
  type Levels,
  type RecordBody,
  type Stored,
  tieLevels,
  withReading,
} from '@/core/field'
import type { NotTaken } from './exchange'
import type { SetAside } from './kept'

/** The name of a device that does not know its own yet. */
export const NO_NAME = 'device'

export interface FieldLog {
  readonly jobId: string
  readonly stored: readonly Stored[]
  readonly state: FieldState
  readonly levels: Levels
  /** Records that wait on this device; those set aside are counted apart. */
  readonly waiting: number
  readonly link: 'online' | 'starting' | NotTaken
  readonly lastTouch: string | null
  /** Records that the server did not take, with its reasons; they stay on this device until they are mended. */
  readonly refused: readonly SetAside[]
  /** Whether this browser keeps records over a reload; false once it has refused to, and then it takes none. */
  readonly keeps: boolean
  /** Entries that were not taken because they could not be kept. */
  readonly lost: number
  /** How far this device's clock is ahead of the office's, ms; null until the office has said the time. */
  readonly aheadMs: number | null
  /** What this device is called in what it makes; `NO_NAME` until what it has kept was read. */
  readonly device: string
  /** Whether this is a phone on site, of which the office is told; a desk is none. */
  readonly isPhone: boolean
  readonly who: string
  /** The set-up that this device reads from; null where it has not been said. */
  readonly setup: string | null
  /** The plan's revision that this page shows; null where that is not known. */
  readonly shows: number | null
  /** The plan's newest revision that the server has spoken of. */
  readonly newest: number | null
  readonly add: (body: RecordBody, at?: string) => FieldRecord
  readonly undo: (id: string) => void
  /** Leaves what waits with the office, where this device may no longer enter it; says whether that came about. */
  readonly leave: () => Promise<boolean>
  /** Takes a record that was set aside off this device. */
  readonly drop: (id: string) => void
  readonly setWho: (who: string) => void
  readonly setSetup: (setup: string) => void
  readonly setShows: (revision: number | null) => void
  readonly sync: () => Promise<void>
}

export type FieldLogStore = StoreApi<FieldLog>

/** What is worked out of the records: those that the server has turned away say nothing. */
export const derivedOf = (stored: readonly Stored[], refused: readonly SetAside[]) => {
  const turned = new Set(refused.map(({ id }) => id))
  const standing = turned.size > 0 ? stored.filter(({ record }) => !turned.has(record.id)) : stored
  const state = foldRecords(standing)
  return {
    stored,
    refused,
    state,
    levels: tieLevels(state),
    waiting: standing.filter(({ receivedAt }) => receivedAt === null).length,
  }
}

/** The same with what was just entered. */
export function derivedWith(log: ReturnType<typeof derivedOf>, record: FieldRecord): ReturnType<typeof derivedOf> {
  const { refused, waiting } = log
  const stored = [...log.stored, { record, receivedAt: null }]
  const said = withReading(log, record)
  return said ? { stored, refused, ...said, waiting: waiting + 1 } : derivedOf(stored, refused)
}

/** Whether an entry says what it said before, though the office has it now. */
const saysTheSame = (before: Stored | undefined, now: Stored): boolean =>
  before === now ||
  (before !== undefined && !before.moved && !now.moved && !isAhead(now) && dequal(before.record, now.record))

/** The same after an answer of the office. One that only says what has arrived leaves everything as it stands. */
export function derivedAfter(
  log: ReturnType<typeof derivedOf>,
  stored: readonly Stored[],
  refused: readonly SetAside[],
): ReturnType<typeof derivedOf> {
  const isSame =
    stored.length === log.stored.length &&
    refused.length + log.refused.length === 0 &&
    stored.every((now, k) => saysTheSame(log.stored[k], now))
  if (!isSame) return derivedOf(stored, refused)
  const waiting = stored.filter(({ receivedAt }) => receivedAt === null).length
  return { stored, refused, state: log.state, levels: log.levels, waiting }
}
