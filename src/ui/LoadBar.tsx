import { ROUNDING } from '@/core/units'
/**
 * Demand as a filled length against capacity, a notched post at 1.00. Past it the bar goes on in red hatch, to its end
 * where there is no ratio because nothing stands.
 */
export function LoadBar({
  ratio: use,
  width = 284,
  height = 15,
}: {
  readonly ratio: number | null
  readonly width?: number
  readonly height?: number
}) {
  const full = 1.3
  const ratio = use ?? full
  const at = (load: number) => (load / full) * width
  const cap = at(1)
  const fails = ratio > 1 + ROUNDING
  const toneOf = () => {
    if (fails) return 'var(--keel)'
    if (ratio >= 0.9) return 'var(--ink)'
    return 'var(--galv-4)'
  }
  const fill = toneOf()
  return (
    <svg className="bar" width={width} height={height + 4} viewBox={`0 0 ${width} ${height + 4}`} aria-hidden>
      <defs>
        <pattern id="overload" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <rect width="6" height="6" fill="var(--keel)" />
          <line x1="0" y1="0" x2="0" y2="6" stroke="var(--keel-wash)" strokeWidth="2" />
        </pattern>
      </defs>
      <rect x={0.5} y={4.5} width={cap - 1} height={height - 6} fill="var(--galv-1)" stroke="var(--galv-3)" />
      <rect x={0} y={4} width={Math.max(0, Math.min(at(ratio), cap))} height={height - 5} fill={fill} />
      {fails && (
        <rect x={cap} y={4} width={at(Math.min(ratio, full)) - cap} height={height - 5} fill="url(#overload)" />
      )}
      {[0.25, 0.5, 0.75].map((quarter) => (
        <rect key={quarter} x={at(quarter) - 0.5} y={height - 1} width={1} height={3} fill="var(--galv-3)" />
      ))}
      <rect x={cap - 1.2} y={0} width={2.4} height={height + 3} fill="var(--ink)" />
      <path d={`M${cap - 5} 0h10L${cap} 5.5Z`} fill="var(--ink)" />
    </svg>
  )
}
