import type { FrameRow, Lateral } from '../../frame'
import type { Building } from '../../model'
import { item } from '../../result'
import { cannot, judged } from '../check'

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
  const at = row.moveIn.reduce((most, moveIn, i) => (moveIn > item(row.moveIn, most) ? i : most), 0)
  const moveIn = item(row.moveIn, at)
  if (relied === 'roof trusted' || !Number.isFinite(moveIn)) {
    const facts: SwayFacts = { kind: relied === 'roof trusted' ? 'trusted' : 'does not stand' }
    return cannot({ ...name, facts })
  }
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
