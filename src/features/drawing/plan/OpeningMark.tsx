import { memo } from 'react'
import { isEave, type PlacedOpening } from '@/core/layout'
import { OPENING } from '@/formats/words'
import { Note } from '../strokes'
import type { View, Viewport } from '../useViewport'
import type { Grab, Pick } from './grab'
import { Side } from '@/core/model'

/** Where an opening stands on the plan, and the strokes that show what it is. */
function openingShape({
  side,
  placed,
  view,
  yAt,
  widthIn,
  xAt,
  lengthIn,
  on,
  kind,
}: {
  readonly side: Side
  readonly placed: PlacedOpening
  readonly view: View
  readonly yAt: (y: number) => number
  readonly widthIn: number
  readonly xAt: (x: number) => number
  readonly lengthIn: number
  readonly on: boolean
  readonly kind: 'overhead' | 'slider' | 'walk' | 'window'
}) {
  const alongX = isEave(side)
  const wide = (placed.toIn - placed.fromIn) * view.scale
  const baseOf = () => {
    if (side === 'south') return yAt(0)
    if (side === 'north') return yAt(widthIn)
    if (side === 'west') return xAt(0)
    return xAt(lengthIn)
  }
  const base = baseOf()
  const inward = side === 'south' || side === 'east' ? -1 : 1
  const box = alongX
    ? { x: xAt(placed.fromIn), y: base - 9, width: wide, height: 18 }
    : { x: base - 9, y: yAt(placed.toIn), width: 18, height: wide }
  const color = on ? 'var(--burr)' : 'var(--ink-2)'
  const deep = Math.min(wide, 46) * inward
  const line = alongX
    ? {
        swing:
          `M${xAt(placed.fromIn)} ${base}v${wide * inward}A${wide} ${wide} 0 0 ${inward < 0 ? 1 : 0} ` +
          `${xAt(placed.toIn)} ${base}`,
        up: `M${xAt(placed.fromIn)} ${base}v${deep}H${xAt(placed.toIn)}V${base}`,
        flat: `M${xAt(placed.fromIn)} ${base + 3 * -inward}H${xAt(placed.toIn)}`,
        pane: `M${xAt(placed.fromIn)} ${base + 2.5 * inward}H${xAt(placed.toIn)}`,
      }
    : {
        swing:
          `M${base} ${yAt(placed.fromIn)}h${wide * inward}A${wide} ${wide} 0 0 ${inward < 0 ? 1 : 0} ${base} ` +
          `${yAt(placed.toIn)}`,
        up: `M${base} ${yAt(placed.fromIn)}h${deep}V${yAt(placed.toIn)}H${base}`,
        flat: `M${base + 3 * -inward} ${yAt(placed.fromIn)}V${yAt(placed.toIn)}`,
        pane: `M${base + 2.5 * inward} ${yAt(placed.fromIn)}V${yAt(placed.toIn)}`,
      }
  const name = placed.opening.name || OPENING[kind]
  const noteOffY = () => {
    if (kind === 'overhead') return 56
    if (kind === 'walk') return wide + 10
    return 14
  }
  const noteOffX = () => {
    if (kind === 'overhead') return 62
    if (kind === 'walk') return wide + 12
    return 16
  }
  const [nx, ny] = alongX
    ? [xAt((placed.fromIn + placed.toIn) / 2), base + inward * noteOffX() + (inward > 0 ? 8 : 0)]
    : [base + inward * noteOffY(), yAt((placed.fromIn + placed.toIn) / 2) + 4]
  return { alongX, inward, name, nx, ny, box, line, color, base, wide }
}

/** A door or window in its wall; `grab` lets it be dragged. */
export const OpeningMark = memo(function OpeningMark({
  placed,
  viewport,
  lengthIn,
  widthIn,
  on,
  pick,
  grab,
}: {
  readonly placed: PlacedOpening
  readonly viewport: Viewport
  readonly lengthIn: number
  readonly widthIn: number
  readonly on: boolean
  readonly pick: Pick
  readonly grab: Grab | null
}) {
  const { X: xAt, Y: yAt, view } = viewport
  const { side, kind } = placed.opening
  const { alongX, inward, name, nx, ny, box, line, color, base, wide } = openingShape({
    side,
    placed,
    view,
    yAt,
    widthIn,
    xAt,
    lengthIn,
    on,
    kind,
  })
  const choose = () => pick({ opening: placed.opening.id, post: null, wall: side })
  const anchorOf = () => {
    if (alongX) return 'middle'
    if (inward < 0) return 'end'
    return 'start'
  }
  return (
    <g
      className={grab ? 'grab' : undefined}
      role="button"
      tabIndex={0}
      aria-label={`${name}, ${OPENING[kind]}`}
      aria-pressed={on}
      data-opening={placed.opening.id}
      onPointerDown={choose}
      onKeyDown={(event) => {
        if (event.key === 'Enter') choose()
        else grab?.nudge({ kind: 'opening', opening: placed.opening }, event, nx, ny)
      }}
      onBlur={() => grab?.end()}
    >
      {on && <rect {...box} fill="var(--burr)" opacity={0.18} />}
      <rect {...box} fill="transparent" />
      {kind === 'walk' && <path d={line.swing} fill="none" stroke={color} strokeWidth={1.3} />}
      {kind === 'overhead' && <path d={line.up} fill="none" stroke={color} strokeWidth={1.3} strokeDasharray="5 4" />}
      {kind === 'slider' && <path d={line.flat} fill="none" stroke={color} strokeWidth={4} />}
      {kind === 'window' && (
        <path d={line.pane} fill="none" stroke={on ? 'var(--burr)' : 'var(--sheet)'} strokeWidth={4} />
      )}
      {kind === 'window' && (
        <rect
          {...(alongX
            ? { x: xAt(placed.fromIn), y: Math.min(base, base + 5 * inward), width: wide, height: 5 }
            : { x: Math.min(base, base + 5 * inward), y: yAt(placed.toIn), width: 5, height: wide })}
          fill="none"
          stroke={color}
          strokeWidth={1}
        />
      )}
      {(wide > 34 || on) && (
        <Note
          x={nx}
          y={ny}
          size={12.5}
          anchor={anchorOf()}
          fill={on ? 'var(--burr-deep)' : 'var(--ink-2)'}
          weight={on ? 700 : 500}
          halo="var(--sheet)"
        >
          {name}
        </Note>
      )}
    </g>
  )
})
