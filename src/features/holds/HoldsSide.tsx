'use client'
import { CheckRow, sortChecks, useDoc } from '../job'

/** All checks, worst first; what was not checked stands at the end. */
export function HoldsSide() {
  const { derived: d } = useDoc()
  const t = d.tally
  return (
    <>
      <h2>What holds</h2>
      <p className="note mt-1 mb-1">
        {t.holds} hold, {t.close} close, {t.fails} fail, {t.notChecked} not checked.
      </p>
      {sortChecks(d.checks).map((c) => (
        <CheckRow key={c.id} check={c} />
      ))}
    </>
  )
}
