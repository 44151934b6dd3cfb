import { type Figure, solved } from '../pocket'

/** What a figure answers; an error where it refuses. */
export function answerOf<Given, Answer>(figure: Figure<Given, Answer>, given: NoInfer<Given>): Answer {
  const result = solved(figure, given)
  if (!result.ok) throw new Error(`${figure.name} refused: ${JSON.stringify(result.issues)}`)
  return result.value.answer
}

/** What a figure refuses: `code path`, or nothing where it answers. */
export function refusalOf<Given, Answer>(figure: Figure<Given, Answer>, given: unknown): string[] {
  const result = solved(figure, given)
  return result.ok ? [] : result.issues.map(({ code, path }) => `${code} ${path.join('.')}`)
}

/** One right input for every figure. */
export const SAMPLES: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  diagonal: { aIn: 480, bIn: 360 },
  'three-four-five': { longIn: 100, shortIn: 70 },
  'equal-spaces': { runIn: 100, maxIn: 24 },
  'between-fixed': { fixedIn: [0, 50, 120], maxIn: 24 },
  'on-centre': { lengthIn: 96, centresIn: 16, stickIn: 1.5 },
  'equal-openings': { lengthIn: 70.5, pickIn: 1.5, maxGapIn: 4 },
  'boards-across': { depthIn: 96.5, boardIn: 5.5, gapIn: 0.125, overLast: 4, gapLimitIn: 0.5 },
  'post-tops': { topIn: 120, pitchPer12: 3, rowsIn: [0, 96, 192] },
  pitch: { riseIn: 48, runIn: 144 },
  'brace-between': { clearIn: 90, riseIn: 48, boardIn: 5.5 },
  'knee-brace': { downIn: 36.5, outIn: 27, boardIn: 5.5, sawLimitDeg: 50 },
  'brace-45': { downIn: 30, outLimitIn: 40 },
  rafter: { runIn: 145.5, ledgerIn: 1.5, pitchPer12: 3, depthIn: 7.25, seatIn: 3, tailIn: 12, tailCut: 'plumb' },
  headroom: { startIn: 130, sheetIn: 1, battenIn: 1.5, rafterIn: 5.5, beamIn: 9.25, runIn: 144, pitchPer12: 2 },
  'steepest-pitch': { startIn: 130, sheetIn: 1, battenIn: 1.5, rafterIn: 5.5, beamIn: 9.25, runIn: 144, clearIn: 84 },
  'roof-square': { rafterLegIn: 240, eaveLegIn: 180, measuredIn: 301, heldAtIn: 1 },
  plumb: { topOffsetIn: 2.5, bottomOffsetIn: 2, heightIn: 144 },
  'eave-line': { standoffIn: 1.5, readingsIn: [1.5, 2, 2.25, 2, 1.25], actIn: 0.25 },
  pull: { upIn: 144, acrossIn: 108, linkIn: 1.5, wedgeIn: 3 },
  sling: { loadLb: 1000, legs: 2, angleDeg: 60, factor: 1.5 },
  gin: { loadLb: 300, factor: 2, armIn: 24, fixingsIn: 36 },
  'wall-pick': {
    posts: 4,
    postPlf: 8,
    postIn: 180,
    rows: 2,
    girtPlf: 2,
    bayIn: 96,
    girtHeightsIn: [60, 120],
    extraShare: 0.1,
    holdIn: 120,
  },
  'bare-wind': { windMph: 40, areaFt2: 120 },
  jack: { areaFt2: 96, loadPsf: 25, factor: 2, leanIn: -1.25 },
  gate: {
    openIn: 144,
    hingeGapIn: 0.75,
    latchGapIn: 1,
    leaves: 2,
    meetGapIn: 0.5,
    railIn: 5.5,
    heightIn: 54,
    weightLb: 90,
    hingesIn: 40,
  },
  'sliding-door': { openIn: 120, lapIn: 1, leaves: 1 },
  vehicle: {
    openWidthIn: 120,
    openHeightIn: 120,
    widthIn: 96,
    heightIn: 114,
    marginIn: 3,
    rampShare: 0.1,
    rampIn: 60,
    wheelbaseIn: 100,
    frontIn: 40,
  },
  stairs: { riseIn: 43.625, maxRiserIn: 7.75, treadRunIn: 10.5, treadIn: 1, widthIn: 48, stringersEveryIn: 16 },
  cover: { laidIn: 180.5, sheets: 5 },
  panels: { runIn: 381, coverIn: 36, ribIn: 9, leastIn: 24 },
  'nailers-between': { rowsIn: [24, 80], fromIn: 0, toIn: 100, maxIn: 24 },
  bags: {
    diameterIn: 24,
    depthIn: 12,
    postWidthIn: 4.5,
    postDepthIn: 5.5,
    holes: 10,
    bagFt3: 0.6,
    wasteShare: 0.1,
    spareEvery: 6,
  },
  matured: { tempsF: [65, 65, 32, 14, 10, 116] },
  daylight: { latitudeDeg: 45, dayOfYear: 172 },
  'rod-marks': { readingsIn: { A1: 50, A2: 48.5, B1: 55 }, coverIn: 4 },
  'girt-cut': { gapIn: 90.7, playIn: 0.125 },
  suppliers: {
    need: { board: 10, bag: 20 },
    suppliers: [
      { name: 'Yard', fee: 50, prices: { board: 8, bag: 6 } },
      { name: 'Mill', fee: 20, prices: { board: 5 } },
      { name: 'Pit', fee: 30, prices: { bag: 4 } },
    ],
  },
}
