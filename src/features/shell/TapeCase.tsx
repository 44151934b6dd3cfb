'use client'
import { memo } from 'react'
import { NEGLIGIBLE } from '@/core/units'
import { SvgMeasure } from '@/ui'
import { Note } from '../drawing'
import type { TapeScale } from './tapeScales'
import { BLADE_H, BLADE_Y, CASE } from './tapeSizes'

/** What stands out of a tick: the tallest kind that it belongs to. */
const tallOf = (units: number, ticks: TapeScale['ticks']): number =>
  (ticks.find(([every]) => isMultiple(units, every)) ?? ticks[ticks.length - 1])[1]

const isMultiple = (units: number, every: number): boolean =>
  Math.abs(units / every - Math.round(units / every)) < NEGLIGIBLE

/** Where the window lies, px. */
interface WindowBox {
  readonly x: number
  readonly y: number
  readonly wide: number
  readonly high: number
}

/** A number of the magnified blade: on a dark ground where it stands out, beside its tick elsewhere. */
function CloseNumber({
  units,
  x,
  y,
  keepRight,
  close,
}: {
  readonly units: number
  readonly x: number
  readonly y: number
  readonly keepRight: boolean
  readonly close: TapeScale['close']
}) {
  if (!isMultiple(units, close.strong))
    return (
      <Note x={x + (keepRight ? 5 : -5)} y={y + 45} size={15} weight={700} anchor={keepRight ? 'start' : 'end'}>
        {close.fineText(units)}
      </Note>
    )
  const text = close.strongText(units)
  const wide = Math.max(34, 10 + text.length * 9)
  return (
    <g>
      <rect x={keepRight ? x + 3 : x - wide - 3} y={y + 31} width={wide} height={17} rx={2} fill="var(--ink)" />
      <Note
        x={keepRight ? x + 3 + wide / 2 : x - 3 - wide / 2}
        y={y + 44.5}
        size={14}
        weight={750}
        anchor="middle"
        fill="#fff"
      >
        {text}
      </Note>
    </g>
  )
}

/** The window of the tape's case over the mark: the blade round it, magnified. */
function CaseWindow({
  box,
  atIn,
  scale,
}: {
  readonly box: WindowBox
  readonly atIn: number
  readonly scale: TapeScale
}) {
  const { x, y, wide, high } = box
  const { close } = scale
  const at = atIn / scale.unitIn
  const mid = x + wide / 2
  const half = wide / close.pxPerUnit / 2
  const xAt = (units: number) => mid + (units - at) * close.pxPerUnit
  const first = Math.max(0, Math.floor((at - half) / close.finest) - 1)
  const count = Math.ceil((2 * half) / close.finest) + 3
  const ticks = Array.from({ length: count }, (_, k) => (first + k) * close.finest)
  const keepRight = at / close.fine - Math.floor(at / close.fine) > 0.5
  return (
    <g clipPath="url(#tape-window)">
      <rect x={x} y={y} width={wide} height={high} fill="url(#blade)" />
      {ticks.map((units) => (
        <line
          key={units}
          x1={xAt(units)}
          x2={xAt(units)}
          y1={y}
          y2={y + tallOf(units, close.ticks)}
          stroke="var(--ink)"
          strokeWidth={isMultiple(units, close.fine) ? 2 : 1.1}
        />
      ))}
      {ticks
        .filter((units) => isMultiple(units, close.fine))
        .map((units) => (
          <CloseNumber key={units} units={units} x={xAt(units)} y={y} keepRight={keepRight} close={close} />
        ))}
      <rect x={mid - 1.5} y={y} width={3} height={high} fill="var(--burr)" />
      <path
        d={`M${mid - 9} ${y + high}L${mid} ${y + high - 17}L${mid + 9} ${y + high}`}
        fill="none"
        stroke="var(--burr)"
        strokeWidth={3.5}
      />
    </g>
  )
}

/** The dark case at the right: the chosen mark large, and the blade round it magnified. */
export const Case = memo(function Case({
  x,
  name,
  sub,
  atIn,
  onNext,
  height,
  scale,
}: {
  readonly x: number
  readonly name: string | undefined
  readonly sub: string
  readonly atIn: number
  readonly onNext: () => void
  readonly height: number
  readonly scale: TapeScale
}) {
  const box: WindowBox = { x: x + 26, y: 46, wide: CASE - 40, high: 50 }
  return (
    <g>
      <path
        d={
          `M${x + 14} 0H${x + CASE}V${height}H${x + 14}V${BLADE_Y + BLADE_H + 10}L${x} ` +
          `${BLADE_Y + BLADE_H + 4}V${BLADE_Y - 4}L${x + 14} ${BLADE_Y - 10}Z`
        }
        fill="var(--ink)"
      />
      {name !== undefined && (
        <>
          <Note x={box.x} y={20} size={14} weight={650} fill="#fff">
            {name}
          </Note>
          <Note x={box.x} y={37} size={12} fill="#D3DADA">
            {sub.slice(0, 30)}
          </Note>
          <SvgMeasure x={x + CASE - 14} y={34} inches={atIn} size={28} weight={750} anchor="end" fill="#fff" />
          <clipPath id="tape-window">
            <rect x={box.x} y={box.y} width={box.wide} height={box.high} />
          </clipPath>
          <CaseWindow box={box} atIn={Math.abs(atIn)} scale={scale} />
          <rect x={box.x} y={box.y} width={box.wide} height={box.high} fill="none" stroke="#8B9799" />
          <Note x={box.x} y={118} size={12} fill="#D3DADA">
            {(atIn < 0 ? 'behind the hook, ' : '') + scale.close.read}
          </Note>
          <g
            role="button"
            tabIndex={0}
            aria-label="Next mark"
            onClick={onNext}
            onKeyDown={(event) => {
              if (event.key === 'Enter' || event.key === ' ') {
                event.preventDefault()
                onNext()
              }
            }}
            style={{ cursor: 'pointer' }}
          >
            <rect x={x + CASE - 122} y={102} width={107} height={25} rx={4} fill="transparent" stroke="#8B9799" />
            <Note x={x + CASE - 68.5} y={119} size={12.5} weight={600} fill="#fff" anchor="middle">
              next mark
            </Note>
          </g>
        </>
      )}
    </g>
  )
})
