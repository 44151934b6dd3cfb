'use client'
import { toTenth, useWriter } from '@/ui'
import type { RefObject } from 'react'
import type { ShownDerived } from '@/formats/shown'
import type { Ground } from '@/core/model'
import type { Contour } from '@/core/terrain'
import { SAME_IN } from '@/core/units'
import { Note, type Viewport } from '../drawing'
import type { Picked } from '../job'

/** A height over or under the grade line, its sign before it. */
const highOrLow = (heightIn: number, length: ReturnType<typeof useWriter>['length']): string =>
  `${heightIn > 0 ? '+' : ''}${length(heightIn, false)}`

/** One contour line with its height. */
function ContourLine({ line, viewport }: { readonly line: Contour; readonly viewport: Viewport }) {
  const { length } = useWriter()
  return (
    <g aria-label={`contour ${length(line.heightIn, false)}`}>
      {line.runs.map((run, i) => (
        <path
          key={i}
          d={`M${run.map(([x, y]) => `${toTenth(viewport.X(x))} ${toTenth(viewport.Y(y))}`).join('L')}`}
          fill="none"
          stroke={Math.abs(line.heightIn) < SAME_IN ? 'var(--grade)' : '#A8865A'}
          strokeWidth={Math.abs(line.heightIn) < SAME_IN ? 3 : 1.3}
        />
      ))}
      {line.runs[0] && (
        <Note
          x={viewport.X(line.runs[0][Math.floor(line.runs[0].length * 0.2)][0])}
          y={viewport.Y(line.runs[0][Math.floor(line.runs[0].length * 0.2)][1]) + 4}
          size={12}
          weight={600}
          anchor="middle"
          fill="#6B5230"
        >
          {highOrLow(line.heightIn, length)}
        </Note>
      )}
    </g>
  )
}

/** The plan with contour lines, spots and obstructions. */
export function ContourPlan({
  ref,
  viewport,
  lines,
  widthIn,
  lengthIn,
  ground,
  derived,
  pickPost,
}: {
  readonly ref: RefObject<SVGSVGElement | null>
  readonly viewport: Viewport
  readonly lines: Contour[]
  readonly widthIn: number
  readonly lengthIn: number
  readonly ground: Ground
  readonly derived: ShownDerived
  readonly pickPost: (partial: Partial<Picked>) => void
}) {
  const { length } = useWriter()
  return (
    <svg ref={ref} className="drawing" role="group" aria-label="Plan with contour lines" {...viewport.gestures()}>
      {lines.map((line) => (
        <ContourLine key={line.heightIn} line={line} viewport={viewport} />
      ))}
      <rect
        x={viewport.X(0)}
        y={viewport.Y(widthIn)}
        width={lengthIn * viewport.view.scale}
        height={widthIn * viewport.view.scale}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
        pointerEvents="none"
      />
      {ground.spots.map((spot) => (
        <g key={spot.id}>
          <path
            d={
              `M${viewport.X(spot.xIn) - 4} ${viewport.Y(spot.yIn)}h8M${viewport.X(spot.xIn)} ` +
              `${viewport.Y(spot.yIn) - 4}v8`
            }
            stroke="var(--ink)"
            strokeWidth={1.4}
          />
          <Note x={viewport.X(spot.xIn) + 6} y={viewport.Y(spot.yIn) - 5} size={12}>
            {spot.heightIn === null ? `${spot.id} ?` : highOrLow(spot.heightIn, length)}
          </Note>
        </g>
      ))}
      {ground.obstructions.map((obstruction) => (
        <g key={obstruction.id}>
          <circle
            cx={viewport.X(obstruction.xIn)}
            cy={viewport.Y(obstruction.yIn)}
            r={(obstruction.radiusIn + obstruction.clearIn) * viewport.view.scale}
            fill="none"
            stroke="var(--keel)"
            strokeDasharray="4 4"
          />
          <circle
            cx={viewport.X(obstruction.xIn)}
            cy={viewport.Y(obstruction.yIn)}
            r={Math.max(3, obstruction.radiusIn * viewport.view.scale)}
            fill="var(--keel-wash)"
            stroke="var(--keel)"
            strokeWidth={2}
          />
          <Note
            x={viewport.X(obstruction.xIn)}
            y={viewport.Y(obstruction.yIn) - Math.max(6, obstruction.radiusIn * viewport.view.scale) - 4}
            size={12}
            weight={650}
            anchor="middle"
            fill="var(--keel-ink)"
          >
            {obstruction.kind}
          </Note>
        </g>
      ))}
      {derived.posts.map((post) => {
        const hole = derived.holes.find((hole) => hole.postIds.includes(post.id))
        return (
          <g key={post.id} onClick={() => pickPost({ post: post.id })}>
            <circle
              cx={viewport.X(post.x)}
              cy={viewport.Y(post.y)}
              r={((hole?.diameterIn ?? 16) / 2) * viewport.view.scale}
              fill="#EDE4D0"
              stroke="#A8966F"
              strokeDasharray="3 3"
            />
            <rect x={viewport.X(post.x) - 3} y={viewport.Y(post.y) - 3} width={6} height={6} fill="var(--ink)" />
          </g>
        )
      })}
    </svg>
  )
}
