'use client'
import { rowPlaces } from '@/core/layout'
import type { Ground } from '@/core/model'
import { layAddition, stationsOf } from '@/core/terrain'
import { useSize } from '../drawing'
import { useDoc } from '../job'
import { AdditionFields, OffsetsChart, OffsetsTable, PackingList } from './OldWallParts'

/**
 * A lean-to or wing on an old wall that is neither straight nor square: offsets from a string along it, the line the
 * new work runs by, packing behind the ledger.
 */
export function OldWall() {
  const { job, derived, edit, done } = useDoc()
  const [ref, size] = useSize<SVGSVGElement>()
  const list = job.ground.oldWall
  const lean = job.building.leanTos[0]
  const addition = job.ground.addition
  const work = {
    linesIn: derived.grid.centresIn,
    rows: rowPlaces(derived.posts, derived.grid.widthIn, () => 0)
      .filter((place) => place.row !== 'lean-south' && place.row !== 'lean-north')
      .map((place) => ({ ...place, row: derived.rows[place.row] })),
    lengthIn: derived.grid.lengthIn,
    leanDepthIn: lean?.depthIn ?? null,
  }
  const stations = stationsOf(addition, work)
  const pack = layAddition(job.ground, work)
  const set =
    <K extends keyof Ground['addition']>(key: K, label: string) =>
    (value: Ground['addition'][K], gesture?: string) =>
      edit(
        label,
        (job) => ({ ...job, ground: { ...job.ground, addition: { ...job.ground.addition, [key]: value } } }),
        gesture && `addition-${key}-${gesture}`,
      )
  const put = (name: string, change: (offset: typeof list) => typeof list, gesture?: string) =>
    edit(name, (job) => ({ ...job, ground: { ...job.ground, oldWall: change([...job.ground.oldWall]) } }), gesture)
  const width = size.width || 760
  const end = Math.max(1, ...list.map((offset) => offset.atIn), ...stations.map((station) => station.atIn))
  const xAt = (at: number) => 40 + (at / end) * (width - 80)
  const most = Math.max(1, ...list.map((offset) => Math.abs(offset.offIn)))
  const yAt = (off: number) => 96 - (off / most) * 52
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <AdditionFields addition={addition} set={set} done={done} derived={derived} />
      <p className="note">
        Stretch a string along the old wall, clear of it. Measure from the string to the wall: more is a hollow, less is
        a bulge. Type what each is over the string’s own gap.
      </p>
      <OffsetsChart ref={ref} width={width} yAt={yAt} list={list} xAt={xAt} pack={pack} end={end} addition={addition} />
      <div className="d-flex gap-4 flex-wrap">
        <OffsetsTable list={list} put={put} done={done} />
        <PackingList pack={pack} addition={addition} derived={derived} />
      </div>
      <div className="caution mt-2">
        {addition.kind === 'wing'
          ? 'Keep water out of the gap and the old footing undisturbed: holes beside it can undermine it.'
          : 'Do not fix a ledger to siding, rot or loose brick.'}{' '}
        What the old wall and its foundation carry is not checked here.
      </div>
    </div>
  )
}
