import { demo } from '@/core/testing/demos'
import { diffPaths, type Job } from '@/core/model'
import { changesInWords } from './changeText'

const { job } = demo('quillback')
const words = (change: (job: Job) => Job) => {
  const after = change(job)
  return changesInWords(diffPaths(job, after), after).map(({ what, before, after }) => `${what}: ${before} → ${after}`)
}
const building = (change: Partial<Job['building']>) => (job: Job) => ({
  ...job,
  building: { ...job.building, ...change },
})
const door = job.building.openings[0]

test.each<[string, (job: Job) => Job, readonly string[]]>([
  [
    'a length on the tape’s marks',
    building({ heelIn: 150.625 }),
    ['Heel above the grade line: 12′\u00a00″ → 12′\u00a06\u00a05/8″'],
  ],
  [
    'bays without the tail of a division',
    building({ bays: { mode: 'hand', spacingsIn: [71.99999999999996, 756 - 71.99999999999996] } }),
    ['mode: max → hand', 'Widest bay: 9′\u00a00″ → none', 'spacings: none → 6′\u00a00″, 57′\u00a00″'],
  ],
  [
    'a number',
    (job) => ({ ...job, site: { ...job.site, windMph: 120.00000001 } }),
    ['Basic wind speed V for the risk category: 115 → 120'],
  ],
  [
    'yes and no',
    (job) => ({ ...job, site: { ...job.site, slipperyRoof: !job.site.slipperyRoof } }),
    [`Unobstructed slippery roof surface: ${job.site.slipperyRoof ? 'yes → no' : 'no → yes'}`],
  ],
  [
    'an opening by its name',
    building({ openings: job.building.openings.map((each, i) => (i === 0 ? { ...each, widthIn: 60 } : each)) }),
    [`${door.name}: Rough opening width: 3′\u00a02″ → 5′\u00a00″`],
  ],
  [
    'an opening that was added, by its name, and one that was taken out, by what it is',
    building({ openings: [...job.building.openings.slice(1), { ...door, id: 'op-x7Fy_2', name: 'cat door' }] }),
    [`opening: ${door.name} → none`, 'opening: none → cat door'],
  ],
  [
    'a figure that is kept, by its title and what it is for',
    (job) => ({ ...job, figures: [{ id: 'V1St_GXR8', figure: 'stairs', given: { riseIn: 40 }, words: 'porch' }] }),
    ['figure kept with the job: none → Stairs: porch'],
  ],
  [
    'a grade of one’s own, and a thing in the way',
    (job) => ({
      ...job,
      ground: {
        ...job.ground,
        obstructions: [{ id: 'ob_X-9', kind: 'stump', xIn: 1, yIn: 1, radiusIn: 9, clearIn: 0, decided: '', why: '' }],
      },
    }),
    ['in the way: none → stump'],
  ],
  ['nothing of identities', building({ posts: [] }), []],
  ['nothing that reads alike', building({ heelIn: job.building.heelIn + 1e-9 }), []],
])('an edit in words: %s', (_, change, expected) => expect(words(change)).toEqual(expected))

test('no path of the schema is left in machine words: no dots, no units’ tails', () => {
  // Every value of the job changed at once: each is said, in words.
  const other = JSON.parse(JSON.stringify(job), (_, value: unknown) =>
    typeof value === 'number' ? value + 1 : value,
  ) as Job
  const said = changesInWords(diffPaths(job, other), other)
  expect(said.length).toBeGreaterThan(80)
  for (const { what, before, after } of said) {
    expect(what).not.toMatch(/\.\w|[a-z][A-Z]|_/)
    expect(`${before} ${after}`).not.toMatch(/\d\.\d{5,}|undefined|\[object|NaN/)
  }
})
