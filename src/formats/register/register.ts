/** Which way an error of a recalled value would go. */
export type Direction = 'safe' | 'unsafe' | 'user' | 'none' | 'practice'

/** A value that is recalled and was not read from print: what it is, what is used, and what an error of it would do. */
export interface RegisterLine {
  readonly what: string
  readonly used: string
  readonly source: string
  readonly direction: Direction
  readonly otherwise: string
}

/** What an error of each kind means, in words. */
export const DIRECTION: Readonly<Record<Direction, string>> = {
  safe: 'on the safe side',
  unsafe: 'could be unsafe: compare before building',
  user: 'the user’s own value',
  none: 'no effect on results',
  practice: 'practice, no code value',
}

/** Every such value by its number, as arithmetic and sheets name it. */
export const REGISTER: Readonly<Record<string, RegisterLine>> = {
  C01: {
    what: 'Depth of 8-inch timbers that are dressed dry',
    used: '7.25 in. for strength',
    source: 'NDS Supplement 2018 Table 1A',
    direction: 'safe',
    otherwise: '7.5 in. would be stronger',
  },
  C02: {
    what: 'Design values of Southern Pine No.1 Dense',
    used: 'as tabled',
    source: 'NDS Supplement 2018 Table 4B',
    direction: 'unsafe',
    otherwise: 'lower values would be needed',
  },
  C03: {
    what: 'Design values of Douglas Fir-Larch and Hem-Fir',
    used: 'those of the 2018 supplement',
    source: 'NDS Supplement 2018 Table 4A',
    direction: 'unsafe',
    otherwise: 'later supplements lower some',
  },
  C04: {
    what: 'Shear, bearing and gravity of machine-rated lumber',
    used: 'values of the species',
    source: 'NDS Supplement 2018 Table 4C',
    direction: 'safe',
    otherwise: 'grades of high stiffness have more',
  },
  C05: {
    what: 'Douglas Fir-Larch posts and timbers No.2',
    used: 'as tabled',
    source: 'NDS Supplement 2018 Table 4D',
    direction: 'unsafe',
    otherwise: 'agencies differ',
  },
  C06: {
    what: 'Repetitive-member factor with a steel skin as what shares the load',
    used: '1.15',
    source: 'NDS 2018 4.3.9',
    direction: 'unsafe',
    otherwise: '15 % less without it',
  },
  C07: {
    what: 'Effective length of posts whose tops frames and roof hold together',
    used: '0.80 where frames keep a fifth of the load or less, 2.10 otherwise',
    source: 'NDS 2018 appendix G',
    direction: 'unsafe',
    otherwise: 'between the two it grows gradually',
  },
  C08: {
    what: 'Bending factors of mechanically laminated columns, and of their splice zones',
    used: '1.15 until the fastening of EP559 is confirmed; 0.42 of the section in a splice zone',
    source: 'ASABE EP559',
    direction: 'unsafe',
    otherwise: 'above 1.15',
  },
  C09: {
    what: 'Dead loads of roof parts',
    used: 'as listed; the user types over them',
    source: 'ASCE 7-16 C3.1',
    direction: 'user',
    otherwise: 'the total is in the user’s hands',
  },
  C10: {
    what: 'Sub-clause of the roof live load',
    used: 'none needed',
    source: 'IBC 2021 1607',
    direction: 'none',
    otherwise: 'only the number of the clause',
  },
  C11: {
    what: 'Height of a drift: least fetch and importance',
    used: 'fetch of 20 ft at least; the root of the importance factor only above 1',
    source: 'ASCE 7-16 7.6.1, 7.7',
    direction: 'safe',
    otherwise: 'drifts would be lower',
  },
  C12: {
    what: 'Fetch over a gabled upper roof',
    used: 'its full width',
    source: 'ASCE 7-16 7.7',
    direction: 'safe',
    otherwise: 'drifts would be lower',
  },
  C13: {
    what: 'Least exposure coefficient for cladding in Exposure B',
    used: '0.70',
    source: 'ASCE 7-16 30.3',
    direction: 'safe',
    otherwise: 'pressures would be lower',
  },
  C14: {
    what: 'Net pressure coefficients of open roofs',
    used: 'as tabled, both ways of flow; free gables over 30° and single slopes over 15° from memory',
    source: 'ASCE 7-16 Figs. 27.3-4, 27.3-5',
    direction: 'unsafe',
    otherwise: 'both uplift and downward wind on open lean-tos follow it',
  },
  C15: {
    what: 'Roof cladding over 20°, positive pressures, single slopes',
    used: 'steeper gables rounded up; no reduction by area',
    source: 'ASCE 7-16 Figs. 30.3-2, 30.3-5',
    direction: 'unsafe',
    otherwise: 'single slopes and positives',
  },
  C16: {
    what: 'Cladding of overhangs',
    used: 'roof and wall together',
    source: 'ASCE 7-16 Fig. 30.3-2',
    direction: 'unsafe',
    otherwise: 'a few percent low at corners',
  },
  C17: {
    what: 'Where an embedded post that nothing holds at grade is fixed',
    used: 'the worse of at grade and a third of its depth below',
    source: 'ASABE EP486',
    direction: 'unsafe',
    otherwise: 'fixed deeper, moments and sway grow',
  },
  C18: {
    what: 'Edition and names of the formulas of the roof diaphragm',
    used: 'frames and roof solved together',
    source: 'ASABE EP484',
    direction: 'none',
    otherwise: 'the statics are the same',
  },
  C19: {
    what: 'One-third increase of soil values for wind',
    used: 'not taken',
    source: 'IBC 2021 1605.2',
    direction: 'safe',
    otherwise: 'soil would hold more',
  },
  C20: {
    what: 'Width of a rectangular post on the soil',
    used: '1.414 of the narrow face',
    source: 'IBC 2021 1807.3.2.1',
    direction: 'safe',
    otherwise: 'the diagonal is wider',
  },
  C21: {
    what: 'Embedment by EP486.1',
    used: 'the deeper of it and of the building code',
    source: 'ASABE EP486.1',
    direction: 'safe',
    otherwise: 'the code governs as well',
  },
  C22: {
    what: 'Soil springs',
    used: 'only from an engineer’s own value',
    source: 'ASABE EP486.2',
    direction: 'user',
    otherwise: 'the value is typed',
  },
  C23: {
    what: 'Angle of the soil cone that uplift lifts',
    used: '0°',
    source: 'statics',
    direction: 'safe',
    otherwise: 'a cone would hold more; 15° may be too much',
  },
  C24: {
    what: 'Loose factor of gravel and waiting times of concrete',
    used: 'a quarter; times as listed',
    source: 'practice',
    direction: 'practice',
    otherwise: 'order and wait by the supplier’s word',
  },
  C25: {
    what: 'Repetitive-member factor of built-up headers of three plies',
    used: '1.0',
    source: 'NDS 2018 4.3.9',
    direction: 'safe',
    otherwise: '1.15 is debated',
  },
  C26: {
    what: 'Most sag of a header over a door',
    used: '3/8 in.',
    source: 'practice',
    direction: 'practice',
    otherwise: 'the door maker’s figure rules',
  },
  C27: {
    what: 'Yield strength of ring-shank nails',
    used: 'that of common nails of their diameter',
    source: 'NDS 2018 Table 12N',
    direction: 'safe',
    otherwise: 'makers state more',
  },
  C28: {
    what: 'Nails of a quarter inch and thicker',
    used: 'values across the grain',
    source: 'NDS 2018 12.3.3',
    direction: 'safe',
    otherwise: 'along the grain they hold more',
  },
  C29: {
    what: 'Withdrawal of ring-shank nails from wood that dries',
    used: '0.25',
    source: 'NDS 2018 Table 11.3.3',
    direction: 'safe',
    otherwise: 'hardened nails hold all',
  },
  C30: {
    what: 'Spacing of nails',
    used: 'as listed',
    source: 'NDS 2018 C12.1.6',
    direction: 'practice',
    otherwise: 'bore first where wood splits',
  },
  C31: {
    what: 'Nailing pattern of laminated posts',
    used: 'as listed',
    source: 'practice',
    direction: 'practice',
    otherwise: 'an engineer’s pattern rules',
  },
  C32: {
    what: 'Bracing of trusses while they are set',
    used: 'cautions only',
    source: 'practice',
    direction: 'practice',
    otherwise: 'the truss maker’s sheets rule',
  },
  C33: {
    what: 'Wind while raising, tolerances of straightening',
    used: 'cautions and defaults',
    source: 'practice',
    direction: 'practice',
    otherwise: 'less wind, tighter tolerance',
  },
  C34: {
    what: 'Ranges of sound sense',
    used: 'warnings only',
    source: 'practice',
    direction: 'practice',
    otherwise: 'never a limit',
  },
  C35: {
    what: 'Wet-service factors of glue-laminated posts in the ground',
    used: '0.8 Fb and Ft, 0.73 Fc, 0.875 Fv, 0.833 E, 0.53 Fc⊥',
    source: 'NDS Supplement 2018 Tables 5A to 5D',
    direction: 'unsafe',
    otherwise: 'lower factors would ask for a larger post',
  },
  C36: {
    what: 'Strips of skin too narrow for their height',
    used: 'none under height/3.5, 2·b/h up to height/2, all from there on',
    source: 'SDPWS 2021 4.3.3.2, taken for steel skin',
    direction: 'practice',
    otherwise: 'the tested assembly may say otherwise',
  },
  C37: {
    what: 'Clear earth between two holes',
    used: 'the larger of 12 in. and half the larger hole; else one common footing',
    source: 'practice',
    direction: 'practice',
    otherwise: 'a soil report may allow less',
  },
  C38: {
    what: 'Heel of a truss at its bolts',
    used: 'one piece as deep as the heel, of the species of the post',
    source: 'NDS 2018 3.4.3.3',
    direction: 'practice',
    otherwise: 'the truss maker’s own value rules; a rated tie takes its place',
  },
  C39: {
    what: 'Wind on overhangs in cladding',
    used: 'suction of the roof’s zone and the pressure of the wall beside it',
    source: 'ASCE 7-16 30.9, 27.3.3',
    direction: 'safe',
    otherwise: 'coefficients of overhangs of their own may be less',
  },
  C40: {
    what: 'Weight of a truss as it is lifted',
    used: '8 lb for each foot of its span and ply',
    source: 'assumed',
    direction: 'practice',
    otherwise: 'the maker’s drawing says the weight: rig for that',
  },
  C41: {
    what: 'When a rod reading is doubted',
    used:
      'beyond 2.5 spreads of its set-up (1.4826 times the median distance, 1/8 in. at least; of all set-ups where those ' +
      'spread up to three times as much), 1.5 for what a known confusion makes; ' +
      'a foot off both neighbors while under five are read; a bump from a difference of over 1/8 in. at the benchmark',
    source: 'practice of surveying',
    direction: 'practice',
    otherwise: 'a second reading tells',
  },
  C42: {
    what: 'How far a set post may stand off before the phone says to move it',
    used: '1/4 in. off its string, the larger of 1/8 in. and 1/960 of the height out of plumb; a gap 1 in., a span 1/2 in. off the plan',
    source: 'practice',
    direction: 'practice',
    otherwise: 'the crew decides; nothing is held by it',
  },
  C43: {
    what: 'Nails between the plies of carriers, headers, ledgers and rafters',
    used: '10d common, 24 in. apart along both edges, staggered, and 3 at each end and joint',
    source: 'IBC 2021 Table 2304.10.2, built-up girders and beams',
    direction: 'safe',
    otherwise: 'the table has the 10d box nail there, which is as long and thinner',
  },
  C44: {
    what: 'Bolts of a gable post to the end truss over it',
    used: 'those of a truss at an eave post',
    source: 'practice',
    direction: 'practice',
    otherwise: 'the joint is bought, not checked: the maker of the truss and the engineer decide',
  },
  C45: {
    what: 'Length of a bearing block under a truss',
    used: 'two rows of nails, 10 diameters to each end and 15 from one to the next',
    source: 'NDS 2018 Commentary Table C12.1.6.6, nails without bored holes',
    direction: 'safe',
    otherwise: 'with bored holes it may be shorter',
  },
}

/** One value of the register in a sentence; a number that is not there says so. */
export function registerSentence(code: string): string {
  const line = REGISTER[code]
  if (!line) return `${code}: not in the register`
  return `${code} ${line.what}: ${line.used} (${line.source}); ${DIRECTION[line.direction]}, ${line.otherwise}.`
}
