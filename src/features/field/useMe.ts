'use client'
import { useEffect, useState } from 'react'
import { ask } from '../job/api'
import type { Asking } from '../people'
import { keepMe, keptMe } from './kept'

/** Who works with this device: as the office says, and without a signal as it last said. Null until it is known. */
export function useMe(): Asking | null {
  const [me, setMe] = useState<Asking | null>(null)
  useEffect(() => {
    void (async () => {
      const kept = await keptMe().catch(() => null)
      if (kept) setMe((current) => current ?? kept)
      const reply = await ask<Asking>('/api/me')
      if (reply.kind !== 'ok') return
      setMe(reply.value)
      await keepMe(reply.value).catch(() => undefined)
    })()
  }, [])
  return me
}
