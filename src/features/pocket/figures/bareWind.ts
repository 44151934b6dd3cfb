import { bareWind } from '@/core/pocket/bareWind'
import { upTo } from '@/core/units'
import { number, optional } from '../fields'
import { box, ground, line, measure, text } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: bareWind,
  fields: {
    windMph: number('wind in gusts', 40, 'mph'),
    areaFt2: number('area of the sticks', 120, 'ft²'),
    kz: optional(number('kz; 0.85 when empty', Number.NaN)),
  },
  outs: ({ say }) => [
    { label: 'push on the frame', text: say('pushLb') },
    { label: 'pressure', text: say('pressurePsf') },
  ],
  stands: ({ say }) => {
    const posts = [0, 96, 192, 288]
    return [
      ground(-160, 320, 10),
      ...posts.map((atIn) => box('wood', [atIn, 0], [atIn + 7, 144])),
      ...[24, 60, 96, 132].map((atIn) => box('dark', [0, atIn], [295, atIn + 4])),
      line('chalk', [288, 144], [400, 0]),
      ...[36, 84, 120].flatMap((atIn) => [
        line('ink', [-140, atIn], [-20, atIn]),
        line('ink', [-36, atIn + 9], [-20, atIn], [-36, atIn - 9]),
      ]),
      text([-140, 120], say('pushLb'), { strong: true, anchor: 'start', offPx: [0, -14] }),
      text([400, 0], 'brace', { anchor: 'end', offPx: [0, -40] }),
    ]
  },
  liesTitle: 'The sticks it meets, laid side by side',
  lies: ({ given: { areaFt2 }, say, quantity }) => {
    const [highFt, wideFt] = [Math.sqrt(areaFt2 / 3), Math.sqrt(areaFt2 * 3)]
    const count = 12
    return [
      ...Array.from({ length: count }, (_stick, k) =>
        box('wood', [0, (highFt / count) * k], [wideFt, (highFt / count) * (k + 1)]),
      ),
      text([wideFt / 2, highFt], `${quantity(areaFt2, 'ft2')} × 2 × ${say('pressurePsf')}`, {
        strong: true,
        offPx: [0, -8],
      }),
      measure([0, 0], [wideFt, 0], `${upTo(wideFt, 1)} ft`, -12),
    ]
  },
  cautions: () => [
    {
      title: 'Bare frames blow over',
      lines: [
        'Brace both ways before you leave, every day. The push is for planning temporary braces; sheets add ' +
          'many times this, and a gust front gives no warning.',
      ],
    },
  ],
})
