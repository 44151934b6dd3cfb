'use client'
'use no memo'
import { type PointerEvent, useRef } from 'react'
import {
  feetAlone,
  IN_PER_FT,
  lengthEntry,
  MM_PER_IN,
  nearestMark,
  parseLength,
  TAPE_STEPS_IN,
  type UnitSystem,
} from '@/core/units'
import type { Picked } from './FieldInput'

/** An inch of the blade under the thumb, px, and how much of it is seen. */
const PX_PER_IN = 40
const SEEN_PX = 366
const HIGH_PX = 54

/** One key under the blade: what it says, and how far it moves. */
interface Nudge {
  readonly label: string
  readonly spoken: string
  readonly byIn: number
}

const nudge = (label: string, spoken: string, byIn: number): readonly [less: Nudge, more: Nudge] => [
  { label: `−${label}`, spoken: `${spoken} less`, byIn: -byIn },
  { label: `+${label}`, spoken: `${spoken} more`, byIn },
]

function nudgesOf(system: UnitSystem): readonly Nudge[] {
  const steps =
    system === 'us'
      ? [
          nudge('1′', 'a foot', IN_PER_FT),
          nudge('1″', 'an inch', 1),
          nudge('1/16', 'a sixteenth', TAPE_STEPS_IN.us.small),
        ]
      : [
          nudge('100', '100 millimeters', 100 / MM_PER_IN),
          nudge('10', '10 millimeters', 10 / MM_PER_IN),
          nudge('1', 'a millimeter', 1 / MM_PER_IN),
        ]
  // The largest outside, less on the left and more on the right.
  const less = steps.map(([down]) => down)
  const more = steps.map(([, up]) => up).reverse()
  return [...less, ...more]
}

/** How a mark of the blade is drawn: how long its tick is, and what stands beside it. */
interface Tick {
  readonly atIn: number
  readonly longPx: number
  readonly words: string
  readonly isFoot: boolean
}

/** How long the ticks of an inch are, from a whole one to its half. */
const TICKS_PX = [30, 7, 11, 7, 16, 7, 11, 7, 22] as const
const SIXTEENTHS = 16

/** Under its hook the blade counts down: some lengths lie to either side. */
const signed = (k: number, words: string): string => (k < 0 ? `−${words}` : words)

function sixteenth(k: number): Tick {
  const [whole, part] = [Math.abs(k), Math.abs(k) % SIXTEENTHS]
  const inches = whole / SIXTEENTHS
  const isFoot = whole % (SIXTEENTHS * IN_PER_FT) === 0
  const words = isFoot ? feetAlone(inches) : String(inches % IN_PER_FT)
  return {
    atIn: k / SIXTEENTHS,
    longPx: TICKS_PX[part > SIXTEENTHS / 2 ? SIXTEENTHS - part : part] ?? TICKS_PX[1],
    words: part === 0 ? signed(k, words) : '',
    isFoot,
  }
}

function millimeter(k: number): Tick {
  const short = k % 5 === 0 ? 16 : 8
  return {
    atIn: k / MM_PER_IN,
    longPx: k % 10 === 0 ? 30 : short,
    words: k % 20 === 0 ? signed(k, String(Math.abs(k))) : '',
    isFoot: false,
  }
}

/** Marks that are seen round a place. */
function ticksAround(atIn: number, system: UnitSystem): readonly Tick[] {
  const perIn = system === 'us' ? SIXTEENTHS : MM_PER_IN
  const halfIn = SEEN_PX / 2 / PX_PER_IN + 1
  const [from, to] = [Math.ceil((atIn - halfIn) * perIn), Math.floor((atIn + halfIn) * perIn)]
  return Array.from({ length: to - from + 1 }, (_tick, k) => k + from).map(system === 'us' ? sixteenth : millimeter)
}

/** The length that is picked, as a blade that slides under the thumb, with keys that nudge it. */
export function Blade({
  picked,
  system,
  onMove,
}: {
  readonly picked: Picked
  readonly system: UnitSystem
  readonly onMove: (text: string) => void
}) {
  const drag = useRef<{ readonly x: number; readonly atIn: number } | null>(null)
  const read = parseLength(picked.text, system)
  const atIn = read.ok ? read.value : 0
  const put = (nextIn: number) => {
    const markIn = nearestMark(nextIn, system)
    onMove(lengthEntry(markIn, system, Math.abs(markIn) >= 48))
  }
  const onPointerMove = (event: PointerEvent) => {
    if (drag.current) put(drag.current.atIn - (event.clientX - drag.current.x) / PX_PER_IN)
  }
  const place = (lengthIn: number) => Math.round((SEEN_PX / 2 + (lengthIn - atIn) * PX_PER_IN) * 10) / 10
  return (
    <section className="blade" aria-label="Nudge">
      <p>
        <b>{picked.label}</b>
        <span>slide the blade, or tap again for keys</span>
      </p>
      <svg
        viewBox={`0 0 ${SEEN_PX} ${HIGH_PX}`}
        aria-hidden
        onPointerDown={(event) => {
          event.preventDefault()
          event.currentTarget.setPointerCapture(event.pointerId)
          drag.current = { x: event.clientX, atIn }
        }}
        onPointerMove={onPointerMove}
        onPointerUp={() => (drag.current = null)}
        onPointerCancel={() => (drag.current = null)}
      >
        <rect width={SEEN_PX} height={HIGH_PX} className="steelband" />
        {ticksAround(atIn, system).map(({ atIn: markIn, longPx, words, isFoot }) => (
          <g key={markIn}>
            <path d={`M${place(markIn)} 0v${longPx}`} />
            {isFoot && <rect x={place(markIn) - 15} y={31} width={30} height={19} rx={2} />}
            {words !== '' && (
              <text x={place(markIn)} y={46} className={isFoot ? 'foot' : undefined}>
                {words}
              </text>
            )}
          </g>
        ))}
        <path className="pointer" d={`M${SEEN_PX / 2} 0V${HIGH_PX}M${SEEN_PX / 2 - 9} ${HIGH_PX}l9-16 9 16z`} />
      </svg>
      <div className="nudges">
        {nudgesOf(system).map(({ label, spoken, byIn }) => (
          // The field keeps its focus, so that the next nudge goes to the same length.
          <button
            key={label}
            type="button"
            aria-label={`${label}, ${spoken}`}
            onPointerDown={(event) => event.preventDefault()}
            onClick={() => put(atIn + byIn)}
          >
            {label}
          </button>
        ))}
      </div>
    </section>
  )
}
