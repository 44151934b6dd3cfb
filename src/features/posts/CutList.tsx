'use client'
import { Download, FileSpreadsheet, QrCode } from 'lucide-react'
import { type RefObject, useCallback, useEffect, useRef, useState } from 'react'
import { counted, dollars, fixed } from '@/core/units'
import { type CutPlan, type OffcutUse } from '@/core/columns'
import { sawingOf, toSaw } from '@/core/derive'
import { countedRecords } from '@/core/field'
import type { Job } from '@/core/model'
import { CUT_STAGES, type CutGroup, cutGroups, type CutStage, buyingOf } from '@/core/sticks'
import { type CutOf, cutXlsx, sawCsv } from '@/formats/cutfiles'
import { Measure } from '@/ui'
import { download, PaperNote, usePaper } from '../drawing'
import { useLog, useMeasured, usePieces } from '../field'
import { Awaited, publicAddress, useAnswer, useDoc, useJob, useStamp } from '../job'

const STAGE_NAMES: Readonly<Record<CutStage | 'all', string>> = {
  all: 'Whole job',
  posts: 'Posts',
  walls: 'Walls',
  beams: 'Carriers and ledgers',
  roof: 'Roof',
  bracing: 'Bracing',
}

/** Every board of the job, or of what is next, and the cheapest lengths to cut it from. */
export function CutList() {
  const { job, derived } = useDoc()
  const [stage, setStage] = useState<CutStage | 'all'>('all')
  const measured = useMeasured(job, derived)
  // What is cut is not sawn again; what no longer serves is.
  const { pieces: built } = usePieces(job, derived, measured)
  const wanted = toSaw(built, stage)
  const groups = cutGroups(wanted, buyingOf(job))
  const pieces = groups.reduce((sum, group) => sum + group.pieces.reduce((all, piece) => all + piece.count, 0), 0)
  /** The plans on this page, each as its table got it: what is taken along is what is seen. */
  const plans = useRef(new Map<string, Omit<CutOf, 'group'>>())
  const [planned, setPlanned] = useState<ReadonlySet<string>>(new Set())
  const tell = useCallback((key: string, fresh: boolean) => {
    setPlanned((before) => {
      if (before.has(key) === fresh) return before
      const next = new Set(before)
      if (fresh) next.add(key)
      else next.delete(key)
      return next
    })
  }, [])
  const done = groups.filter(({ key }) => planned.has(key)).length
  const cuts = (): CutOf[] =>
    groups.map((group) => ({ group, ...(plans.current.get(group.key) ?? { plan: null, lengthsIn: [], uses: [] }) }))
  const ordered = wanted.filter(({ board, kind }) => board.size === null && kind === 'post')
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <div className="d-flex flex-wrap align-items-center gap-2 mb-1">
        <label className="d-flex align-items-center gap-2 text-nowrap">
          Cut for
          <select
            className="form-select form-select-sm"
            value={stage}
            onChange={(event) => setStage(event.target.value as CutStage | 'all')}
          >
            {(['all', ...CUT_STAGES] as const).map((each) => (
              <option key={each} value={each}>
                {STAGE_NAMES[each]}
              </option>
            ))}
          </select>
        </label>
        <SawPapers stage={stage} />
        <CutFiles name={`${job.name} cut list, ${STAGE_NAMES[stage].toLowerCase()}`} cuts={cuts} />
      </div>
      <p className="note mb-2">
        {counted(pieces, 'piece')} not yet cut, of {counted(groups.length, 'board')}; an eighth lost at each cut,{' '}
        <Measure inches={job.buying.spareIn} feet={false} /> left at the ends of every board. Posts follow the newest
        readings.
      </p>
      {done < groups.length && (
        <div className="paper-note mb-2" role="status">
          <progress value={done} max={groups.length} aria-label="Boards whose cutting is planned" />
          <span>
            {done} of {counted(groups.length, 'board')} planned
          </span>
        </div>
      )}
      {ordered.length > 0 && (
        <p className="note">{counted(ordered.length, 'post')} of one piece: bought to length, trimmed on site.</p>
      )}
      {groups.map((group) => (
        <Cuts key={group.key} job={job} group={group} plans={plans} tell={tell} />
      ))}
    </div>
  )
}

/** How good a plan is known to be. */
function provedWords({ proved, solverAbsent }: { readonly proved: boolean; readonly solverAbsent: boolean }): string {
  if (proved) return 'Proved cheapest by the solver.'
  const absent = 'The solver could not be loaded, and is asked for again by the next change: '
  return solverAbsent ? `${absent}a good plan, not proved cheapest.` : 'A good plan, not proved cheapest.'
}

/** The cut list to take along: piece by piece as CSV, everything as a workbook. */
function CutFiles({ name, cuts }: { readonly name: string; readonly cuts: () => readonly CutOf[] }) {
  const { job, derived } = useDoc()
  const places = { wallNames: derived.wallNames, openings: job.building.openings }
  const [working, setWorking] = useState(false)
  const workbook = async () => {
    setWorking(true)
    try {
      const type = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'
      download(`${name}.xlsx`, type, await cutXlsx(cuts(), places))
    } finally {
      setWorking(false)
    }
  }
  return (
    <>
      <button
        type="button"
        className="btn btn-light btn-sm text-nowrap"
        disabled={working}
        onClick={() => void workbook()}
      >
        <FileSpreadsheet size={16} />
        Cut list as XLSX
      </button>
      <button
        type="button"
        className="btn btn-light btn-sm text-nowrap"
        onClick={() => download(`${name}.csv`, 'text/csv', sawCsv(cuts(), places))}
      >
        <FileSpreadsheet size={16} />
        Saw list as CSV
      </button>
    </>
  )
}

/** Papers of a stage that the server makes: what is cut from which board, and labels with codes for its pieces. */
function SawPapers({ stage }: { readonly stage: CutStage | 'all' }) {
  const { job } = useDoc()
  const id = useJob((state) => state.id)
  const stamp = useStamp()
  const records = countedRecords(useLog((log) => log.state))
  const { state, take, stop } = usePaper()
  const ask = (url: string, more: object, name: string) => {
    void take(url, { doc: job, ...stamp, stage, ...more }, `${job.name} ${name}`)
  }
  const working = state.kind === 'working'
  return (
    <>
      <button
        type="button"
        className="btn btn-light btn-sm text-nowrap"
        disabled={working}
        onClick={() => ask('/api/cut-list', { records }, 'cut list')}
      >
        <Download size={16} />
        Cut list as PDF
      </button>
      <button
        type="button"
        className="btn btn-light btn-sm text-nowrap"
        disabled={working || stage === 'posts'}
        onClick={() => ask('/api/piece-labels', { page: `${publicAddress()}/field/${id}` }, 'labels')}
      >
        <QrCode size={16} />
        Piece labels
      </button>
      <PaperNote state={state} onStop={stop} />
    </>
  )
}

function Cuts({
  job,
  group,
  plans,
  tell,
}: {
  readonly job: Job
  readonly group: CutGroup
  readonly tell: (key: string, fresh: boolean) => void
  readonly plans: RefObject<Map<string, Omit<CutOf, 'group'>>>
}) {
  const { request, uses, lengthsIn } = sawingOf(job, group)
  const told = useAnswer('cuts', request, JSON.stringify(request))
  const plan = told.fresh ? told.value : null
  const { fresh } = told
  useEffect(() => tell(group.key, fresh), [tell, group.key, fresh])
  useEffect(() => {
    plans.current.set(group.key, { plan, uses, lengthsIn })
  })
  return (
    <section className="mb-3" aria-label={group.label}>
      <h3>{group.label}</h3>
      <Awaited answer={told} saying="Finding the cheapest boards…" />
      {told.fresh && !plan && (
        <div className="caution" role="alert">
          A piece is longer than every board of the yard: spliced, or ordered special.
        </div>
      )}
      {uses.length > 0 && <FromOffcuts uses={uses} wanted={group.pieces.map(({ lengthIn }) => lengthIn)} />}
      {plan && (
        <>
          <p className="note">
            {counted(plan.count, 'board')}, {dollars(plan.price)}; {fixed(plan.wastePct, 1)} % offcut.{' '}
            {provedWords(plan)} No plan costs under {dollars(plan.priceBound)}, and none does with fewer than{' '}
            {counted(plan.lowerBound, 'board')}.
          </p>
          <BoardsTable plan={plan} lengthsIn={lengthsIn} />
        </>
      )}
    </section>
  )
}

/** What is cut from boards that lie there already. */
function FromOffcuts({ uses, wanted }: { readonly uses: readonly OffcutUse[]; readonly wanted: readonly number[] }) {
  return (
    <p className="note">
      First from what lies there:{' '}
      {uses.map((use, i) => (
        <span key={i} className="me-3">
          <Measure inches={use.lengthIn} /> into <Takes takes={use.takes} lengthsIn={wanted} />
        </span>
      ))}
    </p>
  )
}

function Takes({ takes, lengthsIn }: { readonly takes: readonly number[]; readonly lengthsIn: readonly number[] }) {
  return takes.flatMap((take, k) =>
    take
      ? [
          <span key={k} className="me-3 text-nowrap">
            {take > 1 ? `${take} × ` : ''}
            <Measure inches={lengthsIn[k]} />
          </span>,
        ]
      : [],
  )
}

function BoardsTable({ plan, lengthsIn }: { readonly plan: CutPlan; readonly lengthsIn: readonly number[] }) {
  return (
    <table className="tb">
      <thead>
        <tr>
          <th className="n">boards</th>
          <th className="n">stock</th>
          <th>cut into</th>
          <th className="n">left over</th>
        </tr>
      </thead>
      <tbody>
        {plan.boards.map((board, i) => (
          <tr key={i}>
            <td className="n">{board.count}</td>
            <td className="n">
              <Measure inches={board.pattern.stockIn} />
            </td>
            <td style={{ whiteSpace: 'normal' }}>
              <Takes takes={board.pattern.takes} lengthsIn={lengthsIn} />
            </td>
            <td className="n">
              <Measure inches={board.pattern.offcutIn} feet={false} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
