import type { Derived, ScheduleRow } from '@/core/derive'
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
  /** Where the words about the soil stand, px. */
  readonly soilY: number
  readonly riseIn: number
  readonly overhangIn: number
  /** How far the eave's edge lies below the heel. */
  readonly dropIn: number
  readonly postDepthIn: number
  readonly eaveHole: HoleKind | undefined
  readonly eavePost: ScheduleRow | undefined
  /** Whether there is room for the longer words. */
  readonly roomy: boolean
}

/** Depth of the lean-to at a wall; 0 where there is none. */
export const leanToDepthIn = (building: Building, side: 'south' | 'north'): number =>
  building.leanTos.find((leanTo) => leanTo.side === side)?.depthIn ?? 0

/** Margins around the building for words and arrows, px. */
const BESIDE_PX = 300
const ABOVE_AND_BELOW_PX = 250

/** Two lines of words at `wordsY`, moved below a line at `lineY` that would run through them, px. */
const clearOf = (lineY: number, wordsY: number): number =>
  lineY > wordsY - 18 && lineY < wordsY + 24 ? lineY + 22 : wordsY

/** Lays out the cross-section of a building in a drawing of `width` by `height` px. */
export function sectionPicture(
  job: Job,
  derived: Pick<Derived, 'grid' | 'holes' | 'schedule'>,
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
  // Where the drawing is small the words beside it would lie over it: the shorter ones stay, and the soil's go below
  // the footings.
  const roomy = widthIn * scale > 300
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
    soilY: roomy ? clearOf(yAt(-(job.site.frostIn ?? 0)), yAt(-deepestIn * 0.35)) : yAt(-deepestIn) + 46,
    riseIn,
    overhangIn,
    dropIn: (overhangIn * building.pitchPer12) / PITCH_RUN_IN,
    postDepthIn: postSize(building.post).depthIn,
    eaveHole: derived.holes.find((hole) => hole.kind === 'eave') ?? derived.holes[0],
    eavePost: derived.schedule[0],
    roomy,
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
