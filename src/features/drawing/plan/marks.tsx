import { type StringId } from '@/core/model'
import { memo } from 'react'
import { isEave, type PlacedOpening } from '@/core/layout'
import { SvgMeasure } from '@/ui'
import { Note } from '../strokes'
import type { Viewport } from '../useViewport'

/** A stake with the name of a row or line. */
export const Stake = memo(function Stake({
  x,
  y,
  string,
  name,
  points,
  on,
  onPick,
}: {
  readonly x: number
  readonly y: number
  readonly string: StringId
  readonly name: string
  readonly points: 'right' | 'up'
  readonly on: boolean
  readonly onPick: (string: StringId) => void
}) {
  const [wide, high] = [15, 12]
  const outline =
    points === 'right'
      ? `M${x - wide} ${y - high}H${x + 8}L${x + wide + 3} ${y}L${x + 8} ${y + high}H${x - wide}Z`
      : `M${x - high} ${y + wide}V${y - 6}L${x} ${y - wide - 1}L${x + high} ${y - 6}V${y + wide}Z`
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`string ${name}`}
      aria-pressed={on}
      onClick={() => onPick(string)}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') onPick(string)
      }}
      onPointerDown={(event) => event.stopPropagation()}
      style={{ cursor: 'pointer' }}
    >
      <path d={outline} fill={on ? 'var(--burr)' : 'var(--ink)'} />
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
  viewport,
  lengthIn,
  widthIn,
  openings,
}: {
  readonly viewport: Viewport
  readonly lengthIn: number
  readonly widthIn: number
  readonly openings: readonly PlacedOpening[]
}) {
  const tick = 5
  return (
    <g>
      {(['south', 'east', 'north', 'west'] as const).map((side) => {
        const alongX = isEave(side)
        const end = alongX ? lengthIn : widthIn
        const doors = openings
          .filter((opening) => opening.opening.side === side && opening.opening.kind !== 'window')
          .sort((one, other) => one.fromIn - other.fromIn)
        const cuts = [0, ...doors.flatMap((door) => [door.fromIn, door.toIn]), end]
        return cuts.flatMap((cut, i) => {
          if (i % 2) return []
          const next = cuts[i + 1]
          const rect = alongX
            ? {
                x: viewport.X(cut),
                y: side === 'south' ? viewport.Y(0) - tick : viewport.Y(widthIn),
                width: (next - cut) * viewport.view.scale,
                height: tick,
              }
            : {
                x: side === 'west' ? viewport.X(0) : viewport.X(lengthIn) - tick,
                y: viewport.Y(next),
                width: tick,
                height: (next - cut) * viewport.view.scale,
              }
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
  viewport,
  centresIn,
  lengthIn,
  y,
}: {
  readonly viewport: Viewport
  readonly centresIn: readonly number[]
  readonly lengthIn: number
  readonly y: number
}) {
  const marks = centresIn.map((centreIn, i) => {
    if (i === 0) return 0
    if (i === centresIn.length - 1) return lengthIn
    return centreIn
  })
  const room = ((marks[1] ?? 0) - marks[0]) * viewport.view.scale
  return (
    <g>
      <line x1={viewport.X(0)} x2={viewport.X(lengthIn)} y1={y} y2={y} stroke="var(--ink)" />
      {marks.map((mark) => (
        <line
          key={mark}
          x1={viewport.X(mark) - 4}
          y1={y + 4}
          x2={viewport.X(mark) + 4}
          y2={y - 4}
          stroke="var(--ink)"
          strokeWidth={1.8}
        />
      ))}
      {room > 52 ? (
        marks
          .slice(1)
          .map((mark, i) => (
            <SvgMeasure
              key={mark}
              x={viewport.X((mark + marks[i]) / 2)}
              y={y + 5}
              inches={mark - marks[i]}
              size={14}
              anchor="middle"
              weight={600}
              ground="var(--paper)"
            />
          ))
      ) : (
        <SvgMeasure
          x={viewport.X(lengthIn / 2)}
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
