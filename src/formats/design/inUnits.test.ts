import { deriveJob } from '@/core/derive'
import { barnJob } from '@/core/testing/barn'
import { designOf } from './design'
import { inUnits } from './inUnits'

// 1 in. = 25.4 mm, 1 lb = 4.4482216152605 N; each by hand: 1 ft-lb = 4.44822 × 0.3048 = 1.35582 N·m; 1 lb/in =
// 4.44822/25.4 = 0.175127 N/mm; 1 psf = 4.44822/0.3048² = 47.8803 Pa; 1 pcf = 47.8803/0.3048 = 157.087 N/m³.
test.each([
  ['heelIn', 'heelMm', 25.4],
  ['momentInLb', 'momentNm', 0.112985],
  ['momentFtLb', 'momentNm', 1.35582],
  ['frameLbIn', 'frameNPerMm', 0.175127],
  ['eavePlf', 'eaveNPerM', 14.5939],
  ['plf', 'nPerM', 14.5939],
  ['lb', 'n', 4.44822],
  ['psPsf', 'psPa', 47.8803],
  ['psf', 'pa', 47.8803],
  ['fbPsi', 'fbKPa', 6.89476],
  ['gammaPcf', 'gammaNPerM3', 157.087],
  ['lateralPsfPerFt', 'lateralPaPerM', 157.087],
  ['segmentIn2', 'segmentMm2', 645.16],
  ['roofFt2', 'roofM2', 0.092903],
  ['holeFt3', 'holeM3', 0.0283168],
  ['concreteYd3', 'concreteOrderM3', 0.764555],
  ['windMph', 'windMPerS', 0.44704],
  ['eaveFt', 'eaveM', 0.3048],
  ['x', 'x', 25.4],
  ['sizeX', 'sizeX', 25.4],
  ['count', 'count', 1],
])('one %s is so many %s: %d', (from, to, want) => {
  const out = inUnits({ part: { [from]: 1, [`${from}s`]: [] } }, 'mm') as { part: Record<string, number> }
  expect(out.part[to]).toBeCloseTo(want, Math.max(0, 5 - Math.ceil(Math.log10(want))))
})
test('lists are multiplied item by item; sentences, traces and the stored job stay', () => {
  const design = { job: { heelIn: 1 }, trace: [{ value: 2 }], baysIn: [10, 20], say: 'x', list: [{ xIn: 1 }] }
  expect(inUnits(design, 'm')).toEqual({
    units: 'm',
    job: { heelIn: 1 },
    trace: [{ value: 2 }],
    baysM: [0.254, 0.508],
    say: 'x',
    list: [{ xM: 0.0254 }],
  })
})
test('in US units it is the design itself', () => {
  const design = { heelIn: 1 }
  expect(inUnits(design, 'us')).toBe(design)
})

const US_UNIT = /(In|Ft|Lb|Plf|Psf|Psi|Pcf|Mph|[Ff]t2|Ft3|Yd3|In2)$|^(lb|plf|psf|psi|x|y)$/
/** Every number of a design with the last name over it, in order. */
function numbersOf(value: unknown, name = ''): (readonly [name: string, value: number])[] {
  if (typeof value === 'number') return [[name, value]]
  if (typeof value !== 'object' || value === null) return []
  return Object.entries(value)
    .filter(([key]) => key !== 'job' && key !== 'trace')
    .flatMap(([key, part]) => numbersOf(part, Array.isArray(value) ? name : key))
}
test('of a whole building no field keeps a US unit in its name, and every other number is left alone', () => {
  const job = barnJob()
  const derived = deriveJob(job)
  if (!derived.ok) throw new Error('barn')
  const design = JSON.parse(JSON.stringify(designOf(job, derived.value))) as unknown
  const before = numbersOf(design)
  const after = numbersOf(inUnits(design, 'mm'))
  expect(after).toHaveLength(before.length)
  for (const [i, [name, value]] of before.entries()) {
    const [nameThen, valueThen] = after[i]
    const measured = US_UNIT.test(name) || ['sizeX', 'sizeY'].includes(name)
    if (!measured) expect([nameThen, valueThen]).toEqual([name, value])
    else if (value !== 0) expect(valueThen).not.toBe(value)
    if (!['x', 'y', 'sizeX', 'sizeY'].includes(name)) expect(nameThen).not.toMatch(US_UNIT)
  }
})
