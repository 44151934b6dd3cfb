import type { FigureName } from '@/core/pocket'
import { formatLength, quantity, type QuantityKind, ROUNDING, TAPE_STEPS_IN, type UnitSystem, upTo } from '@/core/units'

/** Lengths under this are shown in inches alone. */
const FEET_FROM_IN = 48
/**
 * What a board is cut to and must go in with: rounded down, never up. A least is rounded up, a most down. All other lengths
 * are marks, to the nearest.
 */
const FIT_IN: Readonly<Partial<Record<FigureName, readonly string[]>>> = {
  'brace-between': ['edgeIn', 'tipToTipIn'],
  'knee-brace': ['longEdgeIn', 'shortEdgeIn'],
  'brace-45': ['longEdgeIn'],
  'boards-across': ['ripIn'],
  gate: ['leafIn', 'insideWidthIn', 'insideHeightIn', 'braceIn'],
  'girt-cut': ['cutIn'],
  panels: ['startRipIn', 'lastIn'],
}
const ENDINGS: readonly (readonly [ending: string, kind: QuantityKind])[] = [
  ['LbFt', 'lbFt'],
  ['Lb', 'lb'],
  ['Psf', 'psf'],
  ['Deg', 'deg'],
  ['ft3Each', 'ft3'],
  ['ft3', 'ft3'],
  ['yd3', 'yd3'],
]

type Rounding = 'down' | 'up' | 'nearest'

function roundingOf(figure: FigureName, name: string): Rounding {
  if (name.endsWith('AtLeastIn')) return 'up'
  return name.endsWith('AtMostIn') || FIT_IN[figure]?.includes(name) ? 'down' : 'nearest'
}

function rounded(valueIn: number, rounding: Rounding, stepIn: number): number {
  switch (rounding) {
    case 'down':
      return Math.floor(valueIn / stepIn + ROUNDING) * stepIn
    case 'up':
      return Math.ceil(valueIn / stepIn - ROUNDING) * stepIn
    case 'nearest':
      return valueIn
  }
}

/** A length as a figure gives it: inches alone under four feet, rounded to the nearest mark or as it is said. */
export function lengthText(valueIn: number, system: UnitSystem, rounding: Rounding = 'nearest'): string {
  const roundedIn = rounded(valueIn, rounding, TAPE_STEPS_IN[system].small)
  return formatLength(roundedIn, { system, feet: Math.abs(roundedIn) >= FEET_FROM_IN })
}

/** One number of an answer as people read it, by what its name ends in. */
export function shownNumber(figure: FigureName, name: string, value: number, system: UnitSystem): string {
  if (name.endsWith('In')) return lengthText(value, system, roundingOf(figure, name))
  const kind = ENDINGS.find(([ending]) => name.endsWith(ending))?.[1]
  return kind ? quantity(value, kind, { system }) : upTo(value, 2)
}

/** An answer as people read it: every number as text in the units asked for; what is no number stays. */
export function shownAnswer(figure: FigureName, answer: object, system: UnitSystem = 'us'): Record<string, unknown> {
  const walk = (name: string, value: unknown): unknown => {
    if (typeof value === 'number') return shownNumber(figure, name, value, system)
    if (Array.isArray(value)) return value.map((each: unknown) => walk(name, each))
    if (typeof value !== 'object' || value === null) return value
    return Object.fromEntries(
      Object.entries(value).map(([key, part]: [string, unknown]) => [key, walk(name === 'upIn' ? name : key, part)]),
    )
  }
  return walk('', answer) as Record<string, unknown>
}
