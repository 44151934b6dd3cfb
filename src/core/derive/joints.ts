import { laminationPlan } from '../joints'
import type { Post, TrussPlan } from '../layout'
import type { Building } from '../model'
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

/** Fasteners by joint, with counts over the building. */
export function jointList({
  building,
  posts,
  plan,
  pieces,
  purlinJoints,
  holes,
  rows,
  lines,
}: {
  building: Building
  posts: readonly Post[]
  plan: TrussPlan
  pieces: number
  purlinJoints: number
  holes: readonly HoleKind[]
  rows: readonly ScheduleRow[]
  lines: readonly BraceLine[]
}): JointLine[] {
  const j = building.joints
  const make = (joint: string, fastener: string, each: number, joints: number): JointLine => ({
    joint,
    fastener,
    each,
    joints,
    total: each * joints,
  })
  const size = postSize(building.post)
  const bolt = (diameterIn: number) => {
    const inchSize = () => {
      if (diameterIn === 0.5) return '1/2'
      if (diameterIn === 0.625) return '5/8'
      return '3/4'
    }
    return `bolt ${inchSize()}`
  }
  const seats = plan.trusses.length * 2
  const out: JointLine[] = [
    make('girt to post', j.girt.nail, j.girt.count * building.girts.plies, pieces * 2),
    make(
      'purlin to support',
      j.purlinTieLb === null ? j.purlin.nail : 'tie',
      j.purlinTieLb === null ? j.purlin.count : 1,
      purlinJoints,
    ),
  ]
  out.push(
    building.roof.truss.set === 'posts'
      ? make('truss to post', bolt(j.truss.diameterIn), j.truss.count, seats)
      : make('truss to carrier', 'tie', 1, seats),
  )
  const beams = plan.beams.length
  if (beams) out.push(make('carrier or header to post', bolt(j.carrier.diameterIn), j.carrier.count, beams + 2))
  for (const leanTo of building.leanTos)
    out.push(
      make(
        `${leanTo.side} lean-to to wall post`,
        bolt(j.ledger.diameterIn),
        j.ledger.count,
        posts.filter((post) => post.kind === 'lean-to' && post.side === leanTo.side).length,
      ),
    )
  if (size.wood === 'laminated') {
    const made = new Map<number, number>()
    const nailsOf = (lengthIn: number): number => {
      const has = made.get(lengthIn)
      if (has !== undefined) return has
      const { total } = laminationPlan({
        lamination: j.lamination,
        plies: size.plies,
        depthIn: size.depthIn,
        lengthIn,
        gravity: specificGravity(building.post.lumber, building.grades),
      })
      made.set(lengthIn, total)
      return total
    }
    const nails = rows.reduce((sum, row) => sum + nailsOf(row.totalIn), 0)
    out.push({
      joint: 'laminating the posts',
      fastener: j.lamination.nail,
      each: Math.round(nails / Math.max(1, rows.length)),
      joints: rows.length,
      total: nails,
    })
  }
  if (building.school === 'collar' || building.cleat)
    out.push(
      make(
        building.school === 'collar' ? 'collar to post' : 'cleats to post',
        bolt(j.collar.diameterIn),
        j.collar.count,
        holes.reduce((sum, hole) => sum + hole.postIds.length, 0),
      ),
    )
  for (const line of lines)
    out.push(
      building.bracing.walls === 'straps'
        ? make(`${line.side} wall straps`, 'strap', 2, line.bays)
        : make(
            `${line.side} wall braces`,
            building.bracing.nail,
            building.bracing.nails * 2,
            line.bays * (building.bracing.walls === 'x-boards' ? 2 : 1),
          ),
    )
  return out
}
