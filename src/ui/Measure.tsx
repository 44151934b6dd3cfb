import { formatLength, lengthParts } from '@/core/units'

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
  if (!stacked || !Number.isFinite(inches))
    return <span className="m">{formatLength(inches, { feet }).replace(/ /g, '\u00a0')}</span>
  const parts = lengthParts(inches, feet)
  const whole = !(parts.inches === 0 && parts.numerator > 0 && !feet)
  return (
    <span className="m" aria-label={formatLength(inches, { feet })} role="text">
      {parts.negative ? '−' : ''}
      {feet ? `${parts.feet}′\u2009` : ''}
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
