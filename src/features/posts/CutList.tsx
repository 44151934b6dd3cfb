'use client'
import { named } from '@/core/layout'
import { counted, dollars, fixed, IN_PER_FT } from '@/core/units'
import { buildCard, countLengths, type CutDemand } from '@/core/columns'
import { STOCK_IN, priceBook } from '@/core/quantities'
import type { BoardName } from '@/core/model'
import { KERF_IN } from '@/core/pocket/sticks'
import { postSize } from '@/core/wood'
import { Measure } from '@/ui'
import { useMeasured } from '../field'
import { Awaited, useAnswer, useDoc } from '../job'

/** Every ply of every column and the cheapest boards to cut them from. */
export function CutList() {
  const { job, derived } = useDoc()
  const { asBuilt } = useMeasured(job, derived)
  const building = job.building
  const size = postSize(building.post)
  const prices = priceBook(job.sizing.prices)
  const pieces = asBuilt
    .filter((built) => !built.locked)
    .flatMap((built) => {
      const post = derived.posts.find((post) => post.id === built.id)
      return post
        ? buildCard(building, post, built.footToGradeIn, [named(built)]).plies.flatMap((ply) => ply.pieces)
        : []
    })
  const groups = [
    { name: 'treated', list: pieces.filter((piece) => piece.treated) },
    { name: 'dry', list: pieces.filter((piece) => !piece.treated) },
  ].filter((group) => group.list.length > 0)
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <p className="note">
        {pieces.length} {size.wood === 'laminated' ? 'plies' : 'posts'} of columns not yet cut, an eighth lost at each
        cut. Lengths follow the newest readings.
      </p>
      {size.wood === 'laminated' ? (
        groups.map((group) => (
          <Cuts
            key={group.name}
            name={`2×${size.nominal} ${building.post.lumber}, ${group.name}`}
            demands={countLengths(group.list.map((piece) => piece.lengthIn))}
            perFoot={prices.board(`2x${size.nominal}` as BoardName, building.post.lumber, group.name === 'treated')}
          />
        ))
      ) : (
        <table className="tb" style={{ maxWidth: 520 }}>
          <thead>
            <tr>
              <th>{size.label}: order to length, trim on site</th>
              <th className="n">pieces</th>
            </tr>
          </thead>
          <tbody>
            {countLengths(pieces.map((piece) => piece.lengthIn)).map((length) => (
              <tr key={length.lengthIn}>
                <td>
                  <Measure inches={length.lengthIn} />
                </td>
                <td className="n">{length.count}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  )
}

/** How good a plan is known to be. */
function provedWords({ proved, solverAbsent }: { readonly proved: boolean; readonly solverAbsent: boolean }): string {
  if (proved) return 'Proved cheapest by the solver.'
  const absent = 'The solver could not be loaded, and is asked for again by the next change: '
  return solverAbsent ? `${absent}a good plan, not proved cheapest.` : 'A good plan, not proved cheapest.'
}

function Cuts({
  name,
  demands,
  perFoot,
}: {
  readonly name: string
  readonly demands: readonly CutDemand[]
  readonly perFoot: number
}) {
  const stock = STOCK_IN.map((lengthIn) => ({
    lengthIn,
    price: Math.round((lengthIn / IN_PER_FT) * perFoot * 100) / 100,
  }))
  const told = useAnswer('cuts', { demands, stock, kerfIn: KERF_IN }, JSON.stringify([demands, perFoot]))
  const plan = told.fresh ? told.value : null
  return (
    <section className="mb-3" aria-label={name}>
      <h3>{name}</h3>
      <Awaited answer={told} saying="Finding the cheapest boards…" />
      {told.fresh && !plan && (
        <div className="caution" role="alert">
          A piece is longer than 24′: spliced plies, or a finger-jointed order.
        </div>
      )}
      {plan && (
        <>
          <p className="note">
            {counted(plan.count, 'board')}, {dollars(plan.price)}; {fixed(plan.wastePct, 1)} % offcut.{' '}
            {provedWords(plan)} No plan costs under {dollars(plan.priceBound)}, and none does with fewer than{' '}
            {counted(plan.lowerBound, 'board')}.
          </p>
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
                    {board.pattern.takes.flatMap((take, k) =>
                      take
                        ? [
                            <span key={k} className="me-3">
                              {take > 1 ? `${take} × ` : ''}
                              <Measure inches={demands[k].lengthIn} />
                            </span>,
                          ]
                        : [],
                    )}
                  </td>
                  <td className="n">
                    <Measure inches={board.pattern.offcutIn} feet={false} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </section>
  )
}
