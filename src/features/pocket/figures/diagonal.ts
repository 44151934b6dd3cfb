import { diagonal } from '@/core/pocket/diagonal'
import { length } from '../fields'
import { blade, box, line, measure } from '../scene/shapes'
import { sheet } from '../sheet'

export default sheet({
  figure: diagonal,
  fields: { aIn: length('one side', 480), bIn: length('the side square to it', 288) },
  outs: ({ say }) => [{ label: 'corner to corner', text: say('diagonalIn') }],
  stands: ({ given: { aIn, bIn }, say, length: written }) => [
    box('plain', [0, 0], [aIn, bIn]),
    line('chalk', [0, 0], [aIn, bIn]),
    measure([0, 0], [aIn, bIn], say('diagonalIn'), 4),
    measure([0, 0], [aIn, 0], written(aIn), -14),
    measure([aIn, 0], [aIn, bIn], written(bIn), -14),
  ],
  liesTitle: 'Along the tape, hook on the corner',
  lies: ({ found, say }) => blade([{ atIn: found.diagonalIn, text: say('diagonalIn'), name: 'far corner' }]),
})
