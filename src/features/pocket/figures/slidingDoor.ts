import { slidingDoor } from '@/core/pocket/slidingDoor'
import { choice, length } from '../fields'
import { box, ground, line, measure, type Scene } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: slidingDoor,
  fields: {
    openIn: length('opening', 120),
    lapIn: length('lap over the jamb', 1),
    leaves: choice('leaves', 1, [
      [1, '1'],
      [2, '2'],
    ]),
  },
  outs: ({ say }) => [
    { label: 'width of a leaf', text: say('leafIn') },
    { label: 'track', text: say('trackIn') },
    { label: 'clear wall beside', text: say('besideIn') },
  ],
  stands: ({ given: { openIn, lapIn, leaves }, found: { leafIn, besideIn }, say, length: written }): Scene => {
    const highIn = openIn * 0.9
    const fromIn = leaves === 2 ? -besideIn : -lapIn * 2
    return [
      ground(fromIn, openIn + besideIn, highIn * 0.06),
      box('plain', [0, 0], [openIn, highIn]),
      ...(leaves === 1
        ? [
            box('wood', [-lapIn, 1], [leafIn - lapIn, highIn + lapIn]),
            box('pale', [openIn, 1], [openIn + leafIn, highIn + lapIn]),
          ]
        : [
            box('wood', [-lapIn, 1], [leafIn - lapIn, highIn + lapIn]),
            box('wood', [openIn + lapIn - leafIn, 1], [openIn + lapIn, highIn + lapIn]),
          ]),
      line('thin', [0, 0], [0, highIn]),
      line('thin', [openIn, 0], [openIn, highIn]),
      measure([0, -highIn * 0.06], [openIn, -highIn * 0.06], written(openIn), -12),
      measure([openIn, -highIn * 0.06], [openIn + besideIn, -highIn * 0.06], say('besideIn'), -12),
      measure([-lapIn, highIn + lapIn], [leafIn - lapIn, highIn + lapIn], ['leaf', say('leafIn')], 14),
    ]
  },
  liesTitle: 'The track',
  lies: ({ found: { trackIn, leafIn }, say }) => [
    box('steel', [0, 0], [trackIn, trackIn * 0.02]),
    box('wood', [0, -trackIn * 0.08], [leafIn, -trackIn * 0.01]),
    measure([0, trackIn * 0.02], [trackIn, trackIn * 0.02], say('trackIn'), 12),
    measure([0, -trackIn * 0.08], [leafIn, -trackIn * 0.08], ['leaf', say('leafIn')], -12),
  ],
})
