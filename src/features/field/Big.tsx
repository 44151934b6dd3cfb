import { feetAlone, feetInWords, IN_PER_FT, lengthParts } from '@/core/units'

/** One number, as large as the screen takes, in figures and as it is called across the site. */
export function Big({
  inches,
  empty,
  words = true,
  feet = false,
}: {
  readonly inches: number | null
  readonly empty?: string
  readonly words?: boolean
  readonly feet?: boolean
}) {
  if (inches === null) return <div className="big none">{empty ?? '–'}</div>
  const parts = lengthParts(inches, feet)
  const whole = !(parts.inches === 0 && parts.numerator > 0 && !feet)
  return (
    <div className="bigwrap">
      <div className="big" role="text" aria-label={feetInWords(inches)}>
        {parts.negative ? '−' : ''}
        {feet ? `${feetAlone(parts.feet * IN_PER_FT)} ` : ''}
        {whole ? parts.inches : ''}
        {parts.numerator > 0 && (
          <span className="frac">
            <b>{parts.numerator}</b>
            <b>{parts.denominator}</b>
          </span>
        )}
        ″
      </div>
      {words && <div className="words">{feetInWords(inches)}</div>}
    </div>
  )
}
