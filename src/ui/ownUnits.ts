'use client'
import { useSyncExternalStore } from 'react'
import { UNIT_SYSTEMS, type UnitSystem } from '@/core/units'

/** Under this name the browser keeps how its person reads lengths; nothing where it is as each job has it. */
const KEPT = 'burdock-units'
const CHANGED = 'burdock-units-changed'

function ownUnits(): UnitSystem | null {
  try {
    const kept = window.localStorage.getItem(KEPT)
    return UNIT_SYSTEMS.find((system) => system === kept) ?? null
  } catch {
    return null
  }
}

function keepUnits(system: UnitSystem | null): void {
  try {
    if (system === null) window.localStorage.removeItem(KEPT)
    else window.localStorage.setItem(KEPT, system)
  } catch {
    // A browser that keeps nothing reads lengths as each job has them.
  }
  window.dispatchEvent(new Event(CHANGED))
}

function watchUnits(changed: () => void): () => void {
  window.addEventListener(CHANGED, changed)
  window.addEventListener('storage', changed)
  return () => {
    window.removeEventListener(CHANGED, changed)
    window.removeEventListener('storage', changed)
  }
}

/** How this person reads lengths, whatever the job says; null for as the job has it. */
export function useOwnUnits(): readonly [UnitSystem | null, (system: UnitSystem | null) => void] {
  const own = useSyncExternalStore(watchUnits, ownUnits, () => null)
  return [own, keepUnits]
}
