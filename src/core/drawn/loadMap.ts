import { firstOf, item } from '../result'
import { fixed, IN_PER_FT } from '../units'
import { type Grid, wallLengthIn } from '../layout'
import { wallPressures } from '../loads'
import type { Building, Side } from '../model'
import type { SiteResults } from '../frame'

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

/** A region without its place. */
type Load = Pick<LoadRegion, 'key' | 'psf' | 'name'>
interface Box {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
}

const region = (at: LoadRegion['at'], { x0, y0, x1, y1 }: Box, load: Load): LoadRegion => ({
  key: load.key,
  at,
  corners: [
    [x0, y0],
    [x1, y0],
    [x1, y1],
    [x0, y1],
  ],
  psf: load.psf,
  name: load.name,
})

/** Area of the effective wind area for which cladding is drawn, ft². */
const CLADDING_FT2 = 10
/** Zones of a gable roof from eave over ridge to eave: along a rake, and between the rakes (ASCE 7-16 fig. 30.3-2). */
const ROOF_ZONES = { rake: ['3e', '2n', '3r', '2n', '3e'], middle: ['2e', '1', '2r', '1', '2e'] } as const
/** Names of the strips of a roof under wind along the ridge. */
const ALONG_NAMES = ['first half-height', 'to one height', 'to two heights', 'beyond'] as const

/** A strip of a wall laid flat outward, `from` to `to` along it. */
function wallBox(
  { heelIn }: Building,
  { lengthIn, widthIn }: Grid,
  side: Side,
  [from, to]: readonly [number, number],
): Box {
  switch (side) {
    case 'south':
      return { x0: from, y0: -heelIn, x1: to, y1: 0 }
    case 'north':
      return { x0: from, y0: widthIn, x1: to, y1: widthIn + heelIn }
    case 'west':
      return { x0: -heelIn, y0: from, x1: 0, y1: to }
    case 'east':
      return { x0: lengthIn, y0: from, x1: lengthIn + heelIn, y1: to }
  }
}

/** The order in which walls are drawn. */
const WALLS = ['south', 'north', 'west', 'east'] as const

/** One pressure for each closed wall. */
const wholeWalls = (
  building: Building,
  grid: Grid,
  loads: Readonly<Record<Side, Pick<Load, 'psf' | 'name'>>>,
): LoadRegion[] =>
  WALLS.filter((side) => !building.openSides.includes(side)).map((side) =>
    region(side, wallBox(building, grid, side, [0, wallLengthIn(grid, side)]), { key: side, ...loads[side] }),
  )

/** Wind from the south, across the ridge: walls, and the two slopes. */
function acrossMap(building: Building, grid: Grid, { wind }: SiteResults): LoadRegion[] {
  const { lengthIn, widthIn } = grid
  const side = { psf: wind.sidePsf, name: 'side' }
  const southSlope = { x0: 0, y0: 0, x1: lengthIn, y1: widthIn / 2 }
  const northSlope = { x0: 0, y0: widthIn / 2, x1: lengthIn, y1: widthIn }
  return [
    ...wholeWalls(building, grid, {
      south: { psf: wind.windwardPsf, name: 'windward' },
      north: { psf: wind.leewardPsf, name: 'leeward' },
      west: side,
      east: side,
    }),
    region('roof', southSlope, {
      key: 'ww',
      psf: wind.roofWindwardAPsf,
      name: `windward, or ${fixed(wind.roofWindwardBPsf, 1)}`,
    }),
    region('roof', northSlope, { key: 'lw', psf: wind.roofLeewardPsf, name: 'leeward' }),
  ]
}

/** Wind from the west, along the ridge: walls, and the roof in strips by distance from the windward edge. */
function alongMap(building: Building, grid: Grid, { wind }: SiteResults): LoadRegion[] {
  const { lengthIn, widthIn } = grid
  const side = { psf: wind.sidePsf, name: 'side' }
  let from = 0
  const strips = wind.roofAlong.flatMap((strip, i): LoadRegion[] => {
    const to = Math.min(lengthIn, strip.toFt * IN_PER_FT)
    if (to <= from) return []
    const box = { x0: from, y0: 0, x1: to, y1: widthIn }
    from = to
    return [region('roof', box, { key: `s${i}`, psf: strip.psf, name: item(ALONG_NAMES, i) })]
  })
  return [
    ...wholeWalls(building, grid, {
      west: { psf: wind.windwardPsf, name: 'windward' },
      east: { psf: wind.leewardAlongPsf, name: 'leeward' },
      south: side,
      north: side,
    }),
    ...strips,
  ]
}

/** Zones 4 and 5 of the walls, outward. */
function wallZones(building: Building, grid: Grid, results: SiteResults): LoadRegion[] {
  const zoneIn = results.edgeZoneFt * IN_PER_FT
  const outwardPsf = (zone: 4 | 5) =>
    wallPressures({
      qhPsf: results.claddingQhPsf,
      areaFt2: CLADDING_FT2,
      zone,
      flatRoof: results.flatRoof,
      gcpi: results.wind.gcpi,
    }).outwardPsf
  const psf = { 4: outwardPsf(4), 5: outwardPsf(5) }
  return WALLS.filter((side) => !building.openSides.includes(side)).flatMap((side) => {
    const run = wallLengthIn(grid, side)
    const zones = [
      { from: 0, to: zoneIn, zone: 5 },
      { from: zoneIn, to: run - zoneIn, zone: 4 },
      { from: run - zoneIn, to: run, zone: 5 },
    ] as const
    return zones.map(({ from, to, zone }, i) =>
      region(side, wallBox(building, grid, side, [from, to]), {
        key: `${side}${i}`,
        psf: psf[zone],
        name: `zone ${zone}`,
      }),
    )
  })
}

/** Zones 1 to 3 of the roof. */
function roofZones({ lengthIn, widthIn }: Grid, results: SiteResults): LoadRegion[] {
  const { roofCladding } = results
  if (!roofCladding) return []
  const zoneIn = results.edgeZoneFt * IN_PER_FT
  const xs = [0, zoneIn, lengthIn - zoneIn, lengthIn]
  const ys = [0, zoneIn, widthIn / 2 - zoneIn, widthIn / 2 + zoneIn, widthIn - zoneIn, widthIn]
  return [ROOF_ZONES.rake, ROOF_ZONES.middle, ROOF_ZONES.rake].flatMap((zones, i) =>
    zones.map((zone, j) => {
      const box = { x0: item(xs, i), y0: item(ys, j), x1: item(xs, i + 1), y1: item(ys, j + 1) }
      return region('roof', box, { key: `r${i}${j}`, psf: roofCladding.zonePsf[zone], name: `zone ${zone}` })
    }),
  )
}

/** Snow on the lean-tos: uniform, or the worst with what drifts and slides onto them. */
const leanToSnow = (grid: Grid, results: SiteResults, drifted: boolean): LoadRegion[] =>
  results.leanTos.map(({ leanTo, snow, governing }) => {
    const box =
      leanTo.side === 'north'
        ? { x0: 0, y0: grid.widthIn, x1: grid.lengthIn, y1: grid.widthIn + leanTo.depthIn }
        : { x0: 0, y0: -leanTo.depthIn, x1: grid.lengthIn, y1: 0 }
    const key = `lean-${leanTo.side}`
    if (!drifted) return region('roof', box, { key, psf: firstOf(snow).uniformPsf, name: 'lean-to' })
    const where = governing.peakPsf ? ' at the wall' : ''
    return region('roof', box, {
      key,
      psf: governing.uniformPsf + governing.peakPsf,
      name: `lean-to, ${governing.governs}${where}`,
    })
  })

function balancedMap(grid: Grid, results: SiteResults, drifted: boolean): LoadRegion[] {
  const { snow } = results
  const roof = { x0: 0, y0: 0, x1: grid.lengthIn, y1: grid.widthIn }
  const balanced = { key: 'b', psf: Math.max(snow.psPsf, snow.pmPsf), name: 'balanced' }
  return [region('roof', roof, balanced), ...leanToSnow(grid, results, drifted)]
}

/** Unbalanced snow with the wind from the south: a crest by the ridge on the lee slope. */
function driftMap(grid: Grid, results: SiteResults): LoadRegion[] {
  const { unbalanced } = results.snow
  if (!unbalanced) return balancedMap(grid, results, true)
  const { lengthIn, widthIn } = grid
  const ridge = widthIn / 2
  const crest = Math.min(unbalanced.surchargeFt * IN_PER_FT, ridge)
  const slope = (y0: number, y1: number): Box => ({ x0: 0, y0, x1: lengthIn, y1 })
  return [
    region('roof', slope(0, ridge), { key: 'wind', psf: unbalanced.windwardPsf, name: 'windward' }),
    region('roof', slope(ridge, ridge + crest), {
      key: 'crest',
      psf: unbalanced.leewardPsf + unbalanced.surchargePsf,
      name: 'by the ridge',
    }),
    ...(crest < ridge - 1
      ? [region('roof', slope(ridge + crest, widthIn), { key: 'lee', psf: unbalanced.leewardPsf, name: 'leeward' })]
      : []),
    ...leanToSnow(grid, results, true),
  ]
}

/**
 * Which pressure stands where for one load case, wind from the south or the west, strength level; snow on the plan.
 * External pressures; the inside acts besides, either way.
 */
export function loadMap(building: Building, grid: Grid, results: SiteResults, loadCase: LoadCase): LoadRegion[] {
  switch (loadCase) {
    case 'across':
      return acrossMap(building, grid, results)
    case 'along':
      return alongMap(building, grid, results)
    case 'cladding':
      return [...wallZones(building, grid, results), ...roofZones(grid, results)]
    case 'snow':
      return balancedMap(grid, results, false)
    case 'drift':
      return driftMap(grid, results)
  }
}
