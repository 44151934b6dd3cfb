import { item, entryOf } from '../result'
import { type Grid, isEave, type Post, type PostLayout, wallLengthIn, wallPosts } from '../layout'
import type { Building, Job, Side } from '../model'
import { type DiaphragmResult, fixedPost, framedPost, pinnedPost, type PostUnit, shareByDiaphragm } from '../statics'
import { IN_PER_FT, PITCH_RUN_IN, radians, ROUNDING, SAME_IN } from '../units'
import { boardSize, boardValues, type DesignValues, postSize, timberValues } from '../wood'
import type { PostDemand } from './demands'
import { type LateralCase, service } from './lateralCase'
import { casesOf, kneeForceLb, type PostInWind } from './postCases'
import { type SiteResults, wallAreaFt2 } from './siteResults'

/**
 * What the building was found to stand by: the roof taken as holding (unchecked), the roof with the skin's own values,
 * frames alone.
 */
type ReliedOn = 'roof trusted' | 'roof checked' | 'frames alone'
/** What a roof diaphragm that is wanted lacks to be counted on. */
type DiaphragmLack = 'roof skin values' | 'wall skin values' | 'end walls'

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
  readonly lacks: DiaphragmLack | null
  readonly knee: boolean
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
const postValues = (building: Building): DesignValues | null => {
  const size = postSize(building.post)
  return size.wood === 'laminated'
    ? boardValues(building.post.lumber, Number(size.nominal), building.grades)
    : timberValues(building.post.lumber, building.grades)
}

/** What is missing for the roof diaphragm to be counted on; null when nothing is. */
function diaphragmLack(building: Building): DiaphragmLack | null {
  const { skin, bracing } = building
  if (skin.roofStiffnessLbPerIn === null || skin.roofAllowPlf === null) return 'roof skin values'
  if (bracing.walls === 'skin' && (skin.wallStiffnessLbPerIn === null || skin.wallAllowPlf === null))
    return 'wall skin values'
  return bracing.walls === 'none' ? 'end walls' : null
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

/** Rise of the main roof from eave to ridge, ft. */
const riseOf = (building: Building, grid: Grid): number =>
  ((grid.widthIn / 2 / IN_PER_FT) * building.pitchPer12) / PITCH_RUN_IN

/**
 * Load of the eave under wind across the ridge, plf at service level: walls, main roof and lean-tos, never less than
 * ASCE 7-16 27.1.5 asks for.
 */
function eaveLoadPlf(building: Building, grid: Grid, results: SiteResults): number {
  const { wind } = results
  const riseFt = riseOf(building, grid)
  const roofPsf = results.openRoof
    ? Math.max(Math.abs(results.openRoof.upPsf), results.openRoof.downPsf)
    : Math.max(0, wind.roofWindwardBPsf - wind.roofLeewardPsf)
  // External pressures push the frame downwind; the internal ones cancel. Never less than 16 psf on the wall and 8 psf
  // on the roof (27.1.5).
  const shut = (side: 'south' | 'north') => (building.openSides.includes(side) ? 0 : 1)
  const held = (3 / 8) * (building.heelIn / IN_PER_FT)
  const perFt = service(
    Math.max(
      held * (shut('south') * wind.windwardPsf - shut('north') * wind.leewardPsf),
      held * (shut('north') * wind.windwardPsf - shut('south') * wind.leewardPsf),
    ) +
      roofPsf * riseFt,
  )
  const leastPerFt = service(held * 16 + riseFt * 8)
  const leanPerFt = results.leanTos.reduce(
    (sum, { wind: leanWind, leanTo, thetaDeg }) =>
      sum + service((Math.abs(leanWind.upPsf) * (leanTo.depthIn / IN_PER_FT) * Math.sin(radians(thetaDeg))) / 2),
    0,
  )
  return Math.max(perFt, leastPerFt) + leanPerFt
}

/** What the building stands by, and where a wanted roof diaphragm is not counted, what it lacks. */
function reliance(building: Building): Pick<Lateral, 'relied' | 'lacks' | 'knee'> {
  const knee = building.knee !== null
  if (building.diaphragm === 'trusted') return { relied: 'roof trusted', lacks: null, knee }
  if (building.diaphragm !== 'checked') return { relied: 'frames alone', lacks: null, knee }
  const lacks = diaphragmLack(building)
  return { relied: lacks === null ? 'roof checked' : 'frames alone', lacks, knee }
}

/** Every post as a member of its frame, by id; posts of one height share one. Missing where it cannot be computed. */
function postUnits(job: Job, posts: readonly Post[], fixityFt: number, values: DesignValues | null) {
  const units: Record<string, PostUnit> = {}
  if (!values) return units
  const made = new Map<string, PostUnit | null>()
  for (const post of posts) {
    const knee = job.building.knee !== null && isEave(post.side) && post.kind !== 'lean-to'
    const key = `${post.heightIn}|${knee}`
    let unit = made.get(key)
    if (unit === undefined) {
      unit = unitOf({ job, heightFt: post.heightIn / IN_PER_FT, fixityFt, values, knee })
      made.set(key, unit)
    }
    if (unit) units[post.id] = unit
  }
  return units
}

/** Which frames a place along the building belongs to, and by what share: two where it lies between lines. */
function frameShares(grid: Grid, xIn: number): readonly (readonly [line: number, share: number])[] {
  const j = grid.centresIn.findIndex((centreIn) => centreIn >= xIn - SAME_IN)
  if (j <= 0) return [[Math.max(0, j), 1]]
  const share = (xIn - item(grid.centresIn, j - 1)) / (item(grid.centresIn, j) - item(grid.centresIn, j - 1))
  return [
    [j - 1, 1 - share],
    [j, share],
  ]
}

/** The row of frames under wind across the ridge: loads, stiffness, and how far each line moves. */
function frameRow({
  building,
  grid,
  posts,
  units,
  values,
  relied,
  eavePlf,
}: {
  readonly building: Building
  readonly grid: Grid
  readonly posts: readonly Post[]
  readonly units: Readonly<Record<string, PostUnit>>
  readonly values: DesignValues | null
  readonly relied: ReliedOn
  readonly eavePlf: number
}): FrameRow {
  const last = grid.centresIn.length - 1
  const loadLb = grid.centresIn.map((_, i) => {
    const before = i > 0 ? item(grid.baysIn, i - 1) : 0
    const after = i < last ? item(grid.baysIn, i) : 0
    return eavePlf * ((before + after) / 2 / IN_PER_FT)
  })
  // Frame stiffness at each numbered line: the posts that stand on it, and jamb posts shared between their neighbors.
  const frameLbIn = grid.centresIn.map(() => 0)
  for (const side of ['south', 'north'] as const)
    for (const post of wallPosts(posts, side))
      for (const [i, share] of frameShares(grid, post.x))
        frameLbIn[i] = item(frameLbIn, i) + (units[post.id]?.stiffnessLbIn ?? 0) * share
  const riseFt = riseOf(building, grid)
  const slopeFt = Math.hypot(riseFt, grid.widthIn / 2 / IN_PER_FT)
  const slope = riseFt / slopeFt
  // Bay stiffness of both slopes, each G·(slope length)/s turned flat by cos² (EP484, register C18).
  const bayLbIn = grid.baysIn.map(
    (bayIn) => (2 * (building.skin.roofStiffnessLbPerIn ?? 0) * slopeFt * IN_PER_FT * (1 - slope ** 2)) / bayIn,
  )
  const wallLbIn: [number, number] = values
    ? [endWallLbIn(building, grid, 'west', values), endWallLbIn(building, grid, 'east', values)]
    : [0, 0]
  // Where an end wall stands, its posts are not counted besides it.
  const withWalls = frameLbIn.map((stiffness, i) => {
    if (i === 0) return wallLbIn[0] || stiffness
    if (i === last) return wallLbIn[1] || stiffness
    return stiffness
  })
  const result = relied === 'roof checked' ? shareByDiaphragm({ frameLbIn: withWalls, bayLbIn, loadLb }) : null
  return {
    xIn: grid.centresIn,
    loadLb,
    frameLbIn,
    bayLbIn,
    wallLbIn,
    result,
    moveIn: movements({ relied, result, loadLb, frameLbIn }),
    eavePlf,
    frameShare: shareOfFrames(relied, result, loadLb),
  }
}

/** How far the eave moves at each line, inches: not at all, with the roof diaphragm, or each frame by itself. */
function movements({
  relied,
  result,
  loadLb,
  frameLbIn,
}: Pick<FrameRow, 'result' | 'loadLb' | 'frameLbIn'> & { readonly relied: ReliedOn }): readonly number[] {
  switch (relied) {
    case 'roof trusted':
      return loadLb.map(() => 0)
    case 'roof checked':
      return result?.moveIn ?? loadLb.map(() => Infinity)
    case 'frames alone':
      return loadLb.map((lb, i) => (item(frameLbIn, i) > 0 ? lb / item(frameLbIn, i) : Infinity))
  }
}

/** The largest share of its load that an inner frame keeps to itself. */
function shareOfFrames(relied: ReliedOn, result: DiaphragmResult | null, loadLb: readonly number[]): number {
  if (!result) return relied === 'frames alone' ? 1 : 0
  const inner = result.frameLb.slice(1, loadLb.length - 1)
  return Math.max(...inner.map((lb, i) => Math.abs(lb) / Math.max(item(loadLb, i + 1), ROUNDING)), 0)
}

/**
 * Lateral analysis of every post. Across the ridge: each post as a held post plus its share of the frame's movement;
 * the movement is nothing (roof trusted), that of the frame by itself, or that of all frames joined by the roof
 * diaphragm. Along the ridge: gable posts held by the roof, or free. `fixityFt` is where embedded posts are fixed below
 * grade: the envelope of register C17 runs it at 0 and at a third of the depth.
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
  const stands = reliance(building)
  const { relied } = stands
  const units = postUnits(job, layout.posts, fixityFt, values)
  const eavePlf = eaveLoadPlf(building, grid, results)
  const row = frameRow({ building, grid, posts: layout.posts, units, values, relied, eavePlf })
  const moveAt = (xIn: number) =>
    frameShares(grid, xIn).reduce((sum, [i, share]) => (share === 0 ? sum : sum + item(row.moveIn, i) * share), 0)

  const cases: Record<string, readonly LateralCase[]> = {}
  const windPlf: Record<string, number> = {}
  let kneeLb = 0
  for (const post of layout.posts) {
    const unit = units[post.id]
    if (!unit) continue
    const of: PostInWind = {
      post,
      unit,
      demand: entryOf(demands, post.id),
      results,
      freeTop: relied === 'frames alone',
    }
    const found = casesOf(of, moveAt)
    if (!found) continue
    cases[post.id] = found
    windPlf[post.id] = found.reduce((most, lateral) => Math.max(most, lateral.plf), 0)
    if (isEave(post.side) && post.kind !== 'lean-to') kneeLb = Math.max(kneeLb, kneeForceLb(unit, found))
  }
  const { wind } = results
  const gableFt2 = Math.max(
    ...(['west', 'east'] as const).map((side) =>
      building.openSides.includes(side) ? 0 : wallAreaFt2(building, grid, side),
    ),
  )
  return {
    ...stands,
    row,
    cases,
    units,
    windPlf,
    kneeLb,
    values,
    fixityFt,
    alongLb: (service(Math.max(wind.windwardPsf - wind.leewardAlongPsf, 16)) * gableFt2) / 2,
  }
}
