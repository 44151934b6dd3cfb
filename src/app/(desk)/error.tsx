'use client'
import Link from 'next/link'

/** A page that broke: nothing that was entered is lost, and there is a way on. */
export default function PageFault({ reset }: { readonly reset: () => void }) {
  return (
    <main className="yard">
      <h1 style={{ fontSize: 24 }}>This page broke</h1>
      <p className="mt-2">That is a fault of Burdock. What you entered is kept; open the page again.</p>
      <button type="button" className="btn btn-primary mt-2 me-2" onClick={reset}>
        Open it again
      </button>
      <Link className="btn btn-light mt-2" href="/">
        All jobs
      </Link>
    </main>
  )
}
