import type { Derived } from '@/core/derive'
import { plannedFootIn } from '@/core/field'
import { concreteIn, type FrameRow, type HoleKind } from '@/core/frame'
import { isEave, rafterHeightIn, wallLengthIn } from '@/core/layout'
import { type Job, SIDES, type Side } from '@/core/model'
import { item, sig } from '@/core/result'
import { about, IN_PER_FT } from '@/core/units'
import type { Block } from '../crewbook'
import { mark } from '../crewbook/paper'
import { svgLine, svgOf, svgRect, svgText, svgWave } from '../crewbook/svg'
import { OPENING } from '../words'

const WIDTH = 519
const SIDE_ROOM = 60

/** A drawing as a block of a sheet. */
const drawn = (height: number, alt: string, body: readonly string[]): Block => ({
  kind: 'svg',
  svg: svgOf(WIDTH, height, body),
  width: WIDTH,
  height,
  alt,
})

/** A plan on paper: where a point of it lies, and its scale. */
interface OnPaper {
  readonly scale: number
  readonly height: number
  readonly xAt: (xIn: number) => number
  readonly yAt: (yIn: number) => number
}

/** Lean-tos included; `mostHigh` the greatest height that the plan itself takes, points. */
function onPaper(job: Job, { grid }: Derived, mostHigh: number): OnPaper {
  const leanIn = (side: Side) => job.building.leanTos.find((leanTo) => leanTo.side === side)?.depthIn ?? 0
  const [low, high] = [-leanIn('south'), grid.widthIn + leanIn('north')]
  const scale = Math.min((WIDTH - 2 * SIDE_ROOM) / grid.lengthIn, mostHigh / (high - low))
  const left = (WIDTH - grid.lengthIn * scale) / 2
  return {
    scale,
    height: (high - low) * scale + 62,
    xAt: (xIn) => left + xIn * scale,
    yAt: (yIn) => 30 + (high - yIn) * scale,
  }
}

/** The line of a wall from its low corner. */
function wallLine({ grid }: Derived, side: Side, { xAt, yAt }: OnPaper) {
  const at = {
    south: { x1: xAt(0), y1: yAt(0), x2: xAt(grid.lengthIn), y2: yAt(0) },
    north: { x1: xAt(0), y1: yAt(grid.widthIn), x2: xAt(grid.lengthIn), y2: yAt(grid.widthIn) },
    west: { x1: xAt(0), y1: yAt(0), x2: xAt(0), y2: yAt(grid.widthIn) },
    east: { x1: xAt(grid.lengthIn), y1: yAt(0), x2: xAt(grid.lengthIn), y2: yAt(grid.widthIn) },
  }
  return at[side]
}

const SMALLEST_POST = 3.5

type Point = Pick<Derived['posts'][number], 'x' | 'y' | 'name'>

/** Posts with their names, walls, openings, and the edges of the wind's end zones. */
export function keyPlan(job: Job, derived: Derived): Block {
  const paper = onPaper(job, derived, 205)
  const { xAt, yAt, scale } = paper
  const { grid, posts, placed, omitted, site } = derived
  const walls = SIDES.map((side) =>
    svgLine({ ...wallLine(derived, side, paper), kind: job.building.openSides.includes(side) ? 'fine' : 'plain' }),
  )
  const openings = placed.map(({ opening, fromIn, toIn }) => {
    const line = wallLine(derived, opening.side, paper)
    const [from, to] = isEave(opening.side) ? [xAt(fromIn), xAt(toIn)] : [yAt(toIn), yAt(fromIn)]
    return isEave(opening.side)
      ? svgRect({ x: from, y: line.y1 - 2.5, wide: to - from, high: 5, fill: '#fff', width: 0.8 })
      : svgRect({ x: line.x1 - 2.5, y: from, wide: 5, high: to - from, fill: '#fff', width: 0.8 })
  })
  const marks = posts.flatMap((post) => {
    const { x, y, sizeX, sizeY } = post
    const [wide, high] = [Math.max(SMALLEST_POST, sizeX * scale), Math.max(SMALLEST_POST, sizeY * scale)]
    return [
      svgRect({ x: xAt(x) - wide / 2, y: yAt(y) - high / 2, wide, high, fill: '#000' }),
      postName(post, grid, paper),
    ]
  })
  const missing = omitted.map(({ x, y, name }) =>
    svgText(xAt(x), yAt(y) + (y > grid.widthIn / 2 ? 12 : -6), `no ${name}`, { size: 7, anchor: 'middle' }),
  )
  const edgeIn = (site?.edgeZoneFt ?? 0) * IN_PER_FT
  const zones =
    edgeIn > 0
      ? [edgeIn, grid.lengthIn - edgeIn].map((x) =>
          svgLine({ x1: xAt(x), y1: yAt(0), x2: xAt(x), y2: yAt(grid.widthIn), kind: 'fine' }),
        )
      : []
  const across = [edgeIn, grid.widthIn - edgeIn].map((y) =>
    svgLine({ x1: xAt(0), y1: yAt(y), x2: xAt(grid.lengthIn), y2: yAt(y), kind: 'fine' }),
  )
  return drawn(paper.height, 'Key plan with the names of posts and walls', [
    ...zones,
    ...(edgeIn > 0 ? across : []),
    ...walls,
    ...openings,
    ...marks,
    ...missing,
    svgText(xAt(grid.lengthIn / 2), 12, mark(grid.lengthIn), { size: 11, bold: true, anchor: 'middle' }),
    svgText(18, yAt(grid.widthIn / 2), mark(grid.widthIn), { size: 11, bold: true, anchor: 'middle', rotate: -90 }),
    ...SIDES.map((side) => wallName(derived, side, paper)),
    ...(edgeIn > 0 ? [svgText(xAt(edgeIn) + 3, yAt(0) - edgeIn * scale - 4, `a = ${mark(edgeIn)}`, { size: 8 })] : []),
  ])
}

/** The name of a post outside the wall that it stands in: beside it in a gable wall, above or below it elsewhere. */
function postName({ x, y, name }: Point, { lengthIn, widthIn }: Derived['grid'], { xAt, yAt }: OnPaper): string {
  const options = { size: 8, bold: true } as const
  const inGable = y > IN_PER_FT && y < widthIn - IN_PER_FT
  if (inGable && x < lengthIn / 2) return svgText(xAt(x) - 6, yAt(y) + 3, name, { ...options, anchor: 'end' })
  if (inGable) return svgText(xAt(x) + 6, yAt(y) + 3, name, options)
  return svgText(xAt(x), yAt(y) + (y > widthIn / 2 ? -6 : 13), name, { ...options, anchor: 'middle' })
}

function wallName(derived: Derived, side: Side, { xAt, yAt, scale }: OnPaper): string {
  const { grid, wallNames, site } = derived
  const inside = (site?.edgeZoneFt ?? 0) * IN_PER_FT * scale + 12
  const middle = { x: grid.lengthIn / 2, y: grid.widthIn / 2 }
  const options = { size: 9, anchor: 'middle' } as const
  switch (side) {
    case 'south':
      return svgText(xAt(middle.x), yAt(0) - inside, wallNames.south, options)
    case 'north':
      return svgText(xAt(middle.x), yAt(grid.widthIn) + inside + 4, wallNames.north, options)
    case 'west':
      return svgText(xAt(0) + inside, yAt(middle.y), wallNames.west, { ...options, rotate: -90 })
    case 'east':
      return svgText(xAt(grid.lengthIn) - inside, yAt(middle.y), wallNames.east, { ...options, rotate: -90 })
  }
}

/** Section across the ridge: posts from their foot to the heel, the roof, lean-tos, and its heights. */
export function section(job: Job, derived: Derived): Block {
  const { building } = job
  const { grid, holes } = derived
  const eave = holes.find((hole) => hole.kind === 'eave') ?? item(holes, 0)
  const outer = holes.find((hole) => hole.kind === 'lean-to') ?? eave
  const deepestIn = Math.max(eave.depthIn, outer.depthIn)
  const ridgeIn = rafterHeightIn(building, grid.widthIn / 2)
  const lean = building.leanTos
  const leanIn = (side: Side) => lean.find((leanTo) => leanTo.side === side)?.depthIn ?? 0
  const allIn = grid.widthIn + leanIn('south') + leanIn('north')
  const scale = Math.min((WIDTH - 190) / allIn, 150 / (ridgeIn + deepestIn))
  const left = 70 + (WIDTH - 190 - allIn * scale) / 2 + leanIn('south') * scale
  const xAt = (yIn: number) => left + yIn * scale
  const yAt = (upIn: number) => 14 + (ridgeIn - upIn) * scale
  const line = (x1: number, up1: number, x2: number, up2: number) =>
    svgLine({ x1: xAt(x1), y1: yAt(up1), x2: xAt(x2), y2: yAt(up2) })
  const half = grid.widthIn / 2
  const post = (yIn: number, topIn: number, hole: HoleKind) => [
    svgRect({
      x: xAt(yIn) - 2,
      y: yAt(topIn),
      wide: 4,
      high: (topIn + plannedFootIn(job, [hole], hole.kind)) * scale,
      fill: '#ddd',
    }),
    ...concreteIn(building, hole).map(([fromIn, toIn]) =>
      svgRect({
        x: xAt(yIn) - (hole.diameterIn / 2) * scale,
        y: yAt(-fromIn),
        wide: hole.diameterIn * scale,
        high: (toIn - fromIn) * scale,
        fill: '#bbb',
      }),
    ),
  ]
  const leanTos = lean.flatMap((leanTo) => {
    const topIn = building.heelIn - leanTo.dropIn
    const outIn = topIn - (leanTo.depthIn * leanTo.pitchPer12) / 12
    const [wall, edge] = leanTo.side === 'south' ? [0, -leanTo.depthIn] : [grid.widthIn, grid.widthIn + leanTo.depthIn]
    return [line(wall, topIn, edge, outIn), ...post(edge, outIn, outer)]
  })
  const heights = [
    ['ridge', ridgeIn],
    ['heel', building.heelIn],
    ['grade line', 0],
    ['hole bottom', -eave.depthIn],
  ] as const
  const height = yAt(-deepestIn) + 24
  const rightmost = xAt(grid.widthIn + leanIn('north'))
  return drawn(height, 'Section across the ridge with its heights', [
    ...post(0, building.heelIn, eave),
    ...post(grid.widthIn, building.heelIn, eave),
    line(0, building.heelIn, half, ridgeIn),
    line(half, ridgeIn, grid.widthIn, building.heelIn),
    line(0, building.heelIn, grid.widthIn, building.heelIn),
    ...leanTos,
    svgWave(xAt(-leanIn('south')) - 20, xAt(grid.widthIn + leanIn('north')) + 20, yAt(0)),
    ...heights.flatMap(([name, upIn]) => [
      svgLine({ x1: rightmost + 24, y1: yAt(upIn), x2: rightmost + 40, y2: yAt(upIn), kind: 'fine' }),
      svgText(rightmost + 44, yAt(upIn) + 3, `${name} ${mark(upIn)}`, { size: 8.5 }),
    ]),
    svgText(xAt(half), yAt(building.heelIn) + 12, mark(grid.widthIn), { size: 10, bold: true, anchor: 'middle' }),
    svgText(xAt(half / 2) - 4, yAt((building.heelIn + ridgeIn) / 2) - 8, `${building.pitchPer12}:12`, {
      size: 10,
      anchor: 'middle',
    }),
  ])
}

/** How far the eave moves at every line, and the shear in the roof of every bay, as bars along the building. */
export function frameDrawing(row: FrameRow, lines: readonly string[]): Block {
  const last = item(row.xIn, row.xIn.length - 1)
  const left = 60
  const xAt = (xIn: number) => left + (xIn / last) * (WIDTH - 2 * left)
  const moves = row.moveIn.map((move) => Math.abs(move ?? 0))
  const shears = (row.result?.bayShearLb ?? []).map(Math.abs)
  const [mostMove, mostShear] = [Math.max(...moves, 1e-9), Math.max(...shears, 1e-9)]
  const HIGH = 60
  const [moveBase, shearBase] = [18, 128]
  const body = moves.flatMap((move, i) => [
    svgLine({
      x1: xAt(item(row.xIn, i)),
      y1: moveBase,
      x2: xAt(item(row.xIn, i)),
      y2: moveBase + (move / mostMove) * HIGH,
      kind: 'keel',
    }),
    svgText(xAt(item(row.xIn, i)), moveBase - 6, item(lines, i), { size: 8.5, bold: true, anchor: 'middle' }),
    svgText(xAt(item(row.xIn, i)), moveBase + (move / mostMove) * HIGH + 10, `${sig(move)} in`, {
      size: 8,
      anchor: 'middle',
    }),
  ])
  const bars = shears.flatMap((shear, i) => {
    const [from, to] = [xAt(item(row.xIn, i)), xAt(item(row.xIn, i + 1))]
    const high = (shear / mostShear) * HIGH
    return [
      svgRect({ x: from + 1, y: shearBase + HIGH - high, wide: to - from - 2, high, fill: '#ddd', width: 0.6 }),
      svgText((from + to) / 2, shearBase + HIGH - high - 3, about(shear, 'lb'), { size: 8, anchor: 'middle' }),
    ]
  })
  return drawn(206, 'Movement of the eave at each line and shear in the roof of each bay', [
    svgLine({ x1: xAt(0), y1: moveBase, x2: xAt(last), y2: moveBase }),
    ...body,
    ...bars,
    svgLine({ x1: xAt(0), y1: shearBase + HIGH, x2: xAt(last), y2: shearBase + HIGH }),
    svgText(4, moveBase + 4, 'eave moves', { size: 8.5 }),
    svgText(4, shearBase + HIGH, 'roof shear', { size: 8.5 }),
  ])
}

/** What an opening is called. */
export const openingName = ({ name, kind }: Job['building']['openings'][number]): string => name || OPENING[kind]

/** Length of a wall, inches. */
export const lengthOfWall = ({ grid }: Derived, side: Side): number => wallLengthIn(grid, side)
