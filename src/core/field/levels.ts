import { type Bump, corrections } from './bumps'
import { byClock } from './clock'
import type { Contest } from './contest'
import type { FieldState } from './fold'
import type { Said } from './envelope'
import { type Judged, judgeReadings } from './seconds'

/** One laser set-up with what its readings say: how it ties to the first, whether it closes, and how it spreads. */
export interface SetupLevels {
  readonly setup: string
  readonly place: string
  readonly benchmarkIn: number | null
  /** Added to a reading of this set-up to stand in the first one's; null where nothing ties them. */
  readonly shiftIn: number | null
  /** What the last check missed the benchmark by, over the one before it. */
  readonly closingIn: number | null
  /** Whether the laser was bumped since it was set up, was checked and stands, or was not checked. */
  readonly state: 'open' | 'closed' | 'bumped' | 'untied'
  readonly bumps: readonly Bump[]
  /** What is taken off a reading that is made next, inches: what the laser has drifted by. */
  readonly nowIn: number
  readonly count: number
  readonly lowest: Said<'reading'> | null
  readonly highest: Said<'reading'> | null
  readonly spreadIn: number
}

/** A reading brought into the frame of the first set-up, its share of the closing error taken out. */
export interface TiedReading {
  readonly id: string
  readonly target: string
  readonly of: 'foot' | 'footing' | 'ground'
  readonly setup: string
  readonly rawIn: number
  readonly inches: number
  readonly at: string
  readonly clock: string
  readonly who: string
  readonly device: string
  /** Taken to see whether the first one holds. */
  readonly second: boolean
}

/** Two readings of one place that contradict each other. */
export type Disputes = Readonly<Record<string, Contest<TiedReading>>>

export interface Levels {
  readonly setups: readonly SetupLevels[]
  /**
   * The reading that stands for each target, of those that were not taken back and that no bump leaves in doubt: the
   * newest, unless another device or a second reading says otherwise.
   */
  readonly current: Readonly<Record<string, TiedReading>>
  readonly footings: Readonly<Record<string, TiedReading>>
  readonly grounds: Readonly<Record<string, TiedReading>>
  /** Places that two devices read differently, in one frame: the first stands until somebody chooses. */
  readonly contests: readonly Contest<TiedReading>[]
  /** Places that were read twice alike, and those whose second reading contradicts the first. */
  readonly confirmed: { readonly feet: ReadonlySet<string>; readonly footings: ReadonlySet<string> }
  readonly disputes: { readonly feet: Disputes; readonly footings: Disputes; readonly grounds: Disputes }
  readonly unused: readonly Unused[]
  /** What all of it was told from, by what the rod stood on. */
  readonly judged: JudgedLevels
}
type JudgedLevels = Readonly<Record<TiedReading['of'], Judged<TiedReading>>>

/** A reading that is not used: it may be of before or after a bump, nothing ties its set-up, or nobody started that. */
interface Unused {
  readonly reading: Said<'reading'>
  readonly why: 'bumped' | 'untied' | 'no-setup'
}

/** A set-up with its looks at the benchmark, in order, and what the first of them read; null where there was none. */
interface Looked {
  readonly setup: Said<'setup'>
  readonly benchmarkIn: number | null
  readonly looks: readonly Said<'check'>[]
  /** Those of them that look back to an earlier one. */
  readonly back: readonly Said<'check'>[]
}

/** A set-up that read no benchmark when it was started has it from the first look that was made since. */
function lookedAt(setup: Said<'setup'>, checks: readonly Said<'check'>[]): Looked {
  const looks = checks.filter((check) => check.body.setup === setup.body.setup).sort(byClock)
  const { benchmarkIn } = setup.body
  if (benchmarkIn !== null) return { setup, benchmarkIn, looks, back: looks }
  return { setup, benchmarkIn: looks[0]?.body.benchmarkIn ?? null, looks, back: looks.slice(1) }
}

/** What is added to a reading of a set-up to stand in the first one's frame: HI = BM + BS. */
function shiftOf(looked: Looked, first: Looked | undefined): number | null {
  if (looked === first) return 0
  const [own, firsts] = [looked.benchmarkIn, first?.benchmarkIn ?? null]
  return own === null || firsts === null ? null : firsts - own
}

/** How a set-up stands. */
function stateOf(shiftIn: number | null, closingIn: number | null, bumps: readonly Bump[]): SetupLevels['state'] {
  if (shiftIn === null) return 'untied'
  if (bumps.length > 0) return 'bumped'
  return closingIn === null ? 'open' : 'closed'
}

/** What the last check missed the benchmark by, over the look at it before. */
function closingOf(checks: readonly Said<'check'>[], benchmarkIn: number | null): number | null {
  const [before, last] = [checks.at(-2), checks.at(-1)]
  if (benchmarkIn === null || !last) return null
  return last.body.benchmarkIn - (before?.body.benchmarkIn ?? benchmarkIn)
}

/** One reading in the frame of the first set-up. */
export const tiedTo = ({ id, at, clock, who, device, body }: Said<'reading'>, byIn: number): TiedReading => ({
  id,
  target: body.target,
  of: body.of,
  setup: body.setup,
  rawIn: body.inches,
  inches: body.inches + byIn,
  at,
  clock,
  who,
  device,
  second: body.second ?? false,
})

/** The readings where the rod stood lowest and highest, and how far they spread: a low place reads much. */
type Ends = Pick<SetupLevels, 'lowest' | 'highest' | 'spreadIn'>
export function endsWith({ lowest, highest }: Ends, reading: Said<'reading'>): Ends {
  const { inches } = reading.body
  const [low, high] = [
    !lowest || inches > lowest.body.inches ? reading : lowest,
    !highest || inches <= highest.body.inches ? reading : highest,
  ]
  return { lowest: low, highest: high, spreadIn: low.body.inches - high.body.inches }
}
const NO_ENDS: Ends = { lowest: null, highest: null, spreadIn: 0 }

/** A set-up's readings in the frame of the first, and those that are not used. */
function tieSetup(looked: Looked, first: Looked | undefined, state: FieldState) {
  const { benchmarkIn } = looked
  const { setup: name, place } = looked.setup.body
  const own = state.readings.filter((reading) => reading.body.setup === name)
  const shiftIn = shiftOf(looked, first)
  // What was read before a late look counts as read at its height: nothing says otherwise.
  const { by, bumps, nowIn } = corrections(own, looked.looks, benchmarkIn)
  const tied: TiedReading[] = []
  const unused: Unused[] = []
  own.forEach((reading, k) => {
    const offIn = by[k] ?? null
    if (shiftIn === null) unused.push({ reading, why: 'untied' })
    else if (offIn === null) unused.push({ reading, why: 'bumped' })
    else tied.push(tiedTo(reading, shiftIn - offIn))
  })
  const closingIn = closingOf(looked.back, benchmarkIn)
  const levels: SetupLevels = {
    setup: name,
    place,
    benchmarkIn,
    shiftIn,
    closingIn,
    state: stateOf(shiftIn, closingIn, bumps),
    bumps,
    nowIn,
    count: own.length,
    ...own.reduce(endsWith, NO_ENDS),
  }
  return { levels, tied, unused }
}

/**
 * Brings every reading into one frame. Set-ups are tied by their readings on the one benchmark: HI = BM + BS, so a
 * reading of a later set-up shifts by the difference of the two. What checks back to the benchmark say is in
 * `corrections`, what second readings say in `judgeReadings`.
 */
export function tieLevels(state: FieldState): Levels {
  const started = new Map<string, Said<'setup'>>()
  for (const setup of state.setups) if (!started.has(setup.body.setup)) started.set(setup.body.setup, setup)
  const setups = [...started.values()].map((setup) => lookedAt(setup, state.checks))
  const first = setups.find(({ benchmarkIn }) => benchmarkIn !== null) ?? setups[0]
  const all = setups.map((looked) => tieSetup(looked, first, state))
  const lone = state.readings.filter((reading) => !started.has(reading.body.setup))
  const read = all.filter((each) => each.tied.length > 0)
  // Those of one set-up are in order as they are.
  const tied = read.length > 1 ? read.flatMap((each) => each.tied).sort(byClock) : (read[0]?.tied ?? [])
  const judged = (kind: TiedReading['of']) => judgeReadings(tied.filter((reading) => reading.of === kind))
  return levelsOf(
    all.map((each) => each.levels),
    { foot: judged('foot'), footing: judged('footing'), ground: judged('ground') },
    [...all.flatMap((each) => each.unused), ...lone.map((reading) => ({ reading, why: 'no-setup' as const }))],
  )
}

/** Levels, from set-ups and what was judged of each place. */
export function levelsOf(setups: readonly SetupLevels[], judged: JudgedLevels, unused: readonly Unused[]): Levels {
  const { foot, footing, ground } = judged
  return {
    setups,
    current: foot.standing,
    footings: footing.standing,
    grounds: ground.standing,
    confirmed: { feet: foot.confirmed, footings: footing.confirmed },
    disputes: { feet: foot.disputes, footings: footing.disputes, grounds: ground.disputes },
    unused,
    contests: [...foot.contests, ...footing.contests, ...ground.contests],
    judged,
  }
}
