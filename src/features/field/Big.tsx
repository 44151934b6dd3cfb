import { inchesInWords, lengthParts } from '@/core/units'

/** One number, as large as the screen takes, in figures and words. */
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
  const p = lengthParts(inches, feet)
  const whole = !(p.inches === 0 && p.numerator > 0 && !feet)
  return (
    <div className="bigwrap">
      <div className="big" role="text" aria-label={inchesInWords(inches)}>
        {p.negative ? '−' : ''}
        {feet ? `${p.feet}′ ` : ''}
        {whole ? p.inches : ''}
        {p.numerator > 0 && (
          <span className="frac">
            <b>{p.numerator}</b>
            <b>{p.denominator}</b>
          </span>
        )}
        ″
      </div>
      {words && <div className="words">{inchesInWords(inches)}</div>}
    </div>
  )
}
