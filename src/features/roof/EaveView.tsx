'use client'
import { useWriter } from '@/ui'
import { fails as isFailing } from '@/core/rules/check'
import { type TrussPlan, wallPosts } from '@/core/layout'
import { boardSize, postSize } from '@/core/wood'
import { Earth, type Elevation, GradeLine, HeelLine, Note } from '../drawing'
import { useDoc, useJob } from '../job'

type Truss = TrussPlan['trusses'][number]

interface OnEave {
  readonly drawn: Elevation
  readonly side: 'south' | 'north'
}

/** Over so many trusses only every other is named. */
const NAMED_ALL = 14

/** The posts under an eave, and the places of those left out. */
function EavePosts({ drawn, side }: OnEave) {
  const { job, derived } = useDoc()
  const picked = useJob((state) => state.picked.post)
  const pick = useJob((state) => state.pick)
  const { heelIn, post: spec } = job.building
  const halfIn = postSize(spec).widthIn / 2
  const upright = { y: drawn.yAt(heelIn), height: heelIn * drawn.scale }
  return (
    <>
      {wallPosts(derived.posts, side).map((post) => (
        <rect
          key={post.id}
          {...drawn.box(post.x - halfIn, post.x + halfIn)}
          {...upright}
          fill="url(#wood)"
          stroke={post.id === picked ? 'var(--burr)' : 'var(--lumber-4)'}
          strokeWidth={post.id === picked ? 2.4 : 1}
          onClick={() => pick({ post: post.id })}
          style={{ cursor: 'pointer' }}
        />
      ))}
      {derived.omitted
        .filter((omitted) => omitted.side === side)
        .map((omitted) => (
          <rect
            key={omitted.id}
            {...drawn.box(omitted.x - halfIn, omitted.x + halfIn)}
            {...upright}
            fill="none"
            stroke="var(--galv-3)"
            strokeDasharray="5 4"
            pointerEvents="none"
          />
        ))}
    </>
  )
}

/** Carriers and headers between the posts; one that fails is drawn in red. */
function EaveBeams({ drawn, side }: OnEave) {
  const { job, derived } = useDoc()
  const { heelIn, roof } = job.building
  const fails = new Set(
    derived.checks
      .filter(
        ({ state, key }) =>
          isFailing({ state }) && key.member === 'beam' && (key.rule === 'strength' || key.rule === 'sag'),
      )
      .map(({ key }) => key.place),
  )
  return derived.trusses.beams
    .filter((beam) => beam.side === side)
    .map((beam) => {
      const spec = roof[beam.kind]
      const deepIn = boardSize(spec.size).dIn
      const bad = fails.has(beam.kind)
      return (
        <g key={beam.id} pointerEvents="none">
          <rect
            {...drawn.box(beam.from.x, beam.to.x)}
            y={drawn.yAt(heelIn)}
            height={deepIn * drawn.scale}
            fill="#E0C592"
            stroke={bad ? 'var(--keel)' : 'var(--lumber-4)'}
            strokeWidth={bad ? 2.6 : 1.3}
          />
          <Note
            x={(drawn.xAt(beam.from.x) + drawn.xAt(beam.to.x)) / 2}
            y={drawn.yAt(heelIn - deepIn) + 15}
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
    })
}

/** What a truss presses down with and pulls up with, in words: D with the greater of snow and live; 0.6 (W − D). */
function useReactionWords(truss: Truss): string | null {
  const { quantity } = useWriter()
  const reaction = useDoc().derived.reactions[truss.number - 1]
  if (!reaction) return null
  const down = reaction.deadLb + Math.max(reaction.snowLb, reaction.liveLb)
  const up = Math.max(0, 0.6 * (reaction.windUpLb - reaction.deadMinLb))
  return `${quantity(down, 'lb')} down, ${quantity(up, 'lb')} up`
}

/** The end of a truss over the eave, with its name and, where picked, its reactions. */
function TrussEnd({
  drawn,
  truss,
  postId,
  riseIn,
}: {
  readonly drawn: Elevation
  readonly truss: Truss
  readonly postId: string | null
  readonly riseIn: number
}) {
  const { job, derived } = useDoc()
  const name = `T${truss.number}`
  const on = useJob((state) => state.picked.mark === name)
  const pick = useJob((state) => state.pick)
  const reaction = useReactionWords(truss)
  const named = derived.trusses.trusses.length <= NAMED_ALL || truss.number % 2 === 1 || on
  const x = drawn.xAt(truss.xIn)
  const y = drawn.yAt(job.building.heelIn + riseIn)
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${name}, truss`}
      onClick={() => pick({ mark: name, post: postId })}
      onKeyDown={(event) => {
        if (event.key === 'Enter') pick({ mark: name })
      }}
      onPointerDown={(event) => event.stopPropagation()}
      style={{ cursor: 'pointer' }}
    >
      <rect
        x={x - Math.max(2, 0.75 * drawn.scale)}
        y={y}
        width={Math.max(4, 1.5 * drawn.scale)}
        height={riseIn * drawn.scale}
        fill={on ? 'var(--burr)' : 'var(--lumber-3)'}
        stroke={on ? 'var(--burr-deep)' : 'var(--lumber-4)'}
      />
      {named && (
        <Note x={x} y={y - 8} size={13} weight={700} anchor="middle" fill={on ? 'var(--burr-deep)' : 'var(--ink)'}>
          {name}
        </Note>
      )}
      {on && reaction && (
        <Note x={x} y={y - 26} size={13} weight={600} anchor="middle" fill="var(--ink-2)" halo="var(--paper)">
          {reaction}
        </Note>
      )}
    </g>
  )
}

/** An eave from outside: trusses and what they rest on. */
export function EaveView({ drawn, side, riseIn }: OnEave & { readonly riseIn: number }) {
  const { job, derived } = useDoc()
  const { gableOverhangIn, heelIn } = job.building
  return (
    <g>
      <Earth drawn={drawn} />
      <rect
        {...drawn.box(-gableOverhangIn, drawn.lengthIn + gableOverhangIn)}
        y={drawn.yAt(heelIn + riseIn)}
        height={riseIn * drawn.scale}
        fill="var(--galv-1)"
        stroke="var(--galv-3)"
        opacity={0.55}
        pointerEvents="none"
      />
      <EavePosts drawn={drawn} side={side} />
      <EaveBeams drawn={drawn} side={side} />
      {derived.trusses.rests[side].map(({ truss, post }) => (
        <TrussEnd key={truss.number} drawn={drawn} truss={truss} postId={post?.id ?? null} riseIn={riseIn} />
      ))}
      <GradeLine drawn={drawn} />
      <HeelLine drawn={drawn} heelIn={heelIn} name="heel" />
    </g>
  )
}
