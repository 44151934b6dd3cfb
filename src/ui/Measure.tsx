'use client'
import { feetAlone, formatLength, IN_PER_FT, lengthParts } from '@/core/units'
import { useUnits } from './Units'

/** A length as a tape is read. Stacked fraction from 19 px up, slashed below. Never wraps. */
export function Measure({
  inches,
  feet = true,
  stacked = false,
}: {
  readonly inches: number
  readonly feet?: boolean
  readonly stacked?: boolean
}) {
  const system = useUnits()
  const text = formatLength(inches, { feet, system })
  if (!stacked || system !== 'us' || !Number.isFinite(inches)) return <span className="m">{text}</span>
  const parts = lengthParts(inches, feet)
  const whole = !(parts.inches === 0 && parts.numerator > 0 && !feet)
  return (
    <span className="m" aria-label={text} role="text">
      {parts.negative ? '−' : ''}
      {feet ? `${feetAlone(parts.feet * IN_PER_FT)}\u2009` : ''}
      {whole ? parts.inches : ''}
      {parts.numerator > 0 && (
        <span className="fr">
          <i>{parts.numerator}</i>
          <i>{parts.denominator}</i>
        </span>
      )}
      ″
    </span>
  )
}
