import * as z from 'zod/mini'
import { fail, ok, type Result, type TraceLine } from '../result'
import { over, wholeFor, wholeIn } from './compare'
import { answerOrNull, positive, whole } from './fields'
import { num, step } from './figure'

/** What a saw takes out of the wood with each cut, inches. */
export const KERF_IN = 1 / 8

/** What a figure takes besides, where its pieces are bought in sticks. */
export const STICK_INPUT = {
  stickIn: z.optional(positive('Length of a stick to buy, inches')),
  pieces: z.optional(whole(1, 'Pieces wanted')),
}
/** What it answers besides. */
export const STICK_OUTPUT = {
  perStick: answerOrNull('Pieces from one stick; null where no stick is named'),
  sticks: answerOrNull('Sticks to buy; null where nobody says how many pieces'),
  stickLeftIn: answerOrNull('Left of a whole stick, inches'),
}

/** Pieces of one length out of sticks of another. */
export type Sticks = { readonly [K in keyof typeof STICK_OUTPUT]: number | null }

/**
 * Pieces per stick with a kerf for each, and sticks to buy: all null where no stick is named. Refused at `stickIn` where the
 * stick is shorter than a piece.
 */
export function sticksFor(pieceIn: number, stickIn: number | undefined, pieces: number | undefined): Result<Sticks> {
  if (stickIn === undefined) return ok({ perStick: null, sticks: null, stickLeftIn: null })
  if (over(pieceIn, stickIn)) return fail('no-room', ['stickIn'], { leastIn: pieceIn })
  const perStick = wholeIn((stickIn + KERF_IN) / (pieceIn + KERF_IN))
  return ok({
    perStick,
    sticks: pieces === undefined ? null : wholeFor(pieces / perStick),
    stickLeftIn: Math.max(0, stickIn - perStick * (pieceIn + KERF_IN)),
  })
}

/** The steps of it; none where no stick is named. */
export function sticksArithmetic(
  { pieceIn, stickIn, pieces }: { readonly pieceIn: number; readonly stickIn?: number; readonly pieces?: number },
  { perStick, sticks }: Sticks,
): readonly TraceLine[] {
  if (stickIn === undefined || perStick === null) return []
  const per = step({
    label: 'Pieces from a stick',
    formula: '(stick + kerf)/(piece + kerf), down',
    numbers: `(${num(stickIn)} + 0.125)/(${num(pieceIn)} + 0.125), down`,
    value: perStick,
    unit: '',
  })
  if (pieces === undefined || sticks === null) return [per]
  return [
    per,
    step({
      label: 'Sticks',
      formula: 'pieces/pieces from a stick, up',
      numbers: `${pieces}/${perStick}, up`,
      value: sticks,
      unit: '',
    }),
  ]
}
