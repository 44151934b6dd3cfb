import { demo } from '@/core/testing/demos'
import { expectNear } from '@/core/testing/near'
import { section } from '@/formats/calcsheet/drawings'
import { sectionPicture } from './sectionPicture'

const { job, d: derived } = demo('marl')
const size = { width: 820, height: 720 }

test('a post in the wall and one under a lean-to each stand in a hole of their own kind', () => {
  const { eaveHole, leanToHole } = sectionPicture(job, derived, size)
  expect([eaveHole?.kind, leanToHole?.kind]).toEqual(['eave', 'lean-to'])
})

test('the calculation sheet draws posts in the wall and under the lean-to as deep as their own holes, to one scale', () => {
  const { svg } = section(job, derived) as { svg: string }
  const posts = [...svg.matchAll(/<rect[^>]*>/g)].map(([rect]) => rect).filter((rect) => rect.includes('#ddd'))
  const highs = posts.map((rect) => Number(/height="([\d.]+)"/.exec(rect)?.[1]))
  const holeOf = (wanted: string) => derived.holes.filter(({ kind }) => kind === wanted)[0]
  const [leanTo] = job.building.leanTos
  const edgeIn = job.building.heelIn - leanTo.dropIn - (leanTo.depthIn * leanTo.pitchPer12) / 12
  expect(highs).toHaveLength(3)
  const wanted = (edgeIn + holeOf('lean-to').embedIn) / (job.building.heelIn + holeOf('eave').embedIn)
  expectNear(Math.min(...highs) / Math.max(...highs), wanted, 0.01)
})

test.each([
  ['pad', 1],
  ['collar', 2],
  ['pier', 1],
] as const)('the calculation sheet draws all the concrete around a post: %s', (school, bodies) => {
  const { svg } = section({ ...job, building: { ...job.building, school } }, derived) as { svg: string }
  expect([...svg.matchAll(/#bbb/g)]).toHaveLength(3 * bodies)
})
