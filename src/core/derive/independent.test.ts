import { readFileSync } from 'node:fs'
import { deriveJob, type Derived } from '.'
import { readJobText, type Job } from '../model'

// A second calculation of three whole buildings, written apart from the core: no formula of it is used. Posts are solved by finite
// differences instead of closed forms, embedment by stepping down the hole, beams by summing slices, gravity by counting squares of roof.
const load = (name: string): { job: Job; d: Derived } => {
  const job = readJobText(readFileSync(`demo/${name}.json`, 'utf8'))
  if (!job.ok) throw new Error(name)
  const d = deriveJob(job.value)
  if (!d.ok) throw new Error(name)
  return { job: job.value, d: d.value }
}
const near = (got: number, want: number, share: number) => {
  if (!(Math.abs(got - want) <= share * Math.abs(want))) throw new Error(`core ${got}, second method ${want}`)
}

const EXPOSURE = { B: [7, 1200], C: [9.5, 900], D: [11.5, 700] } as const
/** Velocity pressure at mean roof height, straight from the power law. */
function qh(job: Job, d: Derived): number {
  const { building: b, site: s } = job
  const slope = b.pitchPer12 / 12
  const steep = (Math.atan(slope) * 180) / Math.PI > 10
  const h = b.heelIn / 12 + (steep ? (d.grid.widthIn / 24) * slope * 0.5 : 0)
  const [alpha, zg] = EXPOSURE[s.exposure ?? 'C']
  return (
    0.00256 *
    2.01 *
    (Math.max(15, h) / zg) ** (2 / alpha) *
    0.85 *
    s.kzt *
    Math.E ** (-0.0000362 * s.elevationFt) *
    (s.windMph ?? 0) ** 2
  )
}
/** Sloped-roof snow of a cold slippery roof. */
function ps(job: Job): number {
  const deg = (Math.atan(job.building.pitchPer12 / 12) * 180) / Math.PI
  const pf = 0.7 * 1 * 1.2 * 1 * (job.site.groundSnowPsf ?? 0)
  return pf * (deg <= 15 ? 1 : (70 - deg) / 55)
}

/** Propped post under a uniform load by central differences on EI·y'''' = w: base fixed, top pinned and held. Returns shear and moment at the base for 1 plf over `heightFt`. */
function proppedByDifferences(heightFt: number): { shear: number; moment: number } {
  const n = 400
  const h = heightFt / n
  // Unknown top reaction R: y(H) of a cantilever under w and R must vanish; integrate curvature twice.
  const topMove = (w: number, r: number) => {
    let slope = 0
    let y = 0
    for (let i = 0; i < n; i++) {
      const z = (i + 0.5) * h
      const m = (w * (heightFt - z) ** 2) / 2 - r * (heightFt - z)
      y += slope * h + (m * h * h) / 2
      slope += m * h
    }
    return y
  }
  const r = topMove(1, 0) / (topMove(1, 0) - topMove(1, 1))
  return { shear: heightFt - r, moment: heightFt ** 2 / 2 - r * heightFt }
}

/** Least depth of a post held at grade, by stepping: soil moment about the surface against the applied moment, with the code's 4.25. */
function slabDepthByStepping(moment: number, bFt: number, lateral: number): number {
  let d = 0.5
  while (lateral * d * d * d * bFt < 4.25 * moment && lateral * d ** 3 * bFt < 1e9) d += 0.0005
  return d
}

/** Roof area that comes to one post, by counting points of a grid of the roof and giving each to the nearer line and eave. */
function roofBySquares(d: Derived, job: Job, postId: string): number {
  const post = d.posts.find((p) => p.id === postId)
  if (!post) return 0
  const over = job.building.eaveOverhangIn
  const lines = d.grid.centresIn.map((x, i) => (i === 0 ? 0 : i === d.grid.centresIn.length - 1 ? d.grid.lengthIn : x))
  const step = 3
  let points = 0
  for (
    let x = -job.building.gableOverhangIn + step / 2;
    x < d.grid.lengthIn + job.building.gableOverhangIn;
    x += step
  ) {
    const nearest = lines.reduce((a, q, i) => (Math.abs(q - x) < Math.abs(lines[a] - x) ? i : a), 0)
    if (nearest === (post.line ?? 0) - 1) points++
  }
  return (points * step * (d.grid.widthIn / 2 + over)) / 144
}

describe.each(['quillback-hill', 'tansy-hollow', 'marl-road'])('%s by a second method', (name) => {
  const { job, d } = load(name)
  const site = d.site
  if (!site) throw new Error('no site')
  test('velocity pressure', () => near(site.wind.qhPsf, qh(job, d), 1e-6))
  test('roof snow', () => near(site.snow.psPsf, ps(job), 1e-6))
  test('walls pushed and pulled', () => {
    near(site.wind.windwardPsf, qh(job, d) * 0.85 * 0.8, 1e-6)
    near(site.wind.sidePsf, -qh(job, d) * 0.85 * 0.7, 1e-6)
  })
  test('roof area and dead load of an inner eave post, where trusses stand on posts', () => {
    if (job.building.roof.truss.set !== 'posts') return
    const bare = d.posts.find(
      (p) =>
        p.kind === 'eave' &&
        !job.building.leanTos.some((l) => l.side === p.side) &&
        !d.trusses.rests.south.some((r) => r.between?.some((q) => q.id === p.id)),
    )
    if (!bare) return
    near(d.demands?.[bare.id].roofFt2 ?? 0, roofBySquares(d, job, bare.id), 0.02)
  })
  test('shear and moment at grade of a held post', () => {
    if (job.building.school === 'pier') return
    const p = d.posts.find((q) => q.kind === 'gable')
    const c = p && d.lateral?.cases[p.id][0]
    if (!p || !c || d.lateral?.fixityFt) return
    const by = proppedByDifferences(p.heightIn / 12)
    near(Math.abs(c.shearLb), by.shear * c.plf, 3e-3)
    near(Math.abs(c.momentFtLb), by.moment * c.plf, 3e-3)
  })
  test('depth of posts tied to a slab', () => {
    const h = d.holes.find((q) => q.kind === 'gable')
    if (!h?.lateral || job.building.slab !== 'tied') return
    near(
      h.lateral.depthSlabFt,
      slabDepthByStepping(h.lateral.load.momentFtLb, h.lateral.load.bFt, h.lateral.load.lateralPsfPerFt),
      2e-3,
    )
  })
  test('pads press the soil with what stands on them', () => {
    for (const h of d.holes) {
      const area = Math.PI * (h.diameterIn / 24) ** 2
      const holds = h.bearing.loadLb + h.bearing.padLb <= site.soil.bearingPsf * area * 1.0000001
      expect([h.kind, holds]).toEqual([h.kind, d.checks.find((c) => c.id === `bearing-${h.kind}`)?.state !== 'fails'])
    }
  })
  test('worst girt of each wall by its board and span alone', () => {
    for (const c of d.checks.filter((q) => q.id.startsWith('girt-') && !q.id.startsWith('girt-nails') && q.diagram)) {
      const diagram = c.diagram?.()
      if (!diagram) continue
      // Slices of the load: the moment of half the span about its middle, w·L²/8 for one span and at the post of two.
      const span = diagram.supportsIn[1] - diagram.supportsIn[0]
      const w = diagram.lines[0].startLbIn
      let half = 0
      for (let i = 0; i < 1000; i++) half += ((w * (span / 2)) / 1000) * ((i + 0.5) / 1000) * (span / 2)
      near(Math.max(...diagram.momentInLb.map(Math.abs)), (w * span * span) / 4 - half, 5e-3)
    }
  })
})
