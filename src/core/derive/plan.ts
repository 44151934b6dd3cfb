import {
  batterBoards,
  best345,
  diagonals,
  fitSquare,
  girtRows,
  layOutGrid,
  layOutStrings,
  namesOf,
  neighborsIn,
  onWall,
  placeOpening,
  placePosts,
  postRows,
  trussPlan,
  type Diagonal,
  type Grid,
  type OmittedPost,
  type PlacedOpening,
  type Post,
  type PostLayout,
  type SquareFit,
  type StringLine,
  type TrussPlan,
  type WallRows,
} from '../layout'
import { rodLog, storyPole, type PoleMark, type RodLog } from '../marks'
import { SIDES, type Building, type Job, type Side } from '../model'
import { ok, sameFields, type Result } from '../result'
import { type Column, type Structure, structureOf, wallBoards, type WallBoardCut } from '../sticks'
import { checkJob } from './checkJob'
import { wallNames } from '../layout/compass'

export interface PlannedWall extends WallRows {
  readonly name: string
  readonly pieces: readonly WallBoardCut[]
}

/** What a job is on the ground and in the walls, before any load: quick enough for every step of a drag. */
export interface Plan {
  readonly grid: Grid
  readonly rows: Readonly<Record<string, string>>
  /** What each post is called, by its identity. */
  readonly names: Readonly<Record<string, string>>
  readonly posts: readonly Post[]
  readonly omitted: readonly OmittedPost[]
  readonly placed: readonly PlacedOpening[]
  readonly wallNames: Readonly<Record<Side, string>>
  readonly strings: readonly StringLine[]
  readonly diagonals: readonly Diagonal[]
  readonly triangle: ReturnType<typeof best345>
  readonly batterBoards: ReturnType<typeof batterBoards>
  readonly trusses: TrussPlan
  readonly plannedWalls: Readonly<Record<Side, PlannedWall>>
  readonly poles: Readonly<Record<string, readonly PoleMark[]>>
  /** The slopes of the main roof: how long, how far over the eave, and where their rows of purlins lie, inches. */
  readonly slopes: Readonly<Record<'south' | 'north', RoofSlope>>
  /** The shape of each column above the grade line, by post. */
  readonly columns: Readonly<Record<string, Column>>
  readonly square: Result<SquareFit>
  readonly rods: RodLog
}

/** One slope of the main roof. */
interface RoofSlope {
  readonly lengthIn: number
  readonly overhangIn: number
  readonly placesIn: readonly number[]
}

interface LaidOut extends Omit<Plan, 'square' | 'rods'> {
  readonly layout: PostLayout
  readonly structure: Structure
  readonly neighbors: Readonly<Record<string, readonly string[]>>
}

/** A plan with the layout that its judgement needs. */
export type PlannedJob = Plan & { readonly layout: PostLayout; readonly structure: Structure }

/** The layout of the call before, kept by whoever lays one job out again and again. */
export interface PlanMemory {
  laid?: { readonly of: LayoutOf; readonly made: LaidOut | null }
}

/** What the layout of a building depends on. */
interface LayoutOf {
  readonly building: Building
  readonly northDeg: number
  readonly runPastIn: number
  readonly edge: Job['fieldwork']['boardEdge']
}

function layOut({ building, northDeg, runPastIn, edge }: LayoutOf): LaidOut | null {
  const got = layOutGrid(building)
  if (!got.ok) return null
  const grid = got.value
  const layout = placePosts(building, grid)
  const placed = building.openings.map((opening) => placeOpening(opening, grid))
  const strings = layOutStrings({ building, grid, posts: layout.posts, placed, rows: layout.rows })
  const names = wallNames(northDeg)
  const rows = Object.fromEntries(
    SIDES.map((side) => [side, girtRows(onWall(building, side), grid, side, placed)]),
  ) as unknown as Record<Side, WallRows>
  const trusses = trussPlan(building, grid, layout)
  const structure = structureOf({ building, grid, posts: layout.posts, placed, trusses, walls: rows })
  const plannedWalls = Object.fromEntries(
    structure.walls.map((wall) => [
      wall.side,
      { ...rows[wall.side], name: names[wall.side], pieces: wallBoards(wall) },
    ]),
  ) as unknown as Record<Side, PlannedWall>
  const poleOf = (post: Post): readonly PoleMark[] =>
    storyPole({ building, post, walls: plannedWalls, placed, board: edge })
  return {
    grid,
    layout,
    rows: layout.rows,
    names: namesOf(layout, building),
    posts: layout.posts,
    omitted: layout.omitted,
    placed,
    strings,
    wallNames: names,
    diagonals: diagonals(building, grid, layout.rows),
    triangle: best345(grid.lengthIn, grid.widthIn),
    batterBoards: batterBoards(strings, runPastIn),
    neighbors: neighborsIn(postRows(layout.posts)),
    plannedWalls,
    trusses,
    structure,
    slopes: Object.fromEntries(
      structure.slopes.map(({ side, lengthIn, placesIn }) => [
        side,
        { lengthIn, placesIn, overhangIn: structure.overhangs[side] },
      ]),
    ) as unknown as Record<'south' | 'north', RoofSlope>,
    columns: Object.fromEntries(structure.columns),
    poles: Object.fromEntries(layout.posts.map((post) => [post.id, poleOf(post)])),
  }
}

/**
 * Lays a job out, or says what contradicts. Unchanged parts are remembered from the call before: a reading or a measure
 * costs nothing else.
 */
export function planJob(job: Job, memory: PlanMemory = {}): Result<PlannedJob> {
  const of: LayoutOf = {
    building: job.building,
    northDeg: job.site.northDeg,
    runPastIn: job.strings.runPastIn,
    edge: job.fieldwork.boardEdge,
  }
  const before = memory.laid
  const laid = before && sameFields(before.of, of) ? before.made : layOut(of)
  memory.laid = { of, made: laid }
  // A plan that could be laid out brings its own contradictions; one that could not says why.
  if (!laid || laid.layout.issues.length > 0 || job.building.skirt.topIn >= job.building.heelIn)
    return { ok: false, issues: checkJob(job) }
  return ok({
    ...laid,
    square: fitSquare(job.strings.measures, laid.grid.lengthIn, laid.grid.widthIn, job.strings.squareMode),
    rods: rodLog(job.levels, { neighbors: laid.neighbors }),
  })
}
