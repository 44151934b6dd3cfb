'use client'
import { fixed } from '@/core/units'
import { BOARD_SIZES, type Job, merge3, POST_SECTIONS, type Sizing } from '@/core/model'
import { partWords } from '@/core/sizing'
import { postSize } from '@/core/wood'
import { LengthField, OptionalLengthField, PickSome, ToggleField } from '@/ui'
import type { ShownDerived, ShownProposal, ShownReport } from '@/formats/shown'
import { type PutPart, sortChecks, useDoc, useJobPart, useRun } from '../job'
import { BayCostChart, ProposalTable } from './Proposals'

const LOCKS: readonly (readonly [Sizing['locked'][number], string])[] = [
  ['bays', 'bays'],
  ['post', 'posts'],
  ['hole', 'hole width'],
  ['girts', 'girts'],
  ['purlins', 'purlins'],
  ['carrier', 'carriers'],
  ['header', 'headers'],
  ['leanTo', 'lean-tos'],
  ['bracing', 'braces'],
]

const LUMBERS = [
  'SP-No.2',
  'SP-No.1',
  'SP-SS',
  'SPF-No.1/No.2',
  'SPF-1650f-1.5E',
  'SPF-2100f-1.8E',
  'DF-L-No.2',
  'HF-No.2',
] as const
/** Starting, stopping and following the search. */
function SearchBar({
  run,
  job,
  derived,
  value,
}: {
  readonly run: ReturnType<typeof useRun<'size'>>
  readonly job: Job
  readonly derived: ShownDerived
  readonly value: ShownReport | null
}) {
  return (
    <div className="d-flex align-items-center gap-3 my-3">
      {run.progress ? (
        <button type="button" className="btn btn-light" onClick={run.stop}>
          Stop
        </button>
      ) : (
        <button type="button" className="btn btn-primary" onClick={() => run.start(job)} disabled={!derived.site}>
          Size it for me
        </button>
      )}
      {run.progress && (
        <>
          <progress max={run.progress.of} value={run.progress.done} style={{ width: 220 }} aria-label="Search" />
          <span className="note">{run.progress.saying}</span>
        </>
      )}
      {!derived.site && <span className="note">Enter the site’s hazards first.</span>}
      {run.fault && (
        <span className="note" role="alert">
          The search stopped: {run.fault}. Nothing was changed.
        </span>
      )}
      {value && (
        <span className="note" role="status">
          {fixed(value.partsJudged)} choices of parts judged one by one; {fixed(value.wholesMade)} whole buildings made
          of them, {fixed(value.wholesJudged)} judged whole.
        </span>
      )}
    </div>
  )
}

/** What stays as it is, and what is on the yard's list. */
function ListsAndLocks({
  sizing,
  put,
  job,
}: {
  readonly sizing: Job['sizing']
  readonly put: PutPart<Sizing>
  readonly job: Job
}) {
  return (
    <div style={{ flex: 1 }}>
      <PickSome
        label="Leave as they are"
        choices={LOCKS}
        on={sizing.locked}
        onChange={(value) => put('locked', 'what is left as it is')(value)}
      />
      <PickSome
        label="Posts on the yard’s list"
        choices={POST_SECTIONS.filter((section) => section !== 'glulam').map((section) => [
          section,
          postSize({ section }).label,
        ])}
        on={sizing.sections}
        onChange={(value) => put('sections', 'posts on the list')(value)}
      />
      <PickSome
        label="Boards on the yard’s list"
        choices={BOARD_SIZES.map((size) => [size, size.replace('x', '×')])}
        on={sizing.boards}
        onChange={(value) => put('boards', 'boards on the list')(value)}
      />
      <PickSome
        label="Lumber on the yard’s list"
        choices={[...LUMBERS, ...job.building.grades.map((grade) => grade.id)].map((text) => [text, text])}
        on={sizing.lumbers}
        onChange={(value) => put('lumbers', 'lumber on the list')(value)}
      />
    </div>
  )
}

/** Bays that are tried, and one that is preferred. */
function BayLimits({
  sizing,
  put,
  done,
}: {
  readonly sizing: Job['sizing']
  readonly put: PutPart<Sizing>
  readonly done: () => void
}) {
  return (
    <div style={{ width: 250 }}>
      <LengthField
        label="Narrowest bay"
        name="bayMinIn"
        value={sizing.bayMinIn}
        onChange={put('bayMinIn', 'narrowest bay')}
        onDone={done}
      />
      <LengthField
        label="Widest bay"
        name="sizeBayMaxIn"
        value={sizing.bayMaxIn}
        onChange={put('bayMaxIn', 'widest bay')}
        onDone={done}
      />
      <OptionalLengthField
        label="Preferred bay"
        empty="none"
        value={sizing.preferBayIn}
        onChange={put('preferBayIn', 'preferred bay')}
        onDone={done}
      />
      <LengthField
        label="Widest girt space"
        feet={false}
        value={sizing.maxGapIn}
        onChange={put('maxGapIn', 'widest girt space')}
        onDone={done}
      />
      <ToggleField
        label="Same girts on all walls"
        value={sizing.sameGirts}
        onChange={(value) => put('sameGirts', 'same girts')(value)}
      />
    </div>
  )
}

/**
 * ‘Size it for me’: limits, a search with progress, and the best few side by side. One click takes one; undo brings the
 * old one back.
 */
export function SizeMain() {
  const { job, derived, edit } = useDoc()
  const { part: sizing, put, done } = useJobPart('sizing')
  const run = useRun('size')
  const value = run.value
  const drawn = partWords(job, new Set(derived.trusses.beams.map((beam) => beam.kind)))
  const [tightest] = sortChecks(derived.checks)
  // One proposal may follow another; whatever else was edited since the search stays, and is said.
  const taken = value?.proposals.some((proposal) => proposal.job.building === job.building) ?? false
  const later = run.asked !== null && (run.asked.site !== job.site || (run.asked.building !== job.building && !taken))
  const take = (proposal: ShownProposal) =>
    edit('sized for me', (job) => ({
      ...job,
      building:
        taken || !run.asked
          ? proposal.job.building
          : merge3(run.asked.building, proposal.job.building, job.building).merged,
    }))
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <div className="d-flex gap-4 align-items-start">
        <BayLimits sizing={sizing} put={put} done={done} />
        <ListsAndLocks sizing={sizing} put={put} job={job} />
      </div>
      <SearchBar run={run} job={job} derived={derived} value={value} />
      {value?.trouble && (
        <div className="caution" role="alert">
          <b>Nothing on the list holds.</b> {value.trouble}
        </div>
      )}
      {value && value.proposals.length > 0 && (
        <>
          {later && (
            <div className="caution mb-2" role="status">
              The building or its site has changed since this search. What you take keeps those edits but was not judged
              with them: search again.
            </div>
          )}
          <ProposalTable value={value} derived={derived} drawn={drawn} tightest={tightest} take={take} />
          {value.byBays.length > 1 && <BayCostChart value={value} />}
          <p className="note mt-2">{value.why}</p>
        </>
      )}
    </div>
  )
}
