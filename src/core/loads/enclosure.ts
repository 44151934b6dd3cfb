import { about, IN2_PER_FT2 } from '../units'
import type { Opening, Side, Site } from '../model'
import { line, sig, type TraceLine } from '../result'

export type EnclosureClass = 'enclosed' | 'partially' | 'open'
export interface EnclosureJudgement {
  readonly class: EnclosureClass
  readonly why: string
  readonly trace: readonly TraceLine[]
}

export interface WallArea {
  readonly side: Side
  readonly grossFt2: number
  readonly openFt2: number
}

/**
 * Enclosure class from the openings of each wall, ASCE 7-16 26.2: open when every wall is 80 % open; partially enclosed
 * when, for some
 * windward wall, Ao > 1.1·Aoi, Ao > min(4 ft², 1 % of the wall) and Aoi/Agi ≤ 0.20. `roofFt2` counts in Agi. Doors
 * rated for the wind count as closed.
 */
export function judgeEnclosure(walls: readonly WallArea[], roofFt2: number): EnclosureJudgement {
  const total = walls.reduce((sum, wall) => sum + wall.openFt2, 0)
  const gross = walls.reduce((sum, wall) => sum + wall.grossFt2, 0) + roofFt2
  if (walls.every((wall) => wall.openFt2 >= 0.8 * wall.grossFt2))
    return { class: 'open', why: 'every wall is at least 80 % open', trace: [] }
  for (const wall of walls) {
    const rest = total - wall.openFt2
    const least = Math.min(4, 0.01 * wall.grossFt2)
    if (wall.openFt2 > 1.1 * rest && wall.openFt2 > least && rest / (gross - wall.grossFt2) <= 0.2) {
      return {
        class: 'partially',
        why: `the ${wall.side} wall can stand ${about(wall.openFt2, 'ft2')} open`,
        trace: [
          line({
            label: 'Openings of the windward wall',
            formula: 'Ao > 1.1·Aoi and Ao > min(4, 0.01·Ag)',
            numbers: `${sig(wall.openFt2)} against 1.1 × ${sig(rest)} and ${sig(least)}`,
            value: wall.openFt2,
            unit: 'ft²',
            clause: 'ASCE 7-16 26.2',
          }),
        ],
      }
    }
  }
  return { class: 'enclosed', why: total > 0 ? 'its openings balance' : 'its doors count as closed', trace: [] }
}

/**
 * The site's enclosure: as the user says, or judged from openings that can stand open and from walls left without skin.
 */
export function enclosureOf({
  site,
  openings,
  openSides,
  wallFt2,
  roofFt2,
}: {
  site: Site
  openings: readonly Opening[]
  openSides: readonly Side[]
  wallFt2: (side: Side) => number
  roofFt2: number
}): EnclosureJudgement {
  if (site.enclosure !== 'by-openings') return { class: site.enclosure, why: 'as entered', trace: [] }
  const sides: readonly Side[] = ['south', 'east', 'north', 'west']
  return judgeEnclosure(
    sides.map((side) => {
      const grossFt2 = wallFt2(side)
      const doors = openings
        .filter((opening) => opening.side === side && opening.kind !== 'window')
        .reduce((sum, opening) => sum + (opening.widthIn * opening.heightIn) / IN2_PER_FT2, 0)
      const openFt2 = () => {
        if (openSides.includes(side)) return grossFt2
        if (site.doorsRated) return 0
        return doors
      }
      return { side, grossFt2, openFt2: openFt2() }
    }),
    roofFt2,
  )
}
