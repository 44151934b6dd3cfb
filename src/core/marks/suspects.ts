import { addUnder } from '../result'
import { ROUNDING } from '../units'
import { type Confusion, isUpsideDown, meantFor } from './confusions'
import { inOrder, median, planeThrough, spreadOf, spreadOfSorted } from './robust'
import { type Order, orderDoubts } from './rowOrder'

// Redundancy first, then a test of what does not agree: every reading is held against what the others say there, and
// one that lies too many spreads away is not used until it has been read again.

/** What is known of the places that are read. */
export interface ReadSite {
  /** Who stands beside whom in a row. */
  readonly neighbors: Readonly<Record<string, readonly string[]>>
  /** How far below the grade line the plan has each place, inches: a bracket’s height, or the ground’s from spot heights. */
  readonly plannedUpIn?: Readonly<Record<string, number>>
  readonly places?: Readonly<Record<string, { readonly x: number; readonly y: number }>>
  readonly rows?: readonly (readonly string[])[]
}

/** What a reading is held against. */
export type Against = 'plan' | 'ground' | 'neighbors'

/** Two numbers of a reading, inches: in the frame of the first set-up, and as it stood on the rod at its own laser. */
interface Read {
  readonly readingIn: number
  readonly rodIn: number
}

/** Why a reading is not used until it is read again. */
export type Suspicion =
  | (Read & {
      readonly kind: 'off'
      readonly offIn: number
      /** How far the others spread, inches; null where they are too few to say. */
      readonly spreadIn: number | null
      readonly against: Against
      /** What it may have been meant as, on the rod. */
      readonly confusion: Confusion | null
      readonly meantIn: number | null
    })
  | (Read & { readonly kind: Order | 'next-door'; readonly with: string })
  /** `otherIn` is the second reading as the rod would show it where the first was taken. */
  | (Read & { readonly kind: 'disputed'; readonly otherIn: number })

/** Least spread that readings are taken to have, inches: a rod is read to the sixteenth. */
const LEAST_SPREAD_IN = 1 / 8
/** A reading is suspect beyond so many spreads, and a named confusion beyond so many (register C41). */
const SUSPECT_SPREADS = 2.5
const CONFUSED_SPREADS = 1.5
/** No reading is doubted that is off by this at most, inches. */
const NEAR_IN = CONFUSED_SPREADS * LEAST_SPREAD_IN
/** A reading is a named confusion when it is off by that to this, inches. */
const SAME_IN = 1 / 32
/** Readings that it takes besides one’s own before a spread can be told, and to lay a plane through. */
const OTHERS_LEAST = 4
const PLANE_LEAST = 8
/** Where too few are read to tell a spread, only a reading this far from both its neighbors is doubted, inches. */
export const FEW_APART_IN = 12

type Readings = ReadonlyMap<string, number>
/** How far each reading is off what something says, about the middle of all. */
type Off = ReadonlyMap<string, number>

function offFrom(readings: Readings, expected: (id: string) => number | null): Off {
  const off = new Map<string, number>()
  for (const [id, inches] of readings) {
    const there = expected(id)
    if (there !== null) off.set(id, inches - there)
  }
  return off
}

function centered(off: Off): Off {
  const middle = median([...off.values()])
  return new Map([...off].map(([id, value]) => [id, value - middle]))
}

const mean = (list: readonly number[]): number => list.reduce((sum, value) => sum + value, 0) / list.length

/** How far each reading is off the mean of both its neighbors. */
const offNeighbors = (readings: Readings, { neighbors }: ReadSite): Off =>
  offFrom(readings, (id) => {
    const near = (neighbors[id] ?? []).flatMap((other) => readings.get(other) ?? [])
    return near.length < 2 ? null : mean(near)
  })

/** How far each is off the plan, once the plan has been moved as a whole to fit them. */
const offPlan = (readings: Readings, { plannedUpIn = {} }: ReadSite): Off =>
  centered(offFrom(readings, (id) => plannedUpIn[id] ?? null))

/** How far each is off a plane through all. */
function offGround(readings: Readings, { places = {} }: ReadSite): Off {
  const points = [...readings].flatMap(([id, z]) => {
    const at = places[id]
    return at ? [{ ...at, z, id }] : []
  })
  if (points.length < PLANE_LEAST) return new Map()
  const plane = planeThrough(points)
  return centered(new Map(points.map((point) => [point.id, point.z - plane(point)])))
}

/** What the readings are held against: whatever explains them best, the plan where it does nearly as well. */
interface Model {
  readonly against: Against
  readonly off: Off
  readonly spreadIn: number
}

/** Everything that explains at least five of these readings, the best first. */
function modelsOf(readings: Readings, site: ReadSite): readonly Model[] {
  const found: readonly (readonly [Against, Off])[] = [
    ['plan', offPlan(readings, site)],
    ['ground', offGround(readings, site)],
    ['neighbors', offNeighbors(readings, site)],
  ]
  return found
    .filter(([, off]) => off.size > OTHERS_LEAST)
    .map(([against, off]) => ({ against, off, spreadIn: spreadOf([...off.values()]) }))
    .sort((one, other) => rankOf(one) - rankOf(other))
}
/** The plan is held to where it explains the readings nearly as well as the best does, and a plane before neighbors. */
const PREFERRED: Readonly<Record<Against, number>> = { plan: 2, ground: 1.25, neighbors: 1 }
const rankOf = ({ against, spreadIn }: Model): number => Math.max(LEAST_SPREAD_IN, spreadIn) / PREFERRED[against]

/** How many numbers each model fits to the readings: what is fitted lies nearer to them than the truth does. */
const FITTED: Readonly<Record<Against, number>> = { plan: 1, ground: 3, neighbors: 0 }

/** Up to this factor a wider spread of all readings is taken to be that of a set-up, too (register C41). */
const WIDER = 3

/**
 * Spread of the other readings of one’s set-up; of all where those are too few, and where those of all spread more, but
 * not by so much that the set-up must stand elsewhere: half the posts of a site tell its spread badly, and good readings
 * are doubted where it comes out too narrow.
 */
function spreadOfOthers({ against, off }: Model, setUpOf: Judged['setUpOf']): (id: string) => number {
  const all = spreadWithout([...off.values()], FITTED[against])
  const values = new Map<string | undefined, number[]>()
  for (const [id, value] of off) addUnder(values, setUpOf(id), value)
  const ofSetUps = new Map(
    [...values].map(([setUp, own]) => [setUp, own.length > OTHERS_LEAST ? spreadWithout(own, FITTED[against]) : all]),
  )
  return (id) => {
    const value = off.get(id) ?? 0
    const [own, pooled] = [(ofSetUps.get(setUpOf(id)) ?? all)(value), all(value)]
    return pooled <= WIDER * own ? Math.max(own, pooled) : own
  }
}

/** Spread of a list without one of its values; those that are alike leave the same behind. */
function spreadWithout(list: readonly number[], fitted: number): (value: number) => number {
  const known = new Map<number, number>()
  const sorted = inOrder(list)
  return (value) => {
    const before = known.get(value)
    if (before !== undefined) return before
    const own = sorted.indexOf(value)
    const others = sorted.filter((_, i) => i !== own)
    const free = others.length / Math.max(1, others.length - fitted)
    const spread = Math.max(LEAST_SPREAD_IN, free * spreadOfSorted(others))
    known.set(value, spread)
    return spread
  }
}

/** A neighbor that reads the very same, where this place should not. */
function nextDoor(id: string, readingIn: number, { off, spreadIn }: Held, { readings, site }: Judged): string | null {
  if (Math.abs(off.get(id) ?? 0) <= CONFUSED_SPREADS * spreadIn) return null
  const same = (site.neighbors[id] ?? []).find((other) => {
    const there = readings.get(other)
    return (
      there !== undefined && Math.abs(there - readingIn) <= SAME_IN && Math.abs(off.get(other) ?? Infinity) <= spreadIn
    )
  })
  return same ?? null
}

interface Held {
  readonly against: Against
  readonly off: Off
  readonly spreadIn: number
}
interface Judged {
  readonly readings: Readings
  readonly site: ReadSite
  readonly setUpOf: (id: string) => string | undefined
  readonly movedIn: NonNullable<Trust['movedIn']>
}

/** Both numbers of a reading: digits are mistaken on the rod as it was read. */
function readOf(id: string, { readings, movedIn }: Judged): Read {
  const readingIn = readings.get(id) ?? 0
  return { readingIn, rodIn: readingIn - (movedIn[id] ?? 0) }
}

/** What a rod’s number that is off by `offIn` may have been meant as, to `withinIn`; the nearest where there are several. */
function confusionOf(rodIn: number, offIn: number, withinIn: number) {
  const near = meantFor(rodIn)
    .map((meant) => ({ ...meant, missIn: Math.abs(offIn - (rodIn - meant.inches)) }))
    .filter(({ missIn }) => missIn <= withinIn + ROUNDING)
    .sort((one, other) => one.missIn - other.missIn)
  const best = near.at(0)
  if (best) return { confusion: best.confusion, meantIn: best.inches }
  if (isUpsideDown(rodIn, rodIn - offIn, withinIn)) return { confusion: 'upside-down' as const, meantIn: rodIn - offIn }
  return { confusion: null, meantIn: null }
}

/** Judges one reading: null where it agrees with the others. */
function judge(id: string, held: Held, judged: Judged): Suspicion | null {
  const read = readOf(id, judged)
  const offIn = held.off.get(id) ?? 0
  const spreads = Math.abs(offIn) / held.spreadIn
  if (spreads <= CONFUSED_SPREADS) return null
  const neighbor = nextDoor(id, read.readingIn, held, judged)
  if (neighbor !== null) return { ...read, kind: 'next-door', with: neighbor }
  const exact = confusionOf(read.rodIn, offIn, SAME_IN)
  if (spreads <= SUSPECT_SPREADS && (exact.confusion === null || exact.confusion === 'upside-down')) return null
  const named = exact.confusion ? exact : confusionOf(read.rodIn, offIn, held.spreadIn)
  return { ...read, kind: 'off', offIn, spreadIn: held.spreadIn, against: held.against, ...named }
}

/** By which model each reading is judged, and how far the others spread in it: told once, of all, and where it is asked. */
interface Measure {
  readonly against: Against
  readonly spreadIn: () => number
}

type Offs = ReadonlyMap<Against, Off>

function measuresOf({ readings, site, setUpOf }: Judged) {
  const models = modelsOf(readings, site).map((model) => ({ ...model, spreadOf: spreadOfOthers(model, setUpOf) }))
  const measures = new Map<string, Measure>()
  for (const id of readings.keys()) {
    const model = models.find(({ off }) => off.has(id))
    if (model) measures.set(id, { against: model.against, spreadIn: () => model.spreadOf(id) })
  }
  return { measures, offs: new Map(models.map(({ against, off }) => [against, off])) as Offs }
}

const OFF: Readonly<Record<Against, (readings: Readings, site: ReadSite) => Off>> = {
  plan: offPlan,
  ground: offGround,
  neighbors: offNeighbors,
}

/** How far these readings are off what each model says of them. */
function offsOf(models: Iterable<Against>, { readings, site }: Judged): Offs {
  return new Map([...models].map((against) => [against, OFF[against](readings, site)]))
}

/** The worst of what is suspect among these readings; null where they agree. */
function worstOf(
  judged: Judged,
  measures: ReadonlyMap<string, Measure>,
  offs: Offs,
  sure: ReadonlySet<string>,
): readonly [string, Suspicion] | null {
  let worst: readonly [string, Suspicion] | null = null
  let most = 0
  for (const id of judged.readings.keys()) {
    const measure = measures.get(id)
    const model = measure && offs.get(measure.against)
    if (!measure || !model?.has(id) || sure.has(id)) continue
    const offIn = Math.abs(model.get(id) ?? 0)
    // So near no spread makes it suspect: there is no need to tell it, and most readings are.
    if (offIn <= NEAR_IN) continue
    const spreadIn = measure.spreadIn()
    const spreads = offIn / spreadIn
    if (spreads <= most) continue
    const suspicion = judge(id, { against: measure.against, spreadIn, off: model }, judged)
    if (suspicion) [worst, most] = [[id, suspicion], spreads]
  }
  return worst
}

/** Where too few are read to tell a spread: a reading far from both its neighbors. */
function fewSuspects(judged: Judged, sure: ReadonlySet<string>): Record<string, Suspicion> {
  const suspects: Record<string, Suspicion> = {}
  for (const [id, offIn] of offNeighbors(judged.readings, judged.site))
    if (!sure.has(id) && Math.abs(offIn) > FEW_APART_IN) {
      const read = readOf(id, judged)
      const named = confusionOf(read.rodIn, offIn, LEAST_SPREAD_IN)
      suspects[id] = { ...read, kind: 'off', offIn, spreadIn: null, against: 'neighbors', ...named }
    }
  return suspects
}

/** How readings stand besides their numbers. */
export interface Trust {
  /** Places whose reading is not doubted: read twice alike, or kept by a lead. */
  readonly sure?: ReadonlySet<string>
  /** The set-up that each was taken from: readings of one spread alike. */
  readonly setUps?: Readonly<Record<string, string>>
  /** By how much each was moved from what its rod showed into the frame of all, inches. */
  readonly movedIn?: Readonly<Record<string, number>>
}

/**
 * Readings that do not agree with the others (inches, in one frame): over 2.5 spreads from what the plan, the ground or
 * the neighbors say there, or over 1.5 and off by just what a known confusion makes of the number on the rod, as it was
 * read there. A spread is 1.4826 × median |e − median e| of the other readings of its set-up, 1/8 in. at least; it is that
 * of all readings where these spread more, by up to three times. The worst is taken out first, since it pulls at what the
 * rest is held against. With under five readings no spread can be told: only one that lies a foot off both its neighbors
 * is doubted then.
 */
export function suspectsOf(
  readingsIn: Readonly<Record<string, number>>,
  site: ReadSite,
  { sure = new Set(), setUps = {}, movedIn = {} }: Trust = {},
): Readonly<Record<string, Suspicion>> {
  const all = new Map(Object.entries(readingsIn))
  const setUpOf = (id: string) => setUps[id]
  const every: Judged = { readings: all, site, setUpOf, movedIn }
  const suspects: Record<string, Suspicion> = {}
  if (all.size <= OTHERS_LEAST) return fewSuspects(every, sure)
  for (const [id, { order, with: other }] of orderDoubts(all, site, sure))
    suspects[id] = { ...readOf(id, every), kind: order, with: other }
  const left = new Map([...all].filter(([id]) => !(id in suspects)))
  const judged = { ...every, readings: left }
  const { measures, offs } = measuresOf(judged)
  let now = offs
  while (left.size > OTHERS_LEAST) {
    const worst = worstOf(judged, measures, now, sure)
    if (!worst) break
    suspects[worst[0]] = worst[1]
    left.delete(worst[0])
    now = offsOf(offs.keys(), judged)
  }
  return suspects
}
