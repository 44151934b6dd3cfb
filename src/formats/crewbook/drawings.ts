import type { PostCard, ShownDerived as Derived, HoleKind } from '@/core/derive'
import { alongWall, girtFaceIn, isEave, rafterHeightIn, wallLengthIn, wallPosts } from '@/core/layout'
import type { Building, Job, Side } from '@/core/model'
import { formatLength } from '@/core/units'
import { postSize } from '@/core/wood'
import { OPENING } from '../words'
import { svgCircle, svgLine, svgOf, svgRect, svgText, svgWave } from './svg'
import { mark } from './paper'

/** Plan for the strings sheet: strings run past, posts, holes, doors, diagonals, names. */
export function planSvg(
  job: Job,
  derived: Derived,
): { readonly svg: string; readonly width: number; readonly height: number } {
  const { lengthIn, widthIn } = derived.grid
  const leanIn = (side: string) => job.building.leanTos.find((leanTo) => leanTo.side === side)?.depthIn ?? 0
  const y0 = -leanIn('south')
  const y1 = widthIn + leanIn('north')
  const past = job.strings.runPastIn
  const width = 530
  const scale = Math.min((width - 76) / (lengthIn + 2 * past), 330 / (y1 - y0 + 2 * past))
  const height = Math.ceil((y1 - y0 + 2 * past) * scale + 62)
  const ox = 52 + (width - 76 - (lengthIn + 2 * past) * scale) / 2
  const xAt = (x: number) => ox + (x + past) * scale
  const yAt = (y: number) => 22 + (y1 + past - y) * scale
  const body: string[] = []
  for (const diagonal of derived.diagonals.filter((diagonal) => diagonal.of === 'strings')) {
    body.push(
      svgLine({
        x1: xAt(diagonal.from.x),
        y1: yAt(diagonal.from.y),
        x2: xAt(diagonal.to.x),
        y2: yAt(diagonal.to.y),
        kind: 'fine',
      }),
    )
    const tick = 0.3
    body.push(
      svgText(
        xAt(diagonal.from.x + (diagonal.to.x - diagonal.from.x) * tick),
        yAt(diagonal.from.y + (diagonal.to.y - diagonal.from.y) * tick) - 5,
        `${diagonal.name}  ${mark(diagonal.lengthIn)}`,
        { size: 11, bold: true, anchor: 'middle' },
      ),
    )
  }
  for (const stringLine of derived.strings) {
    const alongX = isEave(stringLine.side)
    body.push(
      alongX
        ? svgLine({
            x1: xAt(-past),
            y1: yAt(stringLine.from.y),
            x2: xAt(lengthIn + past),
            y2: yAt(stringLine.from.y),
            kind: 'chalk',
          })
        : svgLine({
            x1: xAt(stringLine.from.x),
            y1: yAt(y0 - past),
            x2: xAt(stringLine.from.x),
            y2: yAt(y1 + past),
            kind: 'chalk',
          }),
    )
    body.push(
      alongX
        ? svgText(xAt(-past) - 8, yAt(stringLine.from.y) + 5, stringLine.id, { size: 15, bold: true, anchor: 'end' })
        : svgText(xAt(stringLine.from.x), yAt(y0 - past) + 18, stringLine.id, {
            size: 15,
            bold: true,
            anchor: 'middle',
          }),
    )
  }
  for (const batterBoard of derived.batterBoards)
    body.push(
      batterBoard.across === 'y'
        ? svgRect({
            x: xAt(batterBoard.at.x) - 1.5,
            y: yAt(batterBoard.at.y) - 14 * scale,
            wide: 3,
            high: 28 * scale,
            fill: '#fff',
          })
        : svgRect({
            x: xAt(batterBoard.at.x) - 14 * scale,
            y: yAt(batterBoard.at.y) - 1.5,
            wide: 28 * scale,
            high: 3,
            fill: '#fff',
          }),
    )
  for (const post of derived.posts) {
    const hole = derived.holes.find((hole) => hole.kind === post.kind)
    if (hole) body.push(svgCircle(xAt(post.x), yAt(post.y), (hole.diameterIn / 2) * scale))
    body.push(
      svgRect({
        x: xAt(post.x) - Math.max(2, (post.sizeX * scale) / 2),
        y: yAt(post.y) - Math.max(2, (post.sizeY * scale) / 2),
        wide: Math.max(4, post.sizeX * scale),
        high: Math.max(4, post.sizeY * scale),
        fill: '#000',
      }),
    )
    const inwardOf = () => {
      if (!isEave(post.side)) return 0
      if (post.side === 'south') return -1
      return 1
    }
    const inward = inwardOf()
    const anchorOf = () => {
      if (inward) return 'middle'
      if (post.side === 'west') return 'start'
      return 'end'
    }
    const noteY = () => {
      if (inward === -1) return -8
      if (inward === 1) return 15
      return 4
    }
    const noteX = () => {
      if (inward) return 0
      if (post.side === 'west') return 9
      return -9
    }
    body.push(svgText(xAt(post.x) + noteX(), yAt(post.y) + noteY(), post.id, { size: 8.5, anchor: anchorOf() }))
  }
  for (const placed of derived.placed) {
    const alongX = isEave(placed.opening.side)
    const baseOf = () => {
      if (placed.opening.side === 'south') return yAt(0)
      if (placed.opening.side === 'north') return yAt(widthIn)
      if (placed.opening.side === 'west') return xAt(0)
      return xAt(lengthIn)
    }
    const base = baseOf()
    body.push(
      alongX
        ? svgRect({
            x: xAt(placed.fromIn),
            y: base - 2.5,
            wide: (placed.toIn - placed.fromIn) * scale,
            high: 5,
            fill: '#fff',
            width: 0.8,
          })
        : svgRect({
            x: base - 2.5,
            y: yAt(placed.toIn),
            wide: 5,
            high: (placed.toIn - placed.fromIn) * scale,
            fill: '#fff',
            width: 0.8,
          }),
    )
  }
  for (const omitted of derived.omitted)
    body.push(svgText(xAt(omitted.x), yAt(omitted.y) + 4, `no ${omitted.id}`, { size: 8.5, anchor: 'middle' }))
  body.push(
    svgText(xAt(lengthIn / 2), 13, mark(lengthIn), { size: 13, bold: true, anchor: 'middle' }),
    svgText(xAt(-past) - 26, yAt(widthIn / 2), mark(widthIn), { size: 13, bold: true, anchor: 'middle', rotate: -90 }),
  )
  return { svg: svgOf(width, height, body), width, height }
}

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
  body.push(
    svgText(
      mid + wide + 8,
      yAt(-depth) - 3,
      `hole ${formatLength(hole.diameterIn, { feet: false, ascii: true })} across, ${mark(hole.digIn)} ` +
        ('deep' +
          `${hole.gravelIn > 0 ? `, ${formatLength(hole.gravelIn, { feet: false, ascii: true })} of it gravel` : ''}`),
      { size: 11.5, bold: true },
    ),
  )
}

/**
 * One post standing in its hole with its marks, numbers beside them: down from the top on the left, up from the grade
 * line on the right.
 */
export function postSvg(
  job: Job,
  derived: Derived,
  card: PostCard,
): { readonly svg: string; readonly width: number; readonly height: number } {
  const [width, height] = [500, 440]
  const building = job.building
  const hole = derived.holes.find((hole) => hole.kind === card.kind)
  const top = card.row.longPointIn
  const depth = hole?.depthIn ?? 48
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
      y: yAt(card.row.longPointIn),
      wide: pw,
      high: (card.row.longPointIn + (pier ? -building.bracketIn : card.row.embedIn)) * pxPerIn,
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
  for (const poleMark of [...card.marks].sort((one, other) => other.upIn - one.upIn)) {
    const y = yAt(poleMark.upIn)
    // The grade line is a wave across the sheet: its words stand under it.
    const ty = Math.max(poleMark.kind === 'grade' ? y + 15 : y, last + 19)
    last = ty
    if (poleMark.kind === 'grade') body.push(svgWave(20, 480, y))
    else if (poleMark.kind === 'heel' || poleMark.kind === 'rafter')
      body.push(
        svgLine({ x1: px - 14, y1: y - 1.6, x2: px + pw + 14, y2: y - 1.6 }),
        svgLine({ x1: px - 14, y1: y + 1.6, x2: px + pw + 14, y2: y + 1.6 }),
      )
    else
      body.push(
        svgLine({ x1: px - 6, y1: y, x2: px + pw + 6, y2: y, kind: poleMark.kind === 'girt' ? 'ochre' : 'plain' }),
      )
    if (poleMark.kind !== 'grade')
      body.push(
        svgLine({ x1: px - 8, y1: y, x2: px - 24, y2: ty, kind: 'fine' }),
        svgLine({ x1: px + pw + 8, y1: y, x2: px + pw + 24, y2: ty, kind: 'fine' }),
      )
    // Beside the hole, not across its edge.
    const [xl, xr] =
      poleMark.kind === 'grade'
        ? [Math.min(px - 28, px + pw / 2 - reach - 6), Math.max(px + pw + 28, px + pw / 2 + reach + 6)]
        : [px - 28, px + pw + 28]
    body.push(
      svgText(xl, ty + 5, mark(poleMark.downIn), { size: 15.5, bold: true, anchor: 'end' }),
      svgText(xr, ty + 5, mark(poleMark.upIn), { size: 15.5, bold: true }),
      svgText(px + pw + 122, ty + 5, poleMark.name, { size: 11.5 }),
      svgText(18, ty + 5, poleMark.name.length > 18 ? `${poleMark.name.slice(0, 17)}.` : poleMark.name, { size: 10 }),
    )
  }
  body.push(
    svgText(px - 28, 11, 'down from the top', { size: 10, anchor: 'end' }),
    svgText(px + pw + 28, 11, 'up from the grade line', { size: 10 }),
  )
  return { svg: svgOf(width, height, body), width, height }
}

/** One wall from outside with its girt rows, splices and openings. */
export function wallSvg(
  job: Job,
  derived: Derived,
  side: Side,
): { readonly svg: string; readonly width: number; readonly height: number } {
  const building = job.building
  const wall = derived.walls[side]
  const length = wallLengthIn(derived.grid, side)
  const peak = isEave(side) ? building.heelIn : rafterHeightIn(building, derived.grid.widthIn / 2)
  const width = 530
  const scale = Math.min((width - 96) / length, 250 / peak)
  const height = Math.ceil(peak * scale + 52)
  const flip = side === 'north' || side === 'west'
  const left = 30 + (width - 96 - length * scale) / 2
  const xAt = (at: number) => left + (flip ? length - at : at) * scale
  const yAt = (up: number) => 12 + (peak - up) * scale
  const face = girtFaceIn(building)
  const box = ({
    from,
    to,
    top,
    high,
    fill,
    stroke = 0.8,
  }: {
    from: number
    to: number
    top: number
    high: number
    fill: string
    stroke?: number
  }) =>
    svgRect({
      x: Math.min(xAt(from), xAt(to)),
      y: yAt(top),
      wide: Math.abs(to - from) * scale,
      high: high * scale,
      fill,
      width: stroke,
    })
  const body: string[] = []
  for (const post of wallPosts(derived.posts, side)) {
    const { atIn, halfIn } = alongWall(post, side)
    body.push(box({ from: atIn - halfIn, to: atIn + halfIn, top: post.heightIn, high: post.heightIn, fill: '#eee' }))
    body.push(svgText(xAt(atIn), yAt(0) + 15, post.id, { size: 9.5, bold: true, anchor: 'middle' }))
  }
  for (const row of wall.rows) {
    for (const segment of row.segments)
      body.push(
        box({
          from: segment.fromIn,
          to: segment.toIn,
          top: row.topIn,
          high: Math.max(face, 2.2 / scale),
          fill: '#bbb',
          stroke: 0.5,
        }),
      )
    body.push(
      svgText(Math.min(xAt(0), xAt(length)) - 6, yAt(row.topIn) + 6, row.id, { size: 9.5, bold: true, anchor: 'end' }),
      svgText(Math.max(xAt(0), xAt(length)) + 6, yAt(row.topIn) + 6, mark(row.topIn), { size: 10.5, bold: true }),
    )
    if (building.girts.style !== 'between')
      for (const piece of wall.pieces.filter((piece) => piece.row === row.id && piece.toIn < length - 1))
        if (row.segments.every((segment) => Math.abs(segment.toIn - piece.toIn) > 1))
          body.push(
            svgRect({
              x: xAt(piece.toIn) - 1,
              y: yAt(row.topIn) - 1,
              wide: 2,
              high: face * scale + 2,
              fill: '#000',
              width: 0.4,
            }),
          )
  }
  for (const placed of derived.placed.filter((placed) => placed.opening.side === side)) {
    body.push(
      box({
        from: placed.fromIn,
        to: placed.toIn,
        top: placed.headIn,
        high: placed.headIn - placed.sillIn,
        fill: '#fff',
        stroke: 1.2,
      }),
    )
    body.push(
      svgText(
        xAt((placed.fromIn + placed.toIn) / 2),
        yAt((placed.headIn + placed.sillIn) / 2),
        (placed.opening.name || OPENING[placed.opening.kind]).slice(0, 22),
        { size: 8.5, anchor: 'middle' },
      ),
    )
  }
  body.push(svgWave(6, width - 6, yAt(0)))
  return { svg: svgOf(width, height, body), width, height }
}
