import { runsOf } from './faces'

const UNSAFE = /[&<>"'\u0000-\u0008\u000b\u000c\u000e-\u001f]/g
const SAFE: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' }

/** Text made safe inside SVG: a name can hold anything a person types. Control characters are left out. */
export const escapeXml = (text: string): string => text.replace(UNSAFE, (unsafe) => SAFE[unsafe] ?? '')

/** Faces of a drawing: the shipped one where it is at hand, plain ones elsewhere. */
const FACES = 'Atkinson, Helvetica, Arial, sans-serif'

const short = (value: number): string => (Math.round(value * 100) / 100).toString()

/** Line kinds of the paper book, so that a grey printer still tells them apart. */
export type LineKind = 'plain' | 'chalk' | 'keel' | 'ochre' | 'fine' | 'hair' | 'hidden'
const STROKE: Readonly<Record<LineKind, string>> = {
  plain: 'stroke-width="1.2"',
  chalk: 'stroke-width="1.1" stroke-dasharray="11 4"',
  keel: 'stroke-width="2.4"',
  ochre: 'stroke-width="3"',
  fine: 'stroke-width="0.6" stroke-dasharray="2 3"',
  hair: 'stroke-width="0.4"',
  hidden: 'stroke-width="0.7" stroke-dasharray="4 3"',
}

export const svgLine = ({
  x1,
  y1,
  x2,
  y2,
  kind = 'plain',
  width,
}: {
  x1: number
  y1: number
  x2: number
  y2: number
  kind?: LineKind
  /** Of a plain line, points. */
  width?: number
}): string =>
  `<line x1="${short(x1)}" y1="${short(y1)}" x2="${short(x2)}" y2="${short(y2)}" stroke="#000" ` +
  `${width === undefined ? STROKE[kind] : `stroke-width="${width}" stroke-linecap="round"`}/>`
export const svgRect = ({
  x,
  y,
  wide,
  high,
  fill = 'none',
  width = 1,
}: {
  x: number
  y: number
  wide: number
  high: number
  fill?: string
  width?: number
}): string =>
  `<rect x="${short(x)}" y="${short(y)}" width="${short(Math.max(0, wide))}" ` +
  `height="${short(Math.max(0, high))}" fill="${fill}" stroke="#000" stroke-width="${width}"/>`
export const svgCircle = (x: number, y: number, radius: number): string =>
  `<circle cx="${short(x)}" cy="${short(y)}" r="${short(radius)}" fill="none" stroke="#000" stroke-width="0.6" ` +
  'stroke-dasharray="2 2"/>'
/** Letters of a text, those of other faces named. */
const lettersOf = (text: string): string =>
  runsOf(text)
    .map((run) =>
      run.face === 'Atkinson'
        ? escapeXml(run.text)
        : `<tspan font-family="${run.face}, sans-serif">${escapeXml(run.text)}</tspan>`,
    )
    .join('')

export const svgText = (
  x: number,
  y: number,
  text: string,
  options: {
    readonly size?: number
    readonly bold?: boolean
    readonly anchor?: 'start' | 'middle' | 'end'
    readonly rotate?: number
  } = {},
): string => {
  const { size = 10, bold = false, anchor = 'start', rotate = 0 } = options
  const left = short(x)
  const base = short(y)
  const weight = bold ? ' font-weight="bold"' : ''
  const anchored = anchor === 'start' ? '' : ` text-anchor="${anchor}"`
  const turned = rotate ? ` transform="rotate(${short(rotate)} ${left} ${base})"` : ''
  return `<text x="${left}" y="${base}" font-size="${size}"${weight}${anchored}${turned}>${lettersOf(text)}</text>`
}

/** How an area is filled and edged. */
export interface AreaKind {
  readonly fill: string
  readonly width: number
  readonly dash?: string
}

/** A closed outline. */
export function svgPolygon(points: readonly (readonly [number, number])[], { fill, width, dash }: AreaKind): string {
  const at = points.map(([x, y]) => `${short(x)},${short(y)}`).join(' ')
  const dashed = dash ? ` stroke-dasharray="${dash}"` : ''
  const edge = width > 0 ? ` stroke="#000" stroke-width="${width}"${dashed}` : ''
  return `<polygon points="${at}" fill="${fill}"${edge}/>`
}

/** Width of text so large, points, as far as a drawing needs it. */
export const textWide = (text: string, size: number): number => text.length * size * 0.52

/** Bold letters are so much wider. */
const BOLD_WIDER = 1.13

/** The size, wanted or smaller, at which text stays within its room, points: none of it is cut off. */
export const fittedSize = (text: string, wanted: number, room: number, bold = false): number =>
  Math.min(wanted, (wanted * room) / (textWide(text, wanted) * (bold ? BOLD_WIDER : 1)))

/** The wavy line of the grade. */
export function svgWave(x1: number, x2: number, y: number): string {
  let path = `M${short(x1)} ${short(y)}`
  for (let x = x1; x < x2; x += 8) path += `q2 -2.4 4 0t4 0`
  return `<path d="${path}" fill="none" stroke="#000" stroke-width="1.6"/>`
}

/** A part of a drawing, moved to its place. */
export const svgMoved = (strokes: readonly string[], x: number, y: number): string =>
  `<g transform="translate(${short(x)} ${short(y)})">${strokes.join('')}</g>`

/** Closes a drawing. */
export const svgOf = (width: number, height: number, body: readonly string[]): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ` +
  `${height}" font-family="${FACES}">${body.join('')}</svg>`
