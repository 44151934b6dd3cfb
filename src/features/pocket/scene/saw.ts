import { area, box, line, measure, type Scene, text } from './shapes'

/** A board on the saw, its long edge to the fence. */
export interface OnSaw {
  readonly longIn: number
  readonly boardIn: number
  /** From the square line at the tip to where the cut leaves the other edge, inches; the end's is under 0 where both lean one way. */
  readonly startIn: number
  readonly endIn: number
  readonly long: string
  readonly start?: string
  readonly end?: string
  /** Words under each end. */
  readonly startWords?: string
  readonly endWords?: string
  readonly board?: string
}

/** A board on the saw with its cuts, what falls off, and how far each cut runs along the board. */
export function onSaw(cut: OnSaw): Scene {
  const { longIn, boardIn, startIn, endIn } = cut
  const fenceIn = boardIn * 0.28
  const [low, right] = [-boardIn, longIn - endIn]
  return [
    box('steel', [-longIn * 0.04, 0], [longIn * 1.04, fenceIn]),
    area('pale', [0, 0], [0, low], [startIn, low]),
    area('pale', [longIn, 0], [longIn, low], [right, low]),
    area('wood', [0, 0], [longIn, 0], [right, low], [startIn, low]),
    line('edge', [0, 0], [longIn, 0]),
    line('ghost', [0, 0], [0, low]),
    line('ghost', [longIn, 0], [longIn, low]),
    line('ink', [0, 0], [startIn, low]),
    line('ink', [longIn, 0], [right, low]),
    measure([0, fenceIn], [longIn, fenceIn], cut.long, 12),
    ...(cut.start === undefined ? [] : [measure([0, low], [startIn, low], cut.start, -9)]),
    ...(cut.end === undefined
      ? []
      : [measure([Math.min(right, longIn), low], [Math.max(right, longIn), low], cut.end, -9)]),
    ...(cut.startWords === undefined
      ? []
      : [text([0, low], cut.startWords, { anchor: 'start', offPx: [0, cut.start === undefined ? 18 : 46] })]),
    ...(cut.endWords === undefined
      ? []
      : [text([longIn, low], cut.endWords, { anchor: 'end', offPx: [0, cut.end === undefined ? 18 : 46] })]),
    ...(cut.board === undefined ? [] : [text([longIn / 2, low / 2], cut.board, { offPx: [0, 5] })]),
  ]
}
