import { IN2_PER_FT2 } from '../units'
import { LUMBERS, type Lumber, type OwnGrade } from '../model'
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
  readonly product: 'dimension' | 'timber' | 'glulam'
  /** `SP`, `DF-L`, `HF`, `SPF`; empty where a grade of the user's own names none. */
  readonly species: string
  /** What incising took from the values that are here (NDS 2018 4.3.8): 1 where they are whole. */
  readonly ci: { readonly e: number; readonly strength: number }
  /** Machine rated or typed: the wet factor on Fb goes by the same 1,150 psi limit, the EP559 factor by its own row. */
  readonly machine: boolean
}

/** What incised wood keeps: of E and Emin, and of Fb, Ft, Fv and Fc; Fc⊥ keeps all (NDS 2018 Table 4.3.8). */
const INCISED = { e: 0.95, strength: 0.8 } as const
const NOT_INCISED = { e: 1, strength: 1 } as const

const MILLION = 1e6
const speciesOf = (lumber: Lumber): string =>
  ['DF-L', 'SPF', 'SP', 'HF'].find((text) => lumber.startsWith(`${text}-`)) ?? ''

/** Values of a grade of the user's own; null where it is not known or some value of it is not entered. */
function ownValues(own: readonly OwnGrade[], lumber: Lumber): DesignValues | null {
  const grade = own.find(({ id }) => id === lumber)
  if (!grade) return null
  const { fbPsi, ftPsi, fvPsi, fcPerpPsi, fcPsi, ePsi, eMinPsi, g } = grade
  if (fbPsi === null || ftPsi === null || fvPsi === null || fcPerpPsi === null) return null
  if (fcPsi === null || ePsi === null || eMinPsi === null || g === null) return null
  return {
    fb: fbPsi,
    ft: ftPsi,
    fv: fvPsi,
    fcPerp: fcPerpPsi,
    fc: fcPsi,
    ePsi,
    eMin: eMinPsi,
    gravity: g,
    table: `entered: ${grade.name}${grade.source ? `, ${grade.source}` : ''}`,
    machine: true,
    product: 'dimension',
    species: '',
    ci: NOT_INCISED,
  }
}

const NO_GRADES: readonly OwnGrade[] = []

/** Values of another product than they were entered for. */
const as = (product: DesignValues['product'], values: DesignValues | null): DesignValues | null =>
  values && { ...values, product }

/** Species whose treated lumber is incised, so that the treatment reaches in (NDS 2018 4.3.8). */
const INCISED_SPECIES: ReadonlySet<string> = new Set(['DF-L', 'HF', 'SPF'])

/** Values of treated lumber: of species that are incised, less what the cuts take (NDS 2018 4.3.8). */
export function treated(values: DesignValues, incised: boolean): DesignValues {
  if (!incised || !INCISED_SPECIES.has(values.species)) return values
  return {
    ...values,
    fb: values.fb * INCISED.strength,
    ft: values.ft * INCISED.strength,
    fv: values.fv * INCISED.strength,
    fc: values.fc * INCISED.strength,
    ePsi: values.ePsi * INCISED.e,
    eMin: values.eMin * INCISED.e,
    ci: INCISED,
    table: `${values.table}; incised, Ci ${INCISED.strength}`,
  }
}

/** Values of a glue-laminated column: its maker's, entered as a grade of one's own. Nothing is made up for it. */
export const glulamValues = (lumber: Lumber, own: readonly OwnGrade[]): DesignValues | null =>
  as('glulam', ownValues(own, lumber))
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
  if (lumber.startsWith('own-')) return ownValues(own, lumber)
  const tabled = TABLED.get(`${lumber}|${nominal}`)
  return tabled === undefined ? lookUp(lumber, nominal) : tabled
}

/** Machine-rated lumber, Table 4C. */
function machineRated(species: string, grade: string): DesignValues | null {
  const rated = MACHINE_RATED[grade]
  const base = SPECIES_BASE[species]
  if (!rated || !base) return null
  const [fb, ft, fc, e, eMin] = rated
  const [fv, fcPerp, gravity] = base
  return {
    fb,
    ft,
    fv,
    fcPerp,
    fc,
    ePsi: e * MILLION,
    eMin: eMin * MILLION,
    gravity,
    table: 'NDS Supplement 2018 Table 4C',
    verify: 'C04',
    machine: true,
    product: 'dimension',
    species,
    ci: NOT_INCISED,
  }
}

/** Southern Pine by width, Table 4B. */
function southernPine(grade: string, nominal: number): DesignValues | null {
  const pine = SOUTHERN_PINE[grade]
  const row = pine?.rows[nominal]
  if (!pine || !row) return null
  const [fb, ft, fc] = row
  return {
    fb,
    ft,
    fv: 175,
    fcPerp: pine.fcPerp,
    fc,
    ePsi: pine.e * MILLION,
    eMin: pine.eMin * MILLION,
    gravity: 0.55,
    table: 'NDS Supplement 2018 Table 4B',
    machine: false,
    product: 'dimension',
    species: 'SP',
    ci: NOT_INCISED,
    ...(pine.verify ? { verify: pine.verify } : {}),
  }
}

/** Other species with their size factor, Table 4A. Stud lumber 8 in. and wider uses No.3 values and factors. */
function otherSpecies(lumber: Lumber, species: string, grade: string, nominal: number): DesignValues | null {
  const stud = grade === 'Stud'
  const row = OTHER_SPECIES[stud && nominal > 6 ? `${species}-No.3` : lumber]
  const sizeFactor = stud && nominal <= 6 ? STUD_FACTOR[nominal] : SIZE_FACTOR[nominal]
  if (!row || !sizeFactor) return null
  const [fb, ft, fv, fcPerp, fc, e, eMin, gravity] = row
  const [bendingFactor, crushingFactor] = sizeFactor
  return {
    fb: fb * bendingFactor,
    ft: ft * bendingFactor,
    fv,
    fcPerp,
    fc: fc * crushingFactor,
    ePsi: e * MILLION,
    eMin: eMin * MILLION,
    gravity,
    machine: false,
    product: 'dimension',
    species,
    ci: NOT_INCISED,
    table: `NDS Supplement 2018 Table 4A, CF ${bendingFactor}`,
    ...(species === 'SPF' ? {} : { verify: 'C03' }),
  }
}

function lookUp(lumber: Lumber, nominal: number): DesignValues | null {
  const species = speciesOf(lumber)
  const grade = lumber.slice(species.length + 1)
  const rated = machineRated(species, grade)
  if (rated) return rated
  return species === 'SP' ? southernPine(grade, nominal) : otherSpecies(lumber, species, grade, nominal)
}

/** Every listed lumber at every width, worked out once as the module loads. */
const TABLED: ReadonlyMap<string, DesignValues | null> = new Map(
  LUMBERS.flatMap((lumber) =>
    [4, 6, 8, 10, 12].map((nominal) => [`${lumber}|${nominal}`, lookUp(lumber, nominal)] as const),
  ),
)

/**
 * Design values of a solid 6×6, Table 4D, or typed. Null where no value is tabled. Dimension-lumber values are never
 * used for timbers.
 */
export function timberValues(lumber: Lumber, own: readonly OwnGrade[] = []): DesignValues | null {
  if (lumber.startsWith('own-')) return as('timber', ownValues(own, lumber))
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
    product: 'timber',
    species: speciesOf(lumber),
    ci: NOT_INCISED,
    table: 'NDS Supplement 2018 Table 4D',
    ...(lumber === 'DF-L-No.2' ? { verify: 'C05' } : {}),
  }
}

/** Specific gravity where no species and no value is known: light where it holds fasteners, heavy where it is weighed. */
const UNKNOWN_LIGHT = 0.36
const UNKNOWN_HEAVY = 0.55

const knownGravity = (lumber: Lumber, own: readonly OwnGrade[]): number | undefined =>
  own.find((grade) => grade.id === lumber)?.g ?? SPECIES_BASE[speciesOf(lumber)]?.[2]

/** Specific gravity by species or typed, for fasteners; the lightest where none is known, which holds least. */
export const specificGravity = (lumber: Lumber, own: readonly OwnGrade[] = []): number =>
  knownGravity(lumber, own) ?? UNKNOWN_LIGHT

/** Weight of wood per foot of length, lb: NDS Supplement 3.1.3. `moisturePct` 0 to 30. */
export function weightPlf(lumber: Lumber, areaIn2: number, moisturePct = 19, own: readonly OwnGrade[] = []): number {
  const gravity = knownGravity(lumber, own) ?? UNKNOWN_HEAVY
  return (((62.4 * gravity) / (1 + 0.009 * gravity * moisturePct)) * (1 + moisturePct / 100) * areaIn2) / IN2_PER_FT2
}
