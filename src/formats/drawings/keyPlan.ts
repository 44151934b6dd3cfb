import { type Side, SIDES } from '@/core/model'
import { mark } from '../crewbook/paper'
import { acrossIn, type SheetsOf } from '../crewbook/sheetsOf'
import { box, type Figure, line, type Shape } from './figure'
import { sectionAt } from './section'

/** Where a wall's name stands inside it, points. */
const INSIDE: Readonly<Record<Side, readonly [number, number]>> = {
  south: [0, -8],
  north: [0, 15],
  west: [15, 0],
  east: [-8, 0],
}

/** The building small, each wall with its name, and where the section is cut. */
export function keyPlan(of: SheetsOf): Figure {
  const { derived, job } = of
  const { lengthIn, widthIn } = derived.grid
  const [low, high] = acrossIn(of)
  const middle: Readonly<Record<Side, readonly [number, number]>> = {
    south: [lengthIn * 0.3, 0],
    north: [lengthIn * 0.3, widthIn],
    west: [0, widthIn / 2],
    east: [lengthIn, widthIn / 2],
  }
  const cutIn = sectionAt(of)
  const beyond = (high - low) * 0.02
  const leans = job.building.leanTos.map((leanTo): Shape => {
    const [from, to] = leanTo.side === 'south' ? [low, 0] : [widthIn, high]
    return box([0, from], [lengthIn, to], 'far')
  })
  const openings = derived.placed.map(({ opening: { side }, fromIn, toIn }): Shape => {
    const level = side === 'south' || side === 'north'
    const at = { south: 0, north: widthIn, west: 0, east: lengthIn }[side]
    const thick = widthIn * 0.012
    return level
      ? box([fromIn, at - thick], [toIn, at + thick], 'opening')
      : box([at - thick, fromIn], [at + thick, toIn], 'opening')
  })
  return {
    title: 'Key plan',
    sub: 'walls are named as on their drawings; gaps in them are openings; S to S is the section',
    box: { x0: 0, x1: lengthIn, y0: low - beyond, y1: high + beyond },
    shapes: [
      ...leans,
      box([0, 0], [lengthIn, widthIn], 'skin'),
      ...openings,
      line([0, widthIn / 2], [lengthIn, widthIn / 2], 'hidden'),
      line([cutIn, low - beyond], [cutIn, high + beyond], 'chalk'),
      { as: 'name', at: [cutIn, low - beyond], text: 'S', bold: true, by: [8, 0], size: 11 },
      { as: 'name', at: [cutIn, high + beyond], text: 'S', bold: true, by: [8, 6], size: 11 },
      ...SIDES.map((side): Shape => ({
        as: 'name',
        at: middle[side],
        text: derived.wallNames[side],
        bold: true,
        size: 10,
        by: INSIDE[side],
        turned: side === 'west' || side === 'east',
      })),
      ...leans.map((_, i): Shape => {
        const { side, depthIn } = job.building.leanTos[i]
        return {
          as: 'name',
          at: [lengthIn * 0.3, side === 'south' ? -depthIn / 2 : widthIn + depthIn / 2],
          text: `lean-to, ${mark(depthIn)}`,
        }
      }),
    ],
    chains: [
      { beside: 'below', as: 'gaps', placesIn: [0, lengthIn] },
      {
        beside: 'left',
        as: 'gaps',
        placesIn: [...(low < 0 ? [low] : []), 0, widthIn, ...(high > widthIn ? [high] : [])],
      },
    ],
    leastScale: 0,
  }
}
