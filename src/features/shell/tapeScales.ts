import { feetAlone, fixed, IN_PER_FT, type UnitSystem, upTo } from '@/core/units'

/** One kind of tick of a tape: how far apart, in the tape's own unit, and how tall, px. */
type Tick = readonly [every: number, tall: number]

/** How a tape is divided and numbered. */
export interface TapeScale {
  /** Inches in the tape's own unit. */
  readonly unitIn: number
  /** Ticks of the blade, the widest apart first; they stand out. */
  readonly ticks: readonly Tick[]
  /** Distances that numbers may stand apart, from the least. */
  readonly numbered: readonly number[]
  readonly number: (units: number) => string
  /** The blade in the case, magnified: px of its unit, its finest part, ticks and numbers. */
  readonly close: {
    readonly pxPerUnit: number
    readonly finest: number
    readonly ticks: readonly Tick[]
    /** What stands out against a dark ground, and what stands beside its tick. */
    readonly strong: number
    readonly strongText: (units: number) => string
    readonly fineText: (units: number) => string
    readonly fine: number
    readonly read: string
  }
}

const US: TapeScale = {
  unitIn: 1,
  ticks: [
    [12, 17],
    [6, 14],
    [3, 9],
    [1, 12],
    [1 / 2, 9],
    [1 / 4, 7],
    [1 / 8, 5],
    [1 / 16, 3.5],
  ],
  numbered: [1, 2, 3, 5, 10, 20, 50, 100].map((feet) => feet * IN_PER_FT),
  number: (inches) => feetAlone(Math.abs(inches)),
  close: {
    pxPerUnit: 60,
    finest: 1 / 16,
    ticks: [
      [1, 30],
      [1 / 2, 22],
      [1 / 4, 16.5],
      [1 / 8, 11.5],
      [1 / 16, 7],
    ],
    strong: IN_PER_FT,
    strongText: (inches) => feetAlone(inches),
    fine: 1,
    fineText: (inches) => String(Math.round(inches) % IN_PER_FT),
    read: 'read to the sixteenth',
  },
}

const MM_IN = 1 / 25.4
const MM_PER_M = 1000
const METRIC: TapeScale = {
  unitIn: MM_IN,
  ticks: [
    [1000, 17],
    [500, 14],
    [100, 12],
    [50, 9],
    [10, 7],
    [5, 5],
    [1, 3.5],
  ],
  numbered: [100, 200, 500, 1000, 2000, 5000, 10000, 20000, 50000],
  number: (mm) => fixed(Math.abs(mm)),
  close: {
    pxPerUnit: 5.6,
    finest: 1,
    ticks: [
      [10, 30],
      [5, 20],
      [1, 10],
    ],
    strong: 100,
    strongText: (mm) => fixed(mm),
    fine: 10,
    fineText: (mm) => String(Math.round(mm) % 100),
    read: 'read to the millimeter',
  },
}
const METERS: TapeScale = {
  ...METRIC,
  number: (mm) => upTo(Math.abs(mm) / MM_PER_M, 1),
  close: { ...METRIC.close, strongText: (mm) => upTo(mm / MM_PER_M, 1) },
}

/** The tape of each system. */
export const TAPE_SCALES: Readonly<Record<UnitSystem, TapeScale>> = { us: US, mm: METRIC, m: METERS }
