import { type EaveBeam, type Grid, placeOpening, type PostLayout, type TrussPlan } from '../layout'
import type { Building } from '../model'
import { item } from '../result'
import { IN_PER_FT, SAME_IN } from '../units'
import { deadAlone, leanToRoofLoads, type RoofLoads } from './demands'
import type { SiteResults } from './siteResults'

/** A load at one place of a beam: a truss, or a rafter of a lean-to where no post takes it. */
interface BeamPoint {
  readonly atIn: number
  readonly loads: RoofLoads
  readonly name: string
  /** A truss holds the beam's top edge where it stands. */
  readonly holdsTop: boolean
}

/** What a carrier or header carries besides its own weight. */
export interface BeamLoads {
  readonly beam: EaveBeam
  readonly points: readonly BeamPoint[]
  /** Roof of a lean-to that its ledger spreads along the beam, for each foot of it; null where none does. */
  readonly perFt: RoofLoads | null
}

/** What the loads of the beams are gathered from. */
export interface BeamsOf {
  readonly building: Building
  readonly grid: Grid
  readonly layout: PostLayout
  readonly trusses: TrussPlan
  readonly reactions: readonly RoofLoads[]
  readonly results: SiteResults
}

/** Feet along the eave that the rafter at one numbered line carries: half of both its bays. */
function rafterFt({ grid }: BeamsOf, line: number): number {
  const before = grid.baysIn[line - 1] ?? 0
  const after = grid.baysIn[line] ?? 0
  return (before + after) / 2 / IN_PER_FT
}

/** Whether a place along an eave lies between the posts of a beam. */
const isOver = (beam: EaveBeam, xIn: number): boolean =>
  xIn > beam.from.x + beam.from.sizeX / 2 + SAME_IN && xIn < beam.to.x - beam.to.sizeX / 2 - SAME_IN

/**
 * What a lean-to brings to a beam of its wall: its rafters where they stand over no post, or its ledger over the space
 * of a post that is left out.
 */
function leanToOn(of: BeamsOf, beam: EaveBeam): Pick<BeamLoads, 'points' | 'perFt'> {
  const { building, grid, results } = of
  const leanTo = building.leanTos.find(({ side }) => side === beam.side)
  if (!leanTo) return { points: [], perFt: null }
  const overhangFt = building.eaveOverhangIn / IN_PER_FT
  const loadsOver = (eaveFt: number) => leanToRoofLoads({ results, leanTo, overhangFt, eaveFt, at: 'wall' })
  if (leanTo.rafter.spaceIn !== null) return { points: [], perFt: beam.kind === 'header' ? loadsOver(1) : null }
  const points = grid.centresIn.flatMap((xIn, line): BeamPoint[] =>
    isOver(beam, xIn)
      ? [{ atIn: xIn - beam.from.x, loads: loadsOver(rafterFt(of, line)), name: 'rafter', holdsTop: false }]
      : [],
  )
  return { points, perFt: null }
}

/** Doors that hang under a header: their weight at the middle of each, where it bends most. */
function doorsOn({ building, grid }: BeamsOf, beam: EaveBeam): BeamPoint[] {
  if (beam.kind !== 'header') return []
  return building.openings.flatMap((opening): BeamPoint[] => {
    if (opening.side !== beam.side || opening.weightLb === null) return []
    const { fromIn, toIn } = placeOpening(opening, grid)
    const middleIn = (fromIn + toIn) / 2
    if (!isOver(beam, middleIn)) return []
    return [{ atIn: middleIn - beam.from.x, loads: deadAlone(opening.weightLb), name: 'door', holdsTop: false }]
  })
}

/** Trusses and lean-to of every carrier and header that carries any. */
export function beamLoads(of: BeamsOf): BeamLoads[] {
  return of.trusses.beams
    .map((beam): BeamLoads => {
      const trusses = beam.trusses.map(({ truss, atIn }): BeamPoint => ({
        atIn,
        loads: item(of.reactions, truss.number - 1),
        name: `T${truss.number}`,
        holdsTop: true,
      }))
      const { points, perFt } = leanToOn(of, beam)
      return { beam, points: [...trusses, ...points, ...doorsOn(of, beam)], perFt }
    })
    .filter(({ points, perFt }) => points.length > 0 || perFt !== null)
}
