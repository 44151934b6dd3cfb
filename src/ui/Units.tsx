'use client'
import { createContext, useContext } from 'react'
import { formatLength, formatSigned, quantity, type QuantityKind, type UnitSystem } from '@/core/units'

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
    quantity: (value: number, kind: QuantityKind, decimals?: number) => quantity(value, kind, { system, decimals }),
  }
}

/** A length as it is written here, as plain text, for the text of a drawing. */
export function Length({ inches, feet = true }: { readonly inches: number; readonly feet?: boolean }) {
  return useWriter().length(inches, feet)
}
