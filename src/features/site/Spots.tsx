'use client'
import type { Dispatch, RefObject, SetStateAction } from 'react'
import type { Ground } from '@/core/model'
import type { Issue } from '@/core/result'
import { type SpotRow, spotsFromCsv } from '@/formats/csv/readings'
import { LengthField, OptionalLengthField } from '@/ui'

/** Spots of a file before they are taken. */
export function SpotPreview({
  seen,
  put,
  setSeen,
}: {
  readonly seen: { readonly rows: readonly SpotRow[]; readonly problems: readonly string[] }
  readonly put: (name: string, change: (ground: Ground) => Ground, gesture?: string) => readonly Issue[]
  readonly setSeen: Dispatch<
    SetStateAction<{ readonly rows: readonly SpotRow[]; readonly problems: readonly string[] } | null>
  >
}) {
  return (
    <div className="move">
      <div className="big">{seen.rows.length} spots to take</div>
      {seen.problems.slice(0, 6).map((problem) => (
        <p key={problem} role="alert">
          {problem}
        </p>
      ))}
      <p className="d-flex gap-2">
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={seen.rows.length === 0}
          onClick={() => {
            put('spots from a file', (ground) => ({
              ...ground,
              spots: [...ground.spots.filter((spot) => !seen.rows.some((row) => row.id === spot.id)), ...seen.rows],
            }))
            setSeen(null)
          }}
        >
          Take them
        </button>
        <button type="button" className="btn btn-light btn-sm" onClick={() => setSeen(null)}>
          Leave it
        </button>
      </p>
    </div>
  )
}

/** New spots, spots from a file, heights from the rod. */
export function SpotFile({
  put,
  nextId,
  lengthIn,
  widthIn,
  file,
  setSeen,
  read,
}: {
  readonly put: (name: string, change: (ground: Ground) => Ground, gesture?: string) => readonly Issue[]
  readonly nextId: () => string
  readonly lengthIn: number
  readonly widthIn: number
  readonly file: RefObject<HTMLInputElement | null>
  readonly setSeen: Dispatch<
    SetStateAction<{ readonly rows: readonly SpotRow[]; readonly problems: readonly string[] } | null>
  >
  readonly read: { id: string; heightIn: number }[]
}) {
  return (
    <div className="d-flex gap-2 my-2 flex-wrap">
      <button
        type="button"
        className="btn btn-light btn-sm"
        onClick={() => {
          put('new spot', (ground) => ({
            ...ground,
            spots: [...ground.spots, { id: nextId(), xIn: lengthIn / 2, yIn: widthIn / 2, heightIn: 0 }],
          }))
        }}
      >
        Add a spot
      </button>
      <button type="button" className="btn btn-light btn-sm" onClick={() => file.current?.click()}>
        Spots from CSV
      </button>
      <input
        ref={file}
        type="file"
        hidden
        accept=".csv,text/csv"
        aria-label="Spots file"
        onChange={(event) => {
          const file = event.target.files?.[0]
          if (file) void file.text().then((value) => setSeen(spotsFromCsv(value)))
          event.target.value = ''
        }}
      />
      {read.length > 0 && (
        <button
          type="button"
          className="btn btn-primary btn-sm"
          onClick={() => {
            put('spot readings', (ground) => ({
              ...ground,
              spots: ground.spots.map((spot) => ({
                ...spot,
                heightIn: read.find((spotRead) => spotRead.id === spot.id)?.heightIn ?? spot.heightIn,
              })),
            }))
          }}
        >
          Take {read.length} readings
        </button>
      )}
    </div>
  )
}

/** Spot heights, one a line. */
export function SpotTable({
  ground,
  spotAt,
  done,
  put,
}: {
  readonly ground: Ground
  readonly spotAt: (i: number, change: Partial<Ground['spots'][number]>) => readonly Issue[]
  readonly done: () => void
  readonly put: (name: string, change: (ground: Ground) => Ground, gesture?: string) => readonly Issue[]
}) {
  return (
    <table className="tb" aria-label="Spot heights">
      <thead>
        <tr>
          <th>spot</th>
          <th className="n">east</th>
          <th className="n">north</th>
          <th className="n">height</th>
          <th />
        </tr>
      </thead>
      <tbody>
        {ground.spots.map((spot, i) => (
          <tr key={spot.id}>
            <td>
              <b>{spot.id}</b>
            </td>
            <td className="n">
              <LengthField
                bare
                label="east"
                ariaLabel={`${spot.id} east`}
                value={spot.xIn}
                onChange={(x) => spotAt(i, { xIn: x })}
                onDone={done}
              />
            </td>
            <td className="n">
              <LengthField
                bare
                label="north"
                ariaLabel={`${spot.id} north`}
                value={spot.yIn}
                onChange={(x) => spotAt(i, { yIn: x })}
                onDone={done}
              />
            </td>
            <td className="n">
              <OptionalLengthField
                bare
                label="height"
                ariaLabel={`${spot.id} height`}
                feet={false}
                value={spot.heightIn}
                onChange={(x) => spotAt(i, { heightIn: x })}
                onDone={done}
              />
            </td>
            <td>
              <button
                type="button"
                className="btn btn-light btn-sm"
                style={{ height: 24, padding: '0 6px' }}
                aria-label={`remove ${spot.id}`}
                onClick={() => {
                  put('spot taken out', (ground) => ({ ...ground, spots: ground.spots.filter((_, k) => k !== i) }))
                }}
              >
                ×
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
