'use client'
import { lengthParts } from '@/core/units'
import { firstKey, KEYS, stepped } from './keys'

/** A reading being entered: whole inches and sixteenths, each null until tapped. */
export interface Entry {
  readonly whole: number | null
  readonly sixteenths: number | null
}

export const entryIn = (entry: Entry): number | null =>
  entry.whole === null ? null : entry.whole + (entry.sixteenths ?? 0) / 16
const LABEL = (sixteenths: number): string => {
  const parts = lengthParts(sixteenths / 16, false)
  return parts.numerator ? `${parts.numerator}/${parts.denominator}` : '0'
}

/** Length of a tick by its true rank on a blade. */
const tick = (sixteenths: number): number => {
  if (sixteenths % 16 === 0) return 34
  if (sixteenths % 8 === 0) return 27
  if (sixteenths % 4 === 0) return 21
  if (sixteenths % 2 === 0) return 15
  return 10
}

/**
 * Keys for a thumb: ten whole inches about the last reading, the ten before and after one tap away, then sixteenths in
 * four rows of a quarter inch each, every key with its own tick. A key that is pressed is let go by a second tap.
 */
export function Keypad({
  entry,
  around,
  most,
  onEntry,
  onAround,
}: {
  readonly entry: Entry
  readonly around: number
  readonly most: number
  readonly onEntry: (entry: Entry) => void
  readonly onAround: (inches: number) => void
}) {
  const from = firstKey(around, most)
  const ten = Array.from({ length: KEYS }, (_, i) => from + i)
  const last = firstKey(most, most)
  const step = (by: number) => onAround(stepped(from, by, most))
  return (
    <div className="keypad" role="group" aria-label="Reading in inches">
      <div className="wholes">
        <button
          type="button"
          className="decade"
          onClick={() => step(-KEYS)}
          disabled={from <= 0}
          aria-label={`Lower inches, to ${Math.max(0, from - 1)}`}
        >
          to {Math.max(0, from - 1)}
        </button>
        {ten.map((inches) => (
          <button
            key={inches}
            type="button"
            aria-pressed={entry.whole === inches}
            disabled={inches > most}
            onClick={() => onEntry({ ...entry, whole: entry.whole === inches ? null : inches })}
          >
            {inches}
          </button>
        ))}
        <button
          type="button"
          className="decade"
          onClick={() => step(KEYS)}
          disabled={from >= last}
          aria-label={`Higher inches, ${from + KEYS} on`}
        >
          {from + KEYS} on
        </button>
      </div>
      {[0, 4, 8, 12].map((row) => (
        <div className="blade" key={row}>
          {[0, 1, 2, 3].map((k) => {
            const sixteenths = row + k
            return (
              <button
                key={sixteenths}
                type="button"
                aria-pressed={entry.sixteenths === sixteenths}
                aria-label={sixteenths === 0 ? '0, no fraction' : LABEL(sixteenths)}
                onClick={() => onEntry({ ...entry, sixteenths: entry.sixteenths === sixteenths ? null : sixteenths })}
              >
                <i style={{ height: tick(sixteenths) }} />
                {LABEL(sixteenths)}
              </button>
            )
          })}
        </div>
      ))}
    </div>
  )
}
