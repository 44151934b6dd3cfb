'use client'
import { newLeanToParts, type Building, type LeanTo } from '@/core/model'
import { ChoiceField, LengthField, NumberField } from '@/ui'
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
export function LeanTos({ b, done }: { readonly b: Building; readonly done: () => void }) {
  const { edit } = useDoc()
  const set = (side: LeanTo['side'], on: boolean) =>
    edit('lean-to', (j) => ({
      ...j,
      building: {
        ...j.building,
        leanTos: on
          ? [...j.building.leanTos.filter((l) => l.side !== side), fresh(side)]
          : j.building.leanTos.filter((l) => l.side !== side),
      },
    }))
  return (
    <section className="grp" aria-label="Lean-tos">
      <h3>Lean-tos</h3>
      {EAVES.map(({ side, name }) => {
        const l = b.leanTos.find((q) => q.side === side)
        const put =
          <K extends 'depthIn' | 'pitchPer12' | 'dropIn'>(key: K) =>
          (v: number, g?: string) =>
            edit(
              'lean-to',
              (j) => ({
                ...j,
                building: {
                  ...j.building,
                  leanTos: j.building.leanTos.map((q) => (q.side === side ? { ...q, [key]: v } : q)),
                },
              }),
              g && `lean-${side}-${key}-${g}`,
            )
        return (
          <div key={side}>
            <ChoiceField
              label={`On the ${name}`}
              name={`lean-${side}`}
              value={l ? 'yes' : 'no'}
              choices={[
                { value: 'no', label: 'none' },
                { value: 'yes', label: 'open lean-to' },
              ]}
              onChange={(v) => set(side, v === 'yes')}
            />
            {l && (
              <>
                <LengthField label="Depth" value={l.depthIn} onChange={put('depthIn')} onDone={done} />
                <NumberField
                  label="Pitch, rise per 12"
                  value={l.pitchPer12}
                  onChange={put('pitchPer12')}
                  onDone={done}
                />
                <LengthField label="Drop below the heel" value={l.dropIn} onChange={put('dropIn')} onDone={done} />
              </>
            )}
          </div>
        )
      })}
    </section>
  )
}
