import { useRef, useState } from 'react'
import type { Issue } from '@/core/result'
import { download } from './download'
import { type Paper, paper } from './paper'
import { printPdf } from './printPdf'

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
  const make = async (url: string, body: object): Promise<Paper> => {
    leaves.current?.abort()
    const own = new AbortController()
    leaves.current = own
    setState({ kind: 'working', share: 0 })
    const made = await paper(url, body, { signal: own.signal, drawn: (share) => setState({ kind: 'working', share }) })
    if (leaves.current === own) setState(stateAfter(made))
    return made
  }
  /** Makes a paper and hands it to the browser as a file; whether it came to that. */
  const take = async (url: string, body: object, name: string): Promise<boolean> => {
    const made = await make(url, body)
    if (made.kind === 'made') download(`${name}.pdf`, 'application/pdf', made.pdf)
    return made.kind === 'made'
  }
  /**
   * Makes a paper and prints it page for page; where the browser cannot, it is a file to be opened. While the server is
   * away the page itself is printed, with page ends of its own.
   */
  const print = async (url: string, body: object, name: string): Promise<boolean> => {
    const made = await make(url, body)
    if (made.kind === 'made') {
      if (!printPdf(made.pdf)) download(`${name}.pdf`, 'application/pdf', made.pdf)
      return true
    }
    if (made.kind !== 'away' && made.kind !== 'busy') return false
    window.print()
    return true
  }
  return { state, take, print, stop: () => leaves.current?.abort() }
}
