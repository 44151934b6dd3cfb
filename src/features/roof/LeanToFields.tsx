'use client'
import type { JSX } from 'react'
import type { ShownDerived } from '@/formats/shown'
import { birdsMouth, type BirdsMouth } from '@/core/rules/rafter/member'
import type { BoardName, Building, LeanTo } from '@/core/model'
import type { Issue } from '@/core/result'
import { boardSize } from '@/core/wood'
import { shortWall } from '@/formats/words'
import { ChoiceField, EntryScope, LengthField, Measure, OptionalLengthField, Quantity } from '@/ui'
import { boardChoices, lumberChoices, PocketLinks, useDoc } from '../job'

/** Rafter, beam and ledger of one lean-to. */
function LeanToSection({
  leanTo,
  derived,
  put,
  building,
  done,
  built,
  bm,
}: {
  readonly leanTo: LeanTo
  readonly derived: ShownDerived
  readonly put: (change: Partial<LeanTo>, label: string, gesture?: string) => readonly Issue[]
  readonly building: Building
  readonly done: () => void
  readonly built: (key: 'ledger' | 'beam', name: string) => JSX.Element
  readonly bm: BirdsMouth
}) {
  return (
    <section className="grp" aria-label={`${derived.wallNames[leanTo.side]} lean-to`}>
      <h3>{shortWall(derived.wallNames, leanTo.side)} lean-to</h3>
      <ChoiceField
        label="Rafter plies"
        value={String(leanTo.rafter.plies) as '1'}
        choices={(['1', '2', '3'] as const).map((value) => ({ value: value as '1', label: value }))}
        onChange={(value) => put({ rafter: { ...leanTo.rafter, plies: Number(value) } }, 'rafter plies')}
      />
      <ChoiceField
        label="Rafter size"
        value={leanTo.rafter.size}
        choices={boardChoices}
        onChange={(value: BoardName) => put({ rafter: { ...leanTo.rafter, size: value } }, 'rafter size')}
      />
      <ChoiceField
        label="Rafter lumber"
        value={leanTo.rafter.lumber}
        choices={lumberChoices(building)}
        onChange={(value) => put({ rafter: { ...leanTo.rafter, lumber: value } }, 'rafter lumber')}
      />
      <OptionalLengthField
        label="Rafter spacing"
        feet={false}
        empty="at posts"
        value={leanTo.rafter.spaceIn}
        onChange={(value, gesture) => put({ rafter: { ...leanTo.rafter, spaceIn: value } }, 'rafter spacing', gesture)}
        onDone={done}
        hint="Empty: one at each post."
      />
      <LengthField
        label="Level seat at the low end"
        feet={false}
        value={leanTo.seatIn}
        onChange={(value, gesture) => put({ seatIn: value }, 'seat', gesture)}
        onDone={done}
      />
      {leanTo.rafter.spaceIn !== null && (
        <>
          {built('ledger', 'Ledger')}
          {built('beam', 'Beam')}
        </>
      )}
      <table className="tb mt-1">
        <tbody>
          <tr>
            <td>Rafter, wall to outer post</td>
            <td className="n">
              <Measure inches={bm.lengthIn} />
            </td>
          </tr>
          <tr>
            <td>Plumb cut from square, level cut</td>
            <td className="n">
              <Quantity value={bm.plumbDeg} kind="deg" />, <Quantity value={bm.levelDeg} kind="deg" />
            </td>
          </tr>
          <tr>
            <td>Heel cut, left above it</td>
            <td className="n">
              <Measure inches={bm.heelCutIn} feet={false} />, <Measure inches={bm.aboveIn} feet={false} />
            </td>
          </tr>
          <tr>
            <td>Longest seat allowed</td>
            <td className="n">
              <Measure inches={Math.min(bm.mostSeatIn, 99)} feet={false} />
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  )
}

/** Rafters, ledger and beam of each lean-to, with the cuts of the bird's mouth. */
export function LeanToFields() {
  const { job, derived, done, edit } = useDoc()
  const building = job.building
  if (building.leanTos.length === 0) return <p className="note">No lean-to. Add one under Building, Shape.</p>
  return (
    <>
      {building.leanTos.map((leanTo) => {
        const put = (change: Partial<LeanTo>, label: string, gesture?: string) =>
          edit(
            label,
            (job) => ({
              ...job,
              building: {
                ...job.building,
                leanTos: job.building.leanTos.map((each) =>
                  each.side === leanTo.side ? { ...each, ...change } : each,
                ),
              },
            }),
            gesture && `lean-${leanTo.side}-${label}-${gesture}`,
          )
        const built = (key: 'ledger' | 'beam', name: string) => (
          <>
            <ChoiceField
              label={`${name} plies`}
              value={String(leanTo[key].plies) as '1'}
              choices={(['1', '2', '3', '4'] as const).map((value) => ({ value: value as '1', label: value }))}
              onChange={(value) => put({ [key]: { ...leanTo[key], plies: Number(value) } }, name)}
            />
            <ChoiceField
              label={`${name} size`}
              value={leanTo[key].size}
              choices={boardChoices}
              onChange={(value) => put({ [key]: { ...leanTo[key], size: value } }, name)}
            />
          </>
        )
        const bm = birdsMouth(leanTo.pitchPer12, boardSize(leanTo.rafter.size).dIn, leanTo.seatIn, leanTo.depthIn)
        return (
          <EntryScope key={leanTo.side} of={leanTo.side}>
            <LeanToSection
              leanTo={leanTo}
              derived={derived}
              put={put}
              building={building}
              done={done}
              built={built}
              bm={bm}
            />
          </EntryScope>
        )
      })}
      <PocketLinks topic="rafters" />
      <PocketLinks topic="headroom" />
    </>
  )
}
