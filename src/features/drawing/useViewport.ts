'use client'
import { useGesture } from '@use-gesture/react'
import { useCallback, useEffect, useMemo, useState, type RefObject } from 'react'

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

/** How far in and out a drawing goes, as multiples of what fits. */
const LEAST_ZOOM = 1 / 4
const MOST_ZOOM = 60
/**
 * A pointer that moves less than this is a click, px. (The package's own filter of taps would swallow the clicks of
 * what lies on the drawing and stops the pointer.)
 */
export const STEADY_PX = 3
/** What a step of the wheel and of the buttons does to the scale. */
const WHEEL_RATE = 0.0016
const BUTTON_STEP = 1.35

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

/** The view scaled by `factor` about a point of the screen, within what `home` allows. */
function scaledAbout(view: View, home: View, factor: number, point: readonly [number, number]): View {
  const scale = Math.min(Math.max(view.scale * factor, home.scale * LEAST_ZOOM), home.scale * MOST_ZOOM)
  const ratio = scale / view.scale
  const [x, y] = point
  return { scale, ox: x - (x - view.ox) * ratio, oy: y - (y - view.oy) * ratio }
}

/** A point of the screen as one of the drawing, px from its corner. */
function placeOn(drawing: Element | null, clientX: number, clientY: number): readonly [number, number] {
  const box = drawing?.getBoundingClientRect()
  return [clientX - (box?.left ?? 0), clientY - (box?.top ?? 0)]
}

/**
 * Pan and zoom of a drawing: wheel, two fingers, drag on empty ground, and buttons. Fits its content until someone
 * moves it. `gestures()` goes on the drawing; what lies on it and is grabbed itself stops the pointer there.
 */
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
    (factor: number, x: number, y: number) => setMoved((current) => scaledAbout(current ?? home, home, factor, [x, y])),
    [home],
  )
  // By hand: the gestures package would bind it anew at every edit, and React binds wheels so that they cannot be stopped.
  useEffect(() => {
    const drawing = ref.current
    const turn = (event: WheelEvent) => {
      event.preventDefault()
      zoom(Math.exp(-event.deltaY * WHEEL_RATE), ...placeOn(drawing, event.clientX, event.clientY))
    }
    drawing?.addEventListener('wheel', turn, { passive: false })
    return () => drawing?.removeEventListener('wheel', turn)
  }, [ref, zoom])
  const bind = useGesture(
    {
      onDrag: ({ xy, initial, pinching, cancel, memo }) => {
        if (pinching) {
          cancel()
          return
        }
        const from = (memo as View | undefined) ?? view
        setMoved({ ...from, ox: from.ox + xy[0] - initial[0], oy: from.oy + xy[1] - initial[1] })
        return from
      },
      onPinch: ({ origin, movement, memo }) => {
        const from = (memo as View | undefined) ?? view
        setMoved(scaledAbout(from, home, movement[0], placeOn(ref.current, origin[0], origin[1])))
        return from
      },
    },
    { drag: { threshold: STEADY_PX, pointer: { keys: false } }, pinch: { pinchOnWheel: false } },
  )
  // The same function for as long as the drawing lives: it always calls the newest handlers.
  const [gestures] = useState(() => bind)
  // One object for as long as nothing moves: what is drawn through it need not be drawn again.
  return useMemo(
    () => ({
      view,
      moved: moved !== null,
      gestures,
      zoomIn: () => zoom(BUTTON_STEP, size.width / 2, size.height / 2),
      zoomOut: () => zoom(1 / BUTTON_STEP, size.width / 2, size.height / 2),
      reset: () => setMoved(null),
      X: (x: number) => view.ox + x * view.scale,
      Y: (y: number) => view.oy - y * view.scale,
    }),
    [view, moved, gestures, zoom, size.width, size.height],
  )
}

export type Viewport = ReturnType<typeof useViewport>
