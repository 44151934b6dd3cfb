'use client'
import type { HoleKind, WallResult } from '@/core/derive'
import type { GirtRow, PlacedOpening, Post } from '@/core/layout'
import type { Building } from '@/core/model'
import { OPENING } from '@/formats/words'
import { SvgMeasure } from '@/ui'
import { Note } from '../drawing'
import type { Picked } from '../job'

/** A post of the wall with its hole. */
export function WallPost({
  post,
  hole,
  box,
  atIn,
  yAt,
  scale,
  building,
  foot,
  halfIn,
  picked,
}: {
  readonly post: Post
  readonly hole: HoleKind | undefined
  readonly box: (from: number, to: number) => { x: number; width: number }
  readonly atIn: number
  readonly yAt: (y: number) => number
  readonly scale: number
  readonly building: Building
  readonly foot: number
  readonly halfIn: number
  readonly picked: Picked
}) {
  return (
    <g pointerEvents="none">
      {hole && (
        <rect
          {...box(atIn - hole.diameterIn / 2, atIn + hole.diameterIn / 2)}
          y={yAt(0)}
          height={hole.depthIn * scale}
          fill="#EDE4D0"
          stroke="#A8966F"
          strokeDasharray="4 3"
        />
      )}
      {hole && (
        <rect
          {...box(atIn - hole.diameterIn / 2, atIn + hole.diameterIn / 2)}
          y={yAt(-(building.school === 'pier' ? -building.bracketIn : foot))}
          height={(building.school === 'pier' ? hole.depthIn + building.bracketIn : building.padThicknessIn) * scale}
          fill="url(#concrete)"
          stroke="var(--galv-4)"
        />
      )}
      <rect
        {...box(atIn - halfIn, atIn + halfIn)}
        y={yAt(post.heightIn)}
        height={(post.heightIn + (building.school === 'pier' ? -building.bracketIn : foot)) * scale}
        fill={post.id === picked.post ? 'var(--burr-wash)' : 'url(#wood)'}
        stroke="var(--lumber-4)"
      />
    </g>
  )
}

/** An opening of the wall. */
export function WallOpening({
  placed,
  box,
  yAt,
  scale,
  xAt,
}: {
  readonly placed: PlacedOpening
  readonly box: (from: number, to: number) => { x: number; width: number }
  readonly yAt: (y: number) => number
  readonly scale: number
  readonly xAt: (at: number) => number
}) {
  return (
    <g pointerEvents="none">
      <rect
        {...box(placed.fromIn, placed.toIn)}
        y={yAt(placed.headIn)}
        height={(placed.headIn - placed.sillIn) * scale}
        fill="#DDE6E6"
        stroke="var(--ink-2)"
        strokeWidth={1.4}
      />
      {(placed.toIn - placed.fromIn) * scale > 44 && (
        <Note
          x={xAt((placed.fromIn + placed.toIn) / 2)}
          y={yAt((placed.headIn + placed.sillIn) / 2) + 4}
          size={12.5}
          anchor="middle"
          fill="var(--ink-2)"
        >
          {placed.opening.name || OPENING[placed.opening.kind]}
        </Note>
      )}
    </g>
  )
}

/** A row of girts with its boards. */
export function GirtRowDrawn({
  row,
  pick,
  box,
  yAt,
  face,
  scale,
  on,
  building,
  wall,
  length,
  xAt,
  named,
  measured,
  rowColor,
}: {
  readonly row: GirtRow
  readonly pick: (partial: Partial<Picked>) => void
  readonly box: (from: number, to: number) => { x: number; width: number }
  readonly yAt: (y: number) => number
  readonly face: number
  readonly scale: number
  readonly on: boolean
  readonly building: Building
  readonly wall: WallResult
  readonly length: number
  readonly xAt: (at: number) => number
  readonly named: ReadonlySet<string>
  readonly measured: ReadonlySet<string>
  readonly rowColor: () => 'var(--burr-deep)' | 'var(--keel-ink)' | 'var(--ink)'
}) {
  return (
    <g
      data-row={row.id}
      onClick={() => pick({ row: row.id, mark: row.id })}
      onPointerDown={(event) => event.stopPropagation()}
      style={{ cursor: 'pointer' }}
    >
      {row.segments.map((segment, i) => (
        <rect
          key={i}
          {...box(segment.fromIn, segment.toIn)}
          y={yAt(row.topIn)}
          height={Math.max(3, face * scale)}
          fill={on ? 'var(--ochre)' : '#F2CE6E'}
          stroke={on ? 'var(--burr)' : 'var(--ochre-ink)'}
          strokeWidth={on ? 2.2 : 0.9}
        />
      ))}
      {building.girts.style !== 'between' &&
        wall.pieces
          .filter((piece) => piece.row === row.id)
          .map((piece, i) =>
            piece.toIn < length - 1 && row.segments.every((segment) => Math.abs(segment.toIn - piece.toIn) > 1) ? (
              <rect
                key={i}
                x={xAt(piece.toIn) - 1.5}
                y={yAt(row.topIn) - 1}
                width={3}
                height={Math.max(4, face * scale + 2)}
                fill="var(--ink)"
              />
            ) : null,
          )}
      {named.has(row.id) && (
        <Note
          x={Math.min(xAt(0), xAt(length)) - 12}
          y={yAt(row.topIn) + Math.max(6, face * scale * 0.8)}
          size={13}
          weight={700}
          anchor="end"
          fill={on ? 'var(--burr-deep)' : 'var(--ochre-ink)'}
          halo="var(--paper)"
        >
          {row.id}
        </Note>
      )}
      {measured.has(row.id) && (
        <SvgMeasure
          x={Math.max(xAt(0), xAt(length)) + 12}
          y={yAt(row.topIn) + 6}
          inches={row.topIn}
          size={15}
          weight={700}
          fill={rowColor()}
          ground="var(--paper)"
        />
      )}
    </g>
  )
}

/** A post's name under its foot. */
export function PostName({
  post,
  pick,
  xAt,
  atIn,
  yAt,
  low,
  postColor,
}: {
  readonly post: Post
  readonly pick: (partial: Partial<Picked>) => void
  readonly xAt: (at: number) => number
  readonly atIn: number
  readonly yAt: (y: number) => number
  readonly low: 0 | 22
  readonly postColor: () => 'var(--burr)' | 'var(--galv-4)' | 'var(--ink)'
}) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`post ${post.id}`}
      onClick={() => pick({ post: post.id })}
      onKeyDown={(event) => {
        if (event.key === 'Enter') pick({ post: post.id })
      }}
      onPointerDown={(event) => event.stopPropagation()}
      style={{ cursor: 'pointer' }}
    >
      <rect x={xAt(atIn) - 15} y={yAt(0) + 9 + low} width={30} height={19} rx={2} fill={postColor()} />
      <Note x={xAt(atIn)} y={yAt(0) + 23 + low} size={13} weight={700} anchor="middle" fill="#fff">
        {post.id}
      </Note>
    </g>
  )
}
