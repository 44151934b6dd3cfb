'use client'
import { useLayoutEffect, useRef, useState } from 'react'

/** Size of an element, px, kept up to date. */
export function useSize<E extends Element>() {
  const ref = useRef<E>(null)
  const [size, setSize] = useState({ width: 0, height: 0 })
  useLayoutEffect(() => {
    const el = ref.current
    if (!el) return
    const measure = () => {
      const domRect = el.getBoundingClientRect()
      setSize((before) =>
        before.width === domRect.width && before.height === domRect.height
          ? before
          : { width: domRect.width, height: domRect.height },
      )
    }
    measure()
    const watch = new ResizeObserver(measure)
    watch.observe(el)
    return () => watch.disconnect()
  }, [])
  return [ref, size] as const
}
