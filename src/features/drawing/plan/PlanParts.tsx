'use client'
import { SvgMeasure } from '@/ui'
import { useDoc } from '../../job'
import { Note } from '../strokes'
import type { Viewport } from '../useViewport'
import { Dimensions, WallBand } from './marks'

/** Dimensions outside the plan, and the names of the lean-tos; the width only where no diagonal crosses it. */
export function PlanDimensions({
  viewport,
  stakeY,
  withWidth,
}: {
  readonly viewport: Viewport
  readonly stakeY: number
  readonly withWidth: boolean
}) {
  const { job, derived } = useDoc()
  const { lengthIn, widthIn, centresIn } = derived.grid
  const { X: xAt, Y: yAt } = viewport
  return (
    <g pointerEvents="none">
      <Dimensions viewport={viewport} centresIn={centresIn} lengthIn={lengthIn} y={stakeY + 30} />
      {withWidth && (
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
      {job.building.leanTos.map((leanTo) => (
        <Note
          key={leanTo.side}
          x={xAt(lengthIn / 2)}
          y={yAt(leanTo.side === 'north' ? widthIn + leanTo.depthIn / 2 : -leanTo.depthIn / 2) + 5}
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

/** Lines across the plan at the inner posts, from outer edge `y0` to `y1`, the ridge, and the walls. */
export function TrussLines({
  viewport,
  y0,
  y1,
}: {
  readonly viewport: Viewport
  readonly y0: number
  readonly y1: number
}) {
  const { grid, placed } = useDoc().derived
  const { X: xAt, Y: yAt } = viewport
  const ridgeY = yAt(grid.widthIn / 2)
  return (
    <g pointerEvents="none">
      {grid.centresIn.slice(1, -1).map((centreIn) => (
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
        x2={xAt(grid.lengthIn)}
        y1={ridgeY}
        y2={ridgeY}
        stroke="var(--galv-2)"
        strokeDasharray="16 4 3 4"
      />
      <WallBand viewport={viewport} lengthIn={grid.lengthIn} widthIn={grid.widthIn} openings={placed} />
    </g>
  )
}
