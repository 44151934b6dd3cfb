import type { Metadata, Viewport } from 'next'
import { FieldSite } from '@/features/field'

export const dynamic = 'force-static'
export const metadata: Metadata = {
  title: 'Burdock in the field',
  manifest: '/field.webmanifest',
  appleWebApp: { capable: true, title: 'Burdock' },
  icons: { icon: '/icon.svg', apple: '/field-192.png' },
}
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#10272b' }

/** Every address of the field is this page, made by the build and kept on the phone: it reads the address itself. */
export default function Page() {
  return <FieldSite />
}
