import type { FigureName } from '@/core/pocket'
import type { UnitSystem } from '@/core/units'
import { isFigure } from './sheets'

/** What this browser keeps of the pocket. One that keeps nothing still shows every figure. */

const USED = 'burdock-pocket-used'
const CARDS = 'burdock-pocket-cards'
const TYPED = 'burdock-pocket-'
/** Figures that are named as used last, and cards on a sheet. */
const MOST_USED = 4
export const CARDS_ON_A_SHEET = 4

function read(key: string): unknown {
  try {
    return JSON.parse(window.localStorage.getItem(key) ?? 'null')
  } catch {
    return null
  }
}

function write(key: string, value: unknown): void {
  try {
    window.localStorage.setItem(key, JSON.stringify(value))
  } catch {
    // Full, or not allowed: the figure is there all the same, only not next time.
  }
}

/** What was typed last into a figure, and in which units; the sheet says whether it still fits. */
export function lastTyped(name: FigureName): { readonly system: UnitSystem; readonly typed: unknown } | null {
  const kept = read(TYPED + name)
  if (typeof kept !== 'object' || kept === null || !('typed' in kept) || !('system' in kept)) return null
  const { system, typed } = kept
  return system === 'us' || system === 'mm' || system === 'm' ? { system, typed } : null
}

export const keepTyped = (name: FigureName, system: UnitSystem, typed: unknown): void =>
  write(TYPED + name, { system, typed })

/** Figures used last, the latest first. */
export function lastUsed(): readonly FigureName[] {
  const kept = read(USED)
  return Array.isArray(kept)
    ? kept
        .filter((name) => typeof name === 'string')
        .filter(isFigure)
        .slice(0, MOST_USED)
    : []
}

/** Said in the window when another figure is used. */
export const USED_CHANGED = 'burdock-pocket-used'

export function noteUsed(name: FigureName): void {
  write(USED, [name, ...lastUsed().filter((other) => other !== name)].slice(0, MOST_USED))
  window.dispatchEvent(new Event(USED_CHANGED))
}

/** A card that waits for the sheet it is printed on. */
export interface WaitingCard {
  readonly name: FigureName
  readonly given: unknown
}

export function waitingCards(): readonly WaitingCard[] {
  const kept = read(CARDS)
  if (!Array.isArray(kept)) return []
  return kept
    .filter(
      (card): card is WaitingCard =>
        typeof card === 'object' && card !== null && isFigure(String((card as WaitingCard).name)),
    )
    .slice(0, CARDS_ON_A_SHEET - 1)
}

export const keepCards = (cards: readonly WaitingCard[]): void => write(CARDS, cards)
