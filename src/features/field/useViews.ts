import { useSyncExternalStore } from 'react'

type Views = typeof import('./views').VIEWS

let views: Views | null = null
let coming: Promise<void> | null = null
const watchers = new Set<() => void>()

/** Fetches the pages that the first one leads to; one that would not come is tried again when it is asked for. */
export function fetchViews(): Promise<void> {
  coming ??= import('./views').then(
    ({ VIEWS }) => {
      views = VIEWS
      watchers.forEach((changed) => changed())
    },
    () => {
      coming = null
    },
  )
  return coming
}

const watch = (changed: () => void): (() => void) => {
  watchers.add(changed)
  return () => watchers.delete(changed)
}

/** Those pages; null until they have come. They are there at once from then on, without a frame in between. */
export const useViews = (): Views | null =>
  useSyncExternalStore(
    watch,
    () => views,
    () => null,
  )
