'use client'
import { formatLength } from '@/core/units'
import { ChoiceField, FailSign, HoldSign, LengthField, Measure } from '@/ui'
import { Note, useSize } from '../drawing'
import { useMeasured } from '../field'
import { useDoc } from '../job'
import type { Issue } from '@/core/result'
import type { RefObject } from 'react'
import type { ShownDerived } from '@/formats/shown'
import type { StringRow } from '@/core/marks'

/** A string this near the ground catches on it, inches. */
const CLEAR_IN = 2

/** The strings across the building, over the ground. */
function StringsChart({
  ref,
  width,
  yAt,
  strings,
  xAt,
  rowGround,
  lo,
}: {
  readonly ref: RefObject<SVGSVGElement | null>
  readonly width: number
  readonly yAt: (heightIn: number) => number
  readonly strings: readonly StringRow[]
  readonly xAt: (y: number) => number
  readonly rowGround: (row: string) => readonly [number, number] | null
  readonly lo: number
}) {
  return (
    <svg ref={ref} width="100%" height={186} role="img" aria-label="Strings across the building, heights drawn large">
      <line x1={30} x2={width - 30} y1={yAt(0)} y2={yAt(0)} stroke="var(--grade)" strokeWidth={3} />
      <Note x={width - 28} anchor="end" y={yAt(0) + 18} size={12} fill="var(--grade-ink)" weight={650}>
        grade line
      </Note>
      {strings.length > 1 && (
        <path
          d={`M${[...strings]
            .sort((one, other) => one.yIn - other.yIn)
            .map((row) => `${xAt(row.yIn)} ${yAt(row.heightIn)}`)
            .join('L')}`}
          fill="none"
          stroke="var(--chalk)"
          strokeWidth={1.2}
          strokeDasharray="6 5"
        />
      )}
      {strings.map((row) => {
        const range = rowGround(row.row)
        return (
          <g key={row.row}>
            {range && (
              <line
                x1={xAt(row.yIn) - 16}
                x2={xAt(row.yIn) + 16}
                y1={yAt(range[1])}
                y2={yAt(range[1])}
                stroke="var(--lumber-4)"
                strokeWidth={4}
              />
            )}
            <line x1={xAt(row.yIn)} x2={xAt(row.yIn)} y1={yAt(row.heightIn)} y2={yAt(lo)} stroke="var(--galv-3)" />
            <circle cx={xAt(row.yIn)} cy={yAt(row.heightIn)} r={5} fill="var(--chalk)" />
            <Note
              x={xAt(row.yIn)}
              y={yAt(row.heightIn) - 10}
              size={13}
              weight={700}
              anchor="middle"
              fill="var(--chalk-ink)"
              halo="var(--paper)"
            >
              {formatLength(row.heightIn, { feet: false })}
            </Note>
            <Note x={xAt(row.yIn)} y={178} size={14} weight={750} anchor="middle">
              {row.row}
            </Note>
          </g>
        )
      })}
    </svg>
  )
}

/** The plane of the strings: its height and its drop from row to row. */
function PlaneFields({
  levels,
  put,
  done,
  derived,
}: {
  readonly levels: { heightIn: number; dropPerRowIn: number; from: 'south' | 'north' }
  readonly put: <K extends 'heightIn' | 'dropPerRowIn' | 'from'>(
    key: K,
    label: string,
  ) => (
    value: { heightIn: number; dropPerRowIn: number; from: 'south' | 'north' }[K],
    gesture?: string,
  ) => readonly Issue[]
  readonly done: () => void
  readonly derived: ShownDerived
}) {
  return (
    <div className="d-flex gap-3 flex-wrap">
      <span style={{ width: 270 }}>
        <LengthField
          label="First string at"
          name="stringHeight"
          value={levels.heightIn}
          onChange={put('heightIn', 'string height')}
          onDone={done}
        />
      </span>
      <span style={{ width: 220 }}>
        <LengthField
          label="Drop per row"
          name="stringDrop"
          value={levels.dropPerRowIn}
          onChange={put('dropPerRowIn', 'drop per row')}
          onDone={done}
        />
      </span>
      <span style={{ width: 230 }}>
        <ChoiceField
          label="First row"
          name="stringFrom"
          value={levels.from}
          choices={[
            { value: 'south', label: derived.wallNames.south },
            { value: 'north', label: derived.wallNames.north },
          ]}
          onChange={(side) => put('from', 'first row of strings')(side)}
        />
      </span>
    </div>
  )
}

/**
 * The made-up ground plane: one level string along each row, each next one lower by the drop, and every post's foot and
 * seat from its own string.
 */
export function LevelStrings() {
  const { job, derived, edit, done } = useDoc()
  const { strings, stringIn, asBuilt } = useMeasured(job, derived)
  const [ref, size] = useSize<SVGSVGElement>()
  const levels = job.fieldwork.strings
  const put =
    <K extends keyof typeof levels>(key: K, label: string) =>
    (value: (typeof levels)[K], gesture?: string) =>
      edit(
        label,
        (job) => ({ ...job, fieldwork: { ...job.fieldwork, strings: { ...job.fieldwork.strings, [key]: value } } }),
        gesture && `strings-${key}-${gesture}`,
      )
  const on = job.fieldwork.levelSchool === 'level-strings'
  // The ground under a post: from spot heights, or level at the grade line where none were taken.
  const under = (id: string): number => stringIn[id] - (derived.ground?.[id]?.groundIn ?? 0)
  const width = size.width || 760
  const [y0, y1] = [strings[0]?.yIn ?? 0, strings.at(-1)?.yIn ?? 1]
  const ys = strings.map((row) => row.yIn)
  const [lowY, highY] = [Math.min(...ys, y0), Math.max(...ys, y1)]
  const xAt = (y: number) => 60 + ((y - lowY) / Math.max(1, highY - lowY)) * (width - 120)
  const heights = [
    0,
    ...strings.map((row) => row.heightIn),
    ...derived.posts.map((post) => derived.ground?.[post.id]?.groundIn ?? 0),
  ]
  const [lo, hi] = [Math.min(...heights) - 6, Math.max(...heights) + 6]
  const yAt = (heightIn: number) => 24 + ((hi - heightIn) / (hi - lo)) * 120
  const rowGround = (row: string) => {
    const grounds = derived.posts
      .filter((post) => post.row === row)
      .map((post) => derived.ground?.[post.id]?.groundIn ?? 0)
    return grounds.length ? ([Math.min(...grounds), Math.max(...grounds)] as const) : null
  }
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <p className="note">
        A made-up ground plane: a level string along each row. Posts are measured down and up from their own string, not
        from the lumps.{' '}
        {on ? (
          'Cards are printed this way.'
        ) : (
          <>
            Cards are printed another way now.{' '}
            <button
              type="button"
              className="btn btn-light btn-sm"
              onClick={() =>
                edit('way of leveling', (job) => ({
                  ...job,
                  fieldwork: { ...job.fieldwork, levelSchool: 'level-strings' },
                }))
              }
            >
              Carry heights by level strings
            </button>
          </>
        )}
      </p>
      <PlaneFields levels={levels} put={put} done={done} derived={derived} />
      <StringsChart ref={ref} width={width} yAt={yAt} strings={strings} xAt={xAt} rowGround={rowGround} lo={lo} />
      <table className="tb" aria-label="Posts from their strings">
        <thead>
          <tr>
            <th>post</th>
            <th className="n">string above grade</th>
            <th className="n">string over ground</th>
            <th className="n">string to foot</th>
            <th className="n">string to seat</th>
            <th>string</th>
          </tr>
        </thead>
        <tbody>
          {derived.posts.map((post) => {
            const own = asBuilt.find((built) => built.id === post.id)
            const clear = under(post.id)
            const clearWords = () => {
              if (!derived.ground) return '–'
              if (clear < CLEAR_IN)
                return (
                  <>
                    <span className="d-inline-block me-1">
                      <FailSign size={12} />
                    </span>
                    {clear < 0 ? 'in the ground' : 'touches'}: raise it
                  </>
                )
              return (
                <>
                  <span className="d-inline-block me-1">
                    <HoldSign size={12} />
                  </span>
                  clear
                </>
              )
            }
            return (
              <tr key={post.id} className={derived.ground && clear < CLEAR_IN ? 'warn' : undefined}>
                <td>{post.id}</td>
                <td className="n">
                  <Measure inches={stringIn[post.id]} feet={false} />
                </td>
                <td className="n">{derived.ground ? <Measure inches={clear} feet={false} /> : '–'}</td>
                <td className="n">
                  <Measure inches={(own?.footToGradeIn ?? 0) + stringIn[post.id]} />
                </td>
                <td className="n">
                  <Measure inches={post.heightIn - stringIn[post.id]} />
                </td>
                <td>{clearWords()}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="note mt-1">
        A string sags: support it every 20 feet, pull it hard, and sight along it before measuring. Feet are{' '}
        {asBuilt.some((built) => built.measured)
          ? 'as read where they were read, planned otherwise'
          : 'as planned: none has been read'}
        . String heights are from the grade line.
        {derived.ground ? '' : ' Take spot heights under Site, Ground to see whether each string clears it.'}
      </p>
    </div>
  )
}
