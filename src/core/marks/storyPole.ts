import { HALF_MARK_IN } from '../units'
import type { Building, Fieldwork, Side } from '../model'
import { girtFaceIn, isEave, type Block, type PlacedOpening, type Post, type WallRows } from '../layout'

type PoleMarkKind = 'grade' | 'skirt' | 'girt' | 'sill' | 'head' | 'heel' | 'rafter'

/** One mark of the story pole: above the grade line and below the heel (or rafter underside), inches, exact. */
export interface PoleMark {
  readonly key: string
  readonly name: string
  readonly kind: PoleMarkKind
  readonly upIn: number
  readonly downIn: number
}

/** Sills and heads of a wall's openings under a post's top, each height once. */
function openingEdges(placed: readonly PlacedOpening[], side: Side, topIn: number) {
  const seen = new Set<string>()
  const edges: { key: string; name: string; kind: 'sill' | 'head'; upIn: number }[] = []
  for (const { opening, sillIn, headIn } of placed.filter((each) => each.opening.side === side))
    for (const [kind, upIn] of [
      ['sill', sillIn],
      ['head', headIn],
    ] as const) {
      const key = `${kind}-${Math.round(upIn * 16)}`
      if (upIn <= 0 || upIn >= topIn || seen.has(key)) continue
      seen.add(key)
      edges.push({ key, name: `${opening.name || opening.kind} ${kind}`, kind, upIn })
    }
  return edges
}

/**
 * Marks of one post from the grade line up and from its top down: grade line, skirt top, each girt's top or bottom edge
 * as the crew marks it, sills and heads of its
 * wall's openings, heel or rafter underside. Rows above the post's own top are left off.
 */
export function storyPole({
  building,
  post,
  walls,
  placed,
  board = 'top',
}: {
  building: Building
  post: Post
  walls: Readonly<Partial<Record<Side, WallRows>>>
  placed: readonly PlacedOpening[]
  board?: Fieldwork['boardEdge']
}): PoleMark[] {
  const top = post.heightIn
  const mark = (key: string, name: string, kind: PoleMarkKind, upIn: number): PoleMark => ({
    key,
    name,
    kind,
    upIn,
    downIn: top - upIn,
  })
  const grade = mark('grade', 'grade line', 'grade', 0)
  if (post.kind === 'lean-to') return [grade, mark('top', 'rafter underside', 'rafter', top)]
  const rows = walls[post.side]?.rows ?? []
  const heel = rows.find((row) => row.landing === 'heel')
  const heelName = `heel${heel ? `, ${heel.id} top` : ''}`
  const above = top > building.heelIn + HALF_MARK_IN
  const skirt = building.skirt.depthIn > 0 && building.skirt.topIn > 0
  const faceIn = board === 'bottom' ? girtFaceIn(building) : 0
  const marks = [
    grade,
    ...(skirt ? [mark('skirt', 'skirt top', 'skirt', building.skirt.topIn)] : []),
    ...rows
      .filter((row) => row.topIn < top - HALF_MARK_IN && row.landing !== 'heel')
      .map((row) => mark(row.id, `${row.id} ${board}`, 'girt', row.topIn - faceIn)),
    ...openingEdges(placed, post.side, top).map(({ key, name, kind, upIn }) => mark(key, name, kind, upIn)),
    ...(above && !isEave(post.side) ? [mark('heel', heelName, 'heel', building.heelIn)] : []),
    above ? mark('top', 'rafter underside', 'rafter', top) : mark('top', heelName, 'heel', top),
  ]
  return marks.sort((one, other) => one.upIn - other.upIn)
}

/** Sills and heads that take a block, in words for a card. */
export const blockNames = (blocks: readonly Block[], placed: readonly PlacedOpening[]): string[] =>
  blocks.map((block) => {
    const opening = placed.find((placed) => placed.opening.id === block.openingId)?.opening
    return `${opening?.name || opening?.kind || 'opening'} ${block.at}`
  })
