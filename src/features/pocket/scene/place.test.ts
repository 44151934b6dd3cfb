import fc from 'fast-check'
import { allWords, frameOf, placed } from './place'
import { blade, box, measure, text } from './shapes'

const cover = (one: ReturnType<typeof frameOf>, other: ReturnType<typeof frameOf>) =>
  one.left < other.right - 1 && other.left < one.right - 1 && one.top < other.bottom - 3 && other.top < one.bottom - 3

test('a scene is to scale both ways: an inch is as long across as up', () => {
  const paper = placed([box('wood', [0, 0], [120, 60])], 400, 250)
  const [x0, y0] = paper.at([0, 0])
  const [x1, y1] = paper.at([120, 60])
  expect((x1 - x0) / 120).toBeCloseTo((y0 - y1) / 60, 2)
  expect(x1 - x0).toBeCloseTo(120 * paper.scale, 0)
})
test('it takes the width it has, or the height where that is less', () => {
  expect(placed([box('wood', [0, 0], [100, 10])], 400, 250).scale).toBeCloseTo(3.9, 1)
  expect(placed([box('wood', [0, 0], [10, 100])], 400, 250).scale).toBeCloseTo(2.4, 1)
})
test('numbers that stand out take room from the drawing, so that nothing is cut off', () => {
  const bare = placed([box('wood', [0, 0], [100, 50])], 400, 400)
  const scene = [box('wood', [0, 0], [100, 50]), measure([100, 0], [100, 50], '4′ 2 15/16″', -12)]
  const withNumber = placed(scene, 400, 400)
  expect(withNumber.scale).toBeLessThan(bare.scale)
  for (const words of allWords(scene, withNumber.at)) expect(frameOf(words).right).toBeLessThanOrEqual(401)
})
test('numbers on a blade never cover each other (property)', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 600 }), { minLength: 1, maxLength: 9 }), (places) => {
      const marks = [...new Set(places)].sort((one, other) => one - other)
      const scene = blade(marks.map((atIn) => ({ atIn, text: `${atIn} 11/16″` })))
      const frames = allWords(scene, placed(scene, 372, 190).at).map(frameOf)
      frames.forEach((one, i) => frames.slice(i + 1).forEach((other) => expect(cover(one, other)).toBe(false)))
    }),
    // Seven inches side by side far down a blade, once one row too many.
    { examples: [[[63, 64, 1, 67, 66, 65, 68, 92]]] },
  )
})
test('many marks are named in part: the first, every so many, the last', () => {
  const scene = blade(Array.from({ length: 50 }, (_mark, k) => ({ atIn: k, text: String(k) })))
  const named = scene.flatMap((shape) => (shape.kind === 'text' ? [Number(shape.text)] : []))
  expect([named.length <= 13, named[0], named.at(-1)]).toEqual([true, 0, 49])
})
test('words of a slope lie along it, those of a plumb line beside it, the right way up', () => {
  const at = ([x, y]: readonly [number, number]) => [x, -y] as const
  const turnOf = (x: number, y: number) => allWords([measure([0, 0], [x, y], 'n', 10)], at)[0]?.turn
  expect([turnOf(100, 0), turnOf(0, 100), turnOf(-100, 0)]).toEqual([0, 0, expect.closeTo(0, 9)])
  expect(turnOf(100, 100)).toBeCloseTo(-45, 9)
  expect(turnOf(-100, -100)).toBeCloseTo(-45, 9)
})
test('a text that may not move stays where it is put', () => {
  const scene = [text([0, 0], 'one'), text([0, 0], 'two')]
  const ys = allWords(scene, ([x, y]) => [x, y]).map(({ y }) => y)
  expect(ys[0]).toBe(ys[1])
})
