'use client'
import { BookOpen } from 'lucide-react'
import { useMemo } from 'react'
import { readCount } from '@/core/field'
import type { Building } from '@/core/model'
import { fails as isFailing } from '@/core/rules/check'
import { feetAlone, inchesAlone, metersAlone, NO_BREAK, quantity, type UnitSystem } from '@/core/units'
import { FailSign, toTenth, useUnits } from '@/ui'
import { Materials, seeded, useSize, waxPoints } from '../drawing'
import { useLog } from '../field'
import { STAGE_NAMES, useJob } from '../job'

const ON_POLE = ['site', 'building', 'strings', 'holes', 'posts', 'walls', 'roof', 'bracing'] as const

type Facts = Readonly<
  Record<(typeof ON_POLE)[number], { readonly say: string; readonly done: boolean; readonly fails: number }>
>

/** A corner this near its place is left where it is, inches. */
const SQUARE_IN = 1 / 8

function squareWords(offIn: number | null, system: UnitSystem): string {
  if (offIn === null) return 'not measured'
  return offIn <= SQUARE_IN ? 'square' : `off ${inchesAlone(offIn, { system })}`
}

/** The size of the building, short: whole feet, or meters to the tenth. */
function sizeWords({ widthIn, lengthIn }: Building, system: UnitSystem): string {
  if (system === 'us') return `${feetAlone(widthIn)} × ${feetAlone(lengthIn)}`
  return `${metersAlone(widthIn)} × ${metersAlone(lengthIn)}${NO_BREAK}m`
}

/** One short fact a stage, and whether its work is done. */
function useFacts(): Facts {
  const derived = useJob((state) => state.derived)
  const job = useJob((state) => state.history.present)
  const building = job.building
  const system = useUnits()
  const levels = useLog((log) => log.levels)
  const read = readCount(job, derived.posts, levels)
  return useMemo(() => {
    const fails = (stage: string) => derived.checks.filter((check) => check.stage === stage && isFailing(check)).length
    const offIn = derived.square.ok ? derived.square.value.largestMoveIn : null
    return {
      site: {
        say: derived.missing.length
          ? `${derived.missing.length} to enter`
          : `${quantity(derived.site?.wind.qhPsf ?? 0, 'psf', { decimals: 0 })} wind`,
        done: derived.missing.length === 0,
        fails: 0,
      },
      building: {
        say: sizeWords(building, system),
        done: true,
        fails: 0,
      },
      strings: {
        say: squareWords(offIn, system),
        done: offIn !== null && offIn <= SQUARE_IN,
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
  }, [derived, read, system, building])
}

/** The sides and the peak of the stick, px. */
const [LEFT, RIGHT, PEAK] = [16, 50, 78]
/** Width of the column the pole stands in, px. */
const COLUMN = 148

/** Heights of the pole in its column, px from the top. */
interface PolePlaces {
  readonly high: number
  readonly ground: number
  readonly foot: number
  readonly stage: (i: number) => number
}

function polePlaces(high: number): PolePlaces {
  const ground = high - 132
  const low = ground - 34
  const step = Math.min(84, (low - PEAK - 56) / (ON_POLE.length - 1))
  return { high, ground, foot: high - 42, stage: (i) => low - i * step }
}

/** The stick with its grain; the stain has risen to `stainY`. */
function Stick({ foot, stainY }: { readonly foot: number; readonly stainY: number }) {
  const grain = useMemo(() => {
    const random = seeded(11)
    return Array.from({ length: 8 }, (_, i) => {
      let path = `M${LEFT + 3 + i * 4.2} ${foot}`
      for (let y = foot; y > PEAK - 40; y -= 62)
        path += `q${toTenth((random() - 0.5) * 5)} -31 ${toTenth((random() - 0.5) * 1.6)} -62`
      return { d: path, width: 0.5 + random() * 0.7, opacity: 0.28 + random() * 0.3 }
    })
  }, [foot])
  const outline = `M${LEFT} ${PEAK + 9}L33 ${PEAK}L${RIGHT} ${PEAK + 9}V${foot}H${LEFT}Z`
  return (
    <>
      <clipPath id="stick">
        <path d={outline} />
      </clipPath>
      <g clipPath="url(#stick)">
        <rect x={LEFT} y={PEAK} width={RIGHT - LEFT} height={foot - PEAK} fill="url(#wood)" />
        {grain.map((vein, i) => (
          <path key={i} d={vein.d} fill="none" stroke="#A97F46" strokeWidth={vein.width} opacity={vein.opacity} />
        ))}
        <path d={`M${LEFT} ${stainY + 3}l7 -5l8 4l9 -6l10 5V${foot}H${LEFT}Z`} fill="#5F3D13" opacity={0.56} />
      </g>
      <path d={outline} fill="none" stroke="var(--lumber-4)" strokeWidth={1.4} />
    </>
  )
}

/** A stage's line on the stick: the open one in wax, a done one with its foot, the others thin. */
function StageLine({
  i,
  y,
  open,
  done,
}: {
  readonly i: number
  readonly y: number
  readonly open: boolean
  readonly done: boolean
}) {
  const seed = i + 2
  if (open) return <polygon points={waxPoints({ x1: 6, y1: y, x2: 58, y2: y, width: 6, seed })} fill="var(--burr)" />
  if (!done) return <rect x={12} y={y} width={42} height={1.6} fill="var(--lumber-4)" />
  return (
    <g>
      <polygon points={waxPoints({ x1: 9, y1: y, x2: 55, y2: y, width: 4, seed })} fill="var(--ink)" />
      <path d={`M60 ${y - 5}L54 ${y}L60 ${y + 5}`} fill="none" stroke="var(--ink)" strokeWidth={2.4} />
    </g>
  )
}

/** The pole as drawn: a stick in its hole under a roof. */
function PoleDrawn({ places, facts }: { readonly places: PolePlaces; readonly facts: Facts }) {
  const stage = useJob((state) => state.stage)
  const { high, ground, foot } = places
  const firstOpen = ON_POLE.findIndex((stage) => !facts[stage].done)
  return (
    <svg width={COLUMN} height={high} className="position-absolute" aria-hidden style={{ left: 0, top: 0 }}>
      <Materials />
      <rect x={0} y={ground} width={COLUMN} height={high - ground} fill="url(#earth)" />
      <path
        d={`M-8 ${PEAK + 14}L33 ${PEAK - 1}L156 ${PEAK + 40}`}
        fill="none"
        stroke="var(--galv-3)"
        strokeWidth={3.5}
      />
      <rect x={4} y={ground} width={58} height={high - ground} fill="#EDE4D0" />
      <path d={`M4 ${ground}V${high}M62 ${ground}V${high}`} stroke="#A8966F" strokeDasharray="4 3" />
      <rect x={8} y={foot} width={50} height={20} fill="url(#galv)" stroke="var(--galv-4)" />
      <Stick foot={foot} stainY={places.stage((firstOpen < 0 ? ON_POLE.length : firstOpen) - 0.45)} />
      {ON_POLE.map((place, i) => (
        <StageLine key={place} i={i} y={places.stage(i)} open={place === stage} done={facts[place].done} />
      ))}
      <polygon
        points={waxPoints({ x1: -4, y1: ground, x2: COLUMN + 4, y2: ground, width: 4.5, seed: 3 })}
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
  )
}

/** What a stage has to say: how many checks fail, or its fact. */
function StageFact({ fact, open }: { readonly fact: Facts['site']; readonly open: boolean }) {
  if (!fact.fails) return <span>{fact.say}</span>
  return (
    <span className="fails">
      <FailSign size={12} fill={open ? '#fff' : 'var(--keel)'} ground={open ? 'var(--burr)' : '#fff'} />
      {fact.fails} fail{fact.fails > 1 ? '' : 's'}
    </span>
  )
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
  const places = polePlaces(size.height || 744)
  return (
    <nav ref={ref} className="polecol" aria-label="Stages, from the ground up">
      <PoleDrawn places={places} facts={facts} />
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
              style={{ top: places.stage(i) - 23 }}
              aria-current={place === stage ? 'page' : undefined}
              onClick={() => go(place)}
            >
              <b>{STAGE_NAMES[place]}</b>
              <StageFact fact={facts[place]} open={place === stage} />
            </button>
          </li>
        ))}
      </ol>
    </nav>
  )
}
