/** The item at an index that the caller knows to be there. Throws `RangeError` where it is not: a bug in the caller. */
export function item<T>(list: ArrayLike<T>, index: number): T {
  const found = list[index]
  if (found === undefined) throw new RangeError(`no item ${index} in a list of ${list.length}`)
  return found
}

/** The first item of a list that the caller knows not to be empty. Throws `RangeError` where it is. */
export const firstOf = <T>(list: ArrayLike<T>): T => item(list, 0)

/** The last item of a list that the caller knows not to be empty. Throws `RangeError` where it is. */
export const lastOf = <T>(list: ArrayLike<T>): T => item(list, list.length - 1)

/** What a record holds under a key that the caller knows to be there. Throws `RangeError` where it is not. */
export function entryOf<T>(record: Readonly<Record<string | number, T>>, key: string | number): T {
  const found = record[key]
  if (found === undefined) throw new RangeError(`nothing under ${key}`)
  return found
}
