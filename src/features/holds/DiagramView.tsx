'use client'
import { About, useWriter } from '@/ui'
import { IN_PER_FT, ROUNDING } from '@/core/units'
import type { Diagram, LineLoad, PointLoad } from '@/core/result'
import { Note } from '../drawing'

const width = 300
/** A load at one place. */
function PointForce({
  xAt,
  point,
  beamY,
}: {
  readonly xAt: (x: number) => number
  readonly point: PointLoad
  readonly beamY: number
}) {
  return (
    <g>
      <line
        x1={xAt(point.atIn)}
        x2={xAt(point.atIn)}
        y1={point.lb < 0 ? beamY + 40 : 24}
        y2={point.lb < 0 ? beamY + 12 : beamY - 4}
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <path
        d={
          point.lb < 0
            ? `M${xAt(point.atIn) - 4} ${beamY + 18}L${xAt(point.atIn)} ${beamY + 10}L${xAt(point.atIn) + 4} ` +
              `${beamY + 18}`
            : `M${xAt(point.atIn) - 4} ${beamY - 10}L${xAt(point.atIn)} ${beamY - 2}L${xAt(point.atIn) + 4} ` +
              `${beamY - 10}`
        }
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <Note x={xAt(point.atIn)} y={22} size={12} weight={600} anchor="middle" halo="var(--paper)">
        {point.name ?? ''}
      </Note>
    </g>
  )
}

/** A load along the member, as an area. */
function LoadShape({
  i,
  up,
  xAt,
  line,
  beamY,
  high,
}: {
  readonly i: number
  readonly up: boolean
  readonly xAt: (x: number) => number
  readonly line: LineLoad
  readonly beamY: number
  readonly high: (value: number) => number
}) {
  return (
    <g>
      <path
        d={
          up
            ? `M${xAt(line.fromIn)} ${beamY + 10}V${beamY + 10 + high(line.startLbIn)}L${xAt(line.toIn)} ` +
              `${beamY + 10 + high(line.endLbIn)}V${beamY + 10}Z`
            : `M${xAt(line.fromIn)} ${beamY - 2}V${beamY - 2 - high(line.startLbIn)}L${xAt(line.toIn)} ` +
              `${beamY - 2 - high(line.endLbIn)}V${beamY - 2}Z`
        }
        fill={i === 0 ? 'var(--sheet)' : 'var(--galv-1)'}
        stroke="var(--galv-3)"
      />
    </g>
  )
}

/** Load, shear and moment of one member, drawn as it lies: a beam from the left, a post from the ground up. */
export function DiagramView({ diagram, title }: { readonly diagram: Diagram; readonly title: string }) {
  const { about } = useWriter()
  const left = 16
  const run = width - 32
  const xAt = (x: number) => left + (x / diagram.lengthIn) * run
  const peakM = diagram.momentInLb.reduce((soFar, value) => (Math.abs(value) > Math.abs(soFar) ? value : soFar), 0)
  const peakV = diagram.shearLb.reduce((soFar, value) => (Math.abs(value) > Math.abs(soFar) ? value : soFar), 0)
  const at = diagram.momentInLb.indexOf(peakM)
  const scaleM = 62 / Math.max(Math.abs(peakM), diagram.capacityInLb ?? 0, ROUNDING)
  const scaleV = 26 / Math.max(Math.abs(peakV), ROUNDING)
  const most = Math.max(
    ...diagram.lines.map((line) => Math.max(Math.abs(line.startLbIn), Math.abs(line.endLbIn))),
    ROUNDING,
  )
  const [beamY, shearY, momentY] = [60, 130, 180]
  const area = (y0: number, values: readonly number[], scale: number) =>
    `M${xAt(diagram.x[0])} ` +
    `${y0}${diagram.x.map((x, i) => `L${xAt(x)} ${y0 + values[i] * scale}`).join('')}L${xAt(diagram.x[diagram.x.length - 1])} ` +
    `${y0}Z`
  const over = diagram.capacityInLb !== null && Math.abs(peakM) > diagram.capacityInLb
  const feet = (plf: number) => about(Math.abs(plf) * IN_PER_FT, 'plf')
  return (
    <figure className="mb-3" aria-label={title} style={{ width }}>
      <svg
        width={width}
        height={262}
        role="img"
        aria-label={`${title}: largest shear ${about(Math.abs(peakV), 'lb')}, largest moment ${about(Math.abs(peakM) / IN_PER_FT, 'lbFt')}`}
      >
        {diagram.lines.map((line, i) => {
          const up = line.startLbIn + line.endLbIn < 0
          const high = (value: number) => 8 + (Math.abs(value) / most) * 22
          return <LoadShape key={i} i={i} up={up} xAt={xAt} line={line} beamY={beamY} high={high} />
        })}
        {diagram.lines[0] && (
          <Note x={xAt(diagram.lengthIn / 2)} y={14} size={12} anchor="middle" fill="var(--ink-2)">
            {diagram.lines
              .map(
                (line) =>
                  `${line.name ?? 'load'} ` +
                  `${feet(Math.abs(line.startLbIn) > Math.abs(line.endLbIn) ? line.startLbIn : line.endLbIn)}`,
              )
              .join(', ')}
          </Note>
        )}
        {diagram.points.map((point, i) => (
          <PointForce key={i} xAt={xAt} point={point} beamY={beamY} />
        ))}
        <rect x={left - 2} y={beamY} width={run + 4} height={9} fill="url(#wood)" stroke="var(--lumber-4)" />
        {diagram.supportsIn.map((supportIn, i) =>
          diagram.upright && i === 0 ? (
            <rect key={supportIn} x={xAt(supportIn) - 6} y={beamY - 8} width={7} height={26} fill="var(--galv-4)" />
          ) : (
            <path key={supportIn} d={`M${xAt(supportIn)} ${beamY + 10}l-6 10h12Z`} fill="var(--ink)" />
          ),
        )}
        <Note x={left} y={shearY - 31} size={12} fill="var(--ink-3)">
          {diagram.upright ? 'shear, ground at the left' : 'shear'}
        </Note>
        <path d={area(shearY, diagram.shearLb, -scaleV)} fill="var(--galv-1)" stroke="var(--ink-2)" strokeWidth={1.2} />
        <Note x={width - 12} y={shearY - 30} size={12.5} weight={650} anchor="end">
          <About value={Math.abs(peakV)} kind="lb" />
        </Note>
        <line x1={left} x2={left + run} y1={shearY} y2={shearY} stroke="var(--ink)" />
        <path
          d={area(momentY, diagram.momentInLb, scaleM * Math.sign(peakM || 1))}
          fill={over ? 'var(--keel-wash)' : 'var(--galv-1)'}
          stroke={over ? 'var(--keel)' : 'var(--ink)'}
          strokeWidth={1.8}
        />
        <line x1={left} x2={left + run} y1={momentY} y2={momentY} stroke="var(--ink)" />
        {diagram.capacityInLb !== null && (
          <g>
            <line
              x1={left}
              x2={left + run}
              y1={momentY + diagram.capacityInLb * scaleM}
              y2={momentY + diagram.capacityInLb * scaleM}
              stroke="var(--keel)"
              strokeWidth={1.8}
              strokeDasharray="6 4"
            />
            <Note
              x={left}
              y={momentY + diagram.capacityInLb * scaleM + 14}
              size={12}
              fill="var(--ink-2)"
              halo="var(--paper)"
            >
              can take <About value={diagram.capacityInLb / IN_PER_FT} kind="lbFt" />
            </Note>
          </g>
        )}
        <Note
          x={Math.min(width - 50, Math.max(50, xAt(diagram.x[at] ?? 0)))}
          y={momentY + (Math.abs(peakM) * scaleM) / 2 + 6}
          size={14}
          weight={700}
          anchor="middle"
          fill={over ? 'var(--keel-ink)' : 'var(--ink)'}
          halo="var(--paper)"
        >
          <About value={Math.abs(peakM) / IN_PER_FT} kind="lbFt" />
        </Note>
      </svg>
    </figure>
  )
}
