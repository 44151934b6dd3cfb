import { item, firstOf } from '../result'
import { IN_PER_FT } from '../units'
import type { Grid } from '../layout'
import { wallPressures } from '../loads'
import type { Building, Side } from '../model'
import type { SiteResults } from './siteResults'

export type LoadCase = 'across' | 'along' | 'cladding' | 'snow' | 'drift'
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

const rect = ({
  key,
  at,
  x0,
  y0,
  x1,
  y1,
  psf,
  name,
}: {
  key: string
  at: LoadRegion['at']
  x0: number
  y0: number
  x1: number
  y1: number
  psf: number
  name: string
}): LoadRegion => ({
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
/** Zones of a gable roof from eave over ridge to eave: along a rake, and between the rakes (ASCE 7-16 fig. 30.3-2). */
const ROOF_ZONES = { rake: ['3e', '2n', '3r', '2n', '3e'], middle: ['2e', '1', '2r', '1', '2e'] } as const

export function loadMap(building: Building, grid: Grid, results: SiteResults, loadCase: LoadCase): LoadRegion[] {
  const { lengthIn, widthIn } = grid
  const heelIn = building.heelIn
  const walls = (psf: Readonly<Record<Side, number>>, name: (side: Side) => string): LoadRegion[] =>
    [
      rect({ key: 'south', at: 'south', x0: 0, y0: -heelIn, x1: lengthIn, y1: 0, psf: psf.south, name: name('south') }),
      rect({
        key: 'north',
        at: 'north',
        x0: 0,
        y0: widthIn,
        x1: lengthIn,
        y1: widthIn + heelIn,
        psf: psf.north,
        name: name('north'),
      }),
      rect({ key: 'west', at: 'west', x0: -heelIn, y0: 0, x1: 0, y1: widthIn, psf: psf.west, name: name('west') }),
      rect({
        key: 'east',
        at: 'east',
        x0: lengthIn,
        y0: 0,
        x1: lengthIn + heelIn,
        y1: widthIn,
        psf: psf.east,
        name: name('east'),
      }),
    ].filter((loadRegion) => !building.openSides.includes(loadRegion.at as Side))
  const { wind } = results
  if (loadCase === 'across')
    return [
      ...walls({ south: wind.windwardPsf, north: wind.leewardPsf, west: wind.sidePsf, east: wind.sidePsf }, (side) => {
        if (side === 'south') return 'windward'
        if (side === 'north') return 'leeward'
        return 'side'
      }),
      rect({
        key: 'ww',
        at: 'roof',
        x0: 0,
        y0: 0,
        x1: lengthIn,
        y1: widthIn / 2,
        psf: wind.roofWindwardAPsf,
        name: `windward, or ${wind.roofWindwardBPsf.toFixed(1)}`,
      }),
      rect({
        key: 'lw',
        at: 'roof',
        x0: 0,
        y0: widthIn / 2,
        x1: lengthIn,
        y1: widthIn,
        psf: wind.roofLeewardPsf,
        name: 'leeward',
      }),
    ]
  if (loadCase === 'along') {
    let from = 0
    const strips = wind.roofAlong.flatMap((strip, i): LoadRegion[] => {
      const to = Math.min(lengthIn, strip.toFt * IN_PER_FT)
      const out =
        to > from
          ? [
              rect({
                key: `s${i}`,
                at: 'roof',
                x0: from,
                y0: 0,
                x1: to,
                y1: widthIn,
                psf: strip.psf,
                name: item(['first half-height', 'to one height', 'to two heights', 'beyond'], i),
              }),
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
    const zoneIn = results.edgeZoneFt * IN_PER_FT
    const z4 = wallPressures({
      qhPsf: results.claddingQhPsf,
      areaFt2: 10,
      zone: 4,
      flatRoof: results.flatRoof,
      gcpi: wind.gcpi,
    }).outwardPsf
    const z5 = wallPressures({
      qhPsf: results.claddingQhPsf,
      areaFt2: 10,
      zone: 5,
      flatRoof: results.flatRoof,
      gcpi: wind.gcpi,
    }).outwardPsf
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
          if (side === 'south') return rect({ key, at: side, x0: from, y0: -heelIn, x1: to, y1: 0, psf, name })
          if (side === 'north')
            return rect({ key, at: side, x0: from, y0: widthIn, x1: to, y1: widthIn + heelIn, psf, name })
          return side === 'west'
            ? rect({ key, at: side, x0: -heelIn, y0: from, x1: 0, y1: to, psf, name })
            : rect({ key, at: side, x0: lengthIn, y0: from, x1: lengthIn + heelIn, y1: to, psf, name })
        })
      })
    const roofCladding = results.roofCladding
    if (!roofCladding) return wallZones
    const xs = [0, zoneIn, lengthIn - zoneIn, lengthIn]
    const ys = [0, zoneIn, widthIn / 2 - zoneIn, widthIn / 2 + zoneIn, widthIn - zoneIn, widthIn]
    const roof: LoadRegion[] = []
    for (let i = 0; i < 3; i++)
      ROOF_ZONES[i === 1 ? 'middle' : 'rake'].forEach((zone, j) =>
        roof.push(
          rect({
            key: `r${i}${j}`,
            at: 'roof',
            x0: item(xs, i),
            y0: item(ys, j),
            x1: item(xs, i + 1),
            y1: item(ys, j + 1),
            psf: roofCladding.zonePsf[zone],
            name: `zone ${zone}`,
          }),
        ),
      )
    return [...wallZones, ...roof]
  }
  const snow = results.snow
  const lean = results.leanTos.map((leanTo) =>
    rect({
      key: `lean-${leanTo.leanTo.side}`,
      at: 'roof',
      x0: 0,
      y0: leanTo.leanTo.side === 'north' ? widthIn : -leanTo.leanTo.depthIn,
      x1: lengthIn,
      y1: leanTo.leanTo.side === 'north' ? widthIn + leanTo.leanTo.depthIn : 0,
      psf:
        loadCase === 'snow' ? firstOf(leanTo.snow).uniformPsf : leanTo.governing.uniformPsf + leanTo.governing.peakPsf,
      name:
        loadCase === 'snow'
          ? 'lean-to'
          : `lean-to, ${leanTo.governing.governs}${leanTo.governing.peakPsf ? ' at the wall' : ''}`,
    }),
  )
  if (loadCase === 'snow' || !snow.unbalanced)
    return [
      rect({
        key: 'b',
        at: 'roof',
        x0: 0,
        y0: 0,
        x1: lengthIn,
        y1: widthIn,
        psf: Math.max(snow.psPsf, snow.pmPsf),
        name: 'balanced',
      }),
      ...lean,
    ]
  const unbalanced = snow.unbalanced
  const strip = Math.min(unbalanced.surchargeFt * IN_PER_FT, widthIn / 2)
  return [
    rect({
      key: 'wind',
      at: 'roof',
      x0: 0,
      y0: 0,
      x1: lengthIn,
      y1: widthIn / 2,
      psf: unbalanced.windwardPsf,
      name: 'windward',
    }),
    rect({
      key: 'crest',
      at: 'roof',
      x0: 0,
      y0: widthIn / 2,
      x1: lengthIn,
      y1: widthIn / 2 + strip,
      psf: unbalanced.leewardPsf + unbalanced.surchargePsf,
      name: 'by the ridge',
    }),
    ...(strip < widthIn / 2 - 1
      ? [
          rect({
            key: 'lee',
            at: 'roof',
            x0: 0,
            y0: widthIn / 2 + strip,
            x1: lengthIn,
            y1: widthIn,
            psf: unbalanced.leewardPsf,
            name: 'leeward',
          }),
        ]
      : []),
    ...lean,
  ]
}
