'use client'
import { useMemo, useRef, useState } from 'react'
import { surfaceOfJob } from '@/core/derive'
import { contourLines, contourStepIn, earthwork } from '@/core/terrain'
import type { Ground } from '@/core/model'
import { spotsFromCsv } from '@/formats/csv'
import { ChoiceField, LengthField, Measure, OptionalLengthField } from '@/ui'
import { formatLength } from '@/core/units'
import { Note, useSize, useViewport, ZoomButtons } from '../drawing'
import { useLog, useMeasured } from '../field'
import { useDoc, useJob } from '../job'
import { Ways } from './Ways'

const inch = (v: number) => formatLength(v, { feet: false })
/** How far about the building the ground is drawn, inches. */
const ROUND_IN = 150
const KINDS = (['stump', 'root', 'rock', 'buried line'] as const).map((value) => ({ value, label: value }))

/** The lie of the land: contours under the plan, spot heights, cut and fill to the pad, what is in the way. */
export function GroundView() {
  const { job, derived: d, edit, done } = useDoc()
  const pickPost = useJob((s) => s.pick)
  const { rods } = useMeasured(job, d)
  const grounds = useLog((s) => s.levels.grounds)
  const [ref, size] = useSize<SVGSVGElement>()
  const file = useRef<HTMLInputElement>(null)
  const [seen, setSeen] = useState<ReturnType<typeof spotsFromCsv> | null>(null)
  const g = job.ground
  const { lengthIn: l, widthIn: w } = d.grid
  const box = useMemo(() => ({ x0: -ROUND_IN, y0: -ROUND_IN, x1: l + ROUND_IN, y1: w + ROUND_IN }), [l, w])
  const surface = useMemo(() => surfaceOfJob({ ...job, ground: g }), [job, g])
  const lines = useMemo(() => {
    if (!surface) return []
    const all = surface.spots.map((s) => s.heightIn)
    return contourLines(surface, box, contourStepIn(Math.max(...all) - Math.min(...all)))
  }, [surface, box])
  const work = useMemo(
    () => (surface ? earthwork(surface, { x0: 0, y0: 0, x1: l, y1: w }, g.padIn) : null),
    [surface, l, w, g.padIn],
  )
  const v = useViewport(ref, size, box, { left: 40, right: 64, top: 30, bottom: 30 })
  const put = (name: string, change: (g: Ground) => Ground, gesture?: string) =>
    edit(name, (j) => ({ ...j, ground: change(j.ground) }), gesture)
  // What phones read at spots, in heights above the grade line.
  const read =
    rods.gradeReadingIn === null
      ? []
      : Object.values(grounds).flatMap((t) => {
          const id = t.target.replace('spot-', '')
          const s = g.spots.find((q) => q.id === id)
          const heightIn = (rods.gradeReadingIn ?? 0) - t.inches
          return s && s.heightIn !== heightIn ? [{ id, heightIn }] : []
        })
  const nextId = () => {
    let n = g.spots.length + 1
    while (g.spots.some((s) => s.id === `S${n}`)) n++
    return `S${n}`
  }
  const spotAt = (i: number, change: Partial<Ground['spots'][number]>) =>
    put(
      'spot height',
      (q) => ({ ...q, spots: q.spots.map((s, k) => (k === i ? { ...s, ...change } : s)) }),
      `spot-${i}`,
    )
  const thingAt = (i: number, change: Partial<Ground['obstructions'][number]>) =>
    put(
      'obstruction',
      (q) => ({ ...q, obstructions: q.obstructions.map((s, k) => (k === i ? { ...s, ...change } : s)) }),
      `thing-${i}`,
    )
  const posts = d.ground ? d.posts.map((p) => ({ p, at: d.ground?.[p.id] })) : []
  return (
    <div className="position-absolute d-flex" style={{ inset: '44px 0 0' }}>
      <div style={{ position: 'relative', flex: '1 1 0', minWidth: 0 }}>
        <svg ref={ref} className="drawing" role="group" aria-label="Plan with contour lines" onPointerDown={v.pan}>
          {lines.map((c) => (
            <g key={c.heightIn} aria-label={`contour ${inch(c.heightIn)}`}>
              {c.runs.map((run, i) => (
                <path
                  key={i}
                  d={`M${run.map(([x, y]) => `${v.X(x).toFixed(1)} ${v.Y(y).toFixed(1)}`).join('L')}`}
                  fill="none"
                  stroke={Math.abs(c.heightIn) < 1e-6 ? 'var(--grade)' : '#A8865A'}
                  strokeWidth={Math.abs(c.heightIn) < 1e-6 ? 3 : 1.3}
                />
              ))}
              {c.runs[0] && (
                <Note
                  x={v.X(c.runs[0][Math.floor(c.runs[0].length * 0.2)][0])}
                  y={v.Y(c.runs[0][Math.floor(c.runs[0].length * 0.2)][1]) + 4}
                  size={12}
                  weight={600}
                  anchor="middle"
                  fill="#6B5230"
                >{`${c.heightIn > 0 ? '+' : ''}${inch(c.heightIn)}`}</Note>
              )}
            </g>
          ))}
          <rect
            x={v.X(0)}
            y={v.Y(w)}
            width={l * v.view.s}
            height={w * v.view.s}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={2}
            pointerEvents="none"
          />
          {g.spots.map((s) => (
            <g key={s.id}>
              <path
                d={`M${v.X(s.xIn) - 4} ${v.Y(s.yIn)}h8M${v.X(s.xIn)} ${v.Y(s.yIn) - 4}v8`}
                stroke="var(--ink)"
                strokeWidth={1.4}
              />
              <Note x={v.X(s.xIn) + 6} y={v.Y(s.yIn) - 5} size={12}>
                {s.heightIn === null ? `${s.id} ?` : `${s.heightIn > 0 ? '+' : ''}${inch(s.heightIn)}`}
              </Note>
            </g>
          ))}
          {g.obstructions.map((o) => (
            <g key={o.id}>
              <circle
                cx={v.X(o.xIn)}
                cy={v.Y(o.yIn)}
                r={(o.radiusIn + o.clearIn) * v.view.s}
                fill="none"
                stroke="var(--keel)"
                strokeDasharray="4 4"
              />
              <circle
                cx={v.X(o.xIn)}
                cy={v.Y(o.yIn)}
                r={Math.max(3, o.radiusIn * v.view.s)}
                fill="var(--keel-wash)"
                stroke="var(--keel)"
                strokeWidth={2}
              />
              <Note
                x={v.X(o.xIn)}
                y={v.Y(o.yIn) - Math.max(6, o.radiusIn * v.view.s) - 4}
                size={12}
                weight={650}
                anchor="middle"
                fill="var(--keel-ink)"
              >
                {o.kind}
              </Note>
            </g>
          ))}
          {d.posts.map((p) => {
            const h = d.holes.find((q) => q.postIds.includes(p.id))
            return (
              <g key={p.id} onClick={() => pickPost({ post: p.id })}>
                <circle
                  cx={v.X(p.x)}
                  cy={v.Y(p.y)}
                  r={((h?.diameterIn ?? 16) / 2) * v.view.s}
                  fill="#EDE4D0"
                  stroke="#A8966F"
                  strokeDasharray="3 3"
                />
                <rect x={v.X(p.x) - 3} y={v.Y(p.y) - 3} width={6} height={6} fill="var(--ink)" />
              </g>
            )
          })}
        </svg>
        <ZoomButtons viewport={v} />
      </div>
      <div
        className="narrow"
        style={{ width: 372, overflowY: 'auto', overflowX: 'hidden', padding: '0 12px 20px 8px' }}
      >
        <LengthField
          label="Pad above the grade line"
          name="padIn"
          feet={false}
          value={g.padIn}
          onChange={(x, k) => put('pad level', (q) => ({ ...q, padIn: x }), `pad-${k}`)}
          onDone={done}
        />
        {work ? (
          <table className="tb" aria-label="Earthwork">
            <tbody>
              <tr>
                <td>Cut under the building</td>
                <td className="n">{(work.cutFt3 / 27).toFixed(1)} yd³</td>
              </tr>
              <tr>
                <td>Fill</td>
                <td className="n">{(work.fillFt3 / 27).toFixed(1)} yd³</td>
              </tr>
              <tr>
                <td>Ground there</td>
                <td className="n">
                  {inch(work.lowestIn)} to {inch(work.highestIn)}
                </td>
              </tr>
              <tr>
                <td>Steepest</td>
                <td className="n">{(surface?.steepestPer12 ?? 0).toFixed(2)} in 12</td>
              </tr>
            </tbody>
          </table>
        ) : (
          <p className="note">
            Three spot heights make a surface. Until then the ground is taken as level at the grade line.
          </p>
        )}
        {work && work.guessed > 0 && (
          <p className="note">
            {Math.round(work.guessed * 100)}% of the pad lies outside the spots: their edge is taken there.
          </p>
        )}
        {surface && surface.steepestPer12 > 1 && (
          <div className="caution" role="alert">
            {surface.steepestPer12 > 4
              ? 'Over 1 in 3: setbacks from slopes apply and are not sized here. Take it to an engineer.'
              : 'The ground falls more than 1 in 12: keep machines off the edge, and look at the depth of every hole below.'}{' '}
            Fill that is not compacted carries nothing, down or sideways.
          </div>
        )}
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
            {g.spots.map((s, i) => (
              <tr key={s.id}>
                <td>
                  <b>{s.id}</b>
                </td>
                <td className="n">
                  <LengthField
                    bare
                    label="east"
                    ariaLabel={`${s.id} east`}
                    value={s.xIn}
                    onChange={(x) => spotAt(i, { xIn: x })}
                    onDone={done}
                  />
                </td>
                <td className="n">
                  <LengthField
                    bare
                    label="north"
                    ariaLabel={`${s.id} north`}
                    value={s.yIn}
                    onChange={(x) => spotAt(i, { yIn: x })}
                    onDone={done}
                  />
                </td>
                <td className="n">
                  <OptionalLengthField
                    bare
                    label="height"
                    ariaLabel={`${s.id} height`}
                    feet={false}
                    value={s.heightIn}
                    onChange={(x) => spotAt(i, { heightIn: x })}
                    onDone={done}
                  />
                </td>
                <td>
                  <button
                    type="button"
                    className="btn btn-light btn-sm"
                    style={{ height: 24, padding: '0 6px' }}
                    aria-label={`remove ${s.id}`}
                    onClick={() => {
                      put('spot taken out', (q) => ({ ...q, spots: q.spots.filter((_, k) => k !== i) }))
                    }}
                  >
                    ×
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <div className="d-flex gap-2 my-2 flex-wrap">
          <button
            type="button"
            className="btn btn-light btn-sm"
            onClick={() => {
              put('new spot', (q) => ({
                ...q,
                spots: [...q.spots, { id: nextId(), xIn: l / 2, yIn: w / 2, heightIn: 0 }],
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
            onChange={(e) => {
              const f = e.target.files?.[0]
              if (f) void f.text().then((t) => setSeen(spotsFromCsv(t)))
              e.target.value = ''
            }}
          />
          {read.length > 0 && (
            <button
              type="button"
              className="btn btn-primary btn-sm"
              onClick={() => {
                put('spot readings', (q) => ({
                  ...q,
                  spots: q.spots.map((s) => ({
                    ...s,
                    heightIn: read.find((r) => r.id === s.id)?.heightIn ?? s.heightIn,
                  })),
                }))
              }}
            >
              Take {read.length} readings
            </button>
          )}
        </div>
        {seen && (
          <div className="move">
            <div className="big">{seen.rows.length} spots to take</div>
            {seen.problems.slice(0, 6).map((p) => (
              <p key={p} role="alert">
                {p}
              </p>
            ))}
            <p className="d-flex gap-2">
              <button
                type="button"
                className="btn btn-primary btn-sm"
                disabled={seen.rows.length === 0}
                onClick={() => {
                  put('spots from a file', (q) => ({
                    ...q,
                    spots: [...q.spots.filter((s) => !seen.rows.some((r) => r.id === s.id)), ...seen.rows],
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
        )}
        <h3 className="mt-2 mb-1">In the way</h3>
        {g.obstructions.map((o, i) => (
          <section
            key={o.id}
            aria-label={`${o.kind} ${i + 1}`}
            className="mb-2"
            style={{ borderTop: '1px solid var(--paper-line)', paddingTop: 6 }}
          >
            <ChoiceField
              label="What"
              value={o.kind}
              choices={KINDS}
              onChange={(k) => {
                thingAt(i, { kind: k, clearIn: k === 'buried line' ? 24 : o.clearIn })
              }}
            />
            <LengthField
              label="East of the corner"
              value={o.xIn}
              onChange={(x) => thingAt(i, { xIn: x })}
              onDone={done}
            />
            <LengthField label="North of it" value={o.yIn} onChange={(x) => thingAt(i, { yIn: x })} onDone={done} />
            <LengthField
              label="Half its width"
              feet={false}
              value={o.radiusIn}
              onChange={(x) => thingAt(i, { radiusIn: x })}
              onDone={done}
            />
            <LengthField
              label="Clearance to keep"
              feet={false}
              value={o.clearIn}
              onChange={(x) => thingAt(i, { clearIn: x })}
              onDone={done}
            />
            {o.kind === 'buried line' && (
              <div className="caution">
                Have it located and marked before any digging. Dig by hand within 24″ of the marks, or the distance its
                owner asks for.
              </div>
            )}
            <Ways index={i} />
            <button
              type="button"
              className="btn btn-light btn-sm mt-1"
              onClick={() => {
                put('obstruction taken out', (q) => ({ ...q, obstructions: q.obstructions.filter((_, k) => k !== i) }))
              }}
            >
              Take out
            </button>
          </section>
        ))}
        <button
          type="button"
          className="btn btn-light btn-sm"
          onClick={() => {
            put('obstruction', (q) => ({
              ...q,
              obstructions: [
                ...q.obstructions,
                {
                  id: `ob-${Date.now().toString(36)}`,
                  kind: 'stump',
                  xIn: d.posts[Math.min(2, d.posts.length - 1)].x,
                  yIn: d.posts[Math.min(2, d.posts.length - 1)].y,
                  radiusIn: 12,
                  clearIn: 0,
                  decided: '',
                  why: '',
                },
              ],
            }))
          }}
        >
          Add what is in the way
        </button>
        {posts.length > 0 && (
          <>
            <h3 className="mt-3 mb-1">Ground at each hole</h3>
            <table className="tb" aria-label="Ground at each hole">
              <thead>
                <tr>
                  <th>post</th>
                  <th className="n">ground</th>
                  <th className="n">lowest beside</th>
                  <th className="n">dig from it</th>
                </tr>
              </thead>
              <tbody>
                {posts.map(
                  ({ p, at }) =>
                    at && (
                      <tr key={p.id}>
                        <td>
                          <b>{p.id}</b>
                        </td>
                        <td className="n">
                          {at.groundIn > 0 ? '+' : ''}
                          <Measure inches={at.groundIn} feet={false} />
                        </td>
                        <td className="n">
                          <Measure inches={at.lowestIn} feet={false} />
                        </td>
                        <td className="n">
                          <Measure
                            inches={Math.max(
                              0,
                              (d.holes.find((h) => h.postIds.includes(p.id))?.digIn ?? 0) + at.groundIn,
                            )}
                          />
                        </td>
                      </tr>
                    ),
                )}
              </tbody>
            </table>
          </>
        )}
      </div>
    </div>
  )
}
