'use client'
import { PITCH_RUN_IN } from '@/core/units'
import {
  girtFaceIn,
  isEave,
  rafterHeightIn,
  wallLengthIn,
  wallPosts,
  alongWall,
  GirtRow,
  PlacedOpening,
  Post,
} from '@/core/layout'
import { Building, SIDES } from '@/core/model'
import { OPENING } from '@/formats/words'
import { Segments, SvgMeasure } from '@/ui'
import { Materials, Note, useSize, useViewport, Wax, ZoomButtons } from '../drawing'
import { Picked, useDoc, useJob } from '../job'
import { WallResult, HoleKind } from '@/core/derive'

/** Rows whose labels have room, `gapIn` apart on the wall: the picked one first, then from the heel down. */
function withRoom(
  rows: readonly { readonly id: string; readonly topIn: number }[],
  picked: string | null,
  gapIn: number,
): ReadonlySet<string> {
  const kept: { id: string; topIn: number }[] = []
  for (const row of [...rows].sort(
    (one, other) => Number(other.id === picked) - Number(one.id === picked) || other.topIn - one.topIn,
  ))
    if (kept.every((k) => Math.abs(k.topIn - row.topIn) >= gapIn)) kept.push(row)
  return new Set(kept.map((k) => k.id))
}

/** A post's name under its foot. */
function PostName({
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

/** A row of girts with its boards. */
function GirtRowDrawn({
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

/** An opening of the wall. */
function WallOpening({
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

/** A post of the wall with its hole. */
function WallPost({
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

/** One wall from outside with its skin off: posts, girt rows, openings, splices, skirt. */
export function WallsMain() {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked)
  const pick = useJob((state) => state.pick)
  const [ref, size] = useSize<SVGSVGElement>()
  const side = picked.wall
  const wall = derived.walls[side]
  const building = job.building
  const length = wallLengthIn(derived.grid, side)
  const peak = isEave(side) ? building.heelIn : rafterHeightIn(building, derived.grid.widthIn / 2)
  const deep = Math.max(...derived.holes.map((hole) => hole.depthIn))
  const viewport = useViewport(
    ref,
    size,
    { x0: 0, y0: -deep * 0.72, x1: length, y1: peak },
    { left: 92, right: 108, top: 74, bottom: 34 },
  )
  // From outside, a wall's low corner is at the left on the south and east walls, at the right on the other two.
  const flip = side === 'north' || side === 'west'
  const xAt = (at: number) => viewport.X(flip ? length - at : at)
  const yAt = viewport.Y
  const scale = viewport.view.scale
  const box = (from: number, to: number) => ({ x: Math.min(xAt(from), xAt(to)), width: Math.abs(to - from) * scale })
  const face = girtFaceIn(building)
  const posts = wallPosts(derived.posts, side)
  const supports = posts.map((post) => ({ p: post, ...alongWall(post, side) }))
  const [named, measured] = [
    withRoom(wall.rows, picked.row, 13 / scale),
    withRoom(
      wall.rows.filter((row) => row.landing || row.id === picked.row),
      picked.row,
      19 / scale,
    ),
  ]
  return (
    <>
      <div className="wh">
        <h2>{wall.name}</h2>
        <p>from outside, skin off</p>
        <span className="spacer" />
        <Segments
          label="Wall"
          value={side}
          choices={SIDES.map((side) => ({ value: side, label: derived.wallNames[side].replace(' wall', '') }))}
          onChange={(side) => pick({ wall: side, row: null, mark: null })}
        />
      </div>
      <svg
        ref={ref}
        className="drawing"
        role="group"
        aria-label={`${wall.name} elevation`}
        onPointerDown={viewport.pan}
      >
        <Materials />
        <rect x={-2000} y={yAt(0)} width={6000} height={2000} fill="url(#earth)" pointerEvents="none" />
        {!isEave(side) && (
          <path
            d={
              `M${xAt(-building.eaveOverhangIn)} ` +
              `${yAt(building.heelIn - (building.eaveOverhangIn * building.pitchPer12) / PITCH_RUN_IN)}L${xAt(length / 2)} ` +
              `${yAt(peak)}L${xAt(length + building.eaveOverhangIn)} ` +
              `${yAt(building.heelIn - (building.eaveOverhangIn * building.pitchPer12) / PITCH_RUN_IN)}`
            }
            fill="none"
            stroke="var(--galv-4)"
            strokeWidth={4}
          />
        )}
        {isEave(side) && (
          <rect
            x={xAt(flip ? length : 0) - 10}
            y={yAt(building.heelIn) - 26}
            width={length * scale + 20}
            height={26}
            fill="var(--galv-1)"
            stroke="var(--galv-3)"
            pointerEvents="none"
          />
        )}
        {isEave(side) && (
          <Note
            x={(xAt(0) + xAt(length)) / 2}
            y={yAt(building.heelIn) - 8}
            size={12.5}
            anchor="middle"
            fill="var(--ink-2)"
          >
            roof {Number(building.pitchPer12.toFixed(2))}:12, trusses over the posts
          </Note>
        )}
        {supports.map(({ p: post, atIn, halfIn }) => {
          const hole = derived.holes.find((hole) => hole.kind === post.kind)
          const foot = hole?.embedIn ?? 0
          return (
            <WallPost
              key={post.id}
              post={post}
              hole={hole}
              box={box}
              atIn={atIn}
              yAt={yAt}
              scale={scale}
              building={building}
              foot={foot}
              halfIn={halfIn}
              picked={picked}
            />
          )
        })}
        {derived.placed
          .filter((placed) => placed.opening.side === side)
          .map((placed) => (
            <WallOpening key={placed.opening.id} placed={placed} box={box} yAt={yAt} scale={scale} xAt={xAt} />
          ))}
        {wall.rows.map((row) => {
          const on = picked.row === row.id
          const rowColor = () => {
            if (on) return 'var(--burr-deep)'
            if (row.landing === 'heel') return 'var(--keel-ink)'
            return 'var(--ink)'
          }
          return (
            <GirtRowDrawn
              key={row.id}
              row={row}
              pick={pick}
              box={box}
              yAt={yAt}
              face={face}
              scale={scale}
              on={on}
              building={building}
              wall={wall}
              length={length}
              xAt={xAt}
              named={named}
              measured={measured}
              rowColor={rowColor}
            />
          )
        })}
        {building.skirt.depthIn > 0 && (
          <rect
            {...box(0, length)}
            y={yAt(building.skirt.topIn)}
            height={building.skirt.depthIn * scale}
            fill="var(--galv-3)"
            stroke="var(--galv-4)"
            opacity={0.85}
            pointerEvents="none"
          />
        )}
        <Wax x1={-40} y1={yAt(0)} x2={(size.width || 900) + 40} y2={yAt(0)} color="var(--grade)" width={5} />
        {isEave(side) && (
          <line
            x1={Math.min(xAt(0), xAt(length)) - 8}
            x2={Math.max(xAt(0), xAt(length)) + 8}
            y1={yAt(building.heelIn)}
            y2={yAt(building.heelIn)}
            stroke="var(--keel)"
            strokeWidth={2.4}
            pointerEvents="none"
          />
        )}
        {supports.map(({ p: post, atIn }, i) => {
          const on = post.id === picked.post
          const low = i > 0 && Math.abs(xAt(atIn) - xAt(supports[i - 1].atIn)) < 30 ? 22 : 0
          const postColor = () => {
            if (on) return 'var(--burr)'
            if (post.kind === 'jamb') return 'var(--galv-4)'
            return 'var(--ink)'
          }
          return (
            <PostName
              key={post.id}
              post={post}
              pick={pick}
              xAt={xAt}
              atIn={atIn}
              yAt={yAt}
              low={low}
              postColor={postColor}
            />
          )
        })}
      </svg>
      <ZoomButtons viewport={viewport} />
    </>
  )
}
