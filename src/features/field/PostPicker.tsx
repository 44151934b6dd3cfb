'use client'
import { X } from 'lucide-react'
import { useEffect, useRef } from 'react'
import type { Post } from '@/core/layout'
import { type PostAsBuilt, reached } from '@/core/field'
import { Measure } from '@/ui'
import type { FieldPage } from './page'
import { useMeasured } from './useField'

/** How pressing a post is: what is doubted comes first, then what was not read, then the rest. */
type Pressing = 'suspect' | 'unread' | 'rest'
const RANK: Readonly<Record<Pressing, number>> = { suspect: 0, unread: 1, rest: 2 }
const SAYS: Readonly<Record<Pressing, string>> = { suspect: 'read again', unread: 'not read', rest: '' }
const SIGN: Readonly<Record<Pressing, string>> = { suspect: '!', unread: '○', rest: '' }

/** Margin of the plan, and least side of what a thumb hits on it, as shares of the drawing. */
const MARGIN = 46
const ACROSS = 400
const HIT = 22

/** The posts in plan, each to be tapped. */
function Plan({
  posts,
  pressing,
  here,
  onPick,
}: {
  readonly posts: readonly Post[]
  readonly pressing: (id: string) => Pressing
  readonly here: string | null
  readonly onPick: (id: string) => void
}) {
  const [xs, ys] = [posts.map(({ x }) => x), posts.map(({ y }) => y)]
  const [left, low] = [Math.min(...xs), Math.min(...ys)]
  const scale = (ACROSS - 2 * MARGIN) / Math.max(1, Math.max(...xs) - left, Math.max(...ys) - low)
  const height = (Math.max(...ys) - low) * scale + 2 * MARGIN
  const at = ({ x, y }: Post) => ({ x: MARGIN + (x - left) * scale, y: height - MARGIN - (y - low) * scale })
  return (
    <svg className="pickmap" viewBox={`0 0 ${ACROSS} ${height}`} role="group" aria-label="Posts in plan">
      {posts.map((post) => {
        const { x, y } = at(post)
        return (
          <g
            key={post.id}
            className={`${pressing(post.id)}${post.id === here ? ' here' : ''}`}
            onClick={() => onPick(post.id)}
          >
            <circle cx={x} cy={y} r={HIT} className="hit" />
            <rect x={x - 6} y={y - 6} width={12} height={12} />
            <text x={x} y={y - 11}>
              {post.name}
            </text>
          </g>
        )
      })}
    </svg>
  )
}

/** One post of the list, with what is pressing about it. */
function PickRow({
  built,
  pressing,
  onPick,
}: {
  readonly built: PostAsBuilt
  readonly pressing: Pressing
  readonly onPick: (id: string) => void
}) {
  return (
    <li>
      <button type="button" onClick={() => onPick(built.id)}>
        <b>{built.name}</b>
        <span>{SAYS[pressing] || built.state}</span>
        <span className="m">
          {SIGN[pressing]}{' '}
          {built.readingIn !== null && pressing === 'rest' && <Measure inches={built.readingIn} feet={false} />}
        </span>
      </button>
    </li>
  )
}

/** Every post of the job, on a plan and in a list, from any page: what is to be read again comes first. */
export function PostPicker({
  page,
  view,
  here,
  onClose,
}: {
  readonly page: FieldPage
  /** The page that a picked post opens. */
  readonly view: 'read' | 'hole' | 'post'
  readonly here: string | null
  readonly onClose: () => void
}) {
  const { job, derived, go } = page
  const dialog = useRef<HTMLDialogElement>(null)
  const { rods, asBuilt } = useMeasured(job, derived)
  useEffect(() => dialog.current?.showModal(), [])
  const again = new Set(asBuilt.flatMap(({ id, rodAgain, footAgain }) => (rodAgain || footAgain ? [id] : [])))
  const pressing = (id: string): Pressing => {
    if (again.has(id)) return 'suspect'
    return rods.offsets[id] ? 'rest' : 'unread'
  }
  const listed = [...asBuilt].sort(
    (one, other) =>
      RANK[pressing(one.id)] - RANK[pressing(other.id)] ||
      Number(reached(one.state, 'cut')) - Number(reached(other.state, 'cut')),
  )
  const pick = (id: string) => {
    onClose()
    go([view, id])
  }
  return (
    <dialog ref={dialog} className="picker" aria-label="Posts" onClose={onClose}>
      <div className="fbar">
        <h1>Posts</h1>
        <button type="button" className="back" aria-label="Close" onClick={onClose}>
          <X size={30} />
        </button>
      </div>
      <Plan posts={derived.posts} pressing={pressing} here={here} onPick={pick} />
      <ul className="plist">
        {listed.map((built) => (
          <PickRow key={built.id} built={built} pressing={pressing(built.id)} onPick={pick} />
        ))}
      </ul>
    </dialog>
  )
}
