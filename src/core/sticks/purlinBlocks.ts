import { item } from '../result'
import { type Making, putStick, squareOn } from './make'
import { type Slope, placeOnSlope } from './slope'
import type { Stick, StickBoard } from './stick'

/** The row of purlin blocks, for lists. */
export const PURLIN_BLOCKS = 'purlin blocks'
export const isPurlinBlock = ({ place }: Pick<Stick, 'place'>): boolean => place.row === PURLIN_BLOCKS
/** Nails at each end of a block. */
const END_NAILS = 2

/** A board of a row of purlins as it was put: where it begins and ends along the slope, and its lower face up the slope. */
export interface PutPurlin {
  readonly stick: Stick
  readonly fromIn: number
  readonly toIn: number
  readonly lowIn: number
}

/** What blocks lie between: the rows of one slope from its low edge, the board of all of them, how far off the plane. */
interface BlocksOf {
  readonly slope: Slope
  readonly board: StickBoard
  readonly offIn: number
  readonly rows: readonly (readonly PutPurlin[])[]
}

const boardOver = (row: readonly PutPurlin[], atIn: number): PutPurlin | undefined =>
  row.find(({ fromIn, toIn }) => fromIn < atIn && atIn < toIn)

/**
 * Blocks at the middle of every space between trusses or rafters, from each row of purlins to the next: they keep purlins
 * from rolling when the wind lifts, and halve what is free of their lower edge.
 */
export function putPurlinBlocks(making: Making, { slope, board, offIn, rows }: BlocksOf): void {
  const { supports } = slope
  for (const [space, next] of supports.slice(1).entries()) {
    const atIn = (item(supports, space).atIn + next.atIn) / 2
    for (const [order, row] of rows.slice(1).entries()) {
      const below = boardOver(item(rows, order), atIn)
      const above = boardOver(row, atIn)
      if (!below || !above) continue
      const stick = putStick(making, {
        id: `${slope.id}-block-${space + 1}-${order + 1}`,
        name: `block ${space + 1}.${order + 1}`,
        kind: 'blocking',
        place: { part: slope.part, side: slope.side, row: PURLIN_BLOCKS, order: space * rows.length + order },
        board,
        from: placeOnSlope(slope, atIn, below.lowIn + board.widthIn, offIn),
        to: placeOnSlope(slope, atIn, above.lowIn, offIn),
        up: slope.off,
        ends: [squareOn(below.stick.id), squareOn(above.stick.id)],
      })
      for (const [end, to] of [below, above].entries())
        making.joins.push({
          kind: 'block to purlin',
          stick: stick.id,
          to: to.stick.id,
          atIn: end === 0 ? 0 : stick.cutLengthIn,
          upIn: null,
          fastener: { by: 'nail', nail: '16d-common' },
          count: END_NAILS,
        })
    }
  }
}
