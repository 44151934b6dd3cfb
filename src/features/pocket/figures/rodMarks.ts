import { rodMarks } from '@/core/pocket/rodMarks'
import { length } from '../fields'
import { area, blade, box, line, measure, type Point, text } from '../scene/shapes'
import { sheet } from '../sheet'

const SPACE_IN = 30

export default sheet({
  figure: rodMarks,
  fields: {
    readingsIn: {
      kind: 'named-lengths',
      label: 'rod on the ground at each post',
      sample: { A1: 50, A2: 48.5, A3: 52.25, B1: 55 },
    },
    coverIn: length('grade line above the highest', 4),
  },
  outs: ({ found, say, length: written }) => [
    { label: 'the rod reads on the grade line', text: say('gradeReadsIn') },
    { label: `highest, ${found.highId}, reads`, text: say('highIn') },
    {
      label: 'marks up from the ground',
      text: Object.entries(found.upIn)
        .map(([id, upIn]) => `${id} ${written(upIn)}`)
        .join(', '),
    },
  ],
  stands: ({ found, length: written }) => {
    const posts = Object.entries(found.upIn)
    const lastIn = (posts.length - 1) * SPACE_IN
    const tallIn = Math.max(...posts.map(([, upIn]) => upIn)) * 2
    // Ground lies as far under the grade line as the mark stands over it.
    const lies = posts.map(([, upIn], k): Point => [k * SPACE_IN, -upIn])
    const lowIn = Math.min(...lies.map(([, y]) => y)) - tallIn * 0.25
    return [
      area(
        'earth',
        [-SPACE_IN / 2, lies[0]?.[1] ?? 0],
        ...lies,
        [lastIn + SPACE_IN / 2, lies[lies.length - 1]?.[1] ?? 0],
        [lastIn + SPACE_IN / 2, lowIn],
        [-SPACE_IN / 2, lowIn],
      ),
      ...posts.map(([, upIn], k) => box('wood', [k * SPACE_IN - 2, -upIn], [k * SPACE_IN + 2, tallIn * 0.6])),
      line('chalk', [-SPACE_IN / 2, 0], [lastIn + SPACE_IN / 2, 0]),
      ...posts.map(([, upIn], k) => measure([k * SPACE_IN, -upIn], [k * SPACE_IN, 0], written(upIn), -9)),
      ...posts.map(([id], k) =>
        text([k * SPACE_IN, tallIn * 0.6], id, { strong: id === found.highId, offPx: [0, -6] }),
      ),
    ]
  },
  liesTitle: 'On the rod, foot at the left',
  lies: ({ given, found, say, length: written }) =>
    blade(
      [
        { atIn: found.gradeReadsIn, text: say('gradeReadsIn'), name: 'grade line' },
        ...Object.entries(given.readingsIn).map(([id, atIn]) => ({ atIn, text: written(atIn), name: id })),
      ].sort((one, other) => one.atIn - other.atIn),
    ),
  cautions: () => [
    { title: 'Read the highest twice', lines: ['Every mark hangs on it: a reading taken wrong there moves them all.'] },
  ],
})
