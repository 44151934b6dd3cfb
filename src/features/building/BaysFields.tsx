'use client'
import type { Bays } from '@/core/model'
import { ChoiceField, LengthField, NumberField } from '@/ui'
import { useDoc } from '../job'

/** Bays: so many, at most so wide, or each set by hand (the next one takes up the difference, so that they always close). */
export function BaysFields() {
  const { job, derived, edit, done } = useDoc()
  const building = job.building
  const put = (label: string, bays: Bays, key?: string) =>
    edit(label, (job) => ({ ...job, building: { ...job.building, bays } }), key)
  const now = derived.grid.baysIn
  const mode = (m: Bays['mode']) =>
    put(
      'bays',
      m === 'count'
        ? { mode: 'count', count: now.length }
        : m === 'max'
          ? { mode: 'max', maxIn: Math.ceil(Math.max(...now)) }
          : { mode: 'hand', spacingsIn: [...now] },
    )
  const hand = (i: number) => (v: number, g: string) => {
    const spacingsIn = [...now]
    const other = i === now.length - 1 ? i - 1 : i + 1
    spacingsIn[other] += spacingsIn[i] - v
    spacingsIn[i] = v
    return put(`bay ${i + 1}`, { mode: 'hand', spacingsIn }, `bay-${i}-${g}`)
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
          onChange={(v, g) => put('widest bay', { mode: 'max', maxIn: v }, `max-${g}`)}
          onDone={done}
        />
      )}
      {building.bays.mode === 'count' && (
        <NumberField
          label="How many"
          name="bayCount"
          whole
          value={building.bays.count}
          onChange={(v, g) => put('number of bays', { mode: 'count', count: v }, `count-${g}`)}
          onDone={done}
        />
      )}
      {building.bays.mode === 'hand' &&
        now.map((v, i) => (
          <LengthField key={i} label={`${i + 1} to ${i + 2}`} value={v} onChange={hand(i)} onDone={done} />
        ))}
      <ChoiceField
        label="Measured between"
        value={building.baysFrom}
        choices={[
          { value: 'outside', label: 'outside faces' },
          { value: 'centres', label: 'end post centres' },
        ]}
        onChange={(v) =>
          edit('bay reference', (job) => ({
            ...job,
            building: {
              ...job.building,
              baysFrom: v,
              bays: job.building.bays.mode === 'hand' ? { mode: 'count', count: now.length } : job.building.bays,
            },
          }))
        }
      />
    </section>
  )
}
