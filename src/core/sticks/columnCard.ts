import { laminationPlan, type LaminationPlan, nailOf } from '../joints'
import type { PostName } from '../layout'
import type { Building } from '../model'
import { item } from '../result'
import { inchesAlone, IN_PER_FT } from '../units'
import { postSize, specificGravity, weightPlf } from '../wood'
import { LIFTED_MOISTURE_PCT } from './board'
import { type Buying, buyLengthIn } from './buy'
import { type Column, type ColumnNotch, tongueIn } from './column'
import { jointProblem, plyPieces, treatedUpIn } from './posts'

/** One board of a ply: from and to above the foot, treated or dry, cut length, and the stock it is cut from. */
interface CardPiece {
  readonly fromIn: number
  readonly toIn: number
  readonly lengthIn: number
  readonly stockIn: number | null
  readonly treated: boolean
}

/** A notch of a column above its foot. */
interface CardNotch extends Pick<ColumnNotch, 'face' | 'depthIn'> {
  readonly fromFootIn: number
  readonly toFootIn: number
}

/** How one column is laminated: plies from the one side to the other, joints, seat, nails and the order of work. */
export interface ColumnCard {
  readonly key: string
  readonly posts: readonly PostName[]
  readonly label: string
  readonly bears: Column['bears']
  readonly seatIn: number
  /** To the top of its highest ply: the length it is cut to. */
  readonly lengthIn: number
  readonly pocketIn: number
  readonly notches: readonly CardNotch[]
  /** The notch beside the truss, toward the low or the high end of the wall; null where it has none. */
  readonly trussNotch: {
    readonly side: 'low' | 'high'
    readonly depthIn: number
    readonly fromFootIn: number
    readonly toFootIn: number
  } | null
  /** Wood left behind its notches; null where it has none. */
  readonly tongueIn: number | null
  readonly bevelIn: number
  readonly bevelDeg: number
  readonly treatedToIn: number
  readonly gradeIn: number
  readonly plies: readonly {
    readonly name: string
    readonly pieces: readonly CardPiece[]
    readonly crown: 'near' | 'far'
  }[]
  readonly nails: LaminationPlan | null
  readonly weightLb: number
  readonly bolts: readonly { readonly fromFootIn: number; readonly aboveSeatIn: number; readonly what: string }[]
  readonly steps: readonly string[]
  readonly problems: readonly string[]
}

/** Names of the plies from the side one works at. */
const PLY_NAMES: Readonly<Record<number, readonly string[]>> = {
  1: ['whole'],
  4: ['near', 'second', 'third', 'far'],
  5: ['near', 'second', 'middle', 'fourth', 'far'],
}
const FEW_PLY_NAMES = ['near', 'center', 'far']

/** The order of work of a column from plies. */
const laminatedSteps = (pocket: boolean): readonly string[] => [
  'Sight every board; lay the plies so that the crown of each turns against its neighbor’s.',
  `Set the plies flush at the foot and nail the first column of nails there${pocket ? '; the inner ply stops short at the seat' : ''}.`,
  'Pull the middle flush with a clamp and nail it, then the far end: the crowns pull straight.',
  'Nail the rest from this face on the template’s marks, every second column.',
  'Turn the column over and nail the columns between from the other face, so that an inspector can count every nail.',
  'Seal every cut of treated wood; no cut end goes in the ground.',
  'If it twists, stand it by its top: the top faces square to the wall, the foot may turn in the hole.',
]
/** The order of work of a column of one piece. */
const WHOLE_STEPS = [
  'Cut to length at the top; the foot keeps its treated end.',
  'Brush the cut with preservative. If it twists, set it by its top.',
]

/** The bearing block of a column that has one. */
const blockSteps = ({ joints }: Building, { block }: Column): readonly string[] =>
  block
    ? [
        `Nail a bearing block to the inner face, its top at the seat, under the truss: 2×4, ${inchesAlone(block.lengthIn)} long, ` +
          `${block.nails} nails ${nailOf(joints.girt.nail)?.name ?? ''} in two rows.`,
      ]
    : []

/** What keeps a column from being built as the plan wants it, in words. */
const PROBLEMS: Readonly<Record<Column['problems'][number], string>> = {
  'no room for a pocket':
    'There are too few plies beside the truss for a pocket: it stands on a notch, bolted to the wood beside it.',
  'truss off the middle':
    'The truss stands off the middle of this post: it sits on top, without a pocket. Hold it down with a tie.',
  'too many plies to let in':
    'The beam has too many plies to let into this post: it is bolted to the faces, and does not bear on a notch.',
}

/** What is wrong with the joints of the plies, in words. */
function jointWords(building: Pick<Building, 'post'>, pieces: Parameters<typeof jointProblem>[1]): readonly string[] {
  const problem = jointProblem(building, pieces)
  if (!problem) return []
  if (problem.kind === 'too long')
    return ['A ply is longer than two boards of the list: order it finger-jointed or choose a glue-laminated column.']
  return [
    `Joints of neighboring plies would stand ${inchesAlone(Math.round(problem.apartIn))} apart: widen the splice zone to ` +
      `${inchesAlone(problem.zoneIn)} or more.`,
  ]
}

/** The plies of a column with their boards above its foot. */
function pliesOf(building: Building, column: Column, footUpIn: number, buying: Buying): ColumnCard['plies'] {
  const names = PLY_NAMES[column.plies.length] ?? FEW_PLY_NAMES
  const pieces = plyPieces(building, column, footUpIn)
  return column.plies.map(({ topUpIn }, ply) => ({
    name: item(names, ply),
    crown: ply % 2 === 0 ? ('near' as const) : ('far' as const),
    pieces: pieces
      .filter((piece) => piece.ply === ply)
      .map(({ fromUpIn, toUpIn, treated }) => {
        const lengthIn = toUpIn - fromUpIn
        const spareIn = toUpIn === topUpIn ? buying.postSpareIn : buying.spareIn
        return {
          fromIn: fromUpIn - footUpIn,
          toIn: toUpIn - footUpIn,
          lengthIn,
          stockIn: buyLengthIn(lengthIn, spareIn, buying.stockIn),
          treated,
        }
      }),
  }))
}

/**
 * Build card of one column whose foot stands `footToGradeIn` below the grade line, for all the posts that are built like
 * it. Every length is that of its sticks.
 */
export function columnCard(
  building: Building,
  column: Column,
  footToGradeIn: number,
  { posts, buying }: { readonly posts: readonly PostName[]; readonly buying: Buying },
): ColumnCard {
  const size = postSize(building.post)
  const laminated = size.wood === 'laminated'
  const footUpIn = -footToGradeIn
  const seatIn = column.seatUpIn + footToGradeIn
  const lengthIn = column.topUpIn + footToGradeIn
  const nails = laminationPlan({
    lamination: building.joints.lamination,
    plies: size.plies,
    depthIn: size.depthIn,
    lengthIn,
    gravity: specificGravity(building.post.lumber, building.grades),
  })
  const pocket = column.pocketPlies.length > 0
  const lowest = Math.min(...column.plies.map(({ topUpIn, fallsIn }) => topUpIn - Math.abs(fallsIn)))
  return {
    key: posts.map(({ id }) => id).join(','),
    posts,
    label: size.label,
    bears: column.bears,
    seatIn,
    lengthIn,
    pocketIn: pocket ? column.topUpIn - column.seatUpIn : 0,
    notches: column.notches.map(({ face, depthIn, fromUpIn, toUpIn }) => ({
      face,
      depthIn,
      fromFootIn: fromUpIn - footUpIn,
      toFootIn: toUpIn - footUpIn,
    })),
    trussNotch: column.trussNotch && {
      side: column.trussNotch.side,
      depthIn: column.trussNotch.depthIn,
      fromFootIn: column.trussNotch.fromUpIn - footUpIn,
      toFootIn: column.trussNotch.toUpIn - footUpIn,
    },
    tongueIn: column.notches.length > 0 ? tongueIn(column, size.depthIn) : null,
    bevelIn: column.bevelDeg > 0 ? column.topUpIn - lowest : 0,
    bevelDeg: column.bevelDeg,
    treatedToIn: Math.min(lengthIn, Math.max(0, treatedUpIn(building) - (building.school === 'pier' ? 0 : footUpIn))),
    gradeIn: footToGradeIn,
    plies: pliesOf(building, column, footUpIn, buying),
    nails: laminated ? nails : null,
    weightLb:
      (weightPlf(building.post.lumber, size.areaIn2, LIFTED_MOISTURE_PCT, building.grades) * lengthIn) / IN_PER_FT,
    bolts: column.bolts.map(({ aboveSeatIn, holds }, i) => ({
      fromFootIn: seatIn + aboveSeatIn,
      aboveSeatIn,
      what: `${holds} bolt ${i + 1}`,
    })),
    steps: [...(laminated ? laminatedSteps(pocket) : WHOLE_STEPS), ...blockSteps(building, column)],
    problems: [
      ...column.problems.map((problem) => PROBLEMS[problem]),
      ...jointWords(building, plyPieces(building, column, footUpIn)),
    ],
  }
}
