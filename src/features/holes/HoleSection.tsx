'use client'
import type { HoleKind } from '@/core/derive'
import type { Post } from '@/core/layout'
import { postSize } from '@/core/wood'
import { SvgMeasure } from '@/ui'
import { Materials, Note, useSize, Wax } from '../drawing'
import { useDoc } from '../job'

/** Section through one hole, to scale: post, pad or pier, collar, frost, the depths that are measured. */
export function HoleSection({ post, hole }: { readonly post: Post; readonly hole: HoleKind }) {
  const { job } = useDoc()
  const [ref, size] = useSize<SVGSVGElement>()
  const building = job.building
  const [width, height] = [size.width || 380, size.height || 560]
  const above = 34
  const scale = Math.min((height - 90) / (hole.digIn + above), (width - 210) / hole.diameterIn)
  const ground = 40 + above * scale
  const cx = width / 2 + 8
  const yAt = (down: number) => ground + down * scale
  const radius = (hole.diameterIn / 2) * scale
  const wide = postSize(building.post).widthIn * scale
  const pier = building.school === 'pier'
  const frost = job.site.frostIn
  const line = (down: number, side: 'left' | 'right', name: string) => {
    const x = side === 'left' ? cx - radius - 16 : cx + radius + 16
    return (
      <g>
        <line x1={x} x2={x} y1={ground} y2={yAt(down)} stroke="var(--ink)" strokeWidth={1.4} />
        <path d={`M${x - 5} ${ground}h10M${x - 5} ${yAt(down)}h10`} stroke="var(--ink)" strokeWidth={1.8} />
        <SvgMeasure
          x={x + (side === 'left' ? -8 : 8)}
          y={yAt(down / 2) + 2}
          inches={down}
          size={21}
          weight={750}
          anchor={side === 'left' ? 'end' : 'start'}
          ground="#E2D8C3"
        />
        <Note
          x={x + (side === 'left' ? -8 : 8)}
          y={yAt(down / 2) + 20}
          size={12.5}
          anchor={side === 'left' ? 'end' : 'start'}
          fill="var(--ink-2)"
          halo="#E2D8C3"
        >
          {name}
        </Note>
      </g>
    )
  }
  return (
    <svg ref={ref} width="100%" height="100%" role="img" aria-label={`Section of the hole of post ${post.id}`}>
      <Materials />
      <rect x={0} y={ground} width={width} height={height - ground} fill="url(#earth)" />
      <rect
        x={cx - radius}
        y={ground}
        width={radius * 2}
        height={hole.digIn * scale}
        fill="#EDE4D0"
        stroke="#A8966F"
        strokeDasharray="5 4"
      />
      {hole.gravelIn > 0 && (
        <>
          <rect
            x={cx - radius}
            y={yAt(hole.depthIn)}
            width={radius * 2}
            height={hole.gravelIn * scale}
            fill="url(#gravel)"
            stroke="var(--galv-4)"
          />
          <Note
            x={cx - radius - 8}
            y={yAt(hole.depthIn + hole.gravelIn / 2) + 4}
            size={12.5}
            anchor="end"
            fill="var(--ink-2)"
            halo="#E2D8C3"
          >
            gravel
          </Note>
        </>
      )}
      {pier ? (
        <rect
          x={cx - radius}
          y={yAt(-building.bracketIn)}
          width={radius * 2}
          height={(hole.depthIn + building.bracketIn) * scale}
          fill="url(#concrete)"
          stroke="var(--galv-4)"
          strokeWidth={1.5}
        />
      ) : (
        <rect
          x={cx - radius}
          y={yAt(hole.depthIn - building.padThicknessIn)}
          width={radius * 2}
          height={building.padThicknessIn * scale}
          fill="url(#concrete)"
          stroke="var(--galv-4)"
          strokeWidth={1.5}
        />
      )}
      {building.school === 'collar' && (
        <rect
          x={cx - radius}
          y={yAt(hole.embedIn - building.collarHeightIn)}
          width={radius * 2}
          height={building.collarHeightIn * scale}
          fill="url(#concrete)"
          stroke="var(--galv-4)"
          strokeWidth={1.5}
        />
      )}
      <rect
        x={cx - wide / 2}
        y={0}
        width={wide}
        height={pier ? yAt(-building.bracketIn) : yAt(hole.embedIn)}
        fill="url(#wood)"
        stroke="var(--lumber-4)"
        strokeWidth={1.4}
      />
      {!pier &&
        [1, 2]
          .slice(0, postSize(building.post).plies - 1)
          .map((k) => (
            <line
              key={k}
              x1={cx - wide / 2 + (wide * k) / postSize(building.post).plies}
              x2={cx - wide / 2 + (wide * k) / postSize(building.post).plies}
              y1={0}
              y2={yAt(hole.embedIn)}
              stroke="var(--lumber-4)"
              strokeWidth={0.8}
            />
          ))}
      <Wax x1={-4} y1={ground} x2={width + 4} y2={ground} color="var(--grade)" width={5} />
      <Note x={8} y={ground - 8} size={13} weight={650} fill="var(--grade-ink)" halo="var(--paper)">
        grade line
      </Note>
      {frost !== null && (
        <g>
          <line
            x1={0}
            x2={cx - radius}
            y1={yAt(frost)}
            y2={yAt(frost)}
            stroke="var(--chalk)"
            strokeWidth={1.5}
            strokeDasharray="3 5"
          />
          <Note x={8} y={yAt(frost) + 16} size={12.5} weight={600} fill="var(--chalk-ink)" halo="#E2D8C3">
            frost
          </Note>
        </g>
      )}
      {line(hole.digIn, 'right', pier && hole.gravelIn === 0 ? 'pier bottom' : 'hole bottom')}
      {!pier && line(hole.embedIn, 'left', 'foot of post')}
      <SvgMeasure
        x={cx}
        y={yAt(hole.digIn) + 26}
        inches={hole.diameterIn}
        size={20}
        weight={750}
        feet={false}
        anchor="middle"
        ground="#E2D8C3"
      />
      <Note x={width - 8} y={24} size={17} weight={700} anchor="end">
        {post.id}
      </Note>
    </svg>
  )
}
