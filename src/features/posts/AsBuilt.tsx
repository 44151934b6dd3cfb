'use client'
import { type Difference, footDifferences, girtFromGap, plannedFootIn, plannedGapIn } from '@/core/field'
import type { PostAsBuilt } from '@/core/field'
import type { Post } from '@/core/layout'
import type { FoundationType } from '@/core/model'
import { unreadSaid } from '@/formats/words'
import { FailSign, Measure, OptionalLengthField, Segments } from '@/ui'
import { Note, useSize, Wax } from '../drawing'
import { useLog, useMeasured } from '../field'
import { useDoc, useJob, useView } from '../job'
import { PiecesBuilt } from './PiecesBuilt'
import { StateChoice } from './StateChoice'

/** Play left at each end of a girt set between posts, inches in all. */
const PLAY_IN = 1 / 8
/** Widest gap that is taken as measured, inches. */
const WIDEST_GAP_IN = 480
/** The plan's line in the drawing of feet, and the most that a difference stands off it, px. */
const PLAN_Y = 92
const MOST_OFF_PX = 56

/** How far one foot was read from its plan. */
function FootBar({ diff, x, mostIn }: { readonly diff: Difference; readonly x: number; readonly mostIn: number }) {
  if (diff.byIn === null)
    return (
      <Note x={x} y={PLAN_Y + 42} size={12} anchor="middle" fill="var(--ink-3)">
        {diff.again ? 'read again' : 'not read'}
      </Note>
    )
  const endY = PLAN_Y - (diff.byIn / mostIn) * MOST_OFF_PX
  return (
    <g>
      <line x1={x} x2={x} y1={PLAN_Y} y2={endY} stroke="var(--burr)" strokeWidth={7} />
      <foreignObject x={x - 44} y={diff.byIn >= 0 ? endY - 24 : endY + 4} width={88} height={22}>
        <div style={{ textAlign: 'center', fontWeight: 650, fontSize: 13 }}>
          {diff.byIn >= 0 ? '+' : ''}
          <Measure inches={diff.byIn} feet={false} />
        </div>
      </foreignObject>
    </g>
  )
}

/** Feet of a row as built against the plan. */
function FeetChart({ diffs }: { readonly diffs: readonly Difference[] }) {
  const picked = useJob((state) => state.picked.post)
  const pick = useJob((state) => state.pick)
  const [ref, size] = useSize<SVGSVGElement>()
  const width = size.width || 780
  const xAt = (i: number) => 40 + (i * (width - 80)) / Math.max(1, diffs.length - 1)
  const mostIn = Math.max(6, ...diffs.map((diff) => Math.abs(diff.byIn ?? 0)))
  return (
    <svg ref={ref} width="100%" height={190} role="img" aria-label="Feet as built against the plan">
      <Wax x1={20} y1={PLAN_Y} x2={width - 20} y2={PLAN_Y} color="var(--galv-4)" width={3} />
      {diffs.map((diff, i) => (
        <FootBar key={diff.id} diff={diff} x={xAt(i)} mostIn={mostIn} />
      ))}
      {diffs.map(({ id, name }, i) => (
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
            {name}
          </Note>
        </g>
      ))}
      <Note x={width - 22} y={PLAN_Y - 8} size={12} anchor="end" fill="var(--ink-2)">
        plan
      </Note>
    </svg>
  )
}

/** Whether a cut stick fits where it is to stand. */
function FitWords({ built, foundation }: { readonly built: PostAsBuilt; readonly foundation: FoundationType }) {
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
  return `${foundation === 'pier' ? 'bracket' : 'pad'} ${unreadSaid(built.footAgain)}`
}

/** The gap from a post to the next as measured, and the girt that goes between them. */
function GapCells({ post, next }: { readonly post: Post; readonly next: Post }) {
  const state = useLog((log) => log.state)
  const add = useLog((log) => log.add)
  const [from, to] = [post.id, next.id]
  const girt = girtFromGap({ state, from, to, plannedIn: plannedGapIn(post, next), playIn: PLAY_IN })
  const measured = state.gaps.filter((gap) => gap.body.from === from && gap.body.to === to).at(-1)
  return (
    <>
      <td className="n">
        <OptionalLengthField
          bare
          label="gap"
          ariaLabel={`gap from ${post.name} to ${next.name}`}
          feet={false}
          value={measured?.body.gapIn ?? null}
          onChange={(gapIn) => {
            if (gapIn !== null && gapIn > 0 && gapIn < WIDEST_GAP_IN) add({ kind: 'gap', from, to, gapIn })
            return []
          }}
        />
      </td>
      <td className="n">
        <Measure inches={girt.lengthIn} />
        {girt.measured ? '' : ' plan'}
      </td>
    </>
  )
}

const rowClass = (built: PostAsBuilt, picked: string | null): string => {
  if (built.id === picked) return 'sel'
  return built.fit?.kind === 'short' ? 'warn' : 'pick'
}

/** One post of the row as it was built. */
function BuiltRow({ built, next }: { readonly built: PostAsBuilt; readonly next: PostAsBuilt | undefined }) {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked.post)
  const pick = useJob((state) => state.pick)
  const post = derived.posts.find((post) => post.id === built.id)
  const nextPost = next && derived.posts.find((post) => post.id === next.id)
  return (
    <tr className={rowClass(built, picked)} onClick={() => pick({ post: built.id })}>
      <td>
        <b>{built.name}</b>
      </td>
      <td>
        <StateChoice built={built} />
      </td>
      <td className="n">
        <Measure inches={built.needIn} />
      </td>
      <td className="n">{built.cutIn === null ? '–' : <Measure inches={built.cutIn} />}</td>
      <td style={{ whiteSpace: 'normal' }}>
        <FitWords built={built} foundation={job.building.school} />
      </td>
      {post && nextPost ? <GapCells post={post} next={nextPost} /> : <td colSpan={2} />}
    </tr>
  )
}

/**
 * Plan against as-built along the picked post's row: feet as planned and as read, states, locked sticks, girts from
 * measured gaps.
 */
function PostsBuilt() {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked.post)
  const { asBuilt, rows } = useMeasured(job, derived)
  const row = rows.find((row) => row.includes(picked ?? '')) ?? rows[0]
  const own = row.flatMap((id) => asBuilt.find((built) => built.id === id) ?? [])
  const diffs = footDifferences(own, (id) => {
    const post = derived.posts.find((post) => post.id === id)
    return post ? plannedFootIn(job, derived.holes, post.kind) : 0
  })
  return (
    <>
      <p className="note">
        Row of {own[0]?.name} to {own.at(-1)?.name}: feet as read against the plan, drawn large. Pick a post of another
        row to see that one.
      </p>
      <FeetChart diffs={diffs} />
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
          {own.map((built, i) => (
            <BuiltRow key={built.id} built={built} next={own[i + 1]} />
          ))}
        </tbody>
      </table>
      <p className="note mt-1">
        A girt between posts is the measured gap less <Measure inches={PLAY_IN} feet={false} /> of play, rounded down.
      </p>
    </>
  )
}

const TABS = [
  { value: 'posts', label: 'Posts' },
  { value: 'pieces', label: 'All pieces' },
] as const

/** Plan against as built: the posts of a row, or every piece of the building. */
export function AsBuilt() {
  const [tab, setTab] = useView('posts', 'tab', ['posts', 'pieces'])
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <div className="mb-2">
        <Segments label="What was built" value={tab} choices={TABS} onChange={setTab} />
      </div>
      {tab === 'posts' ? <PostsBuilt /> : <PiecesBuilt />}
    </div>
  )
}
