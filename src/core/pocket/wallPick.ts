import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { IN_PER_FT } from '../units'
import { over } from './compare'
import { answer, positive, whole, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

interface Wall {
  readonly posts: number
  readonly postPlf: number
  readonly postIn: number
  readonly girtPlf: number
  readonly bayIn: number
  readonly girtHeightsIn: readonly number[]
}

const postsLb = ({ posts, postPlf, postIn }: Wall): number => (posts * postPlf * postIn) / IN_PER_FT
const rowLb = ({ posts, girtPlf, bayIn }: Wall): number => (girtPlf * bayIn * (posts - 1)) / IN_PER_FT
/** Moment of the frame about its feet, lb-in, without what is extra. */
const momentLbIn = (wall: Wall): number =>
  (postsLb(wall) * wall.postIn) / 2 + wall.girtHeightsIn.reduce((sum, heightIn) => sum + rowLb(wall) * heightIn, 0)

/**
 * A wall frame that is tilted up about its feet: its weight, where it is centered, and the pull on a hook square to it as
 * it leaves the ground. What is extra is spread as the rest is.
 */
export const wallPick = figure({
  name: 'wall-pick',
  input: z.strictObject({
    posts: whole(1, 'Posts'),
    postPlf: positive('A post, pounds a foot'),
    postIn: positive('Length of a post, inches'),
    rows: whole(0, 'Rows of girts'),
    girtPlf: zeroOrMore('A girt, pounds a foot'),
    bayIn: positive('Post to post, inches'),
    girtHeightsIn: z.array(positive('Center of a row above the foot, inches')),
    extraShare: zeroOrMore('Blocks, nails and wet, as a share'),
    holdIn: positive('Hook above the foot, inches'),
  }),
  output: z.object({
    weightLb: answer('Weight, pounds'),
    centreIn: answer('Its center above the foot, inches'),
    hookLb: answer('On the hook, pounds'),
  }),
  solve: ({ rows, extraShare, holdIn, ...wall }) => {
    const { girtHeightsIn, postIn } = wall
    if (girtHeightsIn.length !== rows) return fail('unlike-count', ['girtHeightsIn'], { wanted: rows })
    const past = girtHeightsIn.findIndex((heightIn) => over(heightIn, postIn))
    if (past >= 0) return fail('too-large', ['girtHeightsIn', past], { maximum: postIn })
    if (over(holdIn, postIn)) return fail('too-large', ['holdIn'], { maximum: postIn })
    const bareLb = postsLb(wall) + rows * rowLb(wall)
    const weightLb = bareLb * (1 + extraShare)
    const centreIn = momentLbIn(wall) / bareLb
    return ok({ weightLb, centreIn, hookLb: (weightLb * centreIn) / holdIn })
  },
  arithmetic: (given, { weightLb, centreIn, hookLb }) => {
    const bareLb = postsLb(given) + given.rows * rowLb(given)
    return [
      step({
        label: 'Weight',
        formula: '(posts·plf·post/12 + rows·plf·bay·(posts − 1)/12)·(1 + extra)',
        numbers:
          `(${given.posts} × ${num(given.postPlf)} × ${num(given.postIn)}/12 + ${given.rows} × ${num(given.girtPlf)} × ` +
          `${num(given.bayIn)} × (${given.posts} − 1)/12) × (1 + ${num(given.extraShare)})`,
        value: weightLb,
        unit: 'lb',
        clause: 'statics',
      }),
      step({
        label: 'Its center',
        formula: 'moment about the foot/weight, without what is extra',
        numbers: `${num(momentLbIn(given))}/${num(bareLb)}`,
        value: centreIn,
        unit: 'in',
        clause: 'statics',
      }),
      step({
        label: 'On the hook',
        formula: 'weight·center/hold',
        numbers: `${num(weightLb)} × ${num(centreIn)}/${num(given.holdIn)}`,
        value: hookLb,
        unit: 'lb',
        clause: 'statics',
      }),
    ]
  },
})
