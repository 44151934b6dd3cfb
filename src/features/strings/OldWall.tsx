'use client'
import { packLedger } from '@/core/terrain'
import { formatLength } from '@/core/units'
import { LengthField, Measure } from '@/ui'
import { Note, useSize } from '../drawing'
import { useDoc } from '../job'

/** A lean-to or wing on an old wall that is neither straight nor square: offsets from a string along it, the line the new work runs by, packing behind the ledger. */
export function OldWall() {
  const { job, derived: d, edit, done } = useDoc()
  const [ref, size] = useSize<SVGSVGElement>()
  const list = job.ground.oldWall
  const lean = job.building.leanTos[0]
  const depthIn = lean?.depthIn ?? 120
  const stations = d.grid.centresIn.length ? d.grid.centresIn : [0]
  const pack = packLedger(list, stations, depthIn)
  const put = (name: string, change: (o: typeof list) => typeof list, gesture?: string) => edit(name, (j) => ({ ...j, ground: { ...j.ground, oldWall: change([...j.ground.oldWall]) } }), gesture)
  const W = size.width || 760
  const end = Math.max(1, ...list.map((o) => o.atIn), ...stations)
  const X = (at: number) => 40 + (at / end) * (W - 80)
  const most = Math.max(1, ...list.map((o) => Math.abs(o.offIn)))
  const Y = (off: number) => 96 - (off / most) * 52
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <p className="note">Stretch a string along the old wall, clear of it. Measure from the string to the wall: more is a hollow, less is a bulge. Type what each is over the string’s own gap.</p>
      <svg ref={ref} width="100%" height={176} role="img" aria-label="Old wall against its straight line, offsets drawn large">
        <line x1={20} x2={W - 20} y1={Y(0)} y2={Y(0)} stroke="var(--chalk)" strokeWidth={1.4} strokeDasharray="7 4" />
        {list.length > 1 && <path d={`M${[...list].sort((a, b) => a.atIn - b.atIn).map((o) => `${X(o.atIn)} ${Y(o.offIn)}`).join('L')}`} fill="none" stroke="var(--ink)" strokeWidth={3} />}
        {pack && <line x1={X(0)} x2={X(end)} y1={Y(pack.line.touchIn)} y2={Y(pack.line.touchIn + pack.line.perIn * end)} stroke="var(--burr)" strokeWidth={2.6} />}
        {pack?.list.map((p, i) => <Note key={i} x={X(p.atIn)} y={168} size={13} weight={650} anchor="middle">{formatLength(p.packIn, { feet: false })}</Note>)}
        <Note x={24} y={150} size={12} fill="var(--ink-2)">packing at each post line</Note>
      </svg>
      <div className="d-flex gap-4 flex-wrap">
        <div style={{ width: 330 }}>
          <table className="tb" aria-label="Offsets of the old wall"><thead><tr><th className="n">along</th><th className="n">offset</th><th /></tr></thead><tbody>
            {list.map((o, i) => <tr key={i}><td className="n"><LengthField bare label="along" ariaLabel={`offset ${i + 1} along`} value={o.atIn} onChange={(v, g) => put('old wall', (q) => q.map((x, k) => (k === i ? { ...x, atIn: v } : x)), `old-at-${i}-${g}`)} onDone={done} /></td><td className="n"><LengthField bare label="offset" ariaLabel={`offset ${i + 1}`} feet={false} value={o.offIn} onChange={(v, g) => put('old wall', (q) => q.map((x, k) => (k === i ? { ...x, offIn: v } : x)), `old-off-${i}-${g}`)} onDone={done} /></td><td><button type="button" className="btn btn-light btn-sm" style={{ height: 24, padding: '0 6px' }} aria-label={`remove offset ${i + 1}`} onClick={() => { put('offset taken out', (q) => q.filter((_, k) => k !== i)) }}>×</button></td></tr>)}
          </tbody></table>
          <button type="button" className="btn btn-light btn-sm mt-2" onClick={() => { put('new offset', (q) => [...q, { atIn: (q.at(-1)?.atIn ?? -96) + 96, offIn: 0 }]) }}>Add an offset</button>
        </div>
        <div style={{ width: 400 }}>
          {pack ? <>
            <table className="tb" aria-label="Packing list"><thead><tr><th className="n">post line at</th><th className="n">pack the ledger</th><th className="n">wall to post face</th></tr></thead><tbody>{pack.list.map((p, i) => <tr key={i}><td className="n"><Measure inches={p.atIn} /></td><td className="n"><Measure inches={Math.max(0, p.packIn)} feet={false} /></td><td className="n"><Measure inches={p.fromWallIn} /></td></tr>)}</tbody></table>
            <p className="note mt-1">The ledger runs straight and touches the wall where it is proudest; the wall strays <Measure inches={pack.line.worstIn} feet={false} /> from its best line, which turns <Measure inches={Math.abs(pack.line.perIn) * 120} feet={false} /> in 10 feet. The new row stands <Measure inches={depthIn} /> off the ledger line, so its skin runs true.</p>
          </> : <p className="note">Two offsets at different places give a line. Without them the wall is taken as straight.</p>}
        </div>
      </div>
      <div className="caution mt-2">Do not fix a ledger to siding, rot or loose brick. What the old wall and its foundation carry is not checked here.</div>
    </div>
  )
}
