'use client'
import { useState } from 'react'
import { DELIVERED, type Delivered, deliveredOff, type Said } from '@/core/field'
import { cutText } from '@/core/result'
import { formatLength, inchesAlone } from '@/core/units'
import { recordText } from '@/formats/words'
import type { FieldPage } from '../page'
import { useLog } from '../useField'
import { EntryPage, Picks, type Told } from './EntryPage'

const MOST_IN = 2400
const MOST_LETTERS = 80
/** Where the keypad opens, inches: by what is planned, else by a common board. */
const AROUND: Readonly<Record<Delivered, (page: FieldPage) => number>> = {
  'truss heel': ({ job }) => job.building.roof.truss.heelDepthIn,
  'truss span': ({ derived }) => derived.grid.widthIn,
  'board width': () => 5,
  'board thickness': () => 2,
}

/** What is said in few letters of each. */
const SHORT: Readonly<Record<Delivered, string>> = {
  'truss heel': 'heel',
  'truss span': 'span',
  'board width': 'board wide',
  'board thickness': 'thick',
}
/** What follows from a delivery that is off. */
const ACT: Readonly<Record<Delivered, string>> = {
  'truss heel': 'The office takes it into the plan: do not cut a post before.',
  'truss span': 'Set the tops to the truss, under Span at the top.',
  'board width': 'Marks are one edge of the board: the other one moves, and a carrier’s seat.',
  'board thickness': 'Notches and pockets are cut to the board as it is.',
}

/** What was measured last against the plan. */
function toldOf(last: Said<'delivered'> | undefined, what: Delivered, { job, derived }: FieldPage): Told {
  const off = last && last.body.what === what ? deliveredOff(last.body, job.building, derived.grid.widthIn) : null
  if (!off) return { look: false, lines: ['As it came, not as it was ordered. Name a board by its size: 2×6.'] }
  const planned = `Planned: ${formatLength(off.plannedIn, { feet: what === 'truss span' })}.`
  if (!off.isOff) return { look: false, lines: ['As planned, near enough.', planned] }
  const more = off.offIn > 0 ? 'more' : 'less'
  return { look: true, lines: [`${inchesAlone(Math.abs(off.offIn))} ${more} than planned. ${ACT[what]}`, planned] }
}

/** Heels, spans and boards as they came off the truck. */
export function DeliveredView(page: FieldPage) {
  const delivered = useLog((log) => log.state.delivered)
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const [what, setWhat] = useState<Delivered>('truss heel')
  const [item, setItem] = useState('')
  const last = delivered.at(-1)
  const named = item.trim() || (what.startsWith('truss') ? 'truss' : 'board')
  return (
    <>
      <EntryPage
        picks={
          <Picks
            label="What is measured"
            all={DELIVERED.map((each) => [each, SHORT[each]])}
            picked={what}
            onPick={setWhat}
            manner="tight"
          />
        }
        empty={what}
        around={AROUND[what](page)}
        most={MOST_IN}
        told={toldOf(last, what, page)}
        keys={[{ words: 'Keep', keep: (inches) => add({ kind: 'delivered', what, item: named, inches }) }]}
        kept={
          last
            ? {
                words: recordText(last.body, page.derived.names),
                undo: () => undo(last.id),
              }
            : null
        }
      />
      <label className="who">
        Which one
        <input
          value={item}
          placeholder={what.startsWith('truss') ? 'truss' : 'board'}
          onChange={(event) => setItem(cutText(event.target.value, MOST_LETTERS))}
        />
      </label>
    </>
  )
}
