import { splittingLb } from '../../joints'
import { IN_PER_FT } from '../../units'
import { boardSize, boardValues, DURATION } from '../../wood'
import { judged } from '../check'
import { type LeanToCase, wallBolts } from '../rafter/leanTo'

/** The ledger bolted to each wall post, lb (NDS 2018 12.3). Null where the rafters are bolted to the posts. */
export function bolts(leanTo: Pick<LeanToCase, 'building' | 'lean' | 'wallLb' | 'spaceIn' | 'wallSpanIn'>) {
  const { lean, building, wallLb, spaceIn, wallSpanIn } = leanTo
  const { side, rafter, ledger } = lean.leanTo
  if (rafter.spaceIn === null) return null
  const size = boardSize(ledger.size)
  const values = boardValues(ledger.lumber, size.nominal, building.grades)
  const { bolt, down } = wallBolts({ building, lean, size, values }, DURATION.snow, ledger.plies, false)
  const atPostLb = (wallLb / (spaceIn / IN_PER_FT)) * (wallSpanIn / IN_PER_FT)
  return judged({
    member: 'ledger',
    rule: 'bolts',
    place: side,
    id: `ledger-bolts-${side}`,
    stage: 'roof',
    group: 'joint',
    demand: atPostLb,
    // A ledger brings half to a post from either side.
    capacity: Math.min(bolt.groupLb, 2 * splittingLb(down)),
    unit: 'lb',
    combination: 'D+S',
    facts: { atPostLb, count: building.joints.ledger.count, held: { bolt, splitting: down } },
  })
}
