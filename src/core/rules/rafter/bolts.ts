import { DURATION } from '../../wood'
import { judged } from '../check'
import { type LeanToCase, wallBolts } from './leanTo'

/**
 * Rafters bolted to the wall posts, as a ratio: down under snow, up under wind (NDS 2018 12.3). Null where they rest on
 * a ledger.
 */
export function bolts(leanTo: Pick<LeanToCase, 'building' | 'lean' | 'size' | 'values' | 'wallLb' | 'upLb'>) {
  const { lean, building, wallLb, upLb } = leanTo
  const { side, rafter } = lean.leanTo
  if (rafter.spaceIn !== null) return null
  const double = rafter.plies === 2
  const plies = double ? 1 : rafter.plies
  const down = wallBolts(leanTo, DURATION.snow, plies, double)
  const up = wallBolts(leanTo, DURATION.wind, plies, double)
  const [downRatio, upRatio] = [wallLb / down.groupLb, upLb / up.groupLb]
  const { count, diameterIn } = building.joints.ledger
  return judged({
    member: 'rafter',
    rule: 'bolts',
    place: side,
    id: `ledger-${side}`,
    stage: 'roof',
    group: 'joint',
    demand: Math.max(downRatio, upRatio),
    capacity: 1,
    unit: '',
    combination: downRatio > upRatio ? 'D+S' : '0.6D+0.6W',
    facts: { wallLb, upLb, count, diameterIn, bolt: down },
  })
}
