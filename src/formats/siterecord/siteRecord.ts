import {
  type FieldRecord,
  type FieldState,
  INSPECTED_AT,
  type Inspection,
  INSPECTIONS,
  isPassed,
  type Measured,
  type PostAsBuilt,
  reached,
} from '@/core/field'
import type { Job } from '@/core/model'
import { counted } from '@/core/units'
import type { Block, CrewBook, Sheet } from '../crewbook'
import { inches, mark, ROWS, table } from '../crewbook/paper'
import type { ShownDerived } from '../shown'
import { chunk, plain } from '../plain'
import { dayText, INSPECTION_WORDS, recordText, rodAtSaid, sheetNote } from '../words'

interface RecordOf {
  readonly job: Job
  readonly derived: ShownDerived
  readonly state: FieldState
  readonly measured: Measured
  readonly date: string
  readonly revision: string
}

/** When something was entered, as papers have it. */
const whenOf = (at: string): string => plain(at.slice(0, 16).replace('T', ' '))

/** One sheet of an inspection: who signed what and when, and the posts that wait for it. */
function inspectionSheet(inspection: Inspection, { derived, state }: RecordOf): Sheet {
  const signed = state.signs.filter(({ body }) => body.inspection === inspection)
  const waiting = derived.posts.filter(
    ({ id }) => reached(state.states[id], INSPECTED_AT[inspection]) && !isPassed(state, id, inspection),
  )
  const names = (ids: readonly string[]) => ids.map((id) => derived.names[id] ?? id).join(', ')
  const rows = signed.map(({ at, who, body }) => [
    whenOf(at),
    plain(body.name),
    body.passed ? 'passed' : 'not passed',
    plain(names(body.posts)),
    plain(body.seen),
    plain(who),
  ])
  const still =
    waiting.length === 0
      ? 'No post waits for it.'
      : `Not passed yet: ${names(waiting.map(({ id }) => id))}. Looked at by ______________  on ______________`
  return {
    title: `Inspection: ${INSPECTION_WORDS[inspection]}`,
    sub: `${counted(signed.length, 'entry', 'entries')}; for the record of this job, the building department decides`,
    blocks: [
      ...(rows.length > 0 ? [table(['when', 'signed by', '', 'posts', 'seen', 'entered by'], rows, [], [2])] : []),
      { kind: 'text', text: plain(still), strong: true },
    ],
  }
}

/** Every post as it was built: its foot as planned and as read, what it was cut to, how far it came. */
function postSheets({ measured, state }: RecordOf): Sheet[] {
  const rodCell = ({ readingIn, rodAgain }: PostAsBuilt) => {
    if (readingIn !== null) return inches(readingIn)
    return rodAgain ? 'read again' : ''
  }
  const cut = ({ cutIn }: PostAsBuilt) => (cutIn === null ? '' : mark(cutIn))
  const rows = measured.asBuilt.map((built) => [
    built.name,
    rodCell(built),
    mark(built.footToGradeIn) + (built.measured ? '' : ' planned'),
    mark(built.needIn),
    cut(built),
    built.state,
    INSPECTIONS.filter((inspection) => isPassed(state, built.id, inspection)).join(', '),
  ])
  const told = measured.asBuilt.find(({ rodAt }) => rodAt !== null)
  return chunk(rows, ROWS).map((part) => ({
    title: 'Posts as built',
    sub: `${told ? rodAtSaid(told) : 'rod reading'}, foot to grade line, length as needed and as cut, state, inspections passed`,
    blocks: [table(['post', 'rod', 'foot to grade', 'needs', 'cut', 'state', 'passed'], part, [1, 2, 3, 4], [0])],
  }))
}

/** What a record was made with: the set-up it was read in, and the device. */
const fromOf = ({ body, device }: FieldRecord): string =>
  plain('setup' in body && body.setup !== null ? `${body.setup}, ${device}` : device)

const ENTRIES_A_SHEET = 34

/** Every value that was entered: what, by whom, when, and with what; taken back ones are marked. */
function entrySheets({ derived, state }: RecordOf): Sheet[] {
  const said = state.all.filter(({ body }) => body.kind !== 'void' && body.kind !== 'print')
  const rows = said.map((record) => [
    whenOf(record.at),
    plain(recordText(record.body, derived.names)) + (state.voided.has(record.id) ? ' (taken back)' : ''),
    plain(record.who || '-'),
    fromOf(record),
  ])
  return chunk(rows, ENTRIES_A_SHEET).map((part) => ({
    title: 'What was entered',
    sub: 'every value in its order: when, what, by whom, with what',
    blocks: [table(['when', 'what', 'who', 'from'], part, [])],
  }))
}

/** Steps that were taken out of order, each with its reason; empty where there were none. */
function overrideBlocks({ derived, state }: RecordOf): Block[] {
  const rows = Object.values(state.overrides).map(({ at, who, body }) => [
    whenOf(at),
    plain(derived.names[body.post] ?? body.post),
    body.state,
    plain(body.reason),
    plain(who || '-'),
  ])
  return rows.length === 0
    ? [{ kind: 'text', text: 'No step was taken out of order.' }]
    : [table(['when', 'post', 'step', 'reason', 'who'], rows, [])]
}

/** What came before the work: buried lines, who was here, what came short, steps out of order. */
function siteSheet(of: RecordOf): Sheet {
  const { state } = of
  const { lines } = state
  const here = state.here.map(({ body }) => [dayText(body.day), plain(body.names.join(', '))])
  const short = state.short.map(({ at, body }) => [whenOf(at), String(body.quantity), plain(body.item)])
  return {
    title: 'The site',
    sub: 'buried lines, who was here, what came short, steps out of order',
    blocks: [
      {
        kind: 'text',
        strong: true,
        text: lines
          ? plain(`Buried lines marked ${dayText(lines.body.marked)}, reference ${lines.body.reference}.`)
          : 'No marking of buried lines was entered.',
      },
      ...(here.length > 0 ? [table(['day', 'here'], here, [])] : []),
      ...(short.length > 0 ? [table(['when', 'short', 'of'], short, [1])] : []),
      ...overrideBlocks(of),
    ],
  }
}

/** The record of a job as it was built: its site, its posts, a sheet for each inspection, and every value that was entered. */
export function siteRecord(of: RecordOf): CrewBook {
  return {
    job: of.job.name,
    date: of.date,
    revision: of.revision,
    what: 'as-built record',
    note: sheetNote(of.derived, of.job),
    sheets: [
      siteSheet(of),
      ...postSheets(of),
      ...INSPECTIONS.map((inspection) => inspectionSheet(inspection, of)),
      ...entrySheets(of),
    ],
  }
}
