import type { SiteResults } from '../../frame'
import { cannot } from '../check'
import type { SeatedTrusses } from './seated'

/** The trusses themselves: their design is the truss maker's, and what that must be told is said. */
export const order = ({
  seated: { plan, netUpLb, building },
  results,
}: {
  readonly seated: Pick<SeatedTrusses, 'plan' | 'netUpLb' | 'building'>
  readonly results: Pick<SiteResults, 'dead' | 'snow'>
}) =>
  cannot({
    member: 'truss',
    rule: 'order',
    place: '',
    id: 'trusses',
    stage: 'roof',
    facts: {
      deadPsf: results.dead.maxPsf,
      snowPsf: results.snow.psPsf,
      unbalancedPsf: results.snow.unbalanced
        ? results.snow.unbalanced.leewardPsf + results.snow.unbalanced.surchargePsf
        : null,
      netUpLb: Math.max(0, netUpLb),
      spaceIn: plan.spaceIn,
      knee: building.knee !== null,
    },
  })
