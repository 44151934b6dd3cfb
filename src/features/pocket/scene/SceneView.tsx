import type { ReactNode } from 'react'
import { allWords, measureLine, type Placed, placed, TYPE, type Words } from './place'
import type { Point, Scene, Shape } from './shapes'

const pathOf = (points: readonly Point[], at: Placed['at']): string =>
  points.map((point, k) => `${k === 0 ? 'M' : 'L'}${at(point).join(' ')}`).join('')

/** A dimension: its line between two ticks, and thin lines from what it measures. */
function MeasureLines({
  shape,
  at,
}: {
  readonly shape: Extract<Shape, { kind: 'measure' }>
  readonly at: Placed['at']
}) {
  const { from, to, a, b, normal } = measureLine(shape, at)
  const tick = ([x, y]: Point) => `M${x - normal[0] * 5} ${y - normal[1] * 5}L${x + normal[0] * 5} ${y + normal[1] * 5}`
  return (
    <>
      {Math.abs(shape.offPx) > 6 && (
        <path className="reach" d={`M${from.join(' ')}L${a.join(' ')}M${to.join(' ')}L${b.join(' ')}`} />
      )}
      <path className="measured" d={`M${a.join(' ')}L${b.join(' ')}${tick(a)}${tick(b)}`} />
    </>
  )
}

function Written({ words }: { readonly words: Words }) {
  const { x, y, text, strong, anchor, turn } = words
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      fontSize={strong ? TYPE.strong : TYPE.plain}
      fontWeight={strong ? 700 : 400}
      transform={turn ? `rotate(${turn} ${x} ${y})` : undefined}
    >
      {text}
    </text>
  )
}

function Drawn({
  shape,
  paper,
  dotPx = 4,
}: {
  readonly shape: Shape
  readonly paper: Placed
  readonly dotPx?: number
}) {
  const { at, scale } = paper
  switch (shape.kind) {
    case 'area':
      return <path className={`of-${shape.tone}`} d={`${pathOf(shape.points, at)}Z`} />
    case 'line':
      return <path className={`as-${shape.stroke}`} d={pathOf(shape.points, at)} />
    case 'dot': {
      const [cx, cy] = at(shape.at)
      const radius = shape.radiusIn === undefined ? dotPx : shape.radiusIn * scale
      return <circle className={`of-${shape.tone ?? 'ink'}`} cx={cx} cy={cy} r={radius} />
    }
    case 'mark': {
      const [x, y] = at(shape.at)
      const top = y - shape.upPx
      return <path className="crow" d={`M${x} ${y}L${x - 5} ${top}M${x} ${y}L${x + 5} ${top}M${x} ${y}V${top}`} />
    }
    case 'measure':
      return <MeasureLines shape={shape} at={at} />
    case 'text':
      return null
  }
}

/** A scene as a drawing to scale, with a name for those who do not see it. Without `label` it is only for the eye. */
export function SceneView({
  scene,
  label,
  widthPx = 400,
  mostHeightPx = 250,
}: {
  readonly scene: Scene
  readonly label: string
  readonly widthPx?: number
  readonly mostHeightPx?: number
}): ReactNode {
  const paper = placed(scene, widthPx, mostHeightPx)
  return (
    <svg className="scene" viewBox={`0 0 ${paper.widthPx} ${paper.heightPx}`} role="img" aria-label={label}>
      {scene.map((shape, k) => (
        <Drawn key={k} shape={shape} paper={paper} />
      ))}
      {allWords(scene, paper.at).map((words, k) => (
        <Written key={k} words={words} />
      ))}
    </svg>
  )
}

/** The same as a small picture: what is there, without numbers. */
export function SceneThumb({ scene }: { readonly scene: Scene }) {
  const bare = scene.filter((shape) => shape.kind === 'area' || shape.kind === 'line' || shape.kind === 'dot')
  const paper = placed(bare, 96, 34, true)
  return (
    <svg className="thumb" viewBox={`0 0 96 ${paper.heightPx}`} aria-hidden>
      {bare.map((shape, k) => (
        <Drawn key={k} shape={shape} paper={paper} dotPx={2} />
      ))}
    </svg>
  )
}
