import { plumb } from '@/core/pocket/plumb'
import { length, number, optional } from '../fields'
import { area, ground, line, measure, text } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: plumb,
  fields: {
    heightIn: length('height between', 144),
    topOffsetIn: optional(length('plumb line to top', 2.5)),
    bottomOffsetIn: optional(length('plumb line to bottom', 2)),
    offDeg: optional(number('or the level says', Number.NaN, '°')),
  },
  outs: ({ found, say }) => [
    { label: 'leans', text: say('leanIn') },
    { label: 'is it worth the work', text: found.worth ? 'yes' : 'no' },
  ],
  stands: ({ given: { heightIn }, found: { leanIn }, say, length: written }) => {
    const wideIn = Math.max(5.5, heightIn * 0.05)
    return [
      ground(-heightIn * 0.3, heightIn * 0.3, heightIn * 0.04),
      area('wood', [0, 0], [wideIn, 0], [wideIn + leanIn, heightIn], [leanIn, heightIn]),
      line('chalk', [0, 0], [0, heightIn]),
      measure([0, 0], [0, heightIn], written(heightIn), 22),
      measure([Math.min(0, leanIn), heightIn], [Math.max(0, leanIn), heightIn], say('leanIn'), 14),
    ]
  },
  liesTitle: 'The top, full size where there is room',
  lies: ({ found: { leanIn }, say }) => {
    const sizeIn = Math.max(4, Math.abs(leanIn) * 2)
    return [
      area('wood', [leanIn, 0], [leanIn + sizeIn, 0], [leanIn + sizeIn, -sizeIn * 0.4], [leanIn, -sizeIn * 0.4]),
      line('chalk', [0, sizeIn * 0.15], [0, -sizeIn * 0.6]),
      line('ghost', [0, 0], [sizeIn, 0]),
      measure([Math.min(0, leanIn), 0], [Math.max(0, leanIn), 0], say('leanIn'), 12),
      text([0, -sizeIn * 0.6], 'plumb', { offPx: [0, 14] }),
    ]
  },
  cautions: ({ found }) =>
    found.worth
      ? [{ title: 'Before you push', lines: ['Keep one brace holding until the next one holds; never take both off.'] }]
      : [],
})
