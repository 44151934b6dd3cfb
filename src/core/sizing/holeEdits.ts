import { planJob } from '../derive'
import { alongWall, type Post } from '../layout'
import type { Job } from '../model'
import { inchesAlone } from '../units'
import { type Edit, onBuilding } from './edit'

/** How far a post is moved to leave earth beside its hole, inches. */
const MOVES_IN = [6, 12, 18, 24, 36] as const

/** A job with the opening of a jamb moved along its wall, inches toward its high end. */
function openingMoved(job: Job, openingId: string, byIn: number): Job {
  const openings = job.building.openings.map((opening) => {
    if (opening.id !== openingId) return opening
    // Measured from the high corner, a move toward it makes its place smaller.
    const fromHigh = (opening.side === 'south' || opening.side === 'north' ? /E$/ : /^N/).test(opening.corner)
    return { ...opening, positionIn: Math.max(0, opening.positionIn + (fromHigh ? -byIn : byIn)) }
  })
  return onBuilding(job, { openings })
}

/** Moves of one of two posts away from the other: its opening, or itself where it is a gable post. */
function movesOf(job: Job, post: Post, other: Post): Edit[] {
  const side = post.side
  const away = Math.sign(alongWall(post, side).atIn - alongWall(other, side).atIn) || 1
  const { openingId } = post
  if (openingId !== null)
    return MOVES_IN.map((byIn) => ({
      key: `move-${openingId}-${byIn}`,
      label: 'Opening moved',
      detail: `${inchesAlone(byIn)} away from ${other.name}`,
      job: openingMoved(job, openingId, away * byIn),
    }))
  if (post.kind !== 'gable') return []
  return MOVES_IN.map((byIn) => ({
    key: `shift-${post.id}-${byIn}`,
    label: `${post.name} moved`,
    detail: `${inchesAlone(byIn)} away from ${other.name}`,
    job: onBuilding(job, {
      gableShiftsIn: {
        ...job.building.gableShiftsIn,
        [post.id]: (job.building.gableShiftsIn[post.id] ?? 0) + away * byIn,
      },
    }),
  }))
}

/** Changes for two holes that stand too near each other: one of them moved, or one common footing under both. */
export function apartEdits(job: Job, [oneId, otherId]: readonly string[]): Edit[] {
  const plan = planJob(job)
  if (!plan.ok || oneId === undefined || otherId === undefined) return []
  const [one, other] = [oneId, otherId].map((id) => plan.value.posts.find((post) => post.id === id))
  if (!one || !other) return []
  return [
    ...movesOf(job, one, other),
    ...movesOf(job, other, one),
    {
      key: 'shared',
      label: 'One common footing',
      detail: 'under both, by an engineer',
      job: onBuilding(job, { sharedFootings: [...job.building.sharedFootings, [oneId, otherId]] }),
    },
  ]
}
