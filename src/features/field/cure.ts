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

/** The cure clock of a pour in the practice weather of its job. */
export const cureOf = (job: Job, poured: string, now: string) =>
  cureClock(poured, now, hoursOf(job.name.length, poured), PLACED_F)
