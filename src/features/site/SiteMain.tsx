'use client'
import { useState } from 'react'
import type { LoadCase } from '@/core/derive'
import { sig } from '@/core/result'
import { postSize } from '@/core/wood'
import { CrowFoot, Materials, Note, useSize, Wax } from '../drawing'
import { useDoc } from '../job'
import { Segments, SvgMeasure } from '@/ui'
import { GroundView } from './GroundView'
import { LoadMap } from './LoadMap'

/** What the site brings: a cross-section, or the unfolded building with the pressures of one load case. */
export function SiteMain() {
  const { derived: d } = useDoc()
  const [view, setView] = useState<'section' | 'ground' | LoadCase>('section')
  const shown = d.site || view === 'ground' ? view : 'section'
  return (
    <>
      <div className="wh">
        <h2>Site</h2>
        <p>
          {shown === 'section'
            ? 'cross-section to scale'
            : shown === 'ground'
              ? 'heights from the grade line'
              : 'the building unfolded'}
        </p>
        <span className="spacer" />
        <Segments label="What to show" value={shown} choices={d.site ? VIEWS : VIEWS.slice(0, 2)} onChange={setView} />
      </div>
      {shown === 'ground' ? <GroundView /> : shown === 'section' ? <Section /> : <LoadMap load={shown} />}
    </>
  )
}

const VIEWS: readonly { readonly value: 'section' | 'ground' | LoadCase; readonly label: string }[] = [
  { value: 'section', label: 'Section' },
  { value: 'ground', label: 'Ground' },
  { value: 'across', label: 'Wind across' },
  { value: 'along', label: 'Wind along' },
  { value: 'cladding', label: 'Cladding' },
  { value: 'snow', label: 'Snow' },
  { value: 'drift', label: 'Drifts' },
]

/** A cross-section of the building with what the site does to it: snow, wind and frost, to scale. */
function Section() {
  const { job, derived: d } = useDoc()
  const [ref, size] = useSize<SVGSVGElement>()
  const b = job.building
  const w = d.grid.widthIn
  const rise = ((w / 2) * b.pitchPer12) / 12
  const leanIn = (side: string) => b.leanTos.find((l) => l.side === side)?.depthIn ?? 0
  const deepest = Math.max(60, job.site.frostIn ?? 0, ...d.holes.map((h) => h.depthIn))
  const [W, H] = [size.width || 820, size.height || 720]
  const span = w + leanIn('south') + leanIn('north') + 2 * b.eaveOverhangIn
  const s = Math.min((W - 300) / span, (H - 250) / (b.heelIn + rise + deepest))
  const x0 = (W - span * s) / 2 + b.eaveOverhangIn * s + leanIn('south') * s
  const ground = 150 + (b.heelIn + rise) * s
  const X = (x: number) => x0 + x * s
  const Y = (y: number) => ground - y * s
  const r = d.site
  const over = b.eaveOverhangIn
  const drop = (over * b.pitchPer12) / 12
  const eave = d.holes.find((h) => h.kind === 'eave') ?? d.holes[0]
  const post = d.schedule[0]
  const depth = postSize(b.post).depthIn
  const snowY = (psf: number) => psf * 0.55
  // Where the drawing is small the words beside it would lie over it: the shorter ones stay, and the soil's go below the footings.
  const roomy = w * s > 300
  const soilY = roomy ? Y(-deepest * 0.35) : Y(-deepest) + 46
  const arrow = (y: number, psf: number, right: boolean, from: 'south' | 'north') => {
    const len = Math.min(90, Math.abs(psf) * 2.6)
    const x = from === 'south' ? X(0) - 12 : X(w) + 12
    const out = from === 'south' ? -1 : 1
    const [tail, head] = right === (from === 'south') ? [x + out * len, x] : [x, x + out * len]
    return (
      <g key={`${from}${y}`}>
        <line x1={tail} x2={head} y1={Y(y)} y2={Y(y)} stroke="var(--ink)" strokeWidth={2.2} />
        <CrowFoot x={head} y={Y(y)} facing={head > tail ? 'right' : 'left'} size={8} color="var(--ink)" width={2.2} />
      </g>
    )
  }
  return (
    <>
      <svg ref={ref} className="drawing" role="img" aria-label="Cross-section with snow, wind and frost">
        <Materials />
        <rect x={0} y={ground} width={W} height={Math.max(0, H - ground)} fill="url(#earth)" />
        {job.site.frostIn !== null && (
          <g>
            <line
              x1={0}
              x2={W}
              y1={Y(-job.site.frostIn)}
              y2={Y(-job.site.frostIn)}
              stroke="var(--chalk)"
              strokeWidth={1.6}
              strokeDasharray="3 5"
            />
            <Note x={22} y={Y(-job.site.frostIn) - 6} size={13} weight={600} fill="var(--chalk-ink)" halo="#E2D8C3">
              frost
            </Note>
            <SvgMeasure
              x={64}
              y={Y(-job.site.frostIn) - 5}
              inches={job.site.frostIn}
              size={16}
              weight={700}
              fill="var(--chalk-ink)"
              ground="#E2D8C3"
            />
          </g>
        )}
        {[0, w].map((x) => {
          const inside = x === 0 ? 0 : -depth
          const dia = (eave?.diameterIn ?? 20) * s
          return (
            <g key={x}>
              <rect
                x={X(x + (x === 0 ? depth / 2 : -depth / 2)) - dia / 2}
                y={ground}
                width={dia}
                height={(eave?.depthIn ?? 48) * s}
                fill="#EDE4D0"
                stroke="#A8966F"
                strokeDasharray="4 3"
              />
              <rect
                x={X(x + (x === 0 ? depth / 2 : -depth / 2)) - dia / 2}
                y={Y(-(eave?.depthIn ?? 48) + (b.school === 'pier' ? (eave?.depthIn ?? 48) : b.padThicknessIn))}
                width={dia}
                height={(b.school === 'pier' ? (eave?.depthIn ?? 48) : b.padThicknessIn) * s}
                fill="url(#concrete)"
                stroke="var(--galv-4)"
              />
              <rect
                x={X(x + inside)}
                y={Y(b.heelIn)}
                width={depth * s}
                height={(b.heelIn + (post?.embedIn ?? 0)) * s}
                fill="url(#wood)"
                stroke="var(--lumber-4)"
              />
            </g>
          )
        })}
        <path
          d={`M${X(-over)} ${Y(b.heelIn - drop)}L${X(w / 2)} ${Y(b.heelIn + rise)}L${X(w + over)} ${Y(b.heelIn - drop)}`}
          fill="none"
          stroke="var(--galv-4)"
          strokeWidth={4.5}
        />
        <path
          d={`M${X(0)} ${Y(b.heelIn)}H${X(w)}L${X(w / 2)} ${Y(b.heelIn + rise)}Z`}
          fill="none"
          stroke="var(--lumber-3)"
          strokeWidth={3}
        />
        {b.leanTos.map((lean) => {
          const dir = lean.side === 'north' ? 1 : -1
          const base = lean.side === 'north' ? w : 0
          const top = b.heelIn - lean.dropIn
          const low = top - (lean.depthIn * lean.pitchPer12) / 12
          return (
            <g key={lean.side}>
              <path
                d={`M${X(base)} ${Y(top)}L${X(base + dir * (lean.depthIn + over))} ${Y(low - (over * lean.pitchPer12) / 12)}`}
                stroke="var(--galv-4)"
                strokeWidth={4.5}
                fill="none"
              />
              <rect
                x={X(base + dir * lean.depthIn) - (dir > 0 ? depth * s : 0)}
                y={Y(low)}
                width={depth * s}
                height={(low + 40) * s}
                fill="url(#wood)"
                stroke="var(--lumber-4)"
              />
            </g>
          )
        })}
        <Wax x1={-4} y1={ground} x2={W + 4} y2={ground} color="var(--grade)" width={5} />
        {r && (
          <g>
            <path
              d={`M${X(-over)} ${Y(b.heelIn - drop) - 6}L${X(w / 2)} ${Y(b.heelIn + rise) - 6}L${X(w + over)} ${Y(b.heelIn - drop) - 6}V${Y(b.heelIn - drop) - 6 - snowY(r.snow.psPsf)}L${X(w / 2)} ${Y(b.heelIn + rise) - 6 - snowY(r.snow.psPsf)}L${X(-over)} ${Y(b.heelIn - drop) - 6 - snowY(r.snow.psPsf)}Z`}
              fill="#fff"
              stroke="var(--galv-3)"
            />
            {r.snow.unbalanced && (
              <path
                d={`M${X(w / 2)} ${Y(b.heelIn + rise) - 6 - snowY(r.snow.psPsf)}L${X(w / 2 + r.snow.unbalanced.surchargeFt * 12)} ${Y(b.heelIn + rise - r.snow.unbalanced.surchargeFt * b.pitchPer12) - 6 - snowY(r.snow.psPsf)}v${-snowY(r.snow.unbalanced.surchargePsf)}L${X(w / 2)} ${Y(b.heelIn + rise) - 6 - snowY(r.snow.psPsf + r.snow.unbalanced.surchargePsf)}Z`}
                fill="#fff"
                stroke="var(--galv-3)"
                strokeDasharray="4 3"
              />
            )}
            <Note
              x={X(w / 2)}
              y={Y(b.heelIn + rise) - 34 - snowY(r.snow.psPsf + (r.snow.unbalanced?.surchargePsf ?? 0))}
              size={15}
              weight={700}
              anchor="middle"
            >
              snow {sig(r.snow.psPsf)} psf on the roof
              {r.snow.unbalanced
                ? `, ${sig(r.snow.psPsf + r.snow.unbalanced.surchargePsf)} by the ridge when it drifts`
                : ''}
            </Note>
            <Note
              x={X(w / 2)}
              y={Y(b.heelIn + rise) - 16 - snowY(r.snow.psPsf + (r.snow.unbalanced?.surchargePsf ?? 0))}
              size={12.5}
              anchor="middle"
              fill="var(--ink-2)"
            >
              ASCE 7-16 ch. 7, ground snow {job.site.groundSnowPsf} psf
            </Note>
            {[0.2, 0.5, 0.8].map((t) => arrow(b.heelIn * t, r.wind.windwardPsf, true, 'south'))}
            {leanIn('north') === 0 && [0.2, 0.5, 0.8].map((t) => arrow(b.heelIn * t, r.wind.leewardPsf, true, 'north'))}
            <Note
              x={leanIn('south') ? X(w / 2) : X(0) - 112}
              y={Y(b.heelIn) - 40}
              size={15}
              weight={700}
              anchor={leanIn('south') ? 'middle' : 'start'}
            >
              wind
            </Note>
            <Note x={X(0) - 112} y={Y(b.heelIn) - 22} size={12.5} fill="var(--ink-2)">
              {sig(r.wind.windwardPsf)} psf pushes
            </Note>
            <Note x={X(w / 2)} y={Y(b.heelIn * 0.62)} size={15} weight={700} anchor="middle">
              qh {sig(r.wind.qhPsf)} psf
            </Note>
            {roomy && (
              <>
                <Note x={X(w / 2)} y={Y(b.heelIn * 0.62) + 18} size={12.5} anchor="middle" fill="var(--ink-2)">
                  at {sig(r.wind.meanHeightFt)} ft, {job.site.windMph} mph, exposure {job.site.exposure}; strength level
                </Note>
                <Note x={X(w / 2)} y={Y(b.heelIn * 0.62) + 35} size={12.5} anchor="middle" fill="var(--ink-2)">
                  inside ±{sig(r.wind.internalPsf)} psf, far wall {sig(r.wind.leewardPsf)} psf
                </Note>
              </>
            )}
            <Note x={X(w / 2)} y={soilY} size={15} weight={700} anchor="middle" halo="#E2D8C3">
              soil bears {r.soil.bearingPsf.toLocaleString('en-US')} psf
            </Note>
            <Note x={X(w / 2)} y={soilY + 18} size={12.5} anchor="middle" fill="var(--ink-2)" halo="#E2D8C3">
              sideways {r.soil.lateralPsfPerFt} psf a foot deep{job.site.doubleLateral ? ', doubled for wind' : ''};{' '}
              {r.soil.source}
            </Note>
            {r.leanTos.map((l) => (
              <Note
                key={l.leanTo.side}
                x={X(l.leanTo.side === 'north' ? w + l.leanTo.depthIn / 2 : -l.leanTo.depthIn / 2)}
                y={Y(b.heelIn) - 22}
                size={12.5}
                anchor="middle"
                weight={600}
                halo="var(--paper)"
              >
                {sig(l.governing.uniformPsf + l.governing.peakPsf)} psf, {l.governing.governs}
              </Note>
            ))}
          </g>
        )}
        {!r && (
          <g>
            <Note x={X(w / 2)} y={Y(b.heelIn * 0.55)} size={18} weight={700} anchor="middle">
              Enter the site’s hazards
            </Note>
            <Note x={X(w / 2)} y={Y(b.heelIn * 0.55) + 22} size={13.5} anchor="middle" fill="var(--ink-2)">
              Ground snow, wind, exposure, frost and soil come from the official. None is assumed.
            </Note>
          </g>
        )}
      </svg>
    </>
  )
}
