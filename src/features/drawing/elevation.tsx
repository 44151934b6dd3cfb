import { Note, Wax } from './strokes'
import type { Viewport } from './useViewport'

/** A wall or eave drawn from outside: where a place along it and a height above the grade line lie on the screen. */
export interface Elevation {
  readonly lengthIn: number
  readonly scale: number
  /** Width of the drawing, px. */ readonly widthPx: number
  readonly leftPx: number
  readonly rightPx: number
  readonly xAt: (alongIn: number) => number
  readonly yAt: (upIn: number) => number
  /** Left edge and width of what runs from one place along to another. */
  readonly box: (fromIn: number, toIn: number) => { readonly x: number; readonly width: number }
}

/** From outside, the low corner of some walls is at the right: those are drawn flipped. */
export function elevationOf(viewport: Viewport, lengthIn: number, flip: boolean, widthPx: number): Elevation {
  const { scale } = viewport.view
  const xAt = (alongIn: number) => viewport.X(flip ? lengthIn - alongIn : alongIn)
  return {
    lengthIn,
    scale,
    widthPx: widthPx || 900,
    leftPx: Math.min(xAt(0), xAt(lengthIn)),
    rightPx: Math.max(xAt(0), xAt(lengthIn)),
    xAt,
    yAt: viewport.Y,
    box: (fromIn, toIn) => ({ x: Math.min(xAt(fromIn), xAt(toIn)), width: Math.abs(toIn - fromIn) * scale }),
  }
}

/** The earth under the grade line. */
export const Earth = ({ drawn }: { readonly drawn: Elevation }) => (
  <rect x={-2000} y={drawn.yAt(0)} width={8000} height={2000} fill="url(#earth)" pointerEvents="none" />
)

/** The grade line, in wax, past both ends. */
export const GradeLine = ({ drawn }: { readonly drawn: Elevation }) => (
  <Wax x1={-40} y1={drawn.yAt(0)} x2={drawn.widthPx + 40} y2={drawn.yAt(0)} color="var(--grade)" width={5} />
)

/** The heel line along an eave; `name` writes it at its end. */
export const HeelLine = ({
  drawn,
  heelIn,
  name = null,
}: {
  readonly drawn: Elevation
  readonly heelIn: number
  readonly name?: string | null
}) => (
  <g pointerEvents="none">
    <line
      x1={drawn.leftPx - 8}
      x2={drawn.rightPx + 8}
      y1={drawn.yAt(heelIn)}
      y2={drawn.yAt(heelIn)}
      stroke="var(--keel)"
      strokeWidth={2.3}
    />
    {name && (
      <Note x={drawn.rightPx + 12} y={drawn.yAt(heelIn) + 5} size={12.5} weight={600} fill="var(--keel-ink)">
        {name}
      </Note>
    )}
  </g>
)
