'use client'
import { Maximize, Minus, Plus } from 'lucide-react'
import type { Viewport } from './useViewport'

export function ZoomButtons({ viewport }: { readonly viewport: Viewport }) {
  return (
    <div className="zoom" role="group" aria-label="Zoom">
      <button type="button" aria-label="Closer" onClick={viewport.zoomIn}>
        <Plus size={16} />
      </button>
      <button type="button" aria-label="Further" onClick={viewport.zoomOut}>
        <Minus size={16} />
      </button>
      <button type="button" aria-label="Show all" onClick={viewport.reset}>
        <Maximize size={15} />
      </button>
    </div>
  )
}
