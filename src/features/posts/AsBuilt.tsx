'use client'
import { type Difference, footDifferences, girtFromGap, plannedFootIn } from '@/core/field'
import { POST_STATES, type PostState } from '@/core/field'
import { FailSign, Measure, OptionalLengthField } from '@/ui'
import { Note, useSize, Wax } from '../drawing'
import { useLog, useMeasured } from '../field'
import { type Picked, useDoc, useJob } from '../job'
import type { RefObject } from 'react'

/** Play left at each end of a girt set between posts, inches in all. */
const PLAY_IN = 1 / 8

/** Feet as built against the plan. */
function FeetChart({
  ref,
  mid,
  width,
  diffs,
  xAt,
  most,
  row,
  pick,
  picked,
}: {
  readonly ref: RefObject<SVGSVGElement | null>
  readonly mid: 92
  readonly width: number
  readonly diffs: Difference[]
  readonly xAt: (i: number) => number
  readonly most: number
  readonly row: readonly string[]
  readonly pick: (partial: Partial<Picked>) => void
  readonly picked: string | null
}) {
  return (
    <svg ref={ref} width="100%" height={190} role="img" aria-label="Feet as built against the plan">
      <Wax x1={20} y1={mid} x2={width - 20} y2={mid} color="var(--galv-4)" width={3} />
      {diffs.map((diff, i) =>
        diff.byIn === null ? (
          <Note key={diff.id} x={xAt(i)} y={mid + 42} size={12} anchor="middle" fill="var(--ink-3)">
            not read
          </Note>
        ) : (
          <g key={diff.id}>
            <line
              x1={xAt(i)}
              x2={xAt(i)}
              y1={mid}
              y2={mid - (diff.byIn / most) * 56}
              stroke="var(--burr)"
              strokeWidth={7}
            />
            <foreignObject
              x={xAt(i) - 44}
              y={diff.byIn >= 0 ? mid - (diff.byIn / most) * 56 - 24 : mid - (diff.byIn / most) * 56 + 4}
              width={88}
              height={22}
            >
              <div style={{ textAlign: 'center', fontWeight: 650, fontSize: 13 }}>
                {diff.byIn >= 0 ? '+' : ''}
                <Measure inches={diff.byIn} feet={false} />
              </div>
            </foreignObject>
          </g>
        ),
      )}
      {row.map((id, i) => (
        <g key={id} onClick={() => pick({ post: id })} style={{ cursor: 'pointer' }}>
          <rect
            x={xAt(i) - 16}
            y={166}
            width={32}
            height={20}
            rx={2}
            fill={id === picked ? 'var(--burr)' : 'var(--ink)'}
          />
          <Note x={xAt(i)} y={181} size={13} weight={700} anchor="middle" fill="#fff">
            {id}
          </Note>
        </g>
      ))}
      <Note x={width - 22} y={mid - 8} size={12} anchor="end" fill="var(--ink-2)">
        plan
      </Note>
    </svg>
  )
}

/**
 * Plan against as-built along the picked post's row: feet as planned and as read, states, locked sticks, girts from
 * measured gaps.
 */
export function AsBuilt() {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked.post)
  const pick = useJob((state) => state.pick)
  const state = useLog((log) => log.state)
  const add = useLog((log) => log.add)
  const { asBuilt, rows } = useMeasured(job, derived)
  const [ref, size] = useSize<SVGSVGElement>()
  const row = rows.find((row) => row.includes(picked ?? '')) ?? rows[0]
  const own = row.flatMap((id) => {
    const built = asBuilt.find((built) => built.id === id)
    return built ? [built] : []
  })
  const embed = (id: string) => {
    const post = derived.posts.find((post) => post.id === id)
    return post ? plannedFootIn(job, derived.holes, post.kind) : 0
  }
  const diffs = footDifferences(own, embed)
  const most = Math.max(6, ...diffs.map((diff) => Math.abs(diff.byIn ?? 0)))
  const width = size.width || 780
  const xAt = (i: number) => 40 + (i * (width - 80)) / Math.max(1, row.length - 1)
  const mid = 92
  const postOf = (id: string) => derived.posts.find((post) => post.id === id)
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <p className="note">
        Row of {row[0]} to {row[row.length - 1]}: feet as read against the plan, drawn large. Pick a post of another row
        to see that one.
      </p>
      <FeetChart
        ref={ref}
        mid={mid}
        width={width}
        diffs={diffs}
        xAt={xAt}
        most={most}
        row={row}
        pick={pick}
        picked={picked}
      />
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
          {own.map((built, i) => {
            const next = own[i + 1]
            const [post, other] = [postOf(built.id), next && postOf(next.id)]
            const planned =
              post && other
                ? Math.max(
                    0,
                    Math.hypot(other.x - post.x, other.y - post.y) -
                      (Math.abs(other.x - post.x) > Math.abs(other.y - post.y)
                        ? (post.sizeX + other.sizeX) / 2
                        : (post.sizeY + other.sizeY) / 2),
                  )
                : 0
            const girt = next
              ? girtFromGap({ state, from: built.id, to: next.id, plannedIn: planned, playIn: PLAY_IN })
              : null
            const gap = next
              ? (state.gaps.filter((gap) => gap.body.from === built.id && gap.body.to === next.id).at(-1)?.body.gapIn ??
                null)
              : null
            const fitWords = () => {
              if (built.fit)
                return (
                  <>
                    {built.fit.kind !== 'fits' && (
                      <span className="d-inline-block me-1">
                        <FailSign size={12} />
                      </span>
                    )}
                    {built.fit.say}
                  </>
                )
              if (built.measured) return 'not cut'
              if (job.building.school === 'pier') return 'bracket not read'
              return 'pad not read'
            }
            const rowClass = () => {
              if (built.id === picked) return 'sel'
              if (built.fit?.kind === 'short') return 'warn'
              return 'pick'
            }
            return (
              <tr key={built.id} className={rowClass()} onClick={() => pick({ post: built.id })}>
                <td>
                  <b>{built.id}</b>
                </td>
                <td>
                  <select
                    className="form-select form-select-sm"
                    style={{ height: 24, padding: '0 22px 0 6px', fontSize: 13 }}
                    aria-label={`state of ${built.id}`}
                    value={built.state}
                    onChange={(event) => add({ kind: 'state', post: built.id, state: event.target.value as PostState })}
                  >
                    {POST_STATES.map((state) => (
                      <option key={state}>{state}</option>
                    ))}
                  </select>
                </td>
                <td className="n">
                  <Measure inches={built.needIn} />
                </td>
                <td className="n">{built.cutIn === null ? '–' : <Measure inches={built.cutIn} />}</td>
                <td style={{ whiteSpace: 'normal' }}>{fitWords()}</td>
                <td className="n">
                  {next && (
                    <OptionalLengthField
                      bare
                      label="gap"
                      ariaLabel={`gap from ${built.id} to ${next.id}`}
                      feet={false}
                      value={gap}
                      onChange={(value) => {
                        if (value !== null && value > 0 && value < 480)
                          add({ kind: 'gap', from: built.id, to: next.id, gapIn: value })
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
