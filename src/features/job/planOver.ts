import type { Plan } from '@/core/derive'
import type { ShownDerived } from '@/formats/shown'

/**
 * The plan of an edit over the judgement before it, which holds until the worker has the next: posts that are gone are
 * left out.
 */
export function planOver(before: ShownDerived, plan: Plan): ShownDerived {
  // What only the planning itself needs (the layout, its neighbors) is not kept: it would be held against the last at
  // every step of a drag.
  const {
    plannedWalls,
    layout: _layout,
    structure: _structure,
    neighbors: _neighbors,
    ...shown
  } = plan as Plan & { readonly layout?: unknown; readonly structure?: unknown; readonly neighbors?: unknown }
  const here = new Set(plan.posts.map((post) => post.id))
  const walls = Object.fromEntries(
    Object.entries(plannedWalls).map(([side, plannedWall]) => [
      side,
      {
        ...plannedWall,
        widestHoldsIn: before.walls[side as 'south'].widestHoldsIn,
        worstRatio: before.walls[side as 'south'].worstRatio,
      },
    ]),
  ) as unknown as ShownDerived['walls']
  return {
    ...before,
    ...shown,
    walls,
    schedule: before.schedule.filter((row) => here.has(row.id)),
    holes: before.holes.map((hole) => ({ ...hole, postIds: hole.postIds.filter((postId) => here.has(postId)) })),
  }
}
