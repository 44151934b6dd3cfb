import { PLAN, type Seen, seenOn } from '@/core/drawn'
import { isPurlinBlock, type StickKind } from '@/core/sticks'
import { inches } from '../crewbook/paper'
import type { SheetsOf } from '../crewbook/sheetsOf'
import { type Figure, line, type Look, type Shape } from './figure'
import { boxOf, inOrder, outlinesOf, shapesOf } from './views'

const ROOF: readonly StickKind[] = ['truss', 'rafter', 'purlin', 'batten', 'fascia', 'ledger', 'carrier', 'header']
const LOOKS: Readonly<Partial<Record<StickKind, Look>>> = {
  truss: 'steel',
  rafter: 'steel',
  fascia: 'wood',
  ledger: 'steel',
}

/** Trusses, purlins and rafters from above, skin off. */
export function roofPlan(of: SheetsOf): Figure {
  const { derived, job } = of
  const { lengthIn, widthIn } = derived.grid
  const { roof } = job.building
  const sticks = of.sticks.sticks.filter((stick) => ROOF.includes(stick.kind) || isPurlinBlock(stick))
  const seen = seenOn(PLAN, sticks)
  const whole = boxOf(outlinesOf(seen))
  const look = ({ stick }: Seen): Look => LOOKS[stick.kind] ?? 'far'
  const trusses = derived.trusses.trusses
  const rows = (side: 'south' | 'north') => derived.slopes[side].placesIn.length
  const shapes: readonly Shape[] = [
    ...shapesOf(seen, look),
    line([whole.x0, widthIn / 2], [whole.x1, widthIn / 2], 'chalk'),
  ]
  return {
    title: 'Roof framing plan',
    sub:
      `from above, skin off; ${trusses.length} trusses, running marks from the west string; ${rows('south')} and ${rows('north')} ` +
      `rows of purlins ${roof.purlins.size.replace('x', '×')}, ${inches(roof.purlins.spaceIn)} apart up the slope; long dashes: ridge`,
    box: whole,
    shapes,
    chains: [
      {
        beside: 'below',
        as: 'running',
        hookIn: 0,
        placesIn: trusses.map(({ xIn }) => xIn),
        names: trusses.map(({ number }) => `T${number}`),
      },
      { beside: 'below', as: 'gaps', placesIn: inOrder([whole.x0, 0, lengthIn, whole.x1]) },
      { beside: 'left', as: 'gaps', placesIn: inOrder([whole.y0, 0, widthIn / 2, widthIn, whole.y1]) },
    ],
    leastScale: 0.0625,
    banded: true,
    stopsIn: trusses.map(({ xIn }) => xIn),
  }
}
