import { gin } from '@/core/pocket/gin'
import { length, number } from '../fields'
import { area, box, dot, line, measure, text } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: gin,
  fields: {
    loadLb: number('what is lifted', 300, 'lb'),
    factor: number('factor for jerks', 2),
    armIn: length('post to the hook, level', 24),
    fixingsIn: length('between the fixings', 36),
  },
  outs: ({ say }) => [
    { label: 'at each fixing', text: say('coupleLb') },
    { label: 'on the hook', text: say('hangLb') },
    { label: 'moment in the post', text: say('momentLbFt') },
  ],
  stands: ({ given: { armIn, fixingsIn, loadLb }, say, length: written, quantity }) => {
    const postIn = 5.5
    const loadIn = armIn * 0.3
    return [
      box('wood', [-postIn, -fixingsIn * 1.4], [0, armIn * 0.3]),
      box('dark', [0, -fixingsIn], [1.5, 0]),
      area('dark', [0, -armIn * 0.6], [0, -armIn * 0.5], [armIn * 0.62, 0], [armIn * 0.52, 0]),
      box('dark', [0, 0], [armIn + 3, 3.5]),
      line('ink', [armIn, 0], [armIn, -fixingsIn * 0.5]),
      box('machine', [armIn - loadIn / 2, -fixingsIn * 0.5 - loadIn], [armIn + loadIn / 2, -fixingsIn * 0.5]),
      dot([0, 0]),
      dot([0, -fixingsIn]),
      measure([0, 3.5], [armIn, 3.5], written(armIn), 12),
      measure([-postIn, -fixingsIn], [-postIn, 0], written(fixingsIn), 12),
      text([armIn, -fixingsIn * 0.5 - loadIn], quantity(loadLb, 'lb'), { strong: true, offPx: [0, 18] }),
      text([armIn, -fixingsIn * 0.5 - loadIn], `counted ${say('hangLb')}`, { offPx: [0, 34] }),
    ]
  },
  liesTitle: 'Forces on the post, on one scale',
  lies: ({ given, found, say }) => {
    const mostLb = Math.max(found.coupleLb, found.hangLb)
    const thick = mostLb * 0.07
    return [
      box('dark', [0, 0], [found.coupleLb, thick]),
      box('wood', [0, -thick * 3], [found.hangLb, -thick * 2]),
      text([0, thick], `pull out and push in, ${say('coupleLb')} each`, {
        strong: true,
        anchor: 'start',
        offPx: [0, -5],
      }),
      text([0, -thick * 2], `hook ${say('hangLb')}, factor ${given.factor}`, { anchor: 'start', offPx: [0, -5] }),
    ]
  },
  cautions: () => [
    {
      title: 'Nobody under the load',
      lines: [
        'A post that only stands in its hole turns over: brace it before it is lifted from. Rope, block and ' +
          'hook must each be rated for what hangs on the hook.',
      ],
    },
  ],
})
