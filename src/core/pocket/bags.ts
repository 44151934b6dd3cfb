import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { FT3_PER_YD3 } from '../units'
import { over, wholeFor } from './compare'
import { answer, positive, whole, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

const IN3_PER_FT3 = 1728

/** What a round hole holds, cubic feet, less a post's section through the whole depth, square inches. */
export const roundHoleFt3 = (diameterIn: number, depthIn: number, postIn2 = 0): number =>
  (((Math.PI * diameterIn ** 2) / 4 - postIn2) * depthIn) / IN3_PER_FT3

/** Bags for so much concrete with so much of it over-dug and wasted, rounded up once. */
export const wholeBags = (ft3: number, wasteShare: number, bagFt3: number): number =>
  wholeFor((ft3 * (1 + wasteShare)) / bagFt3)

/** A spare bag for so many holes, rounded up; none where `spareEvery` is 0. */
export const spareBags = (holes: number, spareEvery: number): number =>
  spareEvery > 0 ? wholeFor(holes / spareEvery) : 0

/** Concrete round posts in augered holes: cubic feet, cubic yards, and bags with waste and spares. */
export const bags = figure({
  name: 'bags',
  input: z.strictObject({
    diameterIn: positive('Across the hole, inches'),
    depthIn: positive('Depth of concrete, inches'),
    postWidthIn: zeroOrMore('Post, one way, inches; 0 for none'),
    postDepthIn: zeroOrMore('Post, the other way, inches; 0 for none'),
    holes: whole(1, 'Holes'),
    bagFt3: positive('Yield of a bag, cubic feet'),
    wasteShare: zeroOrMore('Over-dig and waste, as a share'),
    spareEvery: whole(0, 'A spare bag for so many holes; 0 for none'),
  }),
  output: z.object({
    ft3Each: answer('In one hole, cubic feet'),
    ft3: answer('In all, cubic feet'),
    yd3: answer('In all, cubic yards'),
    bags: answer('Bags'),
  }),
  solve: ({ diameterIn, depthIn, postWidthIn, postDepthIn, holes, bagFt3, wasteShare, spareEvery }) => {
    const post = postWidthIn > 0 && postDepthIn > 0
    if (post && over(Math.hypot(postWidthIn, postDepthIn), diameterIn))
      return fail('no-room', ['postWidthIn'], { mostIn: Math.sqrt(Math.max(0, diameterIn ** 2 - postDepthIn ** 2)) })
    const ft3Each = roundHoleFt3(diameterIn, depthIn, postWidthIn * postDepthIn)
    const ft3 = ft3Each * holes
    return ok({
      ft3Each,
      ft3,
      yd3: ft3 / FT3_PER_YD3,
      bags: wholeBags(ft3, wasteShare, bagFt3) + spareBags(holes, spareEvery),
    })
  },
  arithmetic: (given, { ft3Each, ft3, yd3, bags }) => [
    step({
      label: 'In one hole',
      formula: '(π·d²/4 − post)·depth/1728',
      numbers:
        `(π × ${num(given.diameterIn)}²/4 − ${num(given.postWidthIn)} × ${num(given.postDepthIn)}) × ` +
        `${num(given.depthIn)}/1728`,
      value: ft3Each,
      unit: 'ft³',
    }),
    step({
      label: 'In all',
      formula: 'each·holes',
      numbers: `${num(ft3Each)} × ${given.holes}`,
      value: ft3,
      unit: 'ft³',
    }),
    step({ label: 'In yards', formula: 'ft³/27', numbers: `${num(ft3)}/27`, value: yd3, unit: 'yd³' }),
    step({
      label: 'Bags',
      formula: 'ft³·(1 + waste)/bag, up, and a spare for so many holes, up',
      numbers:
        `${num(ft3)} × (1 + ${num(given.wasteShare)})/${num(given.bagFt3)}, up` +
        (given.spareEvery > 0 ? `, + ${given.holes}/${given.spareEvery}, up` : ''),
      value: bags,
      unit: '',
    }),
  ],
})
