import { IN2_PER_FT2, IN_PER_FT } from '../units'
import { roofLivePsf } from '../loads'
import type { Building, LeanTo } from '../model'
import type { Check } from '../result'
import { type SpanLoads, uniform } from '../statics'
import { boardSize, weightPlf, DURATION } from '../wood'
import type { LeanToLoads, SiteResults } from '../frame/siteResults'
import { spanChecks } from './spanCheck'

/** A ledger or lean-to beam under the rafters' load spread along it. */
export function builtUp({
  building,
  results,
  lean,
  id,
  title,
  spec,
  spanIn,
  snowPlf,
  upPlf,
}: {
  building: Building
  results: SiteResults
  lean: LeanToLoads
  id: string
  title: string
  spec: LeanTo['beam']
  spanIn: number
  snowPlf: number
  upPlf: number
}): Check[] {
  const dead =
    (results.dead.maxPsf * lean.leanTo.depthIn) / 2 / IN_PER_FT +
    spec.plies * weightPlf(spec.lumber, boardSize(spec.size).areaIn2, 19, building.grades)
  const live =
    (roofLivePsf((spanIn * lean.leanTo.depthIn) / 2 / IN2_PER_FT2, lean.leanTo.pitchPer12) * lean.leanTo.depthIn) /
    2 /
    IN_PER_FT
  const lu = lean.leanTo.rafter.spaceIn ?? spanIn
  const load = (plf: number, name: string): SpanLoads => ({
    lengthIn: spanIn,
    points: [],
    lines: [uniform(spanIn, plf, name)],
  })
  return spanChecks({
    id,
    title,
    stage: 'roof',
    group: 'lean-to',
    subjects: [],
    plies: spec.plies,
    size: spec.size,
    lumber: spec.lumber,
    own: building.grades,
    flat: false,
    spaceIn: 99,
    shortcut: building.edgeShortcut,
    fix: 'Deeper boards, more plies, or posts closer together.',
    cases: [
      { name: 'D+S', duration: DURATION.snow, luIn: lu, loads: load(dead + snowPlf, 'snow') },
      { name: 'D+Lr', duration: 1.25, luIn: lu, loads: load(dead + live, 'roof live') },
      {
        name: '0.6D+0.6W',
        duration: DURATION.wind,
        luIn: spanIn,
        loads: load(-Math.max(0, upPlf), 'wind up'),
        verify: 'C14',
      },
    ],
    sags: [{ name: 'D+S', over: 240, loads: load(dead + Math.max(snowPlf, live), 'snow') }],
  })
}
