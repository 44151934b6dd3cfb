import type { Measured, ReadJob, Stood } from '../../field'
import { postRows } from '../../layout'
import { demo } from '../demos'
import type { Chance } from '../fuzz/chance'

/** A site whose posts are read: what stands there, and how its points lie. */
export interface BlunderSite {
  readonly name: string
  readonly job: ReadJob
  readonly stood: Stood
  readonly rows: Measured['rows']
  /** How far its points lie off what is planned or level, inches, as a standard deviation. */
  readonly spreadIn: number
  /** How far each point lies below the laser, inches. */
  readonly heightsIn: (chance: Chance) => Readonly<Record<string, number>>
}

/** A draw from the normal distribution (Box and Muller). */
export const normal = (chance: Chance): number =>
  Math.sqrt(-2 * Math.log(1 - chance.share())) * Math.cos(2 * Math.PI * chance.share())

/** Brackets set by the same string. */
function brackets(): BlunderSite {
  const { job, d } = demo('tansy')
  const spreadIn = 1 / 8
  return {
    name: 'level brackets',
    job: { ...job, levels: { ...job.levels, readingsIn: {} } },
    stood: d,
    rows: postRows(d.posts),
    spreadIn,
    heightsIn: (chance) => {
      const laserIn = chance.between(36, 80)
      return Object.fromEntries(d.posts.map(({ id }) => [id, laserIn + spreadIn * normal(chance)]))
    },
  }
}

/** Stakes on ground that falls along the building, as its spot heights say to the inch quarter; or lumpy, without spots. */
function stakes(name: string, spreadIn: number, fallPer10Ft: number, hasSpots: boolean): BlunderSite {
  const { job, d } = demo('quillback')
  const fallIn = (x: number) => (x / 120) * fallPer10Ft
  return {
    name,
    job: { ...job, levels: { ...job.levels, readingsIn: {} } },
    stood: {
      ...d,
      ground: hasSpots ? Object.fromEntries(d.posts.map(({ id, x }) => [id, { groundIn: -6 - fallIn(x) }])) : null,
    },
    rows: postRows(d.posts),
    spreadIn,
    heightsIn: (chance) => {
      const laserIn = chance.between(36, 80)
      return Object.fromEntries(d.posts.map(({ id, x }) => [id, laserIn + fallIn(x) + spreadIn * normal(chance)]))
    },
  }
}

/** The three sites on which misreadings are looked for. */
export const blunderSites = (): readonly BlunderSite[] => [
  brackets(),
  stakes('sloping stakes', 1 / 2, 2, true),
  stakes('lumpy stakes', 1, 0.5, false),
]
