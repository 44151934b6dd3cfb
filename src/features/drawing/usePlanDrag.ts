'use client'
import { useCallback, useContext, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { flushSync } from 'react-dom'
import {
  isEave,
  moveOpening,
  movePost,
  openingPlaces,
  placeOpening,
  snapTo,
  wallLengthIn,
  type Post,
} from '@/core/layout'
import type { Opening } from '@/core/model'
import { formatLength } from '@/core/units'
import { postSize } from '@/core/wood'
import { issueText } from '@/formats/words'
import { JobContext } from '../job'

/** What is being dragged, and the numbers to show beside it. */
export interface Live {
  readonly x: number
  readonly y: number
  readonly text: string
  readonly refused: boolean
}
type Target = { readonly kind: 'opening'; readonly opening: Opening } | { readonly kind: 'post'; readonly post: Post }

/** Pull, px, within which a place snaps. */
const REACH_PX = 7
let drags = 0

/** Dragging posts and openings along their wall, with pointer or arrow keys: snaps, live numbers, one undo a gesture. */
export function usePlanDrag(pxPerIn: number) {
  const store = useContext(JobContext)
  const [live, setLive] = useState<Live | null>(null)
  const frame = useRef(0)

  /** Moves the target to `atIn` (low edge of an opening, centre of a post); says what it did or why not. */
  const moveTo = useCallback(
    (t: Target, atIn: number, fine: boolean, key: string): { text: string; refused: boolean } => {
      if (!store) return { text: '', refused: true }
      const s = store.getState()
      const b = s.history.present.building
      const grid = s.derived.grid
      const t0 = postSize(b.post).widthIn
      if (t.kind === 'opening') {
        const o = b.openings.find((q) => q.id === t.opening.id)
        if (!o) return { text: '', refused: true }
        const snap = fine
          ? { atIn: Math.round(atIn * 16) / 16, to: null }
          : snapTo(atIn, openingPlaces(grid, o, t0), REACH_PX / pxPerIn, 1)
        const wall = wallLengthIn(grid, o.side)
        const from = Math.min(Math.max(0, snap.atIn), wall - o.widthIn)
        const issues = s.edit(
          `move ${o.name || o.kind}`,
          (j) => ({ ...j, building: moveOpening(j.building, grid, o.id, from) }),
          key,
        )
        if (issues.length) return { text: issueText(issues[0]), refused: true }
        return {
          text: `${formatLength(from)} │ ${formatLength(o.widthIn)} │ ${formatLength(wall - from - o.widthIn)}${snap.to ? `  ${snap.to}` : ''}`,
          refused: false,
        }
      }
      const p = s.derived.posts.find((q) => q.id === t.post.id)
      if (!p) return { text: '', refused: true }
      const even =
        isEave(p.side) && p.line !== null
          ? [{ atIn: (grid.lengthIn * (p.line - 1)) / (grid.centresIn.length - 1), name: 'equal bays' }]
          : [{ atIn: p.atIn - p.movedIn, name: 'equal spaces' }]
      const snap = fine ? { atIn: Math.round(atIn * 16) / 16, to: null } : snapTo(atIn, even, REACH_PX / pxPerIn, 1)
      const moved = movePost(b, grid, p, snap.atIn - p.atIn)
      if (!moved)
        return {
          text:
            p.kind === 'jamb'
              ? `${p.id} stands with its door: drag the door.`
              : `${p.id} holds the ${p.kind === 'corner' ? 'corner' : 'wall'}: it stays.`,
          refused: true,
        }
      const issues = s.edit(`move post ${p.id}`, (j) => ({ ...j, building: moved }), key)
      if (issues.length) return { text: issueText(issues[0]), refused: true }
      const row = store
        .getState()
        .derived.posts.filter(
          (q) => q.side === p.side && q.row !== '' && (q.kind === 'lean-to') === (p.kind === 'lean-to'),
        )
        .sort((a, c) => a.atIn - c.atIn)
      const i = row.findIndex((q) => q.id === p.id)
      const gap = (k: number) => (row[k] && row[i] ? formatLength(Math.abs(row[k].atIn - row[i].atIn)) : '')
      return {
        text: `${p.id} at ${formatLength(snap.atIn)}   ${[gap(i - 1), gap(i + 1)].filter(Boolean).join(' │ ')}${snap.to ? `  ${snap.to}` : ''}`,
        refused: false,
      }
    },
    [store, pxPerIn],
  )

  const start = useCallback(
    (t: Target, e: PointerEvent<SVGElement>) => {
      if (e.button !== 0 || !store) return
      e.stopPropagation()
      const el = e.currentTarget
      const alongX = isEave(t.kind === 'opening' ? t.opening.side : t.post.side)
      const from = t.kind === 'opening' ? placeOpening(t.opening, store.getState().derived.grid).fromIn : t.post.atIn
      const origin = { x: e.clientX, y: e.clientY }
      const box = el.ownerSVGElement?.getBoundingClientRect()
      const key = `drag-${++drags}`
      let moved = false
      const move = (m: globalThis.PointerEvent) => {
        const px = alongX ? m.clientX - origin.x : -(m.clientY - origin.y)
        if (!moved && Math.abs(px) < 3) return
        moved = true
        cancelAnimationFrame(frame.current)
        // The building and the numbers beside the pointer change in one drawing, within this frame.
        frame.current = requestAnimationFrame(() =>
          flushSync(() =>
            setLive({
              ...moveTo(t, from + px / pxPerIn, m.altKey, key),
              x: m.clientX - (box?.left ?? 0) + 14,
              y: m.clientY - (box?.top ?? 0) - 40,
            }),
          ),
        )
      }
      const up = () => {
        el.removeEventListener('pointermove', move)
        el.removeEventListener('pointerup', up)
        el.removeEventListener('pointercancel', up)
        cancelAnimationFrame(frame.current)
        store.getState().done()
        setLive(null)
      }
      el.setPointerCapture(e.pointerId)
      el.addEventListener('pointermove', move)
      el.addEventListener('pointerup', up)
      el.addEventListener('pointercancel', up)
    },
    [store, moveTo, pxPerIn],
  )

  const nudge = useCallback(
    (t: Target, e: KeyboardEvent<SVGElement>, x: number, y: number) => {
      const alongX = isEave(t.kind === 'opening' ? t.opening.side : t.post.side)
      const by = {
        ArrowRight: alongX ? 1 : 0,
        ArrowLeft: alongX ? -1 : 0,
        ArrowUp: alongX ? 0 : 1,
        ArrowDown: alongX ? 0 : -1,
      }[e.key]
      if (!by || !store) return
      e.preventDefault()
      e.stopPropagation()
      const grid = store.getState().derived.grid
      const now =
        t.kind === 'opening'
          ? placeOpening(
              store.getState().history.present.building.openings.find((o) => o.id === t.opening.id) ?? t.opening,
              grid,
            ).fromIn
          : (store.getState().derived.posts.find((p) => p.id === t.post.id)?.atIn ?? 0)
      setLive({
        ...moveTo(
          t,
          now + by * (e.shiftKey ? 1 / 16 : 1),
          true,
          `nudge-${t.kind}-${t.kind === 'opening' ? t.opening.id : t.post.id}`,
        ),
        x: x + 14,
        y: y - 40,
      })
    },
    [store, moveTo],
  )

  const end = useCallback(() => {
    store?.getState().done()
    setLive(null)
  }, [store])
  return { live, start, nudge, end }
}
