'use client'
import { isEave, rafterHeightIn, wallLengthIn } from '@/core/layout'
import { SIDES } from '@/core/model'
import { shortWall } from '@/formats/words'
import { Segments } from '@/ui'
import { Earth, elevationOf, GradeLine, HeelLine, Materials, useSize, useViewport, ZoomButtons } from '../drawing'
import { useDoc, useJob } from '../job'
import { GirtRows, PostNames, RoofOver, Skirt, WallOpenings, WallPosts } from './WallParts'

/** How much of the holes is in sight: the pad is drawn off the bottom, as a hole is known by its top. */
const HOLE_SHOWN = 0.72

/** Which wall is looked at. */
function WallChoice() {
  const { derived } = useDoc()
  const side = useJob((state) => state.picked.wall)
  const pick = useJob((state) => state.pick)
  return (
    <div className="wh">
      <h2>{derived.walls[side].name}</h2>
      <p>from outside, skin off</p>
      <span className="spacer" />
      <Segments
        label="Wall"
        value={side}
        choices={SIDES.map((side) => ({ value: side, label: shortWall(derived.wallNames, side) }))}
        onChange={(side) => pick({ wall: side, row: null, mark: null })}
      />
    </div>
  )
}

/** One wall from outside with its skin off: posts, girt rows, openings, splices, skirt. */
export function WallsMain() {
  const { job, derived } = useDoc()
  const side = useJob((state) => state.picked.wall)
  const [ref, size] = useSize<SVGSVGElement>()
  const { building } = job
  const lengthIn = wallLengthIn(derived.grid, side)
  const peakIn = isEave(side) ? building.heelIn : rafterHeightIn(building, derived.grid.widthIn / 2)
  const deepIn = Math.max(...derived.holes.map((hole) => hole.depthIn))
  const viewport = useViewport(
    ref,
    size,
    { x0: 0, y0: -deepIn * HOLE_SHOWN, x1: lengthIn, y1: peakIn },
    { left: 92, right: 108, top: 74, bottom: 34 },
  )
  const drawn = elevationOf(viewport, lengthIn, side === 'north' || side === 'west', size.width)
  return (
    <>
      <WallChoice />
      <svg
        ref={ref}
        className="drawing"
        role="group"
        aria-label={`${derived.walls[side].name} elevation`}
        {...viewport.gestures()}
      >
        <Materials />
        <Earth drawn={drawn} />
        <RoofOver drawn={drawn} side={side} peakIn={peakIn} />
        <WallPosts drawn={drawn} side={side} />
        <WallOpenings drawn={drawn} side={side} />
        <GirtRows drawn={drawn} side={side} />
        <Skirt drawn={drawn} />
        <GradeLine drawn={drawn} />
        {isEave(side) && <HeelLine drawn={drawn} heelIn={building.heelIn} />}
        <PostNames drawn={drawn} side={side} />
      </svg>
      <ZoomButtons viewport={viewport} />
    </>
  )
}
