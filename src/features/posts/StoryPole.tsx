'use client'
import { type Pole, poleOf } from '@/core/drawn'
import { girtFaceOnIn } from '@/core/layout'
import type { PoleMark } from '@/core/marks'
import type { Side } from '@/core/model'
import { SAME_IN } from '@/core/units'
import { SvgMeasure, toTenth } from '@/ui'
import { CrowFoot, Materials, Note, seeded, useSize, Wax } from '../drawing'
import { useDoc, useJob } from '../job'

const COLOR = {
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

/** The pole as drawn: its own place, and where each mark and its words stand, px. */
interface PoleDrawing {
  readonly width: number
  readonly height: number
  /** Left edge of the stick, and its width. */
  readonly left: number
  readonly across: number
  readonly scale: number
  readonly yAt: (upIn: number) => number
  readonly marks: readonly PoleMark[]
  readonly openings: readonly PoleMark[]
  /** Height of the words of a mark, by its key. */
  readonly wordsY: ReadonlyMap<string, number>
  readonly textSize: number
  /** Whether every mark has room at full size. */
  readonly roomy: boolean
}

/** Room of one mark at full size, and of one opening's mark, px. */
const MARK_ROOM = 25
const OPENING_ROOM = 40

/** Lays out a pole in a drawing of `width` by `height`; its words are spread so that none touch. */
function poleDrawing(pole: Pick<Pole, 'marks' | 'topIn'>, width: number, height: number): PoleDrawing {
  const scale = (height - 92) / (pole.topIn + 14)
  const yAt = (upIn: number) => 46 + (pole.topIn - upIn) * scale
  const isOpening = (mark: PoleMark) => mark.kind === 'sill' || mark.kind === 'head'
  const marks = pole.marks.filter((mark) => !isOpening(mark))
  const openings = pole.marks.filter(isOpening)
  // A pole for many posts holds more marks than have room at full size.
  const room = Math.max(12, Math.min(MARK_ROOM, (height - 56) / Math.max(1, marks.length)))
  const lowest = height - 10 - room * 0.2
  const packed = spread(marks, (mark) => Math.min(yAt(mark.upIn), lowest), room)
  // What would run off the foot pushes those above it up again.
  let limit = lowest
  for (const mark of [...marks].sort((one, other) => (packed.get(other.key) ?? 0) - (packed.get(one.key) ?? 0))) {
    const at = Math.min(packed.get(mark.key) ?? 0, limit)
    packed.set(mark.key, at)
    limit = at - room
  }
  return {
    width,
    height,
    left: width * (pole.marks.length > 14 || width < 360 ? 0.34 : 0.42),
    across: 44,
    scale,
    yAt,
    marks,
    openings,
    wordsY: new Map([...packed, ...spread(openings, (mark) => yAt(mark.upIn), OPENING_ROOM)]),
    textSize: Math.min(20, room * 0.86),
    roomy: room === MARK_ROOM,
  }
}

/** The stick with its grain. */
function PoleWood({ drawing: { left, across, height } }: { readonly drawing: PoleDrawing }) {
  const random = seeded(31)
  return (
    <>
      <clipPath id="pole-clip">
        <rect x={left} y={26} width={across} height={height} />
      </clipPath>
      <g clipPath="url(#pole-clip)">
        <rect x={left} y={26} width={across} height={height} fill="url(#wood)" />
        {Array.from({ length: 9 }, (_, i) => {
          let grain = `M${left + 3 + i * 4.8} ${height}`
          for (let y = height; y > 10; y -= 62)
            grain += `q${toTenth((random() - 0.5) * 6)} -31 ${toTenth((random() - 0.5) * 1.6)} -62`
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
      <rect x={left} y={26} width={across} height={height} fill="none" stroke="var(--lumber-4)" strokeWidth={1.4} />
    </>
  )
}

/** A name cut to what there is room for. */
const cutTo = (name: string, letters: number): string =>
  name.length > letters ? `${name.slice(0, letters - 1)}…` : name

/** Where the line of a mark begins: across the whole drawing, beside the stick, or on it. */
function lineFrom(mark: PoleMark, left: number): number {
  if (mark.kind === 'grade') return 0
  return mark.kind === 'heel' || mark.kind === 'rafter' ? left - 20 : left + 14
}

/** A mark on the right of the pole, with its name and height. */
function RightMark({ drawing, mark }: { readonly drawing: PoleDrawing; readonly mark: PoleMark }) {
  const on = useJob((state) => state.picked.mark === mark.key)
  const pick = useJob((state) => state.pick)
  const { left, across, width, textSize } = drawing
  const right = left + across
  const grade = mark.kind === 'grade'
  const edge = grade || mark.kind === 'heel' || mark.kind === 'rafter'
  const color = on ? 'var(--burr)' : COLOR[mark.kind]
  const halo = grade ? '#E2D8C3' : 'var(--paper)'
  const y = drawing.yAt(mark.upIn)
  const wordsY = (drawing.wordsY.get(mark.key) ?? y) + (grade && drawing.roomy ? 18 : 0)
  return (
    <g onClick={() => pick({ mark: mark.key, row: mark.row ?? null })} style={{ cursor: 'pointer' }}>
      <Wax
        x1={lineFrom(mark, left)}
        y1={y}
        x2={grade ? width : right + 14}
        y2={y}
        color={color}
        width={edge ? 5.5 : 4}
      />
      <CrowFoot x={right - 12} y={y} facing="right" size={8} color={color} width={2.6} />
      {!grade && Math.abs(wordsY - y) > 2 && (
        <path d={`M${right + 14} ${y}L${right + 24} ${wordsY}`} stroke={color} fill="none" />
      )}
      <Note
        x={right + 28}
        y={wordsY + 5}
        size={Math.min(mark.name.length > 14 ? 11.5 : 13.5, textSize)}
        weight={600}
        fill={on ? 'var(--burr-deep)' : TEXT[mark.kind]}
        halo={halo}
      >
        {cutTo(mark.name, 17)}
        <title>{mark.name}</title>
      </Note>
      <SvgMeasure
        x={width - 8}
        y={wordsY + 7}
        inches={mark.downIn}
        size={textSize}
        weight={700}
        anchor="end"
        ground={halo}
        fill={on ? 'var(--burr-deep)' : 'var(--ink)'}
      />
    </g>
  )
}

/** A sill or head on the left of the pole. */
function OpeningMark({ drawing, mark }: { readonly drawing: PoleDrawing; readonly mark: PoleMark }) {
  const { left } = drawing
  const y = drawing.yAt(mark.upIn)
  const wordsY = drawing.wordsY.get(mark.key) ?? y
  return (
    <g>
      <Wax x1={left - 7} y1={y} x2={left + 22} y2={y} color="var(--ink)" width={4} />
      <path d={`M${left - 8} ${y}L${left - 14} ${wordsY}`} stroke="var(--ink)" fill="none" />
      <Note x={left - 18} y={wordsY - 8} size={12.5} weight={600} anchor="end" halo="var(--paper)">
        {cutTo(mark.name, Math.max(8, Math.floor((left - 22) / 6.6)))}
      </Note>
      <SvgMeasure
        x={left - 18}
        y={wordsY + 14}
        inches={mark.downIn}
        size={19}
        weight={700}
        anchor="end"
        ground="var(--paper)"
      />
    </g>
  )
}

/** The girts of a wall as blocks on the face of the pole. */
function GirtBlocks({
  drawing,
  side,
  topIn,
}: {
  readonly drawing: PoleDrawing
  readonly side: Side
  readonly topIn: number
}) {
  const { job, derived } = useDoc()
  const faceIn = girtFaceOnIn(job.building, side)
  return derived.walls[side].rows
    .filter((row) => row.topIn <= topIn + SAME_IN)
    .map((row) => (
      <rect
        key={row.id}
        x={drawing.left + drawing.across}
        y={drawing.yAt(row.topIn)}
        width={9}
        height={faceIn * drawing.scale}
        fill="var(--ochre)"
        stroke="var(--ochre-ink)"
      />
    ))
}

/**
 * A story pole to scale: one post's, its wall's or the building's. Marks down from its top and up from the grade line,
 * girts as blocks.
 */
export function StoryPole({ of }: { readonly of: string }) {
  const { job, derived } = useDoc()
  const [ref, size] = useSize<SVGSVGElement>()
  const pole = poleOf(derived, job.building.heelIn, of)
  if (!pole) return null
  const [width, height] = [size.width || 380, size.height || 600]
  const drawing = poleDrawing(pole, width, height)
  const groundY = drawing.yAt(0)
  return (
    <svg
      ref={ref}
      width="100%"
      height="100%"
      role="group"
      aria-label={`Story pole of ${pole.of === 'post' ? 'post ' : 'the '}${pole.name}`}
    >
      <Materials />
      <Note x={4} y={16} size={17} weight={700}>
        {pole.of === 'post' ? 'Story pole, ' : 'Pole, '}
        {pole.name}
      </Note>
      <Note x={width - 8} y={16} size={12.5} anchor="end" fill="var(--ink-3)">
        down from the top
      </Note>
      <rect x={0} y={groundY} width={width} height={Math.max(0, height - groundY)} fill="url(#earth)" />
      <PoleWood drawing={drawing} />
      {pole.side && <GirtBlocks drawing={drawing} side={pole.side} topIn={pole.topIn} />}
      {drawing.marks.map((mark) => (
        <RightMark key={mark.key} drawing={drawing} mark={mark} />
      ))}
      {drawing.openings.map((mark) => (
        <OpeningMark key={mark.key} drawing={drawing} mark={mark} />
      ))}
    </svg>
  )
}
