import { bags } from '@/core/pocket/bags'
import { length, number, share } from '../fields'
import { box, dot, measure, text } from '../scene/shapes'
import { type Caution, sheet } from '../sheet'

export default sheet({
  figure: bags,
  fields: {
    diameterIn: length('across the hole', 24),
    depthIn: length('depth of concrete', 12),
    postWidthIn: length('post, one way', 4.5),
    postDepthIn: length('post, other way', 5.5),
    holes: number('holes', 10),
    bagFt3: number('a bag yields', 0.6, 'ft³'),
    wasteShare: share('over-dig and waste', 0.1),
    spareEvery: number('a spare every … holes', 6),
  },
  outs: ({ found, say }) => [
    { label: 'bags', text: String(found.bags) },
    { label: 'in all', text: say('ft3') },
    { label: 'in all', text: say('yd3') },
    { label: 'in one hole', text: say('ft3Each') },
  ],
  stands: ({ given: { diameterIn, depthIn, postWidthIn, postDepthIn }, say, length: written }) => {
    const aboveIn = Math.max(depthIn, diameterIn * 0.5)
    const halfIn = diameterIn / 2
    const hasPost = postWidthIn > 0 && postDepthIn > 0
    return [
      box('earth', [-diameterIn * 1.1, -depthIn * 1.15], [diameterIn * 1.1, aboveIn]),
      box('plain', [-halfIn, 0], [halfIn, aboveIn]),
      box('concrete', [-halfIn, -depthIn], [halfIn, 0]),
      ...(hasPost ? [box('wood', [-postWidthIn / 2, -depthIn], [postWidthIn / 2, aboveIn * 1.5])] : []),
      measure([-halfIn, -depthIn], [halfIn, -depthIn], written(diameterIn), -12),
      measure([halfIn, -depthIn], [halfIn, 0], written(depthIn), -8),
      text([-halfIn, -depthIn / 2], say('ft3Each'), { anchor: 'end', strong: true, offPx: [-6, 5] }),
    ]
  },
  liesTitle: 'The hole from above',
  lies: ({ given: { diameterIn, postWidthIn, postDepthIn }, length: written }) => [
    dot([0, 0], diameterIn / 2, 'concrete'),
    ...(postWidthIn > 0 && postDepthIn > 0
      ? [
          box('wood', [-postWidthIn / 2, -postDepthIn / 2], [postWidthIn / 2, postDepthIn / 2]),
          text([diameterIn / 2, 0], `post ${written(postWidthIn)} by ${written(postDepthIn)}`, {
            anchor: 'start',
            offPx: [10, 5],
          }),
        ]
      : []),
  ],
  cautions: (): readonly Caution[] => [
    {
      title: 'Wet concrete burns',
      lines: ['Gloves, boots and glasses; wash it off at once. Nobody in a hole that could cave in.'],
    },
  ],
})
