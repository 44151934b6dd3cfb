'use client'
import { ChoiceField, FailSign, HoldSign, Length, LengthField, Measure } from '@/ui'
import { Note, useSize } from '../drawing'
import { useMeasured } from '../field'
import { useDoc } from '../job'
import type { Post } from '@/core/layout'
import type { ShownDerived } from '@/formats/shown'
import type { StringRow } from '@/core/marks'

/** A string this near the ground catches on it, inches. */
const CLEAR_IN = 2

const groundUnder = (derived: ShownDerived, post: Post): number => derived.ground?.[post.id]?.groundIn ?? 0

/** Highest ground under the posts of a row. */
function highestGroundIn(derived: ShownDerived, row: string): number | null {
  const grounds = derived.posts.filter((post) => post.row === row).map((post) => groundUnder(derived, post))
  return grounds.length > 0 ? Math.max(...grounds) : null
}

/** Places of the strings in their drawing: across the building, and up with heights drawn large, px. */
function stringPlaces(strings: readonly StringRow[], derived: ShownDerived, width: number) {
  const across = strings.map((row) => row.yIn)
  const [firstY, lastY] = across.length > 0 ? [Math.min(...across), Math.max(...across)] : [0, 1]
  const heights = [0, ...strings.map((row) => row.heightIn), ...derived.posts.map((post) => groundUnder(derived, post))]
  const [low, high] = [Math.min(...heights) - 6, Math.max(...heights) + 6]
  return {
    xAt: (yIn: number) => 60 + ((yIn - firstY) / Math.max(1, lastY - firstY)) * (width - 120),
    yAt: (heightIn: number) => 24 + ((high - heightIn) / (high - low)) * 120,
    low,
  }
}

/** One string over the ground of its row. */
function StringDrawn({
  row,
  x,
  yAt,
  low,
  groundIn,
  name,
}: {
  readonly name: string
  readonly row: StringRow
  readonly x: number
  readonly yAt: (heightIn: number) => number
  readonly low: number
  readonly groundIn: number | null
}) {
  const y = yAt(row.heightIn)
  return (
    <g>
      {groundIn !== null && (
        <line x1={x - 16} x2={x + 16} y1={yAt(groundIn)} y2={yAt(groundIn)} stroke="var(--lumber-4)" strokeWidth={4} />
      )}
      <line x1={x} x2={x} y1={y} y2={yAt(low)} stroke="var(--galv-3)" />
      <circle cx={x} cy={y} r={5} fill="var(--chalk)" />
      <Note x={x} y={y - 10} size={13} weight={700} anchor="middle" fill="var(--chalk-ink)" halo="var(--paper)">
        <Length inches={row.heightIn} feet={false} />
      </Note>
      <Note x={x} y={178} size={14} weight={750} anchor="middle">
        {name}
      </Note>
    </g>
  )
}

/** The strings across the building, over the ground. */
function StringsChart({ strings }: { readonly strings: readonly StringRow[] }) {
  const { derived } = useDoc()
  const [ref, size] = useSize<SVGSVGElement>()
  const width = size.width || 760
  const { xAt, yAt, low } = stringPlaces(strings, derived, width)
  const across = [...strings].sort((one, other) => one.yIn - other.yIn)
  return (
    <svg ref={ref} width="100%" height={186} role="img" aria-label="Strings across the building, heights drawn large">
      <line x1={30} x2={width - 30} y1={yAt(0)} y2={yAt(0)} stroke="var(--grade)" strokeWidth={3} />
      <Note x={width - 28} anchor="end" y={yAt(0) + 18} size={12} fill="var(--grade-ink)" weight={650}>
        grade line
      </Note>
      {across.length > 1 && (
        <path
          d={`M${across.map((row) => `${xAt(row.yIn)} ${yAt(row.heightIn)}`).join('L')}`}
          fill="none"
          stroke="var(--chalk)"
          strokeWidth={1.2}
          strokeDasharray="6 5"
        />
      )}
      {strings.map((row) => (
        <StringDrawn
          key={row.row}
          row={row}
          name={derived.rows[row.row]}
          x={xAt(row.yIn)}
          yAt={yAt}
          low={low}
          groundIn={highestGroundIn(derived, row.row)}
        />
      ))}
    </svg>
  )
}

/** The plane of the strings: its height and its drop from row to row. */
function PlaneFields() {
  const { job, derived, edit, done } = useDoc()
  const levels = job.fieldwork.strings
  const put =
    <K extends keyof typeof levels>(key: K, label: string) =>
    (value: (typeof levels)[K], gesture?: string) =>
      edit(
        label,
        (job) => ({ ...job, fieldwork: { ...job.fieldwork, strings: { ...job.fieldwork.strings, [key]: value } } }),
        gesture && `strings-${key}-${gesture}`,
      )
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

/** Whether a string clears the ground at a post. */
function ClearWords({ clearIn }: { readonly clearIn: number }) {
  const caught = clearIn < CLEAR_IN
  return (
    <>
      <span className="d-inline-block me-1">{caught ? <FailSign size={12} /> : <HoldSign size={12} />}</span>
      {caught ? `${clearIn < 0 ? 'in the ground' : 'touches'}: raise it` : 'clear'}
    </>
  )
}

/** One post from its own string. */
function StringPostRow({
  post,
  stringIn,
  footIn,
}: {
  readonly post: Post
  readonly stringIn: number
  readonly footIn: number
}) {
  const { derived } = useDoc()
  // The ground under a post: from spot heights, or level at the grade line where none were taken.
  const clearIn = stringIn - groundUnder(derived, post)
  const known = derived.ground !== null
  return (
    <tr className={known && clearIn < CLEAR_IN ? 'warn' : undefined}>
      <td>{post.name}</td>
      <td className="n">
        <Measure inches={stringIn} feet={false} />
      </td>
      <td className="n">{known ? <Measure inches={clearIn} feet={false} /> : '–'}</td>
      <td className="n">
        <Measure inches={footIn + stringIn} />
      </td>
      <td className="n">
        <Measure inches={post.heightIn - stringIn} />
      </td>
      <td>{known ? <ClearWords clearIn={clearIn} /> : '–'}</td>
    </tr>
  )
}

/** Whether cards are printed by level strings, and how to have them so. */
function CardsBy() {
  const { job, edit } = useDoc()
  if (job.fieldwork.levelSchool === 'level-strings') return 'Cards are printed this way.'
  return (
    <>
      Cards are printed another way now.{' '}
      <button
        type="button"
        className="btn btn-light btn-sm"
        onClick={() =>
          edit('way of leveling', (job) => ({ ...job, fieldwork: { ...job.fieldwork, levelSchool: 'level-strings' } }))
        }
      >
        Carry heights by level strings
      </button>
    </>
  )
}

/**
 * The made-up ground plane: one level string along each row, each next one lower by the drop, and every post's foot and
 * seat from its own string.
 */
export function LevelStrings() {
  const { job, derived } = useDoc()
  const { strings, stringIn, asBuilt } = useMeasured(job, derived)
  return (
    <div className="scroll" style={{ inset: '44px 0 0', padding: '6px 18px 20px' }}>
      <p className="note">
        A made-up ground plane: a level string along each row. Posts are measured down and up from their own string, not
        from the lumps. <CardsBy />
      </p>
      <PlaneFields />
      <StringsChart strings={strings} />
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
          {derived.posts.map((post) => (
            <StringPostRow
              key={post.id}
              post={post}
              stringIn={stringIn[post.id]}
              footIn={asBuilt.find((built) => built.id === post.id)?.footToGradeIn ?? 0}
            />
          ))}
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
