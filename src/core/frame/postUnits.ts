import { isEave, type Post } from '../layout'
import type { Job } from '../model'
import { fixedPost, framedPost, pinnedPost, type PostUnit } from '../statics'
import { IN_PER_FT } from '../units'
import { boardSize, type DesignValues, postSize } from '../wood'

function unitOf({
  job,
  heightFt,
  fixityFt,
  values,
  knee,
}: {
  job: Job
  heightFt: number
  fixityFt: number
  values: DesignValues
  knee: boolean
}): PostUnit | null {
  const building = job.building
  const size = postSize(building.post)
  const ei = values.ePsi * size.iIn4
  const ea = values.ePsi * size.areaIn2
  const k =
    knee && building.knee
      ? {
          downIn: building.knee.downIn,
          outIn: building.knee.outIn,
          ea: values.ePsi * building.knee.plies * boardSize(building.knee.size).areaIn2,
          trussSpanIn: building.widthIn,
        }
      : null
  const pier = building.school === 'pier'
  if (building.base.model === 'springs' && !pier) {
    if (building.base.soilPsiPerFt === null) return null
    // Horizontal spring 2.0·Es per unit depth (register C22: an engineer's input only).
    return framedPost({
      heightFt,
      ei,
      ea,
      foot: {
        kind: 'springs',
        belowIn: Math.max(24, building.minimumDepthIn),
        lbIn3: (2 * building.base.soilPsiPerFt) / IN_PER_FT,
        slab: building.slab === 'tied',
      },
      knee: k,
    })
  }
  if (pier)
    return k
      ? framedPost({ heightFt, ei, ea, foot: { kind: 'pinned', bracketIn: building.bracketIn }, knee: k })
      : pinnedPost(heightFt, building.bracketIn / IN_PER_FT)
  return k
    ? framedPost({ heightFt, ei, ea, foot: { kind: 'fixed', belowIn: fixityFt * IN_PER_FT }, knee: k })
    : fixedPost(heightFt, fixityFt, ei)
}

/** Every post as a member of its frame, by id; posts of one height share one. Missing where it cannot be computed. */
export function postUnits(job: Job, posts: readonly Post[], fixityFt: number, values: DesignValues | null) {
  const units: Record<string, PostUnit> = {}
  if (!values) return units
  const made = new Map<string, PostUnit | null>()
  for (const post of posts) {
    const knee = job.building.knee !== null && isEave(post.side) && post.kind !== 'lean-to'
    const key = `${post.heightIn}|${knee}`
    let unit = made.get(key)
    if (unit === undefined) {
      unit = unitOf({ job, heightFt: post.heightIn / IN_PER_FT, fixityFt, values, knee })
      made.set(key, unit)
    }
    if (unit) units[post.id] = unit
  }
  return units
}
