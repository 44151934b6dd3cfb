import type { Metadata } from 'next'
import Link from 'next/link'
import type { ReactElement } from 'react'
import '@fontsource-variable/atkinson-hyperlegible-next'
import './(desk)/theme.scss'

export const metadata: Metadata = { title: 'No such page · Burdock' }

/** What an address that the application does not have shows. It stands by itself: no part of the desk is needed for it. */
export default function GlobalNotFound(): ReactElement {
  return (
    <html lang="en">
      <body>
        <main className="yard">
          <h1 style={{ fontSize: 24 }}>There is no such page</h1>
          <p className="mt-2">The address may have been cut off, or come from an older version.</p>
          <Link className="btn btn-light mt-2" href="/">
            All jobs
          </Link>
        </main>
      </body>
    </html>
  )
}
