// A phone answers a thumb in a glove without being looked at: it shakes, and says a number aloud where that is wanted.
// Not every browser can; what is missing is found by asking for it.

/** What a shake means: kept, or look. */
export type Shake = 'kept' | 'look'
const SHAKES: Readonly<Record<Shake, number | number[]>> = { kept: 40, look: [90, 60, 90] }

const canShake = (): boolean => typeof navigator !== 'undefined' && 'vibrate' in navigator
export const canSpeak = (): boolean => typeof window !== 'undefined' && 'speechSynthesis' in window

const SPEAKS = 'burdock-speaks'
/** Whether numbers are said aloud on this phone. */
export function speaks(): boolean {
  try {
    return canSpeak() && localStorage.getItem(SPEAKS) === 'yes'
  } catch {
    return false
  }
}
export function setSpeaks(on: boolean): void {
  try {
    localStorage.setItem(SPEAKS, on ? 'yes' : 'no')
  } catch {
    /* Then it is asked for again after a reload. */
  }
}

/**
 * Shakes the phone, and says what was kept where that is wanted. A phone that cannot stays still. What stands on the screen
 * comes first: a slow phone takes some milliseconds to be told to shake.
 */
export function answer(shake: Shake, words: string): void {
  // A timer alone would come before the next frame.
  requestAnimationFrame(() => setTimeout(() => answerNow(shake, words)))
}
function answerNow(shake: Shake, words: string): void {
  if (canShake()) navigator.vibrate(SHAKES[shake])
  if (!speaks()) return
  window.speechSynthesis.cancel()
  const said = new SpeechSynthesisUtterance(words)
  said.lang = 'en-US'
  window.speechSynthesis.speak(said)
}
