import { nailOf, nailStrength } from '../joints'
import { alongWall, isEave, wallPosts, type GirtPiece, type Grid, type Post, type WallRows } from '../layout'
import { effectiveAreaFt2, wallPressures } from '../loads'
import type { Building, Job, Side } from '../model'
import { line, makeCheck, notChecked, sig, type Check, type Diagram } from '../result'
import { spanDiagram, twoSpanDiagram, uniform } from '../statics'
import { formatLength } from '../units'
import { boardSize, boardValues, girtRatios, postSize, SHARING_IN, specificGravity, type GirtRatios } from '../wood'
import type { SiteResults } from './siteResults'

/** One way a board of a wall spans: its longest space between posts, whether it crosses a post, its wind zone and the width of wall it carries. */
export interface GirtCase {
  readonly spanIn: number
  readonly spans: 1 | 2
  readonly zone: 4 | 5
  readonly spaceIn: number
  readonly row: string
}
/** A space between posts under this is never the one that governs, inches. */
const SHORT_IN = 12

/** The ways the boards of one wall span, each kept once at its widest tributary space. A board partly in zone 5 takes zone 5 for its whole length. */
export function girtCases(
  b: Building,
  grid: Grid,
  wall: WallRows,
  pieces: readonly GirtPiece[],
  posts: readonly Post[],
  edgeFt: number,
): GirtCase[] {
  const side: Side = wall.side
  const row = wallPosts(posts, side).map((p) => alongWall(p, side).atIn)
  const length = isEave(side) ? grid.lengthIn : grid.widthIn
  const space = new Map(wall.rows.map((r) => [r.id, r.tributaryIn]))
  const kept = new Map<number, GirtCase>()
  for (const p of pieces) {
    if (p.inside) continue
    // Boards between posts span from centre to centre (safe); flat ones from their own ends over the posts they cross.
    let spanIn = 0,
      from = p.fromIn,
      spans: 1 | 2 = 1
    if (b.girts.style === 'between') spanIn = p.toIn - p.fromIn + 4
    else {
      for (const x of row)
        if (x > p.fromIn + 1 && x < p.toIn - 1) {
          spanIn = Math.max(spanIn, x - from)
          from = x
          spans = 2
        }
      spanIn = Math.max(spanIn, p.toIn - from)
    }
    if (spanIn <= SHORT_IN) continue
    const zone = p.fromIn < edgeFt * 12 - 1e-6 || p.toIn > length - edgeFt * 12 + 1e-6 ? 5 : 4
    const spaceIn = space.get(p.row) ?? 0
    const key = Math.round(spanIn * 8) * 4 + (spans - 1) * 2 + (zone - 4)
    const has = kept.get(key)
    if (!has || spaceIn > has.spaceIn) kept.set(key, { spanIn, spans, zone, spaceIn, row: p.row })
  }
  return [...kept.values()]
}

/** Ratios of a girt in one case at one spacing. */
export function girtAt(
  b: Building,
  r: SiteResults,
  c: GirtCase,
  spaceIn: number,
): { readonly ratios: GirtRatios; readonly outwardPsf: number; readonly trace: Check['trace'] } | null {
  const area = effectiveAreaFt2(c.spanIn / 12, spaceIn / 12)
  const p = wallPressures(r.claddingQhPsf, area, c.zone, r.flatRoof, r.wind.gcpi)
  const g = girtRatios(
    {
      style: b.girts.style,
      size: b.girts.size,
      lumber: b.girts.lumber,
      spans: c.spans,
      plies: b.girts.plies,
      own: b.grades,
      finish: b.wallFinish,
    },
    { spanIn: c.spanIn, spaceIn, inwardPsf: p.inwardPsf, outwardPsf: p.outwardPsf },
  )
  if (!g) return null
  return {
    ratios: g.ratios,
    outwardPsf: p.outwardPsf,
    trace: () => [
      ...r.wind.trace.slice(0, 3),
      line(
        'Effective area',
        'A = L·max(s, L/3)',
        `${sig(c.spanIn / 12)} × ${sig(Math.max(spaceIn, c.spanIn / 3) / 12)}`,
        area,
        'ft²',
        'ASCE 7-16 26.2',
      ),
      line(
        `Suction, zone ${c.zone}`,
        'p = qh·(GCp − GCpi)',
        `${sig(r.claddingQhPsf)} × (${sig(p.gcpOut)} − ${r.wind.gcpi})`,
        p.outwardPsf,
        'psf',
        'ASCE 7-16 Fig. 30.3-1',
      ),
      line(
        'Inward',
        'p = qh·(GCp + GCpi)',
        `${sig(r.claddingQhPsf)} × (${sig(p.gcpIn)} + ${r.wind.gcpi})`,
        p.inwardPsf,
        'psf',
        'ASCE 7-16 Fig. 30.3-1',
      ),
      ...g.trace(),
    ],
  }
}

/** Largest spacing at which every case holds, inches, by bisection between 6 and 60 in.; 0 where not even 6 in. holds. */
export function widestGapIn(b: Building, r: SiteResults, cases: readonly GirtCase[]): number {
  // A longer span in the same zone and run is always worse: only the longest of each is tried.
  const hardest = new Map<string, GirtCase>()
  for (const c of cases) {
    const k = `${c.spans}|${c.zone}`
    const h = hardest.get(k)
    if (!h || c.spanIn > h.spanIn) hardest.set(k, c)
  }
  const holds = (s: number) =>
    [...hardest.values()].every((c) => (girtAt(b, r, c, s)?.ratios.worst ?? Infinity) <= 1 + 1e-9)
  if (!holds(6)) return 0
  // Load sharing ends at 24 in.: the answer past it is a branch of its own, so each side is searched apart.
  let [lo, hi] = holds(SHARING_IN) ? [SHARING_IN, 60] : [6, SHARING_IN]
  if (holds(hi)) return hi
  for (let i = 0; i < 16; i++) {
    const mid = (lo + hi) / 2
    if (holds(mid)) lo = mid
    else hi = mid
  }
  return lo
}

/** Worst ratio of a wall's girts, without their arithmetic; null where no values are tabled. */
export function wallWorst(b: Building, r: SiteResults, cases: readonly GirtCase[]): number | null {
  return cases.reduce<number | null>((worst, c) => {
    const g = girtAt(b, r, c, c.spaceIn)
    return g && worst !== null ? Math.max(worst, g.ratios.worst) : null
  }, 0)
}

function girtDiagram(b: Building, c: GirtCase, psf: number): Diagram {
  const size = boardSize(b.girts.size)
  const plf = (0.6 * Math.abs(psf) * c.spaceIn) / 12
  const ei =
    (boardValues(b.girts.lumber, size.nominal, b.grades)?.e ?? NaN) *
    (b.girts.style === 'between' ? size.iEdgeIn4 : size.iFlatIn4) *
    b.girts.plies
  return c.spans === 2
    ? twoSpanDiagram(c.spanIn, plf, ei)
    : spanDiagram({ lengthIn: c.spanIn, points: [], lines: [uniform(c.spanIn, plf, 'wind')] }, ei)
}

/** Nails that hold the girts to the posts against suction, NDS 2018 12.2: the middle support of a two-span board takes 1.25·w·L. */
function girtNails(b: Building, r: SiteResults, cases: readonly GirtCase[], side: Side, wallName: string): Check {
  const id = `girt-nails-${side}`
  const title = `${wallName} girts to posts`
  const { girt, wetPosts } = b.joints
  const nail = nailOf(girt.nail)
  const head = { stage: 'walls' as const, group: 'joint' as const, subjects: [] }
  if (!nail)
    return notChecked(id, title, 'walls', `No nail is called “${girt.nail}” on the list.`, 'Choose a listed nail.')
  const need = cases
    .map((c) => {
      const g = girtAt(b, r, c, c.spaceIn)
      return {
        c,
        lb: g
          ? ((0.6 * Math.abs(g.outwardPsf) * c.spaceIn) / 12) * (c.spanIn / 12) * (c.spans === 2 ? 1.25 : 0.5)
          : NaN,
      }
    })
    .reduce<{ c: GirtCase; lb: number } | null>((a, x) => (!a || x.lb > a.lb ? x : a), null)
  if (!need) return notChecked(id, title, 'walls', 'No board spans between posts on this wall.', '')
  const between = b.girts.style === 'between'
  const one = nailStrength({
    nail,
    sideIn: 1.5,
    mainIn: postSize(b.post).depthIn,
    gMain: specificGravity(b.post.lumber, b.grades),
    gSide: specificGravity(b.girts.lumber, b.grades),
    duration: 1.6,
    wet: wetPosts,
    endGrain: between,
  })
  const each = between ? one.lateralLb : one.pullLb
  const count = girt.count * b.girts.plies
  return makeCheck({
    ...head,
    id,
    title,
    demand: need.lb,
    capacity: Math.max(each * count, 1e-9),
    unit: 'lb',
    combination: '0.6W',
    place: need.c.spans === 2 ? 'at the post it crosses' : 'at its end',
    governs: `Suction pulls ${Math.round(need.lb).toLocaleString('en-US')} lb at a post; ${count} ${nail.name} hold it${between ? ' sideways in end grain' : one.governs === 'head' ? ', the heads pulling through first' : ''}.`,
    fix:
      wetPosts && !nail.ring
        ? 'Ring-shank nails: smooth ones lose three quarters of their hold as a wet post dries.'
        : 'More or longer ring-shank nails.',
    trace: () => [
      line(
        'Pull at the post',
        need.c.spans === 2 ? '1.25·w·L' : '0.5·w·L',
        `${need.c.spans === 2 ? 1.25 : 0.5} × ${sig(need.lb / (need.c.spans === 2 ? 1.25 : 0.5) / (need.c.spanIn / 12))} × ${sig(need.c.spanIn / 12)}`,
        need.lb,
        'lb',
        `statics; zone ${need.c.zone}`,
      ),
      ...one.trace,
      line('All nails', 'n·each', `${count} × ${sig(each)}`, each * count, 'lb', 'NDS 2018 12.2'),
    ],
  })
}

/** Girt checks of one wall, one a zone at its worst board, its nails, and the widest gap that holds. */
export function wallChecks(
  job: Job,
  b: Building,
  wall: WallRows,
  cases: readonly GirtCase[],
  r: SiteResults,
  wallName: string,
): { readonly checks: Check[]; readonly widestIn: number; readonly worst: number } {
  const checks: Check[] = []
  if (job.building.openSides.includes(wall.side)) return { checks, widestIn: 0, worst: 0 }
  let worst = 0
  for (const zone of [4, 5] as const) {
    const id = `girt-${wall.side}-${zone}`
    const title = `${wallName} girts, ${zone === 5 ? 'near the corners' : 'away from corners'}`
    const own = cases.filter((c) => c.zone === zone)
    if (own.length === 0) continue
    const judged = own.map((c) => ({ c, g: girtAt(b, r, c, c.spaceIn) }))
    if (judged.some((j) => !j.g)) {
      checks.push(
        notChecked(
          id,
          title,
          'walls',
          `No design values are tabled for ${b.girts.lumber} ${b.girts.size}.`,
          'Choose a tabled grade, or enter the values off its stamp.',
        ),
      )
      continue
    }
    const { c, g } = judged.reduce((a, j) => ((j.g?.ratios.worst ?? 0) > (a.g?.ratios.worst ?? 0) ? j : a))
    if (!g) continue
    worst = Math.max(worst, g.ratios.worst)
    checks.push(
      makeCheck({
        id,
        title,
        stage: 'walls',
        group: 'girt',
        subjects: [],
        demand: g.ratios.worst,
        capacity: 1,
        unit: '',
        combination: '0.6W',
        place: `row ${c.row}, ${c.spans === 2 ? 'board over two spaces' : 'board over one space'}`,
        governs: `${g.ratios.governs === 'deflection' ? `Wind sags it ${formatLength(g.ratios.deflectionIn, { feet: false })} over ${formatLength(c.spanIn)}` : `Wind ${g.ratios.governs === 'shear' ? 'shears' : 'bends'} a ${formatLength(c.spanIn)} span`}${c.spans === 1 ? ' of a board over one space' : ''} in row ${c.row}, ${formatLength(c.spaceIn, { feet: false })} of wall, zone ${zone}.`,
        fix: 'Closer rows, boards over two bays, a better grade or a wider board.',
        trace: g.trace,
        diagram: () => girtDiagram(b, c, g.outwardPsf),
      }),
    )
  }
  if (cases.length) checks.push(girtNails(b, r, cases, wall.side, wallName))
  return { checks, widestIn: cases.length ? widestGapIn(b, r, cases) : 0, worst }
}
