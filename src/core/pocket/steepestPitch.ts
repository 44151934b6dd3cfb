import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { PITCH_RUN_IN } from '../units'
import { over } from './compare'
import { answer, positive } from './fields'
import { figure, num, step } from './figure'
import { ROOF_BUILD } from './headroom'

/**
 * The pitch at which `headroom` leaves just the height that is wanted. With t = pitch/12, the build's thickness T square
 * to the roof and K = start − beam − clear, T·√(1 + t²) + run·t = K, a square in t with one root that counts:
 * t = (K² − T²)/(K·run + T·√(K² + run² − T²)). Refused where even a level roof is too low.
 */
export const steepestPitch = figure({
  name: 'steepest-pitch',
  input: z.strictObject({ ...ROOF_BUILD, clearIn: positive('Clear height wanted at the outer posts, inches') }),
  output: z.object({ pitchPer12: answer('Fall in twelve') }),
  solve: ({ startIn, sheetIn, battenIn, rafterIn, beamIn, runIn, clearIn }) => {
    const thickIn = sheetIn + battenIn + rafterIn
    const leftIn = startIn - beamIn - clearIn
    if (over(thickIn, leftIn)) return fail('no-room', ['clearIn'], { mostIn: startIn - beamIn - thickIn })
    const rootIn = Math.sqrt(Math.max(0, leftIn ** 2 + runIn ** 2 - thickIn ** 2))
    const slope = Math.max(0, leftIn ** 2 - thickIn ** 2) / (leftIn * runIn + thickIn * rootIn)
    return ok({ pitchPer12: slope * PITCH_RUN_IN })
  },
  arithmetic: ({ startIn, sheetIn, battenIn, rafterIn, beamIn, runIn, clearIn }, { pitchPer12 }) => {
    const thickIn = sheetIn + battenIn + rafterIn
    const leftIn = startIn - beamIn - clearIn
    const [K, T, R] = [num(leftIn), num(thickIn), num(runIn)]
    return [
      step({
        label: 'Left for build and fall, K',
        formula: 'start − beam − clear',
        numbers: `${num(startIn)} − ${num(beamIn)} − ${num(clearIn)}`,
        value: leftIn,
        unit: 'in',
      }),
      step({
        label: 'Build, T',
        formula: 'sheet + batten + rafter',
        numbers: `${num(sheetIn)} + ${num(battenIn)} + ${num(rafterIn)}`,
        value: thickIn,
        unit: 'in',
      }),
      step({
        label: 'Steepest',
        formula: '12·(K² − T²)/(K·run + T·√(K² + run² − T²))',
        numbers: `12 × (${K}² − ${T}²)/(${K} × ${R} + ${T} × √(${K}² + ${R}² − ${T}²))`,
        value: pitchPer12,
        unit: 'in 12',
      }),
    ]
  },
})
