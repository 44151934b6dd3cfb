import type { ReactNode } from 'react'

/** A page that says one thing; `waiting` before our own letters have come. */
export function Plain({
  title,
  waiting = false,
  children,
}: {
  readonly title: string
  readonly waiting?: boolean
  readonly children: ReactNode
}) {
  return (
    <main className={waiting ? 'field bare waiting' : 'field bare'}>
      <div className="fmain" style={{ paddingTop: 40 }}>
        <h1 style={{ fontSize: 24 }}>{title}</h1>
        <p>{children}</p>
      </div>
    </main>
  )
}
