'use client'
import { spotOf } from '@/core/field'
import { useRef, useState } from 'react'
import type { Ground } from '@/core/model'
import { spotsFromCsv } from '@/formats/csv'
import { OptionalLengthField } from '@/ui'
import { useLog, useMeasured } from '../field'
import { changedAt, useDoc, useJobPart } from '../job'
import { EastNorth } from './EastNorth'

type Spot = Ground['spots'][number]
type SpotFile = ReturnType<typeof spotsFromCsv>

/** The first free name of a spot. */
function nextSpotId(spots: readonly Spot[]): string {
  let next = spots.length + 1
  while (spots.some((spot) => spot.id === `S${next}`)) next++
  return `S${next}`
}

/** Spots whose phones read another height than the job holds, in heights above the grade line. */
function useReadSpots(): readonly { readonly id: string; readonly heightIn: number }[] {
  const { job, derived } = useDoc()
  const { rods } = useMeasured(job, derived)
  const grounds = useLog((log) => log.levels.grounds)
  const { gradeReadingIn } = rods
  if (gradeReadingIn === null) return []
  return Object.values(grounds).flatMap((reading) => {
    const id = spotOf(reading.target)
    const spot = job.ground.spots.find((spot) => spot.id === id)
    const heightIn = gradeReadingIn - reading.inches
    return spot && spot.heightIn !== heightIn ? [{ id, heightIn }] : []
  })
}

/** Spots of a file before they are taken. */
function SpotPreview({ seen, onClose }: { readonly seen: SpotFile; readonly onClose: () => void }) {
  const { change: changeGround } = useJobPart('ground')
  const take = () => {
    changeGround('spots from a file', (ground) => ({
      ...ground,
      spots: [...ground.spots.filter((spot) => !seen.rows.some((row) => row.id === spot.id)), ...seen.rows],
    }))
    onClose()
  }
  return (
    <div className="move">
      <div className="big">{seen.rows.length} spots to take</div>
      {seen.problems.slice(0, 6).map((problem) => (
        <p key={problem} role="alert">
          {problem}
        </p>
      ))}
      <p className="d-flex gap-2">
        <button type="button" className="btn btn-primary btn-sm" disabled={seen.rows.length === 0} onClick={take}>
          Take them
        </button>
        <button type="button" className="btn btn-light btn-sm" onClick={onClose}>
          Leave it
        </button>
      </p>
    </div>
  )
}

/** New spots, spots from a file, heights from the rod. */
function SpotSources({ onFile }: { readonly onFile: (seen: SpotFile) => void }) {
  const { derived } = useDoc()
  const { change: changeGround } = useJobPart('ground')
  const read = useReadSpots()
  const file = useRef<HTMLInputElement>(null)
  const { lengthIn, widthIn } = derived.grid
  const addOne = () => {
    changeGround('new spot', (ground) => ({
      ...ground,
      spots: [...ground.spots, { id: nextSpotId(ground.spots), xIn: lengthIn / 2, yIn: widthIn / 2, heightIn: 0 }],
    }))
  }
  const takeReadings = () => {
    const heights = new Map(read.map((spot) => [spot.id, spot.heightIn]))
    changeGround('spot readings', (ground) => ({
      ...ground,
      spots: ground.spots.map((spot) => ({ ...spot, heightIn: heights.get(spot.id) ?? spot.heightIn })),
    }))
  }
  return (
    <div className="d-flex gap-2 my-2 flex-wrap">
      <button type="button" className="btn btn-light btn-sm" onClick={addOne}>
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
          if (file) void file.text().then((value) => onFile(spotsFromCsv(value)))
          event.target.value = ''
        }}
      />
      {read.length > 0 && (
        <button type="button" className="btn btn-primary btn-sm" onClick={takeReadings}>
          Take {read.length} readings
        </button>
      )}
    </div>
  )
}

/** One spot: where it is and how high. */
function SpotRow({ spot, i }: { readonly spot: Spot; readonly i: number }) {
  const { change: changeGround, done } = useJobPart('ground')
  const change = (to: Partial<Spot>) =>
    changeGround('spot height', (ground) => ({ ...ground, spots: changedAt(ground.spots, i, to) }), `spot-${i}`)
  return (
    <tr>
      <td>
        <b>{spot.id}</b>
      </td>
      <EastNorth label={spot.id} place={spot} onChange={change} onDone={done} />
      <td className="n">
        <OptionalLengthField
          bare
          label="height"
          ariaLabel={`${spot.id} height`}
          feet={false}
          value={spot.heightIn}
          onChange={(heightIn) => change({ heightIn })}
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
            changeGround('spot taken out', (ground) => ({ ...ground, spots: ground.spots.filter((_, k) => k !== i) }))
          }}
        >
          ×
        </button>
      </td>
    </tr>
  )
}

/** Spot heights, one a line, and where new ones come from. */
export function Spots() {
  const { part: ground } = useJobPart('ground')
  const [seen, setSeen] = useState<SpotFile | null>(null)
  return (
    <>
      <h3 className="mt-2 mb-1">Spot heights</h3>
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
            <SpotRow key={spot.id} spot={spot} i={i} />
          ))}
        </tbody>
      </table>
      <SpotSources onFile={setSeen} />
      {seen && <SpotPreview seen={seen} onClose={() => setSeen(null)} />}
    </>
  )
}
