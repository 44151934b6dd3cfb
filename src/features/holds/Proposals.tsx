'use client'
import { CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { CheckSummary } from '@/formats/words/checks'
import { type Issue, shownRatio } from '@/core/result'
import type { ShownDerived, ShownProposal, ShownReport } from '@/formats/shown'
import { formatLength, IN_PER_FT } from '@/core/units'
import { FailSign, HoldSign } from '@/ui'
import { dollars } from './FixTable'

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

/** What stands over a proposal: the nearest to the preferred bay, the cheapest, or only its number. */
function headOf(proposal: ShownProposal, i: number, all: readonly ShownProposal[]): string {
  const cheapest = Math.min(...all.map((proposal) => proposal.cost))
  if (i === 0) return proposal.preferred ? `cheapest at ${formatLength(proposal.bayIn)} bays` : 'cheapest that holds'
  return all[0].preferred && proposal.cost === cheapest ? 'cheapest of all' : `number ${i + 1}`
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
