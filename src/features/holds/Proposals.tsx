'use client'
import type { ReactNode } from 'react'
import { CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { CheckSummary } from '@/formats/words/checks'
import { type Issue, shownRatio } from '@/core/result'
import type { ShownDerived, ShownProposal, ShownReport } from '@/formats/shown'
import { dollars, feetAlone, fixed, IN_PER_FT } from '@/core/units'
import { FailSign, HoldSign, Length, Quantity, useWriter } from '@/ui'

/** Cost against bay spacing. */
export function BayCostChart({ value }: { readonly value: ShownReport }) {
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
            tickFormatter={(value: number) => fixed(value, 1)}
          />
          <YAxis domain={['auto', 'auto']} tickFormatter={(value: number) => dollars(value)} width={70} />
          <Tooltip
            formatter={(valueType) => dollars(Number(valueType))}
            labelFormatter={(value) => `${feetAlone(Number(value) * IN_PER_FT, 2)} bays`}
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

/** What stands over a proposal: the nearest to the preferred bay, the cheapest, or only its number. */
function headOf(proposal: ShownProposal, i: number, all: readonly ShownProposal[], bay: string): string {
  const cheapest = Math.min(...all.map((proposal) => proposal.cost))
  if (i === 0) return proposal.preferred ? `cheapest at ${bay} bays` : 'cheapest that holds'
  return all[0].preferred && proposal.cost === cheapest ? 'cheapest of all' : `number ${i + 1}`
}

/** One line of the comparison: what the drawn building says, and what each proposal says. */
interface ProposalLine {
  readonly name: string
  readonly drawn: ReactNode
  readonly of: (proposal: ShownProposal) => ReactNode
}

const tightestWords = (check: CheckSummary | null): string =>
  check && check.state !== 'not-checked'
    ? `${check.ratio === null ? 'cannot stand:' : shownRatio(check.ratio)} ${check.title}`
    : '–'

/** How many checks of a proposal fail, and how many were not done. */
function Failing({ proposal }: { readonly proposal: ShownProposal }) {
  return (
    <>
      {proposal.fails ? <FailSign size={12} /> : <HoldSign size={12} />} {proposal.fails}, {proposal.notChecked}
    </>
  )
}

/** The heaviest thing that is lifted: its weight and what it is. */
const Heaviest = ({ lb, name }: { readonly lb: number; readonly name: string }) => (
  <>
    <Quantity value={lb} kind="weightLb" />, {name}
  </>
)

/** What stands in the lines of the comparison, top to bottom. */
function linesOf(
  { proposals }: ShownReport,
  { grid, takeoff, tally }: ShownDerived,
  drawn: readonly (readonly [string, string])[],
  tightest: CheckSummary,
): ProposalLine[] {
  const said = (words: readonly (readonly [string, string])[], part: string) =>
    words.find(([name]) => name === part)?.[1] ?? '–'
  const parts = [...new Set(proposals.flatMap((proposal) => proposal.words.map(([part]) => part)))]
  return [
    {
      name: 'Bays',
      drawn: (
        <>
          {grid.baysIn.length} @ <Length inches={grid.baysIn[0]} />
        </>
      ),
      of: (proposal) => (
        <b>
          {proposal.bays} @ <Length inches={proposal.bayIn} />
        </b>
      ),
    },
    ...parts.map((part) => ({
      name: part[0].toUpperCase() + part.slice(1),
      drawn: said(drawn, part),
      of: (proposal: ShownProposal) => said(proposal.words, part),
    })),
    {
      name: 'Cost by the price list',
      drawn: <b>{dollars(takeoff.totalCost)}</b>,
      of: (proposal) => <b>{dollars(proposal.cost)}</b>,
    },
    { name: 'Boards', drawn: takeoff.boards, of: (proposal) => proposal.boards },
    {
      name: 'Heaviest stick, wet',
      drawn: <Heaviest lb={takeoff.heaviestLb} name={takeoff.heaviest} />,
      of: (proposal) => <Heaviest lb={proposal.heaviestLb} name={proposal.heaviest} />,
    },
    { name: 'Tightest check', drawn: tightestWords(tightest), of: (proposal) => tightestWords(proposal.tightest) },
    {
      name: 'Fails, not checked',
      drawn: `${tally.fails}, ${tally.notChecked}`,
      of: (proposal) => <Failing proposal={proposal} />,
    },
  ]
}

/** The proposals side by side with what is drawn. */
export function ProposalTable({
  value,
  derived,
  drawn,
  tightest,
  take,
}: {
  readonly value: ShownReport
  readonly derived: ShownDerived
  readonly drawn: readonly (readonly [string, string])[]
  readonly tightest: CheckSummary
  readonly take: (proposal: ShownProposal) => readonly Issue[]
}) {
  const { length } = useWriter()
  return (
    <table className="tb" aria-label="Proposals">
      <thead>
        <tr>
          <th />
          <th>as drawn</th>
          {value.proposals.map((proposal, i) => (
            <th key={proposal.key}>{headOf(proposal, i, value.proposals, length(proposal.bayIn))}</th>
          ))}
        </tr>
      </thead>
      <tbody>
        {linesOf(value, derived, drawn, tightest).map((line) => (
          <tr key={line.name}>
            <td>{line.name}</td>
            <td style={{ whiteSpace: 'normal' }}>{line.drawn}</td>
            {value.proposals.map((proposal) => (
              <td key={proposal.key} style={{ whiteSpace: 'normal' }}>
                {line.of(proposal)}
              </td>
            ))}
          </tr>
        ))}
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
