import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { degrees, radians } from '../units'
import { over } from './compare'
import { answer, answerOrNull, positive } from './fields'
import { figure, num, step } from './figure'
import { STICK_INPUT, STICK_OUTPUT, sticksArithmetic, sticksFor } from './sticks'

/** Long edge of a brace from a post to a beam, inches: heel to heel. */
export const kneeLongEdgeIn = (downIn: number, outIn: number): number => Math.hypot(downIn, outIn)

/**
 * The cuts of a knee brace, inches along the board from square to the tip at either end, and its short edge. Null where
 * the cuts meet before the short edge.
 */
export function kneeCuts(downIn: number, outIn: number, boardIn: number) {
  const [setbackPostIn, setbackBeamIn] = [(boardIn * downIn) / outIn, (boardIn * outIn) / downIn]
  const shortEdgeIn = kneeLongEdgeIn(downIn, outIn) - setbackPostIn - setbackBeamIn
  return shortEdgeIn > 0 ? { setbackPostIn, setbackBeamIn, shortEdgeIn } : null
}

/**
 * A knee brace from a plumb post to a level beam, inches: its edges, its cuts off square, and what to do where a cut is
 * past what the saw reaches. Refused where the cuts meet before the short edge.
 */
export const kneeBrace = figure({
  name: 'knee-brace',
  input: z.strictObject({
    downIn: positive('Down the post, inches'),
    outIn: positive('Out along the beam, inches'),
    boardIn: positive('Width of the board, inches'),
    sawLimitDeg: positive('How far off square the saw reaches, degrees'),
    ...STICK_INPUT,
  }),
  output: z.object({
    angleDeg: answer('From level, degrees'),
    longEdgeIn: answer('Long edge, inches'),
    shortEdgeIn: answer('Short edge, inches'),
    cutPostDeg: answer('Cut at the post, degrees off square'),
    cutBeamDeg: answer('Cut at the beam, degrees off square'),
    overSaw: z.boolean(),
    setbackPostIn: answer('From square to the tip at the post, inches'),
    setbackBeamIn: answer('From square to the tip at the beam, inches'),
    sawnOutAtLeastIn: answerOrNull('Out at least so far the saw reaches the post’s cut, inches; null where it does'),
    sawnOutAtMostIn: answerOrNull('Out at most so far the saw reaches the beam’s cut, inches; null where it does'),
    ...STICK_OUTPUT,
  }),
  solve: ({ downIn, outIn, boardIn, sawLimitDeg, stickIn, pieces }) => {
    const angleDeg = degrees(Math.atan2(downIn, outIn))
    const longEdgeIn = kneeLongEdgeIn(downIn, outIn)
    const cuts = kneeCuts(downIn, outIn, boardIn)
    const mostIn = longEdgeIn / (downIn / outIn + outIn / downIn)
    if (!cuts || !over(cuts.shortEdgeIn, 0)) return fail('no-room', ['boardIn'], { mostIn })
    const sticks = sticksFor(longEdgeIn, stickIn, pieces)
    if (!sticks.ok) return sticks
    const [cutPostDeg, cutBeamDeg] = [angleDeg, 90 - angleDeg]
    const overPost = over(cutPostDeg, sawLimitDeg)
    const overBeam = over(cutBeamDeg, sawLimitDeg)
    const reach = Math.tan(radians(Math.min(sawLimitDeg, 89.9)))
    // No place serves where the saw reaches less than 45 degrees: one of the cuts is always past it.
    const serves = sawLimitDeg >= 45
    return ok({
      angleDeg,
      longEdgeIn,
      ...cuts,
      cutPostDeg,
      cutBeamDeg,
      overSaw: overPost || overBeam,
      sawnOutAtLeastIn: overPost && serves ? downIn / reach : null,
      sawnOutAtMostIn: overBeam && serves ? downIn * reach : null,
      ...sticks.value,
    })
  },
  arithmetic: ({ downIn, outIn, boardIn, stickIn, pieces }, found) => [
    step({
      label: 'Angle from level, and cut at the post',
      formula: 'atan(down/out)',
      numbers: `atan(${num(downIn)}/${num(outIn)}) in degrees`,
      value: found.angleDeg,
      unit: '°',
    }),
    step({
      label: 'Cut at the beam',
      formula: '90° − angle',
      numbers: `90 − ${num(found.angleDeg)}`,
      value: found.cutBeamDeg,
      unit: '°',
    }),
    step({
      label: 'Long edge',
      formula: '√(down² + out²)',
      numbers: `√(${num(downIn)}² + ${num(outIn)}²)`,
      value: found.longEdgeIn,
      unit: 'in',
    }),
    step({
      label: 'Short edge',
      formula: 'long − board·(down/out + out/down)',
      numbers:
        `${num(found.longEdgeIn)} − ${num(boardIn)} × ` +
        `(${num(downIn)}/${num(outIn)} + ${num(outIn)}/${num(downIn)})`,
      value: found.shortEdgeIn,
      unit: 'in',
    }),
    step({
      label: 'Setback at the post',
      formula: 'board·down/out',
      numbers: `${num(boardIn)} × ${num(downIn)}/${num(outIn)}`,
      value: found.setbackPostIn,
      unit: 'in',
    }),
    step({
      label: 'Setback at the beam',
      formula: 'board·out/down',
      numbers: `${num(boardIn)} × ${num(outIn)}/${num(downIn)}`,
      value: found.setbackBeamIn,
      unit: 'in',
    }),
    ...sticksArithmetic({ pieceIn: found.longEdgeIn, stickIn, pieces }, found),
  ],
})
