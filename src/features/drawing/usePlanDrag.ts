'use client'
import {
  type Grid,
  isEave,
  moveOpening,
  movePost,
  openingPlaces,
  placeOpening,
  type Post,
  snapTo,
  wallLengthIn,
  whyHeld,
} from '@/core/layout'
import type { Building, Opening } from '@/core/model'
import { formatLength, nearestMark, TAPE_STEPS_IN, type UnitSystem } from '@/core/units'
import { postSize } from '@/core/wood'
import { issueText } from '@/formats/words'
import { useUnits } from '@/ui'
import { useDrag } from '@use-gesture/react'
import { type KeyboardEvent, useCallback, useContext, useRef, useState } from 'react'
import { flushSync } from 'react-dom'
import { JobContext, type JobState, type JobStore } from '../job'
import { STEADY_PX } from './useViewport'

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

/** Where a mark that is moved comes to lie: on the tape's nearest mark, or on a place that draws it, else a longer step. */
const snapped = ({
  atIn,
  places,
  fine,
  pxPerIn,
  system,
}: {
  readonly atIn: number
  readonly places: Parameters<typeof snapTo>[1]
  readonly fine: boolean
  readonly pxPerIn: number
  readonly system: UnitSystem
}): ReturnType<typeof snapTo> =>
  fine
    ? { atIn: nearestMark(atIn, system), to: null }
    : snapTo(atIn, places, REACH_PX / pxPerIn, TAPE_STEPS_IN[system].big)

/** Moves a post along its row; says where it went and what spaces it leaves, or why not. */
function movePostTo({
  state,
  target,
  grid,
  fine,
  atIn,
  pxPerIn,
  building,
  key,
  store,
  system,
}: {
  readonly state: JobState
  readonly target: { readonly kind: 'post'; readonly post: Post }
  readonly grid: Grid
  readonly fine: boolean
  readonly atIn: number
  readonly pxPerIn: number
  readonly building: Building
  readonly key: string
  readonly store: JobStore
  readonly system: UnitSystem
}) {
  const post = state.derived.posts.find((post) => post.id === target.post.id)
  if (!post) return { text: '', refused: true }
  const even =
    isEave(post.side) && post.line !== null
      ? [{ atIn: (grid.lengthIn * (post.line - 1)) / (grid.centresIn.length - 1), name: 'equal bays' }]
      : [{ atIn: post.atIn - post.movedIn, name: 'equal spaces' }]
  const snap = snapped({ atIn, places: even, fine, pxPerIn, system })
  const moved = movePost(building, grid, post, snap.atIn - post.atIn)
  if (!moved) return { text: issueText(whyHeld(post)), refused: true }
  const issues = state.edit(`move post ${post.name}`, (job) => ({ ...job, building: moved }), key)
  if (issues.length) return { text: issueText(issues[0]), refused: true }
  const row = store
    .getState()
    .derived.posts.filter(
      (other) => other.side === post.side && (other.kind === 'lean-to') === (post.kind === 'lean-to'),
    )
    .sort((one, other) => one.atIn - other.atIn)
  const i = row.findIndex((other) => other.id === post.id)
  const gap = (k: number) => (row[k] && row[i] ? formatLength(Math.abs(row[k].atIn - row[i].atIn), { system }) : '')
  return {
    text:
      `${post.name} at ${formatLength(snap.atIn, { system })}   ` +
      `${[gap(i - 1), gap(i + 1)].filter(Boolean).join(' │ ')}${snap.to ? `  ${snap.to}` : ''}`,
    refused: false,
  }
}

/** Moves an opening along its wall, to a place that it snaps to; says where it went, or why not. */
function moveOpeningTo({
  building,
  target,
  fine,
  atIn,
  grid,
  t0,
  pxPerIn,
  state,
  key,
  system,
}: {
  readonly building: Building
  readonly target: { readonly kind: 'opening'; readonly opening: Opening }
  readonly fine: boolean
  readonly atIn: number
  readonly grid: Grid
  readonly t0: number
  readonly pxPerIn: number
  readonly state: JobState
  readonly key: string
  readonly system: UnitSystem
}) {
  const opening = building.openings.find((opening) => opening.id === target.opening.id)
  if (!opening) return { text: '', refused: true }
  const snap = snapped({ atIn, places: openingPlaces(grid, opening, t0), fine, pxPerIn, system })
  const wall = wallLengthIn(grid, opening.side)
  const from = Math.min(Math.max(0, snap.atIn), wall - opening.widthIn)
  const issues = state.edit(
    `move ${opening.name || opening.kind}`,
    (job) => ({ ...job, building: moveOpening(job.building, grid, opening.id, from) }),
    key,
  )
  if (issues.length) return { text: issueText(issues[0]), refused: true }
  return {
    text:
      `${formatLength(from, { system })} │ ${formatLength(opening.widthIn, { system })} │ ` +
      `${formatLength(wall - from - opening.widthIn, { system })}${snap.to ? `  ${snap.to}` : ''}`,
    refused: false,
  }
}

/** A drag under way: what it moves, the way it goes, where its target stood, and the corner of the drawing on the screen. */
interface Dragged {
  readonly target: Target
  readonly alongX: boolean
  readonly fromIn: number
  readonly left: number
  readonly top: number
  readonly key: string
}

/** The side whose wall a target moves along. */
const sideOf = (target: Target) => (target.kind === 'opening' ? target.opening.side : target.post.side)

/** The post or opening whose mark was grabbed, by what its mark says it is. */
function targetOf(grabbed: EventTarget | null, { derived, history }: JobState): Target | null {
  const mark = grabbed instanceof Element ? grabbed.closest<SVGElement>('[data-post], [data-opening]') : null
  const post = derived.posts.find((each) => each.id === mark?.dataset.post)
  if (post) return { kind: 'post', post }
  const opening = history.present.building.openings.find((each) => each.id === mark?.dataset.opening)
  return opening ? { kind: 'opening', opening } : null
}

/** What a drag starts from: one key a drag, so that it is one step to undo. Null where nothing was grabbed. */
function begin(grabbed: EventTarget | null, element: EventTarget, store: JobStore | null): Dragged | null {
  const target = store && targetOf(grabbed, store.getState())
  if (!target) return null
  const box = (element as SVGElement).ownerSVGElement?.getBoundingClientRect()
  return {
    target,
    alongX: isEave(sideOf(target)),
    fromIn:
      target.kind === 'opening' ? placeOpening(target.opening, store.getState().derived.grid).fromIn : target.post.atIn,
    left: box?.left ?? 0,
    top: box?.top ?? 0,
    key: `drag-${++drags}`,
  }
}

/**
 * Dragging posts and openings along their wall, with pointer or arrow keys: snaps, live numbers, one undo a gesture.
 */
export function usePlanDrag(pxPerIn: number) {
  const store = useContext(JobContext)
  const system = useUnits()
  const [live, setLive] = useState<Live | null>(null)
  const frame = useRef(0)

  /** Moves the target to `atIn` (low edge of an opening, centre of a post); says what it did or why not. */
  const moveTo = useCallback(
    (target: Target, atIn: number, fine: boolean, key: string): { text: string; refused: boolean } => {
      if (!store) return { text: '', refused: true }
      const state = store.getState()
      const building = state.history.present.building
      const grid = state.derived.grid
      const t0 = postSize(building.post).widthIn
      if (target.kind === 'opening') {
        return moveOpeningTo({ building, target, fine, atIn, grid, t0, pxPerIn, state, key, system })
      }
      return movePostTo({ state, target, grid, fine, atIn, pxPerIn, building, key, store, system })
    },
    [store, pxPerIn, system],
  )

  const end = useCallback(() => {
    store?.getState().done()
    setLive(null)
  }, [store])
  const bind = useDrag<globalThis.PointerEvent>(
    ({ xy, initial, last, altKey, event, currentTarget, memo }) => {
      const dragged = (memo as Dragged | undefined) ?? begin(event.target, currentTarget, store)
      cancelAnimationFrame(frame.current)
      if (last || !dragged) {
        end()
        return dragged
      }
      const px = dragged.alongX ? xy[0] - initial[0] : initial[1] - xy[1]
      // The building and the numbers beside the pointer change in one drawing, within this frame.
      frame.current = requestAnimationFrame(() =>
        flushSync(() =>
          setLive({
            ...moveTo(dragged.target, dragged.fromIn + px / pxPerIn, altKey, dragged.key),
            x: xy[0] - dragged.left + 14,
            y: xy[1] - dragged.top - 40,
          }),
        ),
      )
      return dragged
    },
    { threshold: STEADY_PX, pointer: { keys: false } },
  )
  // Bound once, on the group of all marks: bound to each mark it would cost every mark at every edit. It stays the same
  // function for as long as the plan lives and always calls the newest handler.
  const [drag] = useState(() => bind)

  const nudge = useCallback(
    (target: Target, event: KeyboardEvent<SVGElement>, x: number, y: number) => {
      const alongX = isEave(sideOf(target))
      const by = {
        ArrowRight: alongX ? 1 : 0,
        ArrowLeft: alongX ? -1 : 0,
        ArrowUp: alongX ? 0 : 1,
        ArrowDown: alongX ? 0 : -1,
      }[event.key]
      if (!by || !store) return
      event.preventDefault()
      event.stopPropagation()
      const grid = store.getState().derived.grid
      const now =
        target.kind === 'opening'
          ? placeOpening(
              store.getState().history.present.building.openings.find((opening) => opening.id === target.opening.id) ??
                target.opening,
              grid,
            ).fromIn
          : (store.getState().derived.posts.find((post) => post.id === target.post.id)?.atIn ?? 0)
      setLive({
        ...moveTo(
          target,
          now + by * TAPE_STEPS_IN[system][event.shiftKey ? 'small' : 'big'],
          true,
          `nudge-${target.kind}-${target.kind === 'opening' ? target.opening.id : target.post.id}`,
        ),
        x: x + 14,
        y: y - 40,
      })
    },
    [store, moveTo, system],
  )

  return { live, drag, nudge, end }
}
