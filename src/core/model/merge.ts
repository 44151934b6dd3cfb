import { isRecord } from '../result'

/** One place where two people changed the same value differently. */
export interface Conflict {
  readonly path: readonly string[]
  readonly mine: unknown
  readonly theirs: unknown
}

type Path = readonly string[]

const hasIds = (value: unknown): value is { id: string }[] =>
  Array.isArray(value) && value.every((item) => isRecord(item) && typeof item.id === 'string')
const same = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other)
const byId = (list: { id: string }[]): Record<string, unknown> =>
  Object.fromEntries(list.map((item) => [item.id, item]))

const idsOf = (list: readonly { id: string }[]): string[] => list.map((item) => item.id)

/** Whether the entries that two lists share stand in another order. */
function reordered(before: readonly string[], after: readonly string[]): boolean {
  const shared = after.filter((id) => before.includes(id))
  return before.filter((id) => after.includes(id)).some((id, i) => id !== shared[i])
}

/** The ids of one list in their order, with those that only the other has behind the ones they follow there. */
function withOthers(first: readonly string[], second: readonly string[]): string[] {
  const out = [...first]
  second.forEach((id, i) => {
    if (out.includes(id)) return
    const before = second
      .slice(0, i)
      .filter((other) => out.includes(other))
      .at(-1)
    out.splice(before === undefined ? 0 : out.indexOf(before) + 1, 0, id)
  })
  return out
}

/**
 * The order of a merged list: that of whoever changed it. Where both did, differently, it is mine, and a conflict is
 * reported.
 */
function mergedOrder(
  [base, mine, theirs]: readonly [readonly string[], readonly string[], readonly string[]],
  conflict: () => void,
): string[] {
  const [iMoved, theyMoved] = [reordered(base, mine), reordered(base, theirs)]
  if (iMoved && theyMoved && reordered(mine, theirs)) conflict()
  return theyMoved && !iMoved ? withOthers(theirs, mine) : withOthers(mine, theirs)
}

/**
 * Three-way merge of plain JSON: a change made on one side only is taken; where both changed the same value, mine is
 * kept and the place is reported. Lists whose entries carry an id merge by id and keep the order of whoever changed it;
 * other lists count as one value. Every merge of edits goes through here: an answer of the search laid over a newer job,
 * and two windows that changed one job.
 */
export function merge3<T>(
  base: T,
  mine: T,
  theirs: T,
): { readonly merged: T; readonly conflicts: readonly Conflict[] } {
  const conflicts: Conflict[] = []
  const records = (base: unknown, mine: Record<string, unknown>, theirs: Record<string, unknown>, path: Path) => {
    const out: Record<string, unknown> = {}
    for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
      const merged = walk(isRecord(base) ? base[key] : undefined, mine[key], theirs[key], [...path, key])
      if (merged !== undefined) out[key] = merged
    }
    return out
  }
  const lists = (base: { id: string }[], mine: { id: string }[], theirs: { id: string }[], path: Path) => {
    const merged = records(byId(base), byId(mine), byId(theirs), path)
    const order = mergedOrder([idsOf(base), idsOf(mine), idsOf(theirs)], () =>
      conflicts.push({ path: [...path, 'order'], mine: idsOf(mine), theirs: idsOf(theirs) }),
    )
    return order.flatMap((id) => (id in merged ? [merged[id]] : []))
  }
  const walk = (base: unknown, mine: unknown, theirs: unknown, path: Path): unknown => {
    if (same(mine, theirs) || same(base, theirs)) return mine
    if (same(base, mine)) return theirs
    if (isRecord(mine) && isRecord(theirs)) return records(base, mine, theirs, path)
    if (hasIds(mine) && hasIds(theirs)) return lists(hasIds(base) ? base : [], mine, theirs, path)
    conflicts.push({ path, mine, theirs })
    return mine
  }
  return { merged: walk(base, mine, theirs, []) as T, conflicts }
}

/** Paths at which two documents differ, for the edit history: one entry per changed value. */
export function diffPaths(
  before: unknown,
  after: unknown,
  path: readonly string[] = [],
): { path: string; before: unknown; after: unknown }[] {
  if (same(before, after)) return []
  if (isRecord(before) && isRecord(after)) {
    return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((text) =>
      diffPaths(before[text], after[text], [...path, text]),
    )
  }
  if (hasIds(before) && hasIds(after)) {
    const changed = diffPaths(byId(before), byId(after), path)
    if (!reordered(idsOf(before), idsOf(after))) return changed
    return [...changed, { path: [...path, 'order'].join('.'), before: idsOf(before), after: idsOf(after) }]
  }
  return [{ path: path.join('.'), before: before ?? null, after: after ?? null }]
}
