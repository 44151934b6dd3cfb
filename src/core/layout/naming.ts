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
export const namesOf = (
  { posts, omitted }: { readonly posts: readonly PostName[]; readonly omitted: readonly PostName[] },
  { givenUp }: Pick<Building, 'givenUp'>,
): Record<string, string> => Object.fromEntries([...givenUp, ...omitted, ...posts].map(({ id, name }) => [id, name]))

/** Gives the posts of one layout their identities and names. */
export interface Naming {
  /** A post of a lettered row: `A3`. */
  readonly lettered: (at: PostPlace, letter: string, line: number) => PostName
  /** The next post that stands outside the rows: `J1`, `J2`, `X1`. */
  readonly numbered: (at: PostPlace, letter: 'J' | 'X') => PostName
}

const AFTER = 'bcdefghijklmnopqrstuvwxyz'

/**
 * Names are unique by construction: rows, jambs and extra posts have letters of their own, and a name that a post keeps
 * from its printed paper is given to no other.
 */
export function naming(building: Pick<Building, 'posts'>): Naming {
  const bound = new Map(building.posts.map((entry) => [placeKey(entry), entry.id]))
  const kept = new Map(building.posts.flatMap(({ id, keptName }) => (keptName === null ? [] : [[id, keptName]])))
  const taken = new Set(kept.values())
  const made = { J: 0, X: 0 }
  // A place that has no identity yet goes by itself.
  const idAt = (at: PostPlace) => bound.get(placeKey(at)) ?? `${at.string}-${at.place}`
  const free = (name: string): string => {
    if (!taken.has(name)) return name
    const suffix = [...AFTER].find((letter) => !taken.has(name + letter))
    return name + (suffix ?? '')
  }
  const give = (id: string, name: () => string): PostName => {
    const known = kept.get(id)
    if (known !== undefined) return { id, name: known }
    const given = name()
    taken.add(given)
    return { id, name: given }
  }
  const next = (letter: 'J' | 'X'): string => {
    do made[letter]++
    while (taken.has(`${letter}${made[letter]}`))
    return `${letter}${made[letter]}`
  }
  return {
    lettered: (at, letter, line) => give(idAt(at), () => free(`${letter}${line}`)),
    numbered: (at, letter) => give(idAt(at), () => next(letter)),
  }
}
