'use client'
import type { Block } from '@/formats/crewbook'

/** Points of paper to a pixel of the screen, at the size of paper. */
const PX_PER_PT = 1.33

/** A drawing of the papers on screen: the same as on paper. */
export function SheetDrawing({ block }: { readonly block: Extract<Block, { kind: 'svg' }> }) {
  return (
    // As a picture the drawing can run nothing, whatever a name holds; it is made here, so nothing is fetched.
    // eslint-disable-next-line @next/next/no-img-element
    <img
      alt={block.alt}
      loading="lazy"
      decoding="async"
      width={block.width}
      height={block.height}
      style={{ maxWidth: block.width * PX_PER_PT, margin: '0 auto' }}
      src={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(block.svg)}`}
    />
  )
}
