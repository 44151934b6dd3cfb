import { deriveJob, jobSticks } from '../derive'
import type { Building } from '../model'
import { barnJob } from '../testing/barn'
import { expectNear } from '../testing/near'
import { postSize } from '../wood'
import { isPurlinBlock } from './purlinBlocks'
import { seatBlockId } from './seatBlock'

/** The sticks of the barn with some changes, and its posts. */
function made(change: Partial<Building>) {
  const job = barnJob(change)
  const derived = deriveJob(job)
  if (!derived.ok) throw new Error(JSON.stringify(derived.issues))
  return { job, posts: derived.value.posts, ...jobSticks(job, derived.value) }
}
const { building } = barnJob()
const truss = (part: Partial<Building['roof']['truss']>) => ({
  roof: { ...building.roof, truss: { ...building.roof.truss, ...part } },
})

// Twelve nails of 0.177 in. in two rows: 17 in.
test('a bearing block stands on the inner face of every post that carries a truss, but for the corners', () => {
  const { job, posts, sticks, joins } = made({
    ...truss({ set: 'posts', seat: 'pocket', blockNails: 12 }),
    joints: { ...building.joints, girt: { nail: 'ring-177', count: 4 } },
  })
  const eaves = posts.filter(({ kind, side }) => kind === 'eave' && (side === 'south' || side === 'north'))
  const blocks = sticks.filter(({ place }) => place.row === 'bearing blocks')
  expect(blocks.map(({ id }) => id).sort()).toEqual(eaves.map(seatBlockId).sort())
  const [post] = eaves
  const block = blocks.find(({ id }) => id === seatBlockId(post))
  const { depthIn } = postSize(job.building.post)
  // Its middle half its thickness in from the post, its top at the heel.
  expect(block?.at.to).toEqual([post.x, depthIn + 0.75, job.building.heelIn])
  expectNear(block?.cutLengthIn ?? 0, 17, 1e-9)
  expect(joins.filter(({ kind }) => kind === 'bearing block to post').map(({ count }) => count)).toEqual(
    eaves.map(() => 12),
  )
})
test('no block where a header ends: its boards stand there', () => {
  const seats = truss({ set: 'posts', seat: 'pocket', blockNails: 12 })
  const { posts, sticks } = made({ ...seats, bridged: ['south-line-3'] })
  const blocks = sticks.filter(({ place }) => place.row === 'bearing blocks').map(({ id }) => id)
  const eaves = posts.filter(({ kind, side }) => kind === 'eave' && (side === 'south' || side === 'north'))
  const ends = ['south-line-2', 'south-line-4']
  expect(blocks.sort()).toEqual(
    eaves
      .filter(({ id }) => !ends.includes(id))
      .map(seatBlockId)
      .sort(),
  )
})
test.each([{ blockNails: 0 }, { blockNails: 12, seat: 'face' as const }])('no block with %p', (part) =>
  expect(made(truss({ set: 'posts', ...part })).sticks.filter(({ place }) => place.row === 'bearing blocks')).toEqual(
    [],
  ),
)

test('two cleats are bolted to the foot of each post, one on each side of it', () => {
  const { posts, sticks, joins, job } = made({ school: 'pad', cleat: { widthIn: 7.5, lengthIn: 24 } })
  const cleats = sticks.filter(({ place }) => place.row === 'foot cleats')
  expect(cleats).toHaveLength(2 * posts.length)
  expect(new Set(cleats.map(({ cutLengthIn, board }) => `${cutLengthIn} ${board.treated}`))).toEqual(
    new Set(['24 true']),
  )
  const { widthIn } = postSize(job.building.post)
  const bolts = joins.filter(({ kind }) => kind === 'cleats to post')
  expect(bolts).toHaveLength(posts.length)
  // Through post and both cleats, an inch and a quarter for washers and nut, to the half inch above.
  expect(bolts[0].fastener).toMatchObject({ lengthIn: Math.ceil((widthIn + 3 + 1.25) * 2) / 2 })
  const wide = made({ school: 'pad', cleat: { widthIn: 10.5, lengthIn: 24 } })
  expect(wide.sticks.filter(({ place }) => place.row === 'foot cleats')).toHaveLength(4 * posts.length)
})

test('blocks between purlins fill what is free between two rows, at the middle of each space', () => {
  const purlins = { ...building.roof.purlins, style: 'over' as const, blocked: true }
  const { sticks } = made({ roof: { ...building.roof, purlins } })
  const blocks = sticks.filter(isPurlinBlock)
  const trusses = sticks.filter(({ kind }) => kind === 'truss').map(({ at }) => at.from[0])
  const rows = (side: string) =>
    new Set(sticks.filter(({ kind, place }) => kind === 'purlin' && place.side === side).map(({ place }) => place.row))
      .size
  expect(blocks).toHaveLength((trusses.length - 1) * (rows('south') + rows('north') - 2))
  const places = [...new Set(blocks.map(({ at }) => at.from[0]))].sort((one, other) => one - other)
  for (const [i, x] of places.entries()) expectNear(x, (trusses[i] + trusses[i + 1]) / 2, 1e-9)
  // From the upper face of one board to the lower face of the next.
  for (const { cutLengthIn } of blocks) expect(cutLengthIn).toBeLessThanOrEqual(purlins.spaceIn - 1.5 + 1e-9)
})
