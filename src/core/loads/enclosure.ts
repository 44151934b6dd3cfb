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
 * Enclosure class from the openings of each wall, ASCE 7-16 26.2: open when every wall is 80 % open; partially enclosed when, for some
 * windward wall, Ao > 1.1·Aoi, Ao > min(4 ft², 1 % of the wall) and Aoi/Agi ≤ 0.20. `roofFt2` counts in Agi. Doors rated for the wind count as closed.
 */
export function judgeEnclosure(walls: readonly WallArea[], roofFt2: number): EnclosureJudgement {
  const total = walls.reduce((t, w) => t + w.openFt2, 0)
  const gross = walls.reduce((t, w) => t + w.grossFt2, 0) + roofFt2
  if (walls.every((w) => w.openFt2 >= 0.8 * w.grossFt2))
    return { class: 'open', why: 'every wall is at least 80 % open', trace: [] }
  for (const w of walls) {
    const rest = total - w.openFt2
    const least = Math.min(4, 0.01 * w.grossFt2)
    if (w.openFt2 > 1.1 * rest && w.openFt2 > least && rest / (gross - w.grossFt2) <= 0.2) {
      return {
        class: 'partially',
        why: `the ${w.side} wall can stand ${sig(w.openFt2)} ft² open`,
        trace: [
          line(
            'Openings of the windward wall',
            'Ao > 1.1·Aoi and Ao > min(4, 0.01·Ag)',
            `${sig(w.openFt2)} against 1.1 × ${sig(rest)} and ${sig(least)}`,
            w.openFt2,
            'ft²',
            'ASCE 7-16 26.2',
          ),
        ],
      }
    }
  }
  return { class: 'enclosed', why: total > 0 ? 'its openings balance' : 'its doors count as closed', trace: [] }
}

/** The site's enclosure: as the user says, or judged from openings that can stand open and from walls left without skin. */
export function enclosureOf(
  site: Site,
  openings: readonly Opening[],
  openSides: readonly Side[],
  wallFt2: (side: Side) => number,
  roofFt2: number,
): EnclosureJudgement {
  if (site.enclosure !== 'by-openings') return { class: site.enclosure, why: 'as entered', trace: [] }
  const sides: readonly Side[] = ['south', 'east', 'north', 'west']
  return judgeEnclosure(
    sides.map((side) => {
      const grossFt2 = wallFt2(side)
      const doors = openings
        .filter((o) => o.side === side && o.kind !== 'window')
        .reduce((t, o) => t + (o.widthIn * o.heightIn) / 144, 0)
      return { side, grossFt2, openFt2: openSides.includes(side) ? grossFt2 : site.doorsRated ? 0 : doors }
    }),
    roofFt2,
  )
}
