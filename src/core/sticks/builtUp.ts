import { PLIES_NAIL, pliesNails } from '../joints'
import { item } from '../result'
import type { Join } from './stick'

/** Plies that lie against each other: of what, how long together, and how many boards each of them is joined of. */
interface BuiltUp {
  readonly of: string
  readonly lengthIn: number
  readonly boards: readonly number[]
}

/** The nails that make one beam of plies: of each to the next. One ply needs none. */
export const pliesJoins = ({ of, lengthIn, boards }: BuiltUp): readonly Join[] =>
  boards.slice(1).map((count, i) => ({
    kind: 'plies of a beam',
    stick: of,
    to: of,
    atIn: 0,
    upIn: null,
    fastener: { by: 'nail', nail: PLIES_NAIL },
    count: pliesNails(lengthIn, item(boards, i) + count - 2),
  }))
