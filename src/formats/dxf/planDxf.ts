import { DxfWriter, type Line, point2d, point3d, Units, type vec3_t } from '@tarikjabiri/dxf'
import type { ShownDerived as Derived } from '../shown'
import { isEave } from '@/core/layout'
import type { Job } from '@/core/model'
import { formatLength } from '@/core/units'

/** Layers of the drawing and their colour numbers. */
const LAYERS = { STRINGS: 5, POSTS: 7, HOLES: 8, OPENINGS: 3, DIAGONALS: 9, NAMES: 7, NOTES: 7 } as const

/** Openings as lines on their wall. */
function drawOpenings({
  pick,
  line,
}: {
  readonly pick: Pick<Derived, 'grid' | 'posts' | 'placed' | 'strings' | 'diagonals' | 'batterBoards' | 'holes'>
  readonly line: ({
    layerName,
    x1,
    y1,
    x2,
    y2,
  }: {
    layerName: keyof typeof LAYERS
    x1: number
    y1: number
    x2: number
    y2: number
  }) => Line
}) {
  for (const placed of pick.placed) {
    const [from, to] = [placed.fromIn, placed.toIn]
    const baseOf = () => {
      if (placed.opening.side === 'north') return pick.grid.widthIn
      if (placed.opening.side === 'east') return pick.grid.lengthIn
      return 0
    }
    const at = baseOf()
    if (isEave(placed.opening.side)) line({ layerName: 'OPENINGS', x1: from, y1: at, x2: to, y2: at })
    else line({ layerName: 'OPENINGS', x1: at, y1: from, x2: at, y2: to })
  }
}

/** Posts with their holes and names. */
function drawPosts({
  pick,
  dxf,
  k,
  pointAt,
  text,
}: {
  readonly pick: Pick<Derived, 'grid' | 'posts' | 'placed' | 'strings' | 'diagonals' | 'batterBoards' | 'holes'>
  readonly dxf: DxfWriter
  readonly k: 1 | 25.4
  readonly pointAt: (x: number, y: number) => vec3_t
  readonly text: (given: { layerName: keyof typeof LAYERS; x: number; y: number; high: number; words: string }) => void
}) {
  for (const post of pick.posts) {
    const [halfX, halfY] = [post.sizeX / 2, post.sizeY / 2]
    dxf.addLWPolyline(
      [
        [-halfX, -halfY],
        [halfX, -halfY],
        [halfX, halfY],
        [-halfX, halfY],
      ].map(([dx, dy]) => ({ point: point2d((post.x + dx) * k, (post.y + dy) * k) })),
      { layerName: 'POSTS', flags: 1 },
    )
    const hole = pick.holes.find((hole) => hole.postIds.includes(post.id))
    if (hole) dxf.addCircle(pointAt(post.x, post.y), (hole.diameterIn / 2) * k, { layerName: 'HOLES' })
    text({ layerName: 'NAMES', x: post.x + 6, y: post.y + 6, high: 5, words: post.id })
  }
}

/**
 * Strings and holes in plan as DXF (AutoCAD 2007 text form), in inches or millimetres, zero at the south-west corner of
 * the strings, x to the east.
 * Kept: strings run past the corners, batter boards, post outlines, hole circles, openings, diagonals with lengths,
 * names. Lost: heights, the roof.
 */
export function planDxf(
  job: Job,
  pick: Pick<Derived, 'grid' | 'strings' | 'posts' | 'holes' | 'placed' | 'diagonals' | 'batterBoards'>,
  units: 'in' | 'mm',
): string {
  const k = units === 'mm' ? 25.4 : 1
  const dxf = new DxfWriter()
  dxf.setUnits(units === 'mm' ? Units.Millimeters : Units.Inches)
  for (const [name, color] of Object.entries(LAYERS)) dxf.addLayer(name, color)
  const pointAt = (x: number, y: number) => point3d(x * k, y * k, 0)
  const line = ({
    layerName,
    x1,
    y1,
    x2,
    y2,
  }: {
    layerName: keyof typeof LAYERS
    x1: number
    y1: number
    x2: number
    y2: number
  }) => dxf.addLine(pointAt(x1, y1), pointAt(x2, y2), { layerName })
  // A name typed by a person is one line of text in the file, whatever it holds.
  const text = ({
    layerName,
    x,
    y,
    high,
    words,
  }: {
    layerName: keyof typeof LAYERS
    x: number
    y: number
    high: number
    words: string
  }) =>
    dxf.addText(
      pointAt(x, y),
      high * k,
      words
        .replace(/[\r\n\t]+/g, ' ')
        .replace(/[^\x20-\x7e]/g, '?')
        .slice(0, 120),
      { layerName },
    )
  const past = job.strings.runPastIn
  for (const stringLine of pick.strings) {
    if (isEave(stringLine.side))
      line({
        layerName: 'STRINGS',
        x1: stringLine.from.x - past,
        y1: stringLine.from.y,
        x2: stringLine.to.x + past,
        y2: stringLine.to.y,
      })
    else
      line({
        layerName: 'STRINGS',
        x1: stringLine.from.x,
        y1: stringLine.from.y - past,
        x2: stringLine.to.x,
        y2: stringLine.to.y + past,
      })
    text({
      layerName: 'NAMES',
      x: stringLine.from.x - (isEave(stringLine.side) ? past + 12 : 0),
      y: stringLine.from.y - (isEave(stringLine.side) ? 0 : past + 12),
      high: 8,
      words: stringLine.id,
    })
  }
  for (const batterBoard of pick.batterBoards) {
    if (batterBoard.across === 'y')
      line({
        layerName: 'STRINGS',
        x1: batterBoard.at.x,
        y1: batterBoard.at.y - 14,
        x2: batterBoard.at.x,
        y2: batterBoard.at.y + 14,
      })
    else
      line({
        layerName: 'STRINGS',
        x1: batterBoard.at.x - 14,
        y1: batterBoard.at.y,
        x2: batterBoard.at.x + 14,
        y2: batterBoard.at.y,
      })
  }
  drawPosts({ pick, dxf, k, pointAt, text })
  drawOpenings({ pick, line })
  for (const diagonal of pick.diagonals) {
    line({ layerName: 'DIAGONALS', x1: diagonal.from.x, y1: diagonal.from.y, x2: diagonal.to.x, y2: diagonal.to.y })
    text({
      layerName: 'NOTES',
      x: (diagonal.from.x + diagonal.to.x) / 2,
      y: (diagonal.from.y + diagonal.to.y) / 2,
      high: 5,
      words: `${diagonal.name} ${formatLength(diagonal.lengthIn, { ascii: true })}`,
    })
  }
  text({
    layerName: 'NOTES',
    x: 0,
    y: -past - 40,
    high: 7,
    words:
      `${job.name}: strings and holes, units ${units === 'mm' ? 'millimetres' : 'inches'}, zero at the south-west ` +
      'corner of the strings. For planning only.',
  })
  return dxf.stringify()
}
