import { deriveJob } from '.'
import { newLeanToParts, type Job } from '../model'
import { barnJob, opening } from '../testing/barn'
import { mirrorFaults } from '../testing/fuzz/faults'
import { mirrored } from '../testing/fuzz/mirror'

// Gable posts every 8 ft carry a wide building past the letter of its north eave row, where rows once shared names.
const FT = 12
const wide = (widthFt: number): Job =>
  barnJob({
    widthIn: widthFt * FT,
    gableMaxIn: 8 * FT,
    diaphragm: 'trusted',
    leanTos: [{ side: 'north', depthIn: 144, pitchPer12: 2, dropIn: 12, ...newLeanToParts() }],
    openings: [
      opening({
        id: 'op-1',
        kind: 'overhead',
        side: 'east',
        corner: 'SE',
        positionIn: 200,
        widthIn: 144,
        heightIn: 120,
      }),
      opening({
        id: 'op-2',
        kind: 'slider',
        side: 'south',
        corner: 'SW',
        positionIn: 260,
        widthIn: 120,
        heightIn: 108,
      }),
    ],
  })
const derived = (job: Job) => {
  const result = deriveJob(job)
  if (!result.ok) throw new Error(result.issues[0]?.code)
  return result.value
}

describe.each([64, 72, 80])('%d ft wide, gable posts every 8 ft, a lean-to and framed doors', (widthFt) => {
  const job = wide(widthFt)
  const own = derived(job)
  test('every post has a name and a demand of its own', () => {
    const names = Object.values(own.names)
    expect(new Set(names).size).toBe(names.length)
    expect(Object.keys(own.demands ?? {})).toHaveLength(own.posts.length)
    expect(Object.keys(own.postRatios)).toHaveLength(own.posts.length)
    const carded = own.cards.flatMap(({ posts }) => posts.map(({ id }) => id))
    expect([...carded].sort()).toEqual(own.posts.map(({ id }) => id).sort())
  })
  test.each(['north-south', 'east-west'] as const)('mirrored %s, every check is the same', (mirror) =>
    expect(mirrorFaults(job, own, mirror)).toEqual([]),
  )
  test('mirrored, each post uses as much of its strength where it stands now', () => {
    const other = derived(mirrored(job, 'north-south'))
    const { widthIn } = own.grid
    for (const post of own.posts) {
      const twin = other.posts.find(({ x, y }) => Math.hypot(x - post.x, y - (widthIn - post.y)) < 1e-6)
      expect([post.name, other.postRatios[twin?.id ?? ''] ?? null]).toEqual([
        post.name,
        own.postRatios[post.id] === null ? null : expect.closeTo(own.postRatios[post.id] ?? NaN, 9),
      ])
    }
  })
})
