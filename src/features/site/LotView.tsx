'use client'
import { Plus, Trash2 } from 'lucide-react'
import { useMemo } from 'react'
import { jobStructure } from '@/core/derive'
import type { Plot } from '@/core/model'
import type { Lot, LotLine, LotThing } from '@/core/terrain'
import { lotDrawing } from '@/formats/drawings'
import { FailSign, Measure, OptionalLengthField, Quantity, TextField } from '@/ui'
import { SheetDrawing } from '../drawing'
import { changedAt, useDoc, useJobPart } from '../job'
import { EastNorth } from './EastNorth'

type Corner = Plot['corners'][number]
type Thing = Plot['things'][number]

/** Distance of a new lot's lines from the building, inches: moved to where they are. */
const START_IN = 600
/** Room of the drawing, points. */
const ROOM = { wide: 640, high: 400 }

const freshId = (all: readonly { readonly id: string }[], of: string): string => {
  let next = all.length + 1
  while (all.some(({ id }) => id === `${of}-${next}`)) next++
  return `${of}-${next}`
}

function Remove({ label, onClick }: { readonly label: string; readonly onClick: () => void }) {
  return (
    <button type="button" className="icb" aria-label={label} title={label} onClick={onClick}>
      <Trash2 size={15} />
    </button>
  )
}

/** Whether a set-back or distance is kept. */
function Kept({ holds }: { readonly holds: boolean | null }) {
  if (holds === null) return <span className="note">not asked for</span>
  return holds ? (
    <>kept</>
  ) : (
    <b className="text-nowrap">
      <FailSign size={13} /> not kept
    </b>
  )
}

/** One corner of the lot, with the line that goes on from it and what it leaves. */
function CornerRow({
  corner,
  i,
  line,
}: {
  readonly corner: Corner
  readonly i: number
  readonly line: LotLine | undefined
}) {
  const { change: changePlot, done } = useJobPart('plot')
  const change = (to: Partial<Corner>) =>
    changePlot('lot', (plot) => ({ ...plot, corners: changedAt(plot.corners, i, to) }))
  const label = `corner ${i + 1}`
  return (
    <tr className={line?.holds === false ? 'warn' : ''}>
      <td>
        <b>{i + 1}</b>
      </td>
      <EastNorth label={label} place={corner} onChange={change} onDone={done} />
      <td>
        <TextField
          bare
          label="line"
          ariaLabel={`line from ${label}`}
          value={corner.line}
          onChange={(line) => change({ line })}
          onDone={done}
        />
      </td>
      <td className="n">
        <OptionalLengthField
          bare
          label="set-back"
          ariaLabel={`set-back from line ${i + 1}`}
          value={corner.setbackIn}
          onChange={(setbackIn) => change({ setbackIn })}
          onDone={done}
        />
      </td>
      <td className="n">{line && <Measure inches={line.lengthIn} />}</td>
      <td className="n">{line && <Measure inches={line.wall.lengthIn} />}</td>
      <td className="n">{line && <Measure inches={line.eave.lengthIn} />}</td>
      <td>{line && <Kept holds={line.holds} />}</td>
      <td>
        <Remove
          label={`take out ${label}`}
          onClick={() =>
            changePlot('lot corner out', (plot) => ({ ...plot, corners: plot.corners.filter((_, k) => k !== i) }))
          }
        />
      </td>
    </tr>
  )
}

function ThingRow({
  thing,
  i,
  found,
}: {
  readonly thing: Thing
  readonly i: number
  readonly found: LotThing | undefined
}) {
  const { change: changePlot, done } = useJobPart('plot')
  const change = (to: Partial<Thing>) =>
    changePlot('on the lot', (plot) => ({ ...plot, things: changedAt(plot.things, i, to) }))
  const label = thing.name || `thing ${i + 1}`
  return (
    <tr>
      <td>
        <TextField
          bare
          label="what"
          ariaLabel={`what thing ${i + 1} is`}
          value={thing.name}
          onChange={(name) => change({ name })}
          onDone={done}
        />
      </td>
      <EastNorth label={label} place={thing} onChange={change} onDone={done} />
      <td className="n">
        <OptionalLengthField
          bare
          label="keep away"
          ariaLabel={`distance from ${label}`}
          value={thing.clearIn}
          onChange={(clearIn) => change({ clearIn })}
          onDone={done}
        />
      </td>
      <td className="n">{found && <Measure inches={found.wall.lengthIn} />}</td>
      <td>{found && <Kept holds={found.holds} />}</td>
      <td>
        <Remove
          label={`take out ${label}`}
          onClick={() =>
            changePlot('thing out', (plot) => ({ ...plot, things: plot.things.filter((_, k) => k !== i) }))
          }
        />
      </td>
    </tr>
  )
}

/** Corners of the lot and what stands on it, as they are typed. */
function LotFields({ lot }: { readonly lot: Lot | null }) {
  const { derived } = useDoc()
  const { part: plot, change } = useJobPart('plot')
  const { lengthIn, widthIn } = derived.grid
  const begin = () => {
    const round: readonly (readonly [number, number])[] = [
      [-START_IN, -START_IN],
      [lengthIn + START_IN, -START_IN],
      [lengthIn + START_IN, widthIn + START_IN],
      [-START_IN, widthIn + START_IN],
    ]
    change('lot', (now) => ({
      ...now,
      corners: round.map(([xIn, yIn], i) => ({ id: `lot-${i + 1}`, xIn, yIn, line: '', setbackIn: null })),
    }))
  }
  const addCorner = () =>
    change('lot corner', (now) => {
      const [first, last] = [now.corners[0], now.corners[now.corners.length - 1]]
      const [xIn, yIn] = first && last ? [(first.xIn + last.xIn) / 2, (first.yIn + last.yIn) / 2] : [0, -START_IN]
      return {
        ...now,
        corners: [...now.corners, { id: freshId(now.corners, 'lot'), xIn, yIn, line: '', setbackIn: null }],
      }
    })
  const addThing = () =>
    change('on the lot', (now) => ({
      ...now,
      things: [
        ...now.things,
        { id: freshId(now.things, 'thing'), name: '', xIn: lengthIn + 240, yIn: 0, clearIn: null },
      ],
    }))
  return (
    <>
      <h3 className="mt-2 mb-1">Corners of the lot</h3>
      {plot.corners.length === 0 ? (
        <p className="note">
          No lot yet: the site plan needs its corners. East and north are along the strings, from the corner post A1’s
          string corner.
        </p>
      ) : (
        <table className="tb" aria-label="Corners of the lot">
          <thead>
            <tr>
              <th />
              <th className="n">east</th>
              <th className="n">north</th>
              <th>line from it</th>
              <th className="n">set-back</th>
              <th className="n">long</th>
              <th className="n">to the walls</th>
              <th className="n">to the roof edge</th>
              <th />
              <th />
            </tr>
          </thead>
          <tbody>
            {plot.corners.map((corner, i) => (
              <CornerRow key={corner.id} corner={corner} i={i} line={lot?.lines[i]} />
            ))}
          </tbody>
        </table>
      )}
      <div className="d-flex gap-2 my-2">
        {plot.corners.length === 0 && (
          <button type="button" className="btn btn-primary btn-sm" onClick={begin}>
            Begin with a rectangle
          </button>
        )}
        <button type="button" className="btn btn-light btn-sm" onClick={addCorner}>
          <Plus size={14} /> Corner
        </button>
      </div>
      <h3 className="mt-3 mb-1">On the lot</h3>
      {plot.things.length > 0 && (
        <table className="tb" aria-label="On the lot">
          <thead>
            <tr>
              <th>what</th>
              <th className="n">east</th>
              <th className="n">north</th>
              <th className="n">keep away</th>
              <th className="n">to the walls</th>
              <th />
              <th />
            </tr>
          </thead>
          <tbody>
            {plot.things.map((thing, i) => (
              <ThingRow key={thing.id} thing={thing} i={i} found={lot?.things[i]} />
            ))}
          </tbody>
        </table>
      )}
      <button type="button" className="btn btn-light btn-sm my-2" onClick={addThing}>
        <Plus size={14} /> Well, drain field, building
      </button>
      <p className="note">
        Distances are level and as typed. A survey, and the department’s own rule for what a set-back is measured to,
        decide.
      </p>
    </>
  )
}

/** The building on its lot: the site plan as it is printed, and what it is drawn from. */
export function LotView() {
  const { job, derived } = useDoc()
  const drawing = useMemo(
    () => lotDrawing({ job, derived, structure: jobStructure(job, derived) }, ROOM),
    [job, derived],
  )
  const lot = drawing?.lot ?? null
  return (
    <div className="scroll narrow" style={{ inset: '44px 0 0', padding: '8px 18px 24px' }}>
      {drawing ? (
        drawing.blocks.map((block, i) => (
          <div key={i} className="onpaper">
            <SheetDrawing block={block} />
          </div>
        ))
      ) : (
        <p className="note">Three corners of the lot make a site plan.</p>
      )}
      {lot?.outside && (
        <div className="caution" role="alert">
          Part of the roof lies outside the lot as it is typed.
        </div>
      )}
      <LotFields lot={lot} />
      {lot && (
        <p className="note">
          The lot has <Quantity value={lot.areaFt2} kind="ft2" /> as typed.
        </p>
      )}
    </div>
  )
}
