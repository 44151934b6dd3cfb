'use client'
import { type Dispatch, type SetStateAction, useState } from 'react'
import { type FieldRecord, POST_STATES, type PostAsBuilt, type PostState, type RecordBody } from '@/core/field'
import { formatLength } from '@/core/units'
import { Big } from './Big'
import { HoldNote } from './HoldNote'
import { type Entry, entryIn, Keypad } from './Keypad'
import type { PostPage } from './page'
import { useLog } from './useField'
import { useHold } from './useHold'

/** The next step of the post, and the way back. */
function StateActions({
  lastState,
  undo,
  built,
  next,
  add,
  id,
  setCutting,
}: {
  readonly lastState: FieldRecord | undefined
  readonly undo: (id: string) => void
  readonly built: PostAsBuilt
  readonly next: PostState | undefined
  readonly add: (body: RecordBody, at?: string) => FieldRecord
  readonly id: string
  readonly setCutting: Dispatch<SetStateAction<boolean>>
}) {
  return (
    <div className="acts">
      {lastState && (
        <button type="button" className="quiet" onClick={() => undo(lastState.id)}>
          Undo {built.state}
        </button>
      )}
      {next === 'cut' && (
        <button
          type="button"
          className="main"
          onClick={() => {
            add({ kind: 'cut', post: id, lengthIn: Math.round(built.needIn * 16) / 16 })
            add({ kind: 'state', post: id, state: 'cut' })
          }}
        >
          Cut as said
        </button>
      )}
      {next && next !== 'cut' && (
        <button type="button" className="main" onClick={() => add({ kind: 'state', post: id, state: next })}>
          Now {next}
        </button>
      )}
      {next === 'cut' && (
        <button type="button" className="quiet" onClick={() => setCutting(true)}>
          Cut otherwise
        </button>
      )}
    </div>
  )
}

/** Another cut length, on the keypad. */
function CutEntry({
  value,
  entry,
  around,
  built,
  setEntry,
  setAround,
  setCutting,
  add,
  id,
}: {
  readonly value: number | null
  readonly entry: Entry
  readonly around: number | null
  readonly built: PostAsBuilt
  readonly setEntry: Dispatch<SetStateAction<Entry>>
  readonly setAround: Dispatch<SetStateAction<number | null>>
  readonly setCutting: Dispatch<SetStateAction<boolean>>
  readonly add: (body: RecordBody, at?: string) => FieldRecord
  readonly id: string
}) {
  return (
    <div className="readpage">
      <Big inches={value} empty="cut length, inches" words={false} />
      <Keypad
        entry={entry}
        around={around ?? Math.round(built.needIn)}
        most={480}
        onEntry={setEntry}
        onAround={setAround}
      />
      <div className="acts keepkeys">
        <button type="button" className="quiet" onClick={() => setCutting(false)}>
          Back
        </button>
        <button
          type="button"
          className="main"
          disabled={value === null}
          onClick={() => {
            add({ kind: 'cut', post: id, lengthIn: value })
            add({ kind: 'state', post: id, state: 'cut' })
            setCutting(false)
            setEntry({ whole: null, sixteenths: null })
          }}
        >
          {value === null ? 'Tap what was cut' : `Cut at ${formatLength(value, { feet: false })}`}
        </button>
      </div>
    </div>
  )
}

/** The entry that brought a post where it is; undefined where nothing did. */
function useLastState(post: string): FieldRecord | undefined {
  const { all, voided } = useLog((log) => log.state)
  return all.filter(({ body, id }) => body.kind === 'state' && body.post === post && !voided.has(id)).at(-1)
}

/** What comes next for a post: its step, what keeps it from that, or the length that it was cut to. */
export function PostSteps({ page, built }: { readonly page: PostPage; readonly built: PostAsBuilt }) {
  const { post: id } = page
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const lastState = useLastState(id)
  const [cutting, setCutting] = useState(false)
  const [entry, setEntry] = useState<Entry>({ whole: null, sixteenths: null })
  const [around, setAround] = useState<number | null>(null)
  const next = POST_STATES[POST_STATES.indexOf(built.state) + 1]
  const hold = useHold(page, id, next)
  if (cutting)
    return (
      <CutEntry
        value={entryIn(entry)}
        entry={entry}
        around={around}
        built={built}
        setEntry={setEntry}
        setAround={setAround}
        setCutting={setCutting}
        add={add}
        id={id}
      />
    )
  return (
    <>
      <StateActions
        lastState={lastState}
        undo={undo}
        built={built}
        next={hold ? undefined : next}
        add={add}
        id={id}
        setCutting={setCutting}
      />
      {hold && next && <HoldNote hold={hold} next={next} page={page} />}
    </>
  )
}
