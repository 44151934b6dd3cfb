import { onWall } from '@/core/layout'
import { entryOf } from '@/core/result'
import type { Derived } from '@/core/derive'
import type { Job, LeanTo, Side } from '@/core/model'
import type { GivenOf } from '@/core/pocket/figures'
import type { FigureName } from '@/core/pocket/names'
import { BAG_YIELD_FT3, HOLE_WASTE } from '@/core/quantities'
import { boardSize, postSize, weightPlf } from '@/core/wood'

/** What of a job a figure is opened for. */
export type FigureTopic = 'braces' | 'rafters' | 'headroom' | 'square' | 'spacing' | 'picks' | 'concrete' | 'suppliers'

/** A figure filled in from a job. */
export interface FilledFigure {
  readonly figure: FigureName
  readonly given: Readonly<Record<string, unknown>>
  /** What of the job it is filled in from, where a job has several. */
  readonly of: string
}

type JobParts = Pick<Derived, 'grid' | 'braces' | 'holes' | 'posts' | 'walls' | 'takeoff' | 'columns'>

/** Names the figure and fills it in, each field of it. */
const filled = <Name extends FigureName>(figure: Name, given: GivenOf<Name>, of = ''): FilledFigure => ({
  figure,
  given,
  of,
})

/** Most saws reach so far off square, degrees; the figure's field says it, to be changed. */
const SAW_REACHES_DEG = 50
/** Blocks, nails and wet over the sticks alone. */
const EXTRA_SHARE = 0.1
/** The hook of a wall that is tilted up, as a share of its height: over its center. */
const HOOK_AT = 2 / 3
/** Moisture of lumber as it is lifted on site, percent. */
const WET_PERCENT = 19
/** Thickness of a ply and of a purlin on the flat, and of sheets with their ribs, inches. */
const PLY_IN = 1.5
const SHEET_IN = 0.75

function braces({ building }: Job, { braces: lines }: JobParts): readonly FilledFigure[] {
  const { knee, bracing } = building
  const [line] = lines
  return [
    ...(knee
      ? [
          filled('knee-brace', {
            downIn: knee.downIn,
            outIn: knee.outIn,
            boardIn: boardSize(knee.size).dIn,
            sawLimitDeg: SAW_REACHES_DEG,
          }),
        ]
      : []),
    ...(line
      ? [
          filled('brace-between', {
            clearIn: line.bayIn,
            riseIn: line.heightIn,
            boardIn: boardSize(bracing.size).dIn,
          }),
        ]
      : []),
  ]
}

const ledgerIn = (leanTo: LeanTo): number => (leanTo.rafter.spaceIn === null ? 0 : PLY_IN * leanTo.ledger.plies)

const rafters = ({ building }: Job): readonly FilledFigure[] =>
  building.leanTos.map((leanTo) =>
    filled(
      'rafter',
      {
        runIn: leanTo.depthIn,
        ledgerIn: ledgerIn(leanTo),
        pitchPer12: leanTo.pitchPer12,
        depthIn: boardSize(leanTo.rafter.size).dIn,
        seatIn: leanTo.seatIn,
        tailIn: building.eaveOverhangIn,
        tailCut: 'plumb',
      },
      leanTo.side,
    ),
  )

/** The roof of a lean-to: its top line at the wall lies over the rafters’ underside by all that lies on them. */
const headrooms = ({ building }: Job): readonly FilledFigure[] =>
  building.leanTos.map((leanTo) => {
    const rafterIn = boardSize(leanTo.rafter.size).dIn
    const onRafters = (rafterIn + PLY_IN + SHEET_IN) * Math.hypot(1, leanTo.pitchPer12 / 12)
    return filled(
      'headroom',
      {
        startIn: building.heelIn - leanTo.dropIn + onRafters,
        sheetIn: SHEET_IN,
        battenIn: PLY_IN,
        rafterIn,
        beamIn: leanTo.rafter.spaceIn === null ? 0 : boardSize(leanTo.beam.size).dIn,
        runIn: leanTo.depthIn,
        pitchPer12: leanTo.pitchPer12,
      },
      leanTo.side,
    )
  })

const square = (_job: Job, { grid: { lengthIn, widthIn } }: JobParts): readonly FilledFigure[] => [
  filled('three-four-five', { longIn: lengthIn, shortIn: widthIn }),
  filled('diagonal', { aIn: lengthIn, bIn: widthIn }),
]

/** Bays between the first and the last line, and posts of a gable between its corners. */
function spacing({ building }: Job, { grid }: JobParts): readonly FilledFigure[] {
  const widestIn = building.bays.mode === 'max' ? building.bays.maxIn : Math.max(...grid.baysIn)
  return [
    filled('equal-spaces', { runIn: grid.baysIn.reduce((sum, bayIn) => sum + bayIn, 0), maxIn: widestIn }, 'bays'),
    filled('equal-spaces', { runIn: grid.widthIn, maxIn: building.gableMaxIn }, 'gable posts'),
  ]
}

/** A wall as a frame that is tilted up: its posts and rows of girts. */
function picks(job: Job, { posts, walls, grid, columns }: JobParts, side: Side): readonly FilledFigure[] {
  const building = onWall(job.building, side)
  const row = posts.filter((post) => post.side === side && post.kind !== 'lean-to')
  const [first] = row
  if (!first) return []
  const size = postSize(building.post)
  const postIn = Math.max(...row.map((post) => entryOf(columns, post.id).topUpIn))
  const heights = walls[side].rows.map(({ topIn }) => topIn - boardSize(building.girts.size).dIn / 2)
  const girtHeightsIn = heights.filter((heightIn) => heightIn > 0 && heightIn < postIn)
  return [
    filled('wall-pick', {
      posts: row.length,
      postPlf: weightPlf(building.post.lumber, size.areaIn2, WET_PERCENT, building.grades),
      postIn,
      rows: girtHeightsIn.length,
      girtPlf: weightPlf(building.girts.lumber, boardSize(building.girts.size).areaIn2, WET_PERCENT, building.grades),
      bayIn: Math.max(...grid.baysIn),
      girtHeightsIn,
      extraShare: EXTRA_SHARE,
      holdIn: postIn * HOOK_AT,
    }),
  ]
}

/** Concrete of each kind of hole, as deep as it would stand in it with no post through it. */
function concrete({ fieldwork }: Job, { holes }: JobParts): readonly FilledFigure[] {
  const { bagLb, spareEvery } = fieldwork.concrete
  return holes
    .filter(({ volumes }) => volumes.concreteFt3 > 0)
    .map((hole) =>
      filled(
        'bags',
        {
          diameterIn: hole.diameterIn,
          depthIn: (hole.volumes.concreteFt3 * 4 * 12 ** 3) / (Math.PI * hole.diameterIn ** 2),
          postWidthIn: 0,
          postDepthIn: 0,
          holes: hole.postIds.length,
          bagFt3: BAG_YIELD_FT3[bagLb],
          wasteShare: HOLE_WASTE,
          spareEvery,
        },
        `${hole.kind} posts`,
      ),
    )
}

/** Items of the take-off that cost most. */
const MOST_ITEMS = 6

/** What is to be bought, the dearest first, from the yard of the job's own list; others are typed in. */
function suppliers(_job: Job, { takeoff }: JobParts): readonly FilledFigure[] {
  const dearest = [...takeoff.cost]
    .filter(({ quantity }) => quantity > 0)
    .sort((one, other) => other.cost - one.cost)
    .slice(0, MOST_ITEMS)
  if (dearest.length === 0) return []
  return [
    filled('suppliers', {
      need: Object.fromEntries(dearest.map(({ what, quantity }) => [what, quantity])),
      suppliers: [
        {
          name: 'your list',
          fee: 0,
          prices: Object.fromEntries(dearest.map(({ what, quantity, cost }) => [what, cost / quantity])),
        },
      ],
    }),
  ]
}

const TOPICS: Readonly<Record<FigureTopic, (job: Job, derived: JobParts, side: Side) => readonly FilledFigure[]>> = {
  braces,
  rafters,
  headroom: headrooms,
  square,
  spacing,
  picks,
  concrete,
  suppliers,
}

/** Figures of one topic filled in from a job; none where the job has nothing of it. `side` is the wall that is lifted. */
export const figuresFor = (
  topic: FigureTopic,
  job: Job,
  derived: JobParts,
  side: Side = 'south',
): readonly FilledFigure[] => TOPICS[topic](job, derived, side)

/** The clock of a pour, with the hours since: their temperatures as they were written, or the cold guess. */
export const cureFigure = (tempsF: readonly number[]): FilledFigure => filled('matured', { tempsF: [...tempsF] })
