import type { BoardName, Building, Lumber } from '../model'
import { boardSize, postSize, weightPlf } from '../wood'
import type { StickBoard } from './stick'

/** Moisture of wood as it is lifted, percent. */
export const LIFTED_MOISTURE_PCT = 19

/** Boards by what they are, so that all sticks of one board share it. */
export type Boards = (size: BoardName, lumber: Lumber, treated?: boolean) => StickBoard

/** The boards of one building. */
export function boardsOf({ grades }: Pick<Building, 'grades'>): Boards {
  const made = new Map<string, StickBoard>()
  return (size, lumber, treated = false) => {
    const key = `${size} ${lumber} ${treated}`
    const has = made.get(key)
    if (has) return has
    const { bIn, dIn, areaIn2 } = boardSize(size)
    const board: StickBoard = {
      widthIn: bIn,
      depthIn: dIn,
      plies: 1,
      size,
      label: size.replace('x', '×'),
      lumber,
      treated,
      weightPlf: weightPlf(lumber, areaIn2, LIFTED_MOISTURE_PCT, grades),
    }
    made.set(key, board)
    return board
  }
}

/** A post of one piece: it is ordered to length. */
export function timberOf({ post, grades, school }: Pick<Building, 'post' | 'grades' | 'school'>): StickBoard {
  const { widthIn, depthIn, areaIn2, label } = postSize(post)
  return {
    widthIn,
    depthIn,
    plies: 1,
    size: null,
    label,
    lumber: post.lumber,
    treated: school !== 'pier',
    weightPlf: weightPlf(post.lumber, areaIn2, LIFTED_MOISTURE_PCT, grades),
  }
}
