'use client'
import { lengthParts } from '@/core/units'

/** A reading being entered: whole inches and sixteenths, each null until tapped. */
export interface Entry { readonly whole: number | null; readonly sixteenths: number | null }
export const entryIn = (e: Entry): number | null => (e.whole === null ? null : e.whole + (e.sixteenths ?? 0) / 16)
const LABEL = (n: number): string => { const p = lengthParts(n / 16, false); return p.numerator ? `${p.numerator}/${p.denominator}` : '0' }
/** Length of a tick by its true rank on a blade. */
const tick = (n: number): number => (n % 16 === 0 ? 38 : n % 8 === 0 ? 30 : n % 4 === 0 ? 24 : n % 2 === 0 ? 17 : 11)

/** Keys for a thumb: whole inches about the last reading in one row, then sixteenths in four rows of a quarter inch each, every key with its own tick. */
export function Keypad({ entry, around, most, onEntry, onAround }: { readonly entry: Entry; readonly around: number; readonly most: number; readonly onEntry: (e: Entry) => void; readonly onAround: (n: number) => void }) {
  const from = Math.max(0, Math.min(most - 4, around - 2))
  const five = Array.from({ length: 5 }, (_, i) => from + i)
  const step = (by: number) => onAround(Math.max(2, Math.min(most - 2, Math.floor((from + 2) / 10) * 10 + by)))
  return (
    <div className="keypad" role="group" aria-label="Reading in inches">
      <div className="wholes">
        <button type="button" className="decade" onClick={() => step(-5)} disabled={from <= 0} aria-label="Lower inches">{Math.max(0, Math.floor((from + 2) / 10) * 10 - 10)}s</button>
        {five.map((n) => <button key={n} type="button" aria-pressed={entry.whole === n} onClick={() => onEntry({ ...entry, whole: n })}>{n}</button>)}
        <button type="button" className="decade" onClick={() => step(15)} disabled={from >= most - 4} aria-label="Higher inches">{Math.floor((from + 2) / 10) * 10 + 10}s</button>
      </div>
      {[0, 4, 8, 12].map((row) => (
        <div className="blade" key={row}>
          {[0, 1, 2, 3].map((k) => { const n = row + k; return <button key={n} type="button" aria-pressed={entry.sixteenths === n} aria-label={n === 0 ? 'no fraction' : LABEL(n)} onClick={() => onEntry({ ...entry, sixteenths: n })}><i style={{ height: tick(n) }} />{LABEL(n)}</button> })}
        </div>
      ))}
    </div>
  )
}
