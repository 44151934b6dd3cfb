'use client'
import { useState } from 'react'
import { readPieces } from '@/core/derive'
import { answer } from '@/devices/answer'
import { dayText } from '@/formats/words'
import type { FieldPage } from '../page'
import { useLog } from '../useField'
import { KeptList } from './KeptList'
import { useToday, Words } from './Words'

/** One key that keeps what was typed. */
function KeepKey({
  words,
  disabled,
  onKeep,
}: {
  readonly words: string
  readonly disabled: boolean
  readonly onKeep: () => void
}) {
  return (
    <div className="acts">
      <button
        type="button"
        className="main"
        disabled={disabled}
        onClick={() => {
          onKeep()
          answer('kept', 'Kept')
        }}
      >
        {words}
      </button>
    </div>
  )
}

const DAY_LETTERS = 10
const namesIn = (text: string): string[] =>
  text
    .split(/[,\n]/)
    .map((name) => name.trim())
    .filter((name) => name !== '')

/** Who is here today. */
export function HereView(page: FieldPage) {
  const here = useLog((log) => log.state.here)
  const add = useLog((log) => log.add)
  const [day, setDay] = useToday()
  const [text, setText] = useState(() => here.at(-1)?.body.names.join(', ') ?? '')
  const names = namesIn(text).slice(0, 30)
  return (
    <>
      <Words label="Day" type="date" value={day} most={DAY_LETTERS} onChange={setDay} />
      <Words
        label="Who is here, with commas between"
        value={text}
        placeholder="names"
        most={600}
        lines={3}
        onChange={setText}
      />
      <KeepKey
        words={`${names.length} here`}
        disabled={names.length === 0 || names.some((name) => name.length > 60) || day === ''}
        onKeep={() => add({ kind: 'here', day, names })}
      />
      <KeptList page={page} of={({ body }) => body.kind === 'here'} />
    </>
  )
}

/** What came short, or is missing. */
export function ShortView(page: FieldPage) {
  const add = useLog((log) => log.add)
  const [item, setItem] = useState('')
  const [quantity, setQuantity] = useState('1')
  const boards = [...new Set(readPieces(page.plan.plan.pieces).map(({ board }) => board.label))].slice(0, 12)
  const count = Number(quantity)
  const isGood = item.trim() !== '' && quantity.trim() !== '' && count >= 0 && count <= 100_000
  return (
    <>
      <Words label="What came short" value={item} placeholder="what is missing" most={120} onChange={setItem} />
      <div className="chips wrap" role="group" aria-label="Boards of this job">
        {boards.map((board) => (
          <button key={board} type="button" aria-pressed={item === board} onClick={() => setItem(board)}>
            {board}
          </button>
        ))}
      </div>
      <Words label="How many" type="number" value={quantity} most={7} onChange={setQuantity} />
      <KeepKey
        words="Tell the office"
        disabled={!isGood}
        onKeep={() => {
          add({ kind: 'short', item: item.trim(), quantity: count })
          setItem('')
        }}
      />
      <KeptList page={page} of={({ body }) => body.kind === 'short'} />
    </>
  )
}

const isTemp = (text: string): boolean => text.trim() !== '' && Number(text) >= -60 && Number(text) <= 130

/** Lowest and highest temperature of a day: concrete cures by them. */
export function TempsView(page: FieldPage) {
  const add = useLog((log) => log.add)
  const [day, setDay] = useToday()
  const [low, setLow] = useState('')
  const [high, setHigh] = useState('')
  const isGood = isTemp(low) && isTemp(high) && Number(low) <= Number(high) && day !== ''
  return (
    <>
      <p className="fnote">
        Concrete is told young or old by these. A day without counts as cold; with no day at all it goes by practice
        weather, and says so.
      </p>
      <Words label="Day" type="date" value={day} most={DAY_LETTERS} onChange={setDay} />
      <Words label="Lowest, °F (−60 to 130)" type="number" value={low} most={5} onChange={setLow} />
      <Words label="Highest, °F (not under the lowest)" type="number" value={high} most={5} onChange={setHigh} />
      <KeepKey
        words="Keep this day"
        disabled={!isGood}
        onKeep={() => add({ kind: 'temps', day, lowF: Number(low), highF: Number(high) })}
      />
      <KeptList page={page} of={({ body }) => body.kind === 'temps'} />
    </>
  )
}

/** That buried lines are marked: before the first hole. */
export function LinesView(page: FieldPage) {
  const lines = useLog((log) => log.state.lines)
  const add = useLog((log) => log.add)
  const [marked, setMarked] = useToday()
  const [reference, setReference] = useState('')
  return (
    <>
      <div className="caution">
        Call the utility locator before any hole, and wait until the marks are on the ground. Dig by hand beside them.
      </div>
      <Words label="Marked on" type="date" value={marked} most={DAY_LETTERS} onChange={setMarked} />
      <Words label="Reference" value={reference} placeholder="of the locator" most={60} onChange={setReference} />
      <KeepKey
        words="Lines are marked"
        disabled={reference.trim() === '' || marked === ''}
        onKeep={() => add({ kind: 'lines', reference: reference.trim(), marked })}
      />
      {lines && (
        <div className="fok" role="status">
          Marked {dayText(lines.body.marked)}, reference {lines.body.reference}.
        </div>
      )}
      <KeptList page={page} of={({ body }) => body.kind === 'lines'} />
    </>
  )
}
