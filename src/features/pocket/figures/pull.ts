import { pull } from '@/core/pocket/pull'
import { length } from '../fields'
import { area, box, dot, ground, line, measure } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: pull,
  fields: {
    upIn: length('anchor to hold, up', 144),
    acrossIn: length('anchor to hold, level', 108),
    linkIn: length('one link', 1.5),
    wedgeIn: length('wedge under the line', 3),
  },
  outs: ({ say }) => [
    { label: 'a link moves the hold', text: say('linkMovesIn') },
    { label: 'the wedge moves it', text: say('wedgeMovesIn') },
    { label: 'line', text: say('lineIn') },
  ],
  stands: ({ given: { upIn, acrossIn }, say, length: written }) => {
    const wideIn = Math.max(5.5, upIn * 0.04)
    return [
      ground(-acrossIn * 0.15, acrossIn * 1.2, upIn * 0.05),
      box('wood', [acrossIn, 0], [acrossIn + wideIn, upIn * 1.1]),
      box('dark', [-wideIn / 2, -upIn * 0.05], [wideIn / 2, wideIn]),
      line('ink', [0, 0], [acrossIn, upIn]),
      dot([acrossIn, upIn]),
      measure([0, 0], [acrossIn, upIn], say('lineIn'), 6),
      measure([0, -upIn * 0.05], [acrossIn, -upIn * 0.05], written(acrossIn), -12),
      measure([acrossIn + wideIn, 0], [acrossIn + wideIn, upIn], written(upIn), -12),
    ]
  },
  liesTitle: 'A wedge in the middle of the line',
  lies: ({ given: { wedgeIn }, found: { lineIn }, say, length: written }) => [
    area('wood', [lineIn / 2 - wedgeIn, 0], [lineIn / 2 + wedgeIn, 0], [lineIn / 2, wedgeIn]),
    line('ghost', [0, 0], [lineIn, 0]),
    line('ink', [0, 0], [lineIn / 2, wedgeIn], [lineIn, 0]),
    measure([0, 0], [lineIn, 0], say('lineIn'), -14),
    measure([lineIn / 2, wedgeIn], [lineIn / 2, wedgeIn], ['wedge', written(wedgeIn)], 12),
  ],
  cautions: () => [
    {
      title: 'A line under tension kills',
      lines: [
        'Hang a weight over its middle, stand out of line with it, and never step over it. Take it up slowly; ' +
          'know where the hold gives before it does.',
      ],
    },
  ],
})
