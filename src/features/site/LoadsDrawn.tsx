'use client'
import type { JSX } from 'react'
import type { SiteResults } from '@/core/frame'
import type { Building, Job } from '@/core/model'
import { sig } from '@/core/result'
import { IN_PER_FT } from '@/core/units'
import { Note } from '../drawing'

/** Snow and wind on the section. */
export function LoadsDrawn({
  xAt,
  over,
  yAt,
  building,
  drop,
  widthIn,
  rise,
  snowY,
  site,
  job,
  arrow,
  leanIn,
  roomy,
  soilY,
}: {
  readonly xAt: (x: number) => number
  readonly over: number
  readonly yAt: (y: number) => number
  readonly building: Building
  readonly drop: number
  readonly widthIn: number
  readonly rise: number
  readonly snowY: (psf: number) => number
  readonly site: SiteResults
  readonly job: Job
  readonly arrow: (y: number, psf: number, right: boolean, from: 'south' | 'north') => JSX.Element
  readonly leanIn: (side: string) => number
  readonly roomy: boolean
  readonly soilY: number
}) {
  /** The drift on the lee slope, from the ridge down. */
  const crestPath = ({ surchargeFt, surchargePsf }: NonNullable<SiteResults['snow']['unbalanced']>) => {
    const runIn = surchargeFt * IN_PER_FT
    const ridgeY = yAt(building.heelIn + rise) - 6
    const balanced = snowY(site.snow.psPsf)
    const lowY = yAt(building.heelIn + rise - surchargeFt * building.pitchPer12) - 6 - balanced
    return (
      `M${xAt(widthIn / 2)} ${ridgeY - balanced}L${xAt(widthIn / 2 + runIn)} ${lowY}v${-snowY(surchargePsf)}` +
      `L${xAt(widthIn / 2)} ${ridgeY - snowY(site.snow.psPsf + surchargePsf)}Z`
    )
  }
  return (
    <g>
      <path
        d={
          `M${xAt(-over)} ${yAt(building.heelIn - drop) - 6}L${xAt(widthIn / 2)} ` +
          `${yAt(building.heelIn + rise) - 6}L${xAt(widthIn + over)} ` +
          `${yAt(building.heelIn - drop) - 6}V${yAt(building.heelIn - drop) - 6 - snowY(site.snow.psPsf)}L${xAt(widthIn / 2)} ` +
          `${yAt(building.heelIn + rise) - 6 - snowY(site.snow.psPsf)}L${xAt(-over)} ` +
          `${yAt(building.heelIn - drop) - 6 - snowY(site.snow.psPsf)}Z`
        }
        fill="#fff"
        stroke="var(--galv-3)"
      />
      {site.snow.unbalanced && (
        <path d={crestPath(site.snow.unbalanced)} fill="#fff" stroke="var(--galv-3)" strokeDasharray="4 3" />
      )}
      <Note
        x={xAt(widthIn / 2)}
        y={yAt(building.heelIn + rise) - 34 - snowY(site.snow.psPsf + (site.snow.unbalanced?.surchargePsf ?? 0))}
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
        x={xAt(widthIn / 2)}
        y={yAt(building.heelIn + rise) - 16 - snowY(site.snow.psPsf + (site.snow.unbalanced?.surchargePsf ?? 0))}
        size={12.5}
        anchor="middle"
        fill="var(--ink-2)"
      >
        ASCE 7-16 ch. 7, ground snow {job.site.groundSnowPsf} psf
      </Note>
      {[0.2, 0.5, 0.8].map((share) => arrow(building.heelIn * share, site.wind.windwardPsf, true, 'south'))}
      {leanIn('north') === 0 &&
        [0.2, 0.5, 0.8].map((share) => arrow(building.heelIn * share, site.wind.leewardPsf, true, 'north'))}
      <Note
        x={leanIn('south') ? xAt(widthIn / 2) : xAt(0) - 112}
        y={yAt(building.heelIn) - 40}
        size={15}
        weight={700}
        anchor={leanIn('south') ? 'middle' : 'start'}
      >
        wind
      </Note>
      <Note x={xAt(0) - 112} y={yAt(building.heelIn) - 22} size={12.5} fill="var(--ink-2)">
        {sig(site.wind.windwardPsf)} psf pushes
      </Note>
      <Note x={xAt(widthIn / 2)} y={yAt(building.heelIn * 0.62)} size={15} weight={700} anchor="middle">
        qh {sig(site.wind.qhPsf)} psf
      </Note>
      {roomy && (
        <>
          <Note
            x={xAt(widthIn / 2)}
            y={yAt(building.heelIn * 0.62) + 18}
            size={12.5}
            anchor="middle"
            fill="var(--ink-2)"
          >
            at {sig(site.wind.meanHeightFt)} ft, {job.site.windMph} mph, exposure {job.site.exposure}; strength level
          </Note>
          <Note
            x={xAt(widthIn / 2)}
            y={yAt(building.heelIn * 0.62) + 35}
            size={12.5}
            anchor="middle"
            fill="var(--ink-2)"
          >
            inside ±{sig(site.wind.internalPsf)} psf, far wall {sig(site.wind.leewardPsf)} psf
          </Note>
        </>
      )}
      <Note x={xAt(widthIn / 2)} y={soilY} size={15} weight={700} anchor="middle" halo="#E2D8C3">
        soil bears {site.soil.bearingPsf.toLocaleString('en-US')} psf
      </Note>
      <Note x={xAt(widthIn / 2)} y={soilY + 18} size={12.5} anchor="middle" fill="var(--ink-2)" halo="#E2D8C3">
        sideways {site.soil.lateralPsfPerFt} psf a foot deep{job.site.doubleLateral ? ', doubled for wind' : ''};{' '}
        {site.soil.source}
      </Note>
      {site.leanTos.map((leanTo) => (
        <Note
          key={leanTo.leanTo.side}
          x={xAt(leanTo.leanTo.side === 'north' ? widthIn + leanTo.leanTo.depthIn / 2 : -leanTo.leanTo.depthIn / 2)}
          y={yAt(building.heelIn) - 22}
          size={12.5}
          anchor="middle"
          weight={600}
          halo="var(--paper)"
        >
          {sig(leanTo.governing.uniformPsf + leanTo.governing.peakPsf)} psf, {leanTo.governing.governs}
        </Note>
      ))}
    </g>
  )
}
