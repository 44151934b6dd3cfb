'use client'
import { HALF_MARK_IN } from '@/core/units'
import { type Grid, isEave, type OmittedPost, type Post } from '@/core/layout'
import type { Building, Side } from '@/core/model'
import { useEffect, useMemo } from 'react'
import { useDoc, useJob } from '../job'
import type { Grab } from './plan/grab'
import type { PlanLayers } from './plan/layers'
import { LineNames } from './plan/LineNames'
import { North } from './plan/marks'
import { OpeningMark } from './plan/OpeningMark'
import { PlanDimensions, TrussLines } from './plan/PlanParts'
import { PostMark } from './plan/PostMark'
import { DiagonalsLayer, StringsLayer } from './plan/StringsLayer'
import { CrowFoot } from './strokes'
import { PlanMenu, usePlanMenu } from './PlanMenu'
import { type Live, usePlanDrag } from './usePlanDrag'
import { useSize } from './useSize'
import { useViewport, type View, type Viewport } from './useViewport'
import { ZoomButtons } from './ZoomButtons'

/** The way an arrow points that shows a move mostly along x or mostly along y. */
function facingOf(dxIn: number, dyIn: number) {
  if (Math.abs(dxIn) > Math.abs(dyIn)) return dxIn > 0 ? 'right' : 'left'
  return dyIn > 0 ? 'up' : 'down'
}

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
          <CrowFoot
            x={x}
            y={y - (across ? 14 : 0)}
            facing={facingOf(move.dxIn, move.dyIn)}
            size={8}
            color="var(--burr)"
            width={4}
          />
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
      <title>{`no post ${omitted.name}: a header carries its truss`}</title>
    </rect>
  )
}

/** A post that stands for a door alone: it is on no line and in no row across the building. */
const ofDoor = (post: Post): boolean => post.kind === 'jamb' && (post.line === null || post.row === null)

/**
 * Posts that came with a door after all others: as it is dragged past a post no order changes, so nothing in the
 * drawing is put elsewhere.
 */
const jambsLast = (posts: readonly Post[]): readonly Post[] => [
  ...posts.filter((post) => !ofDoor(post)),
  ...posts.filter(ofDoor),
]

/** Where the names of the lines stand: under the boards, and never out of sight. */
const stakeLineY = (height: number, boardsY: number): number => Math.min((height || 600) - 56, boardsY + 30)

/** What the plan shows, inches: the building with its lean-tos, and what the strings run past it. */
interface PlanExtent {
  readonly lengthIn: number
  readonly widthIn: number
  /** Outer edges of the lean-tos. */
  readonly y0: number
  readonly y1: number
  readonly past: number
}

/** Room at the right for the north arrow, which nothing of the building may cover, px. */
const NORTH_PX = 72

/** Room around the building where no strings run past it, inches. */
const PAST_WITHOUT_STRINGS_IN = 12

function extentOf({ lengthIn, widthIn }: Grid, leanTos: Building['leanTos'], past: number): PlanExtent {
  const depthOf = (side: Side) => leanTos.find((leanTo) => leanTo.side === side)?.depthIn ?? 0
  return { lengthIn, widthIn, y0: -depthOf('south'), y1: widthIn + depthOf('north'), past }
}

/** How far the drawing reaches, inches. */
const edgesOf = ({ lengthIn, y0, y1, past }: PlanExtent) => ({
  x0: -past,
  x1: lengthIn + past,
  y0: y0 - past,
  y1: y1 + past,
})

/** The floor of the building and of its lean-tos. */
function Floors({ viewport, extent }: { readonly viewport: Viewport; readonly extent: PlanExtent }) {
  const { leanTos } = useDoc().job.building
  const { X: xAt, Y: yAt, view } = viewport
  const width = extent.lengthIn * view.scale
  return (
    <g pointerEvents="none">
      <rect x={xAt(0)} y={yAt(extent.widthIn)} width={width} height={extent.widthIn * view.scale} fill="var(--sheet)" />
      {leanTos.map((leanTo) => (
        <rect
          key={leanTo.side}
          x={xAt(0)}
          y={yAt(leanTo.side === 'north' ? extent.y1 : 0)}
          width={width}
          height={leanTo.depthIn * view.scale}
          fill="#FAF5E9"
        />
      ))}
    </g>
  )
}

/** The triangle of known sides that squares the first corner. */
function SquaringTriangle({ viewport }: { readonly viewport: Viewport }) {
  const triangle = useJob((state) => state.derived.triangle)
  if (!triangle) return null
  const { X: xAt, Y: yAt } = viewport
  return (
    <path
      d={`M${xAt(0)} ${yAt(0)}H${xAt(triangle.alongIn)}L${xAt(0)} ${yAt(triangle.acrossIn)}Z`}
      fill="var(--chalk)"
      opacity={0.09}
      stroke="var(--chalk)"
      strokeDasharray="6 5"
      pointerEvents="none"
    />
  )
}

/** Where the strings along the building leave it. */
function StringEnds({ viewport, lengthIn }: { readonly viewport: Viewport; readonly lengthIn: number }) {
  const strings = useJob((state) => state.derived.strings)
  return strings
    .filter((stringLine) => isEave(stringLine.side))
    .flatMap((stringLine) =>
      [0, lengthIn].map((x) => (
        <circle
          key={`${stringLine.id}${x}`}
          cx={viewport.X(x)}
          cy={viewport.Y(stringLine.from.y)}
          r={4}
          fill="var(--chalk)"
          stroke="#fff"
          strokeWidth={1.5}
          pointerEvents="none"
        />
      )),
    )
}

/** Posts and openings, which drag along their walls, and the places of posts left out. */
function PostsAndOpenings({
  viewport,
  extent,
  layers,
  grab,
}: {
  readonly viewport: Viewport
  readonly extent: PlanExtent
  readonly layers: PlanLayers
  readonly grab: Grab | null
}) {
  const { derived } = useDoc()
  const picked = useJob((state) => state.picked)
  const pick = useJob((state) => state.pick)
  const dragging = grab?.drag()
  const holeIn = (post: Post) => derived.holes.find((hole) => hole.kind === post.kind)?.diameterIn ?? null
  return (
    <g
      {...dragging}
      onPointerDown={(event) => {
        // What is grabbed here does not pan the plan.
        event.stopPropagation()
        dragging?.onPointerDown?.(event)
      }}
    >
      {derived.placed.map((placed) => (
        <OpeningMark
          key={placed.opening.id}
          placed={placed}
          viewport={viewport}
          lengthIn={extent.lengthIn}
          widthIn={extent.widthIn}
          on={picked.opening === placed.opening.id}
          pick={pick}
          grab={grab}
        />
      ))}
      {derived.omitted.map((omitted) => (
        <OmittedMark key={omitted.id} omitted={omitted} xAt={viewport.X} yAt={viewport.Y} />
      ))}
      {jambsLast(derived.posts).map((post) => (
        <PostMark
          key={post.id}
          post={post}
          viewport={viewport}
          on={picked.post === post.id}
          holeIn={layers.holes ? holeIn(post) : null}
          pick={pick}
          grab={grab}
        />
      ))}
    </g>
  )
}

/** Tells the tape under the plan where the plan has its zero and its scale. */
function useTapeUnderPlan({ ox, scale }: View) {
  const set = useJob((state) => state.set)
  useEffect(() => {
    set({ plan: { zeroPx: ox, pxPerIn: scale } })
  }, [set, ox, scale])
  useEffect(() => () => set({ plan: null }), [set])
}

/** All that is drawn of the building. By itself, so that an edit draws this anew and not what moves and grabs it. */
function PlanContent({
  viewport,
  extent,
  layers,
  grab,
  size,
}: {
  readonly viewport: Viewport
  readonly extent: PlanExtent
  readonly layers: PlanLayers
  readonly grab: Grab | null
  readonly size: { readonly width: number; readonly height: number }
}) {
  const { job, derived } = useDoc()
  const pickedString = useJob((state) => state.picked.string)
  const { X: xAt, Y: yAt } = viewport
  const edges = edgesOf(extent)
  const stakeX = Math.max(40, xAt(edges.x0) - 32)
  const stakeY = stakeLineY(size.height, yAt(edges.y0))
  return (
    <>
      <Floors viewport={viewport} extent={extent} />
      <TrussLines viewport={viewport} y0={extent.y0} y1={extent.y1} />
      {layers.triangle && <SquaringTriangle viewport={viewport} />}
      {layers.diagonals && <DiagonalsLayer viewport={viewport} diagonals={derived.diagonals} />}
      {layers.strings && (
        <StringsLayer
          viewport={viewport}
          strings={derived.strings}
          boards={derived.batterBoards}
          picked={pickedString}
          {...edges}
        />
      )}
      <PostsAndOpenings viewport={viewport} extent={extent} layers={layers} grab={grab} />
      {layers.strings && <StringEnds viewport={viewport} lengthIn={extent.lengthIn} />}
      {layers.square && <SquareMoves viewport={viewport} />}
      <PlanDimensions viewport={viewport} stakeY={stakeY} withWidth={!layers.diagonals} />
      <LineNames viewport={viewport} extent={extent} stakeX={stakeX} stakeY={stakeY} />
      <North deg={job.site.northDeg} x={(size.width || 800) - NORTH_PX / 2} y={86} />
    </>
  )
}

/** The working plan: strings, posts, holes, openings, diagonals. Posts and openings drag along their walls. */
export function PlanView({ layers, editable = true }: { readonly layers: PlanLayers; readonly editable?: boolean }) {
  const grid = useJob((state) => state.derived.grid)
  const leanTos = useJob((state) => state.history.present.building.leanTos)
  const runPastIn = useJob((state) => state.history.present.strings.runPastIn)
  const pick = useJob((state) => state.pick)
  const [ref, size] = useSize<SVGSVGElement>()
  const extent = extentOf(grid, leanTos, layers.strings ? runPastIn : PAST_WITHOUT_STRINGS_IN)
  const viewport = useViewport(ref, size, edgesOf(extent), { left: 80, right: NORTH_PX, top: 58, bottom: 92 })
  const { live, drag, nudge, end } = usePlanDrag(viewport.view.scale)
  const grab = useMemo(() => (editable ? { drag, nudge, end } : null), [editable, drag, nudge, end])
  useTapeUnderPlan(viewport.view)
  const { menu, opens, close } = usePlanMenu()
  return (
    <>
      <svg
        ref={ref}
        className="drawing"
        role="group"
        aria-label="Plan"
        {...opens}
        onPointerDownCapture={(event) => {
          opens.onPointerDownCapture(event)
          if (event.target === event.currentTarget) pick({ post: null, opening: null })
        }}
        {...viewport.gestures()}
      >
        <PlanContent viewport={viewport} extent={extent} layers={layers} grab={grab} size={size} />
      </svg>
      <ZoomButtons viewport={viewport} />
      {live && <LiveNote live={live} width={size.width} />}
      {menu && <PlanMenu menu={menu} onClose={close} />}
    </>
  )
}
