'use client'
import { HALF_MARK_IN } from '@/core/units'
import { KIND, RAISE_CAUTION, suspicionSaid } from '@/formats/words'
import { Measure, Quantity } from '@/ui'
import { useMeasured, useSchedule } from '../field'
import { NotesFromSite } from './FromSite'
import { GuestCards } from './GuestCards'
import { CheckRow, sortChecks, useDoc, useJob, useView } from '../job'
import { BuyingSide } from './Buying'
import { POSTS_VIEWS } from './views'
import type { ScheduleRowAsRead } from '@/core/derive'
import type { PostDemand } from '@/core/frame'
import { isEave, type Post } from '@/core/layout'
import type { RodMark } from '@/core/marks'

/** What the post must carry. */
function Demands({ demand, wind }: { readonly demand: PostDemand; readonly wind: number | undefined }) {
  return (
    <table className="tb">
      <tbody>
        <tr>
          <td>Gravity at the top, {demand.gravityCase}</td>
          <td className="n">
            <Quantity value={demand.gravityLb} kind="lb" />
          </td>
        </tr>
        <tr>
          <td>Net uplift</td>
          <td className="n">{demand.upliftLb > 0 ? <Quantity value={demand.upliftLb} kind="lb" /> : 'none'}</td>
        </tr>
        <tr>
          <td>Wind on it, service</td>
          <td className="n">{wind === undefined ? 'not computed' : <Quantity value={wind} kind="plf" />}</td>
        </tr>
      </tbody>
    </table>
  )
}

/** The way from the rod's mark to the grade line. */
function GradeMove({ mark, post }: { readonly mark: RodMark; readonly post: Post }) {
  return (
    <div className="move">
      <div className="big">
        <Measure inches={Math.abs(mark.upToGradeIn)} feet={false} stacked />
        &nbsp;{mark.upToGradeIn >= 0 ? 'up' : 'down'} to the grade line
      </div>
      <p>
        From where the rod stood to the top:{' '}
        <b>
          <Measure inches={mark.upToGradeIn + post.heightIn} />
        </b>
        .{mark.upToGradeIn < 0 && ' The grade line is under this point: choose more cover.'}
      </p>
    </div>
  )
}

/** Numbers of the post. */
function PostLines({
  lines,
  row,
  post,
}: {
  readonly lines: readonly (readonly [string, number])[]
  readonly row: ScheduleRowAsRead
  readonly post: Post
}) {
  return (
    <table className="tb">
      <tbody>
        {lines.map(([name, value]) => (
          <tr key={name}>
            <td>{name}</td>
            <td className="n">
              <Measure inches={value} />
            </td>
          </tr>
        ))}
        <tr>
          <td>Cut from</td>
          <td className="n">
            {row.stockIn === null ? 'longer than the yard sells' : <Measure inches={row.stockIn} />}
          </td>
        </tr>
        {Math.abs(post.movedIn) > HALF_MARK_IN && (
          <tr>
            <td>Moved from equal spacing</td>
            <td className="n">
              <Measure inches={Math.abs(post.movedIn)} feet={false} />
            </td>
          </tr>
        )}
      </tbody>
    </table>
  )
}

/** The post's lengths, each with what it runs between. */
function linesOf(post: Post, row: ScheduleRowAsRead, southRow: string): readonly (readonly [string, number])[] {
  const top = post.heightIn > 0 && !isEave(post.side) ? 'rafter underside' : 'heel'
  return [
    ['From string 1', post.x],
    [`From string ${southRow}`, post.y],
    [`Grade line to ${top}`, post.heightIn],
    [row.footRead ? 'In the ground, as read' : 'In the ground', row.embedIn],
    ['Foot to seat', row.seatIn],
    ['Foot to its top, cut', row.totalIn],
  ]
}

/** Beside the cut list how boards are bought; else the picked post. */
export function PostsSide() {
  const [view] = useView('posts', 'view', POSTS_VIEWS)
  return view === 'cut' ? <BuyingSide /> : <PickedPost />
}

/** The picked post: where it stands, how long, what it holds. */
function PickedPost() {
  const { job, derived } = useDoc()
  const { rods } = useMeasured(job, derived)
  const picked = useJob((state) => state.picked.post)
  const post = derived.posts.find((post) => post.id === picked) ?? derived.posts[0]
  const row = useSchedule(job, derived).find((row) => row.id === post.id)
  const mark = rods.offsets[post.id]
  const suspect = rods.suspects[post.id]
  const doubt = suspect && suspicionSaid(post.id, suspect, derived.names)
  const card = derived.cards.find((card) => card.posts.some(({ id }) => id === post.id))
  const demand = derived.demands?.[post.id]
  const wind = derived.lateral?.windPlf[post.id]
  if (!row) return null
  const lines = linesOf(post, row, derived.rows.south)
  return (
    <>
      <h2>Post {post.name}</h2>
      <p className="note mt-1 mb-2">
        {KIND[post.kind]} post, {row.section}
        {card && card.posts.length > 1
          ? `; planned like ${card.posts
              .filter(({ id }) => id !== post.id)
              .slice(0, 8)
              .map(({ name }) => name)
              .join(', ')}${card.posts.length > 9 ? ' …' : ''}`
          : ''}
        .
      </p>
      <PostLines lines={lines} row={row} post={post} />
      {mark && <GradeMove mark={mark} post={post} />}
      {doubt && (
        <div className="caution" role="alert">
          <b>{doubt.title}.</b> {doubt.say} {doubt.until}
        </div>
      )}
      <div className="caution">{RAISE_CAUTION}</div>
      {demand && <Demands demand={demand} wind={wind} />}
      <h2 className="mt-3">What holds</h2>
      {sortChecks(
        derived.checks.filter(
          ({ stage, key }) =>
            (stage === 'posts' || stage === 'holes') &&
            (key.member === 'site' || (key.place === post.kind && key.rule !== 'frost')),
        ),
      ).map((check) => (
        <CheckRow key={check.id} check={check} />
      ))}
      <NotesFromSite post={post.id} />
      <GuestCards post={post} key={post.id} />
    </>
  )
}
