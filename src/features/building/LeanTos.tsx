'use client'
import { newLeanToParts, type Building, type LeanTo } from '@/core/model'
import { ChoiceField, LengthField, NumberField, EntryScope } from '@/ui'
import { useDoc } from '../job'

const EAVES = [
  { side: 'north', name: 'far eave' },
  { side: 'south', name: 'near eave' },
] as const
const fresh = (side: LeanTo['side']): LeanTo => ({
  side,
  depthIn: 120,
  pitchPer12: 2,
  dropIn: 12,
  ...(newLeanToParts() as Omit<LeanTo, 'side' | 'depthIn' | 'pitchPer12' | 'dropIn'>),
})

/** Open lean-tos, one on each eave at most: their shape. Their rafters are sized under Roof. */
export function LeanTos({ building, done }: { readonly building: Building; readonly done: () => void }) {
  const { edit } = useDoc()
  const set = (side: LeanTo['side'], on: boolean) =>
    edit('lean-to', (job) => ({
      ...job,
      building: {
        ...job.building,
        leanTos: on
          ? [...job.building.leanTos.filter((leanTo) => leanTo.side !== side), fresh(side)]
          : job.building.leanTos.filter((leanTo) => leanTo.side !== side),
      },
    }))
  return (
    <section className="grp" aria-label="Lean-tos">
      <h3>Lean-tos</h3>
      {EAVES.map(({ side, name }) => {
        const leanTo = building.leanTos.find((leanTo) => leanTo.side === side)
        const put =
          <K extends 'depthIn' | 'pitchPer12' | 'dropIn'>(key: K) =>
          (value: number, gesture?: string) =>
            edit(
              'lean-to',
              (job) => ({
                ...job,
                building: {
                  ...job.building,
                  leanTos: job.building.leanTos.map((leanTo) =>
                    leanTo.side === side ? { ...leanTo, [key]: value } : leanTo,
                  ),
                },
              }),
              gesture && `lean-${side}-${key}-${gesture}`,
            )
        return (
          <div key={side}>
            <ChoiceField
              label={`On the ${name}`}
              name={`lean-${side}`}
              value={leanTo ? 'yes' : 'no'}
              choices={[
                { value: 'no', label: 'none' },
                { value: 'yes', label: 'open lean-to' },
              ]}
              onChange={(value) => set(side, value === 'yes')}
            />
            {leanTo && (
              <EntryScope of={side}>
                <LengthField label="Depth" value={leanTo.depthIn} onChange={put('depthIn')} onDone={done} />
                <NumberField
                  label="Pitch, rise per 12"
                  value={leanTo.pitchPer12}
                  onChange={put('pitchPer12')}
                  onDone={done}
                />
                <LengthField label="Drop below the heel" value={leanTo.dropIn} onChange={put('dropIn')} onDone={done} />
              </EntryScope>
            )}
          </div>
        )
      })}
    </section>
  )
}
