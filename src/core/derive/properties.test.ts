import { inWords, type WordedDerived } from '../testing/inWords'
import fc from 'fast-check'
import { deriveJob, type Derived } from '.'
import { newJob, SIDES, type Job } from '../model'
import { runningMarks } from '../units'
import { barnSite } from '../testing/barn'

// Whatever building is asked for within the fields' ranges, what comes out holds together.
const step = (lo: number, hi: number, by: number) =>
  fc.integer({ min: Math.round(lo / by), max: Math.round(hi / by) }).map((n) => n * by)
const building = fc.record({
  lengthIn: step(240, 2400, 6),
  widthIn: step(192, 720, 6),
  heelIn: step(96, 216, 2),
  pitchPer12: step(1, 8, 0.5),
  eaveOverhangIn: step(0, 24, 3),
  bay: step(72, 144, 6),
  gap: step(14, 36, 1),
  gableMaxIn: step(72, 168, 6),
  section: fc.constantFrom('3-2x6', '3-2x8', '4-2x8', '3-2x10', '6x6'),
  school: fc.constantFrom('pad', 'collar', 'pier'),
  style: fc.constantFrom('flat', 'between'),
  set: fc.constantFrom('posts', 'carriers'),
  snow: step(0, 70, 5),
  wind: step(95, 140, 5),
  exposure: fc.constantFrom('B', 'C', 'D'),
  lean: fc.option(fc.record({ depthIn: step(72, 168, 6), side: fc.constantFrom('south', 'north') }), { nil: null }),
})
type Asked = typeof building extends fc.Arbitrary<infer T> ? T : never
function jobOf(building: Asked): Job {
  const job = newJob('property')
  const truss = {
    ...job.building.roof.truss,
    set: building.set as 'posts',
    seat: (building.set === 'carriers' ? 'face' : 'pocket') as 'pocket',
  }
  return {
    ...job,
    site: { ...barnSite, groundSnowPsf: building.snow, windMph: building.wind, exposure: building.exposure },
    building: {
      ...job.building,
      lengthIn: building.lengthIn,
      widthIn: building.widthIn,
      heelIn: building.heelIn,
      pitchPer12: building.pitchPer12,
      eaveOverhangIn: building.eaveOverhangIn,
      bays: { mode: 'max', maxIn: building.bay },
      gableMaxIn: building.gableMaxIn,
      school: building.school,
      post: { ...job.building.post, section: building.section },
      girts: { ...job.building.girts, maxGapIn: building.gap, style: building.style },
      roof: { ...job.building.roof, truss },
      leanTos: building.lean
        ? [
            {
              side: building.lean.side as 'south',
              depthIn: building.lean.depthIn,
              pitchPer12: 2,
              dropIn: 6,
              open: true,
              maxIn: 144,
              rafter: { plies: 2, size: '2x8', lumber: 'SP-No.1', spaceIn: null },
              ledger: { plies: 1, size: '2x10', lumber: 'SP-No.1' },
              beam: { plies: 2, size: '2x10', lumber: 'SP-No.1' },
              seatIn: 3.5,
            } as unknown as Job['building']['leanTos'][number],
          ]
        : [],
    },
  }
}
const bad = (v: unknown, path = ''): string[] => {
  if (typeof v === 'number') {
    if (Number.isNaN(v)) return [path]
    return []
  }
  if (typeof v === 'object' && v !== null)
    return Object.entries(v).flatMap(([key, value]) => bad(value, `${path}.${key}`))
  return []
}
const each = (run: (derived: WordedDerived, job: Job) => void, numRuns = 60) =>
  fc.assert(
    fc.property(building, (building) => {
      const job = jobOf(building)
      const result = deriveJob(job)
      if (result.ok) run(inWords(result.value), job)
      else expect(result.issues.length).toBeGreaterThan(0)
    }),
    { numRuns, seed: 20261124 },
  )

test('most buildings asked for can be laid out', () => {
  let n = 0
  fc.assert(
    fc.property(building, (building) => {
      if (deriveJob({ ...jobOf(building) }).ok) n++
    }),
    { numRuns: 60, seed: 20261124 },
  )
  expect(n).toBeGreaterThan(30)
})
test('no number is no number: nothing that is shown is NaN but a depth that no depth satisfies', () => {
  each((derived) => {
    expect(
      bad({
        schedule: derived.schedule,
        takeoff: derived.takeoff,
        poles: derived.poles,
        walls: derived.walls,
        strings: derived.strings,
        trusses: derived.trusses,
        demands: derived.demands,
        checks: derived.checks.map((check) => [check.demand, check.capacity, check.ratio]),
      }),
    ).toEqual([])
  })
})
test('a check holds when its ratio is up to one, fails above, and without a capacity is not checked', () => {
  each((derived) => {
    for (const check of derived.checks) {
      if (check.state === 'not-checked' || check.ratio === null) {
        expect(check.governs.length).toBeGreaterThan(10)
        continue
      }
      const { ratio } = check
      expect(ratio).toBeCloseTo(check.capacity > 0 ? check.demand / check.capacity : 0, 9)
      const state = () => {
        if (ratio > 1 + 1e-9) return 'fails'
        if (ratio >= 0.9) return 'close'
        return 'holds'
      }
      expect(check.state).toBe(state())
    }
    expect(derived.tally.holds + derived.tally.close + derived.tally.fails + derived.tally.notChecked).toBe(
      derived.checks.length,
    )
    expect(new Set(derived.checks.map((check) => check.id)).size).toBe(derived.checks.length)
  })
})
test('every arithmetic that is asked for is finite and has a clause', () => {
  each((derived) => {
    for (const check of derived.checks.filter((check) => check.state !== 'not-checked'))
      for (const line of check.trace()) {
        expect(Number.isNaN(line.value)).toBe(false)
        expect(line.clause.length + line.formula.length).toBeGreaterThan(0)
      }
  }, 12)
})
test('posts have names of their own, stand on the building’s edge and apart', () => {
  each((derived, job) => {
    expect(new Set(derived.posts.map((post) => post.id)).size).toBe(derived.posts.length)
    const lean = job.building.leanTos[0]?.depthIn ?? 0
    for (const post of derived.posts) {
      expect(post.x).toBeGreaterThan(-1e-6)
      expect(post.x).toBeLessThan(derived.grid.lengthIn + 1e-6)
      expect(post.y).toBeGreaterThan(-lean - 1)
      expect(post.y).toBeLessThan(derived.grid.widthIn + lean + 1)
    }
    derived.posts.forEach((post, i) =>
      derived.posts
        .slice(i + 1)
        .forEach((other) => expect(Math.abs(post.x - other.x) + Math.abs(post.y - other.y)).toBeGreaterThan(3)),
    )
  }, 25)
})
test('girt rows never leave more than the chosen gap, and their pieces cover each row once', () => {
  each((derived, job) => {
    for (const side of SIDES) {
      const wall = derived.walls[side]
      for (const row of wall.rows) expect(row.spaceBelowIn).toBeLessThanOrEqual(job.building.girts.maxGapIn + 1e-6)
      for (const row of wall.rows)
        for (const segment of row.segments) {
          const own = wall.pieces
            .filter(
              (piece) => piece.row === row.id && piece.fromIn >= segment.fromIn - 1 && piece.toIn <= segment.toIn + 1,
            )
            .sort((one, other) => one.fromIn - other.fromIn)
          own.slice(1).forEach((piece, i) => expect(piece.fromIn).toBeGreaterThanOrEqual(own[i].toIn - 1e-6))
        }
    }
  })
})
test('marks go up the pole, above and below add up to the post, and running marks round once', () => {
  each((derived) => {
    for (const post of derived.posts) {
      const pole = derived.poles[post.id]
      pole.slice(1).forEach((mark, i) => expect(mark.upIn).toBeGreaterThanOrEqual(pole[i].upIn))
      for (const mark of pole) expect(mark.upIn + mark.downIn).toBeCloseTo(post.heightIn, 9)
    }
    for (const stringLine of derived.strings) {
      const at = stringLine.marks.map((mark) => mark.atIn)
      for (const mark of runningMarks(at)) expect(Number.isInteger(mark.shownIn * 16)).toBe(true)
    }
  })
})
test('a hole is never shallower than frost or the least depth, and every post has one', () => {
  each((derived, job) => {
    for (const hole of derived.holes)
      expect(hole.depthIn).toBeGreaterThanOrEqual(Math.max(job.site.frostIn ?? 0, job.building.minimumDepthIn) - 1e-9)
    expect(derived.holes.flatMap((hole) => hole.postIds).sort()).toEqual(derived.posts.map((post) => post.id).sort())
  })
})
test('more snow, more wind, wider bays never make a building hold better', () => {
  const worst = (derived: Derived, id: RegExp) =>
    Math.max(
      0,
      ...derived.checks
        .filter((check) => id.test(check.id) && check.state !== 'not-checked')
        .map((check) => check.ratio ?? 1e9),
    )
  fc.assert(
    fc.property(
      building.filter((building) => building.lean === null && building.snow < 60 && building.wind < 130),
      (building) => {
        const run = (building: Asked) => {
          const result = deriveJob(jobOf(building))
          return result.ok ? result.value : null
        }
        const [now, snow, wind] = [
          run(building),
          run({ ...building, snow: building.snow + 10 }),
          run({ ...building, wind: building.wind + 10 }),
        ]
        if (!now || !snow || !wind) return
        expect(worst(snow, /^purlin/)).toBeGreaterThanOrEqual(worst(now, /^purlin/) - 1e-9)
        expect(worst(wind, /^girt/)).toBeGreaterThanOrEqual(worst(now, /^girt/) - 1e-9)
        for (const post of now.posts)
          if (now.demands && wind.demands && snow.demands) {
            expect(wind.demands[post.id].upliftLb).toBeGreaterThanOrEqual(now.demands[post.id].upliftLb - 1e-6)
            expect(snow.demands[post.id].gravityLb).toBeGreaterThanOrEqual(now.demands[post.id].gravityLb - 1e-6)
          }
      },
    ),
    { numRuns: 25, seed: 7 },
  )
})
