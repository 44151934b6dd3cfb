import { bindPosts, givenUpOf, placeKey, type Standings, standingsOf } from '../layout'
import type { Building, Job } from '../model'
import { withKeys } from '../result'

type Identity = Building['posts'][number]

/** Why a post whose place went before posts had identities stands among those given up. */
const BEFORE_IDENTITIES = 'the plan was changed before posts were held by their records'

/** A number that tells revisions apart in the identities made for them. */
const made = (id: string, revision: number): string => `${id}-r${revision}`

/** An identity under what its place is called in this revision, besides every name that it has borne. */
const withNames = (identity: Identity, fresh: Identity | undefined): Identity =>
  fresh
    ? {
        ...identity,
        keptName: fresh.keptName,
        formerNames: [...new Set([...identity.formerNames, ...fresh.formerNames])],
      }
    : identity

/**
 * Carries identities from one revision of a job to the next, both read from files of before posts had them. A post with
 * a record goes only where it stood; where its place is gone it is given up, and its record stays readable. Others
 * follow their place in the layout.
 */
function carry({
  before,
  standings,
  next,
  recorded,
  revision,
}: {
  readonly before: Job
  readonly standings: Standings
  readonly next: Job
  readonly recorded: ReadonlySet<string>
  readonly revision: number
}): Job {
  const own = standingsOf(next.building)
  if (!own) return next
  const fresh = new Map(next.building.posts.map((identity) => [placeKey(identity), identity]))
  const candidate = { ...next.building, posts: before.building.posts, givenUp: before.building.givenUp }
  const bound = bindPosts(candidate, standings, {
    newId: (at) => made(fresh.get(placeKey(at))?.id ?? 'p', revision),
    held: recorded,
  })
  const posts = bound.posts.map((identity) => withNames(identity, fresh.get(placeKey(identity))))
  const carried = new Map(posts.map((identity) => [placeKey(identity), identity.id]))
  const idAt = new Map([...fresh].map(([key, identity]) => [identity.id, carried.get(key) ?? identity.id]))
  const idOf = (id: string) => idAt.get(id) ?? id
  const here = new Set(posts.map(({ id }) => id))
  const gone = standings.posts.filter((post) => recorded.has(post.id) && !here.has(post.id))
  const { hookPost } = next.strings
  return {
    ...next,
    building: {
      ...next.building,
      posts,
      givenUp: [...before.building.givenUp, ...gone.map((post) => givenUpOf(before.building, post, BEFORE_IDENTITIES))],
      gableShiftsIn: withKeys(next.building.gableShiftsIn, idOf),
      bridged: next.building.bridged.map(idOf),
    },
    levels: { ...next.levels, readingsIn: withKeys(next.levels.readingsIn, idOf) },
    strings: { ...next.strings, hookPost: hookPost === null ? null : idOf(hookPost) },
  }
}

/**
 * The revisions of a job from before posts had identities, each with identities that go on from the one before.
 * `recordedAt` says which posts of a revision had a record when the next one came.
 */
export function liveOn(revisions: readonly Job[], recordedAt: (index: number, job: Job) => ReadonlySet<string>): Job[] {
  const out: Job[] = []
  for (const [i, next] of revisions.entries()) {
    const before = out[i - 1]
    const standings = before && standingsOf(before.building)
    out.push(
      before && standings
        ? carry({ before, standings, next, recorded: recordedAt(i - 1, before), revision: i + 1 })
        : next,
    )
  }
  return out
}
