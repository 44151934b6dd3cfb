'use client'
import { useState } from 'react'
import { PlanView } from '../drawing'

const LAYERS = [['diagonals', 'Diagonals'], ['holes', 'Holes'], ['triangle', '3-4-5']] as const

export function StringsMain() {
  const [on, setOn] = useState({ diagonals: true, holes: true, triangle: false })
  return (
    <>
      <div className="wh"><h2>Strings</h2><p>on the outside face of the posts, run past the corners</p><span className="spacer" /><span className="seg" role="group" aria-label="Show">{LAYERS.map(([k, name]) => <button key={k} type="button" aria-pressed={on[k]} onClick={() => setOn({ ...on, [k]: !on[k] })}>{name}</button>)}</span></div>
      <PlanView layers={{ strings: true, square: true, ...on }} editable={false} />
    </>
  )
}
