import { type Post, type PostKind, type PostName, rowPlaces } from '../layout'
import { type PoleMark, type RodLog, stringHeightAt, type StringRow, stringRows, type Suspicion } from '../marks'
import type { Job } from '../model'
import { entryOf, remember } from '../result'
import { inchesAlone, ROUNDING, toSixteenths } from '../units'
import { type FieldState, reached } from './fold'
import { holeDepthIn } from './holeLog'
import type { Levels } from './levels'
import type { PostState } from './kinds'
import type { ReadJob, Stood } from './stood'
import { type OfficeReadings, placesOf, readAgain, readRods } from './trusted'

// What a reading changes, from top to bottom: which readings count, the grade line that they give, the foot of each
// post, its marks, whether its stick fits where it is cut, what its card prints, and which cards are to be printed
// again.

export interface Measured {
  readonly rods: RodLog
  /** Readings on pads that are not used until they are read again. */
  readonly padSuspects: Readonly<Record<string, Suspicion>>
  readonly asBuilt: readonly PostAsBuilt[]
  readonly rows: readonly (readonly string[])[]
  /** Strings of the made-up ground plane, and its height at each post. */
  readonly strings: readonly StringRow[]
  readonly stringIn: Readonly<Record<string, number>>
  readonly office: OfficeReadings
  /** Depth of each hole as dug, by tape or rod; null where it cannot be said yet. */
  readonly dugIn: Readonly<Record<string, number | null>>
}

// 1. The foot of each post.

/** Planned distance from the foot of a post up to the grade line, inches; negative where a bracket stands above it. */
export const plannedFootIn = (job: Pick<Job, 'building'>, holes: Stood['holes'], kind: PostKind): number =>
  job.building.school === 'pier' ? -job.building.bracketIn : (holes.find((hole) => hole.kind === kind)?.embedIn ?? 0)

/** The foot of one post below the grade line, whether it was read on site, and whether it is to be read again first. */
interface Foot {
  readonly inches: number
  readonly measured: boolean
  readonly again: boolean
}

/**
 * A rod stands on the bracket of a pier, which is the foot of its post; beside an embedded post it stands on a stake,
 * which is not: there the foot is read on the pad (`footing` readings), and is the plan's until then.
 */
function footOf(
  job: ReadJob,
  stood: Stood,
  levels: Levels,
  { rods, padSuspects }: Pick<Measured, 'rods' | 'padSuspects'>,
): (post: Post) => Foot {
  const onPier = job.building.school === 'pier'
  const toReadAgain = readAgain(onPier ? 'foot' : 'footing', { rods, padSuspects }, levels)
  const readUp = (post: Post): number | null => {
    if (onPier) return rods.offsets[post.id]?.upToGradeIn ?? null
    const pad = levels.footings[post.id]
    if (post.id in padSuspects) return null
    return pad && rods.gradeReadingIn !== null ? pad.inches - rods.gradeReadingIn : null
  }
  return (post) => {
    const inches = readUp(post)
    const again = toReadAgain.has(post.id)
    return inches === null
      ? { inches: plannedFootIn(job, stood.holes, post.kind), measured: false, again }
      : { inches, measured: true, again }
  }
}

// 2. Its marks, and whether its stick fits.

/** One mark of one post as it is made on its own stick. */
interface OwnMark {
  readonly key: string
  readonly name: string
  readonly kind: PoleMark['kind']
  readonly face: PoleMark['face']
  readonly fromBottomIn: number
  readonly fromHeelIn: number
  readonly upIn: number
}

const ownMarks = (marks: readonly PoleMark[], footToGradeIn: number): OwnMark[] =>
  marks.map(({ key, name, kind, face, upIn, downIn }) => ({
    key,
    name,
    kind,
    face,
    fromBottomIn: footToGradeIn + upIn,
    fromHeelIn: downIn,
    upIn,
  }))

export interface StickFit {
  readonly kind: 'short' | 'long' | 'fits'
  readonly byIn: number
  readonly say: string
}

/** A locked stick within this of its need is let be; one short by more than a block takes up is replaced. Inches. */
const STICK_TOLERANCE_IN = 1 / 16
const BLOCKED_IN = 1.5

/** What to do with a stick that is already cut, now that its need is known better. */
export function judgeStick(name: string, cutIn: number, needIn: number): StickFit {
  const byIn = cutIn - needIn
  if (Math.abs(byIn) <= STICK_TOLERANCE_IN + ROUNDING) return { kind: 'fits', byIn, say: `${name} fits.` }
  if (byIn > 0) return { kind: 'long', byIn, say: `${name} is ${inchesAlone(Math.abs(byIn))} long: trim its top.` }
  const remedy = -byIn <= BLOCKED_IN ? 'block the seat by that, or replace it.' : 'replace it, or raise its footing.'
  return { kind: 'short', byIn, say: `${name} is cut ${inchesAlone(Math.abs(byIn))} short: ${remedy}` }
}

/** A post as it stands or will stand: what was read at its foot, its own marks, its cut, and what is locked. */
export interface PostAsBuilt extends PostName {
  readonly state: PostState
  readonly measured: boolean
  /** Whether its foot, or where the rod stood, was read and is to be read again: until then that moves no mark. */
  readonly footAgain: boolean
  readonly rodAgain: boolean
  readonly readingIn: number | null
  /** Number of the set-up from which that is told; null where it is the office's own, or nothing counts. */
  readonly rodAt: number | null
  /** From where the rod stood (bracket or stake) up to the grade line; null where it was not read. */
  readonly upFromRodIn: number | null
  /** Foot of the post to the grade line: measured where the foot was read, planned otherwise. */
  readonly footToGradeIn: number
  readonly marks: readonly OwnMark[]
  /** From the foot to the seat, and to the top of its highest ply: the length it is cut to. */
  readonly seatIn: number
  readonly needIn: number
  readonly cutIn: number | null
  readonly fit: StickFit | null
  readonly locked: boolean
  /** What a card prints, to the sixteenth: two cards with the same one read the same. */
  readonly signature: string
}

// 3. What its card prints.

/** What the crew's way of leveling prints besides the marks: a card must be made anew when it changes. */
function levelingPrints(
  { fieldwork }: ReadJob,
  stringIn: Readonly<Record<string, number>>,
): (postId: string) => string {
  switch (fieldwork.levelSchool) {
    case 'level-strings':
      return (postId) => `s${toSixteenths(entryOf(stringIn, postId))}`
    case 'cut-to-laser':
      return () => `l${toSixteenths(fieldwork.laserLineIn)}`
    default:
      return () => ''
  }
}

/** Everything of a card that one works by, to the sixteenth; what the rod read is there to be looked up. */
const signatureOf = (
  { needIn, seatIn, upFromRodIn, marks, rodAgain, footAgain }: Omit<PostAsBuilt, 'signature'>,
  besides: string,
): string =>
  [
    ...[needIn, seatIn].map(toSixteenths),
    ...(upFromRodIn === null ? [] : [`r${toSixteenths(upFromRodIn)}`]),
    ...(rodAgain ? ['rod again'] : []),
    ...(footAgain ? ['foot again'] : []),
    ...marks.map((mark) => `${mark.key}${toSixteenths(mark.fromBottomIn)}`),
    ...(besides ? [besides] : []),
  ].join(' ')

/**
 * One post with what was measured on site. A post that is cut keeps its length; everything not yet used follows the
 * newest reading.
 */
function postAsBuilt(
  post: Post,
  foot: Foot,
  { poles, columns, rods, again, rodAt, state, besides }: Pick<Stood, 'poles' | 'columns'> & Standing,
): PostAsBuilt {
  const rod = rods.offsets[post.id]
  const upFromRodIn = rod?.upToGradeIn ?? null
  const marks = ownMarks(poles[post.id] ?? [], foot.inches)
  const column = entryOf(columns, post.id)
  const [seatIn, needIn] = [foot.inches + column.seatUpIn, foot.inches + column.topUpIn]
  const cutIn = state.cuts[post.id]?.body.lengthIn ?? null
  const reachedState = state.states[post.id] ?? 'planned'
  const built = {
    id: post.id,
    name: post.name,
    state: reachedState,
    measured: foot.measured,
    footAgain: foot.again,
    rodAgain: again.has(post.id),
    readingIn: rod?.readingIn ?? null,
    rodAt: rod ? rodAt : null,
    upFromRodIn,
    footToGradeIn: foot.inches,
    marks,
    seatIn,
    needIn,
    cutIn,
    fit: cutIn === null ? null : judgeStick(post.name, cutIn, needIn),
    locked: reached(reachedState, 'cut'),
  }
  return { ...built, signature: signatureOf(built, besides(post.id)) }
}

/** What all posts stand with. */
interface Standing {
  readonly rods: RodLog
  /** Posts whose rod is to be read again. */
  readonly again: ReadonlySet<string>
  readonly rodAt: number | null
  readonly state: FieldState
  readonly besides: (postId: string) => string
}

/** The strings of the made-up ground plane, and its height at each post. */
function stringPlane(job: ReadJob, stood: Stood) {
  const depthOf = (side: 'south' | 'north') => job.building.leanTos.find((leanTo) => leanTo.side === side)?.depthIn ?? 0
  const places = rowPlaces(stood.posts, stood.grid.widthIn, depthOf)
  const strings = stringRows(job.fieldwork.strings, places)
  const heights = new Map(strings.map((row) => [row.row, row.heightIn]))
  const stringIn = Object.fromEntries(
    stood.posts.map((post) => [post.id, heights.get(post.row ?? '') ?? stringHeightAt(strings, post.y)]),
  )
  return { strings, stringIn }
}

/** Number of the set-up from which all readings are told, from 1; null while they are the office's own. */
const frameOf = ({ setups }: Levels, { state }: OfficeReadings): number | null =>
  state === 'alone' ? null : setups.findIndex(({ shiftIn }) => shiftIn === 0) + 1

/** Every post with what was measured on site. */
function postsAsBuilt(
  job: ReadJob,
  stood: Stood,
  { state, levels }: { readonly state: FieldState; readonly levels: Levels },
  read: Pick<Measured, 'rods' | 'padSuspects' | 'stringIn' | 'office'>,
): readonly PostAsBuilt[] {
  const foot = footOf(job, stood, levels, read)
  const { poles, columns } = stood
  const again = readAgain('foot', read, levels)
  const besides = levelingPrints(job, read.stringIn)
  const standing = { poles, columns, rods: read.rods, again, rodAt: frameOf(levels, read.office), state, besides }
  return stood.posts.map((post) => postAsBuilt(post, foot(post), standing))
}

/** Rods and posts as built, from the office's readings and what phones have sent. Pure over its inputs. */
export function measure(job: ReadJob, stood: Stood, state: FieldState, levels: Levels): Measured {
  const { office, rods, padSuspects } = readRods(job, stood, { state, levels })
  // Worked out when they are asked for: a reading is answered without, and a phone is slow.
  const plane = remember(() => stringPlane(job, stood))
  const asBuilt = remember(() =>
    postsAsBuilt(job, stood, { state, levels }, { rods, padSuspects, stringIn: plane().stringIn, office }),
  )
  return {
    rods,
    padSuspects,
    get asBuilt() {
      return asBuilt()
    },
    rows: placesOf(stood.posts).rows,
    get strings() {
      return plane().strings
    },
    get stringIn() {
      return plane().stringIn
    },
    office,
    dugIn: Object.fromEntries(
      Object.entries(state.holes).map(([id, log]) => [id, holeDepthIn(log, levels, rods.gradeReadingIn)]),
    ),
  }
}

/** What a card prints in few letters, to stand in the address of its code: cards that read alike share it. */
export function cardCode(signature: string): string {
  let hash = 0x811c9dc5
  for (let i = 0; i < signature.length; i++) hash = Math.imul(hash ^ signature.charCodeAt(i), 0x01000193) >>> 0
  return hash.toString(36)
}

// 4. Which cards are to be printed again.

/**
 * Posts whose card reads otherwise than the one last printed, and those printed never. Null where nothing was printed
 * yet.
 */
export function changedSincePrint(
  posts: readonly PostAsBuilt[],
  { printed }: Pick<FieldState, 'printed'>,
): {
  readonly changed: readonly string[]
  readonly added: readonly string[]
  readonly gone: readonly string[]
  readonly at: string
} | null {
  if (!printed) return null
  const { cards } = printed.body
  const idsOf = (wanted: (post: PostAsBuilt) => boolean) => posts.filter(wanted).map((post) => post.id)
  return {
    at: printed.at,
    changed: idsOf((post) => cards[post.id] !== undefined && cards[post.id] !== post.signature),
    added: idsOf((post) => cards[post.id] === undefined),
    gone: Object.keys(cards).filter((id) => !posts.some((post) => post.id === id)),
  }
}
