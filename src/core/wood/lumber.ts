import { IN2_PER_FT2 } from '../units'
import type { Lumber, OwnGrade } from '../model'
import { MACHINE_RATED, OTHER_SPECIES, SIZE_FACTOR, SOUTHERN_PINE, SPECIES_BASE, STUD_FACTOR, TIMBERS } from './tables'

/**
 * Design values of one member before duration, wet use and the other factors of NDS 4.3, psi; the size factor is in
 * them.
 */
export interface DesignValues {
  readonly fb: number
  readonly ft: number
  readonly fv: number
  readonly fcPerp: number
  readonly fc: number
  readonly ePsi: number
  readonly eMin: number
  readonly gravity: number
  readonly table: string
  readonly verify?: string
  /** Machine rated or typed: the wet factor on Fb goes by the same 1,150 psi limit, the EP559 factor by its own row. */
  readonly machine: boolean
}

const MILLION = 1e6
const speciesOf = (lumber: Lumber): string =>
  ['DF-L', 'SPF', 'SP', 'HF'].find((text) => lumber.startsWith(`${text}-`)) ?? ''

const ownValues = (own: readonly OwnGrade[], lumber: Lumber): DesignValues | null => {
  const grade = own.find((grade) => grade.id === lumber)
  return grade
    ? {
        fb: grade.fbPsi,
        ft: grade.ftPsi,
        fv: grade.fvPsi,
        fcPerp: grade.fcPerpPsi,
        fc: grade.fcPsi,
        ePsi: grade.ePsi,
        eMin: grade.eMinPsi,
        gravity: grade.g,
        table: `entered: ${grade.name}${grade.source ? `, ${grade.source}` : ''}`,
        machine: true,
      }
    : null
}

const NO_GRADES: readonly OwnGrade[] = []
/** Values already looked up, by the list of own grades they were looked up with. */
const looked = new WeakMap<readonly OwnGrade[], Map<string, DesignValues | null>>()

/**
 * Design values of a 2x board of one nominal width (4 to 12), NDS Supplement 2018 Tables 4A, 4B and 4C, size factor
 * applied, or a grade of
 * the user's own. Null where no value is tabled: the member then is not checked.
 */
export function boardValues(
  lumber: Lumber,
  nominal: number,
  own: readonly OwnGrade[] = NO_GRADES,
): DesignValues | null {
  let known = looked.get(own)
  if (!known) {
    known = new Map()
    looked.set(own, known)
  }
  const key = `${lumber}|${nominal}`
  let values = known.get(key)
  if (values === undefined) {
    values = lookUp(lumber, nominal, own)
    known.set(key, values)
  }
  return values
}

function lookUp(lumber: Lumber, nominal: number, own: readonly OwnGrade[]): DesignValues | null {
  if (lumber.startsWith('own-')) return ownValues(own, lumber)
  const species = speciesOf(lumber)
  const grade = lumber.slice(species.length + 1)
  const rated = MACHINE_RATED[grade]
  const base = SPECIES_BASE[species]
  if (rated && base)
    return {
      fb: rated[0],
      ft: rated[1],
      fv: base[0],
      fcPerp: base[1],
      fc: rated[2],
      ePsi: rated[3] * MILLION,
      eMin: rated[4] * MILLION,
      gravity: base[2],
      table: 'NDS Supplement 2018 Table 4C',
      verify: 'C04',
      machine: true,
    }
  if (species === 'SP') {
    const sp = SOUTHERN_PINE[grade]
    const row = sp?.rows[nominal]
    return sp && row
      ? {
          fb: row[0],
          ft: row[1],
          fv: 175,
          fcPerp: sp.fcPerp,
          fc: row[2],
          ePsi: sp.e * MILLION,
          eMin: sp.eMin * MILLION,
          gravity: 0.55,
          table: 'NDS Supplement 2018 Table 4B',
          machine: false,
          ...(sp.verify ? { verify: sp.verify } : {}),
        }
      : null
  }
  const stud = grade === 'Stud'
  // Stud lumber 8 in. and wider uses No.3 values and factors.
  const row = OTHER_SPECIES[stud && nominal > 6 ? `${species}-No.3` : lumber]
  const cf = stud && nominal <= 6 ? STUD_FACTOR[nominal] : SIZE_FACTOR[nominal]
  if (!row || !cf) return null
  return {
    fb: row[0] * cf[0],
    ft: row[1] * cf[0],
    fv: row[2],
    fcPerp: row[3],
    fc: row[4] * cf[1],
    ePsi: row[5] * MILLION,
    eMin: row[6] * MILLION,
    gravity: row[7],
    machine: false,
    table: `NDS Supplement 2018 Table 4A, CF ${cf[0]}`,
    ...(species === 'SPF' ? {} : { verify: 'C03' }),
  }
}

/**
 * Design values of a solid 6×6, Table 4D, or typed. Null where no value is tabled. Dimension-lumber values are never
 * used for timbers.
 */
export function timberValues(lumber: Lumber, own: readonly OwnGrade[] = []): DesignValues | null {
  if (lumber.startsWith('own-')) return ownValues(own, lumber)
  const timber = TIMBERS[lumber]
  if (!timber) return null
  return {
    fb: timber[0],
    ft: timber[1],
    fv: timber[2],
    fcPerp: timber[3],
    fc: timber[4],
    ePsi: timber[5] * MILLION,
    eMin: timber[6] * MILLION,
    gravity: timber[7],
    machine: false,
    table: 'NDS Supplement 2018 Table 4D',
    ...(lumber === 'DF-L-No.2' ? { verify: 'C05' } : {}),
  }
}

/** Specific gravity by species or typed, for weights and fasteners where no design value is tabled. */
export const specificGravity = (lumber: Lumber, own: readonly OwnGrade[] = []): number =>
  own.find((grade) => grade.id === lumber)?.g ?? SPECIES_BASE[speciesOf(lumber)]?.[2] ?? 0.55

/** Weight of wood per foot of length, lb: NDS Supplement 3.1.3. `moisturePct` 0 to 30. */
export function weightPlf(lumber: Lumber, areaIn2: number, moisturePct = 19, own: readonly OwnGrade[] = []): number {
  const gravity = specificGravity(lumber, own)
  return (((62.4 * gravity) / (1 + 0.009 * gravity * moisturePct)) * (1 + moisturePct / 100) * areaIn2) / IN2_PER_FT2
}
