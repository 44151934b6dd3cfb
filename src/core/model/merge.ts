/** One place where two people changed the same value differently. */
export interface Conflict {
  readonly path: readonly string[]
  readonly mine: unknown
  readonly theirs: unknown
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
const hasIds = (value: unknown): value is { id: string }[] =>
  Array.isArray(value) && value.every((item) => isRecord(item) && typeof item.id === 'string')
const same = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other)
const byId = (list: { id: string }[]): Record<string, unknown> =>
  Object.fromEntries(list.map((item) => [item.id, item]))

/**
 * Three-way merge of plain JSON: a change made on one side only is taken; where both changed the same value, mine is
 * kept and the
 * place is reported. Lists whose entries carry an id merge by id; other lists count as one value.
 */
export function merge3<T>(
  base: T,
  mine: T,
  theirs: T,
): { readonly merged: T; readonly conflicts: readonly Conflict[] } {
  const conflicts: Conflict[] = []
  const walk = (base: unknown, mine: unknown, theirs: unknown, path: readonly string[]): unknown => {
    if (same(mine, theirs) || same(base, theirs)) return mine
    if (same(base, mine)) return theirs
    if (isRecord(mine) && isRecord(theirs)) {
      const out: Record<string, unknown> = {}
      for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
        const merged = walk(isRecord(base) ? base[key] : undefined, mine[key], theirs[key], [...path, key])
        if (merged !== undefined) out[key] = merged
      }
      return out
    }
    if (hasIds(mine) && hasIds(theirs))
      return Object.values(
        walk(hasIds(base) ? byId(base) : {}, byId(mine), byId(theirs), path) as Record<string, unknown>,
      )
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
  if (hasIds(before) && hasIds(after)) return diffPaths(byId(before), byId(after), path)
  return [{ path: path.join('.'), before: before ?? null, after: after ?? null }]
}
