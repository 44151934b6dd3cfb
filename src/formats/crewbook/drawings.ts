import type { PostCard, ShownDerived as Derived } from '@/core/derive'
import { alongWall, girtFaceIn, isEave, rafterHeightIn, wallLengthIn, wallPosts } from '@/core/layout'
import type { Job, Side } from '@/core/model'
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
    body.push(svgLine(xAt(diagonal.from.x), yAt(diagonal.from.y), xAt(diagonal.to.x), yAt(diagonal.to.y), 'fine'))
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
        ? svgLine(xAt(-past), yAt(stringLine.from.y), xAt(lengthIn + past), yAt(stringLine.from.y), 'chalk')
        : svgLine(xAt(stringLine.from.x), yAt(y0 - past), xAt(stringLine.from.x), yAt(y1 + past), 'chalk'),
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
        ? svgRect(xAt(batterBoard.at.x) - 1.5, yAt(batterBoard.at.y) - 14 * scale, 3, 28 * scale, '#fff')
        : svgRect(xAt(batterBoard.at.x) - 14 * scale, yAt(batterBoard.at.y) - 1.5, 28 * scale, 3, '#fff'),
    )
  for (const post of derived.posts) {
    const hole = derived.holes.find((hole) => hole.kind === post.kind)
    if (hole) body.push(svgCircle(xAt(post.x), yAt(post.y), (hole.diameterIn / 2) * scale))
    body.push(
      svgRect(
        xAt(post.x) - Math.max(2, (post.sizeX * scale) / 2),
        yAt(post.y) - Math.max(2, (post.sizeY * scale) / 2),
        Math.max(4, post.sizeX * scale),
        Math.max(4, post.sizeY * scale),
        '#000',
      ),
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
        ? svgRect(xAt(placed.fromIn), base - 2.5, (placed.toIn - placed.fromIn) * scale, 5, '#fff', 0.8)
        : svgRect(base - 2.5, yAt(placed.toIn), 5, (placed.toIn - placed.fromIn) * scale, '#fff', 0.8),
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
    const wide = reach
    const mid = px + pw / 2
    body.push(svgRect(mid - wide, yAt(0), wide * 2, depth * pxPerIn, 'none', 0.7))
    body.push(
      pier
        ? svgRect(mid - wide, yAt(building.bracketIn), wide * 2, (depth + building.bracketIn) * pxPerIn, '#ddd')
        : svgRect(
            mid - wide,
            yAt(-depth + building.padThicknessIn),
            wide * 2,
            building.padThicknessIn * pxPerIn,
            '#ddd',
          ),
    )
    if (building.school === 'collar')
      body.push(
        svgRect(
          mid - wide,
          yAt(-hole.embedIn + building.collarHeightIn),
          wide * 2,
          building.collarHeightIn * pxPerIn,
          '#ddd',
        ),
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
  body.push(
    svgRect(
      px,
      yAt(card.row.longPointIn),
      pw,
      (card.row.longPointIn + (pier ? -building.bracketIn : card.row.embedIn)) * pxPerIn,
      '#f4f4f4',
      1.3,
    ),
  )
  for (let k = 1; k < size.plies; k++)
    body.push(
      svgLine(
        px + (pw * k) / size.plies,
        yAt(top),
        px + (pw * k) / size.plies,
        yAt(pier ? building.bracketIn : -card.row.embedIn),
        'fine',
      ),
    )
  let last = -1e9
  for (const poleMark of [...card.marks].sort((one, other) => other.upIn - one.upIn)) {
    const y = yAt(poleMark.upIn)
    // The grade line is a wave across the sheet: its words stand under it.
    const ty = Math.max(poleMark.kind === 'grade' ? y + 15 : y, last + 19)
    last = ty
    if (poleMark.kind === 'grade') body.push(svgWave(20, 480, y))
    else if (poleMark.kind === 'heel' || poleMark.kind === 'rafter')
      body.push(svgLine(px - 14, y - 1.6, px + pw + 14, y - 1.6), svgLine(px - 14, y + 1.6, px + pw + 14, y + 1.6))
    else body.push(svgLine(px - 6, y, px + pw + 6, y, poleMark.kind === 'girt' ? 'ochre' : 'plain'))
    if (poleMark.kind !== 'grade')
      body.push(svgLine(px - 8, y, px - 24, ty, 'fine'), svgLine(px + pw + 8, y, px + pw + 24, ty, 'fine'))
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
  const box = (from: number, to: number, top: number, high: number, fill: string, stroke = 0.8) =>
    svgRect(Math.min(xAt(from), xAt(to)), yAt(top), Math.abs(to - from) * scale, high * scale, fill, stroke)
  const body: string[] = []
  for (const post of wallPosts(derived.posts, side)) {
    const { atIn, halfIn } = alongWall(post, side)
    body.push(box(atIn - halfIn, atIn + halfIn, post.heightIn, post.heightIn, '#eee'))
    body.push(svgText(xAt(atIn), yAt(0) + 15, post.id, { size: 9.5, bold: true, anchor: 'middle' }))
  }
  for (const row of wall.rows) {
    for (const segment of row.segments)
      body.push(box(segment.fromIn, segment.toIn, row.topIn, Math.max(face, 2.2 / scale), '#bbb', 0.5))
    body.push(
      svgText(Math.min(xAt(0), xAt(length)) - 6, yAt(row.topIn) + 6, row.id, { size: 9.5, bold: true, anchor: 'end' }),
      svgText(Math.max(xAt(0), xAt(length)) + 6, yAt(row.topIn) + 6, mark(row.topIn), { size: 10.5, bold: true }),
    )
    if (building.girts.style !== 'between')
      for (const piece of wall.pieces.filter((piece) => piece.row === row.id && piece.toIn < length - 1))
        if (row.segments.every((segment) => Math.abs(segment.toIn - piece.toIn) > 1))
          body.push(svgRect(xAt(piece.toIn) - 1, yAt(row.topIn) - 1, 2, face * scale + 2, '#000', 0.4))
  }
  for (const placed of derived.placed.filter((placed) => placed.opening.side === side)) {
    body.push(box(placed.fromIn, placed.toIn, placed.headIn, placed.headIn - placed.sillIn, '#fff', 1.2))
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
