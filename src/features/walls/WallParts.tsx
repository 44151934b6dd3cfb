'use client'
import { plannedFootIn } from '@/core/field'
import { concreteIn } from '@/core/frame'
import { alongWall, girtFaceIn, girtFaceOnIn, type GirtRow, isEave, onWall, type Post, wallPosts } from '@/core/layout'
import type { Side } from '@/core/model'
import { PITCH_RUN_IN, upTo } from '@/core/units'
import { OPENING } from '@/formats/words'
import { SvgMeasure } from '@/ui'
import { type Elevation, Note } from '../drawing'
import { useDoc, useJob } from '../job'

interface OnWall {
  readonly drawn: Elevation
  readonly side: Side
}

/** Room a row needs for its name and for its height beside the wall, px. */
const NAME_PX = 13
const HEIGHT_PX = 19
/** A post name nearer than this to the one before it stands lower, px. */
const NAME_APART_PX = 30
const NAME_LOWER_PX = 22

/** The edge of the roof over the wall: the rake of a gable, or the face of an eave. */
export function RoofOver({ drawn, side, peakIn }: OnWall & { readonly peakIn: number }) {
  const { building } = useDoc().job
  const { xAt, yAt, lengthIn } = drawn
  if (!isEave(side)) {
    const past = building.eaveOverhangIn
    const endY = yAt(building.heelIn - (past * building.pitchPer12) / PITCH_RUN_IN)
    return (
      <path
        d={`M${xAt(-past)} ${endY}L${xAt(lengthIn / 2)} ${yAt(peakIn)}L${xAt(lengthIn + past)} ${endY}`}
        fill="none"
        stroke="var(--galv-4)"
        strokeWidth={4}
      />
    )
  }
  const heelY = yAt(building.heelIn)
  return (
    <g pointerEvents="none">
      <rect
        x={drawn.leftPx - 10}
        y={heelY - 26}
        width={lengthIn * drawn.scale + 20}
        height={26}
        fill="var(--galv-1)"
        stroke="var(--galv-3)"
      />
      <Note x={(drawn.leftPx + drawn.rightPx) / 2} y={heelY - 8} size={12.5} anchor="middle" fill="var(--ink-2)">
        roof {upTo(building.pitchPer12, 2)}:12, trusses over the posts
      </Note>
    </g>
  )
}

/** A post of the wall with its hole and what it stands on. */
function WallPost({ drawn, side, post }: OnWall & { readonly post: Post }) {
  const { job, derived } = useDoc()
  const on = useJob((state) => state.picked.post === post.id)
  const { building } = job
  const { box, yAt, scale } = drawn
  const { atIn, halfIn } = alongWall(post, side)
  const hole = derived.holes.find((hole) => hole.kind === post.kind)
  const holeBox = hole && box(atIn - hole.diameterIn / 2, atIn + hole.diameterIn / 2)
  return (
    <g pointerEvents="none">
      {hole && (
        <>
          <rect
            {...holeBox}
            y={yAt(0)}
            height={hole.depthIn * scale}
            fill="#EDE4D0"
            stroke="#A8966F"
            strokeDasharray="4 3"
          />
          {concreteIn(building, hole).map(([fromIn, toIn]) => (
            <rect
              key={fromIn}
              {...holeBox}
              y={yAt(-fromIn)}
              height={(toIn - fromIn) * scale}
              fill="url(#concrete)"
              stroke="var(--galv-4)"
            />
          ))}
        </>
      )}
      <rect
        {...box(atIn - halfIn, atIn + halfIn)}
        y={yAt(post.heightIn)}
        height={(post.heightIn + plannedFootIn(job, derived.holes, post.kind)) * scale}
        fill={on ? 'var(--burr-wash)' : 'url(#wood)'}
        stroke="var(--lumber-4)"
      />
    </g>
  )
}

/** The posts of the wall, in their holes. */
export const WallPosts = ({ drawn, side }: OnWall) =>
  wallPosts(useDoc().derived.posts, side).map((post) => (
    <WallPost key={post.id} drawn={drawn} side={side} post={post} />
  ))

/** The openings of the wall, named where there is room. */
export const WallOpenings = ({ drawn, side }: OnWall) =>
  useDoc()
    .derived.placed.filter((placed) => placed.opening.side === side)
    .map((placed) => (
      <g key={placed.opening.id} pointerEvents="none">
        <rect
          {...drawn.box(placed.fromIn, placed.toIn)}
          y={drawn.yAt(placed.headIn)}
          height={(placed.headIn - placed.sillIn) * drawn.scale}
          fill="#DDE6E6"
          stroke="var(--ink-2)"
          strokeWidth={1.4}
        />
        {(placed.toIn - placed.fromIn) * drawn.scale > 44 && (
          <Note
            x={drawn.xAt((placed.fromIn + placed.toIn) / 2)}
            y={drawn.yAt((placed.headIn + placed.sillIn) / 2) + 4}
            size={12.5}
            anchor="middle"
            fill="var(--ink-2)"
          >
            {placed.opening.name || OPENING[placed.opening.kind]}
          </Note>
        )}
      </g>
    ))

/** Rows whose labels have room, `gapIn` apart on the wall: the picked one first, then from the heel down. */
function withRoom(rows: readonly GirtRow[], picked: string | null, gapIn: number): ReadonlySet<string> {
  const kept: GirtRow[] = []
  for (const row of [...rows].sort(
    (one, other) => Number(other.id === picked) - Number(one.id === picked) || other.topIn - one.topIn,
  ))
    if (kept.every((other) => Math.abs(other.topIn - row.topIn) >= gapIn)) kept.push(row)
  return new Set(kept.map((row) => row.id))
}

/** Where the boards of a row are joined away from its ends, inches along the wall. */
function splices(row: GirtRow, pieces: readonly { readonly row: string; readonly toIn: number }[], lengthIn: number) {
  const ends = pieces.filter((piece) => piece.row === row.id).map((piece) => piece.toIn)
  return ends.filter(
    (toIn) => toIn < lengthIn - 1 && row.segments.every((segment) => Math.abs(segment.toIn - toIn) > 1),
  )
}

/** The boards of a row of girts, and the joints between them. */
function GirtBoards({ drawn, side, row }: OnWall & { readonly row: GirtRow }) {
  const { job, derived } = useDoc()
  const on = useJob((state) => state.picked.row === row.id)
  const building = onWall(job.building, side)
  const faceIn = girtFaceIn(building)
  const joints = building.girts.style === 'between' ? [] : splices(row, derived.walls[side].pieces, drawn.lengthIn)
  return (
    <>
      {row.segments.map((segment, i) => (
        <rect
          key={i}
          {...drawn.box(segment.fromIn, segment.toIn)}
          y={drawn.yAt(row.topIn)}
          height={Math.max(3, faceIn * drawn.scale)}
          fill={on ? 'var(--ochre)' : '#F2CE6E'}
          stroke={on ? 'var(--burr)' : 'var(--ochre-ink)'}
          strokeWidth={on ? 2.2 : 0.9}
        />
      ))}
      {joints.map((toIn) => (
        <rect
          key={toIn}
          x={drawn.xAt(toIn) - 1.5}
          y={drawn.yAt(row.topIn) - 1}
          width={3}
          height={Math.max(4, faceIn * drawn.scale + 2)}
          fill="var(--ink)"
        />
      ))}
    </>
  )
}

function rowColor(row: GirtRow, on: boolean): string {
  if (on) return 'var(--burr-deep)'
  return row.landing === 'heel' ? 'var(--keel-ink)' : 'var(--ink)'
}

/** The rows of girts: picked by a click, named at the left, their heights at the right. */
export function GirtRows({ drawn, side }: OnWall) {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked.row)
  const pick = useJob((state) => state.pick)
  const { rows } = derived.walls[side]
  const facePx = girtFaceOnIn(job.building, side) * drawn.scale
  const named = withRoom(rows, picked, NAME_PX / drawn.scale)
  const withHeights = rows.filter((row) => row.landing || row.id === picked)
  const measured = withRoom(withHeights, picked, HEIGHT_PX / drawn.scale)
  return rows.map((row) => {
    const on = picked === row.id
    return (
      <g
        key={row.id}
        data-row={row.id}
        onClick={() => pick({ row: row.id, mark: row.id })}
        onPointerDown={(event) => event.stopPropagation()}
        style={{ cursor: 'pointer' }}
      >
        <GirtBoards drawn={drawn} side={side} row={row} />
        {named.has(row.id) && (
          <Note
            x={drawn.leftPx - 12}
            y={drawn.yAt(row.topIn) + Math.max(6, facePx * 0.8)}
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
            x={drawn.rightPx + 12}
            y={drawn.yAt(row.topIn) + 6}
            inches={row.topIn}
            size={15}
            weight={700}
            fill={rowColor(row, on)}
            ground="var(--paper)"
          />
        )}
      </g>
    )
  })
}

/** The treated board along the ground. */
export function Skirt({ drawn }: { readonly drawn: Elevation }) {
  const { skirt } = useDoc().job.building
  if (skirt.depthIn <= 0) return null
  return (
    <rect
      {...drawn.box(0, drawn.lengthIn)}
      y={drawn.yAt(skirt.topIn)}
      height={skirt.depthIn * drawn.scale}
      fill="var(--galv-3)"
      stroke="var(--galv-4)"
      opacity={0.85}
      pointerEvents="none"
    />
  )
}

function postColor(post: Post, on: boolean): string {
  if (on) return 'var(--burr)'
  return post.kind === 'jamb' ? 'var(--galv-4)' : 'var(--ink)'
}

/** The names of the posts under their feet; where two would run together the second stands lower. */
export function PostNames({ drawn, side }: OnWall) {
  const picked = useJob((state) => state.picked.post)
  const pick = useJob((state) => state.pick)
  const posts = wallPosts(useDoc().derived.posts, side)
  const xs = posts.map((post) => drawn.xAt(alongWall(post, side).atIn))
  return posts.map((post, i) => {
    const low = i > 0 && Math.abs(xs[i] - xs[i - 1]) < NAME_APART_PX ? NAME_LOWER_PX : 0
    const y = drawn.yAt(0) + low
    return (
      <g
        key={post.id}
        role="button"
        tabIndex={0}
        aria-label={`post ${post.name}`}
        onClick={() => pick({ post: post.id })}
        onKeyDown={(event) => {
          if (event.key === 'Enter') pick({ post: post.id })
        }}
        onPointerDown={(event) => event.stopPropagation()}
        style={{ cursor: 'pointer' }}
      >
        <rect x={xs[i] - 15} y={y + 9} width={30} height={19} rx={2} fill={postColor(post, post.id === picked)} />
        <Note x={xs[i]} y={y + 23} size={13} weight={700} anchor="middle" fill="#fff">
          {post.name}
        </Note>
      </g>
    )
  })
}
