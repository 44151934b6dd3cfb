'use client'
import { type Files, useOffline } from '@/devices/offline'

/** Whether the pocket works here without a server: not asked yet, being fetched, ready, not whole, or never here. */
export type Away = 'asking' | 'fetching' | 'ready' | 'partly' | 'never'

const AWAY: Readonly<Record<Files, Away>> = {
  asking: 'asking',
  fetching: 'fetching',
  kept: 'ready',
  missing: 'partly',
  never: 'never',
}

/** Whether the pocket works here without a signal. */
export const useAway = (): Away => AWAY[useOffline().files]
