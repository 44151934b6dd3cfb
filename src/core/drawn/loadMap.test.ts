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
