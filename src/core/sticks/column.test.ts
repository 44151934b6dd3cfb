import { planJob } from '../derive'
import { opening } from '../testing/barn'
import { barnJob } from '../testing/barn'
import type { Building, Job } from '../model'
import { expectNear } from '../testing/near'
import { buyingOf } from './buy'
import { columnCard } from './columnCard'

type Change = Partial<Building>

/** The columns of a barn, and its posts by name. */
function columns(change: Change = {}) {
  const job = barnJob(change)
  const plan = planJob(job)
  if (!plan.ok) throw new Error(JSON.stringify(plan.issues))
  const named = (name: string) => {
    const post = plan.value.posts.find((each) => each.name === name)
    if (!post) throw new Error(`no post ${name}`)
    return plan.value.columns[post.id]
  }
  return { job, named, plan: plan.value }
}
const cardOf = (
  { job, named }: { job: Job; named: ReturnType<typeof columns>['named'] },
  name: string,
  footIn: number,
) => columnCard(job.building, named(name), footIn, { posts: [named(name).post], buying: buyingOf(job) })
const roof = (change: object): Change => {
  const { building } = barnJob()
  return { roof: { ...building.roof, truss: { ...building.roof.truss, ...change } } }
}

// By hand: heel 14 ft, foot 5 ft below the grade line, truss 6 in. deep at its heel.
test('in a pocket the center ply stops at the seat, the outer plies go on by the heel of the truss', () => {
  const made = columns()
  expect(made.named('A3')).toMatchObject({ bears: 'truss', seatUpIn: 168, topUpIn: 174, pocketPlies: [1] })
  const card = cardOf(made, 'A3', 60)
  expect(card).toMatchObject({ seatIn: 228, lengthIn: 234, pocketIn: 6 })
  expect(card.plies.map(({ pieces }) => pieces.at(-1)?.toIn)).toEqual([234, 228, 234])
  // 19 ft 6 in. and an inch over it are cut from 20 ft; the center ply of 19 ft as well.
  expect(card.plies.map(({ pieces }) => pieces[0].stockIn)).toEqual([240, 240, 240])
})
test('a notch stops the plies under the truss and leaves a tongue beside it', () => {
  expect(
    columns(roof({ seat: 'notch' }))
      .named('A3')
      .plies.map(({ topUpIn }) => topUpIn),
  ).toEqual([168, 174, 174])
  // The truss at the first line stands toward the middle of the building.
  expect(
    columns(roof({ seat: 'notch' }))
      .named('A1')
      .plies.map(({ topUpIn }) => topUpIn),
  ).toEqual([174, 174, 168])
})
test('beside a truss on its face every ply goes up to its top, or its bolts would have no wood', () =>
  expect(
    columns(roof({ seat: 'face' }))
      .named('A3')
      .plies.map(({ topUpIn }) => topUpIn),
  ).toEqual([174, 174, 174]))
test('two plies of truss leave no room for a pocket in three: said, and set on a notch', () => {
  const made = columns(roof({ plies: 2 }))
  expect(made.named('A3').problems).toEqual(['no room for a pocket'])
  expect(cardOf(made, 'A3', 60).problems[0]).toMatch(/too few plies/)
})

describe('carriers', () => {
  const onCarriers = (change: object, carrier: object = {}): Change => {
    const { building } = barnJob()
    return {
      heelIn: 132,
      roof: {
        ...building.roof,
        truss: { ...building.roof.truss, set: 'carriers', ...change },
        carrier: { ...building.roof.carrier, plies: 2, size: '2x12', sides: 'one', ...carrier },
      },
    }
  }
  // Heel 11 ft 0 in., two 2×12 of 11 1/4 in.: the seat is 10 ft 0 3/4 in. up; from a foot 5 ft 2 in. below 15 ft 2 3/4 in.
  test('the seat is the heel less the depth of the carrier', () => {
    const made = columns(onCarriers({ seat: 'notch' }))
    expect(made.named('A3')).toMatchObject({ bears: 'carrier', seatUpIn: 120.75, topUpIn: 132 })
    const card = cardOf(made, 'A3', 62)
    expect(card.seatIn).toBe(182.75)
    expect(card.notches).toEqual([{ face: 'outside', depthIn: 3, fromFootIn: 182.75, toFootIn: 194 }])
    // A ply of 5 1/2 in. keeps 2 1/2 behind a notch of two plies.
    expect(card.tongueIn).toBe(2.5)
  })
  test('one ply to each face takes a notch in both', () =>
    expect(columns(onCarriers({ seat: 'notch' }, { sides: 'both' })).named('A3').notches).toMatchObject([
      { face: 'outside', depthIn: 1.5 },
      { face: 'inside', depthIn: 1.5 },
    ]))
  test('bolted to the faces the post is not cut, and goes up to the heel', () =>
    expect(columns(onCarriers({ seat: 'face' })).named('A3')).toMatchObject({
      notches: [],
      topUpIn: 132,
      seatUpIn: 132,
    }))
  test('more plies than the post can take are bolted on, and it says so', () =>
    expect(columns(onCarriers({ seat: 'notch' }, { plies: 4 })).named('A3')).toMatchObject({
      notches: [],
      problems: ['too many plies to let in'],
    }))
  // 2×12 and bolts of 5/8: four diameters from both edges, 2 1/2 and 8 3/4 in. over the seat, two to a course.
  test('bolts stand four diameters from both edges of the beam', () =>
    expect(
      columns(onCarriers({ seat: 'notch' }))
        .named('A3')
        .bolts.map(({ aboveSeatIn }) => aboveSeatIn),
    ).toEqual([2.5, 2.5, 8.75, 8.75]))
})

test('a jamb under a header is notched for it; a post without truss or beam ends at the heel', () => {
  const made = columns({
    openings: [opening({ id: 'd', kind: 'slider', positionIn: 300, widthIn: 144, heightIn: 120, sillIn: 0 })],
  })
  const jamb = made.plan.posts.find(({ kind, side }) => kind === 'jamb' && side === 'south')
  if (!jamb) throw new Error('no jamb')
  // Header 2×12 of four plies, two to each face of a post 5 1/2 in. deep: too many, so it is bolted on.
  expect(made.plan.columns[jamb.id]).toMatchObject({
    bears: 'header',
    problems: ['too many plies to let in'],
    topUpIn: 168,
  })
})
test('a gable post is sawn to the roof, each ply by itself: at 4:12 half an inch for each ply', () => {
  const made = columns()
  const gable = made.plan.posts.find(({ kind, side }) => kind === 'gable' && side === 'west')
  if (!gable) throw new Error('no gable post')
  const { plies, bevelDeg, topUpIn } = made.plan.columns[gable.id]
  expectNear(bevelDeg, 18.43, 1e-3)
  expect(plies[1].topUpIn - plies[0].topUpIn).toBeCloseTo(0.5, 9)
  expect(topUpIn).toBeCloseTo(168 + (gable.atIn + 2.25) / 3, 9)
})

describe('joints of the plies', () => {
  const spliced = (fromIn: number, toIn: number): Change => {
    const { building } = barnJob()
    return { post: { ...building.post, splice: { fromIn, toIn, efficiency: null } } }
  }
  test('without them every ply is one treated board', () =>
    expect(cardOf(columns(), 'A3', 60).plies.every(({ pieces }) => pieces.length === 1 && pieces[0].treated)).toBe(
      true,
    ))
  test('staggered, treated below, never lower than 16 in. above grade', () => {
    const card = cardOf(columns(spliced(10, 90)), 'A3', 60)
    const joints = card.plies.map(({ pieces }) => pieces[0].toIn)
    expect(Math.min(...joints)).toBeGreaterThanOrEqual(76)
    expect(Math.abs(joints[1] - joints[0])).toBeGreaterThanOrEqual(24)
    expect(card.plies.every(({ pieces }) => pieces[0].treated && !pieces[1].treated)).toBe(true)
    expect(card.problems).toEqual([])
  })
  test('a zone too short for staggered joints says so', () =>
    expect(cardOf(columns(spliced(20, 40)), 'A3', 60).problems[0]).toMatch(/apart/))
})
test('nails run on the template from the foot; half from each face', () => {
  const { nails } = cardOf(columns(), 'A3', 60)
  expect(nails?.marksIn[0]).toBe(3.5)
  expect((nails?.nailsPerFace ?? 0) * 2).toBeGreaterThanOrEqual(nails?.total ?? 1)
})
test('a solid post is one stick without nails, notched beside the truss', () => {
  const { building } = barnJob()
  const made = columns({ post: { ...building.post, section: '6x6' } })
  expect(cardOf(made, 'A3', 60)).toMatchObject({ nails: null, plies: [{ pieces: [{ treated: true }] }] })
  expect(made.named('A3').trussNotch).toMatchObject({ fromUpIn: 168, toUpIn: 174, depthIn: 1.5 })
})
