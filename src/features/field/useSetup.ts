'use client'
import type { Said } from '@/core/field'
import { useLog } from './useField'

/**
 * The set-up that this device reads from: the one it chose, else the last it started itself. Never another's because that
 * is newer: two lasers on one site would mix their readings.
 */
export function useOwnSetup(): Said<'setup'> | null {
  const setups = useLog((log) => log.state.setups)
  const device = useLog((log) => log.device)
  const chosen = useLog((log) => log.setup)
  const own = setups.filter((setup) => setup.device === device)
  return setups.find(({ body }) => body.setup === chosen) ?? own.at(-1) ?? null
}

/** A set-up by its number on this site, in the order they were started. */
export const numberOf = (setups: readonly Said<'setup'>[], { body }: Said<'setup'>): number =>
  setups.findIndex((setup) => setup.body.setup === body.setup) + 1
