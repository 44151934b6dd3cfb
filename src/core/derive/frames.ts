import { IN_PER_FT, radians, PITCH_RUN_IN, SAME_IN, ROUNDING } from '../units'
import { isEave, wallLengthIn, wallPosts, type Grid, type Post, type PostLayout } from '../layout'
import { GCPI_LABEL, type LateralCase } from './lateralCase'
import type { Building, Job, Side } from '../model'
import {
  combine,
  fixedPost,
  framedPost,
  pinnedPost,
  shareByDiaphragm,
  type DiaphragmResult,
  type PostUnit,
} from '../statics'
import { boardSize, boardValues, postSize, timberValues, type DesignValues } from '../wood'
import type { PostDemand } from './demands'
import { wallAreaFt2, type SiteResults } from './siteResults'
import type { WindPressures } from '../loads'

/**
 * What the building was found to stand by: the roof taken as holding (unchecked), the roof with the skin's own values,
 * frames alone.
 */
export type ReliedOn = 'roof trusted' | 'roof checked' | 'frames alone'
/** Loads and movements of the row of frames under wind across the ridge, pounds and inches at service level. */
export interface FrameRow {
  readonly xIn: readonly number[]
  readonly loadLb: readonly number[]
  readonly frameLbIn: readonly number[]
  readonly bayLbIn: readonly number[]
  readonly wallLbIn: readonly [number, number]
  readonly result: DiaphragmResult | null
  readonly moveIn: readonly number[]
  readonly eavePlf: number
  readonly frameShare: number
}
export interface Lateral {
  readonly relied: ReliedOn
  readonly why: string
  readonly row: FrameRow
  /** Lateral cases of each post, by id. Empty where nothing blows on it; missing where it cannot be computed. */
  readonly cases: Readonly<Record<string, readonly LateralCase[]>>
  readonly units: Readonly<Record<string, PostUnit>>
  /** Hardest wind on each post of all its cases, lb a foot of height. */
  readonly windPlf: Readonly<Record<string, number>>
  readonly kneeLb: number
  readonly values: DesignValues | null
  readonly fixityFt: number
  /**
   * Wind on a gable end that the roof must carry to the eave walls, lb at service level, and how much of it each eave
   * wall takes.
   */
  readonly alongLb: number
}

/** Design values of the posts' wood; null where none are tabled. */
export const postValues = (building: Building): DesignValues | null => {
  const size = postSize(building.post)
  return size.wood === 'laminated'
    ? boardValues(building.post.lumber, Number(size.nominal), building.grades)
    : timberValues(building.post.lumber, building.grades)
}

/** Why the roof diaphragm cannot be counted on with what has been entered; null when it can. */
export function diaphragmLacks(building: Building): string | null {
  const skin = building.skin
  if (skin.roofStiffnessLbPerIn === null || skin.roofAllowPlf === null)
    return 'the roof skin’s tested stiffness and strength are not entered'
  if (building.bracing.walls === 'skin' && (skin.wallStiffnessLbPerIn === null || skin.wallAllowPlf === null))
    return 'the wall skin’s tested stiffness and strength are not entered'
  if (building.bracing.walls === 'none') return 'nothing holds the end walls in their own plane'
  return null
}

/** Length of a wall that can work in shear: its length less its framed openings, ft; 0 for a wall without skin. */
export function shearLengthFt(building: Building, grid: Grid, side: Side): number {
  if (building.openSides.includes(side)) return 0
  const open = building.openings
    .filter((opening) => opening.side === side)
    .reduce((sum, opening) => sum + opening.widthIn, 0)
  return Math.max(0, wallLengthIn(grid, side) - open) / IN_PER_FT
}

/** Stiffness of an end wall in its plane, lb/in: of its skin, G·B/H, or of its braces, n·EA·cos²/L. */
function endWallLbIn(building: Building, grid: Grid, side: 'west' | 'east', values: DesignValues): number {
  const heightFt = building.heelIn / IN_PER_FT
  if (building.bracing.walls === 'skin')
    return ((building.skin.wallStiffnessLbPerIn ?? 0) * shearLengthFt(building, grid, side)) / heightFt
  const bay = grid.widthIn / (grid.gableIn.length + 1)
  const length = Math.hypot(bay, building.heelIn)
  return (
    (building.bracing.baysPerWall * values.ePsi * boardSize(building.bracing.size).areaIn2 * (bay / length) ** 2) /
    length /
    4
  ) // a quarter for the slip of its nails
}

function unitOf({
  job,
  heightFt,
  fixityFt,
  values,
  knee,
}: {
  job: Job
  heightFt: number
  fixityFt: number
  values: DesignValues
  knee: boolean
}): PostUnit | null {
  const building = job.building
  const size = postSize(building.post)
  const ei = values.ePsi * size.iIn4
  const ea = values.ePsi * size.areaIn2
  const k =
    knee && building.knee
      ? {
          downIn: building.knee.downIn,
          outIn: building.knee.outIn,
          ea: values.ePsi * building.knee.plies * boardSize(building.knee.size).areaIn2,
          trussSpanIn: building.widthIn,
        }
      : null
  const pier = building.school === 'pier'
  if (building.base.model === 'springs' && !pier) {
    if (building.base.soilPsiPerFt === null) return null
    // Horizontal spring 2.0·Es per unit depth (register C22: an engineer's input only).
    return framedPost({
      heightFt,
      ei,
      ea,
      foot: {
        kind: 'springs',
        belowIn: Math.max(24, building.minimumDepthIn),
        lbIn3: (2 * building.base.soilPsiPerFt) / IN_PER_FT,
        slab: building.slab === 'tied',
      },
      knee: k,
    })
  }
  if (pier)
    return k
      ? framedPost({ heightFt, ei, ea, foot: { kind: 'pinned', bracketIn: building.bracketIn }, knee: k })
      : pinnedPost(heightFt, building.bracketIn / IN_PER_FT)
  return k
    ? framedPost({ heightFt, ei, ea, foot: { kind: 'fixed', belowIn: fixityFt * IN_PER_FT }, knee: k })
    : fixedPost(heightFt, fixityFt, ei)
}

/** Load of each frame under wind across the ridge, lb at service level: never less than ASCE 7-16 27.1.5 asks for. */
function frameLoads({
  grid,
  last,
  results,
  wind,
  building,
  heightFt,
  psf,
  riseFt,
}: {
  readonly grid: Grid
  readonly last: number
  readonly results: SiteResults
  readonly wind: WindPressures
  readonly building: Building
  readonly heightFt: number
  readonly psf: (pressure: number) => number
  readonly riseFt: number
}) {
  const tribFt = grid.centresIn.map(
    (_, i) => ((i > 0 ? grid.baysIn[i - 1] : 0) + (i < last ? grid.baysIn[i] : 0)) / 2 / IN_PER_FT,
  )
  const roofPsf = results.openRoof
    ? Math.max(Math.abs(results.openRoof.upPsf), results.openRoof.downPsf)
    : Math.max(0, wind.roofWindwardBPsf - wind.roofLeewardPsf)
  // External pressures push the frame downwind; the internal ones cancel. Never less than 16 psf on the wall and 8 psf
  // on the roof (27.1.5).
  const shut = (side: 'south' | 'north') => (building.openSides.includes(side) ? 0 : 1)
  const held = (3 / 8) * heightFt
  const perFt = psf(
    Math.max(
      held * (shut('south') * wind.windwardPsf - shut('north') * wind.leewardPsf),
      held * (shut('north') * wind.windwardPsf - shut('south') * wind.leewardPsf),
    ) +
      roofPsf * riseFt,
  )
  const leastPerFt = psf(held * 16 + riseFt * 8)
  const leanPerFt = results.leanTos.reduce(
    (sum, leanTo) =>
      sum +
      psf((Math.abs(leanTo.wind.upPsf) * (leanTo.leanTo.depthIn / IN_PER_FT) * Math.sin(radians(leanTo.thetaDeg))) / 2),
    0,
  )
  const eavePlf = Math.max(perFt, leastPerFt) + leanPerFt
  const loadLb = tribFt.map((widthFt) => eavePlf * widthFt)
  return { loadLb, eavePlf }
}

/**
 * Lateral analysis of every post. Across the ridge: each post as a held post plus its share of the frame's movement;
 * the movement is nothing
 * (roof trusted), that of the frame by itself, or that of all frames joined by the roof diaphragm. Along the ridge:
 * gable posts held by the
 * roof, or free. `fixityFt` is where embedded posts are fixed below grade: the envelope of register C17 runs it at 0
 * and at a third of the depth.
 */
export function lateralOf({
  job,
  grid,
  layout,
  demands,
  results,
  fixityFt = 0,
}: {
  job: Job
  grid: Grid
  layout: PostLayout
  demands: Readonly<Record<string, PostDemand>>
  results: SiteResults
  fixityFt?: number
}): Lateral {
  const building = job.building
  const values = postValues(building)
  const lacks = diaphragmLacks(building)
  const reliedOn = (): ReliedOn => {
    if (building.diaphragm === 'trusted') return 'roof trusted'
    if (building.diaphragm === 'checked' && lacks === null) return 'roof checked'
    return 'frames alone'
  }
  const relied: ReliedOn = reliedOn()
  const reason = () => {
    if (relied === 'roof trusted')
      return 'The tops of the posts are taken as held by the roof; its strength was not computed.'
    if (relied === 'roof checked') return 'The roof diaphragm and end walls were computed with the skin values entered.'
    if (building.diaphragm === 'checked')
      return (
        `The roof diaphragm was not counted: ${lacks}. The building stands by its ` +
        `frames${building.knee ? ' and knee braces' : ''}.`
      )
    return `The building stands by its frames${building.knee ? ' and knee braces' : ''} alone.`
  }
  const why = reason()
  const wind = results.wind
  const psf = (pressure: number) => 0.6 * pressure
  const heightFt = building.heelIn / IN_PER_FT
  const riseFt = ((grid.widthIn / 2 / IN_PER_FT) * building.pitchPer12) / PITCH_RUN_IN
  const last = grid.centresIn.length - 1
  const { loadLb, eavePlf } = frameLoads({ grid, last, results, wind, building, heightFt, psf, riseFt })

  const kneed = (post: Post) => building.knee !== null && isEave(post.side) && post.kind !== 'lean-to'
  const units: Record<string, PostUnit> = {}
  const made = new Map<string, PostUnit | null>()
  if (values)
    for (const post of layout.posts) {
      const key = `${post.heightIn}|${kneed(post)}`
      if (!made.has(key))
        made.set(key, unitOf({ job, heightFt: post.heightIn / IN_PER_FT, fixityFt, values, knee: kneed(post) }))
      const unit = made.get(key)
      if (unit) units[post.id] = unit
    }
  // Frame stiffness at each numbered line: the posts that stand on it, and jamb posts shared between their neighbours.
  const frameLbIn = grid.centresIn.map(() => 0)
  const at = (xIn: number) => {
    const j = grid.centresIn.findIndex((centreIn) => centreIn >= xIn - SAME_IN)
    if (j <= 0) return [[Math.max(0, j), 1]] as const
    const share = (xIn - grid.centresIn[j - 1]) / (grid.centresIn[j] - grid.centresIn[j - 1])
    return [
      [j - 1, 1 - share],
      [j, share],
    ] as const
  }
  for (const side of ['south', 'north'] as const)
    for (const post of wallPosts(layout.posts, side))
      for (const [i, share] of at(post.x)) frameLbIn[i] += (units[post.id]?.stiffnessLbIn ?? 0) * share
  const slope = riseFt / Math.hypot(riseFt, grid.widthIn / 2 / IN_PER_FT)
  const slopeFt = Math.hypot(riseFt, grid.widthIn / 2 / IN_PER_FT)
  // Bay stiffness of both slopes, each G·(slope length)/s turned flat by cos² (EP484, register C18).
  const bayLbIn = grid.baysIn.map(
    (bayIn) => (2 * (building.skin.roofStiffnessLbPerIn ?? 0) * slopeFt * IN_PER_FT * (1 - slope ** 2)) / bayIn,
  )
  const wallLbIn: [number, number] = values
    ? [endWallLbIn(building, grid, 'west', values), endWallLbIn(building, grid, 'east', values)]
    : [0, 0]
  // Where an end wall stands, its posts are not counted besides it.
  const withWalls = frameLbIn.map((k, i) => {
    if (i === 0) return wallLbIn[0] || k
    if (i === last) return wallLbIn[1] || k
    return k
  })
  const result = relied === 'roof checked' ? shareByDiaphragm({ frameLbIn: withWalls, bayLbIn, loadLb }) : null
  const movements = () => {
    if (relied === 'roof trusted') return loadLb.map(() => 0)
    if (relied === 'roof checked') return result?.moveIn ?? loadLb.map(() => Infinity)
    return loadLb.map((lb, i) => (frameLbIn[i] > 0 ? lb / frameLbIn[i] : Infinity))
  }
  const moveIn = movements()
  const moveAt = (xIn: number) =>
    at(xIn).reduce((soFar, [i, share]) => (share === 0 ? soFar : soFar + moveIn[i] * share), 0)
  const shareOfFrames = () => {
    if (result)
      return Math.max(
        ...result.frameLb.slice(1, last).map((lb, i) => Math.abs(lb) / Math.max(loadLb[i + 1], ROUNDING)),
        0,
      )
    if (relied === 'frames alone') return 1
    return 0
  }
  const frameShare = shareOfFrames()

  const freeTop = relied === 'frames alone'
  const sidePlf = Math.abs(wind.sidePsf) + wind.internalPsf
  const cases: Record<string, readonly LateralCase[]> = {}
  let kneeLb = 0
  for (const post of layout.posts) {
    const demand = demands[post.id]
    const unit = units[post.id]
    if (!unit) continue
    const make = (name: string, windPsf: number, widthFt: number, move: number): LateralCase => {
      const plf = windPsf * widthFt
      return { name, plf, moveIn: move, windPsf, widthFt, unit, ...combine(unit.held, plf, unit.perInch, move) }
    }
    if (post.kind === 'lean-to') {
      const leanTo = results.leanTos.find((leanTo) => leanTo.leanTo.side === post.side)
      if (!leanTo) continue
      // Wind on the bare post (a flat-sided member, force coefficient 2.0) and the sideways part of the roof's pressure
      // at its head.
      const flatPsf = psf(results.wind.qhPsf * 0.85 * 2)
      const plf = (flatPsf * post.sizeX) / IN_PER_FT
      const headLb = psf(Math.abs(leanTo.wind.upPsf) * demand.roofFt2 * Math.sin(radians(leanTo.thetaDeg)))
      const freeMove = () => {
        if (!freeTop) return 0
        if (unit.stiffnessLbIn > 0) return (unit.held.topLb * plf + headLb) / unit.stiffnessLbIn
        return Infinity
      }
      const move = freeMove()
      if (Number.isFinite(move)) cases[post.id] = [make('wind on the post', flatPsf, post.sizeX / IN_PER_FT, move)]
      continue
    }
    if (isEave(post.side)) {
      const move = moveAt(post.x)
      if (!Number.isFinite(move)) continue
      const eaveWallFt = demand.eaveWallFt
      cases[post.id] = [
        make(`wind in, inside ${GCPI_LABEL.low}`, psf(wind.windwardPsf + wind.internalPsf), eaveWallFt, move),
        make(`wind out behind, inside ${GCPI_LABEL.high}`, psf(-wind.leewardPsf + wind.internalPsf), eaveWallFt, move),
        make('wind along the ridge', psf(sidePlf), eaveWallFt, 0),
      ]
      const kneeUnit = unit as PostUnit & { readonly heldBraceLb?: number; readonly perInchBraceLb?: number }
      if (kneeUnit.heldBraceLb !== undefined)
        kneeLb = Math.max(
          kneeLb,
          ...cases[post.id].map(
            (lateral) =>
              Math.abs((kneeUnit.heldBraceLb ?? 0) * lateral.plf) +
              Math.abs((kneeUnit.perInchBraceLb ?? 0) * lateral.moveIn),
          ),
        )
    } else {
      const gablePsf = psf(Math.max(wind.windwardPsf, -wind.leewardAlongPsf, Math.abs(wind.sidePsf)) + wind.internalPsf)
      const plf = gablePsf * demand.gableWallFt
      const freeMove = () => {
        if (!freeTop) return 0
        if (unit.stiffnessLbIn > 0) return (unit.held.topLb * plf) / unit.stiffnessLbIn
        return Infinity
      }
      // Without a roof that holds it, a gable post stands free: it moves until its top carries nothing.
      const move = freeMove()
      if (Number.isFinite(move)) cases[post.id] = [make('wind on the gable', gablePsf, demand.gableWallFt, move)]
    }
  }
  const windPlf: Record<string, number> = {}
  for (const id in cases) windPlf[id] = cases[id].reduce((most, lateral) => Math.max(most, lateral.plf), 0)
  const gable = Math.max(
    ...(['west', 'east'] as const).map((side) =>
      building.openSides.includes(side) ? 0 : wallAreaFt2(building, grid, side),
    ),
  )
  return {
    relied,
    why,
    row: { xIn: grid.centresIn, loadLb, frameLbIn, bayLbIn, wallLbIn, result, moveIn, eavePlf, frameShare },
    cases,
    units,
    windPlf,
    kneeLb,
    values,
    fixityFt,
    alongLb: (psf(Math.max(wind.windwardPsf - wind.leewardAlongPsf, 16)) * gable) / 2,
  }
}
