import { type Flat, hullOf } from '@/core/geometry'
import { type Seen, seenOn } from '@/core/drawn'
import { alongWall, isEave, wallLengthIn, wallPosts } from '@/core/layout'
import type { Side } from '@/core/model'
import { isOfPost, sawnOf, type Stick, type StickKind, type StrapBay } from '@/core/sticks'
import { mark, table } from '../crewbook/paper'
import { type SheetsOf, strapsIn } from '../crewbook/sheetsOf'
import type { Block } from '../crewbook/types'
import { OPENING } from '../words'
import { area, box, type Chain, type Figure, line, type Look, type Shape } from './figure'
import { holeParts } from './holes'
import { alongOn, boxOf, inOrder, joinBoxes, outlinesOf, runsLeft, shapesOf, wallView } from './views'

/** What covers the building above its walls. */
const ROOF_KINDS: readonly StickKind[] = ['purlin', 'fascia', 'truss', 'rafter', 'batten']

const outlineOf = (seen: readonly Seen[]): readonly Flat[] => hullOf(seen.flatMap(({ pieces }) => pieces.flat()))

/** Roofs as they show over and beside a wall, the farther one first. */
function roofShapes(of: SheetsOf, side: Side): readonly Shape[] {
  const view = wallView(of, side)
  const parts = ['main', ...of.structure.leanTos.map(({ part }) => part)]
  const outlines = parts.map((part) => {
    const own = of.sticks.sticks.filter(({ kind, place }) => ROOF_KINDS.includes(kind) && place.part === part)
    const seen = seenOn(view, own)
    return { outline: outlineOf(seen), nearIn: Math.max(...seen.map(({ nearIn }) => nearIn)) }
  })
  return outlines
    .filter(({ outline }) => outline.length > 2)
    .sort((one, other) => one.nearIn - other.nearIn)
    .map(({ outline }) => area(outline, 'skin'))
}

/** The skin of a wall: up to the heel, on a gable up to the rakes, which the roof covers. */
function skinShapes(of: SheetsOf, side: Side): readonly Shape[] {
  const { job, derived } = of
  const long = wallLengthIn(derived.grid, side)
  if (job.building.openSides.includes(side)) return []
  const heel = job.building.heelIn
  const shape = box([0, 0], [long, heel], 'skin')
  const { skirt } = job.building
  const trim = skirt.depthIn > 0 ? [line([0, skirt.topIn], [long, skirt.topIn], 'thin')] : []
  return [shape, ...trim]
}

const openingsOf = ({ derived }: SheetsOf, side: Side) =>
  derived.placed.filter(({ opening }) => opening.side === side).sort((one, other) => one.fromIn - other.fromIn)

/** Openings of a wall, each with the number under which the list has its sizes. */
function openingShapes(of: SheetsOf, side: Side): readonly Shape[] {
  return openingsOf(of, side).flatMap(({ fromIn, toIn, sillIn, headIn }, i): readonly Shape[] => {
    const [a, b] = [alongOn(of, side, fromIn), alongOn(of, side, toIn)]
    return [
      box([Math.min(a, b), sillIn], [Math.max(a, b), headIn], 'opening'),
      { as: 'name', at: [(a + b) / 2, (sillIn + headIn) / 2], text: String(i + 1), size: 12, bold: true, by: [0, 4] },
    ]
  })
}

/** The openings of a wall with both their sizes and where they are; none where it has none. */
export function openingList(of: SheetsOf, side: Side): readonly Block[] {
  const rows = openingsOf(of, side).map(({ opening, fromIn, sillIn, headIn }, i) => [
    String(i + 1),
    opening.name || OPENING[opening.kind],
    mark(opening.widthIn),
    mark(opening.heightIn),
    mark(sillIn),
    mark(headIn),
    mark(fromIn),
  ])
  const head = ['', 'rough opening', 'wide', 'high', 'sill', 'head', 'from the hook']
  return rows.length > 0 ? [table(head, rows, [2, 3, 4, 5, 6], [0])] : []
}

/** Posts of the row in front of a wall that has none of its own skin, and of lean-tos. */
function frontPosts(of: SheetsOf, side: Side): readonly Shape[] {
  const view = wallView(of, side)
  const open = of.job.building.openSides.includes(side)
  const ids = new Set(
    of.derived.posts
      .filter((post) => post.kind === 'lean-to' && (post.side === side || !isEave(side)))
      .concat(open ? wallPosts(of.derived.posts, side) : [])
      .map(({ id }) => id),
  )
  const own = of.sticks.sticks.filter((stick) => isOfPost(stick) && ids.has(stick.of ?? ''))
  return shapesOf(seenOn(view, own), () => 'wood')
}

/** What of a body stands above the grade line. */
function aboveGrade(shape: Shape): Shape {
  if (shape.as !== 'solid') return shape
  const standing = shape.pieces.filter((piece) => piece.some(([, up]) => up > 0))
  return { ...shape, pieces: standing.map((piece) => piece.map(([right, up]): Flat => [right, Math.max(0, up)])) }
}

/** Edges of openings along a wall, from corner to corner. */
function openingChain(of: SheetsOf, side: Side): Chain {
  const own = of.derived.placed.filter(({ opening }) => opening.side === side)
  const long = wallLengthIn(of.derived.grid, side)
  const places = [0, long, ...own.flatMap(({ fromIn, toIn }) => [fromIn, toIn])].map((at) => alongOn(of, side, at))
  return { beside: 'below', as: 'gaps', placesIn: inOrder(places) }
}

/** Sills and heads of a wall, with its other heights. */
function heightChain(of: SheetsOf, side: Side, highs: readonly (readonly [string, number])[]): Chain {
  const own = of.derived.placed.filter(({ opening }) => opening.side === side)
  const heights = new Map<number, string>(highs.map(([name, upIn]) => [upIn, name]))
  for (const { sillIn, headIn } of own) {
    if (sillIn > 0 && !heights.has(sillIn)) heights.set(sillIn, 'sill')
    if (!heights.has(headIn)) heights.set(headIn, 'head')
  }
  const sorted = [...heights].sort((one, other) => one[0] - other[0])
  return {
    beside: 'right',
    as: 'running',
    placesIn: sorted.map(([upIn]) => upIn),
    names: sorted.map(([, name]) => name),
  }
}

/** One wall with its skin from outside, openings dimensioned both ways. */
export function elevation(of: SheetsOf, side: Side): Figure {
  const { job, derived } = of
  const roofs = roofShapes(of, side)
  const shapes = [
    ...roofs.slice(0, isEave(side) ? 1 : undefined),
    ...skinShapes(of, side),
    ...openingShapes(of, side),
    ...frontPosts(of, side).map(aboveGrade),
    ...roofs.slice(isEave(side) ? 1 : roofs.length),
  ]
  const outlines = shapes.flatMap((shape) => {
    if (shape.as === 'area') return [shape.points]
    return shape.as === 'solid' ? shape.pieces : []
  })
  const long = wallLengthIn(derived.grid, side)
  const whole = joinBoxes([boxOf(outlines), { x0: 0, x1: long, y0: 0, y1: job.building.heelIn }])
  const open = job.building.openSides.includes(side)
  return {
    title: `${derived.wallNames[side]}: elevation`,
    sub: `from outside; heights above the grade line${open ? '; this wall is open' : '; rough openings'}`,
    box: { ...whole, y0: 0 },
    shapes: [...shapes, { as: 'grade', fromIn: whole.x0, toIn: whole.x1, upIn: 0 }],
    chains: [
      ...(derived.placed.some(({ opening }) => opening.side === side) ? [openingChain(of, side)] : []),
      { beside: 'below', as: 'gaps', placesIn: [0, long] },
      {
        beside: 'left',
        as: 'running',
        placesIn: [0, job.building.heelIn, whole.y1],
        names: ['grade', 'heel', 'peak'],
      },
      heightChain(of, side, []),
    ],
    // A gable is high enough to be read smaller, and is not parted then.
    leastScale: isEave(side) ? 0.09375 : 0.0625,
    stopsIn: wallPosts(derived.posts, side).map((post) => alongOn(of, side, alongWall(post, side).atIn)),
  }
}

const FRAMING: readonly StickKind[] = [
  'skirt',
  'girt',
  'buck',
  'blocking',
  'track board',
  'header',
  'carrier',
  'ledger',
]

/** What stands in a wall: its posts, and what is fixed to them. */
function wallSticks(of: SheetsOf, side: Side): readonly Stick[] {
  const posts = new Set(wallPosts(of.derived.posts, side).map(({ id }) => id))
  const beams = new Set(
    of.structure.beams.filter(({ posts: on }) => on.every(({ post }) => posts.has(post.id))).map(({ id }) => id),
  )
  const end = side === 'west' ? 'truss-1' : `truss-${of.derived.trusses.trusses.length}`
  return of.sticks.sticks.filter((stick) => {
    const { id, kind, place, of: owner } = stick
    if (isOfPost(stick)) return posts.has(owner ?? '')
    if (kind === 'header' || kind === 'carrier') return beams.has(owner ?? '')
    if (kind === 'truss') return !isEave(side) && id === end
    return FRAMING.includes(kind) && place.side === side && place.part === 'main'
  })
}

/** Holes with their pads under the posts of a wall, dashed: they lie in the ground. */
function holeShapes(of: SheetsOf, side: Side): readonly Shape[] {
  const { derived, job } = of
  return wallPosts(derived.posts, side).flatMap((post): readonly Shape[] => {
    const hole = derived.holes.find(({ kind }) => kind === post.kind)
    if (!hole) return []
    const at = alongOn(of, side, alongWall(post, side).atIn)
    const { dug, cast } = holeParts(job.building, hole, at)
    return [dug, cast]
  })
}

/** Running marks of the posts of a wall from its hook. */
function postChain(of: SheetsOf, side: Side): Chain {
  const posts = wallPosts(of.derived.posts, side)
  return {
    beside: 'below',
    as: 'running',
    hookIn: alongOn(of, side, 0),
    backward: runsLeft(side),
    placesIn: posts.map((post) => alongOn(of, side, alongWall(post, side).atIn)),
    names: posts.map(({ name }) => name),
  }
}

/** The wood of one wall from outside, skin off, down to the holes. */
export function framing(of: SheetsOf, side: Side): Figure {
  const { derived, job } = of
  const own = wallSticks(of, side)
  const seen = seenOn(wallView(of, side), own)
  const holes = holeShapes(of, side)
  const look = ({ stick }: Seen): Look => (isOfPost(stick) || stick.kind === 'truss' ? 'far' : 'wood')
  const outlines = [...outlinesOf(seen), ...holes.flatMap((shape) => (shape.as === 'area' ? [shape.points] : []))]
  const whole = boxOf(outlines)
  const rows = job.building.openSides.includes(side) ? [] : derived.walls[side].rows
  return {
    title: `${derived.wallNames[side]}: framing`,
    sub: 'from outside, skin off; posts from the hook to their middle; heights are the top of the board above the grade line',
    box: whole,
    shapes: [...holes, ...shapesOf(seen, look), { as: 'grade', fromIn: whole.x0, toIn: whole.x1, upIn: 0 }],
    chains: [
      postChain(of, side),
      {
        beside: 'left',
        as: 'running',
        placesIn: rows.map(({ topIn }) => topIn),
        names: rows.map(({ id }) => id),
      },
      heightChain(of, side, [
        ['heel', job.building.heelIn],
        ...(job.building.skirt.depthIn > 0 ? [['skirt', job.building.skirt.topIn] as const] : []),
      ]),
    ],
    leastScale: isEave(side) ? 0.125 : 0.09375,
    stopsIn: wallPosts(derived.posts, side).map((post) => alongOn(of, side, alongWall(post, side).atIn)),
  }
}

/** What a brace is drawn with, besides posts. */
const BESIDE_BRACES: readonly StickKind[] = ['header', 'carrier', 'skirt']

/** The two straps of a bay, with their length where they cross. */
function strapShapes(of: SheetsOf, { side, middlesIn, lowUpIn, highUpIn, lengthIn }: StrapBay): readonly Shape[] {
  const [a, b] = [alongOn(of, side, middlesIn[0]), alongOn(of, side, middlesIn[1])]
  return [
    line([a, lowUpIn], [b, highUpIn], 'brace'),
    line([b, lowUpIn], [a, highUpIn], 'brace'),
    {
      as: 'name',
      at: [(a + b) / 2, (lowUpIn + highUpIn) / 2],
      text: `2 of ${mark(lengthIn)}`,
      bold: true,
      plate: true,
    },
  ]
}

/** The braces of one wall in its frame: each with its name and the edge it is measured along. Null where it has none. */
export function bracing(of: SheetsOf, side: Side): Figure | null {
  const braces = of.sticks.sticks.filter(({ kind, place }) => kind === 'brace' && place.side === side)
  const straps = strapsIn(of).filter((bay) => bay.side === side)
  if (braces.length + straps.length === 0) return null
  const view = wallView(of, side)
  const frame = wallSticks(of, side).filter((stick) => isOfPost(stick) || BESIDE_BRACES.includes(stick.kind))
  const back = seenOn(view, frame)
  const front = seenOn(view, braces)
  const posts = wallPosts(of.derived.posts, side)
  const whole = { ...boxOf(outlinesOf(back)), y0: 0 }
  return {
    title: `${of.derived.wallNames[side]}: bracing`,
    sub:
      straps.length > 0
        ? 'from outside; the length at each pair of straps is between the middles of the posts; spaces are clear between them'
        : 'from outside; the length at each brace is that of its lower edge; spaces are clear between the posts',
    box: whole,
    shapes: [
      ...shapesOf(back, () => 'far').map(aboveGrade),
      ...shapesOf(front, () => 'brace'),
      ...front.map(({ stick, pieces }): Shape => {
        const { x0, x1, y0, y1 } = boxOf(pieces)
        const share = stick.place.order % 2 === 0 ? 0.62 : 0.38
        return {
          as: 'name',
          at: [(x0 + x1) / 2, y0 + (y1 - y0) * share],
          text: `${stick.name}  ${mark(sawnOf(stick).lowerEdgeIn)}`,
          bold: true,
          plate: true,
        }
      }),
      ...straps.flatMap((bay) => strapShapes(of, bay)),
      { as: 'grade', fromIn: whole.x0, toIn: whole.x1, upIn: 0 },
    ],
    chains: [
      {
        beside: 'below',
        as: 'gaps',
        placesIn: inOrder(
          posts.flatMap((post) => {
            const { atIn, halfIn } = alongWall(post, side)
            return [alongOn(of, side, atIn - halfIn), alongOn(of, side, atIn + halfIn)]
          }),
        ),
      },
      postChain(of, side),
      { beside: 'left', as: 'running', placesIn: [0, of.job.building.heelIn], names: ['grade', 'heel'] },
    ],
    leastScale: 0.125,
    stopsIn: posts.map((post) => alongOn(of, side, alongWall(post, side).atIn)),
  }
}
