'use client'
import { memo } from 'react'
import { SvgMeasure } from '@/ui'
import { Note } from '../drawing'
import { BLADE_H, BLADE_Y, CASE } from './tapeSizes'

/** The window of the tape's case over the mark. */
function CaseWindow({
  wx,
  wy,
  ww,
  wh,
  ticks,
  xAt,
  keepRight,
  mid,
}: {
  readonly wx: number
  readonly wy: number
  readonly ww: number
  readonly wh: number
  readonly ticks: number[]
  readonly xAt: (i: number) => number
  readonly keepRight: boolean
  readonly mid: number
}) {
  return (
    <g clipPath="url(#tape-window)">
      <rect x={wx} y={wy} width={ww} height={wh} fill="url(#blade)" />
      {ticks.map((tick) => {
        const tickHeight = () => {
          if (tick % 16 === 0) return 30
          if (tick % 8 === 0) return 22
          if (tick % 4 === 0) return 16.5
          if (tick % 2 === 0) return 11.5
          return 7
        }
        const tall = tickHeight()
        return (
          <line
            key={tick}
            x1={xAt(tick / 16)}
            x2={xAt(tick / 16)}
            y1={wy}
            y2={wy + tall}
            stroke="var(--ink)"
            strokeWidth={tick % 16 === 0 ? 2 : 1.1}
          />
        )
      })}
      {ticks
        .filter((tick) => tick % 16 === 0)
        .map((tick) => {
          const i = tick / 16
          const foot = i % 12 === 0
          return foot ? (
            <g key={tick}>
              <rect
                x={keepRight ? xAt(i) + 3 : xAt(i) - 37}
                y={wy + 31}
                width={34}
                height={17}
                rx={2}
                fill="var(--ink)"
              />
              <Note
                x={keepRight ? xAt(i) + 20 : xAt(i) - 20}
                y={wy + 44.5}
                size={14}
                weight={750}
                anchor="middle"
                fill="#fff"
              >
                {i / 12}′
              </Note>
            </g>
          ) : (
            <Note
              key={tick}
              x={xAt(i) + (keepRight ? 5 : -5)}
              y={wy + 45}
              size={15}
              weight={700}
              anchor={keepRight ? 'start' : 'end'}
            >
              {i % 12}
            </Note>
          )
        })}
      <rect x={mid - 1.5} y={wy} width={3} height={wh} fill="var(--burr)" />
      <path
        d={`M${mid - 9} ${wy + wh}L${mid} ${wy + wh - 17}L${mid + 9} ${wy + wh}`}
        fill="none"
        stroke="var(--burr)"
        strokeWidth={3.5}
      />
    </g>
  )
}

/** The dark case at the right: the chosen mark large, and the blade round it magnified to sixteenths. */
export const Case = memo(function Case({
  x,
  name,
  sub,
  atIn,
  onNext,
  height,
}: {
  readonly x: number
  readonly name: string | undefined
  readonly sub: string
  readonly atIn: number
  readonly onNext: () => void
  readonly height: number
}) {
  const [wx, ww, wy, wh, ppi] = [x + 26, CASE - 40, 46, 50, 60]
  const mid = wx + ww / 2
  const at = Math.abs(atIn)
  const xAt = (i: number) => mid + (i - at) * ppi
  const ticks = Array.from(
    { length: Math.ceil((ww / ppi) * 16) + 3 },
    (_, k) => Math.floor((at - ww / ppi / 2) * 16) - 1 + k,
  ).filter((k) => k >= 0)
  const keepRight = at - Math.floor(at) > 0.5
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
          <Note x={wx} y={20} size={14} weight={650} fill="#fff">
            {name}
          </Note>
          <Note x={wx} y={37} size={12} fill="#D3DADA">
            {sub.slice(0, 30)}
          </Note>
          <SvgMeasure x={x + CASE - 14} y={34} inches={atIn} size={28} weight={750} anchor="end" fill="#fff" />
          <clipPath id="tape-window">
            <rect x={wx} y={wy} width={ww} height={wh} />
          </clipPath>
          <CaseWindow wx={wx} wy={wy} ww={ww} wh={wh} ticks={ticks} xAt={xAt} keepRight={keepRight} mid={mid} />
          <rect x={wx} y={wy} width={ww} height={wh} fill="none" stroke="#8B9799" />
          <Note x={wx} y={118} size={12} fill="#D3DADA">
            {(atIn < 0 ? 'behind the hook, ' : '') + 'read to the sixteenth'}
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
