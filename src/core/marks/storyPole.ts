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
 * Marks of one post from the grade line up and from its top down: grade line, skirt top, each girt's top or bottom edge as the crew marks it, sills and heads of its
 * wall's openings, heel or rafter underside. Rows above the post's own top are left off.
 */
export function storyPole(
  b: Building,
  post: Post,
  walls: Readonly<Partial<Record<Side, WallRows>>>,
  placed: readonly PlacedOpening[],
  board: Fieldwork['boardEdge'] = 'top',
): PoleMark[] {
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
  if (b.skirt.depthIn > 0 && b.skirt.topIn > 0 && !leanTo)
    marks.push(mark('skirt', 'skirt top', 'skirt', b.skirt.topIn))
  for (const r of wall?.rows ?? [])
    if (r.topIn < top - 1 / 32 && r.landing !== 'heel')
      marks.push(mark(r.id, `${r.id} ${board}`, 'girt', r.topIn - (board === 'bottom' ? girtFaceIn(b) : 0)))
  const heel = wall?.rows.find((r) => r.landing === 'heel')
  const seen = new Set<string>()
  const edge = (kind: 'sill' | 'head', upIn: number, name: string) => {
    const key = `${kind}-${Math.round(upIn * 16)}`
    if (upIn > 0 && upIn < top && !seen.has(key)) {
      seen.add(key)
      marks.push(mark(key, name, kind, upIn))
    }
  }
  for (const o of leanTo ? [] : placed.filter((p) => p.opening.side === post.side)) {
    const name = o.opening.name || o.opening.kind
    edge('sill', o.sillIn, `${name} sill`)
    edge('head', o.headIn, `${name} head`)
  }
  const above = top > b.heelIn + 1 / 32
  if (above && !isEave(post.side)) marks.push(mark('heel', `heel${heel ? `, ${heel.id} top` : ''}`, 'heel', b.heelIn))
  marks.push(
    mark(
      'top',
      above || leanTo ? 'rafter underside' : `heel${heel ? `, ${heel.id} top` : ''}`,
      above || leanTo ? 'rafter' : 'heel',
      top,
    ),
  )
  return marks.sort((p, q) => p.upIn - q.upIn)
}

/** Sills and heads that take a block, in words for a card. */
export const blockNames = (blocks: readonly Block[], placed: readonly PlacedOpening[]): string[] =>
  blocks.map((k) => {
    const o = placed.find((p) => p.opening.id === k.openingId)?.opening
    return `${o?.name || o?.kind || 'opening'} ${k.at}`
  })
