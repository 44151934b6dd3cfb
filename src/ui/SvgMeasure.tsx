'use client'
import { feetAlone, formatLength, IN_PER_FT, type LengthParts, lengthParts, type UnitSystem } from '@/core/units'
import type { JSX } from 'react/jsx-runtime'
import { useUnits } from './Units'

/** Widths of the type's tabular glyphs, in ems, for placing a measure without asking the browser. */
const EM = { digit: 0.632, space: 0.25, prime: 0.26, second: 0.44, minus: 0.6, point: 0.32, letter: 0.96 }

/** How a measure is written, as far as its width goes. */
interface Written {
  readonly feet?: boolean
  readonly stacked?: boolean
  readonly system?: UnitSystem
}

/** Width of a metric measure, ems: figures, its unit, and points and commas among them. */
function metricWidth(text: string): number {
  const widths = [...text].map((letter) => {
    if (/\d/.test(letter)) return EM.digit
    if (/[a-z]/.test(letter)) return EM.letter
    return letter === '−' ? EM.minus : EM.point
  })
  return widths.reduce((sum, width) => sum + width, 0)
}

/** Width of a measure at a type size, px. */
export function measureWidth(
  inches: number,
  size: number,
  { feet = true, stacked = true, system = 'us' }: Written = {},
): number {
  if (system !== 'us') return metricWidth(formatLength(inches, { system })) * size
  const parts = lengthParts(inches, feet)
  let width = parts.negative ? EM.minus : 0
  if (feet) width += String(parts.feet).length * EM.digit + EM.prime + EM.space
  if (!(parts.inches === 0 && parts.numerator && !feet)) width += String(parts.inches).length * EM.digit
  if (parts.numerator)
    width += stacked
      ? 0.14 + Math.max(String(parts.numerator).length, String(parts.denominator).length) * EM.digit * 0.64 + 0.08
      : 0.3 + (String(parts.numerator).length + String(parts.denominator).length) * EM.digit + 0.42
  return (width + EM.second) * size
}

interface Props {
  readonly x: number
  readonly y: number
  readonly inches: number
  readonly size?: number
  readonly anchor?: 'start' | 'middle' | 'end'
  readonly weight?: number
  readonly fill?: string
  readonly feet?: boolean
  readonly rotate?: number
  readonly ground?: string
}

/** A measure whose fraction is stacked. */
function stackedMeasure({
  parts,
  feet,
  start,
  size,
  y,
  weight,
  turn,
  label,
  back,
  style,
}: {
  readonly parts: LengthParts
  readonly feet: boolean
  readonly start: number
  readonly size: number
  readonly y: number
  readonly weight: number
  readonly turn: string | undefined
  readonly label: string
  readonly back: JSX.Element | null
  readonly style: { fill: string }
}) {
  const whole = `${parts.negative ? '−' : ''}${feet ? feetAlone(parts.feet * IN_PER_FT) : ''}`
  const inchText = parts.inches === 0 && !feet ? '' : String(parts.inches)
  const inchX =
    start +
    (parts.negative ? EM.minus * size : 0) +
    (feet ? (String(parts.feet).length * EM.digit + EM.prime + EM.space) * size : 0)
  const fractionX = inchX + inchText.length * EM.digit * size + 0.14 * size
  const small = size * 0.64
  const fw = Math.max(String(parts.numerator).length, String(parts.denominator).length) * EM.digit * small
  const mid = y - 0.334 * size
  const bold = Math.min(800, weight + 50)
  return (
    <g transform={turn} role="img" aria-label={label}>
      {back}
      <text x={start} y={y} fontSize={size} fontWeight={weight} style={style}>
        {whole}
      </text>
      <text x={inchX} y={y} fontSize={size} fontWeight={weight} style={style}>
        {inchText}
      </text>
      <text
        x={fractionX + fw / 2}
        y={mid - 0.11 * size}
        fontSize={small}
        fontWeight={bold}
        textAnchor="middle"
        style={style}
      >
        {parts.numerator}
      </text>
      <text
        x={fractionX + fw / 2}
        y={mid + 0.11 * size + 0.668 * small}
        fontSize={small}
        fontWeight={bold}
        textAnchor="middle"
        style={style}
      >
        {parts.denominator}
      </text>
      <rect
        x={fractionX - 0.01 * size}
        y={mid - 0.03 * size}
        width={fw + 0.02 * size}
        height={Math.max(1, 0.06 * size)}
        style={style}
      />
      <text x={fractionX + fw + 0.08 * size} y={y} fontSize={size} fontWeight={weight} style={style}>
        ″
      </text>
    </g>
  )
}

/** A measure in a drawing, baseline at y. Stacked fraction from 19 px up. */
export function SvgMeasure({
  x,
  y,
  inches,
  size = 18,
  anchor = 'start',
  weight = 650,
  fill = 'var(--ink)',
  feet = true,
  rotate = 0,
  ground,
}: Props) {
  const stacked = size >= 19
  const system = useUnits()
  const width = measureWidth(inches, size, { feet, stacked, system })
  const startX = () => {
    if (anchor === 'start') return x
    if (anchor === 'end') return x - width
    return x - width / 2
  }
  const start = startX()
  const turn = rotate ? `rotate(${rotate} ${x} ${y})` : undefined
  const back = ground ? (
    <rect x={start - 5} y={y - size * 1.02} width={width + 10} height={size * 1.4} rx={2} fill={ground} />
  ) : null
  const style = { fill }
  const label = formatLength(inches, { feet, system })
  const parts = lengthParts(inches, feet)
  if (!stacked || !parts.numerator || system !== 'us')
    return (
      <g transform={turn}>
        {back}
        <text x={start} y={y} fontSize={size} fontWeight={weight} style={style}>
          {label}
        </text>
      </g>
    )
  return stackedMeasure({ parts, feet, start, size, y, weight, turn, label, back, style })
}
