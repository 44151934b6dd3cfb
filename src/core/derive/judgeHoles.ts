import type { HoleKind, SiteResults, SolvedFrame } from '../frame'
import type { Post } from '../layout'
import type { Building, Job } from '../model'
import { entryOf } from '../result'
import { type Check, checksOf, RULES } from '../rules'

/** Whether the holes leave earth between them. */
export const judgeApart = (building: Building, posts: readonly Post[], holes: readonly HoleKind[]): Check[] =>
  checksOf(RULES.holes, { posts, holes, building })

/** Frost, sideways, bearing, pad, uplift and fixing of every kind of hole. */
export function judgeHoles(
  job: Job,
  frame: SolvedFrame,
  posts: ReadonlyMap<string, Post>,
  results: SiteResults,
): Check[] {
  const { building, site } = job
  return frame.holes.flatMap((hole) =>
    checksOf(RULES.hole, {
      hole,
      posts,
      names: posts,
      demands: frame.demands,
      demand: entryOf(frame.demands, hole.governing.bearing.id),
      lateral: frame.atGrade,
      building,
      results,
      wind: results.wind,
      soil: results.soil,
      frostIn: results.site.frostIn,
      doubled: site.doubleLateral,
      slopePer12: site.groundSlopePer12,
    }),
  )
}
