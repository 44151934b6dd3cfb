import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { over } from './compare'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** A peak this near its mark stays, inches. */
const STAYS_IN = 1 / 32
/** A tape off by this much or less is not worth a climb, inches. */
const WORTH_IN = 1 / 16

/**
 * Squares a roof by one diagonal, inches: what the tape should read from the peak to the far end of the eave leg, and how
 * far the peak moves along the ridge. Refused where nothing is left of a leg.
 */
export const roofSquare = figure({
  name: 'roof-square',
  input: z.strictObject({
    rafterLegIn: positive('From the eave up to the peak along the rafter, inches'),
    eaveLegIn: positive('Along the eave, inches'),
    measuredIn: positive('What the tape reads, inches'),
    heldAtIn: zeroOrMore('What the tape is held at at the peak, inches'),
  }),
  output: z.object({
    wantIn: answer('The diagonal itself, inches'),
    readsIn: answer('What the tape should read, inches'),
    offIn: answer('Measured less wanted, inches'),
    peakMovesIn: answer('How far the peak is past square, along the ridge, inches'),
    toward: z.enum(['mark', 'away', 'none']),
    perSixteenthIn: answer('How far the peak moves for a sixteenth on the tape, inches'),
    worth: z.boolean(),
  }),
  solve: ({ rafterLegIn, eaveLegIn, measuredIn, heldAtIn }) => {
    const legIn = rafterLegIn - heldAtIn
    if (!over(legIn, 0)) return fail('too-large', ['heldAtIn'], { maximum: rafterLegIn })
    const readIn = measuredIn - heldAtIn
    if (!over(readIn, legIn)) return fail('too-small', ['measuredIn'], { minimum: rafterLegIn })
    const wantIn = Math.hypot(legIn, eaveLegIn)
    const offIn = readIn - wantIn
    const peakMovesIn = Math.sqrt(readIn ** 2 - legIn ** 2) - eaveLegIn
    const past = peakMovesIn > 0 ? ('mark' as const) : ('away' as const)
    return ok({
      wantIn,
      readsIn: wantIn + heldAtIn,
      offIn,
      peakMovesIn,
      toward: over(STAYS_IN, Math.abs(peakMovesIn)) ? ('none' as const) : past,
      perSixteenthIn: wantIn / (16 * eaveLegIn),
      worth: over(Math.abs(offIn), WORTH_IN),
    })
  },
  arithmetic: ({ rafterLegIn, eaveLegIn, measuredIn, heldAtIn }, found) => {
    const [R, E, M] = [num(rafterLegIn - heldAtIn), num(eaveLegIn), num(measuredIn - heldAtIn)]
    return [
      step({ label: 'Want', formula: '√(R² + E²)', numbers: `√(${R}² + ${E}²)`, value: found.wantIn, unit: 'in' }),
      step({
        label: 'Off',
        formula: 'measured − want',
        numbers: `${M} − ${num(found.wantIn)}`,
        value: found.offIn,
        unit: 'in',
      }),
      step({
        label: 'Peak moves',
        formula: '√(M² − R²) − E',
        numbers: `√(${M}² − ${R}²) − ${E}`,
        value: found.peakMovesIn,
        unit: 'in',
      }),
      step({
        label: 'For a sixteenth',
        formula: 'want/(16·E)',
        numbers: `${num(found.wantIn)}/(16 × ${E})`,
        value: found.perSixteenthIn,
        unit: 'in',
      }),
    ]
  },
})
