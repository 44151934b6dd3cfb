/** What each stage of the desk is for: what to do there, in its order, and the words of the trade that it uses. */
export interface StageHelp {
  readonly steps: readonly string[]
  /** Terms of the glossary. */
  readonly terms: readonly string[]
}

export const STAGE_HELP: Readonly<
  Record<
    'site' | 'building' | 'strings' | 'holes' | 'posts' | 'walls' | 'roof' | 'bracing' | 'holds' | 'book',
    StageHelp
  >
> = {
  site: {
    steps: [
      'Enter snow, wind, frost depth and soil from the building department. Nothing is assumed; until they are there nothing is checked.',
      'Take spot heights under Ground where it slopes: depths are then counted from the lowest ground at each post.',
      'Look at the pressures of one load case on the unfolded building.',
    ],
    terms: ['edition', 'spot', 'verify'],
  },
  building: {
    steps: [
      'Set length, width, heel and pitch, and how the bays are made.',
      'Choose post, foundation and wood under Posts; add doors and windows under Openings.',
      'Drag a post or a door along its wall. A post that has a record on site is asked about first.',
    ],
    terms: ['heel', 'bay', 'line', 'foundation', 'kept post'],
  },
  strings: {
    steps: [
      'Pull the strings on the posts’ outside faces and mark them from one hook.',
      'Tape the four sides and both diagonals, type them in, and move the corners that are named.',
      'Use level strings where no laser is at hand; Old wall lays out what is built on to one.',
    ],
    terms: ['strings', 'batter board', 'hook', 'running marks'],
  },
  holes: {
    steps: [
      'Read how wide and how deep each kind of hole is, and what governs it.',
      'Log each hole as dug: how deep, and what was found. What it means is said at once.',
      'Order the concrete for what is still to be poured.',
    ],
    terms: ['deep', 'embedment', 'pad', 'collar', 'uplift'],
  },
  posts: {
    steps: [
      'Read the rod at every post, here or by phone; the highest point sets the grade line.',
      'Mark each post by its own card, from its own foot.',
      'Build columns by the card, cut by the cut list, and look under As built for what no longer fits.',
    ],
    terms: ['reading', 'grade line', 'benchmark', 'story pole', 'card'],
  },
  walls: {
    steps: [
      'Set the widest girt space and how the boards run; rows land on sills and heads.',
      'Pick a row to see its boards, splices and cut lengths.',
    ],
    terms: ['girt', 'skirt', 'zone', 'tributary'],
  },
  roof: {
    steps: [
      'Choose wide trusses on posts, or close ones on carriers; enter the reactions from the truss drawing.',
      'Set purlins, lean-to rafters and joints; each tab shows its own checks.',
    ],
    terms: ['truss', 'carrier', 'header', 'purlin', 'ledger'],
  },
  bracing: {
    steps: [
      'Say what holds the walls and the roof in their own planes. Skin counts only with tested values.',
      'Set the braces of each wall, and knee braces where the truss maker has designed for them.',
    ],
    terms: ['bracing', 'diaphragm', 'chord', 'knee brace', 'sway'],
  },
  holds: {
    steps: [
      'Read one check in full: demand, capacity, formula and clause, and what would remedy it.',
      'Let Burdock size what fails, within the limits that you set.',
      'Take the calculation sheet to your engineer: results are for planning.',
    ],
    terms: ['check', 'facts', 'register'],
  },
  book: {
    steps: [
      'Print the crew book for the office and the field sheets for the crew.',
      'A card that has changed since it was printed is named under Posts.',
    ],
    terms: ['card', 'story pole', 'recorded'],
  },
}

/** Five short hints that lead through the first job, each at its stage. */
export const HINTS: readonly { readonly stage: keyof typeof STAGE_HELP; readonly says: string }[] = [
  { stage: 'site', says: 'Enter snow, wind, frost and soil first: until then nothing is checked.' },
  { stage: 'building', says: 'Set the size, then drag posts and doors along their walls.' },
  { stage: 'holds', says: 'See what holds. A check that fails says what would remedy it.' },
  { stage: 'strings', says: 'Mark the strings from one hook; type what you tape to square the corners.' },
  { stage: 'book', says: 'Print the cards. Each has the code of its own page for the phone.' },
]
