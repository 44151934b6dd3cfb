import { addUnder, firstOf } from '../result'
import type { BoardName, Lumber } from '../model'
import { SAME_IN } from '../units'
import { type Buying, sawnLongIn } from './buy'
import { PURLIN_BLOCKS } from './purlinBlocks'
import type { Stick, StickKind } from './stick'

/** Pieces of one length out of one board, with the sticks that they are. */
interface CutPiece {
  readonly lengthIn: number
  readonly count: number
  readonly sticks: readonly Stick[]
}

/** All pieces that are cut from one board, by size, lumber and treatment. */
export interface CutGroup {
  readonly key: string
  readonly size: BoardName
  readonly lumber: Lumber
  readonly treated: boolean
  readonly label: string
  /** Longest first. */
  readonly pieces: readonly CutPiece[]
}

/** What is done together on site, in its order: a cut list can be for all of it or for what is next. */
export const CUT_STAGES = ['posts', 'walls', 'beams', 'roof', 'bracing'] as const
export type CutStage = (typeof CUT_STAGES)[number]

const STAGES: Readonly<Record<StickKind, CutStage>> = {
  ply: 'posts',
  post: 'posts',
  'temporary brace': 'posts',
  skirt: 'walls',
  girt: 'walls',
  buck: 'walls',
  blocking: 'walls',
  'track board': 'walls',
  carrier: 'beams',
  header: 'beams',
  ledger: 'beams',
  rafter: 'roof',
  purlin: 'roof',
  batten: 'roof',
  fascia: 'roof',
  truss: 'roof',
  brace: 'bracing',
  knee: 'bracing',
}
/** Whether a piece is sawn from a board and carries a label: posts have cards, trusses come with their maker’s. */
export const isLabelled = ({ kind, board }: Pick<Stick, 'kind' | 'board'>): boolean =>
  board.size !== null && kind !== 'ply'

/** Blocks are cut with what they go into: those of openings with their wall. */
const BLOCK_STAGES: Readonly<Record<string, CutStage>> = {
  [PURLIN_BLOCKS]: 'roof',
  cleats: 'roof',
  'bearing blocks': 'posts',
  'foot cleats': 'posts',
}

/** When a piece is cut. */
export const stageOf = ({ kind, place }: Pick<Stick, 'kind' | 'place'>): CutStage =>
  (kind === 'blocking' ? BLOCK_STAGES[place.row ?? ''] : undefined) ?? STAGES[kind]

/** Length that a piece is sawn to from its board, inches: tops of posts that are cut in place stay long until then. */
const sawnIn = ({ kind, ends, cutLengthIn }: Stick, buying: Buying): number =>
  kind === 'ply' && ends[1].on === null ? cutLengthIn + sawnLongIn(buying) : cutLengthIn

/** Lengths are sawn to the sixteenth above. */
const toSixteenthUp = (lengthIn: number): number => Math.ceil(lengthIn * 16 - SAME_IN) / 16

/** The pieces to cut, board by board; what is ordered to length is none of them. */
export function cutGroups(sticks: readonly Stick[], buying: Buying): readonly CutGroup[] {
  const boards = new Map<string, Map<number, Stick[]>>()
  for (const stick of sticks) {
    const { board } = stick
    if (board.size === null) continue
    const key = `${board.size} ${board.lumber}${board.treated ? ' treated' : ''}`
    const lengths = boards.get(key) ?? new Map<number, Stick[]>()
    boards.set(key, lengths)
    addUnder(lengths, toSixteenthUp(sawnIn(stick, buying)), stick)
  }
  return [...boards]
    .map(([key, lengths]): CutGroup => {
      const pieces = [...lengths]
        .sort((one, other) => other[0] - one[0])
        .map(([lengthIn, own]) => ({ lengthIn, count: own.length, sticks: own }))
      const { size, label, lumber, treated } = firstOf(firstOf(pieces).sticks).board
      return {
        key,
        size: size ?? '2x6',
        lumber,
        treated,
        label: `${label} ${lumber}${treated ? ', treated' : ''}`,
        pieces,
      }
    })
    .sort((one, other) => one.key.localeCompare(other.key, 'en', { numeric: true }))
}
