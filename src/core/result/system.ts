/** How a job or a person writes lengths: feet, inches and sixteenths; millimeters; meters. */
export const UNIT_SYSTEMS = ['us', 'mm', 'm'] as const
export type UnitSystem = (typeof UNIT_SYSTEMS)[number]

/** Keeps what belongs to one number on one line. */
export const NO_BREAK = '\u00a0'

/** How a quantity is written; all of it may be left out. */
export interface WriteOptions {
  /** US customary where it is left out. */
  readonly system?: UnitSystem
  /** Straight primes, plain minus and plain spaces, for fonts and files that have no others. */
  readonly ascii?: boolean
}

/** The minus sign; a hyphen breaks lines and is read as a dash. */
export const minusOf = ({ ascii }: WriteOptions): string => (ascii ? '-' : '−')
export const spaceOf = ({ ascii }: WriteOptions): string => (ascii ? ' ' : NO_BREAK)
