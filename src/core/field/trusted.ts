import { neighborsIn, type Post, postRows } from '../layout'
import { type RodLog, rodLog, type Suspicion, suspectsOf } from '../marks'
import { entryOf, remember } from '../result'
import type { FieldState } from './fold'
import type { Disputes, Levels, TiedReading } from './levels'
import type { ReadJob, Stood } from './stood'

// Which readings count, and how far each is trusted.

/**
 * Readings typed in the office: alone (their own frame), tied to the phones' by the benchmark, or kept but not used
 * until they are.
 */
export interface OfficeReadings {
  readonly count: number
  readonly state: 'alone' | 'tied' | 'untied'
  readonly shiftIn: number
}

/** How the office's readings stand to the phones': by the benchmark that both have read. */
function officeOf(job: ReadJob, levels: Levels): OfficeReadings {
  const count = Object.keys(job.levels.readingsIn).length
  const phones = levels.setups.filter((setup) => setup.count > 0)
  if (phones.length === 0) return { count, state: 'alone', shiftIn: 0 }
  const first = levels.setups.find((setup) => setup.shiftIn === 0)
  const own = job.levels.benchmarkIn
  if (own === null || !first || first.benchmarkIn === null) return { count, state: 'untied', shiftIn: 0 }
  return { count, state: 'tied', shiftIn: first.benchmarkIn - own }
}

/** The reading of each post that counts, inches on the first set-up's rod: a phone's before one typed in the office. */
function readingsOf(job: ReadJob, levels: Levels, office: OfficeReadings): Record<string, number> {
  const readingsIn: Record<string, number> = {}
  if (office.state !== 'untied')
    for (const [postId, inches] of Object.entries(job.levels.readingsIn)) readingsIn[postId] = inches + office.shiftIn
  for (const { target, inches } of Object.values(levels.current)) readingsIn[target] = inches
  return readingsIn
}

/**
 * How many of these posts have been read, in the office or by phone, as `measure` would count them; quick enough for
 * every step of a drag.
 */
export function readCount(job: ReadJob, posts: readonly Post[], levels: Levels): number {
  const typed = officeOf(job, levels).state === 'untied' ? {} : job.levels.readingsIn
  return posts.reduce((sum, post) => sum + (post.id in levels.current || post.id in typed ? 1 : 0), 0)
}

/**
 * Where the plan has each point that is read, below the grade line: brackets all alike, ground by its spot heights;
 * nothing where no spots were taken.
 */
const plannedUp = remember(({ building }: ReadJob, { posts, ground }: Stood): Record<string, number> => {
  if (building.school === 'pier') return Object.fromEntries(posts.map((post) => [post.id, -building.bracketIn]))
  return Object.fromEntries(
    posts.flatMap((post) => {
      const spot = ground?.[post.id]
      return spot ? [[post.id, -spot.groundIn]] : []
    }),
  )
})

/** Where the plan has the pad of each post below the grade line. */
const plannedPads = remember(({ posts, holes }: Stood): Record<string, number> =>
  Object.fromEntries(
    posts.flatMap(({ id, kind }) => {
      const hole = holes.find((each) => each.kind === kind)
      return hole ? [[id, hole.embedIn]] : []
    }),
  ),
)

/** How the places of a plan lie to each other: it changes with the plan, not with a reading. */
export const placesOf = remember((posts: Stood['posts']) => {
  const rows = postRows(posts)
  return {
    rows,
    neighbors: neighborsIn(rows),
    places: Object.fromEntries(posts.map(({ id, x, y }) => [id, { x, y }])),
  }
})

/** Readings whose second one contradicts them. */
const disputed = (disputes: Disputes): Record<string, Suspicion> =>
  Object.fromEntries(
    Object.entries(disputes).map(([id, { first, second }]) => [
      id,
      {
        kind: 'disputed',
        readingIn: first.inches,
        rodIn: first.rawIn,
        otherIn: second.inches - (first.inches - first.rawIn),
      },
    ]),
  )

/** Places whose reading is not doubted: read twice alike, or kept by a lead. */
const sureOf = (confirmed: ReadonlySet<string>, standing: Readonly<Record<string, TiedReading>>, state: FieldState) =>
  new Set([...confirmed, ...Object.keys(standing).filter((id) => state.kept.has(entryOf(standing, id).id))])

const setUpsOf = (standing: Readonly<Record<string, TiedReading>>): Record<string, string> =>
  Object.fromEntries(Object.entries(standing).map(([id, { setup }]) => [id, setup]))

/** By how much readings were moved from their rods into the frame of the first set-up, inches. */
const movedIn = (standing: Readonly<Record<string, TiedReading>>): Record<string, number> =>
  Object.fromEntries(Object.entries(standing).map(([id, { inches, rawIn }]) => [id, inches - rawIn]))

/** What all records say, and the levels that their readings give. */
export interface FieldSaid {
  readonly state: FieldState
  readonly levels: Levels
}

/** What is known of the places of feet or pads, and how far their readings are trusted. */
function readOn(of: 'foot' | 'footing', job: ReadJob, stood: Stood, { state, levels }: FieldSaid) {
  const office = officeOf(job, levels)
  const typed = of === 'foot' ? Object.keys(job.levels.readingsIn) : []
  const [standing, confirmed, disputes] =
    of === 'foot'
      ? [levels.current, levels.confirmed.feet, levels.disputes.feet]
      : [levels.footings, levels.confirmed.footings, levels.disputes.footings]
  return {
    office,
    readingsIn:
      of === 'foot'
        ? readingsOf(job, levels, office)
        : Object.fromEntries(Object.entries(standing).map(([id, { inches }]) => [id, inches])),
    site: { ...placesOf(stood.posts), plannedUpIn: of === 'foot' ? plannedUp(job, stood) : plannedPads(stood) },
    trust: {
      sure: sureOf(confirmed, standing, state),
      setUps: setUpsOf(standing),
      movedIn: { ...Object.fromEntries(typed.map((id) => [id, office.shiftIn])), ...movedIn(standing) },
    },
    disputed: disputed(disputes),
  }
}

/** Rods on brackets and stakes, and what is doubted of those on pads. */
export function readRods(job: ReadJob, stood: Stood, said: FieldSaid) {
  const { state } = said
  const feet = readOn('foot', job, stood, said)
  const read = { coverIn: job.levels.coverIn, readingsIn: feet.readingsIn }
  const rods = rodLog(read, feet.site, {
    ...feet.trust,
    gradeLockedIn: state.gradeLockedIn,
    disputed: feet.disputed,
  })
  const pads = readOn('footing', job, stood, said)
  const padSuspects = { ...pads.disputed, ...suspectsOf(pads.readingsIn, pads.site, pads.trust) }
  return { office: feet.office, rods, padSuspects }
}

/** What is doubted of readings on brackets or stakes, and on pads. */
interface Doubted {
  readonly rods: Pick<RodLog, 'suspects'>
  readonly padSuspects: Readonly<Record<string, Suspicion>>
}

/**
 * Places that were read and are to be read again: their reading does not agree with the others, or it may be of before or
 * after a bump. Until then it moves no mark.
 */
export function readAgain(
  on: TiedReading['of'],
  { rods, padSuspects }: Doubted,
  { current, footings, grounds, unused }: Pick<Levels, 'current' | 'footings' | 'grounds' | 'unused'>,
): ReadonlySet<string> {
  const standing = { foot: current, footing: footings, ground: grounds }[on]
  const suspects = { foot: rods.suspects, footing: padSuspects, ground: {} }[on]
  const bumped = unused.flatMap(({ reading: { body }, why }) =>
    why === 'bumped' && body.of === on && !(body.target in standing) ? [body.target] : [],
  )
  return new Set([...Object.keys(suspects), ...bumped])
}

/** A reading that is about to be kept, inches in the frame of the first set-up. */
interface NewReading {
  readonly target: string
  readonly of: 'foot' | 'footing'
  readonly inches: number
  /** As it stands on the rod, inches. */
  readonly rodIn: number
  readonly setup: string
}

/**
 * What would be doubted of a reading (inches, in the frame of the first set-up), were it kept now; null where it agrees
 * with the others. The same judgment that `measure` makes of it afterwards.
 */
export function doubtOf(
  { target, of, inches, rodIn, setup }: NewReading,
  job: ReadJob,
  stood: Stood,
  said: FieldSaid,
): Suspicion | null {
  const { readingsIn, site, trust } = readOn(of, job, stood, said)
  const others = new Set([...trust.sure].filter((id) => id !== target))
  const setUps = { ...trust.setUps, [target]: setup }
  const moved = { ...trust.movedIn, [target]: inches - rodIn }
  return suspectsOf({ ...readingsIn, [target]: inches }, site, { sure: others, setUps, movedIn: moved })[target] ?? null
}
