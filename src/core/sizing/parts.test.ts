import { deriveJob, planJob } from '../derive'
import type { Job } from '../model'
import { demo } from '../testing/demos'
import { partsOf, purlinWorst } from './parts'

// What the search takes as the ratio of a part is what the judge says of it: the two may not drift apart.
const { job: demoJob } = demo('tansy')
const job = (tieLb: number | null): Job => ({
  ...demoJob,
  building: { ...demoJob.building, leanTos: [], joints: { ...demoJob.building.joints, purlinTieLb: tieLb } },
})
const MEMBERS: readonly string[] = ['purlin']
const RULES: readonly string[] = ['strength', 'sag', 'tie']
function both(given: Job) {
  const [plan, derived] = [planJob(given), deriveJob(given)]
  if (!plan.ok || !derived.ok) throw new Error('demo')
  const parts = partsOf({ ...plan.value, job: given })
  const judged = derived.value.checks.filter(
    ({ key, state }) => MEMBERS.includes(key.member) && RULES.includes(key.rule) && state !== 'not-checked',
  )
  return {
    searched: parts && purlinWorst(parts, given.building),
    judged: Math.max(...judged.map(({ ratio }) => ratio ?? NaN)),
    rules: judged.map(({ key }) => key.rule),
  }
}
test.each([
  ['with a weak tie, which governs', 90],
  ['with a strong tie', 5000],
])('purlins %s: the search and the judge say the same', (_, tieLb) => {
  const { searched, judged, rules } = both(job(tieLb))
  expect(rules).toContain('tie')
  expect(searched).toBeCloseTo(judged, 9)
})

test('purlins of a lumber nobody has values for cannot be judged: there is no ratio, not a good one', () => {
  const given = job(5000)
  const unknown: Job = {
    ...given,
    building: {
      ...given.building,
      roof: { ...given.building.roof, purlins: { ...given.building.roof.purlins, lumber: 'own-none' as never } },
    },
  }
  const plan = planJob(unknown)
  const parts = plan.ok ? partsOf({ ...plan.value, job: unknown }) : null
  expect(parts && purlinWorst(parts, unknown.building)).toBeNull()
})
