'use client'
import { deliveredOff, type Said } from '@/core/field'
import { Measure } from '@/ui'
import { useLog } from '../field'
import { useDoc } from '../job'

/** A heel that a phone has measured otherwise than planned, and the key that takes it into the plan. */
export function HeelFromSite({
  heelIn,
  onTake,
}: {
  readonly heelIn: number
  readonly onTake: (inches: number) => void
}) {
  const { derived, job } = useDoc()
  const delivered = useLog((log) => log.state.delivered)
  const last = delivered.filter(({ body }) => body.what === 'truss heel').at(-1)
  const off = last && deliveredOff(last.body, job.building, derived.grid.widthIn)
  if (!last || !off?.isOff) return null
  return (
    <div className="caution mt-1" role="status">
      The heel came as <Measure inches={last.body.inches} feet={false} />, planned{' '}
      <Measure inches={heelIn} feet={false} />.{' '}
      <button type="button" className="btn btn-light btn-sm" onClick={() => onTake(last.body.inches)}>
        Take it into the plan
      </button>
    </div>
  )
}

/** The newest measure of each board, whatever it was measured for. */
function newestOf(delivered: readonly Said<'delivered'>[]): readonly Said<'delivered'>[] {
  const boards = delivered.filter(({ body }) => body.what.startsWith('board'))
  return [...new Map(boards.map((said) => [`${said.body.what} ${said.body.item}`, said])).values()]
}

/** Boards that a phone has measured otherwise than planned: what they move is worked out by their planned size. */
export function BoardsFromSite() {
  const { derived, job } = useDoc()
  const delivered = useLog((log) => log.state.delivered)
  return newestOf(delivered).flatMap(({ id, body }) => {
    const off = deliveredOff(body, job.building, derived.grid.widthIn)
    if (!off?.isOff) return []
    return [
      <div className="caution mt-1" role="status" key={id}>
        {body.item}: {body.what} came as <Measure inches={body.inches} feet={false} />, planned{' '}
        <Measure inches={off.plannedIn} feet={false} />. Seats and notches here are worked out by the planned size:
        under a carrier, move its seat by the difference.
      </div>,
    ]
  })
}
