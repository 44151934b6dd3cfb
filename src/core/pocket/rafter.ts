import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { degrees, pitchRadians } from '../units'
import { atLeast, over } from './compare'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** Deepest notch over a support, as a share of the depth (NDS 2018 4.4.3.2). */
const DEEPEST_NOTCH = 1 / 4

/** Cuts of a rafter at a pitch with a level seat, inches and degrees; `slopeIn` is how long a level run is on the slope. */
export function rafterCuts(pitchPer12: number, seatIn: number) {
  const angle = pitchRadians(pitchPer12)
  return {
    angleDeg: degrees(angle),
    notchIn: seatIn * Math.sin(angle),
    heelIn: seatIn * Math.tan(angle),
    slopeIn: (levelIn: number) => levelIn / Math.cos(angle),
  }
}

/**
 * A rafter from a ledger to an outer beam with a tail, inches: lengths along its top edge, its seat cut, and whether the
 * notch leaves enough. Refused where the notch cuts it through or the ledger takes the whole run.
 */
export const rafter = figure({
  name: 'rafter',
  input: z.strictObject({
    runIn: positive('From the wall under the ledger to the outer face of the beam, level, inches'),
    ledgerIn: zeroOrMore('Thickness of the ledger, inches'),
    pitchPer12: zeroOrMore('Rise in twelve'),
    depthIn: positive('Depth of the rafter, inches'),
    seatIn: positive('Level seat on the beam, inches'),
    tailIn: zeroOrMore('Tail past the beam, level, inches'),
    tailCut: z.enum(['plumb', 'square']),
  }),
  output: z.object({
    angleDeg: answer('From level, degrees'),
    bodyIn: answer('Along the top edge over the run, inches'),
    tailLengthIn: answer('Along the top edge over the tail, inches'),
    totalIn: answer('Along the top edge, inches'),
    notchIn: answer('Depth of the notch square to the edge, inches'),
    heelIn: answer('Plumb cut of the notch, inches'),
    notchShare: answer('Notch as a share of the depth'),
    notchHolds: z.boolean(),
  }),
  solve: ({ runIn, ledgerIn, pitchPer12, depthIn, seatIn, tailIn }) => {
    if (atLeast(ledgerIn, runIn)) return fail('too-large', ['ledgerIn'], { maximum: runIn })
    const { angleDeg, notchIn, heelIn, slopeIn } = rafterCuts(pitchPer12, seatIn)
    if (atLeast(notchIn, depthIn)) return fail('too-large', ['seatIn'], { maximum: (depthIn * seatIn) / notchIn })
    const bodyIn = slopeIn(runIn - ledgerIn)
    const tailLengthIn = slopeIn(tailIn)
    const notchShare = notchIn / depthIn
    return ok({
      angleDeg,
      bodyIn,
      tailLengthIn,
      totalIn: bodyIn + tailLengthIn,
      notchIn,
      heelIn,
      notchShare,
      notchHolds: !over(notchShare, DEEPEST_NOTCH),
    })
  },
  arithmetic: ({ runIn, ledgerIn, pitchPer12, depthIn, seatIn, tailIn }, found) => {
    const angle = `${num(found.angleDeg)}°`
    return [
      step({
        label: 'Angle from level',
        formula: 'atan(pitch/12)',
        numbers: `atan(${num(pitchPer12)}/12) in degrees`,
        value: found.angleDeg,
        unit: '°',
      }),
      step({
        label: 'Body',
        formula: '(run − ledger)/cos',
        numbers: `(${num(runIn)} − ${num(ledgerIn)})/cos(${angle})`,
        value: found.bodyIn,
        unit: 'in',
      }),
      step({
        label: 'Tail',
        formula: 'tail/cos',
        numbers: `${num(tailIn)}/cos(${angle})`,
        value: found.tailLengthIn,
        unit: 'in',
      }),
      step({
        label: 'Total',
        formula: 'body + tail',
        numbers: `${num(found.bodyIn)} + ${num(found.tailLengthIn)}`,
        value: found.totalIn,
        unit: 'in',
      }),
      step({
        label: 'Notch',
        formula: 'seat·sin',
        numbers: `${num(seatIn)} × sin(${angle})`,
        value: found.notchIn,
        unit: 'in',
      }),
      step({
        label: 'Plumb cut of the notch',
        formula: 'seat·tan',
        numbers: `${num(seatIn)} × tan(${angle})`,
        value: found.heelIn,
        unit: 'in',
      }),
      step({
        label: 'Share of the depth',
        formula: 'notch/depth, 1/4 at most',
        numbers: `${num(found.notchIn)}/${num(depthIn)}`,
        value: found.notchShare,
        unit: '',
        clause: 'NDS 2018 4.4.3.2',
      }),
    ]
  },
})
