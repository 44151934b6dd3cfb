import type { Building } from '../model'
import type { PostName, PostPlace } from './post'

/** The place on its string of the post at a numbered line, `i` from 0: the ends stay the ends however many lines there are. */
export function linePlace(i: number, last: number): string {
  if (i === 0) return 'corner-low'
  return i === last ? 'corner-high' : `line-${i + 1}`
}

/** The key of a place among all places of a building. */
export const placeKey = ({ string, place }: PostPlace): string => `${string}/${place}`

/** Names by identity of everything that has or had a place: posts, those left out, those given up. */
export function namesOf(
  { posts, omitted }: { readonly posts: readonly PostName[]; readonly omitted: readonly PostName[] },
  { givenUp }: Pick<Building, 'givenUp'>,
): Record<string, string> {
  const names: Record<string, string> = {}
  for (const named of [givenUp, omitted, posts]) for (const { id, name } of named) names[id] = name
  return names
}

/** Gives the posts of one layout their identities and names. */
export interface Naming {
  /** A post of a lettered row: `A3`. */
  readonly lettered: (at: PostPlace, letter: string, line: number) => PostName
  /** The next post that stands outside the rows: `J1`, `J2`, `X1`. */
  readonly numbered: (at: PostPlace, letter: 'J' | 'X') => PostName
}

const AFTER = 'bcdefghijklmnopqrstuvwxyz'

/** Identities by their place on each string. */
function boundIds(posts: Building['posts']): ReadonlyMap<string, ReadonlyMap<string, string>> {
  const bound = new Map<string, Map<string, string>>()
  for (const { string, place, id } of posts) {
    const onString = bound.get(string) ?? new Map<string, string>()
    onString.set(place, id)
    bound.set(string, onString)
  }
  return bound
}

/**
 * Names are unique by construction: rows, jambs and extra posts have letters of their own, and a name that a post keeps
 * from its printed paper is given to no other.
 */
export function naming(building: Pick<Building, 'posts'>): Naming {
  const bound = boundIds(building.posts)
  const kept = new Map<string, string>()
  for (const { id, keptName } of building.posts) if (keptName !== null) kept.set(id, keptName)
  const taken = new Set(kept.values())
  const made = { J: 0, X: 0 }
  // A place that has no identity yet goes by itself.
  const idAt = ({ string, place }: PostPlace): string => bound.get(string)?.get(place) ?? `${string}-${place}`
  const free = (name: string): string => {
    if (!taken.has(name)) return name
    const suffix = [...AFTER].find((letter) => !taken.has(name + letter))
    return name + (suffix ?? '')
  }
  const take = (name: string): string => {
    taken.add(name)
    return name
  }
  const next = (letter: 'J' | 'X'): string => {
    do made[letter]++
    while (taken.has(`${letter}${made[letter]}`))
    return `${letter}${made[letter]}`
  }
  return {
    lettered: (at, letter, line) => {
      const id = idAt(at)
      return { id, name: kept.get(id) ?? take(free(`${letter}${line}`)) }
    },
    numbered: (at, letter) => {
      const id = idAt(at)
      return { id, name: kept.get(id) ?? take(next(letter)) }
    },
  }
}
