import { jack } from '@/core/pocket/jack'
import { length, number } from '../fields'
import { area, box, ground, line, measure, text } from '../scene/shapes'
import { sheet } from '../sheet'

const HIGH_IN = 120

export default sheet({
  figure: jack,
  fields: {
    areaFt2: number('roof on the post', 96, 'ft²'),
    loadPsf: number('what lies on it', 25, 'psf'),
    factor: number('factor on the load', 2),
    leanIn: length('lean of the post', -1.25),
  },
  outs: ({ say }) => [
    { label: 'the jack must lift', text: say('jackLb') },
    { label: 'on the post', text: say('loadLb') },
    { label: 'the foot moves', text: say('footMovesIn') },
  ],
  stands: ({ given: { leanIn }, say }) => [
    ground(-60, 90, 8),
    area('wood', [0, 0], [5.5, 0], [5.5 + leanIn, HIGH_IN], [leanIn, HIGH_IN]),
    box('pale', [-60, HIGH_IN], [90, HIGH_IN + 9.25]),
    box('dark', [38, 14], [43.5, HIGH_IN]),
    area('steel', [32, 0], [50, 0], [45, 14], [37, 14]),
    line('chalk', [0, 0], [0, HIGH_IN]),
    text([50, 0], say('jackLb'), { strong: true, anchor: 'start', offPx: [6, -6] }),
    text([0, 0], say('loadLb'), { anchor: 'end', offPx: [-8, -6] }),
  ],
  liesTitle: 'The foot, full size where there is room',
  lies: ({ given: { leanIn }, say }) => {
    const sizeIn = Math.max(8, Math.abs(leanIn) * 3)
    return [
      box('earth', [-sizeIn, -sizeIn * 0.2], [sizeIn * 2, 0]),
      box('pale', [leanIn, 0], [leanIn + sizeIn * 0.8, sizeIn * 0.4]),
      box('wood', [0, 0], [sizeIn * 0.8, sizeIn * 0.4]),
      measure([Math.min(0, leanIn), sizeIn * 0.4], [Math.max(0, leanIn), sizeIn * 0.4], say('footMovesIn'), 12),
    ]
  },
  cautions: () => [
    {
      title: 'A jack is not a post',
      lines: [
        'Crib as you lift, an eighth at a time; nobody is under a load that a jack alone holds. Steel on a ' +
          'firm pad, plumb, with the jack rated for more than this.',
        'Look at what is fixed to the post above before it moves.',
      ],
    },
  ],
})
