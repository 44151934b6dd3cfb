import { useSyncExternalStore } from 'react'

/**
 * A part of a page that is fetched after the rest: `fetch` asks for it, `use` gives it once it is there, at once and
 * without a frame in between, and null until then. What would not come is tried again when it is asked for.
 */
export function comesLater<T>(load: () => Promise<T>) {
  let part: T | null = null
  let coming: Promise<void> | null = null
  const watchers = new Set<() => void>()
  const watch = (changed: () => void): (() => void) => {
    watchers.add(changed)
    return () => watchers.delete(changed)
  }
  const fetch = (): Promise<void> => {
    coming ??= load().then(
      (come) => {
        part = come
        watchers.forEach((changed) => changed())
      },
      () => {
        coming = null
      },
    )
    return coming
  }
  const use = (): T | null =>
    useSyncExternalStore(
      watch,
      () => part,
      () => null,
    )
  return { fetch, use }
}
