import { addUnder } from '../result'
import type { Sticks } from './sticks'
import type { JoinKind } from './stick'

/** Where something meets a stick: how far along it from its first end, on a post above the grade line, inches. */
export interface StickMark {
  readonly meets: string
  readonly kind: JoinKind
  readonly atIn: number
}

/**
 * The marks of every stick, post, truss and beam, by id: each join is one on both that meet in it. What only lists count
 * (nails between plies, bolts of a collar) marks nothing.
 */
export function stickMarks({ joins }: Pick<Sticks, 'joins'>): ReadonlyMap<string, readonly StickMark[]> {
  const marks = new Map<string, StickMark[]>()
  for (const { kind, stick, to, atIn, toAtIn } of joins) {
    if (stick === to) continue
    addUnder(marks, stick, { meets: to, kind, atIn })
    addUnder(marks, to, { meets: stick, kind, atIn: toAtIn })
  }
  for (const own of marks.values()) own.sort((one, other) => one.atIn - other.atIn)
  return marks
}
