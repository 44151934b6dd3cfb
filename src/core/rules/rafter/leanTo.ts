import type { LeanToLoads, SiteResults } from '../../frame'
import { boltStrength, type BoltStrength, crossingPlace, LEAST_FV_PSI, type Splitting } from '../../joints'
import { DEAD_AGAINST_WIND, WIND_ASD } from '../../loads'
import type { Building } from '../../model'
import { IN_PER_FT } from '../../units'
import {
  type BoardSize,
  boardSize,
  boardValues,
  type DesignValues,
  PLY_IN,
  postSize,
  specificGravity,
} from '../../wood'
import { birdsMouth, type BirdsMouth, rafterMember } from './member'
import type { SpanMember } from '../span/member'

/** One lean-to with what its rafters bring to their two ends, lb a rafter; uplift along the wall, plf. */
export interface LeanToCase {
  readonly building: Pick<Building, 'roof' | 'post' | 'joints' | 'grades' | 'edgeShortcut' | 'skin' | 'pitchPer12'>
  readonly lean: LeanToLoads
  readonly results: Pick<
    SiteResults,
    'dead' | 'claddingQhPsf' | 'site' | 'snow' | 'wind' | 'enclosure' | 'roofCladding'
  >
  /** Longest bay of the outer posts and longest space of the wall's posts, inches. */
  readonly bayIn: number
  readonly wallSpanIn: number
  readonly spaceIn: number
  readonly span: SpanMember
  readonly size: BoardSize
  readonly values: DesignValues | null
  readonly cut: BirdsMouth
  readonly lowLb: number
  readonly wallLb: number
  readonly upPlf: number
  readonly upLb: number
}

/** Gathers what the rules of one lean-to read. */
export function leanToCase({
  building,
  lean,
  results,
  bayIn,
  wallSpanIn,
}: Pick<LeanToCase, 'building' | 'lean' | 'results' | 'bayIn' | 'wallSpanIn'>): LeanToCase {
  const { leanTo, wind } = lean
  const { rafter } = leanTo
  const size = boardSize(rafter.size)
  const spaceIn = rafter.spaceIn ?? bayIn
  const spaceFt = spaceIn / IN_PER_FT
  const halfFt = leanTo.depthIn / 2 / IN_PER_FT
  const downLb = (plf: number) => (plf + results.dead.maxPsf * halfFt) * spaceFt
  const upPlf = -WIND_ASD * wind.upPsf * halfFt - DEAD_AGAINST_WIND * results.dead.minPsf * halfFt
  return {
    building,
    lean,
    results,
    bayIn,
    wallSpanIn,
    spaceIn,
    span: rafterMember({ building, results, lean, tribFt: spaceFt }),
    size,
    values: boardValues(rafter.lumber, size.nominal, building.grades),
    cut: birdsMouth(leanTo.pitchPer12, size.dIn, leanTo.seatIn, leanTo.depthIn),
    lowLb: downLb(lean.outerPlf),
    wallLb: downLb(lean.wallPlf),
    upPlf,
    upLb: Math.max(0, upPlf * spaceFt),
  }
}

/** Stiffness of a wood without tabled values, psi: only weighs how bolts of a group share their load. */
const SOME_E_PSI = 1.4e6

/** Bolts at the wall, with what the board takes across its grain at them, pushed down and up. */
export interface WallBolts {
  readonly bolt: BoltStrength
  readonly down: Splitting
  readonly up: Splitting
}

/**
 * Bolts at the wall through so many plies, for one load duration (NDS 2018 12.3): one above another where the board is
 * deep enough for that, in two rows otherwise.
 */
export function wallBolts(
  { building, lean, size, values }: Pick<LeanToCase, 'building' | 'lean' | 'size' | 'values'>,
  duration: number,
  plies: number,
  double: boolean,
): WallBolts {
  const { diameterIn, count } = building.joints.ledger
  const post = postSize(building.post)
  const ePsi = values?.ePsi ?? SOME_E_PSI
  const inOne = crossingPlace(diameterIn, count, size.dIn)
  const rows = inOne.problem === null ? 1 : 2
  const place = rows === 1 ? inOne : crossingPlace(diameterIn, Math.ceil(count / rows), size.dIn)
  const bolt = boltStrength({
    diameterIn,
    count,
    rows,
    double,
    mainIn: post.depthIn,
    sideIn: PLY_IN * plies,
    gMain: specificGravity(building.post.lumber, building.grades),
    gSide: specificGravity(lean.leanTo.rafter.lumber, building.grades),
    mainThetaDeg: 0,
    sideThetaDeg: 90,
    eaMain: ePsi * post.areaIn2,
    eaSide: ePsi * size.areaIn2 * plies,
    spacingIn: 4 * diameterIn,
    place,
    duration,
    wet: building.joints.wetPosts,
  })
  const splitting = (deIn: number): Splitting => ({
    fvPsi: values?.fv ?? LEAST_FV_PSI,
    duration,
    bIn: PLY_IN * plies * (double ? 2 : 1),
    dIn: size.dIn,
    deIn,
  })
  return { bolt, down: splitting(place.deDownIn), up: splitting(place.deUpIn) }
}
