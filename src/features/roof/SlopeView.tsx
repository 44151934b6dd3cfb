'use client'
import { IN_PER_FT } from '@/core/units'
import { SvgMeasure } from '@/ui'
import { type Elevation, Note } from '../drawing'
import { useDoc, useJob } from '../job'

/** Height of a purlin as it is drawn on the slope, inches: on the flat, on edge. */
const DRAWN_PURLIN_IN = { flat: 3.5, edge: 1.5 } as const

/** The wind's zones of a slope: along both rakes and along the eave. */
function WindZones({
  drawn,
  slopeIn,
  zoneIn,
}: {
  readonly drawn: Elevation
  readonly slopeIn: number
  readonly zoneIn: number
}) {
  const past = useDoc().job.building.gableOverhangIn
  if (zoneIn <= 0) return null
  const { box, yAt, scale, lengthIn } = drawn
  const rake = { y: yAt(slopeIn), height: slopeIn * scale, fill: 'var(--galv-1)' }
  return (
    <g pointerEvents="none">
      <rect {...box(-past, zoneIn)} {...rake} />
      <rect {...box(lengthIn - zoneIn, lengthIn + past)} {...rake} />
      <rect
        {...box(-past, lengthIn + past)}
        y={yAt(zoneIn)}
        height={zoneIn * scale}
        fill="var(--galv-1)"
        opacity={0.6}
      />
    </g>
  )
}

/** A row of purlins with its name and its distance up the slope. */
function PurlinRow({ drawn, upIn, name }: { readonly drawn: Elevation; readonly upIn: number; readonly name: string }) {
  const { building } = useDoc().job
  const on = useJob((state) => state.picked.mark === name)
  const pick = useJob((state) => state.pick)
  const past = building.gableOverhangIn
  const faceIn = building.roof.purlins.style === 'flat' ? DRAWN_PURLIN_IN.flat : DRAWN_PURLIN_IN.edge
  const y = drawn.yAt(upIn)
  const ink = on ? 'var(--burr-deep)' : 'var(--ink)'
  return (
    <g
      onClick={() => pick({ mark: name })}
      onPointerDown={(event) => event.stopPropagation()}
      style={{ cursor: 'pointer' }}
    >
      <rect
        {...drawn.box(-past, drawn.lengthIn + past)}
        y={y - Math.max(2, 0.75 * drawn.scale)}
        height={Math.max(4, faceIn * drawn.scale)}
        fill={on ? 'var(--burr)' : 'var(--lumber-2)'}
        stroke={on ? 'var(--burr-deep)' : 'var(--lumber-4)'}
      />
      <Note x={drawn.xAt(-past) - 10} y={y + 5} size={13} weight={700} anchor="end" fill={ink}>
        {name}
      </Note>
      <SvgMeasure x={drawn.xAt(drawn.lengthIn + past) + 8} y={y + 5} inches={upIn} size={14} weight={650} fill={ink} />
    </g>
  )
}

/** One slope of the roof, seen square on, with its purlins. */
export function SlopeView({ drawn, slopeIn }: { readonly drawn: Elevation; readonly slopeIn: number }) {
  const { job, derived } = useDoc()
  const { xAt, yAt, lengthIn } = drawn
  const past = job.building.gableOverhangIn
  const zoneIn = derived.site ? derived.site.edgeZoneFt * IN_PER_FT : 0
  const middle = xAt(lengthIn / 2)
  return (
    <g>
      <rect
        {...drawn.box(-past, lengthIn + past)}
        y={yAt(slopeIn)}
        height={slopeIn * drawn.scale}
        fill="var(--sheet)"
        stroke="var(--galv-3)"
      />
      <WindZones drawn={drawn} slopeIn={slopeIn} zoneIn={zoneIn} />
      {derived.trusses.trusses.map((truss) => (
        <line
          key={truss.number}
          x1={xAt(truss.xIn)}
          x2={xAt(truss.xIn)}
          y1={yAt(0)}
          y2={yAt(slopeIn)}
          stroke="var(--lumber-3)"
          strokeDasharray="6 4"
        />
      ))}
      {derived.slopes.south.placesIn.map((upIn, i) => (
        <PurlinRow key={i} drawn={drawn} upIn={upIn} name={`P${i + 1}`} />
      ))}
      <Note x={middle} y={yAt(0) + 20} size={12.5} anchor="middle" fill="var(--ink-2)">
        eave edge; rows read up the slope to their low edge
      </Note>
      <Note x={middle} y={yAt(slopeIn) - 8} size={12.5} anchor="middle" fill="var(--ink-2)">
        ridge{zoneIn > 0 ? '; shaded: eave and rake zones of the wind' : ''}
      </Note>
    </g>
  )
}
