'use client'
import { Plus, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { checkJob } from '@/core/derive'
import type { ShownDerived } from '@/formats/shown'
import { clearPlace, cornersOf, isEave, needsJambs } from '@/core/layout'
import { type Job, OPENING_KINDS, SIDES, type Corner, type Opening, type OpeningKind, type Side } from '@/core/model'
import { OPENING, shortWall } from '@/formats/words'
import { ChoiceField, EntryScope, LengthField, Measure, OptionalNumberField, TextField, useWriter } from '@/ui'
import { useDoc, useJob, removeOpening } from '../job'

const SIZE: Readonly<Record<OpeningKind, { widthIn: number; heightIn: number; sillIn: number }>> = {
  overhead: { widthIn: 120, heightIn: 120, sillIn: 0 },
  slider: { widthIn: 120, heightIn: 108, sillIn: 0 },
  walk: { widthIn: 38, heightIn: 82, sillIn: 0 },
  window: { widthIn: 48, heightIn: 36, sillIn: 46 },
}

/** A new opening's head stays this far below the heel, inches. */
const HEAD_BELOW_HEEL_IN = 12

/** All openings; one is picked. */
function OpeningsTable({ opening }: { readonly opening: Opening | undefined }) {
  const { job, derived } = useDoc()
  const pick = useJob((state) => state.pick)
  return (
    <table className="tb">
      <thead>
        <tr>
          <th>opening</th>
          <th>wall</th>
          <th className="n">size</th>
        </tr>
      </thead>
      <tbody>
        {job.building.openings.map((each) => (
          <tr
            key={each.id}
            className={each.id === opening?.id ? 'sel' : 'pick'}
            onClick={() => pick({ opening: each.id, post: null, wall: each.side })}
          >
            <td>
              <button type="button" className="id" aria-pressed={each.id === opening?.id}>
                {each.name || OPENING[each.kind]}
              </button>
            </td>
            <td>{shortWall(derived.wallNames, each.side)}</td>
            <td className="n">
              <Measure inches={each.widthIn} /> × <Measure inches={each.heightIn} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** A corner by the names of its lines: A1, D8. */
function cornerName(derived: ShownDerived, corner: Corner): string {
  const last = derived.grid.centresIn.length
  return `${corner[0] === 'S' ? derived.rows.south : derived.rows.north}${corner[1] === 'W' ? 1 : last}`
}

/** The job with its openings changed. */
const withOpenings = (job: Job, change: (openings: readonly Opening[]) => readonly Opening[]): Job => ({
  ...job,
  building: { ...job.building, openings: [...change(job.building.openings)] },
})

/** The first clear place for an opening on its wall; null where there is none. */
const clearPlaceIn = (job: Job, derived: ShownDerived, opening: Opening): Opening | null =>
  clearPlace(
    withOpenings(job, (openings) => openings.filter((each) => each.id !== opening.id)).building,
    derived.grid,
    opening,
    (building) => checkJob({ ...job, building }).length === 0,
  )

/** What can be done with the picked opening; `say` tells what could not. */
function useOpeningEdits(opening: Opening, say: (said: string) => void) {
  const { job, derived, edit } = useDoc()
  const pick = useJob((state) => state.pick)
  const changed = (label: string, change: (each: Opening) => Opening, gesture?: string) =>
    edit(
      label,
      (job) => withOpenings(job, (openings) => openings.map((each) => (each.id === opening.id ? change(each) : each))),
      gesture,
    )
  const put =
    <K extends keyof Opening>(key: K, label: string) =>
    (value: Opening[K], gesture?: string) =>
      changed(label, (each) => ({ ...each, [key]: value }), gesture && `${opening.id}-${key}-${gesture}`)
  const remove = () => removeOpening({ edit, pick }, opening)
  const toWall = (side: Side) => {
    const placed = clearPlaceIn(job, derived, { ...opening, side, corner: cornersOf(side)[0] })
    if (!placed) {
      say(`There is no clear place for it on the ${derived.wallNames[side].toLowerCase()}.`)
      return
    }
    say('')
    changed('move to another wall', () => placed)
    pick({ wall: side })
  }
  const fromCorner = (corner: Corner) => {
    const wallIn = isEave(opening.side) ? derived.grid.lengthIn : derived.grid.widthIn
    changed('tape from the other corner', (each) =>
      each.corner === corner ? each : { ...each, corner, positionIn: wallIn - each.positionIn - each.widthIn },
    )
  }
  return { put, remove, toWall, fromCorner }
}

/** The picked opening, number by number. */
function PickedOpening({ opening, say }: { readonly opening: Opening; readonly say: (said: string) => void }) {
  const { derived, done } = useDoc()
  const { put, remove, toWall, fromCorner } = useOpeningEdits(opening, say)
  return (
    <section
      className="grp"
      style={{
        borderTop: '2px solid var(--burr)',
        background: 'var(--burr-wash)',
        margin: '0 -16px 10px',
        padding: '9px 16px 6px',
      }}
      aria-label="Picked opening"
    >
      <div className="d-flex justify-content-between align-items-center mb-1">
        <h3>{opening.name || OPENING[opening.kind]}</h3>
        <button type="button" className="icb" aria-label="Remove this opening" title="Remove" onClick={remove}>
          <Trash2 size={16} />
        </button>
      </div>
      <TextField
        label="Name"
        name="openingName"
        value={opening.name}
        onChange={put('name', 'opening name')}
        onDone={done}
      />
      <ChoiceField
        label="Wall"
        value={opening.side}
        choices={SIDES.map((value) => ({ value, label: derived.wallNames[value] }))}
        onChange={toWall}
      />
      <ChoiceField
        label="Taped from corner"
        value={opening.corner}
        choices={cornersOf(opening.side).map((value) => ({ value, label: cornerName(derived, value) }))}
        onChange={fromCorner}
      />
      <LengthField
        label="To the near edge"
        name="positionIn"
        value={opening.positionIn}
        onChange={put('positionIn', 'opening position')}
        onDone={done}
      />
      <LengthField
        label="Width, rough"
        name="openingWidth"
        value={opening.widthIn}
        onChange={put('widthIn', 'opening width')}
        onDone={done}
      />
      <LengthField
        label="Height, rough"
        name="openingHeight"
        value={opening.heightIn}
        onChange={put('heightIn', 'opening height')}
        onDone={done}
      />
      {opening.kind === 'window' && (
        <LengthField
          label="Sill above grade line"
          name="sillIn"
          value={opening.sillIn}
          onChange={put('sillIn', 'sill')}
          onDone={done}
        />
      )}
      {opening.kind !== 'window' && (
        <OptionalNumberField
          label="Weight of the door"
          unit="lb"
          value={opening.weightLb}
          placeholder="not checked"
          onChange={put('weightLb', 'door weight')}
          onDone={done}
        />
      )}
      <p className="hint lab mb-1">
        {needsJambs(opening.kind)
          ? 'Gets a post at each jamb; posts in its way are left out.'
          : 'Hangs in bucks between posts; no post may stand in it.'}
      </p>
    </section>
  )
}

/** Posts left out over a header. */
function Bridged() {
  const { job, derived, edit } = useDoc()
  const { names } = derived
  return (
    <p className="note mt-2">
      Left out and bridged by a header:{' '}
      {job.building.bridged.map((id) => (
        <button
          key={id}
          type="button"
          className="btn btn-light btn-sm ms-1"
          onClick={() =>
            edit(`put ${names[id] ?? id} back`, (job) => ({
              ...job,
              building: { ...job.building, bridged: job.building.bridged.filter((text) => text !== id) },
            }))
          }
        >
          Put {names[id] ?? id} back
        </button>
      ))}
    </p>
  )
}

/** A new opening of a kind, of its usual size, under the eave. */
function newOpening(job: Job, kind: OpeningKind): Omit<Opening, 'side' | 'corner'> {
  const { openings, heelIn } = job.building
  const next = Math.max(0, ...openings.map((opening) => Number(/^op-(\d+)$/.exec(opening.id)?.[1] ?? 0))) + 1
  const size = SIZE[kind]
  return {
    id: `op-${next}`,
    kind,
    name: '',
    positionIn: 0,
    weightLb: null,
    ...size,
    heightIn: Math.min(size.heightIn, heelIn - size.sillIn - HEAD_BELOW_HEEL_IN),
  }
}

/** Adds an opening where there is room: on the wall last touched, or on the next that has a place. */
function AddOpenings({ say }: { readonly say: (said: string) => void }) {
  const { job, derived, edit } = useDoc()
  const wall = useJob((state) => state.picked.wall)
  const pick = useJob((state) => state.pick)
  const { length } = useWriter()
  const add = (kind: OpeningKind) => {
    const fresh = newOpening(job, kind)
    for (const side of [wall, ...SIDES.filter((side) => side !== wall)]) {
      const placed = clearPlaceIn(job, derived, { ...fresh, side, corner: cornersOf(side)[0] })
      if (!placed) continue
      const issues = edit(`add ${OPENING[kind]}`, (job) => withOpenings(job, (openings) => [...openings, placed]))
      if (issues.length > 0) continue
      pick({ opening: placed.id, post: null, wall: side })
      say('')
      return
    }
    say(`There is no clear place for a ${OPENING[kind]} of ${length(fresh.widthIn)} on any wall.`)
  }
  return (
    <div className="d-flex flex-wrap gap-1 mb-2">
      {OPENING_KINDS.map((kind) => (
        <button key={kind} type="button" className="btn btn-light btn-sm" onClick={() => add(kind)}>
          <Plus size={14} />
          {OPENING[kind]}
        </button>
      ))}
    </div>
  )
}

/** Openings: a list, the picked one's fields, and a way to add another where there is room. */
export function OpeningsList() {
  const { openings, bridged } = useDoc().job.building
  const picked = useJob((state) => state.picked.opening)
  const [said, setSaid] = useState('')
  const opening = openings.find((opening) => opening.id === picked)
  return (
    <>
      <AddOpenings say={setSaid} />
      {said && (
        <div className="caution" role="alert">
          {said}
        </div>
      )}
      {openings.length === 0 && (
        <p className="note">No openings yet. Add one; it takes the first clear place on the wall last touched.</p>
      )}
      {opening && (
        <EntryScope of={opening.id}>
          <PickedOpening opening={opening} say={setSaid} />
        </EntryScope>
      )}
      {openings.length > 0 && <OpeningsTable opening={opening} />}
      {bridged.length > 0 && <Bridged />}
    </>
  )
}
