import { item } from '../result'
import { ROUNDING, pitchRadians } from '../units'
import type { Grid, TrussPlan } from '../layout'
import type { BoardName, Building, Lumber } from '../model'
import { stockFor } from '../quantities'
import type { BraceLine } from '../frame'
import { purlinRows } from '../layout'

/** Spare over a cut length when a post is bought, inches: stock ends are neither square nor exact. */
export const BOARD_SPARE_IN = 1
export interface Boards {
  readonly what: string
  readonly size: BoardName
  readonly lumber: Lumber
  readonly lengthsIn: readonly number[]
  readonly treated?: boolean
}

/** Boards longer than the list are bought in the list's longest pieces; the joint falls over a support. */
const split = (lengthIn: number): number[] =>
  stockFor(lengthIn, 0) === null ? [288, ...split(lengthIn - 288)] : [lengthIn]

/** The same row of lengths, `rows` times over. */
function repeated(rows: number, lengthsIn: readonly number[]): number[] {
  const out: number[] = []
  for (let row = 0; row < rows; row++) for (const lengthIn of lengthsIn) out.push(lengthIn)
  return out
}

/** Rafters, beam, ledger and boards of each lean-to. */
function leanToBoards({
  building,
  grid,
  purlins,
}: {
  readonly building: Building
  readonly grid: Grid
  readonly purlins: Building['roof']['purlins']
}): Boards[] {
  const out: Boards[] = []
  for (const leanTo of building.leanTos) {
    const slope = (leanTo.depthIn + building.eaveOverhangIn) / Math.cos(pitchRadians(leanTo.pitchPer12))
    const count =
      leanTo.rafter.spaceIn === null
        ? grid.centresIn.length
        : Math.ceil(grid.lengthIn / leanTo.rafter.spaceIn - ROUNDING) + 1
    out.push({
      what: 'rafters',
      size: leanTo.rafter.size,
      lumber: leanTo.rafter.lumber,
      lengthsIn: repeated(count * leanTo.rafter.plies, [slope]),
    })
    const along = (spec: typeof leanTo.beam, what: string) =>
      out.push({
        what,
        size: spec.size,
        lumber: spec.lumber,
        lengthsIn: repeated(spec.plies, grid.baysIn),
      })
    if (leanTo.rafter.spaceIn !== null) {
      along(leanTo.ledger, 'ledger')
      along(leanTo.beam, 'lean-to beam')
    }
    if (leanTo.rafter.spaceIn === null || leanTo.rafter.spaceIn > 30)
      out.push({
        what: 'purlins',
        size: purlins.size,
        lumber: purlins.lumber,
        lengthsIn: repeated(Math.ceil(slope / purlins.spaceIn - ROUNDING) + 1, grid.baysIn),
      })
  }
  return out
}

export function roofBoards(building: Building, grid: Grid, plan: TrussPlan, lines: readonly BraceLine[]): Boards[] {
  const purlins = building.roof.purlins
  const trusses = plan.trusses
  const stick = (i: number) => item(trusses, i + 1).xIn - item(trusses, i).xIn
  // Purlins run from truss to truss; an overhang goes on the end ones.
  const perRow = trusses
    .slice(1)
    .map((_, i) => stick(i) + (i === 0 || i === trusses.length - 2 ? building.gableOverhangIn : 0))
  const out: Boards[] = [
    {
      what: 'purlins',
      size: purlins.size,
      lumber: purlins.lumber,
      lengthsIn: repeated(
        purlinRows(building, grid),
        purlins.style === 'flat' || plan.spaceIn < 60 ? split(grid.lengthIn + 2 * building.gableOverhangIn) : perRow,
      ),
    },
  ]
  for (const beam of plan.beams) {
    const spec = building.roof[beam.kind]
    out.push({
      what: beam.kind === 'carrier' ? 'carriers' : 'headers',
      size: spec.size,
      lumber: spec.lumber,
      lengthsIn: repeated(spec.plies, [beam.spanIn + 3]),
    })
  }
  out.push(...leanToBoards({ building, grid, purlins }))
  for (const line of lines)
    if (building.bracing.walls !== 'straps')
      out.push({
        what: 'braces',
        size: building.bracing.size,
        lumber: building.bracing.lumber,
        lengthsIn: repeated(line.bays * (building.bracing.walls === 'x-boards' ? 2 : 1), [line.stockIn]),
      })
  if (building.knee)
    out.push({
      what: 'knee braces',
      size: building.knee.size,
      lumber: building.knee.lumber,
      lengthsIn: repeated(2 * building.knee.plies * grid.centresIn.length, [
        Math.hypot(building.knee.downIn, building.knee.outIn) + 6,
      ]),
    })
  return out
}
