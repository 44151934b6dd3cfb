'use client'
import type { ShownDerived } from '@/core/derive'
import type { LeanTo } from '@/core/model'
import { SvgMeasure } from '@/ui'
import { Note } from '../strokes'
import type { Viewport } from '../useViewport'
import type { PlanLayers } from './layers'
import { Dimensions, WallBand } from './marks'

/** Dimensions outside the plan. */
export function PlanDimensions({
  viewport,
  derived,
  lengthIn,
  stakeY,
  layers,
  xAt,
  yAt,
  widthIn,
  leans,
}: {
  readonly viewport: Viewport
  readonly derived: ShownDerived
  readonly lengthIn: number
  readonly stakeY: number
  readonly layers: PlanLayers
  readonly xAt: (x: number) => number
  readonly yAt: (y: number) => number
  readonly widthIn: number
  readonly leans: LeanTo[]
}) {
  return (
    <g pointerEvents="none">
      <Dimensions viewport={viewport} centresIn={derived.grid.centresIn} lengthIn={lengthIn} y={stakeY + 30} />
      {!layers.diagonals && (
        <SvgMeasure
          x={xAt(lengthIn) + 20}
          y={yAt(widthIn / 2)}
          inches={widthIn}
          size={16}
          anchor="middle"
          rotate={-90}
          weight={700}
          fill="var(--ink)"
        />
      )}
      {leans.map((lean) => (
        <Note
          key={lean.side}
          x={xAt(lengthIn / 2)}
          y={yAt(lean.side === 'north' ? widthIn + lean.depthIn / 2 : -lean.depthIn / 2) + 5}
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
  )
}

/** Truss lines across the plan. */
export function TrussLines({
  derived,
  xAt,
  yAt,
  y1,
  y0,
  lengthIn,
  widthIn,
  viewport,
}: {
  readonly derived: ShownDerived
  readonly xAt: (x: number) => number
  readonly yAt: (y: number) => number
  readonly y1: number
  readonly y0: number
  readonly lengthIn: number
  readonly widthIn: number
  readonly viewport: Viewport
}) {
  return (
    <g pointerEvents="none">
      {derived.grid.centresIn.slice(1, -1).map((centreIn) => (
        <line
          key={centreIn}
          x1={xAt(centreIn)}
          x2={xAt(centreIn)}
          y1={yAt(y1)}
          y2={yAt(y0)}
          stroke="var(--galv-2)"
          strokeDasharray="7 5"
        />
      ))}
      <line
        x1={xAt(0)}
        x2={xAt(lengthIn)}
        y1={yAt(widthIn / 2)}
        y2={yAt(widthIn / 2)}
        stroke="var(--galv-2)"
        strokeDasharray="16 4 3 4"
      />
      <WallBand viewport={viewport} lengthIn={lengthIn} widthIn={widthIn} openings={derived.placed} />
    </g>
  )
}
