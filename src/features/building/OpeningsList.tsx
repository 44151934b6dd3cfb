'use client'
import { IN_PER_FT } from '@/core/units'
import { Plus, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { checkJob } from '@/core/derive'
import type { ShownDerived } from '@/formats/shown'
import { clearPlace, cornersOf, isEave, needsJambs } from '@/core/layout'
import {
  type Building,
  OPENING_KINDS,
  SIDES,
  type Corner,
  type Opening,
  type OpeningKind,
  type Side,
} from '@/core/model'
import { OPENING } from '@/formats/words'
import { ChoiceField, LengthField, Measure, TextField } from '@/ui'
import { type JobState, type Picked, useDoc, useJob } from '../job'
import type { Issue } from '@/core/result'

const SIZE: Readonly<Record<OpeningKind, { widthIn: number; heightIn: number; sillIn: number }>> = {
  overhead: { widthIn: 120, heightIn: 120, sillIn: 0 },
  slider: { widthIn: 120, heightIn: 108, sillIn: 0 },
  walk: { widthIn: 38, heightIn: 82, sillIn: 0 },
  window: { widthIn: 48, heightIn: 36, sillIn: 46 },
}

/** All openings; one is picked. */
function OpeningsTable({
  building,
  opening,
  pick,
  derived,
}: {
  readonly building: Building
  readonly opening: Opening | undefined
  readonly pick: (partial: Partial<Picked>) => void
  readonly derived: ShownDerived
}) {
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
        {building.openings.map((each) => (
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
            <td>{derived.wallNames[each.side].replace(' wall', '')}</td>
            <td className="n">
              <Measure inches={each.widthIn} /> × <Measure inches={each.heightIn} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** The picked opening, number by number. */
function PickedOpening({
  opening,
  edit,
  pick,
  put,
  done,
  derived,
  toSide,
  cornerName,
  fromOther,
}: {
  readonly opening: Opening
  readonly edit: JobState['edit']
  readonly pick: (partial: Partial<Picked>) => void
  readonly put: <K extends keyof Opening>(
    key: K,
    label: string,
  ) => (value: Opening[K], gesture?: string) => readonly Issue[]
  readonly done: () => void
  readonly derived: ShownDerived
  readonly toSide: (side: Side) => void
  readonly cornerName: (corner: Corner) => string
  readonly fromOther: (corner: Corner) => void
}) {
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
        <button
          type="button"
          className="icb"
          aria-label="Remove this opening"
          title="Remove"
          onClick={() => {
            edit(`remove ${opening.name || OPENING[opening.kind]}`, (job) => ({
              ...job,
              building: {
                ...job.building,
                openings: job.building.openings.filter((each) => each.id !== opening.id),
              },
            }))
            pick({ opening: null })
          }}
        >
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
        onChange={toSide}
      />
      <ChoiceField
        label="Taped from corner"
        value={opening.corner}
        choices={cornersOf(opening.side).map((value) => ({ value, label: cornerName(value) }))}
        onChange={fromOther}
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
      <p className="hint lab mb-1">
        {needsJambs(opening.kind)
          ? 'Gets a post at each jamb; posts in its way are left out.'
          : 'Hangs in bucks between posts; no post may stand in it.'}
      </p>
    </section>
  )
}

/** Posts left out over a header. */
function Bridged({ building, edit }: { readonly building: Building; readonly edit: JobState['edit'] }) {
  return (
    <p className="note mt-2">
      Left out and bridged by a header:{' '}
      {building.bridged.map((id) => (
        <button
          key={id}
          type="button"
          className="btn btn-light btn-sm ms-1"
          onClick={() =>
            edit(`put ${id} back`, (job) => ({
              ...job,
              building: { ...job.building, bridged: job.building.bridged.filter((text) => text !== id) },
            }))
          }
        >
          Put {id} back
        </button>
      ))}
    </p>
  )
}

/** Openings: a list, the picked one's fields, and a way to add another where there is room. */
export function OpeningsList() {
  const { job, derived, edit, done } = useDoc()
  const picked = useJob((state) => state.picked)
  const pick = useJob((state) => state.pick)
  const [said, setSaid] = useState('')
  const building = job.building
  const opening = building.openings.find((opening) => opening.id === picked.opening)
  const put =
    <K extends keyof Opening>(key: K, label: string) =>
    (value: Opening[K], gesture?: string) =>
      edit(
        label,
        (job) => ({
          ...job,
          building: {
            ...job.building,
            openings: job.building.openings.map((each) => (each.id === opening?.id ? { ...each, [key]: value } : each)),
          },
        }),
        gesture && `${opening?.id}-${key}-${gesture}`,
      )
  const cornerName = (corner: Corner) => {
    const last = derived.grid.centresIn.length
    return `${corner[0] === 'S' ? derived.rows.south : derived.rows.north}${corner[1] === 'W' ? 1 : last}`
  }
  const clear = (opening: Opening) =>
    clearPlace(building, derived.grid, opening, (next) => checkJob({ ...job, building: next }).length === 0)
  const add = (kind: OpeningKind) => {
    const next = Math.max(0, ...building.openings.map((opening) => Number(/^op-(\d+)$/.exec(opening.id)?.[1] ?? 0))) + 1
    const size = { ...SIZE[kind], heightIn: Math.min(SIZE[kind].heightIn, building.heelIn - SIZE[kind].sillIn - 12) }
    for (const side of [picked.wall, ...SIDES.filter((side) => side !== picked.wall)]) {
      const placed = clear({
        id: `op-${next}`,
        kind,
        name: '',
        side,
        corner: cornersOf(side)[0],
        positionIn: 0,
        ...size,
      })
      if (!placed) continue
      const issues = edit(`add ${OPENING[kind]}`, (job) => ({
        ...job,
        building: { ...job.building, openings: [...job.building.openings, placed] },
      }))
      if (issues.length === 0) {
        pick({ opening: placed.id, post: null, wall: side })
        setSaid('')
        return
      }
    }
    setSaid(`There is no clear place for a ${OPENING[kind]} of ${size.widthIn / IN_PER_FT}′ on any wall.`)
  }
  const toSide = (side: Side) => {
    if (!opening) return
    const placed = clearPlace(
      { ...building, openings: building.openings.filter((each) => each.id !== opening.id) },
      derived.grid,
      { ...opening, side, corner: cornersOf(side)[0] },
      (next) => checkJob({ ...job, building: next }).length === 0,
    )
    if (!placed) {
      setSaid(`There is no clear place for it on the ${derived.wallNames[side].toLowerCase()}.`)
      return
    }
    setSaid('')
    edit('move to another wall', (job) => ({
      ...job,
      building: {
        ...job.building,
        openings: job.building.openings.map((each) => (each.id === opening.id ? placed : each)),
      },
    }))
    pick({ wall: side })
  }
  const fromOther = (corner: Corner) => {
    if (!opening) return
    const wall = isEave(opening.side) ? derived.grid.lengthIn : derived.grid.widthIn
    edit('tape from the other corner', (job) => ({
      ...job,
      building: {
        ...job.building,
        openings: job.building.openings.map((each) =>
          each.id === opening.id && each.corner !== corner
            ? { ...each, corner, positionIn: wall - each.positionIn - each.widthIn }
            : each,
        ),
      },
    }))
  }
  return (
    <>
      <div className="d-flex flex-wrap gap-1 mb-2">
        {OPENING_KINDS.map((kind) => (
          <button key={kind} type="button" className="btn btn-light btn-sm" onClick={() => add(kind)}>
            <Plus size={14} />
            {OPENING[kind]}
          </button>
        ))}
      </div>
      {said && (
        <div className="caution" role="alert">
          {said}
        </div>
      )}
      {building.openings.length === 0 && (
        <p className="note">No openings yet. Add one; it takes the first clear place on the wall last touched.</p>
      )}
      {opening && (
        <PickedOpening
          opening={opening}
          edit={edit}
          pick={pick}
          put={put}
          done={done}
          derived={derived}
          toSide={toSide}
          cornerName={cornerName}
          fromOther={fromOther}
        />
      )}
      {building.openings.length > 0 && (
        <OpeningsTable building={building} opening={opening} pick={pick} derived={derived} />
      )}
      {building.bridged.length > 0 && <Bridged building={building} edit={edit} />}
    </>
  )
}
