import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { atLeast, over, wholeIn } from './compare'
import { answer, answerOrNull, MOST_MARKS, positive, whole, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** What is left over that nobody sees, inches. */
const CLOSES_IN = 1 / 32
/** A ripped board narrower than this splits at its nails: two are ripped alike instead, inches. */
const NARROWEST_RIP_IN = 1

/** How the boards come out, what each gap or rip then is. */
interface Ending {
  readonly way: 'fits' | 'share' | 'rip'
  readonly sharedGapIn: number | null
  readonly ripIn: number | null
  readonly ripCount: number
}

const ripped = (ripIn: number, ripCount: number): Ending => ({ way: 'rip', sharedGapIn: null, ripIn, ripCount })

/**
 * Boards across a depth with gaps between, inches: what is left closes, or is shared by the last gaps up to their limit,
 * or one board (or the last two alike, where one would be under an inch) is ripped.
 */
export const boardsAcross = figure({
  name: 'boards-across',
  input: z.strictObject({
    depthIn: positive('Depth to cover, inches'),
    boardIn: positive('Width of a board, inches'),
    gapIn: zeroOrMore('Gap between boards, inches'),
    overLast: whole(1, 'Gaps that may share what is left'),
    gapLimitIn: zeroOrMore('Widest gap that passes, inches'),
  }),
  output: z.object({
    count: answer('Whole boards that fit'),
    leftIn: answer('Left over, inches'),
    way: z.enum(['fits', 'share', 'rip']),
    sharedGapIn: answerOrNull('Each of the last gaps where they share, inches'),
    ripIn: answerOrNull('Width of a ripped board, inches'),
    ripCount: answer('Ripped boards'),
  }),
  solve: ({ depthIn, boardIn, gapIn, overLast, gapLimitIn }) => {
    if (over(gapIn, gapLimitIn)) return fail('too-small', ['gapLimitIn'], { minimum: gapIn })
    const count = wholeIn((depthIn + gapIn) / (boardIn + gapIn))
    if (count > MOST_MARKS) return fail('too-small', ['boardIn'], { minimum: depthIn / MOST_MARKS })
    if (count === 0) return ok({ count, leftIn: depthIn, ...ripped(depthIn, 1) })
    const leftIn = depthIn - count * boardIn - (count - 1) * gapIn
    const closes = !over(leftIn, CLOSES_IN)
    if (closes) return ok({ count, leftIn, way: 'fits' as const, sharedGapIn: null, ripIn: null, ripCount: 0 })
    const sharing = Math.min(overLast, count - 1)
    const sharedGapIn = gapIn + leftIn / sharing
    if (sharing > 0 && !over(sharedGapIn, gapLimitIn))
      return ok({ count, leftIn, way: 'share' as const, sharedGapIn, ripIn: null, ripCount: 0 })
    if (atLeast(leftIn - gapIn, NARROWEST_RIP_IN)) return ok({ count, leftIn, ...ripped(leftIn - gapIn, 1) })
    const bothIn = (boardIn + leftIn - gapIn) / 2
    if (!over(bothIn, 0)) return fail('no-room', ['gapIn'], { mostIn: boardIn + leftIn })
    return ok({ count, leftIn, ...ripped(bothIn, 2) })
  },
  arithmetic: ({ depthIn, boardIn, gapIn, overLast }, { count, leftIn, way, sharedGapIn, ripIn, ripCount }) => [
    step({
      label: 'Whole boards',
      formula: '(depth + gap)/(board + gap), down',
      numbers: `(${num(depthIn)} + ${num(gapIn)})/(${num(boardIn)} + ${num(gapIn)}), down`,
      value: count,
      unit: '',
    }),
    step({
      label: 'Left over',
      formula: 'depth − n·board − (n − 1)·gap',
      numbers:
        count === 0 ? num(depthIn) : `${num(depthIn)} − ${count} × ${num(boardIn)} − (${count} − 1) × ${num(gapIn)}`,
      value: leftIn,
      unit: 'in',
    }),
    ...(way === 'share' && sharedGapIn !== null
      ? [
          step({
            label: 'Each of the last gaps',
            formula: 'gap + left/gaps',
            numbers: `${num(gapIn)} + ${num(leftIn)}/${Math.min(overLast, count - 1)}`,
            value: sharedGapIn,
            unit: 'in',
          }),
        ]
      : []),
    ...(ripIn !== null && count > 0
      ? [
          step({
            label: ripCount === 2 ? 'Each of the last two' : 'Ripped board',
            formula: ripCount === 2 ? '(board + left − gap)/2' : 'left − gap',
            numbers:
              ripCount === 2
                ? `(${num(boardIn)} + ${num(leftIn)} − ${num(gapIn)})/2`
                : `${num(leftIn)} − ${num(gapIn)}`,
            value: ripIn,
            unit: 'in',
          }),
        ]
      : []),
  ],
})
