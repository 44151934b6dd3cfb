import type { ShownDerived as Derived } from '@/core/derive'
import { alongWall, girtFaceIn, isEave, rafterHeightIn, wallLengthIn, wallPosts } from '@/core/layout'
import type { Job, Side } from '@/core/model'
import { OPENING } from '../words'
import { mark } from './paper'
import { svgCircle, svgLine, svgOf, svgRect, svgText, svgWave } from './svg'

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
