import type { Post } from '../layout'
import type { PoleMark, RodLog } from '../marks'
import { formatLength, toSixteenths, ROUNDING } from '../units'
import { reached, type FieldState } from './fold'
import type { Levels } from './levels'
import type { PostState } from './records'

/** One mark of one post as it is made on its own stick. */
interface OwnMark {
  readonly key: string
  readonly name: string
  readonly kind: PoleMark['kind']
  readonly fromBottomIn: number
  readonly fromHeelIn: number
  readonly upIn: number
}

export interface StickFit {
  readonly kind: 'short' | 'long' | 'fits'
  readonly byIn: number
  readonly say: string
}

/** A post as it stands or will stand: what was read at its foot, its own marks, its cut, and what is locked. */
export interface PostAsBuilt {
  readonly id: string
  readonly state: PostState
  readonly measured: boolean
  readonly readingIn: number | null
  /** From where the rod stood (bracket or stake) up to the grade line; null where it was not read. */
  readonly upFromRodIn: number | null
  /** Foot of the post to the grade line: measured where the foot was read, planned otherwise. */
  readonly footToGradeIn: number
  readonly marks: readonly OwnMark[]
  readonly needIn: number
  readonly cutIn: number | null
  readonly fit: StickFit | null
  readonly locked: boolean
  /** What a card prints, to the sixteenth: two cards with the same one read the same. */
  readonly signature: string
}

/** A locked stick within this of its need is let be, inches. */
const STICK_TOLERANCE_IN = 1 / 16
const inch = (inches: number) => formatLength(Math.abs(inches), { feet: false })

/** What to do with a stick that is already cut, now that its need is known better. */
export function judgeStick(id: string, cutIn: number, needIn: number): StickFit {
  const by = cutIn - needIn
  if (Math.abs(by) <= STICK_TOLERANCE_IN + ROUNDING) return { kind: 'fits', byIn: by, say: `${id} fits.` }
  if (by > 0) return { kind: 'long', byIn: by, say: `${id} is ${inch(by)} long: trim its top.` }
  return {
    kind: 'short',
    byIn: by,
    say:
      -by <= 1.5
        ? `${id} is cut ${inch(by)} short: block the seat by that, or replace it.`
        : `${id} is cut ${inch(by)} short: replace it, or raise its footing.`,
  }
}

/** The foot of one post below the grade line, and whether it was read on site. */
export interface Foot {
  readonly inches: number
  readonly measured: boolean
}

/**
 * Every post with what was measured on site. Posts that are cut keep their length; everything not yet used follows the
 * newest reading.
 */
export function postsAsBuilt({
  posts,
  poles,
  footOf,
  rods,
  state,
  printsToo = () => '',
}: {
  posts: readonly Post[]
  poles: Readonly<Record<string, readonly PoleMark[]>>
  footOf: (post: Post) => Foot
  rods: RodLog
  state: FieldState
  printsToo?: (id: string) => string
}): PostAsBuilt[] {
  return posts.map((post): PostAsBuilt => {
    const rod = rods.offsets[post.id]
    const foot = footOf(post)
    const footToGradeIn = foot.inches
    const marks = (poles[post.id] ?? []).map((mark): OwnMark => ({
      key: mark.key,
      name: mark.name,
      kind: mark.kind,
      fromBottomIn: footToGradeIn + mark.upIn,
      fromHeelIn: mark.downIn,
      upIn: mark.upIn,
    }))
    const needIn = footToGradeIn + post.longPointIn
    const cut = state.cuts[post.id]?.body.lengthIn ?? null
    const st = state.states[post.id] ?? 'planned'
    return {
      id: post.id,
      state: st,
      measured: foot.measured,
      readingIn: rod?.readingIn ?? null,
      upFromRodIn: rod?.upToGradeIn ?? null,
      footToGradeIn,
      marks,
      needIn,
      cutIn: cut,
      fit: cut === null ? null : judgeStick(post.id, cut, needIn),
      locked: reached(st, 'cut'),
      signature: [
        toSixteenths(needIn),
        ...(rod ? [`r${toSixteenths(rod.upToGradeIn)}`] : []),
        ...marks.map((mark) => `${mark.key}${toSixteenths(mark.fromBottomIn)}`),
        ...(printsToo(post.id) ? [printsToo(post.id)] : []),
      ].join(' '),
    }
  })
}

/**
 * Posts whose card reads otherwise than the one last printed, and those printed never. Null where nothing was printed
 * yet.
 */
export function changedSincePrint(
  posts: readonly PostAsBuilt[],
  state: FieldState,
): {
  readonly changed: readonly string[]
  readonly added: readonly string[]
  readonly gone: readonly string[]
  readonly at: string
} | null {
  const printed = state.printed
  if (!printed) return null
  const cards = printed.body.cards
  return {
    at: printed.at,
    changed: posts
      .filter((post) => cards[post.id] !== undefined && cards[post.id] !== post.signature)
      .map((post) => post.id),
    added: posts.filter((post) => cards[post.id] === undefined).map((post) => post.id),
    gone: Object.keys(cards).filter((id) => !posts.some((post) => post.id === id)),
  }
}

/** One line of plan against as-built: a value along a row of posts. */
export interface Difference {
  readonly id: string
  readonly planIn: number
  readonly builtIn: number | null
  readonly byIn: number | null
}

/** Foot heights of a row of posts: as planned (all alike below the grade line) and as read. */
export const footDifferences = (row: readonly PostAsBuilt[], embedOf: (id: string) => number): Difference[] =>
  row.map((built) => ({
    id: built.id,
    planIn: -embedOf(built.id),
    builtIn: built.measured ? -built.footToGradeIn : null,
    byIn: built.measured ? embedOf(built.id) - built.footToGradeIn : null,
  }))

/**
 * Girts between posts as they stand: the gap measured on site less a set play, rounded down to the sixteenth; the
 * planned gap where none was measured.
 */
export function girtFromGap({
  state,
  from,
  to,
  plannedIn,
  playIn,
}: {
  state: FieldState
  from: string
  to: string
  plannedIn: number
  playIn: number
}): { readonly lengthIn: number; readonly measured: boolean } {
  const gap = state.gaps
    .filter((gap) => (gap.body.from === from && gap.body.to === to) || (gap.body.from === to && gap.body.to === from))
    .at(-1)
  const raw = (gap?.body.gapIn ?? plannedIn) - playIn
  return { lengthIn: Math.floor(raw * 16 + ROUNDING) / 16, measured: gap !== undefined }
}

/** Posts of a row between two that were read which were not: a gap in the sequence. */
export function gapsInSequence(rows: readonly (readonly string[])[], levels: Levels): string[] {
  return rows.flatMap((row) => {
    const read = row.map((id) => id in levels.current)
    const [firstAt, lastAt] = [read.indexOf(true), read.lastIndexOf(true)]
    return firstAt < 0 ? [] : row.filter((_, i) => i > firstAt && i < lastAt && !read[i])
  })
}
