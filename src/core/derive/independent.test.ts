import { inWords } from '../testing/inWords'
import { readFileSync } from 'node:fs'
import { deriveJob, type Derived } from '.'
import { readJobText } from '../files'
import { type Job } from '../model'

// A second calculation of three whole buildings, written apart from the core: no formula of it is used. Posts are
// solved by finite
// differences instead of closed forms, embedment by stepping down the hole, beams by summing slices, gravity by
// counting squares of roof.
const load = (name: string): { job: Job; d: Derived } => {
  const job = readJobText(readFileSync(`demo/${name}.json`, 'utf8'))
  if (!job.ok) throw new Error(name)
  const result = deriveJob(job.value)
  if (!result.ok) throw new Error(name)
  return { job: job.value, d: inWords(result.value) }
}
const near = (got: number, want: number, share: number) => {
  if (!(Math.abs(got - want) <= share * Math.abs(want))) throw new Error(`core ${got}, second method ${want}`)
}

const EXPOSURE = { B: [7, 1200], C: [9.5, 900], D: [11.5, 700] } as const
/** Velocity pressure at mean roof height, straight from the power law. */
function qh(job: Job, derived: Derived): number {
  const { building, site } = job
  const slope = building.pitchPer12 / 12
  const steep = (Math.atan(slope) * 180) / Math.PI > 10
  const h = building.heelIn / 12 + (steep ? (derived.grid.widthIn / 24) * slope * 0.5 : 0)
  const [alpha, zg] = EXPOSURE[site.exposure ?? 'C']
  return (
    0.00256 *
    2.01 *
    (Math.max(15, h) / zg) ** (2 / alpha) *
    0.85 *
    site.kzt *
    Math.E ** (-0.0000362 * site.elevationFt) *
    (site.windMph ?? 0) ** 2
  )
}

/** Sloped-roof snow of a cold slippery roof. */
function ps(job: Job): number {
  const deg = (Math.atan(job.building.pitchPer12 / 12) * 180) / Math.PI
  const pf = 0.7 * 1 * 1.2 * 1 * (job.site.groundSnowPsf ?? 0)
  return pf * (deg <= 15 ? 1 : (70 - deg) / 55)
}

/**
 * Propped post under a uniform load by central differences on EI·y'''' = w: base fixed, top pinned and held. Returns
 * shear and moment at the base for 1 plf over `heightFt`.
 */
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

/**
 * Least depth of a post held at grade, by stepping: soil moment about the surface against the applied moment, with the
 * code's 4.25.
 */
function slabDepthByStepping(moment: number, bFt: number, lateral: number): number {
  let d = 0.5
  while (lateral * d * d * d * bFt < 4.25 * moment && lateral * d ** 3 * bFt < 1e9) d += 0.0005
  return d
}

/**
 * Roof area that comes to one post, by counting points of a grid of the roof and giving each to the nearer line and
 * eave.
 */
function roofBySquares(derived: Derived, job: Job, postId: string): number {
  const post = derived.posts.find((post) => post.id === postId)
  if (!post) return 0
  const over = job.building.eaveOverhangIn
  const lines = derived.grid.centresIn.map((centreIn, i) => {
    if (i === 0) return 0
    if (i === derived.grid.centresIn.length - 1) return derived.grid.lengthIn
    return centreIn
  })
  const step = 3
  let points = 0
  for (
    let x = -job.building.gableOverhangIn + step / 2;
    x < derived.grid.lengthIn + job.building.gableOverhangIn;
    x += step
  ) {
    const nearest = lines.reduce((soFar, line, i) => (Math.abs(line - x) < Math.abs(lines[soFar] - x) ? i : soFar), 0)
    if (nearest === (post.line ?? 0) - 1) points++
  }
  return (points * step * (derived.grid.widthIn / 2 + over)) / 144
}

describe.each(['quillback-hill', 'tansy-hollow', 'marl-road'])('%s by a second method', (name) => {
  const { job, d: derived } = load(name)
  const site = derived.site
  if (!site) throw new Error('no site')
  test('velocity pressure', () => near(site.wind.qhPsf, qh(job, derived), 1e-6))
  test('roof snow', () => near(site.snow.psPsf, ps(job), 1e-6))
  test('walls pushed and pulled', () => {
    near(site.wind.windwardPsf, qh(job, derived) * 0.85 * 0.8, 1e-6)
    near(site.wind.sidePsf, -qh(job, derived) * 0.85 * 0.7, 1e-6)
  })
  test('roof area and dead load of an inner eave post, where trusses stand on posts', () => {
    if (job.building.roof.truss.set !== 'posts') return
    const bare = derived.posts.find(
      (post) =>
        post.kind === 'eave' &&
        !job.building.leanTos.some((leanTo) => leanTo.side === post.side) &&
        !derived.trusses.rests.south.some((rest) => rest.between?.some((other) => other.id === post.id)),
    )
    if (!bare) return
    near(derived.demands?.[bare.id].roofFt2 ?? 0, roofBySquares(derived, job, bare.id), 0.02)
  })
  test('shear and moment at grade of a held post', () => {
    if (job.building.school === 'pier') return
    const post = derived.posts.find((post) => post.kind === 'gable')
    const lateral = post && derived.lateral?.cases[post.id][0]
    if (!post || !lateral || derived.lateral?.fixityFt) return
    const by = proppedByDifferences(post.heightIn / 12)
    near(Math.abs(lateral.shearLb), by.shear * lateral.plf, 3e-3)
    near(Math.abs(lateral.momentFtLb), by.moment * lateral.plf, 3e-3)
  })
  test('depth of posts tied to a slab', () => {
    const hole = derived.holes.find((hole) => hole.kind === 'gable')
    if (!hole?.lateral || job.building.slab !== 'tied') return
    near(
      hole.lateral.depthSlabFt,
      slabDepthByStepping(hole.lateral.load.momentFtLb, hole.lateral.load.bFt, hole.lateral.load.lateralPsfPerFt),
      2e-3,
    )
  })
  test('pads press the soil with what stands on them', () => {
    for (const hole of derived.holes) {
      const area = Math.PI * (hole.diameterIn / 24) ** 2
      const holds = hole.bearing.loadLb + hole.bearing.padLb <= site.soil.bearingPsf * area * 1.0000001
      expect([hole.kind, holds]).toEqual([
        hole.kind,
        derived.checks.find((check) => check.id === `bearing-${hole.kind}`)?.state !== 'fails',
      ])
    }
  })
  test('worst girt of each wall by its board and span alone', () => {
    for (const check of derived.checks.filter(
      (check) => check.id.startsWith('girt-') && !check.id.startsWith('girt-nails') && check.diagram,
    )) {
      const diagram = check.diagram?.()
      if (!diagram) continue
      // Slices of the load: the moment of half the span about its middle, w·L²/8 for one span and at the post of two.
      const span = diagram.supportsIn[1] - diagram.supportsIn[0]
      const startLbIn = diagram.lines[0].startLbIn
      let half = 0
      for (let i = 0; i < 1000; i++) half += ((startLbIn * (span / 2)) / 1000) * ((i + 0.5) / 1000) * (span / 2)
      near(Math.max(...diagram.momentInLb.map(Math.abs)), (startLbIn * span * span) / 4 - half, 5e-3)
    }
  })
})
