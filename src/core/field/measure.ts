import { wallPosts, type Post, type PostKind } from '../layout'
import { rodLog, type PoleMark, type RodLog } from '../marks'
import { SIDES, type Job } from '../model'
import { postsAsBuilt, type PostAsBuilt } from './asBuilt'
import type { FieldState } from './fold'
import type { Levels } from './levels'

export interface Measured { readonly rods: RodLog; readonly asBuilt: readonly PostAsBuilt[]; readonly rows: readonly (readonly string[])[] }
/** What of a derived building the readings need. */
export interface Stood { readonly posts: readonly Post[]; readonly poles: Readonly<Record<string, readonly PoleMark[]>>; readonly holes: readonly { readonly kind: PostKind; readonly embedIn: number }[] }

/** Rods and posts as built, from the office's readings and what phones have sent. Pure over its inputs. */
export function measure(job: Job, d: Stood, state: FieldState, levels: Levels): Measured {
  const rows = [...SIDES.map((s) => wallPosts(d.posts, s).map((p) => p.id)), ...(['south', 'north'] as const).map((s) => d.posts.filter((p) => p.kind === 'lean-to' && p.side === s).map((p) => p.id))].filter((r) => r.length > 0)
  const near: Record<string, string[]> = {}
  for (const row of rows) row.forEach((id, i) => { near[id] = [...(near[id] ?? []), ...[row[i - 1], row[i + 1]].filter((x): x is string => x !== undefined)] })
  const readingsIn = { ...job.levels.readingsIn, ...Object.fromEntries(Object.values(levels.current).map((t) => [t.target, t.inches])) }
  const rods = rodLog({ coverIn: job.levels.coverIn, readingsIn }, near, state.gradeLockedIn)
  const embed = new Map(d.holes.map((h) => [h.kind, h.embedIn]))
  const asBuilt = postsAsBuilt(d.posts, d.poles, (p) => (job.building.school === 'pier' ? -job.building.bracketIn : (embed.get(p.kind) ?? 0)), rods, state)
  return { rods, asBuilt, rows }
}
