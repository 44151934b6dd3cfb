import { isEave, wallLengthIn, wallPosts, type Grid, type Post, type PostLayout } from '../layout'
import { GCPI_LABEL, type LateralCase } from './lateralCase'
import type { Building, Job, Side } from '../model'
import {
  combine,
  fixedPost,
  framedPost,
  pinnedPost,
  shareByDiaphragm,
  type DiaphragmResult,
  type PostUnit,
} from '../statics'
import { boardSize, boardValues, postSize, timberValues, type DesignValues } from '../wood'
import type { PostDemand } from './demands'
import { wallAreaFt2, type SiteResults } from './siteResults'

/** What the building was found to stand by: the roof taken as holding (unchecked), the roof with the skin's own values, frames alone. */
export type ReliedOn = 'roof trusted' | 'roof checked' | 'frames alone'
/** Loads and movements of the row of frames under wind across the ridge, pounds and inches at service level. */
export interface FrameRow {
  readonly xIn: readonly number[]
  readonly loadLb: readonly number[]
  readonly frameLbIn: readonly number[]
  readonly bayLbIn: readonly number[]
  readonly wallLbIn: readonly [number, number]
  readonly result: DiaphragmResult | null
  readonly moveIn: readonly number[]
  readonly eavePlf: number
  readonly frameShare: number
}
export interface Lateral {
  readonly relied: ReliedOn
  readonly why: string
  readonly row: FrameRow
  /** Lateral cases of each post, by id. Empty where nothing blows on it; missing where it cannot be computed. */
  readonly cases: Readonly<Record<string, readonly LateralCase[]>>
  readonly units: Readonly<Record<string, PostUnit>>
  /** Hardest wind on each post of all its cases, lb a foot of height. */
  readonly windPlf: Readonly<Record<string, number>>
  readonly kneeLb: number
  readonly values: DesignValues | null
  readonly fixityFt: number
  /** Wind on a gable end that the roof must carry to the eave walls, lb at service level, and how much of it each eave wall takes. */
  readonly alongLb: number
}

/** Design values of the posts' wood; null where none are tabled. */
export const postValues = (b: Building): DesignValues | null => {
  const size = postSize(b.post)
  return size.wood === 'laminated'
    ? boardValues(b.post.lumber, Number(size.nominal), b.grades)
    : timberValues(b.post.lumber, b.grades)
}

/** Why the roof diaphragm cannot be counted on with what has been entered; null when it can. */
export function diaphragmLacks(b: Building): string | null {
  const s = b.skin
  if (s.roofStiffnessLbPerIn === null || s.roofAllowPlf === null)
    return 'the roof skin’s tested stiffness and strength are not entered'
  if (b.bracing.walls === 'skin' && (s.wallStiffnessLbPerIn === null || s.wallAllowPlf === null))
    return 'the wall skin’s tested stiffness and strength are not entered'
  if (b.bracing.walls === 'none') return 'nothing holds the end walls in their own plane'
  return null
}

/** Length of a wall that can work in shear: its length less its framed openings, ft; 0 for a wall without skin. */
export function shearLengthFt(b: Building, grid: Grid, side: Side): number {
  if (b.openSides.includes(side)) return 0
  const open = b.openings.filter((o) => o.side === side).reduce((t, o) => t + o.widthIn, 0)
  return Math.max(0, wallLengthIn(grid, side) - open) / 12
}

/** Stiffness of an end wall in its plane, lb/in: of its skin, G·B/H, or of its braces, n·EA·cos²/L. */
function endWallLbIn(b: Building, grid: Grid, side: 'west' | 'east', values: DesignValues): number {
  const heightFt = b.heelIn / 12
  if (b.bracing.walls === 'skin') return ((b.skin.wallStiffnessLbPerIn ?? 0) * shearLengthFt(b, grid, side)) / heightFt
  const bay = grid.widthIn / (grid.gableIn.length + 1)
  const length = Math.hypot(bay, b.heelIn)
  return (b.bracing.baysPerWall * values.e * boardSize(b.bracing.size).areaIn2 * (bay / length) ** 2) / length / 4 // a quarter for the slip of its nails
}

function unitOf(job: Job, heightFt: number, fixityFt: number, values: DesignValues, knee: boolean): PostUnit | null {
  const b = job.building
  const size = postSize(b.post)
  const ei = values.e * size.iIn4
  const ea = values.e * size.areaIn2
  const k =
    knee && b.knee
      ? {
          downIn: b.knee.downIn,
          outIn: b.knee.outIn,
          ea: values.e * b.knee.plies * boardSize(b.knee.size).areaIn2,
          trussSpanIn: b.widthIn,
        }
      : null
  const pier = b.school === 'pier'
  if (b.base.model === 'springs' && !pier) {
    if (b.base.soilPsiPerFt === null) return null
    // Horizontal spring 2.0·Es per unit depth (register C22: an engineer's input only).
    return framedPost(
      heightFt,
      ei,
      ea,
      {
        kind: 'springs',
        belowIn: Math.max(24, b.minimumDepthIn),
        lbIn3: (2 * b.base.soilPsiPerFt) / 12,
        slab: b.slab === 'tied',
      },
      k,
    )
  }
  if (pier)
    return k
      ? framedPost(heightFt, ei, ea, { kind: 'pinned', bracketIn: b.bracketIn }, k)
      : pinnedPost(heightFt, b.bracketIn / 12)
  return k
    ? framedPost(heightFt, ei, ea, { kind: 'fixed', belowIn: fixityFt * 12 }, k)
    : fixedPost(heightFt, fixityFt, ei)
}

/**
 * Lateral analysis of every post. Across the ridge: each post as a held post plus its share of the frame's movement; the movement is nothing
 * (roof trusted), that of the frame by itself, or that of all frames joined by the roof diaphragm. Along the ridge: gable posts held by the
 * roof, or free. `fixityFt` is where embedded posts are fixed below grade: the envelope of register C17 runs it at 0 and at a third of the depth.
 */
export function lateralOf(
  job: Job,
  grid: Grid,
  layout: PostLayout,
  demands: Readonly<Record<string, PostDemand>>,
  r: SiteResults,
  fixityFt = 0,
): Lateral {
  const b = job.building
  const values = postValues(b)
  const lacks = diaphragmLacks(b)
  const relied: ReliedOn =
    b.diaphragm === 'trusted'
      ? 'roof trusted'
      : b.diaphragm === 'checked' && lacks === null
        ? 'roof checked'
        : 'frames alone'
  const why =
    relied === 'roof trusted'
      ? 'The tops of the posts are taken as held by the roof; its strength was not computed.'
      : relied === 'roof checked'
        ? 'The roof diaphragm and end walls were computed with the skin values entered.'
        : b.diaphragm === 'checked'
          ? `The roof diaphragm was not counted: ${lacks}. The building stands by its frames${b.knee ? ' and knee braces' : ''}.`
          : `The building stands by its frames${b.knee ? ' and knee braces' : ''} alone.`
  const w = r.wind
  const psf = (v: number) => 0.6 * v
  const heightFt = b.heelIn / 12
  const riseFt = ((grid.widthIn / 24) * b.pitchPer12) / 12
  const last = grid.centresIn.length - 1
  const tribFt = grid.centresIn.map((_, i) => ((i > 0 ? grid.baysIn[i - 1] : 0) + (i < last ? grid.baysIn[i] : 0)) / 24)
  const roofPsf = r.openRoof
    ? Math.max(Math.abs(r.openRoof.upPsf), r.openRoof.downPsf)
    : Math.max(0, w.roofWindwardBPsf - w.roofLeewardPsf)
  // External pressures push the frame downwind; the internal ones cancel. Never less than 16 psf on the wall and 8 psf on the roof (27.1.5).
  const shut = (side: 'south' | 'north') => (b.openSides.includes(side) ? 0 : 1)
  const held = (3 / 8) * heightFt
  const perFt = psf(
    Math.max(
      held * (shut('south') * w.windwardPsf - shut('north') * w.leewardPsf),
      held * (shut('north') * w.windwardPsf - shut('south') * w.leewardPsf),
    ) +
      roofPsf * riseFt,
  )
  const leastPerFt = psf(held * 16 + riseFt * 8)
  const leanPerFt = r.leanTos.reduce(
    (t, l) => t + psf((Math.abs(l.wind.upPsf) * (l.leanTo.depthIn / 12) * Math.sin((l.thetaDeg * Math.PI) / 180)) / 2),
    0,
  )
  const eavePlf = Math.max(perFt, leastPerFt) + leanPerFt
  const loadLb = tribFt.map((t) => eavePlf * t)

  const kneed = (p: Post) => b.knee !== null && isEave(p.side) && p.kind !== 'lean-to'
  const units: Record<string, PostUnit> = {}
  const made = new Map<string, PostUnit | null>()
  if (values)
    for (const p of layout.posts) {
      const key = `${p.heightIn}|${kneed(p)}`
      if (!made.has(key)) made.set(key, unitOf(job, p.heightIn / 12, fixityFt, values, kneed(p)))
      const u = made.get(key)
      if (u) units[p.id] = u
    }
  // Frame stiffness at each numbered line: the posts that stand on it, and jamb posts shared between their neighbours.
  const frameLbIn = grid.centresIn.map(() => 0)
  const at = (x: number) => {
    const j = grid.centresIn.findIndex((c) => c >= x - 1e-6)
    if (j <= 0) return [[Math.max(0, j), 1]] as const
    const t = (x - grid.centresIn[j - 1]) / (grid.centresIn[j] - grid.centresIn[j - 1])
    return [
      [j - 1, 1 - t],
      [j, t],
    ] as const
  }
  for (const side of ['south', 'north'] as const)
    for (const p of wallPosts(layout.posts, side))
      for (const [i, share] of at(p.x)) frameLbIn[i] += (units[p.id]?.stiffnessLbIn ?? 0) * share
  const slope = riseFt / Math.hypot(riseFt, grid.widthIn / 24)
  const slopeFt = Math.hypot(riseFt, grid.widthIn / 24)
  // Bay stiffness of both slopes, each G·(slope length)/s turned flat by cos² (EP484, register C18).
  const bayLbIn = grid.baysIn.map((s) => (2 * (b.skin.roofStiffnessLbPerIn ?? 0) * slopeFt * 12 * (1 - slope ** 2)) / s)
  const wallLbIn: [number, number] = values
    ? [endWallLbIn(b, grid, 'west', values), endWallLbIn(b, grid, 'east', values)]
    : [0, 0]
  // Where an end wall stands, its posts are not counted besides it.
  const withWalls = frameLbIn.map((k, i) => (i === 0 ? wallLbIn[0] || k : i === last ? wallLbIn[1] || k : k))
  const result = relied === 'roof checked' ? shareByDiaphragm({ frameLbIn: withWalls, bayLbIn, loadLb }) : null
  const moveIn =
    relied === 'roof trusted'
      ? loadLb.map(() => 0)
      : relied === 'roof checked'
        ? (result?.moveIn ?? loadLb.map(() => Infinity))
        : loadLb.map((q, i) => (frameLbIn[i] > 0 ? q / frameLbIn[i] : Infinity))
  const moveAt = (x: number) => at(x).reduce((t, [i, share]) => (share === 0 ? t : t + moveIn[i] * share), 0)
  const frameShare = result
    ? Math.max(...result.frameLb.slice(1, last).map((f, i) => Math.abs(f) / Math.max(loadLb[i + 1], 1e-9)), 0)
    : relied === 'frames alone'
      ? 1
      : 0

  const freeTop = relied === 'frames alone'
  const sidePlf = Math.abs(w.sidePsf) + w.internalPsf
  const cases: Record<string, readonly LateralCase[]> = {}
  let kneeLb = 0
  for (const p of layout.posts) {
    const d = demands[p.id]
    const u = units[p.id]
    if (!u) continue
    const make = (name: string, windPsf: number, widthFt: number, move: number): LateralCase => {
      const plf = windPsf * widthFt
      return { name, plf, moveIn: move, windPsf, widthFt, unit: u, ...combine(u.held, plf, u.perInch, move) }
    }
    if (p.kind === 'lean-to') {
      const l = r.leanTos.find((q) => q.leanTo.side === p.side)
      if (!l) continue
      // Wind on the bare post (a flat-sided member, force coefficient 2.0) and the sideways part of the roof's pressure at its head.
      const flatPsf = psf(r.wind.qhPsf * 0.85 * 2)
      const plf = (flatPsf * p.sizeX) / 12
      const headLb = psf(Math.abs(l.wind.upPsf) * d.roofFt2 * Math.sin((l.thetaDeg * Math.PI) / 180))
      const move = freeTop ? (u.stiffnessLbIn > 0 ? (u.held.topLb * plf + headLb) / u.stiffnessLbIn : Infinity) : 0
      if (Number.isFinite(move)) cases[p.id] = [make('wind on the post', flatPsf, p.sizeX / 12, move)]
      continue
    }
    if (isEave(p.side)) {
      const move = moveAt(p.x)
      if (!Number.isFinite(move)) continue
      const f = d.eaveWallFt
      cases[p.id] = [
        make(`wind in, inside ${GCPI_LABEL.low}`, psf(w.windwardPsf + w.internalPsf), f, move),
        make(`wind out behind, inside ${GCPI_LABEL.high}`, psf(-w.leewardPsf + w.internalPsf), f, move),
        make('wind along the ridge', psf(sidePlf), f, 0),
      ]
      const kneeUnit = u as PostUnit & { readonly heldBraceLb?: number; readonly perInchBraceLb?: number }
      if (kneeUnit.heldBraceLb !== undefined)
        kneeLb = Math.max(
          kneeLb,
          ...cases[p.id].map(
            (c) => Math.abs((kneeUnit.heldBraceLb ?? 0) * c.plf) + Math.abs((kneeUnit.perInchBraceLb ?? 0) * c.moveIn),
          ),
        )
    } else {
      const gablePsf = psf(Math.max(w.windwardPsf, -w.leewardAlongPsf, Math.abs(w.sidePsf)) + w.internalPsf)
      const plf = gablePsf * d.gableWallFt
      // Without a roof that holds it, a gable post stands free: it moves until its top carries nothing.
      const move = freeTop ? (u.stiffnessLbIn > 0 ? (u.held.topLb * plf) / u.stiffnessLbIn : Infinity) : 0
      if (Number.isFinite(move)) cases[p.id] = [make('wind on the gable', gablePsf, d.gableWallFt, move)]
    }
  }
  const windPlf: Record<string, number> = {}
  for (const id in cases) windPlf[id] = cases[id].reduce((m, c) => Math.max(m, c.plf), 0)
  const gable = Math.max(
    ...(['west', 'east'] as const).map((side) => (b.openSides.includes(side) ? 0 : wallAreaFt2(b, grid, side))),
  )
  return {
    relied,
    why,
    row: { xIn: grid.centresIn, loadLb, frameLbIn, bayLbIn, wallLbIn, result, moveIn, eavePlf, frameShare },
    cases,
    units,
    windPlf,
    kneeLb,
    values,
    fixityFt,
    alongLb: (psf(Math.max(w.windwardPsf - w.leewardAlongPsf, 16)) * gable) / 2,
  }
}
