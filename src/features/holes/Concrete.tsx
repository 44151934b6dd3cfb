'use client'
import { fixed, FT3_PER_YD3, stated } from '@/core/units'
import { type Takeoff } from '@/core/derive'
import { kindName } from '@/formats/words/checks'
import type { HoleKind } from '@/core/frame'
import type { ShownDerived } from '@/formats/shown'
import { type ConcreteOrder, concreteOrder } from '@/core/quantities'
import type { Fieldwork, Job } from '@/core/model'
import { ChoiceField, type DataColumn, DataTable, Measure, NumberField, Quantity } from '@/ui'
import { useLog } from '../field'
import { PocketLinks, useDoc } from '../job'
import type { Issue } from '@/core/result'

const BY = [
  { value: 'mixer', label: 'in a mixer' },
  { value: 'truck', label: 'by truck' },
  { value: 'hand', label: 'in a tub' },
] as const
const BAGS = (['80', '60', '50', '40'] as const).map((value) => ({ value, label: stated(Number(value), 'weightLb') }))

/** What to order. */
function OrderTable({
  order,
  rest,
  concrete,
  takeoff,
}: {
  readonly order: ConcreteOrder
  readonly rest: ConcreteOrder
  readonly concrete: Job['fieldwork']['concrete']
  readonly takeoff: Takeoff
}) {
  return (
    <table className="tb mt-3" style={{ maxWidth: 620 }} aria-label="Concrete order">
      <thead>
        <tr>
          <th>order</th>
          <th className="n">all holes</th>
          <th className="n">not yet poured</th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <td>Volume with 10% over-dig</td>
          <td className="n">
            <Quantity value={order.yd3} kind="yd3" />
          </td>
          <td className="n">
            <Quantity value={rest.yd3} kind="yd3" />
          </td>
        </tr>
        {concrete.by === 'truck' ? (
          <tr>
            <td>
              <b>Truck</b>
            </td>
            <td className="n" data-order="truck">
              <Quantity value={order.truckYd3} kind="yd3" />
            </td>
            <td className="n">
              <Quantity value={rest.truckYd3} kind="yd3" />
            </td>
          </tr>
        ) : (
          <>
            <tr>
              <td>
                <b>
                  Bags of {stated(concrete.bagLb, 'weightLb')}, with {order.spareBags} spare
                </b>
              </td>
              <td className="n" data-order="bags">
                {order.bagsInAll}
              </td>
              <td className="n">{rest.bagsInAll}</td>
            </tr>
            <tr>
              <td>Loads of {order.bagsALoad} bags</td>
              <td className="n">{order.loads}</td>
              <td className="n">{rest.loads}</td>
            </tr>
            <tr>
              <td>They weigh</td>
              <td className="n">
                <Quantity value={order.bagsWeighLb} kind="weightLb" />
              </td>
              <td className="n">
                <Quantity value={rest.bagsWeighLb} kind="weightLb" />
              </td>
            </tr>
          </>
        )}
        <tr>
          <td>Augered, in the ground</td>
          <td className="n">
            <Quantity value={takeoff.augerFt3 / FT3_PER_YD3} kind="yd3" />
          </td>
          <td />
        </tr>
        <tr>
          <td>Loose earth left over, a quarter swollen</td>
          <td className="n">
            <Quantity value={takeoff.spoilFt3 / FT3_PER_YD3} kind="yd3" />
          </td>
          <td />
        </tr>
      </tbody>
    </table>
  )
}

const PER_HOLE: readonly DataColumn<HoleKind>[] = [
  {
    id: 'holes',
    head: 'holes',
    cell: (hole) => (
      <>
        {kindName(hole.kind)}, <Measure inches={hole.diameterIn} feet={false} /> across
      </>
    ),
  },
  { id: 'count', head: 'count', figures: true, cell: (hole) => hole.postIds.length },
  { id: 'pad', head: 'pad', figures: true, cell: (hole) => fixed(hole.volumes.padFt3, 2) },
  {
    id: 'collar',
    head: 'collar or pier',
    figures: true,
    cell: (hole) => fixed(hole.volumes.collarFt3 + hole.volumes.pierFt3, 2),
  },
  {
    id: 'each',
    head: 'each, net',
    figures: true,
    cell: (hole) => <Quantity value={hole.volumes.concreteFt3} kind="ft3" />,
  },
  {
    id: 'all',
    head: 'all, net',
    figures: true,
    cell: (hole) => <Quantity value={hole.volumes.concreteFt3 * hole.postIds.length} kind="ft3" decimals={1} />,
  },
]

/** Concrete of each kind of hole. */
const PerHole = ({ derived }: { readonly derived: ShownDerived }) => (
  <DataTable
    name="Concrete per hole"
    className="mt-2"
    style={{ maxWidth: 620 }}
    columns={PER_HOLE}
    rows={derived.holes}
    rowKey={(hole) => hole.kind}
  />
)

/** How the concrete is mixed and bought. */
function MixFields({
  concrete,
  put,
  done,
}: {
  readonly concrete: Job['fieldwork']['concrete']
  readonly put: <K extends keyof Fieldwork['concrete']>(
    key: K,
    name: string,
  ) => (value: Fieldwork['concrete'][K], gesture?: string) => readonly Issue[]
  readonly done: () => void
}) {
  return (
    <div className="fields" style={{ maxWidth: 620 }}>
      <ChoiceField
        label="Mixed"
        value={concrete.by}
        choices={BY}
        onChange={(value) => {
          put('by', 'way of mixing')(value)
        }}
      />
      {concrete.by !== 'truck' && (
        <ChoiceField
          label="Bags"
          value={String(concrete.bagLb) as '80'}
          choices={BAGS}
          onChange={(value) => {
            put('bagLb', 'bag size')(Number(value) as 80)
          }}
        />
      )}
      {concrete.by === 'mixer' && (
        <NumberField
          label="A mixer load takes"
          name="mixerFt3"
          unit="ft³"
          value={concrete.mixerFt3}
          onChange={put('mixerFt3', 'mixer load')}
          onDone={done}
        />
      )}
      {concrete.by === 'truck' ? (
        <NumberField
          label="Plant’s smallest load"
          name="plantMinYd3"
          unit="yd³"
          value={concrete.plantMinYd3}
          onChange={put('plantMinYd3', 'smallest load')}
          onDone={done}
        />
      ) : (
        <NumberField
          label="A spare bag for every"
          name="spareEvery"
          unit="holes"
          whole
          value={concrete.spareEvery}
          onChange={put('spareEvery', 'spare rule')}
          onDone={done}
        />
      )}
    </div>
  )
}

/** Concrete to order, by the crew's way of mixing: per kind of hole, in all, spares, loads, spoil. */
export function Concrete() {
  const { job, derived, edit, done } = useDoc()
  const pours = useLog((log) => log.state.pours)
  const concrete = job.fieldwork.concrete
  const takeoff = derived.takeoff
  const holes = derived.holes.reduce((sum, hole) => sum + hole.postIds.length, 0)
  const left = derived.holes.reduce(
    (sum, hole) => sum + hole.volumes.concreteFt3 * hole.postIds.filter((id) => !pours[id]).length,
    0,
  )
  const order = concreteOrder(takeoff.concreteFt3, holes, concrete)
  const rest = concreteOrder(left, derived.posts.filter((post) => !pours[post.id]).length, concrete)
  const put =
    <K extends keyof Fieldwork['concrete']>(key: K, name: string) =>
    (value: Fieldwork['concrete'][K], gesture = 'pick') =>
      edit(
        name,
        (job) => ({ ...job, fieldwork: { ...job.fieldwork, concrete: { ...job.fieldwork.concrete, [key]: value } } }),
        `concrete-${key}-${gesture}`,
      )
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <MixFields concrete={concrete} put={put} done={done} />
      <PerHole derived={derived} />
      <OrderTable order={order} rest={rest} concrete={concrete} takeoff={takeoff} />
      {order.say.map((text) => (
        <p key={text} className="note mt-1 mb-0">
          {text}
        </p>
      ))}
      <div className="caution mt-2">
        Wet concrete burns skin and eyes: gloves, boots, glasses. Cement and cutting dust: respirator. Keep an open hole
        covered.
      </div>
      <PocketLinks topic="concrete" />
    </div>
  )
}
