import { firstOf } from '../result'
import { ROUNDING, SAME_IN, IN_PER_FT } from '../units'
import type { Joints } from '../model'
import { type Nail, nailOf } from './fasteners'
import { nailStrength } from './nailed'

interface LaminationCheck {
  readonly rule: string
  readonly has: number
  readonly least: number
  readonly most: number
  readonly unit: string
  readonly ok: boolean
}

/**
 * Nails of one laminated column: where they stand along its length on each face, and whether the detailing rules hold.
 */
export interface LaminationPlan {
  readonly columns: number
  readonly spacingIn: number
  readonly nailsPerFace: number
  readonly total: number
  /** Running marks for a template stick from the foot: even columns from the near face, odd from the far face. */
  readonly marksIn: readonly number[]
  readonly rowsIn: readonly number[]
  readonly rules: readonly LaminationCheck[]
  readonly meets: boolean
  /** Shear one interface of the column can pass, lb per foot of length, at normal duration. */
  readonly interfacePlf: number | null
}

/** Columns of nails over a length: ceil((L − 2·end)/spacing) + 1, equal spaces. */
export function nailColumns(
  lengthIn: number,
  endIn: number,
  spacingIn: number,
): { readonly count: number; readonly spaceIn: number } {
  const run = lengthIn - 2 * endIn
  if (run <= 0) return { count: 1, spaceIn: 0 }
  const count = Math.ceil(run / spacingIn - ROUNDING) + 1
  return { count, spaceIn: run / (count - 1) }
}

/** Nails of a column so long, in all: each through every ply, or each pair of plies nailed by itself. */
export function laminationNails(lamination: Joints['lamination'], plies: number, lengthIn: number): number {
  const { count } = nailColumns(lengthIn, lamination.endIn, lamination.spacingIn)
  return count * lamination.rows * (lamination.through ? 1 : plies - 1)
}

/** One rule of NDS 2018 15.3.3.1: what the pattern has, between what is asked for. */
const band = ({
  rule,
  has,
  least,
  most,
  unit = 'in',
}: {
  rule: string
  has: number
  least: number
  most: number
  unit?: string
}): LaminationCheck => ({
  rule,
  has,
  least,
  most,
  unit,
  ok: has >= least - SAME_IN && has <= most + SAME_IN,
})

/** The pattern against each rule of NDS 2018 15.3.3.1. */
function rulesOf({
  lamination,
  nail,
  gauge,
  edgeIn,
  spaceIn,
  depthIn,
  plies,
}: {
  readonly lamination: Joints['lamination']
  readonly nail: Nail | null
  readonly gauge: number
  readonly edgeIn: number
  readonly spaceIn: number
  readonly depthIn: number
  readonly plies: number
}): LaminationCheck[] {
  // A nail per interface reaches 3/4 of the ply it enters; one through all plies reaches 3/4 of the last.
  const needed = lamination.through ? 1.5 * (plies - 1) + 1.125 : 1.5 + 1.125
  const long = band({ rule: '(b) nail length', has: nail?.lengthIn ?? 0, least: needed, most: 99 })
  // The other rules go by the diameter of a nail: without one only this can be said.
  if (!nail) return [long]
  const diameterIn = nail.dIn
  return [
    long,
    band({ rule: '(c) end distance', has: lamination.endIn, least: 15 * diameterIn, most: 18 * diameterIn }),
    band({ rule: '(d) spacing along a row', has: spaceIn, least: 20 * diameterIn, most: 9 }),
    ...(lamination.rows > 1
      ? [band({ rule: '(e) row spacing', has: gauge, least: 10 * diameterIn, most: 20 * diameterIn })]
      : []),
    band({ rule: '(f) edge distance', has: edgeIn, least: 5 * diameterIn, most: 20 * diameterIn }),
    band({ rule: '(g) rows', has: lamination.rows, least: depthIn > 4.5 ? 2 : 1, most: 4, unit: '' }),
    ...(lamination.through
      ? []
      : [{ rule: 'every nail passes all plies', has: 0, least: 1, most: 1, unit: '', ok: false }]),
  ]
}

/**
 * The nail pattern of a column of `plies` plies, `depthIn` deep and `lengthIn` long, against NDS 2018 15.3.3.1 (a) to
 * (g). `g` specific gravity.
 */
export function laminationPlan({
  lamination,
  plies,
  depthIn,
  lengthIn,
  gravity,
}: {
  lamination: Joints['lamination']
  plies: number
  depthIn: number
  lengthIn: number
  gravity: number
}): LaminationPlan {
  const nail = nailOf(lamination.nail)
  const { count, spaceIn } = nailColumns(lengthIn, lamination.endIn, lamination.spacingIn)
  const gauge = lamination.rows > 1 ? (depthIn - 2 * lamination.edgeIn) / (lamination.rows - 1) : 0
  const rowsIn =
    lamination.rows === 1
      ? [depthIn / 2]
      : Array.from({ length: lamination.rows }, (_, i) => lamination.edgeIn + gauge * i)
  const rules = rulesOf({ lamination, nail, gauge, edgeIn: firstOf(rowsIn), spaceIn, depthIn, plies })
  const perInterface = nail
    ? nailStrength({
        nail,
        sideIn: 1.5,
        mainIn: lamination.through ? 1.5 * (plies - 1) : 1.5,
        gMain: gravity,
        gSide: gravity,
        duration: 1,
        wet: false,
      }).lateralLb
    : null
  return {
    columns: count,
    spacingIn: spaceIn,
    nailsPerFace: Math.ceil((count * lamination.rows) / 2) * (lamination.through ? 1 : plies - 1),
    total: laminationNails(lamination, plies, lengthIn),
    marksIn: Array.from({ length: count }, (_, i) => lamination.endIn + spaceIn * i),
    rowsIn,
    rules,
    meets: plies <= 5 && rules.every((rule) => rule.ok),
    interfacePlf: perInterface === null || spaceIn <= 0 ? null : (perInterface * lamination.rows * IN_PER_FT) / spaceIn,
  }
}
