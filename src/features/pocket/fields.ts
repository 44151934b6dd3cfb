import type { NumberScale } from '@/core/units'

/** One thing that a figure asks for: how it is typed, what it is called, and the sample that stands there at first. */
export type Field =
  | { readonly kind: 'length'; readonly label: string; readonly sample: number; readonly optional?: boolean }
  | {
      readonly kind: 'number'
      readonly label: string
      readonly sample: number
      readonly unit: string
      /** What the number is multiplied by before it is shown: a share is typed in percent. */
      readonly times: number
      readonly optional?: boolean
    }
  | { readonly kind: 'choice'; readonly label: string; readonly sample: Choice; readonly choices: readonly Option[] }
  | { readonly kind: 'lengths'; readonly label: string; readonly sample: readonly number[]; readonly each: string }
  | { readonly kind: 'named-lengths'; readonly label: string; readonly sample: Readonly<Record<string, number>> }
  | { readonly kind: 'hours'; readonly label: string; readonly sample: string }
  | { readonly kind: 'counts'; readonly label: string; readonly sample: Readonly<Record<string, number>> }
  | { readonly kind: 'prices'; readonly label: string; readonly sample: readonly Supplier[] }

export type Choice = string | number
interface Option {
  readonly value: Choice
  readonly label: string
}
interface Supplier {
  readonly name: string
  readonly fee: number
  readonly prices: Readonly<Record<string, number>>
}

/** A length in any way of writing, inches. */
export const length = (label: string, sample: number): Field => ({ kind: 'length', label, sample })
/** A number in the unit that the core reckons with. */
export const number = (label: string, sample: number, unit = ''): Field => ({
  kind: 'number',
  label,
  sample,
  unit,
  times: 1,
})
/** A share, typed in percent. */
export const share = (label: string, sample: number): Field => ({
  kind: 'number',
  label,
  sample,
  unit: '%',
  times: 100,
})
/** A field that may stay empty. */
export const optional = <T extends Field>(field: T): T & { readonly optional: true } => ({ ...field, optional: true })
/** One of a few. */
export const choice = (label: string, sample: Choice, choices: readonly (readonly [Choice, string])[]): Field => ({
  kind: 'choice',
  label,
  sample,
  choices: choices.map(([value, words]) => ({ value, label: words })),
})
/** Lengths in a row, each in a place of its own. */
export const lengths = (label: string, each: string, sample: readonly number[]): Field => ({
  kind: 'lengths',
  label,
  each,
  sample,
})

/** The scale of a number that no system changes. */
export const plainScale = (unit: string, times: number): NumberScale => ({ unit, times, step: 1 })
