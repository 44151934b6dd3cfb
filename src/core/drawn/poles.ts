import { wallPosts, type Post } from '../layout'
import { sharedPole, type PoleMark } from '../marks'
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
  readonly columns: Readonly<Record<string, Pick<Column, 'topUpIn'>>>
}

/**
 * The pole of a post, a wall or the building; null for a name that is none of them. `heelIn`: the heel above the grade
 * line.
 */
export function poleOf(given: Of, heelIn: number, key: string): Pole | null {
  const wall = (side: Side) =>
    wallPosts(given.posts, side)
      .filter((post) => post.side === side)
      .map((post) => ({ of: initials(given.wallNames[side]), marks: given.poles[post.id] ?? [] }))
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
        marks: given.poles[key] ?? [],
        topIn: other.heightIn,
        longPointIn: given.columns[other.id]?.topUpIn ?? other.heightIn,
        side: other.kind === 'lean-to' ? null : other.side,
      }
    : null
}
