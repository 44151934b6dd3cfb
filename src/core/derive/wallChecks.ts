import { nailOf, nailStrength } from '../joints'
import { alongWall, isEave, wallPosts, type GirtPiece, type Grid, type Post, type WallRows } from '../layout'
import { effectiveAreaFt2, wallPressures, WIND_ASD } from '../loads'
import type { Building, GirtStyle, Job, Side } from '../model'
import { line, makeCheck, notChecked, sig, type Check, type Diagram, item } from '../result'
import { spanDiagram, twoSpanDiagram, uniform } from '../statics'
import { formatLength, IN_PER_FT, SAME_IN, ROUNDING } from '../units'
import {
  boardSize,
  boardValues,
  girtRatios,
  postSize,
  SHARING_IN,
  specificGravity,
  type GirtRatios,
  DURATION,
} from '../wood'
import type { SiteResults } from '../frame/siteResults'

/**
 * One way a board of a wall spans: its longest space between posts, whether it crosses a post, its wind zone and the
 * width of wall it carries.
 */
export interface GirtCase {
  readonly spanIn: number
  readonly spans: 1 | 2
  readonly zone: 4 | 5
  readonly spaceIn: number
  readonly row: string
}

/** A space between posts under this is never the one that governs, inches. */
const SHORT_IN = 12

/** What a board between posts spans besides its own length: half a post at each end, inches. */
const POST_BETWEEN_IN = 4

/** Boards between posts span from centre to centre (safe); flat ones from their own ends over the posts they cross. */
function spanOf(piece: GirtPiece, postsIn: readonly number[], style: GirtStyle) {
  if (style === 'between') return { spanIn: piece.toIn - piece.fromIn + POST_BETWEEN_IN, spans: 1 as const }
  const crossed = postsIn.filter((atIn) => atIn > piece.fromIn + 1 && atIn < piece.toIn - 1)
  const stops = [piece.fromIn, ...crossed, piece.toIn]
  const spanIn = Math.max(0, ...stops.slice(1).map((atIn, i) => atIn - item(stops, i)))
  return { spanIn, spans: crossed.length > 0 ? (2 as const) : (1 as const) }
}

/**
 * The ways the boards of one wall span, each kept once at its widest tributary space. A board partly in zone 5 takes
 * zone 5 for its whole length.
 */
export function girtCases({
  building,
  grid,
  wall,
  pieces,
  posts,
  edgeFt,
}: {
  readonly building: Building
  readonly grid: Grid
  readonly wall: WallRows
  readonly pieces: readonly GirtPiece[]
  readonly posts: readonly Post[]
  readonly edgeFt: number
}): GirtCase[] {
  const side: Side = wall.side
  const row = wallPosts(posts, side).map((post) => alongWall(post, side).atIn)
  const length = isEave(side) ? grid.lengthIn : grid.widthIn
  const edgeIn = edgeFt * IN_PER_FT
  const space = new Map(wall.rows.map((row) => [row.id, row.tributaryIn]))
  const kept = new Map<number, GirtCase>()
  for (const piece of pieces) {
    if (piece.inside) continue
    const { spanIn, spans } = spanOf(piece, row, building.girts.style)
    if (spanIn <= SHORT_IN) continue
    const zone = piece.fromIn < edgeIn - SAME_IN || piece.toIn > length - edgeIn + SAME_IN ? 5 : 4
    const spaceIn = space.get(piece.row) ?? 0
    const key = Math.round(spanIn * 8) * 4 + (spans - 1) * 2 + (zone - 4)
    const has = kept.get(key)
    if (!has || spaceIn > has.spaceIn) kept.set(key, { spanIn, spans, zone, spaceIn, row: piece.row })
  }
  return [...kept.values()]
}

/** Ratios of a girt in one case at one spacing. */
export function girtAt(
  building: Building,
  results: SiteResults,
  girtCase: GirtCase,
  spaceIn: number,
): { readonly ratios: GirtRatios; readonly outwardPsf: number; readonly trace: Check['trace'] } | null {
  const area = effectiveAreaFt2(girtCase.spanIn / IN_PER_FT, spaceIn / IN_PER_FT)
  const pressures = wallPressures({
    qhPsf: results.claddingQhPsf,
    areaFt2: area,
    zone: girtCase.zone,
    flatRoof: results.flatRoof,
    gcpi: results.wind.gcpi,
  })
  const girt = girtRatios(
    {
      style: building.girts.style,
      size: building.girts.size,
      lumber: building.girts.lumber,
      spans: girtCase.spans,
      plies: building.girts.plies,
      own: building.grades,
      finish: building.wallFinish,
    },
    { spanIn: girtCase.spanIn, spaceIn, inwardPsf: pressures.inwardPsf, outwardPsf: pressures.outwardPsf },
  )
  if (!girt) return null
  return {
    ratios: girt.ratios,
    outwardPsf: pressures.outwardPsf,
    trace: () => [
      ...results.wind.trace.slice(0, 3),
      line({
        label: 'Effective area',
        formula: 'A = L·max(s, L/3)',
        numbers: `${sig(girtCase.spanIn / IN_PER_FT)} × ${sig(Math.max(spaceIn, girtCase.spanIn / 3) / IN_PER_FT)}`,
        value: area,
        unit: 'ft²',
        clause: 'ASCE 7-16 26.2',
      }),
      line({
        label: `Suction, zone ${girtCase.zone}`,
        formula: 'p = qh·(GCp − GCpi)',
        numbers: `${sig(results.claddingQhPsf)} × (${sig(pressures.gcpOut)} − ${results.wind.gcpi})`,
        value: pressures.outwardPsf,
        unit: 'psf',
        clause: 'ASCE 7-16 Fig. 30.3-1',
      }),
      line({
        label: 'Inward',
        formula: 'p = qh·(GCp + GCpi)',
        numbers: `${sig(results.claddingQhPsf)} × (${sig(pressures.gcpIn)} + ${results.wind.gcpi})`,
        value: pressures.inwardPsf,
        unit: 'psf',
        clause: 'ASCE 7-16 Fig. 30.3-1',
      }),
      ...girt.trace(),
    ],
  }
}

/**
 * Largest spacing at which every case holds, inches, by bisection between 6 and 60 in.; 0 where not even 6 in. holds.
 */
function widestGapIn(building: Building, results: SiteResults, cases: readonly GirtCase[]): number {
  // A longer span in the same zone and run is always worse: only the longest of each is tried.
  const hardest = new Map<string, GirtCase>()
  for (const girtCase of cases) {
    const k = `${girtCase.spans}|${girtCase.zone}`
    const hard = hardest.get(k)
    if (!hard || girtCase.spanIn > hard.spanIn) hardest.set(k, girtCase)
  }
  const holds = (spaceIn: number) =>
    [...hardest.values()].every(
      (girtCase) => (girtAt(building, results, girtCase, spaceIn)?.ratios.worst ?? Infinity) <= 1 + ROUNDING,
    )
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
export function wallWorst(building: Building, results: SiteResults, cases: readonly GirtCase[]): number | null {
  return cases.reduce<number | null>((worst, girtCase) => {
    const girt = girtAt(building, results, girtCase, girtCase.spaceIn)
    return girt && worst !== null ? Math.max(worst, girt.ratios.worst) : null
  }, 0)
}

function girtDiagram(building: Building, girtCase: GirtCase, psf: number): Diagram {
  const size = boardSize(building.girts.size)
  const plf = (WIND_ASD * Math.abs(psf) * girtCase.spaceIn) / IN_PER_FT
  const ei =
    (boardValues(building.girts.lumber, size.nominal, building.grades)?.ePsi ?? NaN) *
    (building.girts.style === 'between' ? size.iEdgeIn4 : size.iFlatIn4) *
    building.girts.plies
  return girtCase.spans === 2
    ? twoSpanDiagram(girtCase.spanIn, plf, ei)
    : spanDiagram({ lengthIn: girtCase.spanIn, points: [], lines: [uniform(girtCase.spanIn, plf, 'wind')] }, ei)
}

/**
 * Nails that hold the girts to the posts against suction, NDS 2018 12.2: the middle support of a two-span board takes
 * 1.25·w·L.
 */
function girtNails({
  building,
  results,
  cases,
  side,
  wallName,
}: {
  building: Building
  results: SiteResults
  cases: readonly GirtCase[]
  side: Side
  wallName: string
}): Check {
  const id = `girt-nails-${side}`
  const title = `${wallName} girts to posts`
  const { girt, wetPosts } = building.joints
  const nail = nailOf(girt.nail)
  const head = { stage: 'walls' as const, group: 'joint' as const, subjects: [] }
  if (!nail)
    return notChecked({
      id,
      title,
      stage: 'walls',
      why: `No nail is called “${girt.nail}” on the list.`,
      fix: 'Choose a listed nail.',
    })
  const need = cases
    .map((girtCase) => {
      const girt = girtAt(building, results, girtCase, girtCase.spaceIn)
      return {
        girtCase,
        lb: girt
          ? ((WIND_ASD * Math.abs(girt.outwardPsf) * girtCase.spaceIn) / IN_PER_FT) *
            (girtCase.spanIn / IN_PER_FT) *
            (girtCase.spans === 2 ? 1.25 : 0.5)
          : NaN,
      }
    })
    .reduce<{ girtCase: GirtCase; lb: number } | null>((best, each) => (!best || each.lb > best.lb ? each : best), null)
  if (!need)
    return notChecked({ id, title, stage: 'walls', why: 'No board spans between posts on this wall.', fix: '' })
  const between = building.girts.style === 'between'
  const one = nailStrength({
    nail,
    sideIn: 1.5,
    mainIn: postSize(building.post).depthIn,
    gMain: specificGravity(building.post.lumber, building.grades),
    gSide: specificGravity(building.girts.lumber, building.grades),
    duration: DURATION.wind,
    wet: wetPosts,
    endGrain: between,
  })
  const each = between ? one.lateralLb : one.pullLb
  const count = girt.count * building.girts.plies
  const howItHolds = () => {
    if (between) return ' sideways in end grain'
    if (one.governs === 'head') return ', the heads pulling through first'
    return ''
  }
  return makeCheck({
    ...head,
    id,
    title,
    demand: need.lb,
    capacity: Math.max(each * count, ROUNDING),
    unit: 'lb',
    combination: '0.6W',
    place: need.girtCase.spans === 2 ? 'at the post it crosses' : 'at its end',
    governs:
      `Suction pulls ${Math.round(need.lb).toLocaleString('en-US')} lb at a post; ${count} ${nail.name} hold ` +
      `it${howItHolds()}.`,
    fix:
      wetPosts && !nail.ring
        ? 'Ring-shank nails: smooth ones lose three quarters of their hold as a wet post dries.'
        : 'More or longer ring-shank nails.',
    trace: () => [
      line({
        label: 'Pull at the post',
        formula: need.girtCase.spans === 2 ? '1.25·w·L' : '0.5·w·L',
        numbers:
          `${need.girtCase.spans === 2 ? 1.25 : 0.5} × ` +
          `${sig(need.lb / (need.girtCase.spans === 2 ? 1.25 : 0.5) / (need.girtCase.spanIn / IN_PER_FT))} × ` +
          `${sig(need.girtCase.spanIn / IN_PER_FT)}`,
        value: need.lb,
        unit: 'lb',
        clause: `statics; zone ${need.girtCase.zone}`,
      }),
      ...one.trace,
      line({
        label: 'All nails',
        formula: 'n·each',
        numbers: `${count} × ${sig(each)}`,
        value: each * count,
        unit: 'lb',
        clause: 'NDS 2018 12.2',
      }),
    ],
  })
}

/** What governs a girt, in words. */
function howItWorks({ ratios }: NonNullable<ReturnType<typeof girtAt>>, worst: GirtCase): string {
  const span = formatLength(worst.spanIn)
  switch (ratios.governs) {
    case 'deflection':
      return `Wind sags it ${formatLength(ratios.deflectionIn, { feet: false })} over ${span}`
    case 'shear':
      return `Wind shears a ${span} span`
    case 'bending':
      return `Wind bends a ${span} span`
  }
}

/** Girt checks of one wall, one a zone at its worst board, its nails, and the widest gap that holds. */
export function wallChecks({
  job,
  building,
  wall,
  cases,
  results,
  wallName,
}: {
  job: Job
  building: Building
  wall: WallRows
  cases: readonly GirtCase[]
  results: SiteResults
  wallName: string
}): { readonly checks: Check[]; readonly widestIn: number; readonly worst: number } {
  const checks: Check[] = []
  if (job.building.openSides.includes(wall.side)) return { checks, widestIn: 0, worst: 0 }
  let worst = 0
  for (const zone of [4, 5] as const) {
    const id = `girt-${wall.side}-${zone}`
    const title = `${wallName} girts, ${zone === 5 ? 'near the corners' : 'away from corners'}`
    const own = cases.filter((girtCase) => girtCase.zone === zone)
    if (own.length === 0) continue
    const judged = own.map((girtCase) => ({ c: girtCase, g: girtAt(building, results, girtCase, girtCase.spaceIn) }))
    if (judged.some((j) => !j.g)) {
      checks.push(
        notChecked({
          id,
          title,
          stage: 'walls',
          why: `No design values are tabled for ${building.girts.lumber} ${building.girts.size}.`,
          fix: 'Choose a tabled grade, or enter the values off its stamp.',
        }),
      )
      continue
    }
    const { c: worstCase, g: girt } = judged.reduce((best, each) =>
      (each.g?.ratios.worst ?? 0) > (best.g?.ratios.worst ?? 0) ? each : best,
    )
    if (!girt) continue
    worst = Math.max(worst, girt.ratios.worst)
    checks.push(
      makeCheck({
        id,
        title,
        stage: 'walls',
        group: 'girt',
        subjects: [],
        demand: girt.ratios.worst,
        capacity: 1,
        unit: '',
        combination: '0.6W',
        place: `row ${worstCase.row}, ${worstCase.spans === 2 ? 'board over two spaces' : 'board over one space'}`,
        governs:
          `${howItWorks(girt, worstCase)}${worstCase.spans === 1 ? ' of a board over one space' : ''} ` +
          `in row ${worstCase.row}, ${formatLength(worstCase.spaceIn, { feet: false })} of wall, zone ${zone}.`,
        fix: 'Closer rows, boards over two bays, a better grade or a wider board.',
        trace: girt.trace,
        diagram: () => girtDiagram(building, worstCase, girt.outwardPsf),
      }),
    )
  }
  if (cases.length) checks.push(girtNails({ building, results, cases, side: wall.side, wallName }))
  return { checks, widestIn: cases.length ? widestGapIn(building, results, cases) : 0, worst }
}
