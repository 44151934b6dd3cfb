import { stairs } from '@/core/pocket/stairs'
import { length, optional } from '../fields'
import { area, blade, box, ground, line, measure, type Point, type Scene, text } from '../scene/shapes'
import { type Caution, sheet } from '../sheet'

const BOARD_IN = 11.25

export default sheet({
  figure: stairs,
  fields: {
    riseIn: length('floor to deck', 43.625),
    maxRiserIn: length('highest riser', 7.75),
    treadRunIn: length('run of a tread', 10.5),
    treadIn: length('tread thick', 1),
    widthIn: length('stair wide', 48),
    stringersEveryIn: length('stringers at', 16),
    boardIn: optional(length('stringer board', BOARD_IN)),
  },
  outs: ({ found, say }) => [
    { label: `each of ${found.risers} risers`, text: say('riserIn') },
    { label: 'first cut', text: say('firstCutIn') },
    { label: 'treads', text: String(found.treads) },
    { label: 'stringers', text: String(found.stringers) },
  ],
  stands: ({ given, found, say, length: written }): Scene => {
    const { riserIn, treads, runIn } = found
    const { treadRunIn, treadIn, riseIn } = given
    const corners = Array.from({ length: treads }, (_tread, k): readonly Point[] => [
      [k * treadRunIn, k === 0 ? 0 : k * riserIn - treadIn],
      [k * treadRunIn, (k + 1) * riserIn - treadIn],
    ]).flat()
    const slope = riserIn / treadRunIn
    const boardIn = given.boardIn ?? BOARD_IN
    const backIn = boardIn * Math.hypot(1, slope)
    const lowAt = (xIn: number) => riserIn - treadIn + slope * xIn - backIn
    const stringer: readonly Point[] = [
      ...corners,
      [runIn, treads * riserIn - treadIn],
      [runIn, Math.max(0, lowAt(runIn))],
      [Math.max(0, -lowAt(0) / slope), 0],
    ]
    const wideIn = Math.max(runIn, riseIn * 0.6)
    return [
      ground(-wideIn * 0.1, runIn + wideIn * 0.2, riseIn * 0.05),
      box('dark', [runIn, riseIn - Math.min(11, riseIn * 0.3)], [runIn + wideIn * 0.2, riseIn - treadIn]),
      box('pale', [runIn - 1, riseIn - treadIn], [runIn + wideIn * 0.2, riseIn]),
      ...(treads > 0 ? [area('wood', ...stringer)] : []),
      ...Array.from({ length: treads }, (_tread, k) =>
        box('pale', [k * treadRunIn - 0.75, (k + 1) * riserIn - treadIn], [(k + 1) * treadRunIn, (k + 1) * riserIn]),
      ),
      ...(treads > 0
        ? [
            measure([0, 0], [0, riserIn - treadIn], ['first', say('firstCutIn')], 14),
            measure([0, -riseIn * 0.05], [runIn, -riseIn * 0.05], ['run', say('runIn')], -12),
          ]
        : []),
      measure([runIn + wideIn * 0.2, 0], [runIn + wideIn * 0.2, riseIn], written(riseIn), -10),
      ...(treads > 1
        ? [
            measure(
              [2 * treadRunIn - 0.75, riserIn],
              [2 * treadRunIn - 0.75, 2 * riserIn - treadIn * 0],
              say('riserIn'),
              -34,
            ),
          ]
        : []),
    ]
  },
  liesTitle: 'Along the stringer’s edge, hook on the front of step 1',
  lies: ({ found, given, length: written, say }): Scene => {
    const boardIn = given.boardIn ?? BOARD_IN
    const lastIn = found.stepMarksIn[found.stepMarksIn.length - 1] ?? 0
    if (found.treads === 0) return [line('ghost', [0, 0], [given.treadRunIn, 0])]
    const stepIn = Math.hypot(found.riserIn, given.treadRunIn)
    const backIn = given.treadRunIn ** 2 / stepIn
    const deepIn = (found.riserIn * given.treadRunIn) / stepIn
    // The board lies over the blade, with room between them for what is written there.
    const lowIn = lastIn * 0.14
    const edgeIn = lowIn + boardIn
    const notches = found.stepMarksIn.slice(0, -1).flatMap((atIn): readonly Point[] => [
      [atIn, edgeIn],
      [atIn + stepIn - backIn, edgeIn - deepIn],
    ])
    const leftAtIn = stepIn - backIn
    return [
      area('wood', ...notches, [lastIn, edgeIn], [lastIn, lowIn], [0, lowIn]),
      ...(found.woodLeftIn === null
        ? []
        : [
            line('ink', [leftAtIn, lowIn], [leftAtIn, edgeIn - deepIn]),
            text([leftAtIn, edgeIn], `wood left ${say('woodLeftIn')}`, { anchor: 'start', offPx: [0, -6] }),
          ]),
      ...blade(found.stepMarksIn.map((atIn, k) => ({ atIn, text: written(atIn), name: `${k + 1}` }))),
    ]
  },
  cautions: ({ found, say }): readonly Caution[] =>
    found.woodLeftIn !== null && found.woodLeftIn < 5
      ? [
          {
            title: `Only ${say('woodLeftIn')} of wood is left under a notch`,
            lines: ['Deck practice asks for 5″ (DCA 6): take a deeper board, or hold the stringers up in the middle.'],
          },
        ]
      : [],
})
