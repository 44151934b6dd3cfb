'use client'
import type { ShownDerived } from '@/core/derive'
import type { Building } from '@/core/model'
import { SvgMeasure } from '@/ui'
import { Note } from '../drawing'
import type { Picked } from '../job'

/** One slope of the roof, with its purlins. */
export function SlopeView({
  box,
  building,
  length,
  yAt,
  slope,
  scale,
  zone,
  derived,
  xAt,
  rows,
  picked,
  pick,
}: {
  readonly box: (from: number, to: number) => { x: number; width: number }
  readonly building: Building
  readonly length: number
  readonly yAt: (y: number) => number
  readonly slope: number
  readonly scale: number
  readonly zone: number
  readonly derived: ShownDerived
  readonly xAt: (at: number) => number
  readonly rows: number[]
  readonly picked: Picked
  readonly pick: (partial: Partial<Picked>) => void
}) {
  return (
    <g>
      <rect
        {...box(-building.gableOverhangIn, length + building.gableOverhangIn)}
        y={yAt(slope)}
        height={slope * scale}
        fill="var(--sheet)"
        stroke="var(--galv-3)"
      />
      {zone > 0 &&
        [
          [-building.gableOverhangIn, zone],
          [length - zone, length + building.gableOverhangIn],
        ].map(([x0, x1]) => (
          <rect
            key={x0}
            {...box(x0, x1)}
            y={yAt(slope)}
            height={slope * scale}
            fill="var(--galv-1)"
            pointerEvents="none"
          />
        ))}
      {zone > 0 && (
        <rect
          {...box(-building.gableOverhangIn, length + building.gableOverhangIn)}
          y={yAt(zone)}
          height={zone * scale}
          fill="var(--galv-1)"
          opacity={0.6}
          pointerEvents="none"
        />
      )}
      {derived.trusses.trusses.map((truss) => (
        <line
          key={truss.number}
          x1={xAt(truss.xIn)}
          x2={xAt(truss.xIn)}
          y1={yAt(0)}
          y2={yAt(slope)}
          stroke="var(--lumber-3)"
          strokeDasharray="6 4"
        />
      ))}
      {rows.map((row, i) => {
        const on = picked.mark === `P${i + 1}`
        return (
          <g
            key={i}
            onClick={() => pick({ mark: `P${i + 1}` })}
            onPointerDown={(event) => event.stopPropagation()}
            style={{ cursor: 'pointer' }}
          >
            <rect
              {...box(-building.gableOverhangIn, length + building.gableOverhangIn)}
              y={yAt(row) - Math.max(2, 0.75 * scale)}
              height={Math.max(4, (building.roof.purlins.style === 'flat' ? 3.5 : 1.5) * scale)}
              fill={on ? 'var(--burr)' : 'var(--lumber-2)'}
              stroke={on ? 'var(--burr-deep)' : 'var(--lumber-4)'}
            />
            <Note
              x={xAt(-building.gableOverhangIn) - 10}
              y={yAt(row) + 5}
              size={13}
              weight={700}
              anchor="end"
              fill={on ? 'var(--burr-deep)' : 'var(--ink)'}
            >
              P{i + 1}
            </Note>
            <SvgMeasure
              x={xAt(length + building.gableOverhangIn) + 8}
              y={yAt(row) + 5}
              inches={row}
              size={14}
              weight={650}
              fill={on ? 'var(--burr-deep)' : 'var(--ink)'}
            />
          </g>
        )
      })}
      <Note x={xAt(length / 2)} y={yAt(0) + 20} size={12.5} anchor="middle" fill="var(--ink-2)">
        eave edge; rows read up the slope to their low edge
      </Note>
      <Note x={xAt(length / 2)} y={yAt(slope) - 8} size={12.5} anchor="middle" fill="var(--ink-2)">
        ridge{zone > 0 ? '; shaded: eave and rake zones of the wind' : ''}
      </Note>
    </g>
  )
}
