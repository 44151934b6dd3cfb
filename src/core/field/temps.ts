import type { WeatherHour } from './holeLog'
import type { Said } from './envelope'

const HOURS = 24
/** Hour of the day at which it is warmest. */
const WARMEST = 15

/**
 * Hours of the days whose lowest and highest temperature (°F) were entered, between the two: warmest at three in the
 * afternoon by the clock that `offset` says (`-05:00`). The newest entry of a day counts.
 */
export function hoursOfDays(temps: readonly Said<'temps'>[], offset: string): readonly WeatherHour[] {
  const days = new Map(temps.map(({ body }) => [body.day, body]))
  return [...days.values()].flatMap(({ day, lowF, highF }) =>
    Array.from({ length: HOURS }, (_, hour) => ({
      at: `${day}T${String(hour).padStart(2, '0')}:00:00${offset}`,
      tempF: lowF + ((highF - lowF) * (1 + Math.cos((2 * Math.PI * (hour - WARMEST)) / HOURS))) / 2,
      rainIn: 0,
      windMph: 0,
      light: true,
    })),
  )
}

/** An hour that nobody has entered counts as no warmer than this, °F: it gains half. */
const COLD_GUESS_F = 39
/** What an hour without an entry counts as, °F: the coldest that was entered, and cold at best. */
export const guessedF = (temps: readonly Said<'temps'>[]): number =>
  Math.min(COLD_GUESS_F, ...temps.map(({ body }) => body.lowF))
