import { wallPick } from '@/core/pocket/wallPick'
import { length, lengths, number, share } from '../fields'
import { box, dot, line, measure, text } from '../scene/shapes'
import { sheet } from '../sheet'

const MOST_DRAWN = 24

export default sheet({
  figure: wallPick,
  fields: {
    posts: number('posts', 4),
    postPlf: number('a post weighs', 8, 'plf'),
    postIn: length('length of a post', 180),
    rows: number('rows of girts', 2),
    girtPlf: number('a girt weighs', 2, 'plf'),
    bayIn: length('post to post', 96),
    girtHeightsIn: lengths('girts above the foot', 'row', [60, 120]),
    extraShare: share('blocks, nails and wet', 0.1),
    holdIn: length('hook above the foot', 120),
  },
  outs: ({ say, quantity, found }) => [
    { label: 'on the hook as it leaves the ground', text: quantity(found.hookLb, 'lb') },
    { label: 'weight of the wall', text: quantity(found.weightLb, 'lb') },
    { label: 'its center above the foot', text: say('centreIn') },
  ],
  stands: ({ given: { posts, postIn, bayIn, girtHeightsIn, holdIn }, say, length: written, found }) => {
    const drawn = Math.min(posts, MOST_DRAWN)
    const wideIn = Math.max(1, drawn - 1) * bayIn
    const stickIn = Math.max(5.5, wideIn * 0.015)
    return [
      ...Array.from({ length: drawn }, (_post, k) => box('wood', [k * bayIn, 0], [k * bayIn + stickIn, postIn])),
      ...girtHeightsIn.map((atIn) => box('dark', [0, atIn - 1.75], [wideIn + stickIn, atIn + 1.75])),
      line('chalk', [0, holdIn], [wideIn + stickIn, holdIn]),
      dot([wideIn / 2, found.centreIn]),
      text([wideIn / 2, found.centreIn], `center ${say('centreIn')}`, {
        strong: true,
        anchor: 'start',
        offPx: [8, -8],
      }),
      measure([0, 0], [0, holdIn], ['hook', written(holdIn)], 12),
      measure([wideIn + stickIn, 0], [wideIn + stickIn, postIn], written(postIn), -12),
    ]
  },
  liesTitle: 'On the ground, foot at the left',
  lies: ({ given: { postIn, holdIn }, found, quantity }) => {
    const thickIn = Math.max(5.5, postIn * 0.035)
    return [
      box('earth', [-postIn * 0.05, -thickIn], [postIn * 1.05, 0]),
      box('wood', [0, 0], [postIn, thickIn]),
      line('ink', [holdIn, thickIn], [holdIn, postIn * 0.3]),
      dot([found.centreIn, thickIn / 2]),
      text([holdIn, postIn * 0.3], `hook ${quantity(found.hookLb, 'lb')}`, { strong: true, offPx: [0, -6] }),
      text([found.centreIn, -thickIn], `weight ${quantity(found.weightLb, 'lb')}`, { strong: true, offPx: [0, 18] }),
      text([0, thickIn], 'foot', { anchor: 'start', offPx: [2, -6] }),
    ]
  },
  cautions: () => [
    {
      title: 'A wall in the air',
      lines: [
        'Nobody stands under it or where its foot could kick. Hold the foot, tie tag lines, and have the ' +
          'braces cut before it leaves the ground. In wind it waits.',
        'The weight is reckoned: wet lumber is heavier. The crane’s chart decides, not this page.',
      ],
    },
  ],
})
