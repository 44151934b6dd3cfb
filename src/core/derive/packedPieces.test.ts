import { sawnOf } from '../sticks'
import { demo, demoOnPhone } from '../testing/demos'
import { jobSticks } from './jobSticks'
import { packPieces, readPieces } from './packedPieces'

test.each(['quillback', 'marl', 'tansy'] as const)('%s: a phone reads every piece as the office has it', (name) => {
  const { job, d } = demo(name)
  const { sticks } = jobSticks(job, d)
  const read = readPieces(demoOnPhone(name).pieces)
  expect(read).toEqual(
    sticks.map((stick) => ({
      id: stick.id,
      name: stick.name,
      kind: stick.kind,
      of: stick.of,
      cutLengthIn: stick.cutLengthIn,
      board: { label: stick.board.label, lumber: stick.board.lumber, treated: stick.board.treated },
      ends: stick.ends.map(({ cut }) => cut),
      offSquareDeg: sawnOf(stick).offSquareDeg,
    })),
  )
  const text = packPieces(read)
  expect(text.length).toBeLessThan(JSON.stringify(read).length / 2)
  expect(readPieces(text)).toEqual(read)
})

test('of two plans each has its own pieces, whichever was read last', () => {
  const [one, other] = [demoOnPhone('marl'), demoOnPhone('tansy')]
  const first = readPieces(one.pieces)
  expect(readPieces(other.pieces)).not.toEqual(first)
  expect(readPieces(one.pieces)).toEqual(first)
})

test('no pieces are none', () => expect(readPieces(packPieces([]))).toEqual([]))
