import { alongWall, wallPosts } from '@/core/layout'
import type { Side } from '@/core/model'
import { quantity } from '@/core/units'
import { inches, mark, table } from '../crewbook/paper'
import { acrossIn, type SheetsOf } from '../crewbook/sheetsOf'
import type { Block } from '../crewbook/types'
import { kindName } from '../words/checks'
import { box, type Chain, type Figure, line, type Shape } from './figure'
import { inOrder } from './views'

type Posts = SheetsOf['derived']['posts']

/** The strings as lines round the posts. */
function stringShapes({ derived: { grid } }: SheetsOf, low: number, high: number): readonly Shape[] {
  const levels = inOrder([low, 0, grid.widthIn, high])
  return [
    ...levels.map((y) => line([0, y], [grid.lengthIn, y], 'chalk')),
    ...[0, grid.lengthIn].map((x) => line([x, low], [x, high], 'chalk')),
  ]
}

/** Holes by the kind of their posts, each kind with the letter that stands at it. */
const holeLetters = ({ derived: { holes } }: SheetsOf): ReadonlyMap<string, string> =>
  new Map(holes.map(({ kind }, i) => [kind, `H${i + 1}`]))

type Anchor = 'start' | 'middle' | 'end'

/** Where a post's name stands: inside its wall, past the edge of its hole; `by` is the way from there, points on paper. */
interface Beside {
  readonly into: readonly [number, number]
  readonly by: readonly [number, number]
  readonly anchor: Anchor
}
const NAME_BY: Readonly<Record<Side, Beside>> = {
  south: { into: [0, 1], by: [0, -14], anchor: 'middle' },
  north: { into: [0, -1], by: [0, 11], anchor: 'middle' },
  west: { into: [1, 0], by: [4, -2], anchor: 'start' },
  east: { into: [-1, 0], by: [-4, -2], anchor: 'end' },
}
/** How far a name at the end of a row stands from the string across, points. */
const CLEAR_OF_STRING = 4

/** Beside a post: one at the end of a row has the string of the wall across in the middle, and its name leaves that free. */
function besideOf({ side, x }: Posts[number], lengthIn: number, radiusIn: number): Beside {
  const beside = NAME_BY[side]
  if (beside.anchor !== 'middle') return beside
  if (x < radiusIn) return { ...beside, by: [CLEAR_OF_STRING, beside.by[1]], anchor: 'start' }
  if (x > lengthIn - radiusIn) return { ...beside, by: [-CLEAR_OF_STRING, beside.by[1]], anchor: 'end' }
  return beside
}

function postShapes(of: SheetsOf): readonly Shape[] {
  const letters = holeLetters(of)
  const { derived } = of
  return derived.posts.flatMap((post): readonly Shape[] => {
    const { x, y, sizeX, sizeY, name } = post
    const hole = derived.holes.find(({ kind }) => kind === post.kind)
    const radiusIn = (hole?.diameterIn ?? 0) / 2
    const { into, by, anchor } = besideOf(post, derived.grid.lengthIn, radiusIn)
    const at = [x + into[0] * radiusIn, y + into[1] * radiusIn] as const
    return [
      ...(hole ? [{ as: 'circle' as const, at: [x, y] as const, radiusIn, look: 'thin' as const }] : []),
      box([x - sizeX / 2, y - sizeY / 2], [x + sizeX / 2, y + sizeY / 2], 'steel'),
      { as: 'name', at, text: name, by, anchor, bold: true },
      { as: 'name', at, text: letters.get(post.kind) ?? '', by: [by[0], by[1] + 9], anchor, size: 7.5 },
    ]
  })
}

/** Running marks of a row of posts along the length. */
function rowChain(posts: Posts, beside: 'below' | 'above'): Chain {
  const sorted = [...posts].sort((one, other) => one.x - other.x)
  return { beside, as: 'running', hookIn: 0, placesIn: sorted.map(({ x }) => x) }
}

/** The outermost row of posts on an eave side. */
function outermost({ job, derived: { posts } }: SheetsOf, side: 'south' | 'north'): Posts {
  const lean = posts.filter((post) => post.kind === 'lean-to' && post.side === side)
  return job.building.leanTos.some((leanTo) => leanTo.side === side) ? lean : wallPosts(posts, side)
}

function gableChain(of: SheetsOf, side: 'west' | 'east', low: number, high: number): Chain {
  const own = wallPosts(of.derived.posts, side).map((post) => alongWall(post, side).atIn)
  return {
    beside: side === 'west' ? 'left' : 'right',
    as: 'running',
    placesIn: inOrder([low, 0, ...own, of.derived.grid.widthIn, high]),
  }
}

/** Every hole on its place, with its size by letter. */
export function foundationPlan(of: SheetsOf): Figure {
  const { derived } = of
  const { lengthIn } = derived.grid
  const [low, high] = acrossIn(of)
  const widest = Math.max(...derived.holes.map(({ diameterIn }) => diameterIn), 0) / 2
  const same = (side: 'south' | 'north') =>
    rowChain(outermost(of, side), 'below').placesIn.join() ===
    rowChain(wallPosts(derived.posts, side), 'below').placesIn.join()
  const wallsBehind = (['south', 'north'] as const).filter((side) => !same(side))
  return {
    title: 'Foundation plan',
    sub:
      'running marks from the string at the west end to the middle of each post; heights of the chains across from the ' +
      'south string; a hole’s letter leads to its size',
    box: { x0: -widest, x1: lengthIn + widest, y0: low - widest, y1: high + widest },
    shapes: [...stringShapes(of, low, high), ...postShapes(of)],
    chains: [
      rowChain(outermost(of, 'south'), 'below'),
      ...(wallsBehind.includes('south') ? [rowChain(wallPosts(derived.posts, 'south'), 'below')] : []),
      { beside: 'below', as: 'gaps', placesIn: [0, lengthIn] },
      rowChain(outermost(of, 'north'), 'above'),
      ...(wallsBehind.includes('north') ? [rowChain(wallPosts(derived.posts, 'north'), 'above')] : []),
      gableChain(of, 'west', low, high),
      gableChain(of, 'east', low, high),
    ],
    leastScale: 0.0625,
    banded: true,
    stopsIn: derived.posts.map(({ x }) => x),
  }
}

/** What is dug and cast at each kind of post. */
export function holeTable(of: SheetsOf): Block {
  const { job, derived } = of
  const { building } = job
  const letters = holeLetters(of)
  const rows = derived.holes.map((hole) => {
    const cast = building.school === 'pier' ? mark(hole.depthIn + building.bracketIn) : inches(building.padThicknessIn)
    return [
      letters.get(hole.kind) ?? '',
      kindName(hole.kind),
      String(hole.postIds.length),
      inches(hole.diameterIn),
      mark(hole.digIn),
      hole.gravelIn > 0 ? inches(hole.gravelIn) : 'none',
      cast,
      building.school === 'pier' ? 'on its bracket' : mark(hole.embedIn),
      quantity(hole.volumes.concreteFt3, 'ft3', { decimals: 1 }),
    ]
  })
  return table(
    [
      '',
      'posts',
      'holes',
      'across',
      'dig',
      'gravel',
      building.school === 'pier' ? 'pier' : 'pad',
      'post in ground',
      'concrete each',
    ],
    rows,
    [2, 3, 4, 5, 6, 7, 8],
    [0, 3, 4],
  )
}
