import type { Flat } from '@/core/geometry'
import type { Job } from '@/core/model'
import { type Footprint, type Lot, lotOf } from '@/core/terrain'
import { fixed, quantity } from '@/core/units'
import { mark, table } from '../crewbook/paper'
import { acrossIn, type SheetsOf } from '../crewbook/sheetsOf'
import type { Block } from '../crewbook/types'
import { drawn, type Room, type SvgBlock } from './draw'
import { area, box, type Figure, line, type Shape } from './figure'
import { boxOf, joinBoxes } from './views'

/** What the site plan is drawn from. */
type SiteOf = Pick<SheetsOf, 'job' | 'derived' | 'structure'>

/** The ground under the walls with the lean-tos, and under the roof. */
function footprints({ job, derived, structure }: SiteOf): {
  readonly walls: Footprint
  readonly eaves: Footprint
} {
  const { grid, slopes } = derived
  const { building } = job
  const reach = (side: 'south' | 'north') => {
    const own = structure.leanTos.find(({ leanTo }) => leanTo.side === side)
    return own ? own.leanTo.depthIn + own.tailOutIn : slopes[side].overhangIn
  }
  const [y0, y1] = acrossIn({ job, derived })
  return {
    walls: { x0: 0, x1: grid.lengthIn, y0, y1 },
    eaves: {
      x0: -building.gableOverhangIn,
      x1: grid.lengthIn + building.gableOverhangIn,
      y0: -reach('south'),
      y1: grid.widthIn + reach('north'),
    },
  }
}

/** An arrow to true north, in a corner of the drawing. */
function northShapes({ site: { northDeg } }: Job, [x, y]: Flat, long: number): readonly Shape[] {
  const turn = (northDeg * Math.PI) / 180
  const way = (share: number, off: number): Flat => [
    x + long * (Math.sin(turn) * share + Math.cos(turn) * off),
    y + long * (Math.cos(turn) * share - Math.sin(turn) * off),
  ]
  return [
    line(way(-0.5, 0), way(0.5, 0), 'skin'),
    area([way(0.5, 0), way(0.1, 0.14), way(0.1, -0.14)], 'steel'),
    { as: 'name', at: way(0.68, 0), text: 'N', bold: true, size: 13, by: [0, 4] },
  ]
}

const middleOf = ([ax, ay]: Flat, [bx, by]: Flat, share = 0.5): Flat => [ax + (bx - ax) * share, ay + (by - ay) * share]

/** A set-back line, parallel to its line of the lot and inside it. */
function setbackShape(corners: readonly Flat[], [a, b]: readonly [Flat, Flat], setbackIn: number): Shape {
  const long = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1
  const middle = corners.reduce(([x, y], [cx, cy]): Flat => [x + cx / corners.length, y + cy / corners.length], [0, 0])
  const normal: Flat = [-(b[1] - a[1]) / long, (b[0] - a[0]) / long]
  const inward = (middle[0] - a[0]) * normal[0] + (middle[1] - a[1]) * normal[1] > 0 ? 1 : -1
  const off = ([x, y]: Flat): Flat => [x + normal[0] * inward * setbackIn, y + normal[1] * inward * setbackIn]
  return line(off(a), off(b), 'hidden')
}

function lotShapes(lot: Lot): readonly Shape[] {
  return [
    ...lot.lines.flatMap(({ edge, lengthIn, line: name, setbackIn }): readonly Shape[] => [
      line(edge[0], edge[1], 'chalk'),
      {
        as: 'name',
        at: middleOf(edge[0], edge[1], 0.3),
        text: [name, mark(lengthIn)].filter(Boolean).join(', '),
        size: 9,
        plate: true,
        by: [0, 3],
      },
      ...(setbackIn === null ? [] : [setbackShape(lot.corners, edge, setbackIn)]),
    ]),
    ...lot.lines.flatMap(({ wall }): readonly Shape[] => [
      line(wall.from, wall.to, 'thin'),
      {
        as: 'name',
        at: middleOf(wall.from, wall.to),
        text: mark(wall.lengthIn),
        bold: true,
        size: 9,
        by: [0, 3],
        plate: true,
      },
    ]),
    ...lot.things.flatMap(({ at, name, wall }): readonly Shape[] => [
      { as: 'circle', at, radiusIn: 60, look: 'thin' },
      line(wall.from, at, 'thin'),
      { as: 'name', at, text: name, size: 9, by: [0, -10], plate: true },
      {
        as: 'name',
        at: middleOf(wall.from, at),
        text: mark(wall.lengthIn),
        bold: true,
        size: 9,
        by: [0, 3],
        plate: true,
      },
    ]),
  ]
}

/** A lot with its distances, and the building drawn on it. */
interface SitePlan {
  readonly lot: Lot
  readonly figure: Figure
}

/** The building on its lot: north, the lines of the lot, how far the walls stay from them. Null while no lot is typed. */
export function sitePlan(of: SiteOf): SitePlan | null {
  const { walls, eaves } = footprints(of)
  const lot = lotOf(of.job.plot, walls, eaves)
  return lot && { lot, figure: siteFigure(of, lot, { walls, eaves }) }
}

function siteFigure(of: SiteOf, lot: Lot, { walls, eaves }: ReturnType<typeof footprints>): Figure {
  const { grid } = of.derived
  const whole = joinBoxes([boxOf([lot.corners]), eaves, boxOf([lot.things.map(({ at }) => at).concat(lot.corners)])])
  const [wide, high] = [whole.x1 - whole.x0, whole.y1 - whole.y0]
  const arrow = Math.min(wide, high) * 0.12
  return {
    title: 'Site plan',
    sub:
      'distances from the walls; short dashes: roof edge and set-backs, long dashes: lines of the lot; true north stands ' +
      `${fixed(of.job.site.northDeg, 0)} degrees clockwise from the top`,
    box: { x0: whole.x0, x1: whole.x1 + arrow * 1.6, y0: whole.y0, y1: whole.y1 },
    shapes: [
      ...lotShapes(lot),
      box([eaves.x0, eaves.y0], [eaves.x1, eaves.y1], 'hidden'),
      box([walls.x0, walls.y0], [walls.x1, walls.y1], 'concrete'),
      box([0, 0], [grid.lengthIn, grid.widthIn], 'concrete'),
      {
        as: 'name',
        at: [grid.lengthIn / 2, grid.widthIn / 2],
        text: `${mark(grid.lengthIn)} x ${mark(grid.widthIn)}`,
        bold: true,
        size: 9,
      },
      ...northShapes(of.job, [whole.x1 + arrow * 0.8, whole.y1 - arrow * 0.7], arrow),
    ],
    chains: [],
    leastScale: 0,
    site: true,
  }
}

const holdsWords = (holds: boolean | null): string => {
  if (holds === null) return 'none asked for'
  return holds ? 'kept' : 'NOT KEPT'
}

/** Lines of the lot and what stands on it, with every distance. */
export function siteTables(lot: Lot): readonly Block[] {
  const lines = lot.lines.map(({ line: name, lengthIn, setbackIn, wall, eave, holds }, i) => [
    name || `line ${i + 1}`,
    mark(lengthIn),
    mark(wall.lengthIn),
    mark(eave.lengthIn),
    setbackIn === null ? '' : mark(setbackIn),
    holdsWords(holds),
  ])
  const things = lot.things.map(({ name, wall, clearIn, holds }) => [
    name || 'unnamed',
    '',
    mark(wall.lengthIn),
    '',
    clearIn === null ? '' : mark(clearIn),
    holdsWords(holds),
  ])
  return [
    table(
      ['line of the lot', 'long', 'to the walls', 'to the roof edge', 'asked for', ''],
      [...lines, ...things],
      [1, 2, 3, 4],
      [2],
    ),
    { kind: 'text', text: `The lot has ${quantity(lot.areaFt2, 'ft2')} as typed; no survey was made here.` },
    ...(lot.outside
      ? [{ kind: 'caution' as const, text: 'Part of the roof lies outside the lot as it is typed.' }]
      : []),
    ...(lot.lines.some(({ holds }) => holds === false) || lot.things.some(({ holds }) => holds === false)
      ? [
          {
            kind: 'caution' as const,
            text: 'A set-back or distance is not kept. The building department decides which edge it is measured to.',
          },
        ]
      : []),
  ]
}

/** The lot of a job with its site plan for a screen; null while no lot is typed. */
export function lotDrawing(of: SiteOf, room: Room): { readonly lot: Lot; readonly blocks: readonly SvgBlock[] } | null {
  const plan = sitePlan(of)
  return plan && { lot: plan.lot, blocks: drawn(plan.figure, room) }
}
