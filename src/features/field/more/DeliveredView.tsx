'use client'
import { useState } from 'react'
import { DELIVERED, type Delivered } from '@/core/field'
import { cutText } from '@/core/result'
import { recordText } from '@/formats/words'
import type { FieldPage } from '../page'
import { useLog } from '../useField'
import { EntryPage, Picks } from './EntryPage'

const MOST_IN = 2400
const MOST_LETTERS = 80
/** Where the keypad opens, inches: by what is planned where that is known, else by a common board. */
const AROUND: Readonly<Record<Delivered, (page: FieldPage) => number>> = {
  'truss heel': ({ job }) => job.building.heelIn % 24,
  'truss span': ({ derived }) => derived.grid.widthIn,
  'board width': () => 5,
  'board thickness': () => 2,
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
          <Picks label="What is measured" all={DELIVERED.map((each) => [each, each])} picked={what} onPick={setWhat} />
        }
        empty={what}
        around={AROUND[what](page)}
        most={MOST_IN}
        told={{ look: false, lines: ['As it came, not as it was ordered: the plan is held against it in the office.'] }}
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
