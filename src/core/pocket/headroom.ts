import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { pitchRadians, PITCH_RUN_IN } from '../units'
import { over } from './compare'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** What a low roof is made of and where it begins; `steepest-pitch` is given the same. */
export const ROOF_BUILD = {
  startIn: positive('Top line of the roof at the high end, above the floor, inches'),
  sheetIn: zeroOrMore('Sheeting, square to the roof, inches'),
  battenIn: zeroOrMore('Battens or purlins, square to the roof, inches'),
  rafterIn: positive('Rafters, square to the roof, inches'),
  beamIn: zeroOrMore('Beam under the rafters, inches'),
  runIn: positive('Level run to the outer posts, inches'),
}

interface RoofBuild {
  readonly startIn: number
  readonly sheetIn: number
  readonly battenIn: number
  readonly rafterIn: number
  readonly beamIn: number
  readonly runIn: number
}

/** Underside of the rafters at the outer posts, above the floor, inches. */
const rafterUnderIn = ({ startIn, sheetIn, battenIn, rafterIn, runIn }: RoofBuild, pitchPer12: number): number =>
  startIn - (sheetIn + battenIn + rafterIn) / Math.cos(pitchRadians(pitchPer12)) - (runIn * pitchPer12) / PITCH_RUN_IN

/** Clear height left under a roof that tucks under something at its high end, inches. */
export const headroom = figure({
  name: 'headroom',
  input: z.strictObject({ ...ROOF_BUILD, pitchPer12: zeroOrMore('Fall in twelve') }),
  output: z.object({
    rafterUnderIn: answer('Underside of the rafters at the outer posts, inches'),
    postTopIn: answer('Top of the outer posts, inches'),
    clearIn: answer('Clear height there, inches'),
  }),
  solve: (given) => {
    const underIn = rafterUnderIn(given, given.pitchPer12)
    const postTopIn = underIn - given.beamIn
    if (!over(postTopIn, 0)) return fail('no-room', ['startIn'], { leastIn: given.startIn - postTopIn })
    return ok({ rafterUnderIn: underIn, postTopIn, clearIn: postTopIn })
  },
  arithmetic: ({ startIn, sheetIn, battenIn, rafterIn, beamIn, runIn, pitchPer12 }, found) => [
    step({
      label: 'Under the rafters',
      formula: 'start − (sheet + batten + rafter)/cos − run·pitch/12',
      numbers:
        `${num(startIn)} − (${num(sheetIn)} + ${num(battenIn)} + ${num(rafterIn)})` +
        `/cos(${num((pitchRadians(pitchPer12) * 180) / Math.PI)}°) − ${num(runIn)} × ${num(pitchPer12)}/12`,
      value: found.rafterUnderIn,
      unit: 'in',
    }),
    step({
      label: 'Clear',
      formula: 'under the rafters − beam',
      numbers: `${num(found.rafterUnderIn)} − ${num(beamIn)}`,
      value: found.clearIn,
      unit: 'in',
    }),
  ],
})
