import { entryOf, item } from '../result'
import type { Building } from '../model'
import { named, type Post, type PostKind, type PostName } from '../layout'
import type { PoleMark } from '../marks'
import { stockFor } from '../quantities'
import { toSixteenths } from '../units'
import { postSize } from '../wood'
import type { HoleKind } from '../frame'

/** One line of the post schedule. Lengths in inches, exact; `stockIn` null when no listed length is long enough. */
export interface ScheduleRow extends PostName {
  readonly kind: PostKind
  readonly xIn: number
  readonly yIn: number
  readonly heightIn: number
  readonly longPointIn: number
  readonly embedIn: number
  readonly holeIn: number
  readonly holeDiameterIn: number
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

/** Spare over the cut length of a post that is cut at the top in place, inches. */
const POST_SPARE_IN = 1

/** The post schedule, and the cards that group posts with the same kind, length and marks. */
export function schedule(
  building: Building,
  posts: readonly Post[],
  holes: readonly HoleKind[],
): {
  readonly rows: readonly ScheduleRow[]
  readonly cards: (poles: Readonly<Record<string, readonly PoleMark[]>>) => PostCard[]
} {
  const section = postSize(building.post).label
  const rows = posts.map((post): ScheduleRow => {
    const hole = holes.find((hole) => hole.kind === post.kind)
    const embedIn = hole?.embedIn ?? 0
    const totalIn = building.school === 'pier' ? post.longPointIn - building.bracketIn : post.longPointIn + embedIn
    return {
      id: post.id,
      name: post.name,
      kind: post.kind,
      xIn: post.x,
      yIn: post.y,
      heightIn: post.heightIn,
      longPointIn: post.longPointIn,
      embedIn,
      holeIn: hole?.digIn ?? 0,
      holeDiameterIn: hole?.diameterIn ?? 0,
      totalIn,
      stockIn: stockFor(totalIn, POST_SPARE_IN),
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
