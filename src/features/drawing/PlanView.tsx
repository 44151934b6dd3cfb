'use client'
import { useEffect } from 'react'
import { isEave, type PlacedOpening, type Post } from '@/core/layout'
import { OPENING } from '@/formats/words'
import { SvgMeasure } from '@/ui'
import { useDoc, useJob } from '../job'
import { ChalkLine, CrowFoot, Note } from './strokes'
import { usePlanDrag } from './usePlanDrag'
import { useSize } from './useSize'
import { useViewport, type Viewport } from './useViewport'
import { ZoomButtons } from './ZoomButtons'

export interface PlanLayers { readonly strings?: boolean; readonly diagonals?: boolean; readonly holes?: boolean; readonly square?: boolean; readonly triangle?: boolean }

/** A stake with the name of a row or line. */
function Stake({ x, y, name, points, on, onClick }: { readonly x: number; readonly y: number; readonly name: string; readonly points: 'right' | 'up'; readonly on: boolean; readonly onClick: () => void }) {
  const [w, h] = [15, 12]
  const d = points === 'right' ? `M${x - w} ${y - h}H${x + 8}L${x + w + 3} ${y}L${x + 8} ${y + h}H${x - w}Z` : `M${x - h} ${y + w}V${y - 6}L${x} ${y - w - 1}L${x + h} ${y - 6}V${y + w}Z`
  return (
    <g role="button" tabIndex={0} aria-label={`string ${name}`} aria-pressed={on} onClick={onClick} onKeyDown={(e) => { if (e.key === 'Enter' || e.key === ' ') onClick() }} onPointerDown={(e) => e.stopPropagation()} style={{ cursor: 'pointer' }}>
      <path d={d} fill={on ? 'var(--burr)' : 'var(--ink)'} /><Note x={points === 'right' ? x - 2.5 : x} y={y + (points === 'right' ? 5.5 : 7.5)} size={15} weight={750} anchor="middle" fill="#fff">{name}</Note>
    </g>
  )
}

/** The walls as a grey band, broken at doors. */
function WallBand({ v, lengthIn, widthIn, openings }: { readonly v: Viewport; readonly lengthIn: number; readonly widthIn: number; readonly openings: readonly PlacedOpening[] }) {
  const t = 5
  return (
    <g>
      {(['south', 'east', 'north', 'west'] as const).map((side) => {
        const alongX = isEave(side)
        const end = alongX ? lengthIn : widthIn
        const doors = openings.filter((o) => o.opening.side === side && o.opening.kind !== 'window').sort((a, b) => a.fromIn - b.fromIn)
        const cuts = [0, ...doors.flatMap((o) => [o.fromIn, o.toIn]), end]
        return cuts.flatMap((a, i) => {
          if (i % 2) return []
          const b = cuts[i + 1]
          const rect = alongX
            ? { x: v.X(a), y: side === 'south' ? v.Y(0) - t : v.Y(widthIn), width: (b - a) * v.view.s, height: t }
            : { x: side === 'west' ? v.X(0) : v.X(lengthIn) - t, y: v.Y(b), width: t, height: (b - a) * v.view.s }
          return [<rect key={`${side}${i}`} {...rect} width={Math.max(0, rect.width)} height={Math.max(0, rect.height)} fill="var(--galv-2)" />]
        })
      })}
    </g>
  )
}

/** The working plan: strings, posts, holes, openings, diagonals. Posts and openings drag along their walls. */
export function PlanView({ layers, editable = true }: { readonly layers: PlanLayers; readonly editable?: boolean }) {
  const { job, derived: d } = useDoc()
  const picked = useJob((s) => s.picked)
  const pick = useJob((s) => s.pick)
  const set = useJob((s) => s.set)
  const [ref, size] = useSize<SVGSVGElement>()
  const { lengthIn: l, widthIn: w } = d.grid
  const leans = job.building.leanTos
  const y0 = -(leans.find((q) => q.side === 'south')?.depthIn ?? 0)
  const y1 = w + (leans.find((q) => q.side === 'north')?.depthIn ?? 0)
  const past = layers.strings ? job.strings.runPastIn : 12
  const viewport = useViewport(ref, size, { x0: -past, y0: y0 - past, x1: l + past, y1: y1 + past }, { left: 80, right: 34, top: 58, bottom: 92 })
  const { X, Y, view, pan } = viewport
  const drag = usePlanDrag(view.s)
  useEffect(() => { set({ plan: { zeroPx: view.ox, pxPerIn: view.s } }) }, [set, view.ox, view.s])
  useEffect(() => () => set({ plan: null }), [set])

  const pins = d.strings.filter((s) => isEave(s.side))
  const chalk = 'var(--chalk)'
  const last = d.grid.centresIn.length
  const holeOf = (p: Post) => d.holes.find((h) => h.kind === p.kind)
  const square = layers.square && d.square.ok ? d.square.value : null
  const gableShown = [...new Map(d.posts.filter((p) => p.kind === 'gable' && !p.id.startsWith('X')).map((p) => [p.row, p])).values()]
  const stakeX = Math.max(40, X(-past) - 32)
  const stakeY = Math.min((size.height || 600) - 56, Y(y0 - past) + 30)

  return (
    <>
      <svg ref={ref} className="drawing" role="group" aria-label="Plan" onPointerDown={(e) => { pan(e); if (e.target === e.currentTarget) pick({ post: null, opening: null }) }}>
        <rect x={X(0)} y={Y(w)} width={l * view.s} height={w * view.s} fill="var(--sheet)" pointerEvents="none" />
        {leans.map((q) => <rect key={q.side} x={X(0)} y={Y(q.side === 'north' ? y1 : 0)} width={l * view.s} height={q.depthIn * view.s} fill="#FAF5E9" pointerEvents="none" />)}
        <g pointerEvents="none">
          {d.grid.centresIn.slice(1, -1).map((x) => <line key={x} x1={X(x)} x2={X(x)} y1={Y(y1)} y2={Y(y0)} stroke="var(--galv-2)" strokeDasharray="7 5" />)}
          <line x1={X(0)} x2={X(l)} y1={Y(w / 2)} y2={Y(w / 2)} stroke="var(--galv-2)" strokeDasharray="16 4 3 4" />
          <WallBand v={viewport} lengthIn={l} widthIn={w} openings={d.placed} />
        </g>
        {layers.triangle && d.triangle && <path d={`M${X(0)} ${Y(0)}H${X(d.triangle.alongIn)}L${X(0)} ${Y(d.triangle.acrossIn)}Z`} fill="var(--chalk)" opacity={0.09} stroke="var(--chalk)" strokeDasharray="6 5" pointerEvents="none" />}
        <g pointerEvents="none">
          {layers.diagonals && d.diagonals.filter((g) => g.of === 'strings').map((g, i) => {
            const angle = (Math.atan2(Y(g.to.y) - Y(g.from.y), X(g.to.x) - X(g.from.x)) * 180) / Math.PI
            const turn = angle > 90 ? angle - 180 : angle < -90 ? angle + 180 : angle
            const t = 0.26
            const [mx, my] = [X(g.from.x + (g.to.x - g.from.x) * t), Y(g.from.y + (g.to.y - g.from.y) * t)]
            return (
              <g key={i}>
                <ChalkLine x1={X(g.from.x)} y1={Y(g.from.y)} x2={X(g.to.x)} y2={Y(g.to.y)} color={chalk} width={1.5} seed={i + 3} />
                <g transform={`rotate(${turn} ${mx} ${my})`}><rect x={mx - 82} y={my - 15} width={166} height={30} fill="var(--sheet)" /><Note x={mx - 76} y={my + 6} size={14} weight={650} fill="var(--chalk-ink)">{g.name}</Note><SvgMeasure x={mx - 18} y={my + 7} inches={g.lengthIn} size={20} weight={700} fill="var(--chalk-ink)" /></g>
              </g>
            )
          })}
          {layers.strings && d.strings.map((s, i) => {
            const alongX = isEave(s.side)
            const on = s.id === picked.string
            const ends = alongX ? { x1: X(-past), y1: Y(s.from.y), x2: X(l + past), y2: Y(s.from.y) } : { x1: X(s.from.x), y1: Y(y0 - past), x2: X(s.from.x), y2: Y(y1 + past) }
            return <g key={s.id}>{on && <line {...ends} stroke="var(--burr)" strokeWidth={13} opacity={0.2} />}<ChalkLine {...ends} color={chalk} width={2.1} seed={i + 11} /></g>
          })}
          {layers.strings && d.batterBoards.map((k, i) => {
            const half = 18 * view.s
            const [x, y] = [X(k.at.x), Y(k.at.y)]
            return k.across === 'y'
              ? <g key={i}><rect x={x - 2.5} y={y - half} width={5} height={half * 2} fill="var(--lumber-2)" stroke="var(--lumber-4)" /><rect x={x - 5} y={y - half + 1} width={4} height={4} fill="var(--lumber-4)" /><rect x={x - 5} y={y + half - 5} width={4} height={4} fill="var(--lumber-4)" /></g>
              : <g key={i}><rect x={x - half} y={y - 2.5} width={half * 2} height={5} fill="var(--lumber-2)" stroke="var(--lumber-4)" /><rect x={x - half + 1} y={y + 1} width={4} height={4} fill="var(--lumber-4)" /><rect x={x + half - 5} y={y + 1} width={4} height={4} fill="var(--lumber-4)" /></g>
          })}
        </g>
        {d.placed.map((o) => <OpeningMark key={o.opening.id} o={o} v={viewport} lengthIn={l} widthIn={w} on={picked.opening === o.opening.id}
          onPick={() => pick({ opening: o.opening.id, post: null, wall: o.opening.side })} grab={editable ? { down: (e) => drag.start({ kind: 'opening', opening: o.opening }, e), key: (e, x, y) => drag.nudge({ kind: 'opening', opening: o.opening }, e, x, y), end: drag.end } : null} />)}
        {d.omitted.map((p) => <rect key={p.id} x={X(p.x) - 4.5} y={Y(p.y) - 4.5} width={9} height={9} fill="none" stroke="var(--keel)" strokeWidth={1.4} strokeDasharray="2 2" pointerEvents="none"><title>{`no post ${p.id}: a header carries its truss`}</title></rect>)}
        {d.posts.map((p) => {
          const on = picked.post === p.id
          const hole = holeOf(p)
          const [cx, cy] = [X(p.x), Y(p.y)]
          const [pw, ph] = [Math.max(5, p.sizeX * view.s), Math.max(5, p.sizeY * view.s)]
          const choose = () => pick({ post: p.id, opening: null, mark: p.id, string: isEave(p.side) ? (p.kind === 'lean-to' ? d.rows[`lean-${p.side}`] : d.rows[p.side]) : p.side === 'west' ? '1' : String(last), wall: p.side })
          return (
            <g key={p.id} className={editable && (p.kind === 'eave' || p.kind === 'gable') ? 'grab' : undefined} role="button" tabIndex={0} aria-label={`post ${p.id}`} aria-pressed={on} data-post={p.id}
              onPointerDown={(e) => { e.stopPropagation(); choose(); if (editable) drag.start({ kind: 'post', post: p }, e) }} onKeyDown={(e) => { if (e.key === 'Enter') choose(); else if (editable) drag.nudge({ kind: 'post', post: p }, e, cx, cy) }} onBlur={drag.end}>
              {layers.holes && hole && <circle cx={cx} cy={cy} r={Math.max(6, (hole.diameterIn / 2) * view.s)} fill={on ? 'var(--burr-wash)' : 'none'} stroke="var(--galv-4)" strokeDasharray="2.5 2.5" />}
              <rect x={cx - 11} y={cy - 11} width={22} height={22} fill="transparent" />
              <rect x={cx - pw / 2} y={cy - ph / 2} width={pw} height={ph} fill={on ? 'var(--burr)' : 'var(--lumber-3)'} stroke={on ? 'var(--burr-deep)' : 'var(--ink)'} strokeWidth={1.5} />
              {on && <rect x={cx - pw / 2 - 4} y={cy - ph / 2 - 4} width={pw + 8} height={ph + 8} fill="none" stroke="var(--burr)" strokeWidth={2.5} />}
            </g>
          )
        })}
        {pins.map((s) => [0, l].map((x) => layers.strings && <circle key={`${s.id}${x}`} cx={X(x)} cy={Y(s.from.y)} r={4} fill="var(--chalk)" stroke="#fff" strokeWidth={1.5} pointerEvents="none" />))}
        {square && square.moves.filter((m) => Math.hypot(m.dxIn, m.dyIn) > 1 / 32).map((m) => {
          const at = { SW: [0, 0], SE: [l, 0], NE: [l, w], NW: [0, w] }[m.corner]
          const k = 26 / Math.hypot(m.dxIn, m.dyIn)
          const [x, y] = [X(at[0]), Y(at[1])]
          const across = Math.abs(m.dxIn) > Math.abs(m.dyIn)
          return <g key={m.corner} pointerEvents="none"><line x1={x - m.dxIn * k} y1={y + m.dyIn * k - (across ? 14 : 0)} x2={x} y2={y - (across ? 14 : 0)} stroke="var(--burr)" strokeWidth={4} /><CrowFoot x={x} y={y - (across ? 14 : 0)} facing={across ? (m.dxIn > 0 ? 'right' : 'left') : m.dyIn > 0 ? 'up' : 'down'} size={8} color="var(--burr)" width={4} /></g>
        })}
        <g pointerEvents="none">
          <Dimensions v={viewport} centresIn={d.grid.centresIn} lengthIn={l} y={stakeY + 30} />
          {!layers.diagonals && <SvgMeasure x={X(l) + 20} y={Y(w / 2)} inches={w} size={16} anchor="middle" rotate={-90} weight={700} fill="var(--ink)" />}
          {leans.map((q) => <Note key={q.side} x={X(l / 2)} y={Y((q.side === 'north' ? w + q.depthIn / 2 : -q.depthIn / 2)) + 5} size={14} weight={600} anchor="middle" fill="var(--ink-2)" halo="#FAF5E9">lean-to</Note>)}
        </g>
        {[['south', d.rows.south, 0], ...gableShown.map((p) => ['', p.row, p.y] as const), ['north', d.rows.north, w], ...leans.map((q) => [`lean-${q.side}`, d.rows[`lean-${q.side}`], q.side === 'north' ? y1 : y0] as const)].map(([kind, name, y]) =>
          kind === '' ? <Note key={String(name)} x={stakeX} y={Y(Number(y)) + 5} size={14} weight={700} anchor="middle" fill="var(--ink-2)">{String(name)}</Note>
            : <Stake key={String(name)} x={stakeX} y={Y(Number(y))} name={String(name)} points="right" on={picked.string === name} onClick={() => pick({ string: String(name), mark: null })} />)}
        {d.grid.centresIn.map((x, i) => (i === 0 || i === last - 1)
          ? <Stake key={i} x={X(x)} y={stakeY} name={String(i + 1)} points="up" on={picked.string === String(i + 1)} onClick={() => pick({ string: String(i + 1), mark: null })} />
          : <Note key={i} x={X(x)} y={stakeY + 7} size={14} weight={700} anchor="middle" fill="var(--ink-2)">{i + 1}</Note>)}
        <North deg={job.site.northDeg} x={(size.width || 800) - 46} y={86} />
      </svg>
      <ZoomButtons viewport={viewport} />
      {drag.live && <div className={drag.live.refused ? 'live no' : 'live'} style={{ left: Math.min(Math.max(4, drag.live.x), Math.max(4, size.width - 330)), top: Math.max(44, drag.live.y) }} role="status">{drag.live.text}</div>}
    </>
  )
}

interface Grab { readonly down: (e: React.PointerEvent<SVGElement>) => void; readonly key: (e: React.KeyboardEvent<SVGElement>, x: number, y: number) => void; readonly end: () => void }
function OpeningMark({ o, v, lengthIn, widthIn, on, onPick, grab }: { readonly o: PlacedOpening; readonly v: Viewport; readonly lengthIn: number; readonly widthIn: number; readonly on: boolean; readonly onPick: () => void; readonly grab: Grab | null }) {
  const { X, Y, view } = v
  const { side, kind } = o.opening
  const alongX = isEave(side)
  const wide = (o.toIn - o.fromIn) * view.s
  const base = side === 'south' ? Y(0) : side === 'north' ? Y(widthIn) : side === 'west' ? X(0) : X(lengthIn)
  const inward = side === 'south' || side === 'east' ? -1 : 1
  const box = alongX ? { x: X(o.fromIn), y: base - 9, width: wide, height: 18 } : { x: base - 9, y: Y(o.toIn), width: 18, height: wide }
  const colour = on ? 'var(--burr)' : 'var(--ink-2)'
  const deep = Math.min(wide, 46) * inward
  const line = alongX
    ? { swing: `M${X(o.fromIn)} ${base}v${wide * inward}A${wide} ${wide} 0 0 ${inward < 0 ? 1 : 0} ${X(o.toIn)} ${base}`, up: `M${X(o.fromIn)} ${base}v${deep}H${X(o.toIn)}V${base}`, flat: `M${X(o.fromIn)} ${base + 3 * -inward}H${X(o.toIn)}`, pane: `M${X(o.fromIn)} ${base + 2.5 * inward}H${X(o.toIn)}` }
    : { swing: `M${base} ${Y(o.fromIn)}h${wide * inward}A${wide} ${wide} 0 0 ${inward < 0 ? 1 : 0} ${base} ${Y(o.toIn)}`, up: `M${base} ${Y(o.fromIn)}h${deep}V${Y(o.toIn)}H${base}`, flat: `M${base + 3 * -inward} ${Y(o.fromIn)}V${Y(o.toIn)}`, pane: `M${base + 2.5 * inward} ${Y(o.fromIn)}V${Y(o.toIn)}` }
  const name = o.opening.name || OPENING[kind]
  const [nx, ny] = alongX ? [X((o.fromIn + o.toIn) / 2), base + inward * (kind === 'overhead' ? 62 : kind === 'walk' ? wide + 12 : 16) + (inward > 0 ? 8 : 0)] : [base + inward * (kind === 'overhead' ? 56 : kind === 'walk' ? wide + 10 : 14), Y((o.fromIn + o.toIn) / 2) + 4]
  return (
    <g className={grab ? 'grab' : undefined} role="button" tabIndex={0} aria-label={`${name}, ${OPENING[kind]}`} aria-pressed={on} data-opening={o.opening.id}
      onPointerDown={(e) => { e.stopPropagation(); onPick(); grab?.down(e) }} onKeyDown={(e) => { if (e.key === 'Enter') onPick(); else grab?.key(e, nx, ny) }} onBlur={() => grab?.end()}>
      {on && <rect {...box} fill="var(--burr)" opacity={0.18} />}
      <rect {...box} fill="transparent" />
      {kind === 'walk' && <path d={line.swing} fill="none" stroke={colour} strokeWidth={1.3} />}
      {kind === 'overhead' && <path d={line.up} fill="none" stroke={colour} strokeWidth={1.3} strokeDasharray="5 4" />}
      {kind === 'slider' && <path d={line.flat} fill="none" stroke={colour} strokeWidth={4} />}
      {kind === 'window' && <path d={line.pane} fill="none" stroke={on ? 'var(--burr)' : 'var(--sheet)'} strokeWidth={4} />}
      {kind === 'window' && <rect {...(alongX ? { x: X(o.fromIn), y: Math.min(base, base + 5 * inward), width: wide, height: 5 } : { x: Math.min(base, base + 5 * inward), y: Y(o.toIn), width: 5, height: wide })} fill="none" stroke={colour} strokeWidth={1} />}
      {(wide > 34 || on) && <Note x={nx} y={ny} size={12.5} anchor={alongX ? 'middle' : inward < 0 ? 'end' : 'start'} fill={on ? 'var(--burr-deep)' : 'var(--ink-2)'} weight={on ? 700 : 500} halo="var(--sheet)">{name}</Note>}
    </g>
  )
}

function Dimensions({ v, centresIn, lengthIn, y }: { readonly v: Viewport; readonly centresIn: readonly number[]; readonly lengthIn: number; readonly y: number }) {
  const marks = centresIn.map((x, i) => (i === 0 ? 0 : i === centresIn.length - 1 ? lengthIn : x))
  const room = ((marks[1] ?? 0) - marks[0]) * v.view.s
  return (
    <g>
      <line x1={v.X(0)} x2={v.X(lengthIn)} y1={y} y2={y} stroke="var(--ink)" />
      {marks.map((x) => <line key={x} x1={v.X(x) - 4} y1={y + 4} x2={v.X(x) + 4} y2={y - 4} stroke="var(--ink)" strokeWidth={1.8} />)}
      {room > 52 ? marks.slice(1).map((x, i) => <SvgMeasure key={x} x={v.X((x + marks[i]) / 2)} y={y + 5} inches={x - marks[i]} size={14} anchor="middle" weight={600} ground="var(--paper)" />)
        : <SvgMeasure x={v.X(lengthIn / 2)} y={y + 5} inches={lengthIn} size={15} anchor="middle" weight={700} ground="var(--paper)" />}
    </g>
  )
}

/** Where true north lies. */
export function North({ deg, x, y }: { readonly deg: number; readonly x: number; readonly y: number }) {
  return <g transform={`translate(${x} ${y})`} pointerEvents="none"><g transform={`rotate(${deg})`}><path d="M0 22V-16M-8 -6L0 -20L8 -6" fill="none" stroke="var(--ink)" strokeWidth={2.8} /></g><Note x={0} y={40} size={12.5} weight={650} anchor="middle">north</Note></g>
}
