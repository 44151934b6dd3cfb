import { named, type PostName } from '../layout'
import type { Job } from '../model'
import { addUnder, entryOf, firstOf } from '../result'
import { buyingOf, type Column, type ColumnCard, columnCard } from '../sticks'
import { toSixteenths } from '../units'
import type { Measured, PostAsBuilt } from './readings'

/** A post of a kind of column: what it is cut to as it stands, from its own foot. */
interface OfKind extends PostName {
  readonly seatIn: number
  readonly lengthIn: number
  readonly measured: boolean
}

/** Columns that are built alike: one card, and the lengths of each where their feet were read. */
export interface ColumnGroup {
  readonly card: ColumnCard
  readonly posts: readonly OfKind[]
  /** Whether all of them have the card's lengths. */
  readonly alike: boolean
}

/** What a column is above the grade line, to the sixteenth: those with the same are built alike. */
function shapeOf({ bears, seatUpIn, plies, pocketPlies, notches, trussNotch, bolts, block }: Column): string {
  const marks = (...inches: readonly number[]) => inches.map(toSixteenths).join(' ')
  return [
    bears,
    marks(seatUpIn),
    // Posts on the two slopes of a gable are each other's mirror: turned about they are the same.
    plies
      .map((ply) => marks(ply.topUpIn, Math.abs(ply.fallsIn)))
      .sort()
      .join(','),
    pocketPlies.join(','),
    notches.map((notch) => `${notch.face} ${marks(notch.fromUpIn, notch.toUpIn, notch.depthIn)}`).join(','),
    trussNotch ? marks(trussNotch.fromUpIn, trussNotch.depthIn) : '',
    bolts.map((bolt) => marks(bolt.aboveSeatIn)).join(','),
    block ? marks(block.lengthIn) : '',
  ].join('|')
}

/**
 * The columns of a job by kind: alike above the grade line and planned to one depth. Readings make the lengths of their
 * posts differ, not their kind.
 */
export function columnGroups(
  job: Job,
  columns: Readonly<Record<string, Column>>,
  { asBuilt }: Pick<Measured, 'asBuilt'>,
  plannedFootIn: (id: string) => number,
): readonly ColumnGroup[] {
  const groups = new Map<string, PostAsBuilt[]>()
  for (const built of asBuilt) {
    const key = `${shapeOf(entryOf(columns, built.id))}|${toSixteenths(plannedFootIn(built.id))}`
    addUnder(groups, key, built)
  }
  const buying = buyingOf(job)
  return [...groups.values()].map((own) => {
    const first = firstOf(own)
    const card = columnCard(job.building, entryOf(columns, first.id), first.footToGradeIn, {
      posts: own.map(named),
      buying,
    })
    const alike = own.every((built) => toSixteenths(built.needIn) === toSixteenths(first.needIn))
    return {
      card,
      alike,
      posts: own.map(({ id, name, seatIn, needIn, measured }) => ({ id, name, seatIn, lengthIn: needIn, measured })),
    }
  })
}
