import { panels } from '@/core/pocket/panels'
import { length } from '../fields'
import { box, line, measure, type Scene } from '../scene/shapes'
import { sheet } from '../sheet'

const MOST_DRAWN = 80

const WAY_WORDS = { whole: 'whole sheets', last: 'rip the last', both: 'rip both ends alike' } as const

export default sheet({
  figure: panels,
  fields: {
    runIn: length('run to cover', 381),
    coverIn: length('one sheet covers', 36),
    ribIn: length('rib to rib', 9),
    leastIn: length('least that shows', 24),
  },
  outs: ({ found, say }) => [
    ...((found.startRipIn === null
      ? [{ label: found.way === 'whole' ? 'the last shows, whole' : 'rip the last to', text: say('lastIn') }]
      : [{ label: 'rip both ends to', text: say('startRipIn') }]) as [{ label: string; text: string }]),
    { label: 'sheets', text: String(found.sheets) },
    ...(found.ribRipIn === null ? [] : [{ label: 'out to the next rib', text: say('ribRipIn') }]),
    { label: 'way', text: WAY_WORDS[found.way] },
  ],
  stands: ({ given: { runIn, coverIn }, found, say, length: written }): Scene => {
    const highIn = runIn * 0.3
    const firstIn = found.startRipIn ?? coverIn
    const joints = Array.from({ length: Math.min(found.sheets - 1, MOST_DRAWN) }, (_joint, k) => firstIn + k * coverIn)
    const rips: Scene =
      found.way === 'both'
        ? [box('dark', [0, 0], [firstIn, highIn]), box('dark', [runIn - firstIn, 0], [runIn, highIn])]
        : []
    const last: Scene = found.way === 'last' ? [box('dark', [runIn - found.lastIn, 0], [runIn, highIn])] : []
    return [
      box('steel', [0, 0], [runIn, highIn]),
      ...rips,
      ...last,
      ...joints.map((atIn) => line('ink', [atIn, 0], [atIn, highIn])),
      measure([0, 0], [runIn, 0], written(runIn), -12),
      ...(found.startRipIn === null ? [] : [measure([0, highIn], [firstIn, highIn], say('startRipIn'), 12)]),
      ...(found.way === 'last' ? [measure([runIn - found.lastIn, highIn], [runIn, highIn], say('lastIn'), 12)] : []),
    ]
  },
  liesTitle: 'The ripped sheet on the bench; the dark part stays',
  lies: ({ given: { coverIn, ribIn }, found, length: written }) => {
    const keptIn = found.startRipIn ?? found.lastIn
    const ribs = Array.from({ length: Math.min(60, Math.floor(coverIn / ribIn) + 1) }, (_rib, k) => k * ribIn)
    return [
      box('steel', [0, 0], [coverIn, coverIn * 0.2]),
      box('dark', [0, 0], [Math.min(keptIn, coverIn), coverIn * 0.2]),
      ...ribs.map((atIn) => line('thin', [atIn, 0], [atIn, coverIn * 0.2])),
      measure([0, 0], [Math.min(keptIn, coverIn), 0], written(keptIn), -12),
      ...(found.ribRipIn === null
        ? []
        : [
            measure(
              [0, coverIn * 0.2],
              [Math.min(found.ribRipIn, coverIn), coverIn * 0.2],
              ['to the rib', written(found.ribRipIn)],
              12,
            ),
          ]),
    ]
  },
  cautions: ({ found, say }) =>
    found.short
      ? [
          {
            title: 'Both ends still show too little',
            lines: [`${say('startRipIn')} is under the least you asked for: another cover, or a wider trim.`],
          },
        ]
      : [],
})
