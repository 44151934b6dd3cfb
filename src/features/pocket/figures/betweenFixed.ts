import { betweenFixed } from '@/core/pocket/betweenFixed'
import { firstOf, lastOf } from '@/core/result'
import { length, lengths } from '../fields'
import { blade, box, ground, measure } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: betweenFixed,
  fields: { fixedIn: lengths('what cannot move', 'place', [0, 150, 282, 480]), maxIn: length('widest space', 96) },
  outs: ({ found, say, length: written }) => [
    { label: 'narrowest space', text: say('narrowestIn') },
    {
      label: 'spaces between',
      text: found.gaps.map(({ count, spaceIn }) => `${count} of ${written(spaceIn)}`).join(', '),
    },
  ],
  stands: ({ given: { fixedIn }, found: { marksIn, gaps }, length: written }) => {
    const [fromIn, toIn] = [firstOf(fixedIn), lastOf(fixedIn)]
    const runIn = toIn - fromIn
    const [halfIn, highIn] = [runIn * 0.008, runIn * 0.14]
    return [
      ground(fromIn - runIn * 0.03, toIn + runIn * 0.03, runIn * 0.03),
      ...marksIn.map((atIn) =>
        box(fixedIn.includes(atIn) ? 'dark' : 'wood', [atIn - halfIn, 0], [atIn + halfIn, highIn]),
      ),
      ...gaps.map(({ count, spaceIn }, k) => {
        const startIn = fixedIn[k] ?? 0
        return measure(
          [startIn, highIn],
          [startIn + spaceIn * count, highIn],
          [`${count} ×`, written(spaceIn)],
          12 + (k % 2) * 22,
        )
      }),
    ]
  },
  liesTitle: 'Along the tape; dark posts stand already',
  lies: ({ given, found, length: written }) => {
    const fromIn = firstOf(given.fixedIn)
    return blade(found.marksIn.map((atIn) => ({ atIn: atIn - fromIn, text: written(atIn) })))
  },
})
