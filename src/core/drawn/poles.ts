import { type PlacedOpening, wallPosts, type Post } from '../layout'
import { sharedPole, type PoleMark, wallEdges } from '../marks'
import { SIDES, type Side } from '../model'
import type { Column } from '../sticks'

/** A story pole as it is drawn or printed: one post's, a wall's (`wall-south`), or one for the whole `building`. */
export interface Pole {
  readonly key: string
  readonly of: 'post' | 'wall' | 'building'
  readonly name: string
  readonly marks: readonly PoleMark[]
  /** Top of what is marked, and of the stick, above the grade line. */ readonly topIn: number
  readonly longPointIn: number
  readonly side: Side | null
}

/** North wall → N, Southeast wall → SE: what a crowded pole has room for. */
const initials = (name: string): string =>
  (/^(north|south)?(east|west)?/i.exec(name) ?? [])
    .slice(1)
    .map((text) => text?.[0]?.toUpperCase() ?? '')
    .join('') || name
interface Of {
  readonly posts: readonly Post[]
  readonly poles: Readonly<Record<string, readonly PoleMark[]>>
  readonly wallNames: Readonly<Record<Side, string>>
  readonly placed: readonly PlacedOpening[]
  readonly columns: Readonly<Record<string, Pick<Column, 'topUpIn'>>>
}

/** A mark of one face of a corner post with the wall that it is for. */
const named = (mark: PoleMark, wallNames: Of['wallNames']): PoleMark =>
  mark.face === null ? mark : { ...mark, name: `${mark.name}, ${initials(wallNames[mark.face])}` }

/**
 * The pole of a post, a wall or the building; null for a name that is none of them. `heelIn`: the heel above the grade
 * line.
 */
export function poleOf(given: Of, heelIn: number, key: string): Pole | null {
  const wall = (side: Side) => {
    const of = initials(given.wallNames[side])
    const posts = wallPosts(given.posts, side).map((post) => ({
      of,
      // A corner post stands in two walls: this one's marks, and those of the whole post.
      marks: (given.poles[post.id] ?? []).filter(({ face }) => face === null || face === side),
    }))
    return [...posts, { of, marks: wallEdges(given.placed, side, heelIn) }]
  }
  const shared = (name: string, layers: ReturnType<typeof wall>, side: Side | null): Pole => ({
    key,
    of: side === null ? 'building' : 'wall',
    name,
    marks: sharedPole(layers, heelIn),
    topIn: heelIn,
    longPointIn: heelIn,
    side,
  })
  if (key === 'building') return shared('whole building', SIDES.flatMap(wall), null)
  const side = SIDES.find((side) => key === `wall-${side}`)
  if (side) return shared(given.wallNames[side].toLowerCase(), wall(side), side)
  const other = given.posts.find((post) => post.id === key)
  return other
    ? {
        key,
        of: 'post',
        name: other.name,
        marks: (given.poles[key] ?? []).map((mark) => named(mark, given.wallNames)),
        topIn: other.heightIn,
        longPointIn: given.columns[other.id]?.topUpIn ?? other.heightIn,
        side: other.kind === 'lean-to' ? null : other.side,
      }
    : null
}
