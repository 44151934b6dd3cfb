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
  d: Derived,
): { readonly svg: string; readonly width: number; readonly height: number } {
  const { lengthIn: l, widthIn: w } = d.grid
  const leanIn = (side: string) => job.building.leanTos.find((l) => l.side === side)?.depthIn ?? 0
  const y0 = -leanIn('south')
  const y1 = w + leanIn('north')
  const past = job.strings.runPastIn
  const width = 530
  const s = Math.min((width - 76) / (l + 2 * past), 330 / (y1 - y0 + 2 * past))
  const height = Math.ceil((y1 - y0 + 2 * past) * s + 62)
  const ox = 52 + (width - 76 - (l + 2 * past) * s) / 2
  const X = (x: number) => ox + (x + past) * s
  const Y = (y: number) => 22 + (y1 + past - y) * s
  const body: string[] = []
  for (const g of d.diagonals.filter((q) => q.of === 'strings')) {
    body.push(svgLine(X(g.from.x), Y(g.from.y), X(g.to.x), Y(g.to.y), 'fine'))
    const t = 0.3
    body.push(
      svgText(
        X(g.from.x + (g.to.x - g.from.x) * t),
        Y(g.from.y + (g.to.y - g.from.y) * t) - 5,
        `${g.name}  ${mark(g.lengthIn)}`,
        { size: 11, bold: true, anchor: 'middle' },
      ),
    )
  }
  for (const k of d.strings) {
    const alongX = isEave(k.side)
    body.push(
      alongX
        ? svgLine(X(-past), Y(k.from.y), X(l + past), Y(k.from.y), 'chalk')
        : svgLine(X(k.from.x), Y(y0 - past), X(k.from.x), Y(y1 + past), 'chalk'),
    )
    body.push(
      alongX
        ? svgText(X(-past) - 8, Y(k.from.y) + 5, k.id, { size: 15, bold: true, anchor: 'end' })
        : svgText(X(k.from.x), Y(y0 - past) + 18, k.id, { size: 15, bold: true, anchor: 'middle' }),
    )
  }
  for (const k of d.batterBoards)
    body.push(
      k.across === 'y'
        ? svgRect(X(k.at.x) - 1.5, Y(k.at.y) - 14 * s, 3, 28 * s, '#fff')
        : svgRect(X(k.at.x) - 14 * s, Y(k.at.y) - 1.5, 28 * s, 3, '#fff'),
    )
  for (const p of d.posts) {
    const h = d.holes.find((q) => q.kind === p.kind)
    if (h) body.push(svgCircle(X(p.x), Y(p.y), (h.diameterIn / 2) * s))
    body.push(
      svgRect(
        X(p.x) - Math.max(2, (p.sizeX * s) / 2),
        Y(p.y) - Math.max(2, (p.sizeY * s) / 2),
        Math.max(4, p.sizeX * s),
        Math.max(4, p.sizeY * s),
        '#000',
      ),
    )
    const inward = isEave(p.side) ? (p.side === 'south' ? -1 : 1) : 0
    body.push(
      svgText(
        X(p.x) + (inward ? 0 : p.side === 'west' ? 9 : -9),
        Y(p.y) + (inward === -1 ? -8 : inward === 1 ? 15 : 4),
        p.id,
        { size: 8.5, anchor: inward ? 'middle' : p.side === 'west' ? 'start' : 'end' },
      ),
    )
  }
  for (const o of d.placed) {
    const alongX = isEave(o.opening.side)
    const base =
      o.opening.side === 'south' ? Y(0) : o.opening.side === 'north' ? Y(w) : o.opening.side === 'west' ? X(0) : X(l)
    body.push(
      alongX
        ? svgRect(X(o.fromIn), base - 2.5, (o.toIn - o.fromIn) * s, 5, '#fff', 0.8)
        : svgRect(base - 2.5, Y(o.toIn), 5, (o.toIn - o.fromIn) * s, '#fff', 0.8),
    )
  }
  for (const p of d.omitted) body.push(svgText(X(p.x), Y(p.y) + 4, `no ${p.id}`, { size: 8.5, anchor: 'middle' }))
  body.push(
    svgText(X(l / 2), 13, mark(l), { size: 13, bold: true, anchor: 'middle' }),
    svgText(X(-past) - 26, Y(w / 2), mark(w), { size: 13, bold: true, anchor: 'middle', rotate: -90 }),
  )
  return { svg: svgOf(width, height, body), width, height }
}

/** One post standing in its hole with its marks, numbers beside them: down from the top on the left, up from the grade line on the right. */
export function postSvg(
  job: Job,
  d: Derived,
  card: PostCard,
): { readonly svg: string; readonly width: number; readonly height: number } {
  const [width, height] = [500, 440]
  const b = job.building
  const hole = d.holes.find((h) => h.kind === card.kind)
  const top = card.row.longPointIn
  const depth = hole?.depthIn ?? 48
  const s = (height - 54) / (top + depth)
  const Y = (up: number) => 30 + (top - up) * s
  const [px, pw] = [232, 34]
  const body: string[] = []
  const size = postSize(b.post)
  const pier = b.school === 'pier'
  const scale = pw / size.widthIn
  const reach = hole ? Math.min(78, (hole.diameterIn / 2) * scale * 0.62) : 0
  if (hole) {
    const r = reach
    const mid = px + pw / 2
    body.push(svgRect(mid - r, Y(0), r * 2, depth * s, 'none', 0.7))
    body.push(
      pier
        ? svgRect(mid - r, Y(b.bracketIn), r * 2, (depth + b.bracketIn) * s, '#ddd')
        : svgRect(mid - r, Y(-depth + b.padThicknessIn), r * 2, b.padThicknessIn * s, '#ddd'),
    )
    if (b.school === 'collar')
      body.push(svgRect(mid - r, Y(-hole.embedIn + b.collarHeightIn), r * 2, b.collarHeightIn * s, '#ddd'))
    body.push(
      svgText(
        mid + r + 8,
        Y(-depth) - 3,
        `hole ${formatLength(hole.diameterIn, { feet: false, ascii: true })} across, ${mark(hole.digIn)} deep${hole.gravelIn > 0 ? `, ${formatLength(hole.gravelIn, { feet: false, ascii: true })} of it gravel` : ''}`,
        { size: 11.5, bold: true },
      ),
    )
  }
  body.push(
    svgRect(
      px,
      Y(card.row.longPointIn),
      pw,
      (card.row.longPointIn + (pier ? -b.bracketIn : card.row.embedIn)) * s,
      '#f4f4f4',
      1.3,
    ),
  )
  for (let k = 1; k < size.plies; k++)
    body.push(
      svgLine(
        px + (pw * k) / size.plies,
        Y(top),
        px + (pw * k) / size.plies,
        Y(pier ? b.bracketIn : -card.row.embedIn),
        'fine',
      ),
    )
  let last = -1e9
  for (const m of [...card.marks].sort((p, q) => q.upIn - p.upIn)) {
    const y = Y(m.upIn)
    // The grade line is a wave across the sheet: its words stand under it.
    const ty = Math.max(m.kind === 'grade' ? y + 15 : y, last + 19)
    last = ty
    if (m.kind === 'grade') body.push(svgWave(20, 480, y))
    else if (m.kind === 'heel' || m.kind === 'rafter')
      body.push(svgLine(px - 14, y - 1.6, px + pw + 14, y - 1.6), svgLine(px - 14, y + 1.6, px + pw + 14, y + 1.6))
    else body.push(svgLine(px - 6, y, px + pw + 6, y, m.kind === 'girt' ? 'ochre' : 'plain'))
    if (m.kind !== 'grade')
      body.push(svgLine(px - 8, y, px - 24, ty, 'fine'), svgLine(px + pw + 8, y, px + pw + 24, ty, 'fine'))
    // Beside the hole, not across its edge.
    const [xl, xr] =
      m.kind === 'grade'
        ? [Math.min(px - 28, px + pw / 2 - reach - 6), Math.max(px + pw + 28, px + pw / 2 + reach + 6)]
        : [px - 28, px + pw + 28]
    body.push(
      svgText(xl, ty + 5, mark(m.downIn), { size: 15.5, bold: true, anchor: 'end' }),
      svgText(xr, ty + 5, mark(m.upIn), { size: 15.5, bold: true }),
      svgText(px + pw + 122, ty + 5, m.name, { size: 11.5 }),
      svgText(18, ty + 5, m.name.length > 18 ? `${m.name.slice(0, 17)}.` : m.name, { size: 10 }),
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
  d: Derived,
  side: Side,
): { readonly svg: string; readonly width: number; readonly height: number } {
  const b = job.building
  const wall = d.walls[side]
  const length = wallLengthIn(d.grid, side)
  const peak = isEave(side) ? b.heelIn : rafterHeightIn(b, d.grid.widthIn / 2)
  const width = 530
  const s = Math.min((width - 96) / length, 250 / peak)
  const height = Math.ceil(peak * s + 52)
  const flip = side === 'north' || side === 'west'
  const left = 30 + (width - 96 - length * s) / 2
  const X = (at: number) => left + (flip ? length - at : at) * s
  const Y = (up: number) => 12 + (peak - up) * s
  const face = girtFaceIn(b)
  const box = (from: number, to: number, top: number, h: number, fill: string, w = 0.8) =>
    svgRect(Math.min(X(from), X(to)), Y(top), Math.abs(to - from) * s, h * s, fill, w)
  const body: string[] = []
  for (const p of wallPosts(d.posts, side)) {
    const { atIn, halfIn } = alongWall(p, side)
    body.push(box(atIn - halfIn, atIn + halfIn, p.heightIn, p.heightIn, '#eee'))
    body.push(svgText(X(atIn), Y(0) + 15, p.id, { size: 9.5, bold: true, anchor: 'middle' }))
  }
  for (const r of wall.rows) {
    for (const g of r.segments) body.push(box(g.fromIn, g.toIn, r.topIn, Math.max(face, 2.2 / s), '#bbb', 0.5))
    body.push(
      svgText(Math.min(X(0), X(length)) - 6, Y(r.topIn) + 6, r.id, { size: 9.5, bold: true, anchor: 'end' }),
      svgText(Math.max(X(0), X(length)) + 6, Y(r.topIn) + 6, mark(r.topIn), { size: 10.5, bold: true }),
    )
    if (b.girts.style !== 'between')
      for (const p of wall.pieces.filter((q) => q.row === r.id && q.toIn < length - 1))
        if (r.segments.every((g) => Math.abs(g.toIn - p.toIn) > 1))
          body.push(svgRect(X(p.toIn) - 1, Y(r.topIn) - 1, 2, face * s + 2, '#000', 0.4))
  }
  for (const o of d.placed.filter((q) => q.opening.side === side)) {
    body.push(box(o.fromIn, o.toIn, o.headIn, o.headIn - o.sillIn, '#fff', 1.2))
    body.push(
      svgText(
        X((o.fromIn + o.toIn) / 2),
        Y((o.headIn + o.sillIn) / 2),
        (o.opening.name || OPENING[o.opening.kind]).slice(0, 22),
        { size: 8.5, anchor: 'middle' },
      ),
    )
  }
  body.push(svgWave(6, width - 6, Y(0)))
  return { svg: svgOf(width, height, body), width, height }
}
