import type { Grid } from '../layout'
import { wallPressures } from '../loads'
import type { Building, Side } from '../model'
import type { SiteResults } from './siteResults'

export const LOAD_CASES = ['across', 'along', 'cladding', 'snow', 'drift'] as const
export type LoadCase = (typeof LOAD_CASES)[number]
/** One area of the unfolded building under one pressure: roof in plan, walls laid flat outward. Corners in inches; pressure toward the surface positive, psf. */
export interface LoadRegion {
  readonly key: string
  readonly at: 'roof' | Side
  readonly corners: readonly (readonly [x: number, y: number])[]
  readonly psf: number
  readonly name: string
}

const rect = (
  key: string,
  at: LoadRegion['at'],
  x0: number,
  y0: number,
  x1: number,
  y1: number,
  psf: number,
  name: string,
): LoadRegion => ({
  key,
  at,
  corners: [
    [x0, y0],
    [x1, y0],
    [x1, y1],
    [x0, y1],
  ],
  psf,
  name,
})

/** Which pressure stands where for one load case, wind from the south or the west, strength level; snow on the plan. External pressures; the inside acts besides, either way. */
export function loadMap(b: Building, grid: Grid, r: SiteResults, c: LoadCase): LoadRegion[] {
  const { lengthIn: l, widthIn: w } = grid
  const h = b.heelIn
  const walls = (psf: Readonly<Record<Side, number>>, name: (s: Side) => string): LoadRegion[] =>
    [
      rect('south', 'south', 0, -h, l, 0, psf.south, name('south')),
      rect('north', 'north', 0, w, l, w + h, psf.north, name('north')),
      rect('west', 'west', -h, 0, 0, w, psf.west, name('west')),
      rect('east', 'east', l, 0, l + h, w, psf.east, name('east')),
    ].filter((q) => !b.openSides.includes(q.at as Side))
  const { wind } = r
  if (c === 'across')
    return [
      ...walls({ south: wind.windwardPsf, north: wind.leewardPsf, west: wind.sidePsf, east: wind.sidePsf }, (s) =>
        s === 'south' ? 'windward' : s === 'north' ? 'leeward' : 'side',
      ),
      rect('ww', 'roof', 0, 0, l, w / 2, wind.roofWindwardAPsf, `windward, or ${wind.roofWindwardBPsf.toFixed(1)}`),
      rect('lw', 'roof', 0, w / 2, l, w, wind.roofLeewardPsf, 'leeward'),
    ]
  if (c === 'along') {
    let from = 0
    const strips = wind.roofAlong.flatMap((s, i): LoadRegion[] => {
      const to = Math.min(l, s.toFt * 12)
      const out =
        to > from
          ? [
              rect(
                `s${i}`,
                'roof',
                from,
                0,
                to,
                w,
                s.psf,
                ['first half-height', 'to one height', 'to two heights', 'beyond'][i],
              ),
            ]
          : []
      from = Math.max(from, to)
      return out
    })
    return [
      ...walls({ west: wind.windwardPsf, east: wind.leewardAlongPsf, south: wind.sidePsf, north: wind.sidePsf }, (s) =>
        s === 'west' ? 'windward' : s === 'east' ? 'leeward' : 'side',
      ),
      ...strips,
    ]
  }
  if (c === 'cladding') {
    const a = r.edgeZoneFt * 12
    const z4 = wallPressures(r.claddingQhPsf, 10, 4, r.flatRoof, wind.gcpi).outwardPsf
    const z5 = wallPressures(r.claddingQhPsf, 10, 5, r.flatRoof, wind.gcpi).outwardPsf
    const wallZones = (['south', 'north', 'west', 'east'] as const)
      .filter((s) => !b.openSides.includes(s))
      .flatMap((s): LoadRegion[] => {
        const run = s === 'south' || s === 'north' ? l : w
        return (
          [
            [0, a, z5, '5'],
            [a, run - a, z4, '4'],
            [run - a, run, z5, '5'],
          ] as const
        ).map(([p, q, psf, zone], i) => {
          const key = `${s}${i}`
          const name = `zone ${zone}`
          if (s === 'south') return rect(key, s, p, -h, q, 0, psf, name)
          if (s === 'north') return rect(key, s, p, w, q, w + h, psf, name)
          return s === 'west' ? rect(key, s, -h, p, 0, q, psf, name) : rect(key, s, l, p, l + h, q, psf, name)
        })
      })
    const k = r.roofCladding
    if (!k) return wallZones
    const xs = [0, a, l - a, l]
    const ys = [0, a, w / 2 - a, w / 2 + a, w - a, w]
    const roof: LoadRegion[] = []
    for (let i = 0; i < 3; i++)
      for (let j = 0; j < 5; j++) {
        const rake = i !== 1
        const zone = j === 2 ? (rake ? '3r' : '2r') : j === 0 || j === 4 ? (rake ? '3e' : '2e') : rake ? '2n' : '1'
        roof.push(rect(`r${i}${j}`, 'roof', xs[i], ys[j], xs[i + 1], ys[j + 1], k.zonePsf[zone], `zone ${zone}`))
      }
    return [...wallZones, ...roof]
  }
  const snow = r.snow
  const lean = r.leanTos.map((q) =>
    rect(
      `lean-${q.leanTo.side}`,
      'roof',
      0,
      q.leanTo.side === 'north' ? w : -q.leanTo.depthIn,
      l,
      q.leanTo.side === 'north' ? w + q.leanTo.depthIn : 0,
      c === 'snow' ? q.snow[0].uniformPsf : q.governing.uniformPsf + q.governing.peakPsf,
      c === 'snow' ? 'lean-to' : `lean-to, ${q.governing.governs}${q.governing.peakPsf ? ' at the wall' : ''}`,
    ),
  )
  if (c === 'snow' || !snow.unbalanced)
    return [rect('b', 'roof', 0, 0, l, w, Math.max(snow.psPsf, snow.pmPsf), 'balanced'), ...lean]
  const u = snow.unbalanced
  const strip = Math.min(u.surchargeFt * 12, w / 2)
  return [
    rect('wind', 'roof', 0, 0, l, w / 2, u.windwardPsf, 'windward'),
    rect('crest', 'roof', 0, w / 2, l, w / 2 + strip, u.leewardPsf + u.surchargePsf, 'by the ridge'),
    ...(strip < w / 2 - 1 ? [rect('lee', 'roof', 0, w / 2 + strip, l, w, u.leewardPsf, 'leeward')] : []),
    ...lean,
  ]
}
