import type { ScheduleRowAsRead } from '@/core/derive'
import { hookedMarks } from '@/core/layout'
import type { PoleMark } from '@/core/marks'
import { toSixteenths } from '@/core/units'
import type { JobState } from '../job'

export interface TapeMark {
  readonly key: string
  readonly name: string
  readonly sub: string
  readonly atIn: number
  readonly color: string
  readonly postId: string | null
  readonly rowId: string | null
}

/**
 * What the tape at the bottom shows: one line, its hook, its marks in order. `aligned` is the plan's own scale when the
 * line lies along it.
 */
export interface TapeModel {
  readonly title: string
  readonly hook: string
  readonly marks: readonly TapeMark[]
  readonly aligned: boolean
}

const CHALK = 'var(--chalk)'
type Source = Pick<JobState, 'stage' | 'picked' | 'derived' | 'history'> & {
  /** The posts with what was read at their feet, asked for by the tape of a post alone. */
  readonly schedule: () => readonly ScheduleRowAsRead[]
}

function stringTape(source: Source): TapeModel | null {
  const { derived, picked, history } = source
  const line = derived.strings.find((stringLine) => stringLine.id === picked.string) ?? derived.strings[0]
  const { hook, hookPost } = history.present.strings
  const run = hookedMarks(line, hook, hookPost)
  const marks = run.marks
    .filter((mark) => mark.kind !== 'face' && mark.kind !== 'edge')
    .map((mark): TapeMark => {
      const postWords = () => {
        if (mark.kind === 'jamb') return 'jamb post'
        if (mark.kind === 'corner') return 'corner post'
        return 'post'
      }
      return {
        key: mark.key,
        name: mark.name,
        sub: `${postWords()} center, ${line.name}`,
        atIn: mark.fromHookIn,
        color: mark.kind === 'jamb' ? 'var(--ink)' : CHALK,
        postId: mark.postId,
        rowId: null,
      }
    })
    .sort((one, other) => one.atIn - other.atIn)
  return {
    title: line.name,
    hook: `hook: ${run.note}`,
    marks,
    aligned: run.originIn === 0 && line.from.y === line.to.y,
  }
}

const POLE_COLOR = {
  grade: 'var(--grade)',
  skirt: 'var(--ink)',
  girt: '#B97F00',
  sill: 'var(--ink)',
  head: 'var(--ink)',
  heel: 'var(--keel)',
  rafter: 'var(--keel)',
} as const

/** A mark in few letters: a girt by its row, on a corner post with the wall that it is for. */
function nameOf({ row, name, face }: PoleMark, wallNames: Source['derived']['wallNames']): string {
  const short = row ?? name
  return face === null ? short : `${short} ${wallNames[face].charAt(0)}`
}

/** The selected post's marks from the foot of the post, with grade line and top. */
function postTape(source: Source): TapeModel | null {
  const { derived, picked, schedule } = source
  const id = picked.post ?? derived.posts[0]?.id
  const row = schedule().find((row) => row.id === id)
  const marks = derived.poles[id ?? '']
  if (!row || !marks) return null
  const foot = row.embedIn
  return {
    title: `post ${row.name}`,
    aligned: false,
    hook:
      foot > 0
        ? `hook: foot of post ${row.name}${row.footRead ? ' as read' : ''}`
        : `hook: grade line on post ${row.name}`,
    // A sill that a girt lands on is one mark on the tape, not two.
    marks: marks
      .filter(
        (mark) =>
          (mark.kind !== 'sill' && mark.kind !== 'head') ||
          !marks.some(
            (poleMark) => poleMark.kind === 'girt' && toSixteenths(poleMark.upIn) === toSixteenths(mark.upIn),
          ),
      )
      .map((mark) => ({
        key: mark.key,
        name: nameOf(mark, derived.wallNames),
        sub: mark.kind === 'girt' ? 'top edge of the girt' : `post ${row.name}`,
        atIn: mark.upIn + foot,
        color: POLE_COLOR[mark.kind],
        postId: null,
        rowId: mark.row ?? null,
      })),
  }
}

/** Girt rows of the selected wall, up from the grade line. */
function wallTape(source: Source): TapeModel | null {
  const wall = source.derived.walls[source.picked.wall]
  const building = source.history.present.building
  const skirt: TapeMark[] =
    building.skirt.depthIn > 0
      ? [
          {
            key: 'skirt',
            name: 'skirt',
            sub: 'top of the skirt board',
            atIn: building.skirt.topIn,
            color: 'var(--ink)',
            postId: null,
            rowId: null,
          },
        ]
      : []
  return {
    title: wall.name,
    aligned: false,
    hook: 'hook: grade line on the post, reading up',
    marks: [
      ...skirt,
      ...wall.rows.map((row) => {
        const rowName = () => {
          if (row.landing === 'heel') return `${row.id} heel`
          if (row.landing) return `${row.id} ${row.landing}`
          return row.id
        }
        return {
          key: row.id,
          name: rowName(),
          sub: `top edge, ${wall.name}`,
          atIn: row.topIn,
          color: row.landing === 'heel' ? 'var(--keel)' : '#B97F00',
          postId: null,
          rowId: row.id,
        }
      }),
    ],
  }
}

/** Purlin rows up the slope from the eave's edge. */
function roofTape(source: Source): TapeModel {
  const { derived } = source
  return {
    title: 'roof slope',
    aligned: false,
    hook: 'hook: eave edge of the slope. Low edge of each purlin',
    marks: derived.slopes.south.placesIn.map((at, i) => ({
      key: `P${i + 1}`,
      name: `P${i + 1}`,
      sub: i === 0 ? 'first row' : 'low edge of the purlin',
      atIn: at,
      color: 'var(--lumber-4)',
      postId: null,
      rowId: null,
    })),
  }
}

/** The tape of the stage that is open; null where no line is marked. */
export function tapeOf(source: Source): TapeModel | null {
  switch (source.stage) {
    case 'building':
    case 'strings':
      return stringTape(source)
    case 'holes':
    case 'posts':
      return postTape(source)
    case 'walls':
      return wallTape(source)
    case 'roof':
      return roofTape(source)
    default:
      return null
  }
}
