import { item } from '../result'
import { bracedBays, type Grid, isEave, type Post } from '../layout'
import { type Building, type Side, SIDES } from '../model'
import { plumbCutBrace } from '../pocket/braceBetween'
import { boardSize } from '../wood'
import type { Lateral } from './lateral'

/**
 * In-plane shear that each wall must take to the ground, lb at service level: end walls from the roof diaphragm, eave
 * walls from wind on the gables.
 */
export function wallShearLb(lateral: Omit<Lateral, 'units' | 'cases'>): Record<Side, number> {
  const { row, relied } = lateral
  const total = row.loadLb.reduce((sum, value) => sum + value, 0)
  const end = (i: 0 | 1) => {
    if (relied === 'roof trusted') return total / 2
    if (relied === 'roof checked')
      return Math.abs(row.wallLbIn[i] * (item(row.moveIn, i === 0 ? 0 : row.moveIn.length - 1) ?? 0))
    return 0
  }
  return { west: end(0), east: end(1), south: lateral.alongLb / 2, north: lateral.alongLb / 2 }
}

/** One line of braces in a wall: bay width, angle, length and forces. */
export interface BraceLine {
  readonly side: Side
  readonly shearLb: number
  readonly bays: number
  readonly bayIn: number
  readonly heightIn: number
  readonly alphaDeg: number
  readonly lengthIn: number
  readonly forceLb: number
  readonly coupleLb: number
  readonly between: string
}

/** Braces of every wall that has them: paired bays next to the corners first, against the wind from both sides. */
export function braceLines(building: Building, grid: Grid, lateral: Lateral, posts: readonly Post[]): BraceLine[] {
  if (building.bracing.walls === 'skin' || building.bracing.walls === 'none') return []
  const shear = wallShearLb(lateral)
  return SIDES.filter((side) => shear[side] > 0).map((side): BraceLine => {
    const eave = isEave(side)
    const bayIn = eave ? Math.min(...grid.baysIn) : grid.widthIn / (grid.gableIn.length + 1)
    const heightIn = building.heelIn - building.skirt.topIn
    // Both ends are cut plumb between posts: the board that is bought is longer than its edge.
    const brace = plumbCutBrace(bayIn, heightIn, boardSize(building.bracing.size).dIn)
    const bays = bracedBays(building, grid, side)
    const force = (shear[side] / bays) * (brace.edgeIn / bayIn)
    const row = posts
      .filter((post) =>
        eave
          ? post.side === side && post.kind !== 'lean-to'
          : post.line === (side === 'west' ? 1 : grid.centresIn.length) && post.kind !== 'lean-to',
      )
      .sort((one, other) => (eave ? one.x - other.x : one.y - other.y))
    const first = row
      .slice(0, 2)
      .map((post) => post.name)
      .join('–')
    const lastPair = row
      .slice(-2)
      .map((post) => post.name)
      .join('–')
    return {
      side,
      shearLb: shear[side],
      bays,
      bayIn,
      heightIn,
      alphaDeg: brace.angleDeg,
      lengthIn: brace.edgeIn,
      forceLb: force,
      coupleLb: (shear[side] / bays) * (heightIn / bayIn),
      between: bays > 1 ? `${first} and ${lastPair}` : first,
    }
  })
}
