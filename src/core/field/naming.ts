import { type Building, isPostId } from '../model'
import { addUnder, fail, issue, type Issue, ok, type Result } from '../result'
import type { FieldRecord, RecordBody } from './recordShape'

/** Which posts a name means or meant: none, one, or more than one. */
export type Bearers = (name: string) => readonly string[]

const SPOT = 'spot-'
/** Whether a reading was taken on a spot of the ground instead of at a post. */
export const isSpot = (target: string): boolean => target.startsWith(SPOT)
/** The target of a reading on a spot of the ground. */
export const spotTarget = (spotId: string): string => `${SPOT}${spotId}`
/** The spot that a reading was taken on. */
export const spotOf = (target: string): string => target.slice(SPOT.length)

/** Every post that a record is about. */
export function postsOf(body: RecordBody): readonly string[] {
  switch (body.kind) {
    case 'reading':
      return isSpot(body.target) ? [] : [body.target]
    case 'gap':
    case 'span':
      return [body.from, body.to]
    case 'sign':
      return body.posts
    case 'note':
      return body.post === null ? [] : [body.post]
    case 'print':
      return Object.keys(body.cards)
    case 'hole':
    case 'pour':
    case 'state':
    case 'cut':
    case 'stand':
    case 'override':
      return [body.post]
    default:
      return []
  }
}

/** A record with each of its posts named otherwise. */
function renamed(body: RecordBody, to: (post: string) => string): RecordBody {
  switch (body.kind) {
    case 'reading':
      return isSpot(body.target) ? body : { ...body, target: to(body.target) }
    case 'gap':
    case 'span':
      return { ...body, from: to(body.from), to: to(body.to) }
    case 'sign':
      return { ...body, posts: body.posts.map(to) }
    case 'note':
      return { ...body, post: body.post === null ? null : to(body.post) }
    case 'print':
      return { ...body, cards: Object.fromEntries(Object.entries(body.cards).map(([id, card]) => [to(id), card])) }
    case 'hole':
    case 'pour':
    case 'state':
    case 'cut':
    case 'stand':
    case 'override':
      return { ...body, post: to(body.post) }
    default:
      return body
  }
}

/** What a record says, whichever posts it says it of: a name may mean another post by the time it is sent again. */
export const sayingOf = (body: RecordBody): RecordBody => renamed(body, () => '')

/**
 * Posts by the names that a code or an older phone may send: those borne before posts had identities where any post
 * bore them, the present ones otherwise.
 */
export function bearersOf(
  building: Pick<Building, 'posts' | 'givenUp'>,
  names: Readonly<Record<string, string>>,
): Bearers {
  const former = new Map<string, string[]>()
  for (const { id, formerNames } of [...building.posts, ...building.givenUp])
    for (const name of formerNames) addUnder(former, name, id)
  return (text) => former.get(text) ?? Object.keys(names).filter((id) => names[id] === text)
}

/**
 * The post that a text means: an identity itself, be it of a post that is no more, or the one post that bears or bore the
 * name.
 */
export function postOf(text: string, known: ReadonlySet<string>, bearers: Bearers): Result<string> {
  if (known.has(text) || isPostId(text)) return ok(text)
  const [id, ...others] = bearers(text)
  if (id === undefined) return fail('no-such-post', ['post'], { post: text })
  return others.length > 0 ? fail('name-of-two', ['post'], { post: text }) : ok(id)
}

/**
 * A record bound to the identities of its posts. One that names a post nobody knows, or a name that two posts bear, is
 * refused; issues name the post.
 */
export function bindRecord(record: FieldRecord, known: ReadonlySet<string>, bearers: Bearers): Result<FieldRecord> {
  const issues: Issue[] = []
  const ids = new Map<string, string>()
  for (const text of postsOf(record.body)) {
    const found = postOf(text, known, bearers)
    if (found.ok) ids.set(text, found.value)
    else issues.push(...found.issues.map(({ code, facts }) => issue(code, ['records', record.id], facts)))
  }
  if (issues.length > 0) return { ok: false, issues }
  const moved = [...ids].some(([text, id]) => text !== id)
  return ok(moved ? { ...record, body: renamed(record.body, (text) => ids.get(text) ?? text) } : record)
}

/** A record as far as its names can be bound; a name that no one post bore stays as it is. */
export function bindWhatCan(record: FieldRecord, known: ReadonlySet<string>, bearers: Bearers): FieldRecord {
  const to = (text: string) => {
    const found = postOf(text, known, bearers)
    return found.ok ? found.value : text
  }
  return { ...record, body: renamed(record.body, to) }
}
