'use client'
import { Plus, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { checkJob } from '@/core/derive'
import { clearPlace, cornersOf, isEave, needsJambs } from '@/core/layout'
import { OPENING_KINDS, SIDES, type Corner, type Opening, type OpeningKind, type Side } from '@/core/model'
import { OPENING } from '@/formats/words'
import { ChoiceField, LengthField, Measure, TextField } from '@/ui'
import { useDoc, useJob } from '../job'

const SIZE: Readonly<Record<OpeningKind, { widthIn: number; heightIn: number; sillIn: number }>> = {
  overhead: { widthIn: 120, heightIn: 120, sillIn: 0 },
  slider: { widthIn: 120, heightIn: 108, sillIn: 0 },
  walk: { widthIn: 38, heightIn: 82, sillIn: 0 },
  window: { widthIn: 48, heightIn: 36, sillIn: 46 },
}

/** Openings: a list, the picked one's fields, and a way to add another where there is room. */
export function OpeningsList() {
  const { job, derived, edit, done } = useDoc()
  const picked = useJob((s) => s.picked)
  const pick = useJob((s) => s.pick)
  const [said, setSaid] = useState('')
  const b = job.building
  const o = b.openings.find((x) => x.id === picked.opening)
  const put =
    <K extends keyof Opening>(key: K, label: string) =>
    (v: Opening[K], g?: string) =>
      edit(
        label,
        (j) => ({
          ...j,
          building: {
            ...j.building,
            openings: j.building.openings.map((x) => (x.id === o?.id ? { ...x, [key]: v } : x)),
          },
        }),
        g && `${o?.id}-${key}-${g}`,
      )
  const cornerName = (c: Corner) => {
    const last = derived.grid.centresIn.length
    return `${c[0] === 'S' ? derived.rows.south : derived.rows.north}${c[1] === 'W' ? 1 : last}`
  }
  const clear = (x: Opening) =>
    clearPlace(b, derived.grid, x, (next) => checkJob({ ...job, building: next }).length === 0)
  const add = (kind: OpeningKind) => {
    const n = Math.max(0, ...b.openings.map((x) => Number(/^op-(\d+)$/.exec(x.id)?.[1] ?? 0))) + 1
    const size = { ...SIZE[kind], heightIn: Math.min(SIZE[kind].heightIn, b.heelIn - SIZE[kind].sillIn - 12) }
    for (const side of [picked.wall, ...SIDES.filter((s) => s !== picked.wall)]) {
      const placed = clear({ id: `op-${n}`, kind, name: '', side, corner: cornersOf(side)[0], positionIn: 0, ...size })
      if (!placed) continue
      const issues = edit(`add ${OPENING[kind]}`, (j) => ({
        ...j,
        building: { ...j.building, openings: [...j.building.openings, placed] },
      }))
      if (issues.length === 0) {
        pick({ opening: placed.id, post: null, wall: side })
        setSaid('')
        return
      }
    }
    setSaid(`There is no clear place for a ${OPENING[kind]} of ${size.widthIn / 12}′ on any wall.`)
  }
  const toSide = (side: Side) => {
    if (!o) return
    const placed = clearPlace(
      { ...b, openings: b.openings.filter((x) => x.id !== o.id) },
      derived.grid,
      { ...o, side, corner: cornersOf(side)[0] },
      (next) => checkJob({ ...job, building: next }).length === 0,
    )
    if (!placed) {
      setSaid(`There is no clear place for it on the ${derived.wallNames[side].toLowerCase()}.`)
      return
    }
    setSaid('')
    edit('move to another wall', (j) => ({
      ...j,
      building: { ...j.building, openings: j.building.openings.map((x) => (x.id === o.id ? placed : x)) },
    }))
    pick({ wall: side })
  }
  const fromOther = (corner: Corner) => {
    if (!o) return
    const wall = isEave(o.side) ? derived.grid.lengthIn : derived.grid.widthIn
    edit('tape from the other corner', (j) => ({
      ...j,
      building: {
        ...j.building,
        openings: j.building.openings.map((x) =>
          x.id === o.id && x.corner !== corner ? { ...x, corner, positionIn: wall - x.positionIn - x.widthIn } : x,
        ),
      },
    }))
  }
  return (
    <>
      <div className="d-flex flex-wrap gap-1 mb-2">
        {OPENING_KINDS.map((k) => (
          <button key={k} type="button" className="btn btn-light btn-sm" onClick={() => add(k)}>
            <Plus size={14} />
            {OPENING[k]}
          </button>
        ))}
      </div>
      {said && (
        <div className="caution" role="alert">
          {said}
        </div>
      )}
      {b.openings.length === 0 && (
        <p className="note">No openings yet. Add one; it takes the first clear place on the wall last touched.</p>
      )}
      {o && (
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
            <h3>{o.name || OPENING[o.kind]}</h3>
            <button
              type="button"
              className="icb"
              aria-label="Remove this opening"
              title="Remove"
              onClick={() => {
                edit(`remove ${o.name || OPENING[o.kind]}`, (j) => ({
                  ...j,
                  building: { ...j.building, openings: j.building.openings.filter((x) => x.id !== o.id) },
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
            value={o.name}
            onChange={put('name', 'opening name')}
            onDone={done}
          />
          <ChoiceField
            label="Wall"
            value={o.side}
            choices={SIDES.map((value) => ({ value, label: derived.wallNames[value] }))}
            onChange={toSide}
          />
          <ChoiceField
            label="Taped from corner"
            value={o.corner}
            choices={cornersOf(o.side).map((value) => ({ value, label: cornerName(value) }))}
            onChange={fromOther}
          />
          <LengthField
            label="To the near edge"
            name="positionIn"
            value={o.positionIn}
            onChange={put('positionIn', 'opening position')}
            onDone={done}
          />
          <LengthField
            label="Width, rough"
            name="openingWidth"
            value={o.widthIn}
            onChange={put('widthIn', 'opening width')}
            onDone={done}
          />
          <LengthField
            label="Height, rough"
            name="openingHeight"
            value={o.heightIn}
            onChange={put('heightIn', 'opening height')}
            onDone={done}
          />
          {o.kind === 'window' && (
            <LengthField
              label="Sill above grade line"
              name="sillIn"
              value={o.sillIn}
              onChange={put('sillIn', 'sill')}
              onDone={done}
            />
          )}
          <p className="hint lab mb-1">
            {needsJambs(o.kind)
              ? 'Gets a post at each jamb; posts in its way are left out.'
              : 'Hangs in bucks between posts; no post may stand in it.'}
          </p>
        </section>
      )}
      {b.openings.length > 0 && (
        <table className="tb">
          <thead>
            <tr>
              <th>opening</th>
              <th>wall</th>
              <th className="n">size</th>
            </tr>
          </thead>
          <tbody>
            {b.openings.map((x) => (
              <tr
                key={x.id}
                className={x.id === o?.id ? 'sel' : 'pick'}
                onClick={() => pick({ opening: x.id, post: null, wall: x.side })}
              >
                <td>
                  <button type="button" className="id" aria-pressed={x.id === o?.id}>
                    {x.name || OPENING[x.kind]}
                  </button>
                </td>
                <td>{derived.wallNames[x.side].replace(' wall', '')}</td>
                <td className="n">
                  <Measure inches={x.widthIn} /> × <Measure inches={x.heightIn} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {b.bridged.length > 0 && (
        <p className="note mt-2">
          Left out and bridged by a header:{' '}
          {b.bridged.map((id) => (
            <button
              key={id}
              type="button"
              className="btn btn-light btn-sm ms-1"
              onClick={() =>
                edit(`put ${id} back`, (j) => ({
                  ...j,
                  building: { ...j.building, bridged: j.building.bridged.filter((x) => x !== id) },
                }))
              }
            >
              Put {id} back
            </button>
          ))}
        </p>
      )}
    </>
  )
}
