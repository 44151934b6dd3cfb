import * as z from 'zod/mini'
import { ok } from '../result'
import { degrees } from '../units'
import { answer, positive } from './fields'
import { figure, num, step } from './figure'

/** A board between two plumb faces with both ends cut plumb, inches: its angle from level, one edge, and tip to tip. */
export function plumbCutBrace(clearIn: number, riseIn: number, boardIn: number) {
  const edgeIn = Math.hypot(clearIn, riseIn)
  return {
    angleDeg: degrees(Math.atan2(riseIn, clearIn)),
    edgeIn,
    tipToTipIn: edgeIn + (boardIn * riseIn) / clearIn,
  }
}

/** A brace between two plumb faces, cut plumb at both ends, inches; the rise is taken along one edge. */
export const braceBetween = figure({
  name: 'brace-between',
  input: z.strictObject({
    clearIn: positive('Level between the faces, inches'),
    riseIn: positive('Rise along one edge, inches'),
    boardIn: positive('Width of the board, inches'),
  }),
  output: z.object({
    angleDeg: answer('From level, degrees'),
    edgeIn: answer('Along one edge, inches'),
    tipToTipIn: answer('From tip to tip along the board, inches'),
    cutDeg: answer('Both cuts, degrees off square'),
  }),
  solve: ({ clearIn, riseIn, boardIn }) => {
    const found = plumbCutBrace(clearIn, riseIn, boardIn)
    return ok({ ...found, cutDeg: found.angleDeg })
  },
  arithmetic: ({ clearIn, riseIn, boardIn }, { angleDeg, edgeIn, tipToTipIn }) => [
    step({
      label: 'Angle from level',
      formula: 'atan(rise/clear)',
      numbers: `atan(${num(riseIn)}/${num(clearIn)}) in degrees`,
      value: angleDeg,
      unit: '°',
    }),
    step({
      label: 'Edge',
      formula: '√(clear² + rise²)',
      numbers: `√(${num(clearIn)}² + ${num(riseIn)}²)`,
      value: edgeIn,
      unit: 'in',
    }),
    step({
      label: 'Tip to tip',
      formula: 'edge + board·rise/clear',
      numbers: `${num(edgeIn)} + ${num(boardIn)} × ${num(riseIn)}/${num(clearIn)}`,
      value: tipToTipIn,
      unit: 'in',
    }),
  ],
})
