import { roofSquare } from '@/core/pocket/roofSquare'
import { length } from '../fields'
import { area, blade, line, measure } from '../scene/shapes'
import { type Caution, sheet } from '../sheet'

const TOWARD_WORDS = { mark: 'toward your mark', away: 'away from your mark', none: 'stands right' } as const

export default sheet({
  figure: roofSquare,
  fields: {
    rafterLegIn: length('eave to peak, on the rafter', 240),
    eaveLegIn: length('along the eave', 180),
    measuredIn: length('tape reads', 301),
    heldAtIn: length('held at the peak at', 1),
  },
  outs: ({ found, say, length: written }) => [
    { label: 'tape should read', text: say('readsIn') },
    { label: 'off', text: say('offIn') },
    {
      label: `peak moves ${TOWARD_WORDS[found.toward]}`,
      text: found.toward === 'none' ? written(0) : written(Math.abs(found.peakMovesIn)),
    },
    { label: 'peak, for a sixteenth on the tape', text: say('perSixteenthIn') },
  ],
  stands: ({ given: { rafterLegIn, eaveLegIn, heldAtIn }, found, say, length: written }) => {
    const highIn = rafterLegIn - heldAtIn
    return [
      area('plain', [0, 0], [eaveLegIn, 0], [eaveLegIn, highIn], [0, highIn]),
      area('picked', [found.peakMovesIn, highIn], [0, 0], [eaveLegIn, 0], [eaveLegIn + found.peakMovesIn, highIn]),
      line('chalk', [eaveLegIn, 0], [0, highIn]),
      measure([0, highIn], [eaveLegIn, 0], say('readsIn'), 4),
      measure([0, 0], [eaveLegIn, 0], ['eave', written(eaveLegIn)], -14),
      measure([0, 0], [0, highIn], written(rafterLegIn), 14),
    ]
  },
  liesTitle: 'On the tape',
  lies: ({ given, found, say, length: written }) =>
    blade([
      { atIn: found.readsIn, text: say('readsIn'), name: 'square' },
      { atIn: given.measuredIn, text: written(given.measuredIn), name: 'reads' },
    ]),
  cautions: ({ found }): readonly Caution[] => [
    ...(found.worth
      ? [
          {
            title: 'Before you rack the roof',
            lines: [
              'Pull slowly and from the ground or a made platform; nobody stands on the frame or in line with the ' +
                'chain.',
            ],
          },
        ]
      : []),
  ],
})
