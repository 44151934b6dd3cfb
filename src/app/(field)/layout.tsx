import type { Metadata, Viewport } from 'next'
import type { ReactNode } from 'react'
import { ASK_PLAN } from '@/features/field'
import './field.scss'

export const metadata: Metadata = {
  title: 'Burdock in the field',
  description: 'Marks, readings and states of every post on site, with no signal',
  manifest: '/field.webmanifest',
  appleWebApp: { capable: true, title: 'Burdock' },
  icons: { icon: '/field-192.png', apple: '/field-192.png' },
}
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#10272b' }

/** The field is light, so that a phone has it at once: it brings no styles of the desk. */
export default function FieldLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en">
      <head>
        <script dangerouslySetInnerHTML={{ __html: ASK_PLAN }} />
      </head>
      <body>{children}</body>
    </html>
  )
}
