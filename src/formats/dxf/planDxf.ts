import { DxfWriter, point2d, point3d, Units } from '@tarikjabiri/dxf'
import type { ShownDerived as Derived } from '@/core/derive'
import { isEave } from '@/core/layout'
import type { Job } from '@/core/model'
import { formatLength } from '@/core/units'

/** Layers of the drawing and their colour numbers. */
const LAYERS = { STRINGS: 5, POSTS: 7, HOLES: 8, OPENINGS: 3, DIAGONALS: 9, NAMES: 7, NOTES: 7 } as const

/**
 * Strings and holes in plan as DXF (AutoCAD 2007 text form), in inches or millimetres, zero at the south-west corner of the strings, x to the east.
 * Kept: strings run past the corners, batter boards, post outlines, hole circles, openings, diagonals with lengths, names. Lost: heights, the roof.
 */
export function planDxf(
  job: Job,
  d: Pick<Derived, 'grid' | 'strings' | 'posts' | 'holes' | 'placed' | 'diagonals' | 'batterBoards'>,
  units: 'in' | 'mm',
): string {
  const k = units === 'mm' ? 25.4 : 1
  const dxf = new DxfWriter()
  dxf.setUnits(units === 'mm' ? Units.Millimeters : Units.Inches)
  for (const [name, color] of Object.entries(LAYERS)) dxf.addLayer(name, color)
  const P = (x: number, y: number) => point3d(x * k, y * k, 0)
  const line = (layerName: keyof typeof LAYERS, x1: number, y1: number, x2: number, y2: number) =>
    dxf.addLine(P(x1, y1), P(x2, y2), { layerName })
  // A name typed by a person is one line of text in the file, whatever it holds.
  const text = (layerName: keyof typeof LAYERS, x: number, y: number, high: number, t: string) =>
    dxf.addText(
      P(x, y),
      high * k,
      t
        .replace(/[\r\n\t]+/g, ' ')
        .replace(/[^\x20-\x7e]/g, '?')
        .slice(0, 120),
      { layerName },
    )
  const past = job.strings.runPastIn
  for (const s of d.strings) {
    if (isEave(s.side)) line('STRINGS', s.from.x - past, s.from.y, s.to.x + past, s.to.y)
    else line('STRINGS', s.from.x, s.from.y - past, s.to.x, s.to.y + past)
    text('NAMES', s.from.x - (isEave(s.side) ? past + 12 : 0), s.from.y - (isEave(s.side) ? 0 : past + 12), 8, s.id)
  }
  for (const b of d.batterBoards) {
    if (b.across === 'y') line('STRINGS', b.at.x, b.at.y - 14, b.at.x, b.at.y + 14)
    else line('STRINGS', b.at.x - 14, b.at.y, b.at.x + 14, b.at.y)
  }
  for (const p of d.posts) {
    const [x, y] = [p.sizeX / 2, p.sizeY / 2]
    dxf.addLWPolyline(
      [
        [-x, -y],
        [x, -y],
        [x, y],
        [-x, y],
      ].map(([u, v]) => ({ point: point2d((p.x + u) * k, (p.y + v) * k) })),
      { layerName: 'POSTS', flags: 1 },
    )
    const hole = d.holes.find((h) => h.postIds.includes(p.id))
    if (hole) dxf.addCircle(P(p.x, p.y), (hole.diameterIn / 2) * k, { layerName: 'HOLES' })
    text('NAMES', p.x + 6, p.y + 6, 5, p.id)
  }
  for (const o of d.placed) {
    const [a, b] = [o.fromIn, o.toIn]
    const at = o.opening.side === 'north' ? d.grid.widthIn : o.opening.side === 'east' ? d.grid.lengthIn : 0
    if (isEave(o.opening.side)) line('OPENINGS', a, at, b, at)
    else line('OPENINGS', at, a, at, b)
  }
  for (const g of d.diagonals) {
    line('DIAGONALS', g.from.x, g.from.y, g.to.x, g.to.y)
    text(
      'NOTES',
      (g.from.x + g.to.x) / 2,
      (g.from.y + g.to.y) / 2,
      5,
      `${g.name} ${formatLength(g.lengthIn, { ascii: true })}`,
    )
  }
  text(
    'NOTES',
    0,
    -past - 40,
    7,
    `${job.name}: strings and holes, units ${units === 'mm' ? 'millimetres' : 'inches'}, zero at the south-west corner of the strings. For planning only.`,
  )
  return dxf.stringify()
}
