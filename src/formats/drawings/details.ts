import type { Flat } from '@/core/geometry'
import { seenOn, type View } from '@/core/drawn'
import { alongWall } from '@/core/layout'
import { type Column, isOfPost, rafterNumbers, sawnOf, seatBlockId, type Stick } from '@/core/sticks'
import { postSize } from '@/core/wood'
import { counted, fixed, HALF_MARK_IN, NO_BREAK } from '@/core/units'
import { inches, mark } from '../crewbook/paper'
import type { SheetsOf } from '../crewbook/sheetsOf'
import { box, type Chain, type Figure, line, type Look, type Shape, shapesWithin, solid } from './figure'
import { holeParts } from './holes'
import { alongOn, crossView, inOrder, wallView } from './views'

/** What of a drawing is looked at closely, inches. */
type Window = Figure['box']

/** A body moved to the right. */
const moved = (shape: Shape, moveIn: number): Shape =>
  shape.as === 'solid'
    ? { ...shape, pieces: shape.pieces.map((piece) => piece.map(([right, up]): Flat => [right + moveIn, up])) }
    : shape

/** Sticks on a view, no more of them than lies in a window, moved to the right. */
function closeUp(
  view: View,
  sticks: readonly Stick[],
  { x0, x1, y0, y1 }: Window,
  { look, moveIn = 0 }: { readonly look: (stick: Stick) => Look; readonly moveIn?: number },
): readonly Shape[] {
  const whole = seenOn(view, sticks).map(({ stick, pieces }) => solid(pieces, look(stick)))
  return shapesWithin(shapesWithin(whole, 0, x0, x1), 1, y0, y1).map((shape) => moved(shape, moveIn))
}

/** Room between two views of one joint, and what is seen of it round its middle, inches. */
const APART_IN = 10
const AROUND_IN = 12
const CLOSE_SCALE = 0.25

const columnsOf = ({ structure }: SheetsOf): readonly Column[] => [...structure.columns.values()]

/** The post that stands for others of its kind: not at a corner where there is one like it elsewhere. */
function typical(of: SheetsOf, fits: (column: Column) => boolean): Column | null {
  const own = columnsOf(of).filter(fits)
  return own.find(({ post }) => post.kind === 'eave') ?? own[0] ?? null
}

const lookOf = (stick: Stick): Look => (isOfPost(stick) ? 'wood' : 'far')

/** A post's top as it is seen from outside and, beside it, from the east end: with what is fixed to it. */
function twoViews(of: SheetsOf, column: Column, partners: readonly Stick[], { y0, y1 }: Pick<Window, 'y0' | 'y1'>) {
  const { post } = column
  const plies = of.sticks.sticks.filter((stick) => stick.of === post.id)
  const at = alongOn(of, post.side, alongWall(post, post.side).atIn)
  const face: Window = { x0: at - AROUND_IN, x1: at + AROUND_IN, y0, y1 }
  const side: Window = { x0: post.y - AROUND_IN, x1: post.y + AROUND_IN, y0, y1 }
  const moveIn = face.x1 + APART_IN - side.x0
  const all = [...plies, ...partners]
  return {
    at,
    sideAt: post.y + moveIn,
    box: { x0: face.x0, x1: side.x1 + moveIn, y0, y1 },
    shapes: [
      ...closeUp(wallView(of, post.side), all, face, { look: lookOf }),
      ...closeUp(crossView(post.x), all, side, { look: lookOf, moveIn }),
      { as: 'name', at: [at, y0], text: 'from outside', by: [0, 12], size: 8 },
      { as: 'name', at: [post.y + moveIn, y0], text: 'from the east', by: [0, 12], size: 8 },
    ] as readonly Shape[],
  }
}

/** Bolts of a column on both its views. */
function boltShapes(column: Column, at: number, sideAt: number, deepIn: number): readonly Shape[] {
  return column.bolts.flatMap(({ aboveSeatIn }): readonly Shape[] => {
    const up = column.seatUpIn + aboveSeatIn
    return [
      { as: 'circle', at: [at, up], radiusIn: 0.6, look: 'thin' },
      line([sideAt - deepIn / 2 - 1.5, up], [sideAt + deepIn / 2 + 1.5, up], 'brace'),
    ]
  })
}

const heightsOf = (column: Column): Chain => ({
  beside: 'left',
  as: 'running',
  placesIn: inOrder([column.seatUpIn, column.topUpIn]),
  names: column.topUpIn - column.seatUpIn > HALF_MARK_IN ? ['seat', 'top'] : ['seat'],
})
/** Bolts above the seat; how many there are at one height. */
function boltsOf({ bolts, seatUpIn }: Column): Chain {
  const counts = new Map<number, number>()
  for (const { aboveSeatIn } of bolts) counts.set(aboveSeatIn, (counts.get(aboveSeatIn) ?? 0) + 1)
  const rows = [...counts].sort((one, other) => one[0] - other[0])
  return {
    beside: 'right',
    as: 'running',
    hookIn: seatUpIn,
    placesIn: rows.map(([upIn]) => seatUpIn + upIn),
    names: rows.map(([, count]) => counted(count, 'bolt')),
  }
}

/** How a truss stands on its post: in a pocket between plies, on a notch, or against a face. */
function trussSeat(of: SheetsOf): Figure | null {
  const column = typical(of, ({ bears }) => bears === 'truss')
  if (!column) return null
  const { post, seatUpIn } = column
  const truss = [...of.sticks.sticks]
    .filter(({ kind }) => kind === 'truss')
    .sort((one, other) => Math.abs(one.at.from[0] - post.x) - Math.abs(other.at.from[0] - post.x))
    .slice(0, 1)
  const { block } = column
  const own = [...truss, ...of.sticks.sticks.filter(({ id }) => block !== null && id === seatBlockId(post))]
  const downIn = Math.max(14, block ? block.lengthIn + 4 : 0)
  const views = twoViews(of, column, own, { y0: seatUpIn - downIn, y1: Math.max(column.topUpIn, seatUpIn) + 14 })
  const { widthIn, depthIn } = postSize(of.job.building.post)
  const pocket = column.pocketPlies.length > 0
  const how = pocket
    ? `pocket ${inches(column.topUpIn - seatUpIn)} deep between the outer plies`
    : 'bolted beside the wood that is left'
  const under = block
    ? `; bearing block ${inches(block.lengthIn)} long inside, ${counted(block.nails, 'nail').replace(' ', NO_BREAK)}`
    : ''
  return {
    title: `Truss seat at ${post.name}`,
    sub: `${how}${under}; at the left above the grade line, at the right bolts above the seat`,
    box: views.box,
    shapes: [...views.shapes, ...boltShapes(column, views.at, views.sideAt, depthIn)],
    chains: [
      heightsOf(column),
      boltsOf(column),
      { beside: 'above', as: 'gaps', placesIn: plyEdges(column, views.at, widthIn) },
    ],
    leastScale: CLOSE_SCALE,
  }
}

/** The faces of the plies of a column along its wall. */
const plyEdges = (column: Column, at: number, widthIn: number): readonly number[] =>
  column.plies.length > 1
    ? inOrder(column.plies.flatMap(({ offIn, thickIn }) => [at + offIn - thickIn / 2, at + offIn + thickIn / 2]))
    : [at - widthIn / 2, at + widthIn / 2]

const notchWords = (notches: Column['notches']): string =>
  notches.map((notch) => `notch ${inches(notch.depthIn)} deep ${notch.face}`).join(', ') ||
  'bolted to the faces, no notch'

/** How a carrier or header is let into a post, or bolted to it. */
function beamSeat(of: SheetsOf): Figure | null {
  const bearsBeam = ({ bolts }: Column) => bolts.some(({ holds }) => holds === 'beam')
  const column = typical(of, bearsBeam)
  if (!column) return null
  const { post, seatUpIn, notches } = column
  const beams = of.structure.beams.filter(({ posts }) => posts.some((on) => on.post.id === post.id))
  const own = of.sticks.sticks.filter((stick) => beams.some(({ id }) => id === stick.of))
  const deep = Math.max(...beams.map(({ deepIn }) => deepIn))
  const views = twoViews(of, column, own, { y0: seatUpIn - 12, y1: seatUpIn + deep + 10 })
  const { depthIn } = postSize(of.job.building.post)
  const outward = post.side === 'south' ? -1 : 1
  const faceAt = (face: 'outside' | 'inside') =>
    views.sideAt + (face === 'outside' ? outward : -outward) * (depthIn / 2)
  const depths = notches.map(({ face, depthIn: deepIn }) => {
    const from = faceAt(face)
    return from + (from > views.sideAt ? -deepIn : deepIn)
  })
  return {
    title: `Beam seat at ${post.name}`,
    sub:
      `${notchWords(notches)}; ` +
      'at the left above the grade line, at the right bolts above the seat; over the drawing, what the notches leave',
    box: views.box,
    shapes: [...views.shapes, ...boltShapes(column, views.at, views.sideAt, depthIn)],
    chains: [
      heightsOf(column),
      boltsOf(column),
      {
        beside: 'above',
        as: 'gaps',
        placesIn: inOrder([views.sideAt - depthIn / 2, ...depths, views.sideAt + depthIn / 2]),
      },
    ],
    leastScale: CLOSE_SCALE,
  }
}

/** The bird's mouth of a rafter on what it rests on, and its upper end. */
function rafterEnds(of: SheetsOf): readonly Figure[] {
  return of.structure.leanTos.slice(0, 1).flatMap((roof): readonly Figure[] => {
    const { part, leanTo, rafters, outer, seatUpIn } = roof
    const at = rafters.find(({ post }) => post !== null) ?? rafters[Math.floor(rafters.length / 2)]
    const rafter = of.sticks.sticks.filter(
      ({ kind, of: owner, place }) => kind === 'rafter' && place.part === part && owner !== null,
    )
    const own = rafter.filter(({ at: { from } }) => Math.abs(from[0] - at.atIn) < 4)
    const [post] = [...outer].sort((one, other) => Math.abs(one.x - at.atIn) - Math.abs(other.x - at.atIn))
    if (own.length === 0 || !post) return []
    const under = of.sticks.sticks.filter((stick) => stick.of === post.id || stick.of === roof.beam?.id)
    const numbers = rafterNumbers(roof, at)
    const out = leanTo.side === 'south' ? -1 : 1
    const wall = leanTo.side === 'south' ? 0 : of.derived.grid.widthIn
    const outer1 = wall + out * (leanTo.depthIn + roof.restOutIn)
    const low: Window = { x0: outer1 - 15, x1: outer1 + 15, y0: seatUpIn - 10, y1: seatUpIn + 16 }
    const seatEnds = [outer1, outer1 - out * numbers.seatIn]
    const [from] = own
    const highUp = Math.max(from.at.from[2], from.at.to[2])
    const high: Window = { x0: wall - 16, x1: wall + 22, y0: highUp - 16, y1: highUp + 14 }
    const upper = of.sticks.sticks.filter(
      (stick) =>
        stick.id.startsWith(`ledger-${part}`) ||
        (stick.of !== null && (stick.of === at.post?.id || stick.of === at.hangs?.id)) ||
        (stick.kind === 'blocking' && stick.place.part === part && Math.abs(stick.at.from[0] - at.atIn) < AROUND_IN),
    )
    return [
      {
        title: 'Bird’s mouth',
        sub:
          `seat ${inches(numbers.seatIn)} level, notch ${inches(numbers.notchIn)} square to the rafter; seat starts ` +
          `${mark(numbers.seatStartsIn)} down the lower edge from the upper end`,
        box: low,
        shapes: closeUp(crossView(at.atIn), [...under, ...own], low, {
          look: (stick) => (stick.kind === 'rafter' ? 'wood' : 'far'),
        }),
        chains: [
          { beside: 'below', as: 'gaps', placesIn: inOrder(seatEnds) },
          { beside: 'left', as: 'running', placesIn: [seatUpIn], names: ['seat'] },
        ],
        leastScale: CLOSE_SCALE,
      },
      {
        title: 'Upper end of the rafter',
        sub:
          `cut plumb, ${fixed(numbers.angleDeg, 1)} degrees off square; ` +
          (at.hangs ? 'in a hanger' : 'between cleats, bolted through the post'),
        box: high,
        shapes: closeUp(crossView(at.atIn), [...upper, ...own], high, {
          look: (stick) => (stick.kind === 'rafter' ? 'wood' : 'far'),
        }),
        chains: [{ beside: 'left', as: 'running', placesIn: [highUp], names: ['middle'] }],
        leastScale: CLOSE_SCALE,
      },
    ]
  })
}

/** Heights in order, each with its name; of two that are one the first is said. */
function heightsNamed(all: readonly (readonly [number, string])[]): Pick<Chain, 'placesIn' | 'names'> {
  const first = all.filter(([upIn], i) => !all.slice(0, i).some(([other]) => Math.abs(other - upIn) < HALF_MARK_IN))
  const sorted = [...first].sort((one, other) => one[0] - other[0])
  return { placesIn: sorted.map(([upIn]) => upIn), names: sorted.map(([, name]) => name) }
}

/** The foot of a post: on its pad in the hole, with a collar, or in a bracket on its pier. */
function postFoot(of: SheetsOf): Figure | null {
  const { building } = of.job
  const column = typical(of, ({ bears }) => bears !== 'roof')
  const hole = column && of.derived.holes.find(({ kind }) => kind === column.post.kind)
  if (!column || !hole) return null
  const { widthIn } = postSize(building.post)
  const half = hole.diameterIn / 2
  const footUp = building.school === 'pier' ? building.bracketIn : -hole.embedIn
  const plies = of.sticks.sticks.filter((stick) => stick.of === column.post.id)
  const at = alongOn(of, column.post.side, alongWall(column.post, column.post.side).atIn)
  const window: Window = { x0: at - half - 6, x1: at + half + 6, y0: -hole.digIn, y1: 18 }
  const bracket = building.school === 'pier' ? bracketShapes(at, footUp, widthIn) : []
  return {
    title: building.school === 'pier' ? 'Bracket on a pier' : 'Post in its hole',
    sub: `${column.post.name}; heights above the grade line, down is minus`,
    box: window,
    shapes: [
      ...holeParts(building, hole, at).all,
      ...closeUp(wallView(of, column.post.side), plies, window, { look: () => 'wood' }),
      ...bracket,
      { as: 'grade', fromIn: window.x0, toIn: window.x1, upIn: 0 },
    ],
    chains: [
      {
        beside: 'left',
        as: 'running',
        ...heightsNamed([
          [-hole.digIn, 'dig'],
          ...(hole.gravelIn > 0 ? [[-hole.depthIn, 'concrete'] as const] : []),
          [footUp, 'foot'],
          [0, 'grade'],
        ]),
      },
      { beside: 'below', as: 'gaps', placesIn: [at - half, at + half] },
    ],
    leastScale: 0.25,
  }
}

/** A bracket: a plate under the foot and one up each side. Its own rating and bolts are its maker's. */
function bracketShapes(at: number, footUp: number, widthIn: number): readonly Shape[] {
  const half = widthIn / 2
  return [
    box([at - half - 0.25, footUp - 0.25], [at + half + 0.25, footUp], 'steel'),
    box([at - half - 0.25, footUp], [at - half, footUp + 9], 'steel'),
    box([at + half, footUp], [at + half + 0.25, footUp + 9], 'steel'),
    box([at - 0.6, footUp - 8], [at + 0.6, footUp - 0.25], 'steel'),
  ]
}

/** The foot of a wall brace between its posts. */
function braceFoot(of: SheetsOf): Figure | null {
  const brace = of.sticks.sticks.find(({ kind }) => kind === 'brace')
  const side = brace?.place.side as 'south' | 'north' | 'west' | 'east' | undefined
  if (!brace || !side) return null
  const view = wallView(of, side)
  const [seen] = seenOn(view, [brace])
  const low = seen.pieces.flat().reduce((best, each) => (each[1] < best[1] ? each : best))
  const window: Window = { x0: low[0] - 18, x1: low[0] + 18, y0: low[1] - 8, y1: low[1] + 26 }
  const posts = of.sticks.sticks.filter(({ of: owner }) => brace.ends.some(({ on }) => on !== null && on === owner))
  const { nails, nail } = of.job.building.bracing
  return {
    title: 'Foot of a brace',
    sub: `${brace.name}: both ends plumb, ${fixed(sawnOf(brace).offSquareDeg[0], 1)} degrees off square; ${nails} ${nail} into the post`,
    box: window,
    shapes: closeUp(view, [...posts, brace], window, { look: (stick) => (stick.kind === 'brace' ? 'brace' : 'far') }),
    chains: [{ beside: 'left', as: 'running', placesIn: [low[1]], names: ['tip'] }],
    leastScale: CLOSE_SCALE,
  }
}

/** Details of the joints that a building has, and the names of those it has not. */
export function details(of: SheetsOf): { readonly figures: readonly Figure[]; readonly absent: readonly string[] } {
  const all: readonly (readonly [string, readonly (Figure | null)[]])[] = [
    ['truss on a post', [trussSeat(of)]],
    ['beam let into a post', [beamSeat(of)]],
    ['rafter with a bird’s mouth', rafterEnds(of)],
    ['foot of a post', [postFoot(of)]],
    ['wall brace', [braceFoot(of)]],
  ]
  return {
    figures: all.flatMap(([, figures]) => figures.filter((figure) => figure !== null)),
    absent: all.filter(([, figures]) => !figures.some((figure) => figure !== null)).map(([name]) => name),
  }
}
