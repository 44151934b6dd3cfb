'use client'
import { useEffect, useState } from 'react'

/**
 * Whether what is kept here lasts: the browser is asked to keep it, and says whether it does. Null until it has answered,
 * and where it cannot be asked.
 */
export function useLasting(): boolean | null {
  const [lasts, setLasts] = useState<boolean | null>(null)
  useEffect(() => {
    let on = true
    const asked = async (): Promise<boolean | null> => {
      const { storage } = navigator as Partial<Navigator>
      if (!storage?.persisted) return null
      return (await storage.persisted()) || (await storage.persist())
    }
    asked()
      .catch(() => null)
      .then((found) => {
        if (on) setLasts(found)
      })
      .catch(() => undefined)
    return () => {
      on = false
    }
  }, [])
  return lasts
}
