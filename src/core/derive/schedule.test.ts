import { demo } from '../testing/demos'

// A post in a hole is as long as its long point and what stands in the ground; one on a bracket begins at the bracket.
test.each([
  ['quillback', false],
  ['tansy', true],
] as const)('%s: the length of every post of the schedule', (name, onPiers) => {
  const { job, d } = demo(name)
  expect(job.building.school === 'pier').toBe(onPiers)
  for (const row of d.schedule) {
    const hole = d.holes.find(({ kind }) => kind === row.kind)
    const want = onPiers ? row.topUpIn - job.building.bracketIn : row.topUpIn + (hole?.embedIn ?? 0)
    expect(row.totalIn).toBeCloseTo(want, 9)
    expect(row.embedIn).toBe(hole?.embedIn ?? 0)
  }
})
