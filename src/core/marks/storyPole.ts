import type { Building, Fieldwork, Side } from '../model'
import { girtFaceIn, isEave, type Block, type PlacedOpening, type Post, type WallRows } from '../layout'

export type PoleMarkKind = 'grade' | 'skirt' | 'girt' | 'sill' | 'head' | 'heel' | 'rafter'

/** One mark of the story pole: above the grade line and below the heel (or rafter underside), inches, exact. */
export interface PoleMark {
  readonly key: string
  readonly name: string
  readonly kind: PoleMarkKind
  readonly upIn: number
  readonly downIn: number
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
  const leanTo = post.kind === 'lean-to'
  const wall = leanTo ? undefined : walls[post.side]
  const mark = (key: string, name: string, kind: PoleMarkKind, upIn: number): PoleMark => ({
    key,
    name,
    kind,
    upIn,
    downIn: top - upIn,
  })
  const marks: PoleMark[] = [mark('grade', 'grade line', 'grade', 0)]
  if (building.skirt.depthIn > 0 && building.skirt.topIn > 0 && !leanTo)
    marks.push(mark('skirt', 'skirt top', 'skirt', building.skirt.topIn))
  for (const row of wall?.rows ?? [])
    if (row.topIn < top - 1 / 32 && row.landing !== 'heel')
      marks.push(
        mark(row.id, `${row.id} ${board}`, 'girt', row.topIn - (board === 'bottom' ? girtFaceIn(building) : 0)),
      )
  const heel = wall?.rows.find((row) => row.landing === 'heel')
  const seen = new Set<string>()
  const edge = (kind: 'sill' | 'head', upIn: number, name: string) => {
    const key = `${kind}-${Math.round(upIn * 16)}`
    if (upIn > 0 && upIn < top && !seen.has(key)) {
      seen.add(key)
      marks.push(mark(key, name, kind, upIn))
    }
  }
  for (const placedOpening of leanTo ? [] : placed.filter((placed) => placed.opening.side === post.side)) {
    const name = placedOpening.opening.name || placedOpening.opening.kind
    edge('sill', placedOpening.sillIn, `${name} sill`)
    edge('head', placedOpening.headIn, `${name} head`)
  }
  const above = top > building.heelIn + 1 / 32
  if (above && !isEave(post.side))
    marks.push(mark('heel', `heel${heel ? `, ${heel.id} top` : ''}`, 'heel', building.heelIn))
  marks.push(
    mark(
      'top',
      above || leanTo ? 'rafter underside' : `heel${heel ? `, ${heel.id} top` : ''}`,
      above || leanTo ? 'rafter' : 'heel',
      top,
    ),
  )
  return marks.sort((one, other) => one.upIn - other.upIn)
}

/** Sills and heads that take a block, in words for a card. */
export const blockNames = (blocks: readonly Block[], placed: readonly PlacedOpening[]): string[] =>
  blocks.map((block) => {
    const opening = placed.find((placed) => placed.opening.id === block.openingId)?.opening
    return `${opening?.name || opening?.kind || 'opening'} ${block.at}`
  })
