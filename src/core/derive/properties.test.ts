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
function jobOf(a: Asked): Job {
  const j = newJob('property')
  const truss = {
    ...j.building.roof.truss,
    set: a.set as 'posts',
    seat: (a.set === 'carriers' ? 'face' : 'pocket') as 'pocket',
  }
  return {
    ...j,
    site: { ...barnSite, groundSnowPsf: a.snow, windMph: a.wind, exposure: a.exposure as 'C' },
    building: {
      ...j.building,
      lengthIn: a.lengthIn,
      widthIn: a.widthIn,
      heelIn: a.heelIn,
      pitchPer12: a.pitchPer12,
      eaveOverhangIn: a.eaveOverhangIn,
      bays: { mode: 'max', maxIn: a.bay },
      gableMaxIn: a.gableMaxIn,
      school: a.school as 'pad',
      post: { ...j.building.post, section: a.section as '3-2x6' },
      girts: { ...j.building.girts, maxGapIn: a.gap, style: a.style as 'flat' },
      roof: { ...j.building.roof, truss },
      leanTos: a.lean
        ? [
            {
              side: a.lean.side as 'south',
              depthIn: a.lean.depthIn,
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
const bad = (v: unknown, path = ''): string[] =>
  typeof v === 'number'
    ? Number.isNaN(v)
      ? [path]
      : []
    : typeof v === 'object' && v !== null
      ? Object.entries(v).flatMap(([k, q]) => bad(q, `${path}.${k}`))
      : []
const each = (run: (d: Derived, job: Job) => void, numRuns = 60) =>
  fc.assert(
    fc.property(building, (a) => {
      const job = jobOf(a)
      const d = deriveJob(job)
      if (d.ok) run(d.value, job)
      else expect(d.issues.length).toBeGreaterThan(0)
    }),
    { numRuns, seed: 20261124 },
  )

test('most buildings asked for can be laid out', () => {
  let n = 0
  fc.assert(
    fc.property(building, (a) => {
      if (deriveJob({ ...jobOf(a) }).ok) n++
    }),
    { numRuns: 60, seed: 20261124 },
  )
  expect(n).toBeGreaterThan(30)
})
test('no number is no number: nothing that is shown is NaN but a depth that no depth satisfies', () => {
  each((d) => {
    expect(
      bad({
        schedule: d.schedule,
        takeoff: d.takeoff,
        poles: d.poles,
        walls: d.walls,
        strings: d.strings,
        trusses: d.trusses,
        demands: d.demands,
        checks: d.checks.map((c) => [c.demand, c.capacity, c.ratio]),
      }),
    ).toEqual([])
  })
})
test('a check holds when its ratio is up to one, fails above, and without a capacity is not checked', () => {
  each((d) => {
    for (const c of d.checks) {
      if (c.state === 'not-checked') {
        expect(c.governs.length).toBeGreaterThan(10)
        continue
      }
      expect(c.capacity).toBeGreaterThan(0)
      expect(c.ratio).toBeCloseTo(c.demand / c.capacity, 9)
      expect(c.state).toBe(c.ratio > 1 + 1e-9 ? 'fails' : c.ratio >= 0.9 ? 'close' : 'holds')
    }
    expect(d.tally.holds + d.tally.close + d.tally.fails + d.tally.notChecked).toBe(d.checks.length)
    expect(new Set(d.checks.map((c) => c.id)).size).toBe(d.checks.length)
  })
})
test('every arithmetic that is asked for is finite and has a clause', () => {
  each((d) => {
    for (const c of d.checks.filter((q) => q.state !== 'not-checked'))
      for (const t of c.trace()) {
        expect(Number.isNaN(t.value)).toBe(false)
        expect(t.clause.length + t.formula.length).toBeGreaterThan(0)
      }
  }, 12)
})
test('posts have names of their own, stand on the building’s edge and apart', () => {
  each((d, job) => {
    expect(new Set(d.posts.map((p) => p.id)).size).toBe(d.posts.length)
    const lean = job.building.leanTos[0]?.depthIn ?? 0
    for (const p of d.posts) {
      expect(p.x).toBeGreaterThan(-1e-6)
      expect(p.x).toBeLessThan(d.grid.lengthIn + 1e-6)
      expect(p.y).toBeGreaterThan(-lean - 1)
      expect(p.y).toBeLessThan(d.grid.widthIn + lean + 1)
    }
    d.posts.forEach((p, i) =>
      d.posts.slice(i + 1).forEach((q) => expect(Math.abs(p.x - q.x) + Math.abs(p.y - q.y)).toBeGreaterThan(3)),
    )
  }, 25)
})
test('girt rows never leave more than the chosen gap, and their pieces cover each row once', () => {
  each((d, job) => {
    for (const side of SIDES) {
      const w = d.walls[side]
      for (const r of w.rows) expect(r.spaceBelowIn).toBeLessThanOrEqual(job.building.girts.maxGapIn + 1e-6)
      for (const r of w.rows)
        for (const s of r.segments) {
          const own = w.pieces
            .filter((p) => p.row === r.id && p.fromIn >= s.fromIn - 1 && p.toIn <= s.toIn + 1)
            .sort((x, y) => x.fromIn - y.fromIn)
          own.slice(1).forEach((p, i) => expect(p.fromIn).toBeGreaterThanOrEqual(own[i].toIn - 1e-6))
        }
    }
  })
})
test('marks go up the pole, above and below add up to the post, and running marks round once', () => {
  each((d) => {
    for (const p of d.posts) {
      const m = d.poles[p.id]
      m.slice(1).forEach((q, i) => expect(q.upIn).toBeGreaterThanOrEqual(m[i].upIn))
      for (const q of m) expect(q.upIn + q.downIn).toBeCloseTo(p.heightIn, 9)
    }
    for (const s of d.strings) {
      const at = s.marks.map((m) => m.atIn)
      for (const m of runningMarks(at)) expect(Number.isInteger(m.shownIn * 16)).toBe(true)
    }
  })
})
test('a hole is never shallower than frost or the least depth, and every post has one', () => {
  each((d, job) => {
    for (const h of d.holes)
      expect(h.depthIn).toBeGreaterThanOrEqual(Math.max(job.site.frostIn ?? 0, job.building.minimumDepthIn) - 1e-9)
    expect(d.holes.flatMap((h) => h.postIds).sort()).toEqual(d.posts.map((p) => p.id).sort())
  })
})
test('more snow, more wind, wider bays never make a building hold better', () => {
  const worst = (d: Derived, id: RegExp) =>
    Math.max(0, ...d.checks.filter((c) => id.test(c.id) && c.state !== 'not-checked').map((c) => c.ratio))
  fc.assert(
    fc.property(
      building.filter((a) => a.lean === null && a.snow < 60 && a.wind < 130),
      (a) => {
        const run = (x: Asked) => {
          const d = deriveJob(jobOf(x))
          return d.ok ? d.value : null
        }
        const [now, snow, wind] = [run(a), run({ ...a, snow: a.snow + 10 }), run({ ...a, wind: a.wind + 10 })]
        if (!now || !snow || !wind) return
        expect(worst(snow, /^purlin/)).toBeGreaterThanOrEqual(worst(now, /^purlin/) - 1e-9)
        expect(worst(wind, /^girt/)).toBeGreaterThanOrEqual(worst(now, /^girt/) - 1e-9)
        for (const p of now.posts)
          if (now.demands && wind.demands && snow.demands) {
            expect(wind.demands[p.id].upliftLb).toBeGreaterThanOrEqual(now.demands[p.id].upliftLb - 1e-6)
            expect(snow.demands[p.id].gravityLb).toBeGreaterThanOrEqual(now.demands[p.id].gravityLb - 1e-6)
          }
      },
    ),
    { numRuns: 25, seed: 7 },
  )
})
