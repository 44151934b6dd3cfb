import type { HoleKind } from '../../frame'
import { named, type Post, type PostName } from '../../layout'
import type { Building } from '../../model'
import { item } from '../../result'
import { cannot, judged } from '../check'

/** Least clear earth between two holes, inches, and as a share of the larger of them. */
const LEAST_CLEAR_IN = 12
const LEAST_CLEAR_SHARE = 1 / 2

/** Two neighboring holes: how far apart they stand, and how far they would have to, center to center, inches. */
interface Neighbors {
  readonly posts: readonly [PostName, PostName]
  readonly apartIn: number
  readonly needIn: number
  readonly diametersIn: readonly [number, number]
}

function neighborsOf(one: Post, other: Post, oneIn: number, otherIn: number): Neighbors {
  const clearIn = Math.max(LEAST_CLEAR_IN, LEAST_CLEAR_SHARE * Math.max(oneIn, otherIn))
  return {
    posts: [named(one), named(other)],
    apartIn: Math.hypot(one.x - other.x, one.y - other.y),
    needIn: (oneIn + otherIn) / 2 + clearIn,
    diametersIn: [oneIn, otherIn],
  }
}

const isShared = ({ sharedFootings }: Pick<Building, 'sharedFootings'>, one: Post, other: Post): boolean =>
  sharedFootings.some((pair) => pair.includes(one.id) && pair.includes(other.id))

/** Every two holes, those on one common footing apart from the rest. */
function pairsOf(posts: readonly Post[], holes: readonly HoleKind[], building: Pick<Building, 'sharedFootings'>) {
  const diameters = new Map(holes.flatMap(({ postIds, diameterIn }) => postIds.map((id) => [id, diameterIn] as const)))
  const [apart, shared]: [Neighbors[], Neighbors[]] = [[], []]
  for (let i = 0; i < posts.length; i++)
    for (let j = i + 1; j < posts.length; j++) {
      const [one, other] = [item(posts, i), item(posts, j)]
      const neighbors = neighborsOf(one, other, diameters.get(one.id) ?? 0, diameters.get(other.id) ?? 0)
      ;(isShared(building, one, other) ? shared : apart).push(neighbors)
    }
  return { apart, shared }
}

export type ApartFacts =
  | ({ readonly kind: 'apart' } & Neighbors)
  | { readonly kind: 'shared'; readonly pairs: readonly (readonly [PostName, PostName])[] }

/**
 * The two holes that stand nearest for their size, inches between their centers: clear earth of 12 in. and of half the
 * larger one is left between them, or they share one footing, which is not sized here. Null with fewer than two posts.
 */
export function apart({
  posts,
  holes,
  building,
}: {
  readonly posts: readonly Post[]
  readonly holes: readonly HoleKind[]
  readonly building: Pick<Building, 'sharedFootings'>
}) {
  const found = pairsOf(posts, holes, building)
  const [first, ...rest] = found.apart
  if (!first) return null
  const used = ({ needIn, apartIn }: Neighbors) => needIn / apartIn
  const nearest = rest.reduce((worst, each) => (used(each) > used(worst) ? each : worst), first)
  const name = { member: 'hole', rule: 'apart', place: '', id: 'holes-apart', stage: 'holes' } as const
  if (nearest.needIn <= nearest.apartIn && found.shared.length > 0) {
    const pairs = found.shared.map((each) => each.posts)
    const facts: ApartFacts = { kind: 'shared', pairs }
    return cannot({ ...name, subjects: pairs.flatMap((pair) => pair.map(({ id }) => id)), facts })
  }
  const facts: ApartFacts = { kind: 'apart', ...nearest }
  return judged({
    ...name,
    group: 'ground',
    subjects: nearest.posts.map(({ id }) => id),
    demand: nearest.needIn,
    capacity: nearest.apartIn,
    unit: 'in',
    combination: 'detailing',
    facts,
  })
}
