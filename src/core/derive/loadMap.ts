import type { Grid } from '../layout'
import { wallPressures } from '../loads'
import type { Building, Side } from '../model'
import type { SiteResults } from './siteResults'

export const LOAD_CASES = ['across', 'along', 'cladding', 'snow', 'drift'] as const
export type LoadCase = (typeof LOAD_CASES)[number]
/**
 * One area of the unfolded building under one pressure: roof in plan, walls laid flat outward. Corners in inches;
 * pressure toward the surface positive, psf.
 */
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

/**
 * Which pressure stands where for one load case, wind from the south or the west, strength level; snow on the plan.
 * External pressures; the inside acts besides, either way.
 */
export function loadMap(building: Building, grid: Grid, results: SiteResults, loadCase: LoadCase): LoadRegion[] {
  const { lengthIn, widthIn } = grid
  const heelIn = building.heelIn
  const walls = (psf: Readonly<Record<Side, number>>, name: (side: Side) => string): LoadRegion[] =>
    [
      rect('south', 'south', 0, -heelIn, lengthIn, 0, psf.south, name('south')),
      rect('north', 'north', 0, widthIn, lengthIn, widthIn + heelIn, psf.north, name('north')),
      rect('west', 'west', -heelIn, 0, 0, widthIn, psf.west, name('west')),
      rect('east', 'east', lengthIn, 0, lengthIn + heelIn, widthIn, psf.east, name('east')),
    ].filter((loadRegion) => !building.openSides.includes(loadRegion.at as Side))
  const { wind } = results
  if (loadCase === 'across')
    return [
      ...walls({ south: wind.windwardPsf, north: wind.leewardPsf, west: wind.sidePsf, east: wind.sidePsf }, (side) => {
        if (side === 'south') return 'windward'
        if (side === 'north') return 'leeward'
        return 'side'
      }),
      rect(
        'ww',
        'roof',
        0,
        0,
        lengthIn,
        widthIn / 2,
        wind.roofWindwardAPsf,
        `windward, or ${wind.roofWindwardBPsf.toFixed(1)}`,
      ),
      rect('lw', 'roof', 0, widthIn / 2, lengthIn, widthIn, wind.roofLeewardPsf, 'leeward'),
    ]
  if (loadCase === 'along') {
    let from = 0
    const strips = wind.roofAlong.flatMap((strip, i): LoadRegion[] => {
      const to = Math.min(lengthIn, strip.toFt * 12)
      const out =
        to > from
          ? [
              rect(
                `s${i}`,
                'roof',
                from,
                0,
                to,
                widthIn,
                strip.psf,
                ['first half-height', 'to one height', 'to two heights', 'beyond'][i],
              ),
            ]
          : []
      from = Math.max(from, to)
      return out
    })
    return [
      ...walls(
        { west: wind.windwardPsf, east: wind.leewardAlongPsf, south: wind.sidePsf, north: wind.sidePsf },
        (side) => {
          if (side === 'west') return 'windward'
          if (side === 'east') return 'leeward'
          return 'side'
        },
      ),
      ...strips,
    ]
  }
  if (loadCase === 'cladding') {
    const zoneIn = results.edgeZoneFt * 12
    const z4 = wallPressures(results.claddingQhPsf, 10, 4, results.flatRoof, wind.gcpi).outwardPsf
    const z5 = wallPressures(results.claddingQhPsf, 10, 5, results.flatRoof, wind.gcpi).outwardPsf
    const wallZones = (['south', 'north', 'west', 'east'] as const)
      .filter((side) => !building.openSides.includes(side))
      .flatMap((side): LoadRegion[] => {
        const run = side === 'south' || side === 'north' ? lengthIn : widthIn
        return (
          [
            [0, zoneIn, z5, '5'],
            [zoneIn, run - zoneIn, z4, '4'],
            [run - zoneIn, run, z5, '5'],
          ] as const
        ).map(([from, to, psf, zone], i) => {
          const key = `${side}${i}`
          const name = `zone ${zone}`
          if (side === 'south') return rect(key, side, from, -heelIn, to, 0, psf, name)
          if (side === 'north') return rect(key, side, from, widthIn, to, widthIn + heelIn, psf, name)
          return side === 'west'
            ? rect(key, side, -heelIn, from, 0, to, psf, name)
            : rect(key, side, lengthIn, from, lengthIn + heelIn, to, psf, name)
        })
      })
    const roofCladding = results.roofCladding
    if (!roofCladding) return wallZones
    const xs = [0, zoneIn, lengthIn - zoneIn, lengthIn]
    const ys = [0, zoneIn, widthIn / 2 - zoneIn, widthIn / 2 + zoneIn, widthIn - zoneIn, widthIn]
    const roof: LoadRegion[] = []
    for (let i = 0; i < 3; i++)
      for (let j = 0; j < 5; j++) {
        const rake = i !== 1
        const zone = j === 2 ? (rake ? '3r' : '2r') : j === 0 || j === 4 ? (rake ? '3e' : '2e') : rake ? '2n' : '1'
        roof.push(
          rect(`r${i}${j}`, 'roof', xs[i], ys[j], xs[i + 1], ys[j + 1], roofCladding.zonePsf[zone], `zone ${zone}`),
        )
      }
    return [...wallZones, ...roof]
  }
  const snow = results.snow
  const lean = results.leanTos.map((leanTo) =>
    rect(
      `lean-${leanTo.leanTo.side}`,
      'roof',
      0,
      leanTo.leanTo.side === 'north' ? widthIn : -leanTo.leanTo.depthIn,
      lengthIn,
      leanTo.leanTo.side === 'north' ? widthIn + leanTo.leanTo.depthIn : 0,
      loadCase === 'snow' ? leanTo.snow[0].uniformPsf : leanTo.governing.uniformPsf + leanTo.governing.peakPsf,
      loadCase === 'snow'
        ? 'lean-to'
        : `lean-to, ${leanTo.governing.governs}${leanTo.governing.peakPsf ? ' at the wall' : ''}`,
    ),
  )
  if (loadCase === 'snow' || !snow.unbalanced)
    return [rect('b', 'roof', 0, 0, lengthIn, widthIn, Math.max(snow.psPsf, snow.pmPsf), 'balanced'), ...lean]
  const unbalanced = snow.unbalanced
  const strip = Math.min(unbalanced.surchargeFt * 12, widthIn / 2)
  return [
    rect('wind', 'roof', 0, 0, lengthIn, widthIn / 2, unbalanced.windwardPsf, 'windward'),
    rect(
      'crest',
      'roof',
      0,
      widthIn / 2,
      lengthIn,
      widthIn / 2 + strip,
      unbalanced.leewardPsf + unbalanced.surchargePsf,
      'by the ridge',
    ),
    ...(strip < widthIn / 2 - 1
      ? [rect('lee', 'roof', 0, widthIn / 2 + strip, lengthIn, widthIn, unbalanced.leewardPsf, 'leeward')]
      : []),
    ...lean,
  ]
}
