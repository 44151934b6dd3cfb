'use client'
import { IN_PER_FT, PITCH_RUN_IN, SAME_IN } from '@/core/units'
import { Bar, CartesianGrid, ComposedChart, Legend, Line, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { ShownDerived, ToldLateral } from '@/formats/shown'
import { wallShearLb } from '@/core/frame'
import { Side, SIDES } from '@/core/model'
import { About, AfterFrame, Quantity, useWriter } from '@/ui'
import { Note, Materials, useSize } from '../drawing'
import { useDoc } from '../job'

/** How far a line that nothing holds is drawn to move. */
const FALLEN = 60

/**
 * The building from above under wind across the ridge: where the eave goes, drawn large, and what each wall takes to
 * the ground.
 */
function Sway({
  lateral,
  lengthIn,
  widthIn,
}: {
  readonly lateral: ToldLateral
  readonly lengthIn: number
  readonly widthIn: number
}) {
  const [ref, size] = useSize<SVGSVGElement>()
  const { derived } = useDoc()
  const [width, height] = [size.width || 800, 270]
  const scale = Math.min((width - 250) / lengthIn, 130 / widthIn)
  const x0 = (width - lengthIn * scale) / 2
  const y0 = 196
  const { about } = useWriter()
  const most = Math.max(...lateral.row.moveIn.map((move) => move ?? 0), SAME_IN)
  const push = most > 0.001 ? 40 / most : 0
  const stands = lateral.row.moveIn.every((move) => move !== null)
  const drawnMove = (line: number) => {
    const move = lateral.row.moveIn[line]
    return move === null ? FALLEN : move * push
  }
  const eave = (y: number) =>
    lateral.row.xIn.map((x, i) => `${i ? 'L' : 'M'}${x0 + x * scale} ${y - drawnMove(i)}`).join('')
  const shear = wallShearLb(lateral)
  return (
    <svg
      ref={ref}
      width="100%"
      height={height}
      role="img"
      aria-label={`Plan: the eave moves ${about(most, 'inches')} at most under wind across the ridge`}
    >
      <Materials />
      <rect
        x={x0}
        y={y0 - widthIn * scale}
        width={lengthIn * scale}
        height={widthIn * scale}
        fill="var(--sheet)"
        stroke="var(--galv-3)"
        strokeDasharray="5 4"
      />
      {lateral.row.xIn.map((x, i) => {
        const move = drawnMove(i)
        return (
          <line
            key={x}
            x1={x0 + x * scale}
            x2={x0 + x * scale}
            y1={y0 - move}
            y2={y0 - widthIn * scale - move}
            stroke="var(--lumber-3)"
            strokeWidth={2}
          />
        )
      })}
      <path d={eave(y0)} fill="none" stroke="var(--ink)" strokeWidth={2.6} />
      <path d={eave(y0 - widthIn * scale)} fill="none" stroke="var(--ink)" strokeWidth={2.6} />
      {lateral.row.xIn
        .filter((_, i) => i % Math.ceil(lateral.row.xIn.length / 9) === 0)
        .map((x) => (
          <path
            key={x}
            d={`M${x0 + x * scale} ${y0 + 40}V${y0 + 14}m-5 8l5 -9l5 9`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={2}
          />
        ))}
      <Note x={x0 + (lengthIn * scale) / 2} y={y0 + 58} size={13.5} weight={650} anchor="middle">
        wind pushes <About value={lateral.row.eavePlf} kind="plf" /> along the eave
      </Note>
      <Note x={x0 - 12} y={y0 - (widthIn * scale) / 2 - 4} size={13.5} weight={700} anchor="end">
        <Quantity value={shear.west} kind="lb" />
      </Note>
      <Note x={x0 - 12} y={y0 - (widthIn * scale) / 2 + 13} size={12} anchor="end" fill="var(--ink-2)">
        into the {derived.wallNames.west.toLowerCase()}
      </Note>
      <Note x={x0 + lengthIn * scale + 12} y={y0 - (widthIn * scale) / 2 - 4} size={13.5} weight={700}>
        <Quantity value={shear.east} kind="lb" />
      </Note>
      <Note x={x0 + lengthIn * scale + 12} y={y0 - (widthIn * scale) / 2 + 13} size={12} fill="var(--ink-2)">
        into the {derived.wallNames.east.toLowerCase()}
      </Note>
      {(push > 0 || !stands) && (
        <Note x={x0 + (lengthIn * scale) / 2} y={y0 - widthIn * scale - 52} size={13.5} weight={650} anchor="middle">
          {stands
            ? `the eave moves ${about(most, 'inches')} at most (drawn large)`
            : 'nothing holds these frames: they fall'}
        </Note>
      )}
      {push === 0 && stands && (
        <Note x={x0 + (lengthIn * scale) / 2} y={y0 - widthIn * scale - 14} size={13.5} weight={650} anchor="middle">
          the roof is taken to hold the eave still
        </Note>
      )}
    </svg>
  )
}

/** What each wall takes to the ground. */
function WallShears({ derived, shear }: { readonly derived: ShownDerived; readonly shear: Record<Side, number> }) {
  return (
    <table className="tb mt-2" style={{ maxWidth: 620 }} aria-label="Shear into the walls">
      <thead>
        <tr>
          <th>wall</th>
          <th>from wind</th>
          <th className="n">into it</th>
        </tr>
      </thead>
      <tbody>
        {SIDES.map((side) => (
          <tr key={side}>
            <td>{derived.wallNames[side]}</td>
            <td>{side === 'west' || side === 'east' ? 'across the ridge' : 'along the ridge'}</td>
            <td className="n">
              <Quantity value={shear[side]} kind="lb" />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** Shear of the roof from bay to bay. */
function BayChart({ bays }: { readonly bays: { name: string; shear: number; allow: number | null }[] }) {
  return (
    <figure style={{ flex: 1 }} aria-label="Roof shear by bay">
      <figcaption className="note">Shear along each slope by bay, lb a foot</figcaption>
      <AfterFrame height={200}>
        <ResponsiveContainer width="100%" height={200}>
          <ComposedChart data={bays} margin={{ left: 0, right: 8, top: 6 }}>
            <CartesianGrid stroke="var(--galv-2)" vertical={false} />
            <XAxis dataKey="name" />
            <YAxis width={44} />
            <Tooltip />
            <Legend formatter={(value) => <span style={{ color: 'var(--ink)' }}>{value}</span>} />
            <Bar dataKey="shear" name="shear" fill="#5B696C" isAnimationActive={false} />
            <Line
              dataKey="allow"
              name="allowed"
              stroke="#B4231B"
              strokeDasharray="6 4"
              dot={false}
              isAnimationActive={false}
            />
          </ComposedChart>
        </ResponsiveContainer>
      </AfterFrame>
    </figure>
  )
}

/** What each frame takes of its load. */
function FrameChart({ frames }: { readonly frames: { name: string; load: number; frame: number }[] }) {
  return (
    <figure style={{ flex: 1 }} aria-label="What each frame takes">
      <figcaption className="note">Eave load of each frame, and what the frame itself keeps, lb</figcaption>
      <AfterFrame height={200}>
        <ResponsiveContainer width="100%" height={200}>
          <ComposedChart data={frames} margin={{ left: 0, right: 8, top: 6 }}>
            <CartesianGrid stroke="var(--galv-2)" vertical={false} />
            <XAxis dataKey="name" />
            <YAxis width={52} />
            <Tooltip />
            <Legend formatter={(value) => <span style={{ color: 'var(--ink)' }}>{value}</span>} />
            <Bar dataKey="load" name="eave load" fill="#C5CCCC" isAnimationActive={false} />
            <Bar dataKey="frame" name="kept by the frame" fill="#10272B" isAnimationActive={false} />
          </ComposedChart>
        </ResponsiveContainer>
      </AfterFrame>
    </figure>
  )
}

/** How wind goes to the ground: the eave's movement, each frame's share, each bay's shear, and the walls. */
export function BracingMain() {
  const { job, derived } = useDoc()
  const lateral = derived.lateral
  if (!lateral)
    return (
      <>
        <div className="wh">
          <h2>Bracing</h2>
        </div>
        <div className="scroll" style={{ inset: '60px 18px 0' }}>
          <p>Enter the site’s hazards first: without wind nothing is braced.</p>
        </div>
      </>
    )
  const allow = job.building.skin.roofAllowPlf
  const slopeFt = Math.hypot(
    derived.grid.widthIn / 2 / IN_PER_FT,
    ((derived.grid.widthIn / 2 / IN_PER_FT) * job.building.pitchPer12) / PITCH_RUN_IN,
  )
  const cos = derived.grid.widthIn / 2 / IN_PER_FT / slopeFt
  const frames = lateral.row.xIn.map((_, i) => {
    const frameLb = () => {
      if (lateral.row.result) {
        if (
          (i === 0 && lateral.row.wallLbIn[0] > 0) ||
          (i === lateral.row.xIn.length - 1 && lateral.row.wallLbIn[1] > 0)
        )
          return 0
        return Math.round(Math.abs(lateral.row.result.frameLb[i]))
      }
      if (lateral.relied === 'frames alone') return Math.round(lateral.row.loadLb[i])
      return 0
    }
    return {
      name: `${i + 1}`,
      load: Math.round(lateral.row.loadLb[i]),
      frame: frameLb(),
    }
  })
  const bays = (lateral.row.result?.bayShearLb ?? []).map((value, i) => ({
    name: `${i + 1}–${i + 2}`,
    shear: Math.round((Math.abs(value) / 2 / cos / slopeFt) * 10) / 10,
    allow,
  }))
  const shear = wallShearLb(lateral)
  return (
    <>
      <div className="wh">
        <h2>Bracing</h2>
        <p>how the wind goes to the ground</p>
      </div>
      <div className="scroll" style={{ inset: '44px 0 0', padding: '4px 18px 20px' }}>
        <Sway lateral={lateral} lengthIn={derived.grid.lengthIn} widthIn={derived.grid.widthIn} />
        <div className="d-flex gap-3">
          <FrameChart frames={frames} />
          {bays.length > 0 && <BayChart bays={bays} />}
        </div>
        <WallShears derived={derived} shear={shear} />
        {lateral.kneeLb > 0 && (
          <p className="note mt-2">
            Each knee brace takes up to <Quantity value={lateral.kneeLb} kind="lb" />.
          </p>
        )}
      </div>
    </>
  )
}
