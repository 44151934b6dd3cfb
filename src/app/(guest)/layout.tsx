import type { Metadata, Viewport } from 'next'
import type { ReactNode } from 'react'
import '../(field)/field.scss'

export const metadata: Metadata = { title: 'One post', description: 'One post of a building, for a guest' }
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#10272b' }

/** What a guest is shown: a page by itself, which leads nowhere. */
export default function GuestLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en">
      <body>{children}</body>
    </html>
  )
}
