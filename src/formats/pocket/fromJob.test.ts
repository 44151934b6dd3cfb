import { FIGURES, solved } from '@/core/pocket'
import { demo } from '@/core/testing/demos'
import { birdsMouth } from '@/core/rules/rafter/member'
import { boardSize } from '@/core/wood'
import { cureFigure, figuresFor, type FigureTopic, type FilledFigure } from './fromJob'

const DEMOS = ['quillback', 'tansy', 'marl'] as const
const TOPICS: readonly FigureTopic[] = [
  'braces',
  'rafters',
  'headroom',
  'square',
  'spacing',
  'picks',
  'concrete',
  'suppliers',
]
const answerOf = ({ figure, given }: FilledFigure): Record<string, unknown> => {
  const found = FIGURES.find(({ name }) => name === figure)
  const result = found && solved(found as never, given)
  if (!result?.ok) throw new Error(`${figure}: ${JSON.stringify(result)}`)
  return result.value.answer as unknown as Record<string, unknown>
}

test.each(DEMOS.flatMap((name) => TOPICS.map((topic) => [name, topic] as const)))(
  '%s, %s: what a stage fills in is taken',
  (name, topic) => {
    const { job, d } = demo(name)
    for (const filled of figuresFor(topic, job, d)) expect(Object.keys(answerOf(filled)).length).toBeGreaterThan(0)
  },
)

describe('the figure says what the stage says', () => {
  const { job, d } = demo('quillback')
  const [leanTo] = job.building.leanTos
  const first = (topic: FigureTopic) => figuresFor(topic, job, d)[0]
  test('a rafter of the lean-to: the slope of its run, its notch and heel', () => {
    const mouth = birdsMouth(leanTo.pitchPer12, boardSize(leanTo.rafter.size).dIn, leanTo.seatIn, leanTo.depthIn)
    const { given } = first('rafters')
    expect(answerOf({ ...first('rafters'), given: { ...given, ledgerIn: 0 } })).toMatchObject({
      bodyIn: expect.closeTo(mouth.lengthIn, 9),
      notchIn: expect.closeTo(mouth.notchIn, 9),
      heelIn: expect.closeTo(mouth.heelCutIn, 9),
    })
  })
  test('headroom of the lean-to: its rafters lie on its outer posts', () => {
    const outer = d.posts.find((post) => post.kind === 'lean-to')
    expect(answerOf(first('headroom')).rafterUnderIn).toBeCloseTo(outer?.heightIn ?? 0, 9)
  })
  test('bays: as many, as wide', () => {
    const { count, spaceIn } = answerOf(first('spacing'))
    expect(count).toBe(d.grid.baysIn.length)
    expect(spaceIn).toBeCloseTo(d.grid.baysIn[0], 6)
  })
  test('corner to corner of the strings', () => {
    const diagonal = figuresFor('square', job, d).find(({ figure }) => figure === 'diagonal')
    expect(diagonal && answerOf(diagonal).diagonalIn).toBeCloseTo(Math.hypot(d.grid.lengthIn, d.grid.widthIn), 9)
  })
  test('concrete: the same volume in all', () => {
    const all = figuresFor('concrete', job, d).reduce((sum, each) => sum + Number(answerOf(each).ft3), 0)
    expect(all).toBeCloseTo(d.takeoff.concreteFt3, 6)
  })
  test('a wall that is lifted: its girts lie on its posts, the hook over the center', () => {
    const { given } = first('picks')
    const found = answerOf(first('picks'))
    expect(Number(found.weightLb)).toBeGreaterThan(300)
    expect(Number(found.centreIn)).toBeLessThan(Number((given as { holdIn: number }).holdIn))
  })
  test('suppliers: from the list alone it costs what those lines of the take-off cost', () => {
    const dearest = d.takeoff.cost.map(({ cost }) => cost).sort((one, other) => other - one)
    const sum = dearest.slice(0, 6).reduce((all, cost) => all + cost, 0)
    expect(answerOf(first('suppliers'))).toMatchObject({ best: 'single', single: { total: expect.closeTo(sum, 6) } })
  })
})
test('braces: the wall’s brace is as long as the stage says', () => {
  const { job, d } = demo('quillback')
  const walls = {
    ...job,
    building: { ...job.building, bracing: { ...job.building.bracing, walls: 'x-boards' as const } },
  }
  const filled = figuresFor('braces', walls, d)
  for (const each of filled.filter(({ figure }) => figure === 'brace-between'))
    expect(answerOf(each).edgeIn).toBeCloseTo(d.braces[0].lengthIn, 9)
})
test('the clock of a pour takes the hours since', () =>
  expect(answerOf(cureFigure([65, 65, 14]))).toMatchObject({ maturedH: 2, frozenHours: 1 }))
