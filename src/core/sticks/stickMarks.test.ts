import { deriveJob, jobSticks } from '../derive'
import { girtFaceOnIn } from '../layout'
import type { Job, Side } from '../model'
import { demo } from '../testing/demos'
import { randomJob } from '../testing/fuzz/randomJob'
import { type Stick, type Sticks, stickMarks } from '.'
import { lengthOf, minus, plus, times, unit, type Vector } from '../geometry'
import { HALF_MARK_IN } from '../units'

/** Buildings drawn by lot here; `npm run sticks` draws two hundred. */
const DRAWN = Number(process.env.BURDOCK_STICKS ?? 40)

interface Made {
  readonly made: Sticks
  readonly poles: Readonly<Record<string, readonly { readonly key: string; readonly upIn: number }[]>>
  readonly job: Job
}
function madeOf(job: Job): Made | null {
  const derived = deriveJob(job)
  return derived.ok ? { made: jobSticks(job, derived.value), poles: derived.value.poles, job } : null
}
function demoMade(name: 'quillback' | 'tansy' | 'marl'): Made {
  const made = madeOf(demo(name).job)
  if (!made) throw new Error(name)
  return made
}

/** A stick, or all the sticks of a post, a truss, a row or a beam. */
function namedIn({ sticks }: Sticks): (name: string) => readonly Stick[] {
  const all = new Map<string, Stick[]>()
  for (const stick of sticks)
    for (const name of new Set([stick.id, stick.of ?? stick.id])) all.set(name, [...(all.get(name) ?? []), stick])
  return (name) => all.get(name) ?? []
}

const placeOf = ({ at }: Stick, atIn: number): Vector => plus(at.from, times(unit(minus(at.to, at.from)), atIn))
/** How far the middle of a stick lies from its farthest edge, inches. */
const halfOf = ({ board }: Stick): number => Math.hypot(board.depthIn, board.widthIn) / 2

/** The outermost of four plies lies so far from the post that they are bolted to, inches. */
const APART_IN = 6

/** Joins whose mark stands on one of two only, or not where the two meet. */
function markFaults({ made }: Made): string[] {
  const marks = stickMarks(made)
  const named = namedIn(made)
  const joined = made.joins.filter(({ stick, to, fastener }) => stick !== to && fastener.by !== 'strap')
  return joined.flatMap(({ stick, to, kind }): string[] => {
    const name = `${kind}: ${stick} and ${to}`
    const own = named(stick).filter(({ id }) => marks.get(id)?.some(({ meets }) => meets === to))
    const other = named(to).filter(({ id }) => marks.get(id)?.some(({ meets }) => meets === stick))
    if (own.length === 0 || other.length === 0) return [`${name}: marked on one of them only`]
    // Across its height a truss is met anywhere between its chords.
    const flat = [...own, ...other].some((each) => each.kind === 'truss')
    const places = (each: Stick, meets: string) =>
      (marks.get(each.id) ?? []).filter((mark) => mark.meets === meets).map(({ atIn }) => placeOf(each, atIn))
    const apart = own.flatMap((one) =>
      other.flatMap((two) =>
        places(one, to).flatMap((a) =>
          places(two, stick).map((b) => {
            const [x, y, z] = minus(a, b)
            return lengthOf([x, y, flat ? 0 : z]) - halfOf(one) - halfOf(two)
          }),
        ),
      ),
    )
    return Math.min(...apart) > APART_IN ? [`${name}: ${Math.min(...apart)} in. apart`] : []
  })
}

/** Sticks that nothing holds: neither by themselves nor with the post, row or beam that they are of. */
function unheld({ made }: Made): string[] {
  const settled = made.overlaps.filter(({ kind }) => kind === 'below the brackets').flatMap(({ sticks }) => sticks)
  const held = new Set([...made.joins.flatMap(({ stick, to }) => [stick, to]), ...settled])
  return made.sticks
    .filter(({ id, of }) => !held.has(id) && !held.has(of ?? ''))
    .map(({ id, ends }) => `${id} on ${ends.map(({ on }) => on).join(', ')}`)
}

/** Joins that name what is not there. */
function strangers({ made }: Made): string[] {
  const named = namedIn(made)
  return made.joins
    .filter(({ fastener }) => fastener.by !== 'strap')
    .flatMap(({ kind, stick, to }) =>
      [stick, to].filter((name) => named(name).length === 0).map((name) => `${kind}: ${name}`),
    )
}

/** Girts that are nailed to a post where its card has no mark, though the post is that high. */
function unmarked({ made, poles, job }: Made): string[] {
  const { building, fieldwork } = job
  const faces = new Map(
    made.sticks.map(({ id, place }) => [id, girtFaceOnIn(building, (place.side ?? 'south') as Side)]),
  )
  return made.joins
    .filter(({ kind }) => kind === 'girt to post')
    .flatMap(({ stick, to, upIn }) => {
      const markIn = (upIn ?? 0) - (fieldwork.boardEdge === 'bottom' ? (faces.get(stick) ?? 0) : 0)
      const pole = poles[to] ?? []
      const isHigh = pole.every(({ key, upIn: topIn }) => key !== 'top' || topIn > (upIn ?? 0))
      const isMarked = pole.some((mark) => [markIn, upIn ?? 0].some((at) => Math.abs(mark.upIn - at) < HALF_MARK_IN))
      return isMarked || !isHigh ? [] : [`${stick} on ${to} at ${markIn}`]
    })
}

const faultsOf = (made: Made): string[] => [...markFaults(made), ...unheld(made), ...strangers(made), ...unmarked(made)]

test.each(['quillback', 'tansy', 'marl'] as const)(
  '%s: everything is held, and each joint is marked on both that meet in it, where they meet',
  (name) => expect(faultsOf(demoMade(name))).toEqual([]),
)
test(
  'of buildings drawn by lot the same',
  () => {
    const found = Array.from({ length: DRAWN }, (_, seed) => {
      const made = madeOf(randomJob(seed))
      return made ? faultsOf(made).map((fault) => `${seed}: ${fault}`) : []
    })
    expect(found.flat()).toEqual([])
  },
  DRAWN * 3000,
)

test('a joint that is moved a foot along its stick is found', () => {
  const all = demoMade('tansy')
  const moved = all.made.joins.map((join) => (join.kind === 'skirt to post' ? { ...join, atIn: join.atIn + 24 } : join))
  expect(markFaults({ ...all, made: { ...all.made, joins: moved } })).not.toEqual([])
})
