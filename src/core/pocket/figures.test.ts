import { evaluate } from '../testing/arithmetic'
import { refusalOf, SAMPLES } from '../testing/pocket'
import { FIGURES, figureNamed } from './figures'
import { type Figure, solved } from './figure'
import { FIGURE_NAMES } from './names'

/** Inputs that may be 0, and inputs of either sign, by figure; all others are over 0. */
const ZERO: Readonly<Record<string, readonly string[]>> = {
  'boards-across': ['gapIn', 'gapLimitIn'],
  'post-tops': ['pitchPer12'],
  pitch: ['riseIn'],
  rafter: ['ledgerIn', 'tailIn', 'pitchPer12'],
  headroom: ['sheetIn', 'battenIn', 'beamIn', 'pitchPer12'],
  'steepest-pitch': ['sheetIn', 'battenIn', 'beamIn'],
  'roof-square': ['heldAtIn'],
  'eave-line': ['standoffIn', 'actIn'],
  pull: ['linkIn', 'wedgeIn'],
  'wall-pick': ['rows', 'girtPlf', 'extraShare'],
  'bare-wind': ['windMph'],
  gate: ['hingeGapIn', 'latchGapIn', 'meetGapIn'],
  'sliding-door': ['lapIn'],
  vehicle: ['marginIn', 'rampShare', 'rampIn', 'frontIn'],
  panels: ['leastIn'],
  bags: ['postWidthIn', 'postDepthIn', 'wasteShare', 'spareEvery'],
  'rod-marks': ['coverIn'],
  'girt-cut': ['playIn'],
}
const ANY: Readonly<Record<string, readonly string[]>> = {
  plumb: ['topOffsetIn', 'bottomOffsetIn'],
  jack: ['leanIn'],
  'nailers-between': ['fromIn', 'toIn'],
  daylight: ['latitudeDeg'],
}
const EACH = FIGURES.map((each) => [each.name, each as unknown as Figure<never, never>] as const)
const numbersOf = (name: string) => Object.entries(SAMPLES[name]).filter(([, value]) => typeof value === 'number')

test('there are 37, each by its own name', () => {
  expect(new Set(FIGURES.map((each) => each.name)).size).toBe(37)
  expect(FIGURES.map((each) => each.name).sort()).toEqual(Object.keys(SAMPLES).sort())
  expect(FIGURES.map((each) => each.name)).toEqual([...FIGURE_NAMES])
  expect(figureNamed('stairs')?.name).toBe('stairs')
  expect(figureNamed('spiral')).toBeUndefined()
})

describe.each(EACH)('%s', (name, figure) => {
  test('answers what its output says, with arithmetic that comes to what stands beside it', () => {
    const result = solved(figure, SAMPLES[name])
    if (!result.ok) throw new Error(JSON.stringify(result.issues))
    const { given, answer } = result.value
    expect(figure.output.safeParse(answer).success).toBe(true)
    const lines = figure.arithmetic(given, answer)
    expect(lines.length).toBeGreaterThan(0)
    for (const line of lines) {
      const value = evaluate(line.numbers)
      if (value !== null) expect(Math.abs(value - line.value)).toBeLessThan(2e-3 * Math.max(1, Math.abs(line.value)))
      expect(Number.isFinite(line.value)).toBe(true)
    }
  })
  test.each(Object.keys(SAMPLES[name]))('%s: no number, text, nothing or too much is refused by its name', (field) => {
    for (const bad of [NaN, Infinity, -Infinity, '12', null, {}, 1e10]) {
      const refused = refusalOf(figure, { ...SAMPLES[name], [field]: bad })
      expect([field, bad, refused.length > 0]).toEqual([field, bad, true])
      expect(refused.every((each) => each.split(' ')[1].split('.')[0] === field)).toBe(true)
    }
  })
  test('whatever is left out or added is refused by its name', () => {
    const needed = Object.keys(SAMPLES[name]).filter((field) => name !== 'plumb' || field === 'heightIn')
    for (const field of needed)
      expect(refusalOf(figure, { ...SAMPLES[name], [field]: undefined })).toEqual([`missing ${field}`])
    expect(refusalOf(figure, { ...SAMPLES[name], extra: 1 })).toEqual(['unknown-field extra'])
    for (const nothing of [null, 3, 'x', []]) expect(refusalOf(figure, nothing).length).toBeGreaterThan(0)
  })
  test('0 and less are taken only where they mean something', () => {
    for (const [field] of numbersOf(name)) {
      if (ANY[name]?.includes(field)) continue
      expect([field, refusalOf(figure, { ...SAMPLES[name], [field]: -1 }).length > 0]).toEqual([field, true])
      // A limit of no gap contradicts a gap: both are 0 then.
      const with0 = field === 'gapLimitIn' ? { gapIn: 0, gapLimitIn: 0 } : { [field]: 0 }
      const zero = refusalOf(figure, { ...SAMPLES[name], ...with0 })
      const allowed = ZERO[name]?.includes(field) ?? false
      expect([field, zero.some((each) => each === `too-small ${field}` || each === `not-a-choice ${field}`)]).toEqual([
        field,
        !allowed,
      ])
    }
  })
})
