import * as z from 'zod/mini'
import { ok } from '../result'
import { radians } from '../units'
import { answer } from './fields'
import { figure, num, step } from './figure'

/** The sun's greatest height over the equator, degrees, and the day of the year of the spring equinox. */
const TILT_DEG = 23.44
const EQUINOX_DAY = 81
const DAYS = 365

/** Hours between sunrise and sunset on a day of the year at a latitude (level horizon, no refraction). */
export const daylight = figure({
  name: 'daylight',
  input: z.strictObject({
    latitudeDeg: z.number().check(z.gte(-90), z.lte(90), z.describe('Latitude, degrees, south below 0')),
    dayOfYear: z.int().check(z.gte(1), z.lte(366), z.describe('Day of the year')),
  }),
  output: z.object({ declinationDeg: answer('Height of the sun over the equator'), hours: answer('Hours of light') }),
  solve: ({ latitudeDeg, dayOfYear }) => {
    const declinationDeg = TILT_DEG * Math.sin((2 * Math.PI * (dayOfYear - EQUINOX_DAY)) / DAYS)
    const cosine = -Math.tan(radians(latitudeDeg)) * Math.tan(radians(declinationDeg))
    return ok({ declinationDeg, hours: (24 / Math.PI) * Math.acos(Math.min(1, Math.max(-1, cosine))) })
  },
  arithmetic: ({ latitudeDeg, dayOfYear }, { declinationDeg, hours }) => [
    step({
      label: 'Declination',
      formula: '23.44·sin(360·(n − 81)/365)',
      numbers: `23.44 × sin(360 × (${dayOfYear} − 81)/365°)`,
      value: declinationDeg,
      unit: '°',
    }),
    step({
      label: 'Light',
      formula: '24/π·acos(−tan φ·tan δ)',
      numbers: `24/π × acos(max(−1, min(1, −tan(${num(latitudeDeg)}°) × tan(${num(declinationDeg)}°))))`,
      value: hours,
      unit: 'h',
    }),
  ],
})
