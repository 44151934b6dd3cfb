'use client'
import { BookOpen } from 'lucide-react'
import { useMemo } from 'react'
import { readCount } from '@/core/field'
import { formatLength, IN_PER_FT } from '@/core/units'
import { FailSign } from '@/ui'
import { Materials, seeded, useSize, waxPoints } from '../drawing'
import { useLog } from '../field'
import { useJob } from '../job'

const ON_POLE = ['site', 'building', 'strings', 'holes', 'posts', 'walls', 'roof', 'bracing'] as const
const NAMES: Readonly<Record<(typeof ON_POLE)[number], string>> = {
  site: 'Site',
  building: 'Building',
  strings: 'Strings',
  holes: 'Holes',
  posts: 'Posts',
  walls: 'Walls',
  roof: 'Roof',
  bracing: 'Bracing',
}

/** One short fact a stage, and whether its work is done. */
function useFacts(): Readonly<
  Record<(typeof ON_POLE)[number], { readonly say: string; readonly done: boolean; readonly fails: number }>
> {
  const derived = useJob((state) => state.derived)
  const job = useJob((state) => state.history.present)
  const building = job.building
  const levels = useLog((log) => log.levels)
  const read = readCount(job, derived.posts, levels)
  return useMemo(() => {
    const fails = (stage: string) =>
      derived.checks.filter((check) => check.stage === stage && check.state === 'fails').length
    const square = derived.square.ok ? derived.square.value : null
    const off = square ? square.largestMoveIn : 0
    const squareWords = () => {
      if (!square) return 'not measured'
      if (off <= 1 / 8) return 'square'
      return `off ${formatLength(off, { feet: false })}`
    }
    return {
      site: {
        say: derived.missing.length
          ? `${derived.missing.length} to enter`
          : `${Math.round(derived.site?.wind.qhPsf ?? 0)} psf wind`,
        done: derived.missing.length === 0,
        fails: 0,
      },
      building: {
        say: `${Math.round(building.widthIn / IN_PER_FT)}′ × ${Math.round(building.lengthIn / IN_PER_FT)}′`,
        done: true,
        fails: 0,
      },
      strings: {
        say: squareWords(),
        done: square !== null && off <= 1 / 8,
        fails: 0,
      },
      holes: { say: `${derived.posts.length} holes`, done: false, fails: fails('holes') },
      posts: {
        say: `${read}/${derived.posts.length} read`,
        done: read === derived.posts.length,
        fails: fails('posts'),
      },
      roof: { say: `${derived.trusses.trusses.length} trusses`, done: false, fails: fails('roof') },
      bracing: {
        say: derived.lateral
          ? ({ 'roof trusted': 'not checked', 'roof checked': 'by its roof', 'frames alone': 'by frames' } as const)[
              derived.lateral.relied
            ]
          : 'needs wind',
        done: false,
        fails: fails('bracing'),
      },
      walls: {
        say: `${Object.values(derived.walls).reduce((sum, wallResult) => sum + wallResult.pieces.length, 0)} girts`,
        done: false,
        fails: fails('walls'),
      },
    }
  }, [derived, read, building.widthIn, building.lengthIn])
}

/**
 * The pole: a stick in its hole, the stages on it from the ground up, the crew book above its peak. Stain rises with
 * the work.
 */
export function Pole() {
  const stage = useJob((state) => state.stage)
  const go = useJob((state) => state.go)
  const facts = useFacts()
  const [ref, size] = useSize<HTMLElement>()
  const high = size.height || 744
  const [left, right, peak] = [16, 50, 78]
  const ground = high - 132
  const foot = high - 42
  const low = ground - 34
  const dy = Math.min(84, (low - peak - 56) / (ON_POLE.length - 1))
  const yAt = (i: number) => low - i * dy
  const firstOpen = ON_POLE.findIndex((stage) => !facts[stage].done)
  const stain = yAt((firstOpen < 0 ? ON_POLE.length : firstOpen) - 0.45)
  const grain = useMemo(() => {
    const random = seeded(11)
    return Array.from({ length: 8 }, (_, i) => {
      let path = `M${left + 3 + i * 4.2} ${foot}`
      for (let y = foot; y > peak - 40; y -= 62)
        path += `q${((random() - 0.5) * 5).toFixed(1)} -31 ${((random() - 0.5) * 1.6).toFixed(1)} -62`
      return { d: path, width: 0.5 + random() * 0.7, opacity: 0.28 + random() * 0.3 }
    })
  }, [foot, peak, left])
  const stick = `M${left} ${peak + 9}L33 ${peak}L${right} ${peak + 9}V${foot}H${left}Z`
  return (
    <nav ref={ref} className="polecol" aria-label="Stages, from the ground up">
      <svg width={148} height={high} className="position-absolute" aria-hidden style={{ left: 0, top: 0 }}>
        <Materials />
        <rect x={0} y={ground} width={148} height={high - ground} fill="url(#earth)" />
        <path
          d={`M-8 ${peak + 14}L33 ${peak - 1}L156 ${peak + 40}`}
          fill="none"
          stroke="var(--galv-3)"
          strokeWidth={3.5}
        />
        <rect x={4} y={ground} width={58} height={high - ground} fill="#EDE4D0" />
        <path d={`M4 ${ground}V${high}M62 ${ground}V${high}`} stroke="#A8966F" strokeDasharray="4 3" />
        <rect x={8} y={foot} width={50} height={20} fill="url(#galv)" stroke="var(--galv-4)" />
        <clipPath id="stick">
          <path d={stick} />
        </clipPath>
        <g clipPath="url(#stick)">
          <rect x={left} y={peak} width={right - left} height={foot - peak} fill="url(#wood)" />
          {grain.map((vein, i) => (
            <path key={i} d={vein.d} fill="none" stroke="#A97F46" strokeWidth={vein.width} opacity={vein.opacity} />
          ))}
          <path d={`M${left} ${stain + 3}l7 -5l8 4l9 -6l10 5V${foot}H${left}Z`} fill="#5F3D13" opacity={0.56} />
        </g>
        <path d={stick} fill="none" stroke="var(--lumber-4)" strokeWidth={1.4} />
        {ON_POLE.map((place, i) => {
          if (place === stage)
            return (
              <polygon
                key={place}
                points={waxPoints({ x1: 6, y1: yAt(i), x2: 58, y2: yAt(i), width: 6, seed: i + 2 })}
                fill="var(--burr)"
              />
            )
          if (facts[place].done)
            return (
              <g key={place}>
                <polygon
                  points={waxPoints({ x1: 9, y1: yAt(i), x2: 55, y2: yAt(i), width: 4, seed: i + 2 })}
                  fill="var(--ink)"
                />
                <path
                  d={`M60 ${yAt(i) - 5}L54 ${yAt(i)}L60 ${yAt(i) + 5}`}
                  fill="none"
                  stroke="var(--ink)"
                  strokeWidth={2.4}
                />
              </g>
            )
          return <rect key={place} x={12} y={yAt(i)} width={42} height={1.6} fill="var(--lumber-4)" />
        })}
        <polygon
          points={waxPoints({ x1: -4, y1: ground, x2: 152, y2: ground, width: 4.5, seed: 3 })}
          fill="var(--grade)"
        />
        <text
          x={70}
          y={ground + 17}
          fontSize={12}
          fontWeight={600}
          style={{ fill: 'var(--grade-ink)', paintOrder: 'stroke', stroke: '#E2D8C3', strokeWidth: 4 }}
        >
          grade
        </text>
      </svg>
      <button
        type="button"
        className="pole-book"
        aria-current={stage === 'book' ? 'page' : undefined}
        onClick={() => go('book')}
      >
        <BookOpen size={17} />
        Crew book
      </button>
      <ol style={{ listStyle: 'none', margin: 0, padding: 0 }}>
        {ON_POLE.map((place, i) => (
          <li key={place}>
            <button
              type="button"
              className="pole-stage"
              style={{ top: yAt(i) - 23 }}
              aria-current={place === stage ? 'page' : undefined}
              onClick={() => go(place)}
            >
              <b>{NAMES[place]}</b>
              {facts[place].fails ? (
                <span className="fails">
                  <FailSign
                    size={12}
                    fill={place === stage ? '#fff' : 'var(--keel)'}
                    ground={place === stage ? 'var(--burr)' : '#fff'}
                  />
                  {facts[place].fails} fail{facts[place].fails > 1 ? '' : 's'}
                </span>
              ) : (
                <span>{facts[place].say}</span>
              )}
            </button>
          </li>
        ))}
      </ol>
    </nav>
  )
}
