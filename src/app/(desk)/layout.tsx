import type { Metadata } from 'next'
import type { ReactNode } from 'react'
import '@fontsource-variable/atkinson-hyperlegible-next'
import { PlainZod } from './PlainZod'
import './theme.scss'

export const metadata: Metadata = { title: 'Burdock', description: 'Plans, checks and field-runs post-frame buildings' }

export default function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en" data-address={process.env.PUBLIC_URL}>
      <body>
        <PlainZod />
        {children}
      </body>
    </html>
  )
}
