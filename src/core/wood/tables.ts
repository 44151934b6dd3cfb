/**
 * Reference design values, NDS Supplement 2018, psi (E and Emin in millions of psi), dry, normal duration. Rows stand
 * as in the tables.
 */
type Row = readonly [fb: number, ft: number, fc: number]
type Full = readonly [
  fb: number,
  ft: number,
  fv: number,
  fcPerp: number,
  fc: number,
  e: number,
  eMin: number,
  g: number,
]

// Table 4B, Southern Pine by nominal width; the size effect is inside. Register C02 for No.1 Dense.
export const SOUTHERN_PINE: Readonly<
  Record<
    string,
    {
      readonly e: number
      readonly eMin: number
      readonly fcPerp: number
      readonly verify?: string
      readonly rows: Readonly<Record<number, Row>>
    }
  >
> = {
  SS: {
    e: 1.8,
    eMin: 0.66,
    fcPerp: 565,
    rows: {
      4: [2350, 1650, 1900],
      6: [2100, 1450, 1800],
      8: [1950, 1350, 1700],
      10: [1700, 1150, 1650],
      12: [1600, 1100, 1650],
    },
  },
  'No.1 Dense': {
    e: 1.8,
    eMin: 0.66,
    fcPerp: 660,
    verify: 'C02',
    rows: {
      4: [1650, 1100, 1750],
      6: [1500, 1000, 1650],
      8: [1350, 900, 1600],
      10: [1200, 800, 1550],
      12: [1100, 750, 1500],
    },
  },
  'No.1': {
    e: 1.6,
    eMin: 0.58,
    fcPerp: 565,
    rows: {
      4: [1500, 1000, 1650],
      6: [1350, 875, 1550],
      8: [1250, 800, 1500],
      10: [1050, 700, 1450],
      12: [1000, 650, 1400],
    },
  },
  'No.2': {
    e: 1.4,
    eMin: 0.51,
    fcPerp: 565,
    rows: {
      4: [1100, 675, 1450],
      6: [1000, 600, 1400],
      8: [925, 550, 1350],
      10: [800, 475, 1300],
      12: [750, 450, 1250],
    },
  },
  'No.3': {
    e: 1.3,
    eMin: 0.47,
    fcPerp: 565,
    rows: { 4: [650, 400, 850], 6: [575, 350, 800], 8: [525, 325, 775], 10: [475, 275, 750], 12: [450, 250, 725] },
  },
}
// Table 4A, to be multiplied by CF. Register C03: later supplements lowered some.
export const OTHER_SPECIES: Readonly<Record<string, Full>> = {
  'DF-L-SS': [1500, 1000, 180, 625, 1700, 1.9, 0.69, 0.5],
  'DF-L-No.1&Btr': [1200, 800, 180, 625, 1550, 1.8, 0.66, 0.5],
  'DF-L-No.1': [1000, 675, 180, 625, 1500, 1.7, 0.62, 0.5],
  'DF-L-No.2': [900, 575, 180, 625, 1350, 1.6, 0.58, 0.5],
  'DF-L-No.3': [525, 325, 180, 625, 775, 1.4, 0.51, 0.5],
  'DF-L-Stud': [700, 450, 180, 625, 850, 1.4, 0.51, 0.5],
  'HF-SS': [1400, 925, 150, 405, 1500, 1.6, 0.58, 0.43],
  'HF-No.1&Btr': [1100, 725, 150, 405, 1350, 1.5, 0.55, 0.43],
  'HF-No.1': [975, 625, 150, 405, 1350, 1.5, 0.55, 0.43],
  'HF-No.2': [850, 525, 150, 405, 1300, 1.3, 0.47, 0.43],
  'HF-No.3': [500, 300, 150, 405, 725, 1.2, 0.44, 0.43],
  'HF-Stud': [675, 400, 150, 405, 800, 1.2, 0.44, 0.43],
  'SPF-SS': [1250, 700, 135, 425, 1400, 1.5, 0.55, 0.42],
  'SPF-No.1/No.2': [875, 450, 135, 425, 1150, 1.4, 0.51, 0.42],
  'SPF-No.3': [500, 250, 135, 425, 650, 1.2, 0.44, 0.42],
  'SPF-Stud': [675, 350, 135, 425, 725, 1.2, 0.44, 0.42],
}
// Size factor CF for Table 4A, 2 in. thick, by nominal width: Fb and Ft, then Fc. Stud grade has a row of its own.
export const SIZE_FACTOR: Readonly<Record<number, readonly [number, number]>> = {
  4: [1.5, 1.15],
  6: [1.3, 1.1],
  8: [1.2, 1.05],
  10: [1.1, 1],
  12: [1, 1],
}

export const STUD_FACTOR: Readonly<Record<number, readonly [number, number]>> = { 4: [1.1, 1.05], 6: [1, 1] }
// Table 4C, machine stress rated, no CF: Fb, Ft, Fc, E, Emin. Fv, Fc⊥ and G are the species' own (register C04).
export const MACHINE_RATED: Readonly<Record<string, readonly [number, number, number, number, number]>> = {
  '1650f-1.5E': [1650, 1020, 1700, 1.5, 0.76],
  '2100f-1.8E': [2100, 1575, 1875, 1.8, 0.91],
  '2400f-2.0E': [2400, 1925, 1975, 2, 1.02],
}

export const SPECIES_BASE: Readonly<Record<string, readonly [fv: number, fcPerp: number, g: number]>> = {
  SP: [175, 565, 0.55],
  'DF-L': [180, 625, 0.5],
  HF: [150, 405, 0.43],
  SPF: [135, 425, 0.42],
}
// Table 4D, posts and timbers 5×5 and larger. Register C05 for DF-L No.2.
export const TIMBERS: Readonly<Record<string, Full>> = {
  'SP-SS': [1500, 1000, 165, 375, 950, 1.5, 0.55, 0.55],
  'SP-No.1': [1350, 900, 165, 375, 825, 1.5, 0.55, 0.55],
  'SP-No.2': [850, 550, 165, 375, 525, 1.2, 0.44, 0.55],
  'DF-L-SS': [1500, 1000, 170, 625, 1150, 1.6, 0.58, 0.5],
  'DF-L-No.1': [1200, 825, 170, 625, 1000, 1.6, 0.58, 0.5],
  'DF-L-No.2': [750, 475, 170, 625, 700, 1.3, 0.47, 0.5],
}
