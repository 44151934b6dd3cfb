import { ROUNDING } from '../units'
import { byClock } from './clock'
import { type Contest, judgeEach, sameReading } from './contest'
import type { FieldState } from './fold'
import type { Said } from './envelope'

/** Most that a closing check may miss by before its set-up is refused, inches; half of it is spread without a word. */
const CLOSING_IN = 1 / 8

/** One laser set-up with what its readings say: how it ties to the first, whether it closes, and how it spreads. */
export interface SetupLevels {
  readonly setup: string
  readonly place: string
  readonly benchmarkIn: number | null
  /** Added to a reading of this set-up to stand in the first one's; null where nothing ties them. */
  readonly shiftIn: number | null
  readonly closingIn: number | null
  readonly state: 'open' | 'closed' | 'refused' | 'untied'
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
}

export interface Levels {
  readonly setups: readonly SetupLevels[]
  /**
   * The reading that stands for each target, of those that were not taken back and whose set-up holds: the newest, unless
   * another device read otherwise.
   */
  readonly current: Readonly<Record<string, TiedReading>>
  readonly footings: Readonly<Record<string, TiedReading>>
  readonly grounds: Readonly<Record<string, TiedReading>>
  /** Places that two devices read differently, in one frame: the first stands until somebody chooses. */
  readonly contests: readonly Contest<TiedReading>[]
  readonly unused: readonly { readonly reading: Said<'reading'>; readonly why: 'refused' | 'untied' | 'no-setup' }[]
}

/**
 * Brings every reading into one frame. Set-ups are tied by their readings on the one benchmark: HI = BM + BS, so a
 * reading of a later set-up
 * shifts by the difference of the two. A closing check within 1/8 in. is spread evenly over the readings in order; a
 * larger one refuses the set-up.
 */
export function tieLevels(state: FieldState): Levels {
  const first = state.setups.find((setup) => setup.body.benchmarkIn !== null) ?? state.setups[0]
  const unused: { reading: Said<'reading'>; why: 'refused' | 'untied' | 'no-setup' }[] = []
  const tied: TiedReading[] = []
  const seen = new Set<string>()
  const setups = state.setups
    .filter((setup) => !seen.has(setup.body.setup) && seen.add(setup.body.setup))
    .map((setup): SetupLevels => {
      const own = state.readings.filter((reading) => reading.body.setup === setup.body.setup)
      const check = state.checks.filter((check) => check.body.setup === setup.body.setup).at(-1)
      const bs = setup.body.benchmarkIn
      const closingIn = check && bs !== null ? check.body.benchmarkIn - bs : null
      const shiftOf = () => {
        if (setup.body.setup === first?.body.setup) return 0
        if (bs !== null && first?.body.benchmarkIn != null) return first.body.benchmarkIn - bs
        return null
      }
      const shiftIn = shiftOf()
      const refused = closingIn !== null && Math.abs(closingIn) > CLOSING_IN + ROUNDING
      const by = (pick: (one: number, other: number) => boolean) =>
        own.reduce<Said<'reading'> | null>(
          (best, said) => (!best || pick(said.body.inches, best.body.inches) ? said : best),
          null,
        )
      const [lowest, highest] = [by((one, other) => one > other), by((one, other) => one < other)]
      own.forEach((said, k) => {
        if (refused) {
          unused.push({ reading: said, why: 'refused' })
          return
        }
        if (shiftIn === null) {
          unused.push({ reading: said, why: 'untied' })
          return
        }
        const share = closingIn === null ? 0 : (closingIn * (k + 1)) / (own.length + 1)
        tied.push({
          id: said.id,
          target: said.body.target,
          of: said.body.of,
          setup: said.body.setup,
          rawIn: said.body.inches,
          inches: said.body.inches + shiftIn - share,
          at: said.at,
          clock: said.clock,
          who: said.who,
          device: said.device,
        })
      })
      const stateOf = () => {
        if (refused) return 'refused'
        if (shiftIn === null) return 'untied'
        if (closingIn !== null) return 'closed'
        return 'open'
      }
      return {
        setup: setup.body.setup,
        place: setup.body.place,
        benchmarkIn: bs,
        shiftIn,
        closingIn,
        state: stateOf(),
        count: own.length,
        lowest,
        highest,
        spreadIn: lowest && highest ? lowest.body.inches - highest.body.inches : 0,
      }
    })
  const names = new Set(setups.map((setup) => setup.setup))
  for (const reading of state.readings) if (!names.has(reading.body.setup)) unused.push({ reading, why: 'no-setup' })
  tied.sort(byClock)
  const judged = (kind: TiedReading['of']) =>
    judgeEach(
      tied.filter((reading) => reading.of === kind),
      ({ target }) => target,
      sameReading,
    )
  const [feet, footings, grounds] = [judged('foot'), judged('footing'), judged('ground')]
  return {
    setups,
    current: feet.standing,
    footings: footings.standing,
    grounds: grounds.standing,
    unused,
    contests: [...feet.contests, ...footings.contests, ...grounds.contests],
  }
}
