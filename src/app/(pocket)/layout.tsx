import type { Metadata, Viewport } from 'next'
import type { ReactNode } from 'react'
import './pocket.scss'

export const metadata: Metadata = {
  // Its title is that of the figure that is open: PocketApp says it.
  description: 'Every figure of the trade by itself, with no signal',
  manifest: '/field.webmanifest',
}
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#10272b' }

/** The pocket is light, so that a phone has it at once: it brings no styles of the desk. */
export default function PocketLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en">
      <body>{children}</body>
    </html>
  )
}
