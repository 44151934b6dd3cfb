'use client'
import { useCallback, useEffect, useMemo, useState, type PointerEvent, type RefObject } from 'react'

/** World to screen: x right, y up; inches to px. */
export interface View {
  readonly s: number
  readonly ox: number
  readonly oy: number
}
export interface Bounds {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
}
export interface Margins {
  readonly left: number
  readonly right: number
  readonly top: number
  readonly bottom: number
}

const fit = (b: Bounds, width: number, height: number, m: Margins): View => {
  const s = Math.max(
    0.01,
    Math.min((width - m.left - m.right) / (b.x1 - b.x0), (height - m.top - m.bottom) / (b.y1 - b.y0)),
  )
  const spareX = width - m.left - m.right - s * (b.x1 - b.x0)
  const spareY = height - m.top - m.bottom - s * (b.y1 - b.y0)
  return { s, ox: m.left + spareX / 2 - s * b.x0, oy: height - m.bottom - spareY / 2 + s * b.y0 }
}

/** Pan and zoom of a drawing: wheel, drag on empty ground, and buttons. Fits its content until someone moves it. */
export function useViewport(
  ref: RefObject<SVGSVGElement | null>,
  size: { readonly width: number; readonly height: number },
  bounds: Bounds,
  margins: Margins,
) {
  const { x0, y0, x1, y1 } = bounds
  const { left, right, top, bottom } = margins
  const home = useMemo(
    () => fit({ x0, y0, x1, y1 }, size.width || 800, size.height || 600, { left, right, top, bottom }),
    [x0, y0, x1, y1, size.width, size.height, left, right, top, bottom],
  )
  const [moved, setMoved] = useState<View | null>(null)
  const view = moved ?? home
  const zoom = useCallback(
    (factor: number, cx: number, cy: number) =>
      setMoved((m) => {
        const v = m ?? home
        const s = Math.min(Math.max(v.s * factor, home.s / 4), home.s * 60)
        const k = s / v.s
        return { s, ox: cx - (cx - v.ox) * k, oy: cy - (cy - v.oy) * k }
      }),
    [home],
  )
  useEffect(() => {
    const el = ref.current
    if (!el) return
    const wheel = (e: WheelEvent) => {
      e.preventDefault()
      const r = el.getBoundingClientRect()
      zoom(Math.exp(-e.deltaY * 0.0016), e.clientX - r.left, e.clientY - r.top)
    }
    el.addEventListener('wheel', wheel, { passive: false })
    return () => el.removeEventListener('wheel', wheel)
  }, [ref, zoom])
  const pan = useCallback(
    (e: PointerEvent<SVGSVGElement>) => {
      if (e.button !== 0) return
      const el = e.currentTarget
      const start = { x: e.clientX, y: e.clientY }
      const from = moved ?? home
      const move = (m: globalThis.PointerEvent) =>
        setMoved({ ...from, ox: from.ox + m.clientX - start.x, oy: from.oy + m.clientY - start.y })
      const up = () => {
        el.removeEventListener('pointermove', move)
        el.removeEventListener('pointerup', up)
        el.removeEventListener('pointercancel', up)
      }
      el.setPointerCapture(e.pointerId)
      el.addEventListener('pointermove', move)
      el.addEventListener('pointerup', up)
      el.addEventListener('pointercancel', up)
    },
    [home, moved],
  )
  // One object for as long as nothing moves: what is drawn through it need not be drawn again.
  return useMemo(
    () => ({
      view,
      moved: moved !== null,
      pan,
      zoomIn: () => zoom(1.35, size.width / 2, size.height / 2),
      zoomOut: () => zoom(1 / 1.35, size.width / 2, size.height / 2),
      reset: () => setMoved(null),
      X: (x: number) => view.ox + x * view.s,
      Y: (y: number) => view.oy - y * view.s,
    }),
    [view, moved, pan, zoom, size.width, size.height],
  )
}
export type Viewport = ReturnType<typeof useViewport>
