import { memo } from 'react'
import { isEave, type PlacedOpening } from '@/core/layout'
import { OPENING } from '@/formats/words'
import { Note } from '../strokes'
import type { Viewport } from '../useViewport'
import type { Grab, Pick } from './grab'

/** A door or window in its wall; `grab` lets it be dragged. */
export const OpeningMark = memo(function OpeningMark({
  o,
  v,
  lengthIn,
  widthIn,
  on,
  pick,
  grab,
}: {
  readonly o: PlacedOpening
  readonly v: Viewport
  readonly lengthIn: number
  readonly widthIn: number
  readonly on: boolean
  readonly pick: Pick
  readonly grab: Grab | null
}) {
  const { X, Y, view } = v
  const { side, kind } = o.opening
  const alongX = isEave(side)
  const wide = (o.toIn - o.fromIn) * view.s
  const base = side === 'south' ? Y(0) : side === 'north' ? Y(widthIn) : side === 'west' ? X(0) : X(lengthIn)
  const inward = side === 'south' || side === 'east' ? -1 : 1
  const box = alongX
    ? { x: X(o.fromIn), y: base - 9, width: wide, height: 18 }
    : { x: base - 9, y: Y(o.toIn), width: 18, height: wide }
  const colour = on ? 'var(--burr)' : 'var(--ink-2)'
  const deep = Math.min(wide, 46) * inward
  const line = alongX
    ? {
        swing: `M${X(o.fromIn)} ${base}v${wide * inward}A${wide} ${wide} 0 0 ${inward < 0 ? 1 : 0} ${X(o.toIn)} ${base}`,
        up: `M${X(o.fromIn)} ${base}v${deep}H${X(o.toIn)}V${base}`,
        flat: `M${X(o.fromIn)} ${base + 3 * -inward}H${X(o.toIn)}`,
        pane: `M${X(o.fromIn)} ${base + 2.5 * inward}H${X(o.toIn)}`,
      }
    : {
        swing: `M${base} ${Y(o.fromIn)}h${wide * inward}A${wide} ${wide} 0 0 ${inward < 0 ? 1 : 0} ${base} ${Y(o.toIn)}`,
        up: `M${base} ${Y(o.fromIn)}h${deep}V${Y(o.toIn)}H${base}`,
        flat: `M${base + 3 * -inward} ${Y(o.fromIn)}V${Y(o.toIn)}`,
        pane: `M${base + 2.5 * inward} ${Y(o.fromIn)}V${Y(o.toIn)}`,
      }
  const name = o.opening.name || OPENING[kind]
  const [nx, ny] = alongX
    ? [
        X((o.fromIn + o.toIn) / 2),
        base + inward * (kind === 'overhead' ? 62 : kind === 'walk' ? wide + 12 : 16) + (inward > 0 ? 8 : 0),
      ]
    : [base + inward * (kind === 'overhead' ? 56 : kind === 'walk' ? wide + 10 : 14), Y((o.fromIn + o.toIn) / 2) + 4]
  const choose = () => pick({ opening: o.opening.id, post: null, wall: side })
  return (
    <g
      className={grab ? 'grab' : undefined}
      role="button"
      tabIndex={0}
      aria-label={`${name}, ${OPENING[kind]}`}
      aria-pressed={on}
      data-opening={o.opening.id}
      onPointerDown={(e) => {
        e.stopPropagation()
        choose()
        grab?.start({ kind: 'opening', opening: o.opening }, e)
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') choose()
        else grab?.nudge({ kind: 'opening', opening: o.opening }, e, nx, ny)
      }}
      onBlur={() => grab?.end()}
    >
      {on && <rect {...box} fill="var(--burr)" opacity={0.18} />}
      <rect {...box} fill="transparent" />
      {kind === 'walk' && <path d={line.swing} fill="none" stroke={colour} strokeWidth={1.3} />}
      {kind === 'overhead' && <path d={line.up} fill="none" stroke={colour} strokeWidth={1.3} strokeDasharray="5 4" />}
      {kind === 'slider' && <path d={line.flat} fill="none" stroke={colour} strokeWidth={4} />}
      {kind === 'window' && (
        <path d={line.pane} fill="none" stroke={on ? 'var(--burr)' : 'var(--sheet)'} strokeWidth={4} />
      )}
      {kind === 'window' && (
        <rect
          {...(alongX
            ? { x: X(o.fromIn), y: Math.min(base, base + 5 * inward), width: wide, height: 5 }
            : { x: Math.min(base, base + 5 * inward), y: Y(o.toIn), width: 5, height: wide })}
          fill="none"
          stroke={colour}
          strokeWidth={1}
        />
      )}
      {(wide > 34 || on) && (
        <Note
          x={nx}
          y={ny}
          size={12.5}
          anchor={alongX ? 'middle' : inward < 0 ? 'end' : 'start'}
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
