import type { CutDemand, StockBoard } from './cutting'

/** Pieces to cut, and the boards that they may be cut from. */
export interface CutRequest {
  readonly demands: readonly CutDemand[]
  readonly stock: readonly StockBoard[]
  readonly kerfIn: number
  /** What every board must have over its pieces, for its ends; nothing where it is not said. */
  readonly spareIn?: number
}

/** A solver of whole-number programs written as LP text; it is loaded and kept by whoever calls. */
export interface LpSolver {
  readonly solve: (
    lp: string,
    options?: Readonly<Record<string, string | number | boolean>>,
  ) => {
    readonly Status: string
    readonly ObjectiveValue?: number
    readonly Columns: Readonly<Record<string, { readonly Primal?: number }>>
    /** What one piece more of each would cost, in the order of the pieces. */
    readonly Rows?: readonly { readonly Dual?: number }[]
  }
}
