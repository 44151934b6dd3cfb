'use client'
import { About, Quantity, Stated } from '@/ui'
import type { SiteResults } from '@/core/frame'
import { IN_PER_FT } from '@/core/units'
import { CrowFoot, Note } from '../drawing'
import { leanToDepthIn, roofLine, type SectionPicture } from './sectionPicture'

interface LoadProps {
  readonly picture: SectionPicture
  readonly site: SiteResults
}

/** Height of snow in the drawing for a pressure, px. */
const snowPx = (psf: number): number => psf * 0.55
/** Room between the roof and the snow on it, px. */
const OFF_ROOF_PX = 6

/** From the snow on the roof to words beside it, px. */
const CLEAR_PX = 8

/** The drift on the lee slope, from the ridge down. */
function driftPath(
  { building, riseIn, widthIn, xAt, yAt }: SectionPicture,
  balancedPsf: number,
  { surchargeFt, surchargePsf }: NonNullable<SiteResults['snow']['unbalanced']>,
): string {
  const ridgeIn = building.heelIn + riseIn
  const ridgeY = yAt(ridgeIn) - OFF_ROOF_PX
  const balanced = snowPx(balancedPsf)
  const lowY = yAt(ridgeIn - surchargeFt * building.pitchPer12) - OFF_ROOF_PX - balanced
  return (
    `M${xAt(widthIn / 2)} ${ridgeY - balanced}L${xAt(widthIn / 2 + surchargeFt * IN_PER_FT)} ${lowY}` +
    `v${-snowPx(surchargePsf)}L${xAt(widthIn / 2)} ${ridgeY - snowPx(balancedPsf + surchargePsf)}Z`
  )
}

/** The balanced snow as a band along the roof. */
function snowBand(picture: SectionPicture, psf: number): string {
  const { building, dropIn, overhangIn, riseIn, widthIn, xAt, yAt } = picture
  const up = OFF_ROOF_PX + snowPx(psf)
  const eaveY = yAt(building.heelIn - dropIn) - up
  return (
    `${roofLine(picture, OFF_ROOF_PX)}V${eaveY}` +
    `L${xAt(widthIn / 2)} ${yAt(building.heelIn + riseIn) - up}L${xAt(-overhangIn)} ${eaveY}Z`
  )
}

/** Snow on the roof, as it lies and as it drifts. */
function SnowDrawn({ picture, site: { snow } }: LoadProps) {
  const { building, job, riseIn, widthIn, xAt, yAt } = picture
  const mostPsf = snow.psPsf + (snow.unbalanced?.surchargePsf ?? 0)
  const wordsY = yAt(building.heelIn + riseIn) - 16 - snowPx(mostPsf)
  return (
    <>
      <path d={snowBand(picture, snow.psPsf)} fill="#fff" stroke="var(--galv-3)" />
      {snow.unbalanced && (
        <path
          d={driftPath(picture, snow.psPsf, snow.unbalanced)}
          fill="#fff"
          stroke="var(--galv-3)"
          strokeDasharray="4 3"
        />
      )}
      <Note x={xAt(widthIn / 2)} y={wordsY - 18} size={15} weight={700} anchor="middle">
        snow <About value={snow.psPsf} kind="psf" /> on the roof
        {snow.unbalanced && (
          <>
            , <About value={mostPsf} kind="psf" /> by the ridge when it drifts
          </>
        )}
      </Note>
      <Note x={xAt(widthIn / 2)} y={wordsY} size={12.5} anchor="middle" fill="var(--ink-2)">
        ASCE 7-16 ch. 7, ground snow <Stated value={job.site.groundSnowPsf ?? NaN} kind="psf" />
      </Note>
    </>
  )
}

/** An arrow of wind on a wall, as long as its pressure; `right` is the way it blows. */
function WindArrow({
  picture: { widthIn, xAt, yAt },
  wall,
  heightIn,
  psf,
  right,
}: {
  readonly picture: SectionPicture
  readonly wall: 'south' | 'north'
  readonly heightIn: number
  readonly psf: number
  readonly right: boolean
}) {
  const long = Math.min(90, Math.abs(psf) * 2.6)
  const out = wall === 'south' ? -1 : 1
  const near = (wall === 'south' ? xAt(0) : xAt(widthIn)) + out * 12
  const [tail, head] = right === (wall === 'south') ? [near + out * long, near] : [near, near + out * long]
  const y = yAt(heightIn)
  return (
    <g>
      <line x1={tail} x2={head} y1={y} y2={y} stroke="var(--ink)" strokeWidth={2.2} />
      <CrowFoot x={head} y={y} facing={head > tail ? 'right' : 'left'} size={8} color="var(--ink)" width={2.2} />
    </g>
  )
}

/** Wind on both walls. */
function WindDrawn({ picture, site: { wind } }: LoadProps) {
  const { building, job, roomy, widthIn, xAt, yAt } = picture
  const heights = [0.2, 0.5, 0.8].map((share) => building.heelIn * share)
  const southLeanTo = leanToDepthIn(building, 'south') > 0
  const northLeanTo = leanToDepthIn(building, 'north') > 0
  const middleX = xAt(widthIn / 2)
  // Beside the roof, or under a lean-to between two arrows.
  const words = southLeanTo
    ? { x: xAt(0) - 16, y: yAt(building.heelIn * 0.65) + 13, anchor: 'end' as const, halo: 'var(--paper)' }
    : { x: xAt(0) - 112, y: yAt(building.heelIn) - 22, anchor: 'start' as const }
  const insideY = yAt(building.heelIn * 0.62)
  return (
    <>
      {heights.map((heightIn) => (
        <g key={heightIn}>
          <WindArrow picture={picture} wall="south" heightIn={heightIn} psf={wind.windwardPsf} right />
          {!northLeanTo && <WindArrow picture={picture} wall="north" heightIn={heightIn} psf={wind.leewardPsf} right />}
        </g>
      ))}
      <Note {...words} y={words.y - 18} size={15} weight={700}>
        wind
      </Note>
      <Note {...words} size={12.5} fill="var(--ink-2)">
        <About value={wind.windwardPsf} kind="psf" /> pushes
      </Note>
      <Note x={middleX} y={insideY} size={15} weight={700} anchor="middle">
        qh <About value={wind.qhPsf} kind="psf" />
      </Note>
      {roomy && (
        <>
          <Note x={middleX} y={insideY + 18} size={12.5} anchor="middle" fill="var(--ink-2)">
            at <About value={wind.meanHeightFt} kind="ft" />, <Stated value={job.site.windMph ?? NaN} kind="mph" />,
            exposure {job.site.exposure}; strength level
          </Note>
          <Note x={middleX} y={insideY + 35} size={12.5} anchor="middle" fill="var(--ink-2)">
            inside ±<About value={wind.internalPsf} kind="psf" />, far wall <About value={wind.leewardPsf} kind="psf" />
          </Note>
        </>
      )}
    </>
  )
}

/** What the soil bears. */
function SoilWords({ picture: { job, soilY, widthIn, xAt }, site: { soil } }: LoadProps) {
  return (
    <>
      <Note x={xAt(widthIn / 2)} y={soilY} size={15} weight={700} anchor="middle" halo="#E2D8C3">
        soil bears <Quantity value={soil.bearingPsf} kind="psf" short />
      </Note>
      <Note x={xAt(widthIn / 2)} y={soilY + 18} size={12.5} anchor="middle" fill="var(--ink-2)" halo="#E2D8C3">
        sideways <Stated value={soil.lateralPsfPerFt} kind="psfPerFt" /> of depth
        {job.site.doubleLateral ? ', doubled for wind' : ''}; {soil.source}
      </Note>
    </>
  )
}

/** Snow, wind and soil on the section, with what is on each lean-to. */
export function LoadsDrawn({ picture, site }: LoadProps) {
  const { building, overhangIn, widthIn, xAt, yAt } = picture
  return (
    <g>
      <SnowDrawn picture={picture} site={site} />
      <WindDrawn picture={picture} site={site} />
      <SoilWords picture={picture} site={site} />
      {site.leanTos.map(({ leanTo, governing }) => (
        <Note
          key={leanTo.side}
          x={leanTo.side === 'north' ? xAt(widthIn + overhangIn) + CLEAR_PX : xAt(-overhangIn) - CLEAR_PX}
          y={yAt(building.heelIn) - 22}
          size={12.5}
          anchor={leanTo.side === 'north' ? 'start' : 'end'}
          weight={600}
          halo="var(--paper)"
        >
          <About value={governing.uniformPsf + governing.peakPsf} kind="psf" />, {governing.governs}
        </Note>
      ))}
    </g>
  )
}
