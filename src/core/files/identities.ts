import { allOf, type OmittedPost, placeKey, type Post, standingsOf } from '../layout'
import { type Building, type Job, jobSchema } from '../model'
import { addUnder, recordOf, withKeys } from '../result'

type Raw = Record<string, unknown>
type Identity = Building['posts'][number]
type Standing = Post | OmittedPost

/** An identity made from a place alone, so that everyone who reads the same older file makes the same one (FNV-1a). */
function hashed(key: string): string {
  let hash = 0x811c9dc5
  for (const char of key) hash = Math.imul(hash ^ char.charCodeAt(0), 0x01000193) >>> 0
  return `p-${hash.toString(36)}`
}

/** Row letters as they were up to version 5: every letter, those of jambs and lean-tos too. */
const oldLetter = (i: number): string =>
  i < 26 ? String.fromCharCode(65 + i) : `${oldLetter(Math.floor(i / 26) - 1)}${oldLetter(i % 26)}`

/** The letter of the row that a place stood in up to version 5; null where it had a name of its own kind (J, X). */
function oldRow({ string, place }: Standing, inner: number): string | null {
  if (place.startsWith('inner-')) return oldLetter(Number(place.slice('inner-'.length)))
  if (!/^(line|corner)-/.test(place)) return null
  switch (string) {
    case 'south':
      return 'A'
    case 'north':
      return oldLetter(inner + 1)
    case 'lean-north':
      return oldLetter(inner + 2)
    default:
      return 'S'
  }
}

const numberIn = (text: string): string => /\d+$/.exec(text)?.[0] ?? ''

/** What each place was called up to version 5, when names were identities. Two posts of a wide building may share one. */
function oldName(standing: Standing, inner: number): string {
  const letter = oldRow(standing, inner)
  return letter === null ? standing.name : `${letter}${numberIn(standing.name)}`
}

const innerCount = (standings: readonly Standing[]): number =>
  Math.max(0, ...standings.flatMap(({ place }) => (place.startsWith('inner-') ? [Number(numberIn(place))] : [])))

/** Names of one layout: which identities bore each. */
function bearersOf(standings: readonly Standing[], inner: number, idOf: (standing: Standing) => string) {
  const bearers = new Map<string, string[]>()
  for (const standing of standings) addUnder(bearers, oldName(standing, inner), idOf(standing))
  return bearers
}

/** Entries of a record keyed by name, keyed by identity instead; those whose name no post or more than one bore aside. */
function rekeyed(named: Raw, idsOf: (name: string) => readonly string[]) {
  const kept: Raw = {}
  const lost: string[] = []
  for (const [name, value] of Object.entries(named)) {
    const ids = idsOf(name)
    const [id] = ids
    if (id !== undefined && ids.length === 1) kept[id] = value
    else lost.push(`${name} ${String(value)}`)
  }
  return { kept, lost }
}

/** Brings a raw job of version 6 up to the newest. */
type Later = (raw: Raw) => Raw

/** A job without anything that is keyed by a name; null where it is not a job at all. */
function bare(raw: Raw, later: Later): Job | null {
  const building = { ...recordOf(raw.building), posts: [], givenUp: [], gableShiftsIn: {}, bridged: [] }
  const parsed = jobSchema.safeParse(
    later({
      ...raw,
      version: 6,
      building,
      levels: { ...recordOf(raw.levels), readingsIn: {} },
      strings: { ...recordOf(raw.strings), hookPost: null },
    }),
  )
  return parsed.success ? parsed.data : null
}

const laidOut = (building: Building): readonly Standing[] => {
  const laid = standingsOf(building)
  return laid ? allOf(laid) : []
}

/** Identities for every place of a layout, each under the name on its paper where that was its alone. */
function identitiesOf(standings: readonly Standing[], inner: number): Identity[] {
  const bearers = bearersOf(standings, inner, placeKey)
  const made = new Set<string>()
  return standings.map((standing) => {
    const { string, place, name } = standing
    let key = placeKey(standing)
    while (made.has(hashed(key))) key += '~'
    made.add(hashed(key))
    const old = oldName(standing, inner)
    const alone = bearers.get(old)?.length === 1
    return {
      id: hashed(key),
      string,
      place,
      pinned: null,
      keptName: alone && old !== name ? old : null,
      formerNames: [old],
    }
  })
}

/**
 * Version 5 called posts by their names alone. Each place of the layout gets an identity, made from the place, and what
 * was kept under a name goes under the identity that bore it. Office readings under a name that two posts bore are
 * written into the job’s note: nobody can say whose they were.
 */
export function withIdentities(raw: Raw, later: Later): Raw {
  const old = recordOf(raw.building)
  const job = bare(raw, later)
  const plain = { ...raw, version: 6, building: { ...old, posts: [], givenUp: [] } }
  if (!job) return plain
  // Lettered rows do not depend on shifts and bridges; the layout with them tells the rest.
  const lettered = laidOut(job.building)
  const inner = innerCount(lettered)
  const rows = lettered.filter((standing) => oldRow(standing, inner) !== null)
  const byRow = bearersOf(rows, inner, (standing) => standing.id)
  const rowIds = (name: string) => byRow.get(name) ?? []
  const shifts = rekeyed(recordOf(old.gableShiftsIn), rowIds).kept as Building['gableShiftsIn']
  const bridged = (Array.isArray(old.bridged) ? old.bridged : []).flatMap((name) => rowIds(String(name)))
  const standings = laidOut({ ...job.building, gableShiftsIn: shifts, bridged })
  if (standings.length === 0) return plain
  const posts = identitiesOf(standings, inner)
  const idAt = new Map(standings.map((standing, i) => [standing.id, posts[i]?.id ?? standing.id]))
  const idOf = (id: string) => idAt.get(id) ?? id
  const bearers = bearersOf(standings, inner, (standing) => idOf(standing.id))
  const readings = rekeyed(recordOf(recordOf(raw.levels).readingsIn), (name) => bearers.get(name) ?? [])
  const hook = recordOf(raw.strings).hookPost
  const hookPost = typeof hook === 'string' ? (bearers.get(hook)?.[0] ?? null) : null
  const lost =
    readings.lost.length > 0 ? `Readings under a name that no one post bore: ${readings.lost.join(', ')}.` : ''
  return {
    ...plain,
    note: [raw.note, lost].filter(Boolean).join('\n'),
    building: {
      ...old,
      posts,
      givenUp: [],
      gableShiftsIn: withKeys(shifts, idOf),
      bridged: bridged.map(idOf),
    },
    levels: { ...recordOf(raw.levels), readingsIn: readings.kept },
    strings: { ...recordOf(raw.strings), hookPost },
  }
}
