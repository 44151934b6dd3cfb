import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { degrees } from '../units'
import { over } from './compare'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/**
 * A gate's leaf, its frame inside, the brace from the low hinge corner to the high latch corner, inches, and the pull at
 * its hinges, lb. Refused where the rails leave no room inside.
 */
export const gate = figure({
  name: 'gate',
  input: z.strictObject({
    openIn: positive('Post to post, inches'),
    hingeGapIn: zeroOrMore('Gap at the hinges, inches'),
    latchGapIn: zeroOrMore('Gap at the latch of one leaf, inches'),
    leaves: z.literal([1, 2]),
    meetGapIn: zeroOrMore('Gap where two leaves meet, inches'),
    railIn: positive('Width of the rails and stiles, inches'),
    heightIn: positive('Height of a leaf, inches'),
    weightLb: positive('Weight of one leaf, pounds'),
    hingesIn: positive('Between the hinges, inches'),
  }),
  output: z.object({
    leafIn: answer('Width of a leaf, inches'),
    insideWidthIn: answer('Inside the stiles, inches'),
    insideHeightIn: answer('Inside the rails, inches'),
    braceIn: answer('Brace, corner to corner inside, inches'),
    braceDeg: answer('Brace from level, degrees'),
    hingePullLb: answer('Pull at the top hinge and push at the low one, pounds'),
  }),
  solve: ({ openIn, hingeGapIn, latchGapIn, leaves, meetGapIn, railIn, heightIn, weightLb, hingesIn }) => {
    const gapsIn = leaves === 1 ? hingeGapIn + latchGapIn : 2 * hingeGapIn + meetGapIn
    const leafIn = (openIn - gapsIn) / leaves
    const insideWidthIn = leafIn - 2 * railIn
    const insideHeightIn = heightIn - 2 * railIn
    const mostIn = Math.min(leafIn, heightIn) / 2
    if (!over(insideWidthIn, 0) || !over(insideHeightIn, 0)) return fail('no-room', ['railIn'], { mostIn })
    return ok({
      leafIn,
      insideWidthIn,
      insideHeightIn,
      braceIn: Math.hypot(insideWidthIn, insideHeightIn),
      braceDeg: degrees(Math.atan2(insideHeightIn, insideWidthIn)),
      hingePullLb: (weightLb * (leafIn / 2)) / hingesIn,
    })
  },
  arithmetic: (given, found) => [
    step({
      label: 'Leaf',
      formula: given.leaves === 1 ? 'opening − hinge gap − latch gap' : '(opening − 2·hinge gap − meeting gap)/2',
      numbers:
        given.leaves === 1
          ? `${num(given.openIn)} − ${num(given.hingeGapIn)} − ${num(given.latchGapIn)}`
          : `(${num(given.openIn)} − 2 × ${num(given.hingeGapIn)} − ${num(given.meetGapIn)})/2`,
      value: found.leafIn,
      unit: 'in',
    }),
    step({
      label: 'Inside, across',
      formula: 'leaf − 2·rail',
      numbers: `${num(found.leafIn)} − 2 × ${num(given.railIn)}`,
      value: found.insideWidthIn,
      unit: 'in',
    }),
    step({
      label: 'Inside, up',
      formula: 'height − 2·rail',
      numbers: `${num(given.heightIn)} − 2 × ${num(given.railIn)}`,
      value: found.insideHeightIn,
      unit: 'in',
    }),
    step({
      label: 'Brace',
      formula: '√(w² + h²) of the inside',
      numbers: `√(${num(found.insideWidthIn)}² + ${num(found.insideHeightIn)}²)`,
      value: found.braceIn,
      unit: 'in',
    }),
    step({
      label: 'Pull at a hinge',
      formula: 'weight·(leaf/2)/hinges',
      numbers: `${num(given.weightLb)} × (${num(found.leafIn)}/2)/${num(given.hingesIn)}`,
      value: found.hingePullLb,
      unit: 'lb',
      clause: 'statics',
    }),
  ],
})
