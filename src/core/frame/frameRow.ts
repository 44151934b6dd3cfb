import { bracedBays, type Grid, type Post, wallPosts } from '../layout'
import type { Building } from '../model'
import { item, ratioOfUse, usedOf, worstUse } from '../result'
import { type DiaphragmResult, type PostUnit, shareByDiaphragm } from '../statics'
import { IN_PER_FT, PITCH_RUN_IN, SAME_IN } from '../units'
import { boardSize, type DesignValues } from '../wood'
import type { ReliedOn } from './reliance'
import { shearLengthFt, shearStrips } from './shearStrips'

/** Loads and movements of the row of frames under wind across the ridge, pounds and inches at service level. */
export interface FrameRow {
  readonly xIn: readonly number[]
  readonly loadLb: readonly number[]
  readonly frameLbIn: readonly number[]
  readonly bayLbIn: readonly number[]
  readonly wallLbIn: readonly [number, number]
  readonly result: DiaphragmResult | null
  /** How far the eave moves at each line; null where nothing holds it. */
  readonly moveIn: readonly (number | null)[]
  readonly eavePlf: number
  /** The largest share of its load that an inner frame keeps to itself, 0 to 1. */
  readonly frameShare: number
  /** What holds the eave at the inner line that moves most, frame and roof together, lb/in; null where nothing moves. */
  readonly holdLbIn: number | null
}

/** Rise of the main roof from eave to ridge, ft. */
export const riseOf = (building: Building, grid: Grid): number =>
  ((grid.widthIn / 2 / IN_PER_FT) * building.pitchPer12) / PITCH_RUN_IN

/** Slip of the nails of a braced wall: it is this share as stiff as its boards. */
const NAIL_SLIP = 1 / 4

/** Stiffness of an end wall in its plane, lb/in: of its skin, G·B/H, or of its braces, n·EA·cos²/L. */
function endWallLbIn(building: Building, grid: Grid, side: 'west' | 'east', values: DesignValues): number {
  const heightFt = building.heelIn / IN_PER_FT
  if (building.bracing.walls === 'skin')
    return ((building.skin.wallStiffnessLbPerIn ?? 0) * shearLengthFt(shearStrips(building, grid, side))) / heightFt
  const bayIn = grid.widthIn / (grid.gableIn.length + 1)
  const lengthIn = Math.hypot(bayIn, building.heelIn)
  const { areaIn2 } = boardSize(building.bracing.size)
  const boardsLbIn = (bracedBays(building, grid, side) * values.ePsi * areaIn2 * (bayIn / lengthIn) ** 2) / lengthIn
  return boardsLbIn * NAIL_SLIP
}

/** Which frames a place along the building belongs to, and by what share: two where it lies between lines. */
export function frameShares(grid: Grid, xIn: number): readonly (readonly [line: number, share: number])[] {
  const j = grid.centresIn.findIndex((centreIn) => centreIn >= xIn - SAME_IN)
  if (j <= 0) return [[Math.max(0, j), 1]]
  const share = (xIn - item(grid.centresIn, j - 1)) / (item(grid.centresIn, j) - item(grid.centresIn, j - 1))
  return [
    [j - 1, 1 - share],
    [j, share],
  ]
}

/** What the row of frames is worked out from. */
interface RowOf {
  readonly building: Building
  readonly grid: Grid
  readonly posts: readonly Post[]
  readonly units: Readonly<Record<string, PostUnit>>
  readonly values: DesignValues | null
  readonly relied: ReliedOn
  readonly eavePlf: number
}

/** Frame stiffness at each numbered line: the posts that stand on it, and jamb posts shared between their neighbors. */
function framesLbIn({ grid, posts, units }: RowOf): number[] {
  const frameLbIn = grid.centresIn.map(() => 0)
  for (const side of ['south', 'north'] as const)
    for (const post of wallPosts(posts, side))
      for (const [i, share] of frameShares(grid, post.x))
        frameLbIn[i] = item(frameLbIn, i) + (units[post.id]?.stiffnessLbIn ?? 0) * share
  return frameLbIn
}

/** Bay stiffness of both slopes, each G·(slope length)/s turned flat by cos² (EP484, register C18). */
function baysLbIn({ building, grid }: RowOf): number[] {
  const riseFt = riseOf(building, grid)
  const slopeFt = Math.hypot(riseFt, grid.widthIn / 2 / IN_PER_FT)
  const sine = riseFt / slopeFt
  const perInch = 2 * (building.skin.roofStiffnessLbPerIn ?? 0) * slopeFt * IN_PER_FT * (1 - sine ** 2)
  return grid.baysIn.map((bayIn) => perInch / bayIn)
}

/** Load of the eave on each line, lb. */
function loadsLb({ grid, eavePlf }: RowOf): number[] {
  const last = grid.centresIn.length - 1
  return grid.centresIn.map((_, i) => {
    const before = i > 0 ? item(grid.baysIn, i - 1) : 0
    const after = i < last ? item(grid.baysIn, i) : 0
    return eavePlf * ((before + after) / 2 / IN_PER_FT)
  })
}

/** The row of frames under wind across the ridge: loads, stiffness, and how far each line moves. */
export function frameRow(of: RowOf): FrameRow {
  const { building, grid, values, relied, eavePlf } = of
  const last = grid.centresIn.length - 1
  const loadLb = loadsLb(of)
  const frameLbIn = framesLbIn(of)
  const bayLbIn = baysLbIn(of)
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
  const moveIn = movements({ relied, result, loadLb, frameLbIn })
  return {
    xIn: grid.centresIn,
    loadLb,
    frameLbIn,
    bayLbIn,
    wallLbIn,
    result,
    moveIn,
    eavePlf,
    frameShare: shareOfFrames(relied, result, loadLb),
    holdLbIn: holdOf({ relied, loadLb, moveIn }),
  }
}

/** How far the eave moves at each line, inches: not at all, with the roof diaphragm, or each frame by itself. */
function movements({
  relied,
  result,
  loadLb,
  frameLbIn,
}: Pick<FrameRow, 'result' | 'loadLb' | 'frameLbIn'> & { readonly relied: ReliedOn }): readonly (number | null)[] {
  switch (relied) {
    case 'roof trusted':
      return loadLb.map(() => 0)
    case 'roof checked':
      return result?.moveIn ?? loadLb.map(() => null)
    case 'frames alone':
      return loadLb.map((lb, i) => ratioOfUse(usedOf(lb, item(frameLbIn, i))))
  }
}

/** The largest share of its load that an inner frame keeps to itself. */
function shareOfFrames(relied: ReliedOn, result: DiaphragmResult | null, loadLb: readonly number[]): number {
  if (!result) return relied === 'frames alone' ? 1 : 0
  const inner = result.frameLb.slice(1, loadLb.length - 1)
  const shares = inner.map((lb, i) => usedOf(Math.abs(lb), item(loadLb, i + 1)))
  return Math.min(1, ratioOfUse(worstUse(shares)) ?? 1)
}

/** Load over movement where an inner line moves most, lb/in. */
function holdOf({ relied, loadLb, moveIn }: Pick<FrameRow, 'loadLb' | 'moveIn'> & { readonly relied: ReliedOn }) {
  if (relied !== 'roof checked') return null
  const [softest] = loadLb
    .flatMap((lb, i) => {
      const move = item(moveIn, i)
      return move !== null && move > 0 && lb > 0 ? [lb / move] : []
    })
    .sort((one, other) => one - other)
  return softest ?? null
}
