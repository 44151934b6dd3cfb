import { cureClock } from '@/core/field'
import type { Job } from '@/core/model'
import { remember } from '@/core/result'
import { simulatedWeather } from '@/devices/weather'

/** Days a clock looks ahead from the pour, and the mean of the practice weather, °F. */
const DAYS = 40
const MEAN_F = 58
/** Concrete of about this temperature is placed, °F. */
const PLACED_F = 60
const weatherOf = remember((seed: number) => simulatedWeather({ seed, meanF: MEAN_F }))
const hoursOf = remember((seed: number, poured: string) => weatherOf(seed).hours(poured, 24 * DAYS))

/** Temperatures of the hours since a pour, °F, in the practice weather of its job. */
export function tempsSince(job: Pick<Job, 'name'>, poured: string, now: string): readonly number[] {
  const hours = Math.max(0, Math.floor((Date.parse(now) - Date.parse(poured)) / 3_600_000))
  const known = hoursOf(job.name.length, poured).slice(0, hours)
  return known.map(({ tempF }) => Math.round(tempF * 10) / 10)
}

/** The cure clock of a pour in the practice weather of its job. */
export const cureOf = (job: Pick<Job, 'name'>, poured: string, now: string) =>
  cureClock(poured, now, hoursOf(job.name.length, poured), PLACED_F)
