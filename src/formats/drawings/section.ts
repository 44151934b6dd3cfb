import { onWall } from '@/core/layout'
import { cutBy, type Seen, seenOn } from '@/core/drawn'
import type { Flat } from '@/core/geometry'
import { type Building, type Side } from '@/core/model'
import { isOfPost, type Stick, type StickKind } from '@/core/sticks'
import { upTo } from '@/core/units'
import { postSize } from '@/core/wood'
import { inches, mark } from '../crewbook/paper'
import { acrossIn, type SheetsOf } from '../crewbook/sheetsOf'
import { type Figure, line, type Shape, solid } from './figure'
import { holeParts } from './holes'
import { boxOf, crossView, inOrder, joinBoxes, outlinesOf, shapesOf } from './views'

/** How far behind the cut something is still drawn, inches. */
const BEHIND_IN = 30
const CUT: readonly StickKind[] = [
  'purlin',
  'batten',
  'girt',
  'skirt',
  'carrier',
  'header',
  'ledger',
  'fascia',
  'blocking',
  'track board',
]

type Posts = SheetsOf['derived']['posts']

/** The line of posts that is nearest to the middle of the building, and has one at both eaves. */
function middleLine({ derived: { posts, grid } }: SheetsOf): number {
  const at = (side: Side) => posts.filter((post) => post.kind === 'eave' && post.side === side).map(({ x }) => x)
  const north = at('north')
  const both = at('south').filter((x) => north.some((other) => Math.abs(other - x) < 1))
  const lines = both.length > 0 ? both : [...at('south'), ...north, 0]
  const middle = grid.lengthIn / 2
  return lines.reduce((best, x) => (Math.abs(x - middle) < Math.abs(best - middle) ? x : best))
}

/** Room that the cut keeps from a truss on both its sides, inches: it passes between them, through what they carry. */
const CLEAR_IN = 4

/** The place of the cut: just past the posts of that line, and in no truss. */
export function sectionAt(of: SheetsOf): number {
  const { post } = of.job.building
  const trusses = of.sticks.sticks.filter(({ kind }) => kind === 'truss').map(({ at }) => at.from[0])
  let xIn = middleLine(of) + postSize(post).widthIn / 2 + 1
  while (trusses.some((at) => Math.abs(at - xIn) < CLEAR_IN)) xIn += 1
  return xIn
}

const nearestTo = <T>(all: readonly T[], at: (each: T) => number, placeIn: number): T | undefined =>
  [...all].sort((one, other) => Math.abs(at(one) - placeIn) - Math.abs(at(other) - placeIn))[0]

/** What stands behind the cut: the posts of the line, the nearest truss, the nearest rafter of each lean-to, a knee. */
function behind(of: SheetsOf, xIn: number): readonly Stick[] {
  const { sticks } = of.sticks
  const near = ({ at }: Stick) =>
    Math.max(at.from[0], at.to[0]) <= xIn + 12 && Math.min(at.from[0], at.to[0]) >= xIn - BEHIND_IN
  const truss = nearestTo(
    sticks.filter(({ kind }) => kind === 'truss'),
    ({ at }) => at.from[0],
    xIn,
  )
  const rafters = of.structure.leanTos.flatMap(({ part }) => {
    const own = sticks.filter(({ kind, place }) => kind === 'rafter' && place.part === part)
    return nearestTo(own, ({ at }) => at.from[0], xIn) ?? []
  })
  return [
    ...sticks.filter((stick) => (isOfPost(stick) || stick.kind === 'knee') && near(stick)),
    ...(truss ? [truss] : []),
    ...rafters,
  ]
}

/** Posts of the line with their holes. */
const linePosts = ({ derived: { posts } }: SheetsOf, xIn: number): Posts =>
  posts.filter(
    ({ x, kind }) => x <= xIn && x >= xIn - BEHIND_IN && (kind === 'eave' || kind === 'lean-to' || kind === 'jamb'),
  )

function holeShapes({ derived, job: { building } }: SheetsOf, posts: Posts): readonly Shape[] {
  return posts.flatMap((post): readonly Shape[] => {
    const hole = derived.holes.find(({ kind }) => kind === post.kind)
    return hole ? holeParts(building, hole, post.y).all : []
  })
}

/** The skin: a thick line along the outside of what carries it. */
function skinShapes(of: SheetsOf, cut: readonly Seen[]): readonly Shape[] {
  const { building } = of.job
  const walls = (['south', 'north'] as const)
    .filter((side) => !building.openSides.includes(side))
    .flatMap((side): readonly Shape[] => {
      const own = cut.filter(
        ({ stick }) => stick.place.side === side && (stick.kind === 'girt' || stick.kind === 'skirt'),
      )
      if (own.length === 0) return []
      const { x0, x1, y0 } = boxOf(outlinesOf(own))
      const out = side === 'south' ? x0 : x1
      return [line([out, Math.max(y0, 0)], [out, building.heelIn], 'skin')]
    })
  return [...walls, ...roofSkin(of)]
}

/** The roof skin over the purlins of each slope, from its low edge to its high one. */
function roofSkin(of: SheetsOf): readonly Shape[] {
  const view = crossView(0)
  const groups = new Map<string, Stick[]>()
  for (const stick of of.sticks.sticks) {
    if (stick.kind !== 'purlin' && stick.kind !== 'batten') continue
    const key = `${stick.place.part} ${stick.place.side}`
    groups.set(key, [...(groups.get(key) ?? []), stick])
  }
  return [...groups.values()].flatMap((own): readonly Shape[] => {
    const points = outlinesOf(seenOn(view, own)).flat()
    // The upper edge of the outermost rows: the skin lies on it.
    const upper = upperEdge(points)
    return upper ? [line(upper[0], upper[1], 'skin')] : []
  })
}

/** The two ends of the upper side of the points of one slope. */
function upperEdge(points: readonly Flat[]): readonly [Flat, Flat] | null {
  if (points.length === 0) return null
  const { x0, x1 } = boxOf([points])
  const top = (at: number) =>
    points
      .filter(([right]) => Math.abs(right - at) < 6)
      .reduce((best, each) => (each[1] > best[1] ? each : best), [at, -Infinity])
  return [top(x0), top(x1)]
}

const timber = (size: string): string => size.replace('x', '×')

/** What the layers are called, each at a place on the drawing. */
function layers(of: SheetsOf, shown: readonly Seen[], posts: Posts): NonNullable<Figure['notes']> {
  const { building } = of.job
  const { roof } = building
  const middle = (kind: StickKind, side: Side | null = null, high = true): Flat | null => {
    const own = shown.filter(({ stick }) => stick.kind === kind && (side === null || stick.place.side === side))
    if (own.length === 0) return null
    const boxes = own.map(({ pieces }) => boxOf(pieces)).sort((one, other) => other.y1 - one.y1)
    const { x0, x1, y0, y1 } = boxes[high ? Math.floor(boxes.length * 0.3) : boxes.length - 1]
    return [(x0 + x1) / 2, (y0 + y1) / 2]
  }
  const note = (at: Flat | null, text: string) => (at ? [{ at, text }] : [])
  const eaves = posts.filter(({ kind }) => kind !== 'lean-to')
  const [post] = [...eaves].sort((one, other) => other.y - one.y)
  const hole = post && of.derived.holes.find(({ kind }) => kind === post.kind)
  return [
    ...note(
      middle('purlin') ?? middle('batten'),
      `roof skin on ${roof.purlins.style === 'flat' ? 'battens' : 'purlins'} ${timber(roof.purlins.size)}, ` +
        `${inches(roof.purlins.spaceIn)} apart`,
    ),
    ...note(
      [of.derived.grid.widthIn / 2, building.heelIn + roof.truss.heelDepthIn],
      `truss, ${upTo(building.pitchPer12, 2)} on 12, by its maker`,
    ),
    ...note(middle('carrier', null, false), `carrier ${roof.carrier.plies} × ${timber(roof.carrier.size)}`),
    ...note(middle('girt', 'north'), `wall skin on girts ${timber(onWall(building, 'north').girts.size)}`),
    ...note(middle('skirt', 'north'), `skirt board, treated, ${inches(building.skirt.depthIn)}`),
    ...(post ? note([post.y, building.heelIn * 0.45], `post ${postSize(building.post).label}`) : []),
    ...(post && hole ? foundationNotes(building, post, hole) : []),
    ...leanToNotes(of, middle),
  ]
}

function foundationNotes(building: Building, post: Posts[number], hole: SheetsOf['derived']['holes'][number]) {
  const across = `${inches(hole.diameterIn)} across`
  const at = (upIn: number): Flat => [post.y + hole.diameterIn / 3, upIn]
  if (building.school === 'pier') return [{ at: at(-hole.depthIn / 2), text: `concrete pier, ${across}, with bracket` }]
  return [
    { at: at(-hole.embedIn / 2), text: 'backfill, tamped in layers' },
    ...(building.school === 'collar'
      ? [
          {
            at: at(-hole.embedIn + building.collarHeightIn / 2),
            text: `concrete collar, ${inches(building.collarHeightIn)} high`,
          },
        ]
      : []),
    {
      at: at(-hole.depthIn + building.padThicknessIn / 2),
      text: `concrete pad, ${inches(building.padThicknessIn)}, ${across}`,
    },
    ...(hole.gravelIn > 0
      ? [{ at: at(-hole.digIn + hole.gravelIn / 2), text: `gravel, ${inches(hole.gravelIn)}` }]
      : []),
  ]
}

function leanToNotes({ job: { building } }: SheetsOf, middle: (kind: StickKind) => Flat | null) {
  const [leanTo] = building.leanTos
  if (!leanTo) return []
  const rafter = middle('rafter')
  const ledger = middle('ledger')
  return [
    ...(rafter
      ? [
          {
            at: rafter,
            text: `rafter ${leanTo.rafter.plies} × ${timber(leanTo.rafter.size)}, ${upTo(leanTo.pitchPer12, 2)} on 12`,
          },
        ]
      : []),
    ...(ledger ? [{ at: ledger, text: `ledger ${leanTo.ledger.plies} × ${timber(leanTo.ledger.size)}` }] : []),
  ]
}

/** Heights at the left: from the bottom of the holes to the peak. */
function heights(of: SheetsOf, whole: Figure['box'], posts: Posts) {
  const { building } = of.job
  const [south] = [...posts].sort((one, other) => one.y - other.y)
  const hole = south && of.derived.holes.find(({ kind }) => kind === south.kind)
  const at: (readonly [number, string])[] = [
    ...(hole ? [[-hole.digIn, 'dig'] as const] : []),
    ...(hole && building.school !== 'pier' ? [[-hole.embedIn, 'foot'] as const] : []),
    [0, 'grade'],
    ...of.structure.leanTos.map(({ seatUpIn }) => [seatUpIn, 'rafter'] as const),
    [building.heelIn, 'heel'],
    [whole.y1, 'peak'],
  ]
  const sorted = [...new Map(at)].sort((one, other) => one[0] - other[0])
  return { placesIn: sorted.map(([upIn]) => upIn), names: sorted.map(([, name]) => name) }
}

/** The building and its lean-tos cut across, from pad to ridge, with its layers named. */
export function section(of: SheetsOf): Figure {
  const xIn = sectionAt(of)
  const view = crossView(xIn)
  const posts = linePosts(of, xIn)
  const back = seenOn(view, behind(of, xIn))
  const cut = cutBy(
    view,
    of.sticks.sticks.filter(({ kind }) => CUT.includes(kind)),
  )
  const holes = holeShapes(of, posts)
  const areas = holes.flatMap((shape) => (shape.as === 'area' ? [shape.points] : []))
  const [low, high] = acrossIn(of)
  const whole = joinBoxes([boxOf(outlinesOf([...back, ...cut])), ...(areas.length > 0 ? [boxOf(areas)] : [])])
  const { widthIn } = of.derived.grid
  return {
    title: 'Section',
    sub:
      `cut across ${mark(xIn)} from the west string, seen to the west: south at the left; what the cut passes through is gray; ` +
      'heights above the grade line',
    box: whole,
    shapes: [
      ...holes,
      ...shapesOf(back, ({ stick }) => (stick.kind === 'truss' ? 'far' : 'wood')),
      ...cut.map(({ pieces }) => solid(pieces, 'cut')),
      ...skinShapes(of, cut),
      { as: 'grade', fromIn: whole.x0, toIn: whole.x1, upIn: 0 },
    ],
    chains: [
      { beside: 'below', as: 'gaps', placesIn: inOrder([whole.x0, low, 0, widthIn, high, whole.x1]) },
      { beside: 'left', as: 'running', ...heights(of, whole, posts) },
    ],
    notes: layers(of, [...back, ...cut], posts),
    leastScale: 0.09375,
  }
}
