import { warmHour } from '../pocket/warmHour'
import { formatLength, IN_PER_FT, inchesAlone, ROUNDING } from '../units'
import type { Said } from './envelope'
import type { Levels } from './levels'
import type { Found } from './kinds'

/** What is asked of one hole: depths below grade to the bottom of the concrete, inches. */
export interface HoleNeed {
  readonly depthIn: number
  readonly frostIn: number
  readonly lateralIn: number
  readonly upliftIn: number
  readonly padIn: number
  readonly bearingRatio: number
  readonly diameterIn: number
}

export interface HoleVerdict {
  readonly state: 'holds' | 'shallow' | 'stop'
  readonly depthIn: number | null
  readonly say: string
  /** What was found means for the pad; null where it is good ground. */
  readonly note: string | null
  readonly remedies: readonly string[]
}

const dim = (inches: number) => formatLength(inches)
/** A difference of two depths as it is said on site. */
const by = (inches: number) => (inches < IN_PER_FT ? inchesAlone(inches) : dim(inches))
const STOP: Readonly<Partial<Record<Found, { readonly say: string; readonly note: string }>>> = {
  water: {
    say: 'Water in the hole: no pad until it is drained and firm.',
    note: 'Call the engineer if it stays.',
  },
  soft: {
    say: 'Soft bottom: dig to firm ground before the pad.',
    note: 'Call the engineer if there is none.',
  },
  frost: {
    say: 'Frozen ground: do not pour on it.',
    note: 'Bearing and lateral values do not count until it is thawed and tamped.',
  },
}
const SAY: Readonly<Partial<Record<Found, string>>> = {
  rock: 'Rock: a clean level face may carry the pad; pin it or widen it where the hole is short.',
  root: 'Root: cut it clear of the pad and tamp what is loose.',
  clay: 'Clay: it heaves and holds water. Drain it, keep the sides rough, do not leave it open to rain.',
}

/**
 * Depth of a hole as dug, from the string to its bottom, inches: by tape, or by the rod on its bottom (its reading
 * brought into the frame of the
 * first set-up, less the grade line's). Null where neither is there, or where the set-up was bumped, is untied or unknown,
 * or no grade line is known yet.
 */
export function holeDepthIn(log: Said<'hole'>, levels: Levels, gradeReadingIn: number | null): number | null {
  const body = log.body
  if (body.depthIn !== null) return body.depthIn
  const setup = levels.setups.find((setup) => setup.setup === body.setup)
  if (
    body.bottomReadingIn === null ||
    gradeReadingIn === null ||
    !setup ||
    setup.shiftIn === null ||
    setup.state === 'bumped'
  )
    return null
  return body.bottomReadingIn + setup.shiftIn - gradeReadingIn
}

/**
 * Judges a hole as dug against what this very post needs: frost, sideways, uplift. Shallower than planned may still
 * hold; if not, what would make it.
 */
export function judgeHole(need: HoleNeed, log: Said<'hole'>, depthIn: number | null): HoleVerdict {
  const found = log.body.found
  const stop = STOP[found]
  if (stop) return { state: 'stop', depthIn, ...stop, remedies: [] }
  const note = SAY[found] ?? null
  if (depthIn === null) return { state: 'holds', depthIn, say: 'No depth yet.', note, remedies: [] }
  const short = (wantedIn: number) => depthIn < wantedIn - 1 / 16
  const remedies: string[] = []
  if (short(need.frostIn)) remedies.push(`dig ${by(need.frostIn - depthIn)} deeper: frost reaches ${dim(need.frostIn)}`)
  if (short(need.lateralIn))
    remedies.push(
      `sideways it needs ${dim(need.lateralIn)}: fill the hole with concrete to its full width, or tie a slab to ` +
        'the post',
    )
  if (short(need.upliftIn))
    remedies.push(
      `against uplift it needs ${dim(need.upliftIn)}: a collar ${inchesAlone(need.diameterIn + 4)} across, cleats, or a ` +
        'longer collar',
    )
  if (remedies.length)
    return {
      state: 'shallow',
      depthIn,
      say: `${by(need.depthIn - depthIn)} shallower than planned, and it does not hold.`,
      note,
      remedies,
    }
  return {
    state: 'holds',
    depthIn,
    say:
      depthIn < need.depthIn - 1 / 16
        ? `${by(need.depthIn - depthIn)} shallower than planned; it still holds for this post.`
        : 'Deep enough.',
    note,
    remedies: [],
  }
}

/** One hour of weather: temperature (°F), rain (in.), wind (mph) and whether it is light. */
export interface WeatherHour {
  readonly at: string
  readonly tempF: number
  readonly rainIn: number
  readonly windMph: number
  readonly light: boolean
}

export interface CureClock {
  readonly hours: number
  readonly matureHours: number
  readonly say: string
  readonly next: { readonly what: string; readonly inHours: number } | null
  readonly may: readonly string[]
  readonly cautions: readonly string[]
}

/** What fresh concrete may carry, in hours at 50 to 80 °F (practice, register C24). */
const CURE_STEPS = [
  { hours: 24, what: 'stand a post on it' },
  { hours: 48, what: 'backfill and brace lightly' },
  { hours: 168, what: 'set trusses' },
  { hours: 672, what: 'full load' },
] as const
/**
 * Nurse-Saul maturity: hours weighed by degrees over 14 °F against the same at 65 °F; nothing gained at or under 14 °F.
 * Under 40 °F times double at least.
 */
const weigh = (tempF: number): number => {
  const warmH = warmHour(tempF)
  return tempF < 40 ? Math.min(0.5, warmH) : Math.min(1.3, warmH)
}

/**
 * How far a pour has cured: hours since, weighed by the temperature of each, and what may be done with it now. Hours
 * without weather count as written, or half under a cold guess.
 */
export function cureClock(
  pouredAt: string,
  nowAt: string,
  weather: readonly WeatherHour[],
  assumedF: number,
): CureClock {
  const from = Date.parse(pouredAt)
  const hours = Math.max(0, (Date.parse(nowAt) - from) / 3600000)
  const byHour = new Map(weather.map((hour) => [Math.floor(Date.parse(hour.at) / 3600000), hour]))
  let matureHours = 0
  let cold = 0
  let rain = 0
  for (let hourAt = 0; hourAt < hours; hourAt++) {
    const hour = byHour.get(Math.floor(from / 3600000) + hourAt)
    const share = Math.min(1, hours - hourAt)
    const tempF = hour?.tempF ?? assumedF
    matureHours += weigh(tempF) * share
    if (tempF < 40) cold++
    if (hourAt < 6 && hour) rain += hour.rainIn
  }
  const may = CURE_STEPS.filter((step) => matureHours >= step.hours - ROUNDING).map((step) => step.what)
  const step = CURE_STEPS.find((step) => matureHours < step.hours - ROUNDING)
  const pace = weigh(byHour.get(Math.floor(Date.parse(nowAt) / 3600000))?.tempF ?? assumedF)
  const next = step ? { what: step.what, inHours: pace > 0 ? (step.hours - matureHours) / pace : Infinity } : null
  return {
    hours,
    matureHours,
    may,
    next,
    cautions: [
      ...(cold ? ['Under 40° it hardly gains: cover it and wait at least twice as long.'] : []),
      ...(rain > 0.1 ? ['Rain fell in its first hours: look for washed-out cement.'] : []),
    ],
    say: may.length ? `Old enough to ${may[may.length - 1]}.` : 'Leave it alone.',
  }
}
