'use client'
import { useCallback, useEffect, useMemo, useState, type PointerEvent, type RefObject } from 'react'

/** World to screen: x right, y up; inches to px. */
export interface View {
  readonly scale: number
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

const fit = (bounds: Bounds, width: number, height: number, margins: Margins): View => {
  const scale = Math.max(
    0.01,
    Math.min(
      (width - margins.left - margins.right) / (bounds.x1 - bounds.x0),
      (height - margins.top - margins.bottom) / (bounds.y1 - bounds.y0),
    ),
  )
  const spareX = width - margins.left - margins.right - scale * (bounds.x1 - bounds.x0)
  const spareY = height - margins.top - margins.bottom - scale * (bounds.y1 - bounds.y0)
  return {
    scale,
    ox: margins.left + spareX / 2 - scale * bounds.x0,
    oy: height - margins.bottom - spareY / 2 + scale * bounds.y0,
  }
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
      setMoved((view) => {
        const now = view ?? home
        const scale = Math.min(Math.max(now.scale * factor, home.scale / 4), home.scale * 60)
        const k = scale / now.scale
        return { scale, ox: cx - (cx - now.ox) * k, oy: cy - (cy - now.oy) * k }
      }),
    [home],
  )
  useEffect(() => {
    const el = ref.current
    if (!el) return
    const wheel = (event: WheelEvent) => {
      event.preventDefault()
      const domRect = el.getBoundingClientRect()
      zoom(Math.exp(-event.deltaY * 0.0016), event.clientX - domRect.left, event.clientY - domRect.top)
    }
    el.addEventListener('wheel', wheel, { passive: false })
    return () => el.removeEventListener('wheel', wheel)
  }, [ref, zoom])
  const pan = useCallback(
    (event: PointerEvent<SVGSVGElement>) => {
      if (event.button !== 0) return
      const el = event.currentTarget
      const start = { x: event.clientX, y: event.clientY }
      const from = moved ?? home
      const move = (event: globalThis.PointerEvent) =>
        setMoved({ ...from, ox: from.ox + event.clientX - start.x, oy: from.oy + event.clientY - start.y })
      const up = () => {
        el.removeEventListener('pointermove', move)
        el.removeEventListener('pointerup', up)
        el.removeEventListener('pointercancel', up)
      }
      el.setPointerCapture(event.pointerId)
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
      X: (x: number) => view.ox + x * view.scale,
      Y: (y: number) => view.oy - y * view.scale,
    }),
    [view, moved, pan, zoom, size.width, size.height],
  )
}

export type Viewport = ReturnType<typeof useViewport>
