'use client'
import { poleOf } from '@/core/drawn'
import type { PoleMark } from '@/core/marks'
import { SvgMeasure } from '@/ui'
import { CrowFoot, Materials, Note, seeded, useSize, Wax } from '../drawing'
import { type Picked, useDoc, useJob } from '../job'
import { girtFaceIn } from '@/core/layout'

const COLOUR = {
  grade: 'var(--grade)',
  skirt: 'var(--ink)',
  girt: '#B97F00',
  sill: 'var(--ink)',
  head: 'var(--ink)',
  heel: 'var(--keel)',
  rafter: 'var(--keel)',
} as const
const TEXT = {
  grade: 'var(--grade-ink)',
  skirt: 'var(--ink)',
  girt: 'var(--ochre-ink)',
  sill: 'var(--ink)',
  head: 'var(--ink)',
  heel: 'var(--keel-ink)',
  rafter: 'var(--keel-ink)',
} as const

/** Spreads labels so that none touch, keeping their order: each at its mark or just clear of the one above. */
function spread(marks: readonly PoleMark[], place: (mark: PoleMark) => number, room: number): Map<string, number> {
  const out = new Map<string, number>()
  let last = -1e9
  for (const mark of [...marks].sort((one, other) => place(one) - place(other))) {
    const at = Math.max(place(mark), last + room)
    out.set(mark.key, at)
    last = at
  }
  return out
}

/** The pole's grain. */
function PoleWood({
  px,
  pw,
  height,
  random,
}: {
  readonly px: number
  readonly pw: number
  readonly height: number
  readonly random: () => number
}) {
  return (
    <g clipPath="url(#pole-clip)">
      <rect x={px} y={26} width={pw} height={height} fill="url(#wood)" />
      {Array.from({ length: 9 }, (_, i) => {
        let grain = `M${px + 3 + i * 4.8} ${height}`
        for (let y = height; y > 10; y -= 62)
          grain += `q${((random() - 0.5) * 6).toFixed(1)} -31 ${((random() - 0.5) * 1.6).toFixed(1)} -62`
        return (
          <path
            key={i}
            d={grain}
            fill="none"
            stroke="#A97F46"
            strokeWidth={0.6 + random() * 0.7}
            opacity={0.25 + random() * 0.3}
          />
        )
      })}
    </g>
  )
}

/** A mark on the right of the pole, with its name and height. */
function RightMark({
  mark,
  pick,
  lineFrom,
  y,
  width,
  px,
  pw,
  colour,
  edge,
  ty,
  big,
  on,
}: {
  readonly mark: PoleMark
  readonly pick: (partial: Partial<Picked>) => void
  readonly lineFrom: () => number
  readonly y: number
  readonly width: number
  readonly px: number
  readonly pw: number
  readonly colour: 'var(--burr)' | 'var(--grade)' | 'var(--ink)' | '#B97F00' | 'var(--keel)'
  readonly edge: boolean
  readonly ty: number
  readonly big: number
  readonly on: boolean
}) {
  return (
    <g
      onClick={() => pick({ mark: mark.key, row: mark.kind === 'girt' ? mark.key : null })}
      style={{ cursor: 'pointer' }}
    >
      <Wax
        x1={lineFrom()}
        y1={y}
        x2={mark.kind === 'grade' ? width : px + pw + 14}
        y2={y}
        color={colour}
        width={edge ? 5.5 : 4}
      />
      <CrowFoot x={px + pw - 12} y={y} facing="right" size={8} color={colour} width={2.6} />
      {mark.kind !== 'grade' && Math.abs(ty - y) > 2 && (
        <path d={`M${px + pw + 14} ${y}L${px + pw + 24} ${ty}`} stroke={colour} fill="none" />
      )}
      <Note
        x={px + pw + 28}
        y={ty + 5}
        size={Math.min(mark.name.length > 14 ? 11.5 : 13.5, big)}
        weight={600}
        fill={on ? 'var(--burr-deep)' : TEXT[mark.kind]}
        halo={mark.kind === 'grade' ? '#E2D8C3' : 'var(--paper)'}
      >
        {mark.name.length > 17 ? `${mark.name.slice(0, 16)}…` : mark.name}
        <title>{mark.name}</title>
      </Note>
      <SvgMeasure
        x={width - 8}
        y={ty + 7}
        inches={mark.downIn}
        size={big}
        weight={700}
        anchor="end"
        ground={mark.kind === 'grade' ? '#E2D8C3' : 'var(--paper)'}
        fill={on ? 'var(--burr-deep)' : 'var(--ink)'}
      />
    </g>
  )
}

/**
 * A story pole to scale: one post's, its wall's or the building's. Marks down from its top and up from the grade line,
 * girts as blocks.
 */
export function StoryPole({ of }: { readonly of: string }) {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked)
  const pick = useJob((state) => state.pick)
  const [ref, size] = useSize<SVGSVGElement>()
  const pole = poleOf(derived, job.building.heelIn, of)
  if (!pole) return null
  const { marks } = pole
  const [width, height] = [size.width || 380, size.height || 600]
  const top = pole.topIn
  const scale = (height - 92) / (top + 14)
  const yAt = (up: number) => 46 + (top - up) * scale
  const [px, pw] = [width * (marks.length > 14 || width < 360 ? 0.34 : 0.42), 44]
  const isOpening = (mark: PoleMark) => mark.kind === 'sill' || mark.kind === 'head'
  const right = marks.filter((mark) => !isOpening(mark))
  const left = marks.filter(isOpening)
  // A pole for many posts holds more marks than have room at full size.
  const room = Math.max(12, Math.min(25, (height - 56) / Math.max(1, right.length)))
  const big = Math.min(20, room * 0.86)
  const lowest = height - 10 - room * 0.2
  const packed = spread(right, (mark) => Math.min(yAt(mark.upIn), lowest), room)
  // What would run off the foot pushes those above it up again.
  let limit = lowest
  for (const mark of [...right].sort((one, other) => (packed.get(other.key) ?? 0) - (packed.get(one.key) ?? 0))) {
    const at = Math.min(packed.get(mark.key) ?? 0, limit)
    packed.set(mark.key, at)
    limit = at - room
  }
  const [ry, ly] = [packed, spread(left, (mark) => yAt(mark.upIn), 40)]
  const random = seeded(31)
  const face = girtFaceIn(job.building)
  return (
    <svg
      ref={ref}
      width="100%"
      height="100%"
      role="group"
      aria-label={`Story pole of ${of === pole.name ? 'post ' : 'the '}${pole.name}`}
    >
      <Materials />
      <Note x={4} y={16} size={17} weight={700}>
        {of === pole.name ? 'Story pole, ' : 'Pole, '}
        {pole.name}
      </Note>
      <Note x={width - 8} y={16} size={12.5} anchor="end" fill="var(--ink-3)">
        down from the top
      </Note>
      <rect x={0} y={yAt(0)} width={width} height={Math.max(0, height - yAt(0))} fill="url(#earth)" />
      <clipPath id="pole-clip">
        <rect x={px} y={26} width={pw} height={height} />
      </clipPath>
      <PoleWood px={px} pw={pw} height={height} random={random} />
      <rect x={px} y={26} width={pw} height={height} fill="none" stroke="var(--lumber-4)" strokeWidth={1.4} />
      {pole.side &&
        derived.walls[pole.side].rows
          .filter((row) => row.topIn <= top + 0.01)
          .map((row) => (
            <rect
              key={row.id}
              x={px + pw}
              y={yAt(row.topIn)}
              width={9}
              height={face * scale}
              fill="var(--ochre)"
              stroke="var(--ochre-ink)"
            />
          ))}
      {right.map((mark) => {
        const y = yAt(mark.upIn)
        const ty = (ry.get(mark.key) ?? y) + (mark.kind === 'grade' && room === 25 ? 18 : 0)
        const on = picked.mark === mark.key
        const edge = mark.kind === 'heel' || mark.kind === 'rafter' || mark.kind === 'grade'
        const colour = on ? 'var(--burr)' : COLOUR[mark.kind]
        const lineFrom = () => {
          if (mark.kind === 'grade') return 0
          if (edge) return px - 20
          return px + 14
        }
        return (
          <RightMark
            key={mark.key}
            mark={mark}
            pick={pick}
            lineFrom={lineFrom}
            y={y}
            width={width}
            px={px}
            pw={pw}
            colour={colour}
            edge={edge}
            ty={ty}
            big={big}
            on={on}
          />
        )
      })}
      {left.map((mark) => {
        const y = yAt(mark.upIn)
        const ty = ly.get(mark.key) ?? y
        const fits = Math.max(8, Math.floor((px - 22) / 6.6))
        const name = mark.name.length > fits ? `${mark.name.slice(0, fits - 1)}…` : mark.name
        return (
          <g key={mark.key}>
            <Wax x1={px - 7} y1={y} x2={px + 22} y2={y} color="var(--ink)" width={4} />
            <path d={`M${px - 8} ${y}L${px - 14} ${ty}`} stroke="var(--ink)" fill="none" />
            <Note x={px - 18} y={ty - 8} size={12.5} weight={600} anchor="end" halo="var(--paper)">
              {name}
            </Note>
            <SvgMeasure
              x={px - 18}
              y={ty + 14}
              inches={mark.downIn}
              size={19}
              weight={700}
              anchor="end"
              ground="var(--paper)"
            />
          </g>
        )
      })}
    </svg>
  )
}
