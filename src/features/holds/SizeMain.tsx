'use client'
import { CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import { BOARD_SIZES, type Job, merge3, POST_SECTIONS, type Sizing } from '@/core/model'
import { type Issue, shownRatio } from '@/core/result'
import { partWords, type SizingReport, type Proposal } from '@/core/sizing'
import { formatLength, IN_PER_FT } from '@/core/units'
import { postSize } from '@/core/wood'
import { FailSign, HoldSign, LengthField, OptionalLengthField, ToggleField } from '@/ui'
import { sortChecks, useDoc, useRun } from '../job'
import { dollars } from './FixTable'
import type { ShownDerived, CheckSummary } from '../../core/derive'

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
const flip = <T extends string>(list: readonly T[], value: T): T[] =>
  list.includes(value) ? list.filter((each) => each !== value) : [...list, value]

/** What the yard has of one kind of thing: pressed is on its list. */
function YardList<T extends string>({
  of,
  choices,
  on,
  onFlip,
}: {
  readonly of: string
  readonly choices: readonly (readonly [T, string])[]
  readonly on: readonly T[]
  readonly onFlip: (list: T[]) => void
}) {
  return (
    <>
      <p className="note mb-1">{of} on the yard’s list:</p>
      <div className="d-flex flex-wrap gap-1 mb-2">
        {choices.map(([key, name]) => (
          <button
            key={key}
            type="button"
            className="btn btn-light btn-sm"
            aria-pressed={on.includes(key)}
            style={on.includes(key) ? { background: 'var(--burr-wash)', borderColor: 'var(--burr)' } : undefined}
            onClick={() => onFlip(flip(on, key))}
          >
            {name}
          </button>
        ))}
      </div>
    </>
  )
}

/** What stands over a proposal: the nearest to the preferred bay, the cheapest, or only its number. */
function headOf(proposal: Proposal, i: number, all: readonly Proposal[]): string {
  const cheapest = Math.min(...all.map((proposal) => proposal.cost))
  if (i === 0) return proposal.preferred ? `cheapest at ${formatLength(proposal.bayIn)} bays` : 'cheapest that holds'
  return all[0].preferred && proposal.cost === cheapest ? 'cheapest of all' : `number ${i + 1}`
}

/** Cost against bay spacing. */
function BayCostChart({ value }: { readonly value: SizingReport }) {
  return (
    <figure className="mt-3" aria-label="Cost against bay spacing">
      <figcaption className="note">Cost against bay spacing, cheapest of each</figcaption>
      <ResponsiveContainer width="100%" height={170}>
        <LineChart
          data={value.byBays.map((byBay) => ({ bay: byBay.bayIn / IN_PER_FT, cost: Math.round(byBay.cost) }))}
          margin={{ left: 8, right: 20, top: 8 }}
        >
          <CartesianGrid stroke="var(--galv-2)" />
          <XAxis
            dataKey="bay"
            type="number"
            domain={['dataMin - 0.3', 'dataMax + 0.3']}
            unit="′"
            tickFormatter={(value: number) => value.toFixed(1)}
          />
          <YAxis
            domain={['auto', 'auto']}
            tickFormatter={(value: number) => `$${value.toLocaleString('en-US')}`}
            width={70}
          />
          <Tooltip
            formatter={(valueType) => dollars(Number(valueType))}
            labelFormatter={(value) => `${Number(value).toFixed(2)}′ bays`}
          />
          <Line
            dataKey="cost"
            stroke="#10272B"
            strokeWidth={2.4}
            dot={{ r: 4, fill: '#10272B' }}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
    </figure>
  )
}

/** The proposals side by side with what is drawn. */
function ProposalTable({
  value,
  derived,
  drawn,
  tightest,
  take,
}: {
  readonly value: SizingReport
  readonly derived: ShownDerived
  readonly drawn: readonly (readonly [string, string])[]
  readonly tightest: CheckSummary
  readonly take: (proposal: Proposal) => readonly Issue[]
}) {
  return (
    <table className="tb" aria-label="Proposals">
      <thead>
        <tr>
          <th />
          <th>as drawn</th>
          {value.proposals.map((proposal, i) => (
            <th key={proposal.key}>{headOf(proposal, i, value.proposals)}</th>
          ))}
        </tr>
      </thead>
      <tbody>
        <tr>
          <td>Bays</td>
          <td>
            {derived.grid.baysIn.length} @ {formatLength(derived.grid.baysIn[0])}
          </td>
          {value.proposals.map((proposal) => (
            <td key={proposal.key}>
              <b>
                {proposal.bays} @ {formatLength(proposal.bayIn)}
              </b>
            </td>
          ))}
        </tr>
        {[...new Set(value.proposals.flatMap((proposal) => proposal.words.map((word) => word[0])))].map((part) => (
          <tr key={part}>
            <td>{part[0].toUpperCase() + part.slice(1)}</td>
            <td style={{ whiteSpace: 'normal' }}>{drawn.find((pair) => pair[0] === part)?.[1] ?? '–'}</td>
            {value.proposals.map((proposal) => (
              <td key={proposal.key} style={{ whiteSpace: 'normal' }}>
                {proposal.words.find((word) => word[0] === part)?.[1] ?? '–'}
              </td>
            ))}
          </tr>
        ))}
        <tr>
          <td>Cost by the price list</td>
          <td>
            <b>{dollars(derived.takeoff.totalCost)}</b>
          </td>
          {value.proposals.map((proposal) => (
            <td key={proposal.key}>
              <b>{dollars(proposal.cost)}</b>
            </td>
          ))}
        </tr>
        <tr>
          <td>Boards</td>
          <td>{derived.takeoff.boards}</td>
          {value.proposals.map((proposal) => (
            <td key={proposal.key}>{proposal.boards}</td>
          ))}
        </tr>
        <tr>
          <td>Heaviest stick, wet</td>
          <td>
            {Math.round(derived.takeoff.heaviestLb)} lb, {derived.takeoff.heaviest}
          </td>
          {value.proposals.map((proposal) => (
            <td key={proposal.key}>
              {Math.round(proposal.heaviestLb)} lb, {proposal.heaviest}
            </td>
          ))}
        </tr>
        <tr>
          <td>Tightest check</td>
          <td style={{ whiteSpace: 'normal' }}>
            {tightest && tightest.state !== 'not-checked' ? `${shownRatio(tightest.ratio)} ${tightest.title}` : '–'}
          </td>
          {value.proposals.map((proposal) => (
            <td key={proposal.key} style={{ whiteSpace: 'normal' }}>
              {proposal.tightest ? `${shownRatio(proposal.tightest.ratio)} ${proposal.tightest.title}` : '–'}
            </td>
          ))}
        </tr>
        <tr>
          <td>Fails, not checked</td>
          <td>
            {derived.tally.fails}, {derived.tally.notChecked}
          </td>
          {value.proposals.map((proposal) => (
            <td key={proposal.key}>
              {proposal.fails ? (
                <>
                  <FailSign size={12} /> {proposal.fails}
                </>
              ) : (
                <>
                  <HoldSign size={12} /> 0
                </>
              )}
              , {proposal.notChecked}
            </td>
          ))}
        </tr>
        <tr>
          <td />
          <td />
          {value.proposals.map((proposal, i) => (
            <td key={proposal.key} style={{ height: 38 }}>
              <button
                type="button"
                className={i === 0 ? 'btn btn-primary btn-sm' : 'btn btn-light btn-sm'}
                onClick={() => take(proposal)}
              >
                Use this
              </button>
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  )
}

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
  readonly value: SizingReport | null
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
          {value.alternatives.toLocaleString('en-US')} complete alternatives covered by judging{' '}
          {value.partsJudged.toLocaleString('en-US')} choices of parts.
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
  readonly put: <K extends keyof Sizing>(
    key: K,
    label: string,
  ) => (value: Sizing[K], gesture?: string) => readonly Issue[]
  readonly job: Job
}) {
  return (
    <div style={{ flex: 1 }}>
      <p className="note mb-1">Leave as they are:</p>
      <div className="d-flex flex-wrap gap-1 mb-2">
        {LOCKS.map(([key, name]) => (
          <button
            key={key}
            type="button"
            className="btn btn-light btn-sm"
            aria-pressed={sizing.locked.includes(key)}
            style={sizing.locked.includes(key) ? { background: 'var(--ink)', color: '#fff' } : undefined}
            onClick={() => put('locked', `leave ${name}`)(flip(sizing.locked, key))}
          >
            {name}
          </button>
        ))}
      </div>
      <YardList
        of="Posts"
        choices={POST_SECTIONS.filter((section) => section !== 'glulam').map((section) => [
          section,
          postSize({ section: section }).label,
        ])}
        on={sizing.sections}
        onFlip={(value) => put('sections', 'posts on the list')(value)}
      />
      <YardList
        of="Boards"
        choices={BOARD_SIZES.map((size) => [size, size.replace('x', '×')])}
        on={sizing.boards}
        onFlip={(value) => put('boards', 'boards on the list')(value)}
      />
      <YardList
        of="Lumber"
        choices={[...LUMBERS, ...job.building.grades.map((grade) => grade.id)].map((text) => [text, text])}
        on={sizing.lumbers}
        onFlip={(value) => put('lumbers', 'lumber on the list')(value)}
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
  readonly put: <K extends keyof Sizing>(
    key: K,
    label: string,
  ) => (value: Sizing[K], gesture?: string) => readonly Issue[]
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
  const { job, derived, edit, done } = useDoc()
  const run = useRun('size')
  const sizing = job.sizing
  const put =
    <K extends keyof Sizing>(key: K, label: string) =>
    (value: Sizing[K], gesture?: string) =>
      edit(label, (job) => ({ ...job, sizing: { ...job.sizing, [key]: value } }), gesture && `sizing-${key}-${gesture}`)
  const value = run.value
  const drawn = partWords(job, new Set(derived.trusses.beams.map((beam) => beam.kind)))
  const [tightest] = sortChecks(derived.checks)
  // One proposal may follow another; whatever else was edited since the search stays, and is said.
  const taken = value?.proposals.some((proposal) => proposal.job.building === job.building) ?? false
  const later = run.asked !== null && (run.asked.site !== job.site || (run.asked.building !== job.building && !taken))
  const take = (proposal: Proposal) =>
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
