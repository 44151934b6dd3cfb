import type { LeanTo } from '../../model'
import { roofLivePsf } from '../../loads'
import { type SpanLoads, uniform } from '../../statics'
import { IN2_PER_FT2, IN_PER_FT } from '../../units'
import { boardSize, DURATION, weightPlf } from '../../wood'
import type { SpanMember } from '../span/member'
import type { LeanToCase } from './leanTo'

/** No other board stands near enough to share a load, inches. */
const ALONE_IN = 99

/** A ledger or a lean-to's outer beam under the rafters' load spread along it. */
export function alongWallMember(
  { building, lean, results, upPlf }: Pick<LeanToCase, 'building' | 'lean' | 'results' | 'upPlf'>,
  { spec, spanIn, snowPlf }: { readonly spec: LeanTo['beam']; readonly spanIn: number; readonly snowPlf: number },
): SpanMember {
  const { depthIn, pitchPer12, rafter } = lean.leanTo
  const ownPlf = spec.plies * weightPlf(spec.lumber, boardSize(spec.size).areaIn2, 19, building.grades)
  const dead = (results.dead.maxPsf * depthIn) / 2 / IN_PER_FT + ownPlf
  const live = (roofLivePsf((spanIn * depthIn) / 2 / IN2_PER_FT2, pitchPer12) * depthIn) / 2 / IN_PER_FT
  const heldIn = rafter.spaceIn ?? spanIn
  const load = (plf: number, name: string): SpanLoads => ({
    lengthIn: spanIn,
    points: [],
    lines: [uniform(spanIn, plf, name)],
  })
  return {
    plies: spec.plies,
    size: spec.size,
    lumber: spec.lumber,
    own: building.grades,
    flat: false,
    spaceIn: ALONE_IN,
    shortcut: building.edgeShortcut,
    cases: [
      { name: 'D+S', duration: DURATION.snow, luIn: heldIn, loads: load(dead + snowPlf, 'snow') },
      { name: 'D+Lr', duration: 1.25, luIn: heldIn, loads: load(dead + live, 'roof live') },
      {
        name: '0.6D+0.6W',
        duration: DURATION.wind,
        luIn: spanIn,
        loads: load(-Math.max(0, upPlf), 'wind up'),
        verify: 'C14',
      },
    ],
    sags: [{ name: 'D+S', over: 240, loads: load(dead + Math.max(snowPlf, live), 'snow') }],
  }
}
