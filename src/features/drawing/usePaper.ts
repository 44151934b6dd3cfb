import { useRef, useState } from 'react'
import type { Issue } from '@/core/result'
import { download } from './download'
import { type Paper, paper } from './paper'

/** Where a paper is: nobody asked, so much of it drawn, or why there is none. */
export type PaperState =
  | { readonly kind: 'idle' }
  | { readonly kind: 'working'; readonly share: number }
  | { readonly kind: 'refused'; readonly issues: readonly Issue[] }
  | { readonly kind: 'away' | 'busy' }

const stateAfter = (made: Paper): PaperState => {
  if (made.kind === 'made' || made.kind === 'cancelled') return { kind: 'idle' }
  return made
}

/** Papers that the server makes: one at a time, with a way to stop it. */
export function usePaper() {
  const [state, setState] = useState<PaperState>({ kind: 'idle' })
  const leaves = useRef<AbortController | null>(null)
  /** Makes a paper and hands it to the browser; whether it came to that. */
  const take = async (url: string, body: object, name: string): Promise<boolean> => {
    leaves.current?.abort()
    const own = new AbortController()
    leaves.current = own
    setState({ kind: 'working', share: 0 })
    const made = await paper(url, body, { signal: own.signal, drawn: (share) => setState({ kind: 'working', share }) })
    if (leaves.current === own) setState(stateAfter(made))
    if (made.kind === 'made') download(`${name}.pdf`, 'application/pdf', made.pdf)
    return made.kind === 'made'
  }
  return { state, take, stop: () => leaves.current?.abort() }
}
