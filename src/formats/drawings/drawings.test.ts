import { deriveJob } from '@/core/derive'
import { wallPosts } from '@/core/layout'
import { type Job, type PaperName, SIDES } from '@/core/model'
import { barnJob } from '@/core/testing/barn'
import { demo } from '@/core/testing/demos'
import { inches, mark, roomOn } from '../crewbook/paper'
import { sheetsFrom } from '../crewbook/sheetsOf'
import { shownOf } from '../shown'
import { drawingSet } from '.'
import { drawn } from './draw'
import type { Chain, Figure } from './figure'
import { foundationPlan } from './foundation'
import { pointsOf, scaleFor, scaleWords } from './scales'
import { bracing, elevation, framing } from './walls'
import { section } from './section'
import { details } from './details'
import { sitePlan } from './sitePlan'

function ofJob(job: Job) {
  const derived = deriveJob(job)
  if (!derived.ok) throw new Error(JSON.stringify(derived.issues))
  return sheetsFrom(job, shownOf(derived.value))
}
const braced = barnJob({ bracing: { ...barnJob().building.bracing, walls: 'x-boards' } })
const large = barnJob({ lengthIn: 2400, widthIn: 720, bays: { mode: 'count', count: 25 } })
const jobs = [
  ['Quillback', demo('quillback').job],
  ['Marl', demo('marl').job],
  ['Tansy', demo('tansy').job],
  ['with braces', braced],
  ['of 200 feet', large],
] as const
const ROOM = { wide: 716, high: 452 }
/** Under this nothing on a wall can be read, points: 20 mm. */
const LEAST_PT = (20 / 25.4) * 72

const chainAt = ({ chains }: Figure, beside: Chain['beside'], as: Chain['as']) =>
  chains.find((chain) => chain.beside === beside && chain.as === as)

describe.each(jobs)('%s', (_, job) => {
  const of = ofJob(job)
  const { derived } = of

  test.each(SIDES)('the %s elevation has every opening both ways, and the heights of the building', (side) => {
    const figure = elevation(of, side)
    const own = derived.placed.filter(({ opening }) => opening.side === side)
    const spaces = chainAt(figure, 'below', 'gaps')?.placesIn ?? []
    const gaps = spaces.slice(1).map((at, i) => at - spaces[i])
    const heights = chainAt(figure, 'right', 'running')?.placesIn ?? []
    for (const { opening, headIn, sillIn } of own) {
      expect(gaps.some((gap) => Math.abs(gap - opening.widthIn) < 1e-6)).toBe(true)
      expect(heights).toEqual(expect.arrayContaining([headIn, ...(sillIn > 0 ? [sillIn] : [])]))
    }
    expect(chainAt(figure, 'left', 'running')?.placesIn.slice(0, 2)).toEqual([0, job.building.heelIn])
  })

  test.each(SIDES)('on the %s framing every post stands where its string has it', (side) => {
    const chain = chainAt(framing(of, side), 'below', 'running')
    const hook = chain?.hookIn ?? 0
    const way = chain?.backward ? -1 : 1
    const said = (chain?.placesIn ?? []).map((at, i) => [chain?.names?.[i], mark((at - hook) * way)])
    const posts = wallPosts(derived.posts, side)
    const string = derived.strings.find(
      (each) => each.side === side && posts.every(({ string: own }) => own === each.id),
    )
    for (const [name, words] of said) {
      const own = string?.marks.find((each) => each.name === name && each.kind !== 'face' && each.kind !== 'edge')
      if (string && own) expect([name, words]).toEqual([name, mark(own.atIn)])
    }
    expect(said).toHaveLength(posts.length)
  })

  test('every wall is drawn so large that it can be read, whole or in lengths that are all of it', () => {
    for (const figure of SIDES.flatMap((side) => [elevation(of, side), framing(of, side)])) {
      const blocks = drawn(figure, ROOM)
      const scale = /1:(\d+)$/.exec(blocks[0].alt)
      const points = 72 / Number(scale?.[1])
      expect(job.building.heelIn * points).toBeGreaterThan(LEAST_PT)
      const { x0, x1 } = figure.box
      expect(blocks.length * (ROOM.wide / points)).toBeGreaterThanOrEqual(x1 - x0)
      for (const { width, height } of blocks) expect([width, height <= ROOM.high]).toEqual([ROOM.wide, true])
    }
  })

  test('a plan that is parted shows every hole once, or on the edge of two sheets', () => {
    const circles = drawn(foundationPlan(of), ROOM).reduce(
      (sum, { svg }) => sum + (svg.match(/<circle/g) ?? []).length,
      0,
    )
    expect(circles).toBeGreaterThanOrEqual(derived.posts.length)
    expect(circles).toBeLessThan(derived.posts.length * 1.5)
    for (const { height } of drawn(foundationPlan(of), ROOM)) expect(height).toBeLessThanOrEqual(ROOM.high)
  })

  test('holes on the foundation plan are as far apart as their posts, at the scale that is said', () => {
    const figure = foundationPlan(of)
    const [block] = drawn(figure, { wide: 4000, high: 3000 })
    const points = 72 / Number(/1:(\d+(?:\.\d+)?)$/.exec(block.alt)?.[1])
    const centers = [...block.svg.matchAll(/<circle cx="([\d.]+)" cy="([\d.]+)" r="([\d.]+)"/g)].map((each) =>
      each.slice(1).map(Number),
    )
    expect(centers).toHaveLength(derived.posts.length)
    const [first, ...rest] = derived.posts
    rest.forEach((post, i) => {
      const [x, y, r] = centers[i + 1]
      expect(x - centers[0][0]).toBeCloseTo((post.x - first.x) * points, 0)
      expect(centers[0][1] - y).toBeCloseTo((post.y - first.y) * points, 0)
      const hole = derived.holes.find(({ kind }) => kind === post.kind)
      expect(r).toBeCloseTo(((hole?.diameterIn ?? 0) / 2) * points, 1)
    })
  })

  test('the section reaches from the bottom of the holes to the peak, and names its layers', () => {
    const { box, notes } = section(of)
    const deepest = Math.max(...derived.holes.filter(({ kind }) => kind === 'eave').map(({ digIn }) => digIn))
    expect(box.y0).toBeCloseTo(-deepest, 6)
    expect(box.y1).toBeGreaterThan(job.building.heelIn + (derived.grid.widthIn / 24) * job.building.pitchPer12)
    expect(notes?.map(({ text }) => text).join()).toMatch(/roof skin on (?:purlins|battens) .*truss.*post.*concrete/s)
  })

  test('a detail of a post has the seat, top and notches of its card', () => {
    for (const figure of details(of).figures.filter(({ title }) => /seat at/.test(title))) {
      const name = / at (\S+)$/.exec(figure.title)?.[1]
      const post = derived.posts.find((each) => each.name === name)
      const column = derived.columns[post?.id ?? '']
      const heights = chainAt(figure, 'left', 'running')
      expect(heights?.placesIn[0]).toBe(column.seatUpIn)
      for (const { depthIn } of column.notches) expect(figure.sub).toContain(`notch ${inches(depthIn)} deep`)
      const bolts = chainAt(figure, 'right', 'running')
      expect(bolts?.placesIn.map((at) => at - column.seatUpIn)).toEqual(
        [...new Set(column.bolts.map(({ aboveSeatIn }) => aboveSeatIn))]
          .sort((one, other) => one - other)
          .map((upIn) => expect.closeTo(upIn, 6) as number),
      )
    }
  })

  test.each<PaperName>(['letter', 'a4'])('no drawing is larger than its sheet of %s', (paper) => {
    const room = roomOn(paper, true)
    const set = drawingSet({ ...job, fieldwork: { ...job.fieldwork, paper } }, derived)
    expect(set.sheets.length).toBeGreaterThan(12)
    for (const { blocks } of set.sheets) {
      const high = blocks.reduce((sum, block) => sum + (block.kind === 'svg' ? block.height : 0), 0)
      expect(high).toBeLessThanOrEqual(room.high)
      for (const block of blocks) if (block.kind === 'svg') expect(block.width).toBeLessThanOrEqual(room.wide)
    }
  })
})

test('braces are drawn where walls have them, and are said not to be there where they have none', () => {
  expect(SIDES.filter((side) => bracing(ofJob(braced), side) !== null).length).toBeGreaterThan(1)
  const without = ofJob(demo('quillback').job)
  expect(SIDES.map((side) => bracing(without, side))).toEqual([null, null, null, null])
  expect(details(without).absent).toContain('wall brace')
})
test('there is no site plan without a lot', () => {
  expect(sitePlan(ofJob(demo('marl').job))).toBeNull()
  expect(sitePlan(ofJob(demo('quillback').job))?.figure.title).toBe('Site plan')
})
test.each([
  [200, 100, 716, '1/2" = 1\' 0", 1:24'],
  [2400, 200, 716, '1/32" = 1\' 0", 1:384'],
])('%i by %i inches in a room of %i points: %s', (wideIn, highIn, room, words) => {
  const scale = scaleFor({ wideIn, highIn }, { wide: room, high: room })
  expect(scaleWords(scale)).toBe(words)
  expect(wideIn * pointsOf(scale)).toBeLessThanOrEqual(room)
})
