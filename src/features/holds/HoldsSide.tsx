'use client'
import { CheckRow, sortChecks, useDoc } from '../job'

/** All checks, worst first; what was not checked stands at the end. */
export function HoldsSide() {
  const { derived } = useDoc()
  const tally = derived.tally
  return (
    <>
      <h2>What holds</h2>
      <p className="note mt-1 mb-1">
        {tally.holds} hold, {tally.close} close, {tally.fails} fail
        {tally.cannotStand > 0 && ` (${tally.cannotStand} of these cannot stand at all)`}, {tally.notChecked} not
        checked.
      </p>
      {sortChecks(derived.checks).map((check) => (
        <CheckRow key={check.id} check={check} />
      ))}
    </>
  )
}
