'use client'
import { dollars } from '@/core/units'
import type { CheckSummary } from '@/formats/words/checks'
import { merge3 } from '@/core/model'
import { shownRatio } from '@/core/result'
import { fails } from '@/core/rules/check'
import { LoadBar } from '@/ui'
import { Awaited, useAnswer, useDoc, useJob } from '../job'

/** A ratio, or that there is none because nothing stands. */
const ratioWords = (ratio: number | null): string => (ratio === null ? 'cannot stand' : shownRatio(ratio))

/**
 * Changes that would remedy a check, each judged on the whole building: those that hold first, cheapest first. One click
 * takes it; what was edited since it was judged stays.
 */
export function FixTable({ check }: { readonly check: CheckSummary }) {
  const { edit } = useDoc()
  const judged = useJob((state) => state.judged)
  const failing = fails(check)
  const wanted = failing || check.state === 'close'
  const told = useAnswer(
    'fixes',
    wanted ? { job: judged, checkId: check.id } : null,
    wanted ? `${check.id}|${check.ratio}` : null,
  )
  if (!wanted) return null
  if (!told.fresh || !told.value) return <Awaited answer={told} saying="Looking for the cheapest remedy…" />
  const { now, fixes } = told.value
  if (fixes.length === 0) return null
  const broken = (fix: (typeof fixes)[number]) => fix.fails - now.fails + (failing && !fails(fix) ? 1 : 0)
  return (
    <table className="tb mt-1" aria-label="What would fix it">
      <thead>
        <tr>
          <th>change</th>
          <th>to</th>
          <th className="n">cost</th>
          <th className="n">more</th>
          <th>load on it</th>
          <th className="n">ratio</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr className={failing ? 'warn' : undefined}>
          <td>
            <b>As drawn</b>
          </td>
          <td />
          <td className="n">{dollars(now.cost)}</td>
          <td className="n" />
          <td>
            <LoadBar ratio={now.ratio} width={88} height={13} />
          </td>
          <td className="n">{ratioWords(now.ratio)}</td>
          <td>{failing ? 'fails' : 'close'}</td>
        </tr>
        {fixes.map((fix) => (
          <tr key={fix.key}>
            <td>
              <b>{fix.label}</b>
            </td>
            <td>
              {fix.detail}
              {broken(fix) > 0 ? <div className="lab">but breaks {broken(fix)} other</div> : null}
            </td>
            <td className="n">{dollars(fix.cost)}</td>
            <td className="n">
              {fix.more >= 0 ? '+' : ''}
              {dollars(fix.more)}
            </td>
            <td>
              <LoadBar ratio={fix.ratio} width={88} height={13} />
            </td>
            <td className="n">{ratioWords(fix.ratio)}</td>
            <td style={{ whiteSpace: 'nowrap' }}>
              <button
                type="button"
                className={fix === fixes[0] && !fails(fix) ? 'btn btn-primary btn-sm' : 'btn btn-light btn-sm'}
                onClick={() =>
                  edit(`${fix.label.toLowerCase()}, ${fix.detail}`, (job) =>
                    told.asked ? merge3(told.asked.job, fix.job, job).merged : job,
                  )
                }
              >
                Use this
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
