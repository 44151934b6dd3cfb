'use client'
import { plannedFootIn } from '@/core/field'
import { concreteIn, type HoleKind } from '@/core/frame'
import type { Post } from '@/core/layout'
import type { Building } from '@/core/model'
import { postSize } from '@/core/wood'
import { SvgMeasure } from '@/ui'
import { Materials, Note, useSize, Wax } from '../drawing'
import { useDoc } from '../job'

/** The ground behind figures and names. */
const GROUND = '#E2D8C3'
/** Height of post shown over the grade line, inches. */
const ABOVE_IN = 34

/** A section through a hole on the screen: its scale, its axis, and where a depth lies. */
interface Cut {
  readonly building: Building
  readonly hole: HoleKind
  readonly scale: number
  readonly cx: number
  readonly radius: number
  readonly groundY: number
  readonly width: number
  readonly yAt: (downIn: number) => number
}

function cutOf(building: Building, hole: HoleKind, width: number, height: number): Cut {
  const scale = Math.min((height - 90) / (hole.digIn + ABOVE_IN), (width - 210) / hole.diameterIn)
  const groundY = 40 + ABOVE_IN * scale
  return {
    building,
    hole,
    scale,
    cx: width / 2 + 8,
    radius: (hole.diameterIn / 2) * scale,
    groundY,
    width,
    yAt: (downIn) => groundY + downIn * scale,
  }
}

/** A depth measured from the grade line, left or right of the hole, with what it reaches. */
function Depth({
  cut,
  downIn,
  side,
  name,
}: {
  readonly cut: Cut
  readonly downIn: number
  readonly side: 'left' | 'right'
  readonly name: string
}) {
  const { cx, radius, groundY, yAt } = cut
  const outward = side === 'left' ? -1 : 1
  const x = cx + outward * (radius + 16)
  const text = { x: x + outward * 8, anchor: side === 'left' ? 'end' : 'start' } as const
  return (
    <g>
      <line x1={x} x2={x} y1={groundY} y2={yAt(downIn)} stroke="var(--ink)" strokeWidth={1.4} />
      <path d={`M${x - 5} ${groundY}h10M${x - 5} ${yAt(downIn)}h10`} stroke="var(--ink)" strokeWidth={1.8} />
      <SvgMeasure {...text} y={yAt(downIn / 2) + 2} inches={downIn} size={21} weight={750} ground={GROUND} />
      <Note {...text} y={yAt(downIn / 2) + 20} size={12.5} fill="var(--ink-2)" halo={GROUND}>
        {name}
      </Note>
    </g>
  )
}

/** A body of concrete the width of the hole, from one depth to another. */
const Concrete = ({ cut, fromIn, toIn }: { readonly cut: Cut; readonly fromIn: number; readonly toIn: number }) => (
  <rect
    x={cut.cx - cut.radius}
    y={cut.yAt(fromIn)}
    width={cut.radius * 2}
    height={(toIn - fromIn) * cut.scale}
    fill="url(#concrete)"
    stroke="var(--galv-4)"
    strokeWidth={1.5}
  />
)

function Gravel({ cut }: { readonly cut: Cut }) {
  const { hole, cx, radius, scale, yAt } = cut
  if (hole.gravelIn <= 0) return null
  return (
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
        halo={GROUND}
      >
        gravel
      </Note>
    </>
  )
}

/** What the post stands on: a pier, or a pad and, where there is one, a collar around its foot. */
function Foundation({ cut }: { readonly cut: Cut }) {
  const { building, hole } = cut
  return concreteIn(building, hole).map(([fromIn, toIn]) => (
    <Concrete key={fromIn} cut={cut} fromIn={fromIn} toIn={toIn} />
  ))
}

/** The post down to its foot; an embedded one shows the seams between its plies. */
function PostInHole({ cut }: { readonly cut: Cut }) {
  const { building, hole, cx, scale, yAt } = cut
  const { widthIn, plies } = postSize(building.post)
  const wide = widthIn * scale
  const pier = building.school === 'pier'
  const footY = yAt(plannedFootIn(cut, [hole], hole.kind))
  const seams = pier ? [] : [1, 2].slice(0, plies - 1)
  return (
    <>
      <rect
        x={cx - wide / 2}
        y={0}
        width={wide}
        height={footY}
        fill="url(#wood)"
        stroke="var(--lumber-4)"
        strokeWidth={1.4}
      />
      {seams.map((seam) => {
        const x = cx - wide / 2 + (wide * seam) / plies
        return <line key={seam} x1={x} x2={x} y1={0} y2={footY} stroke="var(--lumber-4)" strokeWidth={0.8} />
      })}
    </>
  )
}

function FrostLine({ cut, frostIn }: { readonly cut: Cut; readonly frostIn: number }) {
  const y = cut.yAt(frostIn)
  return (
    <g>
      <line
        x1={0}
        x2={cut.cx - cut.radius}
        y1={y}
        y2={y}
        stroke="var(--chalk)"
        strokeWidth={1.5}
        strokeDasharray="3 5"
      />
      <Note x={8} y={y + 16} size={12.5} weight={600} fill="var(--chalk-ink)" halo={GROUND}>
        frost
      </Note>
    </g>
  )
}

/** Section through one hole, to scale: post, pad or pier, collar, frost, the depths that are measured. */
export function HoleSection({ post, hole }: { readonly post: Post; readonly hole: HoleKind }) {
  const { building, site } = useDoc().job
  const [ref, size] = useSize<SVGSVGElement>()
  const [width, height] = [size.width || 380, size.height || 560]
  const cut = cutOf(building, hole, width, height)
  const { cx, radius, groundY, scale, yAt } = cut
  const pier = building.school === 'pier'
  return (
    <svg ref={ref} width="100%" height="100%" role="img" aria-label={`Section of the hole of post ${post.name}`}>
      <Materials />
      <rect x={0} y={groundY} width={width} height={height - groundY} fill="url(#earth)" />
      <rect
        x={cx - radius}
        y={groundY}
        width={radius * 2}
        height={hole.digIn * scale}
        fill="#EDE4D0"
        stroke="#A8966F"
        strokeDasharray="5 4"
      />
      <Gravel cut={cut} />
      <Foundation cut={cut} />
      <PostInHole cut={cut} />
      <Wax x1={-4} y1={groundY} x2={width + 4} y2={groundY} color="var(--grade)" width={5} />
      <Note x={8} y={groundY - 8} size={13} weight={650} fill="var(--grade-ink)" halo="var(--paper)">
        grade line
      </Note>
      {site.frostIn !== null && <FrostLine cut={cut} frostIn={site.frostIn} />}
      <Depth
        cut={cut}
        downIn={hole.digIn}
        side="right"
        name={pier && hole.gravelIn === 0 ? 'pier bottom' : 'hole bottom'}
      />
      {!pier && <Depth cut={cut} downIn={hole.embedIn} side="left" name="foot of post" />}
      <SvgMeasure
        x={cx}
        y={yAt(hole.digIn) + 26}
        inches={hole.diameterIn}
        size={20}
        weight={750}
        feet={false}
        anchor="middle"
        ground={GROUND}
      />
      <Note x={width - 8} y={24} size={17} weight={700} anchor="end">
        {post.name}
      </Note>
    </svg>
  )
}
