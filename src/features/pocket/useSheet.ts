'use client'
'use no memo'
import { useEffect, useState } from 'react'
import type { FigureName } from '@/core/pocket'
import type { Sheet } from './sheet'
import { SHEETS } from './sheets'

/** A figure's sheet, when it is there. */
export function useSheet(name: FigureName): Sheet | 'away' | null {
  const [loaded, setLoaded] = useState<Sheet | 'away' | null>(null)
  useEffect(() => {
    let here = true
    SHEETS[name]().then(
      (module) => here && setLoaded(module.default),
      () => here && setLoaded('away'),
    )
    return () => {
      here = false
    }
  }, [name])
  return loaded
}
