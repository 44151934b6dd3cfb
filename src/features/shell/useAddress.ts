'use client'
import { useEffect } from 'react'
import { type JobStore, placeOf, queryOf, STAGE_NAMES, useJob } from '../job'

/** Keeps the address at what is looked at, a step of the browser's history each; Back and Forward lead through them. */
export function useAddress(store: JobStore): void {
  useEffect(() => {
    let at = queryOf(store.getState())
    window.history.replaceState(window.history.state, '', `?${at}`)
    const follow = () => {
      const now = store.getState()
      const place = placeOf(window.location.search, now)
      at = queryOf(place)
      now.look(place)
    }
    const unsubscribe = store.subscribe((state, before) => {
      // An edit looks at the same place.
      if (state.stage === before.stage && state.views === before.views && state.picked === before.picked) return
      const next = queryOf(state)
      if (next === at) return
      at = next
      window.history.pushState(null, '', `?${next}`)
    })
    window.addEventListener('popstate', follow)
    return () => {
      unsubscribe()
      window.removeEventListener('popstate', follow)
    }
  }, [store])
}

/** The page's title: stage and job, so that a row of browser tabs can be told apart. */
export function useTitle(): void {
  const name = useJob((state) => state.history.present.name)
  const stage = useJob((state) => state.stage)
  useEffect(() => {
    document.title = `${STAGE_NAMES[stage]}, ${name}`
  }, [stage, name])
}
