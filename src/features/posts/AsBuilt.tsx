'use client'
import { footDifferences, girtFromGap, plannedFootIn } from '@/core/field'
import { POST_STATES, type PostState } from '@/core/field'
import { FailSign, Measure, OptionalLengthField } from '@/ui'
import { Note, useSize, Wax } from '../drawing'
import { useLog, useMeasured } from '../field'
import { useDoc, useJob } from '../job'

/** Play left at each end of a girt set between posts, inches in all. */
const PLAY_IN = 1 / 8

/** Plan against as-built along the picked post's row: feet as planned and as read, states, locked sticks, girts from measured gaps. */
export function AsBuilt() {
  const { job, derived: d } = useDoc()
  const picked = useJob((s) => s.picked.post)
  const pick = useJob((s) => s.pick)
  const state = useLog((s) => s.state)
  const add = useLog((s) => s.add)
  const { asBuilt, rows } = useMeasured(job, d)
  const [ref, size] = useSize<SVGSVGElement>()
  const row = rows.find((r) => r.includes(picked ?? '')) ?? rows[0]
  const own = row.flatMap((id) => {
    const p = asBuilt.find((q) => q.id === id)
    return p ? [p] : []
  })
  const embed = (id: string) => {
    const p = d.posts.find((q) => q.id === id)
    return p ? plannedFootIn(job, d.holes, p.kind) : 0
  }
  const diffs = footDifferences(own, embed)
  const most = Math.max(6, ...diffs.map((q) => Math.abs(q.byIn ?? 0)))
  const W = size.width || 780
  const X = (i: number) => 40 + (i * (W - 80)) / Math.max(1, row.length - 1)
  const mid = 92
  const postOf = (id: string) => d.posts.find((p) => p.id === id)
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <p className="note">
        Row of {row[0]} to {row[row.length - 1]}: feet as read against the plan, drawn large. Pick a post of another row
        to see that one.
      </p>
      <svg ref={ref} width="100%" height={190} role="img" aria-label="Feet as built against the plan">
        <Wax x1={20} y1={mid} x2={W - 20} y2={mid} color="var(--galv-4)" width={3} />
        {diffs.map((q, i) =>
          q.byIn === null ? (
            <Note key={q.id} x={X(i)} y={mid + 42} size={12} anchor="middle" fill="var(--ink-3)">
              not read
            </Note>
          ) : (
            <g key={q.id}>
              <line x1={X(i)} x2={X(i)} y1={mid} y2={mid - (q.byIn / most) * 56} stroke="var(--burr)" strokeWidth={7} />
              <foreignObject
                x={X(i) - 44}
                y={q.byIn >= 0 ? mid - (q.byIn / most) * 56 - 24 : mid - (q.byIn / most) * 56 + 4}
                width={88}
                height={22}
              >
                <div style={{ textAlign: 'center', fontWeight: 650, fontSize: 13 }}>
                  {q.byIn >= 0 ? '+' : ''}
                  <Measure inches={q.byIn} feet={false} />
                </div>
              </foreignObject>
            </g>
          ),
        )}
        {row.map((id, i) => (
          <g key={id} onClick={() => pick({ post: id })} style={{ cursor: 'pointer' }}>
            <rect
              x={X(i) - 16}
              y={166}
              width={32}
              height={20}
              rx={2}
              fill={id === picked ? 'var(--burr)' : 'var(--ink)'}
            />
            <Note x={X(i)} y={181} size={13} weight={700} anchor="middle" fill="#fff">
              {id}
            </Note>
          </g>
        ))}
        <Note x={W - 22} y={mid - 8} size={12} anchor="end" fill="var(--ink-2)">
          plan
        </Note>
      </svg>
      <table className="tb mt-2" aria-label="As built">
        <thead>
          <tr>
            <th>post</th>
            <th>state</th>
            <th className="n">needs</th>
            <th className="n">cut at</th>
            <th>fits</th>
            <th className="n">gap to the next</th>
            <th className="n">girt between</th>
          </tr>
        </thead>
        <tbody>
          {own.map((p, i) => {
            const next = own[i + 1]
            const [a, z] = [postOf(p.id), next && postOf(next.id)]
            const planned =
              a && z
                ? Math.max(
                    0,
                    Math.hypot(z.x - a.x, z.y - a.y) -
                      (Math.abs(z.x - a.x) > Math.abs(z.y - a.y) ? (a.sizeX + z.sizeX) / 2 : (a.sizeY + z.sizeY) / 2),
                  )
                : 0
            const girt = next ? girtFromGap(state, p.id, next.id, planned, PLAY_IN) : null
            const gap = next
              ? (state.gaps.filter((g) => g.body.from === p.id && g.body.to === next.id).at(-1)?.body.gapIn ?? null)
              : null
            return (
              <tr
                key={p.id}
                className={p.id === picked ? 'sel' : p.fit?.kind === 'short' ? 'warn' : 'pick'}
                onClick={() => pick({ post: p.id })}
              >
                <td>
                  <b>{p.id}</b>
                </td>
                <td>
                  <select
                    className="form-select form-select-sm"
                    style={{ height: 24, padding: '0 22px 0 6px', fontSize: 13 }}
                    aria-label={`state of ${p.id}`}
                    value={p.state}
                    onChange={(e) => add({ kind: 'state', post: p.id, state: e.target.value as PostState })}
                  >
                    {POST_STATES.map((s) => (
                      <option key={s}>{s}</option>
                    ))}
                  </select>
                </td>
                <td className="n">
                  <Measure inches={p.needIn} />
                </td>
                <td className="n">{p.cutIn === null ? '–' : <Measure inches={p.cutIn} />}</td>
                <td style={{ whiteSpace: 'normal' }}>
                  {p.fit ? (
                    <>
                      {p.fit.kind !== 'fits' && (
                        <span className="d-inline-block me-1">
                          <FailSign size={12} />
                        </span>
                      )}
                      {p.fit.say}
                    </>
                  ) : p.measured ? (
                    'not cut'
                  ) : job.building.school === 'pier' ? (
                    'bracket not read'
                  ) : (
                    'pad not read'
                  )}
                </td>
                <td className="n">
                  {next && (
                    <OptionalLengthField
                      bare
                      label="gap"
                      ariaLabel={`gap from ${p.id} to ${next.id}`}
                      feet={false}
                      value={gap}
                      onChange={(v) => {
                        if (v !== null && v > 0 && v < 480) add({ kind: 'gap', from: p.id, to: next.id, gapIn: v })
                        return []
                      }}
                    />
                  )}
                </td>
                <td className="n">
                  {girt && (
                    <>
                      <Measure inches={girt.lengthIn} />
                      {girt.measured ? '' : ' plan'}
                    </>
                  )}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="note mt-1">
        A girt between posts is the measured gap less <Measure inches={PLAY_IN} feet={false} /> of play, rounded down.
      </p>
    </div>
  )
}
