import { memo } from 'react'
import type { Post } from '@/core/layout'
import type { Viewport } from '../useViewport'
import type { Grab, Pick } from './grab'

interface Props {
  readonly post: Post
  readonly viewport: Viewport
  readonly on: boolean
  /** Diameter of its hole where holes are shown. */ readonly holeIn: number | null
  readonly pick: Pick
  readonly grab: Grab | null
}

/** A post at its place, with its hole; `grab` lets it be dragged. Drawn again only when it is itself another. */
export const PostMark = memo(function PostMark({ post, viewport, on, holeIn, pick, grab }: Props) {
  const { view } = viewport
  const [cx, cy] = [viewport.X(post.x), viewport.Y(post.y)]
  const [pw, ph] = [Math.max(5, post.sizeX * view.scale), Math.max(5, post.sizeY * view.scale)]
  const choose = () => pick({ post: post.id, opening: null, mark: post.id, string: post.string, wall: post.side })
  return (
    <g
      className={grab && (post.kind === 'eave' || post.kind === 'gable') ? 'grab' : undefined}
      role="button"
      tabIndex={0}
      aria-label={`post ${post.name}`}
      aria-pressed={on}
      data-post={post.id}
      onPointerDown={choose}
      onKeyDown={(event) => {
        if (event.key === 'Enter') choose()
        else grab?.nudge({ kind: 'post', post }, event, cx, cy)
      }}
      onBlur={grab?.end}
    >
      {holeIn !== null && (
        <circle
          cx={cx}
          cy={cy}
          r={Math.max(6, (holeIn / 2) * view.scale)}
          fill={on ? 'var(--burr-wash)' : 'none'}
          stroke="var(--galv-4)"
          strokeDasharray="2.5 2.5"
        />
      )}
      <rect x={cx - 11} y={cy - 11} width={22} height={22} fill="transparent" />
      <rect
        x={cx - pw / 2}
        y={cy - ph / 2}
        width={pw}
        height={ph}
        fill={on ? 'var(--burr)' : 'var(--lumber-3)'}
        stroke={on ? 'var(--burr-deep)' : 'var(--ink)'}
        strokeWidth={1.5}
      />
      {on && (
        <rect
          x={cx - pw / 2 - 4}
          y={cy - ph / 2 - 4}
          width={pw + 8}
          height={ph + 8}
          fill="none"
          stroke="var(--burr)"
          strokeWidth={2.5}
        />
      )}
    </g>
  )
})
