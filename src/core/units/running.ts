import { roundIn } from './length'

/**
 * One running mark: where it is from the hook, exact and as read, and the space to the mark before it as a crew finds
 * it.
 */
export interface RunningMark {
  readonly atIn: number
  readonly shownIn: number
  readonly spaceIn: number
}

/**
 * Running dimensions from one hook: every cumulative position is rounded once from the origin and each space is the
 * difference of two
 * rounded positions, so that the shown spaces always add up to the shown total.
 */
export function runningMarks(positionsIn: readonly number[]): RunningMark[] {
  let before = 0
  return positionsIn.map((atIn) => {
    const shownIn = roundIn(atIn)
    const mark = { atIn, shownIn, spaceIn: shownIn - before }
    before = shownIn
    return mark
  })
}
