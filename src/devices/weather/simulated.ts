import type { WeatherHour } from '@/core/field'
import { seededRandom } from '../rod/simulated'

/** Weather by the hour. */
export interface Weather {
  readonly hours: (fromIso: string, count: number) => readonly WeatherHour[]
}

/**
 * Stand-in weather, the same for the same seed and hour: a day that warms and cools about a mean, rain in spells, wind
 * that rises in the afternoon.
 */
export function simulatedWeather(given: {
  readonly seed: number
  readonly meanF: number
  readonly swingF?: number
}): Weather {
  const at = (hour: number): WeatherHour => {
    const day = Math.floor(hour / 24)
    const ofDay = ((hour % 24) + 24) % 24
    const daily = seededRandom(given.seed * 7919 + day)
    const drift = (daily() - 0.5) * 14
    const wet = daily() < 0.3
    const spell = [Math.floor(daily() * 18), 2 + Math.floor(daily() * 6)]
    const hourly = seededRandom(given.seed * 104729 + hour)
    const raining = wet && ofDay >= spell[0] && ofDay < spell[0] + spell[1]
    return {
      at: new Date(hour * 3600000).toISOString(),
      tempF:
        Math.round(
          (given.meanF +
            drift -
            (given.swingF ?? 11) * Math.cos(((ofDay - 3) / 24) * 2 * Math.PI) +
            (hourly() - 0.5) * 3) *
            10,
        ) / 10,
      rainIn: raining ? Math.round(hourly() * 20) / 100 : 0,
      windMph: Math.round(4 + hourly() * 6 + Math.max(0, Math.sin(((ofDay - 8) / 24) * 2 * Math.PI)) * 9),
      light: ofDay >= 6 && ofDay < 20,
    }
  }
  return {
    hours: (fromIso, count) => {
      const first = Math.floor(Date.parse(fromIso) / 3600000)
      return Array.from({ length: Math.max(0, Math.min(2000, count)) }, (_, i) => at(first + i))
    },
  }
}
