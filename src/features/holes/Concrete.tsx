'use client'
import { kindName } from '@/core/derive'
import { concreteOrder } from '@/core/quantities'
import type { Fieldwork } from '@/core/model'
import { ChoiceField, Measure, NumberField } from '@/ui'
import { useLog } from '../field'
import { useDoc } from '../job'

const BY = [
  { value: 'mixer', label: 'in a mixer' },
  { value: 'truck', label: 'by truck' },
  { value: 'hand', label: 'in a tub' },
] as const
const BAGS = (['80', '60', '50', '40'] as const).map((v) => ({ value: v, label: `${v} lb` }))

/** Concrete to order, by the crew's way of mixing: per kind of hole, in all, spares, loads, spoil. */
export function Concrete() {
  const { job, derived: d, edit, done } = useDoc()
  const pours = useLog((s) => s.state.pours)
  const s = job.fieldwork.concrete
  const t = d.takeoff
  const holes = d.holes.reduce((n, h) => n + h.postIds.length, 0)
  const left = d.holes.reduce((n, h) => n + h.volumes.concreteFt3 * h.postIds.filter((id) => !pours[id]).length, 0)
  const order = concreteOrder(t.concreteFt3, holes, s)
  const rest = concreteOrder(left, d.posts.filter((p) => !pours[p.id]).length, s)
  const put =
    <K extends keyof Fieldwork['concrete']>(key: K, name: string) =>
    (v: Fieldwork['concrete'][K], g = 'pick') =>
      edit(
        name,
        (j) => ({ ...j, fieldwork: { ...j.fieldwork, concrete: { ...j.fieldwork.concrete, [key]: v } } }),
        `concrete-${key}-${g}`,
      )
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <div className="fields" style={{ maxWidth: 620 }}>
        <ChoiceField
          label="Mixed"
          value={s.by}
          choices={BY}
          onChange={(v) => {
            put('by', 'way of mixing')(v)
          }}
        />
        {s.by !== 'truck' && (
          <ChoiceField
            label="Bags"
            value={String(s.bagLb) as '80'}
            choices={BAGS}
            onChange={(v) => {
              put('bagLb', 'bag size')(Number(v) as 80)
            }}
          />
        )}
        {s.by === 'mixer' && (
          <NumberField
            label="A mixer load takes"
            name="mixerFt3"
            unit="ft³"
            value={s.mixerFt3}
            onChange={put('mixerFt3', 'mixer load')}
            onDone={done}
          />
        )}
        {s.by === 'truck' ? (
          <NumberField
            label="Plant’s smallest load"
            name="plantMinYd3"
            unit="yd³"
            value={s.plantMinYd3}
            onChange={put('plantMinYd3', 'smallest load')}
            onDone={done}
          />
        ) : (
          <NumberField
            label="A spare bag for every"
            name="spareEvery"
            unit="holes"
            whole
            value={s.spareEvery}
            onChange={put('spareEvery', 'spare rule')}
            onDone={done}
          />
        )}
      </div>
      <table className="tb mt-2" style={{ maxWidth: 620 }} aria-label="Concrete per hole">
        <thead>
          <tr>
            <th>holes</th>
            <th className="n">count</th>
            <th className="n">pad</th>
            <th className="n">collar or pier</th>
            <th className="n">each, net</th>
            <th className="n">all, net</th>
          </tr>
        </thead>
        <tbody>
          {d.holes.map((h) => (
            <tr key={h.kind}>
              <td>
                {kindName(h.kind)}, <Measure inches={h.diameterIn} feet={false} /> across
              </td>
              <td className="n">{h.postIds.length}</td>
              <td className="n">{h.volumes.padFt3.toFixed(2)}</td>
              <td className="n">{(h.volumes.collarFt3 + h.volumes.pierFt3).toFixed(2)}</td>
              <td className="n">{h.volumes.concreteFt3.toFixed(2)} ft³</td>
              <td className="n">{(h.volumes.concreteFt3 * h.postIds.length).toFixed(1)} ft³</td>
            </tr>
          ))}
        </tbody>
      </table>
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
            <td className="n">{order.yd3.toFixed(2)} yd³</td>
            <td className="n">{rest.yd3.toFixed(2)} yd³</td>
          </tr>
          {s.by === 'truck' ? (
            <tr>
              <td>
                <b>Truck</b>
              </td>
              <td className="n" data-order="truck">
                {order.truckYd3.toFixed(2)} yd³
              </td>
              <td className="n">{rest.truckYd3.toFixed(2)} yd³</td>
            </tr>
          ) : (
            <>
              <tr>
                <td>
                  <b>
                    Bags of {s.bagLb} lb, with {order.spareBags} spare
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
                <td className="n">{order.bagsWeighLb.toLocaleString('en-US')} lb</td>
                <td className="n">{rest.bagsWeighLb.toLocaleString('en-US')} lb</td>
              </tr>
            </>
          )}
          <tr>
            <td>Augered, in the ground</td>
            <td className="n">{(t.augerFt3 / 27).toFixed(2)} yd³</td>
            <td />
          </tr>
          <tr>
            <td>Loose earth left over, a quarter swollen</td>
            <td className="n">{(t.spoilFt3 / 27).toFixed(2)} yd³</td>
            <td />
          </tr>
        </tbody>
      </table>
      {order.say.map((q) => (
        <p key={q} className="note mt-1 mb-0">
          {q}
        </p>
      ))}
      <div className="caution mt-2">
        Wet concrete burns skin and eyes: gloves, boots, glasses. Cement and cutting dust: respirator. Keep an open hole
        covered.
      </div>
    </div>
  )
}
