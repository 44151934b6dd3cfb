'use client'
import { HALF_MARK_IN } from '@/core/units'
import { isEave, type Post, type OmittedPost } from '@/core/layout'
import { useCallback, useEffect, useMemo } from 'react'
import { useDoc, useJob } from '../job'
import type { PlanLayers } from './plan/layers'
import { North, Stake } from './plan/marks'
import { OpeningMark } from './plan/OpeningMark'
import { PlanDimensions, TrussLines } from './plan/PlanParts'
import { PostMark } from './plan/PostMark'
import { DiagonalsLayer, StringsLayer } from './plan/StringsLayer'
import { CrowFoot, Note } from './strokes'
import { type Live, usePlanDrag } from './usePlanDrag'
import { useSize } from './useSize'
import { useViewport, type Viewport } from './useViewport'
import { ZoomButtons } from './ZoomButtons'

/** Which corners of the strings move, which way: the arrow's head is where the corner goes. */
function SquareMoves({ viewport }: { readonly viewport: Viewport }) {
  const square = useJob((state) => state.derived.square)
  const { lengthIn, widthIn } = useJob((state) => state.derived.grid)
  if (!square.ok) return null
  return square.value.moves
    .filter((move) => Math.hypot(move.dxIn, move.dyIn) > HALF_MARK_IN)
    .map((move) => {
      const at = { SW: [0, 0], SE: [lengthIn, 0], NE: [lengthIn, widthIn], NW: [0, widthIn] }[move.corner]
      const k = 26 / Math.hypot(move.dxIn, move.dyIn)
      const [x, y] = [viewport.X(at[0]), viewport.Y(at[1])]
      const across = Math.abs(move.dxIn) > Math.abs(move.dyIn)
      const way = () => {
        if (across) {
          if (move.dxIn > 0) return 'right'
          return 'left'
        }
        if (move.dyIn > 0) return 'up'
        return 'down'
      }
      return (
        <g key={move.corner} pointerEvents="none">
          <line
            x1={x - move.dxIn * k}
            y1={y + move.dyIn * k - (across ? 14 : 0)}
            x2={x}
            y2={y - (across ? 14 : 0)}
            stroke="var(--burr)"
            strokeWidth={4}
          />
          <CrowFoot x={x} y={y - (across ? 14 : 0)} facing={way()} size={8} color="var(--burr)" width={4} />
        </g>
      )
    })
}

const LiveNote = ({ live, width }: { readonly live: Live; readonly width: number }) => (
  <div
    className={live.refused ? 'live no' : 'live'}
    style={{ left: Math.min(Math.max(4, live.x), Math.max(4, width - 330)), top: Math.max(44, live.y) }}
    role="status"
  >
    {live.text}
  </div>
)

/** A post that is left out. */
function OmittedMark({
  omitted,
  xAt,
  yAt,
}: {
  readonly omitted: OmittedPost
  readonly xAt: (x: number) => number
  readonly yAt: (y: number) => number
}) {
  return (
    <rect
      x={xAt(omitted.x) - 4.5}
      y={yAt(omitted.y) - 4.5}
      width={9}
      height={9}
      fill="none"
      stroke="var(--keel)"
      strokeWidth={1.4}
      strokeDasharray="2 2"
      pointerEvents="none"
    >
      <title>{`no post ${omitted.id}: a header carries its truss`}</title>
    </rect>
  )
}

const jambsLast = (posts: readonly Post[]): readonly Post[] => [
  ...posts.filter((post) => !post.id.startsWith('J')),
  ...posts.filter((post) => post.id.startsWith('J')),
]

/** A post of each row across the building, to name it by. */
const gableRows = (posts: readonly Post[]): readonly Post[] => [
  ...new Map(
    posts.filter((post) => post.kind === 'gable' && !post.id.startsWith('X')).map((post) => [post.row, post]),
  ).values(),
]

/** A row's name at its stake. */
function StakeName({
  post,
  stakeX,
  yAt,
}: {
  readonly post: Post
  readonly stakeX: number
  readonly yAt: (y: number) => number
}) {
  return (
    <Note x={stakeX} y={yAt(post.y) + 5} size={14} weight={700} anchor="middle" fill="var(--ink-2)">
      {post.row}
    </Note>
  )
}

/** Where the names of the lines stand: under the boards, and never out of sight. */
const stakeLineY = (height: number, boardsY: number): number => Math.min((height || 600) - 56, boardsY + 30)

/** The working plan: strings, posts, holes, openings, diagonals. Posts and openings drag along their walls. */
export function PlanView({ layers, editable = true }: { readonly layers: PlanLayers; readonly editable?: boolean }) {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked)
  const pick = useJob((state) => state.pick)
  const set = useJob((state) => state.set)
  const [ref, size] = useSize<SVGSVGElement>()
  const { lengthIn, widthIn } = derived.grid
  const leans = job.building.leanTos
  const y0 = -(leans.find((lean) => lean.side === 'south')?.depthIn ?? 0)
  const y1 = widthIn + (leans.find((lean) => lean.side === 'north')?.depthIn ?? 0)
  const past = layers.strings ? job.strings.runPastIn : 12
  const viewport = useViewport(
    ref,
    size,
    { x0: -past, y0: y0 - past, x1: lengthIn + past, y1: y1 + past },
    { left: 80, right: 34, top: 58, bottom: 92 },
  )
  const { X: xAt, Y: yAt, view } = viewport
  const { live, drag, nudge, end } = usePlanDrag(view.scale)
  const grab = useMemo(() => (editable ? { drag, nudge, end } : null), [editable, drag, nudge, end])
  const pickString = useCallback((string: string) => pick({ string, mark: null }), [pick])
  useEffect(() => {
    set({ plan: { zeroPx: view.ox, pxPerIn: view.scale } })
  }, [set, view.ox, view.scale])
  useEffect(() => () => set({ plan: null }), [set])

  const last = derived.grid.centresIn.length
  // Posts that came with a door after all others: as it is dragged past a post no order changes, so nothing in the
  // drawing is put elsewhere.
  const inOrder = jambsLast(derived.posts)
  const gableShown = gableRows(derived.posts)
  const stakeX = Math.max(40, xAt(-past) - 32)
  const stakeY = stakeLineY(size.height, yAt(y0 - past))
  const rows: readonly (readonly [string, number])[] = [
    [derived.rows.south, 0],
    [derived.rows.north, widthIn],
    ...leans.map((lean) => [derived.rows[`lean-${lean.side}`], lean.side === 'north' ? y1 : y0] as const),
  ]

  return (
    <>
      <svg
        ref={ref}
        className="drawing"
        role="group"
        aria-label="Plan"
        onPointerDownCapture={(event) => {
          if (event.target === event.currentTarget) pick({ post: null, opening: null })
        }}
        {...viewport.gestures()}
      >
        <rect
          x={xAt(0)}
          y={yAt(widthIn)}
          width={lengthIn * view.scale}
          height={widthIn * view.scale}
          fill="var(--sheet)"
          pointerEvents="none"
        />
        {leans.map((lean) => (
          <rect
            key={lean.side}
            x={xAt(0)}
            y={yAt(lean.side === 'north' ? y1 : 0)}
            width={lengthIn * view.scale}
            height={lean.depthIn * view.scale}
            fill="#FAF5E9"
            pointerEvents="none"
          />
        ))}
        <TrussLines
          derived={derived}
          xAt={xAt}
          yAt={yAt}
          y1={y1}
          y0={y0}
          lengthIn={lengthIn}
          widthIn={widthIn}
          viewport={viewport}
        />
        {layers.triangle && derived.triangle && (
          <path
            d={`M${xAt(0)} ${yAt(0)}H${xAt(derived.triangle.alongIn)}L${xAt(0)} ${yAt(derived.triangle.acrossIn)}Z`}
            fill="var(--chalk)"
            opacity={0.09}
            stroke="var(--chalk)"
            strokeDasharray="6 5"
            pointerEvents="none"
          />
        )}
        {layers.diagonals && <DiagonalsLayer viewport={viewport} diagonals={derived.diagonals} />}
        {layers.strings && (
          <StringsLayer
            viewport={viewport}
            strings={derived.strings}
            boards={derived.batterBoards}
            picked={picked.string}
            x0={-past}
            x1={lengthIn + past}
            y0={y0 - past}
            y1={y1 + past}
          />
        )}
        {derived.placed.map((placed) => (
          <OpeningMark
            key={placed.opening.id}
            placed={placed}
            viewport={viewport}
            lengthIn={lengthIn}
            widthIn={widthIn}
            on={picked.opening === placed.opening.id}
            pick={pick}
            grab={grab}
          />
        ))}
        {derived.omitted.map((omitted) => (
          <OmittedMark key={omitted.id} omitted={omitted} xAt={xAt} yAt={yAt} />
        ))}
        {inOrder.map((post) => {
          const rowName = () => {
            if (isEave(post.side)) return derived.rows[post.kind === 'lean-to' ? `lean-${post.side}` : post.side]
            if (post.side === 'west') return '1'
            return String(last)
          }
          return (
            <PostMark
              key={post.id}
              post={post}
              viewport={viewport}
              on={picked.post === post.id}
              holeIn={layers.holes ? (derived.holes.find((hole) => hole.kind === post.kind)?.diameterIn ?? null) : null}
              string={rowName()}
              pick={pick}
              grab={grab}
            />
          )
        })}
        {layers.strings &&
          derived.strings
            .filter((stringLine) => isEave(stringLine.side))
            .map((stringLine) =>
              [0, lengthIn].map((x) => (
                <circle
                  key={`${stringLine.id}${x}`}
                  cx={xAt(x)}
                  cy={yAt(stringLine.from.y)}
                  r={4}
                  fill="var(--chalk)"
                  stroke="#fff"
                  strokeWidth={1.5}
                  pointerEvents="none"
                />
              )),
            )}
        {layers.square && <SquareMoves viewport={viewport} />}
        <PlanDimensions
          viewport={viewport}
          derived={derived}
          lengthIn={lengthIn}
          stakeY={stakeY}
          layers={layers}
          xAt={xAt}
          yAt={yAt}
          widthIn={widthIn}
          leans={leans}
        />
        {gableShown.map((post) => (
          <StakeName key={post.row} post={post} stakeX={stakeX} yAt={yAt} />
        ))}
        {rows.map(([name, y]) => (
          <Stake
            key={name}
            x={stakeX}
            y={yAt(y)}
            name={name}
            points="right"
            on={picked.string === name}
            onPick={pickString}
          />
        ))}
        {derived.grid.centresIn.map((centreIn, i) =>
          i === 0 || i === last - 1 ? (
            <Stake
              key={i}
              x={xAt(centreIn)}
              y={stakeY}
              name={String(i + 1)}
              points="up"
              on={picked.string === String(i + 1)}
              onPick={pickString}
            />
          ) : (
            <Note key={i} x={xAt(centreIn)} y={stakeY + 7} size={14} weight={700} anchor="middle" fill="var(--ink-2)">
              {i + 1}
            </Note>
          ),
        )}
        <North deg={job.site.northDeg} x={(size.width || 800) - 46} y={86} />
      </svg>
      <ZoomButtons viewport={viewport} />
      {live && <LiveNote live={live} width={size.width} />}
    </>
  )
}
