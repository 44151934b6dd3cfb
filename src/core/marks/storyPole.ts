import { HALF_MARK_IN, SAME_IN, toSixteenths } from '../units'
import type { Building, Fieldwork, Side } from '../model'
import { alongWall, girtFaceOnIn, isEave, type Block, type PlacedOpening, type Post, type WallRows } from '../layout'

type PoleMarkKind = 'grade' | 'skirt' | 'girt' | 'sill' | 'head' | 'heel' | 'rafter'

/** One mark of the story pole: above the grade line and below the heel (or rafter underside), inches, exact. */
export interface PoleMark {
  readonly key: string
  readonly name: string
  readonly kind: PoleMarkKind
  readonly upIn: number
  readonly downIn: number
  /** The wall whose boards it is for, on a corner post that carries two; null for what is for all of it. */
  readonly face: Side | null
  /** The row of girts that it is for. */
  readonly row?: string
}

/** A mark before it is measured down from the top. */
type Wanted = Omit<PoleMark, 'downIn'>

/** Whether an edge of an opening lies at a post, so that the post is its jamb. */
const touches = ({ fromIn, toIn }: PlacedOpening, { atIn, halfIn }: ReturnType<typeof alongWall>): boolean =>
  [fromIn, toIn].some((edgeIn) => Math.abs(edgeIn - atIn) <= halfIn + HALF_MARK_IN)

/** Sills and heads of some openings under a top, each height once. */
function openingEdges(placed: readonly PlacedOpening[], topIn: number, face: Side | null): Wanted[] {
  const seen = new Set<string>()
  const edges: Wanted[] = []
  for (const { opening, sillIn, headIn } of placed)
    for (const [kind, upIn] of [
      ['sill', sillIn],
      ['head', headIn],
    ] as const) {
      const key = `${kind}-${toSixteenths(upIn)}`
      if (upIn <= 0 || upIn >= topIn || seen.has(key)) continue
      seen.add(key)
      edges.push({ key, name: `${opening.name || opening.kind} ${kind}`, kind, upIn, face })
    }
  return edges
}

/** Sills and heads of all openings of a wall, for a pole that the whole wall shares. */
export const wallEdges = (placed: readonly PlacedOpening[], side: Side, topIn: number): PoleMark[] =>
  openingEdges(
    placed.filter(({ opening }) => opening.side === side),
    topIn,
    null,
  ).map((edge) => ({ ...edge, downIn: topIn - edge.upIn }))

/** What marks are made from. */
export interface PoleOf {
  readonly building: Building
  readonly post: Post
  readonly walls: Readonly<Partial<Record<Side, WallRows>>>
  readonly placed: readonly PlacedOpening[]
  readonly board?: Fieldwork['boardEdge']
}

/** How far under the top of its boards the edge of a row of girts lies that the crew marks on posts, inches. */
export const markedEdgeIn = (building: Building, board: Fieldwork['boardEdge'], side: Side): number =>
  board === 'bottom' ? girtFaceOnIn(building, side) : 0

/** Marks of one wall on a post: the rows that run past it, and the openings it is a jamb of. */
function wallMarks({ building, post, walls, placed, board = 'top' }: PoleOf, side: Side, face: Side | null): Wanted[] {
  const place = alongWall(post, side)
  const runs = ({ segments }: WallRows['rows'][number]) =>
    segments.some(
      ({ fromIn, toIn }) => fromIn < place.atIn + place.halfIn - SAME_IN && toIn > place.atIn - place.halfIn + SAME_IN,
    )
  if (building.openSides.includes(side)) return []
  const faceIn = markedEdgeIn(building, board, side)
  return [
    ...(walls[side]?.rows ?? [])
      .filter((row) => row.topIn < post.heightIn - HALF_MARK_IN && row.landing !== 'heel' && runs(row))
      .map(({ id, topIn }): Wanted => ({
        key: id,
        name: `${id} ${board}`,
        kind: 'girt',
        upIn: topIn - faceIn,
        face,
        row: id,
      })),
    ...openingEdges(
      placed.filter((each) => each.opening.side === side && touches(each, place)),
      post.heightIn,
      face,
    ),
  ]
}

/** The gable wall that a corner post carries besides its eave wall; null for any other post. */
const otherWall = ({ kind, line }: Post): Side | null => {
  if (kind !== 'corner') return null
  return line === 1 ? 'west' : 'east'
}

/** Marks of a corner post: each wall's on its own face; what both walls have at one height is one mark on both. */
function cornerMarks(of: PoleOf, other: Side): Wanted[] {
  const { post } = of
  const own = wallMarks(of, post.side, post.side)
  const others = wallMarks(of, other, other)
  const twin = ({ key, upIn }: Wanted, marks: readonly Wanted[]) =>
    marks.some((mark) => mark.key === key && toSixteenths(mark.upIn) === toSixteenths(upIn))
  return [
    ...own.map((mark) => (twin(mark, others) ? { ...mark, face: null } : mark)),
    ...others.filter((mark) => !twin(mark, own)).map((mark) => ({ ...mark, key: `${other}:${mark.key}` })),
  ]
}

/**
 * Marks of one post from the grade line up and from its top down: grade line, skirt top, the top or bottom edge of every
 * girt that runs past it, as the crew marks it, sills and heads of the openings it is a jamb of, heel or rafter
 * underside. A corner post carries those of both its walls, each on its own face. Rows above the post's own top are left
 * off.
 */
export function storyPole(of: PoleOf): PoleMark[] {
  const { building, post, walls } = of
  const top = post.heightIn
  const grade: Wanted = { key: 'grade', name: 'grade line', kind: 'grade', upIn: 0, face: null }
  const measured = (marks: readonly Wanted[]) => marks.map((mark) => ({ ...mark, downIn: top - mark.upIn }))
  if (post.kind === 'lean-to')
    return measured([grade, { key: 'top', name: 'rafter underside', kind: 'rafter', upIn: top, face: null }])
  const heel = (walls[post.side]?.rows ?? []).find((row) => row.landing === 'heel')
  const heelName = `heel${heel ? `, ${heel.id} top` : ''}`
  const above = top > building.heelIn + HALF_MARK_IN
  const skirt = building.skirt.depthIn > 0 && building.skirt.topIn > 0
  const other = otherWall(post)
  const marks: Wanted[] = [
    grade,
    ...(skirt
      ? [{ key: 'skirt', name: 'skirt top', kind: 'skirt' as const, upIn: building.skirt.topIn, face: null }]
      : []),
    ...(other ? cornerMarks(of, other) : wallMarks(of, post.side, null)),
    ...(above && !isEave(post.side)
      ? [{ key: 'heel', name: heelName, kind: 'heel' as const, upIn: building.heelIn, face: null }]
      : []),
    above
      ? { key: 'top', name: 'rafter underside', kind: 'rafter', upIn: top, face: null }
      : { key: 'top', name: heelName, kind: 'heel', upIn: top, face: null },
  ]
  return measured(marks).sort((one, next) => one.upIn - next.upIn)
}

/** Sills and heads that take a block, in words for a card. */
export const blockNames = (blocks: readonly Block[], placed: readonly PlacedOpening[]): string[] =>
  blocks.map((block) => {
    const opening = placed.find((placed) => placed.opening.id === block.openingId)?.opening
    return `${opening?.name || opening?.kind || 'opening'} ${block.at}`
  })
