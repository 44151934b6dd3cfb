import { memo } from 'react'
import { isEave, type PlacedOpening } from '@/core/layout'
import { SvgMeasure } from '@/ui'
import { Note } from '../strokes'
import type { Viewport } from '../useViewport'

/** A stake with the name of a row or line. */
export const Stake = memo(function Stake({
  x,
  y,
  name,
  points,
  on,
  onPick,
}: {
  readonly x: number
  readonly y: number
  readonly name: string
  readonly points: 'right' | 'up'
  readonly on: boolean
  readonly onPick: (name: string) => void
}) {
  const [w, h] = [15, 12]
  const d =
    points === 'right'
      ? `M${x - w} ${y - h}H${x + 8}L${x + w + 3} ${y}L${x + 8} ${y + h}H${x - w}Z`
      : `M${x - h} ${y + w}V${y - 6}L${x} ${y - w - 1}L${x + h} ${y - 6}V${y + w}Z`
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`string ${name}`}
      aria-pressed={on}
      onClick={() => onPick(name)}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') onPick(name)
      }}
      onPointerDown={(e) => e.stopPropagation()}
      style={{ cursor: 'pointer' }}
    >
      <path d={d} fill={on ? 'var(--burr)' : 'var(--ink)'} />
      <Note
        x={points === 'right' ? x - 2.5 : x}
        y={y + (points === 'right' ? 5.5 : 7.5)}
        size={15}
        weight={750}
        anchor="middle"
        fill="#fff"
      >
        {name}
      </Note>
    </g>
  )
})

/** The walls as a grey band, broken at doors. */
export const WallBand = memo(function WallBand({
  v,
  lengthIn,
  widthIn,
  openings,
}: {
  readonly v: Viewport
  readonly lengthIn: number
  readonly widthIn: number
  readonly openings: readonly PlacedOpening[]
}) {
  const t = 5
  return (
    <g>
      {(['south', 'east', 'north', 'west'] as const).map((side) => {
        const alongX = isEave(side)
        const end = alongX ? lengthIn : widthIn
        const doors = openings
          .filter((o) => o.opening.side === side && o.opening.kind !== 'window')
          .sort((a, b) => a.fromIn - b.fromIn)
        const cuts = [0, ...doors.flatMap((o) => [o.fromIn, o.toIn]), end]
        return cuts.flatMap((a, i) => {
          if (i % 2) return []
          const b = cuts[i + 1]
          const rect = alongX
            ? { x: v.X(a), y: side === 'south' ? v.Y(0) - t : v.Y(widthIn), width: (b - a) * v.view.s, height: t }
            : { x: side === 'west' ? v.X(0) : v.X(lengthIn) - t, y: v.Y(b), width: t, height: (b - a) * v.view.s }
          return [
            <rect
              key={`${side}${i}`}
              {...rect}
              width={Math.max(0, rect.width)}
              height={Math.max(0, rect.height)}
              fill="var(--galv-2)"
            />,
          ]
        })
      })}
    </g>
  )
})

/** Bays under the plan, or the whole length where bays have no room. */
export const Dimensions = memo(function Dimensions({
  v,
  centresIn,
  lengthIn,
  y,
}: {
  readonly v: Viewport
  readonly centresIn: readonly number[]
  readonly lengthIn: number
  readonly y: number
}) {
  const marks = centresIn.map((x, i) => (i === 0 ? 0 : i === centresIn.length - 1 ? lengthIn : x))
  const room = ((marks[1] ?? 0) - marks[0]) * v.view.s
  return (
    <g>
      <line x1={v.X(0)} x2={v.X(lengthIn)} y1={y} y2={y} stroke="var(--ink)" />
      {marks.map((x) => (
        <line key={x} x1={v.X(x) - 4} y1={y + 4} x2={v.X(x) + 4} y2={y - 4} stroke="var(--ink)" strokeWidth={1.8} />
      ))}
      {room > 52 ? (
        marks
          .slice(1)
          .map((x, i) => (
            <SvgMeasure
              key={x}
              x={v.X((x + marks[i]) / 2)}
              y={y + 5}
              inches={x - marks[i]}
              size={14}
              anchor="middle"
              weight={600}
              ground="var(--paper)"
            />
          ))
      ) : (
        <SvgMeasure
          x={v.X(lengthIn / 2)}
          y={y + 5}
          inches={lengthIn}
          size={15}
          anchor="middle"
          weight={700}
          ground="var(--paper)"
        />
      )}
    </g>
  )
})

/** Where true north lies. */
export const North = memo(function North({
  deg,
  x,
  y,
}: {
  readonly deg: number
  readonly x: number
  readonly y: number
}) {
  return (
    <g transform={`translate(${x} ${y})`} pointerEvents="none">
      <g transform={`rotate(${deg})`}>
        <path d="M0 22V-16M-8 -6L0 -20L8 -6" fill="none" stroke="var(--ink)" strokeWidth={2.8} />
      </g>
      <Note x={0} y={40} size={12.5} weight={650} anchor="middle">
        north
      </Note>
    </g>
  )
})
