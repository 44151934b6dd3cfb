import { inWords } from '../testing/inWords'
import { deriveJob } from '../derive'
import type { Job } from '../model'
import { barnJob } from '../testing/barn'
import { demo } from '../testing/demos'
import { clearingMoves, postsMet, waysRound, type Obstruction } from '.'

const thing = (partial: Partial<Obstruction>): Obstruction => ({
  id: 'ob-1',
  kind: 'stump',
  xIn: 0,
  yIn: 0,
  radiusIn: 10,
  clearIn: 0,
  decided: '',
  why: '',
  ...partial,
})
const withThings = (job: Job, ...list: Obstruction[]): Job => ({
  ...job,
  ground: { ...job.ground, obstructions: list },
})
const derived = (job: Job) => {
  const result = deriveJob(job)
  if (!result.ok) throw new Error(JSON.stringify(result.issues))
  return inWords(result.value)
}
const barn = barnJob({ girts: { ...barnJob().building.girts, maxGapIn: 24 } })

describe('what is in the way', () => {
  const d = derived(barn)
  const post = d.posts.find((post) => post.kind === 'eave' && post.side === 'south' && post.line === 4)
  if (!post) throw new Error('no post')
  const hole = d.holes.find((hole) => hole.postIds.includes(post.id))?.diameterIn ?? 0
  test.each<[number, number, number, boolean]>([
    [0, 10, 0, true],
    [hole / 2 + 9.9, 10, 0, true],
    [hole / 2 + 10, 10, 0, false],
    [hole / 2 + 10, 10, 6, true],
    [hole / 2 + 16, 10, 6, false],
  ])('%f in. beside the post, %f half wide, %f to keep clear: met %p', (by, radiusIn, clearIn, met) => {
    expect(postsMet(d, thing({ xIn: post.x + by, yIn: post.y, radiusIn, clearIn })).map((post) => post.id)).toEqual(
      met ? [post.id] : [],
    )
  })
  test('the moves clear it by no more than a sixteenth, to either side, also when it lies off the line', () => {
    for (const [dx, dy, clearIn] of [
      [0, 0, 0],
      [3, 0, 0],
      [-2, 5, 0],
      [0, 9, 0],
      [3, 1, 6],
    ]) {
      const obstruction = thing({ xIn: post.x + dx, yIn: post.y + dy, clearIn })
      const [low, high] = clearingMoves(post, hole, obstruction)
      expect([low < 0, high > 0]).toEqual([true, true])
      for (const by of [low, high]) {
        const far = (b: number) =>
          Math.hypot(post.x + b - obstruction.xIn, post.y - obstruction.yIn) - hole / 2 - obstruction.radiusIn - clearIn
        expect(far(by)).toBeGreaterThanOrEqual(-1e-6)
        expect(far(by - Math.sign(by) / 8)).toBeLessThan(0)
      }
    }
  })
  test('a way that is offered clears it, and its consequences are those of the whole building', () => {
    const [met] = waysRound(withThings(barn, thing({ xIn: post.x, yIn: post.y })))
    expect(met.posts).toEqual([{ id: post.id, name: post.name }])
    const moves = met.ways.filter((way) => way.key.startsWith('move'))
    expect(moves.length).toBe(2)
    for (const way of met.ways) {
      if (!way.job) {
        expect(['cut']).toContain(way.key)
        continue
      }
      const after = derived(way.job)
      expect(postsMet(after, met.obstruction)).toEqual([])
      expect(way.fails).toBe(after.tally.fails)
      expect(way.more).toBeCloseTo(after.takeoff.totalCost - d.takeoff.totalCost, 6)
      expect(way.newFails.map((check) => check.id)).toEqual(
        after.checks
          .filter(
            (check) =>
              check.state === 'fails' && d.checks.find((otherCheck) => otherCheck.id === check.id)?.state !== 'fails',
          )
          .map((check) => check.id),
      )
    }
  })
  test('an eave post may be left out: the lightest header that holds, the hole gone, its truss on the header', () => {
    const [met] = waysRound(withThings(barn, thing({ xIn: post.x, yIn: post.y })))
    const way = met.ways.find((way) => way.key === `bridge-${post.id}`)
    const after = derived(way?.job as Job)
    expect(after.omitted).toMatchObject([{ id: post.id, openingId: null }])
    const beam = after.trusses.beams.find((beam) => beam.kind === 'header')
    expect(beam?.spanIn).toBeCloseTo(192, 0)
    expect(beam?.trusses.map((truss) => truss.truss.number)).toEqual([4])
    // Half of the truss to each post beside it: 5 trusses' worth on three posts before, on two after.
    const at = (derived: typeof after, line: number) => derived.demands?.[`south-line-${line}`].gravityLb ?? 0
    expect(at(after, 3)).toBeGreaterThan(1.4 * at(d, 3))
    // The truss of this barn on a 16 ft header is too much for the heaviest listed, and the way says so. A light roof
    // takes one that holds.
    expect(way?.newFails.some((newFail) => newFail.key.member === 'beam' && newFail.key.place === 'header')).toBe(true)
    const light = barnJob({ widthIn: 240, girts: barn.building.girts }, { groundSnowPsf: 5 })
    const easy = waysRound(withThings(light, thing({ xIn: post.x, yIn: post.y })))[0].ways.find((way) =>
      way.key.startsWith('bridge'),
    )
    expect(easy?.newFails.some((newFail) => newFail.key.member === 'beam' && newFail.key.place === 'header')).toBe(
      false,
    )
  })
  test('a move says what it takes along: what stands elsewhere after it, no more and no less', () => {
    const { job, d: derived } = demo('quillback')
    const moved = (name: string) => {
      const post = derived.posts.find((each) => each.name === name)
      const found = waysRound(withThings(job, thing({ xIn: post?.x, yIn: post?.y, radiusIn: 2 })))
      const ways = found.flatMap(({ ways }) => ways.filter(({ key }) => key.startsWith('move')))
      return ways.map(({ detail }) => detail)
    }
    // A lean-to on the north eave: the line goes as a whole, with the post of the lean-to.
    for (const detail of moved('A2')) expect(detail).toBe('D2 and E2 go with it, and their truss')
    for (const detail of moved('E2')) expect(detail).toBe('A2 and D2 go with it, and their truss')
    for (const detail of moved('B1')) expect(detail).toBe('the post alone')
    expect(moved('A2').length + moved('E2').length + moved('B1').length).toBeGreaterThan(2)
  })
  test('beside a lean-to, whose rafters stand on the post, it is not offered', () => {
    const { job, d: derived } = demo('quillback')
    const lean = job.building.leanTos[0].side
    const post = derived.posts.find((post) => post.kind === 'eave' && post.side === lean)
    const [met] = waysRound(withThings(job, thing({ xIn: post?.x ?? 0, yIn: post?.y ?? 0 })))
    expect(met.posts.map(({ id }) => id)).toContain(post?.id)
    expect(met.ways.some((way) => way.key.startsWith('bridge'))).toBe(false)
  })
  test('a corner post cannot go anywhere; a buried line is never cut; nothing near means nothing to do', () => {
    const corner = d.posts.find((post) => post.kind === 'corner')
    if (!corner) throw new Error('no corner')
    const ways = waysRound(
      withThings(
        barn,
        thing({ xIn: corner.x, yIn: corner.y }),
        thing({ id: 'ob-2', kind: 'buried line', xIn: post.x, yIn: post.y, clearIn: 24 }),
        thing({ id: 'ob-3', xIn: 400, yIn: 240, radiusIn: 5 }),
      ),
    )
    expect(ways[0].ways.filter((way) => way.key.startsWith('move'))).toEqual([])
    expect(ways[1].ways.some((way) => way.key === 'cut')).toBe(false)
    expect(ways[2]).toMatchObject({ posts: [], ways: [] })
  })
})

describe('ground under the holes (IBC 1807.3.2, 1809.5)', () => {
  const spots = (h: (x: number, y: number) => number) =>
    [
      [-200, -200],
      [968, -200],
      [-200, 680],
      [968, 680],
      [384, 240],
    ].map(([xIn, yIn], i) => ({ id: `S${i}`, xIn, yIn, heightIn: h(xIn, yIn) }))
  const on = (h: (x: number, y: number) => number) => derived({ ...barn, ground: { ...barn.ground, spots: spots(h) } })
  test('without spots nothing is claimed', () => {
    expect(derived(barn).ground).toBeNull()
    expect(derived(barn).checks.some((check) => check.id.startsWith('lowest-ground'))).toBe(false)
  })
  test('level ground at the grade line keeps the whole depth', () => {
    const derived = on(() => 0)
    for (const hole of derived.holes)
      expect(derived.checks.find((check) => check.id === `lowest-ground-${hole.kind}`)).toMatchObject({
        capacity: hole.depthIn,
      })
  })
  test.each([
    [-6, -6],
    [-30, -30],
    [4, 0],
  ])('ground %f in. from the grade line everywhere counts as %f', (h, counts) => {
    const derived = on(() => h)
    for (const hole of derived.holes) {
      const check = derived.checks.find((check) => check.id === `lowest-ground-${hole.kind}`)
      expect(check?.capacity).toBeCloseTo(hole.depthIn + counts, 6)
      expect(check?.state === 'fails').toBe((check?.demand ?? 0) > hole.depthIn + counts)
    }
    expect(Object.values(derived.ground ?? {}).every((postGround) => Math.abs(postGround.groundIn - h) < 1e-9)).toBe(
      true,
    )
  })
  test('the lowest corner governs on a slope, and its arithmetic adds up', () => {
    const derived = on((x) => -x / 60)
    const check = derived.checks.find((check) => check.id === 'lowest-ground-corner')
    expect(derived.posts.filter((post) => post.x > 700).map((post) => post.id)).toContain(check?.subjects[0])
    const [low, have] = check?.trace() ?? []
    expect(have.value).toBeCloseTo((derived.holes.find((hole) => hole.kind === 'corner')?.depthIn ?? 0) + low.value, 9)
  })
  test('steeper than 1 in 3 is not sized and says so', () => {
    expect(on((x) => x / 2).checks.find((check) => check.id === 'ground-steep')?.state).toBe('not-checked')
  })
  test('the sloping demo: deeper ground to the east, and every hole still has its depth or says not', () => {
    const { d: derived } = demo('tansy')
    const at = (id: string) => derived.ground?.[id].groundIn ?? 0
    const south = derived.posts
      .filter((post) => post.side === 'south' && post.kind !== 'gable')
      .sort((one, other) => one.x - other.x)
    expect(at(south[0].id)).toBeGreaterThan(at(south[south.length - 1].id))
    expect(derived.checks.filter((check) => check.id.startsWith('lowest-ground')).length).toBe(derived.holes.length)
  })
})

test('a bay fewer is offered as well as a bay more, where either clears it', () => {
  const own = derived(barn)
  const [one, two] = own.posts.filter((each) => each.kind === 'eave' && each.side === 'south' && each.line === 5)
  expect(two).toBeUndefined()
  const keys = waysRound(withThings(barn, thing({ xIn: one?.x ?? 0, yIn: one?.y ?? 0, radiusIn: 2 })))
    .flatMap(({ ways }) => ways)
    .map(({ key }) => key)
    .filter((key) => key.startsWith('bays-'))
  const bays = own.grid.baysIn.length
  expect(keys.sort()).toEqual([`bays-${bays - 1}`, `bays-${bays + 1}`])
})
