import { cureClock, type FieldState, guessedF, hoursOfDays } from '@/core/field'
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

type Temps = FieldState['temps']

/** This device's clock against UTC, as hours of a day are written: `-05:00`. */
function offsetNow(): string {
  const minutes = -new Date().getTimezoneOffset()
  const [hours, rest] = [Math.floor(Math.abs(minutes) / 60), Math.abs(minutes) % 60]
  const two = (part: number) => String(part).padStart(2, '0')
  return `${minutes < 0 ? '-' : '+'}${two(hours)}:${two(rest)}`
}

/** The weather that concrete cures by: what was entered of its days, else the practice weather of its job. */
function weatherSince(job: Pick<Job, 'name'>, temps: Temps, poured: string) {
  return temps.length > 0
    ? { hours: hoursOfDays(temps, offsetNow()), otherwiseF: guessedF(temps) }
    : { hours: hoursOf(job.name.length, poured), otherwiseF: PLACED_F }
}

/** What weather a cure is told by. */
export const weatherWords = (temps: Temps): string =>
  temps.length > 0 ? 'By the temperatures that were entered; a day without counts as cold.' : 'Practice weather.'

const MS_PER_HOUR = 3_600_000
/** Temperatures of the hours since a pour, °F. */
export function tempsSince(job: Pick<Job, 'name'>, temps: Temps, poured: string, now: string): readonly number[] {
  const hours = Math.max(0, Math.floor((Date.parse(now) - Date.parse(poured)) / MS_PER_HOUR))
  const { hours: known, otherwiseF } = weatherSince(job, temps, poured)
  const byHour = new Map(known.map(({ at, tempF }) => [Math.floor(Date.parse(at) / MS_PER_HOUR), tempF]))
  const first = Math.floor(Date.parse(poured) / MS_PER_HOUR)
  return Array.from({ length: hours }, (_, k) => Math.round((byHour.get(first + k) ?? otherwiseF) * 10) / 10)
}

/** The cure clock of a pour. */
export function cureOf(job: Pick<Job, 'name'>, temps: Temps, poured: string, now: string) {
  const { hours, otherwiseF } = weatherSince(job, temps, poured)
  return cureClock(poured, now, hours, otherwiseF)
}
