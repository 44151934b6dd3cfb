'use client'
import { useCallback, useEffect, useMemo } from 'react'
import { isEave } from '@/core/layout'
import { SvgMeasure } from '@/ui'
import { useDoc, useJob } from '../job'
import { Dimensions, North, Stake, WallBand } from './plan/marks'
import { OpeningMark } from './plan/OpeningMark'
import { PostMark } from './plan/PostMark'
import { DiagonalsLayer, StringsLayer } from './plan/StringsLayer'
import { CrowFoot, Note } from './strokes'
import { usePlanDrag, type Live } from './usePlanDrag'
import { useSize } from './useSize'
import { useViewport, type Viewport } from './useViewport'
import { ZoomButtons } from './ZoomButtons'

export interface PlanLayers {
  readonly strings?: boolean
  readonly diagonals?: boolean
  readonly holes?: boolean
  readonly square?: boolean
  readonly triangle?: boolean
}

/** Which corners of the strings move, which way: the arrow's head is where the corner goes. */
function SquareMoves({ v }: { readonly v: Viewport }) {
  const square = useJob((s) => s.derived.square)
  const { lengthIn: l, widthIn: w } = useJob((s) => s.derived.grid)
  if (!square.ok) return null
  return square.value.moves
    .filter((m) => Math.hypot(m.dxIn, m.dyIn) > 1 / 32)
    .map((m) => {
      const at = { SW: [0, 0], SE: [l, 0], NE: [l, w], NW: [0, w] }[m.corner]
      const k = 26 / Math.hypot(m.dxIn, m.dyIn)
      const [x, y] = [v.X(at[0]), v.Y(at[1])]
      const across = Math.abs(m.dxIn) > Math.abs(m.dyIn)
      return (
        <g key={m.corner} pointerEvents="none">
          <line
            x1={x - m.dxIn * k}
            y1={y + m.dyIn * k - (across ? 14 : 0)}
            x2={x}
            y2={y - (across ? 14 : 0)}
            stroke="var(--burr)"
            strokeWidth={4}
          />
          <CrowFoot
            x={x}
            y={y - (across ? 14 : 0)}
            facing={across ? (m.dxIn > 0 ? 'right' : 'left') : m.dyIn > 0 ? 'up' : 'down'}
            size={8}
            color="var(--burr)"
            width={4}
          />
        </g>
      )
    })
}

const LiveNote = ({ live, width }: { readonly live: Live; readonly width: number }) => (
  <div
    className={live.refused ? 'live no' : 'live'}
    style={{ left: Math.min(Math.max(4, live.x), Math.max(4, width - 330)), top: Math.max(44, live.y) }}
    role="status"
  >
    {live.text}
  </div>
)

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
  const viewport = useViewport(
    ref,
    size,
    { x0: -past, y0: y0 - past, x1: l + past, y1: y1 + past },
    { left: 80, right: 34, top: 58, bottom: 92 },
  )
  const { X, Y, view, pan } = viewport
  const { live, start, nudge, end } = usePlanDrag(view.s)
  const grab = useMemo(() => (editable ? { start, nudge, end } : null), [editable, start, nudge, end])
  const pickString = useCallback((string: string) => pick({ string, mark: null }), [pick])
  useEffect(() => {
    set({ plan: { zeroPx: view.ox, pxPerIn: view.s } })
  }, [set, view.ox, view.s])
  useEffect(() => () => set({ plan: null }), [set])

  const last = d.grid.centresIn.length
  // Posts that came with a door after all others: as it is dragged past a post no order changes, so nothing in the drawing is put elsewhere.
  const inOrder = [...d.posts.filter((p) => !p.id.startsWith('J')), ...d.posts.filter((p) => p.id.startsWith('J'))]
  const gableShown = [
    ...new Map(d.posts.filter((p) => p.kind === 'gable' && !p.id.startsWith('X')).map((p) => [p.row, p])).values(),
  ]
  const stakeX = Math.max(40, X(-past) - 32)
  const stakeY = Math.min((size.height || 600) - 56, Y(y0 - past) + 30)
  const rows: readonly (readonly [string, number])[] = [
    [d.rows.south, 0],
    [d.rows.north, w],
    ...leans.map((q) => [d.rows[`lean-${q.side}`], q.side === 'north' ? y1 : y0] as const),
  ]

  return (
    <>
      <svg
        ref={ref}
        className="drawing"
        role="group"
        aria-label="Plan"
        onPointerDown={(e) => {
          pan(e)
          if (e.target === e.currentTarget) pick({ post: null, opening: null })
        }}
      >
        <rect x={X(0)} y={Y(w)} width={l * view.s} height={w * view.s} fill="var(--sheet)" pointerEvents="none" />
        {leans.map((q) => (
          <rect
            key={q.side}
            x={X(0)}
            y={Y(q.side === 'north' ? y1 : 0)}
            width={l * view.s}
            height={q.depthIn * view.s}
            fill="#FAF5E9"
            pointerEvents="none"
          />
        ))}
        <g pointerEvents="none">
          {d.grid.centresIn.slice(1, -1).map((x) => (
            <line key={x} x1={X(x)} x2={X(x)} y1={Y(y1)} y2={Y(y0)} stroke="var(--galv-2)" strokeDasharray="7 5" />
          ))}
          <line x1={X(0)} x2={X(l)} y1={Y(w / 2)} y2={Y(w / 2)} stroke="var(--galv-2)" strokeDasharray="16 4 3 4" />
          <WallBand v={viewport} lengthIn={l} widthIn={w} openings={d.placed} />
        </g>
        {layers.triangle && d.triangle && (
          <path
            d={`M${X(0)} ${Y(0)}H${X(d.triangle.alongIn)}L${X(0)} ${Y(d.triangle.acrossIn)}Z`}
            fill="var(--chalk)"
            opacity={0.09}
            stroke="var(--chalk)"
            strokeDasharray="6 5"
            pointerEvents="none"
          />
        )}
        {layers.diagonals && <DiagonalsLayer v={viewport} diagonals={d.diagonals} />}
        {layers.strings && (
          <StringsLayer
            v={viewport}
            strings={d.strings}
            boards={d.batterBoards}
            picked={picked.string}
            x0={-past}
            x1={l + past}
            y0={y0 - past}
            y1={y1 + past}
          />
        )}
        {d.placed.map((o) => (
          <OpeningMark
            key={o.opening.id}
            o={o}
            v={viewport}
            lengthIn={l}
            widthIn={w}
            on={picked.opening === o.opening.id}
            pick={pick}
            grab={grab}
          />
        ))}
        {d.omitted.map((p) => (
          <rect
            key={p.id}
            x={X(p.x) - 4.5}
            y={Y(p.y) - 4.5}
            width={9}
            height={9}
            fill="none"
            stroke="var(--keel)"
            strokeWidth={1.4}
            strokeDasharray="2 2"
            pointerEvents="none"
          >
            <title>{`no post ${p.id}: a header carries its truss`}</title>
          </rect>
        ))}
        {inOrder.map((p) => (
          <PostMark
            key={p.id}
            p={p}
            v={viewport}
            on={picked.post === p.id}
            holeIn={layers.holes ? (d.holes.find((h) => h.kind === p.kind)?.diameterIn ?? null) : null}
            string={
              isEave(p.side)
                ? d.rows[p.kind === 'lean-to' ? `lean-${p.side}` : p.side]
                : p.side === 'west'
                  ? '1'
                  : String(last)
            }
            pick={pick}
            grab={grab}
          />
        ))}
        {layers.strings &&
          d.strings
            .filter((s) => isEave(s.side))
            .map((s) =>
              [0, l].map((x) => (
                <circle
                  key={`${s.id}${x}`}
                  cx={X(x)}
                  cy={Y(s.from.y)}
                  r={4}
                  fill="var(--chalk)"
                  stroke="#fff"
                  strokeWidth={1.5}
                  pointerEvents="none"
                />
              )),
            )}
        {layers.square && <SquareMoves v={viewport} />}
        <g pointerEvents="none">
          <Dimensions v={viewport} centresIn={d.grid.centresIn} lengthIn={l} y={stakeY + 30} />
          {!layers.diagonals && (
            <SvgMeasure
              x={X(l) + 20}
              y={Y(w / 2)}
              inches={w}
              size={16}
              anchor="middle"
              rotate={-90}
              weight={700}
              fill="var(--ink)"
            />
          )}
          {leans.map((q) => (
            <Note
              key={q.side}
              x={X(l / 2)}
              y={Y(q.side === 'north' ? w + q.depthIn / 2 : -q.depthIn / 2) + 5}
              size={14}
              weight={600}
              anchor="middle"
              fill="var(--ink-2)"
              halo="#FAF5E9"
            >
              lean-to
            </Note>
          ))}
        </g>
        {gableShown.map((p) => (
          <Note key={p.row} x={stakeX} y={Y(p.y) + 5} size={14} weight={700} anchor="middle" fill="var(--ink-2)">
            {p.row}
          </Note>
        ))}
        {rows.map(([name, y]) => (
          <Stake
            key={name}
            x={stakeX}
            y={Y(y)}
            name={name}
            points="right"
            on={picked.string === name}
            onPick={pickString}
          />
        ))}
        {d.grid.centresIn.map((x, i) =>
          i === 0 || i === last - 1 ? (
            <Stake
              key={i}
              x={X(x)}
              y={stakeY}
              name={String(i + 1)}
              points="up"
              on={picked.string === String(i + 1)}
              onPick={pickString}
            />
          ) : (
            <Note key={i} x={X(x)} y={stakeY + 7} size={14} weight={700} anchor="middle" fill="var(--ink-2)">
              {i + 1}
            </Note>
          ),
        )}
        <North deg={job.site.northDeg} x={(size.width || 800) - 46} y={86} />
      </svg>
      <ZoomButtons viewport={viewport} />
      {live && <LiveNote live={live} width={size.width} />}
    </>
  )
}
