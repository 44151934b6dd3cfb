import { splittingLb } from '../../joints'
import { DURATION } from '../../wood'
import { isWorse, usedOf, worseOf } from '../../result'
import { judgedUse } from '../check'
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
  const downUse = usedOf(wallLb, Math.min(down.bolt.groupLb, splittingLb(down.down)))
  const upUse = usedOf(upLb, Math.min(up.bolt.groupLb, splittingLb(up.up)))
  const { count, diameterIn } = building.joints.ledger
  return judgedUse({
    member: 'rafter',
    rule: 'bolts',
    place: side,
    id: `ledger-${side}`,
    stage: 'roof',
    group: 'joint',
    use: worseOf(upUse, downUse),
    combination: isWorse(downUse, upUse) ? 'D+S' : '0.6D+0.6W',
    facts: {
      wallLb,
      upLb,
      count,
      diameterIn,
      held: isWorse(downUse, upUse) ? { bolt: down.bolt, splitting: down.down } : { bolt: up.bolt, splitting: up.up },
    },
  })
}
