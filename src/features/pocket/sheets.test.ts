import { FIGURES, solved } from '@/core/pocket'
import { FIGURE_NAMES, type FigureName } from '@/core/pocket/names'
import { SAMPLES } from '@/core/testing/pocket'
import { UNIT_SYSTEMS } from '@/core/units'
import { allWords, frameOf, placed } from './scene/place'
import type { Scene } from './scene/shapes'
import type { Sheet, Shown } from './sheet'
import { isFigure, SHEETS } from './sheets'
import { readTyped, typedOf } from './typed'

const sheets = new Map<FigureName, Sheet>()
beforeAll(async () => {
  for (const name of FIGURE_NAMES) sheets.set(name, (await SHEETS[name]()).default)
})
const sheetOf = (name: FigureName): Sheet => {
  const sheet = sheets.get(name)
  if (!sheet) throw new Error(name)
  return sheet
}
const shownOf = (name: FigureName, given: unknown, system: (typeof UNIT_SYSTEMS)[number] = 'us'): Shown => {
  const result = sheetOf(name).show(given, system)
  if (!result.ok) throw new Error(`${name}: ${JSON.stringify(result.issues)}`)
  return result.value
}
const samplesOf = (name: FigureName): Record<string, unknown> => {
  const { fields } = sheetOf(name)
  const read = readTyped(fields, typedOf(fields, null, 'us'), 'us')
  if (!read.ok) throw new Error(`${name}: ${JSON.stringify(read.issues)}`)
  return read.value
}
const textsOf = (scene: Scene) => scene.flatMap((shape) => ('text' in shape ? [shape.text] : []))

test('every figure has its sheet, under its own name, with a field for everything that it takes', () => {
  for (const { name, input } of FIGURES) {
    expect(sheetOf(name).name).toBe(name)
    const taken = Object.keys((input as unknown as { def: { shape: object } }).def.shape)
    expect(Object.keys(sheetOf(name).fields).sort()).toEqual(taken.sort())
  }
  expect([isFigure('stairs'), isFigure('spiral'), isFigure('toString')]).toEqual([true, false, false])
})
describe.each(FIGURE_NAMES)('%s', (name) => {
  test.each(UNIT_SYSTEMS)(
    'samples and another input are answered and drawn without a number that is none, in %s',
    (system) => {
      for (const given of [samplesOf(name), SAMPLES[name]]) {
        const shown = shownOf(name, given, system)
        const words = [
          ...shown.outs.flatMap(({ label, text }) => [label, text]),
          ...textsOf(shown.stands),
          ...textsOf(shown.lies),
          ...shown.arithmetic.flatMap(({ numbers, result }) => [numbers, result]),
          ...shown.cautions.flatMap(({ title, lines }) => [title, ...lines]),
        ].join(' | ')
        expect(words).not.toMatch(/NaN|Infinity|undefined|null|\[object/)
        if (system !== 'us') expect(shown.outs.map(({ text }) => text).join(' ')).not.toMatch(/[′″]/)
        for (const scene of [shown.stands, shown.lies])
          for (const shape of scene) expect(JSON.stringify(shape)).not.toContain('null')
      }
    },
  )
  test('both drawings lie whole on their paper, numbers too, and none is empty', () => {
    const shown = shownOf(name, samplesOf(name))
    for (const [scene, high] of [
      [shown.stands, 250],
      [shown.lies, 190],
    ] as const) {
      expect(scene.length).toBeGreaterThan(1)
      const paper = placed(scene, 372, high)
      for (const words of allWords(scene, paper.at)) {
        const { left, right, top, bottom } = frameOf(words)
        expect([words.text, left >= -8, right <= 380, top >= -8, bottom <= paper.heightPx + 8]).toEqual([
          words.text,
          true,
          true,
          true,
          true,
        ])
      }
    }
  })
  test('what is shown is what the figure answers', () => {
    const figure = FIGURES.find((each) => each.name === name)
    const result = figure && solved(figure as never, samplesOf(name))
    expect(result?.ok).toBe(true)
    expect(shownOf(name, samplesOf(name)).arithmetic.length).toBeGreaterThan(0)
  })
})
// Where it can hurt someone the sheet says so, whatever is typed; where a cut or a notch goes too far, when it does.
test.each(['sling', 'gin', 'wall-pick', 'bare-wind', 'jack', 'pull', 'bags'] as const)(
  '%s: a caution stands with it',
  (name) => expect(shownOf(name, samplesOf(name)).cautions.length).toBeGreaterThan(0),
)
test.each<[FigureName, object, number]>([
  ['knee-brace', { sawLimitDeg: 50 }, 1],
  ['knee-brace', { sawLimitDeg: 60 }, 0],
  ['rafter', { seatIn: 3 }, 0],
  ['rafter', { seatIn: 7.6 }, 1],
  ['stairs', { boardIn: 11.25 }, 0],
  ['stairs', { boardIn: 9.25 }, 1],
  ['matured', { tempsF: [65, 65] }, 1],
])('%s with %j: %i cautions', (name, change, count) =>
  expect(shownOf(name, { ...samplesOf(name), ...change }).cautions).toHaveLength(count),
)
