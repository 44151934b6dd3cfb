/** One place where two people changed the same value differently. */
export interface Conflict {
  readonly path: readonly string[]
  readonly mine: unknown
  readonly theirs: unknown
}

const isRecord = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null && !Array.isArray(v)
const hasIds = (v: unknown): v is { id: string }[] =>
  Array.isArray(v) && v.every((e) => isRecord(e) && typeof e.id === 'string')
const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)
const byId = (list: { id: string }[]): Record<string, unknown> => Object.fromEntries(list.map((e) => [e.id, e]))

/**
 * Three-way merge of plain JSON: a change made on one side only is taken; where both changed the same value, mine is kept and the
 * place is reported. Lists whose entries carry an id merge by id; other lists count as one value.
 */
export function merge3<T>(
  base: T,
  mine: T,
  theirs: T,
): { readonly merged: T; readonly conflicts: readonly Conflict[] } {
  const conflicts: Conflict[] = []
  const walk = (b: unknown, m: unknown, t: unknown, path: readonly string[]): unknown => {
    if (same(m, t) || same(b, t)) return m
    if (same(b, m)) return t
    if (isRecord(m) && isRecord(t)) {
      const out: Record<string, unknown> = {}
      for (const key of new Set([...Object.keys(t), ...Object.keys(m)])) {
        const v = walk(isRecord(b) ? b[key] : undefined, m[key], t[key], [...path, key])
        if (v !== undefined) out[key] = v
      }
      return out
    }
    if (hasIds(m) && hasIds(t))
      return Object.values(walk(hasIds(b) ? byId(b) : {}, byId(m), byId(t), path) as Record<string, unknown>)
    conflicts.push({ path, mine: m, theirs: t })
    return m
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
