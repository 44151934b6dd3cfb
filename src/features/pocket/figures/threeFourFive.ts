import { threeFourFive } from '@/core/pocket/threeFourFive'
import { length } from '../fields'
import { area, blade, line, measure } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: threeFourFive,
  fields: { longIn: length('room on the leg of four', 288), shortIn: length('room on the leg of three', 192) },
  outs: ({ say }) => [
    { label: 'from end to end', text: say('diagonalIn') },
    { label: 'leg of four', text: say('legAIn') },
    { label: 'leg of three', text: say('legBIn') },
  ],
  stands: ({ given, found: { legAIn, legBIn }, say }) => [
    line('thin', [0, 0], [given.longIn, 0]),
    line('thin', [0, 0], [0, given.shortIn]),
    area('plain', [0, 0], [legAIn, 0], [0, legBIn]),
    area('plain', [0, 0], [legAIn * 0.06, 0], [legAIn * 0.06, legAIn * 0.06], [0, legAIn * 0.06]),
    line('chalk', [0, legBIn], [legAIn, 0]),
    measure([0, legBIn], [legAIn, 0], say('diagonalIn'), 4),
    measure([0, 0], [legAIn, 0], say('legAIn'), -14),
    measure([0, 0], [0, legBIn], say('legBIn'), 14),
  ],
  liesTitle: 'Along one tape, hook on the corner',
  lies: ({ found, say }) =>
    blade([
      { atIn: found.legBIn, text: say('legBIn'), name: 'short leg' },
      { atIn: found.legAIn, text: say('legAIn'), name: 'long leg' },
      { atIn: found.diagonalIn, text: say('diagonalIn'), name: 'across' },
    ]),
})
