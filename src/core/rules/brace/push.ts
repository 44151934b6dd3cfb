import type { BraceLine } from '../../frame'
import { nailOf } from '../../joints'
import { cannotStand } from '../../result'
import { radians } from '../../units'
import { type BoardSize, boardSize, boardValues, columnStability, type DesignValues, DURATION } from '../../wood'
import { judged, judgedUse } from '../check'
import { type BraceCase, tooSteep } from './case'

interface BracePushFacts {
  readonly brace: BraceLine
  readonly slenderness: number
  readonly cp: number
  readonly holdsLb: number
  readonly values: DesignValues
  readonly size: BoardSize
}

/**
 * A single board pushed by wind from the other side, held at its middle or at every girt, lb (NDS 2018 3.7.1). Null for
 * other braces.
 */
export function push({ building, brace, gapIn }: Pick<BraceCase, 'building' | 'brace' | 'gapIn'>) {
  const { bracing, grades } = building
  const size = boardSize(bracing.size)
  const values = boardValues(bracing.lumber, size.nominal, grades)
  if (bracing.walls !== 'single-boards' || tooSteep({ brace }) || !values || !nailOf(bracing.nail)) return null
  const freeIn = Math.min(brace.lengthIn / 2, gapIn / Math.sin(radians(brace.alphaDeg)))
  const slenderness = freeIn / size.bIn
  const { cp } = columnStability({ slenderness, eMinPsi: values.eMin, fcStarPsi: values.fc * DURATION.wind })
  const holdsLb = values.fc * DURATION.wind * cp * size.areaIn2
  const facts: BracePushFacts = { brace, slenderness, cp, holdsLb, values, size }
  const name = {
    member: 'brace',
    rule: 'push',
    place: brace.side,
    id: `brace-${brace.side}-push`,
    stage: 'bracing',
  } as const
  const head = { ...name, group: 'brace', combination: '0.6W', facts } as const
  if (cp === 0) return judgedUse({ ...head, use: cannotStand('slender') })
  return judged({ ...head, demand: brace.forceLb, capacity: holdsLb, unit: 'lb' })
}
