import { radians } from '@/core/units'
import { toTenth } from './px'
/** Small signs. Shape carries the meaning; color only helps. */
export const FailSign = ({
  size = 16,
  ground = '#fff',
  fill = 'var(--keel)',
}: {
  readonly size?: number
  readonly ground?: string
  readonly fill?: string
}) => (
  <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden>
    <path d="M8 .8 15.6 14.6H.4Z" fill={fill} />
    <path d="M8 5.2v4.6M8 11.4v1.7" stroke={ground} strokeWidth="1.9" />
  </svg>
)
export const HoldSign = ({
  size = 15,
  stroke = 'currentColor',
}: {
  readonly size?: number
  readonly stroke?: string
}) => (
  <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden>
    <path d="M2 8.6 6.2 12.8 14.2 3.4" fill="none" stroke={stroke} strokeWidth="2.4" />
  </svg>
)
export const UncheckedSign = ({ size = 15 }: { readonly size?: number }) => (
  <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden>
    <circle cx="8" cy="8" r="6" fill="none" stroke="currentColor" strokeWidth="1.8" strokeDasharray="3 2.3" />
  </svg>
)
export const SavedSign = () => (
  <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden>
    <circle cx="7" cy="7" r="6.2" fill="none" stroke="currentColor" strokeWidth="1.4" />
    <path d="M4 7.2 6.2 9.4 10 5" fill="none" stroke="currentColor" strokeWidth="1.6" />
  </svg>
)
export const SavingSign = ({ off = false }: { readonly off?: boolean }) => (
  <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden>
    <circle cx="7" cy="7" r="5.8" fill="none" stroke="currentColor" strokeWidth="2" strokeDasharray="3 3.07" />
    {off && <path d="M2.5 11.5l9-9" stroke="currentColor" strokeWidth="2" />}
  </svg>
)
/** The burdock head: hooked bracts below, violet florets above. */
export function BurrSign({ size = 36 }: { readonly size?: number }) {
  const hooks = Array.from({ length: 13 }, (_, i) => {
    const angle = radians(-16 + i * 17.7)
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
    const sign = i < 6 ? -1 : 1
    return (
      `M${toTenth(20 + cos * 10)} ${toTenth(24 + sin * 9.4)}L${toTenth(20 + cos * 16)} ` +
      `${toTenth(24 + sin * 14.6)}L${toTenth(20 + cos * 16 - 2.6 * sin * sign)} ` +
      `${toTenth(24 + sin * 14.6 + 2.6 * cos * sign)}`
    )
  }).join('')
  const florets = [-3, -2, -1, 0, 1, 2, 3]
    .map((i) => `M${20 + i * 1.9} 17L${20 + i * 4.1} ${5.2 + Math.abs(i) * 1.3}`)
    .join('')
  return (
    <svg width={size} height={size} viewBox="0 0 40 40" aria-hidden>
      <path d={florets} fill="none" stroke="var(--burr)" strokeWidth="2.7" strokeLinecap="round" />
      <ellipse cx="20" cy="24" rx="10.5" ry="9.7" fill="var(--ink)" />
      <path d={hooks} fill="none" stroke="var(--ink)" strokeWidth="1.9" strokeLinecap="round" strokeLinejoin="round" />
    </svg>
  )
}
