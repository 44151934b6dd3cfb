'use client'
import { useState } from 'react'
import { type FieldState, INSPECTED_AT, type Inspection, INSPECTIONS, isPassed, reached } from '@/core/field'
import { counted } from '@/core/units'
import { answer } from '@/devices/answer'
import { INSPECTION_WORDS } from '@/formats/words'
import type { FieldPage } from '../page'
import { useLog } from '../useField'
import { Picks } from './EntryPage'
import { KeptList } from './KeptList'
import { Words } from './Words'

const SHORT: Readonly<Record<Inspection, string>> = {
  footing: 'Footings',
  set: 'Set',
  braced: 'Braced',
  covered: 'Covered',
}

/** Posts that have come as far as an inspection looks at, and were not passed. */
const dueFor = (inspection: Inspection, { derived }: FieldPage, state: FieldState): readonly string[] =>
  derived.posts
    .map(({ id }) => id)
    .filter((id) => reached(state.states[id], INSPECTED_AT[inspection]) && !isPassed(state, id, inspection))

/** Posts that are signed for, each to be left out. */
function Posts({
  due,
  left,
  names,
  onTurn,
}: {
  readonly due: readonly string[]
  readonly left: ReadonlySet<string>
  readonly names: Readonly<Record<string, string>>
  readonly onTurn: (id: string) => void
}) {
  return (
    <div className="chips wrap" role="group" aria-label="Posts that are signed for">
      {due.map((id) => (
        <button key={id} type="button" aria-pressed={!left.has(id)} onClick={() => onTurn(id)}>
          {names[id]}
        </button>
      ))}
    </div>
  )
}

/** Inspections: what was looked at, what was seen, who signs; posts that are left out are signed for another time. */
export function InspectView(page: FieldPage) {
  const state = useLog((log) => log.state)
  const add = useLog((log) => log.add)
  const who = useLog((log) => log.who)
  const [inspection, setInspection] = useState<Inspection>('footing')
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set())
  const [seen, setSeen] = useState('')
  const [name, setName] = useState(page.signedIn ?? who)
  const due = dueFor(inspection, page, state)
  const posts = due.filter((id) => !left.has(id))
  const turn = (id: string) => {
    const next = new Set(left)
    if (!next.delete(id)) next.add(id)
    setLeft(next)
  }
  const sign = (passed: boolean) => {
    add({ kind: 'sign', inspection, posts: [...posts], passed, seen: seen.trim(), name: name.trim() })
    answer('kept', passed ? 'Passed' : 'Not passed')
    setSeen('')
    setLeft(new Set())
  }
  const cannot = posts.length === 0 || seen.trim() === '' || name.trim() === ''
  return (
    <>
      <Picks
        label="Inspection"
        all={INSPECTIONS.map((each) => [each, SHORT[each], String(dueFor(each, page, state).length)])}
        picked={inspection}
        onPick={setInspection}
      />
      <h2>{INSPECTION_WORDS[inspection]}</h2>
      {due.length === 0 ? (
        <p className="fnote">No post waits for it: none has come that far, or all were passed.</p>
      ) : (
        <>
          <p className="fnote">{counted(posts.length, 'post')} signed for. Tap one to leave it out.</p>
          <Posts due={due} left={left} names={page.derived.names} onTurn={turn} />
        </>
      )}
      <Words
        label="What was seen"
        value={seen}
        placeholder="depth, bottom, bearing …"
        most={1000}
        lines={3}
        onChange={setSeen}
      />
      <Words label="Who signs" value={name} placeholder="name" most={60} onChange={setName} />
      <div className="acts keepkeys even">
        <button type="button" className="quiet" disabled={cannot} onClick={() => sign(false)}>
          Not passed
        </button>
        <button type="button" className="main" disabled={cannot} onClick={() => sign(true)}>
          Passed
        </button>
      </div>
      <p className="fnote">For the record of this job: local code and the building department decide.</p>
      <KeptList page={page} of={({ body }) => body.kind === 'sign'} />
    </>
  )
}
