import type { FieldRecord } from '../../field'
import { type Chance, chanceOf } from '../fuzz/chance'
import { record } from '../records'
import kinds from './kinds.json'
import { type BlunderSite, normal } from './sites'

// Rod logs with one error planted in each, of a kind that the list in `kinds.json` names. A person reads to the
// sixteenth with a noise of 1/64 in.; checks back to the benchmark come after every ten readings, as the page asks.

export type Blunder = (typeof kinds)[number]

/** A log, and how far each first reading is from the truth. */
export interface BlunderLog {
  readonly records: readonly FieldRecord[]
  readonly truthIn: Readonly<Record<string, number>>
  readonly errorIn: Readonly<Record<string, number>>
}

/** How a log is made. With two lasers every other stretch of posts is read from the second, and again from the other one. */
export interface Manner {
  readonly seconds: boolean
  readonly checks: boolean
  readonly lasers?: 1 | 2
}

/** A laser that is read from: its set-up, and how much more than the first one's every rod reads there. */
interface Laser {
  readonly setup: string
  readonly moreIn: number
}
const FIRST: Laser = { setup: 's1', moreIn: 0 }
/** Posts that are read from one laser before the other has its turn. */
const STRETCH = 4

/** The lasers of a log, and from which a post is read. The second stands somewhere else, where every rod reads more or less. */
function lasersOf({ lasers }: Manner, order: readonly string[], chance: Chance) {
  if (lasers !== 2) return { all: [FIRST], laserOf: () => FIRST }
  const other: Laser = { setup: 's2', moreIn: chance.between(-12, 12) }
  const isOdd = (id: string) => Math.floor(order.indexOf(id) / STRETCH) % 2 === 1
  return { all: [FIRST, other], laserOf: (id: string, second: boolean) => (isOdd(id) === second ? FIRST : other) }
}

const NOISE_IN = 1 / 64
const CHECK_EVERY = 10
const BENCHMARK_IN = 48
const toRod = (inches: number, chance: Chance): number =>
  Math.max(0, Math.round((inches + NOISE_IN * normal(chance)) * 16) / 16)

type Misread = (blunder: Blunder, inches: number, chance: Chance) => number | null

/** One of two sixteenths for the other. */
const fractionWrong: Misread = ({ sixteenths }, inches) => {
  const [one = 0, other = 0] = sixteenths ?? []
  const whole = Math.floor(inches)
  const at = Math.round((inches - whole) * 16)
  if (at !== one && at !== other) return null
  return whole + (at === one ? other : one) / 16
}

/** One of two digits of the inches for the other. */
const digitWrong: Misread = ({ digits }, inches, chance) => {
  const [one = '', other = ''] = digits ?? []
  const whole = Math.floor(inches)
  const text = String(whole)
  const places = [...text].flatMap((digit, i) => (digit === one || digit === other ? [i] : []))
  if (places.length === 0) return null
  const at = chance.of(places)
  return Number(text.slice(0, at) + (text[at] === one ? other : one) + text.slice(at + 1)) + inches - whole
}

const tenthsWrong: Misread = (_blunder, inches) => {
  const whole = Math.floor(inches)
  const tenths = Math.round((inches - whole) * 10)
  return tenths >= 1 && tenths <= 9 ? whole + tenths / 16 : null
}

/** How one number is read or written wrong; null where the kind cannot befall it. */
const MISREAD: Readonly<Partial<Record<Blunder['how'], Misread>>> = {
  fraction: fractionWrong,
  digit: digitWrong,
  tenths: tenthsWrong,
  'upside-down': ({ rodsIn }, inches, chance) => Math.max(0, chance.of(rodsIn ?? [96]) - inches),
  slip: ({ byIn }, inches, chance) => Math.max(0, inches + chance.of(byIn ?? [1]) * (chance.happens(0.5) ? 1 : -1)),
}
const misread: Misread = (blunder, inches, chance) => MISREAD[blunder.how]?.(blunder, inches, chance) ?? null

/** Under which post each reading is written: its own, but for the kinds that mix them up. */
function orderOf(blunder: Blunder | null, rows: BlunderSite['rows'], chance: Chance): ReadonlyMap<string, string> {
  const standsAt = new Map(rows.flat().map((id) => [id, id]))
  const row = chance.of(rows.filter(({ length }) => length >= 5))
  const at = chance.whole(0, row.length - 2)
  const put = (id: string | undefined, from: string | undefined) => {
    if (id !== undefined && from !== undefined) standsAt.set(id, from)
  }
  if (blunder?.how === 'swapped') {
    put(row[at], row[at + 1])
    put(row[at + 1], row[at])
  }
  if (blunder?.how === 'shifted') row.forEach((id, i) => put(id, row[i + 1]))
  if (blunder?.how === 'mirror') row.forEach((id, i) => put(id, row[row.length - 1 - i]))
  return standsAt
}

/** How much higher the laser stands at each step of the log. */
function movedBy(blunder: Blunder | null, steps: number, chance: Chance): (step: number) => number {
  const byIn = chance.of(blunder?.byIn ?? [0]) * (chance.happens(0.5) ? 1 : -1)
  const at = chance.whole(1, Math.max(1, steps - 2))
  if (blunder?.how === 'bump') return (step) => (step >= at ? byIn : 0)
  return blunder?.how === 'drift' ? (step) => (byIn * step) / steps : () => 0
}

/** A whole log of a site, with an error of this kind in it, or none. */
export function blunderLog(site: BlunderSite, blunder: Blunder | null, manner: Manner, seed: number): BlunderLog {
  const chance = chanceOf(seed)
  const truthIn = site.heightsIn(chance)
  const order = [...new Set(site.rows.flat())]
  const standsAt = orderOf(blunder, site.rows, chance)
  const steps = order.length * (manner.seconds ? 2 : 1)
  const laserIn = movedBy(blunder, steps, chance)
  // Drawn apart: a log of one laser stays what it was.
  const apart = chanceOf(seed + 1_000_003)
  const { all, laserOf } = lasersOf(manner, order, apart)
  const benchmarkIn = ({ moreIn }: Laser) => (moreIn === 0 ? BENCHMARK_IN : toRod(BENCHMARK_IN + moreIn, apart))
  const records: FieldRecord[] = all.map((laser, minute) =>
    record(minute, { kind: 'setup', setup: laser.setup, place: '', benchmarkIn: benchmarkIn(laser) }),
  )
  const errorIn: Record<string, number> = {}
  const misreadAt = spotFor(blunder, order, truthIn, chance)
  let minute = all.length - 1
  // It is the first laser that is bumped or drifts.
  const higherIn = ({ moreIn, setup }: Laser, step: number) => moreIn + (setup === FIRST.setup ? laserIn(step) : 0)
  const read = (target: string, step: number, second: boolean): void => {
    const from = second ? target : (standsAt.get(target) ?? target)
    const laser = laserOf(target, second)
    let inches = toRod((truthIn[from] ?? 0) + higherIn(laser, step), chance)
    if (!second && target === misreadAt && blunder) inches = misread(blunder, inches, chance) ?? inches
    if (!second) errorIn[target] = inches - laser.moreIn - (truthIn[target] ?? 0)
    const body = { kind: 'reading' as const, setup: laser.setup, target, of: 'foot' as const, inches }
    records.push(record(++minute, second ? { ...body, second: true as const } : body))
  }
  const check = (step: number): void => {
    for (const laser of all) {
      const inches = toRod(BENCHMARK_IN + higherIn(laser, step), laser === FIRST ? chance : apart)
      records.push(record(++minute, { kind: 'check', setup: laser.setup, benchmarkIn: inches }))
    }
  }
  const walk = [
    ...order.map((id) => [id, false] as const),
    ...(manner.seconds ? [...order].reverse() : []).map((id) => [id, true] as const),
  ]
  walk.forEach(([id, second], step) => {
    read(id, step, second)
    if (manner.checks && (step + 1) % CHECK_EVERY === 0) check(step)
  })
  if (manner.checks) check(steps - 1)
  return { records, truthIn, errorIn }
}

/** Where a number is misread: at one to which the kind can happen. */
function spotFor(
  blunder: Blunder | null,
  order: readonly string[],
  truthIn: Readonly<Record<string, number>>,
  chance: Chance,
): string | null {
  if (!blunder) return null
  const can = order.filter((id) => misread(blunder, Math.round((truthIn[id] ?? 0) * 16) / 16, chance) !== null)
  return can.length > 0 ? chance.of(can) : null
}
