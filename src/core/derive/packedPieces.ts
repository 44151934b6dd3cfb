import { item } from '../result'
import type { FieldPiece } from './fieldForm'

type Board = FieldPiece['board']
/** How both ends of a piece are sawn. */
type Sawn = Pick<FieldPiece, 'ends' | 'offSquareDeg'>

/** The pieces of a plan column by column; what repeats is said once, and named by its place. */
interface Columns {
  readonly boards: readonly Board[]
  readonly sawn: readonly Sawn[]
  readonly id: readonly string[]
  readonly name: readonly string[]
  readonly kind: readonly FieldPiece['kind'][]
  readonly of: readonly FieldPiece['of'][]
  readonly cutLengthIn: readonly number[]
  readonly board: readonly number[]
  readonly end: readonly number[]
}

/** Each different thing once, in order, and the place of each among them. */
function once<T>(all: readonly T[]): { readonly different: readonly T[]; readonly places: readonly number[] } {
  const at = new Map<string, number>()
  const different: T[] = []
  const places = all.map((each) => {
    const key = JSON.stringify(each)
    const known = at.get(key)
    if (known !== undefined) return known
    at.set(key, different.length)
    return different.push(each) - 1
  })
  return { different, places }
}

/**
 * The pieces of a plan as one text. A phone takes it as it comes and keeps it so; it is read where a page shows pieces.
 * Two thousand of them are a quarter of what they are one by one, and cost a slow phone nothing before its first page.
 */
export function packPieces(pieces: readonly FieldPiece[]): string {
  const boards = once(pieces.map(({ board }) => board))
  const sawn = once(pieces.map(({ ends, offSquareDeg }): Sawn => ({ ends, offSquareDeg })))
  const columns: Columns = {
    boards: boards.different,
    sawn: sawn.different,
    id: pieces.map(({ id }) => id),
    name: pieces.map(({ name }) => name),
    kind: pieces.map(({ kind }) => kind),
    of: pieces.map(({ of }) => of),
    cutLengthIn: pieces.map(({ cutLengthIn }) => cutLengthIn),
    board: boards.places,
    end: sawn.places,
  }
  return JSON.stringify(columns)
}

function unpacked(text: string): readonly FieldPiece[] {
  const columns = JSON.parse(text) as Columns
  const { boards, sawn, id, name, kind, of, cutLengthIn } = columns
  return id.map((own, i) => ({
    id: own,
    name: item(name, i),
    kind: item(kind, i),
    of: of[i] ?? null,
    cutLengthIn: item(cutLengthIn, i),
    board: item(boards, item(columns.board, i)),
    ...item(sawn, item(columns.end, i)),
  }))
}

/** What was read last: the pages of a job ask for the same pieces again and again. */
let last: { readonly text: string; readonly pieces: readonly FieldPiece[] } | null = null

/** The pieces of a plan; `text` is what `packPieces` made. */
export function readPieces(text: string): readonly FieldPiece[] {
  if (last?.text !== text) last = { text, pieces: unpacked(text) }
  return last.pieces
}
