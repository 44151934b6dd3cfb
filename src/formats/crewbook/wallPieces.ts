import { isEave } from '@/core/layout'
import type { Side } from '@/core/model'
import type { Stick, StickKind } from '@/core/sticks'
import { OPENING } from '../words'
import { mark, table } from './paper'
import type { SheetsOf } from './sheetsOf'
import type { Block } from './types'

/** What stands in a wall besides its girts. */
const BESIDE: readonly StickKind[] = ['skirt', 'buck', 'blocking', 'track board']

/** From and to along its wall, from the hook at the low corner, and up; of a piece that lies level or stands upright. */
function reachOf({ at, board, kind }: Stick, side: Side) {
  const axis = isEave(side) ? 0 : 1
  const [a, b] = [at.from[axis], at.to[axis]]
  const upright = kind === 'buck'
  const halfIn = upright ? 0 : (at.up[2] > 0.5 ? board.depthIn : board.widthIn) / 2
  return {
    fromIn: Math.min(a, b),
    toIn: Math.max(a, b),
    lowIn: Math.min(at.from[2], at.to[2]) - halfIn,
    highIn: Math.max(at.from[2], at.to[2]) + halfIn,
  }
}

/** Where a piece is, in the words of its kind. */
function whereWords(stick: Stick, side: Side, opening: string): string {
  const { fromIn, toIn, lowIn, highIn } = reachOf(stick, side)
  switch (stick.kind) {
    case 'skirt':
      return `${mark(fromIn)} to ${mark(toIn)}, top ${mark(highIn)}`
    case 'buck':
      return `${opening}, middle at ${mark(fromIn)}, from ${mark(lowIn)} up to ${mark(highIn)}`
    case 'track board':
      return `${mark(fromIn)} to ${mark(toIn)}, lower edge ${mark(lowIn)}`
    default:
      return `${opening}, ${mark(fromIn)} to ${mark(toIn)}, ${mark(lowIn)} up to ${mark(highIn)}`
  }
}

/** Skirts with their joints, bucks and blocks of openings, track boards of one wall: each with its length and its place. */
export function wallPieces({ job, sticks }: SheetsOf, side: Side): Block[] {
  const names = new Map(job.building.openings.map(({ id, name, kind }) => [id, name || OPENING[kind]]))
  const own = sticks.sticks.filter(
    ({ kind, place }) =>
      place.side === side &&
      place.part === 'main' &&
      BESIDE.includes(kind) &&
      (kind !== 'blocking' || names.has(place.row ?? '')),
  )
  if (own.length === 0) return []
  return [
    {
      kind: 'text',
      strong: true,
      text: 'Skirt, bucks, blocks and tracks: from the hook at the low corner, heights above the grade line',
    },
    table(
      ['piece', 'length', 'where'],
      own.map((stick) => [
        stick.name,
        mark(stick.cutLengthIn),
        whereWords(stick, side, names.get(stick.place.row ?? '') ?? ''),
      ]),
      [1],
      [1],
    ),
  ]
}
