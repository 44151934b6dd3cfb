'use client'
import type { Answer } from './useWork'

/** What stands where an answer is not there yet: that it is on its way, or why it will not come. */
export function Awaited({ answer, saying }: { readonly answer: Answer<unknown, unknown>; readonly saying: string }) {
  if (answer.fault !== null)
    return (
      <p className="caution" role="alert">
        This could not be worked out ({answer.fault}). Nothing here is known to hold; load the page again.
      </p>
    )
  if (answer.fresh) return null
  return (
    <p className="note" role="status">
      {saying}
    </p>
  )
}
