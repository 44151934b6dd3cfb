import { item } from '../result'
import { degrees, HALF_MARK_IN, IN_PER_FT, inchesAlone, pitchRadians, SAME_IN } from '../units'
import { laminationPlan, type LaminationPlan } from '../joints'
import { isEave, type Post, type PostName } from '../layout'
import type { Building } from '../model'
import { postSize, specificGravity, weightPlf } from '../wood'

/** One board of a ply: from and to above the foot, treated or dry, cut length. */
interface PlyPiece {
  readonly fromIn: number
  readonly toIn: number
  readonly lengthIn: number
  readonly treated: boolean
}

/** How one column is laminated: plies from the one side to the other, joints, pocket, nails and the order of work. */
export interface BuildCard {
  readonly key: string
  readonly posts: readonly PostName[]
  readonly label: string
  readonly seatIn: number
  readonly lengthIn: number
  readonly pocketIn: number
  readonly bevelIn: number
  readonly bevelDeg: number
  readonly treatedToIn: number
  readonly gradeIn: number
  readonly plies: readonly {
    readonly name: string
    readonly pieces: readonly PlyPiece[]
    readonly crown: 'near' | 'far'
  }[]
  readonly nails: LaminationPlan | null
  readonly weightLb: number
  readonly bolts: readonly { readonly fromFootIn: number; readonly what: string }[]
  readonly steps: readonly string[]
  readonly problem: string | null
}

/**
 * Longest single board for a ply, inches, and lowest joint of treated to dry wood above grade (register C08’s rule,
 * editable by splice zone).
 */
const LONGEST_PLY_IN = 288
const JOINT_ABOVE_GRADE_IN = 16
/** Joints of neighboring plies stand apart by at least this unless the zone says otherwise, inches. */
const JOINT_STEP_IN = 24

/** Names of the plies from the side one works at. */
const PLY_NAMES: Readonly<Record<number, readonly string[]>> = { 4: ['near', 'second', 'third', 'far'] }
const FEW_PLY_NAMES = ['near', 'center', 'far']

/** Lengths of one column above its foot, inches. */
interface ColumnLengths {
  readonly seatIn: number
  readonly lengthIn: number
  /** How far the outer plies go on above the seat; 0 without a pocket. */
  readonly pocketIn: number
  readonly bevelIn: number
}

function lengthsOf(building: Building, post: Post, footToGradeIn: number): ColumnLengths {
  const { truss } = building.roof
  const pocket =
    postSize(building.post).wood === 'laminated' &&
    isEave(post.side) &&
    post.kind !== 'lean-to' &&
    truss.seat === 'pocket' &&
    truss.set === 'posts'
  const seatIn = footToGradeIn + post.heightIn
  const longIn = footToGradeIn + post.longPointIn
  const pocketIn = pocket ? truss.heelDepthIn : 0
  return { seatIn, pocketIn, bevelIn: longIn - seatIn, lengthIn: pocket ? seatIn + pocketIn : longIn }
}

/** Where the plies of a column are joined: the lowest joint above grade, and the step from ply to ply. */
function jointZone({ post }: Building, plies: number): { readonly lowestIn: number; readonly stepIn: number } {
  const lowestIn = Math.max(JOINT_ABOVE_GRADE_IN, post.splice?.fromIn ?? JOINT_ABOVE_GRADE_IN)
  const highestIn = post.splice?.toIn ?? lowestIn + JOINT_STEP_IN * (plies - 1)
  return { lowestIn, stepIn: plies > 1 ? (highestIn - lowestIn) / (plies - 1) : 0 }
}

/** The boards of a ply that is joined once: treated below the joint, dry above it. */
const joinedPieces = (jointIn: number, topIn: number): readonly PlyPiece[] => [
  { fromIn: 0, toIn: jointIn, lengthIn: jointIn, treated: true },
  { fromIn: jointIn, toIn: topIn, lengthIn: topIn - jointIn, treated: false },
]

/** What is wrong with the joints of a column; null where they can be made so. */
function jointProblem(stepIn: number, plies: number, pieces: readonly PlyPiece[]): string | null {
  if (pieces.some((piece) => piece.lengthIn > LONGEST_PLY_IN))
    return 'A ply is longer than two boards of the list: order it finger-jointed or choose a glue-laminated column.'
  if (stepIn < JOINT_STEP_IN - SAME_IN)
    return (
      `Joints of neighboring plies would stand ${inchesAlone(Math.round(stepIn))} apart: widen the splice zone to ` +
      `${inchesAlone(JOINT_STEP_IN * (plies - 1))} or more.`
    )
  return null
}

/** The plies of a column with the boards of each; one board each where that is long enough and no joints are chosen. */
function pliesOf(building: Building, { seatIn, lengthIn, pocketIn }: ColumnLengths, footToGradeIn: number) {
  const size = postSize(building.post)
  const laminated = size.wood === 'laminated'
  const { lowestIn, stepIn } = jointZone(building, size.plies)
  const topOf = (i: number) => (pocketIn > 0 && i === 1 ? seatIn : lengthIn)
  const whole = (topIn: number): PlyPiece => ({
    fromIn: 0,
    toIn: topIn,
    lengthIn: topIn,
    treated: building.school !== 'pier',
  })
  const count = laminated ? size.plies : 1
  const names = PLY_NAMES[count] ?? FEW_PLY_NAMES
  const plies = Array.from({ length: count }, (_, i) => {
    const topIn = topOf(i)
    const joined = laminated && (building.post.splice !== null || topIn > LONGEST_PLY_IN)
    return {
      name: item(names, i),
      pieces: joined ? joinedPieces(footToGradeIn + lowestIn + stepIn * i, topIn) : [whole(topIn)],
      crown: i % 2 === 0 ? ('near' as const) : ('far' as const),
    }
  })
  const joined = plies.filter((ply) => ply.pieces.length > 1)
  const problem =
    joined.length > 0
      ? jointProblem(
          stepIn,
          size.plies,
          joined.flatMap((ply) => ply.pieces),
        )
      : null
  return { plies, problem }
}

/** Bolts through a column: of the truss in its pocket, or of the carrier on its face. */
function boltsOf(building: Building, post: Post, { seatIn, pocketIn }: ColumnLengths): BuildCard['bolts'] {
  const { joints, roof } = building
  const { count } = joints.truss
  if (pocketIn > 0)
    return Array.from({ length: count }, (_, k) => ({
      fromFootIn: seatIn + (pocketIn * (k + 1)) / (count + 1),
      what: `truss bolt ${k + 1}`,
    }))
  if (roof.truss.set === 'carriers' && isEave(post.side) && roof.truss.seat === 'face')
    return Array.from({ length: joints.carrier.count }, (_, k) => ({
      fromFootIn: seatIn - 2 - 3 * Math.floor(k / 2),
      what: `carrier bolt ${k + 1}`,
    }))
  return []
}

/** The order of work of a column from plies. */
const laminatedSteps = (pocket: boolean): readonly string[] => [
  'Sight every board; lay the plies so that the crown of each turns against its neighbor’s.',
  `Set the plies flush at the foot and nail the first column of nails there${pocket ? '; the center ply stops short at the seat' : ''}.`,
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

/**
 * Build card of one column `footToGradeIn` below the grade line. Plies are one board each where that is long enough and
 * no joints are chosen;
 * otherwise treated below and dry above, joints staggered over the splice zone, never lower than 16 in. above grade.
 * The center ply stops at the
 * seat where the truss stands in a pocket; the outer plies go on by the truss's heel.
 */
export function buildCard(
  building: Building,
  post: Post,
  footToGradeIn: number,
  posts: readonly PostName[],
): BuildCard {
  const size = postSize(building.post)
  const laminated = size.wood === 'laminated'
  const lengths = lengthsOf(building, post, footToGradeIn)
  const { lengthIn, bevelIn, pocketIn } = lengths
  const poundsPerFt = weightPlf(building.post.lumber, size.areaIn2, 30, building.grades)
  const nails = laminationPlan({
    lamination: building.joints.lamination,
    plies: size.plies,
    depthIn: size.depthIn,
    lengthIn,
    gravity: specificGravity(building.post.lumber, building.grades),
  })
  return {
    key: posts.map(({ id }) => id).join(','),
    posts,
    label: size.label,
    seatIn: lengths.seatIn,
    lengthIn,
    pocketIn,
    bevelIn: Math.max(0, bevelIn),
    bevelDeg: bevelIn > HALF_MARK_IN ? degrees(pitchRadians(building.pitchPer12)) : 0,
    treatedToIn: Math.min(lengthIn, footToGradeIn + (building.school === 'pier' ? 0 : JOINT_ABOVE_GRADE_IN)),
    gradeIn: footToGradeIn,
    ...pliesOf(building, lengths, footToGradeIn),
    nails: laminated ? nails : null,
    weightLb: (poundsPerFt * lengthIn) / IN_PER_FT,
    bolts: boltsOf(building, post, lengths),
    steps: laminated ? laminatedSteps(pocketIn > 0) : WHOLE_STEPS,
  }
}
