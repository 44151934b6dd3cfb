import type { FrameRow, Lateral } from '../../frame'
import type { Building } from '../../model'
import { cannotStand, item } from '../../result'
import { cannot, judged, judgedUse } from '../check'

export type SwayFacts =
  | { readonly kind: 'trusted' | 'does not stand' }
  | {
      readonly kind: 'moves'
      readonly line: number
      readonly moveIn: number
      readonly heelIn: number
      readonly over: number | null
      readonly row: FrameRow
      readonly loadLb: number
      readonly frameLbIn: number
    }

/**
 * How far the eave moves under wind across the ridge, inches, against what the user says doors and finishes allow: no
 * code sets a limit for wind (IBC 2021 1604.3; ASCE 7-16 Appendix C).
 */
export function sway({
  building,
  lateral,
}: {
  readonly building: Pick<Building, 'heelIn' | 'bracing'>
  readonly lateral: Pick<Lateral, 'relied' | 'row'>
}) {
  const name = { member: 'diaphragm', rule: 'sway', place: '', id: 'sway', stage: 'bracing' } as const
  const { row, relied } = lateral
  if (relied === 'roof trusted') {
    const facts: SwayFacts = { kind: 'trusted' }
    return cannot({ ...name, facts })
  }
  const moves = row.moveIn.flatMap((move, line) => (move === null ? [] : [{ move, line }]))
  const [most] = [...moves].sort((one, other) => other.move - one.move)
  if (moves.length < row.moveIn.length || !most) {
    const facts: SwayFacts = { kind: 'does not stand' }
    const use = cannotStand('mechanism')
    return judgedUse({ ...name, group: 'diaphragm', combination: '0.6W', use, facts })
  }
  const { move: moveIn, line: at } = most
  const { heelIn } = building
  const over = building.bracing.swayOver
  const facts: SwayFacts = {
    kind: 'moves',
    line: at + 1,
    moveIn,
    heelIn,
    over,
    row,
    loadLb: item(row.loadLb, at),
    frameLbIn: item(row.frameLbIn, at),
  }
  if (over === null) return cannot({ ...name, facts })
  return judged({
    ...name,
    group: 'diaphragm',
    demand: moveIn,
    capacity: heelIn / over,
    unit: 'in',
    combination: '0.6W',
    facts,
  })
}
