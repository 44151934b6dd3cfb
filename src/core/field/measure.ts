import { neighboursIn, postRows, type Post, type PostKind } from '../layout'
import { rodLog, type PoleMark, type RodLog } from '../marks'
import type { Job } from '../model'
import { postsAsBuilt, type Foot, type PostAsBuilt } from './asBuilt'
import type { FieldState } from './fold'
import type { Levels } from './levels'

export interface Measured { readonly rods: RodLog; readonly asBuilt: readonly PostAsBuilt[]; readonly rows: readonly (readonly string[])[] }
/** What of a derived building the readings need. */
export interface Stood { readonly posts: readonly Post[]; readonly poles: Readonly<Record<string, readonly PoleMark[]>>; readonly holes: readonly { readonly kind: PostKind; readonly embedIn: number }[] }

/** Planned distance from the foot of a post up to the grade line, inches; negative where a bracket stands above it. */
export const plannedFootIn = (job: Job, holes: Stood['holes'], kind: PostKind): number => (job.building.school === 'pier' ? -job.building.bracketIn : (holes.find((h) => h.kind === kind)?.embedIn ?? 0))

/** Rods and posts as built, from the office's readings and what phones have sent. Pure over its inputs.
 * A rod stands on the bracket of a pier, which is the foot of its post; beside an embedded post it stands on a stake, which is not: there the foot
 * is read on the pad (`footing` readings), and is the plan's until then. */
export function measure(job: Job, d: Stood, state: FieldState, levels: Levels): Measured {
  const rows = postRows(d.posts)
  const readingsIn = { ...job.levels.readingsIn, ...Object.fromEntries(Object.values(levels.current).map((t) => [t.target, t.inches])) }
  const rods = rodLog({ coverIn: job.levels.coverIn, readingsIn }, neighboursIn(rows), state.gradeLockedIn)
  const footOf = (p: Post): Foot => {
    const planned = plannedFootIn(job, d.holes, p.kind)
    if (job.building.school === 'pier') return p.id in rods.offsets ? { inches: rods.offsets[p.id].upToGradeIn, measured: true } : { inches: planned, measured: false }
    const pad = levels.footings[p.id]
    return pad && rods.gradeReadingIn !== null ? { inches: pad.inches - rods.gradeReadingIn, measured: true } : { inches: planned, measured: false }
  }
  const asBuilt = postsAsBuilt(d.posts, d.poles, footOf, rods, state)
  return { rods, asBuilt, rows }
}
