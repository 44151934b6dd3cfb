'use client'
import { type CSSProperties, type MouseEvent, type PointerEvent, useContext, useEffect, useRef, useState } from 'react'
import Dropdown from 'react-bootstrap/Dropdown'
import type { Post } from '@/core/layout'
import type { Opening } from '@/core/model'
import { OPENING } from '@/formats/words'
import { JobContext, type JobStore, releasePost, removeOpening } from '../job'

/** What can be done with a mark of the plan. */
interface Act {
  readonly what: string
  readonly run: () => void
}
/** Room that the menu takes at most, px: nearer to an edge than this it opens the other way. */
const MENU_PX = 240

/** Where the menu hangs from: the pointer, by the side of the drawing that leaves it room. */
type Hung = Pick<CSSProperties, 'left' | 'right' | 'top' | 'bottom'>

function hungAt(x: number, y: number, { width, height }: DOMRect): Hung {
  return {
    ...(x > width - MENU_PX ? { right: width - x } : { left: x }),
    ...(y > height - MENU_PX ? { bottom: height - y } : { top: y }),
  }
}

interface Menu {
  readonly at: Hung
  readonly name: string
  readonly acts: readonly Act[]
}

function postActs(store: JobStore, post: Post): readonly Act[] {
  const { go, see, pick } = store.getState()
  const look = (stage: 'holes' | 'posts', view: string) => () => {
    pick({ post: post.id, wall: post.side })
    see(`${stage}-view`, view)
    go(stage)
  }
  const acts: Act[] = [
    { what: 'Its hole', run: look('holes', 'schedule') },
    { what: 'Its readings and marks', run: look('posts', 'read') },
    { what: 'How it is built', run: look('posts', 'build') },
  ]
  if (post.pinned) acts.push({ what: 'Let it go back to its row', run: () => releasePost(store.getState(), post.id) })
  return acts
}

function openingActs(store: JobStore, opening: Opening): readonly Act[] {
  const { pick } = store.getState()
  return [
    { what: 'Its fields', run: () => pick({ opening: opening.id, post: null, wall: opening.side }) },
    { what: 'Remove it', run: () => removeOpening(store.getState(), opening) },
  ]
}

/** Where a menu is asked for, and of what. */
interface Pressed {
  readonly target: EventTarget
  readonly clientX: number
  readonly clientY: number
}

/** A finger that rests this long on a mark asks for its menu, ms; one that moves further than this, px, does not. */
const LONG_PRESS_MS = 550
const STILL_PX = 8

/** The menu of the mark under the pointer, or that has the focus; null where there is none. */
function menuOf(event: Pressed, store: JobStore): Menu | null {
  const mark = event.target instanceof Element ? event.target.closest<SVGElement>('[data-post], [data-opening]') : null
  const box = mark?.ownerSVGElement?.getBoundingClientRect()
  if (!mark || !box) return null
  const { derived, history } = store.getState()
  const at = hungAt(event.clientX - box.left, event.clientY - box.top, box)
  const post = derived.posts.find(({ id }) => id === mark.dataset.post)
  if (post) return { at, name: `post ${post.name}`, acts: postActs(store, post) }
  const opening = history.present.building.openings.find(({ id }) => id === mark.dataset.opening)
  return opening ? { at, name: opening.name || OPENING[opening.kind], acts: openingActs(store, opening) } : null
}

/** Tells when a finger has rested on a place. Not every phone says so itself. */
function useLongPress(onRest: (pressed: Pressed) => void) {
  const press = useRef<{ readonly timer: ReturnType<typeof setTimeout>; readonly at: Pressed } | null>(null)
  const lift = () => {
    clearTimeout(press.current?.timer)
    press.current = null
  }
  useEffect(() => lift, [])
  return {
    onPointerDownCapture: ({ pointerType, target, clientX, clientY }: PointerEvent) => {
      lift()
      if (pointerType === 'mouse') return
      const at = { target, clientX, clientY }
      press.current = { at, timer: setTimeout(() => onRest(at), LONG_PRESS_MS) }
    },
    onPointerMoveCapture: ({ clientX, clientY }: PointerEvent) => {
      const at = press.current?.at
      if (at && Math.hypot(clientX - at.clientX, clientY - at.clientY) > STILL_PX) lift()
    },
    onPointerUpCapture: lift,
    onPointerCancelCapture: lift,
  }
}

/** A menu on the marks of the plan: by right-click, long press, or the menu key on the mark that has the focus. */
export function usePlanMenu() {
  const store = useContext(JobContext)
  const [menu, setMenu] = useState<Menu | null>(null)
  const open = (pressed: Pressed): boolean => {
    const found = store && menuOf(pressed, store)
    if (found) setMenu(found)
    return Boolean(found)
  }
  const press = useLongPress(open)
  const onContextMenu = (event: MouseEvent) => {
    if (open(event)) event.preventDefault()
  }
  return { menu, opens: { ...press, onContextMenu }, close: () => setMenu(null) }
}

/** The open menu, at the pointer; the first thing has the focus, and Escape puts it away. */
export function PlanMenu({ menu, onClose }: { readonly menu: Menu; readonly onClose: () => void }) {
  const list = useRef<HTMLDivElement>(null)
  useEffect(() => list.current?.querySelector('button')?.focus(), [menu])
  return (
    <Dropdown
      show
      className="position-absolute"
      style={{ ...menu.at, zIndex: 20 }}
      onToggle={(open) => {
        if (!open) onClose()
      }}
      onSelect={onClose}
    >
      <Dropdown.Menu ref={list} show className="position-static" aria-label={menu.name}>
        <Dropdown.Header aria-level={2}>{menu.name}</Dropdown.Header>
        {menu.acts.map((act) => (
          <Dropdown.Item key={act.what} as="button" onClick={act.run}>
            {act.what}
          </Dropdown.Item>
        ))}
      </Dropdown.Menu>
    </Dropdown>
  )
}
