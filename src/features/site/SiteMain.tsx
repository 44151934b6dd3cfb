'use client'
import { PITCH_RUN_IN, IN_PER_FT } from '@/core/units'
import { JSX, useState } from 'react'
import type { HoleKind, LoadCase, ScheduleRow, SiteResults } from '@/core/derive'
import { sig } from '@/core/result'
import { postSize } from '@/core/wood'
import { CrowFoot, Materials, Note, useSize, Wax } from '../drawing'
import { useDoc } from '../job'
import { Segments, SvgMeasure } from '@/ui'
import { GroundView } from './GroundView'
import { LoadMap } from './LoadMap'
import { Building, Job, LeanTo } from '@/core/model'

/** What the site brings: a cross-section, or the unfolded building with the pressures of one load case. */
export function SiteMain() {
  const { derived } = useDoc()
  const [view, setView] = useState<'section' | 'ground' | LoadCase>('section')
  const shown = derived.site || view === 'ground' ? view : 'section'
  const main = () => {
    if (shown === 'ground') return <GroundView />
    if (shown === 'section') return <Section />
    return <LoadMap load={shown} />
  }
  const shownWords = () => {
    if (shown === 'section') return 'cross-section to scale'
    if (shown === 'ground') return 'heights from the grade line'
    return 'the building unfolded'
  }
  return (
    <>
      <div className="wh">
        <h2>Site</h2>
        <p>{shownWords()}</p>
        <span className="spacer" />
        <Segments
          label="What to show"
          value={shown}
          choices={derived.site ? VIEWS : VIEWS.slice(0, 2)}
          onChange={setView}
        />
      </div>
      {main()}
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

/** Snow and wind on the section. */
function LoadsDrawn({
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
        <path
          d={
            `M${xAt(widthIn / 2)} ` +
            `${yAt(building.heelIn + rise) - 6 - snowY(site.snow.psPsf)}L${xAt(widthIn / 2 + site.snow.unbalanced.surchargeFt * IN_PER_FT)} ` +
            `${yAt(building.heelIn + rise - site.snow.unbalanced.surchargeFt * building.pitchPer12) - 6 - snowY(site.snow.psPsf)}v${-snowY(site.snow.unbalanced.surchargePsf)}L${xAt(widthIn / 2)} ` +
            `${yAt(building.heelIn + rise) - 6 - snowY(site.snow.psPsf + site.snow.unbalanced.surchargePsf)}Z`
          }
          fill="#fff"
          stroke="var(--galv-3)"
          strokeDasharray="4 3"
        />
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

/** A lean-to in section. */
function LeanToDrawn({
  lean,
  xAt,
  base,
  yAt,
  top,
  dir,
  over,
  low,
  depth,
  scale,
}: {
  readonly lean: LeanTo
  readonly xAt: (x: number) => number
  readonly base: number
  readonly yAt: (y: number) => number
  readonly top: number
  readonly dir: 1 | -1
  readonly over: number
  readonly low: number
  readonly depth: number
  readonly scale: number
}) {
  return (
    <g>
      <path
        d={
          `M${xAt(base)} ${yAt(top)}L${xAt(base + dir * (lean.depthIn + over))} ` +
          `${yAt(low - (over * lean.pitchPer12) / PITCH_RUN_IN)}`
        }
        stroke="var(--galv-4)"
        strokeWidth={4.5}
        fill="none"
      />
      <rect
        x={xAt(base + dir * lean.depthIn) - (dir > 0 ? depth * scale : 0)}
        y={yAt(low)}
        width={depth * scale}
        height={(low + 40) * scale}
        fill="url(#wood)"
        stroke="var(--lumber-4)"
      />
    </g>
  )
}

/** An eave post with its hole. */
function EavePost({
  x,
  xAt,
  depth,
  dia,
  ground,
  eave,
  scale,
  yAt,
  building,
  inside,
  post,
}: {
  readonly x: number
  readonly xAt: (x: number) => number
  readonly depth: number
  readonly dia: number
  readonly ground: number
  readonly eave: HoleKind
  readonly scale: number
  readonly yAt: (y: number) => number
  readonly building: Building
  readonly inside: number
  readonly post: ScheduleRow
}) {
  return (
    <g>
      <rect
        x={xAt(x + (x === 0 ? depth / 2 : -depth / 2)) - dia / 2}
        y={ground}
        width={dia}
        height={(eave?.depthIn ?? 48) * scale}
        fill="#EDE4D0"
        stroke="#A8966F"
        strokeDasharray="4 3"
      />
      <rect
        x={xAt(x + (x === 0 ? depth / 2 : -depth / 2)) - dia / 2}
        y={yAt(-(eave?.depthIn ?? 48) + (building.school === 'pier' ? (eave?.depthIn ?? 48) : building.padThicknessIn))}
        width={dia}
        height={(building.school === 'pier' ? (eave?.depthIn ?? 48) : building.padThicknessIn) * scale}
        fill="url(#concrete)"
        stroke="var(--galv-4)"
      />
      <rect
        x={xAt(x + inside)}
        y={yAt(building.heelIn)}
        width={depth * scale}
        height={(building.heelIn + (post?.embedIn ?? 0)) * scale}
        fill="url(#wood)"
        stroke="var(--lumber-4)"
      />
    </g>
  )
}

/** The ground, the frost line and the post's hole in it. */
function Earth({
  width,
  yAt,
  job,
}: {
  readonly width: number
  readonly yAt: (y: number) => number
  readonly job: Job
}) {
  const { frostIn } = job.site
  if (frostIn === null) return null
  return (
    <g>
      <line
        x1={0}
        x2={width}
        y1={yAt(-frostIn)}
        y2={yAt(-frostIn)}
        stroke="var(--chalk)"
        strokeWidth={1.6}
        strokeDasharray="3 5"
      />
      <Note x={22} y={yAt(-frostIn) - 6} size={13} weight={600} fill="var(--chalk-ink)" halo="#E2D8C3">
        frost
      </Note>
      <SvgMeasure
        x={64}
        y={yAt(-frostIn) - 5}
        inches={frostIn}
        size={16}
        weight={700}
        fill="var(--chalk-ink)"
        ground="#E2D8C3"
      />
    </g>
  )
}

/** A cross-section of the building with what the site does to it: snow, wind and frost, to scale. */
function Section() {
  const { job, derived } = useDoc()
  const [ref, size] = useSize<SVGSVGElement>()
  const building = job.building
  const widthIn = derived.grid.widthIn
  const rise = ((widthIn / 2) * building.pitchPer12) / PITCH_RUN_IN
  const leanIn = (side: string) => building.leanTos.find((leanTo) => leanTo.side === side)?.depthIn ?? 0
  const deepest = Math.max(60, job.site.frostIn ?? 0, ...derived.holes.map((hole) => hole.depthIn))
  const [width, height] = [size.width || 820, size.height || 720]
  const span = widthIn + leanIn('south') + leanIn('north') + 2 * building.eaveOverhangIn
  const scale = Math.min((width - 300) / span, (height - 250) / (building.heelIn + rise + deepest))
  const x0 = (width - span * scale) / 2 + building.eaveOverhangIn * scale + leanIn('south') * scale
  const ground = 150 + (building.heelIn + rise) * scale
  const xAt = (x: number) => x0 + x * scale
  const yAt = (y: number) => ground - y * scale
  const site = derived.site
  const over = building.eaveOverhangIn
  const drop = (over * building.pitchPer12) / PITCH_RUN_IN
  const eave = derived.holes.find((hole) => hole.kind === 'eave') ?? derived.holes[0]
  const post = derived.schedule[0]
  const depth = postSize(building.post).depthIn
  const snowY = (psf: number) => psf * 0.55
  // Where the drawing is small the words beside it would lie over it: the shorter ones stay, and the soil's go below
  // the footings.
  const roomy = widthIn * scale > 300
  const soilY = roomy ? yAt(-deepest * 0.35) : yAt(-deepest) + 46
  const arrow = (y: number, psf: number, right: boolean, from: 'south' | 'north') => {
    const len = Math.min(90, Math.abs(psf) * 2.6)
    const x = from === 'south' ? xAt(0) - 12 : xAt(widthIn) + 12
    const out = from === 'south' ? -1 : 1
    const [tail, head] = right === (from === 'south') ? [x + out * len, x] : [x, x + out * len]
    return (
      <g key={`${from}${y}`}>
        <line x1={tail} x2={head} y1={yAt(y)} y2={yAt(y)} stroke="var(--ink)" strokeWidth={2.2} />
        <CrowFoot x={head} y={yAt(y)} facing={head > tail ? 'right' : 'left'} size={8} color="var(--ink)" width={2.2} />
      </g>
    )
  }
  return (
    <>
      <svg ref={ref} className="drawing" role="img" aria-label="Cross-section with snow, wind and frost">
        <Materials />
        <rect x={0} y={ground} width={width} height={Math.max(0, height - ground)} fill="url(#earth)" />
        {job.site.frostIn !== null && <Earth width={width} yAt={yAt} job={job} />}
        {[0, widthIn].map((x) => {
          const inside = x === 0 ? 0 : -depth
          const dia = (eave?.diameterIn ?? 20) * scale
          return (
            <EavePost
              key={x}
              x={x}
              xAt={xAt}
              depth={depth}
              dia={dia}
              ground={ground}
              eave={eave}
              scale={scale}
              yAt={yAt}
              building={building}
              inside={inside}
              post={post}
            />
          )
        })}
        <path
          d={
            `M${xAt(-over)} ${yAt(building.heelIn - drop)}L${xAt(widthIn / 2)} ` +
            `${yAt(building.heelIn + rise)}L${xAt(widthIn + over)} ${yAt(building.heelIn - drop)}`
          }
          fill="none"
          stroke="var(--galv-4)"
          strokeWidth={4.5}
        />
        <path
          d={`M${xAt(0)} ${yAt(building.heelIn)}H${xAt(widthIn)}L${xAt(widthIn / 2)} ${yAt(building.heelIn + rise)}Z`}
          fill="none"
          stroke="var(--lumber-3)"
          strokeWidth={3}
        />
        {building.leanTos.map((lean) => {
          const dir = lean.side === 'north' ? 1 : -1
          const base = lean.side === 'north' ? widthIn : 0
          const top = building.heelIn - lean.dropIn
          const low = top - (lean.depthIn * lean.pitchPer12) / PITCH_RUN_IN
          return (
            <LeanToDrawn
              key={lean.side}
              lean={lean}
              xAt={xAt}
              base={base}
              yAt={yAt}
              top={top}
              dir={dir}
              over={over}
              low={low}
              depth={depth}
              scale={scale}
            />
          )
        })}
        <Wax x1={-4} y1={ground} x2={width + 4} y2={ground} color="var(--grade)" width={5} />
        {site && (
          <LoadsDrawn
            xAt={xAt}
            over={over}
            yAt={yAt}
            building={building}
            drop={drop}
            widthIn={widthIn}
            rise={rise}
            snowY={snowY}
            site={site}
            job={job}
            arrow={arrow}
            leanIn={leanIn}
            roomy={roomy}
            soilY={soilY}
          />
        )}
        {!site && (
          <g>
            <Note x={xAt(widthIn / 2)} y={yAt(building.heelIn * 0.55)} size={18} weight={700} anchor="middle">
              Enter the site’s hazards
            </Note>
            <Note
              x={xAt(widthIn / 2)}
              y={yAt(building.heelIn * 0.55) + 22}
              size={13.5}
              anchor="middle"
              fill="var(--ink-2)"
            >
              Ground snow, wind, exposure, frost and soil come from the official. None is assumed.
            </Note>
          </g>
        )}
      </svg>
    </>
  )
}
