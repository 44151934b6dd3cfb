import { IN_PER_FT, radians } from '../../units'
import { type LowRoofSnow, roofLivePsf, DEAD_AGAINST_WIND, WIND_ASD } from '../../loads'
import type { Building } from '../../model'
import { rafterCuts } from '../../pocket/rafter'
import type { LineLoad } from '../../result'
import { type SpanLoads, uniform } from '../../statics'
import { boardSize, notchedShearLb, weightPlf, DURATION } from '../../wood'
import { roofLimits } from '../purlin/member'
import type { LeanToLoads, SiteResults } from '../../frame'
import type { SagCase, SpanCase, SpanMember } from '../span/member'

/**
 * Cuts of a lean-to rafter on its low seat, inches and degrees: bird's mouth of level seat `a`, its depth square to the
 * rafter, heel cut and what is left above.
 */
export interface BirdsMouth {
  readonly thetaDeg: number
  readonly seatIn: number
  readonly notchIn: number
  readonly mostSeatIn: number
  readonly heelCutIn: number
  readonly aboveIn: number
  readonly plumbDeg: number
  readonly levelDeg: number
  readonly lengthIn: number
}

/** Bird's mouth of a rafter `dIn` deep over a run, NDS 4.4.3 limit of a quarter of the depth. */
export function birdsMouth(pitchPer12: number, dIn: number, seatIn: number, runIn: number): BirdsMouth {
  const { angleDeg, notchIn, heelIn, slopeIn } = rafterCuts(pitchPer12, seatIn)
  return {
    thetaDeg: angleDeg,
    seatIn,
    notchIn,
    mostSeatIn: dIn / (4 * Math.sin(radians(angleDeg))),
    heelCutIn: heelIn,
    aboveIn: slopeIn(dIn) - heelIn,
    plumbDeg: angleDeg,
    levelDeg: 90 - angleDeg,
    lengthIn: slopeIn(runIn),
  }
}

/**
 * Snow of one case on a rafter with `tribFt` of roof, lb/in along its run from the wall: uniform and the drift triangle
 * cut at the eave.
 */
function snowLines(low: LowRoofSnow, depthIn: number, tribFt: number, share: number): LineLoad[] {
  const lines: LineLoad[] = [uniform(depthIn, low.uniformPsf * tribFt * share, 'snow')]
  const driftIn = low.peakWidthFt * IN_PER_FT
  if (low.peakPsf > 0 && driftIn > 0) {
    const at = (fromWallIn: number) =>
      (low.peakPsf * Math.max(0, 1 - fromWallIn / driftIn) * tribFt * share) / IN_PER_FT
    lines.push({
      fromIn: 0,
      toIn: Math.min(driftIn, depthIn),
      startLbIn: at(0),
      endLbIn: at(Math.min(driftIn, depthIn)),
      name: 'drift',
    })
  }
  return lines
}

interface RafterOf {
  readonly building: Pick<Building, 'roof' | 'grades' | 'edgeShortcut'>
  readonly results: Pick<SiteResults, 'dead'>
  readonly lean: LeanToLoads
  readonly tribFt: number
}

const loadsOver = (depthIn: number, lines: LineLoad[]): SpanLoads => ({ lengthIn: depthIn, points: [], lines })

/** Dead load of a rafter on its plan run, its own weight included, plf. */
function deadPlf({ building, results, lean, tribFt }: RafterOf): number {
  const { rafter } = lean.leanTo
  const { areaIn2 } = boardSize(rafter.size)
  const ownPlf = rafter.plies * weightPlf(rafter.lumber, areaIn2, 19, building.grades)
  return (results.dead.slopePsf * tribFt + ownPlf) / Math.cos(radians(lean.thetaDeg))
}

/** Every load a rafter is judged under: snow in each of its cases, roof live, wind down and up. */
function rafterCases(of: RafterOf): SpanCase[] {
  const { building, lean, tribFt } = of
  const { depthIn, pitchPer12 } = lean.leanTo
  const dead = deadPlf(of)
  // Pressure acts on the slope's length, square to it: as a load on the run it weighs (slope/run)² for the moment.
  const wind = (psf: number) => (psf * tribFt) / Math.cos(radians(lean.thetaDeg)) ** 2
  const held = building.roof.purlins.skinHolds ? 0 : building.roof.purlins.spaceIn
  const live = roofLivePsf((depthIn / IN_PER_FT) * tribFt, pitchPer12) * tribFt
  const loads = (...lines: LineLoad[]) => loadsOver(depthIn, lines)
  return [
    ...lean.snow.map((low): SpanCase => ({
      name: `D+S, ${low.governs}`,
      duration: DURATION.snow,
      luIn: held,
      loads: loads(uniform(depthIn, dead, 'dead'), ...snowLines(low, depthIn, tribFt, 1)),
      origin: { kind: 'loads', trace: low.trace },
    })),
    { name: 'D+Lr', duration: 1.25, luIn: held, loads: loads(uniform(depthIn, dead + live, 'roof live')) },
    {
      name: 'D+0.6W',
      duration: DURATION.wind,
      luIn: held,
      loads: loads(uniform(depthIn, dead + WIND_ASD * wind(lean.wind.downPsf), 'wind down')),
      verify: 'C14',
    },
    ...lean.snow.map((low): SpanCase => ({
      name: `D+0.75S+0.75(0.6W), ${low.governs}`,
      duration: DURATION.wind,
      luIn: held,
      loads: loads(
        uniform(depthIn, dead + 0.45 * wind(lean.wind.downPsf), 'dead and wind'),
        ...snowLines(low, depthIn, tribFt, 0.75),
      ),
      verify: 'C14',
    })),
    {
      name: '0.6D+0.6W',
      duration: DURATION.wind,
      luIn: depthIn,
      loads: loads(uniform(depthIn, WIND_ASD * wind(lean.wind.upPsf) + DEAD_AGAINST_WIND * dead, 'wind up')),
      verify: 'C14',
      origin: { kind: 'loads', trace: lean.wind.trace },
    },
  ]
}

/** The sags a rafter is held to: under the heaviest snow alone, and with what always lies on it. */
function rafterSags(of: RafterOf): SagCase[] {
  const { building, lean, tribFt } = of
  const { depthIn } = lean.leanTo
  const heaviest = lean.snow.reduce((best, low) =>
    low.peakPsf + low.uniformPsf > best.peakPsf + best.uniformPsf ? low : best,
  )
  const limit = roofLimits(building.roof.ceiling)
  const snow = snowLines(heaviest, depthIn, tribFt, 1)
  return [
    { name: 'snow', over: limit.live, loads: loadsOver(depthIn, snow) },
    { name: 'D+S', over: limit.total, loads: loadsOver(depthIn, [uniform(depthIn, deadPlf(of), 'dead'), ...snow]) },
  ]
}

/** The rafter as a member on its plan run: every snow case, roof live, wind down and up. */
export function rafterMember(of: RafterOf): SpanMember {
  const { building, lean } = of
  const { rafter, depthIn, seatIn, pitchPer12 } = lean.leanTo
  const size = boardSize(rafter.size)
  const left = size.dIn - birdsMouth(pitchPer12, size.dIn, seatIn, depthIn).notchIn
  return {
    plies: rafter.plies,
    size: rafter.size,
    lumber: rafter.lumber,
    own: building.grades,
    flat: false,
    spaceIn: rafter.spaceIn ?? 99,
    shortcut: building.edgeShortcut,
    // The seat notches the tension side at the end: (2/3)·(dn/d)²·dn against (2/3)·d (NDS 3.4.3.2).
    notchShare: notchedShearLb(1, 1, size.dIn, left) / notchedShearLb(1, 1, size.dIn, size.dIn),
    cases: rafterCases(of),
    sags: rafterSags(of),
  }
}
