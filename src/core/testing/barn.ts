import { newJob, type Job, type Opening } from '../model'
import type { CompleteSite } from '../loads'

/**
 * The reference barn of the hand calculations: 40 × 64 ft, 14 ft heel, 4:12, 8 ft bays, 115 mph C, 30 psf, soil class
 * 4, near sea level.
 */
export const barnSite: CompleteSite = {
  ...newJob('x').site,
  groundSnowPsf: 30,
  windMph: 115,
  exposure: 'C',
  risk: 'II',
  elevationFt: 0,
  frostIn: 42,
  thermal: 'unheated',
  snowExposure: 'partially',
  slipperyRoof: true,
  soil: '4',
  ownBearingPsf: null,
  ownLateralPsfPerFt: null,
  doubleLateral: true,
  doorsRated: true,
  northDeg: 0,
  dead: { by: 'total', psf: 5 },
  deadMinPsf: 3,
}

export const barnShape = { lengthFt: 64, widthFt: 40, heelFt: 14, pitchPer12: 4 }

/** A job of the reference barn, to be changed by tests. */
export function barnJob(change: Partial<Job['building']> = {}, site: Partial<Job['site']> = {}): Job {
  const job = newJob('Quillback Hill honey house')
  return {
    ...job,
    site: { ...barnSite, ...site },
    building: {
      ...job.building,
      diaphragm: 'trusted',
      lengthIn: 768,
      widthIn: 480,
      heelIn: 168,
      pitchPer12: 4,
      ...change,
    },
  }
}

/** An opening with the fields that matter to a test. */
export const opening = (partial: Partial<Opening>): Opening => ({
  id: 'op-t',
  kind: 'window',
  name: '',
  side: 'south',
  corner: 'SW',
  positionIn: 150,
  widthIn: 48,
  heightIn: 36,
  sillIn: 48,
  weightLb: null,
  ...(partial.kind && partial.kind !== 'window' ? { sillIn: 0, heightIn: 82 } : {}),
  ...partial,
})
