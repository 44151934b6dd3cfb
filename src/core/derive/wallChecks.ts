import { alongWall, isEave, wallPosts, type Grid, type Post, type WallRows } from '../layout'
import { effectiveAreaFt2, wallPressures } from '../loads'
import type { Building, Job, Side } from '../model'
import { line, makeCheck, notChecked, sig, type Check } from '../result'
import { formatLength } from '../units'
import { girtRatios, SHARING_IN, type GirtRatios } from '../wood'
import type { SiteResults } from './siteResults'

/** A space between posts under this is never the one that governs, inches. */
const SHORT_IN = 12

/** Widest space between posts that a girt crosses in each wind zone of one wall, inches; the rows over a door cross its whole width. Zone 5 is within the edge width of a corner. */
export function girtSpansIn(grid: Grid, side: Side, posts: readonly Post[], edgeFt: number): { readonly zone4: number; readonly zone5: number } {
  const row = wallPosts(posts, side).map((p) => alongWall(p, side).atIn)
  const wall = isEave(side) ? grid.lengthIn : grid.widthIn
  const spans = { zone4: 0, zone5: 0 }
  for (let i = 1; i < row.length; i++) {
    const [from, to] = [row[i - 1], row[i]]
    const zone = from < edgeFt * 12 - 1e-6 || to > wall - edgeFt * 12 + 1e-6 ? 'zone5' : 'zone4'
    if (to - from > SHORT_IN) spans[zone] = Math.max(spans[zone], to - from)
  }
  return spans
}

export interface GirtCase { readonly spanIn: number; readonly zone: 4 | 5 }

/** Ratios of a girt at one spacing in one zone. */
export function girtAt(b: Building, r: SiteResults, c: GirtCase, spaceIn: number): { readonly ratios: GirtRatios; readonly trace: Check['trace'] } | null {
  const area = effectiveAreaFt2(c.spanIn / 12, spaceIn / 12)
  const p = wallPressures(r.claddingQhPsf, area, c.zone, r.flatRoof)
  const g = girtRatios({ style: b.girts.style, size: b.girts.size, lumber: b.girts.lumber, spans: b.girts.style === 'flat' && b.girts.run === 'two-bays' ? 2 : 1 }, { spanIn: c.spanIn, spaceIn, inwardPsf: p.inwardPsf, outwardPsf: p.outwardPsf })
  if (!g) return null
  return {
    ratios: g.ratios,
    trace: () => [
        ...r.wind.trace.slice(0, 3),
        line('Effective area', 'A = L·max(s, L/3)', `${sig(c.spanIn / 12)} × ${sig(Math.max(spaceIn, c.spanIn / 3) / 12)}`, area, 'ft²', 'ASCE 7-16 26.2'),
        line(`Suction, zone ${c.zone}`, 'p = qh·(GCp − GCpi)', `${sig(r.claddingQhPsf)} × (${sig(p.gcpOut)} − 0.18)`, p.outwardPsf, 'psf', 'ASCE 7-16 Fig. 30.3-1'),
        line('Inward', 'p = qh·(GCp + GCpi)', `${sig(r.claddingQhPsf)} × (${sig(p.gcpIn)} + 0.18)`, p.inwardPsf, 'psf', 'ASCE 7-16 Fig. 30.3-1'),
        ...g.trace(),
    ],
  }
}

/** Largest spacing at which a girt holds in both zones, inches, by bisection between 6 and 60 in.; 0 where not even 6 in. holds. */
export function widestGapIn(b: Building, r: SiteResults, cases: readonly GirtCase[]): number {
  const holds = (s: number) => cases.every((c) => c.spanIn === 0 || (girtAt(b, r, c, s)?.ratios.worst ?? Infinity) <= 1 + 1e-9)
  if (!holds(6)) return 0
  // Load sharing ends at 24 in.: the answer past it is a branch of its own, so each side is searched apart.
  let [lo, hi] = holds(SHARING_IN) ? [SHARING_IN, 60] : [6, SHARING_IN]
  if (holds(hi)) return hi
  for (let i = 0; i < 30; i++) { const mid = (lo + hi) / 2; if (holds(mid)) lo = mid; else hi = mid }
  return lo
}

/** The girt cases of one wall and the widest tributary space of its rows. */
function casesOf(grid: Grid, wall: WallRows, posts: readonly Post[], r: SiteResults): { readonly cases: readonly GirtCase[]; readonly spaceIn: number } {
  const spans = girtSpansIn(grid, wall.side, posts, r.edgeZoneFt)
  return {
    cases: ([{ zone: 4, spanIn: spans.zone4 }, { zone: 5, spanIn: spans.zone5 }] as const).filter((c) => c.spanIn > 0),
    spaceIn: wall.rows.reduce((m, x) => Math.max(m, x.tributaryIn), 0),
  }
}

/** Worst ratio of a wall's girts, without their arithmetic; null where no values are tabled. */
export function wallWorst(b: Building, grid: Grid, wall: WallRows, posts: readonly Post[], r: SiteResults): number | null {
  const { cases, spaceIn } = casesOf(grid, wall, posts, r)
  return cases.reduce<number | null>((worst, c) => { const g = girtAt(b, r, c, spaceIn); return g && worst !== null ? Math.max(worst, g.ratios.worst) : null }, 0)
}

/** Girt checks of one wall, one a zone, at its widest tributary space, and the widest gap that holds. */
export function wallChecks(job: Job, grid: Grid, wall: WallRows, posts: readonly Post[], r: SiteResults, wallName: string): { readonly checks: Check[]; readonly widestIn: number; readonly worst: number } {
  const b = job.building
  const { cases, spaceIn: space } = casesOf(grid, wall, posts, r)
  const checks: Check[] = []
  let worst = 0
  for (const c of cases) {
    const id = `girt-${wall.side}-${c.zone}`
    const title = `${wallName} girts, ${c.zone === 5 ? 'near the corners' : 'away from corners'}`
    const g = girtAt(b, r, c, space)
    if (!g) { checks.push(notChecked(id, title, 'walls', `No design values are tabled for ${b.girts.lumber} ${b.girts.size}.`, 'Choose a tabled grade.')); continue }
    worst = Math.max(worst, g.ratios.worst)
    checks.push(makeCheck({
      id, title, stage: 'walls', subjects: [], demand: g.ratios.worst, capacity: 1, unit: '',
      governs: `${g.ratios.governs === 'deflection' ? `Wind sags it ${formatLength(g.ratios.deflectionIn, { feet: false })} over ${formatLength(c.spanIn)}` : `Wind ${g.ratios.governs === 'shear' ? 'shears' : 'bends'} a ${formatLength(c.spanIn)} span`} at ${formatLength(space, { feet: false })} spaces, zone ${c.zone}.`,
      fix: 'Closer rows, boards over two bays, a better grade or a wider board.', trace: g.trace,
    }))
  }
  return { checks, widestIn: cases.length ? widestGapIn(b, r, cases) : 0, worst }
}
