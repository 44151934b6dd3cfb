import type { MouseEvent } from 'react'

/** A second tap within this is the same tap of a stiff glove, ms. */
export const SAME_TAP_MS = 400
/** Keys that enter, undo or go on to a next state. Keys of a number are not among them: two of them are tapped quickly. */
const ENTERS = '.acts button, .kept button, .slot button, .fok button, .fwarn button, .found button'

/** Tells of taps, one after another, which are of their own: one that follows another at once is the same tap. */
export function tapGate(now: () => number): () => boolean {
  let lastMs = -Infinity
  return () => {
    const isOwn = now() - lastMs >= SAME_TAP_MS
    if (isOwn) lastMs = now()
    return isOwn
  }
}

/**
 * Lets one tap through and swallows the next that follows at once, whatever stands under the thumb by then: the key that
 * was tapped may mean the next state already.
 */
export function onceOnly() {
  const isOwn = tapGate(() => performance.now())
  return (event: Pick<MouseEvent, 'target' | 'stopPropagation' | 'preventDefault'>): void => {
    const { target } = event
    if (!(target instanceof Element) || !target.closest(ENTERS) || isOwn()) return
    event.stopPropagation()
    event.preventDefault()
  }
}
