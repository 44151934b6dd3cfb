'use client'
import { Plus, Trash2 } from 'lucide-react'
import type { Job } from '@/core/model'
import { fixed, IN_PER_FT } from '@/core/units'
import { ChoiceField, EntryScope, LengthField, NumberField, OptionalNumberField, PickSome, ToggleField } from '@/ui'
import { ShortFromSite } from './FromSite'
import { boardChoices, lumberChoices, useDoc, useJobPart } from '../job'

type Buying = Job['buying']
type Offcut = Buying['offcuts'][number]

/** Lengths that yards sell, feet. */
const STOCK_FT = [8, 10, 12, 14, 16, 18, 20, 22, 24, 26, 28, 30, 32]

/** The yard's lengths: pressed is one that it sells. The last one stays. */
function Stock() {
  const { part, put } = useJobPart('buying')
  const { stockIn } = part
  const lengths = [...new Set([...STOCK_FT.map((feet) => feet * IN_PER_FT), ...stockIn])].sort((a, b) => a - b)
  return (
    <PickSome
      label="Lengths that the yard sells, feet"
      choices={lengths.map((lengthIn) => [lengthIn, fixed(lengthIn / IN_PER_FT)])}
      on={stockIn}
      onChange={(list) => put('stockIn', 'lengths of the yard')(list.sort((one, other) => one - other))}
      least={1}
    />
  )
}

/** What is bought over the cut, and to spare. */
function Allowances() {
  const { part: buying, put, done } = useJobPart('buying')
  const { spares } = buying
  const spare = (key: keyof Buying['spares'], percent: boolean) => (value: number, gesture: string) =>
    put('spares', 'what is bought to spare')({ ...spares, [key]: percent ? value / 100 : value }, `${key}-${gesture}`)
  const shares = [
    ['hardwareShare', 'Hangers, ties, bolts to spare'],
    ['screwShare', 'Screws to spare'],
    ['nailShare', 'Nails to spare'],
  ] as const
  return (
    <>
      <LengthField
        label="A board over its cut, at least"
        name="spareIn"
        feet={false}
        value={buying.spareIn}
        onChange={put('spareIn', 'board over its cut')}
        onDone={done}
      />
      <LengthField
        label="Posts cut at the top in place"
        name="cutInPlaceIn"
        feet={false}
        value={buying.cutInPlaceIn}
        onChange={put('cutInPlaceIn', 'posts cut in place')}
        onDone={done}
      />
      <NumberField
        whole
        label="One spare board for every"
        hint="0: none"
        value={spares.boardsEvery}
        onChange={spare('boardsEvery', false)}
        onDone={done}
      />
      {shares.map(([key, label]) => (
        <NumberField
          key={key}
          label={label}
          unit="%"
          value={Math.round(spares[key] * 1000) / 10}
          onChange={spare(key, true)}
          onDone={done}
        />
      ))}
      <NumberField
        whole
        label="Of each of them at least"
        value={spares.hardwareLeast}
        onChange={spare('hardwareLeast', false)}
        onDone={done}
      />
      <NumberField
        label="A box of nails"
        unit="lb"
        value={buying.nailBoxLb}
        onChange={put('nailBoxLb', 'box of nails')}
        onDone={done}
      />
    </>
  )
}

/** Items of which more or fewer are bought to spare than the rule of their class says. */
function OwnSpares() {
  const { part: buying, put, done } = useJobPart('buying')
  const { hardware } = useDoc().derived.takeoff
  const { spares } = buying
  const setOwn = (what: string) => (count: number | null, gesture: string) => {
    const { [what]: _before, ...others } = spares.own
    const own = count === null ? others : { ...others, [what]: count }
    return put('spares', `${what} to spare`)({ ...spares, own }, `own-${what}-${gesture}`)
  }
  const count = hardware.filter(({ what }) => what in spares.own).length
  return (
    <details className="mb-1">
      <summary>To spare, item by item{count > 0 && ` (${count} of your own)`}</summary>
      <p className="note mb-1">Empty: by the rules above. What is bought by the box is rounded up to whole boxes.</p>
      {hardware.map(({ what, spare }) => (
        <OptionalNumberField
          key={what}
          whole
          label={what}
          hint={what in spares.own ? undefined : `by the rule ${spare}`}
          value={spares.own[what] ?? null}
          onChange={setOwn(what)}
          onDone={done}
        />
      ))}
    </details>
  )
}

function OffcutFields({
  offcut,
  set,
  remove,
}: {
  readonly offcut: Offcut
  readonly set: (partial: Partial<Offcut>, gesture?: string) => ReturnType<ReturnType<typeof useDoc>['edit']>
  readonly remove: () => void
}) {
  const { job, done } = useDoc()
  return (
    <EntryScope of={offcut.id}>
      <ChoiceField label="Board" value={offcut.size} choices={boardChoices} onChange={(size) => set({ size })} />
      <ChoiceField
        label="Lumber"
        value={offcut.lumber}
        choices={lumberChoices(job.building)}
        onChange={(lumber) => set({ lumber })}
      />
      <ToggleField label="Treated" value={offcut.treated} onChange={(treated) => void set({ treated })} />
      <LengthField
        label="Length"
        value={offcut.lengthIn}
        onChange={(lengthIn, gesture) => set({ lengthIn }, `length-${gesture}`)}
        onDone={done}
      />
      <NumberField
        whole
        label="How many"
        value={offcut.count}
        onChange={(count, gesture) => set({ count }, `count-${gesture}`)}
        onDone={done}
      />
      <button type="button" className="btn btn-light btn-sm mb-2" onClick={remove}>
        <Trash2 size={14} />
        Take it off the list
      </button>
    </EntryScope>
  )
}

/** Boards that lie there already. */
function Offcuts() {
  const { job } = useDoc()
  const { part, put } = useJobPart('buying')
  const { offcuts } = part
  const setAll = (list: readonly Offcut[], gesture?: string) =>
    put('offcuts', 'boards that lie there')([...list], gesture)
  const next = Math.max(0, ...offcuts.map(({ id }) => Number(/^oc-(\d+)$/.exec(id)?.[1] ?? 0))) + 1
  const add = () =>
    setAll([
      ...offcuts,
      {
        id: `oc-${next}`,
        size: '2x6',
        lumber: job.building.roof.purlins.lumber,
        treated: false,
        lengthIn: 96,
        count: 1,
      },
    ])
  return (
    <section className="grp" aria-label="Boards that lie there">
      <h3>Boards that lie there</h3>
      <p className="note mb-1">Cut before any is bought.</p>
      {offcuts.map((offcut) => (
        <details key={offcut.id} className="mb-1">
          <summary>
            {offcut.count} × {offcut.size.replace('x', '×')} {offcut.lumber}
          </summary>
          <OffcutFields
            offcut={offcut}
            set={(partial, gesture) =>
              setAll(
                offcuts.map((each) => (each.id === offcut.id ? { ...each, ...partial } : each)),
                gesture && `${offcut.id}-${gesture}`,
              )
            }
            remove={() => void setAll(offcuts.filter((each) => each.id !== offcut.id))}
          />
        </details>
      ))}
      <button type="button" className="btn btn-light btn-sm" onClick={add}>
        <Plus size={14} />
        Add boards
      </button>
    </section>
  )
}

/** How lumber and hardware are bought for this job. */
export function BuyingSide() {
  return (
    <>
      <h2>Buying</h2>
      <ShortFromSite />
      <section className="grp" aria-label="Buying">
        <Stock />
        <Allowances />
        <OwnSpares />
      </section>
      <Offcuts />
    </>
  )
}
