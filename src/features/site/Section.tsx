'use client'
import type { ScheduleRow } from '@/core/derive'
import type { HoleKind } from '@/core/frame'
import type { Building, Job, LeanTo } from '@/core/model'
import { PITCH_RUN_IN } from '@/core/units'
import { postSize } from '@/core/wood'
import { SvgMeasure } from '@/ui'
import { CrowFoot, Materials, Note, useSize, Wax } from '../drawing'
import { useDoc } from '../job'
import { LoadsDrawn } from './LoadsDrawn'

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

/** A cross-section of the building with what the site does to it: snow, wind and frost, to scale. */
export function Section() {
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
