'use client'
import { PlanView } from '../drawing'

export function BuildingMain() {
  return (
    <>
      <div className="wh">
        <h2>Building</h2>
        <p>drag a post or a door along its wall; arrows nudge</p>
      </div>
      <PlanView layers={{}} />
    </>
  )
}
