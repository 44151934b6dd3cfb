import { byClock } from './clock'
import { endsWith, type Levels, levelsOf, tiedTo } from './levels'
import type { FieldRecord } from './recordShape'
import type { Said } from './envelope'
import { judgedWith } from './seconds'
import type { FieldSaid } from './trusted'

// A reading is added to a long log with every tap. Where it changes nothing that was read before it, what stands is taken
// on as it is; in all other cases the whole log is folded anew.

const isReading = (record: FieldRecord): record is FieldRecord & Said<'reading'> => record.body.kind === 'reading'

/** Levels with one more reading of a set-up that was never bumped; null where they are to be told anew. */
function levelsWith(levels: Levels, reading: Said<'reading'>): Levels | null {
  const { setup: name, of } = reading.body
  const setup = levels.setups.find((each) => each.setup === name)
  // What is read after a bump may say where it came: that changes readings of before.
  if (!setup || setup.shiftIn === null || setup.bumps.length > 0) return null
  const tied = tiedTo(reading, setup.shiftIn - setup.nowIn)
  const now = { ...setup, count: setup.count + 1, ...endsWith(setup, reading) }
  return levelsOf(
    levels.setups.map((each) => (each === setup ? now : each)),
    { ...levels.judged, [of]: judgedWith(levels.judged[of], tied) },
    levels.unused,
  )
}

/**
 * What all records say with a new one: the same that `foldRecords` and `tieLevels` say of all together. Null where only
 * they can tell: a record that is no reading, or older than another, or that may change what was read before.
 */
export function withReading({ state, levels }: FieldSaid, record: FieldRecord): FieldSaid | null {
  const last = state.all.at(-1)
  if (!isReading(record) || !last || byClock(last, record) >= 0) return null
  if (state.moved.size > 0 || state.voided.has(record.id)) return null
  const now = levelsWith(levels, record)
  return now && { state: { ...state, all: [...state.all, record], readings: [...state.readings, record] }, levels: now }
}
