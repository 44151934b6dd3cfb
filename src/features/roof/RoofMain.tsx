'use client'
import { purlinPlaces, slopeLengthIn, wallPosts } from '@/core/layout'
import { IN_PER_FT, PITCH_RUN_IN } from '@/core/units'
import { boardSize, postSize } from '@/core/wood'
import { Segments } from '@/ui'
import { useState } from 'react'
import type { ShownDerived } from '@/core/derive'
import type { Building } from '@/core/model'
import { Materials, Note, useSize, useViewport, Wax, ZoomButtons } from '../drawing'
import { type Picked, useDoc, useJob } from '../job'
import { SlopeView } from './SlopeView'

/** An eave from outside: trusses and what they rest on. */
function EaveView({
  yAt,
  box,
  building,
  length,
  rise,
  scale,
  derived,
  side,
  widthIn,
  picked,
  pick,
  fails,
  xAt,
  size,
}: {
  readonly yAt: (y: number) => number
  readonly box: (from: number, to: number) => { x: number; width: number }
  readonly building: Building
  readonly length: number
  readonly rise: number
  readonly scale: number
  readonly derived: ShownDerived
  readonly side: 'south' | 'north'
  readonly widthIn: number
  readonly picked: Picked
  readonly pick: (partial: Partial<Picked>) => void
  readonly fails: Set<string>
  readonly xAt: (at: number) => number
  readonly size: { width: number; height: number }
}) {
  return (
    <g>
      <rect x={-2000} y={yAt(0)} width={8000} height={2000} fill="url(#earth)" pointerEvents="none" />
      <rect
        {...box(-building.gableOverhangIn, length + building.gableOverhangIn)}
        y={yAt(building.heelIn + rise)}
        height={rise * scale}
        fill="var(--galv-1)"
        stroke="var(--galv-3)"
        opacity={0.55}
        pointerEvents="none"
      />
      {wallPosts(derived.posts, side).map((post) => (
        <rect
          key={post.id}
          {...box(post.x - widthIn / 2, post.x + widthIn / 2)}
          y={yAt(building.heelIn)}
          height={building.heelIn * scale}
          fill="url(#wood)"
          stroke={post.id === picked.post ? 'var(--burr)' : 'var(--lumber-4)'}
          strokeWidth={post.id === picked.post ? 2.4 : 1}
          onClick={() => pick({ post: post.id })}
          style={{ cursor: 'pointer' }}
        />
      ))}
      {derived.trusses.beams
        .filter((beam) => beam.side === side)
        .map((beam) => {
          const spec = building.roof[beam.kind]
          const deep = boardSize(spec.size).dIn
          const bad = fails.has(beam.kind) || fails.has(`${beam.kind}-sag`)
          return (
            <g key={beam.id} pointerEvents="none">
              <rect
                {...box(beam.from.x, beam.to.x)}
                y={yAt(building.heelIn)}
                height={deep * scale}
                fill="#E0C592"
                stroke={bad ? 'var(--keel)' : 'var(--lumber-4)'}
                strokeWidth={bad ? 2.6 : 1.3}
              />
              <Note
                x={(xAt(beam.from.x) + xAt(beam.to.x)) / 2}
                y={yAt(building.heelIn - deep) + 15}
                size={12}
                weight={600}
                anchor="middle"
                fill={bad ? 'var(--keel-ink)' : 'var(--ink-2)'}
                halo="var(--paper)"
              >
                {beam.kind} {spec.plies} × {spec.size.replace('x', '×')}
              </Note>
            </g>
          )
        })}
      {derived.omitted
        .filter((omitted) => omitted.side === side)
        .map((omitted) => (
          <rect
            key={omitted.id}
            {...box(omitted.x - widthIn / 2, omitted.x + widthIn / 2)}
            y={yAt(building.heelIn)}
            height={building.heelIn * scale}
            fill="none"
            stroke="var(--galv-3)"
            strokeDasharray="5 4"
            pointerEvents="none"
          />
        ))}
      {derived.trusses.rests[side].map(({ truss, post }) => {
        const on = picked.mark === `T${truss.number}`
        const near = derived.trusses.trusses.length > 14
        return (
          <g
            key={truss.number}
            role="button"
            tabIndex={0}
            aria-label={`T${truss.number}, truss`}
            onClick={() => pick({ mark: `T${truss.number}`, post: post?.id ?? null })}
            onKeyDown={(event) => {
              if (event.key === 'Enter') pick({ mark: `T${truss.number}` })
            }}
            onPointerDown={(event) => event.stopPropagation()}
            style={{ cursor: 'pointer' }}
          >
            <rect
              x={xAt(truss.xIn) - Math.max(2, 0.75 * scale)}
              y={yAt(building.heelIn + rise)}
              width={Math.max(4, 1.5 * scale)}
              height={rise * scale}
              fill={on ? 'var(--burr)' : 'var(--lumber-3)'}
              stroke={on ? 'var(--burr-deep)' : 'var(--lumber-4)'}
            />
            {(!near || truss.number % 2 === 1 || on) && (
              <Note
                x={xAt(truss.xIn)}
                y={yAt(building.heelIn + rise) - 8}
                size={13}
                weight={700}
                anchor="middle"
                fill={on ? 'var(--burr-deep)' : 'var(--ink)'}
              >
                T{truss.number}
              </Note>
            )}
            {on && derived.reactions[truss.number - 1] && (
              <Note
                x={xAt(truss.xIn)}
                y={yAt(building.heelIn + rise) - 26}
                size={13}
                weight={600}
                anchor="middle"
                fill="var(--ink-2)"
                halo="var(--paper)"
              >
                {Math.round(
                  derived.reactions[truss.number - 1].deadLb +
                    Math.max(derived.reactions[truss.number - 1].snowLb, derived.reactions[truss.number - 1].liveLb),
                ).toLocaleString('en-US')}{' '}
                lb down,{' '}
                {Math.round(
                  Math.max(
                    0,
                    0.6 *
                      (derived.reactions[truss.number - 1].windUpLb - derived.reactions[truss.number - 1].deadMinLb),
                  ),
                ).toLocaleString('en-US')}{' '}
                up
              </Note>
            )}
          </g>
        )
      })}
      <Wax x1={-40} y1={yAt(0)} x2={(size.width || 900) + 40} y2={yAt(0)} color="var(--grade)" width={5} />
      <line
        x1={Math.min(xAt(0), xAt(length)) - 8}
        x2={Math.max(xAt(0), xAt(length)) + 8}
        y1={yAt(building.heelIn)}
        y2={yAt(building.heelIn)}
        stroke="var(--keel)"
        strokeWidth={2.2}
        pointerEvents="none"
      />
      <Note
        x={Math.max(xAt(0), xAt(length)) + 12}
        y={yAt(building.heelIn) + 5}
        size={12.5}
        weight={600}
        fill="var(--keel-ink)"
      >
        heel
      </Note>
    </g>
  )
}

/**
 * One eave from outside with the trusses' real places and what carries them; or one slope square on, with its purlin
 * rows.
 */
export function RoofMain() {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked)
  const pick = useJob((state) => state.pick)
  const [view, setView] = useState<'south' | 'north' | 'slope'>('south')
  const [ref, size] = useSize<SVGSVGElement>()
  const building = job.building
  const length = derived.grid.lengthIn
  const slope = slopeLengthIn(building, derived.grid)
  const eave = view !== 'slope'
  const rise = Math.min(120, ((derived.grid.widthIn / 2) * building.pitchPer12) / PITCH_RUN_IN)
  const viewport = useViewport(
    ref,
    size,
    eave
      ? { x0: -building.gableOverhangIn, y0: -30, x1: length + building.gableOverhangIn, y1: building.heelIn + rise }
      : { x0: -building.gableOverhangIn, y0: 0, x1: length + building.gableOverhangIn, y1: slope },
    { left: 84, right: eave ? 84 : 122, top: 74, bottom: 46 },
  )
  const flip = view === 'north'
  const xAt = (at: number) => viewport.X(flip ? length - at : at)
  const { Y: yAt } = viewport
  const scale = viewport.view.scale
  const box = (from: number, to: number) => ({ x: Math.min(xAt(from), xAt(to)), width: Math.abs(to - from) * scale })
  const widthIn = postSize(building.post).widthIn
  const side = view === 'north' ? 'north' : 'south'
  const fails = new Set(derived.checks.filter((check) => check.state === 'fails').map((check) => check.id))
  const rows = purlinPlaces(building, derived.grid)
  const zone = derived.site ? derived.site.edgeZoneFt * IN_PER_FT : 0
  return (
    <>
      <div className="wh">
        <h2>Roof</h2>
        <p>{eave ? 'eave from outside: trusses at their real places' : 'one slope, seen square on'}</p>
        <span className="spacer" />
        <Segments
          label="Roof view"
          value={view}
          choices={[
            { value: 'south', label: `${derived.wallNames.south.replace(' wall', '')} eave` },
            { value: 'north', label: `${derived.wallNames.north.replace(' wall', '')} eave` },
            { value: 'slope', label: 'Purlins' },
          ]}
          onChange={setView}
        />
      </div>
      <svg
        ref={ref}
        className="drawing"
        role="group"
        aria-label={eave ? 'Eave elevation with trusses' : 'Roof slope with purlin rows'}
        {...viewport.gestures()}
      >
        <Materials />
        {eave && (
          <EaveView
            yAt={yAt}
            box={box}
            building={building}
            length={length}
            rise={rise}
            scale={scale}
            derived={derived}
            side={side}
            widthIn={widthIn}
            picked={picked}
            pick={pick}
            fails={fails}
            xAt={xAt}
            size={size}
          />
        )}
        {!eave && (
          <SlopeView
            box={box}
            building={building}
            length={length}
            yAt={yAt}
            slope={slope}
            scale={scale}
            zone={zone}
            derived={derived}
            xAt={xAt}
            rows={rows}
            picked={picked}
            pick={pick}
          />
        )}
      </svg>
      <ZoomButtons viewport={viewport} />
    </>
  )
}
