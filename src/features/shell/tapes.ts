import { hookedMarks, purlinPlaces } from '@/core/layout'
import { toSixteenths } from '@/core/units'
import type { JobState } from '../job'

export interface TapeMark {
  readonly key: string
  readonly name: string
  readonly sub: string
  readonly atIn: number
  readonly colour: string
  readonly postId: string | null
  readonly rowId: string | null
}
/** What the tape at the bottom shows: one line, its hook, its marks in order. `aligned` is the plan's own scale when the line lies along it. */
export interface TapeModel {
  readonly title: string
  readonly hook: string
  readonly marks: readonly TapeMark[]
  readonly aligned: boolean
}

const CHALK = 'var(--chalk)'
type Source = Pick<JobState, 'stage' | 'picked' | 'derived' | 'history'>

function stringTape(s: Source): TapeModel | null {
  const { derived: d, picked, history } = s
  const line = d.strings.find((x) => x.id === picked.string) ?? d.strings[0]
  const { hook, hookPost } = history.present.strings
  const h = hookedMarks(line, hook, hookPost)
  const marks = h.marks
    .filter((m) => m.kind !== 'face' && m.kind !== 'edge')
    .map((m): TapeMark => ({
      key: m.key,
      name: m.name,
      sub: `${m.kind === 'jamb' ? 'jamb post' : m.kind === 'corner' ? 'corner post' : 'post'} centre, ${line.name}`,
      atIn: m.fromHookIn,
      colour: m.kind === 'jamb' ? 'var(--ink)' : CHALK,
      postId: m.postId,
      rowId: null,
    }))
    .sort((a, b) => a.atIn - b.atIn)
  return { title: line.name, hook: `hook: ${h.note}`, marks, aligned: h.originIn === 0 && line.from.y === line.to.y }
}

const POLE_COLOUR = {
  grade: 'var(--grade)',
  skirt: 'var(--ink)',
  girt: '#B97F00',
  sill: 'var(--ink)',
  head: 'var(--ink)',
  heel: 'var(--keel)',
  rafter: 'var(--keel)',
} as const

/** The selected post's marks from the foot of the post, with grade line and top. */
function postTape(s: Source): TapeModel | null {
  const { derived: d, picked } = s
  const id = picked.post ?? d.posts[0]?.id
  const row = d.schedule.find((r) => r.id === id)
  const marks = d.poles[id ?? '']
  if (!row || !marks) return null
  const foot = row.embedIn
  return {
    title: `post ${row.id}`,
    aligned: false,
    hook: foot > 0 ? `hook: foot of post ${row.id}` : `hook: grade line on post ${row.id}`,
    // A sill that a girt lands on is one mark on the tape, not two.
    marks: marks
      .filter(
        (m) =>
          (m.kind !== 'sill' && m.kind !== 'head') ||
          !marks.some((q) => q.kind === 'girt' && toSixteenths(q.upIn) === toSixteenths(m.upIn)),
      )
      .map((m) => ({
        key: m.key,
        name: m.kind === 'girt' ? m.key : m.name,
        sub: m.kind === 'girt' ? 'top edge of the girt' : `post ${row.id}`,
        atIn: m.upIn + foot,
        colour: POLE_COLOUR[m.kind],
        postId: null,
        rowId: m.kind === 'girt' ? m.key : null,
      })),
  }
}

/** Girt rows of the selected wall, up from the grade line. */
function wallTape(s: Source): TapeModel | null {
  const wall = s.derived.walls[s.picked.wall]
  const b = s.history.present.building
  const skirt: TapeMark[] =
    b.skirt.depthIn > 0
      ? [
          {
            key: 'skirt',
            name: 'skirt',
            sub: 'top of the skirt board',
            atIn: b.skirt.topIn,
            colour: 'var(--ink)',
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
      ...wall.rows.map((r) => ({
        key: r.id,
        name: r.landing === 'heel' ? `${r.id} heel` : r.landing ? `${r.id} ${r.landing}` : r.id,
        sub: `top edge, ${wall.name}`,
        atIn: r.topIn,
        colour: r.landing === 'heel' ? 'var(--keel)' : '#B97F00',
        postId: null,
        rowId: r.id,
      })),
    ],
  }
}

/** Purlin rows up the slope from the eave's edge. */
function roofTape(s: Source): TapeModel {
  const { derived: d, history } = s
  return {
    title: 'roof slope',
    aligned: false,
    hook: 'hook: eave edge of the slope. Low edge of each purlin',
    marks: purlinPlaces(history.present.building, d.grid).map((at, i) => ({
      key: `P${i + 1}`,
      name: `P${i + 1}`,
      sub: i === 0 ? 'first row' : 'low edge of the purlin',
      atIn: at,
      colour: 'var(--lumber-4)',
      postId: null,
      rowId: null,
    })),
  }
}

/** The tape of the stage that is open; null where no line is marked. */
export function tapeOf(s: Source): TapeModel | null {
  switch (s.stage) {
    case 'building':
    case 'strings':
      return stringTape(s)
    case 'holes':
    case 'posts':
      return postTape(s)
    case 'walls':
      return wallTape(s)
    case 'roof':
      return roofTape(s)
    default:
      return null
  }
}
