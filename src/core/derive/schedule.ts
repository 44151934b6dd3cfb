import { type Measured, plannedFootIn } from '../field'
import type { HoleKind } from '../frame'
import { named, type Post, type PostKind, type PostName } from '../layout'
import type { PoleMark } from '../marks'
import type { Building, Job } from '../model'
import { entryOf, item } from '../result'
import { buyingOf, type Column, columnCard, type Sticks } from '../sticks'
import { toSixteenths } from '../units'
import { postSize } from '../wood'

/** One line of the post schedule. Lengths in inches, exact; `stockIn` null when no listed length is long enough. */
export interface ScheduleRow extends PostName {
  readonly kind: PostKind
  readonly xIn: number
  readonly yIn: number
  /** Above the grade line: where what stands on the post sits, and its highest point. */
  readonly seatUpIn: number
  readonly topUpIn: number
  readonly heightIn: number
  readonly embedIn: number
  readonly holeIn: number
  readonly holeDiameterIn: number
  /** From its foot to its seat, and to its highest point: the length it is cut to. */
  readonly seatIn: number
  readonly totalIn: number
  readonly stockIn: number | null
  readonly section: string
}

/** One card: posts of one kind that are cut and marked alike. */
export interface PostCard {
  readonly key: string
  readonly kind: PostKind
  readonly posts: readonly PostName[]
  readonly row: ScheduleRow
  readonly marks: readonly PoleMark[]
}

/** Longest board that each post is made of as it is bought; null where one of its boards is longer than the yard has. */
function stockOf({ sticks }: Sticks): ReadonlyMap<string, number | null> {
  const stock = new Map<string, number | null>()
  for (const { kind, of, buyLengthIn } of sticks) {
    if ((kind !== 'ply' && kind !== 'post') || of === null) continue
    const has = stock.get(of)
    if (has === null) continue
    stock.set(of, buyLengthIn === null ? null : Math.max(has ?? 0, buyLengthIn))
  }
  return stock
}

/** The post schedule, and the cards that group posts with the same kind, length and marks. */
export function schedule(
  building: Building,
  posts: readonly Post[],
  {
    holes,
    columns,
    sticks,
  }: {
    readonly holes: readonly HoleKind[]
    readonly columns: Readonly<Record<string, Column>>
    readonly sticks: Sticks
  },
): {
  readonly rows: readonly ScheduleRow[]
  readonly cards: (poles: Readonly<Record<string, readonly PoleMark[]>>) => PostCard[]
} {
  const section = postSize(building.post).label
  const stock = stockOf(sticks)
  const rows = posts.map((post): ScheduleRow => {
    const hole = holes.find((hole) => hole.kind === post.kind)
    const { seatUpIn, topUpIn } = entryOf(columns, post.id)
    const footUpIn = -plannedFootIn({ building }, holes, post.kind)
    return {
      id: post.id,
      name: post.name,
      kind: post.kind,
      xIn: post.x,
      yIn: post.y,
      seatUpIn,
      topUpIn,
      heightIn: post.heightIn,
      embedIn: hole?.embedIn ?? 0,
      holeIn: hole?.digIn ?? 0,
      holeDiameterIn: hole?.diameterIn ?? 0,
      seatIn: seatUpIn - footUpIn,
      totalIn: topUpIn - footUpIn,
      stockIn: stock.get(post.id) ?? null,
      section,
    }
  })
  return {
    rows,
    cards: (poles) => {
      const groups = new Map<string, PostCard>()
      rows.forEach((row, i) => {
        const marks = entryOf(poles, row.id)
        const key = [
          row.kind,
          toSixteenths(row.totalIn),
          toSixteenths(row.seatIn),
          ...marks.map((mark) => `${mark.kind}${toSixteenths(mark.upIn)}`),
        ].join('|')
        const card = groups.get(key)
        if (card) groups.set(key, { ...card, posts: [...card.posts, named(row)] })
        else groups.set(key, { key, kind: item(posts, i).kind, posts: [named(row)], row, marks })
      })
      return [...groups.values()]
    },
  }
}

/** A line of the schedule from the foot as it was read; as planned where it was not. */
export interface ScheduleRowAsRead extends ScheduleRow {
  readonly footRead: boolean
}

/**
 * The post schedule with each post from its own foot, as its card, its column sheet and the cut list have it: what was
 * read at a foot changes the length of that post. Lengths in inches, exact.
 */
export function scheduleAsRead(
  job: Job,
  {
    schedule: rows,
    columns,
  }: { readonly schedule: readonly ScheduleRow[]; readonly columns: Readonly<Record<string, Column>> },
  { asBuilt }: Pick<Measured, 'asBuilt'>,
): readonly ScheduleRowAsRead[] {
  const buying = buyingOf(job)
  const built = new Map(asBuilt.map((each) => [each.id, each]))
  return rows.map((row) => {
    const own = built.get(row.id)
    if (!own?.measured) return { ...row, footRead: false }
    const card = columnCard(job.building, entryOf(columns, row.id), own.footToGradeIn, { posts: [named(row)], buying })
    const stock = card.plies.flatMap(({ pieces }) => pieces.map(({ stockIn }) => stockIn))
    return {
      ...row,
      // A post on a bracket has nothing in the ground, wherever its foot was found.
      embedIn: row.embedIn > 0 ? own.footToGradeIn : row.embedIn,
      seatIn: card.seatIn,
      totalIn: card.lengthIn,
      stockIn: stock.includes(null) ? null : Math.max(...stock.map((lengthIn) => lengthIn ?? 0)),
      footRead: true,
    }
  })
}
