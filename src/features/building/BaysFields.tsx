'use client'
import type { Bays } from '@/core/model'
import { ChoiceField, LengthField, NumberField } from '@/ui'
import { PocketLinks, useDoc } from '../job'

/**
 * Bays: so many, at most so wide, or each set by hand (the next one takes up the difference, so that they always
 * close).
 */
export function BaysFields() {
  const { job, derived, edit, done } = useDoc()
  const building = job.building
  const put = (label: string, bays: Bays, key?: string) =>
    edit(label, (job) => ({ ...job, building: { ...job.building, bays } }), key)
  const now = derived.grid.baysIn
  const mode = (mode: Bays['mode']) => {
    const baysOf = (): Bays => {
      if (mode === 'count') return { mode: 'count', count: now.length }
      if (mode === 'max') return { mode: 'max', maxIn: Math.ceil(Math.max(...now)) }
      return { mode: 'hand', spacingsIn: [...now] }
    }
    return put('bays', baysOf())
  }
  const hand = (i: number) => (value: number, gesture: string) => {
    const spacingsIn = [...now]
    const other = i === now.length - 1 ? i - 1 : i + 1
    spacingsIn[other] += spacingsIn[i] - value
    spacingsIn[i] = value
    return put(`bay ${i + 1}`, { mode: 'hand', spacingsIn }, `bay-${i}-${gesture}`)
  }
  return (
    <section className="grp">
      <h3>Bays</h3>
      <ChoiceField
        label="Set by"
        value={building.bays.mode}
        choices={
          [
            { value: 'max', label: 'widest bay' },
            { value: 'count', label: 'how many' },
            { value: 'hand', label: 'hand' },
          ] as { value: Bays['mode']; label: string }[]
        }
        onChange={mode}
      />
      {building.bays.mode === 'max' && (
        <LengthField
          label="Widest bay"
          name="bayMaxIn"
          value={building.bays.maxIn}
          onChange={(value, gesture) => put('widest bay', { mode: 'max', maxIn: value }, `max-${gesture}`)}
          onDone={done}
        />
      )}
      {building.bays.mode === 'count' && (
        <NumberField
          label="How many"
          name="bayCount"
          whole
          value={building.bays.count}
          onChange={(value, gesture) => put('number of bays', { mode: 'count', count: value }, `count-${gesture}`)}
          onDone={done}
        />
      )}
      {building.bays.mode === 'hand' &&
        now.map((value, i) => (
          <LengthField key={i} label={`${i + 1} to ${i + 2}`} value={value} onChange={hand(i)} onDone={done} />
        ))}
      <ChoiceField
        label="Measured between"
        value={building.baysFrom}
        choices={[
          { value: 'outside', label: 'outside faces' },
          { value: 'centres', label: 'end post centers' },
        ]}
        onChange={(value) =>
          edit('bay reference', (job) => ({
            ...job,
            building: {
              ...job.building,
              baysFrom: value,
              bays: job.building.bays.mode === 'hand' ? { mode: 'count', count: now.length } : job.building.bays,
            },
          }))
        }
      />
      <PocketLinks topic="spacing" />
    </section>
  )
}
