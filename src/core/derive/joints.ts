import { laminationPlan } from '../joints'
import { type Post, type TrussPlan, wallPosts } from '../layout'
import type { Building, LeanTo } from '../model'
import { SAME_IN } from '../units'
import { postSize, specificGravity } from '../wood'
import type { BraceLine } from '../frame'
import type { HoleKind } from '../frame'
import type { ScheduleRow } from './schedule'

/** One kind of joint: what makes it, how many to a joint and how many in all. */
export interface JointLine {
  readonly joint: string
  readonly fastener: string
  readonly each: number
  readonly joints: number
  readonly total: number
}

interface JointsOf {
  readonly building: Building
  readonly posts: readonly Post[]
  readonly plan: TrussPlan
  /** Girts, and joints of purlins. */
  readonly pieces: number
  readonly purlinJoints: number
  readonly holes: readonly HoleKind[]
  readonly rows: readonly ScheduleRow[]
  readonly lines: readonly BraceLine[]
}

const joint = (name: string, fastener: string, each: number, joints: number): JointLine => ({
  joint: name,
  fastener,
  each,
  joints,
  total: each * joints,
})

const BOLT_SIZES: Readonly<Record<number, string>> = { 0.5: '1/2', 0.625: '5/8' }
const bolt = (diameterIn: number): string => `bolt ${BOLT_SIZES[diameterIn] ?? '3/4'}`

/** Girts and purlins on what carries them. */
function boardJoints({ building, pieces, purlinJoints }: JointsOf): JointLine[] {
  const { girt, purlin, purlinTieLb } = building.joints
  return [
    joint('girt to post', girt.nail, girt.count * building.girts.plies, pieces * 2),
    purlinTieLb === null
      ? joint('purlin to support', purlin.nail, purlin.count, purlinJoints)
      : joint('purlin to support', 'tie', 1, purlinJoints),
  ]
}

/**
 * A lean-to on its wall: bolted to the posts that stand there; rafters where a post is left out hang on the header.
 */
function leanToJoints({ building, posts }: JointsOf, { side, rafter }: LeanTo): JointLine[] {
  const { diameterIn, count } = building.joints.ledger
  const wall = wallPosts(posts, side)
  const toPost = (joints: number) => joint(`${side} lean-to to wall post`, bolt(diameterIn), count, joints)
  if (rafter.spaceIn !== null) return [toPost(wall.length)]
  const rafters = posts.filter((post) => post.kind === 'lean-to' && post.side === side)
  const onPosts = rafters.filter(({ x }) => wall.some((post) => Math.abs(post.x - x) <= post.sizeX / 2 + SAME_IN))
  const hung = rafters.length - onPosts.length
  return [toPost(onPosts.length), ...(hung > 0 ? [joint(`${side} rafter to header`, 'hanger', 1, hung)] : [])]
}

/** Trusses on their seats, beams and lean-tos on their posts. */
function roofJoints(of: JointsOf): JointLine[] {
  const { building, plan } = of
  const { truss, carrier, trussTieLb } = building.joints
  const seats = plan.trusses.length * 2
  const beams = plan.beams.length
  const onPosts = building.roof.truss.set === 'posts'
  return [
    ...(onPosts ? [joint('truss to post', bolt(truss.diameterIn), truss.count, seats)] : []),
    ...(onPosts && trussTieLb !== null ? [joint('truss to post, held down', 'tie', 1, seats)] : []),
    ...(onPosts ? [] : [joint('truss to carrier', 'tie', 1, seats)]),
    ...(beams > 0 ? [joint('carrier or header to post', bolt(carrier.diameterIn), carrier.count, beams + 2)] : []),
    ...building.leanTos.flatMap((leanTo) => leanToJoints(of, leanTo)),
  ]
}

/** Nails of all laminated posts: the mean of one, and their sum, for posts differ in length. */
function laminatingJoint({ building, rows }: JointsOf): JointLine[] {
  const size = postSize(building.post)
  if (size.wood !== 'laminated') return []
  const { lamination } = building.joints
  const nailsOf = (lengthIn: number) =>
    laminationPlan({
      lamination,
      plies: size.plies,
      depthIn: size.depthIn,
      lengthIn,
      gravity: specificGravity(building.post.lumber, building.grades),
    }).total
  const lengths = new Map<number, number>()
  for (const { totalIn } of rows) lengths.set(totalIn, (lengths.get(totalIn) ?? 0) + 1)
  const total = [...lengths].reduce((sum, [lengthIn, posts]) => sum + posts * nailsOf(lengthIn), 0)
  const each = Math.round(total / Math.max(1, rows.length))
  return [{ joint: 'laminating the posts', fastener: lamination.nail, each, joints: rows.length, total }]
}

/** What holds posts down in their holes. */
function footJoints({ building, holes }: JointsOf): JointLine[] {
  const collar = building.school === 'collar'
  if (!collar && !building.cleat) return []
  const { diameterIn, count } = building.joints.collar
  const posts = holes.reduce((sum, hole) => sum + hole.postIds.length, 0)
  return [joint(collar ? 'collar to post' : 'cleats to post', bolt(diameterIn), count, posts)]
}

/** Braces of the walls at both their ends. */
function braceJoints({ building, lines }: JointsOf): JointLine[] {
  const { walls, nail, nails } = building.bracing
  const inABay = walls === 'x-boards' ? 2 : 1
  return lines.map((line) =>
    walls === 'straps'
      ? joint(`${line.side} wall straps`, 'strap', 2, line.bays)
      : joint(`${line.side} wall braces`, nail, nails * 2, line.bays * inABay),
  )
}

/** Fasteners by joint, with counts over the building. */
export const jointList = (of: JointsOf): JointLine[] => [
  ...boardJoints(of),
  ...roofJoints(of),
  ...laminatingJoint(of),
  ...footJoints(of),
  ...braceJoints(of),
]
