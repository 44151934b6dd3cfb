'use client'
import { NEGLIGIBLE, type UnitSystem } from '@/core/units'
import { measureWidth, SvgMeasure, toTenth, useUnits } from '@/ui'
import { memo, useCallback, useEffect, useMemo, useRef } from 'react'
import { CrowFoot, Note, useSize, Wax } from '../drawing'
import { useScheduleAsked } from '../field'
import { useJob } from '../job'
import { Case } from './TapeCase'
import { type TapeMark, type TapeModel, tapeOf } from './tapes'
import { TAPE_SCALES, type TapeScale } from './tapeScales'
import { BLADE_H, BLADE_Y, CASE } from './tapeSizes'

/**
 * The first row with room for what begins at `left`; the chosen mark finds one wherever it does not cover what the hook
 * is on.
 */
function rowFor(left: number, right: readonly number[], chosen: boolean, hookEnd: number): 0 | 1 | null {
  if (left > right[0]) return 0
  if (left <= hookEnd) return null
  return left > right[1] || chosen ? 1 : null
}

/** Puts values that would touch on a second row; a third is left to the case, which always shows the chosen one. */
function rowsOf(
  marks: readonly TapeMark[],
  at: (inches: number) => number,
  {
    chosen,
    system,
    hookEnd,
  }: { readonly chosen: string | null; readonly system: UnitSystem; readonly hookEnd: number },
): Map<string, { readonly row: 0 | 1 | null; readonly named: boolean }> {
  const out = new Map<string, { row: 0 | 1 | null; named: boolean }>()
  const right = [-1e9, -1e9]
  let nameRight = -1e9
  const order = [...marks].sort((one, other) => one.atIn - other.atIn)
  for (const mark of order) {
    const half = measureWidth(mark.atIn, 20, { system }) / 2 + 6
    const x = at(mark.atIn)
    const row = rowFor(x - half, right, mark.key === chosen, hookEnd)
    if (row !== null) right[row] = x + half
    const nameHalf = (mark.name.length * 7.6) / 2 + 3
    const named = x - nameHalf > nameRight || mark.key === chosen
    if (named) nameRight = x + nameHalf
    out.set(mark.key, { row, named })
  }
  return out
}

/** Where the words about the hook begin under the tape, and what each of their letters takes, px. */
const HOOK_PX = 14
const HOOK_LETTER_PX = 6.8

/** Ticks nearer than this would be a gray band, px. */
const LEAST_TICK_PX = 2.7
/** Least room of a number on the blade, and of each of its letters, px. */
const NUMBER_PX = 30
const LETTER_PX = 8.4

const Ticks = memo(function Ticks({
  zero,
  ppi,
  from,
  to,
  scale,
}: {
  readonly zero: number
  readonly ppi: number
  readonly from: number
  readonly to: number
  readonly scale: TapeScale
}) {
  const pxPerUnit = ppi * scale.unitIn
  const drawn = scale.ticks.filter(([every]) => every * pxPerUnit >= LEAST_TICK_PX)
  const shown = drawn.length > 0 ? drawn : scale.ticks.slice(0, 1)
  const step = shown.at(-1)?.[0] ?? 1
  let fine = ''
  let strong = ''
  for (let k = Math.ceil((from - zero) / pxPerUnit / step); zero + k * step * pxPerUnit < to; k++) {
    const units = k * step
    const kind = shown.findIndex(([every]) => Math.abs(units / every - Math.round(units / every)) < NEGLIGIBLE)
    const path = `M${toTenth(zero + units * pxPerUnit)} ${BLADE_Y}v${shown[Math.max(0, kind)][1]}`
    if (kind === 0) strong += path
    else fine += path
  }
  const longest = scale.number((to - zero) / pxPerUnit).length
  const room = Math.max(NUMBER_PX, (longest + 1) * LETTER_PX)
  const apart = scale.numbered.find((units) => units * pxPerUnit >= room) ?? scale.numbered.at(-1) ?? 1
  const labels: number[] = []
  for (
    let units = Math.ceil((from - zero) / pxPerUnit / apart) * apart;
    zero + units * pxPerUnit < to - 14;
    units += apart
  )
    if (units !== 0 && zero + units * pxPerUnit > from + 8) labels.push(units)
  return (
    <g>
      <path d={fine} stroke="var(--ink-2)" />
      <path d={strong} stroke="var(--ink)" strokeWidth={2} />
      {labels.map((units) => (
        <Note key={units} x={zero + units * pxPerUnit} y={BLADE_Y + BLADE_H - 4} size={13} weight={750} anchor="middle">
          {scale.number(units)}
        </Note>
      ))}
    </g>
  )
})

/** One running mark: its wax, its name above, its measure below or on the second row. */
const Mark = memo(function Mark({
  keyPart: k,
  name,
  atIn,
  x,
  color: own,
  on,
  row,
  named,
  onChoose,
}: {
  readonly keyPart: string
  readonly name: string
  readonly atIn: number
  readonly x: number
  readonly color: string
  readonly on: boolean
  readonly row: 0 | 1 | null
  readonly named: boolean
  readonly onChoose: (key: string) => void
}) {
  const color = on ? 'var(--burr)' : own
  const y = BLADE_Y + BLADE_H + (row === 1 ? 57 : 30)
  const wide = measureWidth(atIn, 20, { system: useUnits() })
  return (
    <g data-mark={k} onClick={() => onChoose(k)} style={{ cursor: 'pointer' }}>
      {on && <rect x={x - 11} y={BLADE_Y - 1} width={22} height={BLADE_H + 2} fill="var(--burr)" opacity={0.16} />}
      <Wax x1={x} y1={BLADE_Y - 2} x2={x} y2={BLADE_Y + 18} color={color} width={on ? 4.5 : 3.4} />
      {row === 0 && <path d={`M${x} ${BLADE_Y + BLADE_H + 1}v5`} stroke={color} strokeWidth={1.6} />}
      <CrowFoot x={x} y={BLADE_Y + 1} facing="down" size={9} color={color} />
      {named && (
        <Note
          x={x}
          y={BLADE_Y - 12}
          size={13.5}
          weight={700}
          anchor="middle"
          fill={on ? 'var(--burr-deep)' : 'var(--ink)'}
          halo="var(--paper-deep)"
        >
          {name}
        </Note>
      )}
      {row !== null && (
        <>
          {on && <rect x={x - wide / 2 - 6} y={y - 21} width={wide + 11} height={27} rx={3} fill="var(--burr)" />}
          <SvgMeasure
            x={x}
            y={y}
            inches={atIn}
            size={20}
            anchor="middle"
            weight={700}
            fill={on ? '#fff' : 'var(--ink)'}
            ground={on ? undefined : 'var(--paper-deep)'}
          />
        </>
      )}
    </g>
  )
})

/** The tape runs so far at least: in a narrow window it is cut off, and its marks are stepped through. */
const LEAST_RUN_PX = 160

/** Where the tape's own scale puts an inch, px; drawn along with the plan where the two lie over each other. */
function useTapeScale(
  model: TapeModel,
  end: number,
): { readonly pxPerIn: number; readonly zero: number; readonly low: number } {
  const plan = useJob((state) => state.plan)
  const low = Math.min(0, ...model.marks.map((mark) => mark.atIn))
  if (model.aligned && plan) return { pxPerIn: plan.pxPerIn, zero: plan.zeroPx, low }
  const high = Math.max(12, ...model.marks.map((mark) => mark.atIn))
  const pxPerIn = Math.max(LEAST_RUN_PX, end - 110) / (high - low)
  return { pxPerIn, zero: 52 - low * pxPerIn, low }
}

/** Chooses a mark by its key, and steps from the chosen one; both stay the same functions through edits. */
function useChoice(marks: readonly TapeMark[], chosen: string | undefined) {
  const pick = useJob((state) => state.pick)
  // The list as it is when a mark is chosen, not as it was when the handler was made.
  const latest = useRef({ marks, chosen })
  useEffect(() => {
    latest.current = { marks, chosen }
  })
  const choose = useCallback(
    (key: string | undefined) => {
      const mark = latest.current.marks.find((mark) => mark.key === key)
      if (mark)
        pick({
          mark: mark.key,
          ...(mark.postId ? { post: mark.postId } : {}),
          ...(mark.rowId ? { row: mark.rowId } : {}),
        })
    },
    [pick],
  )
  const step = useCallback(
    (by: number) => {
      const { marks: now, chosen: on } = latest.current
      const i = now.findIndex((mark) => mark.key === on)
      choose(now[(i + by + now.length) % now.length]?.key)
    },
    [choose],
  )
  return { choose, step }
}

/** The steel of the tape, with its hook; a tape that also runs back from its zero has a pin there instead. */
function Blade({
  zero,
  from,
  end,
  hooked,
}: {
  readonly zero: number
  readonly from: number
  readonly end: number
  readonly hooked: boolean
}) {
  const wide = Math.max(0, end + 14 - from)
  return (
    <>
      <defs>
        <linearGradient id="blade" x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stopColor="#F3EFE3" />
          <stop offset=".28" stopColor="#FFFEFA" />
          <stop offset=".75" stopColor="#F7F3E7" />
          <stop offset="1" stopColor="#DFD7C4" />
        </linearGradient>
        <linearGradient id="galv-tape" x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stopColor="#DFE4E3" />
          <stop offset="1" stopColor="#9CA8AA" />
        </linearGradient>
      </defs>
      <rect x={from} y={BLADE_Y + 3} width={wide} height={BLADE_H} fill="#8F8468" opacity={0.28} />
      <rect x={from} y={BLADE_Y} width={wide} height={BLADE_H} fill="url(#blade)" />
      <path
        d={`M${from} ${BLADE_Y}H${end + 14}M${from} ${BLADE_Y + BLADE_H}H${end + 14}`}
        stroke="var(--ink)"
        strokeWidth={1.3}
      />
      {hooked ? (
        <g>
          <path
            d={`M${zero - 9} ${BLADE_Y - 5}h6.5v${BLADE_H + 1}h24v9h-30.5Z`}
            fill="url(#galv-tape)"
            stroke="var(--galv-4)"
            strokeWidth={1.2}
          />
          <rect x={zero - 2.5} y={BLADE_Y - 5} width={2.5} height={BLADE_H + 2} fill="var(--galv-3)" />
        </g>
      ) : (
        <g>
          <circle cx={zero} cy={BLADE_Y + BLADE_H / 2} r={7} fill="none" stroke="var(--ink)" strokeWidth={2} />
          <path d={`M${zero} ${BLADE_Y - 4}v${BLADE_H + 8}`} stroke="var(--ink)" strokeWidth={1.5} />
        </g>
      )}
    </>
  )
}

/** The tape: running marks of the selected line from its hook. Arrow keys step from mark to mark. */
export function TapeBar({ model }: { readonly model: TapeModel }) {
  const picked = useJob((state) => state.picked.mark)
  const system = useUnits()
  const scale = TAPE_SCALES[system]
  const [ref, size] = useSize<HTMLElement>()
  const width = size.width || 1130
  const end = width - CASE
  const { marks } = model
  const { pxPerIn, zero, low } = useTapeScale(model, end)
  const xAt = (inches: number) => zero + inches * pxPerIn
  const chosen = marks.find((mark) => mark.key === picked) ?? marks[0]
  const { choose, step } = useChoice(marks, chosen?.key)
  const next = useCallback(() => step(1), [step])
  const hookEnd = HOOK_PX + model.hook.length * HOOK_LETTER_PX
  const rows = useMemo(
    () => rowsOf(marks, (inches) => zero + inches * pxPerIn, { chosen: chosen?.key ?? null, system, hookEnd }),
    [marks, zero, pxPerIn, chosen?.key, system, hookEnd],
  )
  const from = low < 0 ? 0 : Math.max(0, zero)
  return (
    <section ref={ref} className="tapebar" aria-label={`Tape, ${model.title}`}>
      <svg width={width} height={140} viewBox={`0 0 ${width} 140`}>
        <defs>
          <clipPath id="tape-clip">
            <rect x={0} y={0} width={end + 6} height={140} />
          </clipPath>
        </defs>
        <g clipPath="url(#tape-clip)">
          <Blade zero={zero} from={from} end={end} hooked={low >= 0} />
          <Ticks zero={zero} ppi={pxPerIn} from={from} to={end} scale={scale} />
          {marks
            .filter((mark) => rows.get(mark.key)?.row === 1)
            .map((mark) => (
              <path
                key={mark.key}
                d={`M${xAt(mark.atIn)} ${BLADE_Y + 18}V${BLADE_Y + BLADE_H + 35}`}
                stroke={mark.key === chosen?.key ? 'var(--burr)' : mark.color}
                strokeWidth={1.6}
              />
            ))}
          {marks
            .filter((mark) => xAt(mark.atIn) >= -60 && xAt(mark.atIn) <= end + 60)
            .map((mark) => (
              <Mark
                key={mark.key}
                keyPart={mark.key}
                name={mark.name}
                atIn={mark.atIn}
                x={xAt(mark.atIn)}
                color={mark.color}
                on={mark.key === chosen?.key}
                row={rows.get(mark.key)?.row ?? null}
                named={rows.get(mark.key)?.named ?? false}
                onChoose={choose}
              />
            ))}
        </g>
        <Note x={HOOK_PX} y={132} size={12.5} fill="var(--ink-2)" halo="var(--paper-deep)">
          {model.hook}
        </Note>
        <Case
          x={end}
          name={chosen?.name}
          sub={chosen?.sub ?? ''}
          atIn={chosen?.atIn ?? 0}
          onNext={next}
          height={140}
          scale={scale}
        />
      </svg>
      <TapeKeys onStep={step} />
    </section>
  )
}

function TapeKeys({ onStep }: { readonly onStep: (by: number) => void }) {
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement
      if (
        event.defaultPrevented ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        target.closest('input, select, textarea, [data-post], [data-opening], [role=dialog], .dropdown-menu')
      )
        return
      if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
        event.preventDefault()
        onStep(event.key === 'ArrowRight' ? 1 : -1)
      }
    }
    window.addEventListener('keydown', key)
    return () => window.removeEventListener('keydown', key)
  }, [onStep])
  return null
}

/** The tape of the open stage, or nothing. */
export function useTape(): TapeModel | null {
  const stage = useJob((state) => state.stage)
  const picked = useJob((state) => state.picked)
  const derived = useJob((state) => state.derived)
  const history = useJob((state) => state.history)
  const schedule = useScheduleAsked(history.present, derived)
  return useMemo(
    () => tapeOf({ stage, picked, derived, history, schedule }),
    [stage, picked, derived, history, schedule],
  )
}
