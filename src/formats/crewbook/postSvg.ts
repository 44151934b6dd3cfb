import type { PostCard } from '@/core/derive'
import type { ShownDerived as Derived } from '../shown'
import type { HoleKind } from '@/core/frame'
import type { PoleMark } from '@/core/marks'
import type { Building, Job } from '@/core/model'
import { cutText } from '@/core/result'
import { HALF_MARK_IN } from '@/core/units'
import { postSize } from '@/core/wood'
import { inches, mark } from './paper'
import { svgLine, svgOf, svgRect, svgText, svgWave } from './svg'

/** The hole in section: its sides, its pad or pier, the collar, and how it is dug. */
function holeStrokes({
  reach,
  px,
  pw,
  body,
  yAt,
  depth,
  pxPerIn,
  pier,
  building,
  hole,
}: {
  readonly reach: number
  readonly px: number
  readonly pw: number
  readonly body: string[]
  readonly yAt: (up: number) => number
  readonly depth: number
  readonly pxPerIn: number
  readonly pier: boolean
  readonly building: Building
  readonly hole: HoleKind
}) {
  const wide = reach
  const mid = px + pw / 2
  body.push(svgRect({ x: mid - wide, y: yAt(0), wide: wide * 2, high: depth * pxPerIn, fill: 'none', width: 0.7 }))
  body.push(
    pier
      ? svgRect({
          x: mid - wide,
          y: yAt(building.bracketIn),
          wide: wide * 2,
          high: (depth + building.bracketIn) * pxPerIn,
          fill: '#ddd',
        })
      : svgRect({
          x: mid - wide,
          y: yAt(-depth + building.padThicknessIn),
          wide: wide * 2,
          high: building.padThicknessIn * pxPerIn,
          fill: '#ddd',
        }),
  )
  if (building.school === 'collar')
    body.push(
      svgRect({
        x: mid - wide,
        y: yAt(-hole.embedIn + building.collarHeightIn),
        wide: wide * 2,
        high: building.collarHeightIn * pxPerIn,
        fill: '#ddd',
      }),
    )
  const words = [
    `hole ${inches(hole.diameterIn)} across, ${mark(hole.digIn)} deep`,
    ...(hole.gravelIn > 0 ? [`${inches(hole.gravelIn)} of it gravel`] : []),
  ]
  // The last line stands at the bottom that is dug.
  words.forEach((line, i) =>
    body.push(
      svgText(mid + wide + 8, yAt(-depth) - 3 - (words.length - 1 - i) * HOLE_LINE, line, { size: 11.5, bold: true }),
    ),
  )
}

/** From line to line of what is said of a hole, points. */
const HOLE_LINE = 14

/** The strokes of one mark: a wave for the grade line, a double line for the heel, and a leader to its words. */
function markStrokes(
  kind: PoleMark['kind'],
  { px, pw, y, ty }: { readonly px: number; readonly pw: number; readonly y: number; readonly ty: number },
): string[] {
  if (kind === 'grade') return [svgWave(20, 480, y)]
  const leaders = [
    svgLine({ x1: px - 8, y1: y, x2: px - 24, y2: ty, kind: 'fine' }),
    svgLine({ x1: px + pw + 8, y1: y, x2: px + pw + 24, y2: ty, kind: 'fine' }),
  ]
  if (kind === 'heel' || kind === 'rafter')
    return [
      svgLine({ x1: px - 14, y1: y - 1.6, x2: px + pw + 14, y2: y - 1.6 }),
      svgLine({ x1: px - 14, y1: y + 1.6, x2: px + pw + 14, y2: y + 1.6 }),
      ...leaders,
    ]
  return [svgLine({ x1: px - 6, y1: y, x2: px + pw + 6, y2: y, kind: kind === 'girt' ? 'ochre' : 'plain' }), ...leaders]
}

/** Height of a line of marks, of a row of the list under the drawing, and of the drawing, points. */
const LINE_PT = 18
const ROW_PT = 20
const LOWEST_PT = 440
const HIGHEST_PT = 540

/** The marks of a post from its top down; the top is one of them where it stands over what it carries. */
function withTop(marks: readonly PoleMark[], topIn: number): readonly CardMark[] {
  const sorted: readonly CardMark[] = [...marks].sort((one, other) => other.upIn - one.upIn)
  const over = sorted.every(({ upIn }) => topIn - upIn > HALF_MARK_IN)
  return over ? [{ name: 'top of the post', kind: 'sill', upIn: topIn, face: null }, ...sorted] : sorted
}
type CardMark = Pick<PoleMark, 'name' | 'kind' | 'upIn' | 'face'>

/** A mark's name; on a corner post with the wall that it is for. */
const nameOn = ({ name, face }: CardMark, { wallNames }: Derived): string =>
  face === null ? name : `${name}, ${wallNames[face].replace(' wall', '').toLowerCase()}`

/**
 * One post standing in its hole with its marks, numbers beside them: down from the top on the left, up from the grade
 * line on the right.
 */
export function postSvg(
  job: Job,
  derived: Derived,
  card: PostCard,
): { readonly svg: string; readonly width: number; readonly height: number } {
  const width = 500
  const building = job.building
  const hole = derived.holes.find((hole) => hole.kind === card.kind)
  const top = card.row.topUpIn
  const depth = hole?.depthIn ?? 48
  const marks = withTop(card.marks, top)
  // Marks stand above the ground, each on a line of its own: many of them need a taller drawing.
  const wanted = ((marks.length + 1) * LINE_PT * (top + depth)) / top + 54
  const height = Math.round(Math.max(LOWEST_PT, Math.min(HIGHEST_PT - ROW_PT * card.posts.length, wanted)))
  const pxPerIn = (height - 54) / (top + depth)
  const yAt = (up: number) => 30 + (top - up) * pxPerIn
  const [px, pw] = [232, 34]
  const body: string[] = []
  const size = postSize(building.post)
  const pier = building.school === 'pier'
  const scale = pw / size.widthIn
  const reach = hole ? Math.min(78, (hole.diameterIn / 2) * scale * 0.62) : 0
  if (hole) {
    holeStrokes({ reach, px, pw, body, yAt, depth, pxPerIn, pier, building, hole })
  }
  body.push(
    svgRect({
      x: px,
      y: yAt(card.row.topUpIn),
      wide: pw,
      high: (card.row.topUpIn + (pier ? -building.bracketIn : card.row.embedIn)) * pxPerIn,
      fill: '#f4f4f4',
      width: 1.3,
    }),
  )
  for (let k = 1; k < size.plies; k++)
    body.push(
      svgLine({
        x1: px + (pw * k) / size.plies,
        y1: yAt(top),
        x2: px + (pw * k) / size.plies,
        y2: yAt(pier ? building.bracketIn : -card.row.embedIn),
        kind: 'fine',
      }),
    )
  let last = -1e9
  for (const poleMark of marks) {
    const y = yAt(poleMark.upIn)
    // The grade line is a wave across the sheet: its words stand under it.
    const ty = Math.max(poleMark.kind === 'grade' ? y + 15 : y, last + LINE_PT)
    last = ty
    body.push(...markStrokes(poleMark.kind, { px, pw, y, ty }))
    // Beside the hole, not across its edge.
    const [xl, xr] =
      poleMark.kind === 'grade'
        ? [Math.min(px - 28, px + pw / 2 - reach - 6), Math.max(px + pw + 28, px + pw / 2 + reach + 6)]
        : [px - 28, px + pw + 28]
    body.push(
      svgText(xl, ty + 5, mark(top - poleMark.upIn), { size: 15.5, bold: true, anchor: 'end' }),
      svgText(xr, ty + 5, mark(poleMark.upIn), { size: 15.5, bold: true }),
      svgText(px + pw + 122, ty + 5, nameOn(poleMark, derived), { size: 11.5 }),
      svgText(18, ty + 5, cutText(nameOn(poleMark, derived), 20), { size: 10 }),
    )
  }
  body.push(
    svgText(px - 28, 11, 'down from the top', { size: 10, anchor: 'end' }),
    svgText(px + pw + 28, 11, 'up from the grade line', { size: 10 }),
  )
  return { svg: svgOf(width, height, body), width, height }
}
