import { cross, dot, minus, plus, times, unit, type Vector } from '../geometry'
import { addUnder } from '../result'
import { SAME_IN } from '../units'
import { solidOf } from './solids'
import type { Sticks } from './sticks'
import { type Cut, isOfPost, type Join, type JoinKind, type Stick } from './stick'

/** Where something meets a stick. */
export interface StickMark {
  /** The stick that meets it, or the post, truss, row or beam that it meets. */
  readonly meets: string
  readonly kind: JoinKind
  /** How far along it from its first end, from its foot where it is a post's, inches. */
  readonly atIn: number
  /** The face that it is met on, as cuts name them, or one of its ends; null where no stick meets it: a strap. */
  readonly face: Cut['edge'] | 'end' | null
}

/** What touches a stick comes as near to it as this, inches. */
const TOUCH_IN = 1 / 8
/** A place this far past the end of a stick is still its own: a buck stands before the end of its girts. Inches. */
const PAST_IN = 3

/** A stick with its directions and its corners, worked out once: its board's, or those of its outline. */
interface Body {
  readonly stick: Stick
  readonly along: Vector
  readonly across: Vector
  readonly corners: readonly Vector[]
}

function bodyOf(stick: Stick): Body {
  const { at, board, outline, cutLengthIn } = stick
  const along = unit(minus(at.to, at.from))
  const across = unit(cross(along, at.up))
  const half = { up: times(at.up, board.depthIn / 2), wide: times(across, board.widthIn / 2) }
  const box = (end: Vector) => [
    plus(plus(end, half.up), half.wide),
    minus(plus(end, half.up), half.wide),
    plus(minus(end, half.up), half.wide),
    minus(minus(end, half.up), half.wide),
  ]
  // Notches do not matter here: what is let into a stick meets it on the face that it is let into.
  const corners = outline
    ? solidOf(stick).flatMap((piece) => piece.corners)
    : [...box(at.from), ...box(plus(at.from, times(along, cutLengthIn)))]
  return { stick, along, across, corners }
}

/** The place of a body that lies so far along it, in the job's space. */
const placeOf = ({ stick, along }: Body, alongIn: number): Vector => plus(stick.at.from, times(along, alongIn))

/** How far one body stands off another on the face that it is nearest to, inches (negative: let in), and which that is. */
function offFace({ stick, along, across }: Body, corners: readonly Vector[]) {
  const { depthIn, widthIn } = stick.board
  const reach = (axis: Vector) => corners.map((corner) => dot(minus(corner, stick.at.from), axis))
  const [long, deep, wide] = [reach(along), reach(stick.at.up), reach(across)]
  const faces: readonly { readonly offIn: number; readonly face: Exclude<StickMark['face'], null> }[] = [
    { face: 'upper', offIn: Math.min(...deep) - depthIn / 2 },
    { face: 'lower', offIn: -Math.max(...deep) - depthIn / 2 },
    { face: 'far', offIn: Math.min(...wide) - widthIn / 2 },
    { face: 'near', offIn: -Math.max(...wide) - widthIn / 2 },
    { face: 'end', offIn: Math.max(Math.min(...long) - stick.cutLengthIn, -Math.max(...long)) },
  ]
  return faces.reduce((most, each) => (each.offIn > most.offIn + SAME_IN ? each : most))
}

/** What has one name in the joins: a stick, or the plies of a post, of a beam, of a rafter, the boards of a row. */
type Named = ReadonlyMap<string, readonly Body[]>

function namedBodies(sticks: readonly Stick[]): Named {
  const named = new Map<string, Body[]>()
  for (const stick of sticks) {
    const body = bodyOf(stick)
    addUnder(named, stick.id, body)
    // A packer is named by the post that it is in, and is none of its plies.
    if (stick.of !== null && stick.of !== stick.id && (stick.kind !== 'blocking' || stick.of.endsWith('-cleats')))
      addUnder(named, stick.of, body)
  }
  return named
}

/** How far past the ends of a stick a place along it lies, inches. */
const pastIn = ({ cutLengthIn }: Stick, alongIn: number): number => Math.max(-alongIn, alongIn - cutLengthIn, 0)

/** The marks of a join on what it lies on: on all of it that is touched there, or on what is nearest. */
function marksOn(met: readonly Body[], join: Join, place: Vector | null, from: readonly Vector[]) {
  const { stick: meets, kind, upIn } = join
  const there = met
    .map((body) => {
      const { stick, along } = body
      const onPost = (isOfPost(stick) && upIn !== null) || !place
      const alongIn = onPost ? (upIn ?? 0) - stick.at.from[2] : dot(minus(place, stick.at.from), along)
      return { body, alongIn, pastIn: pastIn(stick, alongIn) }
    })
    .sort((one, other) => one.pastIn - other.pastIn)
    .filter((each, i) => i === 0 || each.pastIn < PAST_IN)
    .map((each) => ({ ...each, off: place ? offFace(each.body, from) : { offIn: 0, face: null } }))
  const on = there.filter(({ off }) => off.offIn < TOUCH_IN)
  const nearest = there.reduce<typeof there>((best, each) => {
    const [first] = best
    return first && first.off.offIn <= each.off.offIn ? best : [each]
  }, [])
  return (on.length > 0 ? on : nearest).map(({ body, alongIn, off }) => {
    const { id, kind: of, cutLengthIn } = body.stick
    // What lies on a tail stands before or past the truss, as its maker counts it.
    const atIn = of === 'truss' ? alongIn : Math.min(cutLengthIn, Math.max(0, alongIn))
    const mark: StickMark = { meets, kind, atIn, face: off.face }
    return { id, mark, body }
  })
}

/** Plies that are nailed together before they are put up: each is marked where one of them is. */
const MADE_UP: readonly Stick['kind'][] = ['rafter', 'carrier', 'header', 'ledger']

/** What of a made-up beam lies at a place of one of its boards, that board first. */
function pliesAt(own: Body, named: Named, place: Vector): readonly (readonly [Body, number])[] {
  const { kind, of, id } = own.stick
  const along = (body: Body) => dot(minus(place, body.stick.at.from), body.along)
  const others = MADE_UP.includes(kind) && of !== null ? (named.get(of) ?? []) : []
  return [own, ...others.filter(({ stick }) => stick.id !== id)]
    .map((body) => [body, along(body)] as const)
    .filter(([body, alongIn]) => body === own || pastIn(body.stick, alongIn) < SAME_IN)
}

/** The middle of the places of some plies: what they make together is marked there. */
const middleOf = (places: readonly Vector[]): Vector | null =>
  places.length === 0
    ? null
    : times(
        places.reduce((sum, place) => plus(sum, place)),
        1 / places.length,
      )

/**
 * The marks of every stick, by its id: each join is one on all that meet in it, from the first end of each. What only
 * lists count (nails between plies, bolts of a collar) marks nothing.
 */
export function stickMarks({
  sticks,
  joins,
}: Pick<Sticks, 'sticks' | 'joins'>): ReadonlyMap<string, readonly StickMark[]> {
  const named = namedBodies(sticks)
  const marks = new Map<string, StickMark[]>()
  for (const join of joins) {
    if (join.stick === join.to) continue
    const own = named.get(join.stick)?.[0]
    const plies = own ? pliesAt(own, named, placeOf(own, join.atIn)) : []
    const place = middleOf(plies.map(([ply, alongIn]) => placeOf(ply, alongIn)))
    const on = marksOn(
      named.get(join.to) ?? [],
      join,
      place,
      plies.flatMap(([{ corners }]) => corners),
    )
    for (const { id, mark } of on) addUnder(marks, id, mark)
    const corners = on.flatMap(({ body }) => body.corners)
    const face = own && corners.length > 0 ? offFace(own, corners).face : null
    for (const [{ stick }, alongIn] of plies)
      addUnder(marks, stick.id, { meets: join.to, kind: join.kind, atIn: alongIn, face })
  }
  for (const own of marks.values()) own.sort((one, other) => one.atIn - other.atIn)
  return marks
}
