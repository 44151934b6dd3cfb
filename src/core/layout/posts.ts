import type { Building, LeanTo, Side } from '../model'
import { issue, type Issue } from '../result'
import { postSize } from '../wood'
import type { Grid } from './grid'
import { checkOpenings, cornerTakesIn, isEave, placeOpening, wallLengthIn, type PlacedOpening } from './openings'

export type PostKind = 'corner' | 'eave' | 'gable' | 'jamb' | 'lean-to'

/** One post of the plan. `atIn` is its centre along its wall from the low corner; x and y its centre in plan. */
export interface Post {
  readonly id: string
  readonly kind: PostKind
  readonly side: Side
  readonly row: string
  readonly line: number | null
  readonly atIn: number
  readonly x: number
  readonly y: number
  /** Size in plan, inches: along x and along y. */
  readonly sizeX: number
  readonly sizeY: number
  readonly openingId: string | null
  /** How far it stands from its equal-spacing place, inches. */
  readonly movedIn: number
  /** Height above the grade line to the heel, or to the rafter underside at its centre. */
  readonly heightIn: number
  /** Height at the long point of a post cut to the pitch. */
  readonly longPointIn: number
}

export interface OmittedPost {
  readonly id: string
  readonly side: Side
  readonly atIn: number
  readonly x: number
  readonly y: number
  /** The opening that it stood in; null where it is bridged. */ readonly openingId: string | null
}

export interface PostLayout {
  readonly posts: readonly Post[]
  readonly omitted: readonly OmittedPost[]
  readonly issues: readonly Issue[]
  readonly rows: Readonly<Record<string, string>>
}

/** A gable post within this distance of a jamb moves to become the jamb. */
export const JAMB_REACH_IN = 24
/** Least height a lean-to may end at, inches. */
export const LEAST_LEAN_TO_IN = 72

const letter = (i: number): string =>
  i < 26 ? String.fromCharCode(65 + i) : `${letter(Math.floor(i / 26) - 1)}${letter(i % 26)}`

interface Slot {
  id: string
  nominal: number
  at: number
  kind: PostKind
  openingId: string | null
  line: number | null
  row: string
}

/** Roof height over a point `fromEaveIn` inside the nearer string, inches above the grade line. */
export const rafterHeightIn = (b: Building, fromEaveIn: number): number => b.heelIn + (fromEaveIn * b.pitchPer12) / 12

/** Height of a lean-to’s outer posts above the grade line, to the rafter underside. */
export const leanToHeightIn = (b: Building, l: LeanTo): number => b.heelIn - l.dropIn - (l.depthIn * l.pitchPer12) / 12

/**
 * Places every post. Eave rows: one at each numbered line; a door with jambs leaves out the posts in its way (a header carries their
 * trusses) and adds a jamb post at each edge; a walk door or window may not meet a post. Gable walls: posts at equal spaces; the post
 * nearest a jamb (within 24 in.) becomes the jamb, those in the door are left out, those in a walk door or window step to its nearer
 * edge, and a space left over the maximum gets a post of its own.
 */
export function placePosts(b: Building, grid: Grid): PostLayout {
  const size = postSize(b.post)
  const t = size.widthIn
  const issues: Issue[] = [...checkOpenings(b, grid)]
  const placed = b.openings.map((o) => placeOpening(o, grid))
  const omitted: OmittedPost[] = []
  const northRow = letter(grid.gableIn.length + 1)
  const rows: Record<string, string> = { south: 'A', north: northRow }
  for (const l of b.leanTos) rows[`lean-${l.side}`] = l.side === 'north' ? letter(grid.gableIn.length + 2) : 'S'
  const last = grid.centresIn.length
  let jambs = 0
  let extras = 0
  const posts: Post[] = []

  const point = (side: Side, at: number) =>
    isEave(side)
      ? {
          x: at,
          y: side === 'south' ? size.depthIn / 2 : grid.widthIn - size.depthIn / 2,
          sizeX: t,
          sizeY: size.depthIn,
        }
      : {
          x: side === 'west' ? size.depthIn / 2 : grid.lengthIn - size.depthIn / 2,
          y: at,
          sizeX: size.depthIn,
          sizeY: t,
        }
  const add = (side: Side, s: Slot) => {
    const p = point(side, s.at)
    const inside = Math.min(s.at, grid.widthIn - s.at)
    const heightIn = isEave(side) ? b.heelIn : rafterHeightIn(b, inside)
    const longPointIn = isEave(side) ? b.heelIn : rafterHeightIn(b, Math.min(grid.widthIn / 2, inside + t / 2))
    posts.push({
      id: s.id,
      kind: s.kind,
      side,
      row: s.row,
      line: s.line,
      atIn: s.at,
      ...p,
      openingId: s.openingId,
      movedIn: s.at - s.nominal,
      heightIn,
      longPointIn,
    })
  }
  const hits = (at: number, p: PlacedOpening, clear = 0) =>
    at + t / 2 > p.fromIn - clear + 1 / 32 && at - t / 2 < p.toIn + clear - 1 / 32
  const omit = (side: Side, s: Slot, openingId: string | null) => {
    const { x, y } = point(side, s.at)
    omitted.push({ id: s.id, side, atIn: s.at, x, y, openingId })
  }

  const eaveWall = (side: 'south' | 'north') => {
    const row = rows[side]
    let slots: Slot[] = grid.centresIn.map((at, i) => ({
      id: `${row}${i + 1}`,
      nominal: at,
      at,
      kind: i === 0 || i === last - 1 ? 'corner' : 'eave',
      openingId: null,
      line: i + 1,
      row,
    }))
    // A post bridged on purpose; a name that no eave post has (the bays have changed since) leaves nothing out.
    for (const s of slots.filter((q) => q.kind === 'eave' && b.bridged.includes(q.id))) omit(side, s, null)
    slots = slots.filter((q) => !(q.kind === 'eave' && b.bridged.includes(q.id)))
    for (const p of placed.filter((q) => q.opening.side === side)) {
      if (!p.framed) {
        const hit = slots.find((s) => s.kind !== 'corner' && hits(s.at, p))
        if (hit)
          issues.push(
            issue('post-in-opening', ['building', 'openings', b.openings.indexOf(p.opening), 'positionIn'], {
              post: hit.id,
              beforeIn: hit.at - t / 2 - p.opening.widthIn,
              afterIn: hit.at + t / 2,
            }),
          )
        continue
      }
      for (const [edge, target] of [
        [p.fromIn, p.fromIn - t / 2],
        [p.toIn, p.toIn + t / 2],
      ] as const) {
        const same = slots.find((s) => Math.abs(s.at - target) < 1 / 32)
        if (same) {
          if (same.kind === 'eave') {
            same.kind = 'jamb'
            same.openingId = p.opening.id
          }
          continue
        }
        if (Math.abs(edge - t) < 1 / 32 || Math.abs(grid.lengthIn - edge - t) < 1 / 32) continue // the corner post is the jamb
        slots.push({
          id: `J${++jambs}`,
          nominal: target,
          at: target,
          kind: 'jamb',
          openingId: p.opening.id,
          line: null,
          row,
        })
      }
      for (const s of slots.filter((q) => q.kind === 'eave' && hits(q.at, p, t))) omit(side, s, p.opening.id)
      slots = slots.filter((q) => !(q.kind === 'eave' && hits(q.at, p, t)))
    }
    slots.sort((p, q) => p.at - q.at).forEach((s) => add(side, s))
  }

  const gableWall = (side: 'west' | 'east') => {
    const line = side === 'west' ? 1 : last
    let slots: Slot[] = grid.gableIn.map((nominal, i) => {
      const id = `${letter(i + 1)}${line}`
      return {
        id,
        nominal,
        at: nominal + (b.gableShiftsIn[id] ?? 0),
        kind: 'gable',
        openingId: null,
        line,
        row: letter(i + 1),
      }
    })
    const takes = cornerTakesIn(b, side)
    const mine = placed.filter((q) => q.opening.side === side).sort((p, q) => p.fromIn - q.fromIn)
    for (const p of mine) {
      const index = b.openings.indexOf(p.opening)
      if (!p.framed) {
        for (const s of slots.filter((q) => q.kind === 'gable' && hits(q.at, p))) {
          if (b.gableShiftsIn[s.id])
            issues.push(
              issue('post-in-opening', ['building', 'gableShiftsIn', s.id], {
                post: s.id,
                beforeIn: p.fromIn - t / 2,
                afterIn: p.toIn + t / 2,
              }),
            )
          else if (slots.some((q) => q !== s && q.kind === 'jamb' && hits(q.at, p)))
            issues.push(
              issue('post-in-opening', ['building', 'openings', index, 'positionIn'], {
                post: s.id,
                beforeIn: s.at - t / 2 - p.opening.widthIn,
                afterIn: s.at + t / 2,
              }),
            )
          else s.at = s.at - p.fromIn < p.toIn - s.at ? p.fromIn - t / 2 : p.toIn + t / 2
        }
        continue
      }
      for (const target of [p.fromIn - t / 2, p.toIn + t / 2]) {
        if (target < takes || target > grid.widthIn - takes) continue // the corner post is the jamb
        const near = slots
          .filter((s) => s.kind === 'gable' && Math.abs(s.at - target) <= JAMB_REACH_IN)
          .sort((a, c) => Math.abs(a.at - target) - Math.abs(c.at - target))[0]
        if (near) {
          near.at = target
          near.kind = 'jamb'
          near.openingId = p.opening.id
        } else
          slots.push({
            id: `J${++jambs}`,
            nominal: target,
            at: target,
            kind: 'jamb',
            openingId: p.opening.id,
            line,
            row: 'J',
          })
      }
      for (const s of slots.filter((q) => q.kind === 'gable' && hits(q.at, p, t))) omit(side, s, p.opening.id)
      slots = slots.filter((q) => !(q.kind === 'gable' && hits(q.at, p, t)))
    }
    // A space that moving or omitting has left over the maximum gets posts of its own, door openings excepted.
    const all = [{ at: 0 }, ...slots.sort((p, q) => p.at - q.at), { at: grid.widthIn }]
    for (let i = 1; i < all.length; i++) {
      const [from, to] = [all[i - 1].at, all[i].at]
      if (to - from <= b.gableMaxIn + t || mine.some((p) => p.framed && p.fromIn >= from - 1 && p.toIn <= to + 1))
        continue
      const n = Math.ceil((to - from) / (b.gableMaxIn + t) - 1e-9)
      for (let k = 1; k < n; k++) {
        const at = from + ((to - from) * k) / n
        slots.push({ id: `X${++extras}`, nominal: at, at, kind: 'gable', openingId: null, line, row: 'X' })
      }
    }
    slots.sort((p, q) => p.at - q.at)
    slots.forEach((s) => {
      const p = mine.find((q) => !q.framed && s.id.startsWith('X') && hits(s.at, q))
      if (p) s.at = p.fromIn - t / 2
    })
    slots.forEach((s) => add(side, s))
  }

  eaveWall('south')
  gableWall('east')
  eaveWall('north')
  gableWall('west')
  b.leanTos.forEach((l, k) => {
    const y = l.side === 'north' ? grid.widthIn + l.depthIn - size.depthIn / 2 : -l.depthIn + size.depthIn / 2
    const heightIn = leanToHeightIn(b, l)
    const row = rows[`lean-${l.side}`]
    if (b.leanTos.findIndex((q) => q.side === l.side) !== k) {
      issues.push(issue('lean-to-twice', ['building', 'leanTos', k, 'side'], { side: l.side }))
      return
    }
    if (heightIn < LEAST_LEAN_TO_IN)
      issues.push(
        issue('lean-to-too-low', ['building', 'leanTos', k, 'dropIn'], { heightIn, leastIn: LEAST_LEAN_TO_IN }),
      )
    grid.centresIn.forEach((at, i) =>
      posts.push({
        id: `${row}${i + 1}`,
        kind: 'lean-to',
        side: l.side,
        row,
        line: i + 1,
        atIn: at,
        x: at,
        y,
        sizeX: t,
        sizeY: size.depthIn,
        openingId: null,
        movedIn: 0,
        heightIn,
        longPointIn: heightIn,
      }),
    )
  })
  for (const side of ['south', 'east', 'north', 'west'] as const) {
    const takes = cornerTakesIn(b, side)
    const onWall = posts.filter((p) => p.side === side && p.kind !== 'lean-to').sort((p, q) => p.atIn - q.atIn)
    const wall = wallLengthIn(grid, side)
    onWall.forEach((p, i) => {
      const before = i > 0 ? onWall[i - 1] : null
      const tooNear =
        (before && p.atIn - before.atIn < t - 1 / 32) ||
        (!isEave(side) && (p.atIn - t / 2 < takes - 1 / 32 || p.atIn + t / 2 > wall - takes + 1 / 32))
      if (tooNear)
        issues.push(
          issue(
            'posts-collide',
            b.gableShiftsIn[p.id]
              ? ['building', 'gableShiftsIn', p.id]
              : [
                  'building',
                  'openings',
                  Math.max(
                    0,
                    b.openings.findIndex((o) => o.id === (p.openingId ?? before?.openingId)),
                  ),
                  'positionIn',
                ],
            { post: p.id, other: before?.id ?? 'the corner post' },
          ),
        )
    })
  }
  return { posts, omitted, issues, rows }
}
