import { entryOf } from '../result'
import type { BoardName, Lumber, OwnGrade } from '../model'
import { CFU, repetitive } from './factors'
import { boardValues, type DesignValues } from './lumber'
import { boardSize } from './sections'
import { freeEdge, type FreeEdge } from './edge'
import { uniformLeIn } from './stability'

/**
 * A beam of one or more 2x plies: how it lies and what holds its edges. `luIn` free length of the compression edge, 0
 * where it is held along its length.
 */
export interface BeamMember {
  readonly plies: number
  readonly size: BoardName
  readonly lumber: Lumber
  readonly own: readonly OwnGrade[]
  readonly flat: boolean
  readonly spaceIn: number
  /** Repetitive-member factor, where it does not follow from the spacing. */
  readonly sharing?: number
  readonly luIn: number
  readonly duration: number
  readonly shortcut: boolean
  readonly wet?: boolean
  /** Plies nailed to each other, whose breadth counts together against rolling; all of them when not said. */
  readonly together?: number
}

export interface BeamStrength {
  readonly values: DesignValues
  readonly sIn3: number
  readonly iIn4: number
  readonly areaIn2: number
  readonly fbPsi: number
  readonly fvPsi: number
  readonly cr: number
  readonly cfu: number
  readonly cl: number
  /** Its free edge where nothing holds it; null where that edge is held. */
  readonly edge: FreeEdge | null
}

/** Whether NDS 4.4.1 lets a 2x board go without further edge support: nominal d/b up to 2; 3 and 4 with ends held. */
const shortcutAllows = (nominal: number, plies = 1): boolean => nominal / (2 * plies) <= 4

/** Its free edge (NDS 2018 3.3.3); null where 4.4.1 or its support exempts the beam. */
function edgeOf(
  member: BeamMember,
  given: { readonly leIn: number; readonly eMinPsi: number; readonly fbStarPsi: number },
): FreeEdge | null {
  const size = boardSize(member.size)
  const together = member.together ?? member.plies
  if (given.leIn === 0 || (member.shortcut && shortcutAllows(size.nominal, together))) return null
  return freeEdge({ ...given, dIn: size.dIn, bIn: size.bIn * together })
}

/**
 * Strength of a sawn beam, NDS 2018 4.3: Fb' with CD, Cr, Cfu flat or CL on edge, Fv' with CD. Two-ply beams take Cr 1,
 * three plies too
 * (register C25). Null without tabled values; `fbPsi` 0 past the slenderness limit of 50.
 */
export function beamStrength(beamMember: BeamMember): BeamStrength | null {
  const size = boardSize(beamMember.size)
  const values = boardValues(beamMember.lumber, size.nominal, beamMember.own)
  if (!values) return null
  const wetFb = beamMember.wet && values.fb > 1150 ? 0.85 : 1
  const cr = beamMember.sharing ?? (beamMember.plies === 1 ? repetitive(beamMember.spaceIn) : 1)
  const cfu = beamMember.flat ? entryOf(CFU, size.nominal) : 1
  const fbStarPsi = values.fb * beamMember.duration * cr * wetFb
  const leIn = beamMember.flat || beamMember.luIn <= 0 ? 0 : uniformLeIn(beamMember.luIn, size.dIn)
  const edge = edgeOf(beamMember, { leIn, eMinPsi: values.eMin, fbStarPsi })
  const cl = edge?.cl ?? 1
  return {
    values,
    sIn3: beamMember.plies * (beamMember.flat ? size.sFlatIn3 : size.sEdgeIn3),
    iIn4: beamMember.plies * (beamMember.flat ? size.iFlatIn4 : size.iEdgeIn4),
    areaIn2: beamMember.plies * size.areaIn2,
    fbPsi: fbStarPsi * cfu * cl,
    fvPsi: values.fv * beamMember.duration * (beamMember.wet ? 0.97 : 1),
    cr,
    cfu,
    cl,
    edge,
  }
}
