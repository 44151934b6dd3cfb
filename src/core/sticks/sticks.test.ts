import { deriveJob, jobSticks } from '../derive'
import type { Job } from '../model'
import { demo } from '../testing/demos'
import { randomJob } from '../testing/fuzz/randomJob'
import { geometryFaults } from '../testing/solids'
import { lumberList, isBought } from '../derive/lumberList'
import { cutGroups } from './cutList'
import { buyingOf } from './buy'
import { netLengthIn } from './make'
import { solidOf, volumeIn3 } from './solids'
import type { Sticks } from './sticks'

/** Buildings drawn by lot here; `npm run sticks` draws two hundred. */
const DRAWN = Number(process.env.BURDOCK_STICKS ?? 40)

/** The sticks of a job; null where it is no building. */
function sticksFor(job: Job): Sticks | null {
  const derived = deriveJob(job)
  return derived.ok ? jobSticks(job, derived.value) : null
}

/** Most by which the volume or the weight of a stick may miss that of its solid, as a share. */
const NEAR = 0.01

/** Sticks whose solid is not as much wood as they say. */
const volumeFaults = ({ sticks }: Sticks): string[] =>
  sticks
    .filter(({ outline }) => outline === null)
    .flatMap((stick) => {
      const solid = solidOf(stick).reduce((sum, piece) => sum + volumeIn3(piece), 0)
      const { widthIn, depthIn, weightPlf } = stick.board
      const own = netLengthIn(stick) * widthIn * depthIn
      const weighs = (solid / (widthIn * depthIn) / 12) * weightPlf
      const off = Math.max(Math.abs(solid - own) / own, Math.abs(weighs - stick.weightLb) / stick.weightLb)
      return off > NEAR ? [`${stick.id}: ${own} in³ and ${solid} in³`] : []
    })

/** What take-off and cut list count otherwise than the sticks. */
function countFaults(job: Job, made: Sticks): string[] {
  const bought = made.sticks.filter(isBought)
  const listed = lumberList(made.sticks, job.buying).reduce((sum, { count }) => sum + count, 0)
  const boards = bought.filter(({ board }) => board.size !== null)
  const cut = cutGroups(made.sticks, buyingOf(job)).flatMap(({ pieces }) => pieces)
  const counted = cut.reduce((sum, { count }) => sum + count, 0)
  const short = bought.filter(
    ({ buyLengthIn, cutLengthIn }) => buyLengthIn !== null && buyLengthIn < cutLengthIn + job.buying.spareIn - 1e-9,
  )
  return [
    ...(listed === bought.length ? [] : [`${listed} on the list of ${bought.length}`]),
    ...(counted === boards.length ? [] : [`${counted} in the cut list of ${boards.length}`]),
    ...short.map(({ id }) => `${id} is bought too short`),
    ...(new Set(made.sticks.map(({ id }) => id)).size === made.sticks.length ? [] : ['an id is there twice']),
  ]
}

const faultsOf = (job: Job, made: Sticks): string[] => [
  ...geometryFaults(made),
  ...volumeFaults(made),
  ...countFaults(job, made),
]

test.each(['quillback', 'tansy', 'marl'] as const)(
  '%s: ends touch what carries them, no stick goes into another, volumes and counts agree',
  (name) => {
    const { job } = demo(name)
    const made = sticksFor(job)
    expect(made && faultsOf(job, made)).toEqual([])
    expect(made?.sticks.length).toBeGreaterThan(150)
  },
)

test(
  'of buildings drawn by lot the same',
  () => {
    const found = Array.from({ length: DRAWN }, (_, seed) => {
      const job = randomJob(seed)
      const made = sticksFor(job)
      return made ? faultsOf(job, made).map((fault) => `${seed}: ${fault}`) : []
    })
    expect(found.flat()).toEqual([])
  },
  DRAWN * 3000,
)

// A clash that nobody declared, and an end in the air, are found: the test above can fail.
test('a stick moved by an inch is found', () => {
  const made = sticksFor(demo('quillback').job)
  if (!made) throw new Error('no sticks')
  const girt = made.sticks.find(({ kind, ends }) => kind === 'girt' && ends[0].on !== null && ends[1].on !== null)
  const moved = (byIn: number) =>
    made.sticks.map((stick) =>
      stick === girt
        ? {
            ...stick,
            at: {
              ...stick.at,
              from: [stick.at.from[0], stick.at.from[1] + byIn, stick.at.from[2]] as const,
              to: [stick.at.to[0], stick.at.to[1] + byIn, stick.at.to[2]] as const,
            },
          }
        : stick,
    )
  expect(geometryFaults({ ...made, sticks: moved(1) })).not.toEqual([])
  expect(geometryFaults({ ...made, sticks: moved(-1) })).not.toEqual([])
})
