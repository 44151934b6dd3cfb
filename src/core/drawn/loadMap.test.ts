import { demo } from '../testing/demos'
import { loadMap } from './loadMap'

const { job, d } = demo('quillback')
const results = d.site
if (!results) throw new Error('demo')
const leanToName = (peakPsf: number) => {
  const leanTos = results.leanTos.map((each) => ({ ...each, governing: { ...each.governing, peakPsf } }))
  const regions = loadMap(job.building, d.grid, { ...results, leanTos }, 'drift')
  return regions.find(({ key }) => key.startsWith('lean-'))
}

test('snow that drifts onto a lean-to stands at its wall, and counts there besides what lies everywhere', () => {
  const { governs, uniformPsf } = results.leanTos[0].governing
  expect(leanToName(10)).toMatchObject({ name: `lean-to, ${governs} at the wall`, psf: uniformPsf + 10 })
  expect(leanToName(0)).toMatchObject({ name: `lean-to, ${governs}`, psf: uniformPsf })
})
test('balanced snow names no place', () => {
  const regions = loadMap(job.building, d.grid, results, 'snow')
  expect(regions.map(({ name }) => name)).toContain('lean-to')
})

const areaIn2 = (corners: readonly (readonly [x: number, y: number])[]) =>
  Math.abs(
    corners.reduce((sum, [x, y], k) => {
      const [nx, ny] = corners[(k + 1) % corners.length]
      return sum + (x * ny - nx * y) / 2
    }, 0),
  )
test('drifted snow covers the main roof once: windward, by the ridge and leeward', () => {
  const unbalanced = { windwardPsf: 5, leewardPsf: 20, surchargePsf: 10, surchargeFt: 4 }
  const regions = loadMap(job.building, d.grid, { ...results, snow: { ...results.snow, unbalanced } } as never, 'drift')
  const own = regions.filter(({ key }) => ['wind', 'crest', 'lee'].includes(key))
  expect(own.map(({ psf }) => psf)).toEqual([5, 30, 20])
  expect(own.reduce((sum, each) => sum + areaIn2(each.corners), 0)).toBeCloseTo(d.grid.lengthIn * d.grid.widthIn, 3)
})
