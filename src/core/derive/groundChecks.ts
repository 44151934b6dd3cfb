import { IN_PER_FT, SAME_IN } from '../units'
import { LEAST_DEPTH_IN } from '../ground'
import type { Post } from '../layout'
import type { Job } from '../model'
import { line, makeCheck, notChecked, sig, type Check, entryOf } from '../result'
import { lowestNear, surfaceOf, type Surface } from '../terrain'
import { STEEPEST_PER12, type HoleKind } from '../frame/holes'
import { kindName } from './postNames'

/** The ground at one post: at its middle and the lowest beside it, inches above the grade line. */
export interface PostGround {
  readonly groundIn: number
  readonly lowestIn: number
  readonly inside: boolean
}

/** Ground is looked for this far about a post, inches: about the depth of a usual hole. */
const BESIDE_IN = 60

/** The surface of a job's typed spot heights; null with fewer than three. */
export const surfaceOfJob = (job: Job): Surface | null =>
  surfaceOf(job.ground.spots.flatMap((spot) => (spot.heightIn === null ? [] : [{ ...spot, heightIn: spot.heightIn }])))

/** The ground at every post. Null where no surface is known: the ground is then taken as level at the grade line. */
export function groundAtPosts(
  surface: Surface | null,
  posts: readonly Post[],
): Readonly<Record<string, PostGround>> | null {
  return (
    surface &&
    Object.fromEntries(
      posts.map((post) => {
        const groundAt = surface.at(post.x, post.y)
        return [
          post.id,
          {
            groundIn: groundAt.heightIn,
            lowestIn: lowestNear(surface, post.x, post.y, BESIDE_IN),
            inside: groundAt.inside,
          },
        ]
      }),
    )
  )
}

/**
 * Depth kept below the lowest ground beside each post against what frost and the wind ask for. Higher ground than the
 * grade line is not counted in a post's favour.
 */
export function groundChecks(
  job: Job,
  holes: readonly HoleKind[],
  ground: Readonly<Record<string, PostGround>> | null,
  steepestPer12: number,
): Check[] {
  if (!ground) return []
  const out: Check[] = []
  const padIn = job.building.school === 'pier' ? 0 : job.building.padThicknessIn
  for (const hole of holes) {
    const title = `${kindName(hole.kind)}: lowest ground`
    const worst = hole.postIds.reduce((best, id) =>
      entryOf(ground, id).lowestIn < entryOf(ground, best).lowestIn ? id : best,
    )
    const low = Math.min(0, entryOf(ground, worst).lowestIn)
    const frost = job.site.frostIn
    const sideways =
      hole.lateral && Number.isFinite(hole.lateral.neededFt) ? hole.lateral.neededFt * IN_PER_FT + padIn : 0
    if (frost === null) {
      out.push(
        notChecked({
          id: `lowest-ground-${hole.kind}`,
          title,
          stage: 'holes',
          why: 'The frost depth is not entered.',
          fix: 'Enter the frost depth.',
          subjects: hole.postIds,
        }),
      )
      continue
    }
    const need = Math.max(frost, LEAST_DEPTH_IN, sideways)
    const have = hole.depthIn + low
    out.push(
      makeCheck({
        id: `lowest-ground-${hole.kind}`,
        title,
        stage: 'holes',
        group: 'ground',
        subjects: [worst],
        demand: need,
        capacity: Math.max(have, SAME_IN),
        unit: 'in',
        combination: 'ground as measured',
        place: `lowest ground at ${worst}`,
        governs:
          `${worst} keeps ${sig(have)} in. below the lowest ground within ${BESIDE_IN / IN_PER_FT} ft of it; it needs ` +
          `${sig(need)} ` +
          `in.${entryOf(ground, worst).inside ? '' : ' It stands outside the spot heights: the nearest edge is taken.'}`,
        fix: 'Set a greater least depth, bring the ground up and compact it, or move the grade line down.',
        trace: () => [
          line({
            label: 'Lowest ground beside the post',
            formula: `least height within ${BESIDE_IN} in., not above the grade line`,
            numbers: sig(entryOf(ground, worst).lowestIn),
            value: low,
            unit: 'in',
            clause: 'IBC 2021 1807.3.2, 1809.5',
          }),
          line({
            label: 'Depth below it',
            formula: 'hole depth + lowest ground',
            numbers: `${sig(hole.depthIn)} + ${sig(low)}`,
            value: have,
            unit: 'in',
            clause: 'IBC 2021 1809.4',
          }),
          line({
            label: 'Depth needed',
            formula: 'max(frost, 12 in., sideways + pad)',
            numbers: `max(${sig(frost)}, ${LEAST_DEPTH_IN}, ${sig(sideways)})`,
            value: need,
            unit: 'in',
            clause: 'IBC 2021 1807.3.2, 1809.5',
          }),
        ],
      }),
    )
  }
  if (steepestPer12 > STEEPEST_PER12)
    out.push(
      notChecked({
        id: 'ground-steep',
        title: 'Steep ground',
        stage: 'holes',
        why:
          `The ground falls ${sig(steepestPer12)} in. a foot somewhere between the spots: over 1 in 3 the setbacks ` +
          'of IBC 1808.7 apply and are not sized here.',
        fix: 'Take these to an engineer.',
      }),
    )
  return out
}
