import { type Building, type Job } from '../model'
import { addUnder, issue, type Issue, item } from '../result'
import { HALF_MARK_IN } from '../units'
import { layOutGrid } from './grid'
import { placeKey } from './naming'
import { placePosts } from './posts'
import type { OmittedPost, Post, PostName, PostPlace } from './post'

/** The identity of one post as the job keeps it. */
type Identity = Building['posts'][number]
type Standing = Post | OmittedPost

/** Everything of a building that has an identity: its posts, and those left out, which may come back. */
export interface Standings {
  readonly posts: readonly Post[]
  readonly omitted: readonly OmittedPost[]
}

/** Where the posts of a building stand, whatever else contradicts in it; null where its lines cannot be laid out. */
export function standingsOf(building: Building): Standings | null {
  const grid = layOutGrid(building)
  return grid.ok ? placePosts(building, grid.value) : null
}

const samePlace = (one: Standing, other: Standing): boolean =>
  Math.hypot(one.x - other.x, one.y - other.y) < HALF_MARK_IN

/** Everything of a layout that has an identity, the posts first. */
export const allOf = ({ posts, omitted }: Standings): readonly Standing[] => [...posts, ...omitted]

/** Places of a layout by their key, and by the string that they stand on. */
function placesBy(places: readonly Standing[]) {
  const byKey = new Map<string, Standing>()
  const onString = new Map<string, Standing[]>()
  for (const place of places) {
    byKey.set(placeKey(place), place)
    addUnder(onString, place.string, place)
  }
  return { byKey, onString }
}

/** Which place each identity takes: where it stood to the sixteenth before anything, then its own place of the layout. */
function takePlaces(
  identities: readonly Identity[],
  places: readonly Standing[],
  { before, held }: { readonly before: readonly Standing[]; readonly held: ReadonlySet<string> },
): ReadonlyMap<Standing, Identity> {
  const { byKey, onString } = placesBy(places)
  const stood = new Map(before.map((post) => [post.id, post]))
  const holders = new Map<Standing, Identity>()
  const placed = new Set<string>()
  const free = (place: Standing | undefined) => (place && !holders.has(place) ? place : undefined)
  const own = (identity: Identity) => free(byKey.get(placeKey(identity)))
  const among = ({ string }: Identity, fits: (place: Standing) => boolean) =>
    onString.get(string)?.find((place) => fits(place) && !holders.has(place))
  const take = (choose: (identity: Identity) => Standing | undefined) => {
    for (const identity of identities) {
      if (placed.has(identity.id)) continue
      const found = choose(identity)
      if (!found) continue
      holders.set(found, identity)
      placed.add(identity.id)
    }
  }
  take((identity) => {
    const { pinned } = identity
    return pinned ? among(identity, (place) => Math.abs(place.atIn - pinned.atIn) < HALF_MARK_IN) : undefined
  })
  take((identity) => {
    const was = stood.get(identity.id)
    if (!was) return undefined
    const here = own(identity)
    return here && samePlace(here, was) ? here : among(identity, (place) => samePlace(place, was))
  })
  take((identity) => (held.has(identity.id) ? undefined : own(identity)))
  return holders
}

const newIdentity = (id: string, at: PostPlace): Identity => ({
  id,
  ...at,
  pinned: null,
  keptName: null,
  formerNames: [],
})

/** How identities are bound: where new ones come from, and which may only go where they stood. */
interface Binding {
  readonly newId: (at: PostPlace) => string
  readonly held?: ReadonlySet<string>
  /** The layout of the building where it is at hand; null where it cannot be laid out. */
  readonly laid?: Standings | null
}
const NONE: ReadonlySet<string> = new Set()

/** Whether every place of a layout has its identity, and no identity is without one. */
export function isBound({ posts }: Building, standings: Standings): boolean {
  const keys = new Set(posts.map(placeKey))
  const places = allOf(standings)
  return keys.size === posts.length && places.length === posts.length && places.every((at) => keys.has(placeKey(at)))
}

/** Forgets shifts and bridges of posts that are no more. */
function forgetGone(building: Building): Building {
  const { gableShiftsIn, bridged } = building
  const known = new Set(building.posts.map(({ id }) => id))
  const gone = [...Object.keys(gableShiftsIn), ...bridged].some((id) => !known.has(id))
  if (!gone) return building
  return {
    ...building,
    gableShiftsIn: Object.fromEntries(Object.entries(gableShiftsIn).filter(([id]) => known.has(id))),
    bridged: bridged.filter((id) => known.has(id)),
  }
}

/** Whether identities are those of these places, each of one. */
function ownsAll(identities: readonly Identity[], places: readonly Standing[]): boolean {
  const known = new Set(identities.map(({ id }) => id))
  return known.size === places.length && places.every(({ id }) => known.has(id))
}

/** Whether two layouts have the same posts, left out or not, on the same places; most edits move none. */
function unmoved(one: Standings, other: Standings): boolean {
  const alike = (these: readonly Standing[], those: readonly Standing[]) =>
    these.length === those.length &&
    these.every((standing, i) => {
      const was = item(those, i)
      return (
        standing.id === was.id &&
        standing.place === was.place &&
        standing.string === was.string &&
        samePlace(standing, was)
      )
    })
  return alike(one.posts, other.posts) && alike(one.omitted, other.omitted)
}

/**
 * The building with an identity for every place of its layout: those that stand where they stood keep theirs, then those
 * whose place is of the same kind; places that are new get new ones, and identities without a place go. The same
 * building where nothing changes, or where it cannot be laid out.
 */
export function bindPosts(
  building: Building,
  before: Standings | null,
  { newId, held = NONE, laid = standingsOf(building) }: Binding,
): Building {
  if (!laid) return building
  const places = allOf(laid)
  if (before && unmoved(laid, before) && ownsAll(building.posts, places)) return building
  const holders = takePlaces(building.posts, places, { before: before ? allOf(before) : [], held })
  const byId = new Map<string, Identity>()
  for (const at of places) {
    const holder = holders.get(at)
    const { string, place } = at
    const identity = holder ?? newIdentity(newId(at), { string, place })
    byId.set(identity.id, identity.place === place ? identity : { ...identity, place })
  }
  const known = new Set(building.posts.map((identity) => identity.id))
  const posts = [
    ...building.posts.flatMap((identity) => byId.get(identity.id) ?? []),
    ...[...byId.values()].filter((identity) => !known.has(identity.id)),
  ]
  const same = posts.length === building.posts.length && posts.every((identity, i) => identity === building.posts[i])
  return same ? building : forgetGone({ ...building, posts })
}

/** What a change of the plan would do to a post that has a record. */
export interface PostEffect extends PostName {
  readonly kind: 'moved' | 'renamed' | 'merged' | 'dropped'
  /** How far it would move, inches; 0 where it would not. */
  readonly byIn: number
  /** What it would be called; the post whose place it would fall to where it is merged. */
  readonly toName: string
  /** Whether it could be kept as a fixed point of its row: not where the row itself moves away. */
  readonly keepable: boolean
}

/** How far a post lies off its own row, inches from the row's string: what no fixed point along the row can mend. */
const acrossIn = (post: Post): number => (post.string === 'west' || post.string === 'east' ? post.x : post.y)

function rowStays(post: Post, after: Standings): boolean {
  const row = after.posts.filter((other) => other.string === post.string)
  return row.some((other) => Math.abs(acrossIn(other) - acrossIn(post)) < HALF_MARK_IN)
}

/**
 * What a change would do to the posts that have a record, each by itself: move it, give its place to another post, call
 * it otherwise, or take it away. Empty where every recorded post stands where it stood under its own name.
 */
export function effectsOn(recorded: ReadonlySet<string>, before: Standings, after: Standings): PostEffect[] {
  const now = new Map(after.posts.map((post) => [post.id, post]))
  const holders = new Map(after.posts.map((post) => [placeKey(post), post]))
  return before.posts.flatMap((post): PostEffect[] => {
    if (!recorded.has(post.id)) return []
    const { id, name } = post
    const stands = now.get(id)
    const keepable = rowStays(post, after)
    if (!stands) {
      const into = holders.get(placeKey(post))
      return [{ id, name, kind: into ? 'merged' : 'dropped', byIn: 0, toName: into?.name ?? '', keepable }]
    }
    const byIn = Math.hypot(stands.x - post.x, stands.y - post.y)
    if (byIn >= HALF_MARK_IN) return [{ id, name, kind: 'moved', byIn, toName: stands.name, keepable }]
    return stands.name === name ? [] : [{ id, name, kind: 'renamed', byIn: 0, toName: stands.name, keepable: true }]
  })
}

/** What a change would do to a recorded post, as a problem of the change. */
export const effectIssue = ({ name, kind, byIn, toName }: PostEffect): Issue =>
  issue('recorded-post', ['building', 'posts'], { post: name, effect: kind, byIn, toName })

/** What becomes of a recorded post: it keeps its place and name, or gives its place up for a reason. */
export type PostDecision = { readonly kind: 'keep' } | { readonly kind: 'give up'; readonly reason: string }

const without = <T>(record: Readonly<Record<string, T>>, key: string): Record<string, T> =>
  Object.fromEntries(Object.entries(record).filter(([own]) => own !== key))

const formerNamesOf = ({ posts }: Building, id: string): Identity['formerNames'] =>
  posts.find((identity) => identity.id === id)?.formerNames ?? []

/** What is kept of a post of `building` that gives its place up: who it was, where it stood, and why it went. */
export const givenUpOf = (building: Building, post: Post, reason: string): Building['givenUp'][number] => ({
  id: post.id,
  name: post.name,
  xIn: post.x,
  yIn: post.y,
  formerNames: formerNamesOf(building, post.id),
  reason,
})

/** The identity of a post kept where it stood: a fixed point of its row, under the name on its paper. */
function keptIdentity(post: Post, moved: boolean, formerNames: Identity['formerNames']): Identity {
  const framed = post.line !== null && post.kind !== 'gable' && post.string !== 'west' && post.string !== 'east'
  const { id, string, place, name } = post
  return {
    id,
    string,
    place,
    keptName: name,
    formerNames,
    pinned: moved || post.pinned ? { atIn: post.atIn, framed } : null,
  }
}

/**
 * The building after a change with what was decided of the posts it touches: those kept become fixed points of their
 * rows, those given up leave their place to a new post and are noted with the reason.
 */
export function settlePosts(
  changed: Building,
  before: Standings & { readonly building: Building },
  effects: readonly PostEffect[],
  decisions: ReadonlyMap<string, PostDecision>,
): Building {
  const stood = new Map(before.posts.map((post) => [post.id, post]))
  return effects.reduce((building, effect): Building => {
    const post = stood.get(effect.id)
    const decision = decisions.get(effect.id)
    if (!post || !decision) return building
    const others = building.posts.filter((identity) => identity.id !== effect.id)
    const gableShiftsIn = without(building.gableShiftsIn, effect.id)
    if (decision.kind === 'give up') {
      const gone = givenUpOf(before.building, post, decision.reason)
      return { ...building, posts: others, givenUp: [...building.givenUp, gone] }
    }
    const kept = keptIdentity(post, effect.kind !== 'renamed', formerNamesOf(before.building, post.id))
    if (!kept.pinned) return { ...building, posts: [...others, kept] }
    return { ...building, posts: [...others, kept], gableShiftsIn }
  }, changed)
}

/** A job whose posts all have their identity, after a change from another. */
export const bindJob = (job: Job, before: Standings | null, binding: Binding): Job => {
  const building = bindPosts(job.building, before, binding)
  return building === job.building ? job : { ...job, building }
}
