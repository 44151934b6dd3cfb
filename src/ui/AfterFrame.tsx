'use client'
import { useEffect, useState, type ReactNode } from 'react'

/**
 * Draws its children one frame after the rest of the view: charts, which are slow to make, in a place already kept for
 * them, and what a page has below all else.
 */
export function AfterFrame({ height, children }: { readonly height?: number; readonly children: ReactNode }) {
  const [drawn, setDrawn] = useState(false)
  useEffect(() => {
    // Two frames: the first shows the view, only then does the chart begin.
    let frame = requestAnimationFrame(() => {
      frame = requestAnimationFrame(() => setDrawn(true))
    })
    return () => cancelAnimationFrame(frame)
  }, [])
  return (
    <div style={{ height }} aria-busy={!drawn}>
      {drawn ? children : null}
    </div>
  )
}
