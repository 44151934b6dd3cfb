import { entryOf } from '../result'
import { neighboursIn, postRows, rowPlaces, type Grid, type Post, type PostKind } from '../layout'
import { rodLog, stringHeightAt, stringRows, type PoleMark, type RodLog, type StringRow } from '../marks'
import type { Job } from '../model'
import { toSixteenths } from '../units'
import { postsAsBuilt, type Foot, type PostAsBuilt } from './asBuilt'
import type { FieldState } from './fold'
import { holeDepthIn } from './holeLog'
import type { Levels } from './levels'

export interface Measured {
  readonly rods: RodLog
  readonly asBuilt: readonly PostAsBuilt[]
  readonly rows: readonly (readonly string[])[]
  /** Strings of the made-up ground plane, and its height at each post. */
  readonly strings: readonly StringRow[]
  readonly stringIn: Readonly<Record<string, number>>
  readonly office: OfficeReadings
  /** Depth of each hole as dug, by tape or rod; null where it cannot be said yet. */
  readonly dugIn: Readonly<Record<string, number | null>>
}

/**
 * Readings typed in the office: alone (their own frame), tied to the phones' by the benchmark, or kept but not used
 * until they are.
 */
export interface OfficeReadings {
  readonly count: number
  readonly state: 'alone' | 'tied' | 'untied'
  readonly shiftIn: number
}

/** What of a derived building the readings need. */
export interface Stood {
  readonly posts: readonly Post[]
  readonly poles: Readonly<Record<string, readonly PoleMark[]>>
  readonly holes: readonly { readonly kind: PostKind; readonly embedIn: number }[]
  readonly grid: Grid
  readonly rows: Readonly<Record<string, string>>
  readonly ground: Readonly<Record<string, { readonly groundIn: number }>> | null
}

/** Planned distance from the foot of a post up to the grade line, inches; negative where a bracket stands above it. */
export const plannedFootIn = (job: Job, holes: Stood['holes'], kind: PostKind): number =>
  job.building.school === 'pier' ? -job.building.bracketIn : (holes.find((hole) => hole.kind === kind)?.embedIn ?? 0)

/** How the office's readings stand to the phones': by the benchmark that both have read. */
function officeOf(job: Job, levels: Levels): OfficeReadings {
  const count = Object.keys(job.levels.readingsIn).length
  const phones = levels.setups.filter((setup) => setup.count > 0)
  if (phones.length === 0) return { count, state: 'alone', shiftIn: 0 }
  const first = levels.setups.find((setup) => setup.shiftIn === 0)
  const own = job.levels.benchmarkIn
  return own !== null && first && first.benchmarkIn !== null
    ? { count, state: 'tied', shiftIn: first.benchmarkIn - own }
    : { count, state: 'untied', shiftIn: 0 }
}

/**
 * How many of these posts have been read, in the office or by phone, as `measure` would count them; quick enough for
 * every step of a drag.
 */
export function readCount(job: Job, posts: readonly Post[], levels: Levels): number {
  const typed = officeOf(job, levels).state === 'untied' ? {} : job.levels.readingsIn
  return posts.reduce((sum, post) => sum + (post.id in levels.current || post.id in typed ? 1 : 0), 0)
}

/**
 * Where the plan has each point that is read, below the grade line: brackets all alike, ground by its spot heights;
 * nothing where no spots were taken.
 */
function plannedUp(job: Job, stood: Stood): Record<string, number> {
  if (job.building.school === 'pier')
    return Object.fromEntries(stood.posts.map((post) => [post.id, -job.building.bracketIn]))
  return Object.fromEntries(
    stood.posts.flatMap((post) => {
      const spot = stood.ground?.[post.id]
      return spot ? [[post.id, -spot.groundIn]] : []
    }),
  )
}

/** Rods and posts as built, from the office's readings and what phones have sent. Pure over its inputs.
 * A rod stands on the bracket of a pier, which is the foot of its post; beside an embedded post it stands on a stake,
 * which is not: there the foot
 * is read on the pad (`footing` readings), and is the plan's until then. */
export function measure(job: Job, stood: Stood, state: FieldState, levels: Levels): Measured {
  const rows = postRows(stood.posts)
  const office = officeOf(job, levels)
  const typed =
    office.state === 'untied'
      ? {}
      : Object.fromEntries(Object.entries(job.levels.readingsIn).map(([id, value]) => [id, value + office.shiftIn]))
  const readingsIn = {
    ...typed,
    ...Object.fromEntries(Object.values(levels.current).map((reading) => [reading.target, reading.inches])),
  }
  const rods = rodLog(
    { coverIn: job.levels.coverIn, readingsIn },
    neighboursIn(rows),
    state.gradeLockedIn,
    plannedUp(job, stood),
  )
  const strings = stringRows(
    job.fieldwork.strings,
    rowPlaces(
      stood.posts,
      stood.rows,
      stood.grid.widthIn,
      (side) => job.building.leanTos.find((leanTo) => leanTo.side === side)?.depthIn ?? 0,
    ),
  )
  const rowHeight = new Map(strings.map((row) => [row.row, row.heightIn]))
  const stringIn = Object.fromEntries(
    stood.posts.map((post) => [post.id, rowHeight.get(post.row) ?? stringHeightAt(strings, post.y)]),
  )
  const footOf = (post: Post): Foot => {
    const planned = plannedFootIn(job, stood.holes, post.kind)
    if (job.building.school === 'pier')
      return post.id in rods.offsets
        ? { inches: entryOf(rods.offsets, post.id).upToGradeIn, measured: true }
        : { inches: planned, measured: false }
    const pad = levels.footings[post.id]
    return pad && rods.gradeReadingIn !== null
      ? { inches: pad.inches - rods.gradeReadingIn, measured: true }
      : { inches: planned, measured: false }
  }
  // What the crew's own school prints besides the marks: a card must be made anew when it changes.
  const { levelSchool, laserLineIn } = job.fieldwork
  const printsToo = (id: string) => {
    if (levelSchool === 'level-strings') return `s${toSixteenths(entryOf(stringIn, id))}`
    if (levelSchool === 'cut-to-laser') return `l${toSixteenths(laserLineIn)}`
    return ''
  }
  const asBuilt = postsAsBuilt({ posts: stood.posts, poles: stood.poles, footOf, rods, state, printsToo })
  const dugIn = Object.fromEntries(
    Object.entries(state.holes).map(([id, log]) => [id, holeDepthIn(log, levels, rods.gradeReadingIn)]),
  )
  return { rods, asBuilt, rows, strings, stringIn, office, dugIn }
}
