import { pitch } from '@/core/pocket/pitch'
import { upTo } from '@/core/units'
import { length } from '../fields'
import { area, board, line, measure, text } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: pitch,
  fields: { riseIn: length('rise', 48), runIn: length('level run', 144) },
  outs: ({ found, say }) => [
    { label: 'in twelve', text: upTo(found.per12, 3) },
    { label: 'degrees', text: `${upTo(found.degrees, 2)}°` },
    { label: 'percent', text: upTo(found.percent, 1) },
    { label: 'along the slope', text: say('slopeLengthIn') },
  ],
  stands: ({ given: { riseIn, runIn }, say, length: written }) => [
    area('plain', [0, 0], [runIn, 0], [runIn, riseIn]),
    line('edge', [0, 0], [runIn, riseIn]),
    measure([0, 0], [runIn, riseIn], say('slopeLengthIn'), 10),
    measure([0, 0], [runIn, 0], written(runIn), -14),
    measure([runIn, 0], [runIn, riseIn], written(riseIn), -14),
  ],
  liesTitle: 'The square on the board: 12 and the rise',
  lies: ({ found: { per12 } }) => {
    const steepIn = Math.min(per12, 60)
    const end = [Math.max(12, steepIn) * 2, 0] as const
    // Twelve on the tongue, the rise on the blade: both ends on the board's edge.
    const spanIn = Math.hypot(12, steepIn)
    const startIn = (end[0] - spanIn) / 2
    const corner = [startIn + (12 * 12) / spanIn, (12 * steepIn) / spanIn] as const
    return [
      board('wood', [0, -5.5], [end[0], -5.5], 5.5),
      line('ink', [startIn, 0], corner, [startIn + spanIn, 0]),
      measure([startIn, 0], corner, '12', 6),
      ...(steepIn > 0 ? [measure(corner, [startIn + spanIn, 0], upTo(per12, 3), 6)] : []),
      text([end[0] / 2, -5.5], 'level along the 12, plumb along the other', { offPx: [0, 18] }),
    ]
  },
})
