import { degrees } from '@/core/units'
import { memo } from 'react'
import { isEave, type batterBoards, type Diagonal, type StringLine } from '@/core/layout'
import { SvgMeasure } from '@/ui'
import { ChalkLine, Note } from '../strokes'
import type { Viewport } from '../useViewport'

type Boards = ReturnType<typeof batterBoards>

/** Diagonals of the strings with their lengths along them. */
export const DiagonalsLayer = memo(function DiagonalsLayer({
  viewport,
  diagonals,
}: {
  readonly viewport: Viewport
  readonly diagonals: readonly Diagonal[]
}) {
  const { X: xAt, Y: yAt } = viewport
  return (
    <g pointerEvents="none">
      {diagonals
        .filter((diagonal) => diagonal.of === 'strings')
        .map((diagonal, i) => {
          const angle = degrees(
            Math.atan2(yAt(diagonal.to.y) - yAt(diagonal.from.y), xAt(diagonal.to.x) - xAt(diagonal.from.x)),
          )
          const readable = () => {
            if (angle > 90) return angle - 180
            if (angle < -90) return angle + 180
            return angle
          }
          const turn = readable()
          const tick = 0.26
          const [mx, my] = [
            xAt(diagonal.from.x + (diagonal.to.x - diagonal.from.x) * tick),
            yAt(diagonal.from.y + (diagonal.to.y - diagonal.from.y) * tick),
          ]
          return (
            <g key={i}>
              <ChalkLine
                x1={xAt(diagonal.from.x)}
                y1={yAt(diagonal.from.y)}
                x2={xAt(diagonal.to.x)}
                y2={yAt(diagonal.to.y)}
                color="var(--chalk)"
                width={1.5}
                seed={i + 3}
              />
              <g transform={`rotate(${turn} ${mx} ${my})`}>
                <rect x={mx - 82} y={my - 15} width={166} height={30} fill="var(--sheet)" />
                <Note x={mx - 76} y={my + 6} size={14} weight={650} fill="var(--chalk-ink)">
                  {diagonal.name}
                </Note>
                <SvgMeasure
                  x={mx - 18}
                  y={my + 7}
                  inches={diagonal.lengthIn}
                  size={20}
                  weight={700}
                  fill="var(--chalk-ink)"
                />
              </g>
            </g>
          )
        })}
    </g>
  )
})

/** The strings with their batter boards; x0 to y1: how far they run, inches. */
export const StringsLayer = memo(function StringsLayer({
  viewport,
  strings,
  boards,
  picked,
  x0,
  x1,
  y0,
  y1,
}: {
  readonly viewport: Viewport
  readonly strings: readonly StringLine[]
  readonly boards: Boards
  readonly picked: string
  readonly x0: number
  readonly x1: number
  readonly y0: number
  readonly y1: number
}) {
  const { X: xAt, Y: yAt } = viewport
  return (
    <g pointerEvents="none">
      {strings.map((stringLine, i) => {
        const alongX = isEave(stringLine.side)
        const on = stringLine.id === picked
        const ends = alongX
          ? { x1: xAt(x0), y1: yAt(stringLine.from.y), x2: xAt(x1), y2: yAt(stringLine.from.y) }
          : { x1: xAt(stringLine.from.x), y1: yAt(y0), x2: xAt(stringLine.from.x), y2: yAt(y1) }
        return (
          <g key={stringLine.id}>
            {on && <line {...ends} stroke="var(--burr)" strokeWidth={13} opacity={0.2} />}
            <ChalkLine {...ends} color="var(--chalk)" width={2.1} seed={i + 11} />
          </g>
        )
      })}
      {boards.map((board, i) => {
        const half = 18 * viewport.view.scale
        const [x, y] = [xAt(board.at.x), yAt(board.at.y)]
        return board.across === 'y' ? (
          <g key={i}>
            <rect
              x={x - 2.5}
              y={y - half}
              width={5}
              height={half * 2}
              fill="var(--lumber-2)"
              stroke="var(--lumber-4)"
            />
            <rect x={x - 5} y={y - half + 1} width={4} height={4} fill="var(--lumber-4)" />
            <rect x={x - 5} y={y + half - 5} width={4} height={4} fill="var(--lumber-4)" />
          </g>
        ) : (
          <g key={i}>
            <rect
              x={x - half}
              y={y - 2.5}
              width={half * 2}
              height={5}
              fill="var(--lumber-2)"
              stroke="var(--lumber-4)"
            />
            <rect x={x - half + 1} y={y + 1} width={4} height={4} fill="var(--lumber-4)" />
            <rect x={x + half - 5} y={y + 1} width={4} height={4} fill="var(--lumber-4)" />
          </g>
        )
      })}
    </g>
  )
})
