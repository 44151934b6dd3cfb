'use client'
import type { ReactNode } from 'react'
import { CHECK_READINGS, type Said } from '@/core/field'
import { counted, inchesAlone } from '@/core/units'
import { bumpInShort, spanWords, suspicionSaid } from '@/formats/words'
import { EMPTY } from './readings'
import type { Reading } from './useReading'

// What the page of readings says, at two places that never move: what was just kept, and what is worth a look. The keys
// stand where they stand, whatever is said.

/** One thing that is said, with at most one key. */
interface Told {
  readonly tone: 'calm' | 'look'
  readonly title: string
  readonly say?: string
  readonly key?: { readonly words: string; readonly act: () => void }
}

const isReading = (said: Said<'reading'> | Said<'check'>): said is Said<'reading'> => said.body.kind === 'reading'

/** What became of the entry that was just made. */
function keptOf(r: Reading): { readonly title: ReactNode; readonly look: boolean } | null {
  const { last, level } = r
  if (!last) return null
  if (!isReading(last)) {
    const bump = level ? bumpInShort(level) : null
    const held = r.isFirstLook ? 'the set-up has it now' : 'the laser stood still'
    return {
      title: bump ?? `Benchmark reads ${inchesAlone(last.body.benchmarkIn)}: ${held}.`,
      look: bump !== null,
    }
  }
  const { target, inches, second } = last.body
  const suspicion = r.places.suspect(target)
  const name = r.nameOf(target)
  if (suspicion?.kind === 'disputed' && second)
    return { title: `${name} read ${inchesAlone(suspicion.rodIn)} at first: read it a third time.`, look: true }
  if (suspicion) return { title: `${name} kept: ${inchesAlone(inches)}. It moves no mark yet.`, look: true }
  const twice = r.places.sure(target) ? ', read twice alike' : ''
  return { title: `${name} kept: ${inchesAlone(inches)}${twice}`, look: false }
}

/** The line of what was just kept, with the way back. */
export function KeptLine({ r, undo }: { readonly r: Reading; readonly undo: (id: string) => void }) {
  const kept = keptOf(r)
  const { last } = r
  return (
    <div className={kept?.look ? 'kept look' : 'kept'} role="status">
      <span>{kept?.title ?? 'Hold the rod plumb: a leaning rod reads too much.'}</span>
      {kept && last && (
        <button
          type="button"
          onClick={() => {
            undo(last.id)
            if (isReading(last)) r.pick(last.body.target)
            r.setLast(null)
          }}
        >
          Undo
        </button>
      )}
    </div>
  )
}

/** What is doubted of what is being entered, or of what was read. */
function doubtTold(r: Reading): Told | null {
  if (r.doubt) {
    // What it does not move is said once it is kept: beside the key there is room for why.
    const { title, say } = suspicionSaid(r.target, r.doubt, r.page.derived.names)
    return { tone: 'look', title, say, key: { words: 'Read again', act: () => r.setEntry(EMPTY) } }
  }
  const suspicion = r.mode === 'read' ? r.places.suspect(r.target) : null
  if (!suspicion) return null
  const { title, say, until } = suspicionSaid(r.target, suspicion, r.page.derived.names)
  return { tone: 'look', title, say: `${say} ${until}` }
}

/** What is next besides reading on. */
function nextTold(r: Reading): Told | null {
  const [first] = r.suspects
  if (first && r.mode === 'read')
    return {
      tone: 'look',
      title: `${counted(r.suspects.length, 'reading')} to take again: ${namesOf(
        r,
        r.suspects.map(([id]) => id),
      )}`,
      key: { words: r.nameOf(first[0]), act: () => r.pick(first[0]) },
    }
  if (r.mode === 'second')
    return {
      tone: 'calm',
      title:
        r.wanted.length > 0 ? `Still to read twice: ${namesOf(r, r.wanted)}` : 'All that is asked for was read twice.',
      say: 'Blind, and best by another person.',
      key: { words: 'Enough', act: () => r.setMode('read') },
    }
  if (r.wanted.length > 0 && r.order.every((id) => r.places.read(id)))
    return {
      tone: 'calm',
      title: `All read. Walk back and read ${counted(r.wanted.length, 'post')} a second time.`,
      key: { words: 'Walk back', act: () => r.setMode('second') },
    }
  return r.skipped.length > 0 ? { tone: 'calm', title: `Passed over: ${namesOf(r, r.skipped)}` } : null
}

const MOST_NAMES = 6
const namesOf = (r: Reading, ids: readonly string[]): string =>
  ids.slice(0, MOST_NAMES).map(r.nameOf).join(', ') + (ids.length > MOST_NAMES ? ' …' : '')

const MS_PER_MINUTE = 60_000
/** Leads to the benchmark, which is to be read from here. */
const readBenchmark = (r: Reading): Told['key'] => ({ words: 'Read it', act: () => r.setMode('check') })

/** Whether it is time to look back at the benchmark. */
function dueTold(r: Reading): Told | null {
  if (r.level?.state === 'untied')
    return {
      tone: 'look',
      title: 'Not tied to the first set-up: this moves no mark.',
      say: 'Rod on its benchmark.',
      key: readBenchmark(r),
    }
  if (!r.due) return null
  const since =
    r.due.readings >= CHECK_READINGS
      ? `${counted(r.due.readings, 'reading')} since the benchmark.`
      : `${spanWords(r.due.minutes * MS_PER_MINUTE) ?? 'A while'} since the benchmark.`
  return {
    tone: 'look',
    title: `${since} Check back to it.`,
    key: { words: 'Check back', act: () => r.setMode('check') },
  }
}

/** What a set-up without a benchmark cannot do: said where nothing else is to be done. */
function benchmarkTold(r: Reading): Told | null {
  if (r.benchmarkIn !== null) return null
  return {
    tone: 'calm',
    title: 'No benchmark: a bump cannot be found.',
    say: 'A stake or a nail in a tree will do.',
    key: readBenchmark(r),
  }
}

function toldOf(r: Reading): Told {
  if (r.mode === 'check')
    return {
      tone: 'calm',
      title:
        r.benchmarkIn === null
          ? 'Rod on the benchmark.'
          : `Rod on the benchmark: it read ${inchesAlone(r.benchmarkIn)} at first.`,
      key: { words: 'Not now', act: () => r.setMode('read') },
    }
  const place = r.setup.body.place ? `, ${r.setup.body.place}` : ''
  const idle: Told = { tone: 'calm', title: `${counted(r.level?.count ?? 0, 'reading')} in this set-up${place}.` }
  return doubtTold(r) ?? dueTold(r) ?? nextTold(r) ?? benchmarkTold(r) ?? idle
}

/** What is worth a look, in its own place. */
export function ReadSlot({ r }: { readonly r: Reading }) {
  const { tone, title, say, key } = toldOf(r)
  return (
    <div className={`slot ${tone}`} role={tone === 'look' ? 'alert' : 'status'}>
      <div>
        <b>{title}</b>
        {say && <p>{say}</p>}
      </div>
      {key && (
        <button type="button" onClick={key.act}>
          {key.words}
        </button>
      )}
    </div>
  )
}
