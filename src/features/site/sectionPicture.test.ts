import { demo } from '@/core/testing/demos'
import { expectNear } from '@/core/testing/near'
import { section } from '@/formats/calcsheet/drawings'
import { concreteIn, sectionPicture } from './sectionPicture'

const { job, d: derived } = demo('marl')
const size = { width: 820, height: 720 }

test('a post in the wall and one under a lean-to each stand in a hole of their own kind', () => {
  const { eaveHole, leanToHole } = sectionPicture(job, derived, size)
  expect([eaveHole?.kind, leanToHole?.kind]).toEqual(['eave', 'lean-to'])
})

test.each([
  ['pad', [[73, 81]]],
  [
    'collar',
    [
      [73, 81],
      [55, 73],
    ],
  ],
  ['pier', [[0, 81]]],
] as const)('%s: the concrete lies under the foot, around it, or is the whole pier', (school, concrete) => {
  const [hole] = derived.holes.filter(({ kind }) => kind === 'eave')
  const building = { ...job.building, school, padThicknessIn: 8, collarHeightIn: 18 }
  expect(concreteIn(building, { ...hole, depthIn: 81, embedIn: 73 })).toEqual(concrete)
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
