import { holeNeed, type HoleKind } from '../frame'
import type { Building, Job } from '../model'
import { bagsFor } from '../quantities'
import { type Column, columnHead, sawnOf, type Stick } from '../sticks'
import type { Derived } from './deriveJob'
import { FIELD_PLAN, type FieldColumn, type FieldHole, type FieldPiece, type FieldPlan } from './fieldForm'
import { jobSticks } from './jobSticks'
import { packPieces } from './packedPieces'

const columnOf = (building: Building, column: Column): FieldColumn => ({
  seatUpIn: column.seatUpIn,
  topUpIn: column.topUpIn,
  plies: column.plies.map(({ topUpIn }) => ({ topUpIn })),
  head: columnHead(building, column),
})
const holeOf = (
  { fieldwork }: Pick<Job, 'fieldwork'>,
  { kind, postIds, digIn, embedIn, volumes }: HoleKind,
): FieldHole => ({
  kind,
  postIds,
  digIn,
  embedIn,
  bags: bagsFor(volumes.concreteFt3, fieldwork.concrete.bagLb),
})
function pieceOf(stick: Stick): FieldPiece {
  const { id, name, kind, of, cutLengthIn, board, ends } = stick
  return {
    id,
    name,
    kind,
    of,
    cutLengthIn,
    board: { label: board.label, lumber: board.lumber, treated: board.treated },
    ends: [ends[0].cut, ends[1].cut],
    offSquareDeg: sawnOf(stick).offSquareDeg,
  }
}

/** What a phone is given of a job: the numbers of its posts, holes and pieces, from which readings are worked on. */
export function fieldPlan(job: Job, derived: Derived): FieldPlan {
  const { name, practice, building, levels, fieldwork, ground, buying } = job
  const needs = derived.posts.flatMap(({ id }) => {
    const need = holeNeed(derived, job, id)
    return need ? [[id, need] as const] : []
  })
  return {
    ...FIELD_PLAN,
    job: { name, practice, building, levels, fieldwork, ground, buying },
    derived: {
      grid: derived.grid,
      posts: derived.posts,
      poles: derived.poles,
      columns: Object.fromEntries(
        Object.entries(derived.columns).map(([id, column]) => [id, columnOf(building, column)]),
      ),
      holes: derived.holes.map((hole) => holeOf(job, hole)),
      needs: Object.fromEntries(needs),
      ground:
        derived.ground &&
        Object.fromEntries(Object.entries(derived.ground).map(([id, { groundIn }]) => [id, { groundIn }])),
      names: derived.names,
      omitted: derived.omitted,
      wallNames: derived.wallNames,
    },
    pieces: packPieces(jobSticks(job, derived).sticks.map(pieceOf)),
  }
}
