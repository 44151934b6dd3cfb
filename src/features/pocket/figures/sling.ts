import { sling } from '@/core/pocket/sling'
import { radians, upTo } from '@/core/units'
import { choice, number } from '../fields'
import { box, dot, line, measure, type Point, text } from '../scene/shapes'
import { sheet } from '../sheet'

/** A load of so many inches stands for any: only the angle is to scale. */
const LOAD_IN = 100

export default sheet({
  figure: sling,
  fields: {
    loadLb: number('what is lifted', 1000, 'lb'),
    legs: choice('legs', 2, [
      [1, '1'],
      [2, '2'],
      [4, '4'],
    ]),
    angleDeg: number('a leg from level', 60, '°'),
    factor: number('factor for jerks', 1.5),
  },
  outs: ({ given, say }) => [
    { label: given.legs === 1 ? 'pull in the leg' : 'pull in each leg that carries', text: say('legLb') },
    ...(given.legs === 4 ? [{ label: 'counted as carrying', text: '2 of 4' }] : []),
  ],
  stands: ({ given, say, quantity }) => {
    const upIn = given.legs === 1 ? LOAD_IN * 0.7 : (LOAD_IN / 2) * Math.tan(radians(given.angleDeg))
    const hook: Point = [LOAD_IN / 2, Math.min(upIn, LOAD_IN * 3)]
    const feet: readonly Point[] =
      given.legs === 1
        ? [[LOAD_IN / 2, 0]]
        : [
            [0, 0],
            [LOAD_IN, 0],
          ]
    return [
      box('wood', [0, -LOAD_IN * 0.22], [LOAD_IN, 0]),
      ...feet.map((foot) => line('edge', foot, hook)),
      dot(hook),
      measure(feet[0] ?? hook, hook, say('legLb'), 8),
      text([LOAD_IN / 2, -LOAD_IN * 0.11], quantity(given.loadLb, 'lb'), { strong: true, offPx: [0, 5] }),
      ...(given.legs === 1 ? [] : [text([LOAD_IN * 0.2, 0], `${upTo(given.angleDeg, 1)}°`, { offPx: [6, -6] })]),
    ]
  },
  liesTitle: 'The pull beside the load, on one scale',
  lies: ({ given, found, say, quantity }) => [
    box('wood', [0, 0], [given.loadLb, given.loadLb * 0.09]),
    box('dark', [0, -given.loadLb * 0.18], [found.legLb, -given.loadLb * 0.09]),
    text([given.loadLb, given.loadLb * 0.045], `load ${quantity(given.loadLb, 'lb')}`, {
      anchor: 'start',
      offPx: [8, 5],
    }),
    text([found.legLb, -given.loadLb * 0.135], `leg ${say('legLb')}`, { anchor: 'start', strong: true, offPx: [8, 5] }),
  ],
  cautions: () => [
    {
      title: 'Nobody under the load',
      lines: [
        'The sling, its shackles and what it is tied to must each be rated for this pull. Of four legs two ' +
          'may carry all. Lift a hand’s breadth, look, then go on.',
      ],
    },
  ],
})
