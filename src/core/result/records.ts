/** Whether raw data is a record: an object that is no list. */
export const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Raw data as a record; an empty one where it is none. */
export const recordOf = (value: unknown): Record<string, unknown> => (isRecord(value) ? value : {})

/** A record whose keys are called otherwise. */
export const withKeys = <T>(record: Readonly<Record<string, T>>, keyOf: (key: string) => string): Record<string, T> =>
  Object.fromEntries(Object.entries(record).map(([key, value]) => [keyOf(key), value]))

/** Adds a value to the list that stands under a key, which begins with it where there is none yet. */
export function addUnder<K, V>(lists: Map<K, V[]>, key: K, value: V): void {
  const list = lists.get(key)
  if (list) list.push(value)
  else lists.set(key, [value])
}
