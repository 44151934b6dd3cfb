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
  const { derived: derived } = useDoc()
  const [view, setView] = useState<'section' | 'ground' | LoadCase>('section')
  const shown = derived.site || view === 'ground' ? view : 'section'
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
        <Segments
          label="What to show"
          value={shown}
          choices={derived.site ? VIEWS : VIEWS.slice(0, 2)}
          onChange={setView}
        />
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
  const { job, derived: derived } = useDoc()
  const [ref, size] = useSize<SVGSVGElement>()
  const building = job.building
  const widthIn = derived.grid.widthIn
  const rise = ((widthIn / 2) * building.pitchPer12) / 12
  const leanIn = (side: string) => building.leanTos.find((leanTo) => leanTo.side === side)?.depthIn ?? 0
  const deepest = Math.max(60, job.site.frostIn ?? 0, ...derived.holes.map((hole) => hole.depthIn))
  const [W, H] = [size.width || 820, size.height || 720]
  const span = widthIn + leanIn('south') + leanIn('north') + 2 * building.eaveOverhangIn
  const s = Math.min((W - 300) / span, (H - 250) / (building.heelIn + rise + deepest))
  const x0 = (W - span * s) / 2 + building.eaveOverhangIn * s + leanIn('south') * s
  const ground = 150 + (building.heelIn + rise) * s
  const X = (x: number) => x0 + x * s
  const Y = (y: number) => ground - y * s
  const site = derived.site
  const over = building.eaveOverhangIn
  const drop = (over * building.pitchPer12) / 12
  const eave = derived.holes.find((hole) => hole.kind === 'eave') ?? derived.holes[0]
  const post = derived.schedule[0]
  const depth = postSize(building.post).depthIn
  const snowY = (psf: number) => psf * 0.55
  // Where the drawing is small the words beside it would lie over it: the shorter ones stay, and the soil's go below the footings.
  const roomy = widthIn * s > 300
  const soilY = roomy ? Y(-deepest * 0.35) : Y(-deepest) + 46
  const arrow = (y: number, psf: number, right: boolean, from: 'south' | 'north') => {
    const len = Math.min(90, Math.abs(psf) * 2.6)
    const x = from === 'south' ? X(0) - 12 : X(widthIn) + 12
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
        {[0, widthIn].map((x) => {
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
                y={Y(
                  -(eave?.depthIn ?? 48) +
                    (building.school === 'pier' ? (eave?.depthIn ?? 48) : building.padThicknessIn),
                )}
                width={dia}
                height={(building.school === 'pier' ? (eave?.depthIn ?? 48) : building.padThicknessIn) * s}
                fill="url(#concrete)"
                stroke="var(--galv-4)"
              />
              <rect
                x={X(x + inside)}
                y={Y(building.heelIn)}
                width={depth * s}
                height={(building.heelIn + (post?.embedIn ?? 0)) * s}
                fill="url(#wood)"
                stroke="var(--lumber-4)"
              />
            </g>
          )
        })}
        <path
          d={`M${X(-over)} ${Y(building.heelIn - drop)}L${X(widthIn / 2)} ${Y(building.heelIn + rise)}L${X(widthIn + over)} ${Y(building.heelIn - drop)}`}
          fill="none"
          stroke="var(--galv-4)"
          strokeWidth={4.5}
        />
        <path
          d={`M${X(0)} ${Y(building.heelIn)}H${X(widthIn)}L${X(widthIn / 2)} ${Y(building.heelIn + rise)}Z`}
          fill="none"
          stroke="var(--lumber-3)"
          strokeWidth={3}
        />
        {building.leanTos.map((lean) => {
          const dir = lean.side === 'north' ? 1 : -1
          const base = lean.side === 'north' ? widthIn : 0
          const top = building.heelIn - lean.dropIn
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
        {site && (
          <g>
            <path
              d={`M${X(-over)} ${Y(building.heelIn - drop) - 6}L${X(widthIn / 2)} ${Y(building.heelIn + rise) - 6}L${X(widthIn + over)} ${Y(building.heelIn - drop) - 6}V${Y(building.heelIn - drop) - 6 - snowY(site.snow.psPsf)}L${X(widthIn / 2)} ${Y(building.heelIn + rise) - 6 - snowY(site.snow.psPsf)}L${X(-over)} ${Y(building.heelIn - drop) - 6 - snowY(site.snow.psPsf)}Z`}
              fill="#fff"
              stroke="var(--galv-3)"
            />
            {site.snow.unbalanced && (
              <path
                d={`M${X(widthIn / 2)} ${Y(building.heelIn + rise) - 6 - snowY(site.snow.psPsf)}L${X(widthIn / 2 + site.snow.unbalanced.surchargeFt * 12)} ${Y(building.heelIn + rise - site.snow.unbalanced.surchargeFt * building.pitchPer12) - 6 - snowY(site.snow.psPsf)}v${-snowY(site.snow.unbalanced.surchargePsf)}L${X(widthIn / 2)} ${Y(building.heelIn + rise) - 6 - snowY(site.snow.psPsf + site.snow.unbalanced.surchargePsf)}Z`}
                fill="#fff"
                stroke="var(--galv-3)"
                strokeDasharray="4 3"
              />
            )}
            <Note
              x={X(widthIn / 2)}
              y={Y(building.heelIn + rise) - 34 - snowY(site.snow.psPsf + (site.snow.unbalanced?.surchargePsf ?? 0))}
              size={15}
              weight={700}
              anchor="middle"
            >
              snow {sig(site.snow.psPsf)} psf on the roof
              {site.snow.unbalanced
                ? `, ${sig(site.snow.psPsf + site.snow.unbalanced.surchargePsf)} by the ridge when it drifts`
                : ''}
            </Note>
            <Note
              x={X(widthIn / 2)}
              y={Y(building.heelIn + rise) - 16 - snowY(site.snow.psPsf + (site.snow.unbalanced?.surchargePsf ?? 0))}
              size={12.5}
              anchor="middle"
              fill="var(--ink-2)"
            >
              ASCE 7-16 ch. 7, ground snow {job.site.groundSnowPsf} psf
            </Note>
            {[0.2, 0.5, 0.8].map((t) => arrow(building.heelIn * t, site.wind.windwardPsf, true, 'south'))}
            {leanIn('north') === 0 &&
              [0.2, 0.5, 0.8].map((t) => arrow(building.heelIn * t, site.wind.leewardPsf, true, 'north'))}
            <Note
              x={leanIn('south') ? X(widthIn / 2) : X(0) - 112}
              y={Y(building.heelIn) - 40}
              size={15}
              weight={700}
              anchor={leanIn('south') ? 'middle' : 'start'}
            >
              wind
            </Note>
            <Note x={X(0) - 112} y={Y(building.heelIn) - 22} size={12.5} fill="var(--ink-2)">
              {sig(site.wind.windwardPsf)} psf pushes
            </Note>
            <Note x={X(widthIn / 2)} y={Y(building.heelIn * 0.62)} size={15} weight={700} anchor="middle">
              qh {sig(site.wind.qhPsf)} psf
            </Note>
            {roomy && (
              <>
                <Note
                  x={X(widthIn / 2)}
                  y={Y(building.heelIn * 0.62) + 18}
                  size={12.5}
                  anchor="middle"
                  fill="var(--ink-2)"
                >
                  at {sig(site.wind.meanHeightFt)} ft, {job.site.windMph} mph, exposure {job.site.exposure}; strength
                  level
                </Note>
                <Note
                  x={X(widthIn / 2)}
                  y={Y(building.heelIn * 0.62) + 35}
                  size={12.5}
                  anchor="middle"
                  fill="var(--ink-2)"
                >
                  inside ±{sig(site.wind.internalPsf)} psf, far wall {sig(site.wind.leewardPsf)} psf
                </Note>
              </>
            )}
            <Note x={X(widthIn / 2)} y={soilY} size={15} weight={700} anchor="middle" halo="#E2D8C3">
              soil bears {site.soil.bearingPsf.toLocaleString('en-US')} psf
            </Note>
            <Note x={X(widthIn / 2)} y={soilY + 18} size={12.5} anchor="middle" fill="var(--ink-2)" halo="#E2D8C3">
              sideways {site.soil.lateralPsfPerFt} psf a foot deep{job.site.doubleLateral ? ', doubled for wind' : ''};{' '}
              {site.soil.source}
            </Note>
            {site.leanTos.map((leanTo) => (
              <Note
                key={leanTo.leanTo.side}
                x={X(leanTo.leanTo.side === 'north' ? widthIn + leanTo.leanTo.depthIn / 2 : -leanTo.leanTo.depthIn / 2)}
                y={Y(building.heelIn) - 22}
                size={12.5}
                anchor="middle"
                weight={600}
                halo="var(--paper)"
              >
                {sig(leanTo.governing.uniformPsf + leanTo.governing.peakPsf)} psf, {leanTo.governing.governs}
              </Note>
            ))}
          </g>
        )}
        {!site && (
          <g>
            <Note x={X(widthIn / 2)} y={Y(building.heelIn * 0.55)} size={18} weight={700} anchor="middle">
              Enter the site’s hazards
            </Note>
            <Note x={X(widthIn / 2)} y={Y(building.heelIn * 0.55) + 22} size={13.5} anchor="middle" fill="var(--ink-2)">
              Ground snow, wind, exposure, frost and soil come from the official. None is assumed.
            </Note>
          </g>
        )}
      </svg>
    </>
  )
}
