'use client'
import { plannedFootIn } from '@/core/field'
import { concreteIn, type HoleKind } from '@/core/frame'
import type { LeanTo } from '@/core/model'
import { PITCH_RUN_IN } from '@/core/units'
import { SvgMeasure } from '@/ui'
import { Materials, Note, useSize, Wax } from '../drawing'
import { useDoc } from '../job'
import { LoadsDrawn } from './LoadsDrawn'
import { leanToPlaces, roofLine, type SectionPicture, sectionPicture } from './sectionPicture'

/** A part of the cross-section. */
interface PartProps {
  readonly picture: SectionPicture
}

/** The frost line in the ground. */
function FrostLine({ picture: { job, width, yAt } }: PartProps) {
  const { frostIn } = job.site
  if (frostIn === null) return null
  const y = yAt(-frostIn)
  return (
    <g>
      <line x1={0} x2={width} y1={y} y2={y} stroke="var(--chalk)" strokeWidth={1.6} strokeDasharray="3 5" />
      <Note x={22} y={y - 6} size={13} weight={600} fill="var(--chalk-ink)" halo="#E2D8C3">
        frost
      </Note>
      <SvgMeasure x={64} y={y - 5} inches={frostIn} size={16} weight={700} fill="var(--chalk-ink)" ground="#E2D8C3" />
    </g>
  )
}

/** A post in its hole; `leftIn` is its left face, `topIn` what it reaches up to. */
function PostInHole({
  picture,
  hole,
  leftIn,
  topIn,
}: PartProps & { readonly hole: HoleKind | undefined; readonly leftIn: number; readonly topIn: number }) {
  const { building, postDepthIn, scale, xAt, yAt, groundY } = picture
  const across = (hole?.diameterIn ?? 0) * scale
  const footIn = hole ? plannedFootIn(picture, [hole], hole.kind) : 0
  const holeX = xAt(leftIn + postDepthIn / 2) - across / 2
  return (
    <g>
      {hole && (
        <rect
          x={holeX}
          y={groundY}
          width={across}
          height={hole.depthIn * scale}
          fill="#EDE4D0"
          stroke="#A8966F"
          strokeDasharray="4 3"
        />
      )}
      {hole &&
        concreteIn(building, hole).map(([fromIn, toIn]) => (
          <rect
            key={fromIn}
            x={holeX}
            y={yAt(-fromIn)}
            width={across}
            height={(toIn - fromIn) * scale}
            fill="url(#concrete)"
            stroke="var(--galv-4)"
          />
        ))}
      <rect
        x={xAt(leftIn)}
        y={yAt(topIn)}
        width={postDepthIn * scale}
        height={(topIn + footIn) * scale}
        fill="url(#wood)"
        stroke="var(--lumber-4)"
      />
    </g>
  )
}

/** A lean-to in section. */
function LeanToDrawn({ picture, leanTo }: PartProps & { readonly leanTo: LeanTo }) {
  const { leanToHole, overhangIn, postDepthIn, xAt, yAt } = picture
  const { out, wallIn, topIn, lowIn } = leanToPlaces(picture, leanTo)
  const edgeY = yAt(lowIn - (overhangIn * leanTo.pitchPer12) / PITCH_RUN_IN)
  return (
    <g>
      <path
        d={`M${xAt(wallIn)} ${yAt(topIn)}L${xAt(wallIn + out * (leanTo.depthIn + overhangIn))} ${edgeY}`}
        stroke="var(--galv-4)"
        strokeWidth={4.5}
        fill="none"
      />
      <PostInHole
        picture={picture}
        hole={leanToHole}
        leftIn={wallIn + out * leanTo.depthIn - (out > 0 ? postDepthIn : 0)}
        topIn={lowIn}
      />
    </g>
  )
}

/** Roof and truss. */
function RoofDrawn({ picture }: PartProps) {
  const { building, riseIn, widthIn, xAt, yAt } = picture
  const heelY = yAt(building.heelIn)
  return (
    <>
      <path d={roofLine(picture)} fill="none" stroke="var(--galv-4)" strokeWidth={4.5} />
      <path
        d={`M${xAt(0)} ${heelY}H${xAt(widthIn)}L${xAt(widthIn / 2)} ${yAt(building.heelIn + riseIn)}Z`}
        fill="none"
        stroke="var(--lumber-3)"
        strokeWidth={3}
      />
    </>
  )
}

/** What to enter before loads can be drawn. */
function NoSiteYet({ picture: { building, widthIn, xAt, yAt } }: PartProps) {
  const [x, y] = [xAt(widthIn / 2), yAt(building.heelIn * 0.55)]
  return (
    <g>
      <Note x={x} y={y} size={18} weight={700} anchor="middle">
        Enter the site’s hazards
      </Note>
      <Note x={x} y={y + 22} size={13.5} anchor="middle" fill="var(--ink-2)">
        Ground snow, wind, exposure, frost and soil come from the official. None is assumed.
      </Note>
    </g>
  )
}

/** A cross-section of the building with what the site does to it: snow, wind and frost, to scale. */
export function Section() {
  const { job, derived } = useDoc()
  const [ref, size] = useSize<SVGSVGElement>()
  const picture = sectionPicture(job, derived, { width: size.width || 820, height: size.height || 720 })
  const { groundY, height, width, widthIn } = picture
  return (
    <svg ref={ref} className="drawing" role="img" aria-label="Cross-section with snow, wind and frost">
      <Materials />
      <rect x={0} y={groundY} width={width} height={Math.max(0, height - groundY)} fill="url(#earth)" />
      <FrostLine picture={picture} />
      {[0, widthIn].map((wallX) => (
        <PostInHole
          key={wallX}
          picture={picture}
          hole={picture.eaveHole}
          leftIn={wallX === 0 ? 0 : wallX - picture.postDepthIn}
          topIn={job.building.heelIn}
        />
      ))}
      <RoofDrawn picture={picture} />
      {job.building.leanTos.map((leanTo) => (
        <LeanToDrawn key={leanTo.side} picture={picture} leanTo={leanTo} />
      ))}
      <Wax x1={-4} y1={groundY} x2={width + 4} y2={groundY} color="var(--grade)" width={5} />
      {derived.site ? <LoadsDrawn picture={picture} site={derived.site} /> : <NoSiteYet picture={picture} />}
    </svg>
  )
}
