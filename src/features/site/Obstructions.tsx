'use client'
import type { Obstruction } from '@/core/sizing'
import { item } from '@/core/result'
import { ChoiceField, EntryScope, Length, LengthField } from '@/ui'
import { changedAt, useDoc, useJobPart } from '../job'
import { KINDS } from './ground'
import { Ways } from './Ways'

/** Distance to keep from a buried line until its owner says otherwise, inches. */
const CLEAR_OF_LINES_IN = 24

/** An obstruction, and the ways round it. */
function ObstructionFields({ obstruction, i }: { readonly obstruction: Obstruction; readonly i: number }) {
  const { change: changeGround, done } = useJobPart('ground')
  const change = (to: Partial<Obstruction>) =>
    changeGround(
      'obstruction',
      (ground) => ({ ...ground, obstructions: changedAt(ground.obstructions, i, to) }),
      `thing-${i}`,
    )
  return (
    <section
      aria-label={`${obstruction.kind} ${i + 1}`}
      className="mb-2"
      style={{ borderTop: '1px solid var(--paper-line)', paddingTop: 6 }}
    >
      <ChoiceField
        label="What"
        value={obstruction.kind}
        choices={KINDS}
        onChange={(kind) => {
          change({ kind, clearIn: kind === 'buried line' ? CLEAR_OF_LINES_IN : obstruction.clearIn })
        }}
      />
      <LengthField
        label="East of the corner"
        value={obstruction.xIn}
        onChange={(xIn) => change({ xIn })}
        onDone={done}
      />
      <LengthField label="North of it" value={obstruction.yIn} onChange={(yIn) => change({ yIn })} onDone={done} />
      <LengthField
        label="Half its width"
        feet={false}
        value={obstruction.radiusIn}
        onChange={(radiusIn) => change({ radiusIn })}
        onDone={done}
      />
      <LengthField
        label="Clearance to keep"
        feet={false}
        value={obstruction.clearIn}
        onChange={(clearIn) => change({ clearIn })}
        onDone={done}
      />
      {obstruction.kind === 'buried line' && (
        <div className="caution">
          Have it located and marked before any digging. Dig by hand within{' '}
          <Length inches={CLEAR_OF_LINES_IN} feet={false} /> of the marks, or the distance its owner asks for.
        </div>
      )}
      <Ways index={i} />
      <button
        type="button"
        className="btn btn-light btn-sm mt-1"
        onClick={() => {
          changeGround('obstruction taken out', (ground) => ({
            ...ground,
            obstructions: ground.obstructions.filter((_, k) => k !== i),
          }))
        }}
      >
        Take out
      </button>
    </section>
  )
}

/** What is in the way of holes, and what to do about it. */
export function Obstructions() {
  const { derived } = useDoc()
  const { part: ground, change: changeGround } = useJobPart('ground')
  const add = () => {
    // A new one lies at a post, where it is seen and moved.
    const post = item(derived.posts, Math.min(2, derived.posts.length - 1))
    const fresh: Obstruction = {
      id: `ob-${Date.now().toString(36)}`,
      kind: 'stump',
      xIn: post.x,
      yIn: post.y,
      radiusIn: 12,
      clearIn: 0,
      decided: '',
      why: '',
    }
    changeGround('obstruction', (ground) => ({ ...ground, obstructions: [...ground.obstructions, fresh] }))
  }
  return (
    <>
      <h3 className="mt-2 mb-1">In the way</h3>
      {ground.obstructions.map((obstruction, i) => (
        <EntryScope key={obstruction.id} of={obstruction.id}>
          <ObstructionFields obstruction={obstruction} i={i} />
        </EntryScope>
      ))}
      <button type="button" className="btn btn-light btn-sm" onClick={add}>
        Add what is in the way
      </button>
    </>
  )
}
