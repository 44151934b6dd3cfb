import type { Derived } from '@/core/derive'
import type { HoleKind } from '@/core/frame'
import type { Building, Job, LeanTo } from '@/core/model'
import { PITCH_RUN_IN } from '@/core/units'
import { postSize } from '@/core/wood'

/** A cross-section at its scale: the places that several parts of the drawing share. */
export interface SectionPicture {
  readonly job: Job
  readonly building: Building
  readonly widthIn: number
  /** Width and height of the drawing, px. */
  readonly width: number
  readonly height: number
  readonly scale: number
  readonly xAt: (x: number) => number
  readonly yAt: (y: number) => number
  /** Height of the grade line in the drawing, px. */
  readonly groundY: number
  /** Where the words about the soil stand, under the footings, px. */
  readonly soilY: number
  readonly riseIn: number
  readonly overhangIn: number
  /** How far the eave's edge lies below the heel. */
  readonly dropIn: number
  readonly postDepthIn: number
  /** The hole of a post in the wall, and of one under the edge of a lean-to. */
  readonly eaveHole: HoleKind | undefined
  readonly leanToHole: HoleKind | undefined
  /** Whether there is room for the longer words: where the drawing is small they would lie over it. */
  readonly roomy: boolean
}

/** Depth of the lean-to at a wall; 0 where there is none. */
export const leanToDepthIn = (building: Building, side: 'south' | 'north'): number =>
  building.leanTos.find((leanTo) => leanTo.side === side)?.depthIn ?? 0

/** Margins around the building for words and arrows, px. */
const BESIDE_PX = 300
const ABOVE_AND_BELOW_PX = 250

/** Lays out the cross-section of a building in a drawing of `width` by `height` px. */
export function sectionPicture(
  job: Job,
  derived: Pick<Derived, 'grid' | 'holes'>,
  { width, height }: { readonly width: number; readonly height: number },
): SectionPicture {
  const { building } = job
  const { widthIn } = derived.grid
  const riseIn = ((widthIn / 2) * building.pitchPer12) / PITCH_RUN_IN
  const overhangIn = building.eaveOverhangIn
  const [southIn, northIn] = [leanToDepthIn(building, 'south'), leanToDepthIn(building, 'north')]
  const deepestIn = Math.max(60, job.site.frostIn ?? 0, ...derived.holes.map((hole) => hole.depthIn))
  const span = widthIn + southIn + northIn + 2 * overhangIn
  const scale = Math.min(
    (width - BESIDE_PX) / span,
    (height - ABOVE_AND_BELOW_PX) / (building.heelIn + riseIn + deepestIn),
  )
  const x0 = (width - span * scale) / 2 + (overhangIn + southIn) * scale
  const groundY = 150 + (building.heelIn + riseIn) * scale
  const yAt = (y: number) => groundY - y * scale
  return {
    job,
    building,
    widthIn,
    width,
    height,
    scale,
    xAt: (x) => x0 + x * scale,
    yAt,
    groundY,
    soilY: yAt(-deepestIn) + 46,
    riseIn,
    overhangIn,
    dropIn: (overhangIn * building.pitchPer12) / PITCH_RUN_IN,
    postDepthIn: postSize(building.post).depthIn,
    eaveHole: derived.holes.find((hole) => hole.kind === 'eave') ?? derived.holes[0],
    leanToHole: derived.holes.find((hole) => hole.kind === 'lean-to'),
    roomy: widthIn * scale > 300,
  }
}

/** The roof's outline from eave to eave, with what `up` px lies over it. */
export function roofLine(picture: SectionPicture, up = 0): string {
  const { xAt, yAt, building, dropIn, riseIn, overhangIn, widthIn } = picture
  const eaveY = yAt(building.heelIn - dropIn) - up
  return (
    `M${xAt(-overhangIn)} ${eaveY}L${xAt(widthIn / 2)} ${yAt(building.heelIn + riseIn) - up}` +
    `L${xAt(widthIn + overhangIn)} ${eaveY}`
  )
}

/** Places of a lean-to in the section, inches, and which way it goes. */
export function leanToPlaces(picture: SectionPicture, leanTo: LeanTo) {
  const out = leanTo.side === 'north' ? 1 : -1
  const wallIn = leanTo.side === 'north' ? picture.widthIn : 0
  const topIn = picture.building.heelIn - leanTo.dropIn
  const lowIn = topIn - (leanTo.depthIn * leanTo.pitchPer12) / PITCH_RUN_IN
  return { out, wallIn, topIn, lowIn } as const
}
