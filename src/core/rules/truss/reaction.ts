import type { SiteResults } from '../../frame'
import { item } from '../../result'
import { IN_PER_FT, ROUNDING } from '../../units'
import { cannot } from '../check'
import type { SeatedTrusses } from './seated'

/** A typed reaction this far from what balanced loads make is asked about, as a share. */
const FAR_OFF = 0.1

/** A reaction typed off the truss drawing that is far from what balanced snow and dead load here make, lb. */
export function reaction({
  seated: { plan, reactions, heavy, building },
  results,
}: {
  readonly seated: Pick<SeatedTrusses, 'plan' | 'reactions' | 'heavy' | 'building'>
  readonly results: Pick<SiteResults, 'dead' | 'snow'>
}) {
  const typed = building.roof.truss.reaction
  if (!typed) return null
  const psf = results.dead.maxPsf + results.snow.psPsf
  const heaviestPlf = Math.max(...plan.trusses.map((truss) => (psf * truss.tributaryIn) / IN_PER_FT))
  const heavyFt = item(plan.trusses, heavy).tributaryIn / IN_PER_FT
  const ownLb = heaviestPlf * (item(reactions, heavy).roofFt2 / Math.max(heavyFt, ROUNDING))
  if (!(Math.abs(typed.gravityLb - ownLb) > FAR_OFF * ownLb)) return null
  return cannot({
    member: 'truss',
    rule: 'reaction',
    place: '',
    id: 'truss-differs',
    stage: 'roof',
    facts: { typedLb: typed.gravityLb, ownLb },
  })
}
