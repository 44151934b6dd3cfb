import type { ReactNode } from 'react'

/** A page that says one thing. */
export function Plain({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <main className="field bare">
      <div className="fmain" style={{ paddingTop: 40 }}>
        <h1 style={{ fontSize: 24 }}>{title}</h1>
        <p>{children}</p>
      </div>
    </main>
  )
}
