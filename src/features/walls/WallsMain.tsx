'use client'
import { alongWall, girtFaceIn, isEave, rafterHeightIn, wallLengthIn, wallPosts } from '@/core/layout'
import { SIDES } from '@/core/model'
import { PITCH_RUN_IN } from '@/core/units'
import { Segments } from '@/ui'
import { Materials, Note, useSize, useViewport, Wax, ZoomButtons } from '../drawing'
import { useDoc, useJob } from '../job'
import { GirtRowDrawn, PostName, WallOpening, WallPost } from './WallParts'

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
      <svg ref={ref} className="drawing" role="group" aria-label={`${wall.name} elevation`} {...viewport.gestures()}>
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
