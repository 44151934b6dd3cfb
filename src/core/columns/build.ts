import { item } from '../result'
import { SAME_IN, degrees, IN_PER_FT, pitchRadians, HALF_MARK_IN } from '../units'
import { laminationPlan, type LaminationPlan } from '../joints'
import type { Post } from '../layout'
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
  readonly postIds: readonly string[]
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
/** Joints of neighbouring plies stand apart by at least this unless the zone says otherwise, inches. */
const JOINT_STEP_IN = 24

const NAMES = ['near', 'center', 'far', 'fourth']

/**
 * Build card of one column `footToGradeIn` below the grade line. Plies are one board each where that is long enough and
 * no joints are chosen;
 * otherwise treated below and dry above, joints staggered over the splice zone, never lower than 16 in. above grade.
 * The centre ply stops at the
 * seat where the truss stands in a pocket; the outer plies go on by the truss's heel.
 */
export function buildCard(building: Building, post: Post, footToGradeIn: number, ids: readonly string[]): BuildCard {
  const size = postSize(building.post)
  const laminated = size.wood === 'laminated'
  const eave = post.side === 'south' || post.side === 'north'
  const seatIn = footToGradeIn + post.heightIn
  const pocket =
    laminated &&
    eave &&
    post.kind !== 'lean-to' &&
    building.roof.truss.seat === 'pocket' &&
    building.roof.truss.set === 'posts'
  const pocketIn = pocket ? building.roof.truss.heelDepthIn : 0
  const long = footToGradeIn + post.longPointIn
  const lengthIn = pocket ? seatIn + pocketIn : long
  const bevelIn = long - seatIn
  const treatedToIn = Math.min(lengthIn, footToGradeIn + (building.school === 'pier' ? 0 : JOINT_ABOVE_GRADE_IN))
  const zone = building.post.splice
  let problem: string | null = null
  const plies = Array.from({ length: laminated ? size.plies : 1 }, (_, i) => {
    const top = pocket && i === 1 ? seatIn : lengthIn
    const pieces: PlyPiece[] = []
    if (!laminated || (!zone && top <= LONGEST_PLY_IN))
      pieces.push({ fromIn: 0, toIn: top, lengthIn: top, treated: building.school !== 'pier' })
    else {
      const lowest = Math.max(JOINT_ABOVE_GRADE_IN, zone?.fromIn ?? JOINT_ABOVE_GRADE_IN)
      const highest = zone?.toIn ?? lowest + JOINT_STEP_IN * (size.plies - 1)
      const step = size.plies > 1 ? (highest - lowest) / (size.plies - 1) : 0
      if (step < JOINT_STEP_IN - SAME_IN)
        problem =
          `Joints of neighbouring plies would stand ${Math.round(step)}″ apart: widen the splice zone to ` +
          `${JOINT_STEP_IN * (size.plies - 1)}″ or more.`
      const joint = footToGradeIn + lowest + step * i
      if (top - joint > LONGEST_PLY_IN || joint > LONGEST_PLY_IN)
        problem =
          'A ply is longer than two boards of the list: order it finger-jointed or choose a glue-laminated column.'
      pieces.push(
        { fromIn: 0, toIn: joint, lengthIn: joint, treated: true },
        { fromIn: joint, toIn: top, lengthIn: top - joint, treated: false },
      )
    }
    const lengthName = () => {
      if (size.plies === 4 && i === 1) return 'second'
      if (size.plies === 4 && i === 2) return 'third'
      if (size.plies === 4 && i === 3) return 'far'
      return item(NAMES, i)
    }
    return {
      name: lengthName(),
      pieces,
      crown: i % 2 === 0 ? ('near' as const) : ('far' as const),
    }
  })
  const gravity = specificGravity(building.post.lumber, building.grades)
  const nails = laminated
    ? laminationPlan({
        lamination: building.joints.lamination,
        plies: size.plies,
        depthIn: size.depthIn,
        lengthIn,
        gravity,
      })
    : null
  const boltCount = building.joints.truss.count
  const boltsThrough = () => {
    if (pocket)
      return Array.from({ length: boltCount }, (_, k) => ({
        fromFootIn: seatIn + (pocketIn * (k + 1)) / (boltCount + 1),
        what: `truss bolt ${k + 1}`,
      }))
    if (building.roof.truss.set === 'carriers' && eave && building.roof.truss.seat === 'face')
      return Array.from({ length: building.joints.carrier.count }, (_, k) => ({
        fromFootIn: seatIn - 2 - 3 * Math.floor(k / 2),
        what: `carrier bolt ${k + 1}`,
      }))
    return []
  }
  const bolts = boltsThrough()
  const steps = laminated
    ? [
        'Sight every board; lay the plies so that the crown of each turns against its neighbour’s.',
        'Set the plies flush at the foot and nail the first column of nails ' +
          `there${pocket ? '; the center ply stops short at the seat' : ''}.`,
        'Pull the middle flush with a clamp and nail it, then the far end: the crowns pull straight.',
        'Nail the rest from this face on the template’s marks, every second column.',
        'Turn the column over and nail the columns between from the other face, so that an inspector can count ' +
          'every nail.',
        'Seal every cut of treated wood; no cut end goes in the ground.',
        'If it twists, stand it by its top: the top faces square to the wall, the foot may turn in the hole.',
      ]
    : [
        'Cut to length at the top; the foot keeps its treated end.',
        'Brush the cut with preservative. If it twists, set it by its top.',
      ]
  return {
    key: ids.join(','),
    postIds: ids,
    label: size.label,
    seatIn,
    lengthIn,
    pocketIn,
    bevelIn: Math.max(0, bevelIn),
    bevelDeg: bevelIn > HALF_MARK_IN ? degrees(pitchRadians(building.pitchPer12)) : 0,
    treatedToIn,
    gradeIn: footToGradeIn,
    plies,
    nails,
    weightLb: (weightPlf(building.post.lumber, size.areaIn2, 30, building.grades) * lengthIn) / IN_PER_FT,
    bolts,
    steps,
    problem,
  }
}
