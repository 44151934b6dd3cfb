'use client'
import { createContext, useContext } from 'react'
import {
  about,
  formatLength,
  formatSigned,
  quantity,
  type QuantityKind,
  type QuantityOptions,
  stated,
  type UnitSystem,
} from '@/core/units'

const UnitsContext = createContext<UnitSystem>('us')
/** Says how lengths and other quantities below it are written. */
export const UnitsProvider = UnitsContext.Provider

/** How lengths are written here. */
export const useUnits = (): UnitSystem => useContext(UnitsContext)

/** Writes quantities the way they are written here. */
export function useWriter() {
  const system = useUnits()
  return {
    length: (lengthIn: number, feet = true) => formatLength(lengthIn, { system, feet }),
    signed: (lengthIn: number) => formatSigned(lengthIn, { system }),
    quantity: (value: number, kind: QuantityKind, options: QuantityOptions = {}) =>
      quantity(value, kind, { ...options, system }),
    /** To four figures, as what was reckoned. */
    about: (value: number, kind: QuantityKind) => about(value, kind, { system }),
    /** As it was typed. */
    stated: (value: number, kind: QuantityKind) => stated(value, kind, { system }),
  }
}

/** A length as it is written here, as plain text, for the text of a drawing. */
export function Length({ inches, feet = true }: { readonly inches: number; readonly feet?: boolean }) {
  return useWriter().length(inches, feet)
}

/** A force, pressure, volume, weight or angle as it is written here, as plain text. */
export function Quantity({
  value,
  kind,
  ...options
}: QuantityOptions & { readonly value: number; readonly kind: QuantityKind }) {
  return useWriter().quantity(value, kind, options)
}

/** The same to four figures, as what was reckoned. */
export function About({ value, kind }: { readonly value: number; readonly kind: QuantityKind }) {
  return useWriter().about(value, kind)
}

/** The same as it was typed. */
export function Stated({ value, kind }: { readonly value: number; readonly kind: QuantityKind }) {
  return useWriter().stated(value, kind)
}
