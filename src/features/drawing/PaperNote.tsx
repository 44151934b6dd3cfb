import { X } from 'lucide-react'
import { issueText } from '@/formats/words'
import type { PaperState } from './usePaper'

const PERCENT = 100

/** How far a paper is, with a way to stop it, or why there is none. */
export function PaperNote({ state, onStop }: { readonly state: PaperState; readonly onStop: () => void }) {
  switch (state.kind) {
    case 'idle':
      return null
    case 'working':
      return (
        <div className="paper-note" role="status">
          <progress value={state.share} max={1} aria-label="How much of the paper is drawn" />
          <span>{state.share > 0 ? `${Math.round(state.share * PERCENT)}% drawn` : 'Working it out'}</span>
          <button type="button" className="icb" aria-label="Stop making the paper" title="Stop" onClick={onStop}>
            <X size={16} />
          </button>
        </div>
      )
    case 'refused':
      return (
        <div className="caution" role="alert">
          The paper was not made. {state.issues.slice(0, 3).map(issueText).join(' ')}
        </div>
      )
    case 'busy':
      return (
        <div className="caution" role="alert">
          The server makes other papers just now. Try again in a moment. Printed without it, pages end elsewhere.
        </div>
      )
    case 'away':
      return (
        <div className="caution" role="alert">
          The PDF is made by the server, which is away. Printed without it, pages end elsewhere.
        </div>
      )
  }
}
