'use client'
import { useState } from 'react'
import { inchesAlone } from '@/core/units'
import type { PostPage } from '../page'
import { useLog } from '../useField'
import { EntryPage, Picks, type Told } from './EntryPage'

type Part = 'offStringIn' | 'leanIn' | 'alongIn'
const PARTS: readonly (readonly [Part, string])[] = [
  ['offStringIn', 'off string'],
  ['leanIn', 'lean across'],
  ['alongIn', 'lean along'],
]
/** Which way a length goes: positive first, as records have it. */
const WAYS: Readonly<Record<Part, readonly [plus: string, minus: string]>> = {
  offStringIn: ['Out', 'In'],
  leanIn: ['Leans out', 'Leans in'],
  alongIn: ['To its high end', 'To its low end'],
}
/** What a post is held against: a level of this length, inches. */
const LEVEL_IN = 96
/** More than this, or a 960th of the height, is straightened; more than this is off its string. Inches (register C42). */
const PLUMB_IN = 1 / 8
const PER_HEIGHT = 960
const STRING_IN = 1 / 4
const MOST_IN = 24

/** What is to be done about one of them; null where nothing is. */
function actOn(part: Part, inches: number | null): string | null {
  if (inches === null) return null
  const limitIn = part === 'offStringIn' ? STRING_IN : Math.max(PLUMB_IN, LEVEL_IN / PER_HEIGHT)
  if (Math.abs(inches) <= limitIn) return null
  const way = WAYS[part][inches > 0 ? 1 : 0].replace('Leans ', '').toLowerCase()
  const what = part === 'offStringIn' ? 'Move it' : 'Bring its top'
  return `${what} ${inchesAlone(Math.abs(inches))} ${way}.`
}

/** A set post off its string and out of plumb. */
export function StandView({ derived, post, go }: PostPage) {
  const stand = useLog((log) => log.state.stands[post])
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const [part, setPart] = useState<Part>('offStringIn')
  const known = stand?.body ?? { offStringIn: null, leanIn: null, alongIn: null }
  const acts = PARTS.flatMap(([each]) => actOn(each, known[each]) ?? [])
  const calm = stand ? 'Within what is let be.' : 'Against its string, and with an 8-foot level.'
  const told: Told = acts.length > 0 ? { look: true, lines: acts } : { look: false, lines: [calm] }
  const keep = (sign: 1 | -1) => (inches: number) => {
    const { offStringIn, leanIn, alongIn } = known
    add({ kind: 'stand', post, offStringIn, leanIn, alongIn, overIn: LEVEL_IN, [part]: sign * inches })
    setPart(PARTS[(PARTS.findIndex(([each]) => each === part) + 1) % PARTS.length]?.[0] ?? part)
  }
  return (
    <>
      <EntryPage
        picks={
          <Picks
            label="What is measured"
            all={PARTS.map(([each, words]) => [each, words, known[each] === null ? '○' : inchesAlone(known[each])])}
            picked={part}
            onPick={setPart}
            manner="tight"
          />
        }
        empty={derived.names[post] ?? ''}
        around={2}
        most={MOST_IN}
        told={told}
        keys={[
          { words: WAYS[part][0], keep: keep(1) },
          { words: WAYS[part][1], keep: keep(-1) },
        ]}
        kept={stand ? { words: 'Kept', undo: () => undo(stand.id) } : null}
      />
      <div className="acts small">
        <button type="button" onClick={() => go(['post', post])}>
          Card of {derived.names[post]}
        </button>
      </div>
    </>
  )
}
