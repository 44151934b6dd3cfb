import { toTenth } from '@/ui'
import type { ReactNode } from 'react'

/** A small seeded sequence, so that hand-drawn edges look the same at every render and on every machine. */
export function seeded(seed: number): () => number {
  let state = seed
  return () => (state = (state * 16807) % 2147483647) / 2147483647
}

/** Outline of a crayon bar between two points, as polygon points. */
export function waxPoints({
  x1,
  y1,
  x2,
  y2,
  width,
  seed = 7,
}: {
  x1: number
  y1: number
  x2: number
  y2: number
  width: number
  seed?: number
}): string {
  const random = seeded(seed)
  const length = Math.hypot(x2 - x1, y2 - y1) || 1
  const [nx, ny] = [-(y2 - y1) / length, (x2 - x1) / length]
  const steps = Math.max(2, Math.min(40, Math.round(length / 40)))
  const there: string[] = []
  const back: string[] = []
  for (let i = 0; i <= steps; i++) {
    const share = i / steps
    const k = (width / 2) * (0.82 + random() * 0.36)
    there.push(`${toTenth(x1 + (x2 - x1) * share + nx * k)},${toTenth(y1 + (y2 - y1) * share + ny * k)}`)
    back.push(`${toTenth(x1 + (x2 - x1) * share - nx * k)},${toTenth(y1 + (y2 - y1) * share - ny * k)}`)
  }
  return [...there, ...back.reverse()].join(' ')
}

interface Line {
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
  readonly color: string
  readonly width?: number
  readonly opacity?: number
  readonly seed?: number
}

/** A crayon bar. */
export const Wax = ({ x1, y1, x2, y2, color, width = 4, opacity, seed = 7 }: Line) => (
  <polygon points={waxPoints({ x1, y1, x2, y2, width, seed })} fill={color} opacity={opacity} />
)
/** A snapped string: a crisp line with chalk dust round it. */
export const ChalkLine = (props: Line) => (
  <g>
    <Wax {...props} width={(props.width ?? 2) + 4.5} opacity={0.28} />
    <line
      x1={props.x1}
      y1={props.y1}
      x2={props.x2}
      y2={props.y2}
      stroke={props.color}
      strokeWidth={props.width ?? 1.9}
    />
  </g>
)

const FEET = {
  down: [-0.55, -1, 0.55, -1],
  up: [-0.55, 1, 0.55, 1],
  right: [-1, -0.55, -1, 0.55],
  left: [1, -0.55, 1, 0.55],
} as const
/** A crow's foot: the point of the V is the mark. */
export function CrowFoot({
  x,
  y,
  facing,
  size = 10,
  color,
  width = 2.8,
}: {
  readonly x: number
  readonly y: number
  readonly facing: keyof typeof FEET
  readonly size?: number
  readonly color: string
  readonly width?: number
}) {
  const [ax, ay, bx, by] = FEET[facing]
  return (
    <polyline
      points={`${x + ax * size},${y + ay * size} ${x},${y} ${x + bx * size},${y + by * size}`}
      fill="none"
      stroke={color}
      strokeWidth={width}
      strokeLinecap="round"
    />
  )
}

/** Text in a drawing, with an optional halo of the ground behind it. */
export function Note({
  x,
  y,
  children,
  size = 13,
  weight = 500,
  anchor = 'start',
  fill = 'var(--ink)',
  halo,
  rotate,
}: {
  readonly x: number
  readonly y: number
  readonly children: ReactNode
  readonly size?: number
  readonly weight?: number
  readonly anchor?: 'start' | 'middle' | 'end'
  readonly fill?: string
  readonly halo?: string
  readonly rotate?: number
}) {
  return (
    <text
      x={x}
      y={y}
      fontSize={size}
      fontWeight={weight}
      textAnchor={anchor}
      transform={rotate ? `rotate(${rotate} ${x} ${y})` : undefined}
      style={{ fill, ...(halo ? { paintOrder: 'stroke', stroke: halo, strokeWidth: 4, strokeLinejoin: 'round' } : {}) }}
    >
      {children}
    </text>
  )
}

/** Wood and earth as fills; put once in each drawing that uses them. */
export const Materials = () => (
  <defs>
    <linearGradient id="wood" x1="0" x2="1">
      <stop offset="0" stopColor="#D7B983" />
      <stop offset=".18" stopColor="#EBD5A8" />
      <stop offset=".8" stopColor="#E6CC99" />
      <stop offset="1" stopColor="#C9A46A" />
    </linearGradient>
    <linearGradient id="galv" x1="0" x2="0" y1="0" y2="1">
      <stop offset="0" stopColor="#DFE4E3" />
      <stop offset="1" stopColor="#9CA8AA" />
    </linearGradient>
    <pattern id="earth" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="9" height="9" fill="#E2D8C3" />
      <line x1="0" y1="0" x2="0" y2="9" stroke="#B7A683" strokeWidth="1.3" />
    </pattern>
    <pattern id="gravel" width="10" height="9" patternUnits="userSpaceOnUse">
      <rect width="10" height="9" fill="#E8E2D4" />
      <ellipse cx="2.6" cy="2.4" rx="2.1" ry="1.5" fill="#B9B0A0" />
      <ellipse cx="7.4" cy="4.8" rx="2" ry="1.7" fill="#A39A8A" />
      <ellipse cx="3" cy="7.2" rx="1.8" ry="1.3" fill="#C4BCAD" />
    </pattern>
    <pattern id="concrete" width="7" height="7" patternUnits="userSpaceOnUse">
      <rect width="7" height="7" fill="#C5CCCC" />
      <circle cx="2" cy="2" r=".9" fill="#8B9799" />
      <circle cx="5.5" cy="5" r=".7" fill="#8B9799" />
    </pattern>
  </defs>
)
