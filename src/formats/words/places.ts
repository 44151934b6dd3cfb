import type { Building, Side } from '@/core/model'
import type { Stick, StickKind } from '@/core/sticks'
import { OPENING, STICK_WORDS } from './labels'

export type WallNames = Readonly<Record<Side, string>>

/** A wall's name without the word: “North-east”. */
export const shortWall = (wallNames: WallNames, side: Side): string => wallNames[side].replace(' wall', '')

/** Which wall or lean-to a piece belongs to, by the names that people on the site use; empty for what has neither. */
export function placeWords({ part, side }: Stick['place'], wallNames: WallNames): string {
  if (part !== 'main') return `${shortWall(wallNames, part === 'lean-south' ? 'south' : 'north')} lean-to`
  return side === null ? '' : shortWall(wallNames, side as Side)
}

/** Pieces that lie in rows, whose names tell them apart; the other rows are there for the plan alone. */
const IN_ROWS: readonly StickKind[] = ['girt', 'purlin', 'batten']

/** What names the places of pieces: walls as people on the site call them, and the openings. */
export interface Places {
  readonly wallNames: WallNames
  readonly openings: Building['openings']
}

const openingOf = ({ row }: Stick['place'], { openings }: Places) => openings.find(({ id }) => id === row)

/** Where a piece belongs: its wall or lean-to, and its row, its opening or its bay. */
export function whereWords({ kind, place }: Pick<Stick, 'kind' | 'place'>, places: Places): string {
  const opening = openingOf(place, places)
  const words = [
    placeWords(place, places.wallNames).toLowerCase(),
    opening && (opening.name || OPENING[opening.kind]),
    IN_ROWS.includes(kind) && place.row,
    kind === 'brace' && `bay ${place.row}`,
  ]
  return words.filter(Boolean).join(', ')
}

/** What a piece is, and where. Blocks and cleats are of many kinds: their row says which. */
export function pieceWords(stick: Pick<Stick, 'kind' | 'place'>, places: Places): string {
  const { kind, place } = stick
  const isOwnKind = kind === 'blocking' && place.row !== null && !openingOf(place, places)
  return [isOwnKind ? place.row : STICK_WORDS[kind], whereWords(stick, places)].filter(Boolean).join(', ')
}
