import { measure } from '../../field'
import { said } from '../records'
import kinds from './kinds.json'
import { type Blunder, blunderLog, type Manner } from './logs'
import { type BlunderSite, blunderSites } from './sites'

// How many planted errors the reading page finds, how many good readings it doubts, and how many good set-ups it would
// have read again.

/** A reading that is used is right to this, inches: half a sixteenth, and the reader's noise. */
const RIGHT_IN = 5 / 64
const TENTH_OF_SIXTEENTH = 1 / 160

export interface Count {
  readonly found: number
  readonly of: number
}
export const shareOf = ({ found, of }: Count): number => (of === 0 ? 1 : found / of)
const plus = (one: Count, other: Count): Count => ({ found: one.found + other.found, of: one.of + other.of })

/** What happened to the readings of one log. */
function judged(site: BlunderSite, blunder: Blunder | null, manner: Manner, seed: number) {
  const log = blunderLog(site, blunder, manner, seed)
  const { state, levels } = said(log.records)
  const { rods } = measure(site.job, site.stood, state, levels)
  const readings = Object.entries(log.errorIn).map(([id, errorIn]) => {
    const used = rods.offsets[id]?.readingIn
    const isUsed = used !== undefined && id in levels.current
    return {
      byIn: Math.abs(errorIn),
      caught: !isUsed || Math.abs(used - (log.truthIn[id] ?? 0)) <= RIGHT_IN,
      doubted: id in rods.suspects,
      again: !isUsed && !(id in rods.suspects),
    }
  })
  return readings
}

/** Planted errors of one kind on one site. */
export interface KindTally {
  readonly site: string
  readonly kind: string
  /** Errors of 3/16 in. and more, of exactly 1/8, and of over four spreads. */
  readonly large: Count
  readonly eighth: Count
  readonly wild: Count
}

const LARGE_IN = 3 / 16
const EIGHTH_IN = 1 / 8
const WILD_SPREADS = 4

/** Looks for planted errors of one kind, in so many logs. */
function tallyKind(site: BlunderSite, blunder: Blunder, manner: Manner, logs: number): KindTally {
  let [large, eighth, wild] = [NONE, NONE, NONE]
  for (let seed = 1; seed <= logs; seed++)
    for (const { byIn, caught } of judged(site, blunder, manner, seed * 7919 + blunder.name.length)) {
      const one = { found: caught ? 1 : 0, of: 1 }
      // What a person reads is rounded: an error of 3/16 may show as a little less.
      if (byIn >= LARGE_IN - TENTH_OF_SIXTEENTH) large = plus(large, one)
      else if (Math.abs(byIn - EIGHTH_IN) <= 1 / 32) eighth = plus(eighth, one)
      if (byIn > WILD_SPREADS * site.spreadIn) wild = plus(wild, one)
    }
  return { site: site.name, kind: blunder.name, large, eighth, wild }
}
const NONE: Count = { found: 0, of: 0 }

/** Good logs: readings that were doubted though they are right, and set-ups of which any was to be read again. */
export function tallyGood(manner: Manner, logs: number): { readonly doubted: Count; readonly refused: Count }[] {
  return blunderSites().map((site) => {
    let [doubted, refused] = [NONE, NONE]
    for (let seed = 1; seed <= logs; seed++) {
      const readings = judged(site, null, manner, seed * 104729)
      doubted = plus(doubted, { found: readings.filter((each) => each.doubted).length, of: readings.length })
      refused = plus(refused, { found: readings.some((each) => each.again) ? 1 : 0, of: 1 })
    }
    return { doubted, refused }
  })
}

/** Every kind on every site. */
export const tallyBlunders = (manner: Manner, logs: number): readonly KindTally[] =>
  blunderSites().flatMap((site) => kinds.map((blunder) => tallyKind(site, blunder, manner, logs)))

/** The sum of some tallies. */
export const summed = (tallies: readonly KindTally[], of: 'large' | 'eighth' | 'wild'): Count =>
  tallies.reduce((sum, each) => plus(sum, each[of]), NONE)
