import { planJob } from '../../derive'
import type { Corner, Job, Side } from '../../model'

/** About the line along the ridge (south for north), or across it (west for east). */
export type Mirror = 'north-south' | 'east-west'

const SIDE: Readonly<Record<Mirror, Readonly<Record<Side, Side>>>> = {
  'north-south': { south: 'north', north: 'south', west: 'west', east: 'east' },
  'east-west': { south: 'south', north: 'north', west: 'east', east: 'west' },
}
const CORNER: Readonly<Record<Mirror, Readonly<Record<Corner, Corner>>>> = {
  'north-south': { SW: 'NW', NW: 'SW', SE: 'NE', NE: 'SE' },
  'east-west': { SW: 'SE', SE: 'SW', NW: 'NE', NE: 'NW' },
}

/** The side, or anything that is no side, as the mirror shows it. */
export const mirroredPlace = (place: string, mirror: Mirror): string => SIDE[mirror][place as Side] ?? place

/** The same building seen in a mirror. Posts left out are found again by where they stand. */
export function mirrored(job: Job, mirror: Mirror): Job {
  const { building } = job
  const side = <T extends Side>(each: T) => SIDE[mirror][each] as T
  const turned: Job = {
    ...job,
    building: {
      ...building,
      bridged: [],
      bays:
        building.bays.mode === 'hand' && mirror === 'east-west'
          ? { mode: 'hand', spacingsIn: [...building.bays.spacingsIn].reverse() }
          : building.bays,
      openSides: building.openSides.map(side),
      openings: building.openings.map((opening) => ({
        ...opening,
        side: side(opening.side),
        corner: CORNER[mirror][opening.corner],
      })),
      leanTos: building.leanTos.map((leanTo) => ({ ...leanTo, side: side(leanTo.side) })),
      girts: {
        ...building.girts,
        walls: Object.fromEntries(Object.entries(building.girts.walls).map(([key, wall]) => [side(key as Side), wall])),
      },
    },
  }
  return { ...turned, building: { ...turned.building, bridged: leftOutIn(job, turned, mirror) } }
}

function leftOutIn(job: Job, turned: Job, mirror: Mirror): string[] {
  const [plan, other] = [planJob(job), planJob(turned)]
  if (!plan.ok || !other.ok) return []
  const { lengthIn, widthIn } = plan.value.grid
  return plan.value.omitted
    .filter(({ id }) => job.building.bridged.includes(id))
    .flatMap(({ x, y }) => {
      const [atX, atY] = mirror === 'east-west' ? [lengthIn - x, y] : [x, widthIn - y]
      const found = other.value.posts.find((post) => Math.hypot(post.x - atX, post.y - atY) < 1)
      return found ? [found.id] : []
    })
}
