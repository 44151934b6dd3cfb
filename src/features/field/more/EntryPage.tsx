'use client'
import { type ReactNode, useState } from 'react'
import { feetInWords, formatLength } from '@/core/units'
import { answer } from '@/devices/answer'
import { Big } from '../Big'
import { type Entry, entryIn, Keypad } from '../Keypad'
import { EMPTY } from '../readings'

/** What is said of what was entered, in a place that does not move. */
export interface Told {
  readonly look: boolean
  readonly lines: readonly string[]
}

/** A key that keeps a length: one for most, two where a length may go either way. */
interface KeepKey {
  readonly words: string
  readonly keep: (inches: number) => void
}

/** How something is measured: a key that goes on to the next way at each tap. */
interface Way {
  readonly label: string
  readonly words: string
  readonly next: () => void
}

interface Props {
  /** What is measured, picked among its like. */
  readonly picks: ReactNode
  readonly empty: string
  readonly around: number
  readonly most: number
  readonly feet?: boolean
  readonly told: Told
  readonly keys: readonly KeepKey[]
  readonly ways?: readonly Way[]
  /** What was kept last, with its way back; null where nothing was. */
  readonly kept: { readonly words: string; readonly undo: () => void } | null
}

const shown = (inches: number | null, feet: boolean): string =>
  inches === null ? '' : ` ${formatLength(inches, { feet })}`

/** One length on the keypad, with what it means beside it. Every key has its place, whatever is said. */
export function EntryPage({ picks, empty, around, most, feet = false, told, keys, ways = [], kept }: Props) {
  const [entry, setEntry] = useState<Entry>(EMPTY)
  const [aroundAt, setAround] = useState<number | null>(null)
  const value = entryIn(entry)
  return (
    <div className="readpage">
      <div className="readhead">
        {picks}
        <div className="readout">
          <Big inches={value} empty={empty} feet={feet} />
        </div>
        <div className="kept" role="status">
          <span>{kept?.words ?? ''}</span>
          {kept && (
            <button type="button" onClick={kept.undo}>
              Undo
            </button>
          )}
        </div>
        <div className={told.look ? 'slot look' : 'slot'} role={told.look ? 'alert' : 'status'}>
          <div>
            {told.lines.map((line) => (
              <p key={line}>{line}</p>
            ))}
          </div>
        </div>
      </div>
      <Keypad
        entry={entry}
        around={aroundAt ?? Math.round(around)}
        most={most}
        onEntry={setEntry}
        onAround={setAround}
      />
      <div className={ways.length > 0 ? 'acts keepkeys ways' : 'acts keepkeys'}>
        {ways.map(({ label, words, next }) => (
          <button key={label} type="button" className="quiet" aria-label={`${label}: ${words}`} onClick={next}>
            {words}
          </button>
        ))}
        {keys.length === 1 && (
          <button type="button" className="quiet" onClick={() => setEntry(EMPTY)}>
            Clear
          </button>
        )}
        {keys.map(({ words, keep }) => (
          <button
            key={words}
            type="button"
            className="main"
            disabled={value === null}
            onClick={() => {
              if (value === null) return
              keep(value)
              answer('kept', feetInWords(value))
              setEntry(EMPTY)
              setAround(null)
            }}
          >
            {words}
            {shown(value, feet)}
          </button>
        ))}
      </div>
    </div>
  )
}

/** So many keys to pick among stand beside each other. */
export const SHOWN = 4

/** Keys to pick among a few, as the rows of posts have them. */
export function Picks<T extends string>({
  label,
  all,
  picked,
  onPick,
  manner = '',
}: {
  readonly label: string
  readonly all: readonly (readonly [value: T, words: string, sign?: string])[]
  readonly picked: T
  readonly onPick: (value: T) => void
  /** Closer together, or in several lines, where there are many. */
  readonly manner?: '' | 'tight' | 'wrap'
}) {
  return (
    <div className={`chips ${manner}`} role="group" aria-label={label}>
      {all.map(([value, words, sign]) => (
        <button key={value} type="button" aria-pressed={value === picked} onClick={() => onPick(value)}>
          {words}
          {sign !== undefined && <small>{sign}</small>}
        </button>
      ))}
    </div>
  )
}
